package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Family;
import brandeon.core.art.Look;
import brandeon.core.art.Mark;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Tune;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Role;
import java.util.List;

/** What each kind of piece is made of, the same for every family. */
public final class Kinds {

    /** Lengths in units where the measure is 1. */
    private static final double GLOW = 13;

    private static final double SHADOW = 7;
    private static final double SHADOW_FALL = 6;
    private static final double SHADOW_OPACITY = 0.6;

    private Kinds() {}

    public static PieceArt draw(Family family, Ask ask, Look look) {
        Easel easel = new Easel(ask.canvas(), look.tuned(ask.tune()), ask.tune());
        PieceArt art = ask.draw(family, easel);
        return lit(easel, look.calm() ? art.calm() : art);
    }

    /** With the light around it and the shadow under it that were asked for. */
    private static PieceArt lit(Easel easel, PieceArt art) {
        Tune tune = easel.tune();
        List<Mark> marks = art.marks();
        if (tune.shadow() > 0 && !marks.isEmpty()) {
            marks = List.of(new Mark.Shadowed(
                    0,
                    easel.px(SHADOW_FALL * tune.shadow()),
                    easel.px(SHADOW * tune.shadow()),
                    Colour.BLACK.withAlpha(SHADOW_OPACITY),
                    marks));
        }
        if (tune.glow() > 0 && !marks.isEmpty()) {
            marks = List.of(new Mark.Shadowed(0, 0, easel.px(GLOW * tune.glow()), easel.colour(Role.GLOW), marks));
        }
        return new PieceArt(marks, art.tracks(), art.openings());
    }
}
