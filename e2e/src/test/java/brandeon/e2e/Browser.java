package brandeon.e2e;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.List;
import javax.imageio.ImageIO;

/** Debian's Chromium, headless, with a profile of its own; closed with everything it opened. */
final class Browser implements AutoCloseable {

    private final Playwright playwright = Playwright.create(new Playwright.CreateOptions().setEnv(java.util.Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    private final com.microsoft.playwright.Browser chromium = playwright.chromium().launch(new BrowserType.LaunchOptions()
            .setExecutablePath(Path.of("/usr/bin/chromium"))
            .setArgs(List.of("--no-sandbox", "--disable-gpu", "--disable-quic", "--no-first-run", "--disable-background-networking", "--disable-component-update", "--disable-sync",
                    "--force-color-profile=srgb", "--font-render-hinting=none", "--disable-lcd-text")));

    /** A new window without cookies. */
    Page window(int width, int height) {
        BrowserContext context = chromium.newContext(new com.microsoft.playwright.Browser.NewContextOptions().setViewportSize(width, height));
        context.setDefaultTimeout(20_000);
        return context.newPage();
    }

    /** What a page shows, see-through where it paints nothing. */
    static BufferedImage shot(Page page) {
        try {
            return ImageIO.read(new ByteArrayInputStream(page.screenshot(new Page.ScreenshotOptions().setOmitBackground(true))));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void close() {
        chromium.close();
        playwright.close();
    }
}
