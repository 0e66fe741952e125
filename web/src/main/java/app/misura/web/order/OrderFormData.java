package app.misura.web.order;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.LinkedHashMap;
import java.util.Map;
import org.jspecify.annotations.NullUnmarked;

/** What is typed of a new order. */
@NullUnmarked
class OrderFormData {
    @NotBlank(message = "Say whose garment it is.")
    private String client = "";

    /** What was typed to find the client by. */
    private String find = "";

    @NotBlank(message = "An order has a title: say what it is.")
    @Size(max = 120, message = "A title has at most 120 characters.")
    private String title = "";

    @NotNull
    private String form = "";

    @NotNull
    @Pattern(regexp = "cm|in", message = "Say cm or in.")
    private String unit = "cm";

    private String neededOn = "";
    private Map<String, String> options = new LinkedHashMap<>();

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

    public Map<String, String> getOptions() {
        return options;
    }

    public void setOptions(Map<String, String> options) {
        this.options = options;
    }
}
