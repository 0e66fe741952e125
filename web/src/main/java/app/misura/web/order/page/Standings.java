package app.misura.web.order.page;

import app.misura.core.course.Course;
import app.misura.core.cut.Cutting;
import app.misura.core.form.Step;
import app.misura.core.life.Stage;
import app.misura.core.life.Standing;
import app.misura.web.cutting.CutChoices;
import app.misura.web.cutting.CutSpecs;
import app.misura.web.id.NotThere;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Moved;
import app.misura.web.order.OrderLife;
import java.util.List;
import org.springframework.stereotype.Component;

/** Finds out what is known of an order when it is to move. */
@Component
class Standings {
    private static final int MOST_NAMED = 6;
    private final OrderLife life;
    private final CutSpecs specs;

    Standings(OrderLife life, CutSpecs specs) {
        this.life = life;
        this.specs = specs;
    }

    Standing of(GarmentOrder order) {
        Course course = order.course();
        return new Standing(
                order.stage(),
                before(order),
                toTake(course),
                open(course),
                notCut(order, course),
                specs.isPrinted(order, course.proof()));
    }

    /** Where it stood before it was put aside. */
    private Stage before(GarmentOrder order) {
        return life.moves(order.id()).stream()
                .filter(m -> m.to() == order.stage() || m.to() == Stage.ON_HOLD)
                .map(Moved::from)
                .filter(Stage::isOpen)
                .findFirst()
                .orElse(order.stage());
    }

    private static String toTake(Course course) {
        if (course.isComplete()) {
            return "";
        }
        List<String> labels = course.steps().stream()
                .filter(s -> !course.isTaken(s))
                .filter(s -> !s.takesReadings() || s.taken().kind() != app.misura.core.measure.Kind.WISH)
                .map(Step::label)
                .toList();
        return labels.size() > MOST_NAMED
                ? labels.size() + " steps are still to be taken or left out."
                : String.join(", ", labels) + (labels.size() == 1 ? " is" : " are") + " still to be taken or left out.";
    }

    private static String open(Course course) {
        if (course.proof().findings().stream().anyMatch(f -> f.isFault())) {
            return course.proof().sentence().head();
        }
        return course.isMeasured() ? "" : "A gate was passed to be cleared later, and is not cleared yet.";
    }

    private static String notCut(GarmentOrder order, Course course) {
        try {
            Cutting.Result result = CutChoices.cut(order, course.proof());
            return result instanceof Cutting.Cut cut
                    ? (cut.spec().holds() ? "" : "The proof of the cut has a fault: its page says which.")
                    : result.sentence();
        } catch (NotThere nothing) {
            return String.valueOf(nothing.getMessage());
        }
    }
}
