package brandeon.server.file;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Removes files that no theme, release or history names any more, a day after they were last taken in.
 *
 * Plain SQL: the names stand inside of documents, which the database looks through without any of them being loaded.
 */
@Component
public class FileSweep {

    private static final Logger LOG = LoggerFactory.getLogger(FileSweep.class);

    private final JdbcClient db;

    FileSweep(JdbcClient db) {
        this.db = db;
    }

    /** Every six hours; several servers may do so, since what one removed is not there for the next. */
    @Scheduled(initialDelayString = "PT1H", fixedDelayString = "PT6H")
    void sweep() {
        int gone = sweep(24 * 60);
        if (gone > 0) {
            LOG.info("{} files that nothing names any more were removed.", gone);
        }
    }

    /** @param minutes how long ago a file must have been taken in at the least */
    @Transactional
    public int sweep(int minutes) {
        return db.sql("""
                with named as (
                    select t.workspace_id, found[1] as hash from theme t, regexp_matches(t.document::text, '[0-9a-f]{64}', 'g') found
                    union select t.workspace_id, found[1] from release r join theme t on t.id = r.theme_id, regexp_matches(r.document::text, '[0-9a-f]{64}', 'g') found
                    union select t.workspace_id, found[1] from theme_edit e join theme t on t.id = e.theme_id, regexp_matches(e.edit::text || e.inverse::text, '[0-9a-f]{64}', 'g') found)
                delete from file f where f.created_at < now() - make_interval(mins => :m)
                    and not exists (select 1 from named n where n.workspace_id = f.workspace_id and n.hash = f.hash)""").param("m", minutes).update();
    }
}
