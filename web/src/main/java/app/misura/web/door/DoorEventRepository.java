package app.misura.web.door;

import java.time.Instant;
import java.util.List;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface DoorEventRepository extends JpaRepository<DoorEventEntity, String> {
    @Query("select d from DoorEventEntity d order by d.happenedAt desc")
    List<DoorEventEntity> last(Pageable page);

    @Modifying
    @Query("delete from DoorEventEntity d where d.happenedAt < :before")
    int forget(Instant before);
}
