package app.misura.web.tape;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.reading.Reading;
import app.misura.web.Api;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import app.misura.web.account.Tokens;
import app.misura.web.order.Orders;
import app.misura.web.reading.StoredReading;
import java.io.BufferedReader;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

class TapeCommandTest extends TestHouse {
    @LocalServerPort
    private int port;

    @Autowired
    private Orders orders;

    @Autowired
    private Tokens tokens;

    private final ByteArrayOutputStream said = new ByteArrayOutputStream();

    private String order() {
        Api api = new Api(port, "measurer:demo-misura");
        return api.trousers(api.client("Taped"));
    }

    private boolean send(String order, String token, String lines) throws IOException {
        PrintStream out = new PrintStream(said, true, StandardCharsets.UTF_8);
        return new TapeCommand(port, order, token, out).send(new BufferedReader(new StringReader(lines)));
    }

    private String said() {
        return said.toString(StandardCharsets.UTF_8);
    }

    @Test
    void whatItSendsIsOnTheSheetAndMarkedAsSimulated() throws IOException {
        String order = order();
        String token = tokens.make("tape", "measurer", 30, "owner");
        assertThat(send(order, token, "U1 104.5\n\nD9-left 57.5\n")).isTrue();
        assertThat(said()).contains("✓ U1 104.5").contains("✓ D9-left 57.5");
        assertThat(orders.get(order).readings())
                .extracting(StoredReading::reading)
                .hasSize(2)
                .allMatch(Reading::isSimulated);
        assertThat(orders.get(order).proof().findings())
                .filteredOn(f -> f.rule().equals("simulated"))
                .singleElement()
                .satisfies(f ->
                        assertThat(f.sentence()).isEqualTo("D9, U1 were sent by the simulated tape and not measured."));
        Visitor measurer = Visitor.as(port, "measurer");
        assertThat(measurer.get("/orders/" + order + "/measure?step=U1").body()).contains("104.5, simulated tape");
        assertThat(measurer.get("/orders/" + order + "/tape").body())
                .contains("S1, Inside leg")
                .contains("U1, Seat · read");
    }

    @Test
    void whatIsNotKeptSaysWhyAndTheRestGoesOn() throws IOException {
        String order = order();
        String token = tokens.make("tape", "measurer", 30, "owner");
        assertThat(send(order, token, "U1\nU1 abc\nX9 40\nU2 82\n")).isFalse();
        assertThat(said())
                .contains("✗ U1: say the step and the length")
                .contains("✗ U1 abc: ")
                .contains("✗ X9 40: ")
                .contains("✓ U2 82");
        assertThat(orders.get(order).readings()).hasSize(1);
        assertThat(send(order, "no-such-token", "U2 82")).isFalse();
        assertThat(said()).contains("token");
    }
}
