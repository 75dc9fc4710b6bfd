package brandeon.core.rehearse;

import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.problem.Mistake;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonInclude.Include;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * One signal of a script; what says nothing is not written.
 *
 * @param at       seconds after the script's beginning
 * @param amount   in the smallest unit where it is money
 * @param currency by ISO 4217, for money
 */
public record ScriptLine(
        double at,
        SignalKind signal,
        String name,
        @JsonInclude(Include.NON_DEFAULT) long amount,
        @JsonInclude(Include.NON_DEFAULT) String currency,
        @JsonInclude(Include.NON_DEFAULT) int months,
        @JsonInclude(Include.NON_DEFAULT) String level,
        @JsonInclude(Include.NON_DEFAULT) String message,
        @JsonInclude(Include.NON_DEFAULT) String giftedTo,
        @JsonInclude(Include.NON_DEFAULT) boolean anonymous,
        @JsonInclude(Include.NON_DEFAULT) boolean first) {

    /** Twelve hours, in seconds. */
    static final double LATEST = 43_200;

    public ScriptLine {
        if (signal == null) {
            throw new Mistake("It says no signal, such as \"FOLLOW\".");
        }
        if (!(at >= 0 && at <= LATEST)) {
            throw new Mistake("“at” lies between 0 seconds and 12 hours.");
        }
        name = name == null ? "" : name;
        currency = currency == null ? "" : currency;
        level = level == null ? "" : level;
        message = message == null ? "" : message;
        giftedTo = giftedTo == null ? "" : giftedTo;
        if (name.isBlank() && !anonymous) {
            throw new Mistake("It says no name; only what is anonymous has none.");
        }
        if (amount < 0) {
            throw new Mistake("An amount is 0 or more.");
        }
        if (signal.amount() == SignalKind.Amount.MONEY && amount > 0 && currency.isEmpty()) {
            throw new Mistake("An amount of money needs its currency, such as \"EUR\".");
        }
    }

    static ScriptLine of(double at, SignalKind signal, String name) {
        return new ScriptLine(at, signal, name, 0, "", 0, "", "", "", false, false);
    }

    /** As somebody really sent it. @param begun instant at which the script begins, epoch milliseconds */
    static ScriptLine of(Signal signal, long begun) {
        return new ScriptLine(
                Math.round((signal.at() - begun) / 10.0) / 100.0,
                signal.kind(),
                signal.name(),
                signal.amount(),
                signal.currency(),
                signal.months(),
                signal.level(),
                signal.message(),
                signal.giftedTo(),
                signal.anonymous(),
                signal.first());
    }

    ScriptLine amounting(long sum) {
        return new ScriptLine(at, signal, name, sum, currency, months, level, message, giftedTo, anonymous, first);
    }

    ScriptLine paying(long minor, String code, String words) {
        return new ScriptLine(at, signal, name, minor, code, months, level, words, giftedTo, anonymous, first);
    }

    ScriptLine supporting(int since, String which) {
        return new ScriptLine(at, signal, name, amount, currency, since, which, message, giftedTo, anonymous, first);
    }

    /** As a platform would send it, marked as practice. */
    public Map<String, Object> data() {
        Map<String, Object> data = new LinkedHashMap<>();
        if (!name.isBlank()) {
            data.put("name", name);
        }
        put(data, "months", months, months > 0);
        put(data, "level", level, !level.isEmpty());
        put(data, "message", message, !message.isEmpty());
        put(data, "giftedTo", giftedTo, !giftedTo.isEmpty());
        put(data, "amount", amount, signal.amount() != SignalKind.Amount.NONE);
        put(data, "currency", currency, signal.amount() == SignalKind.Amount.MONEY && !currency.isEmpty());
        put(data, "anonymous", true, anonymous);
        put(data, "first", true, first);
        data.put("practice", true);
        return data;
    }

    private static void put(Map<String, Object> data, String name, Object value, boolean said) {
        if (said) {
            data.put(name, value);
        }
    }
}
