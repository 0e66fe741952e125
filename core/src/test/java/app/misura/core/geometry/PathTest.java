package app.misura.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PathTest {
    private static final long SEED = 9;

    private static Path random(Random random) {
        Point a = new Point(0, 0);
        Point b = new Point(80 + random.nextDouble() * 40, random.nextDouble() * 40);
        Point c = new Point(200, 100 + random.nextDouble() * 80);
        return Path.of(
                Segment.Cubic.hermite(a, new Point(1, 0), 0.3, new Point(1, 0.2).unit(), 0.4, b),
                new Segment.Line(b, c));
    }

    @Test
    void turningRoundTwiceIsNothing() {
        Random random = new Random(SEED);
        for (int i = 0; i < 100; i++) {
            Path path = random(random);
            assertThat(path.reversed().reversed()).as("seed %d", SEED).isEqualTo(path);
            assertThat(path.reversed().start()).isEqualTo(path.end());
            assertThat(path.reversed().length()).isEqualTo(path.length(), within(1e-9));
            assertThat(path.largestCorner()).isEqualTo(path.reversed().largestCorner(), within(1e-9));
        }
    }

    @Test
    void flatteningKeepsEndsAndJoints() {
        Path path = random(new Random(SEED));
        List<Point> points = path.flatten();
        assertThat(points.get(0)).isEqualTo(path.start());
        assertThat(points.get(points.size() - 1)).isEqualTo(path.end());
        assertThat(points).contains(path.segments().get(0).end()).doesNotHaveDuplicates();
    }

    @Test
    void aCornerIsMeasuredInDegrees() {
        Path square = Path.of(
                new Segment.Line(new Point(0, 0), new Point(10, 0)),
                new Segment.Line(new Point(10, 0), new Point(10, 10)),
                new Segment.Line(new Point(10, 10), new Point(20, 20)));
        assertThat(square.largestCorner()).isEqualTo(90, within(1e-9));
        assertThat(Path.of(new Segment.Line(new Point(0, 0), new Point(10, 0))).largestCorner())
                .isZero();
    }

    @Test
    void isWrittenInMillimetresWithAPointWhateverTheCountry() {
        java.util.Locale before = java.util.Locale.getDefault();
        try {
            java.util.Locale.setDefault(java.util.Locale.GERMANY);
            Path path = Path.of(
                    new Segment.Line(new Point(0, 0), new Point(10.5, 0)),
                    new Segment.Cubic(new Point(10.5, 0), new Point(12, 0), new Point(14, 2), new Point(14, 4.0004)));
            assertThat(path.svg()).isEqualTo("M 0.000 0.000 L 10.500 0.000 C 12.000 0.000 14.000 2.000 14.000 4.000");
        } finally {
            java.util.Locale.setDefault(before);
        }
    }

    @Test
    void nothingIsNoPath() {
        assertThatThrownBy(() -> new Path(List.of())).hasMessageContaining("at least one");
    }
}
