package app.misura.core.fit;

import app.misura.core.draft.block.TrousersInput;
import app.misura.core.proof.LeftRight;
import app.misura.core.proof.Proof;
import app.misura.core.reading.AgeGroup;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Finished trousers for a body and some choices, and how each number came about.
 *
 * <p>All figures are house defaults from general tailoring knowledge, to be edited by the house as its own garments
 * teach it.
 */
public final class TrousersFit {
    /** Ease by fit (close, regular, easy), mm: a house starts here. */
    private static final double[] WAIST = {10, 15, 20};

    private static final double[] SEAT = {30, 60, 90};
    /** Floors: the drawn thigh comes out wider. */
    private static final double[] THIGH = {40, 70, 110};

    private static final double[] RISE = {5, 10, 20};
    /** What the loop gains for each millimetre of rise: it goes down and up again, and a little of it round. */
    private static final double LOOP_PER_RISE = 1.7;
    /** What the seat's depth gains for each millimetre of rise. */
    private static final double DEPTH_PER_RISE = 0.7;
    /** The finished knee is this share of a regular finished seat, wider or narrower by fit. */
    private static final double KNEE_SHARE = 0.415;

    private static final double[] KNEE = {-20, 0, 20};
    /** Over what the moved body needs. */
    private static final double MARGIN = 10;
    /** A child's garment has less to add: it is smaller. */
    private static final double CHILD = 0.7;

    private static final double HEM_UNDER_KNEE = 15;
    /** Growth in six months: trunk and thigh girths, other limb girths, lengths, the loop. */
    private static final double GROW_TRUNK = 15;

    private static final double GROW_LIMB = 5;
    private static final double GROW_LENGTH = 20;
    private static final double GROW_LOOP = 15;

    private final Proof proof;
    private final TrousersChoices choices;
    private final NetBody body;
    private final List<ChainLine> chain = new ArrayList<>();
    private final List<String> missing = new ArrayList<>();
    private final int fit;
    private final double child;
    private final double months;

    private TrousersFit(Proof proof, TrousersChoices choices) {
        this.proof = proof;
        this.choices = choices;
        this.body = new NetBody(proof);
        this.fit = choices.fit().ordinal();
        AgeGroup age = proof.sheet().wearer().age();
        this.child = age == AgeGroup.CHILD ? CHILD : 1;
        this.months = age == AgeGroup.ADULT ? 0 : choices.growthMonths() / 6.0;
    }

    /** What a fit comes to. */
    public sealed interface Result {}

    /**
     * @param left and {@code right}: the block's input per side; equal where one draft serves both
     */
    public record Fitted(
            TrousersInput left,
            TrousersInput right,
            boolean apart,
            List<ChainLine> chain,
            List<Estimate> estimates,
            @Nullable Double heelGirth)
            implements Result {}

    /** Readings without which nothing can be cut, by step label. */
    public record Missing(List<String> steps) implements Result {}

    public static Result of(Proof proof, TrousersChoices choices) {
        return new TrousersFit(proof, choices).fit();
    }

    private NetBody.Value need(Optional<NetBody.Value> value, String label) {
        if (value.isEmpty()) {
            missing.add(label);
            return new NetBody.Value(label, "", 0, 0, 0);
        }
        return value.get();
    }

    private Result fit() {
        NetBody.Value seat = need(body.read("U1"), "U1");
        NetBody.Value waist = need(body.read("U2"), "U2");
        NetBody.Value inside = need(body.read("S1"), "S1");
        NetBody.Value outside = need(known("D1", "outside-leg"), "D1");
        NetBody.Value loop = need(known("S3", "crotch-loop"), "S3");
        NetBody.Value[] thighs = thighs();
        if (!missing.isEmpty()) {
            return new Missing(missing);
        }
        double riseEase = RISE[fit] * child;
        double hemUp = choices.hemAboveFloor();
        double seatFinished = girth("seat", seat, SEAT[fit] * child, GROW_TRUNK, seatNeed(seat));
        double waistFinished = girth("waist", waist, WAIST[fit] * child, GROW_TRUNK, 0);
        boolean apart = Math.abs(thighs[0].net() - thighs[1].net()) > LeftRight.APART.toMm();
        NetBody.Value wider = thighs[0].net() > thighs[1].net() ? thighs[0] : thighs[1];
        double thigh = girth("thigh", wider, THIGH[fit] * child, GROW_TRUNK, 0);
        double narrowerThigh = thigh - Math.abs(thighs[0].net() - thighs[1].net());
        double[] knee = knee(seat);
        double hem = hem(knee[0]);
        double outsideFinished = length("outside-leg", outside, -hemUp, GROW_LENGTH * months, 0);
        double insideFinished = length("inside-leg", inside, -riseEase - hemUp, GROW_LENGTH * months, 0);
        double loopFinished =
                length("crotch-loop", loop, LOOP_PER_RISE * riseEase, GROW_LOOP * months, 2 * choices.layers());
        double netRise = outside.net() - inside.net();
        rise(outside, inside, netRise, riseEase);
        NetBody.Value depth = body.orRule("D4", "seat-depth", "0.70 x rise", 0.70 * netRise, 0.02 * netRise);
        NetBody.Value kneeHeight =
                body.orRule("D3", "knee-height", "0.60 x inside leg", 0.60 * inside.net(), 0.02 * inside.net());
        double height = kneeHeight.net() + 0.6 * GROW_LENGTH * months - hemUp;
        Cloth cloth = choices.cloth();
        TrousersInput wide = new TrousersInput(
                cloth.across(waistFinished),
                cloth.across(seatFinished),
                cloth.across(thigh),
                cloth.across(knee[0]),
                cloth.across(knee[1]),
                cloth.across(hem),
                cloth.along(loopFinished),
                cloth.along(outsideFinished),
                cloth.along(insideFinished),
                cloth.along(depth.net() + DEPTH_PER_RISE * riseEase),
                cloth.along(height),
                cloth.along(choices.waistband()),
                choices.seatShape(),
                seat.net(),
                waist.net(),
                loop.net(),
                netRise,
                wider.net(),
                child < 1,
                choices.front());
        TrousersInput narrow = apart ? wide.withThigh(cloth.across(narrowerThigh)) : wide;
        boolean leftWider = wider == thighs[0];
        return new Fitted(
                leftWider ? wide : narrow,
                leftWider ? narrow : wide,
                apart,
                List.copyOf(chain),
                List.copyOf(body.estimates()),
                body.read("D6").map(NetBody.Value::net).orElse(null));
    }

    private Optional<NetBody.Value> known(String id, String input) {
        return proof.sheet().form().find(id).isPresent() ? body.readOrImplied(id, input) : Optional.empty();
    }

    /** Left and right; one that was not read is taken to be like the other. */
    private NetBody.Value[] thighs() {
        Optional<NetBody.Value> left = body.read("D9-left");
        Optional<NetBody.Value> right = body.read("D9-right").or(() -> body.read("D9"));
        if (left.isEmpty() && right.isEmpty()) {
            missing.add("D9");
            return new NetBody.Value[0];
        }
        return new NetBody.Value[] {
            left.or(() -> right).get(), right.or(() -> left).get()
        };
    }

    /** What the seat needs to sit down: seated less standing, less what the cloth gives, and the margin. */
    private double seatNeed(NetBody.Value seat) {
        return body.read("M3")
                .map(seated ->
                        Math.max(0, seated.net() - seat.net()) - choices.cloth().stretchAcross() * seat.net() + MARGIN)
                .orElse(0.0);
    }

    private double girth(String line, NetBody.Value value, double table, double growPerSix, double need) {
        Ease ease = need > table ? new Ease(need, Ease.RuledBy.MOVEMENT) : new Ease(table, Ease.RuledBy.TABLE);
        double growth = growPerSix * months;
        double layers = 2 * Math.PI * choices.layers();
        double finished = value.net() + growth + layers + ease.value();
        add(line, value, growth, layers, ease, finished, choices.cloth().across(finished));
        return finished;
    }

    private double length(String line, NetBody.Value value, double ease, double growth, double layers) {
        double finished = value.net() + growth + layers + ease;
        add(
                line,
                value,
                growth,
                layers,
                new Ease(ease, Ease.RuledBy.TABLE),
                finished,
                choices.cloth().along(finished));
        return finished;
    }

    private void rise(NetBody.Value outside, NetBody.Value inside, double net, double ease) {
        double finished = net + ease;
        chain.add(new ChainLine(
                "rise",
                "rise",
                null,
                (outside.readCm() - inside.readCm()),
                0,
                net,
                0,
                0,
                new Ease(ease, Ease.RuledBy.TABLE),
                finished,
                choices.cloth().along(finished)));
    }

    /** Finished knee, and the least that the bent knee needs. */
    private double[] knee(NetBody.Value seat) {
        NetBody.Value straight = body.orRule("D8", "knee-straight", "0.30 x seat + 7.3", 0.30 * seat.net() + 73, 9);
        NetBody.Value bent = body.orRule(
                "M2", "knee-bent", "straight + 2 + 0.01 x seat", straight.net() + 20 + 0.01 * seat.net(), 9);
        double growth = GROW_LIMB * months;
        double layers = 2 * Math.PI * choices.layers();
        double give = choices.cloth().stretchAcross() * straight.net();
        double least = Math.max(straight.net(), bent.net() - give) + growth + layers + MARGIN;
        double wanted = KNEE_SHARE * (seat.net() + SEAT[1] * child) + KNEE[fit];
        double finished = Math.max(wanted, least);
        Ease ease = new Ease(
                finished - bent.net() - growth - layers, finished > least ? Ease.RuledBy.TABLE : Ease.RuledBy.MOVEMENT);
        add("knee", bent, growth, layers, ease, finished, choices.cloth().across(finished));
        return new double[] {finished, least};
    }

    private double hem(double knee) {
        Optional<NetBody.Value> wish = body.read("W1");
        double finished = choices.hemGirth() != null
                ? choices.hemGirth()
                : wish.map(w -> 2 * w.net()).orElse(knee - HEM_UNDER_KNEE);
        boolean wished = choices.hemGirth() == null && wish.isPresent();
        chain.add(new ChainLine(
                "hem",
                wished ? "W1" : null,
                wished ? "hem-width-wanted" : null,
                wished ? wish.get().readCm() : null,
                0,
                finished,
                0,
                0,
                new Ease(0, Ease.RuledBy.TABLE),
                finished,
                choices.cloth().across(finished)));
        return finished;
    }

    private void add(
            String line, NetBody.Value value, double growth, double layers, Ease ease, double finished, double cut) {
        chain.add(new ChainLine(
                line,
                value.step(),
                value.measure(),
                value.readCm(),
                value.play(),
                value.net(),
                growth,
                layers,
                ease,
                finished,
                cut));
    }
}
