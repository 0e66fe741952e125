package app.misura.web.house;

import app.misura.core.judging.Judging;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * How the house judges its sheets, in every version: the usual is the first, each change one more, and going back is a change.
 * It holds for every sheet at once.
 */
@Service
public class Judgings {
    private final HouseJudgingRepository repository;
    private final House house;
    private final Clock clock;
    private volatile @Nullable Version known;

    Judgings(HouseJudgingRepository repository, House house, Clock clock) {
        this.repository = repository;
        this.house = house;
        this.clock = clock;
    }

    /** The one that stands. @param version 0 where the house set nothing yet */
    public record Version(int version, Judging judging) {}

    /** @param what what was changed with it */
    public record Made(int version, String what, Instant at, String by) {}

    /** The one that stands now; the same value until something of it is changed. */
    public Judging now() {
        return version().judging();
    }

    public Version version() {
        Version found = known;
        boolean onPaper = house.rules().onPaper();
        return found != null && found.judging().onPaper() == onPaper ? found : read(onPaper);
    }

    /** Nothing is forgotten meanwhile: what was read before a change is not known after it. */
    private synchronized Version read(boolean onPaper) {
        Version found = repository
                .findFirstByOrderByVersionDesc()
                .map(e -> new Version(e.version, JudgingText.read(e.judging).onPaper(onPaper)))
                .orElseGet(() -> new Version(0, Judging.usual().onPaper(onPaper)));
        known = found;
        return found;
    }

    private synchronized void forget() {
        known = null;
    }

    /** The last twenty changes, newest first. */
    @Transactional(readOnly = true)
    public List<Made> made() {
        return repository.findTop20ByOrderByVersionDesc().stream()
                .map(e -> new Made(e.version, e.what, e.madeAt, e.madeBy))
                .toList();
    }

    /**
     * Keeps a change as the next version.
     *
     * @param before the version that it was made from
     * @param what what is changed, for the list of versions
     * @throws OptimisticLockingFailureException if it is not the one that stands
     */
    @Transactional
    public void change(int before, Judging wanted, String what, String by) {
        if (version().version() != before) {
            throw new OptimisticLockingFailureException("changed meanwhile");
        }
        repository.add(new HouseJudgingEntity(before + 1, what, JudgingText.write(wanted), clock.instant(), by));
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                forget();
            }
        });
    }

    /**
     * Goes back to how it was in a version; 0 is the usual.
     *
     * @throws OptimisticLockingFailureException if it was changed since
     */
    @Transactional
    public void back(int before, int version, String by) {
        Judging then = version == 0
                ? Judging.usual()
                : repository
                        .findById(version)
                        .map(e -> JudgingText.read(e.judging))
                        .orElseThrow(() -> new IllegalArgumentException("There is no version " + version + "."));
        change(before, then, version == 0 ? "back to the usual" : "back to version " + version, by);
    }
}
