package app.misura.web.house;

import app.misura.core.known.Fresh;
import app.misura.web.history.Change;
import app.misura.web.history.History;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is usual in the house: kept in memory once read, and with each change. A house that said nothing yet has no name. */
@Service
public class House {
    private static final Rules NEW = new Rules(
            "",
            "",
            "a4",
            "cm",
            "We keep your body's measures, and what you tell us about your body, to make your garments, and show them to"
                    + " nobody else. You may refuse any step, and have everything deleted whenever you like.",
            36,
            Fresh.USUAL,
            false,
            0);

    private final HouseRepository repository;
    private final History history;
    private volatile @Nullable Rules known;

    House(HouseRepository repository, History history) {
        this.history = history;
        this.repository = repository;
    }

    public Rules rules() {
        Rules rules = known;
        if (rules == null) {
            rules = repository.findById(HouseEntity.ROW).map(HouseEntity::rules).orElse(NEW);
            known = rules;
        }
        return rules;
    }

    /** What was changed of them, newest first. */
    public List<Change> changes() {
        return history.of(HouseEntity.class, HouseEntity.ROW, HouseEntity::words);
    }

    /** @throws OptimisticLockingFailureException if somebody changed them since that version */
    @Transactional
    public void change(Rules wanted) {
        HouseEntity entity = repository.findById(HouseEntity.ROW).orElse(null);
        if (entity != null && entity.rules().version() != wanted.version()) {
            known = null;
            throw new OptimisticLockingFailureException("changed meanwhile");
        }
        if (entity == null) {
            entity = new HouseEntity(wanted);
        } else {
            entity.set(wanted);
        }
        known = repository.saveAndFlush(entity).rules();
    }
}
