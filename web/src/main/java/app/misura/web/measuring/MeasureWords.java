package app.misura.web.measuring;

import app.misura.core.course.Course;
import app.misura.core.form.Step;
import app.misura.core.form.ValueId;
import app.misura.core.length.LengthText;
import app.misura.core.proof.SumWords;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Said;
import app.misura.web.account.Accounts;
import app.misura.web.order.GarmentOrder;
import app.misura.web.reading.Origin;
import app.misura.web.reading.StoredReading;
import app.misura.web.ui.Say;
import java.time.Clock;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/** What the measuring screen says beside its step: what was kept, by whom, and what is to be noticed before the work goes on. */
final class MeasureWords {
    /** So soon after another's reading of the same value, two hands are at work on one step. */
    private static final Duration JUST_NOW = Duration.ofMinutes(2);

    private final Clock clock;
    private final Accounts accounts;

    MeasureWords(Clock clock, Accounts accounts) {
        this.clock = clock;
        this.accounts = accounts;
    }

    /** What another kept for this step since the page last looked. */
    String elsewhere(GarmentOrder order, Step step, Visit visit) {
        return order.readings().stream()
                .skip(visit.knew())
                .map(StoredReading::reading)
                .filter(r -> r.step().equals(step.label())
                        && !r.by().equals(visit.by().account()))
                .reduce((a, b) -> b)
                .map(r -> accounts.called(r.by()).split("\\s+")[0] + " kept "
                        + (isHidden(r, order) ? "a first try" : text(r, order)) + " for this step just now.")
                .orElse("");
    }

    /** Whether it is the first of two tries that must agree: whoever sees it reads it again. */
    private static boolean isHidden(Reading reading, GarmentOrder order) {
        return order.proof().settled().values().stream()
                .anyMatch(s -> s.isFirstOfTwo() && s.counted().contains(reading));
    }

    /** When the last reading of this sheet was kept; empty where none was taken here. */
    String lastKept(GarmentOrder order) {
        StoredReading last = order.last();
        return last == null || last.from().isPresent()
                ? ""
                : "kept " + Say.recently(last.reading().at(), clock);
    }

    /** What is to be noticed before the work goes on; null if nothing. */
    MeasureView.@Nullable Notice notice(GarmentOrder order, Course course, Visit visit) {
        if (order.stage().isEnded()) {
            return new MeasureView.Notice(
                    false,
                    "This order is " + order.stage().word()
                            + ": its sheet is only read. Moved back on the order's page, it is written again.");
        }
        String second = secondHand(order, visit);
        if (!second.isEmpty()) {
            return new MeasureView.Notice(false, second);
        }
        if (order.readings().isEmpty() && course.taken() == 0) {
            String first = course.steps().get(0).label();
            return new MeasureView.Notice(false, "Begin with " + first + ". Enter keeps what you typed.");
        }
        String known = known(order);
        if (!known.isEmpty()) {
            return new MeasureView.Notice(false, known);
        }
        String moved = moved(course);
        return moved.isEmpty() ? null : new MeasureView.Notice(true, moved);
    }

    /** While nothing is taken on this sheet, what it took over: "9 of 27 steps to take; 18 values are known from order 12." */
    private static String known(GarmentOrder order) {
        List<StoredReading> counted =
                order.readings().stream().filter(r -> r.reading().counts()).toList();
        if (counted.isEmpty()
                || order.readings().stream().anyMatch(r -> r.from().isEmpty())) {
            return "";
        }
        long values = counted.stream()
                .map(r -> new ValueId(r.reading().step(), r.reading().side()))
                .distinct()
                .count();
        String from = counted.stream()
                .flatMap(r -> r.from().stream())
                .map(Origin::number)
                .distinct()
                .sorted(Comparator.reverseOrder())
                .map(String::valueOf)
                .collect(Collectors.joining(" and "));
        int all = order.course().counted().size();
        return (all - order.course().taken()) + " of " + all + " steps to take; "
                + (values == 1 ? "1 value is" : values + " values are") + " known from "
                + (from.contains(" ") ? "orders " : "order ") + from + ".";
    }

    /** Where another read the same value just before: "Dewi kept 38.0 just now. Yours, 38.5, stands as a second try." */
    private String secondHand(GarmentOrder order, Visit visit) {
        Optional<StoredReading> own = order.readings().stream()
                .filter(r -> r.id().equals(visit.kept()))
                .findFirst();
        if (own.isEmpty()) {
            return "";
        }
        Reading mine = own.get().reading();
        return order.readings().subList(0, order.readings().indexOf(own.get())).stream()
                .map(StoredReading::reading)
                .filter(r -> r.counts() && r.step().equals(mine.step()) && r.side() == mine.side())
                .filter(r -> !r.by().equals(mine.by()))
                .filter(r -> Duration.between(r.at(), mine.at()).compareTo(JUST_NOW) <= 0)
                .reduce((a, b) -> b)
                .map(r -> accounts.called(r.by()).split("\\s+")[0] + " kept " + text(r, order) + " just now. Yours, "
                        + text(mine, order) + ", stands as a second try.")
                .orElse("");
    }

    private static String text(Reading reading, GarmentOrder order) {
        return reading.length() == null
                ? Said.text(reading, order.form().step(reading.step()))
                : LengthText.column(reading.length(), order.form().unit());
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
    static String said(GarmentOrder order, Course course, @Nullable String kept, String next) {
        Optional<StoredReading> reading =
                order.readings().stream().filter(r -> r.id().equals(kept)).findFirst();
        if (reading.isEmpty()) {
            return "";
        }
        String sums = course.proof().bracketsOf(reading.get().reading().step()).stream()
                .map(b -> " " + SumWords.brief(b, order.form().unit()) + ".")
                .collect(Collectors.joining());
        String value = isHidden(reading.get().reading(), order)
                ? "and hidden until the next try is in"
                : text(reading.get().reading(), order);
        return "Kept " + value + "." + sums + " Next: " + next + ".";
    }
}
