package brandeon.server.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.net.http.HttpRequest;
import java.util.UUID;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

@ExtendWith(RunningServer.class)
class ShelfTest {

    private final RunningServer server;
    private Person mara;
    private Person tavi;
    private UUID workspace;
    private String theme;

    ShelfTest(RunningServer server) {
        this.server = server;
    }

    @BeforeEach
    void aThemeOfTwo() {
        workspace = server.bean(Members.class).addWorkspace("Marsh");
        mara = server.member(workspace, Role.OWNER);
        tavi = server.member(workspace, Role.DESIGNER);
        theme = mara.post("/api/beginnings", "{\"name\":\"Marsh House\",\"seeds\":[\"#7A2E1F\"]}")
                .json()
                .path("theme")
                .asString();
    }

    private JsonNode line(String name) {
        for (JsonNode line : mara.get("/api/themes").json()) {
            if (line.path("name").asString().equals(name)) {
                return line;
            }
        }
        throw new AssertionError("no " + name);
    }

    private String name(Person person) {
        return person.get("/api/session").json().path("name").asString();
    }

    private void corner(Person person, double corner) {
        assertThat(person.post(
                                "/api/themes/" + theme + "/edits",
                                "{\"edit\":{\"edit\":\"setCorner\",\"corner\":" + corner + "},\"gesture\":\"\"}")
                        .status())
                .isEqualTo(200);
    }

    @Test
    void theColoursOfAPictureAreThoseOfTheThemeThatBeginsWithIt() {
        JsonNode seeds = mara.get("/api/themes/" + theme)
                .json()
                .path("theme")
                .path("brand")
                .path("seeds");
        assertThat(seeds).hasSize(1);
        assertThat(seeds.toString().toLowerCase(java.util.Locale.ROOT)).contains("#7a2e1f");
    }

    @Test
    void aCopyIsAThemeOfItsOwn() {
        mara.post("/api/themes/" + theme + "/on-air", "");
        JsonNode copy = tavi.post("/api/themes/" + theme + "/copies", "").json();
        assertThat(copy.path("name").asString()).isEqualTo("Marsh House, copy");
        assertThat(copy.path("onAir").asInt()).isZero();
        corner(tavi, 0.9);
        JsonNode original = mara.get("/api/themes/" + theme).json().path("theme");
        JsonNode other =
                mara.get("/api/themes/" + copy.path("id").asString()).json().path("theme");
        assertThat(original.path("brand").path("corner").asDouble()).isEqualTo(0.9);
        assertThat(other.path("brand").path("corner").asDouble()).isNotEqualTo(0.9);
        assertThat(other.path("scenes")).isEqualTo(original.path("scenes"));
        assertThat(mara.get("/api/themes/" + copy.path("id").asString() + "/history")
                        .json())
                .as("with its own history")
                .isEmpty();
        assertThat(tavi.post("/api/themes/" + theme + "/copies", "")
                        .json()
                        .path("name")
                        .asString())
                .isEqualTo("Marsh House, copy 2");
    }

    @Test
    void anArchivedThemeGoesOnAndIsOnlyOutOfSight() {
        mara.post("/api/themes/" + theme + "/on-air", "");
        String link = mara.get("/api/themes/" + theme + "/ledger")
                .body()
                .split("/o/")[1]
                .split("[\"?]")[0];
        assertThat(mara.put("/api/themes/" + theme + "/archived", "{\"archived\":true}")
                        .status())
                .isEqualTo(204);
        assertThat(line("Marsh House").path("archived").asBoolean()).isTrue();
        corner(mara, 0.7);
        assertThat(line("Marsh House").path("archived").asBoolean()).isTrue();
        assertThat(Person.unknown(server.address()).get("/o/" + link).status()).isEqualTo(200);
        assertThat(mara.get("/api/workspaces/" + workspace + "/record?kind=THEME")
                        .body())
                .contains("into the archive");
        assertThat(mara.put("/api/themes/" + theme + "/archived", "{\"archived\":false}")
                        .status())
                .isEqualTo(204);
        assertThat(line("Marsh House").path("archived").asBoolean()).isFalse();
    }

    @Test
    void theShelfSaysWhoChangedAThemeLast() {
        corner(tavi, 0.8);
        assertThat(line("Marsh House").path("changedBy").asString()).isEqualTo(name(tavi));
        corner(mara, 0.3);
        assertThat(line("Marsh House").path("changedBy").asString()).isEqualTo(name(mara));
    }

    @Test
    void whoComesBackIsToldWhatOthersDid() {
        String visit = "/api/themes/" + theme + "/visit";
        assertThat(mara.get(visit).json().path("place").asString()).isEmpty();
        long seen = line("Marsh House").path("version").asLong();
        assertThat(mara.put(visit, "{\"place\":\"brand/pictures\",\"version\":" + seen + "}")
                        .status())
                .isEqualTo(204);
        corner(mara, 0.1);
        assertThat(mara.get(visit).json().path("others"))
                .as("what one did oneself is no news")
                .isEmpty();
        corner(tavi, 0.2);
        corner(tavi, 0.6);
        tavi.post("/api/themes/" + theme + "/on-air", "");
        JsonNode back = mara.get(visit).json();
        assertThat(back.path("place").asString()).isEqualTo("brand/pictures");
        assertThat(back.path("others")).hasSize(1);
        JsonNode news = back.path("others").get(0);
        assertThat(news.path("who").asString()).isEqualTo(name(tavi));
        assertThat(news.path("changes").asInt()).isEqualTo(2);
        assertThat(news.path("last").asString()).isEqualTo("Changed the corners");
        assertThat(news.path("releases").toString()).isEqualTo("[1]");
        assertThat(tavi.get(visit).json().path("place").asString())
                .as("each has their own")
                .isEmpty();
        mara.put(
                visit,
                "{\"place\":\"sheet\",\"version\":"
                        + line("Marsh House").path("version").asLong() + "}");
        assertThat(mara.get(visit).json().path("others")).isEmpty();
    }

    @Test
    void aPlaceIsTheAddressOfAScreen() {
        String visit = "/api/themes/" + theme + "/visit";
        for (String place :
                new String[] {"", "/", "../people", "https://reedlight.example", "sheet?x=1", "a".repeat(300)}) {
            Person.Answer answer = mara.put(visit, "{\"place\":\"" + place + "\",\"version\":1}");
            assertThat(answer.status()).as(place).isEqualTo(400);
            assertThat(answer.detail()).contains("screens");
        }
        assertThat(mara.get(visit).json().path("place").asString()).isEmpty();
    }

    @Test
    void countsWhatIsFoundAsTheSheetDoes() {
        JsonNode count = mara.get("/api/themes/" + theme + "/findings/count").json();
        long[] found = new long[3];
        java.util.Set<String> told = new java.util.HashSet<>();
        for (JsonNode finding : mara.get("/api/themes/" + theme + "/findings").json()) {
            String weight = finding.path("weight").asString();
            String key = weight
                    + finding.path("kind")
                    + finding.path("scene")
                    + finding.path("piece")
                    + finding.path("other");
            if (told.add(key)) {
                found[java.util.List.of("BROKEN", "POOR", "NOTE").indexOf(weight)]++;
            }
        }
        assertThat(new long[] {
                    count.path("broken").asLong(),
                    count.path("poor").asLong(),
                    count.path("notes").asLong()
                })
                .isEqualTo(found);
        assertThat(found[0] + found[1] + found[2]).isPositive();
    }

    /** Two pages of one person opened the same theme for the first time, and one of them failed. */
    @Test
    void severalPagesMaySayWhereSomebodyIsAtOnce() {
        String visit = "/api/themes/" + theme + "/visit";
        assertThat(IntStream.range(0, 24)
                        .mapToObj(_ -> tavi.later(tavi.request(visit)
                                .header("Content-Type", "application/json")
                                .PUT(HttpRequest.BodyPublishers.ofString("{\"place\":\"sheet\",\"version\":1}"))
                                .build()))
                        .toList())
                .extracting(call -> call.join().status())
                .containsOnly(204);
        assertThat(tavi.get(visit).json().path("place").asString()).isEqualTo("sheet");
    }
}
