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
    @Query("select o from OrderEntity o where o.stage in :stages order by o.neededOn nulls last, o.number")
    List<OrderEntity> byNeed(Collection<Stage> stages);

    List<OrderEntity> findByClientIdOrderByNumberDesc(String clientId);

    /** Locks the row of numbers, so that orders opened at the same moment are numbered one after the other. */
    @Lock(jakarta.persistence.LockModeType.PESSIMISTIC_WRITE)
    @Query("select n from OrderNumberEntity n where n.id = " + OrderNumberEntity.ROW)
    OrderNumberEntity lockNumbers();

    /** Locks the order's row, so that readings of two people are numbered one after the other. */
    @Lock(jakarta.persistence.LockModeType.PESSIMISTIC_WRITE)
    @Query("select o from OrderEntity o where o.id = :id")
    Optional<OrderEntity> lock(String id);

    @Query("select o from OrderEntity o where lower(o.title) like lower(concat('%', :q, '%')) escape '!'"
            + " or o.clientId in (select c.id from ClientEntity c where lower(c.name) like lower(concat('%', :q, '%'))"
            + " escape '!') order by o.number desc")
    Page<OrderEntity> search(String q, Pageable page);
}

interface ReadingRepository extends JpaRepository<ReadingEntity, String> {
    @Query("select r from ReadingEntity r where r.orderId = :orderId order by r.position")
    List<ReadingEntity> of(String orderId);

    @Query("select r from ReadingEntity r where r.orderId in :orderIds order by r.position")
    List<ReadingEntity> ofAll(Collection<String> orderIds);

    Optional<ReadingEntity> findByOrderIdAndClientKey(String orderId, String clientKey);

    @Query("select coalesce(max(r.position), 0) from ReadingEntity r where r.orderId = :orderId")
    int lastPosition(String orderId);
}

interface StrikeRepository extends JpaRepository<StrikeEntity, String> {
    @Query("select s from StrikeEntity s, ReadingEntity r where s.readingId = r.id and r.orderId in :orderIds")
    List<StrikeEntity> ofAll(Collection<String> orderIds);

    @Query("select s from StrikeEntity s, ReadingEntity r where s.readingId = r.id and r.orderId = :orderId")
    List<StrikeEntity> of(String orderId);
}

interface GatePassRepository extends JpaRepository<GatePassEntity, String> {
    List<GatePassEntity> findByOrderId(String orderId);

    List<GatePassEntity> findByOrderIdIn(Collection<String> orderIds);
}

interface LeftOutRepository extends JpaRepository<LeftOutEntity, String> {
    /** Those that stand, in the order in which they were said. */
    @Query("select l from LeftOutEntity l where l.orderId in :orderIds and l.takenBackAt is null order by l.saidAt")
    List<LeftOutEntity> standing(Collection<String> orderIds);
}

interface MarkRepository extends JpaRepository<MarkEntity, String> {
    List<MarkEntity> findByOrderId(String orderId);

    List<MarkEntity> findByOrderIdIn(Collection<String> orderIds);
}
