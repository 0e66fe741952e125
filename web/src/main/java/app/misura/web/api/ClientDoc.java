package app.misura.web.api;

import app.misura.core.format.json.OneOf;
import app.misura.web.client.Client;
import com.fasterxml.jackson.annotation.JsonInclude;
import org.jspecify.annotations.Nullable;

/** Document {@code client/1}. @param id the house's to give */
@JsonInclude(JsonInclude.Include.NON_NULL)
public record ClientDoc(
        @OneOf("client/1") String misura,
        @Nullable String id,
        String name,
        @OneOf({"right", "left"}) @Nullable String handedness,
        @OneOf({"adult", "young", "child"}) @Nullable String ageGroup) {

    public static ClientDoc of(Client client) {
        return new ClientDoc(
                "client/1",
                client.id(),
                client.name(),
                client.handedness().word(),
                client.ageGroup().word());
    }
}
