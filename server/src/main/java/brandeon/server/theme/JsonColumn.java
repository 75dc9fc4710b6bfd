package brandeon.server.theme;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.UUID;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Columns that hold themes or their edits, for migrations that change what stands in them. */
public enum JsonColumn {
    THEME("theme", "document", List.of("id")),
    RELEASE("release", "document", List.of("theme_id", "number")),
    EDIT("theme_edit", "edit", List.of("theme_id", "number")),
    INVERSE("theme_edit", "inverse", List.of("theme_id", "number"));

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final String table;
    private final String column;
    /** The first is the theme's id. */
    private final List<String> keys;

    JsonColumn(String table, String column, List<String> keys) {
        this.table = table;
        this.column = column;
        this.keys = keys;
    }

    /** Changes every value of all of these columns in place. */
    public static void rewriteAll(Connection connection, Consumer<JsonNode> change) throws SQLException {
        rewriteAll(connection, (_, node) -> change.accept(node));
    }

    /** @param change gets the theme's id as well */
    static void rewriteAll(Connection connection, BiConsumer<UUID, JsonNode> change) throws SQLException {
        for (JsonColumn column : values()) {
            column.rewrite(connection, change);
        }
    }

    /** Reads every value of all of these columns. @param look gets the theme's id as well */
    static void readAll(Connection connection, BiConsumer<UUID, JsonNode> look) throws SQLException {
        for (JsonColumn column : values()) {
            try (Statement all = connection.createStatement();
                    ResultSet rows = all.executeQuery("select " + column.keys.getFirst() + ", " + column.column
                            + "::text from " + column.table)) {
                while (rows.next()) {
                    look.accept(rows.getObject(1, UUID.class), JSON.readTree(rows.getString(2)));
                }
            }
        }
    }

    private void rewrite(Connection connection, BiConsumer<UUID, JsonNode> change) throws SQLException {
        String where =
                String.join(" and ", keys.stream().map(key -> key + " = ?").toList());
        try (Statement all = connection.createStatement();
                ResultSet rows =
                        all.executeQuery("select " + String.join(", ", keys) + ", " + column + "::text from " + table);
                PreparedStatement update = connection.prepareStatement(
                        "update " + table + " set " + column + " = ?::jsonb where " + where)) {
            while (rows.next()) {
                JsonNode node = JSON.readTree(rows.getString(keys.size() + 1));
                change.accept(rows.getObject(1, UUID.class), node);
                update.setString(1, node.toString());
                for (int i = 1; i <= keys.size(); i++) {
                    update.setObject(i + 1, rows.getObject(i));
                }
                update.addBatch();
            }
            update.executeBatch();
        }
    }
}
