package app.misura.web.account;

import app.misura.web.id.Digest;
import app.misura.web.id.Ids;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What programs sign in with instead of a password: made in the house for one account, withdrawn at any time. */
@Service
public class Tokens {
    private static final String PREFIX = "misura-";

    private final TokenRepository repository;
    private final Accounts accounts;
    private final Clock clock;

    Tokens(TokenRepository repository, Accounts accounts, Clock clock) {
        this.repository = repository;
        this.accounts = accounts;
        this.clock = clock;
    }

    /** A token as the house lists it: what it is for, as whom it works; never its text. */
    public record Listed(String id, String name, String account, Instant madeAt) {}

    /**
     * Makes a token that may do what the account may.
     *
     * @return its text, which is kept nowhere: 43 characters, 36 of them random out of 31
     */
    @Transactional
    public String make(String name, String account, String by) {
        String text = PREFIX + Ids.next() + Ids.next() + Ids.next();
        repository.saveAndFlush(new TokenEntity(Ids.next(), name, account, Digest.of(text), clock.instant(), by));
        return text;
    }

    /** The account that a token works for; empty if there is no such token. */
    @Transactional(readOnly = true)
    public Optional<Account> account(String text) {
        return text.startsWith(PREFIX)
                ? repository.findByHash(Digest.of(text)).flatMap(t -> accounts.find(t.account))
                : Optional.empty();
    }

    @Transactional(readOnly = true)
    public List<Listed> all() {
        return repository.findAllByOrderByMadeAtDesc().stream()
                .map(t -> new Listed(t.id, t.name, t.account, t.madeAt))
                .toList();
    }

    @Transactional
    public void withdraw(String id) {
        repository.deleteById(id);
    }
}
