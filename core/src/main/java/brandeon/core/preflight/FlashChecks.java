package brandeon.core.preflight;

import brandeon.core.art.Flashes;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Weight;
import brandeon.core.canvas.Canvas;
import brandeon.core.kept.Memory;
import brandeon.core.motion.FlashMeter;
import brandeon.core.publish.Alone;
import brandeon.core.publish.Clip;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Theme;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * Which moving pieces flash too often: loops, alerts from entrance to exit, and transition clips, each by itself on the
 * theme's first canvas. Judging takes a while, so what was judged is kept.
 */
public final class FlashChecks {

    private static final Cache<PieceArt, FlashMeter.Worst> JUDGED = Caffeine.newBuilder()
            .maximumWeight(Memory.percent(2))
            .<PieceArt, FlashMeter.Worst>weigher((art, _) -> Weight.of(art))
            .build();

    private FlashChecks() {}

    public static List<Finding> of(Theme theme, LiveState live) {
        Canvas canvas = theme.canvases().getFirst();
        return theme.pieces().stream()
                .map(piece -> judged(theme, piece, canvas, live))
                .flatMap(Optional::stream)
                .toList();
    }

    private static Optional<Finding> judged(Theme theme, Piece piece, Canvas canvas, LiveState live) {
        PieceArt art = Alone.of(theme, piece, Optional.empty(), canvas, live, Alone.START)
                .art();
        if (!art.moves()) {
            return Optional.empty();
        }
        double millis = Flashes.look(Clip.length(art));
        FlashMeter.Worst worst = JUDGED.get(art, moving -> Flashes.worst(moving, canvas.size(), Alone.START, millis));
        if (!worst.tooMany()) {
            return Optional.empty();
        }
        String sentence = String.format(
                Locale.ROOT,
                "%s flashes %s%d times within the second that ends %.1f s after it begins; more than %d can cause seizures (WCAG 2.3.1). Set it still, or slow it down.",
                piece.name(),
                worst.red() ? "red " : "",
                worst.flashes(),
                worst.at() / 1000,
                FlashMeter.Worst.ALLOWED);
        return Optional.of(Finding.ofTheme(
                Finding.Kind.FLASHES, canvas.id(), piece.id(), worst.flashes(), FlashMeter.Worst.ALLOWED, sentence));
    }
}
