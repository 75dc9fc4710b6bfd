package brandeon.e2e;

import static brandeon.e2e.Browser.button;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What pieces say, written as a host does it: an agenda line by line, a goal as a number, words of one scene alone. */
@ExtendWith(RunningServer.class)
class ContentJourneyTest {

    private static final List<String> START = List.of("DONE Curlew", "DONE Water rail", "NOW Bittern", "OPEN Barn owl");

    @Test
    void linesAreWrittenOrderedPastedAndTakenBackOneByOne(RunningServer server) {
        Person host = server.host();
        String theme = host.demo();
        try (Browser browser = new Browser()) {
            Page page = browser.signedIn(server.address(), 1280, 800);
            page.navigate(server.address() + "/themes/" + theme + "/pieces/species");
            List<List<String>> states = new ArrayList<>();
            reached(page, host, theme, states, START);

            button(page, "Add a line").click();
            page.getByLabel("Point, line 5").fill("Snipe");
            page.keyboard().press("Enter");
            reached(
                    page,
                    host,
                    theme,
                    states,
                    List.of("DONE Curlew", "DONE Water rail", "NOW Bittern", "OPEN Barn owl", "OPEN Snipe"));
            page.getByLabel("State of line 4").selectOption("NOW");
            reached(
                    page,
                    host,
                    theme,
                    states,
                    List.of("DONE Curlew", "DONE Water rail", "NOW Bittern", "NOW Barn owl", "OPEN Snipe"));
            button(page, "Move line 5").focus();
            page.keyboard().press("ArrowUp");
            reached(
                    page,
                    host,
                    theme,
                    states,
                    List.of("DONE Curlew", "DONE Water rail", "NOW Bittern", "OPEN Snipe", "NOW Barn owl"));
            button(page, "Move line 1").dragTo(page.getByLabel("Point, line 4"));
            reached(
                    page,
                    host,
                    theme,
                    states,
                    List.of("DONE Water rail", "NOW Bittern", "OPEN Snipe", "DONE Curlew", "NOW Barn owl"));
            paste(page.getByLabel("Point, line 1"), "- [x] Dunlin\n- [ ] Redshank\tnear the dyke");
            reached(
                    page,
                    host,
                    theme,
                    states,
                    List.of(
                            "DONE Water rail",
                            "DONE Dunlin",
                            "OPEN Redshank near the dyke",
                            "NOW Bittern",
                            "OPEN Snipe",
                            "DONE Curlew",
                            "NOW Barn owl"));
            button(page, "Remove line 7").click();
            reached(
                    page,
                    host,
                    theme,
                    states,
                    List.of(
                            "DONE Water rail",
                            "DONE Dunlin",
                            "OPEN Redshank near the dyke",
                            "NOW Bittern",
                            "OPEN Snipe",
                            "DONE Curlew"));

            for (int left = states.size() - 2; left >= 0; left--) {
                button(page, "Undo").click();
                awaitPoints(page, host, theme, states.get(left));
            }
        }
    }

    @Test
    void aGoalTakesANumberAndSaysWhatIsNone(RunningServer server) {
        Person host = server.host();
        String theme = host.demo();
        try (Browser browser = new Browser()) {
            Page page = browser.signedIn(server.address(), 1280, 800);
            // As on a machine that is busy with other things: what came from the server is drawn late.
            page.addInitScript("""
                    const after = window.setTimeout;
                    window.setTimeout = (then, millis, ...rest) => after(then, millis || 400, ...rest);""");
            page.navigate(server.address() + "/themes/" + theme + "/stage/desk/wide?piece=nest-boxes");
            page.getByRole(
                            AriaRole.TAB,
                            new Page.GetByRoleOptions().setName("Text").setExact(true))
                    .click();
            page.getByLabel("Value: which number").selectOption("set by hand");
            Locator value = page.getByLabel("Value", new Page.GetByLabelOptions().setExact(true));
            value.fill("many");
            value.press("Enter");
            assertThat(value).hasValue("0");
            value.fill("0.0125k");
            page.waitForResponse("**/edits", () -> value.press("Enter"));
            page.getByLabel("Value: written as").selectOption("€12.50");
            assertThat(page.locator("[data-testid=stage] svg[data-piece=nest-boxes]")
                            .first())
                    .containsText("€12.50 / 40");
            Locator goal = page.locator("[data-testid=stage] svg[data-piece=nest-boxes]")
                    .first();
            // The last one takes it back to the live number, which other tests may have raised.
            for (String shown : List.of("12\\.5 / 40", "boxes0 / 40", "boxes\\d+ / 40")) {
                page.waitForTimeout(400);
                button(page, "Undo").click();
                assertThat(goal).containsText(Pattern.compile(shown));
            }
        }
    }

    private static void reached(Page page, Person host, String theme, List<List<String>> states, List<String> wanted) {
        awaitPoints(page, host, theme, wanted);
        states.add(wanted);
    }

    private static void awaitPoints(Page page, Person host, String theme, List<String> wanted) {
        page.waitForCondition(() -> points(host, theme).equals(wanted)
                && page.getByLabel("Points", new Page.GetByLabelOptions().setExact(true))
                                .locator("select")
                                .count()
                        == wanted.size());
        assertThat(points(host, theme)).isEqualTo(wanted);
    }

    private static List<String> points(Person host, String theme) {
        return host.get("/api/themes/" + theme)
                .json()
                .path("theme")
                .path("pieces")
                .valueStream()
                .filter(piece -> piece.path("id").asString().equals("species"))
                .flatMap(piece ->
                        piece.path("content").path("rows").path("points").valueStream())
                .map(point -> (point.path("state").asString() + " "
                                + point.path("label").asString() + " "
                                + point.path("value").asString())
                        .strip())
                .toList();
    }

    private static void paste(Locator field, String text) {
        field.evaluate("""
                (element, text) => {
                  element.focus();
                  const data = new DataTransfer();
                  data.setData('text/plain', text);
                  element.dispatchEvent(new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true }));
                }""", text);
    }
}
