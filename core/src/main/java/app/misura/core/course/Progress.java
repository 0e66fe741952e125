package app.misura.core.course;

import app.misura.core.form.Step;
import java.util.List;

/** How far a sheet is, in words. */
final class Progress {
    /** More steps than a person reads in a sentence are counted. */
    private static final int NAMED = 6;

    private Progress() {}

    /** {@code 6 of 20 steps taken, 14 left out, 3 to look at again}. */
    static String words(Course course) {
        long out = course.counted().stream().filter(s -> isLeftOut(s, course)).count();
        long again = course.counted().stream().filter(course::isMoved).count();
        return (course.taken() - out) + " of " + course.counted().size() + " steps taken"
                + (out == 0 ? "" : ", " + out + " left out") + (again == 0 ? "" : ", " + again + " to look at again");
    }

    /** Whether nothing was read at a step, and something of it is left out. */
    private static boolean isLeftOut(Step step, Course course) {
        return course.slots(step).stream()
                        .anyMatch(s -> course.proof().sheet().leftOut(s).isPresent())
                && course.slots(step).stream()
                        .noneMatch(s -> course.proof().settled().containsKey(s.id()));
    }

    /** {@code A mark was set anew: D2, D3, S2 are to be looked at again.}; empty where none has moved. */
    static String lookAgain(Course course) {
        List<String> labels = course.moved().stream().map(Step::label).toList();
        if (labels.isEmpty()) {
            return "";
        }
        String said = labels.size() > NAMED
                ? String.join(", ", labels.subList(0, NAMED)) + " and " + (labels.size() - NAMED) + " more"
                : String.join(", ", labels);
        return "A mark was set anew: " + said + (labels.size() == 1 ? " is" : " are") + " to be looked at again.";
    }
}
