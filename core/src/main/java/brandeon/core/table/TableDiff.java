package brandeon.core.table;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What is different in a table after a change, so that whoever knows it before can tell it after.
 *
 * @param head  empty where name, columns and the chosen line are the same
 * @param order empty where the same lines stand in the same order
 * @param cells of each line that is new or has other ones; by the words of their columns, and only the other ones
 */
public record TableDiff(Optional<Head> head, Optional<List<Long>> order, Map<Long, Map<String, String>> cells) {

    /** All of a table but its lines. */
    public record Head(String word, String title, List<Column> columns, long chosen, long next) {
        public Head {
            columns = List.copyOf(columns);
        }

        public static Head of(Table table) {
            return new Head(table.word(), table.title(), table.columns(), table.chosen(), table.next());
        }
    }

    public TableDiff {
        order = order.map(List::copyOf);
        cells = Map.copyOf(cells);
    }

    public static TableDiff between(Table before, Table after) {
        Head head = Head.of(after);
        boolean sameColumns = before.columns().equals(after.columns());
        Map<Long, Table.Line> had = before.byId();
        Map<Long, Map<String, String>> cells = new LinkedHashMap<>();
        for (Table.Line line : after.lines()) {
            Table.Line was = had.get(line.id());
            if (was != line || !sameColumns) {
                Map<String, String> other = other(before, was, after, line);
                if (was == null || !other.isEmpty()) {
                    cells.put(line.id(), other);
                }
            }
        }
        return new TableDiff(
                Head.of(before).equals(head) ? Optional.empty() : Optional.of(head),
                sameOrder(before, after) ? Optional.empty() : Optional.of(order(after)),
                cells);
    }

    private static Map<String, String> other(Table before, Table.Line was, Table after, Table.Line is) {
        Map<String, String> other = new HashMap<>(after.named(is));
        if (was != null) {
            before.named(was).forEach(other::remove);
        }
        return other;
    }

    private static boolean sameOrder(Table before, Table after) {
        if (before.lines().size() != after.lines().size()) {
            return false;
        }
        for (int i = 0; i < before.lines().size(); i++) {
            if (before.lines().get(i).id() != after.lines().get(i).id()) {
                return false;
            }
        }
        return true;
    }

    /** The ids of a table's lines. */
    public static List<Long> order(Table table) {
        return table.lines().stream().map(Table.Line::id).toList();
    }
}
