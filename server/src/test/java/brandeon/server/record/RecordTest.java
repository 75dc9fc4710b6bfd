package brandeon.server.record;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.util.List;
import java.util.UUID;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Who did what in a workspace. */
@ExtendWith(RunningServer.class)
class RecordTest {

    private final RunningServer server;
    private Person owner;
    private Person designer;
    private String workspace;
    private String theme;

    RecordTest(RunningServer server) {
        this.server = server;
    }

    @BeforeEach
    void twoPeopleDoThings() {
        owner = server.stranger(Role.OWNER);
        workspace = owner.get("/api/session")
                .json()
                .path("workspaces")
                .get(0)
                .path("id")
                .asString();
        designer = server.member(UUID.fromString(workspace), Role.DESIGNER);
        designer.put("/api/account/name", "{\"name\":\"Ilse Fenn\"}");
        theme = owner.newTheme("=Quay, light");
        owner.post("/api/themes/" + theme + "/start", "{\"family\":\"\",\"roles\":[\"LIVE\",\"STARTING\"]}");
        designer.edit(theme, "{\"edit\":\"setCorner\",\"corner\":0.3}");
        designer.post("/api/themes/" + theme + "/undo", "");
        owner.post("/api/themes/" + theme + "/on-air", "");
        String outlet = owner.get("/api/themes/" + theme + "/ledger")
                .json()
                .path("rows")
                .get(0)
                .path("outlet")
                .asString();
        designer.post("/api/outlets/" + outlet + "/reissue", "");
        String clock = owner.get("/api/themes/" + theme)
                .json()
                .path("theme")
                .path("pieces")
                .valueStream()
                .filter(piece -> piece.path("kind").asString().equals("COUNTDOWN"))
                .findFirst()
                .orElseThrow()
                .path("id")
                .asString();
        owner.cue(theme, "{\"cue\":\"startClock\",\"piece\":\"" + clock + "\"}");
        owner.put(
                "/api/workspaces/" + workspace + "/members/"
                        + designer.get("/api/session").json().path("account").asString(),
                "{\"role\":\"VIEWER\",\"until\":null}");
    }

    private List<String> lines(String filter) {
        JsonNode view =
                owner.get("/api/workspaces/" + workspace + "/record" + filter).json();
        return view.path("lines")
                .valueStream()
                .map(line -> line.path("who").asString() + ": "
                        + line.path("kind").asString() + " " + line.path("what").asString())
                .toList();
    }

    @Test
    void everySortOfDeedIsFoundWithWhoDidIt() {
        List<String> all = lines("");
        assertThat(all.getFirst()).as("the latest first").isEqualTo("Oskar Dunlin: MEMBER Made Ilse Fenn viewer");
        assertThat(all)
                .contains(
                        "Oskar Dunlin: THEME Made the theme",
                        "Oskar Dunlin: RELEASE Put release 1 on air",
                        "Ilse Fenn: EDIT Changed the corners")
                .anyMatch(line -> line.startsWith("Ilse Fenn: LINK Issued a new link for "))
                .anyMatch(line -> line.startsWith("Oskar Dunlin: CUE "));
        JsonNode undone = owner.get("/api/workspaces/" + workspace + "/record?text=corners")
                .json()
                .path("lines")
                .get(0);
        assertThat(undone.path("place").asString()).isEqualTo("=Quay, light");
    }

    @Test
    void itIsFilteredByKindPersonAndText() {
        assertThat(lines("?kind=RELEASE")).containsExactly("Oskar Dunlin: RELEASE Put release 1 on air");
        String account = designer.get("/api/session").json().path("account").asString();
        assertThat(lines("?account=" + account)).isNotEmpty().allMatch(line -> line.startsWith("Ilse Fenn: "));
        assertThat(lines("?text=RELEASE%201")).hasSize(1);
        assertThat(owner.get("/api/workspaces/" + workspace + "/record?kind=NONSENSE")
                        .status())
                .isEqualTo(400);
    }

    /** RFC 4180: lines end with CR and LF; what holds a comma stands in quotes. */
    @Test
    void theFileIsReadBySpreadsheets() {
        Person.Answer file = owner.get("/api/workspaces/" + workspace + "/record.csv?kind=THEME");
        assertThat(file.type()).startsWith("text/csv");
        String[] lines = file.body().split("\r\n", -1);
        assertThat(lines[0]).isEqualTo("time,who,kind,where,what,undone");
        assertThat(lines[1].replaceFirst("^[^,]*,", ""))
                .as("no spreadsheet takes the theme's name for a formula")
                .isEqualTo("\"Oskar Dunlin\",Themes,\"'=Quay, light\",\"Made the theme\",no");
        assertThat(java.time.Instant.parse(lines[1].replaceFirst(",.*", "").replace("\"", "")))
                .isBefore(java.time.Instant.now());
        assertThat(lines).hasSize(3);
    }

    @Test
    void nobodyElseReadsIt() {
        assertThat(server.stranger(Role.OWNER)
                        .get("/api/workspaces/" + workspace + "/record")
                        .status())
                .isEqualTo(404);
    }
}
