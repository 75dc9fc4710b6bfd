package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Difference;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The brand from a logo to recoloured pictures, as a newcomer does it, in a theme of their own. */
@ExtendWith(RunningServer.class)
class BrandJourneyTest {

    @Test
    void fromALogoToPicturesInTheBrand(RunningServer server) throws IOException {
        try (Browser browser = new Browser()) {
            Page page = browser.window(1280, 800);
            page.navigate(server.address());
            page.getByLabel("Address").fill("host@reedlight.example");
            page.getByLabel("Password").fill("lantern-at-dusk");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Sign in"))
                    .click();
            page.getByLabel("Name of the new theme").fill("Winter marsh");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Empty theme"))
                    .click();
            page.waitForURL("**/brand");

            page.getByLabel("Logo or palette to take seeds from")
                    .setInputFiles(new FilePayload(
                            "logo.png", "image/png", picture(new Color(0x7a3fb0), new Color(0xe8a33d))));
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Use as seeds"))
                    .click();
            assertThat(page.getByLabel("Seed 1 as text")).hasValue("#7a3fb0");
            assertThat(page.getByLabel("Seed 2 as text")).hasValue("#e8a33d");

            page.getByLabel("Pin Text").click();
            Locator pin = page.getByLabel("Text, pinned as text");
            pin.fill("oklch(35% 0.02 90)");
            pin.press("Enter");
            assertThat(page.getByLabel("What pinned colours break")).containsText("it needs 4.5:1");
            page.getByLabel("Unpin Text").click();
            assertThat(page.getByLabel("What pinned colours break")).hasCount(0);

            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Deutan"))
                    .click();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Ordinary"))
                    .click();
            pictures(page);
        }
    }

    /**
     * A dozen files at once, one of them no picture: progress, the refusal with its reason, the right colours, one
     * undo.
     */
    private static void pictures(Page page) throws IOException {
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Ready-made pictures"))
                .click();
        List<FilePayload> files = new ArrayList<>();
        for (int i = 0; i < 12; i++) {
            files.add(new FilePayload(
                    "badge-" + i + ".png", "image/png", picture(Color.getHSBColor(i / 12f, 0.7f, 0.7f), Color.WHITE)));
        }
        files.add(new FilePayload(
                "notes.png", "image/png", "Sedge, reed, rush.".getBytes(java.nio.charset.StandardCharsets.UTF_8)));
        page.getByLabel("Pictures to add").setInputFiles(files.toArray(FilePayload[]::new));
        assertThat(page.getByText("13 of 13")).isVisible();
        assertThat(page.getByText("This is not a picture that can be read here"))
                .isVisible();
        assertThat(page.locator("[data-artwork]")).hasCount(12);

        Locator after = page.getByAltText("badge-3.png, after");
        after.scrollIntoViewIfNeeded();
        page.waitForFunction(
                "() => { const i = document.querySelector('[alt=\"badge-3.png, after\"]'); return i && i.complete && i.naturalWidth > 0; }");
        BufferedImage shown = ImageIO.read(new ByteArrayInputStream(after.screenshot()));
        String accent = (String)
                page.evaluate(
                        "async () => (await (await fetch(location.pathname.replace('/themes/', '/api/themes/').replace('/brand/pictures', '/brand'))).json()).roles.find((r) => r.role === 'ACCENT').colour");
        int rgb = shown.getRGB(shown.getWidth() / 2, shown.getHeight() / 4);
        assertThat(Difference.ciede2000(Colour.parse("#%06x".formatted(rgb & 0xffffff)), Colour.parse(accent)))
                .as("%06x, accent %s", rgb & 0xffffff, accent)
                .isLessThan(2.5);

        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        assertThat(page.locator("[data-artwork]")).hasCount(0);
    }

    /** Two colours, the first over three quarters of it. */
    private static byte[] picture(Color first, Color second) throws IOException {
        BufferedImage image = new BufferedImage(120, 120, BufferedImage.TYPE_INT_ARGB);
        for (int i = 0; i < 120 * 120; i++) {
            image.setRGB(i % 120, i / 120, i / 120 < 90 ? first.getRGB() : second.getRGB());
        }
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        return bytes.toByteArray();
    }
}
