package app.misura.web.house;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface ToolRepository extends JpaRepository<ToolEntity, String> {
    List<ToolEntity> findAllByOrderByName();
}
