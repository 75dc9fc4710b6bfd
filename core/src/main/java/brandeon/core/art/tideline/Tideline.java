package brandeon.core.art.tideline;

import brandeon.core.art.Ask;
import brandeon.core.art.Family;
import brandeon.core.art.Look;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.PieceArt;
import java.util.List;

/**
 * Plates whose right end runs out like a wave, thin ripples after it, and a low sun over water between reeds.
 * Quiet and ornamental; moves slowly, like grass in a light wind.
 */
public final class Tideline implements Family {

    @Override
    public String id() {
        return "tideline";
    }

    @Override
    public String title() {
        return "Tideline";
    }

    @Override
    public String description() {
        return "Plates that run out like a wave, ripples behind them, a low light over water and reeds.";
    }

    @Override
    public PieceArt draw(Ask ask, Look look) {
        return switch (ask) {
            case Ask.Frame frame -> Frames.draw(frame, look);
            case Ask.Backdrop backdrop -> Scenery.backdrop(backdrop, look);
            case Ask.Screen screen -> Scenery.screen(screen, look);
            case Ask.Band band -> Widgets.band(band, look);
            case Ask.FactLine line -> Widgets.factLine(line, look);
            case Ask.Countdown countdown -> Widgets.countdown(countdown, look);
            case Ask.Picture picture -> PieceArt.still(List.of(new Mark.Bed(Outline.rounded(picture.box(), look.corner() * 30 * picture.unit()))));
            case Ask.Alert alert -> Widgets.alert(alert, look);
        };
    }
}
