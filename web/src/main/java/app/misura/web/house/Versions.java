package app.misura.web.house;

import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.data.jpa.repository.JpaRepository;

/** Numbered versions, of which each follows the one that it was made from. */
final class Versions {
    private Versions() {}

    /**
     * Adds the next one.
     *
     * @throws OptimisticLockingFailureException if somebody else's has its number since a moment
     */
    static <T> void add(JpaRepository<T, Integer> versions, T next) {
        try {
            versions.saveAndFlush(next);
        } catch (DataIntegrityViolationException e) {
            throw new OptimisticLockingFailureException("changed meanwhile", e);
        }
    }
}
