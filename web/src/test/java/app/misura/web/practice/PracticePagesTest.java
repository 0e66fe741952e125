package app.misura.web.practice;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.judging.Scatter;
import app.misura.core.norm.Known;
import app.misura.core.norm.LikelyBody;
import app.misura.core.norm.Norms;
import app.misura.web.Api;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import app.misura.web.client.Clients;
import app.misura.web.house.Judgings;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** What the house learns from its own sheets is shown before it is used, and undone again. */
class PracticePagesTest extends TestHouse {
    private static final long SEED = 31;

    @Autowired
    private Judgings judgings;

    @Autowired
    private Clients clients;

    @LocalServerPort
    private int port;

    private final List<String> made = new ArrayList<>();

    @AfterEach
    void asItWas() {
        judgings.back(judgings.version().version(), 0, "owner");
        made.forEach(clients::delete);
    }

    /** Clients whose thighs are wide for their seats, each waist taken twice. */
    private void clients(int n) {
        Api api = new Api(port, "owner:demo-misura");
        Random random = new Random(SEED);
        for (int i = 0; i < n; i++) {
            String client = api.client("Own body " + SEED + " " + i);
            made.add(client);
            String id = api.trousers(client);
            double seat = 90 + 25 * random.nextDouble();
            double waist = .85 * seat;
            api.post(
                    "/api/v1/orders/" + id + "/readings",
                    "{\"misura\":\"readings/1\",\"readings\":[" + reading("U1", "null", seat + 1.5) + ","
                            + reading("D9", "\"left\"", .64 * seat) + "," + reading("D9", "\"right\"", .64 * seat)
                            + "," + reading("U2", "null", waist) + ","
                            + reading("U2", "null", waist + 1.2 * random.nextGaussian()) + "]}");
        }
    }

    private static String reading(String step, String side, double cm) {
        return String.format(
                Locale.ROOT, "{\"step\":\"%s\",\"side\":%s,\"text\":\"%.1f\"}", step, side, Math.round(2 * cm) / 2.0);
    }

    private static String plain(Visitor.Page page) {
        return page.body().replaceAll("<[^>]*>", " ").replaceAll("\\s+", " ");
    }

    @Test
    void proportionsAreShownBeforeAndAfterThenUsedThenUndone() {
        Visitor owner = Visitor.as(port, "owner");
        assertThat(plain(owner.get("/house/proportions")))
                .contains(
                        "house default",
                        "Measured people",
                        "like men",
                        "do not speak for children",
                        "1.02 thigh girth, under the crotch")
                .contains("Fit to our own clients");
        assertThat(plain(owner.get("/how"))).contains("132 men and 168 women", "do not speak for children");
        clients(40);
        String shown = plain(owner.get("/house/proportions?fit=true"));
        assertThat(shown).contains("our bodies would make it", "Go by these", "too few bodies");
        assertThat(judgings.now().norms()).as("only shown").isEqualTo(Norms.shipped());
        int before = judgings.version().version();
        assertThat(owner.post("/house/proportions", Map.of("version", String.valueOf(before)))
                        .status())
                .isEqualTo(302);
        Norms own = judgings.now().norms();
        assertThat(thigh(own)).as("nearer to ours").isGreaterThan(thigh(Norms.shipped()) + 0.5);
        assertThat(own.of("head-girth")).isEqualTo(Norms.shipped().of("head-girth"));
        assertThat(plain(owner.get("/house/proportions"))).contains("bodies of this house on", "Back to that");
        owner.post(
                "/house/judging/back",
                Map.of("now", String.valueOf(judgings.version().version()), "version", "0", "from", "proportions"));
        assertThat(judgings.now().norms()).isEqualTo(Norms.shipped());
    }

    private static double thigh(Norms norms) {
        return LikelyBody.of(norms, List.of(new Known("seat", "seat-girth", 100, .5, 0)), false, 1)
                .likely("thigh-crotch-girth")
                .orElseThrow()
                .cm();
    }

    @Test
    void handsShowWhatRepeatsTellAndAreGoneByOnlyWhenSaid() {
        Visitor owner = Visitor.as(port, "owner");
        clients(25);
        String shown = plain(owner.get("/house/hands"));
        assertThat(shown).contains("What repeats tell", "Trouser waist girth", "Go by what is known now");
        assertThat(judgings.now().scatter()).isEqualTo(Scatter.NONE);
        String version = String.valueOf(judgings.version().version());
        owner.post("/house/hands", Map.of("version", version));
        assertThat(judgings.now().scatter().of("owner", "trouser-waist-girth")).isPresent();
        assertThat(plain(owner.get("/house/hands")))
                .contains("hands: ", "by the house's own repeats".replace("'", "&#39;"));
        assertThat(owner.post("/house/hands", Map.of("version", version)).status())
                .as("nothing new is known")
                .isEqualTo(302);
        assertThat(plain(owner.get("/house/hands"))).doesNotContain("Go by what is known now");
    }
}
