package app.misura.web.house.page;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.length.Unit;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import app.misura.web.house.Tool;
import app.misura.web.house.Tools;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

class ToolsControllerTest extends TestHouse {
    @LocalServerPort
    private int port;

    @Autowired
    private Tools tools;

    private Visitor.Page add(Visitor owner, String name, String blank) {
        owner.get("/house/tools");
        return owner.post("/house/tools", Map.of("name", name, "blank", blank, "unit", "cm"));
    }

    @Test
    void aToolIsKeptAndRemoved() {
        Visitor owner = Visitor.as(port, "owner");
        assertThat(add(owner, "oak ruler", "1.2").status()).isEqualTo(302);
        Tool oak = tools.in(Unit.CM).stream()
                .filter(t -> t.name().equals("oak ruler"))
                .findFirst()
                .orElseThrow();
        assertThat(oak.written(" 25 ")).isEqualTo("25+1.2");
        assertThat(oak.written("25+1.2")).as("who added it already").isEqualTo("25+1.2");
        assertThat(oak.written(" ")).as("nothing was read").isBlank();
        assertThat(owner.get("/house/tools").body()).contains("oak ruler").contains("adds 1.2 cm");
        owner.post("/house/tools/" + oak.id() + "/remove", Map.of());
        assertThat(tools.find(oak.id())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({
        "'', 0.8, A tool has a name",
        "a; b, 0.8, without semicolons",
        "ruler, much, much",
        "ruler, 0, A blank end is one length",
        "ruler, 12, A blank end is one length",
        "ruler, 1+1, A blank end is one length"
    })
    void whatIsNoBlankEndIsSaidAndStands(String name, String blank, String said) {
        int before = tools.all().size();
        Visitor.Page refused = add(Visitor.as(port, "owner"), name, blank);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body()).contains(said).contains("value=\"" + blank + "\"");
        assertThat(tools.all()).hasSize(before);
    }
}
