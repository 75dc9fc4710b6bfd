package brandeon.core.layout;

import brandeon.core.art.Ask;
import brandeon.core.art.Blend;
import brandeon.core.art.Look;
import brandeon.core.art.Mark;
import brandeon.core.art.Mirror;
import brandeon.core.art.Opening;
import brandeon.core.art.Outline;
import brandeon.core.art.Paint;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Ring;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.CaptureFit;
import brandeon.core.canvas.Share;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Palette;
import brandeon.core.colour.Role;
import brandeon.core.kind.Kind;
import brandeon.core.kind.PieceKind;
import brandeon.core.kind.Showing;
import brandeon.core.kind.Zone;
import brandeon.core.layout.ResolvedScene.Failed;
import brandeon.core.layout.ResolvedScene.FittedOpening;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.live.AlertRule;
import brandeon.core.motion.Pose;
import brandeon.core.opening.FoundOpening;
import brandeon.core.show.Break;
import brandeon.core.show.LiveState;
import brandeon.core.show.Spoken;
import brandeon.core.theme.Artwork;
import brandeon.core.theme.Capture;
import brandeon.core.theme.Inlay;
import brandeon.core.theme.Manner;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Placed;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Computes the finished picture of a scene on a canvas at a live state. The same inputs give the same result.
 *
 * One resolver holds one theme; it derives the palette once and may be shared by threads.
 */
public final class Resolver {

    /** Letters of names in an alert: whole ones first; where there is no room for its other words, shorter ones. */
    private static final List<Integer> NAMES = List.of(1000, 24, 16, 10, 6);

    private static final List<Share> DIAMOND =
            List.of(new Share(0.5, 0), new Share(1, 0.5), new Share(0.5, 1), new Share(0, 0.5));

    /** Id of the break screen of a theme that has none of its own. */
    private static final String BREAK = "break-screen";

    private final Theme theme;
    private final Drawings drawings;
    private final Map<String, Piece> pieces = new HashMap<>();

    /** @throws Mistake when the theme's family is not shipped */
    public Resolver(Theme theme) {
        this(theme, Drawings.of(theme));
    }

    /** With drawings that nothing was taken from yet, so that all is drawn anew. */
    Resolver(Theme theme, Drawings drawings) {
        this.theme = theme;
        this.drawings = drawings;
        theme.pieces().forEach(piece -> pieces.put(piece.id(), piece));
    }

    public Look look() {
        return drawings.look();
    }

    public Theme theme() {
        return theme;
    }

    /** The piece that stands over everything while a break is on. */
    private Piece breaking(Break pause) {
        Piece screen = theme.pieces().stream()
                .filter(piece -> piece.kind().facts().breaks())
                .findFirst()
                .orElseGet(() -> Piece.of(BREAK, PieceKind.BREAK_SCREEN, PieceKind.BREAK_SCREEN.title()));
        Piece said = pause.words().isBlank() ? screen : screen.withWords("title", pause.words());
        return named(pause.picture())
                .map(artwork -> said.with(Optional.of(new Inlay(artwork.id(), Blend.NORMAL, 1, Inlay.Fit.COVER))))
                .orElse(said);
    }

    public ResolvedScene resolve(Scene scene, Canvas canvas, LiveState live) {
        Optional<Break> pause = live.show().pause();
        Laid laid = new Laid();
        pause.ifPresent(on -> screen(on, canvas, live, laid));
        Places places = new Places(theme, pieces, scene, canvas);
        for (Placed placed : scene.stack()) {
            boolean over =
                    pause.isEmpty() || pieces.get(placed.piece()).kind().facts().announces();
            if (over && placed.shows(canvas.shape())) {
                one(placed, places, canvas, live, laid);
            }
        }
        return new ResolvedScene(
                scene,
                canvas,
                Arriving.of(scene, canvas, laid.placements(), drawings.temperament(), look().calm()),
                laid.openings(),
                laid.failed());
    }

    /**
     * A scene as viewers see it: with what stands over every scene. That is a source of its own, which is there already
     * when the scene comes on.
     */
    public ResolvedScene seen(Scene scene, Canvas canvas, LiveState live) {
        ResolvedScene own = resolve(scene, canvas, live);
        List<Scene> over = theme.over(scene);
        if (over.isEmpty()) {
            return own;
        }
        Laid laid = new Laid();
        laid.placements().addAll(own.placements());
        laid.openings().addAll(own.openings());
        laid.failed().addAll(own.failed());
        for (Scene above : over) {
            ResolvedScene one = resolve(above, canvas, live);
            one.placements().stream()
                    .filter(placement -> own.placement(placement.piece().id()).isEmpty())
                    .forEach(placement -> laid.placements().add(placement.atOnce()));
            one.openings().stream()
                    .filter(opening -> own.placement(opening.piece()).isEmpty())
                    .forEach(laid.openings()::add);
            laid.failed().addAll(one.failed());
        }
        return new ResolvedScene(scene, canvas, laid.placements(), laid.openings(), laid.failed());
    }

    /** The same question as {@link #differs}, of a scene as viewers see it. */
    public boolean seenDiffers(Scene scene, LiveState before, LiveState after) {
        return differs(scene, before, after)
                || theme.over(scene).stream().anyMatch(above -> differs(above, before, after));
    }

    /** What was laid on a scene so far, from the back to the front. */
    private record Laid(List<Placement> placements, List<FittedOpening> openings, List<Failed> failed) {
        Laid() {
            this(new ArrayList<>(), new ArrayList<>(), new ArrayList<>());
        }
    }

    private void one(Placed placed, Places places, Canvas canvas, LiveState live, Laid laid) {
        Box box = places.of(placed);
        Manner manner = placed.manner(canvas.shape());
        Piece piece = pieces.get(placed.piece());
        PieceArt upright = PieceArt.nothing();
        try {
            Spoken spoken = live.show().spoken(byItself(placed));
            piece = spoken.piece();
            if (spoken.seen()) {
                upright = mirrored(manner, box, laid(piece, box, canvas.unit(), draw(spoken, box, canvas, live)));
            }
        } catch (RuntimeException e) {
            // Whatever is wrong with one piece, viewers go on seeing all others.
            laid.failed().add(new Failed(piece.id(), e));
        }
        laid.placements().add(new Placement(piece, placed, box, manner, turned(manner, box, upright)));
        laid.openings().addAll(fitted(piece, upright, manner.turned() ? manner.turn() : 0, box));
    }

    /** What stands over everything while a break is on. */
    private void screen(Break pause, Canvas canvas, LiveState live, Laid laid) {
        Piece screen = breaking(pause);
        Box all = canvas.size().box();
        PieceArt art;
        try {
            art = laid(screen, all, canvas.unit(), draw(live.show().spoken(screen), all, canvas, live));
        } catch (RuntimeException e) {
            // Viewers must not see what a break is there to cover.
            laid.failed().add(new Failed(screen.id(), e));
            art = PieceArt.still(List.of(new Mark.Filled(
                    Outline.rectangle(all), new Paint.Solid(look().palette().colour(Role.GROUND)))));
        }
        laid.placements().add(new Placement(screen, Placed.in(Zone.FULL, screen.id()), all, Manner.PLAIN, art));
    }

    /**
     * Whether a scene can look otherwise at one moment than at another; where it says no, the pictures are the same.
     * Far quicker than resolving it.
     */
    public boolean differs(Scene scene, LiveState before, LiveState after) {
        if (!before.show().pause().equals(after.show().pause())) {
            return true;
        }
        boolean said = !before.show().equals(after.show());
        boolean known =
                !before.readings().equals(after.readings()) || !before.tables().equals(after.tables());
        boolean noticed = !before.notice().equals(after.notice());
        boolean announced = !before.alert().equals(after.alert());
        return scene.stack().stream().map(this::byItself).anyMatch(piece -> {
            Kind kind = piece.kind().facts();
            if ((announced && kind.announces()) || (noticed && kind.notices())) {
                return true;
            }
            try {
                Spoken now = after.show().spoken(piece);
                return (said && !before.show().spoken(piece).equals(now))
                        || (known
                                && kind.fields().stream()
                                        .anyMatch(field ->
                                                now.content(field.name()).live()));
            } catch (RuntimeException e) {
                // What is wrong with one piece is seen and told when it is painted.
                return true;
            }
        });
    }

    /**
     * What takes turns on a scene at one moment, by piece; what is hidden on a canvas or in the show is left out.
     */
    public Map<Piece, Ask.Rotator> turns(Scene scene, Canvas canvas, LiveState live) {
        Map<Piece, Ask.Rotator> turns = new LinkedHashMap<>();
        if (live.show().pause().isPresent()) {
            return turns;
        }
        for (Placed placed : scene.stack()) {
            Piece piece = pieces.get(placed.piece());
            if (placed.shows(canvas.shape())) {
                Spoken spoken = live.show().spoken(byItself(placed));
                if (spoken.seen()) {
                    spoken.piece()
                            .kind()
                            .facts()
                            .turns(showing(spoken, canvas.size().box(), canvas, live))
                            .ifPresent(rotator -> turns.put(piece, rotator));
                }
            }
        }
        return turns;
    }

    /** What a piece says where it is placed, before a show says something else. */
    private Piece byItself(Placed placed) {
        return theme.speaking(pieces.get(placed.piece())).saying(placed.content());
    }

    private static PieceArt mirrored(Manner manner, Box box, PieceArt art) {
        PieceArt across = manner.mirrored() ? Mirror.across(box.centreX(), art) : art;
        return manner.flipped() ? Mirror.over(box.centreY(), across) : across;
    }

    private static PieceArt turned(Manner manner, Box box, PieceArt art) {
        if (art.marks().isEmpty() || (!manner.turned() && manner.opacity() == 1)) {
            return art;
        }
        List<Mark> marks = manner.turned()
                ? List.of(
                        new Mark.Moved(new Pose(0, 0, manner.turn(), 1, box.centreX(), box.centreY(), 1), art.marks()))
                : art.marks();
        return new PieceArt(
                manner.opacity() < 1 ? List.of(Mark.faded(manner.opacity(), marks)) : marks,
                art.tracks(),
                art.openings());
    }

    /** An opening that no capture was bound to shows the theme's next one after the one before it. */
    private List<FittedOpening> fitted(Piece piece, PieceArt art, double turn, Box box) {
        List<FittedOpening> fitted = new ArrayList<>();
        int capture = theme.captures().size();
        for (int i = 0; i < art.openings().size(); i++) {
            Opening opening = art.openings().get(i);
            capture = i < piece.captures().size()
                    ? theme.capture(piece.captures().get(i))
                            .map(theme.captures()::indexOf)
                            .orElse(theme.captures().size())
                    : capture + 1;
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
        List<Mark> picture = List.of(new Mark.Picture(
                artwork.get().painted(palette), place, artwork.get().filter(palette)));
        PieceArt laid = art.laidInto(
                bed -> new Mark.Blended(bed.ground(), inlay.blend(), inlay.strength(), bed.shape(), picture));
        return piece.kind().facts().laid() == Kind.Laid.FRAME
                ? new PieceArt(laid.marks(), laid.tracks(), openings(artwork.get(), place, unit))
                : laid;
    }

    /** The openings of a ready-made frame, where the picture is placed; whole pixels, as captures need them. */
    private static List<Opening> openings(Artwork artwork, Box place, double unit) {
        double across = place.width() / artwork.width();
        double down = place.height() / artwork.height();
        return artwork.cuts().stream()
                .map(cut -> {
                    Box box = cut.box()
                            .laidInto(place, new Size(artwork.width(), artwork.height()))
                            .snapped();
                    List<Share> edge = cut.outline() == FoundOpening.Contour.DIAMOND
                                    && cut.edge().isEmpty()
                            ? DIAMOND
                            : cut.edge();
                    Opening.Shape shape = edge.isEmpty()
                            ? switch (cut.outline()) {
                                case CUT_CORNERS -> Opening.Shape.CUT;
                                case ELLIPSE -> Opening.Shape.ELLIPSE;
                                case HEXAGON -> Opening.Shape.HEXAGON;
                                case RECTANGLE, ROUNDED, SLANTED, DIAMOND, IRREGULAR -> Opening.Shape.RECTANGLE;
                            }
                            : Opening.Shape.FREE;
                    // A capture ends where the picture is solid, or its own edge would be seen through the fade.
                    double soft = cut.soft() < 1 ? 0 : Math.ceil(cut.soft() * Math.max(across, down)) + 1;
                    return new Opening(
                            box,
                            shape,
                            cut.corner() * Math.min(across, down),
                            edge,
                            Math.max(Math.max(1, Math.rint(Ring.BLEED * unit)), soft),
                            cut.bare());
                })
                .toList();
    }

    private PieceArt draw(Spoken spoken, Box box, Canvas canvas, LiveState live) {
        return spoken.piece()
                .kind()
                .facts()
                .ask(showing(spoken, box, canvas, live))
                .map(drawings::draw)
                .orElseGet(PieceArt::nothing);
    }

    private Showing showing(Spoken spoken, Box box, Canvas canvas, LiveState live) {
        Piece piece = spoken.piece();
        return new Showing(
                piece.kind().facts(),
                canvas,
                box,
                Tunes.of(piece),
                piece.content(),
                piece.figures(),
                live.values(),
                live.tables(),
                spoken.run(),
                look().calm(),
                () -> piece.inlay()
                        .flatMap(inlay -> theme.artwork(inlay.artwork()))
                        .map(artwork -> artwork.painted(look().palette()))
                        .orElse(""),
                this::picture,
                () -> live.alert().flatMap(shown -> announced(shown, canvas)),
                live.notice().map(told -> new Showing.Notice(told.running(), told.until(), told.length())));
    }

    private static Ask.Said words(AlertRule rule, LiveState.Shown shown, int longestName) {
        Map<String, Object> values = shown.values(longestName);
        return new Ask.Said(rule.kickerFor(values), rule.textFor(values, shown.count()));
    }

    /** A ready-made picture by its id, or else by its name as people type it. */
    private Optional<Ask.Still> picture(String wanted) {
        return named(wanted).map(this::still);
    }

    private Optional<Artwork> named(String wanted) {
        return theme.artwork(wanted)
                .or(() -> theme.artworks().stream()
                        .filter(artwork -> artwork.name().equalsIgnoreCase(wanted))
                        .findFirst());
    }

    private Ask.Still still(Artwork artwork) {
        Palette palette = look().palette();
        return new Ask.Still(
                artwork.painted(palette), artwork.filter(palette), (double) artwork.width() / artwork.height());
    }

    private Optional<Showing.Announcement> announced(LiveState.Shown shown, Canvas canvas) {
        int longest = shown.longestName();
        return AlertRule.of(theme.alerts(), shown.signal())
                .filter(rule -> rule.canvases().isEmpty() || rule.canvases().contains(canvas.id()))
                .map(rule -> new Showing.Announcement(
                        NAMES.stream()
                                .map(most -> Math.min(most, longest))
                                .distinct()
                                .map(most -> words(rule, shown, most))
                                .distinct()
                                .toList(),
                        theme.artwork(rule.picture()).map(this::still),
                        rule.comes(),
                        rule.goes(),
                        shown.slot().from(),
                        shown.slot().until()));
    }
}
