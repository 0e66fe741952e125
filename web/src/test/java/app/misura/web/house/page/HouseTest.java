package app.misura.web.house.page;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.web.Api;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import app.misura.web.account.Accounts;
import app.misura.web.account.Role;
import app.misura.web.account.Tokens;
import app.misura.web.house.House;
import app.misura.web.house.Rules;
import java.util.List;
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

    @Autowired
    private House house;

    private Visitor owner() {
        Visitor owner = Visitor.as(port, "owner");
        owner.get("/house");
        return owner;
    }

    @Test
    void theOwnerAddsSomebodyWhoSignsInAtOnce() {
        Visitor.Page added = owner().post(
                        "/house/people",
                        Map.of("name", "zuri", "called", "Zuri Brattli", "password", "three chairs", "role", "VIEWER"));
        assertThat(added.status()).isEqualTo(302);
        assertThat(accounts.find("zuri").orElseThrow().role()).isEqualTo(Role.VIEWER);
        Visitor zuri = Visitor.as(port, "zuri", "three chairs");
        assertThat(zuri.get("/clients").header("location"))
                .as("a password of their own first")
                .isEqualTo("/account");
        zuri.get("/account");
        assertThat(zuri.post("/account", Map.of("old", "three chairs", "wanted", "four lamps", "again", "five lamps"))
                        .body())
                .contains("The two new passwords differ");
        zuri.post("/account", Map.of("old", "three chairs", "wanted", "four lamps", "again", "four lamps"));
        assertThat(zuri.get("/clients").header("location"))
                .as("and signed in with it")
                .contains("/signin");
        assertThat(Visitor.as(port, "zuri", "four lamps").get("/clients").status())
                .isEqualTo(200);
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

    private void person(String name, Role role) {
        accounts.add(name, "Person " + name, "three chairs", role);
    }

    @Test
    void whoIsLockedOutIsOutAtOnceAndComesInAgainWhenLetIn() {
        person("lina", Role.MEASURER);
        String token = made("Lina's screen", "lina");
        Visitor lina = Visitor.as(port, "lina", "three chairs");
        assertThat(lina.get("/clients").status()).isEqualTo(200);
        owner().post("/house/people/lina/lock", Map.of("locked", "true"));
        assertThat(lina.get("/clients").header("location")).contains("/signin");
        assertThat(Api.bearing(port, token).get("/api/v1/forms").status()).isEqualTo(401);
        assertThat(new Api(port, "lina:three chairs").get("/api/v1/forms").status())
                .isEqualTo(401);
        assertThat(owner().get("/house").body()).contains("locked");
        owner().post("/house/people/lina/lock", Map.of("locked", "false"));
        assertThat(Visitor.as(port, "lina", "three chairs").get("/clients").status())
                .isEqualTo(200);
    }

    @Test
    void anotherRoleCountsAtOnce() {
        person("maja", Role.MEASURER);
        Visitor maja = Visitor.as(port, "maja", "three chairs");
        owner().post("/house/people/maja", Map.of("called", "Maja Okonjo", "role", "VIEWER"));
        assertThat(maja.get("/clients/new").header("location")).contains("/signin");
        assertThat(Visitor.as(port, "maja", "three chairs").get("/clients/new").status())
                .isEqualTo(403);
        assertThat(accounts.called("maja")).isEqualTo("Maja Okonjo");
    }

    @Test
    void whoForgotGetsAPasswordForOneSignIn() {
        person("kofi", Role.CUTTER);
        Visitor.Page page = owner().post("/house/people/kofi/reset", Map.of());
        String once = page.body().replaceAll("(?s).*<code id=\"once\">([^<]+)</code>.*", "$1");
        assertThat(page.header("Cache-Control")).contains("no-store");
        assertThat(new Api(port, "kofi:three chairs").get("/api/v1/forms").status())
                .isEqualTo(401);
        assertThat(Visitor.as(port, "kofi", once).get("/").header("location")).isEqualTo("/account");
    }

    @Test
    void whoIsRemovedIsGoneAndTheirNameStays() {
        person("pia", Role.MEASURER);
        String token = made("Pia's screen", "pia");
        owner().post("/house/people/pia/remove", Map.of());
        assertThat(owner().get("/house").body()).doesNotContain("signs in as pia");
        assertThat(Api.bearing(port, token).get("/api/v1/forms").status()).isEqualTo(401);
        assertThat(accounts.called("pia")).isEqualTo("Person pia");
        assertThat(accounts.fault("pia", "Another", "three chairs")).isPresent();
    }

    @Test
    void nobodyLocksTheLastOwnerOut() {
        for (Visitor.Page refused : List.of(
                owner().post("/house/people/owner/lock", Map.of("locked", "true")),
                owner().post("/house/people/owner/remove", Map.of()),
                owner().post("/house/people/owner", Map.of("called", "Marisol Achterberg", "role", "VIEWER")))) {
            assertThat(refused.status()).isEqualTo(422);
            assertThat(refused.body()).contains("last owner who can sign in");
        }
        assertThat(owner().get("/house").status()).isEqualTo(200);
    }

    @Test
    void whatIsUsualIsChangedAndStandsOnPagesAndPapers() {
        Visitor owner = owner();
        owner.get("/house/rules");
        Map<String, String> fields = new java.util.HashMap<>(Map.of(
                "version", "" + house.rules().version(),
                "name", "Sail Loft, Morrowsluys",
                "address", "Loft 3",
                "paper", "letter",
                "unit", "in",
                "consent", "We keep what we need.",
                "keepMonths", "24",
                "freshMonths", "4",
                "freshWeeks", "5"));
        assertThat(owner.post("/house/rules", fields).status()).isEqualTo(302);
        try {
            assertThat(owner.get("/").body()).contains("Sail Loft, Morrowsluys");
            assertThat(owner.get("/orders/new").body()).contains("id=\"unit-in\" name=\"unit\" value=\"in\" checked");
            fields.put("name", "Another");
            Visitor.Page late = owner.post("/house/rules", fields);
            assertThat(late.status()).isEqualTo(409);
            assertThat(late.body()).contains("Sail Loft, Morrowsluys").contains("value=\"Another\"");
            fields.put("keepMonths", "never");
            assertThat(owner.post("/house/rules", fields).body()).contains("between 1 and 600 months");
            fields.put("keepMonths", "24");
            fields.put("freshWeeks", "60");
            assertThat(owner.post("/house/rules", fields).body()).contains("of the young for 1 to 52 weeks");
            assertThat(house.rules().fresh()).isEqualTo(new app.misura.core.known.Fresh(4, 5));
        } finally {
            Rules now = house.rules();
            house.change(new Rules(
                    "Workroom on Heron Quay, Morrowsluys",
                    "Heron Quay 7",
                    "a4",
                    "cm",
                    now.consent(),
                    36,
                    app.misura.core.known.Fresh.USUAL,
                    false,
                    now.version()));
        }
    }

    @Test
    void whatHappensAtTheDoorIsWrittenDown() {
        Visitor stranger = new Visitor(port);
        stranger.get("/signin");
        stranger.post("/signin", Map.of("name", "measurer", "password", "not this one"));
        Visitor.as(port, "viewer").get("/house");
        String page = owner().get("/house").body();
        assertThat(page)
                .contains("came in")
                .contains("failed")
                .contains("denied")
                .contains("GET /house");
        assertThat(page).doesNotContain("not this one");
    }
}
