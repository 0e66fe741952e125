package app.misura.web.known;

import app.misura.core.course.Course;
import app.misura.core.course.Marks;
import app.misura.core.form.OrderForm;
import app.misura.core.house.HouseTables;
import app.misura.core.known.Known;
import app.misura.core.known.Reuse;
import app.misura.core.known.Reuse.Limits;
import app.misura.core.known.Reuse.Source;
import app.misura.core.measure.Condition;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Sheet;
import app.misura.web.client.Client;
import app.misura.web.order.GarmentOrder;
import app.misura.web.reading.Origin;
import app.misura.web.reading.StoredReading;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** What the sheets of a client know, and how fresh it must be. */
public final class KnownSheets {
    private final Client client;
    private final List<Source<Origin>> sources = new ArrayList<>();
    private final Limits limits;

    KnownSheets(Client client, List<GarmentOrder> all, Limits limits) {
        this.client = client;
        this.limits = limits;
        for (GarmentOrder order : all.stream().filter(o -> !o.stage().isVoid()).toList()) {
            Origin here = new Origin(order.id(), order.number());
            Known.of(order.proof()).forEach(known -> sources.add(new Source<>(written(order, known, here), known)));
        }
    }

    /** Where a value was written first, if it was taken over itself. */
    private static Origin written(GarmentOrder order, Known known, Origin here) {
        return order.readings().stream()
                .filter(r -> known.made().contains(r.reading()))
                .map(StoredReading::from)
                .flatMap(Optional::stream)
                .findFirst()
                .orElse(here);
    }

    /** How many values there are, each measure counted once. */
    public long count() {
        return sources.stream()
                .map(s -> Map.entry(s.known().key(), String.valueOf(s.known().side())))
                .distinct()
                .count();
    }

    /** The newest fresh value of each measure that was taken on the body and that no proof calls wrong, the tape's play taken off, mm by its code. */
    public Map<String, Double> netMm(HouseTables tables) {
        Map<String, Double> net = new LinkedHashMap<>();
        sources.stream()
                .map(Source::known)
                .filter(k -> !k.doubted()
                        && limits.isFresh(k)
                        && !k.key().condition().isOverMore())
                .sorted(Comparator.comparing((Known k) -> !k.key().condition().equals(Condition.USUAL))
                        .thenComparing(Comparator.comparing(Known::at).reversed()))
                .forEach(k -> net.putIfAbsent(k.key().code(), k.netMm(tables)));
        return net;
    }

    /** What a sheet may take over. */
    public Reuse<Origin> on(Sheet sheet) {
        return Reuse.of(sheet, sources, limits);
    }

    /** What an order on a form would have left to take. */
    public KnownBody.ToTake on(OrderForm form, Map<String, String> answers) {
        Sheet blank = new Sheet(form, client.wearer(), form.answers(answers), List.of());
        Reuse<Origin> reuse = on(blank);
        List<Reading> known =
                reuse.carried().stream().flatMap(c -> c.readings().stream()).toList();
        Course course =
                Course.of(Proof.of(new Sheet(blank.form(), blank.wearer(), blank.answers(), known)), Marks.NONE);
        int all = course.counted().size();
        return new KnownBody.ToTake(all - course.taken(), all, reuse);
    }

    List<Source<Origin>> sources() {
        return sources;
    }
}
