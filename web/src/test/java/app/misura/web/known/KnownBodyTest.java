package app.misura.web.known;

import static org.assertj.core.api.Assertions.assertThat;

import app.misura.core.form.OrderForms;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.Reading;
import app.misura.web.TestHouse;
import app.misura.web.Visitor;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.reading.NewReading;
import app.misura.web.reading.Readings;
import app.misura.web.reading.StoredReading;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** A second order of a client asks only for what is missing, stale or taken otherwise, and says so. */
class KnownBodyTest extends TestHouse {
    @Autowired
    private Orders orders;

    @Autowired
    private Clients clients;

    @Autowired
    private Readings readings;

    @Autowired
    private KnownBody known;

    @Autowired
    private Clock clock;

    @LocalServerPort
    private int port;

    private Client client;
    private GarmentOrder first;
    private Instant lately;

    @BeforeEach
    void aMeasuredClient() {
        client = clients.add(Client.About.of("Known " + System.nanoTime(), Side.RIGHT, AgeGroup.ADULT), "owner");
        first = order("trousers-tailored");
        lately = clock.instant().minus(Duration.ofDays(10));
        take(first, "U1", null, "104.5", lately);
        take(first, "U2", null, "82", lately);
        take(first, "U2", null, "82.5", lately);
        take(first, "D9", Side.LEFT, "66", lately);
    }

    private GarmentOrder order(String form) {
        return orders.add(
                new Orders.NewOrder(client.id(), form, OrderForms.shipped().get(form), null, Map.of()), "owner");
    }

    private void take(GarmentOrder order, String step, @Nullable Side side, String text, Instant at) {
        Reading reading = new Reading(
                step,
                side,
                text,
                Length.of(text, Unit.CM),
                order.form().step(step).play(),
                at,
                "measurer",
                null,
                null);
        readings.keep(order.id(), List.of(new NewReading(reading, null)));
    }

    private GarmentOrder again(GarmentOrder order) {
        return orders.get(order.id());
    }

    @Test
    void aSecondOrderTakesOverWhatIsKnownAsItWasWritten() {
        GarmentOrder second = order("trousers-tailored");
        assertThat(known.takeOver(second.id(), "measurer")).isEqualTo(3);
        assertThat(orders.get(second.id()).knownBefore())
                .as("the paper says from where")
                .hasSize(1)
                .allSatisfy((number, values) -> assertThat(values).hasSize(3));
        assertThat(again(second).readings()).hasSize(4).allSatisfy(r -> {
            assertThat(r.from()).hasValueSatisfying(o -> assertThat(o.number()).isEqualTo(first.number()));
            assertThat(r.reading().by()).isEqualTo("measurer");
            assertThat(Duration.between(r.reading().at(), lately)).isLessThan(Duration.ofMillis(1));
        });
        assertThat(again(second).readings())
                .extracting(r -> r.reading().text())
                .containsExactlyInAnyOrder("104.5", "82", "82.5", "66");
        assertThat(known.takeOver(second.id(), "measurer"))
                .as("what is there already")
                .isZero();
        GarmentOrder third = order("trousers-tailored");
        known.takeOver(third.id(), "measurer");
        assertThat(again(third).readings())
                .as("the sheet on which it was written first")
                .allMatch(r -> r.from().orElseThrow().orderId().equals(first.id()));
    }

    /** An old reading would else stand beside the new one: the widest of both, or a first of two that must agree. */
    @Test
    void whatIsTakenAnewTakesThePlaceOfWhatWasKnown() {
        GarmentOrder second = order("trousers-tailored");
        known.takeOver(second.id(), "measurer");
        take(again(second), "U1", null, "101", clock.instant());
        take(again(second), "U2", null, "80", clock.instant());
        assertThat(again(second).readings())
                .filteredOn(r ->
                        r.reading().step().equals("U1") || r.reading().step().equals("U2"))
                .filteredOn(r -> r.from().isPresent())
                .hasSize(3)
                .allSatisfy(r -> assertThat(r.reading().struck())
                        .isNotNull()
                        .satisfies(s -> assertThat(s.reason()).isEqualTo("taken anew")));
        assertThat(again(second).proof().settled().values())
                .filteredOn(s -> s.step().label().equals("U1"))
                .singleElement()
                .satisfies(s -> assertThat(s.length()).isEqualTo(Length.of("101", Unit.CM)));
        assertThat(again(second).readings())
                .filteredOn(r -> r.reading().step().equals("D9"))
                .allMatch(r -> r.reading().counts());
    }

    @Test
    void whatIsStaleIsTakenAnewAndOfTheYoungSooner() {
        take(first, "S1", null, "79", clock.instant().minus(Duration.ofDays(250)));
        GarmentOrder second = order("trousers-tailored");
        known.takeOver(second.id(), "measurer");
        assertThat(steps(second)).contains("U1").doesNotContain("S1");
        Client child = clients.change(
                client.id(),
                clients.get(client.id()).version(),
                Client.About.of(client.name(), Side.RIGHT, AgeGroup.CHILD));
        take(first, "D7", null, "36", clock.instant().minus(Duration.ofDays(60)));
        GarmentOrder third = order("trousers-tailored");
        known.takeOver(third.id(), "measurer");
        assertThat(child.ageGroup()).isEqualTo(AgeGroup.CHILD);
        assertThat(steps(third)).contains("U1").doesNotContain("D7");
    }

    private List<String> steps(GarmentOrder order) {
        return again(order).readings().stream()
                .map(StoredReading::reading)
                .filter(Reading::counts)
                .map(Reading::step)
                .distinct()
                .toList();
    }

    @Test
    void aBodyThatChangedIsTakenAnew() {
        GarmentOrder open = order("trousers-tailored");
        known.takeOver(open.id(), "measurer");
        take(again(open), "U1", null, "101", clock.instant());
        Visitor measurer = Visitor.as(port, "measurer");
        assertThat(measurer.get("/clients/" + client.id()).body()).contains("The body has changed");
        measurer.post("/clients/" + client.id() + "/changed", Map.of());
        assertThat(steps(open)).as("what was taken here stays").containsExactly("U1");
        assertThat(again(open).readings())
                .filteredOn(r -> r.from().isPresent() && r.reading().step().equals("D9"))
                .allSatisfy(r -> assertThat(Optional.ofNullable(r.reading().struck()))
                        .hasValueSatisfying(s -> assertThat(s.reason()).isEqualTo("the body has changed")));
        assertThat(steps(first)).as("the first sheet").contains("U1", "U2", "D9");
        GarmentOrder after = order("trousers-tailored");
        assertThat(known.takeOver(after.id(), "measurer")).isZero();
        assertThat(measurer.get("/clients/" + client.id()).body()).contains("nothing read before that is taken over");
    }

    @Test
    void theNewOrderSaysHowMuchIsLeftAndTheStepWhereItsValueIsFrom() {
        Visitor measurer = Visitor.as(port, "measurer");
        String form = measurer.get("/orders/new?client=" + client.id() + "&form=trousers-tailored&unit=cm")
                .body();
        assertThat(form).contains("3 values from order " + first.number()).contains(">18 of 20 to take<");
        String inches = measurer.get("/orders/new?client=" + client.id() + "&form=trousers-tailored&unit=in")
                .body();
        assertThat(inches).doesNotContain("of 20 to take<").contains("written by another tape");
        Visitor.Page made = measurer.post(
                "/orders",
                Map.of(
                        "client",
                        client.id(),
                        "title",
                        "more",
                        "form",
                        "trousers-tailored",
                        "unit",
                        "cm",
                        "known",
                        "true"));
        String at = made.header("location").replaceAll("^http://[^/]+", "");
        assertThat(measurer.get(at).body()).contains("steps to take; 3 values are known from order " + first.number());
        assertThat(measurer.get(at + "?step=U1").body())
                .contains("from order " + first.number())
                .contains("what you type takes its place");
        assertThat(measurer.get(at.replace("/measure", "/order")).body()).contains("Known before");
    }

    @Test
    void whoDoesNotWantItBeginsWithAnEmptySheet() {
        Visitor measurer = Visitor.as(port, "measurer");
        Visitor.Page made = measurer.post(
                "/orders",
                Map.of(
                        "client",
                        client.id(),
                        "title",
                        "bare",
                        "form",
                        "trousers-tailored",
                        "unit",
                        "cm",
                        "_known",
                        "on"));
        String id = made.header("location").replaceAll("^.*/orders/([^/]+)/.*$", "$1");
        assertThat(orders.get(id).readings()).isEmpty();
        assertThat(measurer.get("/orders/" + id + "/order").body()).contains("Take over 3 values from order");
        measurer.post("/orders/" + id + "/known", Map.of());
        assertThat(orders.get(id).readings()).hasSize(4);
    }

    /** What was taken over is a copy: a reading that is taken anew elsewhere is said, and taken over once that is wanted. */
    @Test
    void whatAnotherSheetHasReadSinceIsSaidAndTakenOver() {
        GarmentOrder second = order("trousers-tailored");
        known.takeOver(second.id(), "measurer");
        assertThat(known.newerThan(again(second))).isEmpty();
        take(first, "U1", null, "106", clock.instant());
        assertThat(known.newerThan(again(second))).singleElement().satisfies(n -> {
            assertThat(n.value().toString()).isEqualTo("U1");
            assertThat(n.here()).isEqualTo("104.5");
            assertThat(n.there()).isEqualTo("106");
        });
        Visitor measurer = Visitor.as(port, "measurer");
        assertThat(measurer.get("/orders/" + second.id() + "/proof").body())
                .contains("U1, 104.5 here, 106 in order " + first.number());
        measurer.get("/orders/" + second.id() + "/order");
        measurer.post("/orders/" + second.id() + "/known", Map.of());
        assertThat(known.newerThan(again(second))).isEmpty();
        assertThat(again(second).proof().settled().values())
                .filteredOn(v -> v.step().label().equals("U1"))
                .singleElement()
                .satisfies(v -> assertThat(v.length()).isEqualTo(Length.of("106", Unit.CM)));
        assertThat(again(second).readings())
                .filteredOn(r -> !r.reading().counts())
                .singleElement()
                .satisfies(r -> assertThat(String.valueOf(r.reading().struck()))
                        .contains("taken anew in order " + first.number()));
    }

    /** A coat and trousers are one order of two sheets; what both ask alike is taken once. */
    @Test
    void sheetsOfOneOrderShareWhatTheyAskAlike() {
        Visitor measurer = Visitor.as(port, "measurer");
        measurer.get("/orders/new?client=" + client.id());
        Visitor.Page made = measurer.post(
                "/orders",
                Map.of(
                        "client", client.id(),
                        "title", "suit coat",
                        "form", "coat-tailored",
                        "with", "trousers-tailored",
                        "unit", "cm",
                        "_known", "on"));
        String id = made.header("location").replaceAll("^.*/orders/([^/]+)/.*$", "$1");
        GarmentOrder coat = orders.get(id);
        GarmentOrder trousers = orders.together(coat).get(0);
        assertThat(orders.together(trousers)).extracting(GarmentOrder::id).containsExactly(id);
        take(coat, "U1", null, "104", clock.instant());
        String page = measurer.get("/orders/" + id + "/order").body();
        assertThat(page)
                .contains("In the same order")
                .contains("Go on with Trousers")
                .contains(" of 20 to take");
        measurer.post("/orders/" + trousers.id() + "/known", Map.of());
        assertThat(again(trousers).readings())
                .filteredOn(r -> r.reading().step().equals("U1"))
                .singleElement()
                .satisfies(r -> {
                    assertThat(r.from().orElseThrow().orderId()).isEqualTo(id);
                    assertThat(r.reading().text()).isEqualTo("104");
                });
    }
}
