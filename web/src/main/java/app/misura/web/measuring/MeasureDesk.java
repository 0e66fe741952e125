package app.misura.web.measuring;

import app.misura.core.course.Course;
import app.misura.core.course.Gate;
import app.misura.core.finding.Rules;
import app.misura.core.form.OrderForm;
import app.misura.core.form.Part;
import app.misura.core.form.Step;
import app.misura.core.format.ladder.Focus;
import app.misura.core.format.ladder.Metrics;
import app.misura.core.proof.Bracket;
import app.misura.core.proof.Proof;
import app.misura.core.proof.SumWords;
import app.misura.web.account.Accounts;
import app.misura.web.house.Tools;
import app.misura.web.order.GarmentOrder;
import app.misura.web.reading.Acceptable;
import app.misura.web.reading.StepNote;
import app.misura.web.reading.VisitNote;
import app.misura.web.ui.Crumb;
import app.misura.web.ui.FigureView;
import app.misura.web.ui.LadderView;
import app.misura.web.ui.Say;
import java.time.Clock;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Lays out the measuring screen of one order at one place. */
@Component
class MeasureDesk {
    private final Clock clock;
    private final Presence presence;
    private final Accounts accounts;
    private final Tools tools;
    private final MeasureWords words;

    MeasureDesk(Clock clock, Presence presence, Accounts accounts, Tools tools) {
        this.clock = clock;
        this.presence = presence;
        this.accounts = accounts;
        this.tools = tools;
        this.words = new MeasureWords(clock, accounts);
    }

    /** The screen as somebody sees it; that they are there is noted. */
    MeasureView view(GarmentOrder order, Visit visit) {
        Course course = order.course();
        Optional<Gate> gate = gate(course, visit.place());
        Optional<Gate> asking = gate.or(() -> closed(course, visit.place()));
        if (asking.isPresent()) {
            return atGate(order, course, asking.get(), visit);
        }
        return visit.place().step() == null && course.isAtEnd()
                ? atEnd(order, course, visit)
                : atStep(order, course, visit);
    }

    /** Who else has the sheet open now. */
    Company company(GarmentOrder order, Screen by) {
        return new Company(by, presence.others(order.id(), by.key()), accounts);
    }

    private static Metrics metrics(Screen screen) {
        return screen.touch() ? Metrics.SCREEN.touch() : Metrics.SCREEN;
    }

    /** The gate that a place names, while it asks; one that was cleared meanwhile is passed. */
    private static Optional<Gate> gate(Course course, Place place) {
        return course.proof().sheet().form().parts().stream()
                .filter(p -> p.letter().equals(place.gate()))
                .findFirst()
                .flatMap(course::gate)
                .filter(Gate::asks);
    }

    /** A hard gate stands before a place behind it, however it is gone to. */
    private static Optional<Gate> closed(Course course, Place place) {
        return course.steps().stream()
                .filter(s -> s.label().equals(place.step()))
                .findFirst()
                .or(() -> place.step() == null ? course.firstToCome() : Optional.empty())
                .flatMap(course::blocking)
                .or(() -> place.step() == null && course.isAtEnd() ? course.closedGate() : Optional.empty());
    }

    private MeasureView atStep(GarmentOrder order, Course course, Visit visit) {
        Place place = visit.place();
        List<Step> steps = course.steps();
        Step step = steps.stream()
                .filter(s -> s.label().equals(place.step()))
                .findFirst()
                .or(course::firstToCome)
                .orElse(steps.get(steps.size() - 1));
        if (!visit.look()) {
            presence.note(order.id(), visit.by().key(), step.label());
        }
        StepDesk desk = new StepDesk(
                order, course, step, clock.getZone(), tools.in(order.form().unit()));
        int at = steps.indexOf(step);
        MeasureView.Around around = new MeasureView.Around(
                at > 0 ? steps.get(at - 1).label() : null,
                at < steps.size() - 1 ? steps.get(at + 1).label() : null,
                finished(course),
                whole(order.form()),
                words.elsewhere(order, step, visit));
        return view(
                order,
                course,
                visit,
                Focus.at(step.label()),
                desk.view(place, visit),
                FigureView.of(course, step, desk.side(place.side()), visit.turned()),
                around,
                step.label() + ", " + step.name().toLowerCase(Locale.ROOT));
    }

    /** What every place of the screen has. @param next what is said to come next */
    private MeasureView view(
            GarmentOrder order,
            Course course,
            Visit visit,
            Focus focus,
            MeasureView.Here here,
            @Nullable FigureView figure,
            MeasureView.Around around,
            String next) {
        String open = course.proof().sheet().form().parts().stream()
                .map(Part::letter)
                .filter(letter -> letter.equals(visit.open()))
                .findFirst()
                .orElse(null);
        Company company = company(order, visit.by());
        return new MeasureView(
                order.crumb(Crumb.At.MEASURE),
                words.lastKept(order),
                words.notice(order, course, visit),
                MeasureWords.said(order, course, visit.kept(), next),
                LadderView.of(course, focus.peeking(open), metrics(visit.by()), company.onTheLadder()),
                here,
                figure,
                around,
                open,
                order.taken().mark(),
                company.mark(),
                company.named());
    }

    private MeasureView atEnd(GarmentOrder order, Course course, Visit visit) {
        List<MeasureView.Again> left = leftOut(course).stream()
                .map(s -> new MeasureView.Again(
                        s.label(),
                        s.name(),
                        why(course, s),
                        Place.step(s.label(), null).address(order.id(), null)))
                .toList();
        MeasureView.EndView end = new MeasureView.EndView(
                finished(course),
                course.proof().sentence().whole(),
                whole(order.form()),
                left,
                order.taken().note(VisitNote.SEEN).map(StepNote::text).orElse(""));
        String last = course.steps().get(course.steps().size() - 1).label();
        return view(
                order,
                course,
                visit,
                Focus.NONE,
                end,
                FigureView.whole(course),
                new MeasureView.Around(last, null, "", "", ""),
                "the end of the sheet");
    }

    /** The steps of which a value is left out, in working order. */
    private static List<Step> leftOut(Course course) {
        return course.steps().stream().filter(s -> !why(course, s).isEmpty()).toList();
    }

    /** Why values of a step are left out, each reason once; empty where none is. */
    private static String why(Course course, Step step) {
        return course.slots(step).stream()
                .flatMap(v -> course.proof().sheet().leftOut(v).stream())
                .map(o -> o.why().said())
                .distinct()
                .collect(Collectors.joining(", "));
    }

    private MeasureView atGate(GarmentOrder order, Course course, Gate gate, Visit visit) {
        List<MeasureView.Again> again = gate.offered().stream()
                .map(order.form()::step)
                .map(s -> new MeasureView.Again(
                        s.label(),
                        s.name(),
                        s.prompt().place(),
                        Place.step(s.label(), null).inRound(course.roundAnew(s)).address(order.id(), null)))
                .toList();
        String title = "Gate after " + gate.part().title();
        MeasureView.GateView view = new MeasureView.GateView(
                gate.part().letter(),
                title,
                gate.isHard(),
                gate.questions().stream().map(q -> question(q, course.proof())).toList(),
                again,
                course.firstAfter(gate.part())
                        .map(s -> new MeasureView.MarkView(s.label(), s.name()))
                        .orElse(null));
        return view(
                order,
                course,
                visit,
                Focus.on(gate.part().letter()),
                view,
                again.isEmpty()
                        ? null
                        : FigureView.of(course, order.form().step(again.get(0).label()), null, null),
                MeasureView.Around.NOTHING,
                "the gate: " + gate.questions().size() + " to clear");
    }

    /** A question in the words of the proof, with the sums that gape for it. */
    private static MeasureView.Question question(Gate.Question question, Proof proof) {
        String gapes = !question.finding().rule().equals(Rules.CLOSURE_WRONG)
                ? ""
                : proof.brackets().stream()
                        .filter(b -> b.state() == Bracket.State.WRONG)
                        .filter(b -> question.finding().steps().stream().anyMatch(b.closure()::concerns))
                        .map(b -> capital(b.closure().name()) + ": "
                                + SumWords.direction(b, proof.sheet().unit()) + ".")
                        .collect(Collectors.joining(" "));
        return new MeasureView.Question(
                Say.sign(Bracket.State.WRONG),
                question.finding().sentence(),
                gapes,
                question.key(),
                Acceptable.of(proof).get(question.finding().key()));
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private static String whole(OrderForm form) {
        return form.cuts() || form.whole() == null ? "" : form.whole().title();
    }

    /** What is to be said where nothing waits any more. */
    private static String finished(Course course) {
        return course.isAtEnd()
                ? "All " + course.counted().size() + " steps are taken"
                        + (leftOut(course).isEmpty() ? "." : " or left out.")
                : "";
    }
}
