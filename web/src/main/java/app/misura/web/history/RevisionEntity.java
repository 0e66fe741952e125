package app.misura.web.history;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.hibernate.envers.RevisionNumber;
import org.hibernate.envers.RevisionTimestamp;
import org.jspecify.annotations.NullUnmarked;

/** One time at which something was changed. */
@Entity
@Table(name = "revision")
@org.hibernate.envers.RevisionEntity(RevisionHand.class)
@NullUnmarked
class RevisionEntity {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    @RevisionNumber
    Long id;

    @RevisionTimestamp
    long madeAt;

    String madeBy = "";

    protected RevisionEntity() {}
}
