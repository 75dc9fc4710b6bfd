package brandeon.e2e;

import static brandeon.e2e.Browser.button;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Request;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;

/** Signing in with a passkey, from its making to its end. */
final class Passkey {

    private static final String REPLAY = """
            async ([body, asked]) => {
              const token = decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]*)/)[1]);
              const headers = { "Content-Type": "application/json", "X-XSRF-TOKEN": token };
              if (asked) await fetch("/api/session/passkey/challenge", { method: "POST", headers });
              return (await fetch("/api/session/passkey", { method: "POST", headers, body })).status;
            }""";

    private Passkey() {}

    /** Chromium's own stand-in for a device that asks its owner first (Chrome DevTools Protocol, WebAuthn domain). */
    static void signsIn(Page page, String address, String email, String password) {
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
        page.getByLabel("Address").fill(email);
        page.getByLabel("Password").fill(password);
        page.keyboard().press("Enter");
        assertThat(page.getByText("First light").first()).isVisible();
        page.navigate(address + "/account");
        button(page, "Add a passkey").click();
        page.getByLabel("What it is called").fill("Desk lamp key");
        Locator form = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("New passkey"));
        form.getByLabel("Current password").fill("not this one");
        button(page, "Make it").click();
        assertThat(form.getByRole(AriaRole.ALERT)).containsText("not your current password");
        form.getByLabel("Current password").fill(password);
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
}
