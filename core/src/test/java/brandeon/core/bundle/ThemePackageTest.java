package brandeon.core.bundle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.art.ContentName;
import brandeon.core.bot.Bot;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.live.AlertSound;
import brandeon.core.pack.Json;
import brandeon.core.platform.Profiles;
import brandeon.core.problem.Mistake;
import brandeon.core.show.Cue;
import brandeon.core.show.NoticeCue;
import brandeon.core.show.Sequence;
import brandeon.core.show.SequenceCue;
import brandeon.core.show.ViewerCue;
import brandeon.core.table.Column;
import brandeon.core.table.ColumnType;
import brandeon.core.table.Table;
import brandeon.core.theme.EditsTest;
import brandeon.core.theme.OwnFace;
import brandeon.core.theme.Provenance;
import brandeon.core.theme.Sounds;
import brandeon.core.theme.Theme;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

class ThemePackageTest {

    /** Its font says that it may be passed on. */
    private static final Theme THEME = EditsTest.THEME.withFaces(EditsTest.THEME.faces().stream()
            .map(own -> new OwnFace(own.face(), own.title(), new Provenance("the hide", "OFL-1.1", "Tove Sedge")))
            .toList());

    private static final Contents CONTENTS = new Contents(
            Extent.THEME,
            THEME,
            ReedlightHide.prepared().stream()
                    .filter(cue -> !(cue instanceof NoticeCue))
                    .toList(),
            List.of(new PackedTable(
                    "tides",
                    "Tides",
                    List.of(
                            new Column("name", "Name", ColumnType.TEXT),
                            new Column("height", "Height", ColumnType.NUMBER)),
                    List.of(List.of("High water", "4.2"), List.of("Low water", "0.7")))),
            Profiles.shipped());
    private static final JsonMapper JSON = new JsonMapper();

    private static byte[] content(String name) {
        return ("content of " + name).repeat(50).getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] written() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ThemePackage.write(
                out,
                CONTENTS,
                ThemePackageTest::content,
                List.of(
                        ThemePackage.Extra.credits("# Credits"),
                        ThemePackage.Extra.preview(1, "Hide, Wide", () -> content("a preview")),
                        ThemePackage.Extra.recoloured("badge.png", () -> content("a badge"))));
        return out.toByteArray();
    }

    private static byte[] written(Contents contents) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ThemePackage.write(out, contents, ThemePackageTest::content, List.of());
        return out.toByteArray();
    }

    /** With other entries of which the manifest is true. */
    private static byte[] told(String name, byte[] content) throws IOException {
        return changed(all -> {
            all.put(name, content);
            ObjectNode manifest = (ObjectNode) JSON.readTree(all.get("manifest.json"));
            ObjectNode line = manifest.path("entries")
                    .valueStream()
                    .map(ObjectNode.class::cast)
                    .filter(one -> one.path("entry").asString().equals(name))
                    .findFirst()
                    .orElseGet(() -> ((ArrayNode) manifest.get("entries"))
                            .addObject()
                            .put("entry", name)
                            .put("title", ""));
            line.put("bytes", content.length);
            line.put("sha256", ContentName.full(content));
            all.put("manifest.json", JSON.writeValueAsBytes(manifest));
        });
    }

    private static ThemePackage read(byte[] packed) throws IOException {
        return ThemePackage.read(new ByteArrayInputStream(packed));
    }

    /** The same package with its entries changed, packed by the JDK. */
    private static byte[] changed(Consumer<Map<String, byte[]>> change) throws IOException {
        Map<String, byte[]> entries = entries(written());
        change.accept(entries);
        return zip(entries);
    }

    private static Map<String, byte[]> entries(byte[] packed) throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(packed))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                entries.put(entry.getName(), zip.readAllBytes());
            }
        }
        return entries;
    }

    private static byte[] zip(Map<String, byte[]> entries) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
                zip.putNextEntry(new ZipEntry(entry.getKey()));
                zip.write(entry.getValue());
            }
        }
        return out.toByteArray();
    }

    private static void refused(byte[] packed, String reason) {
        assertThatThrownBy(() -> read(packed)).isInstanceOf(Mistake.class).hasMessageContaining(reason);
    }

    private static String someFile() {
        return ThemePackage.needed(THEME).iterator().next();
    }

    /** Packages of version 1 had rules without sounds, and a theme without any; nothing of them is lost. */
    @Test
    void aPackageFromBeforeThereWereSoundsIsRead() throws IOException {
        Theme silent = THEME.withSounds(Sounds.STANDARD)
                .withAlerts(THEME.alerts().stream()
                        .map(rule -> rule.heard(AlertSound.NONE))
                        .toList());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ThemePackage.write(out, Contents.of(silent), ThemePackageTest::content, List.of());
        Map<String, byte[]> entries = entries(out.toByteArray());
        ObjectNode theme = (ObjectNode) JSON.readTree(entries.get("theme.json"));
        theme.remove("sounds");
        theme.path("alerts").forEach(rule -> ((ObjectNode) rule).remove(List.of("sound", "comes", "goes")));
        ObjectNode manifest = (ObjectNode) JSON.readTree(entries.get("manifest.json"));
        manifest.put("version", 1);
        manifest.remove(List.of("extent", "entries", "leftOut"));
        theme.remove("bot");
        entries.put("theme.json", JSON.writeValueAsBytes(theme));
        entries.put("manifest.json", JSON.writeValueAsBytes(manifest));
        assertThat(read(zip(entries)).contents()).isEqualTo(Contents.of(silent.withBot(Bot.NONE)));
    }

    @Test
    void whatWasPackedComesOutAsItWas() throws IOException {
        assertThat(THEME.artworks()).as("a theme with pictures").isNotEmpty();
        ThemePackage back = read(written());
        assertThat(back.contents()).isEqualTo(CONTENTS);
        assertThat(back.leftOut()).isEmpty();
        assertThat(back.previews())
                .singleElement()
                .satisfies(preview -> assertThat(preview.title()).isEqualTo("Hide, Wide"))
                .satisfies(preview -> assertThat(preview.png()).isEqualTo(content("a preview")));
        assertThat(back.files().keySet()).isEqualTo(ThemePackage.needed(THEME));
        back.files().forEach((name, bytes) -> assertThat(bytes).isEqualTo(content(name)));
        assertThat(written()).as("the same theme makes the same file").isEqualTo(written());
    }

    @ParameterizedTest
    @ValueSource(ints = {0, 1, 2, 3, 4, 5, 6, 7, 8, 9})
    void aPackageThatIsCutShortIsRefused(int tenths) throws IOException {
        byte[] whole = written();
        refused(Arrays.copyOf(whole, whole.length * tenths / 10), tenths == 0 ? "no zip" : "cut short");
    }

    @Test
    void everyDamagedByteOfWhatIsPackedIsFound() throws IOException {
        byte[] whole = written();
        int found = 0;
        int tried = 0;
        for (int at = 40; at < whole.length - 400; at += 37) {
            byte[] damaged = whole.clone();
            damaged[at] ^= 0x5a;
            tried++;
            try {
                assertThat(read(damaged).contents()).as("at " + at).isEqualTo(CONTENTS);
            } catch (Mistake e) {
                found++;
            }
        }
        assertThat(found).isGreaterThan(tried / 2);
    }

    @Test
    void whatDoesNotBelongInItIsRefusedByItsName() throws IOException {
        refused(changed(all -> all.put("../../etc/cron.d/x", new byte[9])), "../../etc/cron.d/x");
        refused(changed(all -> all.put("files/", new byte[0])), "“files/”");
        refused(changed(all -> all.put("files/" + "a".repeat(64), new byte[9])), "does not belong");
        refused(changed(all -> all.put("files/" + "A".repeat(64), new byte[9])), "does not belong");
    }

    @Test
    void whatIsMissingOrAnotherIsRefusedByItsName() throws IOException {
        String file = "files/" + someFile();
        refused(changed(all -> all.remove("theme.json")), "theme.json");
        refused(changed(all -> all.remove("manifest.json")), "manifest.json");
        refused(changed(all -> all.remove(file)), file);
        refused(changed(all -> all.put(file, new byte[5])), file);
        refused(changed(all -> all.get(file)[3] ^= 1), "checksum");
        refused(told("theme.json", "{}".getBytes(StandardCharsets.UTF_8)), "In theme.json of this package");
        refused(told("theme.json", new byte[] {(byte) 0xff, 0}), "UTF-8");
        for (String document : List.of("theme.json", "starting.json", "tables.json", "credits.md", "previews/1.png")) {
            refused(changed(all -> all.get(document)[1] ^= 1), "damaged at " + document);
            refused(changed(all -> all.remove(document)), document);
        }
        refused(
                changed(all -> all.computeIfPresent(
                        "manifest.json",
                        (_, text) -> new String(text, StandardCharsets.UTF_8)
                                .replace("\"version\":7", "\"version\":9")
                                .getBytes(StandardCharsets.UTF_8))),
                "version 9");
    }

    /** Whatever a package prepares, it does nothing by itself. */
    @Test
    void whatIsPreparedIsCheckedAsIfSomebodyDidIt() throws IOException {
        refused(
                told(
                        "starting.json",
                        Json.write(new Cue[] {new ViewerCue.AllowViewers(true)}).getBytes(StandardCharsets.UTF_8)),
                "something else than what is prepared");
        refused(
                told(
                        "starting.json",
                        Json.write(new Cue[] {new SequenceCue.WriteSequence(new Sequence("x", "X", List.of(), ""))})
                                .getBytes(StandardCharsets.UTF_8)),
                "A sequence has 1 to");
        refused(told("profiles.json", "[\"{}\"]".getBytes(StandardCharsets.UTF_8)), "profiles.json");
        refused(told("previews/x.png", new byte[9]), "previews/x.png");
    }

    @Test
    void aTableFromAPackageIsCheckedRowByRow() {
        PackedTable wrong = new PackedTable(
                "tides",
                "Tides",
                List.of(new Column("height", "Height", ColumnType.NUMBER)),
                List.of(List.of("4.2"), List.of("high")));
        assertThatThrownBy(wrong::table).isInstanceOf(Mistake.class).hasMessageContaining("Row 2");
        Table right = CONTENTS.tables().getFirst().table();
        assertThat(PackedTable.of(right)).isEqualTo(CONTENTS.tables().getFirst());
    }

    /** Fonts are licensed copy by copy: one that does not say that it may be passed on is named, and not packed. */
    @Test
    void aFontGoesAlongOnlyIfItsLicenceSaysThatItMay() throws IOException {
        Theme theme = EditsTest.THEME.withBrand(EditsTest.THEME
                .brand()
                .withFaces(
                        EditsTest.THEME.faces().getFirst().face(),
                        EditsTest.THEME.brand().text(),
                        EditsTest.THEME.brand().figures()));
        ThemePackage back = read(written(Contents.of(theme)));
        assertThat(back.leftOut())
                .containsExactly(
                        new ThemePackage.FontLeftOut(theme.brand().heading().id(), "Marsh Sans", ""));
        assertThat(back.files()).doesNotContainKey(theme.brand().heading().hash());
        Incoming.Here here = new Incoming.Here(
                Set.of(theme.name()),
                Set.of(),
                Set.of("tides"),
                Set.of("opening"),
                true,
                List.of(),
                Profiles.shipped("birch").orElseThrow());
        Incoming incoming = Incoming.of(back, here);
        assertThat(incoming.needs())
                .anyMatch(line -> line.contains("The font Marsh Sans is not in it, since its licence was not said"))
                .anyMatch(line -> line.contains("Birch does not send: follow"));
        assertThat(incoming.unlicensed())
                .contains(
                        "The picture Old badge does not say under which licence it is.",
                        "The font Marsh Sans does not say under which licence it is.");
        Theme dressed =
                ThemePackage.withStandIns(theme, Set.of(theme.brand().heading().id()));
        assertThat(dressed.brand().heading().isOwn()).isFalse();
        assertThat(dressed.faces()).isEmpty();
        assertThat(Incoming.of(read(written()), here).conflicts())
                .hasSize(4)
                .anyMatch(line -> line.contains("a theme called"))
                .anyMatch(line -> line.contains("a table tides"))
                .anyMatch(line -> line.contains("a sequence Opening"));
    }

    @ParameterizedTest
    @CsvSource({
        "OFL-1.1, FREE",
        "ofl-1.1, FREE",
        "CC0-1.0, FREE",
        "CC-BY-4.0, FREE",
        "Apache-2.0, FREE",
        "CC-BY-NC-4.0, HELD",
        "CC-BY-ND-4.0, HELD",
        "CC-BY-NC-SA-4.0, HELD",
        "bought with the drawing pack, OWN_WORDS",
        "OFL-1.1 but only for Maret, OWN_WORDS",
        "'', UNSAID",
        "'  ', UNSAID"
    })
    void aLicenceIsToldByItsName(String licence, Licences.Sort sort) {
        assertThat(Licences.of(licence)).isEqualTo(sort);
    }

    /** Small when packed, huge unpacked: read only as far as it may go. */
    @Test
    void aBombIsPutOut() throws IOException {
        refused(changed(all -> all.put("files/" + "b".repeat(64), new byte[ThemePackage.MOST_BYTES + 1])), "larger");
        refused(changed(all -> all.put("theme.json", new byte[8 << 20])), "larger");
        Map<String, byte[]> many = new LinkedHashMap<>();
        for (int i = 0; i < 100_000; i++) {
            many.put("files/%064x".formatted(i), new byte[0]);
        }
        refused(zip(many), "more than");
    }

    /** As some programs pack it, an entry may say that it is a link to another place (Unix mode 0120777, from memory). */
    @Test
    void aLinkIsRefusedWhateverItLeadsTo() throws IOException {
        byte[] packed = written();
        byte[] name = ("files/" + someFile()).getBytes(StandardCharsets.UTF_8);
        int listed = lastIndexOf(packed, name) - 46;
        byte[] link = packed.clone();
        link[listed + 5] = 3;
        int mode = 0120777;
        link[listed + 40] = (byte) mode;
        link[listed + 41] = (byte) (mode >> 8);
        refused(link, "is a link to somewhere else");
        byte[] other = packed.clone();
        other[listed + 46 + name.length - 1] = (byte) (name[name.length - 1] == '0' ? '1' : '0');
        refused(other, "names other files than are in it");
        byte[] nowhere = packed.clone();
        nowhere[packed.length - 3] ^= 0x40;
        refused(nowhere, "");
    }

    private static int lastIndexOf(byte[] all, byte[] part) {
        for (int i = all.length - part.length; i >= 0; i--) {
            if (Arrays.equals(all, i, i + part.length, part, 0, part.length)) {
                return i;
            }
        }
        throw new AssertionError("It is not in there.");
    }

    @Test
    void whatIsNoPackageIsSaidToBeNone() throws IOException {
        refused("not a zip at all, but long enough to hold an end".getBytes(StandardCharsets.UTF_8), "no zip");
        refused(zip(Map.of("readme.txt", new byte[3])), "readme.txt");
        refused(zip(Map.of()), "manifest.json");
    }
}
