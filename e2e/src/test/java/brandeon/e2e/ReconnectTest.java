package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.Person;
import brandeon.server.support.ServerProcess;
import brandeon.server.support.TestDatabase;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.net.URI;
import org.junit.jupiter.api.Test;

class ReconnectTest {

    @Test
    void outletsShowTheirLastPictureWhileTheServerIsGoneAndAreRightAgainAfterwards() {
        try (TestDatabase database = new TestDatabase();
                ServerProcess server = new ServerProcess(database);
                Browser browser = new Browser()) {
            Person host = host(server);
            String theme = host.demo();
            String link = host.link(theme, "hide", "wide", "WHOLE");
            Page open = browser.windowThatKeeps(1920, 1080);
            open.navigate(link);
            Page closed = browser.windowThatKeeps(1920, 1080);
            closed.navigate(link);
            assertThat(open.locator("svg[data-piece=band]")).containsText("High tide 19:42");
            open.evaluate("window.notReloaded = true");
            say(host, theme, "Mist until ten");
            assertThat(open.locator("svg[data-piece=band]")).containsText("Mist until ten");
            kept(closed, link);
            int painted = Browser.shot(open).getRGB(60, 995);
            closed.navigate("about:blank");

            server.kill();
            closed.navigate(link);
            assertThat(closed.locator("svg[data-piece=band]")).containsText("Mist until ten");
            // Its letters are there too: outlines stand for words whose face has not come.
            closed.waitForFunction("() => [...document.fonts].some((font) => font.status === 'loaded')");
            Browser.wordsCome(closed);
            assertThat(Browser.shot(closed).getRGB(60, 995))
                    .as("opened without a server")
                    .isEqualTo(painted);
            assertThat(Browser.shot(open).getRGB(60, 995))
                    .as("left open without a server")
                    .isEqualTo(painted);

            server.start();
            say(host(server), theme, "Low tide 01:10");
            for (Page page : new Page[] {open, closed}) {
                assertThat(page.locator("svg[data-piece=band]"))
                        .containsText("Low tide 01:10", new LocatorAssertions.ContainsTextOptions().setTimeout(30_000));
            }
            assertThat(open.evaluate("window.notReloaded")).isEqualTo(true);
        }
    }

    private static void say(Person host, String theme, String message) {
        host.edit(
                theme,
                "{\"edit\":\"setContent\",\"piece\":\"band\",\"field\":\"message\",\"value\":\"" + message + "\"}");
        host.post("/api/themes/" + theme + "/on-air", "");
    }

    /**
     * Waits until the page is kept. A predicate of waitForFunction that answers later counts as true at once, so the
     * page itself waits.
     */
    private static void kept(Page page, String link) {
        page.evaluate("""
                async (path) => {
                  const end = Date.now() + 30000;
                  while (Date.now() < end) {
                    const kept = await caches.match(path);
                    if (kept && (await kept.text()).includes('Mist until ten')) return;
                    await new Promise((done) => setTimeout(done, 100));
                  }
                  throw new Error('The page was not kept.');
                }""", URI.create(link).getPath());
    }

    private static Person host(ServerProcess server) {
        return Person.signedIn(server.address(), "host@reedlight.example", "lantern-at-dusk");
    }
}
