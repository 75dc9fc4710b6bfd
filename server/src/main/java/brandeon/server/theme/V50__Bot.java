package brandeon.server.theme;

import brandeon.core.bundle.BotUpgrade;
import java.sql.SQLException;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** Themes say what their bot answers; on those of before it answers nothing. */
@Component
class V50__Bot extends BaseJavaMigration {

    @Override
    public void migrate(Context context) throws SQLException {
        JsonColumn.rewriteAll(context.getConnection(), BotUpgrade::upgrade);
    }
}
