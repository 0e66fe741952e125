package app.misura.web.order;

import app.misura.core.life.Stage;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.domain.Slice;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface OrderRepository extends JpaRepository<OrderEntity, String> {
    /** A beginning is named and not only asked to be there: so the index of the queue is walked, and nothing else is read. */
    @Query("select o from OrderEntity o, ClientEntity c where c.id = o.clientId and o.queueOn >= :from"
            + " and o.stage in :stages order by o.queueOn, o.number")
    List<OrderEntity> waiting(LocalDate from, Collection<Stage> stages, Pageable page);

    @Query(
            "select new app.misura.web.order.Orders$Due(o.neededOn, o.id, c.name, o.title) from OrderEntity o, ClientEntity c"
                    + " where c.id = o.clientId and o.queueOn >= :from and o.queueOn < :before order by o.queueOn, o.number")
    List<Orders.Due> due(LocalDate from, LocalDate before, Pageable page);

    Slice<OrderEntity> findAllByOrderByNumberDesc(Pageable piece);

    Slice<OrderEntity> findByStageOrderByNumberDesc(Stage stage, Pageable piece);

    Slice<OrderEntity> findByNumberAndStageIn(int number, Collection<Stage> stages, Pageable piece);

    Slice<OrderEntity> findByClientIdInAndStageInOrderByNumberDesc(
            Collection<String> clients, Collection<Stage> stages, Pageable piece);

    @Query("select o.stage, count(o) from OrderEntity o where o.queueOn >= :from group by o.stage")
    List<Object[]> counts(LocalDate from);

    @Query("select new app.misura.web.order.OrderState(o.id, o.version, c.version,"
            + " (select count(r) from ReadingEntity r where r.orderId = o.id),"
            + " (select count(s) from StrikeEntity s, ReadingEntity r where s.readingId = r.id and r.orderId = o.id),"
            + " (select count(m) from MarkEntity m where m.orderId = o.id),"
            + " (select count(p) from GatePassEntity p where p.orderId = o.id),"
            + " (select count(l) from LeftOutEntity l where l.orderId = o.id),"
            + " (select count(t) from LeftOutEntity t where t.orderId = o.id and t.takenBackAt is not null),"
            + " (select count(n) from StepNoteEntity n where n.orderId = o.id),"
            + " (select count(a) from AcceptedEntity a where a.orderId = o.id),"
            + " (select count(b) from AcceptedEntity b where b.orderId = o.id and b.takenBackAt is not null))"
            + " from OrderEntity o, ClientEntity c where c.id = o.clientId and o.id = :id")
    Optional<OrderState> state(String id);

    List<OrderEntity> findByTogetherOrderByNumber(String together);

    List<OrderEntity> findByClientIdOrderByNumberDesc(String clientId);

    @Query("select o.clientId, count(o) from OrderEntity o where o.clientId in :clients and o.queueOn is not null"
            + " group by o.clientId")
    List<Object[]> open(Collection<String> clients);

    /** Locks the row of numbers, so that orders opened at the same moment are numbered one after the other. */
    @Lock(jakarta.persistence.LockModeType.PESSIMISTIC_WRITE)
    @Query("select n from OrderNumberEntity n where n.id = " + OrderNumberEntity.ROW)
    OrderNumberEntity lockNumbers();

    @Query("select o from OrderEntity o, ClientEntity c where c.id = o.clientId"
            + " and (lower(o.title) like lower(concat('%', :q, '%')) escape '!'"
            + " or lower(c.name) like lower(concat('%', :q, '%')) escape '!') order by o.number desc")
    Page<OrderEntity> search(String q, Pageable page);
}
