package brandeon.core.layout;

import brandeon.core.art.Ask;
import brandeon.core.art.ClockFace;
import brandeon.core.art.Look;
import brandeon.core.art.Mark;
import brandeon.core.art.Mirror;
import brandeon.core.art.Opening;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Weight;
import brandeon.core.kept.Memory;
import brandeon.core.art.Ring;
import brandeon.core.art.Tune;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.CaptureFit;
import brandeon.core.canvas.Share;
import brandeon.core.colour.Palette;
import brandeon.core.colour.Role;
import brandeon.core.layout.ResolvedScene.Failed;
import brandeon.core.layout.ResolvedScene.FittedOpening;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.live.AlertRule;
import brandeon.core.live.LiveState;
import brandeon.core.motion.Pose;
import brandeon.core.text.Amount;
import brandeon.core.text.Message;
import brandeon.core.opening.FoundOpening;
import brandeon.core.theme.Artwork;
import brandeon.core.theme.Capture;
import brandeon.core.theme.Inlay;
import brandeon.core.theme.Manner;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceKind;
import brandeon.core.theme.Placed;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * Computes the finished picture of a scene on a canvas at a live state. The same inputs give the same result.
 *
 * One resolver holds one theme; it derives the palette once and may be shared by threads.
 */
public final class Resolver {

    private static final List<Share> DIAMOND = List.of(new Share(0.5, 0), new Share(1, 0.5), new Share(0.5, 1), new Share(0, 0.5));

    /** When a transition clip begins that nobody plays: the first instant that is a start. */
    private static final long FIRST = 1;
    private static final List<Ask.Shape> SHAPES = List.of(Ask.Shape.DISC, Ask.Shape.RING, Ask.Shape.DIAMOND, Ask.Shape.BAR);
    private static final List<ClockFace.Format> DAY_FORMATS = List.of(ClockFace.Format.DAY, ClockFace.Format.DAY_SECONDS, ClockFace.Format.DAY_TWELVE);
    private static final long MINUTE = 60_000;
    private static final long LONG_EVENING = 600 * MINUTE;
    /** In the order of the kind's choices. */
    private static final List<Role> PARTICLE_COLOURS = List.of(Role.ACCENT, Role.SECOND_ACCENT, Role.TEXT, Role.QUIET_TEXT, Role.GLOW, Role.EDGE);

    /** Patterns with the values of this moment; parsing them is slow, and an edit changes few of them. */
    private static final Cache<Saying, String> SAID = Caffeine.newBuilder().maximumWeight(Memory.percent(1)).<Saying, String>weigher((saying, said) -> Weight.of(saying.pattern()) + Weight.of(said) + 64 * saying.values().size()).build();

    private record Saying(String pattern, Map<String, Object> values) {
    }

    private final Theme theme;
    private final Drawings drawings;
    private final Map<String, Piece> pieces = new HashMap<>();

    /** @throws IllegalArgumentException when the theme's family is not shipped */
    public Resolver(Theme theme) {
        this.theme = theme;
        this.drawings = Drawings.of(theme);
        theme.pieces().forEach(piece -> pieces.put(piece.id(), piece));
    }

    public Look look() {
        return drawings.look();
    }

    public Theme theme() {
        return theme;
    }

    public ResolvedScene resolve(Scene scene, Canvas canvas, LiveState live) {
        Places places = new Places(theme, pieces, scene, canvas);
        List<Placement> placements = new ArrayList<>();
        List<FittedOpening> openings = new ArrayList<>();
        List<Failed> failed = new ArrayList<>();
        for (Placed placed : scene.stack()) {
            if (placed.shows(canvas.shape())) {
                Box box = places.of(placed);
                Manner manner = placed.manner(canvas.shape());
                Piece piece = pieces.get(placed.piece());
                PieceArt upright = PieceArt.nothing();
                try {
                    piece = piece.saying(placed.texts());
                    upright = mirrored(manner, box, laid(piece, box, canvas.unit(), draw(piece, box, canvas, live)));
                } catch (RuntimeException e) {
                    // Whatever is wrong with one piece, viewers go on seeing all others.
                    failed.add(new Failed(piece.id(), e));
                }
                placements.add(new Placement(piece, placed, box, manner, turned(manner, box, upright)));
                openings.addAll(fitted(piece, upright, manner.turned() ? manner.turn() : 0, box));
            }
        }
        return new ResolvedScene(scene, canvas, placements, openings, failed);
    }

    private static PieceArt mirrored(Manner manner, Box box, PieceArt art) {
        PieceArt across = manner.mirrored() ? Mirror.across(box.centreX(), art) : art;
        return manner.flipped() ? Mirror.over(box.centreY(), across) : across;
    }

    private static PieceArt turned(Manner manner, Box box, PieceArt art) {
        if (art.marks().isEmpty() || (!manner.turned() && manner.opacity() == 1)) {
            return art;
        }
        List<Mark> marks = manner.turned() ? List.of(new Mark.Moved(new Pose(0, 0, manner.turn(), 1, box.centreX(), box.centreY(), 1), art.marks())) : art.marks();
        return new PieceArt(manner.opacity() < 1 ? List.of(Mark.faded(manner.opacity(), marks)) : marks, art.tracks(), art.openings());
    }

    /** An opening that no capture was bound to shows the theme's next one after the one before it. */
    private List<FittedOpening> fitted(Piece piece, PieceArt art, double turn, Box box) {
        List<FittedOpening> fitted = new ArrayList<>();
        int capture = theme.captures().size();
        for (int i = 0; i < art.openings().size(); i++) {
            Opening opening = art.openings().get(i);
            capture = i < piece.captures().size() ? theme.capture(piece.captures().get(i)).map(theme.captures()::indexOf).orElse(theme.captures().size()) : capture + 1;
            if (opening.box().area() > 0 && capture < theme.captures().size()) {
                Capture shown = theme.captures().get(capture);
                CaptureFit fit = CaptureFit.cover(shown.size(), opening.box(), opening.bleed(), shown.keep());
                fitted.add(new FittedOpening(piece.id(), shown, opening, fit, turn, box.centreX(), box.centreY()));
            }
        }
        return fitted;
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
        return artwork.cuts().stream().map(cut -> {
            Box box = new Box(place.x() + cut.box().x() * across, place.y() + cut.box().y() * down, cut.box().width() * across, cut.box().height() * down).snapped();
            List<Share> edge = cut.outline() == FoundOpening.Contour.DIAMOND && cut.edge().isEmpty() ? DIAMOND : cut.edge();
            Opening.Shape shape = edge.isEmpty() ? switch (cut.outline()) {
                case CUT_CORNERS -> Opening.Shape.CUT;
                case ELLIPSE -> Opening.Shape.ELLIPSE;
                case HEXAGON -> Opening.Shape.HEXAGON;
                case RECTANGLE, ROUNDED, SLANTED, DIAMOND, IRREGULAR -> Opening.Shape.RECTANGLE;
            } : Opening.Shape.FREE;
            // A capture ends where the picture is solid, or its own edge would be seen through the fade.
            double soft = cut.soft() < 1 ? 0 : Math.ceil(cut.soft() * Math.max(across, down)) + 1;
            return new Opening(box, shape, cut.corner() * Math.min(across, down), edge, Math.max(Math.max(1, Math.rint(Ring.BLEED * unit)), soft), cut.bare());
        }).toList();
    }

    private PieceArt draw(Piece piece, Box box, Canvas canvas, LiveState live) {
        Map<String, Object> values = live.readings().values();
        Tune tune = Tunes.of(piece);
        return switch (piece.kind()) {
            case BACKDROP -> drawings.draw(new Ask.Backdrop(canvas, box, tune, moving(piece)));
            case SCREEN -> drawings.draw(new Ask.Screen(canvas, box, tune, text(piece, "title", values), text(piece, "line", values), moving(piece)));
            case FRAME -> drawings.draw(new Ask.Frame(canvas, box, tune, piece.figure("aspect"), text(piece, "name", values),
                    Ask.FrameShape.values()[choice(piece, "shape")], Ask.NamePlate.values()[choice(piece, "plate")], choice(piece, "mat") == 1, choice(piece, "flipped") == 1, moving(piece)));
            case BAND -> drawings.draw(new Ask.Band(canvas, box, tune, text(piece, "label", values), text(piece, "message", values)));
            case FACT_LINE, COUNTER, NOW_PLAYING, NOTICE, BREAK_NOTICE, AD_NOTICE -> drawings.draw(new Ask.FactLine(canvas, box, tune, text(piece, "label", values), text(piece, "value", values)));
            case SUPPORTERS -> drawings.draw(new Ask.Rows(canvas, box, tune, text(piece, "title", values), Rows.of(text(piece, "rows", values)), piece.figure("inARow") >= 0.5, false));
            case SCHEDULE, QUEUE, RECENT -> drawings.draw(new Ask.Rows(canvas, box, tune, text(piece, "title", values), Rows.of(text(piece, "rows", values)), false, false));
            case POINTS -> drawings.draw(new Ask.Rows(canvas, box, tune, text(piece, "title", values), Rows.of(text(piece, "rows", values)), false, true));
            case GOAL -> drawings.draw(goal(piece, box, canvas, tune, values));
            case SCORE -> drawings.draw(new Ask.Score(canvas, box, tune, text(piece, "left", values), text(piece, "leftFigure", values), text(piece, "right", values), text(piece, "rightFigure", values)));
            case LOWER_THIRD -> drawings.draw(new Ask.LowerThird(canvas, box, tune, text(piece, "name", values), text(piece, "line", values)));
            case BUG -> drawings.draw(new Ask.LowerThird(canvas, box, tune, text(piece, "name", values), ""));
            case ROTATOR, SPONSORS -> drawings.draw(new Ask.Rotator(canvas, box, tune, Rows.entries(text(piece, "rows", values), piece.figure("seconds")), piece.figure("pause") * MINUTE / 1000, moving(piece)));
            case CHAT -> drawings.draw(new Ask.Chat(canvas, box, tune, Rows.of(text(piece, "rows", values)), choice(piece, "fading") == 1));
            case METER -> drawings.draw(new Ask.Meter(canvas, box, tune, Math.clamp(number(text(piece, "value", values)) / piece.figure("target"), 0, 1)));
            case SHAPE -> drawings.draw(new Ask.Ornament(canvas, box, tune, SHAPES.get(choice(piece, "outline")), false));
            case TICKER -> drawings.draw(new Ask.Ticker(canvas, box, tune, text(piece, "text", values), piece.figure("speed"), moving(piece) && !look().calm()));
            case RULE -> drawings.draw(new Ask.Ornament(canvas, box, tune, Ask.Shape.LINE, false));
            case CORNERS -> drawings.draw(new Ask.Ornament(canvas, box, tune, Ask.Shape.CORNERS, false));
            case PULSE -> drawings.draw(new Ask.Ornament(canvas, box, tune, Ask.Shape.PULSE, moving(piece)));
            case COUNTDOWN, COUNT_UP, CLOCK -> drawings.draw(clock(piece, box, canvas, tune, live));
            case PICTURE, FRAME_PICTURE -> drawings.draw(new Ask.Picture(canvas, box, tune, piece.kind() == PieceKind.FRAME_PICTURE));
            case PARTICLES -> drawings.draw(swarm(piece, box, canvas, tune));
            case TRANSITION -> drawings.draw(new Ask.Transition(canvas, box, tune, text(piece, "word", values), piece.figure("seconds") * 1000, live.clocks().getOrDefault(piece.id(), FIRST)));
            case PANEL -> drawings.draw(new Ask.Panel(canvas, box, tune, Rows.lines(text(piece, "headings", values)).stream().findFirst().orElse("")));
            case ANNOUNCER -> live.alert().map(shown -> alert(shown, box, canvas, tune)).orElseGet(PieceArt::nothing);
        };
    }

    private static boolean moving(Piece piece) {
        return piece.figure("moving") >= 0.5;
    }

    private Ask.Swarm swarm(Piece piece, Box box, Canvas canvas, Tune tune) {
        int colour = choice(piece, "colour");
        Ask.Wish wish = new Ask.Wish((int) Math.round(piece.figure("seed")), piece.figure("count"), piece.figure("grain"), piece.figure("pace"), piece.figure("lean"), piece.figure("drift"),
                piece.figure("opacity"), piece.figure("pile"), choice(piece, "shadow"), Ask.Flake.values()[choice(piece, "flake")], colour == 0 ? Optional.empty() : Optional.of(PARTICLE_COLOURS.get(colour - 1)));
        String picture = piece.inlay().flatMap(inlay -> theme.artwork(inlay.artwork())).map(artwork -> artwork.painted(look().palette())).orElse("");
        return new Ask.Swarm(canvas, box, tune, Ask.Weather.values()[choice(piece, "weather")], wish, picture, moving(piece));
    }

    private static int choice(Piece piece, String figure) {
        return (int) Math.round(piece.figure(figure));
    }

    private Ask.Clock clock(Piece piece, Box box, Canvas canvas, Tune tune, LiveState live) {
        Map<String, Object> values = live.readings().values();
        long instant = live.clocks().getOrDefault(piece.id(), 0L);
        return switch (piece.kind()) {
            case CLOCK -> new Ask.Clock(canvas, box, tune, text(piece, "title", values), "", new ClockFace(ClockFace.Mode.DAY, 0, 0, DAY_FORMATS.get(choice(piece, "format")), text(piece, "zone", values)));
            case COUNT_UP, COUNTDOWN -> {
                long length = Math.round(piece.figure("minutes") * MINUTE);
                // What counts up without an end reaches three digits in an evening.
                ClockFace.Format minutes = ClockFace.minutes(length == 0 ? LONG_EVENING : length);
                yield new Ask.Clock(canvas, box, tune, text(piece, "title", values), text(piece, "ended", values), new ClockFace(piece.kind() == PieceKind.COUNT_UP ? ClockFace.Mode.UP : ClockFace.Mode.DOWN,
                        instant, length, choice(piece, "format") == 1 ? ClockFace.Format.HOURS : minutes, "UTC"));
            }
            default -> throw new IllegalArgumentException(piece.kind() + " is no clock.");
        };
    }

    /** The value may be a live one, so it is written as a text. */
    private static double number(String written) {
        return Amount.in(written).orElse(0);
    }

    private static Ask.Goal goal(Piece piece, Box box, Canvas canvas, Tune tune, Map<String, Object> values) {
        String written = text(piece, "value", values);
        double value = number(written);
        double target = piece.figure("target");
        return new Ask.Goal(canvas, box, tune, text(piece, "label", values), String.format(Locale.ROOT, "%s / %,d", written.chars().noneMatch(Character::isDigit) ? "0" : written, Math.round(target)), Math.clamp(value / target, 0, 1));
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
        return Message.plain(pattern) ? pattern : SAID.get(new Saying(pattern, values), saying -> new Message(saying.pattern()).format(saying.values()));
    }
}
