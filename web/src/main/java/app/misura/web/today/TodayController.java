package app.misura.web.today;

import app.misura.core.course.Course;
import app.misura.core.life.Stage;
import app.misura.core.proof.Bracket;
import app.misura.core.proof.Proof;
import app.misura.web.cutting.CutSpecs;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import app.misura.web.store.Backups;
import app.misura.web.ui.Say;
import app.misura.web.ui.Who;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;

/** What waits for me, by the day it is needed. */
@Controller
class TodayController {
    private static final int WEEK = 7;
    private static final int SHOWN = 30;
    private static final int MOST_IN_A_WEEK = 200;

    private final Orders orders;
    private final Backups backups;
    private final CutSpecs specs;
    private final Clock clock;

    TodayController(Orders orders, Backups backups, CutSpecs specs, Clock clock) {
        this.specs = specs;
        this.orders = orders;
        this.backups = backups;
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
            return course.counted().size() - course.taken();
        }
    }

    /** A stage of the board. */
    record Board(String stage, String word, long count) {}

    @GetMapping("/")
    String today(@ModelAttribute("who") Who who, Model model) {
        LocalDate today = LocalDate.now(clock);
        List<Open> open =
                orders.waiting(stages(who), SHOWN + 1).stream().map(Open::of).toList();
        model.addAttribute("date", Say.dayName(today));
        model.addAttribute(
                "waiting",
                open.stream()
                        .limit(SHOWN)
                        .map(each -> waiting(each, today, who))
                        .toList());
        model.addAttribute("more", open.size() > SHOWN);
        model.addAttribute("whose", whose(who));
        model.addAttribute("copyFailure", who.isOwner() ? backups.copies().failure() : null);
        model.addAttribute("week", week(today));
        Map<Stage, Long> counts = orders.counts();
        model.addAttribute(
                "board",
                counts.entrySet().stream()
                        .map(e -> new Board(e.getKey().name(), e.getKey().word(), e.getValue()))
                        .toList());
        return "today";
    }

    /** Who measures sees what is measured, who cuts what is looked at and cut; the others see all that is open. */
    private static Set<Stage> stages(Who who) {
        return switch (who.role()) {
            case MEASURER -> EnumSet.of(Stage.MEASURING, Stage.IN_REVIEW);
            case CUTTER -> EnumSet.range(Stage.IN_REVIEW, Stage.READY);
            case OWNER, VIEWER -> EnumSet.range(Stage.MEASURING, Stage.READY);
        };
    }

    private static String whose(Who who) {
        return switch (who.role()) {
            case MEASURER -> "what is to be measured and looked at";
            case CUTTER -> "what is to be looked at, cut and made";
            case OWNER, VIEWER -> "all that is open";
        };
    }

    private List<Day> week(LocalDate today) {
        Map<LocalDate, List<String>> week = new LinkedHashMap<>();
        for (int i = 0; i < WEEK; i++) {
            week.put(today.plusDays(i), new ArrayList<>());
        }
        for (Orders.Due due : orders.due(today, today.plusDays(WEEK), MOST_IN_A_WEEK)) {
            week.getOrDefault(due.day(), new ArrayList<>()).add(due.client() + ", " + due.title());
        }
        return week.entrySet().stream().map(e -> day(e.getKey(), e.getValue())).toList();
    }

    private static Day day(LocalDate date, List<String> lines) {
        String name = date.getDayOfWeek().getDisplayName(java.time.format.TextStyle.SHORT, java.util.Locale.UK);
        boolean closed = date.getDayOfWeek().getValue() > 5;
        return new Day(date.getDayOfMonth(), name, lines, closed);
    }

    /** What is to be done next: how the order stands, the verb, and where that is done. */
    private record Next(String state, String verb, String link) {
        /** @param old what changed since the last cut sheet was printed; empty while it stands or there is none */
        static Next of(Open each, List<String> old) {
            GarmentOrder order = each.order();
            Stage stage = order.stage();
            if (!old.isEmpty()) {
                return new Next(
                        stage.word() + ", but the printed sheet is out of date: " + String.join(", ", old),
                        "Cut sheet",
                        "/cut");
            }
            boolean wrong = each.proof().verdict() == Proof.Verdict.FAULTS;
            if (wrong) {
                String before = stage.isMeasuring() ? "" : stage.word() + ", but: ";
                return new Next(before + lower(each.proof().sentence().head()), "Review", "/proof");
            }
            if (!each.course().isComplete()) {
                boolean fresh = each.course().taken() == 0;
                int asked = each.course().counted().size();
                String before = stage.isMeasuring() ? "measuring, " : stage.word() + ", but: ";
                String left = (fresh ? asked : each.left() + " of " + asked) + " to take";
                return new Next(before + left, fresh ? "Begin" : "Go on", "/measure");
            }
            int again = each.course().moved().size();
            if (again > 0) {
                return new Next(
                        stage.word() + ", but a mark has moved: " + again + (again == 1 ? " step" : " steps")
                                + " to look at again",
                        "Go on",
                        "/measure");
            }
            String said = lower(each.proof().sentence().head());
            return switch (stage) {
                case MEASURING -> new Next("all taken: " + said, "Proof", "/proof");
                case IN_REVIEW -> new Next("to be looked at: " + said, "Look through", "/proof");
                case MEASURED -> new Next("measured: " + said, "Ease and cut", "/cut");
                case CUTTING -> new Next("cut it", "Cut sheet", "/cut");
                case READY -> new Next("ready to be handed over", "Hand over", "/order");
                default -> new Next(stage.word(), "Open", "/order");
            };
        }
    }

    /** What changed since a cut sheet was printed, of an order that somebody may cut or make by it. */
    private List<String> old(Open each) {
        Stage stage = each.order().stage();
        return stage.isMeasuring()
                ? List.of()
                : specs.outOfDate(each.order(), each.proof())
                        .map(CutSpecs.Compared::changed)
                        .orElse(List.of());
    }

    private Waiting waiting(Open each, LocalDate today, Who who) {
        GarmentOrder order = each.order();
        Proof proof = each.proof();
        List<String> old = old(each);
        Next next = Next.of(each, old);
        return new Waiting(
                order.id(),
                Say.until(order.neededOn(), today),
                order.client().name(),
                order.title(),
                next.state(),
                proof.verdict() == Proof.Verdict.FAULTS || !old.isEmpty(),
                proof.brackets().stream()
                        .filter(b -> b.state() != Bracket.State.NOT_CHECKED)
                        .map(b -> Say.sign(b.state()))
                        .toList(),
                who.canWrite() ? next.verb() : "Look",
                "/orders/" + order.id() + next.link(),
                order.neededOn() != null && order.neededOn().isBefore(today));
    }

    private static String lower(String sentence) {
        String bare = sentence.endsWith(".") ? sentence.substring(0, sentence.length() - 1) : sentence;
        return Character.toLowerCase(bare.charAt(0)) + bare.substring(1);
    }
}
