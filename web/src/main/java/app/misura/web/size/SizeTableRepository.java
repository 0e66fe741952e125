package app.misura.web.size;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface SizeTableRepository extends JpaRepository<SizeTableEntity, String> {
    List<SizeTableEntity> findAllByOrderByName();
}
