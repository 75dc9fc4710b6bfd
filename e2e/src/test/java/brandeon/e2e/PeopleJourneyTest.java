package brandeon.e2e;

import static brandeon.e2e.Browser.button;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import brandeon.server.support.ServerProcess;
import brandeon.server.support.TestDatabase;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import org.junit.jupiter.api.Test;

/** From an empty database: two people in two browsers, one of whom comes, is a viewer, is taken out, and comes again. */
class PeopleJourneyTest {

    private static final String PASSWORD = "four reeds and a lantern";
    private static final String NEXT = "sluice gate at nine past";
    /** What somebody else changed reaches an open page within it. */
    private static final double A_SECOND = 1000;

    @Test
    void twoPeopleShareAWorkspace() {
        try (TestDatabase database = new TestDatabase();
                ServerProcess server = ServerProcess.empty(database);
                Browser browser = new Browser()) {
            Page ilse = browser.window(1280, 800);
            ilse.navigate(server.address());
            button(ilse, "Make an account").click();
            account(ilse, "Ilse Fenn", "ilse@reedlight.example");
            assertThat(ilse.getByText("Nothing here yet.")).isVisible();
            ilse.getByLabel("Name of the new theme").fill("First light");
            // Where she is, and what she saw, is kept once she stays.
            ilse.waitForResponse(
                    response -> response.url().endsWith("/visit")
                            && response.request().method().equals("PUT"),
                    () -> button(ilse, "Empty theme").click());
            ilse.waitForURL("**/brand");
            String theme = ilse.url();
            String code = recoveryCode(ilse, server.address());

            link(ilse, "People").click();
            assertThat(ilse.getByText("Only you")).isVisible();
            button(ilse, "Make the link").click();
            String invitation = ilse.getByLabel("Link of the invitation").inputValue();
            assertThat(ilse.getByText("Invitations that still work")).isVisible();

            Page tavi = browser.window(1280, 800);
            tavi.navigate(invitation);
            assertThat(tavi.getByText("Ilse Fenn invites you to work in Ilse Fenn as designer"))
                    .isVisible();
            account(tavi, "Tavi Brook", "tavi@reedlight.example");
            assertThat(tavi.getByText("First light").first()).isVisible();
            button(tavi, "More for First light").click();
            assertThat(item(tavi, "Duplicate")).isVisible();
            assertThat(item(tavi, "Delete …")).hasCount(0);
            tavi.navigate(theme);
            assertThat(tavi.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("First light")))
                    .isVisible();

            button(tavi, "Add a colour").click();
            assertThat(tavi.getByLabel("Seed 4", new Page.GetByLabelOptions().setExact(false))
                            .first())
                    .isVisible();
            ilse.navigate(theme.replace("/brand", ""));
            assertThat(ilse.getByText("Tavi Brook made one change (")).isVisible();
            ilse.waitForURL(theme);

            ilse.navigate(server.address() + "/people");
            assertThat(ilse.getByText("2 people")).isVisible();
            becomes(ilse, "OPERATOR");
            assertThat(tavi.getByText("Your role here is operator")).isVisible(soon());
            assertThat(button(tavi, "Add a colour")).not().isVisible();
            assertThat(button(tavi, "Undo")).hasCount(0);
            assertThat(button(tavi, "Put on air")).isVisible();
            becomes(ilse, "OWNER");
            assertThat(button(tavi, "Add a colour")).isVisible(soon());
            becomes(ilse, "VIEWER");
            assertThat(tavi.getByText("Your role here is viewer")).isVisible(soon());
            assertThat(button(tavi, "Add a colour")).not().isVisible();
            assertThat(button(tavi, "Put on air")).hasCount(0);
            button(ilse, "Remove Tavi Brook").click();
            button(ilse, "Remove now").click();
            assertThat(ilse.getByText("Tavi Brook is not in Ilse Fenn any more."))
                    .isVisible();
            assertThat(tavi.getByText("This theme cannot be opened")).isVisible(soon());
            link(tavi, "Back to the shelf").click();
            assertThat(tavi.getByText("You are in no workspace.")).isVisible();
            button(tavi, "Sign out").click();
            assertThat(button(tavi, "Sign in")).isVisible();

            link(ilse, "Account").click();
            button(ilse, "Recovery link for Tavi Brook").click();
            button(ilse, "Copy the link").waitFor();
            String again = linkOf(ilse);
            tavi.navigate(again);
            assertThat(tavi.getByText("Choose a new password for Tavi Brook.")).isVisible();
            tavi.getByLabel("New password").fill(NEXT);
            button(tavi, "Set the new password").click();
            assertThat(tavi.getByText("You are in no workspace.")).isVisible();
            link(tavi, "Account").click();
            assertThat(tavi.getByText("Ilse Fenn issued a recovery link for you"))
                    .isVisible();

            button(ilse, "Sign out").click();
            button(ilse, "I forgot my password").click();
            ilse.getByLabel("Address").fill("ilse@reedlight.example");
            ilse.getByLabel("Recovery code").fill(code.toUpperCase(java.util.Locale.ROOT));
            ilse.getByLabel("New password").fill(NEXT);
            button(ilse, "Set the new password").click();
            assertThat(ilse.getByText("First light").first()).isVisible();

            Passkey.signsIn(ilse, server.address().replace("127.0.0.1", "localhost"), "ilse@reedlight.example", NEXT);
        }
    }

    private static void becomes(Page owner, String role) {
        owner.getByLabel("Role of Tavi Brook").selectOption(role);
        assertThat(owner.getByText("Tavi Brook is " + role.toLowerCase(java.util.Locale.ROOT) + " now."))
                .isVisible();
    }

    private static LocatorAssertions.IsVisibleOptions soon() {
        return new LocatorAssertions.IsVisibleOptions().setTimeout(A_SECOND);
    }

    private static Locator item(Page page, String name) {
        return page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(name));
    }

    private static String linkOf(Page page) {
        page.evaluate(
                "() => { navigator.clipboard.writeText = (text) => { window.copied = text; return Promise.resolve(); }; }");
        button(page, "Copy the link").click();
        return (String) page.waitForFunction("() => window.copied").jsonValue();
    }

    /** One of those that are shown once. */
    private static String recoveryCode(Page page, String address) {
        page.navigate(address + "/account");
        Locator codes = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Recovery codes"));
        codes.getByLabel("Current password").fill(PASSWORD);
        button(page, "Make codes").click();
        assertThat(codes.getByRole(AriaRole.LISTITEM)).hasCount(10);
        String code = codes.getByRole(AriaRole.LISTITEM).nth(4).textContent();
        button(page, "I have them").click();
        assertThat(page.getByText("10 codes can still be used.")).isVisible();
        return code;
    }

    private static void account(Page page, String name, String address) {
        page.getByLabel("Name").fill(name);
        page.getByLabel("Address").fill(address);
        page.getByLabel("Password").fill(PASSWORD);
        button(page, "Make the account").click();
    }

    private static Locator link(Page page, String name) {
        return page.getByRole(
                AriaRole.LINK, new Page.GetByRoleOptions().setName(name).setExact(true));
    }
}
