package app.misura.web.account;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;
import org.springframework.data.domain.Persistable;

@Entity
@Table(name = "account")
@NullUnmarked
class AccountEntity implements Persistable<String> {
    @Id
    String name;

    String displayName;
    String password;

    @Enumerated(EnumType.STRING)
    Role role;

    boolean locked;
    boolean mustChange;
    Instant endedAt;
    Instant removedAt;

    @jakarta.persistence.Transient
    boolean fresh;

    protected AccountEntity() {}

    AccountEntity(String name, String displayName, String password, Role role) {
        this.name = name;
        this.displayName = displayName;
        this.password = password;
        this.role = role;
        this.fresh = true;
    }

    Account account() {
        return new Account(name, displayName, role, locked, mustChange, endedAt, removedAt != null);
    }

    @Override
    public String getId() {
        return name;
    }

    @Override
    public boolean isNew() {
        return fresh;
    }
}
