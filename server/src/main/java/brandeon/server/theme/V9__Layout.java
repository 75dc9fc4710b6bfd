package brandeon.server.theme;

import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Places may be anchored or attached; canvases, captures, scenes and pieces say more. Documents and edits follow. */
@Component
class V9__Layout extends BaseJavaMigration {

    private static final JsonMapper JSON = JsonMapper.builder().build();

    @Override
    public void migrate(Context context) throws SQLException {
        rewrite(context.getConnection(), "theme", "document", "id");
        rewrite(context.getConnection(), "release", "document", "theme_id, number");
        rewrite(context.getConnection(), "theme_edit", "edit", "theme_id, number");
        rewrite(context.getConnection(), "theme_edit", "inverse", "theme_id, number");
    }

    private static void rewrite(Connection connection, String table, String column, String keys) throws SQLException {
        String[] names = keys.split(", ");
        String where = names.length == 1 ? names[0] + " = ?" : names[0] + " = ? and " + names[1] + " = ?";
        try (Statement all = connection.createStatement();
                ResultSet rows = all.executeQuery("select " + keys + ", " + column + "::text from " + table);
                PreparedStatement update = connection.prepareStatement("update " + table + " set " + column + " = ?::jsonb where " + where)) {
            while (rows.next()) {
                JsonNode node = JSON.readTree(rows.getString(names.length + 1));
                LayoutUpgrade.upgrade(node);
                update.setString(1, node.toString());
                for (int i = 0; i < names.length; i++) {
                    update.setObject(i + 2, rows.getObject(i + 1));
                }
                update.addBatch();
            }
            update.executeBatch();
        }
    }
}
