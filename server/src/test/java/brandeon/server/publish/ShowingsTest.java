package brandeon.server.publish;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Ear;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.time.Duration;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** The record says in which sources an alert was seen. */
@ExtendWith(RunningServer.class)
class ShowingsTest {

    @Test
    void anAlertIsToldToHaveBeenWhereViewersSawIt(RunningServer server) throws InterruptedException {
        Person host = server.stranger(Role.OWNER);
        String theme = host.newTheme("Showings");
        String channel = host.get("/api/themes/" + theme).json().path("channel").asString();
        host.edit(theme, """
                {"edit":"addPiece","index":0,"piece":{"id":"a","kind":"ANNOUNCER","name":"Announcer","captures":[],"mustShow":false,"handsOff":false,"share":"","content":{},"figures":{},"inlay":null}}""");
        host.edit(
                theme,
                "{\"edit\":\"addScene\",\"index\":0,\"scene\":{\"id\":\"hide\",\"name\":\"Hide\",\"role\":\"LIVE\",\"keepClear\":[],\"arrives\":false,\"stack\":["
                        + Person.placed("a", "ALERT") + "]}}");
        host.post("/api/themes/" + theme + "/on-air", "");
        try (Ear seen = Ear.outlet(host.link(theme, "hide", "wide", "WHOLE")).watch();
                Ear hidden =
                        Ear.outlet(host.link(theme, "hide", "upright", "WHOLE")).watch()) {
            seen.await("welcome");
            hidden.await("welcome");
            seen.reports(true);
            hidden.reports(false);
            host.signals(channel, "alder.follow", "{\"name\":\"Ilse Fenn\"}");
            seen.await(message -> message.toString().contains("Ilse Fenn"));
            Thread.sleep(Duration.ofMillis(1500));
            seen.reports(false);
            Thread.sleep(Duration.ofMillis(700));

            JsonNode line =
                    host.get("/api/channels/" + channel + "/record").json().get(0);
            assertThat(line.path("shownIn").valueStream().map(JsonNode::asString))
                    .containsExactly("Hide, Wide, whole scene");
            assertThat(host.get("/api/channels/" + channel + "/record.csv").body())
                    .contains("shown in")
                    .contains("Hide, Wide, whole scene");
        }
    }
}
