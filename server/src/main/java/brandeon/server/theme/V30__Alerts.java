package brandeon.server.theme;

import brandeon.core.bundle.AlertsUpgrade;
import java.sql.SQLException;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** Alert rules are a list, whose first rule for a signal holds; those of before are for all signals of their kind. */
@Component
class V30__Alerts extends BaseJavaMigration {

    @Override
    public void migrate(Context context) throws SQLException {
        JsonColumn.rewriteAll(context.getConnection(), AlertsUpgrade::upgrade);
    }
}
