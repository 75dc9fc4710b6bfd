package brandeon.core.preflight;

import brandeon.core.art.Mark;
import brandeon.core.preflight.Standing.Stood;
import brandeon.core.text.Measure;
import java.util.Comparator;
import java.util.Locale;
import java.util.stream.Stream;

/** Whether letters are large enough for the theme's viewer: by the height of the face's own lower-case x. */
final class TextChecks {

    private static final double ROUNDING = 0.01;

    private TextChecks() {}

    static Stream<Finding> of(Standing standing) {
        double least = standing.theme().viewer().leastHeight(standing.canvas().size());
        return standing.pieces().stream()
                .flatMap(stood -> smallest(stood)
                        .filter(text -> x(text) < least - ROUNDING)
                        .map(text -> tooSmall(standing, stood, text, least)));
    }

    /** @param least height of an x, in pixels */
    private static Finding tooSmall(Standing standing, Stood stood, Mark.Text text, double least) {
        double wanted = text.px() * least / x(text);
        String sentence = String.format(
                Locale.ROOT,
                "“%s” on %s is %.0f px high, %.1f minutes of arc for its viewer; %.0f px are needed.",
                shortened(text.text()),
                stood.name(),
                text.px(),
                standing.theme().viewer().minutes(standing.canvas().size(), x(text)),
                Math.ceil(wanted));
        return standing.finding(
                Finding.Kind.TEXT_TOO_SMALL,
                stood,
                "",
                stood.placement().asItStands(text.box()),
                text.px(),
                wanted,
                sentence);
    }

    private static Stream<Mark.Text> smallest(Stood stood) {
        return stood.placement().art().texts().stream()
                .filter(text -> !text.text().isBlank())
                .min(Comparator.comparingDouble(TextChecks::x))
                .stream();
    }

    private static double x(Mark.Text text) {
        return Measure.xHeight(text.face(), text.px());
    }

    private static String shortened(String text) {
        return text.length() <= 24
                ? text
                : text.substring(0, text.offsetByCodePoints(0, Math.min(20, text.codePointCount(0, text.length()))))
                        + "…";
    }
}
