package brandeon.server.theme;

import brandeon.core.bundle.SeeThroughUpgrade;
import java.sql.SQLException;
import org.flywaydb.core.api.migration.BaseJavaMigration;
import org.flywaydb.core.api.migration.Context;
import org.springframework.stereotype.Component;

/** Themes say which captures are see-through; those of before are not. */
@Component
class V44__SeeThrough extends BaseJavaMigration {

    @Override
    public void migrate(Context context) throws SQLException {
        JsonColumn.rewriteAll(context.getConnection(), SeeThroughUpgrade::upgrade);
    }
}
