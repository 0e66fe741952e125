package app.misura.web.wardrobe;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface GarmentValueRepository extends JpaRepository<GarmentValueEntity, String> {
    List<GarmentValueEntity> findByClientIdOrderByGarmentAscReadAtAsc(String clientId);
}
