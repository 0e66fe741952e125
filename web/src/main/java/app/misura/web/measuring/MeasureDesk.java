package app.misura.web.measuring;

import app.misura.core.course.Course;
import app.misura.core.course.Gate;
import app.misura.core.form.Step;
import app.misura.core.format.ladder.Metrics;
import app.misura.core.length.LengthText;
import app.misura.core.proof.SumWords;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.StoredReading;
import app.misura.web.ui.FigureView;
import app.misura.web.ui.LadderView;
import app.misura.web.ui.Say;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Lays out the measuring screen of one order at one place. */
@Component
class MeasureDesk {
    private final Clock clock;

    MeasureDesk(Clock clock) {
        this.clock = clock;
    }

    /** The screen at the step where a text could not be kept. */
    MeasureView view(GarmentOrder order, Place place, Heard heard) {
        return view(order, place, heard, null, null);
    }

    /**
     * The screen at a place.
     *
     * @param turned the view of the figure that is wanted; null for the tape's own
     * @param kept id of the reading that was kept on the way here; null if none was
     */
    MeasureView view(GarmentOrder order, Place place, @Nullable String turned, @Nullable String kept) {
        return view(order, place, Heard.NOTHING, turned, kept);
    }

    private MeasureView view(
            GarmentOrder order, Place place, Heard heard, @Nullable String turned, @Nullable String kept) {
        Course course = order.course();
        Optional<Gate> gate = gate(course, place);
        return gate.isPresent()
                ? atGate(order, course, gate.get(), kept)
                : atStep(order, course, place, heard, turned, kept);
    }

    /** The gate that a place names, while it asks; one that was cleared meanwhile is passed. */
    private static Optional<Gate> gate(Course course, Place place) {
        return course.proof().sheet().form().parts().stream()
                .filter(p -> p.letter().equals(place.gate()))
                .findFirst()
                .flatMap(course::gate)
                .filter(Gate::asks);
    }

    private MeasureView atStep(
            GarmentOrder order,
            Course course,
            Place place,
            Heard heard,
            @Nullable String turned,
            @Nullable String kept) {
        List<Step> steps = course.steps();
        Step step = steps.stream()
                .filter(s -> s.label().equals(place.step()))
                .findFirst()
                .or(course::firstToCome)
                .orElse(steps.get(steps.size() - 1));
        StepDesk desk = new StepDesk(order, course, step);
        int at = steps.indexOf(step);
        String next = step.label() + ", " + step.name().toLowerCase(Locale.ROOT);
        return new MeasureView(
                order.id(),
                order.client().name(),
                order.title(),
                lastKept(order),
                moved(course),
                said(order, course, kept, next),
                LadderView.of(course, step.label(), Metrics.SCREEN),
                desk.view(place.side(), heard),
                null,
                FigureView.of(course.proof(), step, desk.side(place.side()), turned),
                at > 0 ? steps.get(at - 1).label() : null,
                at < steps.size() - 1 ? steps.get(at + 1).label() : null,
                order.readings().size());
    }

    private MeasureView atGate(GarmentOrder order, Course course, Gate gate, @Nullable String kept) {
        List<MeasureView.Again> again = course.proof().retake().stream()
                .map(order.form()::step)
                .map(s -> new MeasureView.Again(s.label(), s.name(), s.prompt().place()))
                .toList();
        String title = "Gate after " + gate.part().title();
        MeasureView.GateView view = new MeasureView.GateView(
                gate.part().letter(),
                title,
                gate.isHard(),
                gate.questions().stream()
                        .map(b -> new MeasureView.Question(
                                Say.sign(b.state()),
                                capital(b.closure().name()),
                                b.closure().equation(),
                                SumWords.direction(b, order.form().unit())))
                        .toList(),
                again,
                course.firstAfter(gate.part())
                        .map(s -> new MeasureView.MarkView(s.label(), s.name()))
                        .orElse(null));
        return new MeasureView(
                order.id(),
                order.client().name(),
                order.title(),
                lastKept(order),
                moved(course),
                said(order, course, kept, "the gate: " + gate.questions().size() + " to clear"),
                LadderView.of(course, null, Metrics.SCREEN),
                null,
                view,
                again.isEmpty()
                        ? null
                        : FigureView.of(
                                course.proof(), order.form().step(again.get(0).label()), null, null),
                null,
                null,
                order.readings().size());
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private String lastKept(GarmentOrder order) {
        StoredReading last = order.last();
        return last == null ? "" : "kept " + Say.recently(last.reading().at(), clock);
    }

    /** What a mark that was set anew asks for: "Band level moved: 6 steps to look at again". */
    private static String moved(Course course) {
        List<Step> again = course.moved();
        if (again.isEmpty()) {
            return "";
        }
        String marks = again.stream()
                .flatMap(s -> s.needs().stream())
                .filter(label -> course.marks().movedAt(label).isPresent())
                .distinct()
                .map(label -> course.proof().sheet().form().step(label).name())
                .reduce((a, b) -> a + " and " + b.toLowerCase(Locale.ROOT))
                .orElse("A mark");
        return marks + " moved: " + again.size() + (again.size() == 1 ? " step" : " steps") + " to look at again";
    }

    /** What is said politely once a reading is kept: the value, what its sums say, what comes next. */
    private static String said(GarmentOrder order, Course course, @Nullable String kept, String next) {
        Optional<StoredReading> reading =
                order.readings().stream().filter(r -> r.id().equals(kept)).findFirst();
        if (reading.isEmpty()) {
            return "";
        }
        String step = reading.get().reading().step();
        var length = reading.get().reading().length();
        String value =
                length == null ? "none" : LengthText.column(length, order.form().unit());
        String sums = course.proof().bracketsOf(step).stream()
                .findFirst()
                .map(b -> " " + SumWords.whole(b, order.form().unit()) + ".")
                .orElse("");
        return "Kept " + value + "." + sums + " Next: " + next + ".";
    }
}
