package brandeon.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.text.NumberFormat;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.Currency;
import java.util.Locale;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class MoneyTest {

    private static final Map<String, ValueType> TYPES = Map.of("paid", ValueType.MONEY, "since", ValueType.TIME);
    private static final Map<String, Object> VALUES = Map.of(
            "paid",
            new Money(123_456, Currency.getInstance("EUR")),
            "since",
            ZonedDateTime.of(2026, 11, 27, 19, 5, 0, 0, ZoneId.of("Europe/Dublin")));

    /** Java writes the same; the digits of a currency are those of ISO 4217 (yen have none). */
    @ParameterizedTest
    @CsvSource({"EUR, 1250", "USD, 5", "GBP, 100000000", "JPY, 1250", "EUR, 0", "USD, -320"})
    void moneyIsWrittenAsJavaWritesIt(String code, long minor) {
        Currency currency = Currency.getInstance(code);
        NumberFormat java = NumberFormat.getCurrencyInstance(Locale.US);
        java.setCurrency(currency);
        java.setMinimumFractionDigits(currency.getDefaultFractionDigits());
        java.setMaximumFractionDigits(currency.getDefaultFractionDigits());
        String expected = java.format(BigDecimal.valueOf(minor, currency.getDefaultFractionDigits()));
        assertThat(new Money(minor, currency).written().replace('\u00a0', ' '))
                .isEqualTo(expected.replace('\u00a0', ' '));
    }

    /** ISO 4217: a dinar of Bahrain has a thousand fils. */
    @Test
    void aCurrencyMayHaveThreeDigits() {
        assertThat(new Money(1250, Currency.getInstance("BHD")).written()).endsWith("1.250");
    }

    @Test
    void moneyAndTimesStandInTextsAsTheyAre() {
        assertThat(new Message("{paid} since {since}").format(VALUES)).isEqualTo("€1,234.56 since 19:05");
        assertThat(new Message("{paid} since {since}").mistake(TYPES)).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{paid, number}",
                "{paid, number, ::currency/USD}",
                "{paid, plural, one {#} other {#}}",
                "{paid, select, other {x}}",
                "{since, number}",
                "{since, selectordinal, one {#} other {#}}",
                "{since, select, other {x}}"
            })
    void nothingElseIsAskedOfThem(String pattern) {
        assertThat(new Message(pattern).mistake(TYPES)).get().asString().contains("by itself");
    }
}
