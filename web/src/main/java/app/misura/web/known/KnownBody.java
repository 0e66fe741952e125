package app.misura.web.known;

import app.misura.core.course.Course;
import app.misura.core.form.ValueId;
import app.misura.core.known.Change;
import app.misura.core.known.Known;
import app.misura.core.known.Reuse;
import app.misura.core.known.Reuse.Carried;
import app.misura.core.known.Reuse.Limits;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import app.misura.core.reading.Strike;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.house.House;
import app.misura.web.id.NotThere;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.reading.Origin;
import app.misura.web.reading.Readings;
import app.misura.web.reading.StoredReading;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is known of a client's body from the sheets of their orders. */
@Service
public class KnownBody {
    /** Why a value that was taken over is struck when the body is said to have changed. */
    private final Orders orders;

    private final Readings readings;
    private final Clients clients;
    private final House house;
    private final Clock clock;

    KnownBody(Orders orders, Readings readings, Clients clients, House house, Clock clock) {
        this.orders = orders;
        this.readings = readings;
        this.clients = clients;
        this.house = house;
        this.clock = clock;
    }

    private KnownSheets sheets(Client client, List<GarmentOrder> all) {
        return new KnownSheets(client, all, limits(client));
    }

    /** How many steps of a form are left to take. @param reuse what is known of the others */
    public record ToTake(int left, int all, Reuse<Origin> reuse) {
        /** "9 of 27 to take"; empty where nothing is known. */
        public String words() {
            return reuse.carried().isEmpty() ? "" : left + " of " + all + " to take";
        }
    }

    /** What is known of a client. */
    @Transactional(readOnly = true)
    public KnownSheets of(Client client) {
        return sheets(client, orders.of(client.id()));
    }

    /** What is known of an order's client from all sheets but its own. */
    private KnownSheets besides(GarmentOrder order) {
        List<GarmentOrder> others = orders.of(order.client().id()).stream()
                .filter(o -> !o.id().equals(order.id()))
                .toList();
        return sheets(order.client(), others);
    }

    /** What is known of an order's client from the other sheets of the same order. */
    private KnownSheets together(GarmentOrder order) {
        return sheets(order.client(), orders.together(order));
    }

    /** What the client's other sheets know that this one has no reading of. */
    @Transactional(readOnly = true)
    public Reuse<Origin> missingOn(GarmentOrder order) {
        return besides(order).on(order.sheet());
    }

    /** How the values of an order's sheet differ from what the client's other sheets had before. */
    @Transactional(readOnly = true)
    public List<Change<Origin>> changes(GarmentOrder order) {
        return Change.since(order.proof(), besides(order).sources(), order.tables());
    }

    /** A value that this sheet took over and another sheet has read since. @param here and {@code there} what was written */
    public record Newer(ValueId value, String here, String there, Carried<Origin> carried) {}

    /** What the client's other sheets have read anew since this one took it over. */
    @Transactional(readOnly = true)
    public List<Newer> newerThan(GarmentOrder order) {
        return order.readings().stream().allMatch(r -> r.from().isEmpty())
                ? List.of()
                : newerThan(order, besides(order));
    }

    private static List<Newer> newerThan(GarmentOrder order, KnownSheets sheets) {
        List<Newer> newer = new ArrayList<>();
        for (Carried<Origin> carried : sheets.on(order.takenHere()).carried()) {
            List<Reading> here = order.proof().settled().containsKey(carried.value())
                    ? order.proof().settled().get(carried.value()).made()
                    : List.of();
            boolean later = here.stream()
                    .map(Reading::at)
                    .allMatch(at -> at.isBefore(carried.source().known().at()));
            if (!here.isEmpty() && later && !texts(here).equals(texts(carried.readings()))) {
                newer.add(new Newer(carried.value(), texts(here), texts(carried.readings()), carried));
            }
        }
        return newer;
    }

    private static String texts(List<Reading> readings) {
        return readings.stream().map(Reading::text).collect(Collectors.joining(" and "));
    }

    /** Another sheet of the same order. @param words how much of it is left to take */
    public record Beside(String id, String title, String words) {}

    /** The other sheets of the same order, with what they would have left to take. */
    @Transactional(readOnly = true)
    public List<Beside> beside(GarmentOrder order) {
        return orders.together(order).stream()
                .map(o -> new Beside(o.id(), o.title(), left(o)))
                .toList();
    }

    private String left(GarmentOrder order) {
        List<Reading> all = new ArrayList<>(order.sheet().readings());
        together(order).on(order.sheet()).carried().forEach(c -> all.addAll(c.readings()));
        Sheet sheet = order.sheet();
        Course course = Course.of(
                Proof.of(new Sheet(
                        sheet.form(),
                        sheet.wearer(),
                        sheet.answers(),
                        all,
                        sheet.leftOut(),
                        sheet.accepted(),
                        sheet.judging())),
                order.taken().marks());
        int steps = course.counted().size();
        return steps == course.taken() ? "all taken" : (steps - course.taken()) + " of " + steps + " to take";
    }

    /**
     * Writes what is known on an order's sheet, as it was written then; what another sheet has read anew since takes the place
     * of what was taken over before. @return how many values
     */
    @Transactional
    public int takeOver(String orderId, String by) {
        orders.hold(orderId);
        GarmentOrder order = orders.get(orderId);
        return takeOver(order, besides(order), by);
    }

    /** Since when a client's values are fresh, and since when they are of this body. */
    public Limits limits(Client client) {
        Instant oldest = house.rules()
                .fresh()
                .since(client.ageGroup(), LocalDate.now(clock))
                .atStartOfDay(clock.getZone())
                .toInstant();
        return new Limits(oldest, client.bodyChangedAt());
    }

    /**
     * Writes one value of another sheet of the same client on an order's sheet, as it was written there; what stood here is
     * struck.
     *
     * @throws NotThere if one of them has no such value, or it was written by another tape
     */
    @Transactional
    public void takeOver(String orderId, ValueId value, String fromId, String by) {
        orders.hold(orderId);
        GarmentOrder order = orders.get(orderId);
        GarmentOrder from = orders.of(order.client().id()).stream()
                .filter(o -> o.id().equals(fromId)
                        && !o.id().equals(orderId)
                        && !o.stage().isVoid())
                .filter(o -> o.form().unit() == order.form().unit())
                .findFirst()
                .orElseThrow(() -> new NotThere("This client has no such sheet of the same tape."));
        Sheet.Slot slot = order.sheet().slots().stream()
                .filter(s -> s.id().equals(value))
                .findFirst()
                .orElseThrow(() -> new NotThere("This order does not ask for " + value + "."));
        Known known = Known.of(from.proof()).stream()
                .filter(k -> k.key().equals(slot.step().key()) && k.side() == slot.side())
                .findFirst()
                .orElseThrow(() -> new NotThere(
                        "Order " + from.number() + " has no " + slot.step().name() + "."));
        order.readings().stream()
                .filter(r -> r.reading().counts()
                        && value.isOf(r.reading().step())
                        && (!slot.isOneOfBoth() || r.reading().side() == slot.side()))
                .forEach(r -> readings.strike(orderId, r.id(), Strike.TAKEN_OVER + from.number(), by));
        readings.takeOver(
                orderId,
                known.made().stream()
                        .map(r -> r.at(slot.step().label(), slot.side()))
                        .toList(),
                new Origin(from.id(), from.number()));
    }

    /** Goes on with a sheet of an order: what the order's other sheets have by now is written on it. @return how many values */
    @Transactional
    public int goOn(String orderId, String by) {
        orders.hold(orderId);
        GarmentOrder order = orders.get(orderId);
        return takeOver(order, together(order), by);
    }

    private int takeOver(GarmentOrder order, KnownSheets sheets, String by) {
        String orderId = order.id();
        List<Newer> newer = newerThan(order, sheets);
        List<Carried<Origin>> carried = new ArrayList<>(sheets.on(order.sheet()).carried());
        for (Newer each : newer) {
            Origin there = each.carried().source().sheet();
            order.readings().stream()
                    .filter(r -> r.reading().counts() && r.from().isPresent())
                    .filter(r -> each.value().isOf(r.reading().step())
                            && r.reading().side()
                                    == each.carried().readings().get(0).side())
                    .forEach(r ->
                            readings.strike(orderId, r.id(), Strike.TAKEN_ANEW + " in order " + there.number(), by));
            carried.add(each.carried());
        }
        carried.forEach(c -> readings.takeOver(orderId, c.readings(), c.source().sheet()));
        return carried.size();
    }

    /**
     * Says that a client's body has changed: what was read before is taken over by no sheet any more, and what open orders
     * took over is struck. @return how many readings were struck
     */
    @Transactional
    public int changed(String clientId, String by) {
        clients.hold(clientId);
        clients.bodyChanged(clientId);
        int struck = 0;
        for (GarmentOrder order : orders.of(clientId)) {
            if (order.stage().isOpen()) {
                for (StoredReading reading : order.readings()) {
                    if (reading.from().isPresent() && reading.reading().counts()) {
                        readings.strike(order.id(), reading.id(), Strike.CHANGED, by);
                        struck++;
                    }
                }
            }
        }
        return struck;
    }

    /** The origins of what stands on a sheet, the latest order first, each with how many values came from it. */
    public static List<Map.Entry<Origin, Long>> origins(GarmentOrder order) {
        return order.readings().stream()
                .filter(r -> r.reading().counts())
                .filter(r -> r.from().isPresent())
                .collect(Collectors.groupingBy(
                        r -> r.from().orElseThrow(),
                        Collectors.mapping(
                                r -> r.reading().step() + r.reading().side(),
                                Collectors.collectingAndThen(Collectors.toSet(), s -> (long) s.size()))))
                .entrySet()
                .stream()
                .sorted(Comparator.comparing(
                                (Map.Entry<Origin, Long> e) -> e.getKey().number())
                        .reversed())
                .toList();
    }
}
