package brandeon.server.recolour;

import brandeon.core.art.ContentName;
import brandeon.core.pack.Json;
import brandeon.server.file.Files;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;

/**
 * Pictures that were kept as they were sent are decoded and written anew, and documents name the new files. One that
 * cannot be read any more stays named and is no longer served.
 */
@Component
class V11__TakenInAnew extends BaseJavaMigration {

    private static final Logger LOG = LoggerFactory.getLogger(V11__TakenInAnew.class);
    private static final List<String> DOCUMENTS = List.of(
            "update theme set document = replace(document::text, ?, ?)::jsonb where workspace_id = ?::uuid and position(? in document::text) > 0",
            "update release r set document = replace(r.document::text, ?, ?)::jsonb from theme t where t.id = r.theme_id and t.workspace_id = ?::uuid and position(? in r.document::text) > 0",
            "update theme_edit e set edit = replace(e.edit::text, ?, ?)::jsonb from theme t where t.id = e.theme_id and t.workspace_id = ?::uuid and position(? in e.edit::text) > 0",
            "update theme_edit e set inverse = replace(e.inverse::text, ?, ?)::jsonb from theme t where t.id = e.theme_id and t.workspace_id = ?::uuid and position(? in e.inverse::text) > 0");

    private record Name(String workspace, String hash) {}

    @Override
    public void migrate(Context context) throws SQLException {
        Connection connection = context.getConnection();
        for (Name name : pictures(connection)) {
            try {
                renew(connection, name, PictureFile.taken(content(connection, name)));
            } catch (IllegalArgumentException e) {
                LOG.warn(
                        "The picture {} can no longer be read and is not served any more: {}",
                        name.hash(),
                        e.getMessage());
            }
        }
    }

    private static List<Name> pictures(Connection connection) throws SQLException {
        List<Name> names = new ArrayList<>();
        try (PreparedStatement all = connection.prepareStatement(
                "select workspace_id::text, hash from file where type <> ? and facts is null")) {
            all.setString(1, Files.FONT);
            try (ResultSet rows = all.executeQuery()) {
                while (rows.next()) {
                    names.add(new Name(rows.getString(1), rows.getString(2)));
                }
            }
        }
        return names;
    }

    private static byte[] content(Connection connection, Name name) throws SQLException {
        try (PreparedStatement one =
                connection.prepareStatement("select content from file where workspace_id = ?::uuid and hash = ?")) {
            one.setString(1, name.workspace());
            one.setString(2, name.hash());
            try (ResultSet row = one.executeQuery()) {
                row.next();
                return row.getBytes(1);
            }
        }
    }

    private static void renew(Connection connection, Name name, PictureFile taken) throws SQLException {
        String hash = ContentName.full(taken.content());
        try (PreparedStatement insert = connection.prepareStatement(
                "insert into file (workspace_id, hash, type, content, facts) values (?::uuid, ?, ?, ?, ?::jsonb) on conflict (workspace_id, hash) do update set facts = excluded.facts, type = excluded.type")) {
            insert.setString(1, name.workspace());
            insert.setString(2, hash);
            insert.setString(3, taken.type());
            insert.setBytes(4, taken.content());
            insert.setString(5, Json.write(taken.facts()));
            insert.executeUpdate();
        }
        if (!hash.equals(name.hash())) {
            for (String sql : DOCUMENTS) {
                try (PreparedStatement update = connection.prepareStatement(sql)) {
                    update.setString(1, name.hash());
                    update.setString(2, hash);
                    update.setString(3, name.workspace());
                    update.setString(4, name.hash());
                    update.executeUpdate();
                }
            }
            try (PreparedStatement delete =
                    connection.prepareStatement("delete from file where workspace_id = ?::uuid and hash = ?")) {
                delete.setString(1, name.workspace());
                delete.setString(2, name.hash());
                delete.executeUpdate();
            }
        }
    }
}
