package app.misura.web.order;

import app.misura.core.course.Marks;
import app.misura.core.course.Passes;
import app.misura.core.form.OrderForm;
import app.misura.core.form.ValueId;
import app.misura.core.format.json.JsonRefused;
import app.misura.core.format.json.JsonText;
import app.misura.core.length.Unit;
import app.misura.core.reading.LeftOut;
import app.misura.core.reading.Sheet;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.form.FormVersions;
import app.misura.web.store.Ids;
import app.misura.web.store.NotThere;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The orders of the house and their sheets. Readings, strikes and marks are only added. */
@Service
public class Orders {
    private static final String GONE = "This order is not here any more. Its client may have been deleted.";

    private final OrderRepository orders;
    private final ReadingRepository readings;
    private final StrikeRepository strikes;
    private final MarkRepository marks;
    private final GatePassRepository passes;
    private final LeftOutRepository leftOut;
    private final Clients clients;
    private final FormVersions forms;
    private final Clock clock;

    Orders(
            OrderRepository orders,
            ReadingRepository readings,
            StrikeRepository strikes,
            MarkRepository marks,
            GatePassRepository passes,
            LeftOutRepository leftOut,
            Clients clients,
            FormVersions forms,
            Clock clock) {
        this.orders = orders;
        this.readings = readings;
        this.strikes = strikes;
        this.marks = marks;
        this.passes = passes;
        this.leftOut = leftOut;
        this.clients = clients;
        this.forms = forms;
        this.clock = clock;
    }

    /** What a new order says. */
    public record NewOrder(
            String client,
            String title,
            OrderForm form,
            @Nullable LocalDate neededOn,
            Map<String, String> options) {}

    @Transactional
    public GarmentOrder add(NewOrder wanted, String by) {
        Client client = clients.get(wanted.client());
        OrderEntity entity = new OrderEntity(Ids.next());
        entity.number = orders.lockNumbers().next();
        entity.clientId = client.id();
        entity.title = wanted.title().strip();
        entity.form = wanted.form().id();
        entity.formVersion = wanted.form().version();
        entity.unit = wanted.form().unit().symbol();
        entity.stage = Stage.MEASURING;
        entity.neededOn = wanted.neededOn();
        entity.options = JsonText.write(new TreeMap<>(wanted.options()));
        entity.choices = "";
        entity.createdAt = clock.instant();
        entity.createdBy = by;
        orders.saveAndFlush(entity);
        return loaded(entity);
    }

    @Transactional(readOnly = true)
    public Optional<GarmentOrder> find(String id) {
        return orders.findById(id).map(this::loaded);
    }

    /** @throws NotThere if there is no such order */
    @Transactional(readOnly = true)
    public GarmentOrder get(String id) {
        return find(id).orElseThrow(() -> new NotThere(GONE));
    }

    /** All that are not handed over or called off, by the day they are needed. */
    @Transactional(readOnly = true)
    public List<GarmentOrder> open() {
        return loaded(
                orders.byNeed(Stream.of(Stage.values()).filter(Stage::isOpen).toList()));
    }

    @Transactional(readOnly = true)
    public List<GarmentOrder> of(String clientId) {
        return loaded(orders.findByClientIdOrderByNumberDesc(clientId));
    }

    /** One page of a list, newest first, and how many there are in all. */
    public record Found(List<GarmentOrder> orders, long total) {}

    @Transactional(readOnly = true)
    public Found search(String part, int page, int size) {
        String escaped = part.strip().replace("!", "!!").replace("%", "!%").replace("_", "!_");
        Page<OrderEntity> found = orders.search(escaped, PageRequest.of(page, size));
        return new Found(loaded(found.getContent()), found.getTotalElements());
    }

    /** One order, by queries that are asked the same way each time. */
    private GarmentOrder loaded(OrderEntity order) {
        return order(
                order,
                clients.get(order.clientId),
                readings.of(order.id),
                struck(strikes.of(order.id)),
                marks.findByOrderId(order.id),
                passes.findByOrderId(order.id),
                leftOut.standing(List.of(order.id)));
    }

    private List<GarmentOrder> loaded(List<OrderEntity> entities) {
        List<String> ids = entities.stream().map(o -> o.id).toList();
        Map<String, List<ReadingEntity>> read =
                readings.ofAll(ids).stream().collect(Collectors.groupingBy(r -> r.orderId));
        Map<String, StrikeEntity> struck = struck(strikes.ofAll(ids));
        Map<String, Client> whose =
                clients.all(entities.stream().map(o -> o.clientId).distinct().toList());
        Map<String, List<MarkEntity>> set =
                marks.findByOrderIdIn(ids).stream().collect(Collectors.groupingBy(m -> m.orderId));
        Map<String, List<GatePassEntity>> passed =
                passes.findByOrderIdIn(ids).stream().collect(Collectors.groupingBy(p -> p.orderId));
        Map<String, List<LeftOutEntity>> out =
                leftOut.standing(ids).stream().collect(Collectors.groupingBy(l -> l.orderId));
        return entities.stream()
                .map(o -> order(
                        o,
                        Objects.requireNonNull(whose.get(o.clientId)),
                        read.getOrDefault(o.id, List.of()),
                        struck,
                        set.getOrDefault(o.id, List.of()),
                        passed.getOrDefault(o.id, List.of()),
                        out.getOrDefault(o.id, List.of())))
                .toList();
    }

    private static Map<String, StrikeEntity> struck(List<StrikeEntity> strikes) {
        return strikes.stream().collect(Collectors.toMap(s -> s.readingId, Function.identity()));
    }

    private GarmentOrder order(
            OrderEntity o,
            Client client,
            List<ReadingEntity> readingRows,
            Map<String, StrikeEntity> struck,
            List<MarkEntity> markRows,
            List<GatePassEntity> passRows,
            List<LeftOutEntity> outRows) {
        List<StoredReading> read =
                readingRows.stream().map(r -> r.reading(struck.get(r.id))).toList();
        Marks set = Marks.NONE;
        for (MarkEntity mark : markRows) {
            set = set.with(mark.step, mark.setAt);
        }
        Passes passed = Passes.NONE;
        for (GatePassEntity pass : passRows) {
            passed = passed.with(pass.part, pass.question);
        }
        OrderForm form = forms.find(o.form, o.formVersion)
                .orElseThrow(() -> new NotThere("Form " + o.form + " version " + o.formVersion + " is not known."))
                .in(Unit.parse(o.unit));
        Sheet sheet = new Sheet(
                form,
                client.wearer(),
                options(o.options),
                read.stream().map(StoredReading::reading).toList(),
                outRows.stream().map(LeftOutEntity::leftOut).toList());
        return new GarmentOrder(
                o.id,
                o.number,
                client,
                o.title,
                o.stage,
                o.neededOn,
                sheet,
                read,
                set,
                passed,
                o.choices,
                o.createdAt,
                o.version == null ? 0 : o.version);
    }

    private static Map<String, String> options(String json) {
        Map<String, String> options = new LinkedHashMap<>();
        try {
            JsonText.parse(json)
                    .propertyStream()
                    .forEach(e -> options.put(e.getKey(), e.getValue().stringValue()));
        } catch (JsonRefused e) {
            throw new IllegalStateException("stored options are unreadable", e);
        }
        return options;
    }

    /** The readings that now stand for what was posted, and how many of them are new. */
    public record Kept(List<StoredReading> readings, int added) {}

    /** Keeps readings: all of them, or none. One whose key is known already is answered as it was kept then. */
    @Transactional
    public Kept keep(String orderId, List<NewReading> wanted) {
        orders.lock(orderId).orElseThrow(() -> new NotThere(GONE));
        int position = readings.lastPosition(orderId);
        int added = 0;
        List<StoredReading> kept = new ArrayList<>();
        for (NewReading reading : wanted) {
            Optional<ReadingEntity> known = reading.key() == null
                    ? Optional.empty()
                    : readings.findByOrderIdAndClientKey(orderId, reading.key());
            if (known.isPresent()) {
                kept.add(known.get().reading(strikes.findById(known.get().id).orElse(null)));
                continue;
            }
            ReadingEntity entity = new ReadingEntity(Ids.next(), orderId, ++position, reading.reading(), reading.key());
            readings.saveAndFlush(entity);
            kept.add(entity.reading(null));
            added++;
        }
        return new Kept(kept, added);
    }

    /** Strikes a reading of an order. Struck once, it stays as it was struck. */
    @Transactional
    public void strike(String orderId, String readingId, String reason, String by) {
        ReadingEntity reading = readings.findById(readingId)
                .filter(r -> r.orderId.equals(orderId))
                .orElseThrow(() -> new NotThere("This reading is not on this order."));
        if (strikes.findById(reading.id).isEmpty()) {
            strikes.saveAndFlush(new StrikeEntity(reading.id, reason, clock.instant(), by));
        }
    }

    /** Keeps readings and leaves values out: all of it, or none. */
    @Transactional
    public Kept keep(String orderId, List<NewReading> wanted, List<LeftOut> out, String by) {
        int left = leaveOut(orderId, out, by);
        Kept kept = keep(orderId, wanted);
        return new Kept(kept.readings(), kept.added() + left);
    }

    /** Leaves values out of a sheet, or says anew why; what was said so already is not said twice. @return how many are new */
    @Transactional
    public int leaveOut(String orderId, List<LeftOut> values, String by) {
        orders.lock(orderId).orElseThrow(() -> new NotThere(GONE));
        Set<LeftOut> standing = leftOut.standing(List.of(orderId)).stream()
                .map(LeftOutEntity::leftOut)
                .collect(Collectors.toSet());
        int added = 0;
        for (LeftOut value : values) {
            if (standing.add(value)) {
                takeBack(orderId, value.value(), by);
                leftOut.saveAndFlush(new LeftOutEntity(Ids.next(), orderId, value, clock.instant(), by));
                added++;
            }
        }
        return added;
    }

    /** Takes back that a value is left out; nothing where it is not. */
    @Transactional
    public void takeBack(String orderId, ValueId value, String by) {
        for (LeftOutEntity standing : leftOut.standing(List.of(orderId))) {
            if (standing.leftOut().value().equals(value)) {
                standing.takenBackAt = clock.instant();
                standing.takenBackBy = by;
                leftOut.saveAndFlush(standing);
            }
        }
    }

    @Transactional
    public void setMark(String orderId, String step, String by) {
        orders.findById(orderId).orElseThrow(() -> new NotThere(GONE));
        marks.saveAndFlush(new MarkEntity(Ids.next(), orderId, step, clock.instant(), by));
    }

    /** Passes the questions of a gate, to be cleared later. */
    @Transactional
    public void passGate(String orderId, String part, List<String> questions, String by) {
        orders.findById(orderId).orElseThrow(() -> new NotThere(GONE));
        for (String question : questions) {
            passes.saveAndFlush(new GatePassEntity(Ids.next(), orderId, part, question, clock.instant(), by));
        }
    }

    /** @throws OptimisticLockingFailureException if somebody changed the order since that version */
    @Transactional
    public GarmentOrder choose(String orderId, long version, String choices) {
        OrderEntity entity = orders.findById(orderId).orElseThrow(() -> new NotThere(GONE));
        if ((entity.version == null ? 0 : entity.version) != version) {
            throw new OptimisticLockingFailureException("changed meanwhile");
        }
        entity.choices = choices;
        orders.saveAndFlush(entity);
        return loaded(entity);
    }

    @Transactional
    public void move(String orderId, Stage stage) {
        OrderEntity entity = orders.findById(orderId).orElseThrow(() -> new NotThere(GONE));
        entity.stage = stage;
        orders.saveAndFlush(entity);
    }
}
