package brandeon.server.theme;

import java.sql.SQLException;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** Places may be anchored or attached; canvases, captures, scenes and pieces say more. Documents and edits follow. */
@Component
class V9__Layout extends BaseJavaMigration {

    @Override
    public void migrate(Context context) throws SQLException {
        JsonColumn.rewriteAll(context.getConnection(), LayoutUpgrade::upgrade);
    }
}
