package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Somebody decides what a signal is worth on screen, tries it, and steers what comes. */
@ExtendWith(RunningServer.class)
class AlertsJourneyTest {

    @Test
    void aRuleIsMadeTriedAndItsAlertSteered(RunningServer server) {
        try (Browser browser = new Browser()) {
            Page page = browser.signedIn(server.address(), 1280, 800);
            page.navigate(server.address() + "/themes/" + server.host().demo() + "/alerts");
            Locator rules = page.getByLabel("Rules", new Page.GetByLabelOptions().setExact(true));
            assertThat(rules.getByText("A follow")).isVisible();

            // A signal without a rule is named, and given one at one press.
            page.getByText("Nothing is announced for:").waitFor();
            Browser.button(page, "tip").click();
            page.getByLabel("Least amount").fill("50");
            page.getByLabel("Least amount").press("Enter");
            page.getByLabel("Currency", new Page.GetByLabelOptions().setExact(true))
                    .selectOption("EUR");
            page.getByLabel("Urgency").selectOption("HIGH");
            assertThat(rules.getByText("A tip of €50.00 or more")).isVisible();

            // Words are tried while they are typed; what is wrong is said in place.
            Locator words = page.getByLabel("Words for one");
            words.fill("{nmae}: {message}");
            assertThat(page.getByText("nmae").last()).isVisible();
            words.fill("{name}, {money}: {message}");
            words.press("Enter");
            assertThat(page.getByText("This rule is not for such a signal")).isVisible();
            page.getByLabel("Amount", new Page.GetByLabelOptions().setExact(true))
                    .fill("75");
            page.getByLabel("Amount", new Page.GetByLabelOptions().setExact(true))
                    .press("Enter");
            assertThat(page.getByText("This rule is not for such a signal")).isHidden();
            assertThat(page.getByLabel("Try it").locator("svg[data-piece=announcer]"))
                    .containsText("Ilse Fenn, €75.00");

            // On the outlets it is what is on air that holds.
            Browser.button(page, "Put on air").click();
            assertThat(page.getByText("Viewers see this")).isVisible();
            Browser.button(page, "Pause").click();
            Browser.button(page, "Send it to the outlets").click();
            Locator queue = page.getByLabel("Alerts in their order");
            assertThat(queue).containsText("€75.00");
            assertThat(queue).containsText("waits");
            rules.getByText("A follow").click();
            Browser.button(page, "Send it to the outlets").click();
            assertThat(queue.locator("li")).hasCount(2);
            Browser.button(page, "Go on").click();
            assertThat(queue.locator("li").first()).containsText("on screen");
            assertThat(queue.locator("li").first()).containsText("€75.00");
            Browser.button(page, "Skip").click();
            assertThat(queue.locator("li").first()).containsText("follow");
            assertThat(queue.locator("li")).hasCount(1);

            // The demo is everybody's: its long words would be a finding to whoever looks at it next.
            Person host = server.host();
            for (JsonNode rule :
                    host.get("/api/themes/" + host.demo()).json().path("theme").path("alerts")) {
                if (rule.path("kind").asString().equals("TIP")) {
                    host.post(
                            "/api/themes/" + host.demo() + "/edits",
                            "{\"edit\":{\"edit\":\"dropAlert\",\"rule\":" + rule.path("id") + "},\"gesture\":\"\"}");
                }
            }
            host.post("/api/themes/" + host.demo() + "/on-air", "");
        }
    }
}
