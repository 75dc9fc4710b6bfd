package brandeon.core.table;

import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import com.ibm.icu.text.Transliterator;
import java.util.Collection;
import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;

/**
 * A column of a table.
 *
 * @param word  by which texts know it, see {@link Tables}
 * @param title for people, and the first line of CSV
 */
public record Column(String word, String title, ColumnType type) {

    private static final int LONGEST_WORD = 20;
    public static final int LONGEST_TITLE = 60;
    private static final Pattern WORD = Pattern.compile("[a-z][A-Za-z0-9]{0," + (LONGEST_WORD - 1) + "}");
    private static final Transliterator LATIN = Transliterator.getInstance("Any-Latin; Latin-ASCII");
    /** What texts say of the whole table. */
    private static final Set<String> TAKEN = Set.of(Tables.ROWS, Tables.SIZE);

    /** @throws Mistake with a sentence when it cannot be */
    void require() {
        requireWord(word);
        requireTitle(title, "A column");
        if (TAKEN.contains(word)) {
            throw new Mistake("“" + word + "” means something of the whole table; give the column another word.");
        }
    }

    static void requireWord(String word) {
        if (!WORD.matcher(word).matches()) {
            throw new Mistake(String.format(
                    Locale.ROOT,
                    "A word for texts has at most %d letters from a to z and digits, and begins with a small letter.",
                    LONGEST_WORD));
        }
    }

    static void requireTitle(String title, String whose) {
        if (title.isBlank() || title.length() > LONGEST_TITLE || !Letters.oneLine(title)) {
            throw new Mistake(whose + " has a title of 1 to " + LONGEST_TITLE + " letters on one line.");
        }
    }

    /** A word for a title that none of the others has: “Nest boxes” becomes {@code nestBoxes}. */
    public static String word(String title, Collection<String> others) {
        StringBuilder word = new StringBuilder();
        boolean next = false;
        for (char c : plain(title).toCharArray()) {
            if (c < 128 && Character.isLetterOrDigit(c) && (!word.isEmpty() || Character.isLetter(c))) {
                word.append(next && !word.isEmpty() ? Character.toUpperCase(c) : c);
                next = false;
            } else {
                next = true;
            }
        }
        if (!word.isEmpty()) {
            word.setCharAt(0, Character.toLowerCase(word.charAt(0)));
        }
        String base = word.isEmpty() ? "column" : word.substring(0, Math.min(word.length(), LONGEST_WORD - 3));
        return IntStream.iterate(1, i -> i + 1)
                .mapToObj(i -> i == 1 ? base : base + i)
                .filter(free -> !others.contains(free) && !TAKEN.contains(free))
                .findFirst()
                .orElseThrow();
    }

    private static String plain(String title) {
        return LATIN.transliterate(title);
    }
}
