package brandeon.core.publish;

import brandeon.core.kind.Kind;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.util.function.Predicate;

/** Which behaviour suits a source, and why. */
public record Advice(Behaviour behaviour, String reason) {

    public static Advice of(Theme theme, Scene scene, Part part) {
        boolean announces = part != Part.BACK && has(theme, scene, Kind::announces);
        if (announces) {
            return new Advice(
                    Behaviour.KEEP_RUNNING, "It shows alerts; one that begins while it loads would be missed.");
        }
        if (part != Part.BACK && has(theme, scene, kind -> kind.counts().isPresent())) {
            return new Advice(
                    Behaviour.RESTART_ON_ENTRY,
                    "Its clock runs on the server, so it may start afresh, and it is ready at once when shown.");
        }
        return new Advice(
                Behaviour.REST_WHEN_HIDDEN, "Nothing live is on it, so it need not cost anything while hidden.");
    }

    private static boolean has(Theme theme, Scene scene, Predicate<Kind> what) {
        return scene.stack().stream()
                .map(placed -> theme.piece(placed.piece()).orElseThrow().kind().facts())
                .anyMatch(what);
    }
}
