package brandeon.core.account;

import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import com.nulabinc.zxcvbn.Strength;
import com.nulabinc.zxcvbn.Zxcvbn;
import com.nulabinc.zxcvbn.matchers.Match;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/**
 * Whether a password will do, in words. There are no rules of composition: length counts, and how many guesses it takes
 * somebody who knows the most common passwords, words, names, dates and rows of keys (zxcvbn, Wheeler 2016), as NIST SP
 * 800-63B, section 3.1.1.2, asks for (from memory).
 */
public final class Passwords {

    /** Least number of letters. */
    public static final int SHORTEST = 12;
    /** Most bytes in UTF-8: bcrypt reads no more (Provos and Mazières 1999, from memory). */
    public static final int LONGEST = 72;

    /** Letters that one's own words must leave. */
    private static final int LEAST_BESIDE = 6;

    /** Guesses, as a power of ten, below which it is refused, and from which it is good or very good. */
    private static final double LEAST = 8;

    private static final double GOOD = 10;
    private static final double VERY_GOOD = 14;

    private static final Zxcvbn GUESSING = new Zxcvbn();

    /**
     * What is to be said of a password.
     *
     * @param taken whether it will do
     * @param words one sentence for people
     */
    public record Judged(boolean taken, String words) {}

    private Passwords() {}

    /** @param own words that somebody who knows the person would try first: name, address */
    public static Judged judged(String password, List<String> own) {
        int letters = password.codePointCount(0, password.length());
        if (letters < SHORTEST) {
            return refused(
                    letters == 0
                            ? "At least %1$d letters. Several words in a row are easy to keep in mind."
                            : "%2$d of at least %1$d letters.",
                    SHORTEST,
                    letters);
        }
        if (password.getBytes(StandardCharsets.UTF_8).length > LONGEST) {
            return refused("At most %d letters, fewer with accents.", LONGEST);
        }
        if (!Letters.oneLine(password)) {
            return refused("It has a letter in it that cannot be typed everywhere.");
        }
        List<String> words = words(own);
        if (left(password, words) < LEAST_BESIDE) {
            return refused("Hardly more than your own name and address, which are tried first.");
        }
        Strength strength = GUESSING.measure(password, words);
        if (strength.getSequence().size() == 1 && common(strength.getSequence().getFirst())) {
            return refused("One of the most common passwords, which are tried first.");
        }
        double guesses = strength.getGuessesLog10();
        if (guesses < LEAST) {
            return refused("Easily guessed. Add a word or two that have nothing to do with the others.");
        }
        if (guesses < GOOD) {
            return new Judged(true, "Will do. Another word would make it good.");
        }
        return new Judged(true, guesses < VERY_GOOD ? "Good." : "Very good.");
    }

    /** @throws Mistake when it will not do */
    public static void require(String password, List<String> own) {
        Judged judged = judged(password, own);
        if (!judged.taken()) {
            throw new Mistake("This password will not do: " + judged.words());
        }
    }

    private static boolean common(Match match) {
        return "passwords".equals(match.dictionaryName);
    }

    /** How many letters and digits are left when words are taken out. */
    private static long left(String password, List<String> words) {
        String left = password.toLowerCase(Locale.ROOT);
        for (String word : words) {
            left = left.replace(word, "");
        }
        return left.codePoints().filter(Character::isLetterOrDigit).count();
    }

    private static List<String> words(List<String> own) {
        return own.stream()
                .flatMap(text -> Stream.concat(Stream.of(text), Stream.of(text.split("[^\\p{L}\\p{N}]+"))))
                .map(text -> text.toLowerCase(Locale.ROOT))
                .filter(text -> text.length() > 2)
                .distinct()
                .sorted(Comparator.comparing(String::length).reversed())
                .toList();
    }

    private static Judged refused(String words, Object... values) {
        return new Judged(false, String.format(Locale.ROOT, words, values));
    }
}
