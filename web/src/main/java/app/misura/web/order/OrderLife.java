package app.misura.web.order;

import app.misura.core.form.OrderForm;
import app.misura.core.form.Step;
import app.misura.core.format.json.JsonText;
import app.misura.core.length.Unit;
import app.misura.core.life.Stage;
import app.misura.core.reading.Taking;
import app.misura.web.history.History;
import app.misura.web.id.Ended;
import app.misura.web.id.Ids;
import app.misura.web.id.NotThere;
import app.misura.web.reading.Readings;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Changes what an order is, how it is cut, where it stands. What another changed since is not overwritten: each change says
 * from which version it comes.
 */
@Service
public class OrderLife {
    private final OrderRepository orders;
    private final StageMoveRepository moves;
    private final Orders all;
    private final Readings readings;
    private final Clock clock;
    private final History history;

    OrderLife(
            OrderRepository orders,
            StageMoveRepository moves,
            Orders all,
            Readings readings,
            Clock clock,
            History history) {
        this.history = history;
        this.orders = orders;
        this.moves = moves;
        this.all = all;
        this.readings = readings;
        this.clock = clock;
    }

    /** What was changed of an order, newest first. */
    @Transactional(readOnly = true)
    public List<app.misura.web.history.Change> changes(String orderId) {
        return history.of(OrderEntity.class, orderId, OrderWords::of);
    }

    /** What an order is to be. @param unit of its tape: changed only while nothing is read */
    public record Change(
            String title, @Nullable LocalDate neededOn, String notes, Unit unit, Map<String, String> options) {}

    /**
     * @throws OptimisticLockingFailureException if somebody changed the order since that version
     * @throws IllegalArgumentException if the unit is to change and something is read
     */
    @Transactional
    public GarmentOrder change(String orderId, long version, Change change) {
        all.hold(orderId);
        OrderEntity entity = open(orderId, version);
        if (!entity.unit.equals(change.unit().symbol())) {
            if (!all.get(orderId).readings().isEmpty()) {
                throw new IllegalArgumentException("something is read in " + entity.unit);
            }
            entity.unit = change.unit().symbol();
        }
        entity.title = change.title().strip();
        entity.notes = change.notes().strip();
        entity.options = JsonText.write(new TreeMap<>(change.options()));
        entity.stands(entity.stage, change.neededOn());
        orders.saveAndFlush(entity);
        return all.get(orderId);
    }

    /**
     * Cuts by the tables that stand now: what was printed stays as it is.
     *
     * @throws OptimisticLockingFailureException if somebody changed the order since that version
     */
    @Transactional
    public void cutByTablesOf(String orderId, long version, int tables) {
        all.hold(orderId);
        OrderEntity entity = open(orderId, version);
        entity.tables = tables;
        orders.saveAndFlush(entity);
    }

    /**
     * Asks these steps of the whole form too, beside those that its selection has; one that was read stays.
     *
     * @throws OptimisticLockingFailureException if somebody changed the order since that version
     */
    @Transactional
    public void ask(String orderId, long version, List<String> steps) {
        all.hold(orderId);
        OrderEntity entity = open(orderId, version);
        GarmentOrder order = all.get(orderId);
        Set<String> known = order.form().whole() == null
                ? Set.of()
                : order.form().whole().steps().stream().map(Step::label).collect(Collectors.toSet());
        entity.added = steps.stream().filter(known::contains).distinct().collect(Collectors.joining(" "));
        orders.saveAndFlush(entity);
    }

    /**
     * Goes on with the whole form of which the order has a selection: the labels are the same, so every reading stands at its
     * step. Readings of hands that were never taught say so from then on, and scatter as they did.
     *
     * @throws OptimisticLockingFailureException if somebody changed the order since that version
     * @throws NotThere if the order's form is whole already
     */
    @Transactional
    public void goOnWithWholeForm(String orderId, long version) {
        all.hold(orderId);
        OrderEntity entity = open(orderId, version);
        OrderForm form = all.get(orderId).form();
        OrderForm whole = Optional.ofNullable(form.whole())
                .orElseThrow(() -> new NotThere(form.title() + " is a whole form already."));
        if (form.isForUntrained()) {
            readings.takenBy(orderId, form.cuts() ? Taking.Hand.HELPER : Taking.Hand.ALONE);
        }
        entity.form = whole.id();
        entity.formVersion = whole.version();
        entity.added = "";
        orders.saveAndFlush(entity);
    }

    /** @throws OptimisticLockingFailureException if somebody changed the order since that version */
    @Transactional
    public GarmentOrder choose(String orderId, long version, String choices) {
        OrderEntity entity = open(orderId, version);
        entity.choices = choices;
        orders.saveAndFlush(entity);
        return all.get(orderId);
    }

    /**
     * Moves an order; whether it may be moved so is asked before.
     *
     * @param reason may be empty
     * @throws OptimisticLockingFailureException if somebody changed the order since that version
     */
    @Transactional
    public void move(String orderId, long version, Stage to, String reason, String by) {
        OrderEntity entity = at(orderId, version);
        moves.saveAndFlush(new StageMoveEntity(Ids.next(), entity, to, reason.strip(), clock.instant(), by));
        entity.stands(to, entity.neededOn);
        orders.saveAndFlush(entity);
    }

    /** An order that may be changed. @throws Ended if it is over */
    private OrderEntity open(String orderId, long version) {
        OrderEntity entity = at(orderId, version);
        if (entity.stage.isEnded()) {
            throw new Ended(entity.stage.word());
        }
        return entity;
    }

    private OrderEntity at(String orderId, long version) {
        OrderEntity entity = orders.findById(orderId).orElseThrow(NotThere::order);
        if ((entity.version == null ? 0 : entity.version) != version) {
            throw new OptimisticLockingFailureException("changed meanwhile");
        }
        return entity;
    }

    /** How an order was moved, the last first. */
    @Transactional(readOnly = true)
    public List<Moved> moves(String orderId) {
        return moves.findByOrderIdOrderByMovedAtDesc(orderId).stream()
                .map(StageMoveEntity::moved)
                .toList();
    }
}
