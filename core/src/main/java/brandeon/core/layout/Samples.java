package brandeon.core.layout;

import brandeon.core.art.Blend;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.kind.Kind;
import brandeon.core.kind.PieceKind;
import brandeon.core.kind.Zone;
import brandeon.core.live.AlertSlot;
import brandeon.core.live.Readings;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.platform.Profiles;
import brandeon.core.show.LiveState;
import brandeon.core.show.Notices;
import brandeon.core.show.Show;
import brandeon.core.table.Column;
import brandeon.core.table.ColumnType;
import brandeon.core.table.Table;
import brandeon.core.table.Tables;
import brandeon.core.text.TextRow;
import brandeon.core.theme.Inlay;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Placed;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Theme;
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
    private static final Signal SIGNAL = Signal.of("sample", SignalKind.FOLLOW, "Ilse Fenn", 0, "", 0, 0);
    private static final Table TABLE = new Table(
            "sightings",
            "Sightings",
            List.of(
                    new Column("species", "Species", ColumnType.TEXT),
                    new Column("seen", "Seen", ColumnType.NUMBER),
                    new Column("first", "First at", ColumnType.TIME)),
            List.of(
                    new Table.Line(1, List.of("Bittern", "2", "18:52")),
                    new Table.Line(2, List.of("Marsh harrier", "4", "19:05")),
                    new Table.Line(3, List.of("Water rail", "1", "19:21")),
                    new Table.Line(4, List.of("Bearded tit", "12", "19:30"))),
            2,
            5);
    /** Stands still. */
    private static final Notices.Notice NOTICE = new Notices.Notice(true, 0, 45_000);

    private static final LiveState LIVE = new LiveState(
            new Readings(Map.of(
                    "followersToday",
                    12L,
                    "latestSubscriber",
                    "Ilse Fenn",
                    "latestFollower",
                    "Wren of Low Quay",
                    "latestRaider",
                    "Saltmarsh Sal",
                    "followers",
                    128L,
                    "subscribers",
                    64L,
                    "recentSignals",
                    List.of(
                            new TextRow("Joined", "Ilse Fenn"),
                            new TextRow("Follows", "Wren of Low Quay"),
                            new TextRow("Came with 24", "Saltmarsh Sal"),
                            new TextRow("Gave 5", "Oskar Tide")))),
            new Tables(List.of(TABLE)),
            Show.QUIET,
            Optional.of(LiveState.Shown.of(SIGNAL, new AlertSlot(1, 1 + SHOWN_MILLIS), Profiles.PLAIN)),
            Optional.of(NOTICE));

    private Samples() {}

    /** A live state in which a sample alert, or the transition clip that a piece is, begins at an instant. */
    public static LiveState begun(LiveState live, Piece piece, long start) {
        return new LiveState(
                live.readings(),
                live.tables(),
                piece.kind().facts().clip() ? live.show().playing(piece.id(), start) : live.show(),
                Optional.of(LiveState.Shown.of(SIGNAL, new AlertSlot(start, start + SHOWN_MILLIS), Profiles.PLAIN)),
                live.notice().or(() -> Optional.of(NOTICE)));
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
        Piece piece = Piece.of("sample", kind, kind.title()).saying(kind.facts().sample(theme.name()));
        Kind.Laid laid = kind.facts().laid();
        return laid != Kind.Laid.ALONE && laid != Kind.Laid.FRAME
                ? piece
                : theme.artworks().stream()
                        .filter(artwork -> laid == Kind.Laid.ALONE
                                || !artwork.openings().openings().isEmpty())
                        .findFirst()
                        .map(artwork ->
                                piece.with(Optional.of(new Inlay(artwork.id(), Blend.NORMAL, 1, Inlay.Fit.WHOLE))))
                        .orElse(piece);
    }

    /**
     * The part of the canvas that shows what a piece is: all of it with a little room, but of what is thin or small and
     * spread over the canvas only a part, large enough to see.
     */
    public static Box shown(ResolvedScene sample) {
        Box canvas = sample.canvas().size().box();
        Box box = sample.placements().getFirst().box();
        PieceKind kind = sample.placements().getFirst().piece().kind();
        Box wanted = !kind.facts().sparse()
                ? box.grown(ROOM)
                : kind.zone() == Zone.FULL
                        ? new Box(canvas.centreX() - DETAIL / 2, canvas.centreY() - DETAIL / 4, DETAIL, DETAIL / 2)
                        : new Box(box.x() - ROOM, box.y() - ROOM, DETAIL / 2, DETAIL / 4);
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
        Scene scene = Scene.of(
                "sample",
                "Sample",
                zone == Zone.CLOCK ? SceneRole.STARTING : SceneRole.LIVE,
                List.of(Placed.in(zone, piece.id())));
        return new Resolver(theme.withPieces(List.of(piece)).withScenes(List.of(scene))).resolve(scene, canvas, live);
    }
}
