package brandeon.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.CheckedNode;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Page;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Web Content Accessibility Guidelines 2.2, levels A and AA, as far as axe-core can judge them, by day and by night. */
@ExtendWith(RunningServer.class)
class AccessibilityTest {

    private static final List<String> WCAG = List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa");

    private final List<String> violations = new ArrayList<>();

    @Test
    void noMainScreenKeepsAnybodyOut(RunningServer server) {
        Person host = server.host();
        String theme = host.demo();
        Person owner = server.stranger(Role.OWNER);
        String begun = owner.post("/api/beginnings", "{\"name\":\"Low Quay\"}")
                .json()
                .path("theme")
                .asString();
        try (Browser browser = new Browser()) {
            Page stranger = browser.window(1280, 800);
            look(stranger, server.address() + "/", "text=Sign in");
            stranger.getByText("I forgot my password").click();
            looked(stranger, "Recovery");
            Page page = browser.signedIn(server.address(), 1280, 800);
            for (boolean night : new boolean[] {false, true}) {
                page.evaluate("(night) => localStorage.setItem('brandeon-night', night ? '1' : '0')", night);
                look(page, server.address() + "/", "text=Reedlight Hide");
                look(page, server.address() + "/people", "text=What each role may do");
                look(page, server.address() + "/record", "text=Save as CSV");
                look(page, server.address() + "/account", "text=Where you are signed in");
                for (String screen : new String[] {
                    "brand",
                    "brand/pictures",
                    "pieces",
                    "pieces/band",
                    "sheet",
                    "stage/hide/wide",
                    "rehearse",
                    "publish",
                    "move"
                }) {
                    look(page, server.address() + "/themes/" + theme + "/" + screen, "main h1, main h2, main svg");
                }
            }
            Page newcomer = signedIn(browser, server, owner);
            look(newcomer, server.address() + "/themes/" + begun + "/begin", "text=Question 1 of 6");
            for (int question = 2; question <= 6; question++) {
                newcomer.getByText("Next", new Page.GetByTextOptions().setExact(true))
                        .click();
                newcomer.waitForSelector("text=Question " + question + " of 6");
                looked(newcomer, "Question " + question);
            }
        }
        assertThat(violations).isEmpty();
    }

    /** With the cookies of somebody who is signed in already. */
    private static Page signedIn(Browser browser, RunningServer server, Person person) {
        Page page = browser.window(1280, 800);
        page.context()
                .addCookies(person.cookies().stream()
                        .map(cookie -> new com.microsoft.playwright.options.Cookie(cookie.getName(), cookie.getValue())
                                .setUrl(server.address()))
                        .toList());
        return page;
    }

    private void look(Page page, String address, String ready) {
        page.navigate(address);
        page.locator(ready).first().waitFor();
        looked(page, address.replaceFirst("http://[^/]+", "").replaceFirst("[0-9a-f-]{36}", "…"));
    }

    private void looked(Page page, String name) {
        for (Rule rule : new AxeBuilder(page).withTags(WCAG).analyze().getViolations()) {
            for (CheckedNode node : rule.getNodes()) {
                violations.add(name + ": " + rule.getId() + " (" + rule.getHelp() + ") at " + node.getTarget() + ": "
                        + node.getHtml()
                                .substring(0, Math.min(160, node.getHtml().length())));
            }
        }
    }
}
