package brandeon.core.text;

import com.ibm.icu.number.LocalizedNumberFormatter;
import com.ibm.icu.number.NumberFormatter;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Currency;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * An amount of money, exact.
 *
 * @param minor    in the smallest unit of its currency: 1250 are 12.50 euros, and 1250 yen
 * @param currency by ISO 4217
 */
public record Money(long minor, Currency currency) {

    private static final Set<String> CODES = Currency.getAvailableCurrencies().stream()
            .map(Currency::getCurrencyCode)
            .collect(Collectors.toUnmodifiableSet());

    private static final LocalizedNumberFormatter WRITER = NumberFormatter.withLocale(Locale.ENGLISH);

    /** Half of the smallest unit is rounded to the even one. @param main in the currency's main unit */
    public static Money ofMain(BigDecimal main, Currency currency) {
        return new Money(
                main.movePointRight(digits(currency))
                        .setScale(0, RoundingMode.HALF_EVEN)
                        .longValue(),
                currency);
    }

    /** In its main unit. */
    public BigDecimal main() {
        return BigDecimal.valueOf(minor, digits(currency));
    }

    /** After the point of its main unit; of what has no smaller one, such as gold, none. */
    public static int digits(Currency currency) {
        return Math.max(0, currency.getDefaultFractionDigits());
    }

    /** With its currency, as English writes it: “€12.50”. */
    public String written() {
        return WRITER.unit(com.ibm.icu.util.Currency.getInstance(currency.getCurrencyCode()))
                .format(main())
                .toString();
    }

    /** Whether ISO 4217 knows a currency by this code. */
    public static boolean known(String code) {
        return CODES.contains(code);
    }
}
