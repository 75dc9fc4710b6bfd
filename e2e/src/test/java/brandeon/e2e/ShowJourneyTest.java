package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Somebody runs the demo's evening at the rig: everything that is pressed is seen at once, and all is taken back. */
@ExtendWith(RunningServer.class)
class ShowJourneyTest {

    @Test
    void anEveningIsRunAtTheRigAndAllOfItTakenBack(RunningServer server) {
        try (Browser browser = new Browser()) {
            Person host = server.hostOfFreshDemo();
            String theme = host.demo();
            Page page = browser.signedIn(server.address(), 1280, 800);
            page.navigate(server.address() + "/themes/" + theme + "/rehearse");
            press(page, "Fill from the ledger");
            scene(page, "Field desk");
            FrameLocator wide = front(page, "wide");
            FrameLocator upright = front(page, "upright");
            List<FrameLocator> both = List.of(wide, upright);
            both.forEach(program -> assertThat(guest(program)).containsText("Tove Sedge"));
            double before = plate(wide);

            press(page, "Next card of Guest");
            both.forEach(program -> {
                assertThat(guest(program)).containsText("Oskar Dunlin");
                assertThat(guest(program)).not().containsText("Tove Sedge");
            });
            assertThat(plate(wide)).as("the plate is as long as its words").isGreaterThan(before + 50);

            press(page, "Next point of Species list");
            assertThat(page.getByLabel("Points of Species list").getByText("now"))
                    .hasCount(1);
            assertThat(page.getByLabel("Points of Species list").getByText("done"))
                    .hasCount(3);

            scene(page, "Hide");
            press(page, "1 more: Sightings");
            both.forEach(program ->
                    assertThat(program.locator("svg[data-piece=sightings]")).containsText("8"));

            scene(page, "Starting");
            Locator clock = front(page, "wide").locator("svg[data-piece=countdown]");
            assertThat(clock).containsText(digits("05:00"));
            press(page, "Start");
            assertThat(clock).containsText(java.util.regex.Pattern.compile("0\\s*4\\s*:\\s*5"));
            press(page, "Pause");
            press(page, "Add a minute to Countdown");
            assertThat(page.getByLabel("Countdown shows")).containsText("05:5");
            String paused = page.getByLabel("Countdown shows").innerText();
            for (String shape : List.of("wide", "upright")) {
                assertThat(front(page, shape).locator("svg[data-piece=countdown]"))
                        .containsText(digits(paused));
            }

            press(page, "Words and sight of 19 other pieces");
            Locator screen = page.locator("li[aria-label='Starting screen']");
            Locator words = screen.getByLabel("Title", new Locator.GetByLabelOptions().setExact(true));
            words.fill("Fog until eight");
            words.blur();
            List.of("wide", "upright")
                    .forEach(shape -> assertThat(
                                    page.frameLocator("[data-source^=" + shape + "-]:visible iframe >> nth=0")
                                            .locator("body"))
                            .containsText("Fog until eight"));
            // A press on what stands over a field goes into the field, and leaves its words.
            screen.getByText("Title", new Locator.GetByTextOptions().setExact(true))
                    .click();
            assertThat(words).isFocused();
            assertThat(words).hasValue("Fog until eight");

            Locator back = page.getByRole(
                    AriaRole.BUTTON,
                    new Page.GetByRoleOptions().setName("Take back").setExact(true));
            for (int i = 0; i < 7; i++) {
                assertThat(back).isEnabled();
                int done = page.getByLabel("What was done").locator("li").count();
                back.click();
                page.waitForCondition(
                        () -> page.getByLabel("What was done").locator("li").count() == done + 1);
            }
            assertThat(back).isDisabled();
            assertThat(clock).containsText(digits("05:00"));
            scene(page, "Field desk");
            List.of("wide", "upright")
                    .forEach(shape -> assertThat(guest(front(page, shape))).containsText("Tove Sedge"));
            assertThat(page.getByLabel("Sightings is at")).hasValue("7");
        }
    }

    /** Each figure of a clock is a text of its own. */
    private static java.util.regex.Pattern digits(String time) {
        return java.util.regex.Pattern.compile(String.join("\\s*", time.split("")));
    }

    private static void press(Page page, String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .first()
                .click();
    }

    private static void scene(Page page, String name) {
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Scene on program"))
                .getByText(name)
                .click();
    }

    /** The source in front of the captures, of the scene that is on program. */
    private static FrameLocator front(Page page, String program) {
        return page.frameLocator("[data-source^=" + program + "-]:visible iframe >> nth=-1");
    }

    private static Locator guest(FrameLocator program) {
        return program.locator("svg[data-piece=guest]");
    }

    private static double plate(FrameLocator program) {
        Object width = guest(program).evaluate("svg => Math.max(...[...svg.children].map(c => c.getBBox().width))");
        return ((Number) width).doubleValue();
    }
}
