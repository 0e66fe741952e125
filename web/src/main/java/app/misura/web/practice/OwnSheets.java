package app.misura.web.practice;

import app.misura.core.norm.Norms;
import app.misura.core.proof.Proof;
import app.misura.core.proportion.Refit;
import app.misura.core.reading.Sheet;
import app.misura.web.order.GarmentOrder;
import app.misura.web.order.Orders;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** The sheets that the house learns from: its newest orders, at most {@value #MOST}. */
@Component
class OwnSheets {
    static final int MOST = 600;

    private final Orders orders;

    OwnSheets(Orders orders) {
        this.orders = orders;
    }

    /** Those that were not called off: such a sheet may be of another body. */
    private Stream<GarmentOrder> usable() {
        return orders.newest(MOST).stream().filter(o -> !o.stage().isVoid());
    }

    /** With what was taken for each itself: what came from another order counts there. */
    List<Sheet> taken() {
        return usable().map(GarmentOrder::takenHere).toList();
    }

    /** The proofs of those sheets on which something was taken and no fault stands. */
    static List<Proof> sound(List<Sheet> taken) {
        return taken.stream()
                .filter(s -> !s.readings().isEmpty())
                .map(Proof::of)
                .filter(p -> p.verdict() != Proof.Verdict.FAULTS)
                .toList();
    }

    /** Each grown client's measures, from the newest sheet that has them and has no fault. */
    List<Map<String, Double>> bodies(Norms norms) {
        Map<String, Map<String, Double>> byClient = new LinkedHashMap<>();
        for (GarmentOrder order : usable().toList()) {
            if (Proof.of(order.sheet()).verdict() != Proof.Verdict.FAULTS) {
                Map<String, Double> body =
                        byClient.computeIfAbsent(order.client().id(), c -> new LinkedHashMap<>());
                Refit.body(order.sheet(), norms).forEach(body::putIfAbsent);
            }
        }
        return new ArrayList<>(byClient.values());
    }
}
