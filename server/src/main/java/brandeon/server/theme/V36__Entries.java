package brandeon.server.theme;

import brandeon.core.bundle.EntriesUpgrade;
import java.sql.SQLException;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** Entries that take turns may have a picture; those of before have none. */
@Component
class V36__Entries extends BaseJavaMigration {

    @Override
    public void migrate(Context context) throws SQLException {
        JsonColumn.rewriteAll(context.getConnection(), EntriesUpgrade::upgrade);
    }
}
