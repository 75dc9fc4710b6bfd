package brandeon.e2e;

import static brandeon.e2e.Browser.button;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.StringReader;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/**
 * Somebody new maps what their tip page sends, gives it an alert with a sound of their own, hears and sees it on an
 * outlet, plays the storm and takes the record out.
 */
@ExtendWith(RunningServer.class)
class EveningJourneyTest {

    /** What leaves the page's audio graph: the highest sample of each moment, beside the destination. */
    private static final String LISTEN = """
            (() => {
              const connect = AudioNode.prototype.connect;
              window.heard = [];
              AudioNode.prototype.connect = function (to, ...rest) {
                if (to instanceof AudioDestinationNode) {
                  const ear = this.context.createAnalyser();
                  ear.fftSize = 2048;
                  connect.call(this, ear);
                  const samples = new Float32Array(ear.fftSize);
                  setInterval(() => {
                    ear.getFloatTimeDomainData(samples);
                    const peak = samples.reduce((most, one) => Math.max(most, Math.abs(one)), 0);
                    if (peak > 0) window.heard.push(peak);
                  }, 20);
                }
                return connect.call(this, to, ...rest);
              };
            })()""";

    @Test
    void aNewUserConnectsMapsHearsAndRehearses(RunningServer server) throws Exception {
        Person somebody = server.stranger(Role.OWNER);
        String theme = somebody.newTheme("First evening");
        somebody.edit(
                theme,
                "{\"edit\":\"addPiece\",\"index\":0,\"piece\":{\"id\":\"a\",\"kind\":\"ANNOUNCER\",\"name\":\"Announcer\",\"captures\":[],\"mustShow\":false,\"handsOff\":false,\"share\":\"\",\"content\":{},\"figures\":{},\"inlay\":null}}");
        somebody.edit(
                theme,
                "{\"edit\":\"addScene\",\"index\":0,\"scene\":{\"id\":\"hide\",\"name\":\"Hide\",\"role\":\"STARTING\",\"keepClear\":[],\"arrives\":false,\"stack\":["
                        + Person.placed("a", "ALERT") + "]}}");
        try (Browser browser = new Browser()) {
            Page page = browser.signedInAs(somebody, server.address(), 1280, 800);
            String themes = server.address() + "/themes/" + theme;

            String address = mapped(page, themes);
            soundedRule(page, themes);
            button(page, "Put on air").click();
            assertThat(page.getByText("Viewers see this")).isVisible();

            // Heard and seen on an outlet that is open as a browser source would be.
            Page outlet = browser.window(1920, 1080);
            outlet.addInitScript(LISTEN);
            outlet.navigate(somebody.link(theme, "hide", "wide", "WHOLE"));
            page.navigate(themes + "/publish");
            assertThat(page.getByLabel("Where the show is heard")).containsText("Heard in Hide, Wide, whole scene.");
            Person.unknown(server.address())
                    .post(
                            URI.create(address).getPath(),
                            "{\"donor\":{\"display\":\"Oskar Dunlin\"},\"gift\":{\"value\":12,\"cur\":\"EUR\"}}");
            assertThat(outlet.locator("#overlay")).containsText("Oskar Dunlin");
            outlet.waitForFunction("() => window.heard.some((peak) => peak > 0.01)");
            double loudest = ((Number) outlet.evaluate("() => Math.max(...window.heard)")).doubleValue();
            // A tone of 1 kHz on both channels has the loudness of its level (BS.1770): −23 LUFS are 0.0708.
            org.assertj.core.api.Assertions.assertThat(loudest).isBetween(0.06, 0.08);

            storm(page, themes);
            record(somebody, theme);
        }
    }

    private static String mapped(Page page, String themes) {
        page.navigate(themes + "/facts");
        page.getByLabel("Name of the mapped inlet").fill("Tip page");
        button(page, "Add a mapped inlet").click();
        page.getByLabel("A body, as it is sent")
                .fill("{\"donor\":{\"display\":\"Maret Sedge\"},\"gift\":{\"value\":\"7.50\",\"cur\":\"EUR\"}}");
        Locator values = page.getByLabel("Values of the sample");
        values.getByText("Maret Sedge").click();
        values.getByText("7.50").click();
        values.getByText("EUR").click();
        page.getByLabel("Amounts of money come as").check();
        assertThat(page.getByText("Would be taken in as tip, Maret Sedge, €7.50"))
                .isVisible();
        button(page, "Keep it").click();
        assertThat(page.getByText("Tip page is kept.")).isVisible();
        return page.locator("code", new Page.LocatorOptions().setHasText("/inlets/mapped/"))
                .textContent();
    }

    private static void soundedRule(Page page, String themes) {
        page.navigate(themes + "/alerts");
        page.getByLabel("Add a sound").setInputFiles(new FilePayload("Marsh tone.wav", "audio/wav", tone()));
        Locator line = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Sounds"))
                .locator("li", new Locator.LocatorOptions().setHasText("LUFS"))
                .first();
        assertThat(line.getByLabel("Name of Marsh tone")).isVisible();
        assertThat(line).containsText("−12.0 LUFS");
        assertThat(line).containsText("−11.0 dB");
        page.getByLabel("Rules", new Page.GetByLabelOptions().setExact(true))
                .getByText("A tip")
                .click();
        page.getByLabel("Sound", new Page.GetByLabelOptions().setExact(true))
                .selectOption(new com.microsoft.playwright.options.SelectOption().setLabel("Marsh tone"));
        assertThat(page.getByLabel("Rules", new Page.GetByLabelOptions().setExact(true))
                        .getByText("heard with marsh tone"))
                .isVisible();
    }

    private static void storm(Page page, String themes) {
        page.navigate(themes + "/rehearse");
        page.getByLabel("Script", new Page.GetByLabelOptions().setExact(true)).selectOption("storm");
        page.getByLabel("How many times its speed").fill("60");
        page.getByLabel("How many times its speed").press("Enter");
        button(page, "Play it").click();
        Locator rehearsals = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Rehearsals"));
        assertThat(rehearsals).containsText("465 of 465 sent");
        assertThat(page.getByText("465 of 465 accounted for")).isVisible();
        assertThat(page.getByText("otherwise than expected")).hasCount(0);
    }

    private static void record(Person somebody, String theme) throws Exception {
        String channel =
                somebody.get("/api/themes/" + theme).json().path("channel").asString();
        List<CSVRecord> rows = CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(
                        somebody.get("/api/channels/" + channel + "/record.csv").body()))
                .getRecords();
        org.assertj.core.api.Assertions.assertThat(rows).hasSize(466);
        org.assertj.core.api.Assertions.assertThat(rows)
                .filteredOn(
                        row -> row.get("kind").equals("TIP") && row.get("name").equals("Oskar Dunlin"))
                .isNotEmpty()
                .first()
                .satisfies(row -> {
                    org.assertj.core.api.Assertions.assertThat(row.get("money")).isEqualTo("€12.00");
                    org.assertj.core.api.Assertions.assertThat(row.get("practice"))
                            .isEqualTo("no");
                    org.assertj.core.api.Assertions.assertThat(row.get("shown from"))
                            .isNotEmpty();
                });
    }

    /** Two seconds of 1 kHz at −12 dBFS, written byte by byte. */
    private static byte[] tone() {
        int frames = 96_000;
        java.nio.ByteBuffer wav = java.nio.ByteBuffer.allocate(44 + frames * 4).order(java.nio.ByteOrder.LITTLE_ENDIAN);
        wav.put("RIFF".getBytes(StandardCharsets.US_ASCII)).putInt(36 + frames * 4);
        wav.put("WAVEfmt ".getBytes(StandardCharsets.US_ASCII)).putInt(16);
        wav.putShort((short) 1).putShort((short) 2).putInt(48_000).putInt(192_000);
        wav.putShort((short) 4).putShort((short) 16);
        wav.put("data".getBytes(StandardCharsets.US_ASCII)).putInt(frames * 4);
        for (int i = 0; i < frames; i++) {
            short sample = (short) Math.round(32_768 * Math.pow(10, -12 / 20.0) * Math.sin(2 * Math.PI * i / 48.0));
            wav.putShort(sample).putShort(sample);
        }
        return wav.array();
    }
}
