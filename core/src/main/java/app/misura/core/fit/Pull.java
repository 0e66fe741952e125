package app.misura.core.fit;

import app.misura.core.garment.Choices;
import app.misura.core.garment.Garment;
import java.util.stream.DoubleStream;
import java.util.stream.Stream;

/**
 * How hard a cloth pulls together when it is stretched: the tension of a strip per its width for a strain of one, N/m.
 *
 * <p>A girth G under the tension T per width is pressed by {@code P = T / r = 2 pi T / G}; with {@code T = k e} that is
 * {@code P = 2 pi k e / G}. A made-up example: 800 N/m stretched by 0.05 round a wrist of 165 mm presses 11.4 mmHg.
 *
 * @param tested whether the cloth was hung; else the house assumes what is usual for its kind
 */
public record Pull(double newtonsPerMetre, boolean tested) {
    private static final double PASCALS_PER_MMHG = 133.322;
    /** A grip holds so many times what hangs on it: a limb moves. */
    private static final double RESERVE = 2;

    /** Standard gravity, m/s2. */
    private static final double GRAVITY = 9.80665;

    /** As the cloth hung; where one of the four numbers was not given, as the house assumes of its kind. */
    public static Pull of(Garment garment, Choices choices) {
        double[] hung = Stream.of("hang-load", "hang-width", "hang-length", "hang-longer")
                .mapToDouble(choices::numberOr0)
                .toArray();
        return DoubleStream.of(hung).allMatch(number -> number > 0)
                ? ofHanging(hung[0], hung[1], hung[2], hung[3])
                : new Pull(garment.cloth(choices).pull(), false);
    }

    /**
     * What a hanging strip says: {@code k = (m g / width) / (longer by / length)}.
     *
     * @param grams the load
     * @param width of the strip, mm; {@code length} between its marks, and what it is {@code longer} by under the load
     */
    static Pull ofHanging(double grams, double width, double length, double longer) {
        double tension = grams / 1000 * GRAVITY / (width / 1000);
        return new Pull(tension / (longer / length), true);
    }

    /** What a strain presses round a girth, mmHg. */
    double pressure(double strain, double girthMm) {
        return 2 * Math.PI * newtonsPerMetre * strain / (girthMm / 1000) / PASCALS_PER_MMHG;
    }

    /**
     * What a band of that width must press to hold a weight by friction, with as much again in reserve, mmHg: a made-up
     * 150 g on 40 mm round 400 mm at a friction of 0.6 asks for 2.3 mmHg.
     */
    double holding(double grams, double friction, double girthMm, double widthMm) {
        double area = girthMm / 1000 * (widthMm / 1000);
        return area > 0 ? RESERVE * grams / 1000 * GRAVITY / (friction * area) / PASCALS_PER_MMHG : 0;
    }

    /** The strain that presses just so, mmHg, round a girth. */
    double strain(double mmHg, double girthMm) {
        return mmHg * PASCALS_PER_MMHG * (girthMm / 1000) / (2 * Math.PI * newtonsPerMetre);
    }
}
