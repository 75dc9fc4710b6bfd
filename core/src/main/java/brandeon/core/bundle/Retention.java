package brandeon.core.bundle;

import java.time.LocalDate;
import java.time.temporal.IsoFields;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

/** Which daily copies are kept: those of the last seven days that have one, and the first of each of the last weeks. */
public final class Retention {

    private static final int DAYS = 7;
    private static final int WEEKS = 5;

    private Retention() {}

    /** Those that may go. @param days that have a copy */
    public static List<LocalDate> over(Collection<LocalDate> days) {
        TreeSet<LocalDate> sorted = new TreeSet<>(days);
        Set<LocalDate> kept =
                new HashSet<>(sorted.descendingSet().stream().limit(DAYS).toList());
        TreeSet<LocalDate> weeks = new TreeSet<>();
        Set<String> seen = new HashSet<>();
        for (LocalDate day : sorted) {
            if (seen.add(day.get(IsoFields.WEEK_BASED_YEAR) + " " + day.get(IsoFields.WEEK_OF_WEEK_BASED_YEAR))) {
                weeks.add(day);
            }
        }
        kept.addAll(weeks.descendingSet().stream().limit(WEEKS).toList());
        return sorted.stream()
                .filter(day -> !kept.contains(day))
                .sorted(Comparator.naturalOrder())
                .toList();
    }
}
