package brandeon.core.layout;

import brandeon.core.art.Opening;
import brandeon.core.art.Outline;
import brandeon.core.art.PieceArt;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.CaptureFit;
import brandeon.core.motion.Track;
import brandeon.core.theme.Capture;
import brandeon.core.theme.Manner;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Placed;
import brandeon.core.theme.Region;
import brandeon.core.theme.Scene;
import java.util.List;
import java.util.Optional;

/**
 * One scene on one canvas, computed: every piece with its box in whole pixels and its art, back to front.
 *
 * @param failed pieces that could not be drawn and so show nothing
 */
public record ResolvedScene(
        Scene scene, Canvas canvas, List<Placement> placements, List<FittedOpening> openings, List<Failed> failed) {

    /** A piece that could not be drawn. @param cause whose message says why */
    public record Failed(String piece, RuntimeException cause) {}

    /**
     * A piece where it stands.
     *
     * @param placed  how it is placed on the scene
     * @param box     before it is turned
     * @param art     as it shows: mirrored, turned and faded
     * @param arrival how all of it comes in when the scene comes on, from that instant; empty where it is there at once
     */
    public record Placement(Piece piece, Placed placed, Box box, Manner manner, PieceArt art, Optional<Track> arrival) {

        public Placement(Piece piece, Placed placed, Box box, Manner manner, PieceArt art) {
            this(piece, placed, box, manner, art, Optional.empty());
        }

        /** The same without an arrival. */
        public Placement atOnce() {
            return new Placement(piece, placed, box, manner, art);
        }

        /** Whether a hand-made place for a canvas or its shape decides the box. */
        public boolean corrected(Canvas canvas) {
            return placed.corrected(canvas);
        }

        /** The smallest upright box around it as it stands. */
        public Box bounds() {
            return asItStands(box);
        }

        /** The smallest upright box around a part of the canvas that is turned with it. */
        public Box asItStands(Box part) {
            return manner.turned() ? part.turned(manner.turn(), box.centreX(), box.centreY()) : part;
        }
    }

    /**
     * An opening with the capture behind it and where that must stand.
     *
     * @param opening and {@code fit} before both are turned
     * @param turn    degrees clockwise
     * @param pivotX  what both are turned about
     */
    public record FittedOpening(
            String piece, Capture capture, Opening opening, CaptureFit fit, double turn, double pivotX, double pivotY) {

        /** Its edge as it stands, grown by some pixels on every side. */
        public Outline outline(double grown) {
            Outline upright = opening.outline(grown);
            return turn == 0 ? upright : upright.turned(turn, pivotX, pivotY);
        }

        /** The smallest upright box around it as it stands. */
        public Box bounds() {
            return asItStands(opening.box());
        }

        /** Where a region of the capture is seen on the canvas; of size nothing where it is cut off. */
        public Box seen(Region region) {
            return asItStands(fit.onCanvas(region.box())).cut(bounds());
        }

        private Box asItStands(Box part) {
            return part.turned(turn, pivotX, pivotY);
        }
    }

    public ResolvedScene {
        placements = List.copyOf(placements);
        openings = List.copyOf(openings);
        failed = List.copyOf(failed);
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

    /**
     * On which level a piece stands: how many pieces with openings are among those up to and with it, counted from the
     * back. Level 0 lies behind all captures.
     *
     * @param index of the piece among the placements
     */
    public int level(int index) {
        return (int) placements.stream()
                .limit(index + 1L)
                .filter(placement -> !placement.art().openings().isEmpty())
                .count();
    }

    /** On which level the piece stands that an opening belongs to. */
    public int level(FittedOpening opening) {
        return level(index(opening.piece()));
    }

    private int index(String piece) {
        return placements.stream().map(p -> p.piece().id()).toList().indexOf(piece);
    }

    /** The topmost level: how many pieces have openings. */
    public int levels() {
        return level(placements.size() - 1);
    }
}
