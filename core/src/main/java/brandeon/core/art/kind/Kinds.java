package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Family;
import brandeon.core.art.Look;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
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

    private Kinds() {
    }

    public static PieceArt draw(Family family, Ask ask, Look look) {
        Easel easel = new Easel(ask.canvas(), look.tuned(ask.tune()), ask.tune());
        PieceArt art = drawn(family, easel, ask);
        return lit(easel, look.calm() ? art.calm() : art);
    }

    /** With the light around it and the shadow under it that were asked for. */
    private static PieceArt lit(Easel easel, PieceArt art) {
        Tune tune = easel.tune();
        List<Mark> marks = art.marks();
        if (tune.shadow() > 0 && !marks.isEmpty()) {
            marks = List.of(new Mark.Shadowed(0, easel.px(SHADOW_FALL * tune.shadow()), easel.px(SHADOW * tune.shadow()), Colour.BLACK.withAlpha(SHADOW_OPACITY), marks));
        }
        if (tune.glow() > 0 && !marks.isEmpty()) {
            marks = List.of(new Mark.Shadowed(0, 0, easel.px(GLOW * tune.glow()), easel.colour(Role.GLOW), marks));
        }
        return new PieceArt(marks, art.tracks(), art.openings());
    }

    private static PieceArt drawn(Family family, Easel easel, Ask ask) {
        return switch (ask) {
            case Ask.Frame frame -> FrameArt.draw(family, easel, frame);
            case Ask.Backdrop backdrop -> backdrop(family, easel, backdrop);
            case Ask.Screen screen -> ScreenArt.draw(family, easel, screen);
            case Ask.Band band -> BandArt.draw(family, easel, band);
            case Ask.FactLine line -> LineArt.draw(family, easel, line);
            case Ask.Rows rows -> RowsArt.draw(family, easel, rows);
            case Ask.Goal goal -> GoalArt.draw(family, easel, goal);
            case Ask.Score score -> ScoreArt.draw(family, easel, score);
            case Ask.LowerThird lower -> LowerThirdArt.draw(family, easel, lower);
            case Ask.Rotator rotator -> RotatorArt.draw(family, easel, rotator);
            case Ask.Ticker ticker -> TickerArt.draw(family, easel, ticker);
            case Ask.Ornament ornament -> OrnamentArt.draw(family, easel, ornament);
            case Ask.Clock clock -> ClockArt.draw(family, easel, clock);
            case Ask.Chat chat -> ChatArt.draw(family, easel, chat);
            case Ask.Meter meter -> PieceArt.still(family.meter(easel, meter.box(), meter.share()));
            case Ask.Picture picture -> PieceArt.still(List.of(new Mark.Bed(Outline.rounded(picture.box(), picture.whole() ? 0 : easel.look().corner() * easel.px(30)))));
            case Ask.Swarm swarm -> SwarmArt.draw(easel, swarm);
            case Ask.Transition transition -> TransitionArt.draw(family, easel, transition);
            case Ask.Panel panel -> PanelArt.draw(family, easel, panel);
            case Ask.Alert alert -> AlertArt.draw(family, easel, alert);
        };
    }

    private static PieceArt backdrop(Family family, Easel easel, Ask.Backdrop ask) {
        PieceArt art = family.backdrop(easel, ask.box(), ask.moving());
        return new PieceArt(art.marks(), ask.moving() ? art.tracks() : List.of(), List.of());
    }
}
