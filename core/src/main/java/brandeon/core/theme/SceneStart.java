package brandeon.core.theme;

import brandeon.core.kind.Content;
import brandeon.core.kind.PieceKind;
import brandeon.core.kind.Zone;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;

/**
 * Finished scenes to begin with: for each role the pieces that such a scene needs. Pieces that belong on several
 * scenes are shared.
 */
public final class SceneStart {

    private record Wanted(Piece piece, Zone zone) {}

    private final Theme theme;
    private final UnaryOperator<String> freshId;
    private final List<Edit> edits = new ArrayList<>();
    private final List<Piece> added = new ArrayList<>();
    private final Set<String> names = new HashSet<>();
    /** Whether alerts are shown over every scene, and so on none of them besides. */
    private boolean over;

    private SceneStart(Theme theme, UnaryOperator<String> freshId) {
        this.theme = theme;
        this.freshId = freshId;
        theme.scenes().forEach(scene -> names.add(scene.name()));
    }

    /**
     * One edit that adds scenes at the end, with the pieces they lack.
     *
     * @param freshId makes an id that is not used yet, from what it is for
     */
    public static Edit.Batch of(Theme theme, List<SceneRole> roles, UnaryOperator<String> freshId) {
        SceneStart start = new SceneStart(theme, freshId);
        start.over = roles.stream().anyMatch(role -> !role.shown())
                || theme.always().stream()
                        .anyMatch(scene -> !start.announcers(scene).isEmpty());
        roles.forEach(start::add);
        return new Edit.Batch(start.edits);
    }

    private void add(SceneRole role) {
        List<Placed> stack = new ArrayList<>();
        if (!role.shown()) {
            offOthers();
        }
        for (Wanted wanted : wanted(role)) {
            stack.add(Placed.in(
                    wanted.zone(),
                    known(wanted.piece())
                            .orElseGet(() -> create(wanted.piece()))
                            .id()));
        }
        long scenes =
                edits.stream().filter(SceneEdit.AddScene.class::isInstance).count();
        edits.add(new SceneEdit.AddScene(
                theme.scenes().size() + (int) scenes,
                Scene.of(
                        freshId.apply("scene-" + role.name().toLowerCase(java.util.Locale.ROOT)),
                        freeName(role.title()),
                        role,
                        stack)));
    }

    /** What comes to stand over every scene stands on none of them besides. */
    private void offOthers() {
        for (Scene scene : theme.shownScenes()) {
            announcers(scene).forEach(id -> edits.add(new PlacingEdit.TakeOff(scene.id(), id)));
        }
    }

    private List<String> announcers(Scene scene) {
        return scene.stack().stream()
                .map(Placed::piece)
                .filter(id -> theme.piece(id)
                        .filter(piece -> piece.kind().facts().announces())
                        .isPresent())
                .toList();
    }

    private String freeName(String wanted) {
        String name = wanted;
        for (int i = 2; !names.add(name); i++) {
            name = wanted + " " + i;
        }
        return name;
    }

    private Optional<Piece> known(Piece wanted) {
        List<Piece> all = new ArrayList<>(theme.pieces());
        all.addAll(added);
        return all.stream()
                .filter(piece -> piece.kind() == wanted.kind() && piece.name().equals(wanted.name()))
                .findFirst();
    }

    private Piece create(Piece wanted) {
        Piece piece = Piece.of(
                freshId.apply(
                        wanted.kind().name().toLowerCase(java.util.Locale.ROOT).replace('_', '-')),
                wanted.kind(),
                wanted.name(),
                wanted.capture(),
                wanted.content(),
                wanted.figures());
        edits.add(new PieceEdit.AddPiece(theme.pieces().size() + added.size(), piece));
        added.add(piece);
        return piece;
    }

    private List<Wanted> wanted(SceneRole role) {
        List<Wanted> wanted = new ArrayList<>();
        String name = theme.name().substring(0, Math.min(40, theme.name().length()));
        switch (role) {
            case STARTING -> {
                wanted.add(screen(role, "Starting soon"));
                wanted.add(new Wanted(Piece.of("", PieceKind.COUNTDOWN, "Countdown"), Zone.CLOCK));
            }
            case AWAY -> wanted.add(screen(role, "Back soon"));
            case ENDING -> wanted.add(screen(role, "Thank you"));
            case LIVE -> {
                ground(wanted);
                frame(wanted, "Play frame", "play", Map.of(), 16.0 / 9, Zone.PLAY);
                frame(wanted, "Camera frame", "camera", Content.words(Map.of("name", name)), 4.0 / 3, Zone.CAMERA);
                facts(wanted, name);
                wanted.add(new Wanted(Piece.of("", PieceKind.GOAL, "Goal"), Zone.SECOND_STRIP));
            }
            case TALKING -> {
                ground(wanted);
                frame(wanted, "Talk frame", "camera", Content.words(Map.of("name", name)), 16.0 / 9, Zone.PLAY);
                facts(wanted, name);
            }
            case ALWAYS -> {}
        }
        if (over && role.shown()) {
            return wanted;
        }
        wanted.add(new Wanted(Piece.of("", PieceKind.ANNOUNCER, "Announcer"), Zone.ALERT));
        return wanted;
    }

    private static Wanted screen(SceneRole role, String title) {
        return new Wanted(
                Piece.of(
                        "",
                        PieceKind.SCREEN,
                        role.title() + " screen",
                        "",
                        Content.words(Map.of("title", title)),
                        Map.of()),
                Zone.FULL);
    }

    private static void ground(List<Wanted> wanted) {
        wanted.add(new Wanted(Piece.of("", PieceKind.BACKDROP, "Ground"), Zone.FULL));
    }

    /** A frame needs its capture; a theme that has none of that name gets the frame with the first one there is. */
    private void frame(
            List<Wanted> wanted, String name, String capture, Map<String, Content> content, double aspect, Zone zone) {
        String behind = theme.capture(capture)
                .map(Capture::id)
                .orElseGet(() ->
                        theme.captures().stream().findFirst().map(Capture::id).orElse(""));
        wanted.add(new Wanted(Piece.of("", PieceKind.FRAME, name, behind, content, Map.of("aspect", aspect)), zone));
    }

    private static void facts(List<Wanted> wanted, String name) {
        wanted.add(new Wanted(Piece.of("", PieceKind.FACT_LINE, "Latest supporter"), Zone.STRIP));
        wanted.add(new Wanted(
                Piece.of("", PieceKind.BAND, "Heads-up band", "", Content.words(Map.of("label", name)), Map.of()),
                Zone.BAND));
    }
}
