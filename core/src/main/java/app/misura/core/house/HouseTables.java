package app.misura.core.house;

import app.misura.core.formula.Formula;
import app.misura.core.measure.Kind;
import app.misura.core.measure.Measure;
import app.misura.core.measure.Play;
import app.misura.core.resource.Shipped;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.OptionalDouble;
import org.jspecify.annotations.Nullable;

/**
 * A house's defaults: what the tape's play adds, what a moved body needs over it, how kinds of measures become cloth, what
 * cloths there are. Immutable; the version is named on every cut sheet.
 */
public final class HouseTables {
    private final int version;
    private final Map<Play, HouseNumbers.Adds> play;
    private final double movementMarginMm;
    private final PressureDoc pressure;
    private final Grip grip;
    private final Map<String, MeasureClass> classes;
    private final Map<String, ClothKind> cloths;

    private HouseTables(
            int version,
            Map<Play, HouseNumbers.Adds> play,
            double movementMarginMm,
            PressureDoc pressure,
            Grip grip,
            Map<String, MeasureClass> classes,
            Map<String, ClothKind> cloths) {
        this.version = version;
        this.play = Map.copyOf(play);
        this.movementMarginMm = movementMarginMm;
        this.pressure = pressure;
        this.grip = grip;
        this.classes = Map.copyOf(classes);
        this.cloths = Map.copyOf(cloths);
    }

    record ClassDoc(
            String words, String cut, String layers, String thickness, double grow, double apart, String strain) {}

    record ClothDoc(
            String by,
            double thickness,
            double seam,
            double hem,
            @Nullable Double girth,
            @Nullable Double length,
            @Nullable Double tested,
            @Nullable Double pull,
            @Nullable Double most,
            @Nullable Double mostLength) {}

    /** Ceilings of what a garment may press, mmHg, and from where on it is said. */
    record PressureDoc(double adult, double child, double said) {}

    /**
     * A band that holds by its grip.
     *
     * @param friction between band and skin
     * @param pull of its elastic, N/m for a strain of one
     * @param share of the ceiling that it may press
     */
    public record Grip(double friction, double pull, double share) {}

    record Doc(
            int version,
            Map<String, HouseNumbers.Adds> play,
            double movementMargin,
            PressureDoc pressure,
            Grip grip,
            Map<String, ClassDoc> classes,
            Map<String, ClothDoc> cloths) {}

    private static final class Usual {
        static final HouseTables INSTANCE = read();

        static HouseTables read() {
            return HouseTables.read(Shipped.text("house/tables.yaml"));
        }
    }

    /** The tables that ship with the core. */
    public static HouseTables shipped() {
        return Usual.INSTANCE;
    }

    /** @throws IllegalArgumentException listing every fault */
    public static HouseTables read(String yaml) {
        Doc doc = Shipped.parse(yaml, "house/tables.yaml", Doc.class);
        List<String> faults = new ArrayList<>();
        Map<Play, HouseNumbers.Adds> play = new LinkedHashMap<>();
        for (Play each : Play.values()) {
            HouseNumbers.Adds row = doc.play().get(each.word());
            if (row == null) {
                faults.add("play " + each.word() + " has no row");
            } else {
                play.put(each, row);
            }
        }
        Map<String, MeasureClass> classes = new LinkedHashMap<>();
        doc.classes().forEach((id, c) -> {
            try {
                classes.put(id, measureClass(c));
            } catch (IllegalArgumentException wrong) {
                faults.add("class " + id + ": " + wrong.getMessage());
            }
        });
        Map<String, ClothKind> cloths = new LinkedHashMap<>();
        doc.cloths().forEach((id, c) -> {
            if (c.by().equals("strain") && (c.tested() == null || c.pull() == null || c.most() == null)) {
                faults.add("cloth " + id + " stretches and wants tested, pull and most");
            }
            cloths.put(id, cloth(id, c));
        });
        if (!faults.isEmpty()) {
            throw new IllegalArgumentException("house/tables.yaml: " + String.join("; ", faults));
        }
        return new HouseTables(doc.version(), play, doc.movementMargin(), doc.pressure(), doc.grip(), classes, cloths);
    }

    private static MeasureClass measureClass(ClassDoc c) {
        if (!c.cut().equals("across") && !c.cut().equals("along")) {
            throw new IllegalArgumentException("cut must be across or along, not " + c.cut());
        }
        return new MeasureClass(
                c.words(),
                c.cut().equals("across"),
                times(c.layers()),
                times(c.thickness()),
                c.grow(),
                c.apart(),
                MeasureClass.Strain.valueOf(c.strain().toUpperCase(java.util.Locale.ROOT)));
    }

    private static double times(String written) {
        return Formula.parse(written)
                .value(name -> name.equals("pi") ? OptionalDouble.of(Math.PI) : OptionalDouble.empty())
                .orElseThrow(() -> new IllegalArgumentException(written + " is no number; 2 pi is"));
    }

    private static ClothKind cloth(String id, ClothDoc c) {
        return new ClothKind(
                id,
                c.by().equals("strain"),
                c.thickness(),
                c.seam(),
                c.hem(),
                c.girth() == null ? 0 : c.girth(),
                c.length() == null ? 0 : c.length(),
                c.tested() == null ? 0 : c.tested(),
                c.pull() == null ? 0 : c.pull(),
                c.most() == null ? 0 : c.most(),
                c.mostLength() == null ? 0 : c.mostLength());
    }

    /** The same with the house's own numbers, as a version of their own. @throws IllegalArgumentException if they cannot be so */
    public HouseTables with(int own, HouseNumbers numbers) {
        if (!numbers.faults().isEmpty()) {
            throw new IllegalArgumentException(String.join(" ", numbers.faults()));
        }
        return new HouseTables(own, numbers.play(), numbers.movementMarginMm(), pressure, grip, classes, cloths);
    }

    /** The numbers that a house may set. */
    public HouseNumbers numbers() {
        return new HouseNumbers(play, movementMarginMm);
    }

    public int version() {
        return version;
    }

    /** What this play adds to a reading of that measure, mm; none on straight lengths and contours. */
    public double playMm(Play tape, Measure measure) {
        if (!measure.kind().hasPlay()) {
            return 0;
        }
        HouseNumbers.Adds row = Objects.requireNonNull(play.get(tape));
        if (measure.kind() == Kind.LOOP) {
            return row.loop();
        }
        return measure.region().equals("trunk") ? row.trunk() : row.limb();
    }

    /** What a garment has over what the moved body needs, mm. */
    public double movementMarginMm() {
        return movementMarginMm;
    }

    /**
     * What a stretched garment may press on a trunk or limb at most, mmHg; less on who is not grown. Above it licensed practice decides, not a
     * house's table; on a neck nothing is ever stretched.
     */
    public double pressureMmHg(boolean grown) {
        return grown ? pressure.adult() : pressure.child();
    }

    public Grip grip() {
        return grip;
    }

    /** What a band may press at most to hold, mmHg. */
    public double gripMmHg(boolean grown) {
        return grip.share() * pressureMmHg(grown);
    }

    /** From which pressure on it is said on the sheet, mmHg. */
    public double pressureSaidMmHg() {
        return pressure.said();
    }

    public Map<String, MeasureClass> classes() {
        return classes;
    }

    public Map<String, ClothKind> cloths() {
        return cloths;
    }
}
