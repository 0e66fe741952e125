package app.misura.core.garment;

import app.misura.core.form.OrderForms;
import app.misura.core.formula.Formula;
import app.misura.core.house.ClothKind;
import app.misura.core.house.HouseTables;
import app.misura.core.house.MeasureClass;
import app.misura.core.measure.Catalogue;
import app.misura.core.measure.MeasureKey;
import app.misura.core.resource.Shipped;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/**
 * Reads a garment from YAML and cross-checks it: every form, block, measure, net, choice and line that is named exists, and
 * every block has what it is drawn from. All faults are collected and said at once.
 */
public final class GarmentReader {
    private final HouseTables tables;
    private final OrderForms forms;
    private final ChoiceReader.CommonDoc common;
    private final List<String> faults = new ArrayList<>();
    private final NetReader nets;
    private final ChoiceReader choices = new ChoiceReader(faults);

    public GarmentReader(Catalogue catalogue, HouseTables tables, OrderForms forms) {
        this.tables = tables;
        this.forms = forms;
        this.common = Shipped.yaml("garments/common.yaml", ChoiceReader.CommonDoc.class);
        this.nets =
                new NetReader(tables, catalogue, faults).read(Shipped.yaml("garments/nets.yaml", NetReader.Doc.class));
        said("garments/nets.yaml");
    }

    record GarmentDoc(
            String id,
            int version,
            String title,
            List<String> forms,
            List<String> blocks,
            String cloth,
            @Nullable ThickDoc thick,
            List<String> fits,
            double child,
            @Nullable List<ChoiceReader.ChoiceDoc> choices,
            List<LineDoc> lines,
            @Nullable List<OpenDoc> openings,
            @Nullable List<RefusalDoc> refused,
            @Nullable List<Doubt> doubts,
            @Nullable List<String> cautions,
            @Nullable List<String> notes) {}

    /** @param from mm of the sheet */
    record ThickDoc(double from, String cloth) {}

    /** @param of a measure or a sum of them, the next best behind a stroke @param ease three numbers, or a formula @param strain true, or three numbers */
    record LineDoc(
            String name,
            @Nullable String title,
            @Nullable String net,
            @Nullable String of,
            @Nullable String kind,
            @JsonProperty("else") @Nullable List<NetReader.RuleDoc> otherwise,
            @Nullable List<SaidDoc> is,
            @Nullable List<String> ladder,
            @Nullable JsonNode ease,
            @Nullable JsonNode strain,
            @Nullable GripDoc grip,
            @Nullable String said,
            @Nullable String moved,
            @Nullable String bound,
            @Nullable String drop,
            @Nullable List<String> with,
            @Nullable Boolean across,
            @Nullable Double grow,
            @Nullable WhenDoc when,
            @Nullable Boolean shown) {}

    record GripDoc(String weight, String width) {}

    record SaidDoc(String formula, String said, @Nullable String why) {}

    record WhenDoc(String choice, List<String> is) {}

    record OpenDoc(
            String edge,
            String over,
            @Nullable String slit,
            @Nullable String by,
            @Nullable String past) {}

    record RefusalDoc(
            String choice, List<String> is, @Nullable WhenDoc also, String said) {}

    private Garment.@Nullable Thick thick(GarmentDoc doc) {
        if (doc.thick() == null) {
            return null;
        }
        ClothKind cloth = tables.cloths().get(doc.thick().cloth());
        if (cloth == null) {
            faults.add("no cloth is called " + doc.thick().cloth());
            return null;
        }
        return new Garment.Thick(doc.thick().from(), cloth);
    }

    /** @throws IllegalArgumentException listing every fault with the file */
    public Garment read(String yaml, String file) {
        GarmentDoc doc = Shipped.parse(yaml, file, GarmentDoc.class);
        ClothKind cloth = tables.cloths().get(doc.cloth());
        if (cloth == null) {
            faults.add("no cloth is called " + doc.cloth() + "; there are "
                    + tables.cloths().keySet().stream().sorted().toList());
            cloth = tables.cloths().values().iterator().next();
        }
        Garment.Thick thick = thick(doc);
        List<Line> lines = new ArrayList<>();
        doc.lines().forEach(line -> lines.add(line(line, doc)));
        List<Passing> openings = new ArrayList<>();
        for (OpenDoc open : doc.openings() == null ? List.<OpenDoc>of() : doc.openings()) {
            passing(open).ifPresent(openings::add);
        }
        Garment garment = new Garment(
                doc.id(),
                doc.version(),
                doc.title(),
                doc.forms(),
                doc.blocks(),
                cloth,
                thick,
                choices.sheet(doc.id(), doc.choices() == null ? List.of() : doc.choices(), common, cloth, thick),
                doc.fits(),
                doc.child(),
                lines,
                openings,
                doc.refused() == null
                        ? List.of()
                        : doc.refused().stream()
                                .map(r -> new Refusal(
                                        r.choice(),
                                        r.is(),
                                        Optional.ofNullable(r.also()).map(w -> new Line.When(w.choice(), w.is())),
                                        r.said()))
                                .toList(),
                doc.doubts() == null ? List.of() : doc.doubts(),
                cautions(doc),
                doc.notes() == null ? List.of() : doc.notes(),
                nets());
        new GarmentCheck(garment, forms, nets, faults).check();
        said(file);
        return garment;
    }

    /** What is said on every sheet of it: a name of the shared cautions, or a sentence of its own. */
    private List<String> cautions(GarmentDoc doc) {
        Map<String, String> shared = common.cautions() == null ? Map.of() : common.cautions();
        List<String> said = new ArrayList<>();
        for (String caution : doc.cautions() == null ? List.<String>of() : doc.cautions()) {
            if (!caution.contains(" ") && !shared.containsKey(caution)) {
                faults.add("no caution is called " + caution + "; there are "
                        + shared.keySet().stream().sorted().toList());
            }
            said.add(shared.getOrDefault(caution, caution));
        }
        return said;
    }

    /** Every net and passage that garments share, by name. */
    private Map<String, Net> nets() {
        Map<String, Net> all = new LinkedHashMap<>(nets.nets());
        nets.passages().forEach(all::putIfAbsent);
        return all;
    }

    private void said(String file) {
        if (!faults.isEmpty()) {
            String all = String.join("; ", faults);
            faults.clear();
            throw new IllegalArgumentException(file + ": " + all);
        }
    }

    private Line line(LineDoc doc, GarmentDoc garment) {
        boolean follows = doc.is() != null;
        Net net = follows ? null : net(doc);
        List<Line.Said> formulas = new ArrayList<>();
        if (doc.is() != null) {
            doc.is()
                    .forEach(said -> nets.formula(doc.name(), said.formula())
                            .ifPresent(f -> formulas.add(
                                    new Line.Said(f, said.said(), said.why() == null ? said.said() : said.why()))));
        }
        return new Line(
                doc.name(),
                doc.title() == null ? words(doc.name()) : doc.title(),
                net,
                formulas,
                ladder(doc),
                follows ? null : give(doc, net, garment),
                doc.moved() == null ? null : key(doc.name(), doc.moved()),
                doc.bound() == null ? Line.Bound.EQUAL : bound(doc),
                "not there".equals(doc.drop()),
                "below nought".equals(doc.drop()),
                doc.with() == null ? List.of() : doc.with(),
                doc.across() != null ? doc.across() : net == null || net.kind().across(),
                doc.grow() != null ? doc.grow() : net == null ? 0 : net.kind().growMm(),
                Optional.ofNullable(doc.when()).map(w -> new Line.When(w.choice(), w.is())),
                doc.shown() == null || doc.shown());
    }

    private static String words(String name) {
        String words = name.replace('-', ' ');
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    /** The net that a row names: one of the shared ones, or its own measure or sum. */
    private @Nullable Net net(LineDoc doc) {
        if (doc.of() != null) {
            MeasureClass kind = nets.kind(doc.kind() == null ? "S" : doc.kind(), doc.name());
            Net own = nets.net(doc.name(), kind, List.of(doc.of().split(" \\| ")), null, doc.otherwise());
            nets.check(own);
            return own;
        }
        String name = doc.net() == null ? doc.name() : doc.net();
        Net shared = nets.nets().get(name);
        if (shared == null) {
            faults.add("line " + doc.name() + ": no net is called " + name);
        }
        return shared;
    }

    private List<Line.Rung> ladder(LineDoc doc) {
        if (doc.ladder() == null) {
            return List.of(Line.Rung.values());
        }
        List<Line.Rung> rungs = new ArrayList<>();
        for (String rung : doc.ladder()) {
            try {
                rungs.add(Line.Rung.valueOf(rung.toUpperCase(Locale.ROOT)));
            } catch (IllegalArgumentException wrong) {
                faults.add("line " + doc.name() + ": the ladder has read, implied and rule, not " + rung);
            }
        }
        return rungs;
    }

    private Line.Bound bound(LineDoc doc) {
        try {
            return Line.Bound.valueOf(Objects.requireNonNull(doc.bound()).toUpperCase(Locale.ROOT));
        } catch (IllegalArgumentException wrong) {
            faults.add(
                    "line " + doc.name() + ": bound must be equal, floor, ceiling, aim or place, not " + doc.bound());
            return Line.Bound.EQUAL;
        }
    }

    private @Nullable MeasureKey key(String where, String text) {
        if (!nets.isMeasure(text)) {
            faults.add("line " + where + ": the catalogue has no measure " + text);
            return null;
        }
        return MeasureKey.parse(text);
    }

    private Line.Give give(LineDoc doc, @Nullable Net net, GarmentDoc garment) {
        if (doc.strain() != null) {
            if (net != null && nets.liesOn(net, "neck")) {
                faults.add("line " + doc.name() + ": nothing is stretched round a neck");
            }
            return new Line.Give.ByStrain(strains(doc.name(), doc.strain(), garment));
        }
        if (doc.grip() != null) {
            return new Line.Give.ByGrip(doc.grip().weight(), doc.grip().width());
        }
        JsonNode ease = doc.ease();
        if (ease == null) {
            return new Line.Give.ByFit(garment.fits().stream().map(f -> 0.0).toList());
        }
        if (ease.isArray()) {
            return new Line.Give.ByFit(numbers(doc.name(), ease, garment));
        }
        Formula formula = nets.formula(doc.name(), ease.asString()).orElse(new Formula.Constant(0));
        return new Line.Give.ByFormula(formula, doc.said() == null ? ease.asString() : doc.said());
    }

    /** None for the cloth's usual strain; one for every fit, or one for each. */
    private List<Double> strains(String where, JsonNode strain, GarmentDoc garment) {
        if (strain.isArray()) {
            return numbers(where, strain, garment);
        }
        return strain.isNumber() ? List.of(strain.doubleValue()) : List.of();
    }

    private List<Double> numbers(String where, JsonNode array, GarmentDoc garment) {
        List<Double> numbers = new ArrayList<>();
        array.forEach(n -> numbers.add(n.doubleValue()));
        if (numbers.size() != garment.fits().size()) {
            faults.add("line " + where + " has " + numbers.size() + " numbers for the fits " + garment.fits());
        }
        return numbers;
    }

    private Optional<Passing> passing(OpenDoc doc) {
        Net over = nets.passages().get(doc.over());
        if (over == null) {
            over = nets.nets().get(doc.over());
        }
        if (over == null) {
            faults.add("opening of " + doc.edge() + ": no passage and no net is called " + doc.over());
            return Optional.empty();
        }
        Formula slit =
                doc.slit() == null ? null : nets.formula(doc.edge(), doc.slit()).orElse(null);
        return Optional.of(new Passing(doc.edge(), over, slit, doc.by() == null ? "" : doc.by(), past(doc)));
    }

    private @Nullable Net past(OpenDoc doc) {
        if (doc.past() == null) {
            return null;
        }
        Net past = nets.net("past " + doc.edge(), nets.kind("S", doc.edge()), List.of(doc.past()), null, null);
        nets.check(past);
        return past;
    }
}
