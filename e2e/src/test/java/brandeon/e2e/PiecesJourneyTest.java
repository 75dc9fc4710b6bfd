package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.imageio.ImageIO;
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
            button(page, "New theme").click();
            page.waitForURL("**/brand");

            page.waitForSelector("li[data-role=ON_AIR]");
            page.keyboard().press("Alt+2");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Pebble")).first().click();
            assertThat(page.locator("button[aria-pressed=true]")).containsText("Pebble");
            button(page, "Make 5 scenes").click();
            assertThat(page.getByText("Begin with a complete theme")).hasCount(0);
            page.keyboard().press("Alt+3");
            assertThat(page.getByText("5 scenes on 2 canvases: everything fits.")).isVisible();

            page.keyboard().press("Control+k");
            page.getByLabel("Find", new Page.GetByLabelOptions().setExact(true)).fill("pictures");
            page.keyboard().press("Enter");
            page.getByLabel("Pictures to add").setInputFiles(new FilePayload("bark.png", "image/png", frame()));
            assertThat(page.getByText("Opening 320 × 240 at 40, 30: rectangle, 4:3")).isVisible();

            intoTheBand(page);
            asFrame(page);
        }
    }

    private static void intoTheBand(Page page) {
        page.keyboard().press("Control+k");
        page.getByLabel("Find", new Page.GetByLabelOptions().setExact(true)).fill("heads-up");
        page.keyboard().press("Enter");
        page.waitForURL("**/stage/**piece=**");
        page.getByLabel("Picture laid into it").selectOption("bark.png");
        page.getByLabel("Blend").selectOption("MULTIPLY");
        Locator image = page.locator("[data-testid=stage] svg image").first();
        image.waitFor();
        assertThat(image.getAttribute("href")).startsWith("/painted/");
        page.waitForCondition(() -> page.locator("[data-testid=stage] svg g[style*='mix-blend-mode:multiply'],[data-testid=stage] svg g[style*='mix-blend-mode: multiply']").count() > 0);
        button(page, "Undo").click();
        page.waitForCondition(() -> page.locator("[data-testid=stage] svg g[style*='soft-light']").count() > 0);
    }

    private static void asFrame(Page page) {
        page.keyboard().press("Alt+2");
        Locator card = page.locator("li", new Page.LocatorOptions().setHasText("Frame from a picture")).first();
        card.getByRole(AriaRole.BUTTON).click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Talking")).click();
        assertThat(page.getByText("Frame from a picture 1")).isVisible();
        page.keyboard().press("Control+k");
        page.getByLabel("Find", new Page.GetByLabelOptions().setExact(true)).fill("frame from a picture 1");
        page.keyboard().press("Enter");
        assertThat(page.locator("[data-testid=fit]")).containsText("Crop left, right");
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
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true)).first();
    }
}
