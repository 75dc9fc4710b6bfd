package brandeon.server.live;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What a show's signals come to, corrected and begun anew by people. */
@ExtendWith(RunningServer.class)
class ReadingsTest {

    private Person host;
    private String theme;
    private String channel;
    private String show;

    @BeforeEach
    void aShow(RunningServer server) {
        host = server.stranger(Role.OWNER);
        theme = host.newTheme("Readings");
        channel = host.get("/api/themes/" + theme).json().path("channel").asString();
        show = host.show(theme);
        host.signals(channel, "alder.follow", "{\"name\":\"Ilse Fenn\"}");
        host.signals(channel, "alder.follow", "{\"name\":\"Oskar Dunlin\"}");
        host.signals(channel, "alder.tip", "{\"name\":\"Tavi Brook\",\"amount\":500,\"currency\":\"EUR\"}");
        host.signals(channel, "alder.tip", "{\"name\":\"Maret Sedge\",\"amount\":2000,\"currency\":\"USD\"}");
    }

    private Person.Answer post(String what, String body) {
        return host.post("/api/shows/" + show + "/readings/" + what, body);
    }

    private Person.Answer counting(String body) {
        return host.put("/api/shows/" + show + "/readings/counting", body);
    }

    private JsonNode board() {
        return host.get("/api/shows/" + show + "/readings").json();
    }

    private static JsonNode cell(JsonNode board, String reading, String period) {
        return board.path("lines")
                .valueStream()
                .filter(line -> line.path("name").asString().equals(reading))
                .findFirst()
                .orElseThrow()
                .path("cells")
                .path(period);
    }

    private String written(String reading, String period) {
        return cell(board(), reading, period).path("written").asString();
    }

    @Test
    void everyPeriodIsShownAndMoneyWithoutARateIsToldAndInNoSum() {
        for (String period : List.of("SHOW", "DAY", "WEEK", "MONTH", "EVER")) {
            assertThat(written("followers", period)).isEqualTo("2");
            assertThat(written("latestFollower", period)).isEqualTo("Oskar Dunlin");
            assertThat(written("tipped", period)).isEqualTo("€5.00");
        }
        assertThat(written("raids", "DAY")).isEqualTo("0");
        assertThat(board().path("leftOut").path("USD").asString()).isEqualTo("$20.00");
        assertThat(counting("{\"zone\":\"Europe/London\",\"currency\":\"EUR\",\"rates\":{\"USD\":0.9}}")
                        .status())
                .isEqualTo(200);
        assertThat(written("tipped", "DAY")).isEqualTo("€23.00");
        assertThat(written("topTipper", "EVER")).isEqualTo("Maret Sedge");
        assertThat(board().path("leftOut")).isEmpty();
    }

    @Test
    void aNumberIsCorrectedAndCountsOnFromThere() {
        assertThat(post("correction", "{\"reading\":\"followers\",\"period\":\"EVER\",\"value\":12400}")
                        .status())
                .isEqualTo(200);
        post("correction", "{\"reading\":\"tipped\",\"period\":\"DAY\",\"value\":7.5}");
        host.signals(channel, "alder.follow", "{\"name\":\"Wren Marsh\"}");
        assertThat(written("followers", "EVER")).isEqualTo("12,401");
        assertThat(cell(board(), "followers", "EVER").path("corrected").asBoolean())
                .isTrue();
        assertThat(written("followers", "DAY")).isEqualTo("3");
        assertThat(written("tipped", "DAY")).isEqualTo("€7.50");
        assertThat(written("tipped", "EVER")).isEqualTo("€5.00");
        // Back to what was counted.
        post("correction", "{\"reading\":\"followers\",\"period\":\"EVER\",\"value\":3}");
        assertThat(cell(board(), "followers", "EVER").path("corrected").asBoolean())
                .isFalse();
        // What was corrected survives that everything is counted again.
        post("correction", "{\"reading\":\"followers\",\"period\":\"EVER\",\"value\":50}");
        counting("{\"zone\":\"Asia/Kathmandu\",\"currency\":\"EUR\",\"rates\":{}}");
        assertThat(written("followers", "EVER")).isEqualTo("50");
    }

    @Test
    void aPeriodIsBegunAnewAndThatIsTakenBack() {
        assertThat(post("beginning", "{\"period\":\"SHOW\",\"anew\":true}").status())
                .isEqualTo(200);
        assertThat(written("followers", "SHOW")).isEqualTo("0");
        assertThat(written("latestFollower", "SHOW")).isEmpty();
        assertThat(written("followers", "DAY")).isEqualTo("2");
        host.signals(channel, "alder.follow", "{\"name\":\"Wren Marsh\"}");
        assertThat(written("followers", "SHOW")).isEqualTo("1");
        post("beginning", "{\"period\":\"SHOW\",\"anew\":false}");
        assertThat(written("followers", "SHOW")).isEqualTo("3");
    }

    /** Whoever streams to two platforms at once sees what came from each, and what it comes to. */
    @Test
    void twoPlatformsOfOneShowAreAddedUpAndToldApart() {
        String other = host.post("/api/channels", "{\"platform\":\"cedar\",\"name\":\"upright\"}")
                .json()
                .path("channel")
                .asString();
        assertThat(says("{alder_followers, number}"))
                .as("one platform alone is all there is")
                .contains("no value");
        host.put("/api/channels/" + other + "/show", "{\"show\":\"" + show + "\"}");
        host.signals(other, "cedar.follow", "{\"name\":\"Wren Marsh\"}");

        assertThat(says("{followers} are {alder_followers} and {cedar_followersToday}"))
                .isEqualTo("3 are 2 and 1");
        assertThat(says("{cedar_latestFollower}, {alder_latestFollower}")).isEqualTo("Wren Marsh, Oskar Dunlin");
        assertThat(host.get("/api/shows/" + show + "/readings/values").body())
                .contains("cedar_followers")
                .contains("on Cedar alone");
        host.put("/api/channels/" + other + "/show", "{\"show\":null}");
        assertThat(says("{followers}")).isEqualTo("2");
        assertThat(says("{cedar_followers}")).contains("no value");
    }

    private String says(String text) {
        JsonNode checked = host.post("/api/themes/" + theme + "/messages", "{\"text\":\"" + text + "\"}")
                .json();
        return checked.path("mistake").asString() + checked.path("shown").asString();
    }

    @Test
    void whatCannotBeIsRefusedAndChangesNothing() {
        JsonNode before = board();
        assertThat(post("correction", "{\"reading\":\"latestFollower\",\"period\":\"DAY\",\"value\":3}")
                        .detail())
                .contains("numbers and sums");
        assertThat(post("correction", "{\"reading\":\"nothing\",\"period\":\"DAY\",\"value\":3}")
                        .status())
                .isEqualTo(400);
        assertThat(post("correction", "{\"reading\":\"followers\",\"period\":\"DAY\",\"value\":-1}")
                        .status())
                .isEqualTo(400);
        assertThat(post("correction", "{\"reading\":\"followers\",\"period\":\"YEAR\",\"value\":1}")
                        .status())
                .isEqualTo(400);
        assertThat(counting("{\"zone\":\"Low/Quay\",\"currency\":\"EUR\",\"rates\":{}}")
                        .detail())
                .contains("Low/Quay");
        assertThat(counting("{\"zone\":\"UTC\",\"currency\":\"EUR\",\"rates\":{\"USD\":0}}")
                        .status())
                .isEqualTo(400);
        assertThat(counting("{\"zone\":\"UTC\",\"currency\":\"reeds\",\"rates\":{}}")
                        .status())
                .isEqualTo(400);
        assertThat(board()).isEqualTo(before);
    }

    @Test
    void whoDidItIsOnRecord() {
        post("correction", "{\"reading\":\"tipped\",\"period\":\"EVER\",\"value\":80}");
        assertThat(host.get("/api/workspaces/"
                                + host.get("/api/session")
                                        .json()
                                        .path("workspaces")
                                        .get(0)
                                        .path("id")
                                        .asString() + "/record")
                        .body())
                .contains("Set the money tipped to €80.00");
    }
}
