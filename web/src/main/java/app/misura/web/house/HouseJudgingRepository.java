package app.misura.web.house;

import java.util.List;
import java.util.Optional;

interface HouseJudgingRepository extends VersionRepository<HouseJudgingEntity> {
    Optional<HouseJudgingEntity> findFirstByOrderByVersionDesc();

    List<HouseJudgingEntity> findTop20ByOrderByVersionDesc();
}
