package app.misura.web.house;

import app.misura.core.known.Fresh;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.LinkedHashMap;
import java.util.Map;
import org.hibernate.envers.AuditTable;
import org.hibernate.envers.Audited;
import org.jspecify.annotations.NullUnmarked;

/** The one row of what is usual in the house. */
@Entity
@Table(name = "house")
@Audited
@AuditTable("house_change")
@NullUnmarked
class HouseEntity {
    static final int ROW = 1;

    @Id
    int id = ROW;

    String name;
    String address;
    String paper;
    String unit;
    String consent;
    int keepMonths;
    int freshMonths;
    int freshWeeks;
    boolean onPaper;

    @Version
    Long version;

    protected HouseEntity() {}

    HouseEntity(Rules rules) {
        set(rules);
    }

    final void set(Rules rules) {
        this.name = rules.name().strip();
        this.address = rules.address().strip();
        this.paper = rules.paper();
        this.unit = rules.unit();
        this.consent = rules.consent().strip();
        this.keepMonths = rules.keepMonths();
        this.freshMonths = rules.fresh().months();
        this.freshWeeks = rules.fresh().weeks();
        this.onPaper = rules.onPaper();
    }

    /** As it stands in the list of changes. */
    Map<String, String> words() {
        Map<String, String> words = new LinkedHashMap<>();
        words.put("Name", name);
        words.put("Address", address);
        words.put("Paper", paper);
        words.put("Unit", unit);
        words.put("Consent", consent);
        words.put("Kept for, months", String.valueOf(keepMonths));
        words.put("Values fresh for, months", String.valueOf(freshMonths));
        words.put("Values of the young fresh for, weeks", String.valueOf(freshWeeks));
        words.put("Sums", onPaper ? "as on paper" : "judged");
        return words;
    }

    Rules rules() {
        return new Rules(
                name,
                address,
                paper,
                unit,
                consent,
                keepMonths,
                new Fresh(freshMonths, freshWeeks),
                onPaper,
                version == null ? 0 : version);
    }
}
