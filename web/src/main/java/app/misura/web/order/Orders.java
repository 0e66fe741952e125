package app.misura.web.order;

import app.misura.core.form.OrderForm;
import app.misura.core.format.json.JsonRefused;
import app.misura.core.format.json.JsonText;
import app.misura.core.length.Unit;
import app.misura.core.life.Stage;
import app.misura.core.reading.Sheet;
import app.misura.web.client.Client;
import app.misura.web.client.Clients;
import app.misura.web.form.FormVersions;
import app.misura.web.house.Judgings;
import app.misura.web.house.Tables;
import app.misura.web.id.Ids;
import app.misura.web.id.NotThere;
import app.misura.web.reading.Readings;
import app.misura.web.reading.Taken;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Collection;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The orders of the house with their sheets. */
@Service
public class Orders {
    /** Before every day on which something waits. */
    private static final LocalDate EVER = LocalDate.of(1000, 1, 1);

    /** Of so many clients at most whose names begin so, orders are listed. */
    private static final int MOST_CLIENTS = 200;

    private static final Logger LOG = LoggerFactory.getLogger(Orders.class);
    private final Remembered remembered = new Remembered();

    private final OrderRepository orders;
    private final Readings readings;
    private final Clients clients;
    private final FormVersions forms;
    private final Tables tables;
    private final Judgings judgings;
    private final Clock clock;

    Orders(
            OrderRepository orders,
            Readings readings,
            Clients clients,
            FormVersions forms,
            Tables tables,
            Judgings judgings,
            Clock clock) {
        this.judgings = judgings;
        this.tables = tables;
        this.orders = orders;
        this.readings = readings;
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
        Client client = clients.hold(wanted.client());
        OrderEntity entity = new OrderEntity(Ids.next());
        entity.number = orders.lockNumbers().next();
        entity.clientId = client.id();
        entity.title = wanted.title().strip();
        entity.form = wanted.form().id();
        entity.formVersion = wanted.form().version();
        entity.unit = wanted.form().unit().symbol();
        entity.stands(Stage.MEASURING, wanted.neededOn());
        entity.options = JsonText.write(new TreeMap<>(wanted.options()));
        entity.choices = "";
        entity.tables = tables.now().version();
        entity.createdAt = clock.instant();
        entity.createdBy = by;
        orders.saveAndFlush(entity);
        return get(entity.id);
    }

    /** Opens sheets that are one order: they are measured in one visit, what they share once. @return in the same order */
    @Transactional
    public List<GarmentOrder> addTogether(List<NewOrder> wanted, String by) {
        List<String> ids = wanted.stream().map(w -> add(w, by).id()).toList();
        if (ids.size() > 1) {
            for (OrderEntity entity : orders.findAllById(ids)) {
                entity.together = ids.get(0);
                orders.saveAndFlush(entity);
            }
        }
        return ids.stream().map(this::get).toList();
    }

    /** The other sheets of one order, by number. */
    @Transactional(readOnly = true)
    public List<GarmentOrder> together(GarmentOrder order) {
        String first = order.about().together();
        return first == null
                ? List.of()
                : loaded(orders.findByTogetherOrderByNumber(first)).stream()
                        .filter(o -> !o.id().equals(order.id()))
                        .toList();
    }

    @Transactional(readOnly = true)
    public Optional<GarmentOrder> find(String id) {
        return orders.state(id).map(state -> {
            GarmentOrder known = remembered.at(state);
            boolean same = known != null && known.sheet().judging() == judgings.now();
            return same ? known : remembered.keep(state, loaded(state));
        });
    }

    /** @throws NotThere if there is no such order */
    @Transactional(readOnly = true)
    public GarmentOrder get(String id) {
        return find(id).orElseThrow(() -> NotThere.order());
    }

    /** Nobody deletes the order until the transaction is over. @throws NotThere if there is no such order */
    @Transactional
    public void hold(String id) {
        readings.hold(id);
    }

    /** The order with readings that were kept just now. */
    public GarmentOrder with(GarmentOrder order, Readings.Kept kept) {
        boolean more = kept.readings().stream()
                .anyMatch(r -> order.form().find(r.reading().step()).isEmpty());
        return more || kept.struck() > 0
                ? get(order.id())
                : remembered.more(order, order.with(kept.readings()), kept.added());
    }

    /** The form of an order with these steps of its whole form too, as the order's answers ask it. */
    public OrderForm form(GarmentOrder order, Collection<String> labels) {
        return forms.find(order.form().id(), order.form().version())
                .orElseThrow(NotThere::order)
                .in(order.form().unit())
                .adding(order.about().added())
                .adding(labels)
                .asAsked(order.answers());
    }

    /** The first that wait at one of these stages, by the day they are needed. */
    @Transactional(readOnly = true)
    public List<GarmentOrder> waiting(Collection<Stage> stages, int most) {
        return loaded(orders.waiting(EVER, stages, PageRequest.of(0, most)));
    }

    /** What is needed on a day from one on and before another, by the day. @param most so many at most */
    @Transactional(readOnly = true)
    public List<Due> due(LocalDate from, LocalDate before, int most) {
        return orders.due(from, before, PageRequest.of(0, most));
    }

    /** An order that is needed on a day. */
    public record Due(LocalDate day, String orderId, String client, String title) {}

    /** An order as a list shows it. */
    public record Listed(
            String id,
            int number,
            String client,
            String title,
            Stage stage,
            @Nullable LocalDate neededOn) {}

    /**
     * A piece of the list of all orders, newest first.
     *
     * @param q the beginning of a word of the client's name, or an order's number; blank for all
     * @param stage only those that stand there; empty for all
     */
    @Transactional(readOnly = true)
    public Slice<Listed> list(String q, Optional<Stage> stage, int page, int size) {
        Collection<Stage> stages = stage.<Collection<Stage>>map(List::of).orElse(EnumSet.allOf(Stage.class));
        Pageable piece = PageRequest.of(page, size);
        String asked = q.strip();
        Slice<OrderEntity> found;
        if (asked.isEmpty()) {
            found = stage.isEmpty()
                    ? orders.findAllByOrderByNumberDesc(piece)
                    : orders.findByStageOrderByNumberDesc(stage.get(), piece);
        } else if (asked.matches("\\d{1,9}")) {
            found = orders.findByNumberAndStageIn(Integer.parseInt(asked), stages, piece);
        } else {
            found = orders.findByClientIdInAndStageInOrderByNumberDesc(clients.ids(asked, MOST_CLIENTS), stages, piece);
        }
        Map<String, Client> whose =
                clients.all(found.stream().map(o -> o.clientId).distinct().toList());
        return found.map(o -> listed(o, whose.get(o.clientId)));
    }

    private static Listed listed(OrderEntity o, @Nullable Client client) {
        return new Listed(o.id, o.number, client == null ? "" : client.name(), o.title, o.stage, o.neededOn);
    }

    /** How many orders wait for each of these clients; one for whom none does is not among them. */
    @Transactional(readOnly = true)
    public Map<String, Long> open(Collection<String> clientIds) {
        return orders.open(clientIds).stream().collect(Collectors.toMap(row -> (String) row[0], row -> (Long) row[1]));
    }

    /** How many wait at each stage; a stage at which none does is not among them. */
    @Transactional(readOnly = true)
    public Map<Stage, Long> counts() {
        Map<Stage, Long> counts = new EnumMap<>(Stage.class);
        orders.counts(EVER).forEach(row -> counts.put((Stage) row[0], (Long) row[1]));
        return counts;
    }

    @Transactional(readOnly = true)
    public List<GarmentOrder> of(String clientId) {
        return loaded(orders.findByClientIdOrderByNumberDesc(clientId));
    }

    /** The newest orders of the house, at most so many. */
    @Transactional(readOnly = true)
    public List<GarmentOrder> newest(int most) {
        return loaded(orders.findAllByOrderByNumberDesc(PageRequest.of(0, most)).getContent());
    }

    /** One page of a list, newest first, and how many there are in all. */
    public record Found(List<GarmentOrder> orders, long total) {}

    @Transactional(readOnly = true)
    public Found search(String part, int page, int size) {
        String escaped = part.strip().replace("!", "!!").replace("%", "!%").replace("_", "!_");
        Page<OrderEntity> found = orders.search(escaped, PageRequest.of(page, size));
        return new Found(loaded(found.getContent()), found.getTotalElements());
    }

    private GarmentOrder loaded(OrderState state) {
        OrderEntity order = orders.findById(state.id()).orElseThrow(() -> NotThere.order());
        return order(order, clients.get(order.clientId), readings.of(order.id, state.rows()));
    }

    private List<GarmentOrder> loaded(List<OrderEntity> entities) {
        Map<String, Taken> taken = readings.of(entities.stream().map(o -> o.id).toList());
        Map<String, Client> whose =
                clients.all(entities.stream().map(o -> o.clientId).distinct().toList());
        return entities.stream()
                .filter(o -> whose.containsKey(o.clientId) && isReadable(o))
                .map(o -> order(
                        o, Objects.requireNonNull(whose.get(o.clientId)), Objects.requireNonNull(taken.get(o.id))))
                .toList();
    }

    /** One order that cannot be read does not answer for a list: it is left out, and the log says which. */
    private boolean isReadable(OrderEntity o) {
        if (forms.find(o.form, o.formVersion).isPresent()
                && tables.find(o.tables).isPresent()) {
            return true;
        }
        LOG.warn(
                "order {} is left out of lists: form {} version {} or house tables {} are not known",
                o.number,
                o.form,
                o.formVersion,
                o.tables);
        return false;
    }

    private GarmentOrder order(OrderEntity o, Client client, Taken taken) {
        OrderForm form = forms.find(o.form, o.formVersion)
                .orElseThrow(() -> new NotThere("Form " + o.form + " version " + o.formVersion + " is not known."))
                .in(Unit.parse(o.unit));
        List<String> added = o.added.isEmpty() ? List.of() : List.of(o.added.split(" "));
        return GarmentOrder.of(
                o.id,
                client,
                new About(o.number, o.title, o.stage, o.neededOn, added, o.notes, o.together, o.createdAt),
                new Sheet(form.adding(added), client.wearer(), options(o.options), List.of()).judged(judgings.now()),
                taken,
                o.choices,
                tables.find(o.tables).orElseThrow(() -> new NotThere("House tables " + o.tables + " are not known.")),
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
}
