package app.misura.web.client.page;

import app.misura.web.client.Client;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import org.jspecify.annotations.NullUnmarked;

/** What is typed of a client. */
@NullUnmarked
class ClientForm {
    @NotBlank(message = "A client has a name.")
    @Size(max = 120, message = "A name has at most 120 characters.")
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

    private long version;

    static ClientForm of(Client client) {
        ClientForm form = new ClientForm();
        form.name = client.name();
        form.handedness = client.handedness().name();
        form.ageGroup = client.ageGroup().name();
        form.notes = client.notes();
        form.version = client.version();
        return form;
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
