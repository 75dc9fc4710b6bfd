package brandeon.core.bundle;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.live.AlertSound;
import brandeon.core.problem.Mistake;
import brandeon.core.theme.EditsTest;
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
import java.util.function.Consumer;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

class ThemePackageTest {

    private static final Theme THEME = EditsTest.THEME;
    private static final JsonMapper JSON = new JsonMapper();

    private static byte[] content(String name) {
        return ("content of " + name).repeat(50).getBytes(StandardCharsets.UTF_8);
    }

    private static byte[] written() throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ThemePackage.write(out, THEME, ThemePackageTest::content);
        return out.toByteArray();
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
        ThemePackage.write(out, silent, ThemePackageTest::content);
        Map<String, byte[]> entries = entries(out.toByteArray());
        ObjectNode theme = (ObjectNode) JSON.readTree(entries.get("theme.json"));
        theme.remove("sounds");
        theme.path("alerts").forEach(rule -> ((ObjectNode) rule).remove(List.of("sound", "comes", "goes")));
        ObjectNode manifest = (ObjectNode) JSON.readTree(entries.get("manifest.json"));
        manifest.put("version", 1);
        entries.put("theme.json", JSON.writeValueAsBytes(theme));
        entries.put("manifest.json", JSON.writeValueAsBytes(manifest));
        assertThat(read(zip(entries)).theme()).isEqualTo(silent);
    }

    @Test
    void whatWasPackedComesOutAsItWas() throws IOException {
        assertThat(THEME.artworks()).as("a theme with pictures").isNotEmpty();
        ThemePackage back = read(written());
        assertThat(back.theme()).isEqualTo(THEME);
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
                assertThat(read(damaged).theme()).as("at " + at).isEqualTo(THEME);
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
        refused(
                changed(all -> all.computeIfPresent("theme.json", (_, _) -> "{}".getBytes(StandardCharsets.UTF_8))),
                "theme.json");
        refused(changed(all -> all.put("theme.json", new byte[] {(byte) 0xff, 0})), "UTF-8");
        refused(
                changed(all -> all.computeIfPresent(
                        "manifest.json",
                        (_, text) -> new String(text, StandardCharsets.UTF_8)
                                .replace("\"version\":7", "\"version\":9")
                                .getBytes(StandardCharsets.UTF_8))),
                "version 9");
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

    @Test
    void whatIsNoPackageIsSaidToBeNone() throws IOException {
        refused("not a zip at all, but long enough to hold an end".getBytes(StandardCharsets.UTF_8), "no zip");
        refused(zip(Map.of("readme.txt", new byte[3])), "readme.txt");
        refused(zip(Map.of()), "manifest.json");
    }
}
