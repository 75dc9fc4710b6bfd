package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Emblem;
import brandeon.core.art.Family;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.Paint;
import brandeon.core.art.PieceArt;
import brandeon.core.canvas.Box;
import brandeon.core.motion.Track;
import java.util.List;

/** A family's line, its corner marks, or its emblem breathing. */
public final class OrnamentArt {

    private static final double BREATH_MILLIS = 1600;

    /** Width of a ring, as a share of its shorter side. */
    private static final double RING = 0.12;

    private OrnamentArt() {}

    /** A shape filled with the brand's gradient, in which a picture may lie. */
    private static PieceArt shape(Easel easel, Outline outline, Box box) {
        List<Mark> filled = List.of(new Mark.Filled(
                outline,
                new Paint.Linear(
                        box.x(),
                        box.y(),
                        box.right(),
                        box.bottom(),
                        easel.look().gradient())));
        return PieceArt.still(List.of(easel.tune().turned(filled, box).getFirst(), new Mark.Bed(outline)));
    }

    public static PieceArt draw(Family family, Easel easel, Ask.Ornament ask) {
        Box box = ask.box();
        return switch (ask.shape()) {
            case LINE -> PieceArt.still(family.rule(easel, box.x(), box.centreY(), box.width()));
            case CORNERS -> PieceArt.still(family.corners(easel, box));
            case DISC -> shape(easel, Outline.ellipse(box), box);
            case RING ->
                shape(
                        easel,
                        Outline.ellipse(box)
                                .with(Outline.ellipse(box.grown(-Math.min(box.width(), box.height()) * RING))),
                        box);
            case DIAMOND ->
                shape(
                        easel,
                        Outline.pen()
                                .move(box.centreX(), box.y())
                                .line(box.right(), box.centreY())
                                .line(box.centreX(), box.bottom())
                                .line(box.x(), box.centreY())
                                .close()
                                .outline(),
                        box);
            case BAR ->
                shape(
                        easel,
                        Outline.rounded(box, easel.look().corner() * Math.min(box.width(), box.height()) / 2),
                        box);
            case PULSE -> {
                double side = Math.min(box.width(), box.height());
                Box square = new Box(box.centreX() - side / 2, box.centreY() - side / 2, side, side);
                Emblem emblem = family.emblem(easel, square, Emblem.Size.LARGE);
                List<Track> breath = ask.moving()
                        ? List.of(Track.loop(
                                "pulse",
                                Track.Key.still(0)
                                        .scaledBy(0.94, square.centreX(), square.centreY())
                                        .faded(0.75),
                                Track.Key.still(1).scaledBy(1.04, square.centreX(), square.centreY()),
                                BREATH_MILLIS,
                                0))
                        : List.of();
                yield new PieceArt(List.of(Mark.group("pulse", emblem.marks())), breath, List.of());
            }
        };
    }
}
