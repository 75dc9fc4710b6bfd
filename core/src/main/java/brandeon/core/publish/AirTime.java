package brandeon.core.publish;

import brandeon.core.art.Ask;
import brandeon.core.canvas.Canvas;
import brandeon.core.layout.Resolver;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Artwork;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.ToLongFunction;

/** How long each of what takes turns was on screen: computed from the clock that all sources show it by. */
public final class AirTime {

    private AirTime() {}

    /**
     * @param piece  its id
     * @param title  its name
     * @param entry  its words, or the name of its picture
     * @param millis that it stood there
     */
    public record Share(String piece, String title, String entry, long millis) {}

    /**
     * What stood there on a scene while a source showed it. Fading in and out counts as standing there.
     *
     * @param from  since when each piece is counted, by its id; epoch milliseconds
     * @param until epoch milliseconds
     */
    public static List<Share> of(
            Theme theme,
            Scene scene,
            Canvas canvas,
            Part part,
            LiveState live,
            ToLongFunction<String> from,
            long until) {
        Resolver resolver = new Resolver(theme);
        Map<Piece, Ask.Rotator> turns = resolver.turns(scene, canvas, live);
        if (turns.isEmpty()) {
            return List.of();
        }
        Set<String> seen = Picture.pieces(resolver.resolve(scene, canvas, live), part);
        List<Share> shares = new ArrayList<>();
        turns.keySet().removeIf(piece -> !seen.contains(piece.id()));
        turns.forEach((piece, rotator) -> {
            long since = Math.min(from.applyAsLong(piece.id()), until);
            for (int i = 0; i < rotator.entries().size(); i++) {
                boolean there = rotator.standing().equals(OptionalInt.of(i));
                long millis = rotator.turning()
                        ? rotator.turns().stands(i, since + rotator.ahead(), until + rotator.ahead())
                        : there ? until - since : 0;
                if (millis > 0) {
                    shares.add(new Share(
                            piece.id(),
                            piece.name(),
                            name(theme, rotator.entries().get(i)),
                            millis));
                }
            }
        });
        return shares;
    }

    private static String name(Theme theme, Ask.Entry entry) {
        String words = entry.value().isBlank() ? entry.label() : entry.value();
        return words.isBlank()
                ? entry.picture()
                        .flatMap(still -> theme.artworks().stream()
                                .filter(artwork -> still.name().startsWith(artwork.file() + "-"))
                                .findFirst())
                        .map(Artwork::name)
                        .orElse("")
                : words;
    }
}
