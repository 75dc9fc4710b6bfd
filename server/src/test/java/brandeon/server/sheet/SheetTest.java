package brandeon.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.decoder.Decoder;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import java.awt.Rectangle;
import java.awt.image.BufferedImage;
import java.io.StringReader;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.stream.IntStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What is typed into broadcasting software, as a page, for print, as CSV and as JSON: all say the same. */
@ExtendWith(RunningServer.class)
class SheetTest {

    @Test
    void thePrintedSheetHoldsEveryFigureAndLinkOfThePage(RunningServer server) throws Exception {
        Person host = server.host();
        String base = "/api/themes/" + host.demo() + "/source-sheet/wide";
        JsonNode sheet = host.get(base).json();
        byte[] pdf = host.http()
                .send(host.request(base + "/pdf").build(), HttpResponse.BodyHandlers.ofByteArray())
                .body();
        Set<String> links = new TreeSet<>(sheet.findValuesAsString("link"));
        assertThat(links).hasSize(5).allMatch(link -> link.contains("/o/"));

        try (PDDocument read = Loader.loadPDF(pdf)) {
            String text = new PDFTextStripper().getText(read).replaceAll("\\s+", " ");
            assertThat(text)
                    .contains("Reedlight Hide")
                    .contains("Wide, 1920 × 1080")
                    .contains("Spotting scope");
            String unbroken = text.replace(" ", "");
            assertThat(links).allSatisfy(link -> assertThat(unbroken).contains(link));
            for (JsonNode page : sheet.path("scenes")) {
                for (JsonNode one : page.path("sources")) {
                    if (one.path("source").asString().equals("capture")) {
                        JsonNode cut = one.path("crop").path("crop");
                        assertThat(text)
                                .contains("cut left %d, top %d, right %d, bottom %d"
                                        .formatted(
                                                cut.path("left").asInt(),
                                                cut.path("top").asInt(),
                                                cut.path("right").asInt(),
                                                cut.path("bottom").asInt()));
                    }
                }
            }
            assertThat(codes(read)).as("QR codes as another program reads them").isEqualTo(links);
        }
    }

    /**
     * The codes stand below one another in the last column, each in a square of white. Their modules are
     * looked up here and read by another program; its own search for codes in a picture misses one in a hundred,
     * however sharp it is.
     */
    private static Set<String> codes(PDDocument read) throws Exception {
        Set<String> found = new TreeSet<>();
        PDFRenderer renderer = new PDFRenderer(read);
        for (int page = 0; page < read.getNumberOfPages(); page++) {
            BufferedImage whole = renderer.renderImageWithDPI(page, 200);
            int column = whole.getWidth() * 157 / 200;
            int left = column;
            int from = -1;
            for (int y = 0; y < whole.getHeight(); y++) {
                int first = firstDark(whole, left, y);
                if (first >= 0 && from < 0) {
                    from = y;
                    left = first;
                } else if (first < 0 && from >= 0) {
                    // What is lower is a line of words across the whole page.
                    if (y - from > 60) {
                        found.add(code(whole, left, from, y));
                    }
                    from = -1;
                    left = column;
                }
            }
        }
        return found;
    }

    private static int firstDark(BufferedImage image, int left, int y) {
        return IntStream.range(left, image.getWidth())
                .filter(x -> dark(image, x, y))
                .findFirst()
                .orElse(-1);
    }

    /** Sizes, finder patterns of seven modules and four modules of white: ISO/IEC 18004, from memory. */
    private static String code(BufferedImage whole, int left, int top, int bottom) throws Exception {
        double size = bottom - top;
        long finder = IntStream.range(left, whole.getWidth())
                .takeWhile(x -> dark(whole, x, top + 1))
                .count();
        int modules = 17 + 4 * (int) Math.round((size * 7 / finder - 17) / 4);
        int white = (int) (4 * size / modules);
        Rectangle code = new Rectangle(left, top, bottom - top, bottom - top);
        // Its edges are soft, and fall on either side of what counts as dark.
        code.grow(2, 2);
        for (int y = top - white; y < bottom + white; y++) {
            for (int x = left - white; x < left + size + white; x++) {
                if (!code.contains(x, y)) {
                    assertThat(whole.getRGB(x, y) & 0xff)
                            .as("white %d, %d from a code of %d modules", x - left, y - top, modules)
                            .isGreaterThan(250);
                }
            }
        }
        BitMatrix bits = new BitMatrix(modules);
        for (int row = 0; row < modules; row++) {
            for (int column = 0; column < modules; column++) {
                int x = (int) (left + (column + 0.5) * size / modules);
                int y = (int) (top + (row + 0.5) * size / modules);
                if (dark(whole, x, y)) {
                    bits.set(column, row);
                }
            }
        }
        return new Decoder().decode(bits).getText();
    }

    /** Rules between the rows are grey and do not count. */
    private static boolean dark(BufferedImage image, int x, int y) {
        return (image.getRGB(x, y) & 0xff) < 128;
    }

    @Test
    void theTableIsReadByAnotherProgramAsTheSameFigures(RunningServer server) throws Exception {
        Person host = server.host();
        String base = "/api/themes/" + host.demo() + "/source-sheet/recording";
        JsonNode sheet = host.get(base).json();
        List<CSVRecord> lines = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(host.get(base + "/csv").body()))
                .getRecords();
        int line = 0;
        for (JsonNode page : sheet.path("scenes")) {
            for (JsonNode one : page.path("sources")) {
                CSVRecord record = lines.get(line++);
                assertThat(record.get("scene")).isEqualTo(page.path("name").asString());
                assertThat(record.get("order")).isEqualTo(one.path("order").asString());
                if (one.path("source").asString().equals("browser")) {
                    assertThat(record.get("link")).isEqualTo(one.path("link").asString());
                    assertThat(record.get("width")).isEqualTo("2560");
                } else {
                    assertThat(Double.parseDouble(record.get("scale")))
                            .isEqualTo(
                                    one.path("crop").path("scale").asDouble(),
                                    org.assertj.core.data.Offset.offset(0.0001));
                    assertThat(record.get("box width"))
                            .isEqualTo(one.path("box").path("width").asString());
                }
            }
        }
        assertThat(lines).hasSize(line);
    }

    @Test
    void theFileIsAsItsSchemaSays(RunningServer server) throws Exception {
        Person host = server.host();
        String file = host.get("/api/themes/" + host.demo() + "/source-sheet/upright/json")
                .body();
        assertThat(SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
                        .getSchema(Files.readString(Path.of("../docs/source-sheet.schema.json")))
                        .validate(file, com.networknt.schema.InputFormat.JSON))
                .isEmpty();
    }

    /** Another camera: its figures follow, and the theme stays as it is. */
    @Test
    void aCaptureOfAnotherSizeHasOtherFigures(RunningServer server) {
        Person host = server.host();
        String base = "/api/themes/" + host.demo() + "/source-sheet/wide";
        String before = host.get(base).body();
        JsonNode larger = host.get(base + "?size=camera:2560x1440").json();
        JsonNode plain = host.get(base).json();
        JsonNode one = camera(plain);
        JsonNode other = camera(larger);
        assertThat(other.path("crop").path("scale").asDouble())
                .isEqualTo(one.path("crop").path("scale").asDouble() / 2, org.assertj.core.data.Offset.offset(1e-9));
        assertThat(other.path("box")).as("the box is that of the opening").isEqualTo(one.path("box"));
        assertThat(host.get(base).body()).isEqualTo(before);
        for (String wrong : List.of("camera", "camera:0x10", "nobody:640x480", "%00:1x1")) {
            assertThat(host.get(base + "?size=" + wrong).status()).as(wrong).isEqualTo(400);
        }
    }

    private static JsonNode camera(JsonNode sheet) {
        return sheet.path("scenes")
                .valueStream()
                .flatMap(page -> page.path("sources").valueStream())
                .filter(one -> one.path("capture").asString("").equals("camera"))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void aViewerSeesNoLinksAndBeforeAnythingIsOnAirThereIsNoSheet(RunningServer server) {
        UUID workspace = server.bean(Members.class).addWorkspace("Sheets");
        Person owner = server.member(workspace, Role.OWNER);
        String theme = owner.newTheme("Sheets");
        String base = "/api/themes/" + theme + "/source-sheet/wide";
        assertThat(owner.get(base).status()).isEqualTo(409);
        owner.onAir(theme, "STRIP", Map.of());
        assertThat(owner.get(base).json().findValuesAsString("link"))
                .isNotEmpty()
                .allMatch(link -> link.contains("/o/"));
        assertThat(owner.get("/api/themes/" + theme + "/source-sheet/attic").status())
                .isEqualTo(404);
        Person viewer = server.member(workspace, Role.VIEWER);
        assertThat(viewer.get(base).json().findValuesAsString("link"))
                .isNotEmpty()
                .allMatch(String::isEmpty);
        assertThat(viewer.get(base + "/csv").status()).isEqualTo(403);
    }
}
