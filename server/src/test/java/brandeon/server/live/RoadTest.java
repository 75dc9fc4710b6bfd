package brandeon.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Deaf;
import brandeon.server.support.Ear;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import brandeon.server.wake.Wakes;
import java.time.Duration;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.locks.LockSupport;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.simple.JdbcClient;

/** What must not happen on the road from a change to the screens. */
@ExtendWith(RunningServer.class)
class RoadTest {

    private static final Duration PATIENCE = Duration.ofSeconds(15);

    private static void until(BooleanSupplier holds, String what) {
        long end = System.nanoTime() + PATIENCE.toNanos();
        while (!holds.getAsBoolean()) {
            assertThat(System.nanoTime()).as(what).isLessThan(end);
            LockSupport.parkNanos(5_000_000);
        }
    }

    private static String seeded(int step) {
        return "{\"edit\":\"setSeed\",\"index\":0,\"colour\":\"#%02xb040\"}".formatted(40 + step % 150);
    }

    /** A socket that read nothing stopped all outlets of its theme for up to 20 seconds. */
    @Test
    void aReaderThatReadsNothingHoldsUpNobody(RunningServer server) {
        Person host = server.stranger(Role.OWNER);
        String theme = host.newTheme("Deaf");
        host.post("/api/themes/" + theme + "/start", "{\"family\":\"\",\"roles\":[\"LIVE\",\"STARTING\"]}");
        host.post("/api/themes/" + theme + "/on-air", "");
        String scene = host.get("/api/themes/" + theme)
                .json()
                .path("theme")
                .path("scenes")
                .get(0)
                .path("id")
                .asString();
        String link = host.link(theme, scene, "wide", "WHOLE");
        String outlet = outlet(host, theme, link);
        host.put("/api/outlets/" + outlet + "/follows", "{\"draft\":true,\"minutes\":0}");
        try (Deaf deaf = Deaf.outlet(link);
                Ear ear = Ear.outlet(link).watch()) {
            ear.await("welcome");
            // Far more than fits into the buffers of a socket on loopback.
            long longest = 0;
            int patches = 0;
            for (int i = 0; i < 400; i++) {
                long from = System.nanoTime();
                assertThat(host.edit(theme, seeded(i)).status()).isEqualTo(200);
                int wanted = ++patches;
                until(
                        () -> ear.heard().stream()
                                        .filter(message -> message.path("type")
                                                .asString("")
                                                .equals("patch"))
                                        .count()
                                >= wanted,
                        "patch " + wanted);
                longest = Math.max(longest, System.nanoTime() - from);
            }
            assertThat(Duration.ofNanos(longest)).isLessThan(Duration.ofSeconds(3));
            assertThat(deaf.open()).as("it was there all the time").isTrue();
        }
    }

    private static String outlet(Person host, String theme, String link) {
        return host.get("/api/themes/" + theme + "/ledger")
                .json()
                .path("rows")
                .valueStream()
                .filter(row -> row.path("link").asString().equals(link))
                .findFirst()
                .orElseThrow()
                .path("outlet")
                .asString();
    }

    /** A word of a newer version ended the listening for good while health stayed up. */
    @Test
    void whatAnotherVersionSaysIsPassedOver(RunningServer server) {
        List<Wakes.Wake> heard = new CopyOnWriteArrayList<>();
        server.bean(Wakes.class).listen(heard::add);
        JdbcClient db = server.bean(JdbcClient.class);
        UUID id = UUID.randomUUID();
        for (String word : List.of(
                "other APPLAUSE " + id, "", "other", "other THEME not-an-id", "other THEME " + id + " and more")) {
            db.sql("select pg_notify('brandeon', :text)")
                    .param("text", word)
                    .query((_, _) -> "")
                    .list();
        }
        until(() -> heard.contains(new Wakes.Wake(Wakes.Wake.Kind.THEME, id, false)), "what is understood is heard");
        assertThat(health(server)).isEqualTo("UP");
    }

    @Test
    void whoeverWasCutOffHearsAgainAndLooksAtEverythingAnew(RunningServer server) {
        List<Wakes.Wake> heard = new CopyOnWriteArrayList<>();
        server.bean(Wakes.class).listen(heard::add);
        JdbcClient db = server.bean(JdbcClient.class);
        db.sql(
                        "select pg_terminate_backend(pid) from pg_stat_activity where datname = current_database() and query = 'listen brandeon'")
                .query((_, _) -> "")
                .list();
        until(
                () -> heard.stream().anyMatch(wake -> wake.kind() == Wakes.Wake.Kind.ANYTHING),
                "it is told that anything may have changed");
        UUID id = UUID.randomUUID();
        db.sql("select pg_notify('brandeon', :text)")
                .param("text", "other SHOW " + id)
                .query((_, _) -> "")
                .list();
        until(() -> heard.contains(new Wakes.Wake(Wakes.Wake.Kind.SHOW, id, false)), "and hears again");
        assertThat(health(server)).isEqualTo("UP");
    }

    private static String health(RunningServer server) {
        return Person.unknown(server.address())
                .get("/actuator/health")
                .json()
                .path("status")
                .asString();
    }

    @Test
    void whoeverFollowsAThemeIsToldWhatChangedAndWhatIsOnAir(RunningServer server) {
        Person host = server.stranger(Role.OWNER);
        String theme = host.newTheme("Followed");
        try (Ear editor = Ear.editor(host)) {
            editor.followsTheme(theme);
            host.edit(theme, "{\"edit\":\"rename\",\"name\":\"Dusk\"}");
            var renamed = editor.await(
                    message -> message.path("change").path("name").asString("").equals("Dusk"));
            assertThat(renamed.path("version").asLong())
                    .isEqualTo(renamed.path("from").asLong() + 1);
            assertThat(renamed.path("change").path("pieces")).isEmpty();
            host.post("/api/themes/" + theme + "/start", "{\"family\":\"\",\"roles\":[\"LIVE\"]}");
            host.post("/api/themes/" + theme + "/on-air", "");
            var aired = editor.await(message -> message.path("onAir").asInt(0) == 1);
            assertThat(aired.path("differs").asBoolean(true)).isFalse();
        }
    }

    /** One viewer's socket could watch 3,000 feeds that nobody ever made. */
    @Test
    void namesThatSomebodyInventedGetNoFeed(RunningServer server) {
        Person host = server.stranger(Role.OWNER);
        String theme = host.newTheme("Invented");
        try (Ear editor = Ear.editor(host)) {
            for (int i = 0; i < 20; i++) {
                editor.say("""
                        {"type":"watchScene","feed":"f%d","theme":"%s","scene":"made-up-%d","canvas":"wide","part":"WHOLE",
                        "source":"DRAFT","epoch":"","number":-1,"hash":""}""".formatted(i, theme, i));
            }
            until(
                    () -> editor.heard().stream()
                                    .filter(message ->
                                            message.path("type").asString("").equals("error"))
                                    .count()
                            == 20,
                    "each is refused");
            assertThat(editor.heard())
                    .noneMatch(message -> message.path("type").asString("").equals("welcome"));
        }
    }
}
