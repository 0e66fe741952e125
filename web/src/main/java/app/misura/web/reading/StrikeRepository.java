package app.misura.web.reading;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StrikeRepository extends JpaRepository<StrikeEntity, String> {
    @Query("select s from StrikeEntity s, ReadingEntity r where s.readingId = r.id and r.orderId in :orderIds")
    List<StrikeEntity> ofAll(Collection<String> orderIds);

    @Query("select s from StrikeEntity s, ReadingEntity r where s.readingId = r.id and r.orderId = :orderId")
    List<StrikeEntity> of(String orderId);
}
