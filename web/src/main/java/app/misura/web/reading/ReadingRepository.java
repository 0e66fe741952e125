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
