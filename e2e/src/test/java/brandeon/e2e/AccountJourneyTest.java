package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A stranger makes the first account, begins a theme with it, and comes back under another password. */
@ExtendWith(RunningServer.class)
class AccountJourneyTest {

    private static final String PASSWORD = "four reeds and a lantern";

    @Test
    void aStrangerComesInAndComesBack(RunningServer server) {
        try (Browser browser = new Browser()) {
            Page page = browser.window(1280, 800);
            page.navigate(server.address());
            button(page, "Make an account").click();
            assertThat(page.getByText("The first account here.")).isVisible();
            page.getByLabel("Name").fill("Ilse Fenn");
            page.getByLabel("Address").fill("ilse@reedlight.example");
            Locator password = page.getByLabel("Password");
            password.fill("ilsefennilse");
            assertThat(page.getByText("Hardly more than your own name")).isVisible();
            button(page, "Make the account").click();
            assertThat(page.getByRole(AriaRole.ALERT)).containsText("will not do");
            password.fill(PASSWORD);
            assertThat(page.getByText("Very good.")).isVisible();
            password.press("Enter");

            assertThat(page.getByText("Nothing here yet.")).isVisible();
            page.getByLabel("Name of the new theme").fill("First light");
            button(page, "Empty theme").click();
            page.waitForURL("**/brand");

            page.navigate(server.address() + "/account");
            page.getByLabel("As others see it").fill("Ilse of Low Quay");
            button(page, "Change the name").click();
            assertThat(page.getByText("Your name is changed.")).isVisible();
            Locator change = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Password"));
            change.getByLabel("Present password").fill("something else");
            change.getByLabel("New password").fill("sluice gate at nine past");
            button(page, "Change the password").click();
            assertThat(page.getByText("This is not your present password.")).isVisible();
            change.getByLabel("Present password").fill(PASSWORD);
            button(page, "Change the password").click();
            assertThat(page.getByText("Your password is changed, and every other session has ended."))
                    .isVisible();
            page.getByLabel("Anybody may make an account").check();

            page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Shelf"))
                    .click();
            button(page, "Sign out").click();
            page.getByLabel("Address").fill("Ilse@Reedlight.example");
            page.getByLabel("Password").fill("sluice gate at nine past");
            page.keyboard().press("Enter");
            assertThat(page.getByText("First light").first()).isVisible();

            Page other = browser.window(400, 800);
            other.navigate(server.address());
            button(other, "Make an account").click();
            assertThat(other.getByText("with a workspace of your own")).isVisible();
        }
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }
}
