package brandeon.server.access;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.Ear;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.net.http.HttpRequest;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Several workspaces, and the people in them. */
@ExtendWith(RunningServer.class)
class PeopleTest {

    private static final String PASSWORD = "four reeds and a lantern";

    private final RunningServer server;
    private Person owner;
    private String workspace;
    private String theme;

    PeopleTest(RunningServer server) {
        this.server = server;
    }

    @BeforeEach
    void aWorkspaceWithATheme() {
        owner = server.stranger(Role.OWNER);
        workspace = workspaces(owner).get(0).path("id").asString();
        theme = owner.newTheme("Quay light");
    }

    private static JsonNode workspaces(Person person) {
        return person.get("/api/session").json().path("workspaces");
    }

    private static String account(Person person) {
        return person.get("/api/session").json().path("account").asString();
    }

    private String invitation(String role, String until, boolean several) {
        Person.Answer made = owner.post(
                "/api/workspaces/" + workspace + "/invitations",
                "{\"role\":\"%s\",\"days\":7,\"until\":%s,\"several\":%s}".formatted(role, until, several));
        assertThat(made.status()).as(made.body()).isEqualTo(201);
        return made.json().path("link").asString().replaceFirst(".*/join/", "");
    }

    private Person.Answer change(String account, String role, String until) {
        return owner.put(
                "/api/workspaces/" + workspace + "/members/" + account,
                "{\"role\":\"%s\",\"until\":%s}".formatted(role, until));
    }

    @Test
    void aLinkLeadsSomebodyInWithItsRoleAndWorksOnce() {
        String token = invitation("DESIGNER", "null", false);
        Person guest = server.stranger(Role.OWNER);
        assertThat(guest.get("/api/themes/" + theme).status()).isEqualTo(404);
        JsonNode offer = Person.unknown(server.address())
                .get("/api/invitations/" + token)
                .json();
        assertThat(offer.path("role").asString()).isEqualTo("DESIGNER");
        assertThat(offer.path("workspace").asString()).isEqualTo("Somewhere else");
        assertThat(offer.path("by").asString()).isEqualTo("Oskar Dunlin");

        assertThat(guest.post("/api/invitations/" + token, "").status()).isEqualTo(200);
        assertThat(workspaces(guest)).hasSize(2);
        assertThat(guest.get("/api/themes/" + theme).json().path("role").asString())
                .as("the theme's own workspace counts, whichever one the page is in")
                .isEqualTo("DESIGNER");
        assertThat(guest.edit(theme, "{\"edit\":\"setCorner\",\"corner\":0.4}").status())
                .isEqualTo(200);
        assertThat(guest.delete("/api/themes/" + theme).status()).isEqualTo(403);

        Person late = server.stranger(Role.OWNER);
        assertThat(late.post("/api/invitations/" + token, "").status()).isEqualTo(404);
        assertThat(owner.get("/api/workspaces/" + workspace).json().path("invitations"))
                .isEmpty();
    }

    @Test
    void aLinkForSeveralWorksUntilItIsWithdrawn() {
        String token = invitation("VIEWER", "null", true);
        for (int i = 0; i < 2; i++) {
            assertThat(server.stranger(Role.OWNER)
                            .post("/api/invitations/" + token, "")
                            .status())
                    .isEqualTo(200);
        }
        JsonNode pending = owner.get("/api/workspaces/" + workspace)
                .json()
                .path("invitations")
                .get(0);
        assertThat(pending.path("used").asInt()).isEqualTo(2);
        assertThat(pending.path("link").asString()).as("can be copied again").endsWith(token);
        assertThat(owner.delete("/api/workspaces/" + workspace + "/invitations/"
                                + pending.path("id").asString())
                        .status())
                .isEqualTo(204);
        assertThat(server.stranger(Role.OWNER)
                        .post("/api/invitations/" + token, "")
                        .status())
                .isEqualTo(404);
        assertThat(Person.unknown(server.address())
                        .get("/api/invitations/" + token)
                        .status())
                .isEqualTo(404);
    }

    /** Nobody may sign up by themselves, and nobody needs to. */
    @Test
    void somebodyWithoutAnAccountMakesOneByALink() {
        Steward.with(server, _ -> comesByALink());
    }

    private void comesByALink() {
        String token = invitation("OPERATOR", "null", false);
        Person guest = Person.unknown(server.address());
        guest.get("/api/welcome");
        String email = UUID.randomUUID() + "@reedlight.example";
        Person.Answer made = guest.post(
                "/api/accounts",
                "{\"name\":\"Tavi Brook\",\"email\":\"%s\",\"password\":\"%s\",\"invitation\":\"%s\"}"
                        .formatted(email, PASSWORD, token));
        assertThat(made.status()).as(made.body()).isEqualTo(201);
        assertThat(made.json().path("workspaces")).hasSize(1);
        assertThat(made.json().path("workspaces").get(0).path("role").asString())
                .isEqualTo("OPERATOR");
        assertThat(guest.get("/api/themes/" + theme).status()).isEqualTo(200);
        Person second = Person.unknown(server.address());
        second.get("/api/welcome");
        assertThat(second.post(
                                "/api/accounts",
                                "{\"name\":\"Ilse Fenn\",\"email\":\"x%s\",\"password\":\"%s\",\"invitation\":\"%s\"}"
                                        .formatted(email, PASSWORD, token))
                        .status())
                .as("once only")
                .isEqualTo(404);
    }

    @Test
    void aChangedRoleAndARemovedMemberTakeEffectOnOpenPagesWithinASecond() {
        Person guest = server.member(UUID.fromString(workspace), Role.DESIGNER);
        String account = account(guest);
        try (Ear ear = Ear.editor(guest)) {
            ear.followsTheme(theme);
            long from = System.nanoTime();
            assertThat(change(account, "VIEWER", "null").status()).isEqualTo(204);
            assertThat(ear.closed()).isEqualTo(4205);
            assertThat(System.nanoTime() - from).isLessThan(1_000_000_000L);
        }
        assertThat(guest.edit(theme, "{\"edit\":\"setCorner\",\"corner\":0.2}").status())
                .isEqualTo(403);
        try (Ear ear = Ear.editor(guest)) {
            ear.followsTheme(theme);
            assertThat(owner.delete("/api/workspaces/" + workspace + "/members/" + account)
                            .status())
                    .isEqualTo(204);
            assertThat(ear.closed()).isEqualTo(4205);
        }
        assertThat(guest.get("/api/themes/" + theme).status()).isIn(403, 404);
        assertThat(guest.get("/api/session").json().path("workspaces")).isEmpty();
        assertThat(guest.get("/api/themes").detail()).contains("no workspace");
        assertThat(guest.get("/api/account/sessions").status())
                .as("their account is theirs all the same")
                .isEqualTo(200);
    }

    @Test
    void aWorkspaceKeepsAnOwner() {
        assertThat(change(account(owner), "VIEWER", "null").status()).isEqualTo(409);
        String tomorrow = "\"" + Instant.now().plus(1, ChronoUnit.DAYS) + "\"";
        assertThat(change(account(owner), "OWNER", tomorrow).detail()).contains("at least one owner");
        assertThat(owner.delete("/api/workspaces/" + workspace + "/members/" + account(owner))
                        .status())
                .isEqualTo(409);
        Person other = server.member(UUID.fromString(workspace), Role.VIEWER);
        assertThat(change(account(other), "OWNER", "null").status()).isEqualTo(204);
        assertThat(owner.delete("/api/workspaces/" + workspace + "/members/" + account(owner))
                        .status())
                .as("leaves")
                .isEqualTo(204);
    }

    @Test
    void onlyOwnersInviteAndChange() {
        for (Role role : new Role[] {Role.DESIGNER, Role.OPERATOR, Role.VIEWER}) {
            Person member = server.member(UUID.fromString(workspace), role);
            assertThat(member.post(
                                    "/api/workspaces/" + workspace + "/invitations",
                                    "{\"role\":\"OWNER\",\"days\":7,\"until\":null,\"several\":false}")
                            .status())
                    .isEqualTo(403);
            assertThat(member.put(
                                    "/api/workspaces/" + workspace + "/members/" + account(member),
                                    "{\"role\":\"OWNER\",\"until\":null}")
                            .status())
                    .isEqualTo(403);
            assertThat(member.delete("/api/workspaces/" + workspace + "/members/" + account(owner))
                            .status())
                    .isEqualTo(403);
            assertThat(member.delete("/api/workspaces/" + workspace + "?name=Somewhere%20else")
                            .status())
                    .isEqualTo(403);
        }
    }

    /** One of two servers failed when both ended somebody's time at the same moment. */
    @Test
    void severalServersMayEndATimeAtOnce() {
        for (int i = 0; i < 20; i++) {
            Person guest = server.member(UUID.fromString(workspace), Role.VIEWER);
            String soon = "\"" + Instant.now().plusMillis(1500) + "\"";
            assertThat(change(account(guest), "VIEWER", soon).status()).isEqualTo(204);
        }
        java.util.concurrent.locks.LockSupport.parkNanos(1_600_000_000L);
        List<CompletableFuture<Void>> at = IntStream.range(0, 8)
                .mapToObj(_ -> CompletableFuture.runAsync(
                        () -> server.bean(Workspaces.class).end()))
                .toList();
        assertThat(at).allSatisfy(one -> assertThat(one).succeedsWithin(java.time.Duration.ofSeconds(20)));
    }

    @Test
    void whoseTimeHasComeIsOut() {
        Person guest = server.member(UUID.fromString(workspace), Role.DESIGNER);
        Person other = server.stranger(Role.OWNER);
        String soon = "\"" + Instant.now().plusMillis(700) + "\"";
        assertThat(change(account(guest), "DESIGNER", soon).status()).isEqualTo(204);
        assertThat(guest.get("/api/themes/" + theme).status()).isEqualTo(200);
        try (Ear ear = Ear.editor(guest)) {
            ear.followsTheme(theme);
            java.util.concurrent.locks.LockSupport.parkNanos(800_000_000L);
            server.bean(Workspaces.class).end();
            assertThat(ear.closed()).isEqualTo(4205);
        }
        assertThat(guest.get("/api/themes/" + theme).status()).isIn(403, 404);
        assertThat(workspaces(other)).as("nobody else").hasSize(1);
    }

    @Test
    void aPageSaysWhichWorkspaceItIsIn() {
        JsonNode second =
                owner.post("/api/workspaces", "{\"name\":\" Marsh House \"}").json();
        assertThat(second.path("name").asString()).isEqualTo("Marsh House");
        String there = second.path("id").asString();
        assertThat(in(there, "/api/themes").json()).isEmpty();
        assertThat(in(workspace, "/api/themes").json()).hasSize(1);
        assertThat(in(there, "/api/themes/" + theme).status())
                .as("a link leads to the thing itself")
                .isEqualTo(200);
        String strange =
                workspaces(server.stranger(Role.OWNER)).get(0).path("id").asString();
        assertThat(in(strange, "/api/themes").status()).isEqualTo(403);

        assertThat(owner.put("/api/workspaces/" + there, "{\"name\":\"Marsh Loft\"}")
                        .body())
                .contains("Marsh Loft");
        assertThat(owner.delete("/api/workspaces/" + there + "?name=Marsh").status())
                .isEqualTo(400);
        assertThat(owner.delete("/api/workspaces/" + there + "?name=Marsh%20Loft")
                        .status())
                .isEqualTo(204);
        assertThat(workspaces(owner)).hasSize(1);
    }

    private Person.Answer in(String id, String path) {
        return owner.send(owner.request(path)
                .header("Brandeon-Workspace", id)
                .header("Accept", "application/json")
                .method("GET", HttpRequest.BodyPublishers.noBody())
                .build());
    }

    @Test
    void aDeletedWorkspaceTakesItsSourcesWithIt() {
        owner.post("/api/themes/" + theme + "/start", "{\"family\":\"\",\"roles\":[\"LIVE\"]}");
        owner.post("/api/themes/" + theme + "/on-air", "");
        String link = owner.get("/api/themes/" + theme + "/ledger")
                .json()
                .path("rows")
                .get(0)
                .path("link")
                .asString();
        try (Ear outlet = Ear.outlet(link).watch()) {
            outlet.await("welcome");
            assertThat(owner.delete("/api/workspaces/" + workspace + "?name=Somewhere%20else")
                            .status())
                    .isEqualTo(204);
            assertThat(outlet.closed()).isPositive();
        }
        assertThat(owner.get(link.replaceFirst("http://[^/]+", "")).status()).isEqualTo(404);
    }
}
