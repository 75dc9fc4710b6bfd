package brandeon.server.theme;

import java.sql.SQLException;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** A piece says which other one's numbers, points, cards and clock it shows; those of before show their own. */
@Component
class V16__Share extends BaseJavaMigration {

    @Override
    public void migrate(Context context) throws SQLException {
        JsonColumn.rewriteAll(context.getConnection(), ShareUpgrade::upgrade);
    }
}
