package brandeon.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Ear;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.util.Map;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What is said in the chat, and what people let viewers see of it. */
@ExtendWith(RunningServer.class)
class ChatTest {

    private Person host;
    private String theme;
    private String show;
    private String channel;

    @BeforeEach
    void aChat(RunningServer server) {
        host = server.stranger(Role.OWNER);
        theme = host.newTheme("Chat");
        show = host.show(theme);
        channel = host.get("/api/themes/" + theme).json().path("channel").asString();
        said("Ilse Fenn", "Is that the bittern?");
        said("Oskar Tide", "see https://reedlight.example/notes");
    }

    private void said(String name, String message) {
        host.signals(channel, "alder.chat", "{\"name\":\"%s\",\"message\":\"%s\"}".formatted(name, message));
    }

    private Person.Answer act(String deed, String of) {
        return host.post("/api/shows/" + show + "/chat", "{\"deed\":\"%s\",\"of\":\"%s\"}".formatted(deed, of));
    }

    private JsonNode chat() {
        return host.get("/api/shows/" + show + "/chat").json();
    }

    private String shown(int line) {
        return chat().path("lines").get(line).path("shown").asString();
    }

    @Test
    void linesAreSeenAsTheyCameAndAsViewersReadThem() {
        assertThat(chat().path("lines")).hasSize(2);
        assertThat(chat().path("lines").get(0).path("text").asString()).contains("https://");
        assertThat(shown(0)).isEqualTo("Oskar Tide: see (link)");
        host.put("/api/shows/" + show + "/chat", "{\"words\":[\"Bittern\"],\"links\":false}");
        assertThat(shown(0)).contains("https://");
        assertThat(shown(1)).isEqualTo("Ilse Fenn: Is that the •••?");
    }

    @Test
    void aLineIsHiddenAndSomebodyIsHushedAndBothAreTakenBack() {
        String line = chat().path("lines").get(1).path("id").asString();
        assertThat(act("HIDE", line).status()).isEqualTo(200);
        act("HUSH", "Oskar Tide");
        assertThat(shown(0)).isEmpty();
        assertThat(shown(1)).isEmpty();
        said("Oskar Tide", "hello?");
        assertThat(shown(0)).as("also what comes later").isEmpty();
        act("SHOW", line);
        act("HEAR", "Oskar Tide");
        assertThat(shown(0)).isEqualTo("Oskar Tide: hello?");
        assertThat(shown(2)).isEqualTo("Ilse Fenn: Is that the bittern?");
    }

    @Test
    void whatCannotBeIsRefused() {
        assertThat(act("HIDE", "no such line").status()).isEqualTo(409);
        assertThat(act("HUSH", " ").status()).isEqualTo(400);
        assertThat(host.put("/api/shows/" + show + "/chat", "{\"words\":[\"" + "x".repeat(99) + "\"],\"links\":true}")
                        .status())
                .isEqualTo(400);
        assertThat(chat().path("hushed")).isEmpty();
        assertThat(chat().path("words")).isEmpty();
    }

    @Test
    void viewersStopSeeingALineAtOnce() {
        String link = host.onAir(theme, "COLUMN", Map.of("chat", Person.piece("chat", "CHAT", "{}", "{\"age\":60}")));
        try (Ear ear = Ear.outlet(link).watch()) {
            ear.await("welcome");
            said("Wren", "two booms");
            ear.await(message -> message.path("type").asString().equals("patch")
                    && message.toString().contains("two booms"));
            act("HUSH", "Wren");
            ear.await(message -> message.path("type").asString().equals("patch")
                    && !message.toString().contains("two booms")
                    && message.toString().contains("bittern"));
        }
    }
}
