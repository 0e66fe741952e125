package app.misura.web.photo;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface PhotographRepository extends JpaRepository<PhotographEntity, String> {
    /** Without the pictures themselves. */
    @Query("select new app.misura.web.photo.Photographs$Photograph("
            + "p.id, p.seenFrom, p.width, p.height, p.addedAt, p.addedBy, p.deletedAt, p.deletedBy)"
            + " from PhotographEntity p where p.orderId = :orderId order by p.seenFrom, p.addedAt")
    List<Photographs.Photograph> of(String orderId);

    Optional<PhotographEntity> findByIdAndOrderIdAndDeletedAtIsNull(String id, String orderId);
}
