package app.misura.web.order.page;

import app.misura.core.length.Unit;
import app.misura.web.id.Texts;
import app.misura.web.order.GarmentOrder;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.time.Period;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.NullUnmarked;
import org.jspecify.annotations.Nullable;
import org.springframework.validation.BindingResult;

/** What is typed of a new order. */
@NullUnmarked
class OrderFormData {
    private String client = "";

    /** What was typed to find the client by. */
    private String find = "";

    @NotBlank(message = "An order has a title: say what it is.")
    @Size(max = 120, message = "A title has at most 120 characters.")
    @Pattern(regexp = Texts.ONE_LINE, message = "A title is one line, without signs that turn its direction.")
    private String title = "";

    @NotNull
    private String form = "";

    @NotNull
    @Pattern(regexp = "cm|in|", message = "Say cm or in.")
    private String unit = "";

    private String neededOn = "";

    @Size(max = 4000, message = "Notes have at most 4000 characters.")
    private String notes = "";

    /** Of which version of an order this is a change. */
    private long version;

    /** The form of a garment that is ordered with it; empty for none. */
    private String with = "";

    /** Whether what is known of the client is taken over. */
    private boolean known = true;

    private Map<String, String> options = new LinkedHashMap<>();

    /** An order as it is, to be changed. */
    static OrderFormData of(GarmentOrder order) {
        OrderFormData data = new OrderFormData();
        data.client = order.client().id();
        data.title = order.title();
        data.form = order.form().id();
        data.unit = order.form().unit().symbol();
        data.neededOn = order.neededOn() == null ? "" : order.neededOn().toString();
        data.notes = order.about().notes();
        data.version = order.version();
        data.options = new LinkedHashMap<>(order.answers());
        return data;
    }

    /** A day that was ordered for may be past by so much, and lie ahead by so much. */
    private static final Period LATEST = Period.ofYears(10);

    private static final Period EARLIEST = Period.ofYears(1);

    /** Says what is wrong of the day, if something is. */
    void checkDay(BindingResult faults, Clock clock) {
        LocalDate today = LocalDate.now(clock);
        try {
            LocalDate day = day();
            if (day != null && (day.isBefore(today.minus(EARLIEST)) || day.isAfter(today.plus(LATEST)))) {
                faults.rejectValue(
                        "neededOn",
                        "date",
                        "The year " + day.getYear()
                                + " is too far away: a needed day lies between a year ago and ten years on,"
                                + " such as " + today + ".");
            }
        } catch (DateTimeParseException e) {
            faults.rejectValue(
                    "neededOn", "date", "Say a day as year-month-day, such as " + LocalDate.now(clock) + ".");
        }
    }

    /** The tape that was chosen; what it is already where the page does not ask. */
    Unit unitOr(Unit now) {
        return unit.isBlank() ? now : Unit.parse(unit);
    }

    @Nullable
    LocalDate day() {
        return neededOn.isBlank() ? null : LocalDate.parse(neededOn.strip());
    }

    public String getNotes() {
        return notes;
    }

    public void setNotes(String notes) {
        this.notes = notes;
    }

    public long getVersion() {
        return version;
    }

    public void setVersion(long version) {
        this.version = version;
    }

    public String getClient() {
        return client;
    }

    public void setClient(String client) {
        this.client = client;
    }

    public String getFind() {
        return find;
    }

    public void setFind(String find) {
        this.find = find;
    }

    public String getTitle() {
        return title;
    }

    public void setTitle(String title) {
        this.title = title;
    }

    public String getForm() {
        return form;
    }

    public void setForm(String form) {
        this.form = form;
    }

    public String getUnit() {
        return unit;
    }

    public void setUnit(String unit) {
        this.unit = unit;
    }

    public String getNeededOn() {
        return neededOn;
    }

    public void setNeededOn(String neededOn) {
        this.neededOn = neededOn;
    }

    public String getWith() {
        return with;
    }

    public void setWith(String with) {
        this.with = with;
    }

    public boolean isKnown() {
        return known;
    }

    public void setKnown(boolean known) {
        this.known = known;
    }

    public Map<String, String> getOptions() {
        return options;
    }

    public void setOptions(Map<String, String> options) {
        this.options = options;
    }
}
