package brandeon.core.text;

import com.ibm.icu.number.LocalizedNumberFormatter;
import com.ibm.icu.number.NumberFormatter;
import java.math.BigDecimal;
import java.util.Currency;
import java.util.Locale;

/**
 * An amount of money, exact.
 *
 * @param minor    in the smallest unit of its currency: 1250 are 12.50 euros, and 1250 yen
 * @param currency by ISO 4217
 */
public record Money(long minor, Currency currency) {

    private static final LocalizedNumberFormatter WRITER = NumberFormatter.withLocale(Locale.ENGLISH);

    /** With its currency, as English writes it: “€12.50”. */
    public String written() {
        return WRITER.unit(com.ibm.icu.util.Currency.getInstance(currency.getCurrencyCode()))
                .format(BigDecimal.valueOf(minor, currency.getDefaultFractionDigits()))
                .toString();
    }
}
