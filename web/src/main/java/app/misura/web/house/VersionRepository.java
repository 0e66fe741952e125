package app.misura.web.house;

import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.repository.NoRepositoryBean;

/** Versions of which each follows the one that it was made from. */
@NoRepositoryBean
interface VersionRepository<T extends HouseVersion> extends JpaRepository<T, Integer> {
    /**
     * Adds the next one.
     *
     * @throws OptimisticLockingFailureException if somebody else's has its number since a moment
     */
    default void add(T next) {
        try {
            saveAndFlush(next);
        } catch (DataIntegrityViolationException e) {
            throw new OptimisticLockingFailureException("changed meanwhile", e);
        }
    }
}
