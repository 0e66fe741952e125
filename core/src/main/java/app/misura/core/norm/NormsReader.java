package app.misura.core.norm;

import app.misura.core.formula.Formula;
import app.misura.core.measure.Catalogue;
import app.misura.core.measure.MeasureKey;
import app.misura.core.resource.Shipped;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Reads norms from their text; every fault of it at once. */
final class NormsReader {
    private final String file;
    private final List<String> faults = new ArrayList<>();

    record RuleDoc(String of, String is, double spread, String about) {}

    record MeasureDoc(String of, double middle, double spread, List<Double> with) {}

    record ShapeDoc(String like, double share, List<MeasureDoc> joint) {}

    record Doc(
            int version,
            String source,
            String measured,
            List<ShapeDoc> people,
            List<RuleDoc> rules,
            Margins.Child child,
            Margins.Beyond beyond,
            Margins.Sides sides,
            Margins.Misread misread) {}

    private NormsReader(String file) {
        this.file = file;
    }

    /** @throws IllegalArgumentException saying every fault, with the file and the place */
    static Norms read(String yaml, String file) {
        return new NormsReader(file).norms(Shipped.parse(yaml, file, Doc.class));
    }

    private Norms norms(Doc doc) {
        List<Shape> shapes = new ArrayList<>();
        for (ShapeDoc each : doc.people()) {
            shape(each, shapes);
        }
        if (Math.abs(shapes.stream().mapToDouble(Shape::share).sum() - 1) > 1e-9) {
            faults.add("people: the shares of all shapes are 1 together");
        }
        List<Rule> rules = new ArrayList<>();
        for (RuleDoc each : doc.rules()) {
            Rule rule = rule(each);
            if (rule != null) {
                rules.add(rule);
            }
        }
        check(
                doc.child() != null && doc.child().height() > 0 && doc.child().differ() >= 1,
                "child: height over 0, differ from 1");
        check(doc.beyond() != null && doc.beyond().by() >= 0, "beyond: by from 0");
        check(doc.sides() != null && doc.sides().alike() > 0, "sides: alike over 0");
        check(doc.misread() != null && doc.misread().within() > 0, "misread: within over 0");
        if (!faults.isEmpty()) {
            throw new IllegalArgumentException(file + ": " + String.join("; ", faults));
        }
        try {
            return new Norms(
                    doc.source(),
                    doc.measured().strip(),
                    shapes,
                    rules,
                    new Margins(doc.child(), doc.beyond(), doc.sides(), doc.misread()));
        } catch (IllegalArgumentException wrong) {
            throw new IllegalArgumentException(file + ": " + wrong.getMessage(), wrong);
        }
    }

    private void check(boolean holds, String asked) {
        if (!holds) {
            faults.add(asked);
        }
    }

    private void shape(ShapeDoc doc, List<Shape> shapes) {
        int n = doc.joint().size();
        double[] mean = new double[n];
        double[][] covariance = new double[n][n];
        List<String> of = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            MeasureDoc each = doc.joint().get(i);
            String at = "people like " + doc.like() + ", " + each.of() + ": ";
            known(each.of(), at);
            check(each.middle() > 0 && each.spread() > 0, at + "middle and spread over 0");
            check(
                    each.with().size() == i,
                    at + "one number for each measure above it, " + i + ", not "
                            + each.with().size());
            of.add(each.of());
            mean[i] = Math.log(Math.max(1e-9, each.middle()));
            covariance[i][i] = each.spread() * each.spread() / 1e4;
            for (int j = 0; j < Math.min(i, each.with().size()); j++) {
                double with = each.with().get(j);
                check(Math.abs(with) < 1, at + "each number lies between -1 and 1, not " + with);
                covariance[i][j] = with * Math.sqrt(covariance[i][i] * covariance[j][j]);
                covariance[j][i] = covariance[i][j];
            }
        }
        check(doc.share() > 0, "people like " + doc.like() + ": share over 0");
        shapes.add(new Shape(doc.like(), doc.share(), of, mean, covariance));
    }

    private @Nullable Rule rule(RuleDoc doc) {
        String at = "rule of " + doc.of() + ": ";
        try {
            Map<String, Double> factors = new LinkedHashMap<>();
            double constant = sum(Formula.parse(doc.is()), 1, factors);
            known(doc.of(), at);
            factors.keySet().forEach(name -> known(name, at));
            return new Rule(
                    doc.of(),
                    factors,
                    constant,
                    doc.spread() / 100,
                    Region.valueOf(doc.about().toUpperCase(Locale.ROOT)));
        } catch (IllegalArgumentException wrong) {
            faults.add(at + wrong.getMessage());
            return null;
        }
    }

    private void known(String key, String at) {
        try {
            check(MeasureKey.parse(key).in(Catalogue.shipped()) != null, at + "no measure is called " + key);
        } catch (IllegalArgumentException wrong) {
            faults.add(at + wrong.getMessage());
        }
    }

    private static double sum(Formula formula, double times, Map<String, Double> factors) {
        if (formula instanceof Formula.Name name) {
            factors.merge(name.name(), times, Double::sum);
            return 0;
        }
        if (formula instanceof Formula.Constant constant) {
            return times * constant.number();
        }
        if (formula instanceof Formula.Sum sum) {
            double constant = 0;
            for (Formula.Term term : sum.terms()) {
                constant += sum(term.of(), times * term.factor(), factors);
            }
            return constant;
        }
        throw new IllegalArgumentException("only sums are understood");
    }
}
