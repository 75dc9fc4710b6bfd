package brandeon.server.theme;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.Person;
import brandeon.server.support.ServerProcess;
import brandeon.server.support.TestDatabase;
import java.net.http.HttpRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

@Tag("slow")
class CrashTest {

    private static final int BURST = 200;
    private static final int STRIKE_AT = 40;

    @Test
    void killingTheServerInABurstOfEditsLosesNoneThatWasAnswered() {
        try (TestDatabase database = new TestDatabase();
                ServerProcess server = new ServerProcess(database)) {
            Person host = Person.signedIn(server.address(), "host@reedlight.example", "lantern-at-dusk");
            String theme = host.newTheme("Burst");
            AtomicInteger answered = new AtomicInteger();
            List<CompletableFuture<Void>> calls = new ArrayList<>();
            for (int i = 0; i < BURST; i++) {
                calls.add(host.later(host.request("/api/themes/" + theme + "/edits")
                                .header("Content-Type", "application/json")
                                .POST(
                                        HttpRequest.BodyPublishers.ofString(
                                                "{\"edit\":{\"edit\":\"addPiece\",\"index\":0,\"piece\":{\"id\":\"p" + i
                                                        + "\",\"kind\":\"BAND\",\"name\":\"Band " + i
                                                        + "\",\"captures\":[],\"mustShow\":false,\"share\":\"\",\"content\":{},\"figures\":{},\"inlay\":null}},\"gesture\":\"\"}"))
                                .build())
                        .thenAccept(answer -> {
                            assertThat(answer.status()).as(answer.body()).isEqualTo(200);
                            kept.add("p" + answerOf(answer));
                            if (answered.incrementAndGet() == STRIKE_AT) {
                                server.strike();
                            }
                        }));
            }
            Set<String> failures = ConcurrentHashMap.newKeySet();
            calls.forEach(call -> call.exceptionally(failure -> {
                        failures.add(String.valueOf(failure));
                        return null;
                    })
                    .join());
            assertThat(answered.get())
                    .as("the burst was cut short; %s", failures)
                    .isBetween(STRIKE_AT, BURST - 1);
            server.kill();
            server.start();
            Person again = Person.signedIn(server.address(), "host@reedlight.example", "lantern-at-dusk");
            var view = again.get("/api/themes/" + theme).json();
            assertThat(view.path("theme").path("pieces").size())
                    .as("every answered edit is there")
                    .isGreaterThanOrEqualTo(answered.get());
            assertThat(view.path("theme").path("pieces").size())
                    .as("one piece for each edit that counts")
                    .isEqualTo((int) view.path("version").asLong() - 1);
            assertThat(view.path("theme")
                            .path("pieces")
                            .valueStream()
                            .map(piece -> piece.path("id").asString())
                            .toList())
                    .containsAll(kept);
        }
    }

    /** Each press had a key of its own: those that were answered were counted, and are told so when they come again. */
    @Test
    void killingTheServerInABurstOfCuesLosesNoneThatWasAnswered() {
        try (TestDatabase database = new TestDatabase();
                ServerProcess server = new ServerProcess(database)) {
            Person host = Person.signedIn(server.address(), "host@reedlight.example", "lantern-at-dusk");
            String theme = host.demo();
            String address = "/api/shows/" + host.show(theme) + "/cues";
            Set<Integer> answered = ConcurrentHashMap.newKeySet();
            List<CompletableFuture<Void>> calls = new ArrayList<>();
            for (int i = 0; i < 300; i++) {
                int press = i;
                calls.add(host.later(host.request(address)
                                .header("Content-Type", "application/json")
                                .POST(HttpRequest.BodyPublishers.ofString(press(press)))
                                .build())
                        .thenAccept(answer -> {
                            assertThat(answer.status()).as(answer.body()).isEqualTo(200);
                            answered.add(press);
                            if (answered.size() == STRIKE_AT) {
                                server.strike();
                            }
                        }));
            }
            calls.forEach(call -> call.exceptionally(failure -> null).join());
            assertThat(answered.size()).as("the burst was cut short").isBetween(STRIKE_AT, 299);
            server.kill();
            server.start();
            Person again = Person.signedIn(server.address(), "host@reedlight.example", "lantern-at-dusk");
            for (int press : answered) {
                assertThat(again.post(address, press(press))
                                .json()
                                .path("repeated")
                                .asBoolean(false))
                        .as("press %d", press)
                        .isTrue();
            }
            int applied = again.get(address.replace("/cues", ""))
                            .json()
                            .path("version")
                            .asInt()
                    - 1;
            assertThat(applied).isGreaterThanOrEqualTo(answered.size());
            assertThat(again.get(address.replace("/cues", ""))
                            .json()
                            .path("controls")
                            .valueStream()
                            .filter(control -> control.path("piece").asString().equals("sightings"))
                            .findFirst()
                            .orElseThrow()
                            .path("tallies")
                            .get(0)
                            .path("value")
                            .asInt())
                    .as("one for each cue that is kept, from seven on")
                    .isEqualTo(7 + applied);
        }
    }

    private static String press(int number) {
        return "{\"cue\":{\"cue\":\"stepCount\",\"piece\":\"sightings\",\"field\":\"value\",\"times\":1},\"key\":\"press-"
                + number + "\"}";
    }

    private final List<String> kept = java.util.Collections.synchronizedList(new ArrayList<>());

    /** The piece that an answer is about. */
    private static String answerOf(Person.Answer answer) {
        return answer.json()
                .path("change")
                .path("pieces")
                .get(0)
                .path("id")
                .asString()
                .substring(1);
    }
}
