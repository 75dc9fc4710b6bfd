package brandeon.core.live;

import brandeon.core.text.ValueType;
import java.util.LinkedHashMap;
import java.util.Map;

/**
 * One live event in its platform-neutral form.
 *
 * @param id     given by the platform; the same id is the same event
 * @param name   of the viewer, as shown
 * @param months length of support so far; 0 where it has none
 * @param level  of support; empty where it has none
 * @param amount how many or how much: gifts, points, viewers of a raid, or money in its smallest unit
 * @param at     when it happened, epoch milliseconds
 */
public record Signal(String id, SignalKind kind, String name, int months, String level, long amount, long at) {

    /** What each of its values is. */
    public static final Map<String, ValueType> TYPES = Map.of(
            "name", ValueType.TEXT, "months", ValueType.NUMBER, "level", ValueType.TEXT, "amount", ValueType.NUMBER);

    /** The values that message patterns may use. */
    public Map<String, Object> values() {
        Map<String, Object> values = new LinkedHashMap<>();
        values.put("name", name);
        values.put("months", months);
        values.put("level", level);
        values.put("amount", amount);
        return values;
    }
}
