package app.misura.core.proof;

import app.misura.core.finding.Finding;
import app.misura.core.finding.Severity;
import app.misura.core.reading.Reading;
import app.misura.core.reading.Settled;
import java.util.List;
import java.util.Map;

/** Was it measured at all? A value made of a stand-in's readings is of no body, and is told from the others. */
final class SimulatedRule implements ProofRule {
    @Override
    public List<Finding> findings(Evidence evidence) {
        List<String> steps = evidence.settled().values().stream()
                .filter(s -> s.made().stream().anyMatch(Reading::isSimulated))
                .map(Settled::step)
                .map(s -> s.label())
                .distinct()
                .toList();
        if (steps.isEmpty()) {
            return List.of();
        }
        String named = String.join(", ", steps);
        return List.of(new Finding(
                "simulated",
                "",
                Severity.WARNING,
                steps,
                List.of(),
                Map.of("values", steps.size()),
                named + (steps.size() == 1 ? " was" : " were") + " sent by the simulated tape and not measured.",
                "Measure " + named + " before anything is cut."));
    }
}
