package brandeon.e2e;

import brandeon.server.support.Person;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.Cookie;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import javax.imageio.ImageIO;

/**
 * Debian's Chromium, headless: one process for all tests that follow each other, whose windows keep nothing of one
 * another. What one test opened is closed with it.
 */
final class Browser implements AutoCloseable {

    /** As patient as with actions: server, database and browser share the processor. */
    private static final double PATIENCE = 20_000;

    static {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
    }

    private static final Playwright PLAYWRIGHT = Playwright.create(
            new Playwright.CreateOptions().setEnv(java.util.Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    private static final com.microsoft.playwright.Browser CHROMIUM = PLAYWRIGHT
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
                            "--disable-sync",
                            "--force-color-profile=srgb",
                            "--font-render-hinting=none",
                            "--disable-lcd-text",
                            // As broadcasting software lets its sources sound.
                            "--autoplay-policy=no-user-gesture-required")));

    /** What would run for ever (Web Animations, section 4.5.2) is held at its beginning. */
    private static final String STILL = """
            {
              const animate = Element.prototype.animate;
              Element.prototype.animate = function (frames, timing) {
                const animation = animate.call(this, frames, timing);
                if (timing && timing.iterations === Infinity) {
                  animation.pause();
                  // A start in time would let it run.
                  Object.defineProperty(animation, 'startTime', { get: () => null, set: () => {} });
                }
                return animation;
              };
            }""";

    private final List<BrowserContext> opened = new ArrayList<>();

    /**
     * A new window without cookies, which keeps nothing for a start without a server: tests may answer its requests.
     * Somebody sits before it who asked for less motion, so that pictures in the editor stand still; what would move
     * without an end in outlets does not begin. Either takes time away from what is tried. Everything else moves.
     */
    Page window(int width, int height) {
        return window(width, height, ServiceWorkerPolicy.BLOCK, ReducedMotion.REDUCE);
    }

    /** A new window that keeps pages as a browser source does. */
    Page windowThatKeeps(int width, int height) {
        return window(width, height, ServiceWorkerPolicy.ALLOW, ReducedMotion.REDUCE);
    }

    /** A new window in which everything moves. */
    Page windowThatMoves(int width, int height) {
        return window(width, height, ServiceWorkerPolicy.BLOCK, ReducedMotion.NO_PREFERENCE);
    }

    private Page window(int width, int height, ServiceWorkerPolicy workers, ReducedMotion motion) {
        BrowserContext context = CHROMIUM.newContext(new com.microsoft.playwright.Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setServiceWorkers(workers)
                .setReducedMotion(motion));
        opened.add(context);
        context.setDefaultTimeout(PATIENCE);
        if (motion == ReducedMotion.REDUCE) {
            context.addInitScript(STILL);
        }
        return context.newPage();
    }

    /** A new window in which the demo's host is signed in. */
    Page signedIn(String address, int width, int height) {
        Page page = window(width, height);
        page.navigate(address);
        page.getByLabel("Address").fill("host@reedlight.example");
        page.getByLabel("Password").fill("lantern-at-dusk");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Sign in").setExact(true))
                .click();
        page.waitForSelector("text=Reedlight Hide");
        return page;
    }

    /** A new window in which somebody is signed in already. */
    Page signedInAs(Person somebody, String address, int width, int height) {
        Page page = window(width, height);
        signIn(page, somebody, address);
        return page;
    }

    /** As if that window had signed in before. */
    static void signIn(Page page, Person somebody, String address) {
        page.context()
                .addCookies(somebody.cookies().stream()
                        .map(cookie -> new Cookie(cookie.getName(), cookie.getValue()).setUrl(address))
                        .toList());
    }

    /** An empty page of the server with all its fonts loaded, which holds one empty svg element. */
    Page withFonts(String address, int width, int height) {
        Page page = window(width, height);
        // A page of the server's own might be fetched anew while it is used; the one of a link without a source is.
        String empty = address + "/empty";
        page.route(
                empty,
                route -> route.fulfill(new Route.FulfillOptions()
                        .setContentType("text/html; charset=utf-8")
                        .setBody("<!doctype html><html lang=\"en\"><title>Empty</title></html>")));
        page.navigate(empty);
        page.evaluate("""
                async () => {
                  const sheet = document.createElement('link');
                  sheet.rel = 'stylesheet';
                  sheet.href = '/fonts.css';
                  const loaded = new Promise((done) => (sheet.onload = done));
                  document.head.append(sheet);
                  await loaded;
                  document.body.style.margin = '0';
                  document.body.innerHTML = '<svg xmlns="http://www.w3.org/2000/svg" width="800" height="600"></svg>';
                  await Promise.all([...document.fonts].map((font) => font.load()));
                }""");
        return page;
    }

    /** Waits until the words of a source's first picture have taken the place of their outlines. */
    static void wordsCome(Page source) {
        source.waitForFunction("() => !document.querySelector('path[data-letters]')");
    }

    /** What a page shows, see-through where it paints nothing. */
    static BufferedImage shot(Page page) {
        return picture(png(page));
    }

    /**
     * The same as a file; of two pages whose pixels are the same it is the same. Asked of Chromium itself (Chrome
     * DevTools Protocol, Page.captureScreenshot), which packs it less tightly in half of the time.
     */
    static byte[] png(Page page) {
        CDPSession chromium = page.context().newCDPSession(page);
        try {
            chromium.send("Emulation.setDefaultBackgroundColorOverride", json("{color: {r: 0, g: 0, b: 0, a: 0}}"));
            JsonObject shot = chromium.send("Page.captureScreenshot", json("{format: 'png', optimizeForSpeed: true}"));
            chromium.send("Emulation.setDefaultBackgroundColorOverride");
            return Base64.getDecoder().decode(shot.get("data").getAsString());
        } finally {
            chromium.detach();
        }
    }

    private static JsonObject json(String words) {
        return JsonParser.parseString(words).getAsJsonObject();
    }

    static BufferedImage picture(byte[] png) {
        try {
            return ImageIO.read(new ByteArrayInputStream(png));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void close() {
        opened.forEach(BrowserContext::close);
    }

    /** The button with just this name. */
    static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }
}
