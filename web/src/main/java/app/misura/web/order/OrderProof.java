package app.misura.web.order;

import app.misura.core.form.Step;
import app.misura.core.measure.Kind;
import app.misura.core.proof.Proof;
import java.util.Optional;

/** An order with the proof of its sheet, made anew each time: the proof is cheap and never stale. */
public record OrderProof(GarmentOrder order, Proof proof) {
    public static OrderProof of(GarmentOrder order) {
        return new OrderProof(order, Proof.of(order.sheet()));
    }

    /** How many of the steps that are asked for have what they need. */
    public int taken() {
        return (int) order.form().asked(order.answers()).stream()
                .filter(s -> !s.isDerived())
                .filter(s -> s.isMark()
                        ? order.marks().contains(s.label())
                        : order.sheet().slots().stream()
                                .filter(slot -> slot.step().label().equals(s.label()))
                                .allMatch(slot -> proof.settled().containsKey(slot.id())))
                .count();
    }

    public int asked() {
        return (int) order.form().asked(order.answers()).stream()
                .filter(s -> !s.isDerived())
                .count();
    }

    /** The first step in working order that still waits. */
    public Optional<String> firstToCome() {
        return order.form().asked(order.answers()).stream()
                .filter(s -> !s.isDerived())
                .filter(s -> s.isMark()
                        ? !order.marks().contains(s.label())
                        : order.sheet().slots().stream()
                                .filter(slot -> slot.step().label().equals(s.label()))
                                .anyMatch(slot -> !proof.settled().containsKey(slot.id())))
                .map(s -> s.label())
                .findFirst();
    }

    /** Whether everything that is measured is there; a wish may stay open. */
    public boolean isComplete() {
        return order.form().asked(order.answers()).stream()
                        .filter(Step::isMark)
                        .allMatch(s -> order.marks().contains(s.label()))
                && order.sheet().slots().stream()
                        .filter(slot -> slot.step().taken().kind() != Kind.WISH)
                        .allMatch(slot -> proof.settled().containsKey(slot.id()));
    }
}
