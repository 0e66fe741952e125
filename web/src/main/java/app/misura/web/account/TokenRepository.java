package app.misura.web.account;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface TokenRepository extends JpaRepository<TokenEntity, String> {
    Optional<TokenEntity> findByHash(String hash);

    List<TokenEntity> findAllByOrderByMadeAtDesc();
}
