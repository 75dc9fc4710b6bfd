package brandeon.server.theme;

import brandeon.core.bundle.ArrivalUpgrade;
import java.sql.SQLException;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** Scenes say whether what is on them comes in; on those of before all is there at once. */
@Component
class V46__Arrivals extends BaseJavaMigration {

    @Override
    public void migrate(Context context) throws SQLException {
        JsonColumn.rewriteAll(context.getConnection(), ArrivalUpgrade::upgrade);
    }
}
