package brandeon.core.layout;

import brandeon.core.art.Blend;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.live.AlertSlot;
import brandeon.core.live.LiveState;
import brandeon.core.live.Readings;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.theme.Inlay;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceKind;
import brandeon.core.theme.Placed;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Theme;
import brandeon.core.theme.Zone;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Each kind of piece in a theme's own brand, at its true proportions, with sample words: for choosing. */
public final class Samples {

    public static final Canvas CANVAS = Canvas.of("sample", "Sample", Size.of(1920, 1080), 60);
    private static final double ROOM = 30;
    private static final double DETAIL = 720;
    private static final double LONGEST = 6;
    private static final long SHOWN_MILLIS = 8000;
    private static final Signal SIGNAL = new Signal("sample", SignalKind.FOLLOW, "Ilse Fenn", 0, "", 0, 0);
    private static final LiveState LIVE = new LiveState(
            new Readings(Map.of("latestSubscriber", "Ilse Fenn", "latestFollower", "Wren of Low Quay", "latestRaider", "Saltmarsh Sal", "followers", 128L, "subscribers", 64L,
                    "recentSignals", "Joined | Ilse Fenn\nFollows | Wren of Low Quay\nCame with 24 | Saltmarsh Sal\nGave 5 | Oskar Tide")), Map.of(),
            Optional.of(new LiveState.Shown(SIGNAL, new AlertSlot(1, 1 + SHOWN_MILLIS))));

    /** Words that show what a kind is for, from the demo; never the starting words of a piece. */
    private static final Map<PieceKind, Map<String, String>> WORDS = Map.ofEntries(
            Map.entry(PieceKind.SCHEDULE, Map.of("rows", "Tue 19:00 | Dusk watch\nThu 05:30 | Dawn chorus\nSat 20:00 | Owl night")),
            Map.entry(PieceKind.POINTS, Map.of("rows", "[x] What the water did\n[>] Who sings first\nYour questions")),
            Map.entry(PieceKind.QUEUE, Map.of("rows", "Ilse Fenn | Bittern\nWren of Low Quay | Water rail")),
            Map.entry(PieceKind.COUNTER, Map.of("label", "Herons seen", "value", "7")),
            Map.entry(PieceKind.SCORE, Map.of("left", "Hide", "leftFigure", "3", "right", "Chat", "rightFigure", "2")),
            Map.entry(PieceKind.LOWER_THIRD, Map.of("name", "Mirela Osk", "line", "Counts birds at Reedlight Hide")),
            Map.entry(PieceKind.ROTATOR, Map.of("rows", "Field notes | reedlight.example/notes\nSightings | Tell us in the chat\nNext watch | Thursday 05:30")),
            Map.entry(PieceKind.TICKER, Map.of("text", "High tide 19:42 · low tide 01:10 · sunset 16:08 · wind from the north-east, gentle · please whisper after nine")),
            Map.entry(PieceKind.NOW_PLAYING, Map.of("value", "Marsh recording no. 4")),
            Map.entry(PieceKind.NOTICE, Map.of("label", "Short break", "value", "Back at the scope in a moment")),
            Map.entry(PieceKind.SPONSORS, Map.of("rows", "With thanks to | Fenwick Waders\nWith thanks to | The Lamp Loft, Low Quay\nWith thanks to | Osk & Daughter, optics")),
            Map.entry(PieceKind.CHAT, Map.of("rows", "Ilse Fenn | Is that the bittern again?\nWren of Low Quay | Listen, left of the channel\nSaltmarsh Sal | I heard it too! Two booms, then quiet\nOskar Tide | Good evening from the dyke")));

    private Samples() {
    }

    /** A live state in which a sample alert, or the transition clip that a piece is, begins at an instant. */
    public static LiveState begun(LiveState live, Piece piece, long start) {
        Map<String, Long> clocks = new HashMap<>(live.clocks());
        if (piece.kind() == PieceKind.TRANSITION) {
            clocks.put(piece.id(), start);
        }
        return new LiveState(live.readings(), clocks, Optional.of(new LiveState.Shown(SIGNAL, new AlertSlot(start, start + SHOWN_MILLIS))));
    }

    /** Sample readings. */
    public static LiveState live() {
        return LIVE;
    }

    /** One piece of a kind alone on a wide canvas. */
    public static ResolvedScene of(Theme theme, PieceKind kind) {
        return of(theme, piece(theme, kind), CANVAS, LIVE);
    }

    /** A piece of a kind with sample words, and a picture of the theme's where it shows one. */
    public static Piece piece(Theme theme, PieceKind kind) {
        Piece piece = Piece.of("sample", kind, kind.title()).saying(WORDS.getOrDefault(kind, Map.of()));
        if (kind == PieceKind.FRAME) {
            piece = piece.withText("name", theme.name());
        }
        if (kind == PieceKind.TRANSITION) {
            piece = piece.withText("word", theme.name());
        }
        if (kind == PieceKind.BAND) {
            piece = piece.withText("label", theme.name()).withText("message", "What is going on right now");
        }
        if (kind == PieceKind.PICTURE || kind == PieceKind.FRAME_PICTURE) {
            Piece bare = piece;
            piece = theme.artworks().stream().filter(a -> kind == PieceKind.PICTURE || !a.openings().openings().isEmpty()).findFirst()
                    .map(artwork -> bare.with(Optional.of(new Inlay(artwork.id(), Blend.NORMAL, 1, Inlay.Fit.WHOLE)))).orElse(bare);
        }
        return piece;
    }

    /**
     * The part of the canvas that shows what a piece is: all of it with a little room, but of what is thin or small and
     * spread over the canvas only a part, large enough to see.
     */
    public static Box shown(ResolvedScene sample) {
        Box canvas = sample.canvas().size().box();
        Box box = sample.placements().getFirst().box();
        Box wanted = switch (sample.placements().getFirst().piece().kind()) {
            case PARTICLES -> new Box(canvas.centreX() - DETAIL / 2, canvas.centreY() - DETAIL / 4, DETAIL, DETAIL / 2);
            case CORNERS -> new Box(box.x() - ROOM, box.y() - ROOM, DETAIL / 2, DETAIL / 4);
            default -> box.grown(ROOM);
        };
        Box cut = wanted.cut(canvas).snapped();
        // A band is as long as the canvas; its beginning shows what it is.
        return new Box(cut.x(), cut.y(), Math.min(cut.width(), cut.height() * LONGEST), cut.height());
    }

    /** A piece alone on a wide canvas, with sample readings. */
    public static ResolvedScene of(Theme theme, Piece piece) {
        return of(theme, piece, CANVAS, LIVE);
    }

    /** A piece alone on a canvas, in the zone of its kind. */
    public static ResolvedScene of(Theme theme, Piece piece, Canvas canvas, LiveState live) {
        Zone zone = piece.kind().zone();
        Scene scene = Scene.of("sample", "Sample", zone == Zone.CLOCK ? SceneRole.STARTING : SceneRole.LIVE, List.of(Placed.in(zone, piece.id())));
        return new Resolver(theme.withPieces(List.of(piece)).withScenes(List.of(scene))).resolve(scene, canvas, live);
    }
}
