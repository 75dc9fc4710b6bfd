package brandeon.core.kind;

import brandeon.core.art.Weight;
import brandeon.core.kept.Memory;
import brandeon.core.table.Tables;
import brandeon.core.text.Message;
import brandeon.core.text.Values;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.math.BigDecimal;
import java.util.HashMap;
import java.util.Map;
import java.util.Set;

/** Patterns with the values of a moment; parsing them is slow, and an edit changes few of them. */
final class Saying {

    /** What stands for a value that is not known yet. */
    static final String MISSING = "–";

    private static final Cache<Key, String> SAID = Caffeine.newBuilder()
            .maximumWeight(Memory.percent(1))
            .<Key, String>weigher((key, said) -> Weight.of(key.pattern())
                    + Weight.of(said)
                    + 64 * key.values().size())
            .build();

    /** The names of the values that a pattern shows: of very many there are few, and only they matter. */
    private static final Cache<String, Set<String>> USED = Caffeine.newBuilder()
            .maximumWeight(Memory.percent(1))
            .<String, Set<String>>weigher((pattern, names) -> Weight.of(pattern) + 64 * names.size())
            .build();

    private record Key(String pattern, Map<String, Object> values) {}

    private Saying() {}

    static String said(String pattern, Values values) {
        // Most texts hold no value; parsing them as patterns would only cost time.
        if (Message.plain(pattern)) {
            return pattern;
        }
        Map<String, Object> used = new HashMap<>();
        for (String name : USED.get(pattern, known -> new Message(known).values())) {
            Object value = values.get(name);
            if (value != null) {
                used.put(name, value);
            }
        }
        return SAID.get(new Key(pattern, used), Saying::format);
    }

    /** A number as texts write it. @param digits as a cell of a table keeps it */
    static String number(String digits) {
        return said("{n}", Map.of("n", new BigDecimal(digits))::get);
    }

    /** A column of a table may have become something else since the text was written for it; other values never do. */
    private static String format(Key key) {
        try {
            return new Message(key.pattern()).format(key.values());
        } catch (IllegalArgumentException e) {
            if (key.values().keySet().stream().anyMatch(Tables::names)) {
                return MISSING;
            }
            throw e;
        }
    }
}
