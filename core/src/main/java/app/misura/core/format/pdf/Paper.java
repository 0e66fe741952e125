package app.misura.core.format.pdf;

import java.util.Locale;
import java.util.Optional;

/** What a pattern is printed on. A sheet is one page as large as the drawing; a roll is cut to its length. */
public enum Paper {
    SHEET("a sheet", 0, 0),
    A4("A4", 210, 297),
    LETTER("letter paper", 215.9, 279.4),
    A3("A3", 297, 420),
    A0("A0", 841, 1189),
    ROLL("a roll", 914, 0);

    private final String said;
    private final double widthMm;
    private final double heightMm;

    Paper(String said, double widthMm, double heightMm) {
        this.said = said;
        this.widthMm = widthMm;
        this.heightMm = heightMm;
    }

    /** As it is said: {@code letter paper}. */
    public String said() {
        return said;
    }

    public double widthMm() {
        return widthMm;
    }

    public double heightMm() {
        return heightMm;
    }

    public boolean isTiled() {
        return heightMm > 0;
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public static Optional<Paper> named(String word) {
        for (Paper paper : values()) {
            if (paper.word().equals(word)) {
                return Optional.of(paper);
            }
        }
        return Optional.empty();
    }
}
