package brandeon.core.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.problem.Mistake;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What cells are kept as. */
class ColumnTypeTest {

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            NUMBER | 12         | 12
            NUMBER | ' 1,250 '  | 1250
            NUMBER | 1,234,567.5| 1234567.5
            NUMBER | 12,5       | 12.5
            NUMBER | 1 250      | 1250
            NUMBER | 1'250      | 1250
            NUMBER | -3.50      | -3.5
            NUMBER | 007        | 7
            NUMBER | 0.000001   | 0.000001
            TIME   | 9:05       | 09:05
            TIME   | 19:30:05   | 19:30:05
            TIME   | 2026-12-24 | 2026-12-24
            TIME   | 2026-12-24T7:30 | 2026-12-24 07:30
            COLOUR | #E0A030    | #e0a030
            COLOUR | seagreen   | #2e8b57
            TEXT   | ' Bittern '| Bittern
            PICTURE| heron.svg  | heron.svg
            """)
    void howeverTheyAreTyped(ColumnType type, String typed, String kept) {
        assertThat(type.kept(typed)).isEqualTo(kept);
        assertThat(type.kept(kept)).as("and so again").isEqualTo(kept);
    }

    @Test
    void anyOfThemMayBeEmpty() {
        for (ColumnType type : ColumnType.values()) {
            assertThat(type.kept("  ")).isEmpty();
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            NUMBER | many
            NUMBER | 1.2.3
            NUMBER | 1e9
            NUMBER | 1000000000001
            NUMBER | 0.0000001
            NUMBER | NaN
            TIME   | 25:00
            TIME   | 24 December
            TIME   | 2026-02-30
            TIME   | 2026-12-24X10:00
            COLOUR | #12345
            """)
    void whatIsNothingOfTheKindIsRefusedInASentence(ColumnType type, String typed) {
        assertThatThrownBy(() -> type.kept(typed)).isInstanceOf(Mistake.class).hasMessageEndingWith(".");
    }

    @Test
    void aCellStandsOnOneLineAndTurnsNothingRound() {
        assertThat(ColumnType.TEXT.kept("two\nlines\u202E!")).isEqualTo("two lines!");
        assertThatThrownBy(() -> ColumnType.TEXT.kept("x".repeat(401))).isInstanceOf(Mistake.class);
    }

    @Test
    void theTypeOfAColumnIsGuessedByItsCells() {
        assertThat(ColumnType.guessed(List.of("1", "", "2.5"))).isEqualTo(ColumnType.NUMBER);
        assertThat(ColumnType.guessed(List.of("19:30", "2026-12-24"))).isEqualTo(ColumnType.TIME);
        assertThat(ColumnType.guessed(List.of("#fff", "#000000"))).isEqualTo(ColumnType.COLOUR);
        assertThat(ColumnType.guessed(List.of("teal", "tan")))
                .as("birds, perhaps")
                .isEqualTo(ColumnType.TEXT);
        assertThat(ColumnType.guessed(List.of("1", "two"))).isEqualTo(ColumnType.TEXT);
        assertThat(ColumnType.guessed(List.of("", ""))).isEqualTo(ColumnType.TEXT);
    }

    @ParameterizedTest
    @CsvSource({
        "Nest boxes,nestBoxes",
        "Größe,grosse",
        "Вид,vid",
        "3rd place,rdPlace",
        "Rows,rows2",
        "???,column",
        "A,a"
    })
    void aWordIsMadeOfATitle(String title, String word) {
        assertThat(Column.word(title, Set.of())).isEqualTo(word);
    }

    @Test
    void noTwoColumnsHaveTheSameWord() {
        assertThat(Column.word("Seen", Set.of("seen", "seen2"))).isEqualTo("seen3");
        assertThat(Column.word("x".repeat(60), Set.of())).hasSizeLessThanOrEqualTo(20);
    }
}
