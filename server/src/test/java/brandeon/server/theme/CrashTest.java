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
    private static final int PRESSES = 300;
    private static final int STRIKE_AT = 40;

    @Test
    void killingTheServerInABurstLosesNothingThatWasAnswered() {
        try (TestDatabase database = new TestDatabase();
                ServerProcess server = new ServerProcess(database)) {
            edits(server);
            cues(server);
        }
    }

    private void edits(ServerProcess server) {
        Person host = host(server);
        String theme = host.newTheme("Burst");
        AtomicInteger answered = new AtomicInteger();
        List<CompletableFuture<Void>> calls = new ArrayList<>();
        for (int i = 0; i < BURST; i++) {
            calls.add(later(
                            host,
                            "/api/themes/" + theme + "/edits",
                            "{\"edit\":{\"edit\":\"addPiece\",\"index\":0,\"piece\":{\"id\":\"p" + i
                                    + "\",\"kind\":\"BAND\",\"name\":\"Band " + i
                                    + "\",\"captures\":[],\"mustShow\":false,\"handsOff\":false,\"share\":\"\",\"content\":{},\"figures\":{},\"inlay\":null}},\"gesture\":\"\"}")
                    .thenAccept(answer -> {
                        kept.add("p" + answerOf(answer));
                        if (answered.incrementAndGet() == STRIKE_AT) {
                            server.strike();
                        }
                    }));
        }
        Set<String> failures = ended(calls);
        assertThat(answered.get()).as("the burst was cut short; %s", failures).isBetween(STRIKE_AT, BURST - 1);
        server.kill();
        server.start();
        var view = host(server).get("/api/themes/" + theme).json();
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

    /** Each press had a key of its own: those that were answered were counted, and are told so when they come again. */
    private void cues(ServerProcess server) {
        Person host = host(server);
        String address = "/api/shows/" + host.show(host.demo()) + "/cues";
        int before =
                host.get(address.replace("/cues", "")).json().path("version").asInt();
        Set<Integer> answered = ConcurrentHashMap.newKeySet();
        List<CompletableFuture<Void>> calls = new ArrayList<>();
        for (int i = 0; i < PRESSES; i++) {
            int number = i;
            calls.add(later(host, address, press(number)).thenAccept(_ -> {
                answered.add(number);
                if (answered.size() == STRIKE_AT) {
                    server.strike();
                }
            }));
        }
        Set<String> failures = ended(calls);
        assertThat(answered.size()).as("the burst was cut short; %s", failures).isBetween(STRIKE_AT, PRESSES - 1);
        server.kill();
        server.start();
        for (int number : answered) {
            // Still signed in.
            assertThat(host.post(address, press(number)).json().path("repeated").asBoolean(false))
                    .as("press %d", number)
                    .isTrue();
        }
        var show = host.get(address.replace("/cues", "")).json();
        int applied = show.path("version").asInt() - before;
        assertThat(applied).isGreaterThanOrEqualTo(answered.size());
        assertThat(show.path("controls")
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

    private static Person host(ServerProcess server) {
        return Person.signedIn(server.address(), "host@reedlight.example", "lantern-at-dusk");
    }

    private static CompletableFuture<Person.Answer> later(Person person, String address, String body) {
        return person.later(person.request(address)
                        .header("Content-Type", "application/json")
                        .POST(HttpRequest.BodyPublishers.ofString(body))
                        .build())
                .thenApply(answer -> {
                    assertThat(answer.status()).as(answer.body()).isEqualTo(200);
                    return answer;
                });
    }

    /** Waits for all; what failed. */
    private static Set<String> ended(List<CompletableFuture<Void>> calls) {
        Set<String> failures = ConcurrentHashMap.newKeySet();
        calls.forEach(call -> call.exceptionally(failure -> {
                    failures.add(String.valueOf(failure));
                    return null;
                })
                .join());
        return failures;
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
