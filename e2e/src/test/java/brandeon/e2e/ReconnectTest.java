package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.Person;
import brandeon.server.support.ServerProcess;
import brandeon.server.support.TestDatabase;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import org.junit.jupiter.api.Test;

class ReconnectTest {

    @Test
    void anOutletKeepsItsPictureWhileTheServerIsGoneAndIsRightAgainAfterwards() {
        try (TestDatabase database = new TestDatabase(); ServerProcess server = new ServerProcess(database); Browser browser = new Browser()) {
            Person host = host(server);
            String theme = host.demo();
            Page outlet = browser.window(1920, 1080);
            outlet.navigate(host.link(theme, "hide", "wide", "WHOLE"));
            assertThat(outlet.locator("svg[data-piece=band]")).containsText("High tide 19:42");
            outlet.evaluate("window.notReloaded = true");
            int painted = Browser.shot(outlet).getRGB(60, 995);

            server.kill();
            outlet.waitForTimeout(1500);
            assertThat(Browser.shot(outlet).getRGB(60, 995)).as("the picture stays").isEqualTo(painted);

            server.start();
            Person again = host(server);
            again.edit(theme, "{\"edit\":\"setText\",\"piece\":\"band\",\"field\":\"message\",\"value\":\"Low tide 01:10\"}");
            again.post("/api/themes/" + theme + "/on-air", "");
            assertThat(outlet.locator("svg[data-piece=band]")).containsText("Low tide 01:10", new LocatorAssertions.ContainsTextOptions().setTimeout(30_000));
            assertThat(outlet.evaluate("window.notReloaded")).isEqualTo(true);
        }
    }

    private static Person host(ServerProcess server) {
        return Person.signedIn(server.address(), "host@reedlight.example", "lantern-at-dusk");
    }
}
