package app.misura.web.order;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface StageMoveRepository extends JpaRepository<StageMoveEntity, String> {
    List<StageMoveEntity> findByOrderIdOrderByMovedAtDesc(String orderId);
}
