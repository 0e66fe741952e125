package app.misura.web.size;

import app.misura.core.size.NearestSize;
import app.misura.core.size.SizeTable;
import app.misura.core.size.SizeText;
import app.misura.web.id.Ids;
import app.misura.web.id.NotThere;
import java.util.List;
import java.util.Map;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The tables of sizes that the house keeps. */
@Service
public class HouseSizes {
    private final SizeTableRepository repository;

    HouseSizes(SizeTableRepository repository) {
        this.repository = repository;
    }

    /**
     * A table as it is typed.
     *
     * @param id empty for one that is not kept yet
     * @param stretchPercent by which its cloth gives way
     * @param version for the next change: a change of an older one is refused
     */
    public record Typed(String id, String name, int stretchPercent, String text, long version) {
        public static final Typed NEW = new Typed("", "", 0, "", 0);

        /** The table that it means, or everything that is wrong with it. */
        public SizeText.Read read() {
            return SizeText.read(name, stretchPercent / 100.0, text);
        }
    }

    /** How near a table's sizes come to a body. */
    public record Near(SizeTable table, NearestSize size) {}

    @Transactional(readOnly = true)
    public List<Typed> all() {
        return repository.findAllByOrderByName().stream()
                .map(SizeTableEntity::typed)
                .toList();
    }

    /** @throws NotThere if there is no such table */
    @Transactional(readOnly = true)
    public Typed get(String id) {
        return repository.findById(id).map(SizeTableEntity::typed).orElseThrow(HouseSizes::gone);
    }

    /**
     * Keeps a table, whose text is known to be one.
     *
     * @throws OptimisticLockingFailureException if somebody changed it since that version
     */
    @Transactional
    public void keep(Typed typed) {
        SizeTableEntity entity = typed.id().isEmpty()
                ? new SizeTableEntity(Ids.next())
                : repository.findById(typed.id()).orElseThrow(HouseSizes::gone);
        if (entity.version != null && entity.version != typed.version()) {
            throw new OptimisticLockingFailureException("changed meanwhile");
        }
        entity.name = typed.name().strip();
        entity.stretchPercent = typed.stretchPercent();
        entity.text = typed.text().strip();
        repository.saveAndFlush(entity);
    }

    @Transactional
    public void delete(String id) {
        repository.deleteById(id);
    }

    /** The nearest size of every table that knows a girth of this body. @param netMm by the codes of measures */
    @Transactional(readOnly = true)
    public List<Near> nearest(Map<String, Double> netMm) {
        return all().stream()
                .flatMap(t -> t.read().table().stream())
                .flatMap(t -> NearestSize.of(t, netMm).map(n -> new Near(t, n)).stream())
                .toList();
    }

    private static NotThere gone() {
        return new NotThere("This table of sizes is not here any more.");
    }
}
