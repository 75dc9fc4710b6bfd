package brandeon.core.layout.rearrange;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.canvas.Anchor;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.SafeArea;
import brandeon.core.canvas.Size;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.PieceKind;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.layout.Resolver;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.Placed;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Spot;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class RearrangementTest {

    private static final Canvas WIDE = Canvas.of("wide", "Wide", Size.of(1920, 1080), 60);
    private static final Canvas UPRIGHT = Canvas.of("upright", "Upright", Size.of(1080, 1920), 60);
    private static final Canvas SQUARE = Canvas.of("square", "Square", Size.of(1080, 1080), 60);

    @Test
    void aSceneThatStandsWellIsLeftAlone() {
        Theme theme = ReedlightHide.theme();
        for (Scene scene : theme.scenes()) {
            assertThat(Rearrangement.propose(theme, scene, WIDE, UPRIGHT, LiveState.QUIET)
                            .changes())
                    .as(scene.name())
                    .isFalse();
        }
    }

    @Test
    void anUprightCanvasGetsTheFaceAboveThePlayBelowAndTheRestBetweenInReadingOrder() {
        Theme theme = watch(List.of(fact("first", 1460, 560), fact("second", 1460, 700), fact("third", 1460, 840)));
        ResolvedScene upright = resolved(proposed(theme, WIDE, UPRIGHT), UPRIGHT);
        Box camera = box(upright, "camera");
        Box scope = box(upright, "scope");
        assertThat(camera.bottom()).isLessThan(scope.y());
        for (String fact : List.of("first", "second", "third")) {
            assertThat(box(upright, fact).y()).as(fact).isGreaterThanOrEqualTo(camera.bottom());
            assertThat(box(upright, fact).bottom()).as(fact).isLessThanOrEqualTo(scope.y());
        }
        assertThat(box(upright, "first").x()).isLessThan(box(upright, "second").x());
        assertThat(box(upright, "third").y())
                .isGreaterThan(box(upright, "first").y());
        assertThat(scope.width())
                .as("no shrunken copy: a third of a wide canvas would be 600 px")
                .isGreaterThan(900);
    }

    @Test
    void whatMattersLeastIsLeftOutAndSaidSoAndWhatMustShowStays() {
        List<Placed> many = new ArrayList<>();
        for (int i = 0; i < 14; i++) {
            many.add(fact("fact" + i, 1460, 90 + i * 70));
        }
        many.add(Placed.at(new Spot.Anchored(Anchor.TOP_LEFT, 1460, 20, 380, 200), "mark"));
        Theme theme = applied(watch(many), new PieceEdit.SetMustShow("fact13", true));
        Rearrangement.Proposal proposal =
                Rearrangement.propose(theme, theme.scenes().getFirst(), WIDE, UPRIGHT, LiveState.QUIET);
        assertThat(proposal.leftOut()).startsWith("mark").doesNotContain("fact13");
        ResolvedScene upright = resolved(applied(theme, proposal.edit()), UPRIGHT);
        assertThat(upright.placement("mark")).isEmpty();
        assertThat(upright.placement("fact13")).isPresent();
    }

    @Test
    void picturesFindTheirPlaceOnceEverythingElseIsLeftOut() {
        Placed band = Placed.at(new Spot.Anchored(Anchor.TOP_LEFT, 0, 180, 1920, 900), "band");
        Theme theme = watch(List.of(band, fact("fact", 1460, 420)));
        Rearrangement.Proposal proposal =
                Rearrangement.propose(theme, theme.scenes().getFirst(), WIDE, UPRIGHT, LiveState.QUIET);
        assertThat(proposal.leftOut()).containsExactly("fact");
        ResolvedScene upright = resolved(applied(theme, proposal.edit()), UPRIGHT);
        Box safe = UPRIGHT.safe(SafeArea.ACTION);
        for (String picture : List.of("camera", "scope")) {
            assertThat(box(upright, picture).outside(safe)).as(picture).isLessThanOrEqualTo(1);
            assertThat(box(upright, picture).cut(box(upright, "band")).area())
                    .as(picture)
                    .isLessThan(1);
        }
        assertThat(box(upright, "camera").cut(box(upright, "scope")).area()).isZero();
    }

    @Test
    void goingToAnotherShapeAndBackGivesTheSamePlaces() {
        SplittableRandom random = new SplittableRandom(2);
        for (int i = 0; i < 30; i++) {
            List<Placed> facts = new ArrayList<>();
            for (int n = 0; n < random.nextInt(1, 5); n++) {
                facts.add(fact("fact" + n, 1440, 490 + n * 120));
            }
            Theme theme = watch(facts);
            ResolvedScene before = resolved(theme, WIDE);
            Theme there = proposed(theme, WIDE, UPRIGHT);
            Theme back = proposed(there, UPRIGHT, WIDE);
            assertThat(boxes(resolved(back, WIDE))).isEqualTo(boxes(before));
            assertThat(boxes(resolved(back, UPRIGHT))).isEqualTo(boxes(resolved(there, UPRIGHT)));
        }
    }

    @Test
    void whateverIsProposedLiesInTheSafeAreaAndNothingLiesInTheWayOfAnother() {
        SplittableRandom random = new SplittableRandom(6);
        for (int i = 0; i < 80; i++) {
            List<Placed> facts = new ArrayList<>();
            for (int n = 0; n < random.nextInt(0, 7); n++) {
                facts.add(Placed.at(
                        new Spot.Anchored(
                                Anchor.TOP_LEFT,
                                random.nextInt(70, 1500),
                                random.nextInt(40, 900),
                                random.nextInt(200, 420),
                                random.nextInt(80, 130)),
                        "fact" + n));
            }
            Theme theme = watch(facts);
            for (Canvas canvas : List.of(UPRIGHT, SQUARE)) {
                Rearrangement.Proposal proposal =
                        Rearrangement.propose(theme, theme.scenes().getFirst(), WIDE, canvas, LiveState.QUIET);
                ResolvedScene after = resolved(proposal.changes() ? applied(theme, proposal.edit()) : theme, canvas);
                List<Placement> shown = after.placements().stream()
                        .filter(p -> p.piece().kind() != PieceKind.BACKDROP)
                        .toList();
                for (Placement one : shown) {
                    assertThat(one.box().outside(canvas.safe(SafeArea.ACTION)))
                            .as("%s on %s in try %d", one.piece().name(), canvas.name(), i)
                            .isLessThanOrEqualTo(1);
                    for (Placement other : shown) {
                        assertThat(one == other ? 0 : one.box().cut(other.box()).area())
                                .as(
                                        "%s and %s on %s in try %d",
                                        one.piece().name(), other.piece().name(), canvas.name(), i)
                                .isLessThan(1);
                    }
                }
            }
        }
    }

    @Test
    void whatAPersonPlacedOnTheShapeStays() {
        Theme theme = applied(
                watch(List.of(fact("first", 1460, 560))),
                new PlacingEdit.SetBox("watch", "first", "upright", new Box(100, 900, 300, 100)));
        assertThat(box(resolved(proposed(theme, WIDE, UPRIGHT), UPRIGHT), "first"))
                .isEqualTo(new Box(100, 900, 300, 100));
    }

    /** Somebody dragged a line over the camera on the upright canvas: it goes, what stands well stays. */
    @Test
    void whatAPersonPlacedInTheWayIsPlacedAnew() {
        Theme theme = ReedlightHide.theme();
        Theme dragged =
                applied(theme, new PlacingEdit.SetBox("hide", "follower", "upright", new Box(-30, 500, 500, 112)));
        Scene hide = dragged.scene("hide").orElseThrow();
        Rearrangement.Proposal proposal = Rearrangement.propose(dragged, hide, WIDE, UPRIGHT, LiveState.QUIET);
        assertThat(proposal.troubled()).contains("Latest follower");
        Theme taken = applied(dragged, proposal.edit());
        ResolvedScene after = new Resolver(taken).resolve(taken.scene("hide").orElseThrow(), UPRIGHT, LiveState.QUIET);
        List<Placement> facts = after.placements().stream()
                .filter(p -> p.piece().kind() == PieceKind.FACT_LINE
                        || p.piece().kind() == PieceKind.COUNTER
                        || p.piece().kind() == PieceKind.GOAL)
                .toList();
        for (Placement one : facts) {
            assertThat(one.box().outside(UPRIGHT.safe(SafeArea.ACTION)))
                    .as(one.piece().name())
                    .isLessThanOrEqualTo(1);
            for (ResolvedScene.FittedOpening opening : after.openings()) {
                assertThat(one.box().cut(opening.bounds()).area())
                        .as("%s over %s", one.piece().name(), opening.piece())
                        .isZero();
            }
            facts.forEach(other -> assertThat(
                            one == other ? 0 : one.box().cut(other.box()).area())
                    .as("%s and %s", one.piece().name(), other.piece().name())
                    .isZero());
        }
        Rearrangement.Proposal again =
                Rearrangement.propose(taken, taken.scene("hide").orElseThrow(), WIDE, UPRIGHT, LiveState.QUIET);
        assertThat(again.troubled())
                .as(
                        "in %s",
                        after.placements().stream()
                                .map(p -> p.piece().name() + " " + p.box())
                                .toList())
                .isEmpty();
    }

    /** A wide scene placed by hand: a scope at the left, a camera at the top right, and facts. */
    private static Theme watch(List<Placed> facts) {
        Theme demo = ReedlightHide.theme();
        List<Piece> pieces = new ArrayList<>(List.of(
                Piece.of("ground", PieceKind.BACKDROP, "Ground"),
                Piece.of("scope", PieceKind.FRAME, "Scope", "play", Map.of(), Map.of("aspect", 0.0)),
                Piece.of("camera", PieceKind.FRAME, "Camera", "camera", Map.of(), Map.of("aspect", 0.0))));
        facts.forEach(placed -> pieces.add(Piece.of(
                placed.piece(),
                placed.piece().equals("mark") ? PieceKind.SHAPE : PieceKind.FACT_LINE,
                placed.piece())));
        pieces.replaceAll(piece -> piece.id().equals("mark") ? Piece.of("mark", PieceKind.PICTURE, "mark") : piece);
        List<Placed> stack = new ArrayList<>(List.of(
                Placed.in(brandeon.core.kind.Zone.FULL, "ground"),
                Placed.at(new Spot.Anchored(Anchor.TOP_LEFT, 68, 60, 1340, 760), "scope"),
                Placed.at(new Spot.Anchored(Anchor.TOP_LEFT, 1440, 60, 410, 300), "camera")));
        stack.addAll(facts);
        return Theme.of(
                "Watch",
                demo.brand(),
                demo.family(),
                List.of(WIDE, UPRIGHT),
                demo.captures(),
                pieces,
                List.of(Scene.of("watch", "Watch", SceneRole.LIVE, stack)),
                demo.alerts());
    }

    private static Placed fact(String id, double x, double y) {
        return Placed.at(new Spot.Anchored(Anchor.TOP_LEFT, x, y, 390, 100), id);
    }

    private static Theme proposed(Theme theme, Canvas from, Canvas to) {
        Rearrangement.Proposal proposal =
                Rearrangement.propose(theme, theme.scenes().getFirst(), from, to, LiveState.QUIET);
        return proposal.changes() ? applied(theme, proposal.edit()) : theme;
    }

    private static Theme applied(Theme theme, Edit edit) {
        return ((Outcome.Applied) Edits.apply(theme, edit)).theme();
    }

    private static ResolvedScene resolved(Theme theme, Canvas canvas) {
        return new Resolver(theme).resolve(theme.scenes().getFirst(), canvas, LiveState.QUIET);
    }

    private static Box box(ResolvedScene scene, String piece) {
        return scene.placement(piece).orElseThrow().box();
    }

    private static Map<String, Box> boxes(ResolvedScene scene) {
        return scene.placements().stream()
                .collect(java.util.stream.Collectors.toMap(p -> p.piece().id(), Placement::box));
    }
}
