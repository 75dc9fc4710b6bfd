package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.KeyboardModifier;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import javax.imageio.ImageIO;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A complete theme in another family, a picture laid into a piece, a ready-made frame: as a newcomer does it. */
@ExtendWith(RunningServer.class)
class PiecesJourneyTest {

    @Test
    void fromNothingToACompleteThemeWithPicturesOfOnesOwn(RunningServer server) throws IOException {
        try (Browser browser = new Browser()) {
            Page page = browser.window(1280, 800);
            page.navigate(server.address());
            page.getByLabel("Address").fill("host@reedlight.example");
            page.getByLabel("Password").fill("lantern-at-dusk");
            button(page, "Sign in").click();
            page.getByLabel("Name of the new theme").fill("Owl night");
            button(page, "Empty theme").click();
            page.waitForURL("**/brand");

            page.waitForSelector("li[data-role=ON_AIR]");
            page.keyboard().press("Alt+2");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Pebble"))
                    .first()
                    .click();
            assertThat(page.locator("button[aria-pressed=true]")).containsText("Pebble");
            button(page, "Make 5 scenes").click();
            assertThat(page.getByText("Begin with a complete theme")).hasCount(0);
            page.keyboard().press("Alt+3");
            assertThat(page.getByText("5 scenes on 2 canvases: everything fits"))
                    .isVisible();

            page.keyboard().press("Control+k");
            page.getByLabel("Find", new Page.GetByLabelOptions().setExact(true)).fill("pictures");
            page.keyboard().press("Enter");
            page.getByLabel("Pictures to add").setInputFiles(new FilePayload("bark.png", "image/png", frame()));
            assertThat(page.getByText("Opening 320 × 240 at 40, 30: rectangle, 4:3"))
                    .isVisible();

            intoTheBand(page);
            asFrame(page);
            aGroup(page);
            aClip(page);
        }
    }

    private static void intoTheBand(Page page) {
        page.keyboard().press("Control+k");
        page.getByLabel("Find", new Page.GetByLabelOptions().setExact(true)).fill("heads-up");
        page.keyboard().press("Enter");
        page.waitForURL("**/stage/**piece=**");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Text").setExact(true))
                .click();
        page.getByLabel("Picture laid into it").selectOption("bark.png");
        page.getByLabel("Blend mode").selectOption("MULTIPLY");
        Locator image = page.locator("[data-testid=stage] svg image").first();
        image.waitFor();
        assertThat(image.getAttribute("href")).startsWith("/painted/");
        page.waitForCondition(() -> page.locator(
                                "[data-testid=stage] svg g[style*='mix-blend-mode:multiply'],[data-testid=stage] svg g[style*='mix-blend-mode: multiply']")
                        .count()
                > 0);
        button(page, "Undo").click();
        page.waitForCondition(() ->
                page.locator("[data-testid=stage] svg g[style*='soft-light']").count() > 0);
    }

    private static void asFrame(Page page) {
        page.keyboard().press("Alt+2");
        Locator card = page.locator("li", new Page.LocatorOptions().setHasText("Frame from a picture"))
                .first();
        card.getByRole(AriaRole.BUTTON).click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Talking"))
                .click();
        assertThat(page.getByText("Frame from a picture 1")).isVisible();
        page.keyboard().press("Control+k");
        page.getByLabel("Find", new Page.GetByLabelOptions().setExact(true)).fill("frame from a picture 1");
        page.keyboard().press("Enter");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Fit").setExact(true))
                .click();
        assertThat(page.locator("[data-testid=fit]")).containsText("Crop left, right");
    }

    /** Two pieces that move as one: the other follows the arrows by as much, and one undo takes both back. */
    private static void aGroup(Page page) {
        page.keyboard().press("Control+k");
        page.getByLabel("Find", new Page.GetByLabelOptions().setExact(true)).fill("latest supporter");
        page.keyboard().press("Enter");
        page.waitForURL("**/stage/**piece=**");
        button(page, "Heads-up band").click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        button(page, "Move as one").click();
        assertThat(button(page, "Move apart")).isVisible();
        button(page, "Latest supporter").click();
        Locator band =
                page.locator("[data-testid=stage] svg[data-piece^=band] path").first();
        double before = top(band);
        page.getByTestId("stage").focus();
        page.keyboard().press("Shift+ArrowUp");
        page.waitForCondition(() -> top(band) < before - 1);
        button(page, "Undo").click();
        page.waitForCondition(() -> Math.abs(top(band) - before) < 0.5);
    }

    /** Not a number in the moment in which the painter replaces it. */
    private static double top(Locator shown) {
        var box = shown.boundingBox();
        return box == null ? Double.NaN : box.y;
    }

    /** A clip between scenes: its word is checked while it is written, its cut is computed, and the file comes. */
    private static void aClip(Page page) throws IOException {
        page.keyboard().press("Alt+2");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Clips and pages"))
                .click();
        page.locator("li", new Page.LocatorOptions().setHasText("Transition clip"))
                .first()
                .getByRole(AriaRole.BUTTON)
                .click();
        page.waitForURL("**/pieces/transition-**");
        Locator word = page.getByLabel("Words while it covers (may be empty)");
        word.fill("Hello {latestFolower}");
        assertThat(page.getByText("did you mean {latestFollower}?")).isVisible();
        page.keyboard().press("Escape");
        word.fill("Owl night");
        page.keyboard().press("Enter");
        assertThat(page.getByText("No pixel of the canvas is transparent from")).isVisible();
        page.getByLabel("Width in pixels").fill("160");
        page.getByLabel("Kind of clip").selectOption("APNG");
        page.getByLabel("Frame rate").selectOption("30");
        button(page, "Make a clip of 1.8 s").click();
        Locator file = page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Transition clip 1.png"));
        file.waitFor();
        byte[] bytes = Files.readAllBytes(page.waitForDownload(file::click).path());
        Assertions.assertThat(new String(bytes, StandardCharsets.ISO_8859_1)).contains("acTL");
        Assertions.assertThat(ImageIO.read(new ByteArrayInputStream(bytes)).getWidth())
                .isEqualTo(160);
    }

    /** 400 × 300 with an opening of 320 × 240 in the middle. */
    private static byte[] frame() throws IOException {
        BufferedImage image = new BufferedImage(400, 300, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = image.createGraphics();
        graphics.setColor(new Color(0x7a5a3c));
        graphics.fillRect(0, 0, 400, 30);
        graphics.fillRect(0, 270, 400, 30);
        graphics.fillRect(0, 0, 40, 300);
        graphics.fillRect(360, 0, 40, 300);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        return bytes.toByteArray();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .first();
    }
}
