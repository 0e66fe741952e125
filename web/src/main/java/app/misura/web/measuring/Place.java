package app.misura.web.measuring;

import app.misura.core.course.Course;
import app.misura.core.course.Next;
import app.misura.core.form.Step;
import app.misura.core.measure.Side;
import app.misura.core.reading.Rounds;
import app.misura.core.reading.Sheet;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.UriComponentsBuilder;

/**
 * A place on the measuring screen, as its address says it; where it says nothing, what comes first, or the end.
 *
 * @param round which taking of its step is meant; null where nobody says
 * @param walk what is to be taken again after it, by labels with commas between; null where no such list is walked
 */
record Place(
        @Nullable String step,
        @Nullable Side side,
        @Nullable String gate,
        @Nullable Integer round,
        @Nullable String walk) {
    /** What comes first, or the end. */
    static final Place NOWHERE = new Place(null, null, null, null, null);

    static Place of(@Nullable String step, @Nullable String side, @Nullable String gate) {
        return new Place(
                step, "left".equals(side) ? Side.LEFT : "right".equals(side) ? Side.RIGHT : null, gate, null, null);
    }

    static Place of(Next next) {
        if (next instanceof Next.AtGate at) {
            return new Place(null, null, at.gate().part().letter(), null, null);
        }
        return next instanceof Next.AtStep at ? step(at.step().label(), at.side()) : NOWHERE;
    }

    static Place step(String label, @Nullable Side side) {
        return new Place(label, side, null, null, null);
    }

    /** The same place, where a round is meant. */
    Place inRound(@Nullable Integer meant) {
        return new Place(step, side, gate, meant, walk);
    }

    /** The same place on the way through a list of steps that are taken again. */
    Place walking(@Nullable String rest) {
        return new Place(step, side, gate, round, rest);
    }

    /** The first step of a list of those that are taken again, with the rest of it; {@link #NOWHERE} at its end. */
    static Place along(String list, Course course) {
        List<String> labels = Stream.of(list.split(","))
                .filter(label -> course.steps().stream().anyMatch(s -> s.label().equals(label)))
                .toList();
        if (labels.isEmpty()) {
            return NOWHERE;
        }
        Step first = course.proof().sheet().form().step(labels.get(0));
        return step(first.label(), null)
                .inRound(course.roundAnew(first))
                .walking(String.join(",", labels.subList(1, labels.size())));
    }

    /**
     * The round that a reading which is typed here belongs to: the newest or a new one, as it is meant; one that has been
     * overtaken meanwhile goes on as where nobody says.
     */
    int round(Course course, Sheet.Slot slot, String by) {
        int newest = Rounds.newest(course.proof().sheet().tries(slot));
        if (round == null || round < Math.max(1, newest)) {
            return course.round(slot, by);
        }
        return round == newest ? newest : course.roundAnew(slot);
    }

    /** The address of this place. @param kept id of the reading that was kept on the way here; null if none was */
    String address(String orderId, @Nullable String kept) {
        UriComponentsBuilder address = UriComponentsBuilder.fromPath("/orders/{id}/measure");
        if (gate != null) {
            address.queryParam("gate", gate);
        } else if (step != null) {
            address.queryParam("step", step);
        }
        if (round != null) {
            address.queryParam("round", round);
        }
        if (walk != null) {
            address.queryParam("walk", walk);
        }
        if (side != null) {
            address.queryParam("side", side.word());
        }
        if (kept != null) {
            address.queryParam("kept", kept);
        }
        return address.encode().buildAndExpand(orderId).toUriString();
    }
}
