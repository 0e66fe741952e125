package app.misura.web.measuring;

import app.misura.core.course.Next;
import app.misura.core.measure.Side;
import org.jspecify.annotations.Nullable;
import org.springframework.web.util.UriComponentsBuilder;

/** A place on the measuring screen, as its address says it; where it says nothing, what comes first, or the end. */
record Place(
        @Nullable String step,
        @Nullable Side side,
        @Nullable String gate) {
    static Place of(@Nullable String step, @Nullable String side, @Nullable String gate) {
        return new Place(step, "left".equals(side) ? Side.LEFT : "right".equals(side) ? Side.RIGHT : null, gate);
    }

    static Place of(Next next) {
        if (next instanceof Next.AtGate at) {
            return new Place(null, null, at.gate().part().letter());
        }
        return next instanceof Next.AtStep at ? step(at.step().label(), at.side()) : new Place(null, null, null);
    }

    static Place step(String label, @Nullable Side side) {
        return new Place(label, side, null);
    }

    /** The address of this place. @param kept id of the reading that was kept on the way here; null if none was */
    String address(String orderId, @Nullable String kept) {
        UriComponentsBuilder address = UriComponentsBuilder.fromPath("/orders/{id}/measure");
        if (gate != null) {
            address.queryParam("gate", gate);
        } else if (step != null) {
            address.queryParam("step", step);
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
