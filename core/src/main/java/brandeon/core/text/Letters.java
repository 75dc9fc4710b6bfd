package brandeon.core.text;

import brandeon.core.problem.Mistake;
import com.ibm.icu.text.BreakIterator;
import java.util.Locale;

/** What a text may be made of, before anybody asks what it says. */
public final class Letters {

    /** UTF-16 units of one letter as readers count them: families of emoji have 25 or so (from memory). */
    private static final int LONGEST_LETTER = 30;

    private static final int LONGEST_NAME = 80;

    private Letters() {}

    /**
     * Whether a text can be kept, sent and painted everywhere: no half letters (lone surrogates) and no control
     * characters
     * but line break and tab, which PostgreSQL, XML 1.0 or JSON would refuse.
     */
    public static boolean clean(String text) {
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (Character.isHighSurrogate(c)) {
                if (i + 1 == text.length() || !Character.isLowSurrogate(text.charAt(i + 1))) {
                    return false;
                }
                i++;
            } else if (Character.isLowSurrogate(c)
                    || (Character.isISOControl(c) && c != '\n' && c != '\t' && c != '\r')
                    || c == '\uFFFE'
                    || c == '\uFFFF') {
                return false;
            }
        }
        return true;
    }

    /**
     * A name without blanks around it.
     *
     * @param whose as the beginning of a sentence
     * @throws Mistake when it is empty, too long, or does not stand on one line
     */
    public static String name(String text, String whose) {
        if (text.isBlank() || text.length() > LONGEST_NAME || !oneLine(text)) {
            throw new Mistake(whose + " name has between 1 and " + LONGEST_NAME + " letters on one line.");
        }
        return text.strip();
    }

    /** Whether a text is clean and stands on one line, as names do. */
    public static boolean oneLine(String text) {
        return clean(text) && text.indexOf('\n') < 0 && text.indexOf('\r') < 0 && text.indexOf('\t') < 0;
    }

    /**
     * A text from outside as it may be shown among others: without control characters, half letters, and the characters
     * that turn the direction of what follows (Unicode Bidirectional Algorithm, UAX #9: embeddings, overrides and
     * isolates), so that nobody's name can turn round the words after it. What breaks lines becomes a space.
     */
    public static String shown(String text) {
        StringBuilder shown = new StringBuilder(text.length());
        text.codePoints().forEach(point -> {
            if (point == '\n' || point == '\r' || point == '\t' || point == 0x2028 || point == 0x2029) {
                shown.append(' ');
            } else if (!Character.isISOControl(point) && !turns(point) && !half(point)) {
                shown.appendCodePoint(point);
            }
        });
        return shown.toString();
    }

    private static boolean turns(int point) {
        return (point >= 0x202A && point <= 0x202E) || (point >= 0x2066 && point <= 0x2069);
    }

    private static boolean half(int point) {
        return (point >= 0xD800 && point <= 0xDFFF) || (point & 0xFFFE) == 0xFFFE;
    }

    /**
     * Whether a text has at most so many letters as readers count them (grapheme clusters, UAX #29), none of them piled
     * up with more marks than a letter of any script bears.
     */
    public static boolean within(String text, int most) {
        if (text.length() <= most) {
            return true;
        }
        if (text.length() > most * LONGEST_LETTER) {
            return false;
        }
        return count(text) <= most;
    }

    /** Letters as readers count them. */
    public static int count(String text) {
        if (text.chars().allMatch(c -> c >= ' ' && c <= '~')) {
            // No two of these are read as one.
            return text.length();
        }
        BreakIterator letters = BreakIterator.getCharacterInstance(Locale.ROOT);
        letters.setText(text);
        int count = 0;
        while (letters.next() != BreakIterator.DONE) {
            count++;
        }
        return count;
    }

    /** A text of at most so many letters as readers count them, the last of which tells that some are left out. */
    public static String shortened(String text, int most) {
        if (count(text) <= most) {
            return text;
        }
        BreakIterator letters = BreakIterator.getCharacterInstance(Locale.ROOT);
        letters.setText(text);
        return text.substring(0, letters.next(most - 1)).stripTrailing() + "…";
    }
}
