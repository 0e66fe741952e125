package app.misura.core.fit;

import app.misura.core.finding.Spoken;
import app.misura.core.form.ValueId;
import app.misura.core.norm.Likely;
import app.misura.core.norm.LikelyBody;
import app.misura.core.norm.Norms;
import app.misura.core.norm.Region;
import app.misura.core.proof.Proof;
import app.misura.core.reading.AgeGroup;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** What the rest of a body makes likely of a measure that was not read, by the norms of its house. */
final class RestOfBody {
    /**
     * What spreads more than this share of itself on a grown body is no estimate: nobody would cut by it. House default: a neck from
     * a chest is one, a neck from a seat is none.
     */
    private static final double WIDEST = 0.076;

    private final Proof proof;
    private @Nullable Optional<LikelyBody> body;

    RestOfBody(Proof proof) {
        this.proof = proof;
    }

    /** Empty where too little tells of it: of a girth, nothing but height. */
    Optional<Likely> of(String measure) {
        if (body == null) {
            body = proof.body();
        }
        return body.flatMap(b -> b.likely(measure))
                .filter(likely -> likely.sdCm() <= widest() * likely.cm())
                .filter(likely -> isTold(likely.from(), measure));
    }

    private double widest() {
        boolean child = proof.sheet().wearer().age() == AgeGroup.CHILD;
        return WIDEST
                * (child ? proof.sheet().judging().norms().margins().child().differ() : 1);
    }

    private boolean isTold(List<String> from, String measure) {
        boolean byHeight = proof.sheet()
                .judging()
                .norms()
                .of(measure)
                .filter(rule -> rule.factors().containsKey(Norms.HEIGHT) || rule.about() == Region.LENGTH)
                .isPresent();
        return from.stream()
                .map(id -> proof.settled().get(ValueId.parse(id)))
                .filter(Objects::nonNull)
                .anyMatch(s -> byHeight || !s.step().taken().code().equals(Norms.HEIGHT));
    }

    /** Where it comes from, for people. */
    static String said(Likely likely) {
        return "likely for this body, told by "
                + Spoken.list(likely.from().stream().map(Spoken::of).toList());
    }
}
