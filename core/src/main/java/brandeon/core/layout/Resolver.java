package brandeon.core.layout;

import brandeon.core.art.Ask;
import brandeon.core.art.Look;
import brandeon.core.art.Mark;
import brandeon.core.art.Opening;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Ring;
import brandeon.core.art.Tune;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.CaptureFit;
import brandeon.core.colour.Palette;
import brandeon.core.layout.ResolvedScene.FittedOpening;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.live.AlertRule;
import brandeon.core.live.LiveState;
import brandeon.core.opening.FoundOpening;
import brandeon.core.text.Message;
import brandeon.core.theme.Artwork;
import brandeon.core.theme.Capture;
import brandeon.core.theme.Inlay;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceKind;
import brandeon.core.theme.Placed;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Computes the finished picture of a scene on a canvas at a live state. The same inputs give the same result.
 *
 * One resolver holds one theme; it derives the palette once and may be shared by threads.
 */
public final class Resolver {

    private static final long MINUTE = 60_000;

    private final Theme theme;
    private final Drawings drawings;

    /** @throws IllegalArgumentException when the theme's family is not shipped */
    public Resolver(Theme theme) {
        this.theme = theme;
        this.drawings = Drawings.of(theme);
    }

    public Look look() {
        return drawings.look();
    }

    public Theme theme() {
        return theme;
    }

    public ResolvedScene resolve(Scene scene, Canvas canvas, LiveState live) {
        ZonePlan plan = ZonePlan.of(scene.role(), canvas);
        List<Placement> placements = new ArrayList<>();
        List<FittedOpening> openings = new ArrayList<>();
        for (Placed placed : scene.stack()) {
            Piece piece = theme.piece(placed.piece()).orElseThrow();
            Box correction = placed.corrections().get(canvas.shape());
            Box box = correction != null ? canvas.pixels(correction) : plan.zone(placed.zone());
            PieceArt art = laid(piece, box, canvas.unit(), draw(piece, box, canvas, live));
            placements.add(new Placement(piece, box, correction != null, art));
            fit(piece, art).ifPresent(openings::add);
        }
        return new ResolvedScene(scene, canvas, placements, openings);
    }

    private Optional<FittedOpening> fit(Piece piece, PieceArt art) {
        Optional<Opening> visible = art.openings().stream().findFirst().filter(opening -> opening.box().area() > 0);
        return theme.capture(piece.capture()).flatMap(capture -> visible.map(opening -> fitted(piece, capture, opening)));
    }

    private static FittedOpening fitted(Piece piece, Capture capture, Opening opening) {
        return new FittedOpening(piece.id(), capture, opening, CaptureFit.cover(capture.size(), opening.box(), opening.bleed()));
    }

    /** With the ready-made picture that the piece shows. */
    private PieceArt laid(Piece piece, Box box, double unit, PieceArt art) {
        Optional<Artwork> artwork = piece.inlay().flatMap(inlay -> theme.artwork(inlay.artwork()));
        if (artwork.isEmpty()) {
            return art;
        }
        Inlay inlay = piece.inlay().orElseThrow();
        Palette palette = look().palette();
        Box place = inlay.placed(box, artwork.get().width(), artwork.get().height());
        List<Mark> picture = List.of(new Mark.Picture(artwork.get().painted(palette), place, artwork.get().filter(palette)));
        PieceArt laid = art.laidInto(bed -> new Mark.Blended(bed.ground(), inlay.blend(), inlay.strength(), bed.shape(), picture));
        return piece.kind() == PieceKind.FRAME_PICTURE ? new PieceArt(laid.marks(), laid.tracks(), openings(artwork.get(), place, unit)) : laid;
    }

    /** The openings of a ready-made frame, where the picture is placed; whole pixels, as captures need them. */
    private static List<Opening> openings(Artwork artwork, Box place, double unit) {
        double across = place.width() / artwork.width();
        double down = place.height() / artwork.height();
        return artwork.openings().openings().stream().map(found -> {
            Box box = new Box(place.x() + found.box().x() * across, place.y() + found.box().y() * down, found.box().width() * across, found.box().height() * down).snapped();
            double corner = found.outline() == FoundOpening.Contour.ROUNDED ? found.corner() * Math.min(across, down) : 0;
            return new Opening(box, corner, Math.max(1, Math.rint(Ring.BLEED * unit)));
        }).toList();
    }

    private PieceArt draw(Piece piece, Box box, Canvas canvas, LiveState live) {
        Map<String, Object> values = live.readings().values();
        Tune tune = Tunes.of(piece);
        return switch (piece.kind()) {
            case BACKDROP -> drawings.draw(new Ask.Backdrop(canvas, box, tune, moving(piece)));
            case SCREEN -> drawings.draw(new Ask.Screen(canvas, box, tune, text(piece, "title", values), text(piece, "line", values), moving(piece)));
            case FRAME -> drawings.draw(new Ask.Frame(canvas, box, tune, piece.figure("aspect"), text(piece, "name", values)));
            case BAND -> drawings.draw(new Ask.Band(canvas, box, tune, text(piece, "label", values), text(piece, "message", values)));
            case FACT_LINE, COUNTER, NOW_PLAYING, NOTICE -> drawings.draw(new Ask.FactLine(canvas, box, tune, text(piece, "label", values), text(piece, "value", values)));
            case SUPPORTERS -> drawings.draw(new Ask.Rows(canvas, box, tune, text(piece, "title", values), Rows.of(text(piece, "rows", values)), piece.figure("inARow") >= 0.5, false));
            case SCHEDULE, QUEUE -> drawings.draw(new Ask.Rows(canvas, box, tune, text(piece, "title", values), Rows.of(text(piece, "rows", values)), false, false));
            case POINTS -> drawings.draw(new Ask.Rows(canvas, box, tune, text(piece, "title", values), Rows.of(text(piece, "rows", values)), false, true));
            case GOAL -> drawings.draw(goal(piece, box, canvas, tune, values));
            case SCORE -> drawings.draw(new Ask.Score(canvas, box, tune, text(piece, "left", values), text(piece, "leftFigure", values), text(piece, "right", values), text(piece, "rightFigure", values)));
            case LOWER_THIRD -> drawings.draw(new Ask.LowerThird(canvas, box, tune, text(piece, "name", values), text(piece, "line", values)));
            case BUG -> drawings.draw(new Ask.LowerThird(canvas, box, tune, text(piece, "name", values), ""));
            case ROTATOR -> drawings.draw(new Ask.Rotator(canvas, box, tune, Rows.of(text(piece, "rows", values)), piece.figure("seconds"), moving(piece)));
            case TICKER -> drawings.draw(new Ask.Ticker(canvas, box, tune, text(piece, "text", values), piece.figure("speed"), moving(piece)));
            case RULE -> drawings.draw(new Ask.Ornament(canvas, box, tune, Ask.Shape.LINE, false));
            case CORNERS -> drawings.draw(new Ask.Ornament(canvas, box, tune, Ask.Shape.CORNERS, false));
            case PULSE -> drawings.draw(new Ask.Ornament(canvas, box, tune, Ask.Shape.PULSE, moving(piece)));
            case COUNTDOWN -> drawings.draw(new Ask.Countdown(canvas, box, tune, text(piece, "title", values), text(piece, "ended", values),
                    new Mark.ClockFace(live.clocks().getOrDefault(piece.id(), 0L), Math.round(piece.figure("minutes") * MINUTE))));
            case PICTURE, FRAME_PICTURE -> drawings.draw(new Ask.Picture(canvas, box, tune, piece.kind() == PieceKind.FRAME_PICTURE));
            case ANNOUNCER -> live.alert().map(shown -> alert(shown, box, canvas, tune)).orElseGet(PieceArt::nothing);
        };
    }

    private static boolean moving(Piece piece) {
        return piece.figure("moving") >= 0.5;
    }

    /** The value may be a live one, so it is written as a text; its digits count. */
    private static Ask.Goal goal(Piece piece, Box box, Canvas canvas, Tune tune, Map<String, Object> values) {
        String written = text(piece, "value", values);
        String digits = written.replaceAll("[^0-9]", "");
        double value = digits.isEmpty() ? 0 : Double.parseDouble(digits);
        double target = piece.figure("target");
        return new Ask.Goal(canvas, box, tune, text(piece, "label", values), "%s / %,d".formatted(digits.isEmpty() ? "0" : written, Math.round(target)), Math.min(1, value / target));
    }

    private PieceArt alert(LiveState.Shown shown, Box box, Canvas canvas, Tune tune) {
        Optional<AlertRule> rule = theme.alert(shown.signal().kind()).filter(AlertRule::on);
        if (rule.isEmpty()) {
            return PieceArt.nothing();
        }
        Map<String, Object> values = shown.signal().values();
        return drawings.draw(new Ask.Alert(canvas, box, tune, rule.get().kickerFor(values), rule.get().textFor(values),
                shown.slot().from(), shown.slot().until()));
    }

    private static String text(Piece piece, String field, Map<String, Object> values) {
        String pattern = piece.text(field);
        // Most texts hold no value; parsing them as patterns would only cost time.
        return pattern.indexOf('{') < 0 && pattern.indexOf('\'') < 0 ? pattern : new Message(pattern).format(values);
    }
}
