package app.misura.web.reading;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface LeftOutRepository extends JpaRepository<LeftOutEntity, String> {
    /** Those that stand, in the order in which they were said. */
    @Query("select l from LeftOutEntity l where l.orderId in :orderIds and l.takenBackAt is null order by l.saidAt")
    List<LeftOutEntity> standing(Collection<String> orderIds);
}
