package app.misura.web.reading;

import app.misura.core.finding.Finding;
import app.misura.core.finding.Rules;
import app.misura.core.proof.Proof;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * A finding that a person can take as it is, as a page offers it.
 *
 * @param seen the values it rests on
 * @param fault whether only whoever answers for the cut may
 * @param sides whether it asks if two sides really differ
 */
public record Acceptable(String rule, String about, String seen, boolean fault, boolean sides) {
    /** What can be accepted of a proof, by the findings' keys. */
    public static Map<String, Acceptable> of(Proof proof) {
        Map<String, Acceptable> all = new LinkedHashMap<>();
        for (Finding finding : proof.findings()) {
            if (finding.isAcceptable()) {
                all.put(
                        finding.key(),
                        new Acceptable(
                                finding.rule(),
                                finding.about(),
                                Acceptances.resting(finding, proof),
                                finding.isFault(),
                                finding.rule().equals(Rules.LEFT_RIGHT)));
            }
        }
        return all;
    }
}
