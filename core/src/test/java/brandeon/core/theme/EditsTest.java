package brandeon.core.theme;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.art.Blend;
import brandeon.core.bot.Asker;
import brandeon.core.bot.Bot;
import brandeon.core.bot.Command;
import brandeon.core.bot.TimedMessage;
import brandeon.core.canvas.Anchor;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.SafeMargins;
import brandeon.core.canvas.Shape;
import brandeon.core.canvas.Side;
import brandeon.core.canvas.Size;
import brandeon.core.canvas.SourceBox;
import brandeon.core.canvas.UnitBox;
import brandeon.core.canvas.Viewer;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Gradient;
import brandeon.core.colour.Role;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Content;
import brandeon.core.kind.PieceKind;
import brandeon.core.kind.Zone;
import brandeon.core.live.AlertRule;
import brandeon.core.live.Pace;
import brandeon.core.live.SignalKind;
import brandeon.core.live.Urgency;
import brandeon.core.live.When;
import brandeon.core.opening.Cut;
import brandeon.core.opening.FoundOpening;
import brandeon.core.opening.Openings;
import brandeon.core.pack.Json;
import brandeon.core.recolour.Cluster;
import brandeon.core.recolour.Recolouring;
import brandeon.core.sound.Loudness;
import brandeon.core.text.Face;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

public class EditsTest {

    private static final Artwork BADGE = new Artwork(
            "badge",
            "Old badge",
            "ab".repeat(32),
            "image/png",
            400,
            400,
            false,
            List.of(new Cluster(Colour.parse("#c0392b"), 1, false)),
            Openings.NONE,
            Optional.of(List.of(
                    new Cut(new SourceBox(1, 2, 30, 40), FoundOpening.Contour.RECTANGLE, 0, List.of(), 0, false))),
            new Recolouring(Recolouring.Method.SHIFT, Map.of(0, Role.ACCENT), List.of()),
            Provenance.UNKNOWN);
    public static final Theme THEME = applied(
                    applied(
                                    applied(
                                                    ReedlightHide.theme().withArtworks(List.of(BADGE)),
                                                    new FramingEdit.AddCapture(
                                                            2,
                                                            new Capture(
                                                                    "spare",
                                                                    "Spare camera",
                                                                    Size.of(640, 480),
                                                                    List.of(new Region(
                                                                            "clock",
                                                                            "Its clock",
                                                                            Region.Sort.DISPLAY,
                                                                            new SourceBox(500, 400, 100, 40))),
                                                                    false)))
                                            .theme(),
                                    new FramingEdit.SetLine(
                                            new LineShift(SceneRole.LIVE, Shape.UPRIGHT, PlanLine.PLAY_TOP, 0.6)))
                            .theme(),
                    new FramingEdit.SetKeepClear(
                            "desk",
                            new KeepClear("corner", "Clock of the player", Shape.WIDE, new UnitBox(1700, 0, 220, 90))))
            .theme()
            .withFaces(List.of(new OwnFace(Face.own("12".repeat(32)), "Marsh Sans", Provenance.UNKNOWN)))
            .withSounds(new Sounds(List.of(sound("hoot", "Owl")), -23));

    private static Sound sound(String id, String name) {
        return new Sound(id, name, "56".repeat(32), 1800, new Loudness(-18.4, -3.2), Provenance.UNKNOWN);
    }

    public static Stream<Edit> everyKindOfEdit() {
        Placed strip = Placed.in(Zone.STRIP, "countdown");
        return Stream.of(
                new ThemeEdit.Rename("Reedlight at night"),
                new BrandEdit.SetSeed(1, Colour.parse("#aa3311")),
                new BrandEdit.AddSeed(1, Colour.parse("#aa3311")),
                new BrandEdit.RemoveSeed(0),
                new BrandEdit.SetFace(BrandEdit.FaceUse.HEADING, Face.FRAUNCES),
                new BrandEdit.SetFace(BrandEdit.FaceUse.TEXT, Face.FAMILJEN),
                new BrandEdit.SetFace(BrandEdit.FaceUse.FIGURES, Face.BRICOLAGE),
                new BrandEdit.SetCorner(0.1),
                new BrandEdit.SetSeeds(List.of(Colour.parse("#112233"), Colour.parse("#aabbcc"))),
                new BrandEdit.SetPin(Role.ACCENT, Colour.parse("#88aa22")),
                new BrandEdit.SetPlate(0.6),
                new BrandEdit.SetCalm(true),
                new PlacingEdit.SetGroup("hide", "band", "Foot of the picture"),
                new BrandEdit.SetGradient(
                        new Gradient(List.of(Role.ACCENT, Role.GLOW, Role.SECOND_ACCENT), Gradient.Way.OKLCH)),
                new BrandEdit.AddMood(
                        1,
                        new Mood(
                                "spring",
                                "Spring tide",
                                List.of(Colour.parse("#77bb66")),
                                Map.of(Role.EDGE, Colour.parse("#cccccc")))),
                new BrandEdit.SetMood(new Mood("owl-night", "Owl night", List.of(Colour.parse("#885533")), Map.of())),
                new BrandEdit.RemoveMood("frost-watch"),
                new BrandEdit.ChooseMood("owl-night"),
                new FramingEdit.AddCanvas(1, Canvas.of("square", "Square", Size.of(1080, 1080), 30)),
                new FramingEdit.RemoveCanvas("upright"),
                new FramingEdit.SetCaptureSize("camera", Size.of(1920, 1080)),
                new SceneEdit.AddScene(
                        2, Scene.of("new", "Second hide", SceneRole.LIVE, List.of(Placed.in(Zone.FULL, "ground")))),
                new SceneEdit.RemoveScene("hide"),
                new SceneEdit.RenameScene("hide", "The hide"),
                new PieceEdit.AddPiece(0, Piece.of("x", PieceKind.BAND, "Second band")),
                new PieceEdit.RemovePiece("band"),
                new PieceEdit.RenamePiece("band", "Lower band"),
                new PieceEdit.SetContent("band", "message", new Content.Words("Low tide 01:10")),
                new PieceEdit.DropContent("band", "label"),
                new PieceEdit.SetFigure("countdown", "minutes", 12),
                new PieceEdit.SetFigure("band", "darkness", 1.2),
                new PieceEdit.DropFigure("countdown", "minutes"),
                new ThemeEdit.SetFamily("pebble"),
                new PieceEdit.SetInlay("band", new Inlay("badge", Blend.SOFT_LIGHT, 0.4, Inlay.Fit.COVER)),
                new PlacingEdit.Place("hide", 2, strip),
                new PlacingEdit.TakeOff("hide", "band"),
                new PlacingEdit.Reorder("hide", "band", 1),
                new PlacingEdit.SetBox("hide", "band", "wide", new Box(10, 20, 300, 60)),
                new PlacingEdit.SetSpot(
                        "hide", "band", new Spot.Attached("supporter", Side.BOTTOM, Spot.Along.FULL, 12, 300, 60)),
                new PlacingEdit.SetPlaceOn("hide", "band", "recording", new Spot.InZone(Zone.TOP)),
                new PlacingEdit.SetCorrection("hide", "band", Shape.SQUARE, new Spot.InZone(Zone.TOP)),
                new PlacingEdit.SetHidden("hide", "band", Shape.UPRIGHT, true),
                new PlacingEdit.SetManner("hide", "band", new Manner(12, true, false, 0.5, Blend.SCREEN)),
                new PlacingEdit.SetMannerOn(
                        "hide", "band", Shape.UPRIGHT, new Manner(-7, false, true, 1, Blend.NORMAL)),
                new PlacingEdit.SetLocked("hide", "band", true),
                new PlacingEdit.SetContentOn("hide", "band", Content.words(Map.of("label", "In the hide"))),
                new SceneEdit.MoveScene("hide", 4),
                new SceneEdit.SetSceneRole("hide", SceneRole.STARTING),
                new SceneEdit.SetSceneArrives("hide", true),
                new PlacingEdit.SetArrival("hide", "band", Arrival.ARRIVES),
                new PieceEdit.SetPieceCaptures("scope-frame", List.of("camera", "play")),
                new PieceEdit.SetMustShow("band", true),
                new PieceEdit.SetHandsOff("band", true),
                new PieceEdit.SetShare("camera-frame", "scope-frame"),
                new FramingEdit.SetCanvas(
                        new Canvas("wide", "Studio", Size.of(1280, 720), 50, new SafeMargins(0.02, 0.06))),
                new FramingEdit.AddCapture(
                        0,
                        new Capture(
                                "pond",
                                "Pond camera",
                                Size.of(640, 480),
                                List.of(new Region(
                                        "r", "The jetty", Region.Sort.DISPLAY, new SourceBox(10, 10, 50, 40))),
                                false)),
                new FramingEdit.RemoveCapture("spare"),
                new FramingEdit.RenameCapture("camera", "Face camera"),
                new FramingEdit.SetSeeThrough("camera", true),
                new FramingEdit.SetRegion(
                        "camera",
                        new Region("face", "Mirela's face", Region.Sort.FACE, new SourceBox(500, 100, 300, 380))),
                new FramingEdit.DropRegion("spare", "clock"),
                new FramingEdit.SetLine(new LineShift(SceneRole.LIVE, Shape.WIDE, PlanLine.COLUMN, 0.6)),
                new FramingEdit.DropLine(SceneRole.LIVE, Shape.UPRIGHT, PlanLine.PLAY_TOP),
                new FramingEdit.SetViewer(new Viewer(150, 600, 9)),
                new FramingEdit.SetKeepClear(
                        "hide",
                        new KeepClear(
                                "buttons", "Buttons of the player", Shape.UPRIGHT, new UnitBox(900, 800, 180, 700))),
                new FramingEdit.DropKeepClear("desk", "corner"),
                new ThemeEdit.SetAlert(AlertRule.of(SignalKind.FOLLOW, false, "Hello", "{name}", 9)),
                new ThemeEdit.AddAlert(
                        AlertRule.of(SignalKind.TIP, true, "A tip", "{name}, {money}", 6)
                                .on(When.from(500))
                                .urgent(Urgency.HIGH),
                        1),
                new ThemeEdit.MoveAlert("raid", 0),
                new ThemeEdit.SetPace(new Pace(1.5, 30, 8, 20)),
                new ThemeEdit.DropAlert("points"),
                new SoundEdit.AddSound(1, sound("bittern", "Bittern")),
                new SoundEdit.RemoveSound("hoot"),
                new SoundEdit.RenameSound("hoot", "Tawny owl"),
                new SoundEdit.SetSoundProvenance("hoot", new Provenance("the hide", "CC0-1.0", "Tove Sedge")),
                new SoundEdit.SetLoudness(-16),
                new BotEdit.NameBot("Wader bot"),
                new BotEdit.SetCommand(
                        new Command("hide", "!marsh", List.of("!fen"), "{name}: {followers}", Asker.HOST, 5, false)),
                new BotEdit.AddCommand(
                        new Command("owl", "!owl", List.of(), "Hoo, {rest}", Asker.SUPPORTERS, 0, true), 1),
                new BotEdit.DropCommand("hide"),
                new BotEdit.SetTimed(new TimedMessage("quiet", "Hush, {latestRaider}", 3, 0, List.of("desk"), true)),
                new BotEdit.AddTimed(new TimedMessage("tide", "The tide turns.", 40, 2, List.of(), true), 0),
                new BotEdit.DropTimed("quiet"),
                new BotEdit.SetBot(Bot.NONE),
                new PictureEdit.AddArtwork(
                        0,
                        new Artwork(
                                "heron",
                                "White heron",
                                "cd".repeat(32),
                                "image/svg+xml",
                                40,
                                40,
                                false,
                                List.of(),
                                Openings.NONE,
                                Optional.empty(),
                                new Recolouring(Recolouring.Method.TINT, Map.of(), List.of()),
                                Provenance.UNKNOWN)),
                new PictureEdit.RemoveArtwork("badge"),
                new PictureEdit.AddFace(0, new OwnFace(Face.own("34".repeat(32)), "Reed Serif", Provenance.UNKNOWN)),
                new PictureEdit.RemoveFace(Face.own("12".repeat(32))),
                new PictureEdit.SetFaceProvenance(
                        Face.own("12".repeat(32)), new Provenance("the designer", "OFL-1.1", "Tove Sedge")),
                new PictureEdit.SetOpenings(
                        "badge",
                        List.of(new Cut(
                                new SourceBox(10, 20, 200, 100), FoundOpening.Contour.ELLIPSE, 0, List.of(), 3, true))),
                new PictureEdit.DropOpenings("badge"),
                new PictureEdit.ReplaceArtwork(new Artwork(
                        "badge",
                        "Badge anew",
                        "cd".repeat(32),
                        "image/png",
                        200,
                        100,
                        false,
                        List.of(),
                        Openings.NONE,
                        Optional.of(List.of()),
                        new Recolouring(Recolouring.Method.SHIFT, Map.of(), List.of()),
                        Provenance.UNKNOWN)),
                new PictureEdit.SetRecolouring(
                        "badge", new Recolouring(Recolouring.Method.FILTER, Map.of(0, Role.GLOW), List.of())),
                new PictureEdit.SetProvenance(
                        "badge", new Provenance("drawn by Mirela Osk", "CC-BY-4.0", "Mirela Osk")),
                new Edit.Batch(List.of(new ThemeEdit.Rename("A"), new BrandEdit.SetCorner(1))));
    }

    /** A drag or a fix on a 4:3 canvas moved the same piece on the 16:9 one. */
    @Test
    void aPlaceByHandCountsForTheProportionsItWasMadeFor() {
        Theme two = applied(THEME, new FramingEdit.AddCanvas(9, Canvas.of("old", "Old 4:3", Size.of(1440, 1080), 30)))
                .theme();
        Theme moved = applied(two, new PlacingEdit.SetBox("hide", "band", "old", new Box(10, 20, 300, 60)))
                .theme();
        Placed band = moved.scene("hide").orElseThrow().placed("band").orElseThrow();
        assertThat(band.onCanvas()).containsOnlyKeys("old");
        assertThat(band.corrections())
                .isEqualTo(two.scene("hide")
                        .orElseThrow()
                        .placed("band")
                        .orElseThrow()
                        .corrections());
        Outcome.Applied wide = applied(moved, new PlacingEdit.SetBox("hide", "band", "wide", new Box(50, 20, 300, 60)));
        assertThat(wide.theme()
                        .scene("hide")
                        .orElseThrow()
                        .placed("band")
                        .orElseThrow()
                        .onCanvas())
                .as("wide and recording are both 16:9")
                .containsOnlyKeys("old", "wide", "recording");
        assertThat(applied(wide.theme(), wide.inverse()).theme()).isEqualTo(moved);
        Theme back = applied(moved, new PlacingEdit.DropPlaceOn("hide", "band", "old"))
                .theme();
        assertThat(back).isEqualTo(two);
    }

    @Test
    void theInverseGivesBackTheThemeAsItWas() {
        for (Edit edit : everyKindOfEdit().toList()) {
            Outcome.Applied applied = applied(THEME, edit);
            assertThat(applied.theme()).as("%s", edit).isNotEqualTo(THEME);
            assertThat(Json.read(Json.write(applied.theme()), Theme.class))
                    .as("read again, it is the same theme: %s", edit)
                    .isEqualTo(applied.theme());
            Theme back = applied(applied.theme(), applied.inverse()).theme();
            assertThat(back).as("%s", edit).isEqualTo(THEME);
        }
    }

    @Test
    void anEditSurvivesBeingWrittenDown() {
        for (Edit edit : everyKindOfEdit().toList()) {
            assertThat(Json.read(Json.write(edit), Edit.class)).isEqualTo(edit);
        }
    }

    @Test
    void theSampleHoldsEveryKindOfEditButThoseThatNeedAnother() {
        long kinds = everyKindOfEdit().map(Object::getClass).distinct().count();
        assertThat(kinds)
                .as(
                        "all but dropCorrection, dropPlaceOn, dropMannerOn, dropPin and dropInlay, which need something to drop")
                .isEqualTo(kinds(Edit.class) - 5);
    }

    private static long kinds(Class<?> sealed) {
        return Stream.of(sealed.getPermittedSubclasses())
                .mapToLong(one -> one.isSealed() ? kinds(one) : 1)
                .sum();
    }

    @Test
    void aPinComesBackWhenItsRemovalIsUndone() {
        Theme pinned = applied(THEME, new BrandEdit.SetPin(Role.ACCENT, Colour.parse("#88aa22")))
                .theme();
        assertThat(pinned.brand().palette().colour(Role.ACCENT).hex()).isEqualTo("#88aa22");
        Outcome.Applied dropped = applied(pinned, new BrandEdit.DropPin(Role.ACCENT));
        assertThat(dropped.theme()).isEqualTo(THEME);
        assertThat(applied(dropped.theme(), dropped.inverse()).theme()).isEqualTo(pinned);
        assertThat(Edits.apply(THEME, new BrandEdit.DropPin(Role.ACCENT))).isInstanceOf(Outcome.Refused.class);
    }

    @Test
    void aPictureStaysWhileAPieceShowsIt() {
        Theme shown = applied(
                        THEME, new PieceEdit.SetInlay("band", new Inlay("badge", Blend.MULTIPLY, 0.5, Inlay.Fit.WHOLE)))
                .theme();
        assertThat(Edits.apply(shown, new PictureEdit.RemoveArtwork("badge")))
                .isEqualTo(new Outcome.Refused("Heads-up band shows this picture; take it off there first."));
        Outcome.Applied taken = applied(shown, new PieceEdit.DropInlay("band"));
        assertThat(taken.theme()).isEqualTo(THEME);
        assertThat(applied(taken.theme(), taken.inverse()).theme()).isEqualTo(shown);
        assertThat(Edits.apply(THEME, new PieceEdit.DropInlay("band"))).isInstanceOf(Outcome.Refused.class);
        assertThat(Edits.apply(
                        THEME, new PieceEdit.SetInlay("band", new Inlay("gone", Blend.NORMAL, 1, Inlay.Fit.COVER))))
                .isInstanceOf(Outcome.Refused.class);
    }

    @Test
    void aFaceInUseIsNotRemovedAndAnUnknownOneNotUsed() {
        Face own = Face.own("12".repeat(32));
        Theme set = applied(THEME, new BrandEdit.SetFace(BrandEdit.FaceUse.HEADING, own))
                .theme();
        assertThat(Edits.apply(set, new PictureEdit.RemoveFace(own)))
                .isEqualTo(new Outcome.Refused("The brand uses this font; choose another one first."));
        assertThat(Edits.apply(THEME, new BrandEdit.SetFace(BrandEdit.FaceUse.TEXT, Face.own("99".repeat(32)))))
                .isInstanceOf(Outcome.Refused.class);
    }

    /** Some notations lie between the steps in which colours are written down. */
    @Test
    void aColourIsKeptAsItIsWrittenDown() {
        Colour between = Colour.parse("oklch(61.3% 0.1234 71.7)");
        for (Edit edit : List.of(
                new BrandEdit.SetSeed(0, between),
                new BrandEdit.SetPin(Role.EDGE, between),
                new BrandEdit.SetMood(new Mood("owl-night", "Owl night", List.of(between), Map.of(Role.EDGE, between))),
                new PictureEdit.AddArtwork(
                        0,
                        new Artwork(
                                "x",
                                "x",
                                "ef".repeat(32),
                                "image/png",
                                9,
                                9,
                                false,
                                List.of(new Cluster(between, 1, false)),
                                Openings.NONE,
                                Optional.empty(),
                                new Recolouring(Recolouring.Method.SHIFT, Map.of(), List.of()),
                                Provenance.UNKNOWN)))) {
            Theme changed = applied(THEME, edit).theme();
            assertThat(Json.read(Json.write(changed), Theme.class))
                    .as("%s", edit)
                    .isEqualTo(changed);
        }
    }

    @Test
    void aMoodChangesEveryColourAndGoesAgain() {
        Theme worn = applied(THEME, new BrandEdit.ChooseMood("owl-night")).theme();
        assertThat(worn.brand().palette().colour(Role.ACCENT))
                .isNotEqualTo(THEME.brand().palette().colour(Role.ACCENT));
        assertThat(worn.brand().seeds())
                .as("the brand's own colours wait")
                .isEqualTo(THEME.brand().seeds());
        Outcome.Applied removed = applied(worn, new BrandEdit.RemoveMood("owl-night"));
        assertThat(removed.theme().brand().palette().colour(Role.ACCENT))
                .isEqualTo(THEME.brand().palette().colour(Role.ACCENT));
        assertThat(applied(removed.theme(), removed.inverse()).theme())
                .as("undo puts it on again")
                .isEqualTo(worn);
        assertThat(Edits.apply(THEME, new BrandEdit.ChooseMood("gone"))).isInstanceOf(Outcome.Refused.class);
    }

    @Test
    void droppingACorrectionGivesItBackOnUndo() {
        Theme placed = applied(THEME, new PlacingEdit.SetBox("hide", "band", "upright", new Box(1, 2, 300, 60)))
                .theme();
        Outcome.Applied dropped = applied(placed, new PlacingEdit.DropCorrection("hide", "band", Shape.UPRIGHT));
        assertThat(dropped.theme()).isEqualTo(THEME);
        assertThat(applied(dropped.theme(), dropped.inverse()).theme()).isEqualTo(placed);
    }

    @Test
    void aCorrectionForOneShapeLeavesTheOthersAlone() {
        Theme placed = applied(THEME, new PlacingEdit.SetBox("hide", "band", "upright", new Box(1, 2, 300, 60)))
                .theme();
        assertThat(placed.scene("hide")
                        .orElseThrow()
                        .placed("band")
                        .orElseThrow()
                        .corrections())
                .containsOnlyKeys(Shape.UPRIGHT);
    }

    @Test
    void piecesThatWouldHangOnEachOtherInACircleAreNamed() {
        Theme hung = applied(
                        THEME,
                        new PlacingEdit.SetSpot(
                                "hide",
                                "follower",
                                new Spot.Attached("supporter", Side.BOTTOM, Spot.Along.FULL, 12, 300, 60)))
                .theme();
        Outcome circle = Edits.apply(
                hung,
                new PlacingEdit.SetCorrection(
                        "hide",
                        "supporter",
                        Shape.WIDE,
                        new Spot.Attached("follower", Side.TOP, Spot.Along.FULL, 12, 300, 60)));
        assertThat(circle)
                .isInstanceOfSatisfying(
                        Outcome.Refused.class,
                        refused -> assertThat(refused.reason())
                                .contains("circle")
                                .contains("Latest supporter")
                                .contains("Latest follower"));
    }

    @Test
    void aLockedPieceKeepsItsPlaceUntilItIsUnlocked() {
        Theme locked =
                applied(THEME, new PlacingEdit.SetLocked("hide", "band", true)).theme();
        Edit move = new PlacingEdit.SetBox("hide", "band", "wide", new Box(0, 0, 100, 100));
        assertThat(Edits.apply(locked, move))
                .isInstanceOfSatisfying(
                        Outcome.Refused.class,
                        refused -> assertThat(refused.reason()).contains("locked"));
        assertThat(applied(
                        applied(locked, new PlacingEdit.SetLocked("hide", "band", false))
                                .theme(),
                        move))
                .isNotNull();
    }

    @Test
    void aPieceDraggedToACornerIsAnchoredThereAndKeepsItsAnchorWhenDraggedOn() {
        Theme placed = applied(THEME, new PlacingEdit.SetBox("hide", "band", "wide", new Box(1600, 900, 300, 100)))
                .theme();
        assertThat(placed.scene("hide")
                        .orElseThrow()
                        .placed("band")
                        .orElseThrow()
                        .spot(Shape.WIDE))
                .isEqualTo(new Spot.Anchored(Anchor.BOTTOM_RIGHT, -20, -80, 300, 100));
        Theme further = applied(placed, new PlacingEdit.SetBox("hide", "band", "wide", new Box(0, 0, 300, 100)))
                .theme();
        assertThat(further.scene("hide")
                        .orElseThrow()
                        .placed("band")
                        .orElseThrow()
                        .spot(Shape.WIDE))
                .isEqualTo(new Spot.Anchored(Anchor.BOTTOM_RIGHT, -1620, -980, 300, 100));
    }

    static Stream<Edit> editsThatCannotBe() {
        return Stream.of(
                new PieceEdit.SetContent("deleted", "message", new Content.Words("x")),
                new PieceEdit.SetContent("band", "nonsense", new Content.Words("x")),
                new PieceEdit.SetContent("band", "message", new Content.Words("{broken")),
                new PieceEdit.SetContent("band", "message", new Content.Words("x".repeat(401))),
                new PieceEdit.SetContent("band", "message", Content.Count.of(3)),
                new PieceEdit.SetContent(
                        "band", "message", new Content.Words("{latestFollower, plural, one {#} other {#}}")),
                new PieceEdit.SetContent("nest-boxes", "value", Content.Count.of("latestFollower")),
                new PieceEdit.SetContent("supporters", "rows", new Content.Rows(List.of(), "followers")),
                new PieceEdit.SetFigure("countdown", "minutes", 0),
                new PieceEdit.SetFigure("countdown", "minutes", Double.NaN),
                new BrandEdit.SetSeed(9, Colour.BLACK),
                new PlacingEdit.TakeOff("hide", "countdown"),
                new PlacingEdit.Place("hide", 0, Placed.in(Zone.BAND, "band")),
                new PlacingEdit.Place("hide", 0, Placed.in(Zone.BAND, "deleted")),
                new PlacingEdit.SetBox("deleted", "band", "wide", new Box(0, 0, 10, 10)),
                new PlacingEdit.SetBox("hide", "band", "wide", new Box(0, 0, 0, 0)),
                new PlacingEdit.SetBox("hide", "band", "deleted", new Box(0, 0, 90, 90)),
                new PlacingEdit.SetSpot(
                        "hide", "band", new Spot.Attached("band", Side.TOP, Spot.Along.START, 0, 90, 90)),
                new PlacingEdit.SetContentOn("hide", "band", Content.words(Map.of("nonsense", "x"))),
                new FramingEdit.SetRegion(
                        "camera", new Region("r", "Out of it", Region.Sort.FACE, new SourceBox(1200, 0, 200, 50))),
                new FramingEdit.SetCaptureSize("spare", Size.of(20, 20)),
                new FramingEdit.RemoveCapture("camera"),
                new PieceEdit.SetPieceCaptures("scope-frame", List.of("deleted")),
                new FramingEdit.DropLine(SceneRole.AWAY, Shape.WIDE, PlanLine.COLUMN),
                new BrandEdit.SetCorner(2),
                new ThemeEdit.SetFamily("no such"),
                new ThemeEdit.Rename(" "),
                new PieceEdit.AddPiece(0, Piece.of("band", PieceKind.BAND, "Twice")),
                new PieceEdit.AddPiece(0, Piece.of("y", PieceKind.FRAME, "Frame", "no capture", Map.of(), Map.of())),
                new FramingEdit.RemoveCanvas("deleted"),
                new Edit.Batch(List.of(new ThemeEdit.Rename("A"), new BrandEdit.SetCorner(5))),
                new Edit.Batch(List.of()));
    }

    @Test
    void whatCannotBeIsRefusedWithASentence() {
        for (Edit edit : editsThatCannotBe().toList()) {
            assertThat(Edits.apply(THEME, edit))
                    .as("%s", edit)
                    .isInstanceOfSatisfying(
                            Outcome.Refused.class,
                            refused -> assertThat(refused.reason())
                                    .hasSizeGreaterThan(15)
                                    .doesNotContain("Exception"));
        }
    }

    @Test
    void twoPeoplesEditsOfOnePieceBothCount() {
        Theme both = applied(
                        applied(THEME, new PieceEdit.SetContent("band", "label", new Content.Words("Hide")))
                                .theme(),
                        new PieceEdit.SetContent("band", "message", new Content.Words("Low tide")))
                .theme();
        assertThat(both.piece("band").orElseThrow().content())
                .containsEntry("label", new Content.Words("Hide"))
                .containsEntry("message", new Content.Words("Low tide"));
    }

    @Test
    void onlyAnEditOfTheSamePropertyOverridesAnother() {
        Edit box = new PlacingEdit.SetBox("hide", "band", "wide", new Box(0, 0, 10, 10));
        assertThat(Edits.overrides(box, new PlacingEdit.SetBox("hide", "band", "wide", new Box(5, 5, 10, 10))))
                .isTrue();
        assertThat(Edits.overrides(box, new PlacingEdit.SetBox("hide", "band", "upright", new Box(5, 5, 10, 10))))
                .isFalse();
        assertThat(Edits.overrides(box, new PlacingEdit.SetBox("hide", "follower", "wide", new Box(5, 5, 10, 10))))
                .isFalse();
        assertThat(Edits.overrides(new BrandEdit.SetSeed(0, Colour.BLACK), new BrandEdit.SetSeed(1, Colour.BLACK)))
                .isFalse();
    }

    private static Outcome.Applied applied(Theme theme, Edit edit) {
        assertThat(Edits.apply(theme, edit)).isInstanceOf(Outcome.Applied.class);
        return (Outcome.Applied) Edits.apply(theme, edit);
    }

    /** Every text and figure written out, so that standard and written values compare equal. */
}
