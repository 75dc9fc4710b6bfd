package brandeon.server.theme;

import brandeon.core.bundle.HandsUpgrade;
import java.sql.SQLException;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** Themes say which pieces nobody touches during a show; of those of before everything may be run. */
@Component
class V42__Hands extends BaseJavaMigration {

    @Override
    public void migrate(Context context) throws SQLException {
        JsonColumn.rewriteAll(context.getConnection(), HandsUpgrade::upgrade);
    }
}
