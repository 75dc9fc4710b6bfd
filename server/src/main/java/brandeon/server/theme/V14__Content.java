package brandeon.server.theme;

import java.sql.Connection;
import java.sql.SQLException;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/**
 * What a piece says has a type of its own where it was a text with strokes and brackets, and three names are other
 * ones.
 */
@Component
class V14__Content extends BaseJavaMigration {

    @Override
    public void migrate(Context context) throws SQLException {
        Connection connection = context.getConnection();
        Map<UUID, ContentUpgrade> upgrades = new HashMap<>();
        JsonColumn.readAll(
                connection,
                (theme, node) -> upgrades.computeIfAbsent(theme, _ -> new ContentUpgrade())
                        .learn(node));
        JsonColumn.rewriteAll(connection, (theme, node) -> upgrades.get(theme).upgrade(node));
    }
}
