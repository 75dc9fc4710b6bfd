package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The show is run from the desk: by its host, by a friend with a pass, by keys of a deck, on pages of all widths. */
@ExtendWith(RunningServer.class)
class DeskJourneyTest {

    /** The demo is everybody's: whatever others counted there, it begins here. */
    private static final String SEVEN =
            "{\"cue\":\"setCount\",\"piece\":\"sightings\",\"field\":\"value\",\"value\":7}";

    private static final String BREAK = "svg[data-piece=break-screen]";

    static Locator pressed(Page page, String name) {
        return Browser.button(page, name);
    }

    private static Locator tick(Page page, String name) {
        return page.getByRole(
                AriaRole.CHECKBOX, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    static Locator part(Page page, String title) {
        return page.getByRole(
                AriaRole.REGION, new Page.GetByRoleOptions().setName(title).setExact(true));
    }

    @Test
    void aBreakIsInEverySourceAndEndsOnlyByHand(RunningServer server) {
        try (Browser browser = new Browser()) {
            Person host = server.hostOfFreshDemo();
            String theme = host.demo();
            List<Page> sources = List.of("wide", "upright", "recording").stream()
                    .map(canvas -> {
                        Page page = browser.window(
                                canvas.equals("upright") ? 1080 : 1920, canvas.equals("upright") ? 1920 : 1080);
                        page.navigate(host.link(theme, "hide", canvas, "WHOLE"));
                        assertThat(page.locator("svg[data-piece=band]")).containsText("High tide");
                        return page;
                    })
                    .toList();
            Page desk = browser.signedIn(server.address(), 1280, 800);
            desk.navigate(server.address() + "/themes/" + theme + "/desk");
            pressed(desk, "1 min").click();
            sources.forEach(page -> {
                assertThat(page.locator(BREAK)).containsText("Stay where you are");
                assertThat(page.locator("svg[data-piece=band]")).hasCount(0);
            });
            assertThat(desk.getByText("On 3 of 3 sources")).isVisible();
            Locator reminder = desk.getByText("Is the microphone off?");
            assertThat(reminder).isVisible();
            pressed(desk, "It is off").click();
            assertThat(reminder).isHidden();
            pressed(desk, "+1 min").click();
            assertThat(part(desk, "Break").getByLabel("Left of the break"))
                    .containsText(java.util.regex.Pattern.compile("01:5\\d|02:00"));
            desk.reload();
            assertThat(part(desk, "Break").getByLabel("Left of the break")).isVisible();
            pressed(desk, "End the break").click();
            sources.forEach(
                    page -> assertThat(page.locator("svg[data-piece=band]")).containsText("High tide"));
            desk.getByText("Breaks until now").click();
            assertThat(part(desk, "Break").locator("tbody tr")).hasCount(1);
        }
    }

    @Test
    void aFriendWithAPassDoesWhatWasTickedAndNothingElse(RunningServer server) {
        try (Browser browser = new Browser()) {
            Person host = server.hostOfFreshDemo();
            String theme = host.demo();
            host.cue(theme, SEVEN);
            Page source = browser.window(1920, 1080);
            source.navigate(host.link(theme, "hide", "wide", "WHOLE"));
            Page desk = browser.signedIn(server.address(), 1280, 800);
            desk.navigate(server.address() + "/desk/" + host.show(theme));
            pressed(desk, "Passes").click();
            pressed(desk, "Give a pass").click();
            desk.getByLabel("Who it is for").fill("Tove Sedge");
            tick(desk, "Counts and scores").check();
            for (String deed : List.of(
                    "add any number",
                    "set",
                    "reset",
                    "change step and limits",
                    "win a round",
                    "colours of the sides",
                    "swap sides")) {
                desk.getByLabel("Counts and scores: " + deed, new Page.GetByLabelOptions().setExact(true))
                        .uncheck();
            }
            tick(desk, "Cards").check();
            pressed(desk, "Make the pass").click();
            Locator line = desk.getByLabel("Pass of Tove Sedge", new Page.GetByLabelOptions().setExact(true));
            assertThat(line).containsText("plus and minus only");
            line.getByText("Show link and code").click();
            String link = line.locator("code").first().innerText();
            assertThat(link).contains("/desk#");

            Page phone = browser.window(400, 800);
            phone.navigate(link);
            assertThat(phone.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setLevel(2)))
                    .hasText(new String[] {"Counts and scores", "Cards", "What was done"});
            pressed(phone, "1 more: Sightings").click();
            assertThat(source.locator("svg[data-piece=sightings]")).containsText("8");
            assertThat(phone.getByText("On 1 of 1 source")).isVisible();
            assertThat(pressed(phone, "Reset")).hasCount(0);
            assertThat(line).containsText("On it now: Chrom");
            assertThat(phone.evaluate("""
                            async () => {
                              const token = location.hash.slice(1);
                              const answers = [];
                              for (const path of ['/sightings/setCount?value=3', '/show/startBreak', '/tide/showPiece'])
                                answers.push((await fetch('/cues/' + token + path, { method: 'POST' })).status);
                              return answers.join();
                            }""")).as("by call neither").isEqualTo("403,403,403");

            assertThat(desk.getByLabel("What was done last")).containsText("Sightings: 8 Tove Sedge");
            line.getByText("Withdraw", new Locator.GetByTextOptions().setExact(true))
                    .click();
            assertThat(phone.getByText("This pass is over")).isVisible();
        }
    }

    /** With words as long as they may be, with a pass for nothing that is there, and with a show of nothing. */
    @Test
    void theNarrowestPageHoldsAllOfIt(RunningServer server) {
        try (Browser browser = new Browser()) {
            UUID workspace = server.bean(Members.class).addWorkspace("Narrow");
            Person host = server.member(workspace, Role.OWNER);
            String theme = host.newTheme("Narrow");
            String longest = "The very long name of somebody who rings waders at Low Quay "
                    .repeat(3)
                    .strip();
            host.onAir(
                    theme,
                    "COLUMN",
                    Map.of(
                            "guest",
                            Person.piece(
                                    "guest",
                                    "LOWER_THIRD",
                                    "{\"name\":\"" + longest + "\",\"line\":\"" + longest + "\"}",
                                    "{}"),
                            "score",
                            Person.piece("score", "SCORE", "{\"left\":\"" + longest + "\"}", "{}"),
                            "clock",
                            Person.piece("clock", "COUNTDOWN", "{}", "{}")));
            String show = host.show(theme);
            String all =
                    "[{\"group\":\"CARDS\",\"pieces\":[],\"deeds\":[]},{\"group\":\"COUNTS\",\"pieces\":[],\"deeds\":[]},"
                            + "{\"group\":\"CLOCKS\",\"pieces\":[],\"deeds\":[]},{\"group\":\"BREAK\",\"pieces\":[],\"deeds\":[]},"
                            + "{\"group\":\"NOTICES\",\"pieces\":[],\"deeds\":[]},{\"group\":\"ALERTS\",\"pieces\":[],\"deeds\":[]}]";
            Page phone = browser.window(320, 640);
            phone.navigate(link(host, show, "Tove", all));
            assertThat(part(phone, "Clocks")).isVisible();
            fits(phone);
            pressed(phone, "1 min").click();
            assertThat(phone.getByText("Is the microphone off?")).isVisible();
            fits(phone);
            for (Locator button :
                    part(phone, "Break").getByRole(AriaRole.BUTTON).all()) {
                assertThat(button.boundingBox().height).as(button.innerText()).isGreaterThanOrEqualTo(24);
            }
            assertThat(pressed(phone, "End the break").boundingBox().height)
                    .as("large enough for a thumb")
                    .isGreaterThanOrEqualTo(44);

            Page nothing = browser.window(320, 640);
            nothing.navigate(link(host, show, "Ilse", "[{\"group\":\"POINTS\",\"pieces\":[],\"deeds\":[]}]"));
            assertThat(nothing.getByText("Nothing yet. Every press stands here"))
                    .isVisible();
            fits(nothing);
        }
    }

    static String link(Person host, String show, String name, String grants) {
        return host.post(
                        "/api/shows/" + show + "/passes",
                        "{\"name\":\"" + name + "\",\"grants\":" + grants + ",\"goodTill\":null}")
                .json()
                .path("link")
                .asString();
    }

    private static void fits(Page page) {
        assertThat((int) page.evaluate("document.documentElement.scrollWidth"))
                .as("nothing sticks out")
                .isLessThanOrEqualTo(320);
    }

    @Test
    void aDeckIsSetUpByDroppingControlsAndFollowsTheShow(RunningServer server) {
        try (Browser browser = new Browser()) {
            Person host = server.hostOfFreshDemo();
            String theme = host.demo();
            host.cue(theme, SEVEN);
            String grants =
                    "[{\"group\":\"COUNTS\",\"pieces\":[],\"deeds\":[]},{\"group\":\"BREAK\",\"pieces\":[],\"deeds\":[]}]";
            Page deck = browser.window(1280, 800);
            deck.navigate(link(host, host.show(theme), "Deck", grants).replace("/desk#", "/deck#"));
            Locator first = deck.getByRole(
                    AriaRole.BUTTON, new Page.GetByRoleOptions().setName(java.util.regex.Pattern.compile("^Key 1:")));
            Locator second = deck.getByRole(
                    AriaRole.BUTTON, new Page.GetByRoleOptions().setName(java.util.regex.Pattern.compile("^Key 2:")));
            pressed(deck, "1 more: Sightings").dragTo(first);
            second.click();
            pressed(deck, "3 min").click();
            assertThat(first).containsText("Sightings +1");
            assertThat(first).containsText("7");
            pressed(deck, "Done setting up").click();
            first.click();
            assertThat(first).containsText("8");
            second.click();
            assertThat(second).hasAttribute("aria-pressed", "true");
            assertThat(second).containsText(java.util.regex.Pattern.compile("0[23]:\\d\\d"));
            second.click();
            assertThat(second).hasAttribute("aria-pressed", "false");
            host.cue(theme, "{\"cue\":\"setCount\",\"piece\":\"sightings\",\"field\":\"value\",\"value\":41}");
            assertThat(first).containsText("41");
            deck.reload();
            assertThat(first).containsText("Sightings +1");
        }
    }

    @Test
    void viewersAskAPlayerSaysWhatIsHeardAndLinesAreAdded(RunningServer server) {
        try (Browser browser = new Browser()) {
            Person host = server.hostOfFreshDemo();
            String theme = host.demo();
            String channel =
                    host.get("/api/themes/" + theme).json().path("channel").asString();
            Page source = browser.window(1920, 1080);
            source.navigate(host.link(theme, "away", "wide", "WHOLE"));
            assertThat(source.locator("svg[data-piece=heard]")).containsText("The marsh, right now");
            Page desk = browser.signedIn(server.address(), 320, 640);
            desk.navigate(server.address() + "/desk/" + host.show(theme));

            Locator requests = part(desk, "Requests");
            requests.getByLabel("A chat line begins with").fill("!listen");
            pressed(desk, "Let viewers ask").click();
            assertThat(pressed(desk, "Close")).isVisible();
            host.signals(channel, "alder.chat", "{\"name\":\"Ilse Fenn\",\"message\":\"!listen bittern\"}");
            host.signals(channel, "alder.chat", "{\"name\":\"Ilse Fenn\",\"message\":\"!listen and a snipe\"}");
            host.signals(channel, "alder.chat", "{\"name\":\"Oskar Tide\",\"message\":\"!listen {ruff}\"}");
            assertThat(requests.getByLabel("Requests that wait").getByRole(AriaRole.LISTITEM))
                    .hasCount(2);
            assertThat(source.locator("svg[data-piece=asked]")).not().containsText("bittern");
            pressed(desk, "Approve {ruff}").click();
            assertThat(source.locator("svg[data-piece=asked]")).containsText("{ruff}");
            assertThat(source.locator("svg[data-piece=asked]")).not().containsText("bittern");
            pressed(desk, "Refuse bittern").click();
            pressed(desk, "{ruff} is done").click();
            assertThat(source.locator("svg[data-piece=asked]")).not().containsText("ruff");
            assertThat(requests).containsText("1 done");

            pressed(desk, "Let a player say what is heard").click();
            pressed(desk, "Make the address").click();
            Page player = browser.window(400, 800);
            player.navigate(
                    desk.getByText("Try it with the practice player")
                                    .getAttribute("href")
                                    .startsWith("/")
                            ? server.address()
                                    + desk.getByText("Try it with the practice player")
                                            .getAttribute("href")
                            : "");
            pressed(player, "Play").click();
            assertThat(source.locator("svg[data-piece=heard]")).containsText("Curlews at low tide");
            assertThat(part(desk, "Track")).containsText("of 01:34");
            assertThat((boolean) source.evaluate(
                            "document.getAnimations().some(one => one.effect.target.dataset.part === 'heard')"))
                    .as("its bar fills")
                    .isTrue();
            pressed(player, "Next").click();
            assertThat(source.locator("svg[data-piece=heard]")).containsText("Marsh recording no. 4");
            pressed(desk, "Hide it").click();
            assertThat(source.locator("svg[data-piece=heard] text")).hasCount(0);
            pressed(player, "Stop").click();
            assertThat(part(desk, "Track")).containsText("Nothing is heard");

            desk.getByLabel("Another line of Local shops").fill("Low Quay Bakery");
            desk.getByRole(AriaRole.FORM, new Page.GetByRoleOptions().setName("Add a line to Local shops"))
                    .getByRole(AriaRole.BUTTON)
                    .click();
            assertThat(part(desk, "Ticker and turns")).containsText("Low Quay Bakery");
            assertThat(source.locator("svg[data-piece=shops]")).containsText("Low Quay Bakery");
            pressed(desk, "Stand still: Local shops").click();
            assertThat(pressed(desk, "Go on: Local shops")).isVisible();
            pressed(desk, "Take out: Low Quay Bakery").click();
            assertThat(source.locator("svg[data-piece=shops]")).not().containsText("Low Quay Bakery");
            fits(desk);
        }
    }

    @Test
    void platesOfCardsGrowIntoOneAnother(RunningServer server) {
        try (Browser browser = new Browser()) {
            Person host = server.hostOfFreshDemo();
            String theme = host.demo();
            Page source = browser.window(1920, 1080);
            source.navigate(host.link(theme, "desk", "wide", "WHOLE"));
            assertThat(source.locator("svg[data-piece=guest]")).containsText("Tove Sedge");
            // What it hears first comes whole; only what changes afterwards moves.
            for (String[] card : new String[][] {{"1", "Oskar Dunlin"}, {"0", "Tove Sedge"}}) {
                host.cue(theme, "{\"cue\":\"putUp\",\"piece\":\"guest\",\"card\":" + card[0] + ",\"seconds\":0}");
                assertThat(source.locator("svg[data-piece=guest]").last()).containsText(card[1]);
                assertThat(source.locator("svg[data-piece=guest]")).hasCount(1);
            }
            source.evaluate("""
                    () => {
                      window.moved = [];
                      new MutationObserver(() => document.getAnimations().forEach((one) => {
                        const part = one.effect.target.dataset.part ?? '';
                        if (part.startsWith('plate-'))
                          window.moved.push(part + ' ' + one.effect.getKeyframes()[0].transform);
                      })).observe(document.body, { childList: true, subtree: true });
                    }""");
            host.cue(theme, "{\"cue\":\"putUp\",\"piece\":\"guest\",\"card\":1,\"seconds\":0}");
            assertThat(source.locator("svg[data-piece=guest]").last()).containsText("Oskar Dunlin");
            assertThat(source.locator("svg[data-piece=guest]")).hasCount(1);
            assertThat(source.evaluate("window.moved.join()").toString())
                    .contains("plate-left-upper translate(")
                    .contains("plate-left-lower translate(");
            source.waitForFunction(
                    "() => document.getAnimations().every(one => one.playState !== 'running' || !(one.effect.target.dataset.part ?? '').startsWith('plate-'))");
        }
    }
}
