package app.misura.core.reading;

import app.misura.core.measure.Condition;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.jspecify.annotations.Nullable;

/**
 * By what and by whom a reading was taken, and how surely. As one text, as documents have it, its parts stand behind each
 * other: {@code alone; ruler; so-so}; {@code parse(text)} gives the same value back for every text that {@link #text} makes.
 *
 * @param tool what it was read with or held by besides the tape: a ruler, a mirror; null if nothing
 * @param hand whose hand
 * @param doubt how sure whoever took it was
 * @param origin where the number comes from
 * @param over what was worn under the tape, in the words of {@link Condition.Aspect#OVER}; null where its step says nothing of
 *     it. No part of the text: it is part of what the value is
 */
public record Taking(
        @Nullable String tool,
        Hand hand,
        Doubt doubt,
        Origin origin,
        @Nullable String over) {
    /** With the tape, by a hand that was taught, and sure of it. */
    public static final Taking USUAL = new Taking(null, Hand.TRAINED, Doubt.SURE, Origin.BODY);

    /** Over what the step says, or said when it was taken. */
    public Taking(@Nullable String tool, Hand hand, Doubt doubt, Origin origin) {
        this(tool, hand, doubt, origin, null);
    }

    /** Whose hand took it. */
    public enum Hand {
        TRAINED,
        /** Somebody at home who was never taught. */
        HELPER,
        /** The client's own. */
        ALONE
    }

    /** How sure whoever took it was. */
    public enum Doubt {
        SURE,
        SO_SO
    }

    /** Where the number comes from. */
    public enum Origin {
        BODY,
        /** A stand-in for a tape sent it: no body was measured. */
        SIMULATED
    }

    private static final String SO_SO = "so-so";
    private static final String SIMULATED = "simulated tape";

    public Taking {
        tool = tool == null || tool.isBlank() ? null : tool.strip();
    }

    /** What a stand-in for a tape sends. */
    public static Taking simulated() {
        return new Taking(null, Hand.TRAINED, Doubt.SURE, Origin.SIMULATED);
    }

    /**
     * Reads the text of a document. Its parts stand behind semicolons; the hand may also stand before the tool.
     *
     * <p>Example: {@code alone with a mirror; so-so} is taken alone, with the tool {@code with a mirror}, not quite surely.
     */
    public static Taking parse(@Nullable String text) {
        Hand hand = Hand.TRAINED;
        Doubt doubt = Doubt.SURE;
        Origin origin = Origin.BODY;
        List<String> tools = new ArrayList<>();
        for (String each : text == null ? List.<String>of() : List.of(text.split(";"))) {
            String part = each.strip();
            Hand said = tools.isEmpty() && hand == Hand.TRAINED ? hand(part) : Hand.TRAINED;
            if (said != Hand.TRAINED) {
                hand = said;
                part = part.substring(word(said).length()).strip();
            }
            if (part.equals(SO_SO)) {
                doubt = Doubt.SO_SO;
            } else if (part.equals(SIMULATED)) {
                origin = Origin.SIMULATED;
            } else if (!part.isEmpty()) {
                tools.add(part);
            }
        }
        return new Taking(tools.isEmpty() ? null : String.join("; ", tools), hand, doubt, origin);
    }

    private static Hand hand(String part) {
        for (Hand hand : List.of(Hand.HELPER, Hand.ALONE)) {
            if (part.matches(word(hand) + "\\b.*")) {
                return hand;
            }
        }
        return Hand.TRAINED;
    }

    private static String word(Hand hand) {
        return hand.name().toLowerCase(Locale.ROOT);
    }

    /** As one text; null where there is nothing to be said. */
    public @Nullable String text() {
        List<String> parts = new ArrayList<>();
        if (hand != Hand.TRAINED) {
            parts.add(word(hand));
        }
        if (tool != null) {
            parts.add(tool);
        }
        if (doubt == Doubt.SO_SO) {
            parts.add(SO_SO);
        }
        if (origin == Origin.SIMULATED) {
            parts.add(SIMULATED);
        }
        return parts.isEmpty() ? null : String.join("; ", parts);
    }

    /** The same by another hand. */
    public Taking by(Hand other) {
        return new Taking(tool, other, doubt, origin, over);
    }

    /** The same over what was worn. */
    public Taking over(@Nullable String worn) {
        return new Taking(tool, hand, doubt, origin, worn);
    }
}
