package brandeon.core.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.problem.Mistake;
import java.io.IOException;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Tables as text, against Commons CSV both ways. */
class CsvTest {

    private static final String[] PARTS = {
        "a", "Bittern", ",", "\"", "\r\n", "\n", " ", "é", "苇", "🦆", ";", "'", "12.5", "\t", ""
    };

    private static List<List<String>> cells(Random random) {
        int columns = 1 + random.nextInt(5);
        return IntStream.range(0, 1 + random.nextInt(8))
                .mapToObj(i -> IntStream.range(0, columns)
                        // One that has something in it, since lines without anything are passed over.
                        .mapToObj(j -> (j == 0 ? "x" : "") + text(random))
                        .toList())
                .toList();
    }

    private static String text(Random random) {
        StringBuilder text = new StringBuilder();
        for (int i = random.nextInt(6); i > 0; i--) {
            text.append(PARTS[random.nextInt(PARTS.length)]);
        }
        // A cell that begins like a formula is written otherwise on purpose, see below.
        return text.toString().replaceFirst("^['\\t\\r]+", "");
    }

    @Test
    void whatIsWrittenIsReadTheSameByCommonsCsv() throws IOException {
        Random random = new Random(41);
        for (int i = 0; i < 400; i++) {
            List<List<String>> cells = cells(random);
            String text = Csv.written(cells.getFirst(), cells.subList(1, cells.size()));

            assertThat(CSVFormat.RFC4180.parse(new StringReader(text)).getRecords())
                    .as(text)
                    .extracting(CSVRecord::toList)
                    .isEqualTo(cells);
        }
    }

    @Test
    void whatCommonsCsvWritesIsReadTheSame() {
        Random random = new Random(43);
        for (int i = 0; i < 400; i++) {
            List<List<String>> cells = cells(random);
            String text = cells.stream()
                    .map(line -> CSVFormat.RFC4180.format(line.toArray()))
                    .collect(Collectors.joining("\r\n"));
            // Which sign stands between cells is seen by the first line, so others in it would be taken for that.
            if (cells.getFirst().stream().noneMatch(cell -> cell.contains(";") || cell.contains("\t"))) {
                assertThat(Csv.read(text, 100))
                        .as(text)
                        .extracting(Csv.Row::cells)
                        .isEqualTo(cells);
            }
        }
    }

    /** RFC 4180, section 2, rules 1, 5, 6 and 7, by its own examples. */
    @Test
    void theExamplesOfTheStandardAreRead() {
        assertThat(Csv.read("aaa,bbb,ccc\r\nzzz,yyy,xxx", 9))
                .extracting(Csv.Row::cells)
                .containsExactly(List.of("aaa", "bbb", "ccc"), List.of("zzz", "yyy", "xxx"));
        assertThat(Csv.read("\"aaa\",\"b\r\nbb\",\"ccc\"\r\nzzz,yyy,xxx", 9)
                        .getFirst()
                        .cells())
                .containsExactly("aaa", "b\r\nbb", "ccc");
        assertThat(Csv.read("\"aaa\",\"b\"\"bb\",\"ccc\"", 9).getFirst().cells())
                .containsExactly("aaa", "b\"bb", "ccc");
    }

    @ParameterizedTest
    @ValueSource(strings = {"a,b\n1,2\n", "a;b\n1;2\n", "a\tb\n1\t2\n", "\uFEFFa,b\r\n1,2", "a,b\r\n\r\n1,2\r\n\r\n"})
    void whateverSpreadsheetsPutBetweenCells(String text) {
        assertThat(Csv.read(text, 9)).extracting(Csv.Row::cells).containsExactly(List.of("a", "b"), List.of("1", "2"));
    }

    @Test
    void linesAreKnownByTheirNumbersInTheFile() {
        assertThat(Csv.read("a,b\n\"two\nlines\",1\nthird,2\n\nfifth,3\n", 9))
                .extracting(Csv.Row::line)
                .containsExactly(1, 2, 4, 6);
    }

    @Test
    void whatIsNotWellFormedIsNamedByItsLine() {
        assertThatThrownBy(() -> Csv.read("a,b\n1,\"never closed\n", 9))
                .isInstanceOf(Mistake.class)
                .hasMessageContaining("Line ");
        assertThatThrownBy(() -> Csv.read("a\n1\n2\n3", 3)).hasMessageContaining("more than 3 lines");
        assertThatThrownBy(() -> Csv.read("a\n" + "x".repeat(30_000), 9)).isInstanceOf(Mistake.class);
    }

    @Test
    void noSpreadsheetTakesACellForAFormulaAndItComesBackAsItWas() throws IOException {
        for (String cell : List.of("=1+1", "+49 30", "-marsh", "@host", "\tx")) {
            String text = Csv.written(List.of("a"), List.of(List.of(cell)));

            List<String> seen = new ArrayList<>();
            CSVFormat.RFC4180.parse(new StringReader(text)).forEach(line -> seen.add(line.get(0)));
            assertThat(seen).containsExactly("a", "'" + cell);
            assertThat(Csv.read(text, 9).getLast().cells()).containsExactly(cell);
        }
        assertThat(Csv.written(List.of("a"), List.of(List.of(-3)))).contains("\r\n-3\r\n");
    }
}
