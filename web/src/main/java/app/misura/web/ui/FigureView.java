package app.misura.web.ui;

import app.misura.core.body.Body;
import app.misura.core.body.BodyNumbers;
import app.misura.core.figure.TapePath;
import app.misura.core.figure.TapePaths;
import app.misura.core.figure.View;
import app.misura.core.form.Step;
import app.misura.core.format.figure.FigurePicture;
import app.misura.core.measure.Side;
import app.misura.core.proof.Proof;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** The figure panel: one view of the client's own body, with the tape of the step, and the ways to turn it. */
public record FigureView(List<Turn> views, Picture picture) {
    private static final double WIDTH = 304;
    private static final double HEIGHT = 560;

    /** What a picture is drawn from. */
    private record Drawn(
            BodyNumbers body,
            Step step,
            View view,
            @Nullable TapePath path) {}

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
    public static FigureView of(Proof proof, Step step, @Nullable Side side, @Nullable String wanted) {
        BodyNumbers body = BodyNumbers.of(proof);
        Optional<TapePaths.Shown> shown =
                step.measure() == null ? Optional.empty() : TapePaths.of(step.measure(), step.condition(), step.at());
        View own = shown.map(TapePaths.Shown::view).orElse(View.FRONT);
        View view = wanted == null ? own : View.named(wanted).orElse(own);
        List<Turn> turns = new ArrayList<>();
        for (View each : View.values()) {
            turns.add(new Turn(each.word(), each.title(), each == view));
        }
        TapePath path = view == own ? shown.map(s -> s.on(side)).orElse(null) : null;
        Picture picture = PICTURES.get(
                new Drawn(body, step, view, path),
                () -> picture(FigurePicture.svg(
                        Body.of(body),
                        view,
                        path,
                        step.name(),
                        step.measure() == null
                                ? step.prompt().brief()
                                : step.measure().path(),
                        WIDTH,
                        HEIGHT)));
        return new FigureView(turns, picture);
    }

    private static Picture picture(String svg) {
        return new Picture(svg, Has.mark(svg));
    }

    /** The plain body to scale, for a client's page. */
    public static String plain(Proof proof, View view) {
        return FigurePicture.svg(
                Body.of(BodyNumbers.of(proof)),
                view,
                null,
                "The body to scale",
                "Drawn from what was measured",
                190,
                400);
    }
}
