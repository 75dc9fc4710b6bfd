package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Family;
import brandeon.core.art.Look;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.PieceArt;
import java.util.List;

/** What each kind of piece is made of, the same for every family. */
public final class Kinds {

    private Kinds() {
    }

    public static PieceArt draw(Family family, Ask ask, Look look) {
        Easel easel = new Easel(ask.canvas(), look, ask.tune());
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
            case Ask.Countdown countdown -> ClockArt.draw(family, easel, countdown);
            case Ask.Picture picture -> PieceArt.still(List.of(new Mark.Bed(Outline.rounded(picture.box(), picture.whole() ? 0 : look.corner() * easel.px(30)))));
            case Ask.Alert alert -> AlertArt.draw(family, easel, alert);
        };
    }

    private static PieceArt backdrop(Family family, Easel easel, Ask.Backdrop ask) {
        PieceArt art = family.backdrop(easel, ask.box(), ask.moving());
        return new PieceArt(art.marks(), ask.moving() ? art.tracks() : List.of(), List.of());
    }
}
