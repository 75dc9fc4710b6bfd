package brandeon.core.layout;

import brandeon.core.art.Ask;
import java.util.List;

/**
 * Rows as people write them: one a line, label and value parted by an upright stroke; {@code [x]} before what is done
 * and {@code [>]} before what is now. Empty lines are left out.
 */
final class Rows {

    private static final int MOST = 24;

    private Rows() {
    }

    static List<Ask.Row> of(String text) {
        return text.lines().map(String::strip).filter(line -> !line.isEmpty()).limit(MOST).map(Rows::row).toList();
    }

    private static Ask.Row row(String line) {
        Ask.State state = line.startsWith("[x]") ? Ask.State.DONE : line.startsWith("[>]") ? Ask.State.NOW : Ask.State.OPEN;
        String words = line.startsWith("[x]") || line.startsWith("[>]") || line.startsWith("[ ]") ? line.substring(3).strip() : line;
        String[] parts = words.split("\\|", 2);
        return new Ask.Row(parts[0].strip(), parts.length == 2 ? parts[1].strip() : "", state);
    }
}
