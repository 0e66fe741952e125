package app.misura.core.draft;

import java.util.List;

/** What drafting comes to. */
public sealed interface Outcome {
    /** A draft that keeps every promise. @param cautions what to look at, one sentence each */
    record Drafted(Draft draft, List<String> cautions) implements Outcome {
        public Drafted {
            cautions = List.copyOf(cautions);
        }
    }

    /**
     * No draft.
     *
     * @param inputs the given names that fight, at least two, the least usual for a body first
     * @param why what cannot be kept, as the end of a sentence
     * @param solver whether it was the search that gave up: then nothing says that the body is at fault
     */
    record Refused(List<String> inputs, String why, boolean solver) implements Outcome {
        public Refused {
            inputs = List.copyOf(inputs);
        }
    }
}
