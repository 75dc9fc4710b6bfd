package brandeon.core.kind;

import brandeon.core.live.Readings;
import brandeon.core.text.Money;
import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Locale;

/**
 * How far something is on its way to a target.
 *
 * @param value  as it is written
 * @param target likewise
 * @param share  of the way from its beginning to the target, 0 to 1
 */
record Aim(String value, String target, double share) {

    static final Field VALUE = Field.count("value", "Value", Content.Count.of("subscribers"));

    /** What a piece with words says that aims at something. */
    static final List<Field> FIELDS =
            List.of(Field.words("label", "Label", "Subscribers"), VALUE, Field.day("until", "Ends with"));

    static Aim of(Showing piece) {
        Showing.Said said = piece.count("value");
        double value = said.value().orElse(0);
        double start = piece.figure("start");
        double target = Math.max(start + 1, piece.figure("target"));
        double step = piece.figure("step");
        if (step > 0 && value >= target) {
            // What is reached is where the way to the next one begins.
            double passed = Math.floor((value - target) / step);
            start = target + passed * step;
            target = start + step;
        }
        return new Aim(
                said.value().isEmpty() ? "0" : said.written(),
                written(piece, target),
                Math.clamp((value - start) / (target - start), 0, 1));
    }

    private static String written(Showing piece, double target) {
        return piece.value("value") instanceof Money money
                ? Money.ofMain(BigDecimal.valueOf(target), money.currency()).written()
                : String.format(Locale.ROOT, "%,d", Math.round(target));
    }

    /** The label with how long it still takes. Without a day that is known, nothing is said of the end. */
    static String label(Showing piece) {
        String label = piece.words("label");
        String until = piece.day("until");
        if (until.isEmpty() || !(piece.values().get(Readings.DAY) instanceof String today)) {
            return label;
        }
        long left = ChronoUnit.DAYS.between(LocalDate.parse(today), LocalDate.parse(until));
        String says = left < 0
                ? "ended"
                : left == 0
                        ? "last day"
                        : left == 1 ? "until tomorrow" : String.format(Locale.ROOT, "%d days left", left);
        return label.isBlank() ? says : label + " · " + says;
    }
}
