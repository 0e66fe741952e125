package app.misura.web.reading;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface StepNoteRepository extends JpaRepository<StepNoteEntity, String> {
    @Query("select n from StepNoteEntity n where n.orderId in :orderIds order by n.writtenAt")
    List<StepNoteEntity> ofAll(Collection<String> orderIds);
}
