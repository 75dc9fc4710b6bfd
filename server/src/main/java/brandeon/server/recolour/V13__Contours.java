package brandeon.server.recolour;

import brandeon.core.opening.Openings;
import brandeon.core.pack.Json;
import brandeon.server.file.FileFacts;
import brandeon.server.file.Files;
import brandeon.server.theme.JsonColumn;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Openings say their contour and what is particular about them, and may be drawn by hand: pictures are looked through
 * again.
 */
@Component
class V13__Contours extends BaseJavaMigration {

    private static final Logger LOG = LoggerFactory.getLogger(V13__Contours.class);
    private static final JsonMapper JSON = JsonMapper.builder().build();

    /** What a file's own row says. */
    record Known(String type, JsonNode openings) {}

    @Override
    public void migrate(Context context) throws SQLException {
        Connection connection = context.getConnection();
        Map<String, Known> found = facts(connection);
        JsonColumn.rewriteAll(connection, node -> renewed(node, found));
    }

    /** @return type and openings of every file by its name, which is the same in all workspaces */
    private static Map<String, Known> facts(Connection connection) throws SQLException {
        Map<String, Known> found = new HashMap<>();
        try (Statement all = connection.createStatement();
                ResultSet rows = all.executeQuery(
                        "select workspace_id, hash, type, facts::text from file where facts is not null");
                PreparedStatement update = connection.prepareStatement(
                        "update file set facts = ?::jsonb where workspace_id = ? and hash = ?")) {
            while (rows.next()) {
                ObjectNode facts = (ObjectNode) JSON.readTree(rows.getString(4));
                facts.set("openings", openings(connection, rows, facts));
                found.put(rows.getString(2), new Known(rows.getString(3), facts.get("openings")));
                update.setString(1, facts.toString());
                update.setObject(2, rows.getObject(1));
                update.setString(3, rows.getString(2));
                update.executeUpdate();
            }
        }
        return found;
    }

    private static JsonNode openings(Connection connection, ResultSet row, ObjectNode facts) throws SQLException {
        try (PreparedStatement one =
                connection.prepareStatement("select content from file where workspace_id = ? and hash = ?")) {
            one.setObject(1, row.getObject(1));
            one.setString(2, row.getString(2));
            try (ResultSet content = one.executeQuery()) {
                content.next();
                FileFacts known = new FileFacts(1, 1, facts.path("moving").asBoolean(false), List.of(), Openings.NONE);
                return JSON.readTree(Json.write(
                        PictureFile.kept(new Files.Kept(row.getString(3), content.getBytes(1), Optional.of(known)))
                                .openings()));
            }
        } catch (IllegalArgumentException e) {
            LOG.warn("The picture {} cannot be looked through again: {}", row.getString(2), e.getMessage());
            return extended(facts.get("openings"));
        }
    }

    /** Every picture anywhere within gets what was found in its file. */
    static void renewed(JsonNode node, Map<String, Known> found) {
        if (node instanceof ObjectNode picture
                && picture.has("file")
                && picture.has("openings")
                && picture.has("recolouring")
                && !picture.has("drawn")) {
            Known known = found.get(picture.path("file").asString(""));
            picture.set("openings", known == null ? extended(picture.get("openings")) : known.openings());
            // A file that was written anew may be of another type than the one that was sent.
            picture.put("type", known == null ? picture.path("type").asString("") : known.type());
            picture.putNull("drawn");
        } else {
            node.forEach(child -> renewed(child, found));
        }
    }

    /** What is known of openings whose picture cannot be looked through again. */
    private static JsonNode extended(JsonNode openings) {
        openings.path("openings").forEach(opening -> {
            ObjectNode one = (ObjectNode) opening;
            if (!one.has("edge")) {
                one.putArray("edge");
                one.put("soft", 0.0).put("pane", 0.0).put("slit", 0.0).put("bare", false);
            }
        });
        return openings;
    }
}
