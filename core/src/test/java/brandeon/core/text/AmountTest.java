package brandeon.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;

class AmountTest {

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "7 | 7",
                "12.50 | 12.5",
                "12,50 | 12.5",
                "1.5k | 1500",
                "1.5 K | 1500",
                "2m | 2000000",
                "-5 | -5",
                "\u22125 | -5",
                "1,234 | 1234",
                "1,234.5 | 1234.5",
                "1.234,5 | 1234.5",
                "1.234.567 | 1234567",
                "\u20ac12.50 | 12.5",
                "12,50 \u20ac | 12.5",
                "-\u00a33.20 | -3.2",
                "7 of 40 | 7",
                "1 234 567 | 1234567",
                "12 herons | 12",
                "5 km | 5",
                "0.5 | 0.5",
                "007 | 7",
                "12. | 12",
                "3,5,7 | 357"
            })
    void theNumberThatAPersonWroteIsTaken(String written, double amount) {
        assertThat(Amount.in(written)).hasValue(amount);
    }

    /** The field for numbers reads the same ones (web/src/content/amount.test.ts). */
    @ParameterizedTest
    @CsvFileSource(resources = "/amounts.csv", delimiter = '|')
    void aNumberIsReadAsTheScreenReadsIt(String written, double amount) {
        assertThat(Amount.in(written)).hasValue(amount);
    }

    @Test
    void wordsAreNoNumber() {
        assertThat(Amount.in("none yet")).isEmpty();
        assertThat(Amount.in("\u2013")).isEmpty();
    }
}
