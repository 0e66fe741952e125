package app.misura.web.reading;

import app.misura.core.reading.Taking;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ReadingRepository extends JpaRepository<ReadingEntity, String> {
    @Query("select r from ReadingEntity r where r.orderId = :orderId order by r.position")
    List<ReadingEntity> of(String orderId);

    @Query("select r from ReadingEntity r where r.orderId in :orderIds order by r.position")
    List<ReadingEntity> ofAll(Collection<String> orderIds);

    /** What another sheet had already and this one took over. */
    List<ReadingEntity> findByOrderIdAndFromOrderIsNotNull(String orderId);

    Optional<ReadingEntity> findByOrderIdAndClientKey(String orderId, String clientKey);

    /**
     * Locks the order's row, so that readings of two people are numbered one after the other. @return the stage it is at; empty
     *     if it is not there
     */
    @Query(value = "select stage from garment_order where id = :orderId for update", nativeQuery = true)
    Optional<String> lock(String orderId);

    /** Notes that the client was measured on a day; of whom that is known already, nothing is touched. */
    @Modifying
    @Query(
            value =
                    "update client set seen_on = :day where id = (select client_id from garment_order where id = :orderId)"
                            + " and (seen_on is null or seen_on < :day)",
            nativeQuery = true)
    void seen(String orderId, LocalDate day);

    /** Says of what a trained hand would have taken that another did. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("update ReadingEntity r set r.hand = :hand"
            + " where r.orderId = :orderId and r.fromOrder is null and r.hand = :instead")
    void takenBy(String orderId, Taking.Hand hand, Taking.Hand instead);

    @Query("select coalesce(max(r.position), 0) from ReadingEntity r where r.orderId = :orderId")
    int lastPosition(String orderId);
}
