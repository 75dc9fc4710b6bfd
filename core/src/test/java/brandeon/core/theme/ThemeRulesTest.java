package brandeon.core.theme;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.art.Blend;
import brandeon.core.canvas.Anchor;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import brandeon.core.canvas.Side;
import brandeon.core.canvas.Size;
import brandeon.core.canvas.SourceBox;
import brandeon.core.canvas.UnitBox;
import brandeon.core.colour.Colour;
import brandeon.core.kind.PieceKind;
import brandeon.core.kind.Zone;
import brandeon.core.live.AlertRule;
import brandeon.core.live.SignalKind;
import brandeon.core.opening.Cut;
import brandeon.core.opening.FoundOpening;
import brandeon.core.problem.Mistake;
import brandeon.core.recolour.Recolouring;
import brandeon.core.sound.Loudness;
import brandeon.core.text.Face;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.assertj.core.api.ThrowableAssert.ThrowingCallable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

/** What a document may hold and how much of it. */
class ThemeRulesTest {

    private static final Theme THEME = EditsTest.THEME;

    /** Adds so many parts and then one more, which is refused with the number. */
    static Stream<Arguments> collections() {
        return Stream.of(
                arguments(
                        Theme.MOST_SCENES,
                        t -> t.scenes().size(),
                        i -> new SceneEdit.AddScene(0, Scene.of("s" + i, "Scene", SceneRole.LIVE, List.of()))),
                arguments(
                        Theme.MOST_PIECES,
                        t -> t.pieces().size(),
                        i -> new PieceEdit.AddPiece(0, Piece.of("p" + i, PieceKind.BAND, "Band"))),
                arguments(
                        Theme.MOST_CANVASES,
                        t -> t.canvases().size(),
                        i -> new FramingEdit.AddCanvas(0, Canvas.of("c" + i, "Canvas", Size.of(800, 600), 30))),
                arguments(
                        Theme.MOST_CAPTURES,
                        t -> t.captures().size(),
                        i -> new FramingEdit.AddCapture(0, Capture.of("k" + i, "Camera", Size.of(640, 480)))),
                arguments(
                        Theme.MOST_ARTWORKS,
                        t -> t.artworks().size(),
                        i -> new PictureEdit.AddArtwork(0, art("a" + i))),
                arguments(
                        Theme.MOST_FACES,
                        t -> t.faces().size(),
                        i -> new PictureEdit.AddFace(
                                0, new OwnFace(Face.own(String.format("%064x", i)), "Marsh Sans", Provenance.UNKNOWN))),
                arguments(
                        Sounds.MOST,
                        t -> t.sounds().own().size(),
                        i -> new SoundEdit.AddSound(
                                0,
                                new Sound(
                                        "s" + i,
                                        "Owl",
                                        String.format("%064x", i),
                                        900,
                                        new Loudness(-20, -4),
                                        Provenance.UNKNOWN))),
                arguments(
                        Brand.MOST_MOODS,
                        t -> t.brand().moods().size(),
                        i -> new BrandEdit.AddMood(
                                0, new Mood("m" + i, "Mood", List.of(Colour.parse("#88aa22")), Map.of()))),
                arguments(
                        5,
                        t -> t.brand().seeds().size(),
                        i -> new BrandEdit.AddSeed(0, Colour.parse(String.format("#%06x", i * 99_991)))),
                arguments(
                        Capture.MOST_REGIONS,
                        t -> t.capture("camera").orElseThrow().regions().size(),
                        i -> new FramingEdit.SetRegion(
                                "camera", new Region("r" + i, "Face", Region.Sort.FACE, new SourceBox(1, 1, 9, 9)))),
                arguments(
                        Scene.MOST_KEPT_CLEAR,
                        t -> t.scene("hide").orElseThrow().keepClear().size(),
                        i -> new FramingEdit.SetKeepClear(
                                "hide", new KeepClear("k" + i, "Buttons", Shape.WIDE, new UnitBox(1, 1, 9, 9)))));
    }

    private static Arguments arguments(int most, Function<Theme, Integer> size, IntFunction<Edit> more) {
        return Arguments.of(more.apply(1).getClass().getSimpleName(), most, size, more);
    }

    @ParameterizedTest(name = "{0}: {1}")
    @MethodSource("collections")
    void asManyAsThereMayBeAreTakenAndNoMore(
            String name, int most, Function<Theme, Integer> size, IntFunction<Edit> more) {
        Theme theme = THEME;
        for (int i = 1; size.apply(theme) < most; i++) {
            theme = applied(theme, more.apply(i));
        }
        assertThat(refused(theme, more.apply(most + 1))).containsAnyOf(String.valueOf(most), "one to five");
        if (!name.equals("AddSeed") && !name.startsWith("Set")) {
            assertThat(refused(applied(THEME, more.apply(1)), more.apply(1)))
                    .as("the same id twice")
                    .containsAnyOf("already", "twice");
        }
    }

    /** Ids and names are judged wherever they come in. */
    static Stream<Arguments> parts() {
        return Stream.of(
                part((id, name) -> new FramingEdit.AddCanvas(0, Canvas.of(id, name, Size.of(800, 600), 30))),
                part((id, name) -> new FramingEdit.AddCapture(0, Capture.of(id, name, Size.of(640, 480)))),
                part((id, name) -> new FramingEdit.SetRegion(
                        "camera", new Region(id, name, Region.Sort.FACE, new SourceBox(1, 1, 9, 9)))),
                part((id, name) -> new PieceEdit.AddPiece(0, Piece.of(id, PieceKind.BAND, name))),
                part((id, name) -> new SceneEdit.AddScene(0, Scene.of(id, name, SceneRole.LIVE, List.of()))),
                part((id, name) -> new FramingEdit.SetKeepClear(
                        "hide", new KeepClear(id, name, Shape.WIDE, new UnitBox(1, 1, 9, 9)))),
                part((id, name) -> new PictureEdit.AddArtwork(0, art(id, name))),
                part((id, name) ->
                        new BrandEdit.AddMood(0, new Mood(id, name, List.of(Colour.parse("#88aa22")), Map.of()))));
    }

    private interface Named {
        Edit of(String id, String name);
    }

    private static Arguments part(Named named) {
        return Arguments.of(named.of("x", "X").getClass().getSimpleName(), named);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("parts")
    void idsAndNamesAreJudgedWhereverTheyComeIn(String edit, Named named) {
        assertThat(Edits.apply(THEME, named.of("a.B-9_x", "Field desk 2"))).isInstanceOf(Outcome.Applied.class);
        assertThat(refused(THEME, named.of("no/slash", "Field desk"))).contains("An id has 1 to 60 letters");
        assertThat(refused(THEME, named.of("fine", "two\nlines"))).contains("one line");
    }

    @Test
    void whatIsSaidOfPicturesAndFacesStandsOnOneLine() {
        for (Provenance provenance : List.of(
                new Provenance("a\nb", "", ""), new Provenance("", "a\nb", ""), new Provenance("", "", "a\nb"))) {
            assertThat(refused(THEME, new PictureEdit.SetProvenance("badge", provenance)))
                    .contains("on one line each");
            assertThat(refused(
                            THEME,
                            new PictureEdit.SetFaceProvenance(
                                    THEME.faces().getFirst().face(), provenance)))
                    .contains("on one line each");
        }
        assertThat(refused(
                        THEME,
                        new PictureEdit.AddFace(
                                0, new OwnFace(Face.own("56".repeat(32)), "two\nlines", Provenance.UNKNOWN))))
                .contains("one line");
        assertThat(refused(THEME, new PlacingEdit.SetGroup("hide", "band", "two\nlines")))
                .contains("one line");
        assertThat(refused(THEME, new ThemeEdit.Rename("two\nlines"))).contains("one line");
    }

    @Test
    void coloursThatAPictureDoesNotHaveCannotBeMapped() {
        for (int wrong : new int[] {-1, 1}) {
            assertThat(refused(
                            THEME,
                            new PictureEdit.SetRecolouring(
                                    "badge", new Recolouring(Recolouring.Method.SHIFT, Map.of(), List.of(wrong)))))
                    .contains("has 1 main colours")
                    .contains("number " + wrong);
        }
    }

    @Test
    void aTextAsksOnlyForWhatAnAlertHas() {
        assertThat(refused(
                        THEME,
                        new ThemeEdit.SetAlert(AlertRule.of(
                                SignalKind.FOLLOW, true, "Hello", "{name, plural, one {#} other {#}}", 5))))
                .contains("{name}");
        assertThat(refused(
                        THEME,
                        new ThemeEdit.SetAlert(AlertRule.of(SignalKind.FOLLOW, true, "{name, number}", "Hello", 5))))
                .contains("{name}");
    }

    /** What was wrong before does not stand in the way of another change. */
    @Test
    void whatAnEarlierVersionTookIsNotJudgedAgain() {
        Theme old = THEME.withCanvases(Stream.concat(
                        THEME.canvases().stream(),
                        Stream.of(Canvas.of("an id with spaces", "Old", Size.of(800, 600), 30)))
                .toList());
        assertThat(Edits.apply(old, new ThemeEdit.Rename("Still editable"))).isInstanceOf(Outcome.Applied.class);
        assertThat(Edits.apply(old, new FramingEdit.AddCanvas(0, Canvas.of("new", "New", Size.of(800, 600), 30))))
                .isInstanceOf(Outcome.Applied.class);
    }

    private static Stream<Limit> limits() {
        return Stream.of(
                limit(() -> new Spot.Anchored(Anchor.TOP, 20_000, -20_000, 8, 8), true, ""),
                limit(() -> new Spot.Anchored(Anchor.TOP, 20_001, 0, 8, 8), false, "20001"),
                limit(() -> new Spot.Anchored(Anchor.TOP, 0, -20_001, 8, 8), false, "-20001"),
                limit(() -> new Spot.Anchored(Anchor.TOP, 0, 0, 15_000, 5_001), false, "out of range"),
                limit(() -> new Spot.Anchored(Anchor.TOP, 0, 0, 7.9, 8), false, "too small"),
                limit(() -> new Spot.Anchored(Anchor.TOP, 0, 0, 8, 7.9), false, "too small"),
                limit(() -> new Spot.Anchored(Anchor.TOP, Double.NaN, 0, 8, 8), false, "out of range"),
                limit(() -> new Spot.Attached("x", Side.TOP, Spot.Along.FULL, 20_000, 20_000, 8), true, ""),
                limit(() -> new Spot.Attached("x", Side.TOP, Spot.Along.FULL, -20_001, 8, 8), false, "out of range"),
                limit(() -> new Spot.Attached("x", Side.TOP, Spot.Along.FULL, 0, 8, 7), false, "too small"),
                limit(() -> new Manner(-360, false, false, 0, Blend.NORMAL), true, ""),
                limit(() -> new Manner(361, false, false, 1, Blend.NORMAL), false, "-360 and 360"),
                limit(() -> new Manner(0, false, false, 1.01, Blend.NORMAL), false, "between 0 and 1"),
                limit(() -> new Manner(0, false, false, -0.01, Blend.NORMAL), false, "between 0 and 1"),
                limit(() -> new Inlay("a", Blend.NORMAL, 0, Inlay.Fit.COVER), true, ""),
                limit(() -> new Inlay("a", Blend.NORMAL, 1, Inlay.Fit.COVER), true, ""),
                limit(() -> new Inlay("a", Blend.NORMAL, 1.1, Inlay.Fit.COVER), false, "between 0 and 1"),
                limit(() -> new Inlay("a", Blend.NORMAL, -0.1, Inlay.Fit.COVER), false, "between 0 and 1"),
                limit(() -> new LineShift(SceneRole.LIVE, Shape.WIDE, PlanLine.COLUMN, 0), true, ""),
                limit(() -> new LineShift(SceneRole.LIVE, Shape.WIDE, PlanLine.COLUMN, 1), true, ""),
                limit(() -> new LineShift(SceneRole.LIVE, Shape.WIDE, PlanLine.COLUMN, 1.01), false, "outside"),
                limit(() -> new LineShift(SceneRole.LIVE, Shape.WIDE, PlanLine.COLUMN, -0.01), false, "outside"),
                limit(() -> new KeepClear("a", "n".repeat(60), Shape.WIDE, new UnitBox(0, 0, 8, 8)), true, ""),
                limit(
                        () -> new KeepClear("a", "n".repeat(61), Shape.WIDE, new UnitBox(0, 0, 8, 8)),
                        false,
                        "60 letters"),
                limit(() -> new KeepClear("a", " ", Shape.WIDE, new UnitBox(0, 0, 8, 8)), false, "60 letters"),
                limit(() -> new KeepClear("a", "n", Shape.WIDE, new UnitBox(0, 0, 7, 8)), false, "too small"),
                limit(() -> new KeepClear("a", "n", Shape.WIDE, new UnitBox(0, 0, 8, 7)), false, "too small"),
                limit(() -> new Region("a", "n".repeat(60), Region.Sort.FACE, new SourceBox(0, 0, 1, 1)), true, ""),
                limit(() -> new Region("a", "n".repeat(61), Region.Sort.FACE, new SourceBox(0, 0, 1, 1)), false, "60"),
                limit(() -> new Region("a", " ", Region.Sort.FACE, new SourceBox(0, 0, 1, 1)), false, "60 letters"),
                limit(
                        () -> new Region("a", "n", Region.Sort.FACE, new SourceBox(0, 0, 0.9, 1)),
                        false,
                        "holds nothing"),
                limit(
                        () -> new Region("a", "n", Region.Sort.FACE, new SourceBox(0, 0, 1, 0.9)),
                        false,
                        "holds nothing"),
                limit(() -> new Mood("m".repeat(60), "n".repeat(60), List.of(Colour.BLACK), Map.of()), true, ""),
                limit(() -> new Mood("m".repeat(61), "n", List.of(Colour.BLACK), Map.of()), false, "60 letters"),
                limit(() -> new Mood("m", "n".repeat(61), List.of(Colour.BLACK), Map.of()), false, "60 letters"),
                limit(() -> new Mood("m", " ", List.of(Colour.BLACK), Map.of()), false, "60 letters"),
                limit(() -> new Mood(" ", "n", List.of(Colour.BLACK), Map.of()), false, "60 letters"),
                limit(() -> new OwnFace(Face.own("12".repeat(32)), "n".repeat(120), Provenance.UNKNOWN), true, ""),
                limit(() -> new OwnFace(Face.own("12".repeat(32)), "n".repeat(121), Provenance.UNKNOWN), false, "120"),
                limit(() -> new OwnFace(Face.own("12".repeat(32)), " ", Provenance.UNKNOWN), false, "120 letters"),
                limit(() -> new OwnFace(Face.FRAUNCES, "n", Provenance.UNKNOWN), false, "ships already"),
                limit(() -> new Provenance("o".repeat(400), "l".repeat(400), "c".repeat(400)), true, ""),
                limit(() -> new Provenance("o".repeat(401), "", ""), false, "400 letters"),
                limit(() -> new Provenance("", "l".repeat(401), ""), false, "400 letters"),
                limit(() -> new Provenance("", "", "c".repeat(401)), false, "400 letters"),
                limit(() -> art("a".repeat(60), "n".repeat(200)), true, ""),
                limit(() -> art("a".repeat(61), "n"), false, "200 letters"),
                limit(() -> art("a", "n".repeat(201)), false, "200 letters"),
                limit(() -> art(" ", "n"), false, "200 letters"),
                limit(() -> art("a", " "), false, "200 letters"),
                limit(() -> art("a").with(cuts(Cut.MOST)), true, ""),
                limit(() -> art("a").with(cuts(Cut.MOST + 1)), false, Cut.MOST + " openings"),
                limit(() -> THEME.withName("n".repeat(120)), true, ""),
                limit(() -> THEME.withName("n".repeat(121)), false, "120 letters"),
                limit(() -> THEME.withName(" "), false, "120 letters"),
                limit(() -> THEME.brand().withCorner(0).withPlate(1), true, ""),
                limit(() -> THEME.brand().withCorner(1.01), false, "Corner radius"),
                limit(() -> THEME.brand().withPlate(-0.01), false, "opacity of plates"),
                limit(() -> THEME.brand().withMoods(List.of(), "gone"), false, "mood is no longer there"),
                limit(() -> Capture.of("a", "n".repeat(60), Size.of(9, 9)), true, ""),
                limit(() -> Capture.of("a", "n".repeat(61), Size.of(9, 9)), false, "60 letters"),
                limit(() -> Capture.of("a", " ", Size.of(9, 9)), false, "60 letters"),
                limit(() -> framed(Piece.MOST_OPENINGS), true, ""),
                limit(() -> framed(Piece.MOST_OPENINGS + 1), false, "8 openings"),
                limit(
                        () -> Scene.of(
                                "a",
                                "Twice",
                                SceneRole.LIVE,
                                List.of(Placed.in(Zone.BAND, "band"), Placed.in(Zone.TOP, "band"))),
                        false,
                        "“Twice” twice"));
    }

    private record Limit(ThrowingCallable makes, boolean taken, String sentence) {}

    private static Limit limit(ThrowingCallable makes, boolean taken, String sentence) {
        return new Limit(makes, taken, sentence);
    }

    @Test
    void limitsAreTakenAndWhatIsBeyondThemIsSaid() throws Throwable {
        int number = 0;
        for (Limit limit : limits().toList()) {
            number++;
            if (limit.taken()) {
                limit.makes().call();
            } else {
                assertThatThrownBy(limit.makes())
                        .as("limit %d of the list", number)
                        .isInstanceOf(Mistake.class)
                        .hasMessageContaining(limit.sentence());
            }
        }
    }

    /** A drag or a line that is typed leaves one step behind; what adds, removes or moves leaves each. */
    @Test
    void editsThatSetAPropertyOverrideOnesOfTheSamePropertyOnly() {
        List<Edit> all = EditsTest.everyKindOfEdit().toList();
        assertThat(all.stream()
                        .filter(edit -> edit.target().isPresent())
                        .map(edit -> edit.getClass().getSimpleName())
                        .collect(Collectors.toSet()))
                .containsExactlyInAnyOrder(
                        "Batch",
                        "Rename",
                        "SetSeed",
                        "SetSeeds",
                        "SetShare",
                        "SetPin",
                        "SetCorner",
                        "SetPlate",
                        "SetGradient",
                        "SetCalm",
                        "SetMood",
                        "ChooseMood",
                        "SetFamily",
                        "RenameSound",
                        "SetSoundProvenance",
                        "SetLoudness",
                        "NameBot",
                        "SetCommand",
                        "SetTimed",
                        "SetBot",
                        "SetAlert",
                        "SetPace",
                        "SetSceneRole",
                        "SetCanvas",
                        "SetRegion",
                        "SetLine",
                        "SetViewer",
                        "SetKeepClear",
                        "SetContent",
                        "SetFigure",
                        "SetInlay",
                        "SetFaceProvenance",
                        "SetRecolouring",
                        "SetOpenings",
                        "SetProvenance",
                        "SetGroup",
                        "SetSpot",
                        "SetCorrection",
                        "SetPlaceOn",
                        "SetBox",
                        "SetManner",
                        "SetMannerOn",
                        "SetContentOn");
        for (Edit one : all) {
            for (Edit other : all) {
                assertThat(Edits.overrides(one, other))
                        .as("%s after %s", one, other)
                        .isEqualTo(one == other && one.target().isPresent());
            }
        }
    }

    @Test
    void aPictureInAPieceIsPlacedAsItsFitSays() {
        Box box = new Box(100, 50, 400, 100);
        Function<Inlay.Fit, Box> placed = fit -> new Inlay("a", Blend.NORMAL, 1, fit).placed(box, 200, 100);
        assertThat(placed.apply(Inlay.Fit.STRETCH)).isEqualTo(box);
        assertThat(placed.apply(Inlay.Fit.COVER)).isEqualTo(new Box(100, 0, 400, 200));
        assertThat(placed.apply(Inlay.Fit.WHOLE)).isEqualTo(new Box(200, 50, 200, 100));
    }

    @Test
    void whatIsNotSaidOfAPictureIsListed() {
        assertThat(Provenance.UNKNOWN.lacking()).containsExactly("origin", "licence", "credit");
        assertThat(new Provenance("here", " ", "Tove").lacking()).containsExactly("licence");
    }

    @Test
    void aPlaceInAListOutOfItGoesToItsEnd() {
        Theme theme = applied(THEME, new PieceEdit.AddPiece(999, Piece.of("last", PieceKind.BAND, "Last")));
        assertThat(theme.pieces().getLast().id()).isEqualTo("last");
        theme = applied(theme, new PieceEdit.AddPiece(-5, Piece.of("first", PieceKind.BAND, "First")));
        assertThat(theme.pieces().getFirst().id()).isEqualTo("first");
        assertThat(refused(THEME, new BrandEdit.SetSeed(-1, Colour.BLACK))).contains("number 0");
        int seeds = THEME.brand().seeds().size();
        assertThat(refused(THEME, new BrandEdit.RemoveSeed(seeds)))
                .contains("number " + (seeds + 1))
                .contains("there are " + seeds);
    }

    private static Piece framed(int captures) {
        return new Piece(
                "f",
                PieceKind.FRAME,
                "Frame",
                Collections.nCopies(captures, "camera"),
                Map.of(),
                Map.of(),
                Optional.empty(),
                false,
                "",
                false);
    }

    private static Optional<List<Cut>> cuts(int count) {
        return Optional.of(IntStream.range(0, count)
                .mapToObj(
                        i -> new Cut(new SourceBox(i, 0, 9, 9), FoundOpening.Contour.RECTANGLE, 0, List.of(), 0, false))
                .toList());
    }

    private static Artwork art(String id) {
        return art(id, "Heron");
    }

    private static Artwork art(String id, String name) {
        Artwork badge = THEME.artworks().getFirst();
        return new Artwork(
                id,
                name,
                badge.file(),
                badge.type(),
                badge.width(),
                badge.height(),
                badge.moving(),
                badge.clusters(),
                badge.openings(),
                badge.drawn(),
                badge.recolouring(),
                badge.provenance());
    }

    private static Theme applied(Theme theme, Edit edit) {
        Outcome outcome = Edits.apply(theme, edit);
        assertThat(outcome).as("%s", edit).isInstanceOf(Outcome.Applied.class);
        return ((Outcome.Applied) outcome).theme();
    }

    private static String refused(Theme theme, Edit edit) {
        Outcome outcome = Edits.apply(theme, edit);
        assertThat(outcome).as("%s", edit).isInstanceOf(Outcome.Refused.class);
        return ((Outcome.Refused) outcome).reason();
    }
}
