package brandeon.e2e;

import static brandeon.e2e.Browser.button;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A stranger makes the first account, begins a theme with it, and comes back under another password. */
@ExtendWith(RunningServer.class)
class AccountJourneyTest {

    private static final String PASSWORD = "four reeds and a lantern";

    private static final String MARSH = """
            <svg xmlns="http://www.w3.org/2000/svg" width="80" height="40">
              <rect width="80" height="40" fill="#3a5f8a"/><rect width="30" height="40" fill="#c9772b"/>
            </svg>""";

    @Test
    void aStrangerComesInAndComesBack(RunningServer server) throws IOException {
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

            page.navigate(server.address());
            page.getByLabel("Picture, palette or package to begin a theme with")
                    .setInputFiles(new FilePayload(
                            "night_marsh.txt", "text/plain", "no colours".getBytes(StandardCharsets.UTF_8)));
            assertThat(button(page, "Close this message")).isVisible();
            assertThat(page.getByText("New theme", new Page.GetByTextOptions().setExact(true)))
                    .hasCount(1);
            page.getByLabel("Picture, palette or package to begin a theme with")
                    .setInputFiles(new FilePayload(
                            "night_marsh.svg", "image/svg+xml", MARSH.getBytes(StandardCharsets.UTF_8)));
            page.waitForURL("**/begin");
            assertThat(page.getByLabel("Name of the theme")).hasValue("Night marsh");
            assertThat(page.getByLabel("Colour 1 as text")).hasValue("#3a5f8a");

            page.navigate(server.address());
            button(page, "More for Night marsh").click();
            Download packed = page.waitForDownload(
                    () -> page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Save as a package"))
                            .click());
            org.assertj.core.api.Assertions.assertThat(packed.suggestedFilename())
                    .isEqualTo("Night marsh.zip");
            page.getByLabel("Picture, palette or package to begin a theme with")
                    .setInputFiles(new FilePayload(
                            packed.suggestedFilename(), "application/zip", Files.readAllBytes(packed.path())));
            assertThat(page.getByText("You have a theme called Night marsh already: this one is called a copy."))
                    .isVisible();
            button(page, "Bring it in").click();
            assertThat(page.getByText("Night marsh, copy is on the shelf")).isVisible();
            page.waitForURL("**/sheet");
            page.navigate(server.address());
            button(page, "More for Night marsh").click();
            page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Archive"))
                    .click();
            assertThat(button(page, "Archive (1)")).isVisible();
            assertThat(button(page, "More for Night marsh")).hasCount(0);
            page.getByLabel("Find a theme").fill("marsh night");
            assertThat(button(page, "More for Night marsh")).isVisible();
            page.getByLabel("Find a theme").fill("");

            page.navigate(server.address() + "/account");
            page.getByLabel("As others see it").fill("Ilse of Low Quay");
            button(page, "Change the name").click();
            assertThat(page.getByText("Your name is changed.")).isVisible();
            Locator change = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Password"));
            change.getByLabel("Current password").fill("something else");
            change.getByLabel("New password").fill("sluice gate at nine past");
            button(page, "Change the password").click();
            assertThat(page.getByText("This is not your current password.")).isVisible();
            change.getByLabel("Current password").fill(PASSWORD);
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
}
