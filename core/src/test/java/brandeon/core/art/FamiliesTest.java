package brandeon.core.art;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Content;
import brandeon.core.kind.ContentType;
import brandeon.core.kind.Field;
import brandeon.core.kind.PieceKind;
import brandeon.core.kind.Zone;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.layout.Resolver;
import brandeon.core.live.AlertSlot;
import brandeon.core.live.Readings;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.motion.Track;
import brandeon.core.platform.Profiles;
import brandeon.core.show.LiveState;
import brandeon.core.show.Show;
import brandeon.core.table.Column;
import brandeon.core.table.ColumnType;
import brandeon.core.table.Table;
import brandeon.core.table.Tables;
import brandeon.core.text.TextRow;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Placed;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneRole;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What must hold for every family, kind, canvas and alignment, whoever draws it. */
class FamiliesTest {

    private static final List<Size> SIZES =
            List.of(Size.of(320, 320), Size.of(1920, 1080), Size.of(1080, 1920), Size.of(3840, 2160));
    private static final String LONG = "The extraordinarily patient watchers of the far eastern saltmarsh hide";
    private static final Signal SIGNAL = Signal.of("s", SignalKind.FOLLOW, LONG, 0, "", 0, 0);
    private static final LiveState LIVE = new LiveState(
            new Readings(Map.of("latestSubscriber", LONG, "latestFollower", "Ilse", "subscribers", 64L)),
            new Tables(List.of(wordyTable())),
            Show.QUIET,
            Optional.of(LiveState.Shown.of(SIGNAL, new AlertSlot(0, 8000), Profiles.PLAIN)));

    /** Far more columns, lines and words than there is room for. */
    private static Table wordyTable() {
        List<Column> columns = List.of(
                new Column("who", LONG, ColumnType.TEXT),
                new Column("count", "Count", ColumnType.NUMBER),
                new Column("when", "When", ColumnType.TIME),
                new Column("colour", "Colour", ColumnType.COLOUR),
                new Column("where", LONG, ColumnType.TEXT),
                new Column("picture", "Picture", ColumnType.PICTURE));
        List<Table.Line> lines = IntStream.range(1, 40)
                .mapToObj(i -> new Table.Line(
                        i, List.of(LONG, "123456789.123", "2026-12-24 19:30", "#e0a030", LONG, "no such picture")))
                .toList();
        return new Table("wordy", "Wordy", columns, lines, 2, 40);
    }

    static Stream<Family> families() {
        return Families.all().stream();
    }

    @Test
    void thereAreFiveAndEachHasItsOwnName() {
        assertThat(Families.all())
                .hasSizeGreaterThanOrEqualTo(5)
                .extracting(Family::id)
                .doesNotHaveDuplicates();
        assertThat(Families.all())
                .extracting(Family::temperament)
                .as("they move differently")
                .doesNotHaveDuplicates();
    }

    @ParameterizedTest
    @MethodSource("families")
    void wordsStayInsideTheirPieceAndLinesAreNeverThinnerThanAPixel(Family family) {
        for (Size size : SIZES) {
            for (PieceKind kind : PieceKind.values()) {
                for (int align = 0; align <= 2; align++) {
                    for (boolean wordy : new boolean[] {false, true}) {
                        Placement placed = placed(family, kind, size, align, wordy);
                        String what = "%s %s on %s, aligned %d, %s"
                                .formatted(family.id(), kind, size, align, wordy ? "long words" : "standard words");
                        Box room = kind == PieceKind.FRAME || kind.zone() == Zone.FULL
                                ? placed.box().grown(1)
                                : placed.box().grown(2);
                        for (Mark.Text text : still(placed.art().marks())) {
                            assertThat(text.box().outside(room))
                                    .as("%s: “%s” at %s in %s", what, text.text(), text.box(), placed.box())
                                    .isLessThanOrEqualTo(0.5);
                        }
                        strokes(placed.art().marks())
                                .forEach(stroke ->
                                        assertThat(stroke.width()).as(what).isGreaterThanOrEqualTo(1));
                    }
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("families")
    void aPieceMayHaveNoWordsAtAll(Family family) {
        for (PieceKind kind : PieceKind.values()) {
            Piece piece = Piece.of("p", kind, "P");
            for (Field field : kind.fields()) {
                piece = piece.withContent(field.name(), without(field.standard()));
            }
            assertThat(resolve(family, piece, SIZES.get(1)).art().texts())
                    .as("%s %s", family.id(), kind)
                    .allSatisfy(text -> assertThat(text.text())
                            .matches(
                                    kind.facts().announces()
                                            ? ".*"
                                            : kind.fields().stream()
                                                            .anyMatch(field -> field.type() == ContentType.COUNT)
                                                    ? "0|0 / 100|of 100|"
                                                    : kind == PieceKind.TABLE ? "–" : ""));
        }
    }

    @ParameterizedTest
    @MethodSource("families")
    void whatIsTunedShows(Family family) {
        Piece line = Piece.of("p", PieceKind.FACT_LINE, "P").withWords("value", "Ilse");
        double usual =
                resolve(family, line, SIZES.get(1)).art().texts().getLast().px();
        assertThat(resolve(family, line.withFigure("size", 0.8), SIZES.get(1))
                        .art()
                        .texts()
                        .getLast()
                        .px())
                .isLessThan(usual);
        List<Mark.Text> left = resolve(family, line, SIZES.get(1)).art().texts();
        List<Mark.Text> right =
                resolve(family, line.withFigure("align", 2), SIZES.get(1)).art().texts();
        assertThat(right.getLast().anchor()).isEqualTo(Mark.Anchor.END);
        Box box = resolve(family, line, SIZES.get(1)).box();
        assertThat(box.right() - right.getLast().box().right())
                .as("mirrored: as far from the right as it was from the left")
                .isCloseTo(left.getLast().box().x() - box.x(), org.assertj.core.api.Assertions.within(1.0));
        Piece frame = Piece.of("p", PieceKind.FRAME, "P", "camera", Map.of(), Map.of("border", 2.0));
        assertThat(resolve(family, frame, SIZES.get(1))
                        .art()
                        .openings()
                        .getFirst()
                        .box()
                        .width())
                .isLessThan(resolve(family, Piece.of("p", PieceKind.FRAME, "P"), SIZES.get(1))
                        .art()
                        .openings()
                        .getFirst()
                        .box()
                        .width());
    }

    /** A capture has square corners and nothing masks it: under every ring its corner must stay hidden. */
    @ParameterizedTest
    @MethodSource("families")
    void everyRingHidesTheCornersOfItsCapture(Family family) {
        for (Size size : SIZES) {
            for (double border : new double[] {1, 2.5}) {
                Theme theme = ReedlightHide.theme();
                Theme round = theme.withBrand(theme.brand().withCorner(1)).withFamily(family.id());
                Piece frame = Piece.of("p", PieceKind.FRAME, "P", "camera", Map.of(), Map.of("border", border));
                Placement placed = resolve(round, frame, size);
                java.awt.image.BufferedImage image =
                        Raster.paint(size, placed.art().marks(), 0, Pictures.NONE);
                Opening opening = placed.art().openings().getFirst();
                Box capture = opening.box().grown(opening.bleed());
                for (double[] corner :
                        new double[][] {{capture.x(), capture.y()}, {capture.right() - 1, capture.y()}}) {
                    int opacity = image.getRGB((int) Math.round(corner[0]), (int) Math.round(corner[1])) >>> 24;
                    assertThat(opacity)
                            .as("%s on %s, border × %s", family.id(), size, border)
                            .isGreaterThan(240);
                }
            }
        }
    }

    /**
     * Every shape, plate and turn of a frame: the opening stays inside its piece on whole pixels, words stay inside,
     * no line is under a pixel.
     */
    @ParameterizedTest
    @MethodSource("families")
    void framesOfEveryShapeHoldUpMirroredAndFlipped(Family family) {
        for (Size size : SIZES) {
            for (int shape = 0; shape <= 4; shape++) {
                for (int plate = 0; plate <= 2; plate++) {
                    for (int turned = 0; turned < 4; turned++) {
                        Piece frame = Piece.of(
                                "p",
                                PieceKind.FRAME,
                                "P",
                                "camera",
                                Content.words(Map.of("name", "Mirela Osk at the far hide")),
                                Map.of(
                                        "shape",
                                        (double) shape,
                                        "plate",
                                        (double) plate,
                                        "flipped",
                                        (double) (turned % 2),
                                        "align",
                                        turned / 2 * 2.0,
                                        "moving",
                                        1.0));
                        Placement placed = resolve(family, frame, size);
                        String what = "%s on %s, shape %d, plate %d, turned %d"
                                .formatted(family.id(), size, shape, plate, turned);
                        assertThat(placed.art().openings())
                                .as(what)
                                .hasSize(shape == 4 ? 2 : 1)
                                .allSatisfy(opening -> {
                                    assertThat(opening.box())
                                            .isEqualTo(opening.box().snapped());
                                    assertThat(opening.box().area()).isPositive();
                                    assertThat(opening.box().outside(placed.box()))
                                            .isLessThanOrEqualTo(1);
                                });
                        still(placed.art().marks())
                                .forEach(text -> assertThat(
                                                text.box().outside(placed.box().grown(1.5)))
                                        .as("%s: %s", what, text.text())
                                        .isLessThanOrEqualTo(0.5));
                        strokes(placed.art().marks())
                                .forEach(stroke ->
                                        assertThat(stroke.width()).as(what).isGreaterThanOrEqualTo(1));
                        assertThat(placed.art().tracks())
                                .as(what)
                                .hasSameSizeAs(placed.art().openings());
                    }
                }
            }
        }
    }

    @Test
    void aFlippedFrameIsTheUprightOneTurnedOver() {
        Family family = Families.all().getFirst();
        Piece upright =
                Piece.of("p", PieceKind.FRAME, "P", "camera", Content.words(Map.of("name", "Mirela Osk")), Map.of());
        Placement one = resolve(family, upright, SIZES.get(1));
        Placement other = resolve(family, upright.withFigure("flipped", 1), SIZES.get(1));
        Box text = one.art().texts().getFirst().box();
        double axis = one.box().centreY();
        assertThat(other.art().texts().getFirst().y())
                .as("its capitals stand where they stood, mirrored")
                .isCloseTo(2 * axis - text.y(), org.assertj.core.api.Assertions.within(0.01));
        assertThat(other.art().openings().getFirst().box().bottom())
                .isCloseTo(
                        2 * axis - one.art().openings().getFirst().box().y(),
                        org.assertj.core.api.Assertions.within(1.0));
        java.awt.image.BufferedImage first =
                Raster.paint(SIZES.get(1), withoutWords(one.art().marks()), 0, Pictures.NONE);
        java.awt.image.BufferedImage second =
                Raster.paint(SIZES.get(1), withoutWords(other.art().marks()), 0, Pictures.NONE);
        int differ = 0;
        for (int y = (int) one.box().y(); y < one.box().bottom(); y++) {
            for (int x = (int) one.box().x(); x < one.box().right(); x++) {
                int mirrored = (int) Math.round(2 * axis) - 1 - y;
                differ += Math.abs((first.getRGB(x, y) >>> 24) - (second.getRGB(x, mirrored) >>> 24)) > 40 ? 1 : 0;
            }
        }
        assertThat(differ).as("pixels whose opacity differs").isLessThan(60);
    }

    private static List<Mark> withoutWords(List<Mark> marks) {
        return marks.stream().filter(mark -> !(mark instanceof Mark.Text)).toList();
    }

    /** Calm: fades are all that is left, and a transition clip still covers. */
    @ParameterizedTest
    @MethodSource("families")
    void aCalmBrandOnlyFades(Family family) {
        Theme theme = ReedlightHide.theme();
        Theme calm = theme.withBrand(theme.brand().withCalm(true)).withFamily(family.id());
        for (PieceKind kind : PieceKind.values()) {
            assertThat(resolve(calm, Piece.of("p", kind, "P"), SIZES.get(1))
                            .art()
                            .tracks())
                    .as("%s %s", family.id(), kind)
                    .allSatisfy(track -> {
                        assertThat(track.keys())
                                .allMatch(key -> key.x() == 0 && key.y() == 0 && key.turn() == 0 && key.scale() == 1);
                        assertThat(track.keys()).anyMatch(key -> key.opacity() < 1);
                    });
        }
        PieceArt clip = resolve(calm, Piece.of("p", PieceKind.TRANSITION, "P"), Size.of(320, 180))
                .art();
        assertThat(Cover.of(clip, Size.of(320, 180), 1, 1800)).isPresent();
    }

    @Test
    void entriesMayHaveTheirOwnTimeAndAPauseInWhichNothingStands() {
        Piece piece = Piece.of("p", PieceKind.ROTATOR, "P")
                .withContent(
                        "rows",
                        new Content.Entries(List.of(
                                new Content.Entry("Field notes", "reedlight.example/notes", 9),
                                new Content.Entry("", "Tell us in the chat", 0))))
                .withFigure("seconds", 6)
                .withFigure("pause", 2);
        PieceArt art = resolve(Families.all().getFirst(), piece, SIZES.get(1)).art();
        assertThat(art.tracks()).extracting(Track::part).containsExactly("entry-0", "entry-1", "all");
        assertThat(art.tracks())
                .allSatisfy(track ->
                        assertThat(track.millis()).as("9 + 6 s and two minutes").isEqualTo(135_000));
        Track all = art.tracks().getLast();
        assertThat(all.at(135_000.0 * 7 + 8_000).opacity())
                .as("while the first stands")
                .isEqualTo(1);
        assertThat(all.at(135_000.0 * 7 + 60_000).opacity()).as("in the pause").isZero();
        Track second = art.tracks().get(1);
        assertThat(second.at(135_000.0 * 7 + 8_000).opacity()).isZero();
        assertThat(second.at(135_000.0 * 7 + 12_000).opacity()).isEqualTo(1);
    }

    @Test
    void entriesTakeTurnsWithoutGapOrOverlap() {
        Placement placed = resolve(
                Families.all().getFirst(),
                Piece.of("p", PieceKind.ROTATOR, "P")
                        .withContent(
                                "rows",
                                Content.Entries.of(
                                        "Notes", "on paper", "Sightings", "in the chat", "Next watch", "Thursday")),
                SIZES.get(1));
        assertThat(placed.art().tracks()).hasSize(3).allSatisfy(track -> {
            assertThat(track.millis()).as("three entries of five seconds").isEqualTo(15_000);
            assertThat(track.keys().stream()
                            .filter(key -> key.opacity() > 0)
                            .mapToDouble(key -> key.offset())
                            .max()
                            .orElseThrow())
                    .isLessThan(1 / 3.0);
        });
        assertThat(placed.art().tracks())
                .extracting(track -> Math.floorMod((long) track.delay(), 15_000L))
                .containsExactly(0L, 5_000L, 10_000L);
    }

    private static Content without(Content content) {
        return switch (content) {
            case Content.Count _ -> Content.Count.of(0);
            case Content.Rows _ -> new Content.Rows(List.of(), "");
            case Content.Listing _ -> new Content.Listing("none", List.of(), "", false);
            default -> content.mapped(_ -> "");
        };
    }

    /** Far more than there is room for. */
    private static Content wordy(Content content) {
        return switch (content) {
            case Content.Words _ -> new Content.Words(LONG + ", " + LONG);
            case Content.Count _ -> new Content.Count("", 123_456_789.123, "", "about", "of everything that there is");
            case Content.Rows _ -> new Content.Rows(Collections.nCopies(7, new TextRow(LONG, LONG)), "");
            case Content.Points _ ->
                new Content.Points(Collections.nCopies(7, new Content.Topic(Ask.State.NOW, LONG, LONG)));
            case Content.Entries _ -> new Content.Entries(Collections.nCopies(7, new Content.Entry(LONG, LONG, 0)));
            case Content.Lines _ -> new Content.Lines(Collections.nCopies(7, LONG));
            case Content.TimeZone zone -> zone;
            case Content.Day day -> day;
            case Content.Tint _ -> new Content.Tint("#c8502f");
            case Content.Listing _ -> new Content.Listing("wordy", List.of(), "", false);
        };
    }

    private static Placement placed(Family family, PieceKind kind, Size size, int align, boolean wordy) {
        Piece piece = Piece.of("p", kind, "P");
        if (wordy) {
            for (Field field : kind.fields()) {
                piece = piece.withContent(field.name(), wordy(field.standard()));
            }
        }
        if (kind.figures().stream().anyMatch(figure -> figure.name().equals("align"))) {
            piece = piece.withFigure("align", align);
        }
        return resolve(family, piece, size);
    }

    private static Placement resolve(Family family, Piece piece, Size size) {
        return resolve(ReedlightHide.theme().withFamily(family.id()), piece, size);
    }

    private static Placement resolve(Theme theme, Piece piece, Size size) {
        Scene scene = Scene.of(
                "s", "S", SceneRole.LIVE, List.of(Placed.in(piece.kind().zone(), piece.id())));
        ResolvedScene resolved = new Resolver(theme.withPieces(List.of(piece)).withScenes(List.of(scene)))
                .resolve(scene, Canvas.of("c", "C", size, 60), LIVE);
        return resolved.placements().getFirst();
    }

    /** Words that are not clipped: a ticker's run through their room on purpose. */
    private static List<Mark.Text> still(List<Mark> marks) {
        List<Mark.Text> found = new ArrayList<>();
        for (Mark mark : marks) {
            switch (mark) {
                case Mark.Text text -> found.add(text);
                case Mark.Group group when !group.clipped() -> found.addAll(still(group.marks()));
                default -> {}
            }
        }
        return found;
    }

    private static Stream<Mark.Stroked> strokes(List<Mark> marks) {
        return marks.stream().flatMap(mark -> switch (mark) {
            case Mark.Stroked stroke -> Stream.of(stroke);
            case Mark.Group group -> strokes(group.marks());
            default -> Stream.empty();
        });
    }
}
