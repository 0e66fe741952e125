package app.misura.web.client.page;

import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Differs;
import app.misura.web.client.Client;
import app.misura.web.id.Texts;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.NullUnmarked;
import org.jspecify.annotations.Nullable;

/** What is typed of a client. */
@NullUnmarked
class ClientForm {
    @NotBlank(message = "A client has a name.")
    @Size(max = 120, message = "A name has at most 120 characters.")
    @Pattern(regexp = Texts.ONE_LINE, message = "A name is one line, without signs that turn its direction.")
    private String name = "";

    @NotNull
    @Pattern(regexp = "RIGHT|LEFT", message = "Say right or left.")
    private String handedness = "RIGHT";

    @NotNull
    @Pattern(regexp = "ADULT|YOUNG|CHILD", message = "Say adult, young or child.")
    private String ageGroup = "ADULT";

    @NotNull
    @Size(max = 2000, message = "Notes have at most 2000 characters.")
    private String notes = "";

    @NotNull
    @Size(max = 2000, message = "A health note has at most 2000 characters.")
    private String healthNote = "";

    @NotNull
    @Pattern(regexp = "|\\d{4}-\\d\\d-\\d\\d", message = "Say a day as year-month-day.")
    private String consentedOn = "";

    private List<String> differs = new ArrayList<>();

    private long version;

    static ClientForm of(Client client) {
        ClientForm form = new ClientForm();
        form.name = client.name();
        form.handedness = client.handedness().name();
        form.ageGroup = client.ageGroup().name();
        form.notes = client.notes();
        form.healthNote = client.about().healthNote();
        form.differs =
                client.about().differs().stream().sorted().map(Differs::word).toList();
        LocalDate day = client.about().consentedOn();
        form.consentedOn = day == null ? "" : day.toString();
        form.version = client.version();
        return form;
    }

    /** What was typed; null where the day is none. */
    Client.@Nullable About about() {
        try {
            return new Client.About(
                    name,
                    Side.valueOf(handedness),
                    AgeGroup.valueOf(ageGroup),
                    notes,
                    healthNote,
                    Differs.all(differs),
                    consentedOn.isBlank() ? null : LocalDate.parse(consentedOn));
        } catch (DateTimeParseException e) {
            return null;
        }
    }

    public String getHealthNote() {
        return healthNote;
    }

    public void setHealthNote(String healthNote) {
        this.healthNote = healthNote;
    }

    public String getConsentedOn() {
        return consentedOn;
    }

    public void setConsentedOn(String consentedOn) {
        this.consentedOn = consentedOn;
    }

    public List<String> getDiffers() {
        return differs;
    }

    public void setDiffers(List<String> differs) {
        this.differs = differs == null ? List.of() : differs;
    }

    public String getName() {
        return name;
    }

    public void setName(String name) {
        this.name = name;
    }

    public String getHandedness() {
        return handedness;
    }

    public void setHandedness(String handedness) {
        this.handedness = handedness;
    }

    public String getAgeGroup() {
        return ageGroup;
    }

    public void setAgeGroup(String ageGroup) {
        this.ageGroup = ageGroup;
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
}
