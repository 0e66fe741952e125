package app.misura.web.reading;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface MarkRepository extends JpaRepository<MarkEntity, String> {
    List<MarkEntity> findByOrderId(String orderId);

    List<MarkEntity> findByOrderIdIn(Collection<String> orderIds);
}
