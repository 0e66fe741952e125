package app.misura.web.reading;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface AcceptedRepository extends JpaRepository<AcceptedEntity, String> {
    /** Those that nobody took back, in the order in which they were said. */
    @Query(
            "select a from AcceptedEntity a where a.orderId in :orderIds and a.takenBackAt is null order by a.saidAt, a.id")
    List<AcceptedEntity> standing(Collection<String> orderIds);
}
