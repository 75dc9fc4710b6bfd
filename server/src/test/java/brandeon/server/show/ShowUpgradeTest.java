package brandeon.server.show;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.motion.Run;
import brandeon.core.pack.Json;
import brandeon.core.show.CardCue;
import brandeon.core.show.Cue;
import brandeon.core.show.Held;
import brandeon.core.show.PieceCue;
import brandeon.core.show.Show;
import brandeon.server.support.TestDatabase;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.Map;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.Test;

/** Channels and running clocks as the version before shows wrote them. */
class ShowUpgradeTest {

    private static final String BEFORE = """
            insert into workspace (id, name) values ('00000000-0000-0000-0000-000000000001', 'Reedlight Hide');
            insert into channel (id, workspace_id, platform, name) values
                ('00000000-0000-0000-0000-00000000000a', '00000000-0000-0000-0000-000000000001', 'ALDER', 'reedlight-hide'),
                ('00000000-0000-0000-0000-00000000000b', '00000000-0000-0000-0000-000000000001', 'BIRCH', 'there');
            insert into theme (id, workspace_id, channel_id, document, version) values
                ('00000000-0000-0000-0000-0000000000a1', '00000000-0000-0000-0000-000000000001', '00000000-0000-0000-0000-00000000000a', '{}', 3);
            insert into clock (theme_id, piece, until) values
                ('00000000-0000-0000-0000-0000000000a1', 'countdown', 1764280800000);
            """;

    private static final String CARDS = """
            insert into account (id, email, name, password_hash) values
                ('00000000-0000-0000-0000-0000000000ff', 'host@reedlight.example', 'Mirela Osk', 'x');
            update show set document =
                '{"held":{"guest":{"cards":{"held":"cards","own":[],"up":1,"shown":true}}}}' where name = 'there';
            insert into cue (show_id, number, account_id, door, cue, inverse, sentence, state)
                select id, 2, '00000000-0000-0000-0000-0000000000ff', 'SESSION',
                '{"cue":"putUp","piece":"guest","card":1}',
                '{"cue":"putBack","piece":"guest","held":{"cards":{"held":"cards","own":[],"up":0,"shown":true}}}',
                'x', 'DONE' from show where name = 'there';
            """;

    @Test
    void everyChannelBecomesTheShowOfThatChannelAndClocksGoOn() throws SQLException {
        try (TestDatabase database = new TestDatabase();
                Connection connection =
                        DriverManager.getConnection(database.url(), "brandeon", System.getenv("BRANDEON_DB_PASSWORD"));
                Statement statement = connection.createStatement()) {
            migrated(database, "12");
            statement.execute(BEFORE);
            migrated(database, "15");
            statement.execute(CARDS);
            migrated(database, "43");
            try (ResultSet shows = statement.executeQuery(
                    "select c.name, s.name, s.document::text from channel c join show s on s.id = c.show_id order by c.name")) {
                shows.next();
                assertThat(shows.getString(2)).isEqualTo("reedlight-hide");
                assertThat(Json.read(shows.getString(3), Show.class))
                        .isEqualTo(new Show(Map.of(
                                "countdown",
                                Map.of(
                                        "clock",
                                        new Held.HeldClock(Run.running(1_764_280_800_000L, 0), "", "", "", 0)))));
                shows.next();
                assertThat(shows.getString(2)).isEqualTo("there");
                assertThat(Json.read(shows.getString(3), Show.class))
                        .as("cards stay as they were, without an end")
                        .isEqualTo(new Show(
                                Map.of("guest", Map.of("cards", new Held.HeldCards(List.of(), 1, true, 0, -1)))));
                assertThat(shows.next()).isFalse();
            }
            try (ResultSet cues = statement.executeQuery("select cue::text, inverse::text from cue")) {
                cues.next();
                assertThat(Json.read(cues.getString(1), Cue.class)).isEqualTo(new CardCue.PutUp("guest", 1, 0));
                assertThat(Json.read(cues.getString(2), Cue.class))
                        .as("what takes it back can still be read")
                        .isInstanceOf(PieceCue.PutBack.class);
            }
        }
    }

    /** Migrations in SQL; those in Java change documents, of which there are none here. */
    private static void migrated(TestDatabase database, String version) {
        Flyway.configure()
                .dataSource(database.url(), "brandeon", System.getenv("BRANDEON_DB_PASSWORD"))
                .locations("classpath:db/migration")
                .target(version)
                .outOfOrder(true)
                .load()
                .migrate();
    }
}
