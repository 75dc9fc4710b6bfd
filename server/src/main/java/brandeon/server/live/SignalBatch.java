package brandeon.server.live;

import brandeon.core.live.AlertSlot;
import brandeon.core.live.Signal;
import brandeon.core.pack.Json;
import java.sql.Array;
import java.sql.PreparedStatement;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Writes many signals by one statement, which Hibernate has no word for: one insertion each would be one way there and
 * back each, in the midst of a flood.
 */
@Component
class SignalBatch {

    /** @param slot when it is on screen; empty where no alert shows it */
    record Line(UUID channel, Signal signal, Optional<AlertSlot> slot) {}

    private static final String INSERT = """
            insert into signal (channel_id, id, kind, content, at, shows_from, shows_till)
            select channel, id, kind, content::jsonb, to_timestamp(at / 1000.0), shows_from, shows_till
            from unnest(?::uuid[], ?::text[], ?::text[], ?::text[], ?::bigint[], ?::bigint[], ?::bigint[])
                with ordinality as line(channel, id, kind, content, at, shows_from, shows_till, place)
            order by place on conflict do nothing""";

    private final JdbcTemplate db;

    SignalBatch(JdbcTemplate db) {
        this.db = db;
    }

    /** @return how many were new */
    int insert(List<Line> lines) {
        return db.update(connection -> {
            PreparedStatement insert = connection.prepareStatement(INSERT);
            insert.setArray(1, array(insert, "uuid", lines, Line::channel));
            insert.setArray(
                    2, array(insert, "text", lines, line -> line.signal().id()));
            insert.setArray(
                    3, array(insert, "text", lines, line -> line.signal().kind().name()));
            insert.setArray(4, array(insert, "text", lines, line -> Json.write(line.signal())));
            insert.setArray(
                    5, array(insert, "bigint", lines, line -> line.signal().at()));
            insert.setArray(
                    6,
                    array(
                            insert,
                            "bigint",
                            lines,
                            line -> line.slot().map(AlertSlot::from).orElse(null)));
            insert.setArray(
                    7,
                    array(
                            insert,
                            "bigint",
                            lines,
                            line -> line.slot().map(AlertSlot::until).orElse(null)));
            return insert;
        });
    }

    private static Array array(PreparedStatement of, String type, List<Line> lines, Function<Line, Object> value)
            throws java.sql.SQLException {
        return of.getConnection().createArrayOf(type, lines.stream().map(value).toArray());
    }
}
