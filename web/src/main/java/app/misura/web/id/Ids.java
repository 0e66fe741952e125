package app.misura.web.id;

import java.security.SecureRandom;

/** Makes ids: twelve letters and digits that nobody can guess and nobody mistakes for each other. */
public final class Ids {
    private static final String SIGNS = "abcdefghjkmnpqrstuvwxyz23456789";
    private static final int LENGTH = 12;
    private static final SecureRandom RANDOM = new SecureRandom();

    private Ids() {}

    public static String next() {
        StringBuilder id = new StringBuilder(LENGTH);
        for (int i = 0; i < LENGTH; i++) {
            id.append(SIGNS.charAt(RANDOM.nextInt(SIGNS.length())));
        }
        return id.toString();
    }
}
