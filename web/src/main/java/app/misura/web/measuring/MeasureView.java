package app.misura.web.measuring;

import app.misura.web.reading.Acceptable;
import app.misura.web.ui.Crumb;
import app.misura.web.ui.FigureView;
import app.misura.web.ui.Has;
import app.misura.web.ui.LadderView;
import java.util.List;
import java.util.Objects;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;

/**
 * The measuring screen as its template sees it: at a step, at a gate that asks, or at the end of the sheet.
 *
 * @param kept when the last reading was kept; empty if there is none
 * @param notice what is to be noticed before the work goes on; null if nothing
 * @param said what is read aloud politely; empty if nothing
 * @param here what stands on the screen
 * @param around what stands about it
 * @param open the part of the ladder that is looked at though the work is elsewhere; null if none is
 * @param seen how far the sheet had come as the page knows it
 * @param others who else is at which step, as the page knows it
 * @param people the same, as they are named
 */
record MeasureView(
        Crumb crumb,
        String kept,
        @Nullable Notice notice,
        String said,
        LadderView ladder,
        Here here,
        @Nullable FigureView figure,
        Around around,
        @Nullable String open,
        String seen,
        String others,
        List<Other> people) {

    /** Another screen at the sheet. @param account its key @param follows whether they follow whoever looks at the page */
    record Other(String account, String name, String step, boolean follows) {}

    /** What the screen asks or says. */
    sealed interface Here permits StepView, GateView, EndView {
        /** What the page is called. */
        String name();

        /** Its place as the address says it; empty for the end. */
        String at();
    }

    /**
     * The ways on from here, and what is said beside the step.
     *
     * @param previous the step before; null at the first and at a gate
     * @param next the step after; null behind the last
     * @param finished what is to be said once every step is taken; empty before
     * @param whole the whole form that goes on where this one is never cut from; empty where it is, or is whole itself
     * @param elsewhere what another kept at this step since the page last looked; empty if nothing
     */
    record Around(@Nullable String previous, @Nullable String next, String finished, String whole, String elsewhere) {
        static final Around NOTHING = new Around(null, null, "", "", "");
    }

    public String orderId() {
        return crumb.orderId();
    }

    public @Nullable StepView step() {
        return here instanceof StepView step ? step : null;
    }

    public @Nullable GateView gate() {
        return here instanceof GateView gate ? gate : null;
    }

    public @Nullable EndView end() {
        return here instanceof EndView end ? end : null;
    }

    /** @param again whether it is about a value that is to be looked at again */
    record Notice(boolean again, String words) {}

    /** The mark of the figure with its ways to be turned and what is to be kept in mind at it. */
    public String figureMark() {
        StepView step = step();
        String at = step == null ? "" : step.label() + step.mind();
        return Has.mark(
                figure == null ? at : at + figure.views() + figure.picture().mark());
    }

    /** What the page is called: the step or the gate. */
    public String title() {
        return here instanceof StepView step ? step.label() + " " + step.name() : here.name();
    }

    /**
     * The one step that is asked for.
     *
     * @param fractions of an inch that have a key of their own; none on a centimetre form
     * @param missing the mark that must be set before; null if none is missing
     * @param out why its value is left out; empty where it is not
     * @param flat whether it is a flat width, which may be said round
     * @param round which taking of its value is being taken
     * @param otherRound the round that can be taken instead; null before anything is read
     * @param walk what is to be taken again after it; null where no such list is walked
     * @param still the value to be confirmed since its mark has moved; empty if none is
     */
    record StepView(
            String label,
            String name,
            String part,
            String how,
            String place,
            String mind,
            String unit,
            String fineness,
            List<String> fractions,
            String rule,
            boolean mark,
            boolean markSet,
            @Nullable MarkView missing,
            String out,
            String still,
            List<SideView> sides,
            @Nullable String side,
            Heard heard,
            String key,
            List<TryView> tries,
            int round,
            @Nullable RoundView otherRound,
            @Nullable String walk,
            List<SumView> sums,
            @Nullable WayOut wayOut,
            String note,
            List<PlayView> plays,
            List<ToolView> tools,
            boolean flat,
            boolean words)
            implements Here {
        @Override
        public String at() {
            return "step=" + label;
        }

        /** Under which keys readings of this step are kept: a browser that heard no answer knows by them. */
        public String kept() {
            return tries.stream().map(TryView::key).filter(Objects::nonNull).collect(Collectors.joining(" "));
        }
    }

    /** What may lie under the tape. @param now whether it is expected to @param asked whether the form asks for it */
    record PlayView(String word, String said, boolean now, boolean asked) {}

    /** Something to read with that begins behind a blank end. @param now whether it is expected */
    record ToolView(String id, String said, boolean now) {}

    record MarkView(String label, String name) {}

    record SideView(String word, String value, boolean now) {}

    /**
     * @param key the browser's own name of the reading; null where it gave none
     * @param from "order 12, 3 Nov"; empty where it was taken on this sheet
     * @param hidden an earlier try of a step that wants two to agree
     * @param before one of a round before the one that is being taken
     * @param counts whether the step's value is made of it
     */
    record TryView(
            String id,
            @Nullable String key,
            String text,
            String from,
            @Nullable String struck,
            boolean hidden,
            boolean before,
            boolean counts) {}

    /** @param said of the round that is being taken; empty if nothing @param offer how the other is offered; empty if it is not */
    record RoundView(int number, String said, String offer) {}

    record SumView(String sign, String equation, String state) {}

    /** A wrong sum of this step and what to take again. @param address where that begins */
    record WayOut(String sign, String said, String again, String address, String before) {}

    /**
     * The open questions of a part.
     *
     * @param onward the step behind the gate; null behind the last part
     */
    record GateView(
            String part,
            String name,
            boolean hard,
            List<Question> questions,
            List<Again> again,
            @Nullable MarkView onward)
            implements Here {
        @Override
        public String at() {
            return "gate=" + part;
        }
    }

    /**
     * Nothing waits any more.
     *
     * @param sentence what the proof says
     * @param whole the whole form that goes on where this one is never cut from; empty where it is, or is whole itself
     * @param leftOut with the reasons in the place of a place
     * @param seen what was seen of the whole person; empty if nothing is noted
     */
    record EndView(String finished, String sentence, String whole, List<Again> leftOut, String seen) implements Here {
        @Override
        public String name() {
            return "End of the sheet";
        }

        @Override
        public String at() {
            return "";
        }
    }

    /** @param gapes the sums behind it; empty if none @param key what it is asked about @param offer to accept it */
    record Question(
            String sign,
            String said,
            String gapes,
            String key,
            @Nullable Acceptable offer) {}

    /** @param address where it is taken */
    record Again(String label, String name, String place, String address) {}
}
