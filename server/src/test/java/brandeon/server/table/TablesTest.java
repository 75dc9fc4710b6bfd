package brandeon.server.table;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Ear;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import java.net.URI;
import java.net.http.HttpRequest;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.CompletableFuture;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Tables of a show, written by people and by scripts, and what viewers see of them. */
@ExtendWith(RunningServer.class)
class TablesTest {

    private static final String CSV = "Species,Seen\nBittern,2\nTeal,36\nSnipe,7\n";

    private Person host;
    private String theme;
    private String show;
    private String table;

    @BeforeEach
    void aTable(RunningServer server) {
        host = server.stranger(Role.OWNER);
        theme = host.newTheme("Tables");
        show = host.show(theme);
        table = host.post(tables(), "{\"title\":\"Birds\"}").json().path("id").asString();
        assertThat(bring(CSV).status()).isEqualTo(200);
    }

    private String tables() {
        return "/api/shows/" + show + "/tables";
    }

    private Person.Answer edit(String edit) {
        return host.post(tables() + "/" + table + "/edits", edit);
    }

    private Person.Answer set(int line, String column, String text) {
        return edit(
                "{\"edit\":\"fill\",\"line\":%d,\"column\":\"%s\",\"block\":[[\"%s\"]]}".formatted(line, column, text));
    }

    private Person.Answer bring(String csv) {
        return host.send(host.request(tables() + "/" + table + "/csv")
                .header("Content-Type", "application/octet-stream")
                .POST(HttpRequest.BodyPublishers.ofString(csv))
                .build());
    }

    private JsonNode sheet() {
        return host.get(tables() + "/" + table).json();
    }

    private List<String> cells() {
        return sheet().path("lines")
                .valueStream()
                .map(line -> line.path("cells")
                        .valueStream()
                        .map(JsonNode::asString)
                        .toList()
                        .toString())
                .toList();
    }

    private String address() {
        return URI.create(sheet().path("address").asString()).getPath();
    }

    /** As a script does it, which is nobody here. */
    private Person.Answer put(String path, String type, String body) {
        Person script = Person.unknown(host.address());
        return script.send(script.request(path)
                .header("Content-Type", type)
                .PUT(HttpRequest.BodyPublishers.ofString(body))
                .build());
    }

    @Test
    void whatIsTypedIsKeptAndTakenBackAndDoneAgain() {
        assertThat(set(1, "seen", "1,250").status()).isEqualTo(200);
        assertThat(cells()).first().isEqualTo("[Bittern, 1250]");
        edit("{\"edit\":\"sortLines\",\"column\":\"seen\",\"falling\":false}");
        assertThat(cells()).containsExactly("[Snipe, 7]", "[Teal, 36]", "[Bittern, 1250]");

        host.post(tables() + "/" + table + "/undo", "");
        host.post(tables() + "/" + table + "/undo", "");
        assertThat(cells()).containsExactly("[Bittern, 2]", "[Teal, 36]", "[Snipe, 7]");
        host.post(tables() + "/" + table + "/redo", "");
        assertThat(cells()).first().isEqualTo("[Bittern, 1250]");
        assertThat(sheet().path("canRedo").asBoolean()).isTrue();
        set(2, "seen", "40");
        assertThat(sheet().path("canRedo").asBoolean())
                .as("another way was taken")
                .isFalse();
        host.post(tables() + "/" + table + "/undo", "");
        host.post(tables() + "/" + table + "/undo", "");
        // The file that was brought in, and what was there before.
        host.post(tables() + "/" + table + "/undo", "");
        assertThat(cells()).isEmpty();
        assertThat(host.post(tables() + "/" + table + "/undo", "").status()).isEqualTo(409);
    }

    @Test
    void aChangeTellsWhatIsDifferent() {
        JsonNode before = sheet();
        JsonNode change = set(2, "seen", "40").json();

        assertThat(change.path("from").asLong())
                .isEqualTo(before.path("version").asLong());
        assertThat(change.path("version").asLong())
                .isEqualTo(sheet().path("version").asLong());
        assertThat(change.path("head").isNull()).isTrue();
        assertThat(change.path("order").isNull()).isTrue();
        assertThat(change.path("lines")
                        .valueStream()
                        .map(line -> line.path("id").asLong()))
                .containsExactly(2L);
        assertThat(set(2, "seen", "40.0").json().path("version").asLong())
                .as("the same number changes nothing")
                .isEqualTo(change.path("version").asLong());
    }

    @Test
    void whatIsWrongIsRefusedInASentenceAndChangesNothing() {
        List<String> before = cells();
        assertThat(set(1, "seen", "many").detail()).contains("Row 1, Seen").contains("many");
        assertThat(set(99, "seen", "1").detail()).contains("gone");
        assertThat(set(1, "weight", "1").status()).isEqualTo(400);
        assertThat(edit("{\"edit\":\"nothing\"}").status()).isEqualTo(400);
        assertThat(edit("{\"edit\":\"addLines\",\"at\":0,\"count\":5000}").detail())
                .contains("5,000");
        assertThat(bring("Species,Seen\nOwl,few\n").detail()).contains("Line 2, Seen");
        assertThat(bring("Species\n\"never closed\n").status()).isEqualTo(400);
        assertThat(bring("Species\n" + "x\n".repeat(5001)).detail()).contains("lines");
        assertThat(host.send(host.request(tables() + "/" + table + "/csv")
                                .header("Content-Type", "application/octet-stream")
                                .POST(HttpRequest.BodyPublishers.ofByteArray(new byte[] {(byte) 0xFF, 0, 1}))
                                .build())
                        .detail())
                .contains("UTF-8");
        assertThat(bring("x".repeat(10 << 20)).status()).isEqualTo(413);
        assertThat(host.post(tables(), "{\"title\":\" \"}").status()).isEqualTo(400);
        assertThat(cells()).isEqualTo(before);
        assertThat(host.get(tables()).json()).hasSize(1);
    }

    @Test
    void aTableIsTakenOutAsCsvAndBroughtInAgain() throws Exception {
        set(3, "species", "Snipe, \\\"common\\\"");
        Person.Answer file = host.get(tables() + "/" + table + "/csv");

        assertThat(file.type()).startsWith("text/csv");
        try (var read = CSVFormat.RFC4180.parse(new java.io.StringReader(file.body()))) {
            assertThat(read.getRecords())
                    .extracting(CSVRecord::toList)
                    .containsExactly(
                            List.of("Species", "Seen"),
                            List.of("Bittern", "2"),
                            List.of("Teal", "36"),
                            List.of("Snipe, \"common\"", "7"));
        }
        List<String> before = cells();
        assertThat(bring(file.body()).status()).isEqualTo(200);
        assertThat(cells()).isEqualTo(before);
    }

    @Test
    void aScriptWritesAllRowsOrOneOfThemByTheTablesAddressAlone() {
        String address = address();
        assertThat(put(address, "text/csv", "Species,Seen\nTeal,40\nOwl,1\n")
                        .json()
                        .path("changed")
                        .asBoolean())
                .isTrue();
        assertThat(cells()).containsExactly("[Teal, 40]", "[Owl, 1]");
        assertThat(put(address, "application/json", "[{\"Species\":\"Teal\",\"Seen\":40},{\"species\":\"Owl\"}]")
                        .detail())
                .as("two spellings of one column")
                .contains("twice");
        put(address, "application/json", "[{\"Species\":\"Teal\",\"Seen\":41},{\"Species\":\"Owl\",\"Seen\":null}]");
        assertThat(cells()).containsExactly("[Teal, 41]", "[Owl, ]");
        assertThat(put(address + "/rows/Marsh%20harrier", "application/json", "{\"Seen\":4}")
                        .status())
                .isEqualTo(200);
        put(address + "/rows/Owl", "application/json", "{\"Seen\":\"2\"}");
        assertThat(cells()).containsExactly("[Teal, 41]", "[Owl, 2]", "[Marsh harrier, 4]");
        assertThat(put(address + "/rows/Owl", "application/json", "{\"Seen\":2}")
                        .json()
                        .path("changed")
                        .asBoolean())
                .isFalse();
        assertThat(sheet().path("canUndo").asBoolean())
                .as("what a script did is no step of a person, but the file before is")
                .isTrue();
    }

    @Test
    void whatAScriptGotWrongIsToldToItAndToPeople() {
        String address = address();
        List<String> before = cells();
        assertThat(put(address, "text/csv", "Species,Weight\nTeal,1\n").detail())
                .contains("Weight")
                .contains("Species");
        assertThat(put(address, "text/csv", "Species,Seen\nTeal,few\n").detail())
                .contains("Line 2, Seen");
        JsonNode entry = host.get(tables()).json().get(0);
        assertThat(entry.path("fedWell").asBoolean()).isFalse();
        assertThat(entry.path("fedSaid").asString()).contains("Line 2, Seen");
        assertThat(put(address, "text/plain", "Species\n").detail()).contains("Content-Type");
        assertThat(put(address, "application/x-www-form-urlencoded", "Species=1")
                        .detail())
                .contains("Content-Type");
        assertThat(put(address, "application/json", "{\"Species\":\"Teal\"}").detail())
                .contains("array");
        assertThat(put(address + "/rows/Teal", "text/csv", "Teal,1").detail()).contains("JSON object");
        assertThat(put(address + "/rows/Teal", "application/json", "{\"Seen\":{}}")
                        .status())
                .isEqualTo(400);
        assertThat(put(address, "text/csv", "x".repeat(10 << 20)).status()).isEqualTo(413);
        assertThat(put(address, "text/csv", "Species\n" + "x\n".repeat(100_000)).status())
                .isEqualTo(400);
        assertThat(put("/tables/" + "A".repeat(43), "text/csv", CSV).status()).isEqualTo(404);
        assertThat(cells()).isEqualTo(before);
    }

    @Test
    void anotherAddressEndsTheOneBefore() {
        String before = address();
        host.post(tables() + "/" + table + "/renew", "");
        assertThat(put(before, "text/csv", CSV).status()).isEqualTo(404);
        assertThat(put(address(), "text/csv", CSV).status()).isEqualTo(200);
    }

    @Test
    void aFloodOfOneTableIsHeldBackWithoutTheOthers() {
        String address = address();
        List<CompletableFuture<Person.Answer>> answers = IntStream.range(0, 400)
                .mapToObj(i -> host.later(host.request(address + "/rows/Teal")
                        .header("Content-Type", "application/json")
                        .PUT(HttpRequest.BodyPublishers.ofString("{\"Seen\":" + i + "}"))
                        .build()))
                .toList();
        assertThat(answers.stream().map(CompletableFuture::join).map(Person.Answer::status))
                .contains(200, 429)
                .containsOnly(200, 429);
        String other = host.post(tables(), "{\"title\":\"Bees\"}")
                .json()
                .path("address")
                .asString();
        assertThat(put(URI.create(other).getPath(), "text/csv", "Name\na\n").status())
                .isEqualTo(200);
    }

    @Test
    void twoTablesHaveTwoWords() {
        JsonNode other = host.post(tables(), "{\"title\":\"Birds\"}").json();
        assertThat(other.path("head").path("word").asString()).isEqualTo("birds2");
        String path = tables() + "/" + other.path("id").asString();
        assertThat(host.post(path + "/edits", "{\"edit\":\"name\",\"title\":\"Birds\",\"word\":\"birds\"}")
                        .detail())
                .contains("birds");
        assertThat(host.delete(path).status()).isEqualTo(204);
        assertThat(host.get(path).status()).isEqualTo(404);
    }

    @Test
    void manyWriteAtOnceAndNothingIsLost() {
        List<CompletableFuture<Person.Answer>> answers = new ArrayList<>();
        String address = address();
        for (int i = 0; i < 40; i++) {
            answers.add(host.later(host.request(address + "/rows/Bird" + i)
                    .header("Content-Type", "application/json")
                    .PUT(HttpRequest.BodyPublishers.ofString("{\"Seen\":" + i + "}"))
                    .build()));
        }
        assertThat(answers)
                .allSatisfy(answer -> assertThat(answer.join().status()).isEqualTo(200));
        assertThat(cells())
                .hasSize(43)
                .containsAll(IntStream.range(0, 40)
                        .mapToObj(i -> "[Bird" + i + ", " + i + "]")
                        .toList());
    }

    @Test
    void aCellIsSeenByViewersInTextsAndInTheTablesOwnPiece() {
        String link = host.onAir(
                theme,
                "COLUMN",
                Map.of(
                        "t",
                        Person.piece("t", "TABLE", "{\"title\":\"Seen\"}", "{}"),
                        "f",
                        Person.piece("f", "FACT_LINE", "{\"value\":\"{birds_1_seen} of {birds_seen_sum}\"}", "{}")));
        try (Ear ear = Ear.outlet(link).watch()) {
            ear.await("welcome");
            set(1, "seen", "4321");
            ear.await(message -> message.path("type").asString().equals("patch")
                    && message.toString().contains("4,321 of 4,364"));
            put(address() + "/rows/Bittern", "application/json", "{\"Species\":\"Great bittern\"}");
            ear.await(message -> message.path("type").asString().equals("patch")
                    && message.toString().contains("Great bittern"));
        }
        assertThat(host.post(
                                "/api/themes/" + theme + "/messages",
                                "{\"text\":\"{birds_2_seen, plural, one {#} other {# birds}}\"}")
                        .json()
                        .path("shown")
                        .asString())
                .isEqualTo("36 birds");
        assertThat(host.post(
                                "/api/themes/" + theme + "/messages",
                                "{\"text\":\"{birds_2_species, plural, one {#} other {#}}\"}")
                        .json()
                        .path("mistake")
                        .asString())
                .contains("no number");
    }
}
