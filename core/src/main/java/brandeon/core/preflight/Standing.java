package brandeon.core.preflight;

import brandeon.core.art.Ink;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.kind.Kind;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A resolved scene with what checks ask of it again and again: how far each piece really reaches and where its words
 * are.
 */
record Standing(Theme theme, ResolvedScene scene, List<Stood> pieces) {

    /**
     * A piece where it stands.
     *
     * @param index in the stack of what shows, 0 at the back
     * @param ink   how far it reaches; its box while it paints nothing, as an announcer at rest
     * @param words boxes of its lines
     */
    record Stood(Placement placement, int index, Box ink, List<Box> words) {

        Kind kind() {
            return placement.piece().kind().facts();
        }

        String id() {
            return placement.piece().id();
        }

        String name() {
            return placement.piece().name();
        }

        boolean ground() {
            return kind().ground();
        }

        /** Whether nothing behind it can be seen. */
        boolean covers() {
            return ground() && placement.manner().opacity() == 1;
        }

        /** Whether it stands beside others and says something: two of these have no business over each other. */
        boolean widget() {
            return !words.isEmpty()
                    && !ground()
                    && !sparse()
                    && !kind().liesOver()
                    && placement.art().openings().isEmpty();
        }

        /** Whether only small parts of its box are painted, so that being over something is no fault. */
        boolean sparse() {
            return kind().sparse();
        }
    }

    /** The scene that a piece is changed on: another one where it stands over every scene. */
    Scene home(Stood stood) {
        return theme.home(scene.scene(), stood.id()).orElse(scene.scene());
    }

    static Standing of(Theme theme, ResolvedScene scene) {
        List<Stood> pieces = new ArrayList<>();
        for (Placement placement : scene.placements()) {
            Box ink = Ink.of(placement.art().marks()).orElse(placement.bounds());
            // Words that run through a window, as on a ticker, are only where the window shows them.
            List<Box> words = placement.art().texts().stream()
                    .filter(text -> !text.text().isBlank())
                    .map(text -> placement.asItStands(text.box()).cut(ink))
                    .filter(box -> box.area() > 0)
                    .toList();
            pieces.add(new Stood(placement, pieces.size(), ink, words));
        }
        return new Standing(theme, scene, List.copyOf(pieces));
    }

    Canvas canvas() {
        return scene.canvas();
    }

    Optional<Stood> piece(String id) {
        return pieces.stream().filter(stood -> stood.id().equals(id)).findFirst();
    }

    Finding finding(
            Finding.Kind kind, Stood stood, String other, Box where, double measured, double limit, String sentence) {
        return new Finding(
                kind,
                scene.scene().id(),
                canvas().id(),
                stood.id(),
                other,
                Optional.of(where),
                measured,
                limit,
                sentence,
                Optional.empty());
    }
}
