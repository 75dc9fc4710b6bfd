package brandeon.server.rig;

import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Rigs keep scene sets, captures may fill boxes, and are cropped at each side by itself; those of before keep none, and
 * are cropped evenly.
 */
@Component
class V48__RigSets extends BaseJavaMigration {

    private static final JsonMapper JSON = new JsonMapper();

    @Override
    public void migrate(Context context) throws SQLException {
        try (Statement all = context.getConnection().createStatement();
                ResultSet rows = all.executeQuery("select workspace_id, document::text from rig");
                PreparedStatement update = context.getConnection()
                        .prepareStatement("update rig set document = ?::jsonb where workspace_id = ?")) {
            while (rows.next()) {
                JsonNode rig = JSON.readTree(rows.getString(2));
                upgrade(rig);
                update.setString(1, rig.toString());
                update.setObject(2, rows.getObject(1));
                update.addBatch();
            }
            update.executeBatch();
        }
    }

    /** Changes the node in place. */
    static void upgrade(JsonNode rig) {
        if (rig instanceof ObjectNode object && !object.has("kept")) {
            object.putArray("kept");
        }
        for (JsonNode program : rig.path("programs")) {
            for (JsonNode scene : program.path("scenes")) {
                for (JsonNode source : scene.path("sources")) {
                    if (source instanceof ObjectNode object && !object.has("box")) {
                        int across = object.path("cropX").asInt();
                        int down = object.path("cropY").asInt();
                        object.remove(List.of("cropX", "cropY"));
                        object.put("cropLeft", across)
                                .put("cropTop", down)
                                .put("cropRight", across)
                                .put("cropBottom", down);
                        object.putObject("box")
                                .put("width", 0)
                                .put("height", 0)
                                .put("across", 0.5)
                                .put("down", 0.5);
                    }
                }
            }
        }
    }
}
