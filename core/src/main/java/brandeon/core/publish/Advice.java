package brandeon.core.publish;

import brandeon.core.kind.Kind;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.theme.Theme;
import java.util.function.Predicate;

/**
 * Which behaviour suits a source, and why.
 *
 * @param sound whether its sound should be routed, since alerts may be heard in it
 */
public record Advice(Behaviour behaviour, String reason, boolean sound) {

    public static Advice of(Theme theme, ResolvedScene scene, Part part) {
        boolean announces = announces(scene, part);
        if (announces) {
            return new Advice(
                    Behaviour.KEEP_RUNNING,
                    "It shows alerts; one that begins while it loads would be missed.",
                    theme.alerts().stream()
                            .anyMatch(rule -> rule.on() && rule.sound().heard()));
        }
        if (!scene.scene().role().shown()) {
            return new Advice(
                    Behaviour.KEEP_RUNNING,
                    "It stands over every scene, so it need not begin anew when the scene changes.",
                    false);
        }
        if (has(scene, part, kind -> kind.counts().isPresent())) {
            return new Advice(
                    Behaviour.RESTART_ON_ENTRY,
                    "Its clock runs on the server, so it may start afresh, and it is ready at once when shown.",
                    false);
        }
        return new Advice(
                Behaviour.REST_WHEN_HIDDEN, "Nothing live is on it, so it need not cost anything while hidden.", false);
    }

    /** Whether alerts are shown in a part of a scene, so that they are heard there as well. */
    public static boolean announces(ResolvedScene scene, Part part) {
        return has(scene, part, Kind::announces);
    }

    private static boolean has(ResolvedScene scene, Part part, Predicate<Kind> what) {
        return Picture.taken(scene, part).stream()
                .map(placement -> placement.piece().kind().facts())
                .anyMatch(what);
    }
}
