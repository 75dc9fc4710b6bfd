package brandeon.core.theme;

import brandeon.core.bot.Bot;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Viewer;
import brandeon.core.live.AlertRule;
import brandeon.core.live.Pace;
import brandeon.core.live.SignalKind;
import brandeon.core.problem.Mistake;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A whole overlay theme: one document, changed only by {@link Edits#apply}.
 *
 * @param alerts the first that is for a signal says how it is announced
 * @param pace   how alerts follow each other
 * @param sounds what it sounds like
 * @param lines  dividing lines of zone plans that were moved by hand
 * @param viewer for whom texts must be large enough
 * @param bot    what its bot answers and says in the chat
 */
public record Theme(
        String name,
        Brand brand,
        String family,
        List<Canvas> canvases,
        List<Capture> captures,
        List<Piece> pieces,
        List<Scene> scenes,
        List<AlertRule> alerts,
        Pace pace,
        Sounds sounds,
        List<Artwork> artworks,
        List<OwnFace> faces,
        List<LineShift> lines,
        Viewer viewer,
        Bot bot) {

    public static final int MOST_SCENES = 40;
    public static final int MOST_PIECES = 400;
    public static final int MOST_CANVASES = 12;
    public static final int MOST_CAPTURES = 16;
    public static final int MOST_ARTWORKS = 300;
    public static final int MOST_FACES = 20;

    public Theme {
        canvases = List.copyOf(canvases);
        captures = List.copyOf(captures);
        pieces = List.copyOf(pieces);
        scenes = List.copyOf(scenes);
        alerts = List.copyOf(alerts);
        artworks = List.copyOf(artworks);
        faces = List.copyOf(faces);
        lines = lines.stream()
                .sorted(Comparator.comparing(LineShift::role)
                        .thenComparing(LineShift::shape)
                        .thenComparing(LineShift::line))
                .toList();
        if (name.isBlank() || name.length() > 120) {
            throw new Mistake("A theme's name has between 1 and 120 letters.");
        }
    }

    /** With untouched zone plans, for a viewer with a phone. */
    public static Theme of(
            String name,
            Brand brand,
            String family,
            List<Canvas> canvases,
            List<Capture> captures,
            List<Piece> pieces,
            List<Scene> scenes,
            List<AlertRule> alerts) {
        return new Theme(
                name,
                brand,
                family,
                canvases,
                captures,
                pieces,
                scenes,
                alerts,
                Pace.STANDARD,
                Sounds.STANDARD,
                List.of(),
                List.of(),
                List.of(),
                Viewer.ON_A_PHONE,
                Bot.NONE);
    }

    public Optional<Piece> piece(String id) {
        return pieces.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /** A piece with the numbers and points of the one that it shares them with, while that one is there. */
    public Piece speaking(Piece piece) {
        return piece.share().isEmpty()
                ? piece
                : piece(piece.share())
                        .filter(other -> other.kind() == piece.kind())
                        .map(piece::speakingAs)
                        .orElse(piece);
    }

    public Optional<Scene> scene(String id) {
        return scenes.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** The scenes that are shown by themselves, one at a time. */
    public List<Scene> shownScenes() {
        return scenes.stream().filter(s -> s.role().shown()).toList();
    }

    /** What stands over every scene. */
    public List<Scene> always() {
        return scenes.stream().filter(s -> !s.role().shown()).toList();
    }

    /** What stands over a scene when viewers see it; nothing does over what is no scene of its own. */
    public List<Scene> over(Scene scene) {
        return scene.role().shown() ? always() : List.of();
    }

    /** The scene on which a piece stands that is seen on a scene. */
    public Optional<Scene> home(Scene scene, String piece) {
        return Stream.concat(Stream.of(scene), over(scene).stream())
                .filter(s -> s.placed(piece).isPresent())
                .findFirst();
    }

    public Optional<Canvas> canvas(String id) {
        return canvases.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    public Optional<Capture> capture(String id) {
        return captures.stream().filter(c -> c.id().equals(id)).findFirst();
    }

    public Optional<AlertRule> alert(String id) {
        return alerts.stream().filter(rule -> rule.id().equals(id)).findFirst();
    }

    /** The rules for a kind of signal, in their order. */
    public List<AlertRule> alerts(SignalKind kind) {
        return alerts.stream().filter(rule -> rule.kind() == kind).toList();
    }

    public Theme withName(String newName) {
        return new Theme(
                newName, brand, family, canvases, captures, pieces, scenes, alerts, pace, sounds, artworks, faces,
                lines, viewer, bot);
    }

    public Theme withBrand(Brand newBrand) {
        return new Theme(
                name, newBrand, family, canvases, captures, pieces, scenes, alerts, pace, sounds, artworks, faces,
                lines, viewer, bot);
    }

    public Theme withFamily(String id) {
        return new Theme(
                name, brand, id, canvases, captures, pieces, scenes, alerts, pace, sounds, artworks, faces, lines,
                viewer, bot);
    }

    public Theme withCanvases(List<Canvas> list) {
        return new Theme(
                name, brand, family, list, captures, pieces, scenes, alerts, pace, sounds, artworks, faces, lines,
                viewer, bot);
    }

    public Theme withCaptures(List<Capture> list) {
        return new Theme(
                name, brand, family, canvases, list, pieces, scenes, alerts, pace, sounds, artworks, faces, lines,
                viewer, bot);
    }

    public Theme withPieces(List<Piece> list) {
        return new Theme(
                name, brand, family, canvases, captures, list, scenes, alerts, pace, sounds, artworks, faces, lines,
                viewer, bot);
    }

    public Theme withScenes(List<Scene> list) {
        return new Theme(
                name, brand, family, canvases, captures, pieces, list, alerts, pace, sounds, artworks, faces, lines,
                viewer, bot);
    }

    public Theme withAlerts(List<AlertRule> list) {
        return new Theme(
                name, brand, family, canvases, captures, pieces, scenes, list, pace, sounds, artworks, faces, lines,
                viewer, bot);
    }

    public Theme withPace(Pace other) {
        return new Theme(
                name, brand, family, canvases, captures, pieces, scenes, alerts, other, sounds, artworks, faces, lines,
                viewer, bot);
    }

    public Theme withSounds(Sounds other) {
        return new Theme(
                name, brand, family, canvases, captures, pieces, scenes, alerts, pace, other, artworks, faces, lines,
                viewer, bot);
    }

    public Optional<Artwork> artwork(String id) {
        return artworks.stream().filter(a -> a.id().equals(id)).findFirst();
    }

    public Theme withArtworks(List<Artwork> list) {
        return new Theme(
                name, brand, family, canvases, captures, pieces, scenes, alerts, pace, sounds, list, faces, lines,
                viewer, bot);
    }

    public Theme withFaces(List<OwnFace> list) {
        return new Theme(
                name, brand, family, canvases, captures, pieces, scenes, alerts, pace, sounds, artworks, list, lines,
                viewer, bot);
    }

    public Theme withLines(List<LineShift> list) {
        return new Theme(
                name, brand, family, canvases, captures, pieces, scenes, alerts, pace, sounds, artworks, faces, list,
                viewer, bot);
    }

    public Theme withViewer(Viewer other) {
        return new Theme(
                name, brand, family, canvases, captures, pieces, scenes, alerts, pace, sounds, artworks, faces, lines,
                other, bot);
    }

    public Theme withBot(Bot other) {
        return new Theme(
                name, brand, family, canvases, captures, pieces, scenes, alerts, pace, sounds, artworks, faces, lines,
                viewer, other);
    }
}
