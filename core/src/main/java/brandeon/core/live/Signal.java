package brandeon.core.live;

import brandeon.core.text.Money;
import brandeon.core.text.ValueType;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import java.util.Collections;
import java.util.Currency;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * One live event in its platform-neutral form.
 *
 * @param id        given by the platform; the same id is the same event
 * @param platform  id of the profile by which it came; empty where none is known
 * @param name      of the viewer
 * @param months    length of support so far; 0 where it has none
 * @param level     of support; empty where it has none
 * @param amount    how many or how much: gifts, points, viewers of a raid, or money in its smallest unit
 * @param currency  of the amount, by ISO 4217; empty where it is no money
 * @param message   that the viewer sent along; empty for none
 * @param giftedTo  who was given something; empty where nobody is named
 * @param anonymous whether the viewer does not want to be named
 * @param first     whether it is the viewer's first of this kind
 * @param practice  whether it is shown like any other, and never counts
 * @param at        when it happened, epoch milliseconds
 */
public record Signal(
        String id,
        @JsonInclude(Include.NON_DEFAULT) String platform,
        SignalKind kind,
        String name,
        @JsonInclude(Include.NON_DEFAULT) int months,
        @JsonInclude(Include.NON_DEFAULT) String level,
        @JsonInclude(Include.NON_DEFAULT) long amount,
        @JsonInclude(Include.NON_DEFAULT) String currency,
        @JsonInclude(Include.NON_DEFAULT) String message,
        @JsonInclude(Include.NON_DEFAULT) String giftedTo,
        @JsonInclude(Include.NON_DEFAULT) boolean anonymous,
        @JsonInclude(Include.NON_DEFAULT) boolean first,
        @JsonInclude(Include.NON_DEFAULT) boolean practice,
        long at) {

    /** What is not said is not written, since there are very many; it is read as nothing again. */
    public Signal {
        platform = platform == null ? "" : platform;
        level = level == null ? "" : level;
        currency = currency == null ? "" : currency;
        message = message == null ? "" : message;
        giftedTo = giftedTo == null ? "" : giftedTo;
    }

    /** Shown in place of the name of who does not want to be named. */
    public static final String NOBODY = "Somebody";

    /** Its values that message patterns may use, in the order in which people are shown them. */
    public static final Map<String, Readings.Named> VALUES = named();

    /** With a name and an amount, and nothing else said. */
    public static Signal of(String id, SignalKind kind, String name, int months, String level, long amount, long at) {
        return new Signal(id, "", kind, name, months, level, amount, "", "", "", false, false, false, at);
    }

    private static Map<String, Readings.Named> named() {
        Map<String, Readings.Named> values = new LinkedHashMap<>();
        values.put("name", new Readings.Named("who it is", ValueType.TEXT));
        values.put("amount", new Readings.Named("how many, or money in its smallest unit", ValueType.NUMBER));
        values.put("money", new Readings.Named("an amount of money with its currency", ValueType.MONEY));
        values.put("message", new Readings.Named("what they write", ValueType.TEXT));
        values.put("months", new Readings.Named("months of support", ValueType.NUMBER));
        values.put("level", new Readings.Named("level of support", ValueType.TEXT));
        values.put("giftedTo", new Readings.Named("who was given something", ValueType.TEXT));
        return Collections.unmodifiableMap(values);
    }

    /** The values that message patterns may use. Money is there only where the amount is money. */
    public Map<String, Object> values() {
        Map<String, Object> values = new LinkedHashMap<>();
        values.put("name", shownName());
        values.put("months", months);
        values.put("level", level);
        values.put("amount", amount);
        values.put("message", message);
        values.put("giftedTo", giftedTo);
        money().ifPresent(money -> values.put("money", money));
        return values;
    }

    /** Its amount; empty where that is no money. */
    public Optional<Money> money() {
        return currency.isEmpty() ? Optional.empty() : Optional.of(new Money(amount, Currency.getInstance(currency)));
    }

    /** As viewers may read it. */
    public String shownName() {
        return anonymous ? NOBODY : name;
    }

    /** Of another amount, as when several are announced together. */
    public Signal amounting(long sum) {
        return new Signal(
                id, platform, kind, name, months, level, sum, currency, message, giftedTo, anonymous, first, practice,
                at);
    }
}
