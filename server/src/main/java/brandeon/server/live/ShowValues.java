package brandeon.server.live;

import brandeon.core.live.Period;
import brandeon.core.live.Readings;
import brandeon.core.platform.Profile;
import brandeon.core.text.Message;
import brandeon.core.text.ValueType;
import brandeon.server.table.ShowTables;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** The live values that texts of one show may take besides those of any show: from its tables and its platforms. */
@Component
public class ShowValues {

    /** @param group what it belongs to, for people */
    public record ShowValue(String name, String meaning, ValueType type, String group) {}

    private final ShowTables tables;
    private final Facts facts;

    ShowValues(ShowTables tables, Facts facts) {
        this.tables = tables;
        this.facts = facts;
    }

    /** All that people may choose from. */
    public List<ShowValue> of(UUID show) {
        List<ShowValue> values = new ArrayList<>();
        tables.of(show)
                .named()
                .forEach(named -> values.add(
                        new ShowValue(named.name(), named.meaning(), named.type(), "of the table " + named.table())));
        List<Profile> platforms = facts.platforms(show);
        if (platforms.size() > 1) {
            for (Profile platform : platforms) {
                for (Period period : Period.values()) {
                    Readings.names(period).forEach((name, named) -> {
                        if (named.type() != ValueType.LIST) {
                            values.add(new ShowValue(
                                    Readings.apart(platform.id(), name),
                                    named.meaning(),
                                    named.type(),
                                    "on " + platform.title() + " alone"));
                        }
                    });
                }
            }
        }
        return values;
    }

    /** The types of all values that a text may show, with those that it asks for. */
    public Map<String, ValueType> types(UUID show, String text) {
        Map<String, ValueType> types = new LinkedHashMap<>(Readings.types());
        of(show).forEach(value -> types.put(value.name(), value.type()));
        types.putAll(tables.of(show).types(Message.names(text)));
        return types;
    }
}
