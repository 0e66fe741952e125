package app.misura.web.measuring;

import org.jspecify.annotations.Nullable;

/**
 * What the entry of a step sends.
 *
 * @param side which of both; null where the step has one value
 * @param confirm the unusual text that is to be kept all the same
 * @param then {@code again} for a further try, else the work goes on
 * @param key what the page calls the reading; null if nothing
 * @param play what lay under the tape; empty for what is expected to
 * @param tool what it was read with; empty for the tape
 * @param sure {@code so-so} where whoever read was not quite sure
 * @param round which taking of the value it is for; null where the page does not say
 * @param walk what is to be taken again after it; null where no such list is walked
 */
record Typed(
        String step,
        @Nullable String side,
        String text,
        String confirm,
        String then,
        @Nullable String key,
        String play,
        String tool,
        String sure,
        @Nullable Integer round,
        @Nullable String walk) {
    Typed(
            @Nullable String step,
            @Nullable String side,
            @Nullable String text,
            @Nullable String confirm,
            @Nullable String then,
            @Nullable String key,
            @Nullable String play,
            @Nullable String tool,
            @Nullable String sure,
            @Nullable Integer round,
            @Nullable String walk) {
        this.step = said(step);
        this.side = side;
        this.text = said(text);
        this.confirm = said(confirm);
        this.then = said(then);
        this.key = key;
        this.play = said(play);
        this.tool = said(tool);
        this.sure = said(sure);
        this.round = round;
        this.walk = walk;
    }

    private static String said(@Nullable String text) {
        return text == null ? "" : text;
    }
}
