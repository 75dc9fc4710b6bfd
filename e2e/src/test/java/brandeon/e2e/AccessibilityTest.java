package brandeon.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** WCAG 2.2, levels A and AA, as far as axe-core can judge them, by day and by night. */
@ExtendWith(RunningServer.class)
class AccessibilityTest {

    private static final List<String> WCAG = List.of("wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa");

    private static final String AXE = axe();

    /**
     * One call into the page: the library's own way hands all that passed to the test, which took most of its time.
     * What viewers would see is the theme's own, and is judged by preflight.
     */
    private static final String JUDGE = """
            async (tags) => {
              const only = tags.length === 0 ? { type: "rule", values: ["color-contrast"] } : { type: "tag", values: tags };
              const result = await axe.run(
                { exclude: [["svg[data-piece]"]] },
                { runOnly: only, resultTypes: ["violations"], iframes: false });
              return result.violations.flatMap((rule) => rule.nodes.map((node) =>
                `${rule.id} (${rule.help}) at ${node.target}: ${node.html.slice(0, 160)}`));
            }""";

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
            // That a fault would be found at all.
            stranger.evaluate("() => document.querySelector('main').append(document.createElement('img'))");
            looked(stranger, "planted");
            assertThat(violations).hasSize(1).first().asString().contains("image-alt");
            violations.clear();
            stranger.getByText("I forgot my password").click();
            looked(stranger, "Recovery");
            // Lists hold more than they show.
            for (int press = 0; press < 14; press++) {
                host.cue(
                        theme,
                        "{\"cue\":\"putUp\",\"piece\":\"guest\",\"card\":%d,\"seconds\":0}".formatted(1 - press % 2));
            }
            Page page = browser.signedIn(server.address(), 1280, 800);
            String[] screens = {
                "/",
                "/people",
                "/record",
                "/account",
                "/themes/" + theme + "/brand",
                "/themes/" + theme + "/brand/pictures",
                "/themes/" + theme + "/brand/loose",
                "/themes/" + theme + "/pieces",
                "/themes/" + theme + "/pieces/band",
                "/themes/" + theme + "/sheet",
                "/themes/" + theme + "/stage/hide/wide",
                "/themes/" + theme + "/facts",
                "/themes/" + theme + "/alerts",
                "/themes/" + theme + "/publish",
                "/themes/" + theme + "/move"
            };
            for (String screen : screens) {
                look(page, server.address() + screen, "main h1, main h2, main svg, main input");
            }
            look(
                    page,
                    server.address() + "/themes/" + theme + "/rehearse",
                    "ul[aria-label='What was done'] li:nth-child(10)");
            // By night only the colours are others; these show all that there are.
            page.evaluate("() => localStorage.setItem('brandeon-night', '1')");
            night = true;
            for (String screen : new String[] {screens[0], screens[3], screens[8], screens[9], screens[12]}) {
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

    @SuppressWarnings("unchecked")
    private void looked(Page page, String name) {
        page.evaluate(AXE);
        List<String> found = (List<String>) page.evaluate(JUDGE, night ? List.of() : WCAG);
        found.forEach(violation -> violations.add(name + ": " + violation));
    }

    private static String axe() {
        try (InputStream script = AxeBuilder.class.getResourceAsStream("/axe.min.js")) {
            return new String(script.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
