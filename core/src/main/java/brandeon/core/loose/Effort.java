package brandeon.core.loose;

import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * How far the reading of a pack is, by what was expected to take how long and what took how long so far. What is
 * expected is by the ending and length of a file, and is corrected by each that is done.
 */
public final class Effort {

    /** One file. @param millis that its reading took; −1 while it is not done */
    public record Step(String path, long bytes, int millis) {}

    /**
     * @param done    files
     * @param share   of the work, 0 to 1
     * @param seconds that the rest takes; 0 where nothing is left
     */
    public record Progress(int done, int all, double share, double seconds) {}

    /** Files of one sort take about as long. Seconds are of one core of a usual machine (measured once). */
    private enum Sort {
        STILL(0.05, 0.6),
        MOVING(0.12, 1.5),
        FILM(0.5, 3),
        SOUND(0.06, 0.1),
        FONT(0.01, 0.02),
        OTHER(0.001, 0.02);

        private final double each;
        private final double megabyte;

        Sort(double each, double megabyte) {
            this.each = each;
            this.megabyte = megabyte;
        }

        double expected(long bytes) {
            return EACH + each + megabyte * bytes / (1 << 20);
        }

        static Sort of(String path) {
            return switch (path.substring(path.lastIndexOf('.') + 1).toLowerCase(Locale.ROOT)) {
                case "png", "jpg", "jpeg", "svg", "webp" -> STILL;
                case "gif", "apng" -> MOVING;
                case "webm", "mp4", "mov", "mkv", "m4v" -> FILM;
                case "wav", "ogg", "oga", "opus", "mp3", "flac" -> SOUND;
                case "ttf", "otf" -> FONT;
                default -> OTHER;
            };
        }
    }

    /** Seconds that sending and noting a file takes besides. */
    private static final double EACH = 0.015;

    /** How many seconds of doing what was expected weigh as much as what was seen. */
    private static final double BELIEF = 0.5;

    private Effort() {}

    public static Progress of(List<Step> steps) {
        Map<Sort, Double> took = new EnumMap<>(Sort.class);
        Map<Sort, Double> expected = new EnumMap<>(Sort.class);
        int done = 0;
        double spent = 0;
        for (Step step : steps) {
            if (step.millis() >= 0) {
                Sort sort = Sort.of(step.path());
                double seconds = EACH + step.millis() / 1000.0;
                took.merge(sort, seconds, Double::sum);
                expected.merge(sort, sort.expected(step.bytes()), Double::sum);
                spent += seconds;
                done++;
            }
        }
        double allTook = took.values().stream().mapToDouble(x -> x).sum();
        double allExpected = expected.values().stream().mapToDouble(x -> x).sum();
        // A quicker or slower machine shows in all sorts, and a sort by itself in its own.
        double machine = (allTook + BELIEF) / (allExpected + BELIEF);
        double left = 0;
        for (Step step : steps) {
            if (step.millis() < 0) {
                Sort sort = Sort.of(step.path());
                double factor =
                        (took.getOrDefault(sort, 0.0) + BELIEF * machine) / (expected.getOrDefault(sort, 0.0) + BELIEF);
                left += sort.expected(step.bytes()) * factor;
            }
        }
        double whole = spent + left;
        return new Progress(done, steps.size(), whole == 0 ? 1 : spent / whole, left);
    }
}
