package app.misura.web.house;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface HouseJudgingRepository extends JpaRepository<HouseJudgingEntity, Integer> {
    Optional<HouseJudgingEntity> findFirstByOrderByVersionDesc();

    List<HouseJudgingEntity> findTop20ByOrderByVersionDesc();
}
