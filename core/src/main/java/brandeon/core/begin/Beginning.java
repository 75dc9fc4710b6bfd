package brandeon.core.begin;

import brandeon.core.art.Families;
import brandeon.core.canvas.Anchor;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import brandeon.core.canvas.Size;
import brandeon.core.kind.Content;
import brandeon.core.kind.Zone;
import brandeon.core.layout.ZonePlan;
import brandeon.core.problem.Mistake;
import brandeon.core.theme.BrandEdit;
import brandeon.core.theme.Capture;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.FramingEdit;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.Placed;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneEdit;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.SceneStart;
import brandeon.core.theme.Spot;
import brandeon.core.theme.Starter;
import brandeon.core.theme.Theme;
import brandeon.core.theme.ThemeEdit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/** Makes a complete theme of a few answers. The same answers always make the same theme, with the same ids. */
public final class Beginning {

    private static final Set<Zone> BESIDE = Set.of(Zone.PLAY, Zone.CAMERA, Zone.STRIP, Zone.SECOND_STRIP);
    private static final int FRAME_RATE = 60;

    private Theme theme;
    private final List<Edit> edits = new ArrayList<>();

    private Beginning(Theme theme) {
        this.theme = theme;
    }

    /** What is answered before anybody answered: everything that a usual show needs. @param name of the theme */
    public static Answers standard(String name) {
        return new Answers(
                name,
                Moods.all().getFirst().seeds(),
                Families.all().getFirst().id(),
                Arrays.stream(SceneRole.values()).filter(SceneRole::shown).toList(),
                List.of(Answers.Format.WIDE, Answers.Format.UPRIGHT),
                Optional.of(Size.of(1280, 720)),
                Answers.Play.GAME,
                Answers.Side.RIGHT,
                Map.of());
    }

    /** The theme that answers make. */
    public static Theme theme(Answers answers) {
        return of(Starter.theme(answers.name()), answers).theme;
    }

    /**
     * One edit that makes a theme that is still in its beginning into what answers say.
     *
     * @throws Mistake for an answer that no theme can hold
     */
    public static Edit.Batch edit(Theme present, Answers answers) {
        return new Edit.Batch(of(present, answers).edits);
    }

    private static Beginning of(Theme present, Answers answers) {
        Beginning beginning = new Beginning(present);
        beginning.brand(answers);
        beginning.clear();
        beginning.canvases(answers);
        beginning.captures(answers);
        beginning.scenes(answers);
        beginning.words(answers);
        beginning.side(answers);
        return beginning;
    }

    private void brand(Answers answers) {
        add(new ThemeEdit.Rename(answers.name()));
        add(new BrandEdit.SetSeeds(answers.seeds()));
        add(new ThemeEdit.SetFamily(answers.family()));
    }

    private void clear() {
        theme.scenes().forEach(scene -> add(new SceneEdit.RemoveScene(scene.id())));
        theme.pieces().forEach(piece -> add(new PieceEdit.RemovePiece(piece.id())));
        theme.captures().forEach(capture -> add(new FramingEdit.RemoveCapture(capture.id())));
    }

    /** A theme always has a canvas, so those that are wanted come before the others go. They keep their own order. */
    private void canvases(Answers answers) {
        for (Answers.Format format : answers.canvases()) {
            if (theme.canvas(id(format)).isEmpty()) {
                int before = (int) Stream.of(Answers.Format.values())
                        .filter(other -> other.ordinal() < format.ordinal())
                        .filter(other -> theme.canvas(id(other)).isPresent())
                        .count();
                add(new FramingEdit.AddCanvas(
                        before, Canvas.of(id(format), format.title(), format.size(), FRAME_RATE)));
            }
        }
        List<String> wanted = answers.canvases().stream().map(Beginning::id).toList();
        theme.canvases().stream()
                .map(Canvas::id)
                .filter(id -> !wanted.contains(id))
                .forEach(id -> add(new FramingEdit.RemoveCanvas(id)));
    }

    private static String id(Answers.Format format) {
        return format.name().toLowerCase(java.util.Locale.ROOT);
    }

    private void captures(Answers answers) {
        answers.camera()
                .ifPresent(size -> add(new FramingEdit.AddCapture(0, Capture.of(Starter.CAMERA, "Camera", size))));
        if (answers.play() != Answers.Play.NONE) {
            add(new FramingEdit.AddCapture(
                    theme.captures().size(),
                    Capture.of(Starter.PLAY, answers.play().title(), Size.of(1920, 1080))));
        }
    }

    private void scenes(Answers answers) {
        Map<String, Integer> taken = new HashMap<>();
        SceneStart.of(theme, answers.roles(), what -> {
                    int number = taken.merge(what, 1, Integer::sum);
                    return number == 1 ? what : what + "-" + number;
                })
                .edits()
                .forEach(this::add);
        if (answers.camera().isEmpty()) {
            remove("Camera frame");
        }
        if (answers.play() == Answers.Play.NONE) {
            remove("Play frame");
        }
        if (answers.camera().isEmpty() && answers.play() == Answers.Play.NONE) {
            remove("Talk frame");
        }
    }

    private void remove(String piece) {
        theme.pieces().stream()
                .filter(one -> one.name().equals(piece))
                .forEach(one -> add(new PieceEdit.RemovePiece(one.id())));
    }

    private void words(Answers answers) {
        for (Piece piece : theme.pieces()) {
            switch (piece.kind()) {
                case SCREEN -> screen(piece, answers);
                case FRAME -> {
                    if (!piece.name().equals("Play frame")) {
                        say(piece, "name", answers.says(Answers.Words.CAMERA_NAME));
                    }
                }
                case BAND -> {
                    say(piece, "label", answers.says(Answers.Words.BAND_LABEL));
                    say(piece, "message", answers.says(Answers.Words.BAND_MESSAGE));
                }
                default -> {}
            }
        }
    }

    private void screen(Piece piece, Answers answers) {
        for (Answers.Words words : Answers.Words.values()) {
            if (words.role().screen() && piece.name().equals(words.role().title() + " screen")) {
                boolean title = words.name().endsWith("TITLE");
                say(piece, title ? "title" : "line", answers.says(words));
            }
        }
    }

    private void say(Piece piece, String field, String text) {
        if (!text.isEmpty()) {
            add(new PieceEdit.SetContent(piece.id(), field, new Content.Words(text)));
        }
    }

    /** The camera's column on the other side: what stands beside each other on a wide canvas is mirrored. */
    private void side(Answers answers) {
        Optional<Canvas> wide = theme.canvases().stream()
                .filter(canvas -> canvas.shape() == Shape.WIDE)
                .findFirst();
        if (answers.side() == Answers.Side.RIGHT || wide.isEmpty()) {
            return;
        }
        Canvas canvas = wide.get();
        for (Scene scene : theme.scenes()) {
            ZonePlan plan = ZonePlan.of(scene.role(), canvas);
            for (Placed placed : scene.stack()) {
                if (placed.spot() instanceof Spot.InZone(Zone zone) && BESIDE.contains(zone)) {
                    Box box = plan.zone(zone);
                    double u = canvas.unit();
                    add(new PlacingEdit.SetCorrection(
                            scene.id(),
                            placed.piece(),
                            Shape.WIDE,
                            new Spot.Anchored(
                                    Anchor.TOP_LEFT,
                                    (canvas.size().width() - box.right()) / u,
                                    box.y() / u,
                                    box.width() / u,
                                    box.height() / u)));
                }
            }
        }
    }

    private void add(Edit edit) {
        switch (Edits.apply(theme, edit)) {
            case Outcome.Applied(Theme after, Edit inverse) -> {
                theme = after;
                edits.add(edit);
            }
            case Outcome.Refused(String reason) -> throw new Mistake(reason);
        }
    }
}
