package brandeon.server.publish;

import java.util.Collection;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Where former links are still open. */
@Component
public class OldLinks {

    /** A page that is open asks every minute; one that was silent for longer was closed. */
    private static final long APART_MILLIS = TimeUnit.MINUTES.toMillis(5);

    private final OldLinkRows rows;

    OldLinks(OldLinkRows rows) {
        this.rows = rows;
    }

    /** Somebody has a former link of an outlet open. @param where for people */
    @Transactional
    public void opened(UUID outlet, String where) {
        long now = System.currentTimeMillis();
        rows.opened(outlet, now, where, now - APART_MILLIS);
    }

    Map<UUID, OldLinkRow> of(Collection<UUID> outlets) {
        return rows.findAllById(outlets).stream().collect(Collectors.toMap(row -> row.outletId, Function.identity()));
    }
}
