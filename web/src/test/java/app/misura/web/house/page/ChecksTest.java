package app.misura.web.house.page;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.finding.Finding;
import app.misura.core.finding.Severity;
import app.misura.core.judging.Check;
import app.misura.core.judging.Judging;
import app.misura.web.Api;
import app.misura.web.AtOnce;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import app.misura.web.house.Judgings;
import app.misura.web.order.Orders;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.dao.OptimisticLockingFailureException;

/** The house sets what its checks weigh; every sheet follows at once, and it goes back as easily. */
class ChecksTest extends TestHouse {
    private static final int ROUNDS = 10;

    @Autowired
    private Judgings judgings;

    @Autowired
    private Orders orders;

    @LocalServerPort
    private int port;

    private Visitor owner;

    @BeforeEach
    void signedIn() {
        owner = Visitor.as(port, "owner");
    }

    @AfterEach
    void asItShips() {
        judgings.back(judgings.version().version(), 0, "owner");
    }

    private Map<String, String> typed() {
        Map<String, String> typed = new LinkedHashMap<>();
        typed.put("version", String.valueOf(judgings.version().version()));
        for (Check check : Check.all()) {
            typed.put(check.id(), judgings.now().severity(check.id()).word());
            if (check.tolerance() != null) {
                typed.put(
                        check.id() + "-tolerance", String.valueOf(judgings.now().tolerance(check.id())));
            }
        }
        return typed;
    }

    private Visitor.Page keep(String name, String value) {
        owner.get("/house/checks");
        Map<String, String> typed = typed();
        typed.put(name, value);
        return owner.post("/house/checks", typed);
    }

    @Test
    void everyCheckSaysWhatItAsksWhyAndOnWhoseWord() {
        String page = owner.get("/house/checks").body().replace("&#39;", "'");
        assertThat(Check.all())
                .allSatisfy(check -> assertThat(page).contains(check.name(), check.reason(), check.source()));
    }

    @Test
    void aWarningBecomesAFaultOnEverySheetAndGoesBack() {
        Api api = new Api(port, "owner:demo-misura");
        String id = api.trousers(api.client("Judged " + System.nanoTime()));
        for (String each : "D8=38 M2=36".split(" ")) {
            api.post(
                    "/api/v1/orders/" + id + "/readings",
                    "{\"misura\":\"readings/1\",\"readings\":[{\"step\":\"" + each.split("=")[0]
                            + "\",\"side\":null,\"text\":\"" + each.split("=")[1] + "\"}]}");
        }
        assertThat(order(id).severity()).isEqualTo(Severity.WARNING);
        assertThat(keep("posture-pair", "fault").status()).isEqualTo(302);
        assertThat(order(id).severity()).isEqualTo(Severity.FAULT);
        assertThat(owner.get("/house/checks").body())
                .contains("set by the house", "checks: one measure in two postures");
        int version = judgings.version().version();
        owner.post("/house/judging/back", Map.of("now", String.valueOf(version), "version", "0", "from", "checks"));
        assertThat(order(id).severity()).isEqualTo(Severity.WARNING);
        assertThat(judgings.version().version()).isEqualTo(version + 1);
    }

    private Finding order(String id) {
        return orders.get(id).proof().findings().stream()
                .filter(f -> f.rule().equals("posture-pair"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatCannotBeSoIsSaidAndNothingTypedIsLost() {
        Visitor.Page refused = keep("left-right-tolerance", "9");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.body())
                .contains("Left and right: in the sums, sides differ by lies between 0.3 and 1.5.", "value=\"9\"");
        Visitor.Page word = keep("span-tolerance", "much");
        assertThat(word.status()).isEqualTo(422);
        assertThat(word.body()).contains("is a number between 0 and 30", "value=\"much\"");
        assertThat(keep("left-right", "fault").status())
                .as("never a fault: the usual stands")
                .isEqualTo(302);
        assertThat(judgings.now().severity("left-right")).isEqualTo(Severity.WARNING);
    }

    @Test
    void aSecondHandIsTold() {
        owner.get("/house/checks");
        Map<String, String> typed = typed();
        typed.put("proportion", "note");
        judgings.change(
                judgings.version().version(),
                judgings.now().with(Map.of("span", new Judging.Setting(Severity.NOTE, 0))),
                "checks: spans",
                "owner");
        Visitor.Page late = owner.post("/house/checks", typed);
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.body()).contains("Somebody changed how the house judges meanwhile");
        assertThat(judgings.now().severity("proportion")).isEqualTo(Severity.WARNING);
    }

    @Test
    void onlyTheOwnerSetsThem() {
        assertThat(Visitor.as(port, "cutter").get("/house/checks").status()).isEqualTo(403);
    }

    @Test
    void ofTwoOwnersAtOnceOneIsToldAndNothingIsOverwritten() throws InterruptedException {
        for (int round = 0; round < ROUNDS; round++) {
            int before = judgings.version().version();
            Judging wanted =
                    judgings.now().with(Map.of("order", new Judging.Setting(Severity.WARNING, 1 + 0.01 * round)));
            List<Throwable> came = AtOnce.doing(3, () -> {
                judgings.change(before, wanted, "together", "owner");
                return null;
            });
            assertThat(came).filteredOn(Objects::isNull).hasSize(1);
            assertThat(came).filteredOn(Objects::nonNull).allMatch(OptimisticLockingFailureException.class::isInstance);
            assertThat(judgings.version()).isEqualTo(new Judgings.Version(before + 1, wanted));
        }
    }
}
