package app.misura.web.history;

import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.hibernate.envers.AuditReaderFactory;
import org.hibernate.envers.RevisionType;
import org.hibernate.envers.query.AuditEntity;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads what was changed. It is written by whoever keeps what is changed, in the same transaction. */
@Service
public class History {
    private final EntityManager manager;

    History(EntityManager manager) {
        this.manager = manager;
    }

    /**
     * The changes of one thing, newest first; one that changed nothing that has words is left out.
     *
     * @param words what each state is, by what it is called
     */
    @Transactional(readOnly = true)
    public <T> List<Change> of(Class<T> kind, Object id, Function<T, Map<String, String>> words) {
        List<?> rows = AuditReaderFactory.get(manager)
                .createQuery()
                .forRevisionsOfEntity(kind, false, true)
                .add(AuditEntity.id().eq(id))
                .addOrder(AuditEntity.revisionNumber().asc())
                .getResultList();
        List<Change> changes = new ArrayList<>();
        Map<String, String> before = Map.of();
        for (Object row : rows) {
            Object[] parts = (Object[]) row;
            RevisionEntity made = (RevisionEntity) parts[1];
            if (parts[2] == RevisionType.DEL) {
                continue;
            }
            Map<String, String> after = words.apply(kind.cast(parts[0]));
            List<Change.Line> lines = Change.between(before, after);
            if (!lines.isEmpty()) {
                changes.add(new Change(Instant.ofEpochMilli(made.madeAt), made.madeBy, lines));
            }
            before = after;
        }
        Collections.reverse(changes);
        return changes;
    }

    /** What is kept of the changes of one thing is deleted with it. @param table and {@code column} that name it */
    @Transactional
    public void forget(String table, String column, Object id) {
        manager.createNativeQuery("delete from " + table + " where " + column + " = :id")
                .setParameter("id", id)
                .executeUpdate();
    }
}
