package app.misura.web.form;

import app.misura.core.form.OrderForm;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;

@Entity
@Table(name = "form_version")
@NullUnmarked
class FormVersionEntity {
    @Id
    String id;

    String form;
    int version;
    String document;
    String measures;
    String hash;
    Instant keptAt;

    protected FormVersionEntity() {}

    FormVersionEntity(OrderForm form, String document, String measures, String hash, Instant at) {
        this.id = id(form.id(), form.version());
        this.form = form.id();
        this.version = form.version();
        this.document = document;
        this.measures = measures;
        this.hash = hash;
        this.keptAt = at;
    }

    static String id(String form, int version) {
        return form + "/" + version;
    }
}
