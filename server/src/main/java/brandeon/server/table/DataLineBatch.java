package brandeon.server.table;

import brandeon.core.pack.Json;
import brandeon.core.table.Table;
import java.sql.PreparedStatement;
import java.util.List;
import java.util.UUID;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/**
 * Writes many lines of a table by one statement, which Hibernate has no word for: a table of five thousand would be as
 * many ways there and back.
 */
@Component
class DataLineBatch {

    private static final String PUT = """
            insert into data_line (table_id, line, cells)
            select ?, line, cells::jsonb from unnest(?::bigint[], ?::text[]) as line(line, cells)
            on conflict (table_id, line) do update set cells = excluded.cells""";

    private final JdbcTemplate db;

    DataLineBatch(JdbcTemplate db) {
        this.db = db;
    }

    void put(UUID table, List<Table.Line> lines) {
        db.update(connection -> {
            PreparedStatement statement = connection.prepareStatement(PUT);
            statement.setObject(1, table);
            statement.setArray(
                    2,
                    connection.createArrayOf(
                            "bigint", lines.stream().map(Table.Line::id).toArray()));
            statement.setArray(
                    3,
                    connection.createArrayOf(
                            "text",
                            lines.stream().map(line -> Json.write(line.cells())).toArray()));
            return statement;
        });
    }
}
