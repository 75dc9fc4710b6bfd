package brandeon.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;

/** Debian's Chromium, headless, with a profile of its own. */
final class Chromium {

    private Chromium() {}

    static Playwright playwright() {
        return Playwright.create(
                new Playwright.CreateOptions().setEnv(Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    }

    static Browser launch(Playwright playwright) {
        return playwright
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of("/usr/bin/chromium"))
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-quic",
                                "--no-first-run",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync")));
    }

    /**
     * When what the page was told to look out for as `window.seen` came, as milliseconds since 1970; an error when it
     * does not within 20 s.
     */
    static double seen(Page page) {
        return ((Number)
                        page.evaluate(
                                "() => Promise.race([window.seen, new Promise((_, no) => setTimeout(() => no(new Error('What was waited for did not come within 20 s.')), 20000))])"))
                .doubleValue();
    }
}
