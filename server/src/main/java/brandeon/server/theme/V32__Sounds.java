package brandeon.server.theme;

import brandeon.core.bundle.SoundsUpgrade;
import java.sql.SQLException;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** Themes have sounds, and alerts are heard and may come and go their own way; those of before stay as they were. */
@Component
class V32__Sounds extends BaseJavaMigration {

    @Override
    public void migrate(Context context) throws SQLException {
        JsonColumn.rewriteAll(context.getConnection(), SoundsUpgrade::upgrade);
    }
}
