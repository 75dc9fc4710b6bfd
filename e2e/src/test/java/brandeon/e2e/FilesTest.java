package brandeon.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.colour.Pixels;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;

/** Scenes that were taken out work from disk, without a network, and look as their sources do. */
@ExtendWith(RunningServer.class)
class FilesTest {

    private static final List<Integer> INSTANTS = List.of(0, 400, 1_300, 5_100, 8_700);

    /** As many as the eye cannot tell; of 255. */
    private static final int MOST = 2;

    private static final int TRIES = 15;

    /** Movements wait from their beginning on, so that no entrance is over on one page while it runs on the other. */
    private static final String STANDING = """
            const animate = Element.prototype.animate;
            Element.prototype.animate = function (...how) {
              const made = animate.apply(this, how);
              queueMicrotask(() => made.pause());
              return made;
            };""";

    /** How far the farthest pixels of two pages are apart when all movements stand at an instant. */
    private static int apart(Page one, Page other, int instant) {
        for (Page page : List.of(one, other)) {
            page.evaluate("""
                    (instant) => document.getAnimations().forEach((one) => {
                      one.pause();
                      one.currentTime = instant;
                    })""", instant);
        }
        byte[] here = Browser.png(one);
        byte[] there = Browser.png(other);
        return Arrays.equals(here, there) ? 0 : farthest(Browser.picture(here), Browser.picture(there));
    }

    @Test
    void aSceneFromDiskLooksAsItsSourceToThePixel(RunningServer server, @TempDir Path folder) throws IOException {
        Person host = server.hostOfFreshDemo();
        String theme = host.demo();
        try (Browser browser = new Browser()) {
            for (String scene : List.of("starting", "hide", "desk", "away", "closing")) {
                Path file = folder.resolve(scene + ".html");
                Files.write(
                        file,
                        host.bytes("/api/themes/" + theme + "/files/scenes/" + scene + "/canvases/wide/page.html"));
                Page outlet = browser.window(1920, 1080);
                outlet.addInitScript(STANDING);
                outlet.navigate(host.link(theme, scene, "wide", "WHOLE"));
                Page alone = browser.window(1920, 1080);
                alone.addInitScript(STANDING);
                List<String> asked = new ArrayList<>();
                alone.onRequest((Request request) -> asked.add(request.url()));
                alone.context().setOffline(true);
                alone.navigate(file.toUri().toString());
                // Fonts are asked for by the picture, so nothing is loaded before it is there.
                outlet.locator("svg[data-piece]")
                        .first()
                        .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.ATTACHED));
                for (Page page : List.of(outlet, alone)) {
                    page.evaluate("() => document.fonts.ready.then(() => true)");
                }
                Browser.wordsCome(outlet);
                assertThat(asked.stream().filter(url -> !url.startsWith("data:")))
                        .as("nothing but the file itself")
                        .containsExactly(file.toUri().toString());
                for (int instant : INSTANTS) {
                    // An entrance ends by a timer, and letters come when their font is there: on one page a moment
                    // earlier than on the other.
                    int far = apart(outlet, alone, instant);
                    for (int i = 0; i < TRIES && far > MOST; i++) {
                        alone.waitForTimeout(400);
                        far = apart(outlet, alone, instant);
                    }
                    assertThat(far).as("%s after %d ms", scene, instant).isLessThanOrEqualTo(MOST);
                }
                outlet.context().close();
                alone.context().close();
            }
        }
    }

    @Test
    void theClockOfASceneFromDiskGoesOn(RunningServer server, @TempDir Path folder) throws IOException {
        Person host = server.host();
        String theme = host.demo();
        host.cue(theme, "{\"cue\":\"startClock\",\"piece\":\"countdown\"}");
        try (Browser browser = new Browser()) {
            Path file = folder.resolve("starting.html");
            Files.write(file, host.bytes("/api/themes/" + theme + "/files/scenes/starting/canvases/wide/page.html"));
            Page alone = browser.window(1920, 1080);
            alone.context().setOffline(true);
            alone.navigate(file.toUri().toString());
            String read = "() => document.querySelector('svg[data-piece=countdown]').textContent";
            String before = (String) alone.evaluate(read);
            alone.waitForTimeout(2_200);
            assertThat((String) alone.evaluate(read)).isNotEqualTo(before);
        } finally {
            host.cue(theme, "{\"cue\":\"setClockBack\",\"piece\":\"countdown\"}");
        }
    }

    @Test
    void theZipHasScenesPartsPiecesAndMasksUnderClearNames(RunningServer server) throws IOException {
        Person host = server.host();
        Map<String, byte[]> entries = new TreeMap<>();
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(
                host.bytes("/api/themes/" + host.demo() + "/files/all.zip?canvas=wide&sorts=PNG,SVG,MASK")))) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                entries.put(entry.getName(), zip.readAllBytes());
            }
        }
        assertThat(entries.keySet())
                .contains(
                        "Wide/Hide/whole scene.png",
                        "Wide/Hide/whole scene.svg",
                        "Wide/Hide/in front of the captures.png",
                        "Wide/Hide/pieces/Sightings alone.png",
                        "Wide/Hide/masks/Host camera.png",
                        "Wide/Starting/whole scene.png")
                .allMatch(name -> name.matches("[A-Za-z0-9 ,./-]+"));
        BufferedImage mask = ImageIO.read(new ByteArrayInputStream(entries.get("Wide/Hide/masks/Host camera.png")));
        assertThat(mask.getWidth()).isEqualTo(1280);
        assertThat(mask.getHeight()).isEqualTo(720);
        BufferedImage whole = ImageIO.read(new ByteArrayInputStream(entries.get("Wide/Hide/whole scene.png")));
        assertThat(whole.getWidth()).isEqualTo(1920);
    }

    /** The farthest that any channel of any pixel is from its counterpart. */
    private static int farthest(BufferedImage one, BufferedImage other) {
        assertThat(one.getWidth()).isEqualTo(other.getWidth());
        int[] here = Pixels.of(one);
        int[] there = Pixels.of(other);
        int most = 0;
        for (int i = 0; i < here.length; i++) {
            for (int shift = 0; shift < 32; shift += 8) {
                most = Math.max(most, Math.abs((here[i] >> shift & 0xff) - (there[i] >> shift & 0xff)));
            }
        }
        return most;
    }
}
