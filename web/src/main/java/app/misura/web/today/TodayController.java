package app.misura.web.today;

import app.misura.core.course.Course;
import app.misura.core.proof.Bracket;
import app.misura.core.proof.Proof;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.order.Stage;
import app.misura.web.ui.Say;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** What waits for me, by the day it is needed. */
@Controller
class TodayController {
    private static final int WEEK = 7;

    private final Orders orders;
    private final Clock clock;

    TodayController(Orders orders, Clock clock) {
        this.orders = orders;
        this.clock = clock;
    }

    /** One thing that waits: who, what, in which state, and the one next thing to do. */
    record Waiting(
            String id,
            String when,
            String who,
            String what,
            String state,
            boolean wrong,
            List<String> signs,
            String verb,
            String link,
            boolean late) {}

    /** A day of the week ahead with what is needed on it. */
    record Day(int number, String name, List<String> lines, boolean closed) {}

    /** An order with how far its measuring has come. */
    private record Open(GarmentOrder order, Course course) {
        static Open of(GarmentOrder order) {
            return new Open(order, order.course());
        }

        Proof proof() {
            return course.proof();
        }

        int left() {
            return course.steps().size() - course.taken();
        }
    }

    @GetMapping("/")
    String today(Model model) {
        LocalDate today = LocalDate.now(clock);
        List<Open> open = orders.open().stream().map(Open::of).toList();
        List<Waiting> waiting = new ArrayList<>();
        Map<LocalDate, List<String>> week = new LinkedHashMap<>();
        for (int i = 0; i < WEEK; i++) {
            week.put(today.plusDays(i), new ArrayList<>());
        }
        for (Open each : open) {
            waiting.add(waiting(each, today));
            List<String> day = each.order().neededOn() == null
                    ? null
                    : week.get(each.order().neededOn());
            if (day != null) {
                day.add(each.order().client().name() + ", " + each.order().title());
            }
        }
        model.addAttribute("date", Say.dayName(today));
        model.addAttribute("waiting", waiting);
        model.addAttribute(
                "week",
                week.entrySet().stream().map(e -> day(e.getKey(), e.getValue())).toList());
        model.addAttribute("bodies", open.stream().map(TodayController::body).toList());
        model.addAttribute("agree", count(open, Bracket.State.CLOSED));
        model.addAttribute("wrong", count(open, Bracket.State.WRONG));
        model.addAttribute("toCome", count(open, Bracket.State.TO_COME));
        return "today";
    }

    private static Day day(LocalDate date, List<String> lines) {
        String name = date.getDayOfWeek().getDisplayName(java.time.format.TextStyle.SHORT, java.util.Locale.UK);
        boolean closed = date.getDayOfWeek().getValue() > 5;
        return new Day(date.getDayOfMonth(), name, lines, closed);
    }

    private static Waiting waiting(Open each, LocalDate today) {
        GarmentOrder order = each.order();
        Proof proof = each.proof();
        String base = "/orders/" + order.id();
        boolean wrong = proof.verdict() == Proof.Verdict.FAULTS;
        String state;
        String verb;
        String link;
        if (!each.course().isComplete() && !wrong) {
            boolean fresh = each.course().taken() == 0;
            int asked = each.course().steps().size();
            state = "measuring, " + (fresh ? asked : each.left() + " of " + asked) + " to take";
            verb = fresh ? "Begin" : "Go on";
            link = base + "/measure";
        } else if (wrong) {
            state = lower(proof.sentence().head());
            verb = "Review";
            link = base + "/proof";
        } else if (order.stage() == Stage.CUTTING) {
            state = "cut it";
            verb = "Cut sheet";
            link = base + "/cut";
        } else {
            boolean measured = each.course().isMeasured();
            state = (measured ? "measured: " : "") + lower(proof.sentence().head());
            verb = "Ease and cut";
            link = base + "/cut";
        }
        return new Waiting(
                order.id(),
                Say.until(order.neededOn(), today),
                order.client().name(),
                order.title(),
                state,
                wrong,
                proof.brackets().stream()
                        .filter(b -> b.state() != Bracket.State.NOT_CHECKED)
                        .map(b -> Say.sign(b.state()))
                        .toList(),
                verb,
                link,
                order.neededOn() != null && order.neededOn().isBefore(today));
    }

    private static String lower(String sentence) {
        String bare = sentence.endsWith(".") ? sentence.substring(0, sentence.length() - 1) : sentence;
        return Character.toLowerCase(bare.charAt(0)) + bare.substring(1);
    }

    private static Bracket.State state(Open each) {
        if (each.proof().verdict() == Proof.Verdict.FAULTS) {
            return Bracket.State.WRONG;
        }
        return each.course().isComplete() ? Bracket.State.CLOSED : Bracket.State.TO_COME;
    }

    private static String body(Open each) {
        return Say.sign(state(each));
    }

    private static long count(List<Open> open, Bracket.State state) {
        return open.stream().filter(o -> state(o) == state).count();
    }
}
