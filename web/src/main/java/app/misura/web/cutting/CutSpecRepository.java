package app.misura.web.cutting;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface CutSpecRepository extends JpaRepository<CutSpecEntity, String> {
    Optional<CutSpecEntity> findFirstByOrderIdOrderByMadeAtDesc(String orderId);

    List<CutSpecEntity> findFirst5ByOrderIdOrderByMadeAtDesc(String orderId);

    Optional<CutSpecEntity> findByIdAndOrderId(String id, String orderId);

    @Query("select c.id as id, c.madeAt as madeAt, c.madeBy as madeBy from CutSpecEntity c where c.orderId = :orderId"
            + " order by c.madeAt desc")
    List<Line> lines(String orderId);

    /** A printed sheet without its pages. */
    interface Line {
        String getId();

        Instant getMadeAt();

        String getMadeBy();
    }
}
