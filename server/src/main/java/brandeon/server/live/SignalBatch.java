package brandeon.server.live;

import brandeon.core.live.AlertSlot;
import brandeon.core.live.Fate;
import brandeon.core.live.Signal;
import brandeon.core.pack.Json;
import java.sql.Array;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.SQLException;
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

    /** @param with id of the alert of another one with which it is shown; empty where none is */
    record Line(UUID channel, Signal signal, String with, Fate fate) {}

    /**
     * What became of a signal that is stored already.
     *
     * @param slot when it was on screen
     * @param by   who decided it
     */
    record Decided(UUID channel, String id, String with, Fate fate, Optional<AlertSlot> slot, Optional<UUID> by) {}

    private static final String INSERT = """
            insert into signal (channel_id, id, kind, content, at, shown_with, fate)
            select channel, id, kind, content::jsonb, to_timestamp(at / 1000.0), shown_with, fate
            from unnest(?::uuid[], ?::text[], ?::text[], ?::text[], ?::bigint[], ?::text[], ?::text[])
                with ordinality as line(channel, id, kind, content, at, shown_with, fate, place)
            order by place on conflict do nothing""";

    private static final String DECIDE = """
            update signal set shown_with = line.shown_with, fate = line.fate, shows_from = line.shows_from,
                shows_till = line.shows_till, decided_by = line.decided_by
            from unnest(?::uuid[], ?::text[], ?::text[], ?::text[], ?::bigint[], ?::bigint[], ?::uuid[])
                as line(channel, id, shown_with, fate, shows_from, shows_till, decided_by)
            where signal.channel_id = line.channel and signal.id = line.id""";

    private final JdbcTemplate db;

    SignalBatch(JdbcTemplate db) {
        this.db = db;
    }

    /** @return how many were new */
    int insert(List<Line> lines) {
        return db.update(connection -> filled(
                connection,
                INSERT,
                lines,
                List.of("uuid", "text", "text", "text", "bigint", "text", "text"),
                List.of(
                        Line::channel,
                        line -> line.signal().id(),
                        line -> line.signal().kind().name(),
                        line -> Json.write(line.signal()),
                        line -> line.signal().at(),
                        line -> AlertId.within(line.with(), line.channel()),
                        line -> line.fate().name())));
    }

    void decide(List<Decided> lines) {
        if (lines.isEmpty()) {
            return;
        }
        db.update(connection -> filled(
                connection,
                DECIDE,
                lines,
                List.of("uuid", "text", "text", "text", "bigint", "bigint", "uuid"),
                List.of(
                        Decided::channel,
                        Decided::id,
                        line -> AlertId.within(line.with(), line.channel()),
                        line -> line.fate().name(),
                        line -> line.slot().map(AlertSlot::from).orElse(null),
                        line -> line.slot().map(AlertSlot::until).orElse(null),
                        line -> line.by().orElse(null))));
    }

    private static <T> PreparedStatement filled(
            Connection connection, String sql, List<T> lines, List<String> types, List<Function<T, Object>> values)
            throws SQLException {
        PreparedStatement statement = connection.prepareStatement(sql);
        for (int i = 0; i < types.size(); i++) {
            statement.setArray(i + 1, array(statement, types.get(i), lines, values.get(i)));
        }
        return statement;
    }

    private static <T> Array array(PreparedStatement of, String type, List<T> lines, Function<T, Object> value)
            throws SQLException {
        return of.getConnection().createArrayOf(type, lines.stream().map(value).toArray());
    }
}
