package app.misura.web.house;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.web.Api;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import app.misura.web.account.Accounts;
import app.misura.web.account.Role;
import app.misura.web.account.Tokens;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

class HouseTest extends TestHouse {
    @LocalServerPort
    private int port;

    @Autowired
    private Accounts accounts;

    @Autowired
    private Tokens tokens;

    private Visitor owner() {
        Visitor owner = Visitor.as(port, "owner");
        owner.get("/house");
        return owner;
    }

    @Test
    void theOwnerAddsSomebodyWhoSignsInAtOnce() {
        Visitor.Page added = owner().post(
                        "/house/people",
                        Map.of("name", "zuri", "called", "Zuri Brattli", "password", "demo-misura", "role", "VIEWER"));
        assertThat(added.status()).isEqualTo(302);
        assertThat(accounts.find("zuri").orElseThrow().role()).isEqualTo(Role.VIEWER);
        assertThat(Visitor.as(port, "zuri").get("/clients").status()).isEqualTo(200);
        assertThat(owner().get("/house").body()).contains("Zuri Brattli").contains("viewer, signs in as zuri");
    }

    @Test
    void aFaultIsSaidAndWhatWasTypedStandsButNotThePassword() {
        Visitor.Page page = owner().post(
                        "/house/people",
                        Map.of(
                                "name",
                                "owner",
                                "called",
                                "Second <Owner>",
                                "password",
                                "long enough 1",
                                "role",
                                "OWNER"));
        assertThat(page.status()).isEqualTo(422);
        assertThat(page.body())
                .contains("Somebody signs in as owner already.")
                .contains("Second &lt;Owner&gt;")
                .doesNotContain("long enough 1");
        assertThat(owner().post(
                                "/house/people",
                                Map.of("name", "yaya", "called", "Yaya", "password", "long enough", "role", "KING"))
                        .body())
                .contains("Say owner, cutter, measurer or viewer.");
        assertThat(accounts.find("yaya")).isEmpty();
    }

    private String made(String purpose, String account) {
        Visitor.Page page = owner().post("/house/tokens", Map.of("purpose", purpose, "account", account));
        assertThat(page.status()).isEqualTo(200);
        assertThat(page.header("Cache-Control")).contains("no-store");
        return page.body().replaceAll("(?s).*<code id=\"token\">([^<]+)</code>.*", "$1");
    }

    @Test
    void aTokenWorksAsItsAccountUntilItIsWithdrawn() {
        String token = made("Cutting room screen", "measurer");
        Api api = Api.bearing(port, token);
        assertThat(api.get("/api/v1/forms").status()).isEqualTo(200);
        assertThat(api.post("/api/v1/clients", "{\"misura\":\"client/1\",\"name\":\"By Token\"}")
                        .status())
                .isEqualTo(201);
        assertThat(owner().get("/house").body()).contains("Cutting room screen").doesNotContain(token);
        String id = tokens.all().stream()
                .filter(t -> t.name().equals("Cutting room screen"))
                .findFirst()
                .orElseThrow()
                .id();
        owner().post("/house/tokens/" + id + "/withdraw", Map.of());
        Api.Answer refused = api.get("/api/v1/forms");
        assertThat(refused.status()).isEqualTo(401);
        assertThat(refused.header("Content-Type")).startsWith("application/problem+json");
        assertThat(refused.header("WWW-Authenticate")).startsWith("Bearer");
    }

    @Test
    void aViewersTokenStoresNothing() {
        Api api = Api.bearing(port, made("Wall screen", "viewer"));
        assertThat(api.get("/api/v1/clients").status()).isEqualTo(200);
        assertThat(api.post("/api/v1/clients", "{\"misura\":\"client/1\",\"name\":\"X\"}")
                        .status())
                .isEqualTo(403);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "misura-", "misura-abc", "x", "owner:demo-misura"})
    void otherTextsAreNoToken(String text) {
        assertThat(Api.bearing(port, text).get("/api/v1/forms").status()).isEqualTo(401);
    }

    @Test
    void aTokenIsForSomethingAndSomebody() {
        assertThat(owner().post("/house/tokens", Map.of("purpose", " ", "account", "owner"))
                        .status())
                .isEqualTo(422);
        Visitor.Page page = owner().post("/house/tokens", Map.of("purpose", "Till", "account", "nobody"));
        assertThat(page.status()).isEqualTo(422);
        assertThat(page.body()).contains("Say what the token is for").contains("value=\"Till\"");
    }

    @ParameterizedTest
    @ValueSource(strings = {"cutter", "measurer", "viewer"})
    void theHouseIsTheOwners(String account) {
        Visitor visitor = Visitor.as(port, account);
        assertThat(visitor.get("/house").status()).isEqualTo(403);
        visitor.get("/clients");
        assertThat(visitor.post("/house/tokens", Map.of("purpose", "x", "account", "owner"))
                        .status())
                .isEqualTo(403);
        assertThat(visitor.get("/clients").body()).doesNotContain("href=\"/house\"");
    }
}
