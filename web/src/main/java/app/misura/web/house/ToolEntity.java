package app.misura.web.house;

import app.misura.core.length.Unit;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.NullUnmarked;

@Entity
@Table(name = "house_tool")
@NullUnmarked
class ToolEntity {
    @Id
    String id;

    String name;
    String blank;
    String unit;
    Instant madeAt;
    String madeBy;

    Tool tool() {
        return new Tool(id, name, blank, Unit.parse(unit));
    }
}
