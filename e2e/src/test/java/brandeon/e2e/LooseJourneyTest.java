package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.AlphaComposite;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import javax.imageio.ImageIO;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Somebody has a zip full of loose files and no theme yet; later their workspace goes into a file and comes back. */
@ExtendWith(RunningServer.class)
class LooseJourneyTest {

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static byte[] png(BufferedImage image) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        return bytes.toByteArray();
    }

    private static byte[] frame() throws IOException {
        BufferedImage image = new BufferedImage(1280, 720, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        g.setColor(new Color(60, 120, 90));
        g.fillRect(0, 0, 1280, 720);
        g.setComposite(AlphaComposite.Clear);
        g.fillRect(60, 60, 1160, 600);
        g.dispose();
        return png(image);
    }

    private static byte[] ground(Color from, int round) throws IOException {
        BufferedImage image = new BufferedImage(1920, 1080, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = image.createGraphics();
        g.setPaint(new GradientPaint(0, 0, from, 1920, 1080, new Color(20, 40, 60)));
        g.fillRect(0, 0, 1920, 1080);
        g.setColor(new Color(224, 160, 48));
        g.fillOval(round, 300, 400, 400);
        g.dispose();
        return png(image);
    }

    private static byte[] panel(Color colour) throws IOException {
        BufferedImage image = new BufferedImage(480, 300, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = image.createGraphics();
        g.setColor(colour);
        g.fillRoundRect(0, 0, 480, 300, 40, 40);
        g.setColor(new Color(0, 0, 0, 90));
        g.fillRect(0, 0, 480, 50);
        g.dispose();
        return png(image);
    }

    private static byte[] zip() throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        files.put("Marsh/01_webcam_v2.png", frame());
        files.put("Marsh/screens/starting soon.png", ground(new Color(90, 40, 80), 200));
        files.put("Marsh/screens/brb.png", ground(new Color(40, 90, 80), 900));
        files.put("Marsh/panel_red.png", panel(new Color(190, 60, 60)));
        files.put("Marsh/panel_white.png", panel(Color.WHITE));
        files.put("Marsh/notes.txt", "Drawn by Ottilie Brandt, CC BY 4.0".getBytes(StandardCharsets.UTF_8));
        files.put("Marsh/cut.png", java.util.Arrays.copyOf(frame(), 90));
        files.put("__MACOSX/Marsh/._notes.txt", new byte[] {0, 5, 22, 7});
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ZipOutputStream out = new ZipOutputStream(bytes)) {
            for (Map.Entry<String, byte[]> file : files.entrySet()) {
                out.putNextEntry(new ZipEntry(file.getKey()));
                out.write(file.getValue());
                out.closeEntry();
            }
        }
        return bytes.toByteArray();
    }

    @Test
    void looseFilesBecomeAThemeAndAWorkspaceGoesOutAndIn(RunningServer server) throws Exception {
        try (Browser browser = new Browser()) {
            Person streamer = server.stranger(Role.OWNER);
            Page page = browser.signedInAs(streamer, server.address(), 1280, 800);
            page.navigate(server.address());
            page.getByLabel("Picture, palette or package to begin a theme with")
                    .setInputFiles(new FilePayload("Marsh_pack.zip", "application/zip", zip()));
            button(page, "Sort it as loose files").click();
            assertThat(page.getByLabel("Proposed scenes")).isVisible();
            assertThat(page.getByText("7 files")).isVisible();
            // What could not be read stands first, with its reason.
            Locator first = page.locator("[data-loose]").first();
            assertThat(first).containsText("Not read");
            assertThat(first).containsText("damaged or cut short");
            assertThat(page.getByLabel("What Webcam is")).hasValue("FRAME");
            assertThat(page.getByLabel("Starting screen")).hasValue("1");
            assertThat(page.getByAltText("Starting, as proposed")).isVisible();
            button(page, "The same (1)").click();
            assertThat(page.getByText("In another colour: Panel.")).isVisible();
            page.getByLabel("Starting screen")
                    .selectOption(page.getByLabel("Starting screen")
                            .locator("option", new Locator.LocatorOptions().setHasText("Brb"))
                            .textContent());
            button(page, "Take them into Marsh pack").click();
            page.waitForURL("**/sheet");
            assertThat(page.getByText("one undo takes all of it out again")).isVisible();
            String theme = page.url().replaceFirst(".*/themes/([^/]+)/.*", "$1");
            JsonNode taken = streamer.get("/api/themes/" + theme).json().path("theme");
            Assertions.assertThat(taken.path("artworks")).hasSize(4);
            Assertions.assertThat(taken.path("artworks")
                            .path(0)
                            .path("provenance")
                            .path("licence")
                            .asString())
                    .isEqualTo("CC-BY-4.0");
            String starting = taken.path("pieces")
                    .valueStream()
                    .filter(piece -> piece.path("name").asString().equals("Starting screen"))
                    .map(piece -> piece.path("inlay").path("artwork").asString())
                    .findFirst()
                    .orElseThrow();
            Assertions.assertThat(taken.path("artworks")
                            .valueStream()
                            .filter(one -> one.path("id").asString().equals(starting))
                            .map(one -> one.path("name").asString()))
                    .containsExactly("Brb");
            page.keyboard().press("Control+z");
            assertThat(page.getByText("No scenes")).isVisible();
            page.keyboard().press("Control+Shift+z");
            assertThat(page.getByRole(AriaRole.IMG).first()).isVisible();

            // The whole workspace into a file, and in again beside itself.
            page.navigate(server.address() + "/people");
            Download file =
                    page.waitForDownload(() -> button(page, "Take it out").click());
            Path kept = file.path();
            assertThat(page.getByText("it was read back and is whole")).isVisible();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Workspace"))
                    .first()
                    .click();
            page.getByRole(AriaRole.MENUITEM)
                    .filter(new Locator.FilterOptions().setHasText("New workspace"))
                    .click();
            page.getByLabel("Or from the file of a workspace")
                    .setInputFiles(new FilePayload("w.zip", "application/zip", Files.readAllBytes(kept)));
            assertThat(page.getByText("1 theme.")).isVisible();
            page.navigate(server.address());
            assertThat(page.getByText("Marsh pack").first()).isVisible();
            Assertions.assertThat(streamer.get("/api/session").json().path("workspaces"))
                    .hasSize(2);
        }
    }
}
