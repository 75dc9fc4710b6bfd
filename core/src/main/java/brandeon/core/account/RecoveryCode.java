package brandeon.core.account;

import java.util.Locale;
import java.util.random.RandomGenerator;

/**
 * Codes to write down: four groups of five letters and figures, without those that look alike, as Crockford's Base 32
 * does (from memory). 100 bits each, so nobody guesses one.
 */
public final class RecoveryCode {

    private static final String LETTERS = "0123456789abcdefghjkmnpqrstvwxyz";
    private static final int GROUPS = 4;
    private static final int EACH = 5;

    private RecoveryCode() {}

    /** A fresh one, as it is shown: {@code k3v9q-…}. @param random must be a secure one */
    public static String fresh(RandomGenerator random) {
        StringBuilder code = new StringBuilder();
        for (int group = 0; group < GROUPS; group++) {
            if (group > 0) {
                code.append('-');
            }
            for (int i = 0; i < EACH; i++) {
                code.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
            }
        }
        return code.toString();
    }

    /** What was typed, as it is compared: without spaces and dashes, in small letters, look-alikes as they were meant. */
    public static String plain(String typed) {
        return typed.toLowerCase(Locale.ROOT)
                .replaceAll("[\\s-]", "")
                .replace('o', '0')
                .replace('i', '1')
                .replace('l', '1');
    }
}
