package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Emblem;
import brandeon.core.art.Family;
import brandeon.core.art.Mark;
import brandeon.core.art.PieceArt;
import brandeon.core.canvas.Box;
import brandeon.core.motion.Track;
import java.util.List;

/** A family's line, its corner marks, or its emblem breathing. */
final class OrnamentArt {

    private static final double BREATH_MILLIS = 1600;

    private OrnamentArt() {
    }

    static PieceArt draw(Family family, Easel easel, Ask.Ornament ask) {
        Box box = ask.box();
        return switch (ask.shape()) {
            case LINE -> PieceArt.still(family.rule(easel, box.x(), box.centreY(), box.width()));
            case CORNERS -> PieceArt.still(family.corners(easel, box));
            case PULSE -> {
                double side = Math.min(box.width(), box.height());
                Box square = new Box(box.centreX() - side / 2, box.centreY() - side / 2, side, side);
                Emblem emblem = family.emblem(easel, square, Emblem.Size.LARGE);
                List<Track> breath = ask.moving() ? List.of(Track.loop("pulse", Track.Key.still(0).scaledBy(0.94, square.centreX(), square.centreY()).faded(0.75),
                        Track.Key.still(1).scaledBy(1.04, square.centreX(), square.centreY()), BREATH_MILLIS, 0)) : List.of();
                yield new PieceArt(List.of(Mark.group("pulse", emblem.marks())), breath, List.of());
            }
        };
    }
}
