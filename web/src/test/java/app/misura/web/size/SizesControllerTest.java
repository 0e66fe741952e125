package app.misura.web.size;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.web.Api;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import java.util.HashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

class SizesControllerTest extends TestHouse {
    @LocalServerPort
    private int port;

    @Autowired
    private HouseSizes sizes;

    private final Map<String, String> fields = new HashMap<>(
            Map.of("name", "Overall to lend", "stretch", "0", "text", "size; seat-girth\nA; 100\nB; 110\n"));

    private HouseSizes.Typed kept() {
        return sizes.all().stream()
                .filter(t -> t.name().startsWith("Overall"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aTableIsWrittenChangedAndAsked() {
        Visitor owner = Visitor.as(port, "owner");
        owner.get("/house/sizes");
        assertThat(owner.post("/house/sizes", fields).status()).isEqualTo(302);
        HouseSizes.Typed kept = kept();
        try {
            fields.putAll(Map.of(
                    "id", kept.id(), "version", "" + kept.version(), "text", "size; seat-girth\nA; 100\nB; 112\n"));
            assertThat(owner.post("/house/sizes", fields).status()).isEqualTo(302);
            assertThat(owner.get("/house/sizes/" + kept.id()).body()).contains("B; 112");
            Visitor.Page late = owner.post("/house/sizes", fields);
            assertThat(late.status()).isEqualTo(409);
            assertThat(late.body()).contains("Somebody changed this table meanwhile");
            Api api = new Api(port, "measurer:demo-misura");
            String client = api.client("Sized");
            String order = api.trousers(client);
            assertThat(owner.get("/clients/" + client).body()).doesNotContain("Nearest house sizes");
            api.post(
                    "/api/v1/orders/" + order + "/readings",
                    "{\"misura\":\"readings/1\",\"readings\":[{\"step\":\"U1\",\"text\":\"104.5\"}]}");
            assertThat(owner.get("/clients/" + client).body())
                    .as("104.5 with a finger under the tape is 103 and asks for B")
                    .contains("Nearest house sizes")
                    .contains("Overall to lend")
                    .contains("seat girth decides; take in seat girth by 9.0 cm.")
                    .contains("To send for trying on: B.");
        } finally {
            owner.get("/house/sizes");
            owner.post("/house/sizes/" + kept.id() + "/delete", Map.of());
        }
        assertThat(sizes.all()).noneMatch(t -> t.id().equals(kept.id()));
    }

    @Test
    void everyFaultIsSaidAndWhatWasTypedStands() {
        Visitor owner = Visitor.as(port, "owner");
        owner.get("/house/sizes");
        fields.putAll(Map.of("name", "", "stretch", "lots", "text", "size; hat\nA; 100\n"));
        Visitor.Page refused = owner.post("/house/sizes", fields);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body())
                .contains("A table has a name")
                .contains("Cloth gives way by 0 to 60 percent.")
                .contains("There is no measure of a body called &quot;hat&quot;.")
                .contains("size; hat");
    }
}
