package app.misura.core.ready;

import app.misura.core.figure.Spot;
import app.misura.core.figure.TapePath;
import app.misura.core.figure.TapePaths;
import app.misura.core.form.OrderForm;
import app.misura.core.form.Settle;
import app.misura.core.form.Step;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.measure.Condition;
import app.misura.core.measure.Condition.Aspect;
import app.misura.core.reading.Sheet;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * What a sheet wants before it is measured, in working order. Each line names the steps that it is for; what no step wants is
 * not asked for.
 *
 * @param hand what lies ready
 * @param worn what the client wears, and takes off
 * @param touched steps at which the tape lies where a person may want to hold it themselves
 */
public record Ready(List<Line> hand, List<Line> worn, List<Line> touched) {
    /** A common tape's length, cm. */
    private static final double TAPE_CM = 150;

    private static final Map<String, String> SHOD = new LinkedHashMap<>();
    private static final Map<String, String> OVER = new LinkedHashMap<>();

    static {
        SHOD.put("shoes", "Shoes on");
        SHOD.put("boots", "Boots on");
        OVER.put("skin", "On the skin");
        OVER.put("underwear", "In underwear");
        OVER.put("under-layers", "Over the layers that will be worn beneath");
    }

    public Ready {
        hand = List.copyOf(hand);
        worn = List.copyOf(worn);
        touched = List.copyOf(touched);
    }

    /** What a practised hand takes, seconds: for a mark, for a value, for a further try, for going to another place. House defaults. */
    private static final int MARK = 60;

    private static final int VALUE = 40;
    private static final int TRY = 30;
    private static final int PART = 20;
    private static final int MINUTE = 60;
    private static final int ROUNDED = 5;

    /**
     * About how long the measuring takes a practised hand, in minutes, to the next five: an estimate from how many marks,
     * values, tries and places there are.
     */
    public static int minutes(Sheet sheet) {
        List<Step> steps = sheet.form().asked(sheet.answers());
        long marks = steps.stream().filter(Step::isMark).count();
        long tries = sheet.allSlots().stream()
                .filter(s -> s.step().settle() == Settle.TWO_AGREE)
                .count();
        long parts = steps.stream().map(Step::part).distinct().count();
        double seconds = MARK * marks + VALUE * sheet.allSlots().size() + TRY * tries + PART * parts;
        return ROUNDED * (int) Math.ceil(seconds / MINUTE / ROUNDED);
    }

    /** One thing. @param steps their labels, in form order; empty where it is for all */
    public record Line(String what, List<String> steps) {
        public Line {
            steps = List.copyOf(steps);
        }

        /** Its steps in words, three and more that follow each other as a row: "S1 to S5, M1". */
        public String where() {
            List<String> words = new ArrayList<>();
            for (int i = 0; i < steps.size(); ) {
                int last = i;
                while (last + 1 < steps.size() && follows(steps.get(last), steps.get(last + 1))) {
                    last++;
                }
                if (last - i >= 2) {
                    words.add(steps.get(i) + " to " + steps.get(last));
                } else {
                    words.addAll(steps.subList(i, last + 1));
                }
                i = last + 1;
            }
            return String.join(", ", words);
        }

        private static boolean follows(String label, String next) {
            return label.matches("[A-Z]\\d+")
                    && next.equals(label.charAt(0) + String.valueOf(Integer.parseInt(label.substring(1)) + 1));
        }
    }

    /** What this sheet wants, as its questions are answered. */
    public static Ready of(Sheet sheet) {
        return new Maker(sheet.form(), sheet.form().asked(sheet.answers())).ready();
    }

    private record Maker(OrderForm form, List<Step> steps) {
        Ready ready() {
            return new Ready(hand(), worn(), touched());
        }

        private List<Line> hand() {
            List<Line> lines = new ArrayList<>();
            lines.add(new Line("A tape that reads " + form.increment().words(), List.of()));
            add(lines, "A second tape, or a pin: a tape of " + tape() + " is too short", s -> isLong(s));
            add(lines, "A cord or an elastic band for the waist", s -> isRound(s));
            add(
                    lines,
                    "Chalk or bits of tape for marks",
                    s -> s.isMark() && s.prompt().spots().stream().anyMatch(this::isPlace));
            add(lines, "A hard, level chair", s -> is(s, Aspect.POSTURE, "seated"));
            add(lines, "Something soft to kneel on", s -> is(s, Aspect.POSTURE, "kneeling"));
            add(lines, "A wall, and something level for the crown", s -> isOf(s, "height"));
            add(lines, "A ruler or a thin book to stand astride", s -> isHeightOf(s, "crotch"));
            if (form.isForUntrained()) {
                lines.add(new Line(
                        form.cuts() ? "A second person who reads and writes" : "A mirror, a pencil, paper for the wall",
                        List.of()));
            }
            return lines;
        }

        private String tape() {
            Length length = Length.fromMm(10 * TAPE_CM);
            return LengthText.column(form.increment().snap(length), form.unit()) + " "
                    + form.unit().symbol();
        }

        private List<Line> worn() {
            List<Line> lines = new ArrayList<>();
            lines.add(new Line(
                    "Close clothes; pockets empty, belt, watch and keys off; the bra, socks, protector that will be worn",
                    List.of()));
            OVER.forEach((word, said) -> add(lines, said, s -> is(s, Aspect.OVER, word)));
            int before = lines.size();
            SHOD.forEach((word, said) -> add(lines, said, s -> is(s, Aspect.SHOD, word)));
            boolean barefoot = steps.stream().anyMatch(s -> is(s, Aspect.SHOD, "barefoot") && isDown(s));
            if (barefoot) {
                lines.add(new Line(lines.size() > before ? "Shoes off for the others" : "Shoes off", List.of()));
            }
            return lines;
        }

        private List<Line> touched() {
            List<Line> lines = new ArrayList<>();
            add(lines, "The tape goes between the legs", s -> passes(s, "crotch"));
            add(lines, "The tape lies on the breast", s -> passes(s, "bust"));
            return lines;
        }

        private void add(List<Line> lines, String what, Predicate<Step> wants) {
            List<String> labels =
                    steps.stream().filter(wants).map(Step::label).distinct().toList();
            if (!labels.isEmpty()) {
                lines.add(new Line(what, labels));
            }
        }

        private boolean isPlace(String spot) {
            return Spot.named(spot).flatMap(Spot::level).isEmpty();
        }

        /** Whether a mark goes round the trunk. */
        private boolean isRound(Step step) {
            return step.isMark()
                    && step.prompt().spots().stream()
                            .anyMatch(s -> Spot.named(s).flatMap(Spot::level).isPresent());
        }

        private static boolean is(Step step, Aspect aspect, String word) {
            Condition condition = step.condition();
            return step.takesReadings() && condition.get(aspect).equals(word);
        }

        private static boolean isOf(Step step, String code) {
            return step.takesReadings() && step.taken().code().equals(code);
        }

        /** Whether many bodies have more than a tape is long. */
        private static boolean isLong(Step step) {
            return step.takesReadings()
                    && step.taken().kind().hasPlay()
                    && (step.taken().adultLowCm() + step.taken().adultHighCm()) / 2 > TAPE_CM;
        }

        private Optional<TapePath> path(Step step) {
            return step.takesReadings()
                    ? TapePaths.of(
                                    step.taken(),
                                    step.condition(),
                                    step.at(),
                                    form.heading().waist())
                            .map(TapePaths.Shown::path)
                    : Optional.empty();
        }

        private boolean passes(Step step, String place) {
            return path(step).filter(p -> p.passes(place)).isPresent();
        }

        /** Whether a shoe's sole or its shaft would be measured too. */
        private boolean isDown(Step step) {
            return Stream.of("floor", "heel", "foot", "ankle").anyMatch(place -> passes(step, place));
        }

        private boolean isHeightOf(Step step, String place) {
            return path(step).filter(p -> p.isFrom(place)).isPresent();
        }
    }
}
