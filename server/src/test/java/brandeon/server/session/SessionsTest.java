package brandeon.server.session;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.support.Ear;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.net.HttpCookie;
import java.net.http.HttpRequest;
import java.time.Instant;
import java.util.UUID;
import java.util.stream.StreamSupport;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Where somebody is signed in. */
@ExtendWith(RunningServer.class)
class SessionsTest {

    private static final String PASSWORD = "four reeds and a lantern";

    private final RunningServer server;
    private String email;

    SessionsTest(RunningServer server) {
        this.server = server;
    }

    @BeforeEach
    void anAccount() {
        email = UUID.randomUUID() + "@reedlight.example";
        Members members = server.bean(Members.class);
        members.addMember(members.addWorkspace("Low Quay"), email, "Ilse Fenn", PASSWORD, Role.OWNER);
    }

    private Person with(String browser, boolean standing) {
        Person person = Person.unknown(server.address());
        person.get("/api/welcome");
        HttpRequest request = person.request("/api/session")
                .header("Content-Type", "application/json")
                .header("User-Agent", browser)
                .POST(HttpRequest.BodyPublishers.ofString(
                        "{\"email\":\"%s\",\"password\":\"%s\",\"standing\":%s}".formatted(email, PASSWORD, standing)))
                .build();
        assertThat(person.send(request).status()).isEqualTo(200);
        return person;
    }

    private static JsonNode found(Person person, String device) {
        return StreamSupport.stream(person.get("/api/account/sessions").json().spliterator(), false)
                .filter(line -> line.path("device").asString().equals(device))
                .findFirst()
                .orElseThrow();
    }

    private static boolean in(Person person) {
        return person.get("/api/session").status() == 200;
    }

    @Test
    void theyAreSeenWithTheirDeviceAndEndedOneByOne() {
        Instant before = Instant.now().minusSeconds(1);
        Person quay = with("Mozilla/5.0 (X11; Linux x86_64) Firefox/140.0", false);
        Person hide = with("Mozilla/5.0 (Windows NT 10.0) Chrome/140.0.0.0 Safari/537.36", true);
        JsonNode own = found(quay, "Firefox on Linux");
        JsonNode other = found(quay, "Chrome on Windows");
        assertThat(own.path("here").asBoolean()).isTrue();
        assertThat(other.path("here").asBoolean()).isFalse();
        assertThat(own.path("standing").asBoolean()).isFalse();
        assertThat(other.path("standing").asBoolean()).isTrue();
        assertThat(Instant.parse(other.path("since").asString())).isBetween(before, Instant.now());
        assertThat(Instant.parse(other.path("last").asString())).isBetween(before, Instant.now());

        try (Ear ear = Ear.editor(hide)) {
            assertThat(quay.delete("/api/account/sessions/" + other.path("id").asString())
                            .status())
                    .isEqualTo(204);
            assertThat(ear.closed()).as("what was open with it is closed").isPositive();
        }
        assertThat(in(hide)).isFalse();
        assertThat(in(quay)).isTrue();
        assertThat(quay.delete("/api/account/sessions/" + other.path("id").asString())
                        .status())
                .as("once only")
                .isEqualTo(404);
    }

    @Test
    void nobodyEndsThoseOfSomebodyElse() {
        Person quay = with("Firefox/140.0", false);
        String id = found(quay, "Firefox").path("id").asString();
        assertThat(server.host().delete("/api/account/sessions/" + id).status()).isEqualTo(404);
        assertThat(in(quay)).isTrue();
    }

    @Test
    void allOthersEndAtOnceAndWithAnotherPassword() {
        Person quay = with("Firefox/140.0", false);
        Person hide = with("Chrome/140.0", true);
        assertThat(quay.delete("/api/account/sessions").status()).isEqualTo(204);
        assertThat(in(hide)).isFalse();
        Person loft = with("Chrome/140.0", true);
        assertThat(quay.put(
                                "/api/account/password",
                                "{\"present\":\"" + PASSWORD + "\",\"next\":\"sluice gate at nine\"}")
                        .status())
                .isEqualTo(204);
        assertThat(in(loft)).isFalse();
        assertThat(in(quay)).as("where it was changed").isTrue();
    }

    @Test
    void signingOutEndsIt() {
        Person quay = with("Firefox/140.0", false);
        Person hide = with("Chrome/140.0", false);
        assertThat(quay.delete("/api/session").status()).isEqualTo(204);
        assertThat(in(quay)).isFalse();
        assertThat(hide.get("/api/account/sessions").json()).hasSize(1);
    }

    /** RFC 6265, section 4.1.2: without an age a cookie ends with the browser; scripts do not read this one. */
    @Test
    void aCookieEndsWithTheBrowserOrStandsForThirtyDays() {
        assertThat(cookie(with("Firefox/140.0", false)).getMaxAge()).isEqualTo(-1);
        HttpCookie standing = cookie(with("Firefox/140.0", true));
        assertThat(standing.getMaxAge()).isEqualTo(30 * 24 * 3600);
        assertThat(standing.isHttpOnly()).isTrue();
    }

    private static HttpCookie cookie(Person person) {
        return person.cookies().stream()
                .filter(cookie -> cookie.getName().equals("brandeon-session"))
                .findFirst()
                .orElseThrow();
    }

    /** A leaked copy of the database lets nobody in. */
    @Test
    void theDatabaseDoesNotKnowWhatTheCookieSays() {
        Person quay = with("Firefox/140.0", false);
        String said = cookie(quay).getValue();
        String secret = new String(java.util.Base64.getDecoder().decode(said), java.nio.charset.StandardCharsets.UTF_8);
        assertThat(server.bean(SessionRows.class).findAll())
                .isNotEmpty()
                .noneMatch(row -> row.key.equals(said) || row.key.equals(secret));
    }

    @Test
    void whatIsUnusedForTooLongHasEnded() {
        Person quay = with("Firefox/140.0", false);
        Person hide = with("Chrome/140.0", true);
        Instant yesterday = Instant.now().minusSeconds(13 * 3600);
        SessionRows rows = server.bean(SessionRows.class);
        rows.findAll().stream()
                .filter(row -> row.accountId != null && row.device.matches("Firefox|Chrome"))
                .forEach(row -> {
                    row.last = yesterday;
                    row.until = yesterday.plusSeconds(row.standing ? 30L * 24 * 3600 : 12 * 3600);
                    rows.save(row);
                });
        // Another server would read them now.
        server.bean(KeptSessions.class).forget();
        assertThat(in(quay)).isFalse();
        assertThat(in(hide)).isTrue();
    }
}
