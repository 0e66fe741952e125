package app.misura.core.proof;

import app.misura.core.finding.Finding;
import java.util.List;

/** One question put to a sheet. Stateless; cheap ones are asked first, and every rule is asked. */
interface ProofRule {
    List<Finding> findings(Evidence evidence);

    List<ProofRule> ALL = List.of(
            new SpanRule(),
            new AgreementRule(),
            new OrderRule(),
            new LevelRule(),
            new LeftRightRule(),
            new ProportionRule(),
            new SimulatedRule(),
            new ClosureRule());
}
