package app.misura.core.reading;

import app.misura.core.form.OrderForm;
import app.misura.core.form.Step;
import app.misura.core.house.HouseTables;
import app.misura.core.length.Length;
import app.misura.core.length.LengthText;
import app.misura.core.measure.Condition;
import app.misura.core.measure.Condition.Aspect;
import app.misura.core.measure.Kind;
import app.misura.core.measure.Place;
import app.misura.core.measure.Side;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.jspecify.annotations.Nullable;

/**
 * A made-up body that can be measured on every form: all its lengths come from the same few numbers, so that what must add
 * up does. Children, very thin and very large ones are among them. Readings are rounded as the form reads, with the play
 * that it asks for under the tape.
 */
public final class MadeUp {
    /** What the bent elbow and the shoulder take, cm. */
    private static final double BEND = 3.5;
    /** So far apart the feet stand where they are astride, cm. */
    private static final double ASTRIDE = 60;

    public final long seed;
    public final double height;
    public final double chest;
    public final Wearer wearer;

    private final Random random;
    private final double k;
    private final double seat;
    private final double bust;
    private final double belly;
    private final double arm;
    private final double upper;
    private final double forearm;
    private final double wrist;
    private final double thigh;
    private final double knee;
    private final double calf;
    private final double ankle;
    private final double neckBase;
    private final double width;
    private final double shoulder;
    private final double crotch;
    private final double kneeHeight;
    private final double ankleHeight;
    private final Map<String, Double> wishes = new HashMap<>();
    private final double narrow;
    private final boolean measured;
    private final @Nullable Random own;
    private final Map<String, Double> places = new HashMap<>();

    public MadeUp(long seed) {
        this(seed, false);
    }

    /**
     * @param varied whether, besides, it is a woman's or a man's, and each of its girths of its own kind: spreads as broad
     *     tailoring knowledge has them, which sums know nothing of
     */
    public MadeUp(long seed, boolean varied) {
        this(seed, varied, Map.of());
    }

    /** A measured person, whose other lengths are made up. @param cm net, by key */
    public MadeUp(long seed, Map<String, Double> cm) {
        this(seed, false, cm);
    }

    private MadeUp(long seed, boolean varied, Map<String, Double> cm) {
        this.own = varied ? new Random(seed * 7_919 + 31) : null;
        double sex = own == null ? 0 : own.nextBoolean() ? 1 : -1;
        this.seed = seed;
        this.measured = !cm.isEmpty();
        this.random = new Random(seed * 104_729 + 17);
        boolean child = random.nextDouble() < .22 && cm.isEmpty();
        this.height = of(cm, Map.of("height", 1.0), child ? between(104, 144) : between(150, 198));
        this.k = height / 170;
        double stout = random.nextDouble() * random.nextDouble();
        this.chest = of(
                cm,
                Map.of("chest-girth", 1.0, "upper-chest-girth", 1.012),
                (height * (.48 + .36 * stout) + about(0, 1.2)) * own(-.015 * sex, .035));
        this.seat =
                of(cm, Map.of("seat-girth", 1.0), (height * (.53 + .26 * stout) + about(0, 1.5)) * own(.02 * sex, .02));
        this.bust = chest + (cm.containsKey("chest-girth") ? between(-1, 2) : between(0, 9));
        this.belly = of(
                cm, Map.of("navel-girth", 1.0), (height * (.41 + .46 * stout) + about(0, 1.5)) * own(-.03 * sex, .04));
        this.narrow = of(cm, Map.of("waist-narrow-girth", 1.0), belly - .02 * height);
        this.arm = .345 * height + about(0, .8);
        this.upper = of(
                cm,
                Map.of("upper-arm-girth[tensed]", 1 / 1.08),
                (.27 * chest + 4 + about(0, .8)) * own(-.025 * sex, .05));
        this.forearm = of(
                cm,
                Map.of("forearm-girth", 1.0),
                (Math.min(.65 * upper + 6.8 + about(0, .4), .93 * upper)) * own(-.02 * sex, .03));
        this.wrist = of(cm, Map.of("wrist-girth", 1.0), (.45 * forearm + 4.8 + about(0, .25)) * own(-.02 * sex, .03));
        this.thigh = of(cm, Map.of("thigh-below-girth", 1.02), (.58 * seat + about(0, .8)) * own(.015 * sex, .03));
        this.knee = of(cm, Map.of("knee-girth", 1.0), (.30 * seat + 7.3 + about(0, .4)) * own(0, .03));
        this.calf = of(cm, Map.of("calf-girth", 1.0), (.97 * knee + about(0, .6)) * own(0, .04));
        this.ankle = of(cm, Map.of("ankle-girth", 1.0), (.42 * calf + 6.7 + about(0, .3)) * own(0, .04));
        this.neckBase = (.28 * chest + 12.5 + about(0, .5)) * own(-.03 * sex, .045);
        this.width = .12 * chest + .17 * height + 2;
        this.shoulder = .5 * width - .177 * neckBase;
        this.crotch = .465 * height + about(0, 1.2);
        this.kneeHeight = .272 * height + about(0, .5);
        this.ankleHeight = .055 * height;
        this.wearer =
                new Wearer(random.nextDouble() < .15 ? Side.LEFT : Side.RIGHT, child ? AgeGroup.CHILD : AgeGroup.ADULT);
        wishes();
    }

    /** A measured girth where there is one, else the made-up one; both are drawn, so that a body's others stay what they are. */
    private static double of(Map<String, Double> cm, Map<String, Double> times, double madeUp) {
        for (Map.Entry<String, Double> each : times.entrySet()) {
            Double measured = cm.get(each.getKey());
            if (measured != null) {
                return measured * each.getValue();
            }
        }
        return madeUp;
    }

    /** How a body of its own kind differs from the plain one: shifted by sex, and one's own. */
    private double own(double shift, double sd) {
        return own == null ? 1 : 1 + shift + sd * Math.max(-2.5, Math.min(2.5, own.nextGaussian()));
    }

    /** The same of one place among its neighbours. */
    private double place(String code) {
        return places.computeIfAbsent(code, c -> own(0, .015));
    }

    private double between(double low, double high) {
        return low + (high - low) * random.nextDouble();
    }

    private double about(double mean, double sd) {
        return mean + sd * Math.max(-2, Math.min(2, random.nextGaussian()));
    }

    public boolean isChild() {
        return wearer.age() == AgeGroup.CHILD;
    }

    private void wishes() {
        wishes.put("hem-width-wanted", .25 * knee + 12);
        wishes.put("collar-height", 4.0);
        wishes.put("garment-length-back", .43 * height);
        wishes.put("garment-length-front", .45 * height);
        wishes.put("neck-depth-front", 9.0);
        wishes.put("neck-depth-back", 4.0);
        wishes.put("sleeve-length-wanted", .6 * arm);
        wishes.put("inside-leg-wanted", 8.0);
        wishes.put("outside-leg-wanted", 8 + .16 * height);
        wishes.put("limb-length-wanted", 25.0);
        wishes.put("waist-to-hem", .35 * height);
    }

    /** Height of a level over the floor, cm. */
    private double level(String name) {
        return switch (name) {
            case "band" -> .585 * height;
            case "belt" -> .575 * height;
            case "navel" -> .605 * height;
            case "waist" -> .63 * height;
            case "high-hip" -> .565 * height;
            case "seat" -> .52 * height;
            case "nape" -> .853 * height;
            case "hollow" -> .815 * height;
            case "shoulder" -> .84 * height;
            default -> throw new IllegalArgumentException(name);
        };
    }

    /** Down the middle in front, from the hollow to a level: over the chest, and over a belly where there is one. */
    private double front(String to) {
        return 1.02 * (level("hollow") - level(to)) + .05 * Math.max(0, belly - .85 * chest);
    }

    private double back(String to) {
        return 1.03 * (level("nape") - level(to));
    }

    private double frontToCrotch() {
        return front("navel") + (level("navel") - crotch) + .055 * seat;
    }

    private double backToCrotch() {
        return back("navel") + (level("navel") - crotch) + .13 * seat;
    }

    private double outside(String waist) {
        return level(waist) + .012 * seat;
    }

    private double shoulderFront(String waist) {
        return front(waist) + .2 * neckBase * .6;
    }

    private double shoulderBack(String waist) {
        return back(waist) + .055 * neckBase * .6;
    }

    /**
     * The wearer's own length, cm, without play.
     *
     * @param waist the level of the form's waist mark
     * @param answers which say how far under the edge a second level lies
     */
    public double cm(Step step, String waist, Map<String, String> answers) {
        String code = step.taken().code();
        Double wish = wishes.get(code);
        if (wish != null) {
            return code.equals("waist-to-hem") ? hem(step.at(), waist) : wish;
        }
        if (step.at().word().equals("second-level") && code.equals("girth-level-height")) {
            return .4 * height - Double.parseDouble(answers.get("second-level").replaceAll("[^0-9.]", ""));
        }
        return trunkGirth(code, step.condition())
                .or(() -> limbGirth(code, step.condition()))
                .map(girth -> girth * place(code))
                .or(() -> trunkLength(code, step.condition(), waist))
                .or(() -> limbLength(code, step.condition(), step.at(), waist))
                .orElseThrow(() -> new IllegalArgumentException("no made-up body has " + step.key()));
    }

    private double hem(Place at, String waist) {
        double floor = outside(waist);
        return switch (at.word()) {
            case "mid-thigh" -> floor - .36 * height;
            case "above-knee" -> floor - .31 * height;
            case "knee" -> floor - kneeHeight;
            case "below-knee" -> floor - .24 * height;
            case "mid-calf" -> floor - .17 * height;
            case "full" -> floor - .02 * height;
            default -> floor - .2 * height;
        };
    }

    private Optional<Double> trunkGirth(String code, Condition condition) {
        double breath = switch (condition.get(Aspect.BREATH)) {
            case "in" -> 3.0;
            case "half-out" -> 1.0;
            case "out" -> -.8;
            default -> 0.0;
        };
        double seated = condition.get(Aspect.POSTURE).equals("seated") ? 1 : 0;
        return Optional.ofNullable(
                switch (code) {
                    case "chest-girth" -> chest + breath;
                    case "bust-girth" -> bust + breath;
                    case "upper-chest-girth" ->
                        chest - 1 + (condition.get(Aspect.MUSCLE).equals("tensed") ? 1.5 : 0);
                    case "under-bust-girth" -> .87 * chest + breath;
                    case "mid-torso-girth" -> (chest + belly) / 2;
                    case "waist-narrow-girth" -> narrow;
                    case "waist-bend-girth" -> measured ? .55 * narrow + .45 * belly : narrow;
                    case "navel-girth" -> belly;
                    case "belly-girth" -> belly + 1;
                    case "waist-under-navel-girth", "waist-lower-girth" -> belly + 1.5;
                    case "trouser-waist-girth" -> belly + .5 + 2 * seated;
                    case "trouser-waist-above-girth" -> belly + .2;
                    case "belt-girth" -> .7 * belly + .3 * seat;
                    case "jacket-hem-girth" -> .5 * belly + .5 * seat;
                    case "high-hip-girth" -> .35 * belly + .65 * seat;
                    case "drop-waist-girth" -> .5 * belly + .5 * seat + 1;
                    case "seat-girth" -> seat + 3.5 * seated;
                    case "crotch-level-girth" -> .955 * seat;
                    case "neck-girth", "neck-seal-girth" -> neckBase - 2;
                    case "neck-base-girth" -> neckBase;
                    case "half-neck-base" -> neckBase / 2;
                    case "head-girth" -> .106 * height + 38.5;
                    case "face-oval" -> .106 * height + 45.5;
                    default -> null;
                });
    }

    private Optional<Double> limbGirth(String code, Condition condition) {
        boolean tensed = condition.get(Aspect.MUSCLE).equals("tensed");
        boolean bent = condition.get(Aspect.JOINT).equals("bent");
        boolean moved = !condition.get(Aspect.POSTURE).equals("standing");
        return Optional.ofNullable(
                switch (code) {
                    case "upper-arm-girth", "upper-arm-chest-girth" -> upper + (tensed ? .08 * upper : 0);
                    case "upper-arm-high-girth" -> upper + 1;
                    case "upper-arm-low-girth" -> .9 * upper;
                    case "elbow-girth" -> .65 * upper + 7.2 + (bent ? 2.5 : 0);
                    case "forearm-girth" -> forearm + (tensed ? 1.5 : 0);
                    case "forearm-low-girth" -> .55 * forearm + .45 * wrist;
                    case "wrist-girth", "wrist-seal-girth" -> wrist;
                    case "hand-girth" -> 1.3 * wrist;
                    case "fist-girth" -> 1.58 * wrist;
                    case "armhole-girth" -> .3 * chest + 13;
                    case "thigh-girth" -> thigh + (moved ? 2 : 0);
                    case "thigh-crotch-girth" -> thigh + (moved ? 3 : 0);
                    case "thigh-below-girth" -> measured ? thigh / 1.02 : thigh - 1;
                    case "mid-thigh-girth" -> .87 * thigh;
                    case "above-knee-girth" -> knee + 3 + (moved ? 1 : 0);
                    case "knee-girth" -> knee + (bent ? 2 + .01 * seat : 0);
                    case "below-knee-girth" -> .92 * knee;
                    case "calf-girth" -> calf;
                    case "calf-mid-girth" -> calf - 1;
                    case "below-calf-girth" -> .78 * calf;
                    case "ankle-girth" -> ankle;
                    case "ankle-bone-girth" -> ankle + 3;
                    case "heel-girth" -> .19 * height + 1;
                    case "foot-girth" ->
                        .14 * height + (condition.get(Aspect.SHOD).equals("boots") ? 4 : 0);
                    case "leg-strap-loop" -> thigh + .22 * height;
                    case "leg-opening-line" -> thigh + 6;
                    case "cover-top-girth" -> knee + 6;
                    default -> null;
                });
    }

    private Optional<Double> trunkLength(String code, Condition condition, String waist) {
        boolean standing = condition.get(Aspect.POSTURE).equals("standing");
        double moved = standing ? 0 : 1;
        return Optional.ofNullable(
                switch (code) {
                    case "height" -> height + (condition.get(Aspect.SHOD).equals("boots") ? 3 : 0);
                    case "brow-to-nape" -> .12 * height + 22;
                    case "head-height" -> .17 * height;
                    case "shoulder-length" -> shoulder;
                    case "shoulder-width-curve" -> width;
                    case "shoulder-width-straight" -> width - 1.5;
                    case "shoulder-seam-width" -> width + 2;
                    case "socket-width-front" -> width - 8;
                    case "socket-width-back" -> width - 6;
                    case "shoulder-drop" -> .32 * shoulder;
                    case "cross-chest" -> width - 8;
                    case "cross-back" -> width - 5.5 + 2 * moved;
                    case "half-back" -> (width - 5.5) / 2;
                    case "back-width-lats" -> .2 * chest + .1 * height + 3;
                    case "upper-chest-width" -> width - 7;
                    case "hip-arc-back" -> .47 * seat;
                    case "scye-depth" -> .08 * chest + .083 * height;
                    case "top-arm-arc" -> .8 * upper;
                    case "cap-height" -> .075 * height;
                    case "front-neck-to-waist" -> front(waist) - 2 * moved;
                    case "front-waist-to-crotch" -> frontToCrotch() - front(waist);
                    case "front-neck-to-crotch" -> frontToCrotch();
                    case "back-neck-to-waist" -> back(waist) + 4 * moved;
                    case "back-waist-to-crotch" -> backToCrotch() - back(waist);
                    case "back-neck-to-crotch" -> backToCrotch();
                    case "waist-crotch-loop" -> frontToCrotch() + backToCrotch() - front(waist) - back(waist);
                    case "torso-loop" -> frontToCrotch() + backToCrotch();
                    case "shoulder-loop" ->
                        shoulderFront(waist)
                                + shoulderBack(waist)
                                + frontToCrotch()
                                + backToCrotch()
                                - front(waist)
                                - back(waist);
                    case "front-neck-to-belt" -> front("belt");
                    case "front-belt-to-crotch" -> frontToCrotch() - front("belt");
                    case "back-neck-to-belt" -> back("belt") + 5 * moved;
                    case "back-belt-to-crotch" -> backToCrotch() - back("belt");
                    case "belt-crotch-loop" -> frontToCrotch() + backToCrotch() - front("belt") - back("belt");
                    case "crotch-loop" -> frontToCrotch() + backToCrotch() - front("band") - back("band");
                    case "front-rise" -> frontToCrotch() - front("band");
                    case "back-rise" -> backToCrotch() - back("band");
                    case "body-rise" -> outside("band") - crotch;
                    case "side-neck-to-waist-front", "shoulder-to-waist-front" -> shoulderFront(waist);
                    case "shoulder-to-waist-back" -> shoulderBack(waist);
                    case "side-neck-to-bust" -> .08 * chest + .083 * height + 6.4;
                    case "shoulder-to-bust" -> .08 * chest + .083 * height + 4.5;
                    case "shoulder-to-under-bust" -> .08 * chest + .083 * height + 12;
                    case "neck-to-under-bust" -> front("waist") * .58;
                    case "nape-to-bust" -> .08 * chest + .083 * height + 14;
                    case "bust-span" -> .2 * chest;
                    case "shoulder-diagonal-waist" -> shoulderFront(waist) + 3;
                    case "waist-over-shoulder" -> shoulderFront(waist) + shoulderBack(waist) + 2;
                    case "shoulder-to-crotch" -> level("shoulder") - crotch;
                    case "nape-to-tailbone" -> back("seat") - 3;
                    case "waist-to-high-hip" -> .05 * height;
                    case "waist-to-low-waist" -> .045 * height;
                    case "neck-hollow-to-floor" -> level("hollow");
                    case "neck-hollow-to-hem" -> front(waist) + hem(Place.ONLY, waist);
                    case "neck-hollow-to-foot-astride" -> Math.hypot(level("hollow"), ASTRIDE / 2);
                    case "jacket-length-seat" -> back("seat") + 3;
                    case "jacket-length-thumb", "jacket-length-nape-thumb" -> .45 * height;
                    case "coat-limit-fist" -> .43 * height;
                    case "front-to-band" -> front("band");
                    case "back-to-band" -> back("band");
                    case "waist-height-front", "waist-height-side", "waist-height-back" -> level(waist);
                    case "waist-height-kneeling" -> level(waist) - kneeHeight + 6 * k;
                    case "waist-to-seat-surface" -> level(waist) - crotch + 2;
                    case "back-waist-to-seat-edge" -> .17 * height;
                    case "lap-depth" -> .1 * height;
                    case "harness-over-shoulder" -> back("seat") + .35 * height;
                    case "harness-throat-to-handle" -> .2 * height;
                    case "harness-handle-span" -> .12 * height;
                    default -> null;
                });
    }

    private Optional<Double> limbLength(String code, Condition condition, Place at, String waist) {
        boolean bent = condition.get(Aspect.JOINT).equals("bent");
        boolean seated = condition.get(Aspect.POSTURE).equals("seated");
        double above = .57 * arm + (bent ? 2 : 0);
        double below = .43 * arm + (bent ? BEND - 2 : 0);
        return Optional.ofNullable(
                switch (code) {
                    case "arm-length" -> arm;
                    case "shoulder-to-elbow" -> above;
                    case "elbow-to-wrist" -> below;
                    case "arm-length-knuckle" -> arm + .05 * height;
                    case "neck-to-wrist" -> shoulder + above + below;
                    case "nape-to-wrist" ->
                        switch (condition.get(Aspect.JOINT)) {
                            case "bent" -> width / 2 + arm + BEND;
                            case "hand-on-hip" -> (width - 1.5) / 2 + arm + BEND;
                            default -> width / 2 + 1 + arm;
                        };
                    case "spine-to-wrist" -> width / 2 + arm;
                    case "spine-to-elbow" -> width / 2 + .57 * arm + 1;
                    case "inner-arm" -> .78 * arm;
                    case "inner-upper-arm" -> .37 * arm;
                    case "wrist-to-inner-elbow" -> .41 * arm;
                    case "waist-to-seat" -> outside(waist) - level("seat");
                    case "outside-leg" -> outside(waist);
                    case "outside-leg-heel" -> outside(waist) - 1;
                    case "outseam-ankle" -> outside(waist) - ankleHeight;
                    case "inside-leg" -> crotch;
                    case "inside-leg-heel" -> crotch - 1;
                    case "inside-leg-ankle" -> crotch - ankleHeight - (seated ? 1 : 0);
                    case "crotch-to-knee" -> crotch - kneeHeight;
                    case "waist-to-thigh" -> outside(waist) - crotch + 5 * k;
                    case "waist-to-knee" -> outside(waist) - kneeHeight;
                    case "shoulder-top-to-knee" -> shoulderFront(waist) + level(waist) - kneeHeight;
                    case "shoulder-to-ankle" -> shoulderFront(waist) + level(waist) - ankleHeight;
                    case "knee-to-ankle" -> kneeHeight - ankleHeight;
                    case "knee-to-floor" -> kneeHeight;
                    case "crotch-to-knee-seated" -> crotch - kneeHeight - .5;
                    case "knee-to-ankle-seated" -> kneeHeight - ankleHeight - .5;
                    case "bottom-length" -> outside(waist) - ankleHeight;
                    case "foot-length" -> .152 * height;
                    case "foot-width" -> .058 * height;
                    case "cover-top-to-floor" -> .4 * height;
                    case "girth-level-height" -> limbLevel(at);
                    default -> null;
                });
    }

    private double limbLevel(Place at) {
        return switch (at.word()) {
            case "ankle" -> .06 * height;
            case "calf" -> .17 * height;
            case "below-knee" -> .24 * height;
            case "knee" -> kneeHeight;
            case "above-knee" -> .3 * height;
            default -> throw new IllegalArgumentException(at.word());
        };
    }

    /** Its sheet on a form: every step that is asked, read once and, where two tries must agree, twice. */
    public Sheet sheet(OrderForm whole, Map<String, String> answers, HouseTables tables) {
        OrderForm form = whole.asAsked(answers);
        Sheet empty = new Sheet(form, wearer, answers, List.of());
        List<Reading> readings = new ArrayList<>();
        for (Sheet.Slot slot : empty.slots()) {
            Reading reading = reading(slot, form, answers, tables, 0);
            readings.add(reading);
            if (slot.step().settle() == app.misura.core.form.Settle.TWO_AGREE) {
                readings.add(reading);
            }
        }
        return new Sheet(form, wearer, answers, readings);
    }

    /** One value of it as somebody reads it on a form. @param errorCm how far their tape is off */
    public Reading reading(
            Sheet.Slot slot, OrderForm form, Map<String, String> answers, HouseTables tables, double errorCm) {
        Step step = slot.step();
        if (!step.taken().kind().isLength()) {
            return said(slot);
        }
        double mm =
                10 * cm(step, form.heading().waist(), form.answers(answers)) + tables.playMm(step.play(), step.taken());
        Length read = form.increment().snap(Length.fromMm(mm + 10 * errorCm).minus(step.adds()));
        return reading(slot, form, read);
    }

    /** What is no length: a mass or a word, whatever the body. */
    private static Reading said(Sheet.Slot slot) {
        String text = slot.step().taken().kind() == Kind.MASS ? "72" : "48 R";
        return new Reading(
                slot.step().label(), slot.side(), text, null, slot.step().play(), Instant.EPOCH, "tester", null, null);
    }

    /** A reading of a value as it would be typed. */
    public static Reading reading(Sheet.Slot slot, OrderForm form, Length read) {
        return new Reading(
                slot.step().label(),
                slot.side(),
                LengthText.exact(read, form.unit()),
                read,
                slot.step().play(),
                Instant.EPOCH,
                "tester",
                null,
                null);
    }
}
