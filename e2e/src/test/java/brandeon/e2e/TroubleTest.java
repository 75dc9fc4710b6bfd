package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What a designer sees while the server is away or in trouble: the truth, their work, and a way on. */
@ExtendWith(RunningServer.class)
class TroubleTest {

    private static final Pattern JUDGED = Pattern.compile("/api/themes/[^/]+/(layouts|findings|flashes).*");
    private static final Pattern THEME = Pattern.compile("/api/themes/.*");

    private RunningServer server;
    private String theme;

    @BeforeEach
    void aThemeWithOneScene(RunningServer running) {
        server = running;
        theme = running.host()
                .post("/api/themes", "{\"name\":\"Trouble\"}")
                .json()
                .path("id")
                .asString();
        running.host().post("/api/themes/" + theme + "/start", "{\"family\":\"\",\"roles\":[\"LIVE\"]}");
    }

    @Test
    void theSheetClaimsNothingThatWasNotLookedAt() {
        try (Browser browser = new Browser()) {
            Page page = browser.signedIn(server.address(), 1280, 800);
            page.route(JUDGED, TroubleTest::away);
            page.navigate(server.address() + "/themes/" + theme + "/sheet");
            // Said at once, though the page goes on asking.
            assertThat(page.getByText("The tide took it.").first()).isVisible();
            assertThat(page.getByText("fits", new Page.GetByTextOptions().setExact(true)))
                    .hasCount(0);
            assertThat(page.getByText("everything fits")).hasCount(0);
            assertThat(page.getByText("Nothing found.")).hasCount(0);
            assertThat(page.locator("td a svg[data-piece]").first()).isVisible();
            page.unroute(JUDGED);
            // What passes is asked for again by itself; nobody has to press anything.
            assertThat(page.getByText("fits", new Page.GetByTextOptions().setExact(true))
                            .first())
                    .isVisible();
            assertThat(page.getByText("The tide took it.")).hasCount(0);
        }
    }

    /** The server is on this machine, or in this house: whether the browser thinks that it is online says nothing. */
    @Test
    void aMachineWithoutAnyNetworkWorksAsAnyOther() {
        try (Browser browser = new Browser()) {
            Page page = browser.signedIn(server.address(), 1280, 800);
            page.evaluate("() => window.dispatchEvent(new Event('offline'))");
            page.getByLabel("Name of the new theme").fill("By candle light");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Empty theme"))
                    .click();
            page.waitForURL("**/brand");
            assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("By candle light")))
                    .isVisible();
        }
    }

    @Test
    void anEditThatDoesNotArriveIsSaidAndTheStageStays() {
        try (Browser browser = new Browser()) {
            Page page = browser.signedIn(server.address(), 1280, 800);
            page.navigate(server.address() + "/themes/" + theme + "/sheet");
            slowClick(page, page.getByLabel(Pattern.compile("Live on Wide, .*")));
            page.waitForURL("**/stage/**");
            page.getByRole(
                            AriaRole.BUTTON,
                            new Page.GetByRoleOptions().setName("Goal").setExact(true))
                    .click();
            Locator left = page.getByLabel("Left in pixels");
            String before = left.inputValue();
            page.route(THEME, Route::abort);
            left.fill("100");
            left.press("Enter");
            assertThat(page.getByText("The server cannot be reached. Nothing was lost; try again in a moment.")
                            .first())
                    .isVisible();
            assertThat(page.getByTestId("stage")).isVisible();
            assertThat(left).hasValue(before);
            page.unroute(THEME);
            left.fill("100");
            left.press("Enter");
            assertThat(left).hasValue("100");
            page.keyboard().press("Control+z");
            assertThat(left).hasValue(before);
        }
    }

    /** Edits take their time, as on a slow line; everything else is as quick as ever. */
    private static final String SLOW_EDITS = """
            const fetched = window.fetch;
            window.fetch = async (asked, ...more) => {
              if ((asked.url ?? String(asked)).endsWith('/edits')) await new Promise((done) => setTimeout(done, 1000));
              return fetched(asked, ...more);
            };""";

    @Test
    void whatIsUndoneOrPutOnAirIsWhatStoodThereWhenItWasPressed() {
        try (Browser browser = new Browser()) {
            Page page = browser.signedIn(server.address(), 1280, 800);
            page.addInitScript(SLOW_EDITS);
            page.navigate(server.address() + "/themes/" + theme + "/sheet");
            slowClick(page, page.getByLabel(Pattern.compile("Live on Wide, .*")));
            page.waitForURL("**/stage/**");
            Browser.button(page, "Goal").click();
            Locator left = page.getByLabel("Left in pixels");
            String before = left.inputValue();
            left.fill("100");
            left.press("Enter");
            page.keyboard().press("Control+z");
            left.fill("200");
            left.press("Enter");
            Browser.button(page, "Put on air").click();
            assertThat(page.getByText("Release 1 is on air.")).isVisible();
            assertThat(page.getByText("Viewers see this")).isVisible();
            assertThat(left).hasValue("200");
            Browser.button(page, "Undo").click();
            assertThat(left).hasValue(before);
        }
    }

    /**
     * As by hand: the picture under the pointer begins to move, so it is painted anew while the button is held down.
     */
    private static void slowClick(Page page, Locator cell) {
        cell.locator("svg[data-piece]").first().waitFor();
        BoundingBox box = cell.boundingBox();
        page.mouse().move(box.x + box.width / 2, box.y + box.height / 3);
        page.mouse().down();
        page.waitForTimeout(600);
        page.mouse().up();
    }

    private static void away(Route route) {
        route.fulfill(new Route.FulfillOptions()
                .setStatus(503)
                .setContentType("application/problem+json")
                .setBody("{\"detail\":\"The tide took it.\"}"));
    }
}
