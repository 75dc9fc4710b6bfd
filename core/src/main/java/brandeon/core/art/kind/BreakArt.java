package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Family;
import brandeon.core.art.Mark;
import brandeon.core.art.PieceArt;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.SafeArea;
import brandeon.core.canvas.Shape;
import java.util.ArrayList;
import java.util.List;

/** A screen with the time until it goes on under its words. */
public final class BreakArt {

    private BreakArt() {}

    public static PieceArt draw(Family family, Easel easel, Ask.Break ask) {
        PieceArt screen = ScreenArt.draw(family, easel, ask.screen());
        List<Mark> marks = new ArrayList<>(screen.marks());
        marks.addAll(ClockArt.pastZero(family, easel, clock(easel, ask.box()), ask.label(), ask.over(), ask.clock()));
        return new PieceArt(marks, screen.tracks(), screen.openings());
    }

    /** Where clocks of starting screens are. */
    private static Box clock(Easel easel, Box box) {
        Box safe = easel.canvas().safe(SafeArea.GRAPHICS);
        double width = Math.min(easel.px(560), safe.width());
        double inset = easel.px(22);
        double x = switch (easel.tune().align()) {
            case LEFT -> safe.x() + inset;
            case CENTRE -> safe.centreX() - width / 2;
            case RIGHT -> safe.right() - inset - width;
        };
        boolean upright = easel.canvas().shape() == Shape.UPRIGHT;
        return new Box(x, box.y() + box.height() * (upright ? 0.31 : 0.5), width, easel.px(220)).snapped();
    }
}
