package app.misura.web.account;

import java.nio.charset.StandardCharsets;
import java.security.SecureRandom;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What a password must be: long enough to be guessed by nobody, short enough to be hashed whole, and not the obvious one. */
public final class Passwords {
    private static final int SHORTEST = 10;
    /** The hash looks at so many bytes; what came after them would not count. */
    public static final int LONGEST_BYTES = 72;

    private static final int DIFFERENT = 5;
    private static final List<String> ROWS =
            List.of("abcdefghijklmnopqrstuvwxyz", "01234567890123456789", "qwertyuiop", "asdfghjkl", "zxcvbnm");
    private static final List<String> OBVIOUS =
            List.of("password", "passwort", "letmein", "welcome", "iloveyou", "trousers");
    private static final String SIGNS = "abcdefghjkmnpqrstuvwxyz23456789";

    private Passwords() {}

    /** What is wrong with a password of somebody, in a sentence; empty if nothing. */
    public static Optional<String> fault(String password, String name, String called) {
        String small = password.toLowerCase(Locale.ROOT);
        if (password.length() < SHORTEST) {
            return Optional.of("A password has at least " + SHORTEST + " characters.");
        }
        if (isTooLong(password)) {
            return Optional.of("A password has at most " + LONGEST_BYTES + " letters; fewer if some carry marks.");
        }
        if (small.chars().distinct().count() < DIFFERENT || isRow(small)) {
            return Optional.of("This password is guessed first: choose one that is no row of keys and no repetition.");
        }
        boolean own = name.length() > 2 && small.contains(name.toLowerCase(Locale.ROOT))
                || small.replace(" ", "").equals(called.toLowerCase(Locale.ROOT).replace(" ", ""));
        if (own || OBVIOUS.stream().anyMatch(o -> small.startsWith(o) && small.length() < o.length() + DIFFERENT)) {
            return Optional.of(
                    "This password is guessed first: choose one without the name, and no common word alone.");
        }
        return Optional.empty();
    }

    static boolean isTooLong(String password) {
        return password.getBytes(StandardCharsets.UTF_8).length > LONGEST_BYTES;
    }

    private static boolean isRow(String small) {
        String back = new StringBuilder(small).reverse().toString();
        return ROWS.stream().anyMatch(row -> (row + row).contains(small) || (row + row).contains(back));
    }

    /** A password for one sign-in: three groups of five out of 31 signs, all random. */
    public static String oneTime() {
        SecureRandom random = new SecureRandom();
        StringBuilder made = new StringBuilder();
        for (int i = 0; i < 15; i++) {
            made.append(i > 0 && i % 5 == 0 ? "-" : "").append(SIGNS.charAt(random.nextInt(SIGNS.length())));
        }
        return made.toString();
    }
}
