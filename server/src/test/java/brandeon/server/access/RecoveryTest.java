package brandeon.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.door.RateLimits;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Coming in again without a password, and going. */
@ExtendWith(RunningServer.class)
class RecoveryTest {

    private static final String PASSWORD = "four reeds and a lantern";
    private static final String NEXT = "sluice gate at nine";

    private final RunningServer server;
    private String email;
    private UUID workspace;
    private Person person;

    RecoveryTest(RunningServer server) {
        this.server = server;
    }

    @BeforeEach
    void anAccount() {
        email = UUID.randomUUID() + "@reedlight.example";
        Members members = server.bean(Members.class);
        workspace = members.addWorkspace("Low Quay");
        members.addMember(workspace, email, "Ilse Fenn", PASSWORD, Role.OWNER);
        person = Person.signedIn(server.address(), email, PASSWORD);
    }

    private Person nobody() {
        Person nobody = Person.unknown(server.address());
        nobody.get("/api/welcome");
        return nobody;
    }

    private Person.Answer recover(Person who, String address, String code, String password) {
        return who.post(
                "/api/recovery",
                "{\"email\":\"%s\",\"code\":\"%s\",\"password\":\"%s\"}".formatted(address, code, password));
    }

    private JsonNode codes() {
        return person.post("/api/account/recovery/codes", "{\"present\":\"" + PASSWORD + "\"}")
                .json()
                .path("codes");
    }

    @Test
    void aCodeOnPaperSetsAnotherPasswordOnce() {
        assertThat(person.post("/api/account/recovery/codes", "{\"present\":\"wrong\"}")
                        .status())
                .isEqualTo(403);
        JsonNode codes = codes();
        assertThat(codes).hasSize(10);
        assertThat(person.get("/api/account/recovery").json().path("left").asInt())
                .isEqualTo(10);
        String code = codes.get(3).asString();
        assertThat(recover(nobody(), email, code, "short").status()).isEqualTo(400);

        Person back = nobody();
        String typed = " " + code.toUpperCase(java.util.Locale.ROOT).replace('-', ' ');
        assertThat(recover(back, email, typed, NEXT).json().path("email").asString())
                .isEqualTo(email);
        assertThat(back.get("/api/session").status()).isEqualTo(200);
        assertThat(person.get("/api/session").status())
                .as("who was signed in with the old password")
                .isEqualTo(401);
        assertThat(back.get("/api/account/recovery").json().path("left").asInt())
                .isEqualTo(9);
        assertThat(recover(nobody(), email, code, PASSWORD).status())
                .as("it was used")
                .isEqualTo(403);
        assertThat(Person.signedIn(server.address(), email, NEXT)
                        .get("/api/session")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void freshCodesReplaceThoseFromBefore() {
        String old = codes().get(0).asString();
        codes();
        assertThat(recover(nobody(), email, old, NEXT).status()).isEqualTo(403);
    }

    @Test
    void whetherAnAddressExistsIsNotTold() {
        codes();
        Person.Answer known = recover(nobody(), email, "aaaaa-aaaaa-aaaaa-aaaaa", NEXT);
        Person.Answer unknown = recover(nobody(), "x" + email, "aaaaa-aaaaa-aaaaa-aaaaa", NEXT);
        assertThat(known.status()).isEqualTo(unknown.status()).isEqualTo(403);
        assertThat(known.body()).isEqualTo(unknown.body());
        assertThat(recover(nobody(), "host@reedlight.example", "aaaaa-aaaaa-aaaaa-aaaaa", NEXT)
                        .body())
                .isEqualTo(unknown.body());
    }

    /**
     * Whoever looks at the clock learns nothing either: medians, since single times swing on a busy machine.
     *
     * @see <a href="https://cwe.mitre.org/data/definitions/208.html">CWE-208, observable timing discrepancy</a>
     */
    @Test
    void norDoesTheTimeOfAnAnswerTellIt() {
        server.withRealPasswords(this::timeTellsNothing);
    }

    private void timeTellsNothing() {
        RateLimits limits = server.bean(RateLimits.class);
        String email = UUID.randomUUID() + "@reedlight.example";
        server.bean(Members.class).addMember(workspace, email, "Oskar Dunlin", PASSWORD, Role.VIEWER);
        Person nobody = nobody();
        List<Long> known = new ArrayList<>();
        List<Long> unknown = new ArrayList<>();
        for (String route : List.of("/api/session", "/api/recovery")) {
            known.clear();
            unknown.clear();
            for (int i = 0; i < 15; i++) {
                known.add(taken(nobody, route, email));
                unknown.add(taken(nobody, route, UUID.randomUUID() + "@reedlight.example"));
                limits.free(RateLimits.Door.SIGN_IN_ACCOUNT, email);
                limits.free(RateLimits.Door.SIGN_IN_ADDRESS, "127.0.0.1");
            }
            assertThat((double) median(known) / median(unknown)).as(route).isBetween(0.75, 1.33);
        }
    }

    private static long taken(Person nobody, String route, String address) {
        long begun = System.nanoTime();
        Person.Answer answer = nobody.post(
                route,
                route.endsWith("session")
                        ? "{\"email\":\"%s\",\"password\":\"not this one\",\"standing\":false}".formatted(address)
                        : "{\"email\":\"%s\",\"code\":\"aaaaa-aaaaa-aaaaa-aaaaa\",\"password\":\"%s\"}"
                                .formatted(address, NEXT));
        assertThat(answer.status()).isIn(401, 403);
        return System.nanoTime() - begun;
    }

    private static long median(List<Long> times) {
        return times.stream().sorted().toList().get(times.size() / 2);
    }

    @Test
    void guessingIsSlowedDown() {
        int refused = 0;
        for (int i = 0; i < 12; i++) {
            refused += recover(nobody(), email, "guess" + i, NEXT).status() == 429 ? 1 : 0;
        }
        assertThat(refused).isPositive();
    }

    /** The steward is told of no password, and everybody sees that it was done. */
    @Test
    void theStewardLetsSomebodyInAgain() {
        Steward.with(server, steward -> {
            String account = person.get("/api/session").json().path("account").asString();
            assertThat(person.post("/api/installation/recoveries", "{\"account\":\"" + account + "\"}")
                            .status())
                    .as("nobody but the steward")
                    .isEqualTo(403);
            assertThat(person.get("/api/installation/accounts").status()).isEqualTo(403);
            assertThat(steward.get("/api/installation/accounts").body()).contains(email);
            String first = link(steward, account);
            String token = link(steward, account);
            Person back = nobody();
            assertThat(back.get("/api/recovery/" + first).status())
                    .as("replaced by the second one")
                    .isEqualTo(404);
            assertThat(back.get("/api/recovery/" + token).json().path("name").asString())
                    .isEqualTo("Ilse Fenn");
            assertThat(back.post("/api/recovery/" + token, "{\"password\":\"" + NEXT + "\"}")
                            .status())
                    .isEqualTo(200);
            assertThat(back.get("/api/session").status()).isEqualTo(200);
            assertThat(person.get("/api/session").status()).isEqualTo(401);
            assertThat(nobody().post("/api/recovery/" + token, "{\"password\":\"" + PASSWORD + "\"}")
                            .status())
                    .as("once only")
                    .isEqualTo(404);
            JsonNode links = back.get("/api/account/recovery").json().path("links");
            assertThat(links).hasSize(2);
            assertThat(links.get(0).path("by").asString()).isEqualTo("Ruan Tide");
            assertThat(links.get(0).path("usedAt").asString("")).isNotEmpty();
        });
    }

    private static String link(Person steward, String account) {
        Person.Answer made = steward.post("/api/installation/recoveries", "{\"account\":\"" + account + "\"}");
        assertThat(made.status()).as(made.body()).isEqualTo(201);
        return made.json().path("link").asString().replaceFirst(".*/recover/", "");
    }

    @Test
    void aDeletedAccountTakesWhatIsOnlyItsOwn() {
        Person guest = server.member(workspace, Role.DESIGNER);
        String shared = person.newTheme("Shared");
        person.edit(shared, "{\"edit\":\"setCorner\",\"corner\":0.3}");
        String own = person.post("/api/workspaces", "{\"name\":\"Alone\"}")
                .json()
                .path("id")
                .asString();
        JsonNode fates = person.get("/api/account/fates").json();
        assertThat(fates.toString()).contains("\"DELETED\"").contains("\"WITHOUT_OWNER\"");
        Person.Answer refused = person.post("/api/account/deletion", "{\"present\":\"" + PASSWORD + "\"}");
        assertThat(refused.status()).isEqualTo(409);
        assertThat(refused.detail()).contains("Low Quay");
        String heir = guest.get("/api/session").json().path("account").asString();
        person.put("/api/workspaces/" + workspace + "/members/" + heir, "{\"role\":\"OWNER\",\"until\":null}");
        assertThat(person.post("/api/account/deletion", "{\"present\":\"wrong\"}")
                        .status())
                .isEqualTo(403);
        assertThat(person.post("/api/account/deletion", "{\"present\":\"" + PASSWORD + "\"}")
                        .status())
                .isEqualTo(204);

        assertThat(person.get("/api/session").status()).isEqualTo(401);
        assertThat(nobody().post(
                                "/api/session",
                                "{\"email\":\"%s\",\"password\":\"%s\",\"standing\":false}".formatted(email, PASSWORD))
                        .status())
                .isEqualTo(401);
        assertThat(server.bean(WorkspaceRows.class).existsById(UUID.fromString(own)))
                .isFalse();
        JsonNode history = guest.get("/api/themes/" + shared + "/history").json();
        assertThat(history.toString()).contains("Somebody").doesNotContain("Ilse Fenn");
        Members members = server.bean(Members.class);
        members.addMember(members.addWorkspace("Again"), email, "Ilse Fenn", PASSWORD, Role.OWNER);
        assertThat(Person.signedIn(server.address(), email, PASSWORD)
                        .get("/api/account/recovery")
                        .json()
                        .path("left")
                        .asInt())
                .as("the address is free again, for somebody new")
                .isZero();
    }

    /** Whoever owns nothing of it does not bring it into other workspaces either. */
    @Test
    void theDemosAccountStaysInTheDemo() {
        assertThat(server.host()
                        .post("/api/workspaces", "{\"name\":\"Elsewhere\"}")
                        .status())
                .isEqualTo(403);
        String link = person.post(
                        "/api/workspaces/" + workspace + "/invitations",
                        "{\"role\":\"VIEWER\",\"days\":1,\"until\":null,\"several\":false}")
                .json()
                .path("link")
                .asString();
        assertThat(server.host()
                        .post("/api/invitations/" + link.replaceFirst(".*/join/", ""), "")
                        .status())
                .isEqualTo(403);
    }
}
