package brandeon.core.art;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Pixels;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.Content;
import brandeon.core.kind.PieceKind;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.layout.Samples;
import brandeon.core.live.Readings;
import brandeon.core.publish.Repainting;
import brandeon.core.show.LiveState;
import brandeon.core.show.Show;
import brandeon.core.text.TextRow;
import brandeon.core.theme.Piece;
import brandeon.core.theme.Theme;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** What each kind of widget says with its figures and in its time, seen in the pixels of every family. */
class KindsTest {

    private static final Canvas CANVAS = Canvas.of("small", "Small", Size.of(960, 540), 60);

    static Stream<Theme> families() {
        return Families.all().stream().map(family -> ReedlightHide.theme().withFamily(family.id()));
    }

    @ParameterizedTest
    @MethodSource("families")
    void aBarIsAsLongAsItsShare(Theme theme) {
        BufferedImage empty = painted(theme, meter(0), 0);
        Box whole = changed(empty, painted(theme, meter(100), 0));
        assertThat(whole.width()).isGreaterThan(200);
        double before = whole.x();
        for (int share : new int[] {10, 25, 50, 75, 90}) {
            Box filled = changed(empty, painted(theme, meter(share), 0));
            assertThat((filled.right() - whole.x()) / whole.width())
                    .as("%d %% in %s", share, theme.family())
                    .isCloseTo(share / 100.0, within(0.07));
            assertThat(filled.x()).as("it begins at the same end").isCloseTo(whole.x(), within(2.0));
            assertThat(filled.right()).isGreaterThan(before);
            before = filled.right();
        }
        assertThat(pixels(painted(theme, meter(250), 0)))
                .as("more than all is all")
                .isEqualTo(pixels(painted(theme, meter(100), 0)));
    }

    /** In the middle of its turn an entry stands there as if it were the only one. */
    @ParameterizedTest
    @MethodSource("families")
    void entriesTakeTurnsEachForItsTime(Theme theme) {
        List<Content.Entry> entries = List.of(
                new Content.Entry("Field notes", "reedlight.example", 0),
                new Content.Entry("Sightings", "Tell us in the chat", 3),
                new Content.Entry("Next watch", "Thursday 05:30", 0));
        Piece all = rotator(entries);
        long[] middles = {2_500, 6_500, 10_500};
        for (int round = 0; round < 2; round++) {
            for (int i = 0; i < entries.size(); i++) {
                assertThat(pixels(painted(theme, all, round * 13_000 + middles[i])))
                        .as("entry %d in round %d of %s", i, round, theme.family())
                        .isEqualTo(pixels(painted(theme, rotator(List.of(entries.get(i))), 0)));
            }
        }
        assertThat(pixels(painted(theme, all.withFigure("moving", 0), 6_500)))
                .as("at rest the first shows")
                .isEqualTo(pixels(painted(theme, rotator(List.of(entries.getFirst())), 0)));
    }

    @ParameterizedTest
    @MethodSource("families")
    void aTickerComesInFromTheRightAndLeavesNothingBehind(Theme theme) {
        String words = IntStream.range(0, 12)
                .mapToObj(i -> "high tide at hide number " + i)
                .collect(Collectors.joining(" · "));
        Piece ticker =
                Piece.of("t", PieceKind.TICKER, "T").withWords("text", words).withFigure("speed", 300);
        long millis = (long) placed(theme, ticker).art().tracks().getFirst().millis();
        int[] bare = pixels(painted(theme, ticker.withWords("text", ""), 0));
        assertThat(pixels(painted(theme, ticker, 0))).as("nothing is there yet").isEqualTo(bare);
        assertThat(pixels(painted(theme, ticker, millis - 1)))
                .as("and nothing any more")
                .isEqualTo(bare);
        Box early = changed(painted(theme, ticker.withWords("text", ""), 0), painted(theme, ticker, 400));
        Box later = changed(painted(theme, ticker.withWords("text", ""), 0), painted(theme, ticker, 1400));
        assertThat(early.right()).as("it fills its room to the right").isCloseTo(later.right(), within(12.0));
        assertThat(early.x() - later.x())
                .as("300 units in a second, at half a pixel each")
                .isCloseTo(150, within(6.0));
    }

    @ParameterizedTest
    @MethodSource("families")
    void theNewestLineOfAChatIsTheLowestAndTheClearest(Theme theme) {
        Piece chat = Piece.of("c", PieceKind.CHAT, "C")
                .withContent(
                        "rows",
                        new Content.Rows(
                                IntStream.range(0, 9)
                                        .mapToObj(i -> new TextRow("Ilse", "line" + i))
                                        .toList(),
                                ""));
        List<Mark.Text> said = placed(theme, chat).art().texts().stream()
                .filter(text -> text.text().startsWith("line"))
                .sorted(Comparator.comparingDouble(Mark.Text::y))
                .toList();
        assertThat(said).hasSizeGreaterThan(2);
        assertThat(said.getLast().text()).isEqualTo("line8");
        assertThat(said.stream()
                        .map(text -> Integer.parseInt(text.text().substring(4)))
                        .toList())
                .as("in the order in which they came, the oldest left out")
                .isSorted()
                .isEqualTo(IntStream.rangeClosed(9 - said.size(), 8).boxed().toList());
        BufferedImage bare = painted(theme, chat.withContent("rows", Content.Rows.of(" ", " ")), 0);
        BufferedImage fading = painted(theme, chat, 0);
        BufferedImage clear = painted(theme, chat.withFigure("fading", 0), 0);
        assertThat(band(fading, said.getLast())).as("the newest").isEqualTo(band(clear, said.getLast()));
        assertThat(contrast(bare, fading, said.getFirst()))
                .as("the oldest is fainter")
                .isLessThan(0.75 * contrast(bare, clear, said.getFirst()));
    }

    @ParameterizedTest
    @MethodSource("families")
    void supportersStandInOneToFiveRowsOrBesideOneAnother(Theme theme) {
        for (int rows = 1; rows <= 5; rows++) {
            List<Mark.Text> names = names(theme, stack(rows));
            assertThat(names).as("%d rows in %s", rows, theme.family()).hasSize(rows);
            assertThat(names).extracting(Mark.Text::y).isSorted().doesNotHaveDuplicates();
            if (rows > 2) {
                assertThat(names.get(2).y() - names.get(1).y())
                        .as("equal steps")
                        .isCloseTo(names.get(1).y() - names.get(0).y(), within(1.0));
            }
        }
        // A column is too narrow for more.
        for (int rows = 1; rows <= 3; rows++) {
            List<Mark.Text> beside = names(theme, stack(rows).withFigure("inARow", 1));
            assertThat(beside).hasSize(rows);
            assertThat(beside)
                    .extracting(Mark.Text::y)
                    .as("on one line")
                    .allMatch(y -> Math.abs(y - beside.getFirst().y()) < 0.01);
            assertThat(beside)
                    .extracting(Mark.Text::px)
                    .as("in one size")
                    .containsOnly(beside.getFirst().px());
            assertThat(beside).extracting(text -> text.box().x()).isSorted().doesNotHaveDuplicates();
        }
    }

    @ParameterizedTest
    @MethodSource("families")
    void aScoreHasItsFiguresInTheMiddleAndItsNamesOutside(Theme theme) {
        List<Mark.Text> texts = placed(
                        theme,
                        Piece.of("s", PieceKind.SCORE, "S")
                                .withWords("left", "Hide")
                                .withContent("leftFigure", Content.Count.of(3))
                                .withWords("right", "Chat")
                                .withContent("rightFigure", Content.Count.of(2)))
                .art()
                .texts();
        List<String> across = texts.stream()
                .sorted(Comparator.comparingDouble(text -> text.box().centreX()))
                .map(Mark.Text::text)
                .toList();
        assertThat(across).containsExactly("Hide", "3", "2", "Chat");
        Box hide = box(texts, "Hide");
        Box chat = box(texts, "Chat");
        double middle = (hide.right() + chat.x()) / 2;
        assertThat(middle - box(texts, "3").centreX())
                .as("as far from the middle on either side")
                .isCloseTo(box(texts, "2").centreX() - middle, within(1.0));
    }

    @ParameterizedTest
    @MethodSource("families")
    void aLowerThirdReachesNoFurtherThanItsWordsNeed(Theme theme) {
        double last = 0;
        for (String name : List.of("Al", "Mirela Osk", "Mirela Osk-Fenwick of Low Quay")) {
            Placement third = placed(
                    theme,
                    Piece.of("l", PieceKind.LOWER_THIRD, "L")
                            .withWords("name", name)
                            .withWords("line", ""));
            Box ink = Ink.of(third.art().marks()).orElseThrow();
            Box words = box(third.art().texts(), name);
            assertThat(ink.right())
                    .as(theme.family())
                    .isGreaterThan(words.right() - 1)
                    .isLessThan(words.right() + third.box().height() * 1.6);
            assertThat(ink.width()).as("longer with longer words").isGreaterThan(last);
            last = ink.width();
        }
    }

    @ParameterizedTest
    @MethodSource("families")
    void whatIsSetStillDoesNotMove(Theme theme) {
        for (PieceKind kind : PieceKind.values()) {
            if (kind.figure("moving").isPresent()) {
                Piece still = Samples.piece(theme, kind).withFigure("moving", 0);
                assertThat(pixels(painted(theme, still, 0)))
                        .as("%s in %s", kind, theme.family())
                        .isEqualTo(pixels(painted(theme, still, 3_700)));
            }
        }
    }

    private static Piece meter(int value) {
        return Piece.of("m", PieceKind.METER, "M").withContent("value", Content.Count.of(value));
    }

    private static Piece rotator(List<Content.Entry> entries) {
        return Piece.of("r", PieceKind.ROTATOR, "R").withContent("rows", new Content.Entries(entries));
    }

    /** Every other name is a long one. */
    private static Piece stack(int rows) {
        return Piece.of("s", PieceKind.SUPPORTER_BOARD, "S")
                .withContent(
                        "rows",
                        new Content.Rows(
                                IntStream.range(0, rows)
                                        .mapToObj(i -> new TextRow(
                                                "TextRow " + i, "Name " + "of a watcher ".repeat(i % 2 * 2) + i))
                                        .toList(),
                                ""));
    }

    private static List<Mark.Text> names(Theme theme, Piece stack) {
        return placed(theme, stack).art().texts().stream()
                .filter(text -> text.text().startsWith("N"))
                .toList();
    }

    private static Box box(List<Mark.Text> texts, String text) {
        return texts.stream()
                .filter(one -> one.text().equals(text))
                .findFirst()
                .orElseThrow()
                .box();
    }

    /** “At zero (empty hides)” left plate and title on air. */
    @ParameterizedTest
    @MethodSource("families")
    void aCountdownWithoutWordsForItsEndHidesAsAWholeWhenItIsOver(Theme theme) {
        Piece clock = Piece.of("c", PieceKind.COUNTDOWN, "C")
                .withWords("title", "We begin in")
                .withWords("ended", "");
        LiveState running = new LiveState(Readings.NONE, Show.QUIET.playing("c", 600_000), Optional.empty());
        ResolvedScene scene = Samples.of(theme, clock, Samples.CANVAS, running);
        List<Mark> marks = scene.placements().getFirst().art().marks();
        assertThat(visible(Raster.paint(Samples.CANVAS.size(), marks, 599_000, Pictures.NONE)))
                .as(theme.family())
                .isTrue();
        assertThat(visible(Raster.paint(Samples.CANVAS.size(), marks, 600_000, Pictures.NONE)))
                .as(theme.family())
                .isFalse();
        String svg = SvgWriter.fragment(marks);
        assertThat(svg.replaceFirst("^<defs>.*?</defs>", ""))
                .as("all of it is inside")
                .startsWith("<g data-mode=\"down\"");
    }

    /** Of 2000, on a bar: a live number and one that somebody set stand at the same place. */
    @ParameterizedTest
    @CsvSource({"0, 0", "1000, 0.5", "1500, 0.75", "2000, 1", "9000, 1", "-5, 0"})
    void aBarIsFilledToTheShareOfItsTarget(double value, double share) {
        for (Theme theme : families().toList()) {
            Piece bar = Piece.of("g", PieceKind.METER, "G")
                    .withContent("value", Content.Count.of(value))
                    .withFigure("target", 2000);
            Family family = Families.named(theme.family()).orElseThrow();
            Placement placed = placed(theme, bar);
            List<Mark> expected =
                    family.meter(new Easel(CANVAS, theme.brand().look(), Tune.STANDARD), placed.box(), share);
            assertThat(SvgWriter.fragment(placed.art().marks()))
                    .as("%s of 2000 in %s", value, theme.family())
                    .isEqualTo(SvgWriter.fragment(expected));
            LiveState live =
                    new LiveState(new Readings(Map.of("followers", (long) value)), Show.QUIET, Optional.empty());
            assertThat(SvgWriter.fragment(
                            Samples.of(theme, bar.withContent("value", Content.Count.of("followers")), CANVAS, live)
                                    .placements()
                                    .getFirst()
                                    .art()
                                    .marks()))
                    .isEqualTo(SvgWriter.fragment(expected));
        }
    }

    private static boolean visible(BufferedImage image) {
        return Arrays.stream(pixels(image)).anyMatch(pixel -> pixel >>> 24 != 0);
    }

    /** “Motion: moving” did nothing on four of five backdrops. */
    @ParameterizedTest
    @MethodSource("families")
    void aBackdropThatMovesMovesAndOneThatStandsStillCostsNothing(Theme theme) {
        Piece moving = Piece.of("b", PieceKind.BACKDROP, "B").withFigure("moving", 1);
        assertThat(pixels(painted(theme, moving, 1_000))).isNotEqualTo(pixels(painted(theme, moving, 4_000)));
        Piece still = moving.withFigure("moving", 0);
        assertThat(placed(theme, still).art().moves()).isFalse();
        assertThat(Arrays.stream(pixels(painted(theme, moving, 3_300))))
                .as("no gap opens where something moved away")
                .allMatch(pixel -> pixel >>> 24 == 255);
    }

    /** They repaint all of their box, and 1.1 % was said. */
    @Test
    void particlesCostTheWholeSurfaceThatIsClearedForThem() {
        Theme theme = families().findFirst().orElseThrow();
        PieceArt swarm = placed(theme, Piece.of("p", PieceKind.PARTICLES, "P")).art();
        assertThat(Repainting.of(swarm, CANVAS.size(), 1, 4_000).share()).isCloseTo(1, within(0.01));
    }

    private static Placement placed(Theme theme, Piece piece) {
        return Samples.of(theme, piece, CANVAS, Samples.live()).placements().getFirst();
    }

    /** @param now milliseconds on the shared clock */
    private static BufferedImage painted(Theme theme, Piece piece, long now) {
        return Raster.paint(CANVAS.size(), placed(theme, piece).art().at(now), now, Pictures.NONE);
    }

    private static int[] pixels(BufferedImage image) {
        return ((DataBufferInt) image.getRaster().getDataBuffer()).getData();
    }

    /** Around all pixels that differ visibly. */
    private static Box changed(BufferedImage one, BufferedImage other) {
        int left = one.getWidth();
        int right = 0;
        int top = one.getHeight();
        int bottom = 0;
        int[] before = Pixels.of(one);
        int[] after = Pixels.of(other);
        for (int y = 0; y < one.getHeight(); y++) {
            for (int x = 0; x < one.getWidth(); x++) {
                if (difference(before[y * one.getWidth() + x], after[y * one.getWidth() + x]) > 24) {
                    left = Math.min(left, x);
                    right = Math.max(right, x + 1);
                    top = Math.min(top, y);
                    bottom = Math.max(bottom, y + 1);
                }
            }
        }
        return new Box(left, top, Math.max(0, right - left), Math.max(0, bottom - top));
    }

    private static int difference(int one, int other) {
        int most = 0;
        for (int shift = 0; shift < 32; shift += 8) {
            most = Math.max(most, Math.abs((one >>> shift & 255) - (other >>> shift & 255)));
        }
        return most;
    }

    private static List<Integer> band(BufferedImage image, Mark.Text text) {
        Box box = text.box().snapped().cut(CANVAS.size().box());
        return IntStream.range((int) box.y(), (int) box.bottom())
                .boxed()
                .flatMap(y -> IntStream.range((int) box.x(), (int) box.right()).mapToObj(x -> image.getRGB(x, y)))
                .toList();
    }

    /** How much a text stands out from what is there without it, summed up. */
    private static double contrast(BufferedImage bare, BufferedImage with, Mark.Text text) {
        List<Integer> before = band(bare, text);
        List<Integer> after = band(with, text);
        return IntStream.range(0, before.size())
                .mapToDouble(i -> difference(before.get(i), after.get(i)))
                .sum();
    }
}
