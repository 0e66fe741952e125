package app.misura.core.format.sheet;

import app.misura.core.cut.CutSpec;
import app.misura.core.cut.Opening;
import app.misura.core.draft.Scope;
import app.misura.core.draft.Seam;
import app.misura.core.draft.Target;
import app.misura.core.fit.ChainLine;
import app.misura.core.fit.Estimate;
import app.misura.core.fit.Source;
import app.misura.core.form.OrderForm;
import app.misura.core.form.Step;
import app.misura.core.garment.Line;
import app.misura.core.length.TapeWords;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A cut spec as screens and papers show it: the table, each number's chain, the proof of the cut. Prints the words it is
 * given; knows no line by name.
 *
 * @param proof what was measured again, what does not hold first
 * @param holds whether all of it does
 * @param heading what the proof came to, in words
 * @param closed edges that do not pass what they must, each with what can be done
 * @param drawn whether pieces are drawn
 */
public record CutTable(
        List<Row> rows,
        List<Statement> proof,
        boolean holds,
        String heading,
        List<String> estimated,
        List<String> cautions,
        List<String> notes,
        List<Opening> closed,
        boolean drawn,
        String difference) {

    /**
     * @param derived whether it follows from others and is never read
     * @param estimated whether it was not read and something stands for it
     * @param second a second line where the drawn width is more than the floor
     */
    public record Row(
            String line,
            String name,
            String step,
            String body,
            String ease,
            String finished,
            String cut,
            boolean derived,
            boolean estimated,
            @Nullable String second,
            List<Link> chain) {}

    /** One link of a chain. */
    public record Link(String label, String value, String reason) {
        private static final String NET = "= net body";
        private static final String EASE = "+ ease";
        private static final String FINISHED = "= finished";

        /** Whether the reason says what was decided, and not only what the number is. */
        boolean isChosen() {
            return !reason.isEmpty() && (label.equals(EASE) || label.equals(FINISHED) || label.equals(NET));
        }
    }

    public record Statement(String text, String value, boolean holds) {
        /** In words: never by colour or sign alone. */
        public String word() {
            return holds ? "holds" : "does not hold";
        }
    }

    public static CutTable of(CutSpec spec, OrderForm form) {
        List<Statement> proof = statements(spec);
        long broken = proof.stream().filter(s -> !s.holds()).count();
        return new CutTable(
                new Rows(spec, form).all(),
                proof,
                spec.holds() && broken == 0,
                heading(spec, proof.size(), broken),
                spec.estimates().stream().map(e -> estimated(e, spec.tape())).toList(),
                spec.cautions(),
                spec.notes(),
                spec.closed(),
                spec.isDrawn(),
                String.format(Locale.ROOT, "%.2f mm", spec.draft().largestDifference()));
    }

    private static String heading(CutSpec spec, int count, long broken) {
        if (broken > 0) {
            return broken == 1 ? "1 of " + count + " does not hold" : broken + " of " + count + " do not hold";
        }
        if (count == 0) {
            return "nothing is drawn, so nothing was measured again";
        }
        return count == 1 ? "1 of 1 holds" : "all " + count + " hold";
    }

    private static String estimated(Estimate e, TapeWords tape) {
        String replaced = e.step() == null
                ? " This form has no step that would replace it."
                : " Step " + e.step() + " would replace it.";
        return e.input().replace('-', ' ') + " " + tape.of(e.valueMm()) + " ± " + tape.said(e.sdMm()) + ", " + e.rule()
                + "." + replaced;
    }

    private static List<Statement> statements(CutSpec spec) {
        List<Statement> list = new ArrayList<>();
        TapeWords tape = spec.tape();
        for (Target t : spec.draft().targets()) {
            if (t.of() != null || !t.holds()) {
                String floor =
                        t.kind() == Target.Kind.FLOOR && t.of() != null ? ", at least " + tape.of(t.expected()) : "";
                list.add(new Statement(t.said() + t.scope().words() + floor, value(t, tape), t.holds()));
            }
        }
        for (Seam s : spec.draft().seams()) {
            list.add(new Statement(s.said() + s.scope().words(), lengths(s, tape), s.holds()));
        }
        notches(spec).ifPresent(list::add);
        for (Opening o : spec.openings()) {
            if (o.proved()) {
                list.add(opening(o, tape));
            }
        }
        list.sort((a, b) -> Boolean.compare(a.holds(), b.holds()));
        return list;
    }

    private static Optional<Statement> notches(CutSpec spec) {
        long pairs =
                spec.draft().seams().stream().mapToLong(s -> s.notches().size()).sum();
        double apart = spec.draft().seams().stream()
                .mapToDouble(Seam::notchesApart)
                .max()
                .orElse(0);
        return pairs == 0
                ? Optional.empty()
                : Optional.of(new Statement(
                        pairs + " pairs of notches meet",
                        String.format(Locale.ROOT, "%.1f mm apart at most", apart),
                        apart <= Seam.TOLERANCE));
    }

    private static Statement opening(Opening o, TapeWords tape) {
        String stretched = o.stretched() > o.finished() ? ", stretched " + tape.of(o.stretched()) : "";
        String opened = o.slit() > 0 ? " + 2 × " + tape.of(o.slit()) + " " + o.by() : "";
        return new Statement(
                o.edge() + " passes " + o.over() + ", " + o.step(),
                tape.of(o.finished()) + stretched + opened + (o.holds() ? " ≥ " : " < ") + tape.of(o.passing()),
                o.holds());
    }

    /** The two lengths that are sewn together: once where the tape shows no difference, else with how far they are apart. */
    private static String lengths(Seam s, TapeWords tape) {
        String a = tape.of(s.lengthA());
        String b = tape.of(s.lengthB());
        if (s.easeLow() != 0 || s.easeHigh() != 0) {
            return a + " on " + b;
        }
        if (Math.abs(s.difference()) < 0.05) {
            return a + " = " + a;
        }
        return a.equals(b) || !s.holds()
                ? a + (s.holds() ? " = " : " ≠ ") + b
                : String.format(Locale.ROOT, "%s, %.1f mm apart", a, Math.abs(s.difference()));
    }

    /** A twentieth of a millimetre from its promise, a length is shown as promised: no tape shows the difference. */
    private static String value(Target t, TapeWords tape) {
        if (t.of() == null) {
            return String.format(
                    Locale.ROOT, "%.2f %s", t.measured(), t.quantity().word());
        }
        boolean kept = t.kind() == Target.Kind.EQUAL && Math.abs(t.difference()) < 0.05;
        return tape.of(kept ? t.expected() : t.measured());
    }

    /** The rows of the table and their chains. */
    private record Rows(CutSpec spec, OrderForm form) {
        private TapeWords tape() {
            return spec.tape();
        }

        List<Row> all() {
            List<Row> rows = new ArrayList<>();
            for (int i = 0; i < spec.chain().size(); i++) {
                CutSpec.Entry entry = spec.chain().get(i);
                boolean pair =
                        entry.scope() == Scope.LEFT && i + 1 < spec.chain().size();
                if (pair && isOne(entry, spec.chain().get(i + 1))) {
                    rows.add(row(entry, false));
                    i++;
                } else {
                    rows.add(row(entry, true));
                }
            }
            return rows;
        }

        /** Whether both sides of a line show the same numbers: then it stands once. */
        private boolean isOne(CutSpec.Entry left, CutSpec.Entry right) {
            return left.line().name().equals(right.line().name())
                    && left.line().isSame(right.line())
                    && tape().of(drawn(left)).equals(tape().of(drawn(right)));
        }

        private Row row(CutSpec.Entry entry, boolean sided) {
            ChainLine line = entry.line();
            double shrunk = line.finished() / line.cut();
            boolean floor = line.line().bound() == Line.Bound.FLOOR
                    && !tape().of(drawn(entry)).equals(tape().of(line.cut()));
            double cut = floor ? drawn(entry) : line.cut();
            String finished = tape().of(cut * shrunk);
            boolean derived = line.source().steps().size() > 1;
            return new Row(
                    entry.id(),
                    line.line().title() + (sided ? entry.scope().words() : ""),
                    sided
                            ? line.source().said()
                            : line.source().said().replace(entry.scope().suffix(), ""),
                    line.follows() ? "–" : tape().of(line.net()),
                    line.follows()
                            ? line.ease().words()
                            : (floor ? "≥ " : "") + tape().signed(line.ease().value()),
                    finished,
                    tape().of(cut),
                    derived,
                    line.estimated(),
                    floor ? "at least " + tape().of(line.finished()) + ", drawn " + finished : null,
                    chain(line));
        }

        /** The width that was drawn, in cloth as it is cut. */
        private double drawn(CutSpec.Entry entry) {
            return spec.draft().targets().stream()
                    .filter(t -> t.id().equals(entry.id()))
                    .mapToDouble(Target::measured)
                    .findFirst()
                    .orElse(entry.line().cut());
        }

        private List<Link> chain(ChainLine line) {
            List<Link> links = new ArrayList<>(beginning(line));
            if (line.growth() != 0) {
                links.add(new Link(
                        "+ room to grow",
                        tape().of(line.growth()),
                        spec.choices().word("growth") + " months"));
            }
            if (line.layers() != 0) {
                links.add(new Link(
                        "+ beneath",
                        tape().of(line.layers()),
                        String.format(
                                Locale.ROOT, "%.1f mm thick", spec.choices().numberOr0("layers"))));
            }
            if (line.thickness() != 0) {
                links.add(new Link("+ the sheet's own bend", tape().of(line.thickness()), ""));
            }
            if (!line.follows()) {
                links.add(new Link(
                        Link.EASE,
                        tape().signed(line.ease().value()),
                        line.ease().why()));
            }
            links.add(new Link(
                    Link.FINISHED,
                    tape().of(line.finished()),
                    line.follows() ? line.ease().why() : ""));
            double shrink = 1 - line.finished() / line.cut();
            if (shrink > 1e-9) {
                links.add(new Link(
                        String.format(Locale.ROOT, "÷ (1 − %.1f %%)", shrink * 100),
                        tape().of(line.cut()),
                        "the cloth shrinks"));
            }
            return links;
        }

        private List<Link> beginning(ChainLine line) {
            List<Link> links = new ArrayList<>();
            if (line.source().step() != null || !line.source().steps().isEmpty()) {
                String how = form.find(line.source().steps().get(0))
                        .filter(s -> line.source().steps().size() == 1)
                        .map(Step::name)
                        .map(n -> n.toLowerCase(Locale.ROOT))
                        .orElse("worked out");
                links.add(new Link(
                        line.source().said() + " read" + over(line.source()),
                        tape().of(line.source().readMm()),
                        how));
                if (line.source().playMm() != 0) {
                    double play = line.source().playMm();
                    links.add(
                            play > 0
                                    ? new Link("− play", tape().of(play), "what the fingers added")
                                    : new Link("+ play", tape().of(-play), "what the firm tape took"));
                }
            }
            if (!line.follows()) {
                links.add(new Link(Link.NET, tape().of(line.net()), line.estimated() ? "≈ estimated, not read" : ""));
            }
            return links;
        }
    }

    /** What was worn under the tape: {@code , over protector}. */
    private static String over(Source source) {
        return source.worn() == null ? "" : ", over " + source.worn().replace('-', ' ');
    }
}
