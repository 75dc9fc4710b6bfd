package brandeon.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Accounts that people make by themselves. */
@ExtendWith(RunningServer.class)
class AccountsTest {

    private static final String PASSWORD = "four reeds and a lantern";

    private final RunningServer server;

    AccountsTest(RunningServer server) {
        this.server = server;
    }

    private Person newcomer() {
        Person nobody = Person.unknown(server.address());
        nobody.get("/api/welcome");
        return nobody;
    }

    private static Person.Answer make(Person who, String name, String email, String password) {
        return who.post(
                "/api/accounts",
                "{\"name\":\"%s\",\"email\":\"%s\",\"password\":\"%s\",\"invitation\":\"\"}"
                        .formatted(name, email, password));
    }

    private static Person.Answer in(Person who, String workspace, String method, String body) {
        return who.send(who.request("/api/themes")
                .header("Brandeon-Workspace", workspace)
                .header("Content-Type", "application/json")
                .method(method, java.net.http.HttpRequest.BodyPublishers.ofString(body))
                .build());
    }

    private static String somebody() {
        return UUID.randomUUID() + "@reedlight.example";
    }

    /** From an installation that nobody sees to yet, besides the demo, to one that others may join. */
    @Test
    void theFirstAccountSeesToTheInstallation() {
        JsonNode before = newcomer().get("/api/welcome").json();
        assertThat(before.path("signUp").asBoolean()).isTrue();
        assertThat(before.path("first").asBoolean())
                .as("the demo's account counts for nobody")
                .isTrue();

        Person steward = newcomer();
        String address = somebody();
        Person.Answer made = make(steward, " Ilse Fenn ", address.toUpperCase(java.util.Locale.ROOT), PASSWORD);
        assertThat(made.status()).as(made.body()).isEqualTo(201);
        assertThat(made.json().path("name").asString()).isEqualTo("Ilse Fenn");
        assertThat(made.json().path("email").asString()).isEqualTo(address);
        assertThat(made.json().path("steward").asBoolean()).isTrue();
        JsonNode workspaces = steward.get("/api/session").json().path("workspaces");
        assertThat(workspaces.toString())
                .as("signed in at once, in a workspace of their own, and in the demo's")
                .contains("\"name\":\"Ilse Fenn\",\"demo\":false,\"role\":\"OWNER\"")
                .contains("\"name\":\"Reedlight Hide\",\"demo\":true,\"role\":\"OWNER\"");
        String own = workspaces
                .valueStream()
                .filter(one -> !one.path("demo").asBoolean())
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        assertThat(in(steward, own, "GET", "").json()).isEmpty();
        assertThat(in(steward, own, "POST", "{\"name\":\"First light\"}").status())
                .isEqualTo(201);
        assertThat(server.host().get("/api/themes").body()).doesNotContain("First light");

        assertThat(newcomer().get("/api/welcome").json().path("signUp").asBoolean())
                .isFalse();
        Person.Answer refused = make(newcomer(), "Oskar Tide", somebody(), PASSWORD);
        assertThat(refused.status()).isEqualTo(403);
        assertThat(refused.detail()).contains("by invitation");

        assertThat(server.host().put("/api/installation", "{\"signUp\":true}").status())
                .as("an owner who is not the steward")
                .isEqualTo(403);
        assertThat(steward.put("/api/installation", "{\"signUp\":true}").status())
                .isEqualTo(200);
        Person other = newcomer();
        Person.Answer joined = make(other, "Oskar Tide", somebody(), PASSWORD);
        assertThat(joined.status()).as(joined.body()).isEqualTo(201);
        assertThat(joined.json().path("steward").asBoolean()).isFalse();
        assertThat(other.put("/api/installation", "{\"signUp\":false}").status())
                .isEqualTo(403);

        Person.Answer again = make(newcomer(), "Ilse Fenn", address, PASSWORD);
        assertThat(again.status()).isEqualTo(409);
        assertThat(again.detail()).contains("Sign in with it");
        changes(other, address);
        assertThat(steward.put("/api/installation", "{\"signUp\":false}").status())
                .isEqualTo(200);
    }

    /** Name, address and password of one's own. */
    private void changes(Person other, String taken) {
        assertThat(other.put("/api/account/name", "{\"name\":\"Oskar of Low Quay\"}")
                        .json()
                        .path("name")
                        .asString())
                .isEqualTo("Oskar of Low Quay");
        assertThat(other.put("/api/account/name", "{\"name\":\"  \"}").status()).isEqualTo(400);
        String moved = somebody();
        assertThat(other.put("/api/account/address", "{\"present\":\"wrong\",\"email\":\"" + moved + "\"}")
                        .status())
                .isEqualTo(403);
        assertThat(other.put("/api/account/address", "{\"present\":\"" + PASSWORD + "\",\"email\":\"" + taken + "\"}")
                        .status())
                .isEqualTo(409);
        assertThat(other.put("/api/account/address", "{\"present\":\"" + PASSWORD + "\",\"email\":\"" + moved + "\"}")
                        .json()
                        .path("email")
                        .asString())
                .isEqualTo(moved);
        assertThat(other.put("/api/account/password", "{\"present\":\"" + PASSWORD + "\",\"next\":\"short\"}")
                        .status())
                .isEqualTo(400);
        assertThat(other.put(
                                "/api/account/password",
                                "{\"present\":\"" + PASSWORD + "\",\"next\":\"sluice gate at nine\"}")
                        .status())
                .isEqualTo(204);
        assertThat(Person.signedIn(server.address(), moved, "sluice gate at nine")
                        .get("/api/session")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void aPasswordIsJudgedInWordsBeforeItIsSent() {
        Person nobody = newcomer();
        assertThat(judged(nobody, "heron").path("taken").asBoolean(true)).isFalse();
        assertThat(judged(nobody, "Oskar Tide Oskar").path("taken").asBoolean(true))
                .isFalse();
        assertThat(judged(nobody, PASSWORD).path("taken").asBoolean()).isTrue();
        assertThat(make(nobody, "Oskar Tide", somebody(), "oskartide1234").status())
                .isEqualTo(400);
        assertThat(make(nobody, "Oskar Tide", "no address", PASSWORD).status()).isEqualTo(400);
    }

    private static JsonNode judged(Person who, String password) {
        return who.post(
                        "/api/passwords",
                        "{\"password\":\"%s\",\"name\":\"Oskar Tide\",\"email\":\"oskar@reedlight.example\"}"
                                .formatted(password))
                .json();
    }

    @Test
    void nobodyChangesTheDemosAccount() {
        Person.Answer answer = server.host().put("/api/account/name", "{\"name\":\"Somebody\"}");
        assertThat(answer.status()).isEqualTo(403);
        assertThat(answer.detail()).contains("Make an account of your own");
    }
}
