package brandeon.core.preflight;

import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.kind.Figure;
import brandeon.core.kind.PieceKind;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.FittedOpening;
import brandeon.core.preflight.Standing.Stood;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.Placed;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Spot;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What might help against findings; {@link Finding.Kind} says which of it against which. */
final class FixIdeas {

    private static final double[] DARKER = {1.25, 1.5, 1.75, 2};
    private static final double[] LARGER = {1, 1.08, 1.2, 1.4};

    private final Theme theme;
    private final Finding finding;
    private final Standing standing;
    private final Stood stood;
    private final List<Fix> ideas = new ArrayList<>();

    private FixIdeas(Theme theme, Finding finding, Standing standing, Stood stood) {
        this.theme = theme;
        this.finding = finding;
        this.standing = standing;
        this.stood = stood;
    }

    /** Adds ideas about a piece that stands on the scene of the finding. */
    interface Idea {
        void addTo(FixIdeas ideas);
    }

    /** Ideas one after another. */
    static Remedy each(Idea... each) {
        return (theme, finding, piece, scene) -> {
            Optional<Standing> standing = scene.map(resolved -> Standing.of(theme, resolved));
            Optional<Stood> stood = standing.flatMap(s -> piece.flatMap(one -> s.piece(one.id())));
            if (stood.isEmpty()) {
                return List.of();
            }
            FixIdeas ideas = new FixIdeas(theme, finding, standing.orElseThrow(), stood.get());
            for (Idea idea : each) {
                idea.addTo(ideas);
            }
            return ideas.ideas;
        };
    }

    Standing standing() {
        return standing;
    }

    /** The piece that the finding is about. */
    Stood stood() {
        return stood;
    }

    void add(Fix idea) {
        ideas.add(idea);
    }

    void move() {
        ideas.addAll(Moves.of(standing, stood));
    }

    void moveOther() {
        standing.piece(finding.other())
                .ifPresent(other -> Moves.of(standing, other)
                        .forEach(move -> ideas.add(new Fix(
                                String.format(Locale.ROOT, "%s: %s", other.name(), move.does()), move.edit()))));
    }

    void beforeTheCaptures() {
        reorder(indexOf(finding.other()), "Bring it before the captures");
    }

    void toTheBack() {
        reorder(0, "Send it to the back");
    }

    void toTheFront() {
        reorder(scene().stack().size() - 1, "Bring it to the front");
    }

    void still() {
        Fix.still(stood.placement().piece()).ifPresent(ideas::add);
    }

    void otherStill() {
        theme.piece(finding.other()).flatMap(Fix::still).ifPresent(ideas::add);
    }

    static List<Fix> shown(Theme theme, Finding finding, Optional<Piece> piece, Optional<ResolvedScene> elsewhere) {
        return piece.map(one -> shown(theme, finding, one)).orElse(List.of());
    }

    private static List<Fix> shown(Theme theme, Finding finding, Piece piece) {
        Scene scene = theme.scene(finding.scene()).orElseThrow();
        if (scene.placed(piece.id()).isPresent()) {
            return theme
                    .canvas(finding.canvas())
                    .map(canvas -> new Fix(
                            "Show it", new PlacingEdit.SetHidden(scene.id(), piece.id(), canvas.shape(), false)))
                    .stream()
                    .toList();
        }
        Placed like = theme.scenes().stream()
                .map(s -> s.placed(piece.id()))
                .flatMap(Optional::stream)
                .findFirst()
                .filter(placed -> placed.spot() instanceof Spot.InZone)
                .map(placed -> Placed.at(placed.spot(), piece.id()))
                .orElseGet(() -> Placed.in(piece.kind().zone(), piece.id()));
        return List.of(new Fix(
                "Add it on top", new PlacingEdit.Place(scene.id(), scene.stack().size(), like)));
    }

    static List<Fix> still(Theme theme, Finding finding, Optional<Piece> piece, Optional<ResolvedScene> scene) {
        return piece.flatMap(Fix::still).map(List::of).orElse(List.of());
    }

    private static boolean has(Piece piece, String figure) {
        return piece.kind().figure(figure).isPresent();
    }

    private Scene scene() {
        return standing.home(stood);
    }

    private Canvas canvas() {
        return standing.canvas();
    }

    private int indexOf(String piece) {
        return scene().indexOf(piece);
    }

    private void reorder(int index, String does) {
        ideas.add(new Fix(does, new PlacingEdit.Reorder(scene().id(), stood.id(), index)));
    }

    void backToPlan() {
        if (stood.placement().placed().onCanvas().containsKey(canvas().id())) {
            ideas.add(new Fix(
                    "Back to its place on this shape",
                    new PlacingEdit.DropPlaceOn(scene().id(), stood.id(), canvas().id())));
        } else if (stood.placement().corrected(canvas())) {
            ideas.add(new Fix(
                    "Back to the plan", new PlacingEdit.DropCorrection(scene().id(), stood.id(), canvas().shape())));
        }
    }

    void larger() {
        double wanted = finding.limit() / finding.measured();
        Piece piece = stood.placement().piece();
        Figure size = piece.kind().figure("size").orElse(null);
        for (double more : LARGER) {
            if (size != null && piece.figure("size") * wanted * more <= size.most()) {
                ideas.add(new Fix(
                        String.format(Locale.ROOT, "Letters %.0f %% larger", (wanted * more - 1) * 100),
                        new PieceEdit.SetFigure(
                                piece.id(), "size", Math.ceil(piece.figure("size") * wanted * more * 100) / 100)));
            }
            ideas.add(Moves.scaled(
                    standing,
                    stood,
                    wanted * more,
                    String.format(Locale.ROOT, "Make it %.0f %% larger", (wanted * more - 1) * 100)));
        }
    }

    void smaller() {
        double wanted = finding.limit() / finding.measured();
        for (double less : new double[] {0.999, 0.97, 0.93}) {
            ideas.add(Moves.scaled(
                    standing,
                    stood,
                    wanted * less,
                    String.format(Locale.ROOT, "Make it %.0f %% as large", wanted * less * 100)));
        }
    }

    void aspect() {
        Piece piece = stood.placement().piece();
        FittedOpening opening = standing.scene().openings().stream()
                .filter(o -> o.piece().equals(piece.id()))
                .findFirst()
                .orElseThrow();
        Size size = opening.capture().size();
        if (piece.kind() == PieceKind.FRAME) {
            ideas.add(new Fix(
                    "Give the opening the shape of the picture",
                    new PieceEdit.SetFigure(piece.id(), "aspect", (double) size.width() / size.height())));
        }
    }

    void bound() {
        Piece piece = stood.placement().piece();
        List<String> captures = new ArrayList<>(piece.captures());
        int openings = stood.placement().art().openings().size();
        theme.captures().stream()
                .map(capture -> capture.id())
                .filter(id -> !captures.contains(id))
                .limit(Math.max(0, openings - captures.size()))
                .forEach(captures::add);
        while (captures.size() < openings && !theme.captures().isEmpty()) {
            captures.add(theme.captures().getFirst().id());
        }
        ideas.add(new Fix("Bind a capture to it", new PieceEdit.SetPieceCaptures(piece.id(), captures)));
    }

    void darker() {
        Piece piece = stood.placement().piece();
        if (has(piece, "darkness")) {
            for (double darker : DARKER) {
                double next = Math.min(2, piece.figure("darkness") * darker);
                ideas.add(new Fix("Make its plate more opaque", new PieceEdit.SetFigure(piece.id(), "darkness", next)));
            }
        }
    }
}
