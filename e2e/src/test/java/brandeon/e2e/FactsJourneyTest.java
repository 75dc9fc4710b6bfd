package brandeon.e2e;

import static brandeon.e2e.Browser.button;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Dialog;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Somebody connects a script of their own to a channel, and sees each thing arrive. */
@ExtendWith(RunningServer.class)
class FactsJourneyTest {

    @Test
    void aScriptIsConnectedAndSeenToArrive(RunningServer server) throws Exception {
        Person host = server.host();
        String theme = host.demo();
        try (Browser browser = new Browser()) {
            Page page = browser.signedIn(server.address(), 1280, 800);
            page.navigate(server.address() + "/themes/" + theme + "/facts");
            Locator form = page.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("New channel"));
            form.getByLabel("Name of the channel").fill("second hide");
            form.getByLabel("Platform").selectOption("cedar");
            form.getByText("Add").click();
            assertThat(page.getByText("second hide is there, with a show of its own."))
                    .isVisible();
            assertThat(page.getByText("Nothing came yet.")).isVisible();

            button(page, "Make Reedlight Hide for this channel").click();
            assertThat(page.getByText("This theme was on air already. Move it instead"))
                    .isVisible();

            button(page, "Close this message").last().click();
            page.onDialog(Dialog::accept);
            button(page, "Issue a new signing secret").click();
            Locator shown = page.getByText("The signing secret, shown this once")
                    .locator("..")
                    .locator("code");
            String secret = shown.textContent();
            String call = page.locator("pre", new Page.LocatorOptions().setHasText("openssl"))
                    .textContent();
            run(call, secret);
            Locator list = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Last deliveries"));
            assertThat(list.getByText("counted", new Locator.GetByTextOptions().setExact(true)))
                    .isVisible();
            run(call.replace("cedar.follow", "cedar.heron"), secret);
            assertThat(list.getByText("Cedar sends no signal of type “cedar.heron”."))
                    .isVisible();

            list.getByText("Counted: follow, Ilse Fenn.").click();
            assertThat(list.getByText("\"type\": \"cedar.follow\"")).isVisible();
            list.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Send again"))
                    .locator("visible=true")
                    .click();
            assertThat(list.getByText("repeated", new Locator.GetByTextOptions().setExact(true)))
                    .isVisible();

            page.reload();
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("second hide"))
                    .click();
            assertThat(shown).hasCount(0);
            button(page, "Delete the channel").click();
            button(page, "Delete it and its signals").click();
            assertThat(page.getByText("second hide and its signals are deleted."))
                    .isVisible();
            assertThat(button(page, "Delete the channel")).isDisabled();
        }
    }

    /** A tip page sends JSON that nobody here thought of; its parts are pressed in a sample. */
    @Test
    void aForeignBodyIsMappedAndCounted(RunningServer server) {
        Person host = server.host();
        try (Browser browser = new Browser()) {
            Page page = browser.signedIn(server.address(), 1280, 800);
            page.navigate(server.address() + "/themes/" + host.demo() + "/facts");
            page.getByLabel("Name of the mapped inlet").fill("Tip page");
            button(page, "Add a mapped inlet").click();
            page.getByLabel("A body, as it is sent")
                    .fill(
                            "{\"donor\":{\"display\":\"Maret Sedge\"},\"gift\":{\"value\":\"7.50\",\"cur\":\"EUR\"},\"note\":\"For the lens cloth\"}");
            Locator values = page.getByLabel("Values of the sample");
            values.getByText("Maret Sedge").click();
            values.getByText("7.50").click();
            values.getByText("EUR").click();
            assertThat(page.getByText("main unit")).isVisible();
            page.getByLabel("Amounts of money come as").check();
            values.getByText("For the lens cloth").click();
            assertThat(page.getByText("Would be taken in as tip, Maret Sedge, €7.50"))
                    .isVisible();
            button(page, "Keep it").click();
            assertThat(page.getByText("Tip page is kept.")).isVisible();

            String address = page.locator("code", new Page.LocatorOptions().setHasText("/inlets/mapped/"))
                    .textContent();
            Person tipPage = Person.unknown(server.address());
            tipPage.post(
                    java.net.URI.create(address).getPath(),
                    "{\"donor\":{\"display\":\"Oskar Dunlin\"},\"gift\":{\"value\":12,\"cur\":\"EUR\"}}");
            Locator list = page.getByRole(AriaRole.LIST, new Page.GetByRoleOptions().setName("Last deliveries"));
            assertThat(list.getByText("Counted: tip, Oskar Dunlin.")).isVisible();
        }
    }

    private static void run(String call, String secret) throws Exception {
        ProcessBuilder shell = new ProcessBuilder("sh", "-c", call).redirectErrorStream(true);
        shell.environment().put("SECRET", secret);
        Process process = shell.start();
        process.getInputStream().readAllBytes();
        org.assertj.core.api.Assertions.assertThat(process.waitFor(20, TimeUnit.SECONDS))
                .isTrue();
    }
}
