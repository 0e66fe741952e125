package app.misura.web.reading;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ReadingRepository extends JpaRepository<ReadingEntity, String> {
    @Query("select r from ReadingEntity r where r.orderId = :orderId order by r.position")
    List<ReadingEntity> of(String orderId);

    @Query("select r from ReadingEntity r where r.orderId in :orderIds order by r.position")
    List<ReadingEntity> ofAll(Collection<String> orderIds);

    Optional<ReadingEntity> findByOrderIdAndClientKey(String orderId, String clientKey);

    /** Locks the order's row, so that readings of two people are numbered one after the other; empty if it is not there. */
    @Query(value = "select id from garment_order where id = :orderId for update", nativeQuery = true)
    Optional<String> lock(String orderId);

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
