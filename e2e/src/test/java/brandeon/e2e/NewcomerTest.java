package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.Person;
import brandeon.server.support.ServerProcess;
import brandeon.server.support.TestDatabase;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/**
 * From an empty database to a source that is seen open at the right size. A newcomer types five letters a second and
 * looks for a second before each press; what the machine takes is measured and comes on top.
 */
class NewcomerTest {

    private static final int MOST_PRESSES = 12;
    private static final double MOST_SECONDS = 180;
    private static final double LETTERS_A_SECOND = 5;

    private Page page;
    private int presses;
    private int letters;

    private void press(AriaRole role, String name) {
        page.getByRole(role, new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
        presses++;
    }

    private void type(String label, String text) {
        page.getByLabel(label, new Page.GetByLabelOptions().setExact(true)).fill(text);
        letters += text.length();
    }

    @Test
    void aStrangerHasASourceOpenInThreeMinutes() {
        try (TestDatabase database = new TestDatabase();
                ServerProcess server = ServerProcess.empty(database);
                Browser browser = new Browser()) {
            page = browser.window(1280, 800);
            long from = System.nanoTime();
            page.navigate(server.address());
            press(AriaRole.BUTTON, "Make an account");
            type("Name", "Wren Alder");
            type("Email address", "wren@reedlight.example");
            type("Password", "four reeds and a lantern");
            press(AriaRole.BUTTON, "Make the account");
            press(AriaRole.BUTTON, "Make your first theme");
            type("Name of the theme", "Low Quay");
            press(AriaRole.BUTTON, "Next");
            assertThat(page.getByText("Which family?")).isVisible();
            press(AriaRole.BUTTON, "Next");
            assertThat(page.getByText("Which scenes, on which canvases?")).isVisible();
            press(AriaRole.BUTTON, "Next");
            type("Starting: title", "Lamps lit soon");
            press(AriaRole.BUTTON, "Next");
            assertThat(page.getByText("Where do you stream?")).isVisible();
            press(AriaRole.BUTTON, "Next");
            press(AriaRole.BUTTON, "Put it on air");
            Locator live = page.getByRole(
                    AriaRole.LINK,
                    new Page.GetByRoleOptions().setName("Open Starting, Wide").setExact(true));
            String link = live.getAttribute("href");
            presses++;
            // A browser source of the two numbers that stand beside the link.
            Page source = browser.window(1920, 1080);
            source.navigate(link);
            assertThat(page.getByText("1 of 10 seen open at the right size.")).isVisible();
            double seconds = (System.nanoTime() - from) / 1e9 + letters / LETTERS_A_SECOND + presses;
            System.out.printf(
                    "A newcomer: %d presses, %d letters, %.0f s, of which the machine took %.1f%n",
                    presses, letters, seconds, (System.nanoTime() - from) / 1e9);
            assertThat(source.locator("svg[data-piece=screen]")).containsText("Lamps lit soon");
            assertThat(presses).isLessThanOrEqualTo(MOST_PRESSES);
            assertThat(seconds).isLessThan(MOST_SECONDS);

            inTheRig();
            comesBackAndUndoes(server, browser);
        }
    }

    /** The same in the rig, for whoever has no broadcaster at hand. */
    private void inTheRig() {
        page.getByText("Try them in the practice rig").click();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Fill from the ledger"))
                .click();
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Starting").setExact(true))
                .first()
                .click();
        assertThat(page.locator("iframe").first().contentFrame().locator("svg[data-piece=screen]"))
                .containsText("Lamps lit soon", new LocatorAssertions.ContainsTextOptions().setTimeout(30_000));
    }

    /** Another theme: closed in the middle, gone on with, and all of it undone at once. */
    private void comesBackAndUndoes(ServerProcess server, Browser browser) {
        page.navigate(server.address());
        press(AriaRole.BUTTON, "New theme");
        type("Name of the theme", "Marsh House");
        press(AriaRole.BUTTON, "Next");
        press(AriaRole.BUTTON, "Next");
        page.getByLabel("on the left").check();
        page.getByLabel("Talking").uncheck();
        assertThat(page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Talking")))
                .hasCount(0);
        page.navigate(server.address());
        page.getByText("Go on with question 3").click();
        assertThat(page.getByLabel("on the left")).isChecked();
        assertThat(page.getByLabel("Talking")).not().isChecked();
        press(AriaRole.BUTTON, "Back");
        press(AriaRole.BUTTON, "Back");
        assertThat(page.getByLabel("Name of the theme")).hasValue("Marsh House");
        page.getByText("Leave the questions").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Marsh House")))
                .isVisible();
        page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Undo"))
                .click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("New theme")))
                .isVisible();
        Person wren = Person.signedIn(server.address(), "wren@reedlight.example", "four reeds and a lantern");
        String theme = page.url().replaceFirst(".*/themes/([^/]+).*", "$1");
        assertThat(wren.get("/api/themes/" + theme).json().path("theme").path("scenes"))
                .as("one undo takes all of it out")
                .isEmpty();
        page.navigate(server.address() + "/themes/" + theme + "/begin");
        page.getByLabel("Name of the theme").fill("Loft");
        assertThat(page.getByText("changed on its other screens")).isVisible();
    }
}
