package app.misura.web.proofing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import app.misura.core.finding.Finding;
import app.misura.core.proof.Sentence;
import app.misura.web.TestOrders;
import app.misura.web.account.Accounts;
import app.misura.web.known.KnownBodies;
import app.misura.web.order.Orders;
import app.misura.web.photo.Photographs;
import java.time.Clock;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.springframework.ui.ExtendedModelMap;

class ProofControllerTest {
    private final Orders orders = mock(Orders.class);
    private final ExtendedModelMap model = new ExtendedModelMap();

    private void proof(String readings) {
        when(orders.get("o1")).thenReturn(TestOrders.of("1", readings, TestOrders.MARKED));
        assertThat(new ProofController(
                                orders,
                                mock(Photographs.class),
                                KnownBodies.of(orders),
                                mock(Accounts.class),
                                Clock.systemUTC())
                        .proof("o1", null, model))
                .isEqualTo("proof");
    }

    @SuppressWarnings("unchecked")
    private <T> List<T> list(String name) {
        return (List<T>) model.get(name);
    }

    @Test
    void oneBodyHasNothingToTakeAgain() {
        proof(TestOrders.FULL);
        assertThat(((Sentence) model.get("sentence")).whole()).isEqualTo("These numbers are one body.");
        assertThat(model.get("wrong")).isEqualTo(false);
        assertThat(model.get("complete")).isEqualTo(true);
        assertThat(list("again")).isEmpty();
        assertThat(model.get("line")).isEqualTo("");
        assertThat((String) model.get("sums")).contains("<svg").doesNotContain("over");
    }

    @Test
    void aSlipIsNamedWithItsReasonAndWhatTheOthersSay() {
        proof(TestOrders.FULL.replace("S2=32.5", "S2=40"));
        assertThat(model.get("wrong")).isEqualTo(true);
        assertThat(model.get("suspects")).isEqualTo("S2");
        assertThat((String) model.get("why")).startsWith("Only the inside leg gapes.");
        assertThat(list("again")).singleElement().isInstanceOfSatisfying(ProofWords.Again.class, a -> {
            assertThat(a.label()).isEqualTo("S2");
            assertThat(a.how()).contains("knee mark");
        });
        assertThat((String) model.get("line")).contains("<svg").contains("40.0");
        assertThat((String) model.get("sums")).contains("7.5 over");
    }

    @Test
    void aGroupHasNoNumberLine() {
        proof(TestOrders.FULL.replace("S3=69.5", "S3=78"));
        assertThat(model.get("line")).isEqualTo("");
        assertThat(list("again")).hasSize(1);
        assertThat(list("then")).hasSize(2);
    }

    @Test
    void whatTheSentenceSaysIsNotSaidAgainAndFaultsComeFirst() {
        proof(TestOrders.FULL.replace("S2=32.5", "S2=40").replace("D9-left=57.5", "D9-left=53") + " U2=99");
        List<Finding> findings = list("findings");
        assertThat(findings)
                .extracting(Finding::rule)
                .doesNotContain("closure-wrong")
                .contains("left-right");
        assertThat(findings).isSortedAccordingTo((a, b) -> b.severity().compareTo(a.severity()));
    }

    @Test
    void leftAndRightAreSetSideBySide() {
        proof(TestOrders.FULL);
        assertThat(list("sides")).isEmpty();
        assertThat((String) model.get("butterfly"))
                .contains("D9 Thigh")
                .contains("L 57.5")
                .contains("58.0 R")
                .contains("class=\"even\"");
        proof(TestOrders.FULL.replace("D9-left=57.5", "D9-left=54"));
        assertThat(list("sides"))
                .containsExactly(new ProofWords.Sides("D9", "4.0 apart: further than one piece serves both."));
        assertThat((String) model.get("butterfly")).contains("class=\"uneven\"");
        proof(TestOrders.FULL.replace(" D9-left=57.5", ""));
        assertThat(list("sides")).isEmpty();
        assertThat(model.get("butterfly")).isEqualTo("");
    }

    @Test
    void whatMayHaveHappenedIsAskedWithItsLikelihood() {
        proof(TestOrders.FULL.replace("D2=58.5", "D2=85.5"));
        assertThat(this.<ProofWords.SlipView>list("slips")).first().satisfies(s -> {
            assertThat(s.question()).isEqualTo("Was D2 58.5, with two digits swapped?");
            assertThat(s.hundredths()).isBetween(80, 100);
            assertThat(s.said()).isTrue();
        });
        proof(TestOrders.FULL);
        assertThat(list("slips")).isEmpty();
    }

    @Test
    void whatNoSumHoldsIsSaidApartFromWhatWaits() {
        proof(TestOrders.FULL.replace(" S5=42.5", ""));
        assertThat(this.<String>list("unchecked")).contains("P3", "U1").doesNotContain("S3");
        assertThat(this.<String>list("waiting")).contains("S3 (S5 would)", "S4 (S5 would)");
    }

    @Test
    void aStepWithAStruckTryIsUnsteady() {
        proof(TestOrders.FULL.replace("D1=103", "D1=130~ D1=103"));
        assertThat(this.<String>list("unsteady")).containsExactly("D1, a try struck, 27.0 apart");
    }
}
