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
    private boolean night;

    @Test
    void noMainScreenKeepsAnybodyOut(RunningServer server) {
        Person host = server.host();
        String theme = host.demo();
        Person owner = server.stranger(Role.OWNER);
        String begun = owner.post("/api/beginnings", "{\"name\":\"Low Quay\",\"seeds\":[]}")
                .json()
                .path("theme")
                .asString();
        try (Browser browser = new Browser()) {
            Page stranger = browser.window(1280, 800);
            look(stranger, server.address() + "/", "text=Sign in");
            stranger.getByText("I forgot my password").click();
            looked(stranger, "Recovery");
            Page page = browser.signedIn(server.address(), 1280, 800);
            String[] screens = {
                "/",
                "/people",
                "/record",
                "/account",
                "/themes/" + theme + "/brand",
                "/themes/" + theme + "/brand/pictures",
                "/themes/" + theme + "/pieces",
                "/themes/" + theme + "/pieces/band",
                "/themes/" + theme + "/sheet",
                "/themes/" + theme + "/stage/hide/wide",
                "/themes/" + theme + "/rehearse",
                "/themes/" + theme + "/publish",
                "/themes/" + theme + "/move"
            };
            for (String screen : screens) {
                look(page, server.address() + screen, "main h1, main h2, main svg, main input");
            }
            // By night only the colours are others; these show all that there are.
            page.evaluate("() => localStorage.setItem('brandeon-night', '1')");
            night = true;
            for (String screen : new String[] {screens[0], screens[3], screens[8], screens[9], screens[11]}) {
                look(page, server.address() + screen, "main h1, main h2, main svg, main input");
            }
            night = false;
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
        // What viewers would see is the theme's own, and is judged by preflight.
        AxeBuilder axe = new AxeBuilder(page).exclude("svg[data-piece]");
        axe = night ? axe.withRules(List.of("color-contrast")) : axe.withTags(WCAG);
        for (Rule rule : axe.analyze().getViolations()) {
            for (CheckedNode node : rule.getNodes()) {
                violations.add(name + ": " + rule.getId() + " (" + rule.getHelp() + ") at " + node.getTarget() + ": "
                        + node.getHtml()
                                .substring(0, Math.min(160, node.getHtml().length())));
            }
        }
    }
}
