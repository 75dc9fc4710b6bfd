package brandeon.core.art.tideline;

import brandeon.core.art.Ask;
import brandeon.core.art.Look;
import brandeon.core.art.Mark;
import brandeon.core.art.Opening;
import brandeon.core.art.Outline;
import brandeon.core.art.Paint;
import brandeon.core.art.PieceArt;
import brandeon.core.canvas.Box;
import brandeon.core.colour.Role;
import brandeon.core.text.Fit;
import brandeon.core.text.Measure;
import java.util.ArrayList;
import java.util.List;

/** A ring around the opening, with a name plate that hangs from it. */
final class Frames {

    private static final double BORDER = 12;
    private static final double PLATE_HEIGHT = 62;
    private static final double NAME_SIZE = 34;
    private static final double LEAST_NAME_SIZE = 24;
    /** How far the capture reaches under the ring. */
    private static final double BLEED = 3;
    /**
     * Outer radius of the roundest corner. A capture has square corners, and a source cannot be masked by another one:
     * with a border of 12 and 5 of capture under it (bleed and what even crops leave over), a square corner stays
     * inside a round one up to (12 - 5) / (√2 - 1) × √2 = 23.9.
     */
    private static final double ROUNDEST = 23;

    private Frames() {
    }

    static PieceArt draw(Ask.Frame ask, Look look) {
        double u = ask.unit();
        boolean named = !ask.name().isBlank();
        double border = Math.max(2, Math.rint(BORDER * u));
        double plateHeight = named ? Math.rint(PLATE_HEIGHT * u) : 0;
        Box room = new Box(ask.box().x() + border, ask.box().y() + border,
                Math.max(1, ask.box().width() - 2 * border), Math.max(1, ask.box().height() - border - Math.max(border, plateHeight)));
        Box opening = (ask.aspect() > 0 ? room.fitted(ask.aspect(), 0.5, 0) : room).snapped();
        Box ring = opening.grown(border);
        double corner = look.corner() * ROUNDEST * u;

        List<Mark> marks = new ArrayList<>();
        marks.add(new Mark.Filled(
                Outline.rounded(ring, corner).with(Outline.rounded(opening, innerCorner(corner, border))),
                new Paint.Linear(ring.x(), ring.y(), ring.right(), ring.bottom(), look.gradient())));
        marks.add(new Mark.Bed(Outline.rounded(ring, corner).with(Outline.rounded(opening, innerCorner(corner, border)))));
        marks.add(new Mark.Stroked(
                Outline.rounded(opening.grown(border * 0.35), innerCorner(corner, border * 0.65)),
                Paint.of(look.colour(Role.SECOND_ACCENT), 0.9), Math.max(1, 2 * u)));
        if (named) {
            Box plate = new Box(ring.x(), opening.bottom(), ring.width(), plateHeight);
            marks.addAll(namePlate(plate, ask.name(), look, u));
        }
        double bleed = Math.min(border, Math.max(1, Math.rint(BLEED * u)));
        return new PieceArt(marks, List.of(), List.of(new Opening(opening, innerCorner(corner, border), bleed)));
    }

    private static double innerCorner(double corner, double border) {
        return Math.max(0, corner - border);
    }

    private static List<Mark> namePlate(Box plate, String name, Look look, double u) {
        double inset = 54 * u;
        double room = plate.width() - inset - Plates.run(plate.height()) - 26 * u;
        Fit fit = Fit.line(look.heading(), name, NAME_SIZE * u, LEAST_NAME_SIZE * u, Math.max(1, room));
        double end = Math.min(plate.width() - 24 * u, inset + fit.width() + Plates.run(plate.height()) + 18 * u);
        Box body = new Box(plate.x(), plate.y(), Math.max(1, end), plate.height());
        double base = plate.centreY() + Measure.capHeight(look.heading(), fit.px()) / 2;
        List<Mark> marks = new ArrayList<>();
        Plates.ground(marks, Plates.plate(body, look.corner() * 22 * u), Paint.of(look.seeThroughPlate()));
        marks.addAll(Plates.ripples(body, look.colour(Role.ACCENT), 8 * u, u));
        marks.addAll(Plates.lantern(plate.x() + 30 * u, plate.centreY(), 8 * u, look.colour(Role.SECOND_ACCENT), look.colour(Role.GLOW)));
        marks.add(new Mark.Text(fit.text(), look.heading(), fit.px(), plate.x() + inset, base, Mark.Anchor.START, look.colour(Role.TEXT), fit.exact() ? 0 : room));
        return marks;
    }
}
