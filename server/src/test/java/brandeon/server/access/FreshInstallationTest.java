package brandeon.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.Person;
import brandeon.server.support.ServerProcess;
import brandeon.server.support.TestDatabase;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;

/** An installation that nobody has seen yet, and that other machines can reach. */
@Tag("slow")
class FreshInstallationTest {

    private static final String PASSWORD = "four reeds and a lantern";
    private static final String DEMO =
            "{\"email\":\"host@reedlight.example\",\"password\":\"lantern-at-dusk\",\"standing\":false}";

    private static Person newcomer(ServerProcess server) {
        Person nobody = Person.unknown(server.address());
        nobody.get("/api/welcome");
        return nobody;
    }

    private static Person.Answer make(Person who, String name, String email) {
        return who.post(
                "/api/accounts",
                "{\"name\":\"%s\",\"email\":\"%s\",\"password\":\"%s\",\"invitation\":\"\"}"
                        .formatted(name, email, PASSWORD));
    }

    private static boolean steward(Person who) {
        return who.get("/api/session").json().path("steward").asBoolean();
    }

    private static List<String> workspaces(Person who) {
        return who.get("/api/session")
                .json()
                .path("workspaces")
                .valueStream()
                .map(one -> one.path("name").asString())
                .toList();
    }

    @Test
    void hasOneStewardWhoBringsTheDemoAndHandsOver() {
        try (TestDatabase database = new TestDatabase();
                ServerProcess server = ServerProcess.empty(database, "--server.address=0.0.0.0")) {
            List<Person> both = List.of(newcomer(server), newcomer(server));
            List<CompletableFuture<Person.Answer>> made = List.of(
                    CompletableFuture.supplyAsync(() -> make(both.get(0), "Ilse Fenn", "ilse@reedlight.example")),
                    CompletableFuture.supplyAsync(() -> make(both.get(1), "Tavi Brook", "tavi@reedlight.example")));
            List<Integer> statuses =
                    made.stream().map(one -> one.join().status()).toList();
            assertThat(statuses)
                    .as("sign-up is for the first, unless the steward opens it")
                    .containsOnlyOnce(201);
            assertThat(statuses.stream().filter(status -> status != 201).toList())
                    .allMatch(status -> status / 100 == 4);
            boolean ilse = statuses.getFirst() == 201;
            Person steward = ilse ? both.get(0) : both.get(1);
            Person other = ilse ? both.get(1) : both.get(0);
            assertThat(steward(steward)).isTrue();
            assertThat(workspaces(steward)).hasSize(1);

            assertThat(steward.put("/api/installation/demo", "{\"present\":true}")
                            .status())
                    .isEqualTo(200);
            assertThat(workspaces(steward)).contains("Reedlight Hide");
            Person.Answer demo = newcomer(server).post("/api/session", DEMO);
            assertThat(demo.status()).as("everybody knows its password").isEqualTo(403);
            assertThat(demo.detail()).contains("demo");
            assertThat(steward.put("/api/installation/demo", "{\"present\":false}")
                            .status())
                    .isEqualTo(200);
            assertThat(workspaces(steward)).doesNotContain("Reedlight Hide");
            assertThat(newcomer(server).post("/api/session", DEMO).status()).isEqualTo(401);
            assertThat(steward.put("/api/installation/demo", "{\"present\":true}")
                            .status())
                    .isEqualTo(200);
            assertThat(workspaces(steward)).as("brought back").contains("Reedlight Hide");

            assertThat(steward.put("/api/installation", "{\"signUp\":true}").status())
                    .isEqualTo(200);
            assertThat(make(other, "Oskar Dunlin", "oskar@reedlight.example").status())
                    .isEqualTo(201);
            assertThat(workspaces(other)).doesNotContain("Reedlight Hide");
            String heir = other.get("/api/session").json().path("account").asString();
            assertThat(handOver(other, heir, PASSWORD))
                    .as("nobody makes themselves the steward")
                    .isEqualTo(403);
            assertThat(handOver(steward, heir, "not this one")).isEqualTo(403);
            assertThat(handOver(steward, demoAccount(steward), PASSWORD))
                    .as("nor the demo")
                    .isEqualTo(404);
            assertThat(steward(steward)).isTrue();
            assertThat(handOver(steward, heir, PASSWORD)).isEqualTo(200);
            assertThat(Stream.of(steward, other).map(FreshInstallationTest::steward))
                    .containsExactly(false, true);
            assertThat(steward.put("/api/installation", "{\"signUp\":false}").status())
                    .isEqualTo(403);
            assertThat(workspaces(other)).as("who is the steward sees the demo").contains("Reedlight Hide");
        }
    }

    private static int handOver(Person who, String account, String password) {
        return who.put(
                        "/api/installation/steward",
                        "{\"present\":\"%s\",\"account\":\"%s\"}".formatted(password, account))
                .status();
    }

    private static String demoAccount(Person steward) {
        for (JsonNode account : steward.get("/api/installation/accounts").json()) {
            if (account.path("demo").asBoolean()) {
                return account.path("account").asString();
            }
        }
        throw new AssertionError("no demo");
    }
}
