package app.misura.web.measuring;

import app.misura.core.reading.Judged;

/**
 * What was typed last and what was heard of it.
 *
 * @param tone {@code soft}, {@code ink}, {@code doubt} or {@code wrong}
 * @param confirm the text that one more Enter keeps; empty if none
 */
record Heard(String entry, String sentence, String tone, String confirm) {
    static final Heard NOTHING = new Heard("", "", "soft", "");

    static Heard of(String entry, Judged judged) {
        String tone = judged instanceof Judged.Kept kept
                ? (kept.snapped() ? "ink" : "soft")
                : judged instanceof Judged.Unusual ? "doubt" : "wrong";
        return new Heard(entry, judged.sentence(), tone, judged instanceof Judged.Unusual ? entry : "");
    }
}
