package app.misura.core.fit;

import app.misura.core.adjust.Adjustment;
import app.misura.core.length.Length;
import app.misura.core.length.Unit;
import app.misura.core.proof.Proof;
import app.misura.core.reading.Settled;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The settled values with the tape's play taken off, mm. For an input that was not taken: what the sums imply, with its
 * spread; else a rule of the house; each is noted as estimated.
 */
final class NetBody {
    /** One value of it. @param read what the sheet keeps, cm */
    record Value(String step, String measure, double readCm, double play, double net) {}

    private final Proof proof;
    private final List<Estimate> estimates = new ArrayList<>();

    NetBody(Proof proof) {
        this.proof = proof;
    }

    List<Estimate> estimates() {
        return estimates;
    }

    Optional<Value> read(String id) {
        Settled settled = proof.settled().get(id);
        Length length = settled == null ? null : settled.length();
        if (length == null) {
            return Optional.empty();
        }
        double play = settled.play().on(settled.step().taken()).toMm();
        return Optional.of(new Value(
                settled.step().label(), settled.step().taken().code(), length.toCm(), play, length.toMm() - play));
    }

    /** The reading, else what the other readings of its sums imply. */
    Optional<Value> readOrImplied(String id, String input) {
        Optional<Value> read = read(id);
        return read.isPresent() ? read : implied(id, input);
    }

    private Optional<Value> implied(String id, String input) {
        Unit unit = proof.sheet().unit();
        for (Adjustment.Value value : proof.adjustment().implied()) {
            if (value.id().equals(id)) {
                double mm = value.value() * unit.nanometres() / 1e6;
                double sd = value.sd() * unit.nanometres() / 1e6;
                estimates.add(new Estimate(input, "implied by the sums", mm, sd, id));
                String code = proof.sheet().form().step(id).taken().code();
                return Optional.of(new Value(id, code, mm / 10, 0, mm));
            }
        }
        return Optional.empty();
    }

    /** The reading, what is implied, or a rule of the house. */
    Value orRule(String id, String input, String rule, double mm, double sd) {
        Optional<Value> known = proof.sheet().form().find(id).isPresent() ? readOrImplied(id, input) : Optional.empty();
        return known.orElseGet(() -> {
            estimates.add(new Estimate(input, rule, mm, sd, id));
            return new Value(id, input, mm / 10, 0, mm);
        });
    }
}
