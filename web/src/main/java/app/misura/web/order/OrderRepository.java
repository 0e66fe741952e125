package app.misura.web.order;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface OrderRepository extends JpaRepository<OrderEntity, String> {
    @Query(
            "select o from OrderEntity o, ClientEntity c where c.id = o.clientId and o.stage in :stages order by o.neededOn nulls last, o.number")
    List<OrderEntity> byNeed(Collection<Stage> stages);

    @Query("select new app.misura.web.order.OrderState(o.id, o.version, c.version,"
            + " (select count(r) from ReadingEntity r where r.orderId = o.id),"
            + " (select count(s) from StrikeEntity s, ReadingEntity r where s.readingId = r.id and r.orderId = o.id),"
            + " (select count(m) from MarkEntity m where m.orderId = o.id),"
            + " (select count(p) from GatePassEntity p where p.orderId = o.id),"
            + " (select count(l) from LeftOutEntity l where l.orderId = o.id),"
            + " (select count(t) from LeftOutEntity t where t.orderId = o.id and t.takenBackAt is not null))"
            + " from OrderEntity o, ClientEntity c where c.id = o.clientId and o.id = :id")
    Optional<OrderState> state(String id);

    List<OrderEntity> findByClientIdOrderByNumberDesc(String clientId);

    /** Locks the row of numbers, so that orders opened at the same moment are numbered one after the other. */
    @Lock(jakarta.persistence.LockModeType.PESSIMISTIC_WRITE)
    @Query("select n from OrderNumberEntity n where n.id = " + OrderNumberEntity.ROW)
    OrderNumberEntity lockNumbers();

    @Query("select o from OrderEntity o, ClientEntity c where c.id = o.clientId"
            + " and (lower(o.title) like lower(concat('%', :q, '%')) escape '!'"
            + " or lower(c.name) like lower(concat('%', :q, '%')) escape '!') order by o.number desc")
    Page<OrderEntity> search(String q, Pageable page);
}
