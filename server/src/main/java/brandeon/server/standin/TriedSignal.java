package brandeon.server.standin;

import brandeon.core.live.SignalKind;
import brandeon.core.problem.Mistake;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * A signal with chosen values, to be tried.
 *
 * @param amount   in the smallest unit where it is money
 * @param currency by ISO 4217; empty where the amount is no money
 */
public record TriedSignal(
        SignalKind kind,
        String name,
        long amount,
        String currency,
        int months,
        String level,
        String message,
        String giftedTo,
        boolean anonymous,
        boolean first) {

    /** As a platform would send it. */
    public Map<String, Object> data() {
        Map<String, Object> data = new LinkedHashMap<>();
        data.put("name", name);
        data.put("months", months);
        data.put("level", level);
        data.put("message", message);
        data.put("giftedTo", giftedTo);
        data.put("anonymous", anonymous);
        data.put("first", first);
        data.put("practice", true);
        if (kind.amount() != SignalKind.Amount.NONE) {
            data.put("amount", amount);
        }
        if (kind.amount() == SignalKind.Amount.MONEY) {
            if (currency.isEmpty()) {
                throw new Mistake("An amount of money needs its currency.");
            }
            data.put("currency", currency);
        }
        return data;
    }
}
