package app.misura.web.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.misura.core.cut.Cutting;
import app.misura.core.form.OrderForm;
import app.misura.core.form.OrderForms;
import app.misura.core.form.ValueId;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.life.Stage;
import app.misura.core.measure.Play;
import app.misura.core.measure.Side;
import app.misura.core.reading.AgeGroup;
import app.misura.core.reading.LeftOut;
import app.misura.core.reading.Reading;
import app.misura.web.TestHouse;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.cutting.CutChoices;
import app.misura.web.id.NotThere;
import app.misura.web.reading.NewReading;
import app.misura.web.reading.Readings;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.dao.OptimisticLockingFailureException;

class OrdersTest extends TestHouse {
    @Autowired
    private Orders orders;

    @Autowired
    private OrderLife life;

    @Autowired
    private Readings readings;

    @Autowired
    private Clients clients;

    @Autowired
    private org.springframework.jdbc.core.JdbcTemplate jdbc;

    private GarmentOrder order() {
        Client client =
                clients.add(Client.About.of("Person " + System.nanoTime(), Side.RIGHT, AgeGroup.ADULT), "owner");
        return orders.add(
                new Orders.NewOrder(
                        client.id(),
                        "trousers",
                        OrderForms.shipped().get("trousers-tailored"),
                        null,
                        Map.of("fit", "easy")),
                "owner");
    }

    private static NewReading reading(String text, String key) {
        return new NewReading(
                new Reading(
                        "U1",
                        null,
                        text,
                        Length.of(text, Unit.CM),
                        Play.ONE_FINGER,
                        Instant.parse("2026-01-31T10:15:00Z"),
                        "measurer",
                        null,
                        null),
                key);
    }

    @Test
    void aReadingComesBackAsItWasWritten() {
        GarmentOrder order = order();
        readings.keep(order.id(), List.of(reading("104.5", null), reading("105", null)));
        GarmentOrder again = orders.get(order.id());
        assertThat(again.readings().stream().map(r -> r.reading().text())).containsExactly("104.5", "105");
        assertThat(again.readings().get(0).reading().at()).isEqualTo(Instant.parse("2026-01-31T10:15:00Z"));
        assertThat(again.answers()).containsEntry("fit", "easy");
        assertThat(again.sheet().settled().get(ValueId.of("U1")).length()).isEqualTo(Length.of("105", Unit.CM));
    }

    @Test
    void aStrikeStaysAndDoesNotCount() {
        GarmentOrder order = order();
        Readings.Kept kept = readings.keep(order.id(), List.of(reading("104.5", null), reading("140.5", null)));
        readings.strike(order.id(), kept.readings().get(1).id(), "digits turned", "owner");
        readings.strike(order.id(), kept.readings().get(1).id(), "another reason", "owner");
        GarmentOrder again = orders.get(order.id());
        assertThat(again.readings().get(1).reading().struck().reason()).isEqualTo("digits turned");
        assertThat(again.sheet().settled().get(ValueId.of("U1")).length()).isEqualTo(Length.of("104.5", Unit.CM));
        assertThatThrownBy(() ->
                        readings.strike(order().id(), kept.readings().get(0).id(), "x", "owner"))
                .isInstanceOf(NotThere.class);
    }

    @Test
    void theSameKeyIsKeptOnceEvenWhenSentAtOnce() throws Exception {
        GarmentOrder order = order();
        ExecutorService pool = Executors.newFixedThreadPool(6);
        List<Future<Readings.Kept>> sent = new ArrayList<>();
        for (int i = 0; i < 24; i++) {
            String key = "k" + i % 8;
            sent.add(pool.submit(() -> readings.keep(order.id(), List.of(reading("104.5", key)))));
        }
        for (Future<Readings.Kept> each : sent) {
            each.get();
        }
        pool.shutdown();
        assertThat(orders.get(order.id()).readings()).hasSize(8);
    }

    @Test
    void ordersOpenedAtOnceGetNumbersOfTheirOwn() throws Exception {
        OrderForm form = order().form();
        String client = order().client().id();
        ExecutorService pool = Executors.newFixedThreadPool(8);
        List<Future<GarmentOrder>> opened = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            opened.add(pool.submit(
                    () -> orders.add(new Orders.NewOrder(client, "trousers", form, null, Map.of()), "owner")));
        }
        Set<Integer> numbers = new HashSet<>();
        for (Future<GarmentOrder> each : opened) {
            numbers.add(each.get().number());
        }
        pool.shutdown();
        assertThat(numbers).hasSize(40);
    }

    @Test
    void twoTabsDoNotOverwriteEachOther() {
        GarmentOrder order = order();
        GarmentOrder changed = life.choose(order.id(), order.version(), "");
        assertThatThrownBy(() -> life.choose(order.id(), order.version() - 1, ""))
                .isInstanceOf(OptimisticLockingFailureException.class);
        assertThat(changed.id()).isEqualTo(order.id());
        Client client = order.client();
        clients.change(client.id(), client.version(), Client.About.of("New Name", Side.LEFT, AgeGroup.ADULT));
        assertThatThrownBy(() -> clients.change(
                        client.id(), client.version(), Client.About.of("Other", Side.LEFT, AgeGroup.ADULT)))
                .isInstanceOf(OptimisticLockingFailureException.class);
        assertThat(clients.get(client.id()).name()).isEqualTo("New Name");
    }

    @Test
    void deletingAClientTakesOrdersAndReadingsWithIt() {
        GarmentOrder order = order();
        readings.keep(order.id(), List.of(reading("104.5", null)));
        clients.delete(order.client().id());
        assertThat(orders.find(order.id())).isEmpty();
        assertThatThrownBy(() -> readings.keep(order.id(), List.of(reading("104.5", null))))
                .isInstanceOf(NotThere.class);
    }

    /** The row of a client that goes and those that are opened for it are never there without each other. */
    @Test
    void whatIsOpenedForAClientWhoIsDeletedAtThatMomentGoesToo() throws Exception {
        ExecutorService pool = Executors.newFixedThreadPool(3);
        int opened = 0;
        for (int round = 0; round < 40; round++) {
            GarmentOrder order = order();
            Client client = order.client();
            String reading = readings.keep(order.id(), List.of(reading("100", null)))
                    .readings()
                    .get(0)
                    .id();
            java.util.concurrent.CyclicBarrier together = new java.util.concurrent.CyclicBarrier(3);
            Future<?> deleted = pool.submit(() -> {
                together.await();
                clients.delete(client.id());
                return null;
            });
            Future<?> added = pool.submit(() -> {
                together.await();
                return orders.add(new Orders.NewOrder(client.id(), "trousers", order.form(), null, Map.of()), "owner");
            });
            Future<?> struck = pool.submit(() -> {
                together.await();
                readings.strike(order.id(), reading, "why", "owner");
                readings.setMark(order.id(), "P1", "owner");
                return null;
            });
            deleted.get();
            for (Future<?> each : List.of(added, struck)) {
                try {
                    each.get();
                    opened++;
                } catch (java.util.concurrent.ExecutionException gone) {
                    assertThat(gone.getCause()).isInstanceOf(NotThere.class);
                }
            }
            assertThat(orders.of(client.id())).isEmpty();
        }
        pool.shutdown();
        assertThat(opened).as("rounds in which the others were quicker").isPositive();
        for (String orphans : List.of(
                "garment_order o where not exists (select 1 from client c where c.id = o.client_id)",
                "reading r where not exists (select 1 from garment_order o where o.id = r.order_id)",
                "strike s where not exists (select 1 from reading r where r.id = s.reading_id)",
                "mark_set m where not exists (select 1 from garment_order o where o.id = m.order_id)")) {
            assertThat(jdbc.queryForObject("select count(*) from " + orphans, Integer.class))
                    .as(orphans)
                    .isZero();
        }
    }

    /** Were there such a row all the same, it would not answer for a list. */
    @Test
    void anOrderWithoutAClientTakesNoListAlong() {
        GarmentOrder order = order();
        jdbc.execute("set referential_integrity false");
        jdbc.update("update garment_order set client_id = 'nobody' where id = ?", order.id());
        try {
            assertThat(orders.waiting(EnumSet.allOf(Stage.class), 200))
                    .isNotEmpty()
                    .noneMatch(o -> o.id().equals(order.id()));
            assertThat(orders.search("", 0, 200).orders()).noneMatch(o -> o.id().equals(order.id()));
        } finally {
            jdbc.update("delete from garment_order where id = ?", order.id());
            jdbc.execute("set referential_integrity true");
        }
    }

    @Test
    void theDemoHouseIsAlive() {
        List<GarmentOrder> open = orders.waiting(EnumSet.allOf(Stage.class), 200);
        assertThat(clients.search("", 0, 50).total()).isGreaterThanOrEqualTo(14);
        assertThat(open.stream().filter(o -> o.title().contains("trousers"))).hasSizeGreaterThanOrEqualTo(6);
        GarmentOrder slip = open.stream()
                .filter(o -> o.client().name().equals("Leilani Brandvold"))
                .findFirst()
                .orElseThrow();
        assertThat(slip.proof().sentence().head()).isEqualTo("One number is wrong: S2, about 7 cm too long.");
        assertThat(open.stream().anyMatch(o -> o.client().ageGroup() == AgeGroup.CHILD))
                .isTrue();
        List<String> cuttable = open.stream()
                .filter(o -> o.course().isComplete())
                .filter(o -> CutChoices.cut(o, o.proof()) instanceof Cutting.Cut)
                .map(o -> o.client().name())
                .toList();
        assertThat(cuttable)
                .contains(
                        "Anselm Tuilagi-Roth",
                        "Tavi Mbeki-Lindqvist",
                        "Bartholomew Osei-Winther",
                        "Yusra Hallgrim-Osei");
    }

    @Test
    void whatWasKeptNeedsNotBeReadAgainUnlessOthersChangedTheOrder() {
        String id = order().id();
        GarmentOrder before = orders.get(id);
        GarmentOrder mine = orders.with(before, readings.keep(id, List.of(reading("104.5", null))));
        assertThat(orders.get(id)).isSameAs(mine);
        readings.keep(id, List.of(reading("106", null)));
        GarmentOrder late = orders.with(mine, readings.keep(id, List.of(reading("107", null))));
        assertThat(late.readings()).as("as far as they knew").hasSize(2);
        assertThat(orders.get(id).readings().stream().map(r -> r.reading().text()))
                .containsExactly("104.5", "106", "107");
    }

    /** An order is remembered by how far its rows have come: every kind of change is seen by whoever looks next. */
    @Test
    void whoLooksAgainSeesEveryChange() {
        String id = order().id();
        List<GarmentOrder> seen = new ArrayList<>();
        seen.add(orders.get(id));
        assertThat(orders.get(id)).as("nothing changed, nothing is read anew").isSameAs(seen.get(0));
        Readings.Kept kept = readings.keep(id, List.of(reading("104.5", null)));
        seen.add(orders.get(id));
        readings.strike(id, kept.readings().get(0).id(), "tape twisted", "owner");
        seen.add(orders.get(id));
        readings.setMark(id, "P1", "owner");
        seen.add(orders.get(id));
        readings.leaveOut(id, List.of(new LeftOut(ValueId.of("D1"), LeftOut.Why.REFUSED, "")), "owner");
        seen.add(orders.get(id));
        readings.takeBack(id, ValueId.of("D1"), "owner");
        seen.add(orders.get(id));
        readings.passGate(id, "S", List.of("closure-wrong S2"), "owner");
        seen.add(orders.get(id));
        readings.note(id, "U1", "belly drawn in", "owner");
        assertThat(orders.get(id)).isNotEqualTo(seen.get(6));
        seen.add(orders.get(id));
        life.choose(id, seen.get(0).version(), "{\"fit\":\"close\"}");
        seen.add(orders.get(id));
        life.move(id, orders.get(id).version(), Stage.CUTTING, "", "owner");
        seen.add(orders.get(id));
        Client client = seen.get(0).client();
        clients.change(client.id(), client.version(), Client.About.of("Renamed Person", Side.LEFT, AgeGroup.ADULT));
        seen.add(orders.get(id));
        for (int i = 1; i < seen.size(); i++) {
            assertThat(seen.get(i)).as("change %d", i).isNotEqualTo(seen.get(i - 1));
        }
        assertThat(seen.get(1).sheet().readings()).hasSize(1);
        assertThat(seen.get(2).sheet().readings().get(0).counts()).isFalse();
        assertThat(seen.get(3).taken().marks().isSet("P1")).isTrue();
        assertThat(seen.get(4).sheet().leftOut()).hasSize(1);
        assertThat(seen.get(5).sheet().leftOut()).isEmpty();
        assertThat(seen.get(6).taken().passes())
                .isNotEqualTo(seen.get(5).taken().passes());
        assertThat(seen.get(8).choices()).contains("close");
        assertThat(seen.get(9).stage()).isEqualTo(Stage.CUTTING);
        assertThat(seen.get(10).client().name()).isEqualTo("Renamed Person");
        clients.delete(client.id());
        assertThatThrownBy(() -> orders.get(id)).isInstanceOf(NotThere.class);
    }
}
