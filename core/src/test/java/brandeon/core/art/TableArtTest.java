package brandeon.core.art;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.theme.Theme;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Tables as every family draws them. */
class TableArtTest {

    private static final Canvas CANVAS = Canvas.of("wide", "Wide", Size.of(1920, 1080), 60);
    private static final Theme THEME = ReedlightHide.theme();
    private static final List<Ask.Column> COLUMNS = List.of(
            new Ask.Column("Species", Ask.Sort.WORDS),
            new Ask.Column("Seen", Ask.Sort.FIGURES),
            new Ask.Column("", Ask.Sort.COLOUR),
            new Ask.Column("", Ask.Sort.PICTURE));

    static Stream<Family> families() {
        return Families.all().stream();
    }

    private static Ask.Line line(String name, String count) {
        return new Ask.Line(
                List.of(
                        Ask.Cell.of(name),
                        Ask.Cell.of(count),
                        new Ask.Cell("", Optional.empty(), Optional.of(Colour.parse("#e0a030"))),
                        new Ask.Cell("", Optional.of(new Ask.Still("bird", "", 1.5)), Optional.empty())),
                false);
    }

    private static PieceArt drawn(Family family, List<Ask.Line> lines, int page, int width) {
        Ask.Table ask = new Ask.Table(
                CANVAS, new Box(100, 100, width, 600), Tune.STANDARD, "Tonight", COLUMNS, lines, page, 8, true);
        return family.draw(ask, THEME.brand().look());
    }

    private static List<Ask.Line> birds(int count) {
        return IntStream.rangeClosed(1, count)
                .mapToObj(i -> line("Bird " + i, String.valueOf(i * i)))
                .toList();
    }

    private static Box box(PieceArt art, String text) {
        return art.texts().stream()
                .filter(one -> one.text().equals(text))
                .findFirst()
                .orElseThrow()
                .box();
    }

    @ParameterizedTest
    @MethodSource("families")
    void figuresStandUnderOneAnotherByTheirLastDigitAndWordsByTheirFirstLetter(Family family) {
        PieceArt art = drawn(family, birds(4), 8, 700);
        assertThat(box(art, "1").right()).isCloseTo(box(art, "16").right(), within(0.5));
        assertThat(box(art, "Bird 1").x()).isCloseTo(box(art, "Bird 4").x(), within(0.5));
        assertThat(box(art, "Bird 1").centreY()).isCloseTo(box(art, "1").centreY(), within(6.0));
        assertThat(art.tracks()).as("one page turns nowhere").isEmpty();
        assertThat(svg(art)).contains("#e0a030").contains("bird");
    }

    @ParameterizedTest
    @MethodSource("families")
    void pagesTakeTurnsAndAreAlikeInLength(Family family) {
        PieceArt art = drawn(family, birds(9), 8, 700);
        assertThat(art.tracks())
                .hasSize(2)
                .allSatisfy(track -> assertThat(track.millis()).isEqualTo(16_000));
        assertThat(box(art, "Bird 6").y())
                .as("five on the first page, four on the second")
                .isCloseTo(box(art, "Bird 1").y(), within(0.5));
        assertThat(art.tracks())
                .extracting(track -> Math.floorMod((long) track.delay(), 16_000L))
                .containsExactly(0L, 8000L);
    }

    @ParameterizedTest
    @MethodSource("families")
    void figuresAreNeverShortenedAndWhatDoesNotFitIsLeftOutFromTheEnd(Family family) {
        List<Ask.Line> wordy = Collections.nCopies(3, line("An extraordinarily patient watcher of birds", "123,456"));
        PieceArt narrow = drawn(family, wordy, 8, 370);
        assertThat(narrow.texts()).extracting(Mark.Text::text).contains("123,456");
        assertThat(narrow.texts()).extracting(Mark.Text::text).anyMatch(text -> text.endsWith("…"));
        assertThat(svg(narrow)).as("the picture is left out").doesNotContain("bird");
        assertThat(svg(drawn(family, wordy, 8, 900))).contains("bird");
    }

    @ParameterizedTest
    @MethodSource("families")
    void aTableWithoutRowsSaysThatNothingIsKnown(Family family) {
        assertThat(drawn(family, List.of(), 8, 700).texts())
                .extracting(Mark.Text::text)
                .contains("–");
    }

    private static String svg(PieceArt art) {
        return SvgWriter.fragment(art.marks());
    }
}
