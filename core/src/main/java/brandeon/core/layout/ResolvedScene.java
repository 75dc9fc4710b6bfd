package brandeon.core.layout;

import brandeon.core.art.Opening;
import brandeon.core.art.PieceArt;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.CaptureFit;
import brandeon.core.theme.Capture;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Scene;
import java.util.List;
import java.util.Optional;

/** One scene on one canvas, computed: every piece with its box in whole pixels and its art, back to front. */
public record ResolvedScene(Scene scene, Canvas canvas, List<Placement> placements, List<FittedOpening> openings) {

    /** @param corrected whether a hand-made correction for this canvas shape decides the box */
    public record Placement(Piece piece, Box box, boolean corrected, PieceArt art) {
    }

    /** An opening with the capture behind it and where that must stand. */
    public record FittedOpening(String piece, Capture capture, Opening opening, CaptureFit fit) {
    }

    public ResolvedScene {
        placements = List.copyOf(placements);
        openings = List.copyOf(openings);
    }

    public Optional<Placement> placement(String piece) {
        return placements.stream().filter(p -> p.piece().id().equals(piece)).findFirst();
    }

    /**
     * How many pieces, counted from the back, lie behind every capture: those below the first piece with an opening.
     * Without any opening nothing lies behind.
     */
    public int behind() {
        for (int i = 0; i < placements.size(); i++) {
            if (!placements.get(i).art().openings().isEmpty()) {
                return i;
            }
        }
        return 0;
    }
}
