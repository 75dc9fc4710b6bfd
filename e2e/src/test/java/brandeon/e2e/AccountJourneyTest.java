package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import brandeon.server.support.RunningServer;
import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
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

    private static final String REPLAY = """
            async ([body, asked]) => {
              const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]*)/)[1]);
              const headers = { "Content-Type": "application/json", "X-XSRF-TOKEN": token };
              if (asked) await fetch("/api/session/passkey/challenge", { method: "POST", headers });
              return (await fetch("/api/session/passkey", { method: "POST", headers, body })).status;
            }""";

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

            signsInWithAPasskey(page, server.address().replace("127.0.0.1", "localhost"));

            Page other = browser.window(400, 800);
            other.navigate(server.address());
            button(other, "Make an account").click();
            assertThat(other.getByText("with a workspace of your own")).isVisible();
        }
    }

    /** Chromium's own stand-in for a device that asks its owner first (Chrome DevTools Protocol, WebAuthn domain). */
    private static void signsInWithAPasskey(Page page, String address) {
        CDPSession devices = page.context().newCDPSession(page);
        devices.send("WebAuthn.enable");
        JsonObject device = new JsonObject();
        device.addProperty("protocol", "ctap2");
        device.addProperty("transport", "internal");
        for (String can :
                List.of("hasResidentKey", "hasUserVerification", "isUserVerified", "automaticPresenceSimulation")) {
            device.addProperty(can, true);
        }
        JsonObject added = new JsonObject();
        added.add("options", device);
        devices.send("WebAuthn.addVirtualAuthenticator", added);

        page.navigate(address);
        assertThat(button(page, "With a passkey")).isVisible();
        button(page, "With a passkey").click();
        // The device has none yet, and says so only to its owner.
        assertThat(button(page, "With a passkey")).isEnabled();
        page.getByLabel("Address").fill("ilse@reedlight.example");
        page.getByLabel("Password").fill("sluice gate at nine past");
        page.keyboard().press("Enter");
        assertThat(page.getByText("First light").first()).isVisible();
        page.navigate(address + "/account");
        button(page, "Add a passkey").click();
        page.getByLabel("What it is called").fill("Desk lamp key");
        Locator form = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("New passkey"));
        form.getByLabel("Present password").fill("not this one");
        button(page, "Make it").click();
        assertThat(form.getByRole(AriaRole.ALERT)).containsText("not your present password");
        form.getByLabel("Present password").fill("sluice gate at nine past");
        button(page, "Make it").click();
        assertThat(page.getByText("Desk lamp key can sign in from now on.")).isVisible();

        button(page, "Sign out").click();
        Request signed = page.waitForRequest(
                address + "/api/session/passkey",
                () -> button(page, "With a passkey").click());
        assertThat(page.getByText("First light").first()).isVisible();
        // What was signed once opens nothing again, whether nothing is asked now or something else is.
        for (boolean asked : new boolean[] {false, true}) {
            org.assertj.core.api.Assertions.assertThat(page.evaluate(REPLAY, List.of(signed.postData(), asked)))
                    .isEqualTo(401);
        }

        page.navigate(address + "/account");
        button(page, "Remove Desk lamp key").click();
        assertThat(page.getByText("The passkey is removed.")).isVisible();
        button(page, "Sign out").click();
        button(page, "With a passkey").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("This passkey is not known here.");
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }
}
