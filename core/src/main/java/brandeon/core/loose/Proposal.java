package brandeon.core.loose;

import brandeon.core.art.Blend;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Contrast;
import brandeon.core.colour.Difference;
import brandeon.core.colour.Palette;
import brandeon.core.colour.Role;
import brandeon.core.colour.Spaces;
import brandeon.core.kind.PieceKind;
import brandeon.core.kind.Zone;
import brandeon.core.live.AlertRule;
import brandeon.core.live.AlertSound;
import brandeon.core.live.SignalKind;
import brandeon.core.opening.FoundOpening;
import brandeon.core.recolour.Cluster;
import brandeon.core.recolour.Mapping;
import brandeon.core.recolour.Recolouring;
import brandeon.core.text.Face;
import brandeon.core.theme.Artwork;
import brandeon.core.theme.BrandEdit;
import brandeon.core.theme.Capture;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.FramingEdit;
import brandeon.core.theme.Inlay;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.OwnFace;
import brandeon.core.theme.PictureEdit;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.Placed;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Provenance;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.SceneStart;
import brandeon.core.theme.Sound;
import brandeon.core.theme.SoundEdit;
import brandeon.core.theme.Starter;
import brandeon.core.theme.Theme;
import brandeon.core.theme.ThemeEdit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A whole theme made of a pack: what goes where, as edits like any other. Each is tried on the way, so that what cannot
 * be is told and leaves the rest as it is.
 *
 * @param places  what goes where, each to be chosen otherwise
 * @param theme   as it would be
 * @param edit    that makes it so, as one step
 * @param notes   what could not be done, as sentences
 */
public record Proposal(List<PackPlace> places, Theme theme, Edit.Batch edit, List<String> notes) {

    /** A sound that is longer, in milliseconds, is no alert. */
    static final int LONGEST_ALERT = 12_000;

    /** The value of the colours that the pack's pictures have. */
    public static final String PICTURES = "pictures";

    private static final int MOST_SEEDS = 3;
    /** How strongly a picture may lie behind words. */
    private static final List<Double> STRENGTHS = List.of(1.0, 0.85, 0.7, 0.55, 0.4, 0.25);
    /** Colours that cover less do not lie behind many words. */
    private static final double SEEN_SHARE = 0.08;
    /** Seeds that are nearer are one (chosen by looking, no source). */
    private static final double APART = 20;

    /** What part of a theme something goes to. */
    public enum Part {
        FRAMES,
        SCREENS,
        PIECES,
        ALERTS,
        BRAND
    }

    /**
     * One place of a theme for something of a pack.
     *
     * @param value what goes there; empty for nothing, which leaves it as it is
     */
    public record PackPlace(String id, Part part, String title, String value, List<PackOption> options) {}

    /** @param value a file's number, or what else there is */
    public record PackOption(String value, String title) {}

    /** @throws brandeon.core.problem.Mistake for a choice that is none */
    public static Proposal of(Theme theme, Pack pack, LooseChoices choices) {
        return new Making(theme, pack, choices).made();
    }

    private static final class Making {

        private final Pack pack;
        private final Map<String, String> chosen;
        private final boolean fresh;
        private Theme theme;
        private final List<Edit> edits = new ArrayList<>();
        private final List<PackPlace> places = new ArrayList<>();
        private final List<String> notes = new ArrayList<>();
        /** Ids in the theme, by the files' numbers. */
        private final Map<Integer, String> ids = new HashMap<>();

        private final Set<Integer> used = new HashSet<>();

        Making(Theme theme, Pack pack, LooseChoices choices) {
            this.theme = theme;
            this.pack = pack;
            this.fresh = theme.shownScenes().isEmpty();
            this.chosen = choices.places().stream()
                    .collect(Collectors.toMap(
                            LooseChoices.PlaceChoice::place, LooseChoices.PlaceChoice::value, (_, later) -> later));
        }

        Proposal made() {
            boolean something = pack.entries().stream().anyMatch(Pack.Entry::taken);
            if (something) {
                files();
                scenes();
                faces();
                colours();
                wholeScreens();
                frames();
                screens();
                pieces();
                alerts();
            }
            return new Proposal(List.copyOf(places), theme, new Edit.Batch(edits), List.copyOf(notes));
        }

        private boolean add(Edit edit) {
            return switch (Edits.apply(theme, edit)) {
                case Outcome.Applied(Theme after, Edit _) -> {
                    theme = after;
                    edits.add(edit);
                    yield true;
                }
                case Outcome.Refused(String reason) -> {
                    if (!notes.contains(reason)) {
                        notes.add(reason);
                    }
                    yield false;
                }
            };
        }

        private static String id(String what, String file) {
            return what + "-" + file.substring(0, Math.min(10, file.length()));
        }

        private void files() {
            for (Pack.Entry entry : inOrder()) {
                switch (entry.file().found()) {
                    case Found.Picture picture -> picture(entry, picture);
                    case Found.Heard heard -> sound(entry, heard);
                    case Found.Typeface face -> face(entry, face);
                    case Found.Words _, Found.Nothing _ -> {}
                }
            }
        }

        private List<Pack.Entry> inOrder() {
            return pack.entries().stream()
                    .filter(Pack.Entry::taken)
                    .sorted(Comparator.comparing(Pack.Entry::number))
                    .toList();
        }

        private void picture(Pack.Entry entry, Found.Picture picture) {
            Optional<Artwork> there = theme.artworks().stream()
                    .filter(one -> one.file().equals(picture.file()))
                    .findFirst();
            String id = there.map(Artwork::id).orElse(id("art", picture.file()));
            if (there.isPresent()
                    || add(new PictureEdit.AddArtwork(
                            theme.artworks().size(),
                            new Artwork(
                                    id,
                                    entry.name(),
                                    picture.file(),
                                    picture.type(),
                                    picture.width(),
                                    picture.height(),
                                    picture.moving(),
                                    picture.clusters(),
                                    picture.openings(),
                                    Optional.empty(),
                                    Recolouring.proposed(
                                            picture.clusters(),
                                            picture.moving(),
                                            picture.openings().key()),
                                    provenance(entry))))) {
                ids.put(entry.number(), id);
            }
        }

        private void sound(Pack.Entry entry, Found.Heard heard) {
            Optional<Sound> there = theme.sounds().own().stream()
                    .filter(one -> one.file().equals(heard.wave()))
                    .findFirst();
            String id = there.map(Sound::id).orElse(id("sound", heard.wave()));
            if (there.isPresent()
                    || add(new SoundEdit.AddSound(
                            theme.sounds().own().size(),
                            new Sound(
                                    id,
                                    entry.name(),
                                    heard.wave(),
                                    heard.millis(),
                                    heard.loudness(),
                                    provenance(entry))))) {
                ids.put(entry.number(), id);
            }
        }

        private void face(Pack.Entry entry, Found.Typeface font) {
            Face face = Face.own(font.face());
            boolean there = theme.faces().stream().anyMatch(one -> one.face().equals(face));
            if (there
                    || add(new PictureEdit.AddFace(
                            theme.faces().size(), new OwnFace(face, font.title(), provenance(entry))))) {
                ids.put(entry.number(), face.id());
            }
        }

        /** As a text of its folder, or of one above it, says. */
        private Provenance provenance(Pack.Entry entry) {
            String path = entry.file().path();
            return pack.entries().stream()
                    .filter(one -> one.file().found() instanceof Found.Words words
                            && !(words.licence().isEmpty() && words.origin().isEmpty())
                            && path.startsWith(folder(one.file().path())))
                    .max(Comparator.comparing(one -> folder(one.file().path()).length()))
                    .map(one -> (Found.Words) one.file().found())
                    .map(words -> new Provenance(words.origin(), words.licence(), words.origin()))
                    .orElse(Provenance.UNKNOWN);
        }

        private static String folder(String path) {
            return path.substring(0, path.lastIndexOf('/') + 1);
        }

        /** Those of a usual show, where there is none yet. */
        private void scenes() {
            if (!fresh) {
                return;
            }
            if (theme.capture(Starter.CAMERA).isEmpty()) {
                add(new FramingEdit.AddCapture(
                        theme.captures().size(), Capture.of(Starter.CAMERA, "Camera", Size.of(1280, 720))));
            }
            if (theme.capture(Starter.PLAY).isEmpty()) {
                add(new FramingEdit.AddCapture(
                        theme.captures().size(), Capture.of(Starter.PLAY, "Play", Size.of(1920, 1080))));
            }
            SceneStart.of(
                            theme,
                            Stream.of(SceneRole.values())
                                    .filter(SceneRole::shown)
                                    .toList(),
                            this::fresh)
                    .edits()
                    .forEach(this::add);
        }

        private final Map<String, Integer> numbers = new HashMap<>();

        private String fresh(String what) {
            for (; ; ) {
                int number = numbers.merge(what, 1, Integer::sum);
                String id = number == 1 ? what : what + "-" + number;
                if (theme.piece(id).isEmpty() && theme.scene(id).isEmpty()) {
                    return id;
                }
            }
        }

        /** A frame for a whole scene with all its captures takes the place of those of single captures. */
        private void wholeScreens() {
            List<Pack.Entry> whole = pack.taken(What.FRAME).stream()
                    .filter(entry -> entry.picture().filter(this::coversCanvas).isPresent())
                    .toList();
            if (whole.isEmpty()) {
                return;
            }
            for (Scene scene : theme.shownScenes()) {
                if (scene.role() != SceneRole.LIVE && scene.role() != SceneRole.TALKING) {
                    continue;
                }
                Pack.Entry proposed = whole.stream()
                        .filter(entry -> Recognition.openings(entry.picture().orElseThrow())
                                                .size()
                                        == framed(scene).size()
                                && framed(scene).size() > 1)
                        .findFirst()
                        .orElse(null);
                choose("whole:" + scene.id(), Part.FRAMES, "Over all of " + scene.name(), whole, proposed)
                        .ifPresent(entry -> overAll(scene.id(), entry));
            }
        }

        private boolean coversCanvas(Found.Picture picture) {
            return Math.max(picture.width(), picture.height()) >= 1000
                    && theme.canvases().stream().anyMatch(canvas -> covers(picture, canvas));
        }

        private static boolean covers(Found.Picture picture, Canvas canvas) {
            double aspect = (double) picture.width() / picture.height();
            return Math.abs((double) canvas.size().width() / canvas.size().height() / aspect - 1) < 0.02;
        }

        private List<Piece> framed(Scene scene) {
            return scene.stack().stream()
                    .map(placed -> theme.piece(placed.piece()).orElseThrow())
                    .filter(Making::frame)
                    .toList();
        }

        private static boolean frame(Piece piece) {
            return piece.kind() == PieceKind.FRAME || piece.kind() == PieceKind.FRAME_PICTURE;
        }

        private void overAll(String sceneId, Pack.Entry entry) {
            Scene scene = theme.scene(sceneId).orElseThrow();
            List<Piece> before = framed(scene);
            // The largest opening is for what is shown largest: the play, then the camera.
            List<String> captures = before.stream()
                    .flatMap(piece -> piece.captures().stream())
                    .distinct()
                    .sorted(Comparator.comparing((String capture) -> !capture.equals(Starter.PLAY)))
                    .limit(Recognition.openings(entry.picture().orElseThrow()).size())
                    .toList();
            int index = before.isEmpty()
                    ? Math.min(1, scene.stack().size())
                    : scene.indexOf(before.getFirst().id());
            String id = fresh("frame-picture");
            if (!add(new PieceEdit.AddPiece(theme.pieces().size(), framePiece(id, entry, captures)))) {
                return;
            }
            add(new PlacingEdit.Place(sceneId, index, Placed.in(Zone.FULL, id)));
            // On canvases of another shape the frames stay that were there.
            for (Shape shape :
                    theme.canvases().stream().map(Canvas::shape).distinct().toList()) {
                boolean fits = theme.canvases().stream()
                        .filter(canvas -> canvas.shape() == shape)
                        .anyMatch(canvas -> covers(entry.picture().orElseThrow(), canvas));
                if (!fits) {
                    add(new PlacingEdit.SetHidden(sceneId, id, shape, true));
                    continue;
                }
                before.forEach(piece -> add(new PlacingEdit.SetHidden(sceneId, piece.id(), shape, true)));
            }
        }

        private Piece framePiece(String id, Pack.Entry entry, List<String> captures) {
            return new Piece(
                    id,
                    PieceKind.FRAME_PICTURE,
                    entry.name(),
                    captures,
                    Map.of(),
                    Map.of(),
                    Optional.of(inlay(entry, Inlay.Fit.WHOLE)),
                    false,
                    "",
                    false);
        }

        private Inlay inlay(Pack.Entry entry, Inlay.Fit fit) {
            return new Inlay(ids.get(entry.number()), Blend.NORMAL, 1, fit);
        }

        private void frames() {
            List<Pack.Entry> all = pack.taken(What.FRAME);
            for (Piece piece : List.copyOf(theme.pieces())) {
                if (all.isEmpty() || !frame(piece) || used(piece)) {
                    continue;
                }
                List<String> words = piece.captures().contains(Starter.CAMERA)
                        ? List.of("cam", "camera", "webcam", "face", "talk", "chatting")
                        : List.of("game", "play", "gameplay", "screen");
                Pack.Entry proposed = all.stream()
                        .filter(entry -> Recognition.openings(entry.picture().orElseThrow())
                                        .size()
                                == 1)
                        .filter(entry -> named(entry, words) || piece.captures().contains(Starter.CAMERA))
                        .max(Comparator.comparing((Pack.Entry entry) -> named(entry, words))
                                .thenComparing(entry -> !used.contains(entry.number()))
                                .thenComparing(entry -> -aspectOff(entry, piece)))
                        .orElse(null);
                choose("frame:" + piece.id(), Part.FRAMES, piece.name(), all, proposed)
                        .ifPresent(entry -> instead(piece, entry));
            }
        }

        /** It is a picture of this pack already. */
        private boolean used(Piece piece) {
            return piece.kind() == PieceKind.FRAME_PICTURE
                    && piece.inlay()
                            .filter(inlay -> ids.containsValue(inlay.artwork()))
                            .isPresent();
        }

        private double aspectOff(Pack.Entry entry, Piece piece) {
            FoundOpening opening =
                    Recognition.openings(entry.picture().orElseThrow()).getFirst();
            double wanted = theme.capture(piece.capture())
                    .map(capture ->
                            (double) capture.size().width() / capture.size().height())
                    .orElse(16.0 / 9);
            return Math.abs(Math.log(opening.box().width() / opening.box().height() / wanted));
        }

        /** In all its places; an opening that the picture lacks shows nothing. */
        private void instead(Piece piece, Pack.Entry entry) {
            String id = fresh("frame-picture");
            if (!add(new PieceEdit.AddPiece(theme.pieces().size(), framePiece(id, entry, piece.captures())))) {
                return;
            }
            for (Scene scene : List.copyOf(theme.scenes())) {
                scene.placed(piece.id()).ifPresent(placed -> {
                    int index = scene.indexOf(piece.id());
                    add(new PlacingEdit.TakeOff(scene.id(), piece.id()));
                    add(new PlacingEdit.Place(scene.id(), index, placed.of(id)));
                });
            }
            add(new PieceEdit.RemovePiece(piece.id()));
        }

        private void screens() {
            List<Pack.Entry> all = Stream.concat(pack.taken(What.BACKDROP).stream(), pack.taken(What.LOOP).stream())
                    .toList();
            List<Pack.Entry> backdrops = pack.taken(What.BACKDROP);
            for (Piece piece : List.copyOf(theme.pieces())) {
                List<String> words = switch (piece.kind()) {
                    case SCREEN, BREAK_SCREEN -> screenWords(piece.name());
                    case BACKDROP -> List.of("background", "bg", "ground", "backdrop", "live", "main");
                    default -> List.of();
                };
                if (words.isEmpty() || all.isEmpty()) {
                    continue;
                }
                Pack.Entry named = first(backdrops, entry -> named(entry, words));
                Pack.Entry proposed = named != null
                        ? named
                        : first(backdrops, entry -> SCREENS.stream().noneMatch(other -> named(entry, other)));
                if (proposed == null && piece.kind() != PieceKind.BACKDROP) {
                    proposed = first(backdrops, _ -> true);
                }
                choose("screen:" + piece.id(), Part.SCREENS, piece.name(), all, proposed)
                        .ifPresent(entry -> add(new PieceEdit.SetInlay(
                                piece.id(),
                                piece.kind() == PieceKind.BACKDROP
                                        ? inlay(entry, Inlay.Fit.COVER)
                                        : behindWords(entry))));
            }
        }

        /** As strongly as large words on it can be read, by its main colours as they are in the brand. */
        private Inlay behindWords(Pack.Entry entry) {
            Artwork artwork = theme.artwork(ids.get(entry.number())).orElseThrow();
            Palette palette = theme.brand().palette();
            Mapping mapping = artwork.recipe(palette).mapping();
            Colour ground = palette.colour(Role.GROUND);
            Colour ink = palette.colour(Role.TEXT);
            double strength = STRENGTHS.stream()
                    .filter(one -> artwork.clusters().stream()
                            .filter(cluster -> cluster.share() >= SEEN_SHARE)
                            .map(cluster -> mapping.apply(cluster.colour()))
                            .allMatch(colour ->
                                    Contrast.ratio(ink, colour.withAlpha(one).over(ground)) >= Contrast.LARGE_OR_EDGE))
                    .findFirst()
                    .orElse(STRENGTHS.getLast());
            return new Inlay(artwork.id(), Blend.NORMAL, strength, Inlay.Fit.COVER);
        }

        private static final List<List<String>> SCREENS = List.of(
                List.of("starting", "start", "soon", "intro"),
                List.of("away", "brb", "back", "break", "pause", "intermission"),
                List.of("ending", "end", "thanks", "thank", "goodbye", "offline", "outro"));

        private static List<String> screenWords(String name) {
            String lower = name.toLowerCase(Locale.ROOT);
            return SCREENS.stream()
                    .filter(words -> words.stream().anyMatch(lower::contains))
                    .findFirst()
                    .orElse(List.of("screen"));
        }

        private void pieces() {
            List<Pack.Entry> bars = pack.taken(What.BAR);
            List<Pack.Entry> panels = pack.taken(What.PANEL);
            for (Piece piece : List.copyOf(theme.pieces())) {
                List<String> words = PIECE_WORDS.getOrDefault(piece.kind(), List.of());
                if (words.isEmpty()) {
                    continue;
                }
                boolean bar = BARS.contains(piece.kind());
                List<Pack.Entry> fitting = bar ? bars : panels;
                if (fitting.isEmpty()) {
                    continue;
                }
                Pack.Entry proposed = first(fitting, entry -> named(entry, words));
                if (proposed == null && piece.kind() == PieceKind.GOAL) {
                    proposed = first(
                            fitting,
                            entry -> PIECE_WORDS.entrySet().stream()
                                    .filter(other -> other.getKey() != PieceKind.GOAL)
                                    .noneMatch(other -> named(entry, other.getValue())));
                }
                choose("piece:" + piece.id(), Part.PIECES, piece.name(), fitting, proposed)
                        .ifPresent(entry -> add(new PieceEdit.SetInlay(piece.id(), inlay(entry, Inlay.Fit.STRETCH))));
            }
            emblem();
        }

        private static final Set<PieceKind> BARS =
                Set.of(PieceKind.GOAL, PieceKind.LOWER_THIRD, PieceKind.BAND, PieceKind.TICKER, PieceKind.FACT_LINE);

        private static final Map<PieceKind, List<String>> PIECE_WORDS = Map.ofEntries(
                Map.entry(PieceKind.GOAL, List.of("goal", "progress")),
                Map.entry(PieceKind.LOWER_THIRD, List.of("lower", "third", "name", "title")),
                Map.entry(PieceKind.BAND, List.of("band", "news", "heads")),
                Map.entry(PieceKind.TICKER, List.of("ticker", "scroll")),
                Map.entry(PieceKind.FACT_LINE, List.of("latest", "recent", "fact", "label")),
                Map.entry(PieceKind.SUPPORTER_BOARD, List.of("supporter", "supporters", "top")),
                Map.entry(PieceKind.CHAT, List.of("chat")),
                Map.entry(PieceKind.RECENT, List.of("recent", "events")),
                Map.entry(PieceKind.AGENDA, List.of("agenda", "topics")),
                Map.entry(PieceKind.SCHEDULE, List.of("schedule")),
                Map.entry(PieceKind.QUEUE, List.of("queue")),
                Map.entry(PieceKind.PANEL, List.of("panel", "panels", "about")),
                Map.entry(PieceKind.TABLE, List.of("table")));

        /** A drawing in the corner of the scene that is live. */
        private void emblem() {
            List<Pack.Entry> all = Stream.of(What.ORNAMENT, What.ICON)
                    .flatMap(what -> pack.taken(what).stream())
                    .toList();
            Optional<Scene> live = theme.shownScenes().stream()
                    .filter(scene -> scene.role() == SceneRole.LIVE)
                    .findFirst();
            if (all.isEmpty() || live.isEmpty()) {
                return;
            }
            Pack.Entry proposed = first(all, entry -> named(entry, List.of("logo", "emblem", "watermark", "mark")));
            choose("corner", Part.PIECES, "In the corner of " + live.get().name(), all, proposed)
                    .ifPresent(entry -> {
                        String id = fresh("picture");
                        if (add(new PieceEdit.AddPiece(
                                theme.pieces().size(),
                                new Piece(
                                        id,
                                        PieceKind.PICTURE,
                                        entry.name(),
                                        List.of(),
                                        Map.of(),
                                        Map.of(),
                                        Optional.of(inlay(entry, Inlay.Fit.WHOLE)),
                                        false,
                                        "",
                                        false)))) {
                            Scene scene = theme.scene(live.get().id()).orElseThrow();
                            add(new PlacingEdit.Place(scene.id(), scene.stack().size(), Placed.in(Zone.CORNER, id)));
                        }
                    });
        }

        private void alerts() {
            List<Pack.Entry> pictures = Stream.of(What.ALERT, What.ICON, What.LOOP, What.ORNAMENT)
                    .flatMap(what -> pack.taken(what).stream())
                    .toList();
            List<Pack.Entry> sounds = pack.taken(What.SOUND).stream()
                    .filter(entry ->
                            entry.file().found() instanceof Found.Heard heard && heard.millis() <= LONGEST_ALERT)
                    .toList();
            List<Pack.Entry> forAll = pack.taken(What.ALERT).stream()
                    .filter(entry -> ALERT_WORDS.values().stream().noneMatch(words -> named(entry, words)))
                    .toList();
            for (AlertRule rule : List.copyOf(theme.alerts())) {
                List<String> words = ALERT_WORDS.getOrDefault(rule.kind(), List.of());
                if (!rule.on() || words.isEmpty()) {
                    continue;
                }
                String title = rule.kind().title();
                String called = title.substring(0, 1).toUpperCase(Locale.ROOT) + title.substring(1);
                if (!pictures.isEmpty()) {
                    Pack.Entry proposed = Optional.ofNullable(first(pictures, entry -> named(entry, words)))
                            .orElse(first(forAll, _ -> true));
                    choose("alert:" + rule.id(), Part.ALERTS, called + ": picture", pictures, proposed)
                            .ifPresent(entry -> set(rule.id(), one -> one.pictured(ids.get(entry.number()))));
                }
                if (!sounds.isEmpty()) {
                    Pack.Entry proposed = first(sounds, entry -> named(entry, words));
                    if (proposed == null && rule.kind() == SignalKind.FOLLOW && sounds.size() == 1) {
                        proposed = sounds.getFirst();
                    }
                    choose("sound:" + rule.id(), Part.ALERTS, called + ": sound", sounds, proposed)
                            .ifPresent(entry -> set(
                                    rule.id(),
                                    one -> one.heard(new AlertSound(
                                            ids.get(entry.number()), one.sound().level()))));
                }
            }
        }

        private void set(String rule, UnaryOperator<AlertRule> change) {
            theme.alert(rule).ifPresent(one -> add(new ThemeEdit.SetAlert(change.apply(one))));
        }

        private static final Map<SignalKind, List<String>> ALERT_WORDS = Map.of(
                SignalKind.FOLLOW, List.of("follow", "follower", "followers"),
                SignalKind.SUBSCRIPTION, List.of("sub", "subscribe", "subscriber", "subscription", "member"),
                SignalKind.RENEWAL, List.of("resub", "renewal", "anniversary"),
                SignalKind.GIFTED_SUBSCRIPTIONS, List.of("gift", "gifted", "giftsub"),
                SignalKind.TIP, List.of("tip", "donation", "donate"),
                SignalKind.RAID, List.of("raid", "visit", "host"),
                SignalKind.POINTS, List.of("points", "cheer"),
                SignalKind.PAID_MESSAGE, List.of("message", "shout"),
                SignalKind.PURCHASE, List.of("purchase", "merch", "order"));

        private void faces() {
            List<Pack.Entry> fonts = pack.taken(What.FONT);
            if (fonts.isEmpty()) {
                return;
            }
            Pack.Entry heading = Optional.ofNullable(first(
                            fonts, entry -> styled(entry, List.of("black", "bold", "display", "heavy", "condensed"))))
                    .orElse(fonts.getFirst());
            Pack.Entry text = first(
                    fonts, entry -> entry != heading && !styled(entry, List.of("black", "heavy", "italic", "bold")));
            face("HEADING", "Headings", BrandEdit.FaceUse.HEADING, fonts, heading);
            face("TEXT", "Text", BrandEdit.FaceUse.TEXT, fonts, text);
            face("FIGURES", "Figures", BrandEdit.FaceUse.FIGURES, fonts, null);
        }

        private static boolean styled(Pack.Entry entry, List<String> words) {
            return entry.file().found() instanceof Found.Typeface face
                    && words.stream().anyMatch(face.title().toLowerCase(Locale.ROOT)::contains);
        }

        private void face(String id, String title, BrandEdit.FaceUse use, List<Pack.Entry> fonts, Pack.Entry proposed) {
            choose("face:" + id, Part.BRAND, title, fonts, proposed)
                    .ifPresent(entry -> add(new BrandEdit.SetFace(use, new Face(ids.get(entry.number())))));
        }

        private void colours() {
            List<Pack.Entry> palettes = pack.taken(What.PALETTE);
            List<Colour> found = seeds();
            List<PackOption> options = new ArrayList<>();
            palettes.forEach(entry -> options.add(new PackOption(String.valueOf(entry.number()), entry.name())));
            if (!found.isEmpty()) {
                options.add(new PackOption(PICTURES, "those of its pictures"));
            }
            if (options.isEmpty()) {
                return;
            }
            String value =
                    chosen.getOrDefault("colours", fresh ? options.getFirst().value() : "");
            String known = options.stream().anyMatch(one -> one.value().equals(value)) ? value : "";
            places.add(new PackPlace("colours", Part.BRAND, "Colours", known, List.copyOf(options)));
            List<Colour> seeds = known.equals(PICTURES)
                    ? found
                    : palettes.stream()
                            .filter(entry -> String.valueOf(entry.number()).equals(known))
                            .findFirst()
                            .map(entry -> apart(((Found.Words) entry.file().found()).palette().stream(), 5))
                            .orElse(List.of());
            if (!seeds.isEmpty()) {
                add(new BrandEdit.SetSeeds(seeds));
            }
        }

        /** The pack's strongest colours, what covers most first. */
        private List<Colour> seeds() {
            Map<Colour, Double> weights = new HashMap<>();
            pack.entries().stream()
                    .filter(Pack.Entry::taken)
                    .flatMap(entry -> entry.picture().stream())
                    .flatMap(picture -> picture.clusters().stream())
                    .filter(cluster -> !cluster.neutral())
                    .forEach(cluster -> weights.merge(cluster.colour(), weight(cluster), Double::sum));
            return apart(
                    weights.entrySet().stream()
                            .sorted(Map.Entry.<Colour, Double>comparingByValue()
                                    .reversed()
                                    .thenComparing(entry -> entry.getKey().hex()))
                            .map(Map.Entry::getKey),
                    MOST_SEEDS);
        }

        private static double weight(Cluster cluster) {
            return Math.sqrt(cluster.share()) * Spaces.oklch(cluster.colour()).chroma();
        }

        private static List<Colour> apart(Stream<Colour> colours, int most) {
            List<Colour> apart = new ArrayList<>();
            colours.map(colour -> colour.withAlpha(1))
                    .filter(colour -> apart.size() < most
                            && apart.stream().allMatch(one -> Difference.ciede2000(one, colour) >= APART))
                    .forEach(apart::add);
            return apart;
        }

        private static boolean named(Pack.Entry entry, List<String> words) {
            return ReadableNames.words(entry.file().path()).stream()
                    .anyMatch(word -> words.contains(word.toLowerCase(Locale.ROOT)));
        }

        private static Pack.Entry first(List<Pack.Entry> entries, Predicate<Pack.Entry> fits) {
            return entries.stream().filter(fits).findFirst().orElse(null);
        }

        /** What was chosen for a place, or else what is proposed. */
        private Optional<Pack.Entry> choose(
                String id, Part part, String title, List<Pack.Entry> fitting, Pack.Entry proposed) {
            List<Pack.Entry> kept = fitting.stream()
                    .filter(entry -> ids.containsKey(entry.number()))
                    .toList();
            if (kept.isEmpty()) {
                return Optional.empty();
            }
            String value = chosen.getOrDefault(id, proposed == null ? "" : String.valueOf(proposed.number()));
            Optional<Pack.Entry> taken = kept.stream()
                    .filter(entry -> String.valueOf(entry.number()).equals(value))
                    .findFirst();
            places.add(new PackPlace(
                    id,
                    part,
                    title,
                    taken.map(entry -> String.valueOf(entry.number())).orElse(""),
                    kept.stream()
                            .map(entry -> new PackOption(String.valueOf(entry.number()), entry.name()))
                            .toList()));
            taken.ifPresent(entry -> used.add(entry.number()));
            return taken;
        }
    }
}
