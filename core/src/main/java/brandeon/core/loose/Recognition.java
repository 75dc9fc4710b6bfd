package brandeon.core.loose;

import brandeon.core.opening.FoundOpening;
import brandeon.core.pack.Course;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What a file is for, told by what is in it. A name only tips the scales where the content leaves it open. The limits
 * are of the trade (common practice, no source).
 *
 * @param sure 0 to 1; below {@link #DOUBTFUL} somebody should look
 * @param why  in a sentence
 */
public record Recognition(What what, double sure, String why) {

    public static final double DOUBTFUL = 0.7;

    /** An opening that is this much longer than wide shows no camera and no game. */
    private static final double LONGEST_OPENING = 4.2;

    private static final double LEAST_OPENING = 0.2;
    /** The same of a small picture. */
    private static final double LEAST_SMALL_OPENING = 0.45;
    /** Of a picture, what must be painted around its openings. */
    private static final double LEAST_AROUND = 0.04;
    /** Widths and heights from which a picture fills a canvas. */
    private static final int CANVAS_SIDE = 1000;

    private static final double BAR = 4.2;
    private static final int ICON = 512;
    private static final int SMALL = 200;
    private static final double ALL = 0.995;

    private static final Map<String, What> WORDS = Map.ofEntries(
            Map.entry("mask", What.MASK),
            Map.entry("matte", What.MASK),
            Map.entry("frame", What.FRAME),
            Map.entry("border", What.FRAME),
            Map.entry("cam", What.FRAME),
            Map.entry("camera", What.FRAME),
            Map.entry("webcam", What.FRAME),
            Map.entry("panel", What.PANEL),
            Map.entry("plate", What.PANEL),
            Map.entry("box", What.PANEL),
            Map.entry("backdrop", What.BACKDROP),
            Map.entry("background", What.BACKDROP),
            Map.entry("bg", What.BACKDROP),
            Map.entry("screen", What.BACKDROP),
            Map.entry("icon", What.ICON),
            Map.entry("badge", What.ICON),
            Map.entry("emblem", What.ICON),
            Map.entry("bar", What.BAR),
            Map.entry("strip", What.BAR),
            Map.entry("ticker", What.BAR),
            Map.entry("loop", What.LOOP),
            Map.entry("alert", What.ALERT),
            Map.entry("logo", What.ORNAMENT),
            Map.entry("ornament", What.ORNAMENT));

    public static Recognition of(LooseFile file) {
        return switch (file.found()) {
            case Found.Picture picture -> named(picture(picture), file);
            case Found.Heard heard ->
                new Recognition(
                        What.SOUND,
                        1,
                        String.format(
                                Locale.ROOT,
                                "%.1f s, %.0f LUFS: %s.",
                                heard.millis() / 1000.0,
                                heard.loudness().integrated(),
                                heard.millis() <= Proposal.LONGEST_ALERT
                                        ? "short enough for an alert"
                                        : "too long for an alert"));
            case Found.Typeface face -> new Recognition(What.FONT, 1, face.title() + ".");
            case Found.Words words ->
                words.palette().isEmpty()
                        ? new Recognition(
                                What.TEXT, 1, words.licence().isEmpty() ? "A text." : "States " + words.licence() + ".")
                        : new Recognition(What.PALETTE, 1, words.palette().size() + " colours.");
            case Found.Nothing nothing -> new Recognition(What.UNREAD, 0, nothing.why());
        };
    }

    /** A word of the name makes surer what was found, or chooses where it was left open. */
    private static Recognition named(Guess guess, LooseFile file) {
        What said = said(file);
        if (said == guess.what) {
            return new Recognition(said, Math.min(1, guess.sure + 0.2), guess.why);
        }
        if (said != null && guess.also.contains(said)) {
            return new Recognition(
                    said, 0.75, guess.why + " Its name says " + said.title().toLowerCase(Locale.ROOT) + ".");
        }
        return new Recognition(guess.what, guess.sure, guess.why);
    }

    private static What said(LooseFile file) {
        What said = null;
        for (String word : ReadableNames.words(file.stem())) {
            What now = WORDS.get(word.toLowerCase(Locale.ROOT));
            if (now != null) {
                // The last such word is what it is: a “camera mask” is a mask.
                said = now;
            }
        }
        return said;
    }

    /** @param also what it might be as well, by its content */
    private record Guess(What what, double sure, String why, List<What> also) {

        Guess(What what, double sure, String why, What... also) {
            this(what, sure, why, List.of(also));
        }
    }

    private static Guess picture(Found.Picture p) {
        Traits t = p.traits();
        if (t.painted() == 0) {
            return new Guess(What.ORNAMENT, 0.2, "Nothing is painted in it.");
        }
        List<FoundOpening> openings = openings(p);
        double open = openings.stream().mapToDouble(FoundOpening::area).sum() / ((double) p.width() * p.height());
        if (mask(p, t)) {
            return new Guess(What.MASK, 0.95, "Black and white alone, in one plain shape.");
        }
        int longest = Math.max(p.width(), p.height());
        boolean small = longest <= ICON;
        // An opening that a keying colour fills is painted itself, in a picture without see-through ground.
        boolean keyed = p.openings().key().isPresent();
        boolean around = keyed ? t.solid() >= 0.9 && t.painted() - open >= LEAST_AROUND : t.painted() >= LEAST_AROUND;
        // Icons are drawn in outlines, which enclose something as well.
        boolean roomy = small ? longest > ICON / 2 && open >= LEAST_SMALL_OPENING : open >= LEAST_OPENING;
        if (around && roomy) {
            String size = openings.size() == 1 ? opening(openings.getFirst()) : openings.size() + " openings";
            return small
                    ? new Guess(What.FRAME, 0.6, "A small picture with " + size + ".", What.ICON)
                    : new Guess(
                            What.FRAME,
                            0.95,
                            p.moving() ? "It moves, and keeps " + size + " open all the time." : "It has " + size + ".",
                            What.MASK,
                            What.PANEL);
        }
        return p.moving() ? moving(p, t, t.course().orElseThrow()) : still(p, t, longest, open);
    }

    private static Guess still(Found.Picture p, Traits t, int longest, double open) {
        double aspect = t.aspect();
        double whole = (double) p.width() / p.height();
        boolean small = longest <= ICON && whole >= 0.6 && whole <= 1 / 0.6;
        if (small && t.painted() < 0.7) {
            return new Guess(
                    What.ICON,
                    t.painted() < 0.6 ? 0.95 : 0.75,
                    "Small, about as wide as high, with see-through ground.",
                    What.PANEL,
                    What.ORNAMENT,
                    What.BAR);
        }
        if (aspect >= BAR || aspect <= 1 / BAR) {
            return new Guess(
                    What.BAR,
                    aspect >= 5 || aspect <= 0.2 ? 0.95 : 0.8,
                    sized(t) + ": long and narrow.",
                    What.PANEL,
                    What.ORNAMENT);
        }
        if (t.solid() >= ALL && longest >= CANVAS_SIDE && whole >= 0.4 && whole <= 2.6) {
            return new Guess(
                    What.BACKDROP,
                    common(whole) ? 0.95 : 0.75,
                    p.width() + " × " + p.height() + ", with nothing see-through.",
                    What.PANEL);
        }
        if (small) {
            return longest <= SMALL || t.fill() < 0.85
                    ? new Guess(What.ICON, 0.75, "Small and about as wide as high.", What.PANEL)
                    : new Guess(What.PANEL, 0.6, "Filled, about as wide as high.", What.ICON, What.ORNAMENT);
        }
        if (solidMask(p, t)) {
            return new Guess(What.MASK, 0.65, "One plain white shape in a large picture.", What.PANEL, What.ORNAMENT);
        }
        if (t.fill() >= 0.8) {
            return new Guess(
                    What.PANEL, t.fill() >= 0.9 ? 0.95 : 0.8, sized(t) + ", filled.", What.ORNAMENT, What.BACKDROP);
        }
        return new Guess(
                What.ORNAMENT,
                open > 0.05 ? 0.6 : 0.8,
                "A drawing with see-through ground.",
                What.ICON,
                What.PANEL,
                What.FRAME);
    }

    private static Guess moving(Found.Picture p, Traits t, Course course) {
        String length = String.format(Locale.ROOT, "It moves for %.1f s", course.millis() / 1000.0);
        double whole = (double) p.width() / p.height();
        if (course.least() >= ALL && p.width() >= 480 && whole >= 0.4 && whole <= 2.6) {
            return new Guess(What.BACKDROP, 0.95, length + ", with nothing see-through at any time.", What.LOOP);
        }
        if (course.comesAndGoes()) {
            return new Guess(What.ALERT, 0.95, length + ", out of nothing and back.", What.LOOP);
        }
        if (course.plays() != 0) {
            return new Guess(What.ALERT, 0.8, length + " and stops.", What.LOOP);
        }
        boolean again = course.seam() <= 2.5;
        return new Guess(
                What.LOOP,
                again ? 0.95 : 0.6,
                length + (again ? "; its end meets its beginning." : "; its end is far from its beginning."),
                What.ALERT,
                What.BAR);
    }

    /** Openings that could show a capture. */
    static List<FoundOpening> openings(Found.Picture p) {
        return p.openings().openings().stream()
                .filter(one -> {
                    double aspect = one.box().width() / one.box().height();
                    return aspect < LONGEST_OPENING && aspect > 1 / LONGEST_OPENING;
                })
                .filter(one -> one.area() >= 0.02 * p.width() * p.height())
                .toList();
    }

    private static boolean mask(Found.Picture p, Traits t) {
        return !p.moving()
                && t.solid() >= ALL
                && t.black() + t.white() >= 0.97
                && Math.min(t.black(), t.white()) >= 0.005
                && t.turns() <= 4;
    }

    private static boolean solidMask(Found.Picture p, Traits t) {
        double whole = (double) p.width() / p.height();
        return !p.moving()
                && t.white() >= 0.99
                && t.painted() - t.solid() < 0.02
                && t.fill() >= 0.6
                && Math.max(p.width(), p.height()) >= 640
                && common(whole)
                && t.painted() < 0.95;
    }

    /** Shapes of canvases and cameras. */
    private static boolean common(double aspect) {
        return List.of(16 / 9.0, 9 / 16.0, 1.0, 4 / 3.0, 3 / 4.0, 21 / 9.0, 4 / 5.0).stream()
                .anyMatch(one -> Math.abs(aspect / one - 1) < 0.03);
    }

    private static String opening(FoundOpening one) {
        return String.format(
                Locale.ROOT,
                "an opening of %.0f × %.0f",
                one.box().width(),
                one.box().height());
    }

    private static String sized(Traits t) {
        return t.across() + " × " + t.down();
    }
}
