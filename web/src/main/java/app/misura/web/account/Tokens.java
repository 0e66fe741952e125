package app.misura.web.account;

import app.misura.web.id.Digest;
import app.misura.web.id.Ids;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
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

    /** That a token was used is written down no more often than this. */
    private static final Duration NOTED = Duration.ofHours(1);

    /** The longest a token lives. */
    public static final int MOST_DAYS = 366;

    /** A token as the house lists it: what it is for, as whom it works, until when; never its text. */
    public record Listed(
            String id,
            String name,
            String account,
            Instant madeAt,
            Instant endsAt,
            @Nullable Instant usedAt) {}

    /**
     * Makes a token that may do what the account may, for so many days.
     *
     * @return its text, which is kept nowhere: 43 characters, 36 of them random out of 31
     */
    @Transactional
    public String make(String name, String account, int days, String by) {
        String text = PREFIX + Ids.next() + Ids.next() + Ids.next();
        repository.saveAndFlush(new TokenEntity(
                Ids.next(),
                name,
                account,
                Digest.of(text),
                clock.instant(),
                clock.instant().plus(Duration.ofDays(days)),
                by));
        return text;
    }

    /** The account that a token works for; empty if there is no such token, it has ended, or its account may not enter. That it was used
     * is noted by the way: nobody waits for that, and it is not worth a force to the disk. */
    @Transactional(readOnly = true)
    public Optional<Account> account(String text) {
        if (!text.startsWith(PREFIX)) {
            return Optional.empty();
        }
        Instant now = clock.instant();
        Optional<TokenEntity> token = repository.findByHash(Digest.of(text)).filter(t -> t.endsAt.isAfter(now));
        token.filter(t -> t.usedAt == null || t.usedAt.plus(NOTED).isBefore(now))
                .ifPresent(t -> repository.used(t.id, now));
        return token.flatMap(t -> accounts.find(t.account)).filter(Account::mayEnter);
    }

    /** Withdraws all that work as somebody. */
    @Transactional
    public void withdrawAllOf(String account) {
        repository.deleteByAccount(account);
    }

    @Transactional(readOnly = true)
    public List<Listed> all() {
        return repository.findAllByOrderByMadeAtDesc().stream()
                .map(t -> new Listed(t.id, t.name, t.account, t.madeAt, t.endsAt, t.usedAt))
                .toList();
    }

    @Transactional
    public void withdraw(String id) {
        repository.deleteById(id);
    }
}
