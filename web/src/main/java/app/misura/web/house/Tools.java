package app.misura.web.house;

import app.misura.core.length.Unit;
import app.misura.web.id.Ids;
import java.time.Clock;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The house's tools with their blank ends: few, and kept in memory once read. */
@Service
public class Tools {
    private final ToolRepository repository;
    private final Clock clock;
    private volatile @Nullable List<Tool> known;

    Tools(ToolRepository repository, Clock clock) {
        this.repository = repository;
        this.clock = clock;
    }

    /** All, by name. */
    public List<Tool> all() {
        List<Tool> all = known;
        if (all == null) {
            all = repository.findAllByOrderByName().stream()
                    .map(ToolEntity::tool)
                    .toList();
            known = all;
        }
        return all;
    }

    /** Those that read in a unit. */
    public List<Tool> in(Unit unit) {
        return all().stream().filter(t -> t.unit() == unit).toList();
    }

    public Optional<Tool> find(String id) {
        return all().stream().filter(t -> t.id().equals(id)).findFirst();
    }

    /** @param blank a length in the unit, checked */
    @Transactional
    public void add(String name, String blank, Unit unit, String by) {
        ToolEntity entity = new ToolEntity();
        entity.id = Ids.next();
        entity.name = name.strip();
        entity.blank = blank.strip();
        entity.unit = unit.symbol();
        entity.madeAt = clock.instant();
        entity.madeBy = by;
        repository.saveAndFlush(entity);
        known = null;
    }

    /** What was read with it stays as it was read. */
    @Transactional
    public void remove(String id) {
        repository.deleteById(id);
        known = null;
    }
}
