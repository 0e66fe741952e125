package app.misura.web.account;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface TokenRepository extends JpaRepository<TokenEntity, String> {
    Optional<TokenEntity> findByHash(String hash);

    @Modifying
    @Query("update TokenEntity t set t.usedAt = :at where t.id = :id")
    void used(String id, Instant at);

    void deleteByAccount(String account);

    List<TokenEntity> findAllByOrderByMadeAtDesc();
}
