package app.misura.web.ui;

import app.misura.core.body.Body;
import app.misura.core.body.BodyNumbers;
import app.misura.core.course.Course;
import app.misura.core.figure.Aid;
import app.misura.core.figure.Scene;
import app.misura.core.figure.Spot;
import app.misura.core.figure.TapePaths;
import app.misura.core.figure.View;
import app.misura.core.form.Step;
import app.misura.core.format.figure.FigurePicture;
import app.misura.core.measure.Side;
import app.misura.core.proof.Proof;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import org.jspecify.annotations.Nullable;

/** The figure panel: one view of the client's own body, with the tape of the step, and the ways to turn it. */
public record FigureView(List<Turn> views, Picture picture) {
    private static final double WIDTH = 304;
    private static final double HEIGHT = 560;

    /** What a picture is drawn from. */
    private record Drawn(BodyNumbers body, Step step, Scene scene) {}

    /**
     * The same body with the same tape is asked for again and again: a try more, an entry that was refused, a second
     * person. Pictures have some 25 kilobytes.
     */
    private static final Lately<Drawn, Picture> PICTURES = new Lately<>(100);

    /** @param mark changes with the picture */
    public record Picture(String svg, String mark) {}

    public record Turn(String id, String name, boolean now) {}

    /**
     * The figure for a step; a view that is asked for stands where it is not the tape's own.
     *
     * @param side on which the tape lies; null where the step has none
     */
    public static FigureView of(Course course, Step step, @Nullable Side side, @Nullable String wanted) {
        BodyNumbers body = BodyNumbers.of(course.proof());
        Optional<TapePaths.Shown> shown = step.measure() == null
                ? Optional.empty()
                : TapePaths.of(step.measure(), step.condition(), step.at(), waist(course));
        View own = shown.map(TapePaths.Shown::view).orElse(View.FRONT);
        View view = wanted == null ? own : View.named(wanted).orElse(own);
        List<Turn> turns = new ArrayList<>();
        for (View each : View.values()) {
            if (!each.isPlain() && each != own) {
                continue;
            }
            turns.add(new Turn(each.word(), each.title(), each == view));
        }
        Aid aid = step.measure() == null || view == View.SEATED
                ? null
                : Aid.of(step.measure().code()).orElse(null);
        Scene scene = new Scene(view, shown.orElse(null), side, marks(course, step), aid, Scene.levels(waist(course)));
        Picture picture = PICTURES.get(
                new Drawn(body, step, scene),
                () -> picture(FigurePicture.svg(
                        Body.of(body),
                        scene,
                        step.name(),
                        step.measure() == null
                                ? step.prompt().brief()
                                : step.measure().path(),
                        WIDTH,
                        HEIGHT)));
        return new FigureView(turns, picture);
    }

    private static String waist(Course course) {
        return course.proof().sheet().form().heading().waist();
    }

    /** The body as it was read, with the marks on it and no tape: where no step is asked for. */
    public static FigureView whole(Course course) {
        Scene scene = new Scene(View.FRONT, null, null, marks(course, s -> false), null, Scene.levels(waist(course)));
        Body body = Body.of(BodyNumbers.of(course.proof()));
        return new FigureView(
                List.of(),
                picture(FigurePicture.svg(
                        body, scene, "The body", "drawn to scale from what was read", WIDTH, HEIGHT)));
    }

    /** The marks that are set, and those that this step sets or needs. */
    private static List<Scene.Mark> marks(Course course, Step step) {
        return marks(course, s -> s.label().equals(step.label()) || step.needs().contains(s.label()));
    }

    private static List<Scene.Mark> marks(Course course, Predicate<Step> wanted) {
        List<Scene.Mark> marks = new ArrayList<>();
        for (Step each : course.steps()) {
            boolean set = course.marks().isSet(each.label());
            if (each.isMark() && (set || wanted.test(each))) {
                each.prompt().spots().stream()
                        .flatMap(word -> Spot.named(word).stream())
                        .forEach(spot -> marks.add(new Scene.Mark(each.label(), spot, set)));
            }
        }
        return marks;
    }

    /** A tape on a body of usual proportions. @param key of its path */
    public static String tape(String key, String title, String description) {
        String svg = FigurePicture.svg(
                Body.of(BodyNumbers.neutral()), Scene.of(TapePaths.of(key)), title, description, 220, 300);
        return apart(svg, key.replaceAll("[^a-z-]", "_"));
    }

    /** The same picture with ids of its own, for a page that has many. */
    private static String apart(String svg, String name) {
        return svg.replace(" id=\"", " id=\"" + name + "-")
                .replace("href=\"#", "href=\"#" + name + "-")
                .replace("url(#", "url(#" + name + "-");
    }

    private static Picture picture(String svg) {
        return new Picture(svg, Has.mark(svg));
    }

    /** The plain body to scale, for a client's page. */
    public static String plain(Proof proof, View view) {
        return FigurePicture.svg(
                Body.of(BodyNumbers.of(proof)),
                Scene.plain(view),
                "The body to scale",
                "Drawn from what was measured",
                190,
                400);
    }
}
