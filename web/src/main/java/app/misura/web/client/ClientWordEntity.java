package app.misura.web.client;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import org.jspecify.annotations.NullUnmarked;

/** A word of a client's name, by which they are found. */
@Entity
@Table(name = "client_word")
@IdClass(ClientWordEntity.Key.class)
@NullUnmarked
class ClientWordEntity {
    record Key(String clientId, String word) implements Serializable {}

    @Id
    String clientId;

    @Id
    String word;

    String sortName;

    protected ClientWordEntity() {}

    ClientWordEntity(String clientId, String word, String sortName) {
        this.clientId = clientId;
        this.word = word;
        this.sortName = sortName;
    }
}
