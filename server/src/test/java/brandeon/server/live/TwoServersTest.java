package brandeon.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.live.AlertRule;
import brandeon.core.live.SignalKind;
import brandeon.core.pack.Json;
import brandeon.server.support.Ear;
import brandeon.server.support.Person;
import brandeon.server.support.ServerProcess;
import brandeon.server.support.TestDatabase;
import java.net.URI;
import java.util.function.BooleanSupplier;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/**
 * Two servers on one database: whatever happens on one reaches the outlets of the other, past everything it had read
 * before.
 */
@Tag("slow")
class TwoServersTest {

    @Test
    void whatHappensOnOneServerReachesTheOutletsOfTheOther() {
        try (TestDatabase database = new TestDatabase();
                ServerProcess one = new ServerProcess(database);
                ServerProcess other = new ServerProcess(database)) {
            Person host = Person.signedIn(one.address(), "host@reedlight.example", "lantern-at-dusk");
            String theme = host.demo();
            String channel =
                    host.get("/api/themes/" + theme).json().path("channel").asString();
            try (Ear starting = Ear.outlet(there(other, host.link(theme, "starting", "wide", "WHOLE")))
                            .watch();
                    Ear hide = Ear.outlet(there(other, host.link(theme, "hide", "wide", "WHOLE")))
                            .watch()) {
                assertThat(starting.await("welcome").path("hash").asString()).hasSize(64);
                hide.await("welcome");

                host.edit(
                        theme,
                        "{\"edit\":\"setContent\",\"piece\":\"band\",\"field\":\"message\",\"value\":\"Low tide 01:10\"}");
                // So long that the first one is still there when the last one is planned, however slow the machine is.
                host.edit(
                        theme,
                        "{\"edit\":\"setAlert\",\"rule\":"
                                + Json.write(AlertRule.of(SignalKind.FOLLOW, true, "New follower", "{name}", 15))
                                + "}");
                host.post("/api/themes/" + theme + "/on-air", "");
                hide.await(message -> message.path("type").asString().equals("patch")
                        && message.toString().contains("Low tide 01:10"));

                assertThat(host.cue(theme, "{\"cue\":\"startClock\",\"piece\":\"countdown\"}")
                                .status())
                        .isEqualTo(200);
                starting.await(message -> message.path("type").asString().equals("patch")
                        && message.toString().matches(".*data-instant=\\\\\"[1-9]\\d{12}\\\\\".*"));

                // Signed in once, and known to both.
                Person there = host.at(other.address());
                String up = "{\"cue\":\"stepCount\",\"piece\":\"sightings\",\"field\":\"value\",\"times\":1}";
                for (int i = 0; i < 4; i++) {
                    // Each server in turn goes on from what the other one counted.
                    assertThat((i % 2 == 0 ? host : there).cue(theme, up).status())
                            .isEqualTo(200);
                }
                hide.await(message -> message.path("type").asString().equals("patch")
                        && message.path("layers")
                                .valueStream()
                                .anyMatch(
                                        layer -> layer.path("piece").asString().equals("sightings")
                                                && layer.path("svg").asString().contains(">11<")));

                // One break, whoever began it; and each step of a sequence once, whichever server thinks of it first.
                assertThat(host.cue(theme, "{\"cue\":\"startBreak\",\"seconds\":60,\"words\":\"\",\"picture\":\"\"}")
                                .status())
                        .isEqualTo(200);
                hide.await(message -> message.path("type").asString().equals("patch")
                        && message.path("order").toString().contains("break-screen"));
                assertThat(there.cue(theme, "{\"cue\":\"startBreak\",\"seconds\":60,\"words\":\"\",\"picture\":\"\"}")
                                .detail())
                        .contains("on already");
                assertThat(there.cue(theme, "{\"cue\":\"endBreak\"}").status()).isEqualTo(200);
                assertThat(there.cue(theme, """
                                {"cue":"writeSequence","sequence":{"id":"s","name":"Opening","scene":"","steps":[
                                {"after":300,"cue":{"cue":"stepCount","piece":"sightings","field":"value","times":1}},
                                {"after":200,"cue":{"cue":"stepCount","piece":"sightings","field":"value","times":1}}]}}""".replace("\n", "")).status()).isEqualTo(200);
                assertThat(there.cue(theme, "{\"cue\":\"startSequence\",\"sequence\":\"s\"}")
                                .status())
                        .isEqualTo(200);
                hide.await(message -> message.path("type").asString().equals("patch")
                        && message.path("layers")
                                .valueStream()
                                .anyMatch(
                                        layer -> layer.path("piece").asString().equals("sightings")
                                                && layer.path("svg").asString().contains(">13<")));

                // The ledger of either is the sum over both, with what is wrong on the other one.
                hide.reports(1280, 720, "", true, "UNTRIED");
                for (Person asks : new Person[] {host, there}) {
                    await(() -> asks.get("/api/themes/" + theme + "/ledger")
                            .json()
                            .path("findings")
                            .toString()
                            .contains("Runs at 1280 × 720"));
                }

                String table = "/api/shows/" + host.show(theme) + "/tables";
                table += "/" + host.get(table).json().get(0).path("id").asString();
                for (int i = 0; i < 4; i++) {
                    // Each goes on from what the other one wrote.
                    assertThat((i % 2 == 0 ? host : there)
                                    .post(
                                            table + "/edits",
                                            "{\"edit\":\"fill\",\"line\":0,\"column\":\"species\",\"block\":[[\"Bird "
                                                    + i + "\"]]}")
                                    .status())
                            .isEqualTo(200);
                }
                assertThat(host.get(table).json().path("lines"))
                        .isEqualTo(there.get(table).json().path("lines"))
                        .hasSize(11);

                for (int i = 0; i < 4; i++) {
                    // Whichever server a signal comes to, both plan the same.
                    (i % 2 == 0 ? host : there).signals(channel, "alder.follow", "{\"name\":\"Watcher " + i + "\"}");
                }
                String alerts = "/api/shows/" + host.show(theme) + "/alerts";
                JsonNode planned = host.get(alerts).json().path("alerts");
                assertThat(planned)
                        .hasSize(4)
                        .isEqualTo(there.get(alerts).json().path("alerts"));
                for (int i = 1; i < planned.size(); i++) {
                    assertThat(planned.get(i).path("from").asLong())
                            .isGreaterThan(planned.get(i - 1).path("until").asLong());
                }
                there.post(alerts, "{\"deed\":\"DROP_ALL\",\"alert\":\"\",\"showing\":0,\"place\":0}");
                assertThat(host.get(alerts).json().path("alerts"))
                        .isEqualTo(there.get(alerts).json().path("alerts"));

                host.post("/api/channels/" + channel + "/practice", "{\"kind\":\"FOLLOW\"}");
                hide.await(message -> message.path("type").asString().equals("patch")
                        && message.path("layers")
                                .valueStream()
                                .anyMatch(
                                        layer -> layer.path("piece").asString().equals("announcer")
                                                && layer.path("svg").asString().contains("<text")));
            }
        }
    }

    /** The same link on the other server: its key lies in the database. */
    private static String there(ServerProcess server, String link) {
        return server.address() + URI.create(link).getPath();
    }

    private static void await(BooleanSupplier known) {
        long end = System.nanoTime() + 15_000_000_000L;
        while (!known.getAsBoolean()) {
            assertThat(System.nanoTime()).as("in time").isLessThan(end);
            Thread.onSpinWait();
        }
    }
}
