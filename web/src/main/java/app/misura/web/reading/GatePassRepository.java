package app.misura.web.reading;

import java.util.Collection;
import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface GatePassRepository extends JpaRepository<GatePassEntity, String> {
    List<GatePassEntity> findByOrderId(String orderId);

    List<GatePassEntity> findByOrderIdIn(Collection<String> orderIds);
}
