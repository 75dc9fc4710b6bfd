package brandeon.core.layout;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Rows as people write them: one a line, label and value parted by an upright stroke; {@code [x]} before what is done
 * and {@code [>]} before what is now. Empty lines are left out.
 */
final class Rows {

    private static final int MOST = 24;
    private static final Pattern SECONDS = Pattern.compile("(\\d{1,3}(?:\\.\\d+)?) ?s?");
    private static final double LONGEST_SECONDS = 120;

    private Rows() {
    }

    static List<Ask.Row> of(String text) {
        return lines(text).stream().map(Rows::row).toList();
    }

    /** The lines that hold something. */
    static List<String> lines(String text) {
        return text.lines().map(String::strip).filter(line -> !line.isEmpty()).limit(MOST).toList();
    }

    /**
     * Entries that take turns: label, words and seconds; a label may be left out, and seconds that are no number count
     * as words.
     *
     * @param seconds of an entry that names none
     */
    static List<Ask.Entry> entries(String text, double seconds) {
        return lines(text).stream().map(line -> {
            int last = line.lastIndexOf('|');
            Matcher own = SECONDS.matcher(last < 0 ? "" : line.substring(last + 1).strip());
            boolean timed = own.matches() && Double.parseDouble(own.group(1)) >= 1;
            Ask.Row row = row(timed ? line.substring(0, last) : line);
            boolean alone = row.value().isEmpty();
            return new Ask.Entry(alone ? "" : row.label(), alone ? row.label() : row.value(), timed ? Math.min(LONGEST_SECONDS, Double.parseDouble(own.group(1))) : seconds);
        }).toList();
    }

    private static Ask.Row row(String line) {
        Ask.State state = line.startsWith("[x]") ? Ask.State.DONE : line.startsWith("[>]") ? Ask.State.NOW : Ask.State.OPEN;
        String words = line.startsWith("[x]") || line.startsWith("[>]") || line.startsWith("[ ]") ? line.substring(3).strip() : line;
        String[] parts = words.split("\\|", 2);
        return new Ask.Row(parts[0].strip(), parts.length == 2 ? parts[1].strip() : "", state);
    }
}
