package app.misura.core.format.pdf;

import com.ibm.icu.text.Transliterator;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.text.Normalizer;
import org.apache.fontbox.ttf.CmapLookup;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;

/**
 * Texts that the faces which ship can set. A name in another script is set in Latin letters, sign by sign as the script's
 * own rules give it; what has no such letters stands as a small box. Nothing that is in a name makes a paper fail.
 */
public final class Printable {
    /** Stands for what no letter gives. */
    private static final String BOX = "\u25A1";

    private static final CmapLookup GLYPHS = glyphs();

    private Printable() {}

    private static CmapLookup glyphs() {
        try (TrueTypeFont font =
                new TTFParser().parse(new RandomAccessReadBuffer(Face.open("SourceSans3-Regular.ttf")))) {
            return font.getUnicodeCmapLookup();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /**
     * The text in letters that can be set; one that can be is given back as it is.
     *
     * <p>{@code text("Zoë 张伟")} is {@code Zoë zhāng wěi}.
     */
    public static String text(String text) {
        return isSettable(text) ? text : settable(text);
    }

    private static boolean isSettable(String text) {
        return text.codePoints().allMatch(Printable::isSettable);
    }

    private static boolean isSettable(int sign) {
        return sign < ' ' || GLYPHS.getGlyphId(sign) != 0;
    }

    private static String settable(String text) {
        StringBuilder set = new StringBuilder();
        StringBuilder foreign = new StringBuilder();
        text.codePoints().forEach(sign -> {
            if (isSettable(sign) && !(sign == ' ' && !foreign.isEmpty())) {
                flush(foreign, set);
                set.appendCodePoint(sign);
            } else {
                foreign.appendCodePoint(sign);
            }
        });
        flush(foreign, set);
        return set.toString();
    }

    private static void flush(StringBuilder foreign, StringBuilder set) {
        if (foreign.isEmpty()) {
            return;
        }
        String latin = Normalizer.normalize(
                Transliterator.getInstance("Any-Latin").transliterate(foreign.toString()), Normalizer.Form.NFC);
        latin.codePoints().forEach(sign -> {
            if (isSettable(sign)) {
                set.appendCodePoint(sign);
            } else if (Character.getType(sign) != Character.NON_SPACING_MARK
                    && Character.getType(sign) != Character.FORMAT) {
                set.append(isSettable(BOX.codePointAt(0)) ? BOX : "?");
            }
        });
        foreign.setLength(0);
    }
}
