package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.FrameLocator;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.awt.image.BufferedImage;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** One walk through the whole job with the demo: from the brand to a live source, and on to another platform. */
@ExtendWith(RunningServer.class)
class WholeJobTest {

    @Test
    void fromABrandToALiveSourceAndOnToAnotherPlatform(RunningServer server) {
        try (Browser browser = new Browser()) {
            Page page = browser.window(1280, 800);
            signIn(page, server.address());
            shelf(page);
            page.getByRole(
                            AriaRole.LINK,
                            new Page.GetByRoleOptions()
                                    .setName("Open Reedlight Hide")
                                    .setExact(true))
                    .click();
            String theme = page.url().replaceAll(".*/themes/([^/]+).*", "$1");
            sheet(page);

            step(page, "Publish");
            String link = link(page, "hide", "WHOLE");
            Page outlet = browser.window(1920, 1080);
            outlet.navigate(link);
            assertThat(outlet.locator("svg[data-piece=band]")).containsText("Reedlight Hide");
            int before = pixel(outlet, 60, 995);

            brand(page, outlet, before);
            stage(page, server.address(), theme);
            wrongSize(page, browser, link);
            rig(page);
            signal(page, outlet, server, theme);
            move(page, outlet, browser, link);
        }
    }

    private static void signIn(Page page, String address) {
        page.navigate(address);
        page.getByLabel("Address").fill("host@reedlight.example");
        page.getByLabel("Password").fill("wrong");
        button(page, "Sign in").click();
        assertThat(page.getByRole(AriaRole.ALERT)).containsText("do not belong together");
        page.getByLabel("Password").fill("lantern-at-dusk");
        button(page, "Sign in").click();
    }

    /** The shelf shows true scenes, and takes a new theme that can be filled and put on air. */
    private static void shelf(Page page) {
        assertThat(page.locator("svg[data-piece=starting-screen]").first()).containsText("Dusk watch");
        page.getByLabel("Name of the new theme").fill("Winter hide");
        button(page, "Empty theme").click();
        assertThat(page.getByRole(AriaRole.HEADING, new Page.GetByRoleOptions().setName("Winter hide")))
                .isVisible();
        step(page, "Sheet");
        button(page, "Live").click();
        assertThat(page.locator("svg[data-piece^=band]").first()).containsText("Winter hide");
        assertThat(page.getByText("everything fits")).isVisible();
        page.getByLabel("Shelf").click();
    }

    private static void sheet(Page page) {
        step(page, "Sheet");
        for (String scene : new String[] {"Starting", "Hide"}) {
            for (String canvas : new String[] {"Wide", "Upright"}) {
                assertThat(page.getByLabel(scene + " on " + canvas + ", 0 findings"))
                        .isVisible();
            }
        }
    }

    /**
     * A change of seed reaches every scene of the draft at once, and open outlets only when put on air, without a
     * reload.
     */
    private static void brand(Page page, Page outlet, int before) {
        outlet.evaluate("window.notReloaded = true");
        step(page, "Brand");
        Locator seed = page.getByLabel("Seed 1 as text");
        seed.fill("#c46fb5");
        seed.press("Enter");
        assertThat(page.locator("li[data-role=ACCENT] code")).hasText("#c46fb5");
        assertThat(page.locator("svg[data-piece=band] path[fill='#c46fb5']").first())
                .isAttached();
        assertThat(pixel(outlet, 60, 995)).as("viewers still see the old brand").isEqualTo(before);
        button(page, "Put on air").click();
        assertThat(outlet.locator("svg[data-piece=band] path[fill='#c46fb5']")).isAttached();
        assertThat(pixel(outlet, 60, 995))
                .as("the band's label is painted in the new seed")
                .isEqualTo(0xffc46fb5);
        assertThat(outlet.evaluate("window.notReloaded")).isEqualTo(true);
        button(page, "Undo").click();
        assertThat(page.locator("li[data-role=ACCENT] code")).hasText("#4f8f5b");
    }

    private static void stage(Page page, String address, String theme) {
        page.navigate(address + "/themes/" + theme + "/stage/hide/wide");
        Locator stage = page.getByTestId("stage");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Camera frame").setExact(true))
                .click();
        tab(page, "Fit").click();
        assertThat(page.getByTestId("fit")).containsText("1280 × 720");
        String crop = page.getByTestId("fit")
                .innerText()
                .replaceAll("(?s).*Crop left, right\\s+(\\d+), (\\d+) px.*", "$1 $2");
        assertThat(crop)
                .as("a 4:3 opening cuts the sides of a 16:9 camera by an eighth each, less bleed")
                .matches("16\\d 16\\d");
        tab(page, "Place").click();
        int left = Integer.parseInt(field(page, "Left").inputValue());

        stage.focus();
        page.keyboard().press("ArrowLeft");
        page.keyboard().press("Shift+ArrowLeft");
        assertThat(field(page, "Left")).hasValue(String.valueOf(left - 11));
        field(page, "Top").fill("200");
        field(page, "Top").press("Enter");
        assertThat(page.getByTestId("selection")).containsText("at " + (left - 11) + ", 200");

        Locator.BoundingBoxOptions none = new Locator.BoundingBoxOptions();
        var room = stage.boundingBox(none);
        double scale = room.width / 1920;
        double x = room.x + (left + 150) * scale;
        double y = room.y + 300 * scale;
        page.mouse().move(x, y);
        page.mouse().down();
        // Held, edges do not catch on lines.
        page.keyboard().down("Control");
        page.mouse().move(x - 100 * scale, y, new com.microsoft.playwright.Mouse.MoveOptions().setSteps(8));
        page.mouse().up();
        page.keyboard().up("Control");
        assertThat(field(page, "Left"))
                .hasValue(Pattern.compile(String.valueOf(left - 111).substring(0, 3) + "\\d"));
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(Pattern.compile("Findings")))
                .click();
        assertThat(page.getByText("covers", new Page.GetByTextOptions().setExact(false))
                        .first())
                .isVisible();

        page.reload();
        for (int i = 0; i < 3; i++) {
            button(page, "Undo").click();
            page.waitForTimeout(200);
        }
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("Camera frame").setExact(true))
                .click();
        assertThat(field(page, "Left")).hasValue(String.valueOf(left));
        assertThat(page.getByText("Placed by the zone plan.")).isVisible();
        assertThat(page.getByLabel("Open Upright")).isVisible();
    }

    /** A source left at a small size shows everything, smaller, and the ledger says what to type. */
    private static void wrongSize(Page page, Browser browser, String link) {
        Page small = browser.window(960, 540);
        small.navigate(link);
        assertThat(small.locator("svg[data-piece=band]")).containsText("Reedlight Hide");
        small.waitForCondition(() -> pixel(small, 30, 497) == 0xffc46fb5);
        step(page, "Publish");
        assertThat(page.getByLabel("Sources that need attention")).containsText("Runs at 960 × 540");
        assertThat(page.getByLabel("Sources that need attention")).containsText("Type width 1920 and height 1080");
        small.context().close();
    }

    private static void rig(Page page) {
        step(page, "Rehearse");
        button(page, "Fill from the ledger").click();
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Scene on program"))
                .getByText("Hide")
                .click();
        assertThat(front(page).locator("svg[data-piece=band]")).containsText("Reedlight Hide");

        // Keep running: the same page all the time. Rest when hidden: gone while hidden.
        assertThat(page.locator("[data-source=wide-desk-1] iframe")).isHidden();
        front(page).locator("body").evaluate("body => body.setAttribute('data-kept', '')");
        program(page, "Away");
        assertThat(page.locator("[data-source=wide-hide-2] iframe")).hasCount(1);
        program(page, "Hide");
        assertThat(front(page).locator("body[data-kept]")).hasCount(1);
        page.getByLabel("Behaviour of Hide, whole scene").selectOption("REST_WHEN_HIDDEN");
        program(page, "Away");
        assertThat(page.locator("[data-source=wide-hide-2] iframe")).hasCount(0);
        program(page, "Hide");
        assertThat(front(page).locator("svg[data-piece=band]")).containsText("Reedlight Hide");
        front(page).locator("body").evaluate("body => body.setAttribute('data-kept', '')");

        // Restart on entry: goes on when it is chosen, stays loaded, loads anew when its scene is entered.
        page.getByLabel("Behaviour of Hide, whole scene").selectOption("RESTART_ON_ENTRY");
        assertThat(page.getByLabel("Behaviour of Hide, whole scene")).hasValue("RESTART_ON_ENTRY");
        assertThat(front(page).locator("body[data-kept]")).hasCount(1);
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Scene on program"))
                .getByText("Away")
                .click();
        assertThat(page.locator("[data-source=wide-hide-2] iframe")).hasCount(1);
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Scene on program"))
                .getByText("Hide")
                .click();
        assertThat(front(page).locator("body:not([data-kept]) svg[data-piece=band]"))
                .hasCount(1);

        // A size typed wrong is what the source gets.
        page.getByLabel("Width of Hide, whole scene").fill("640");
        page.getByLabel("Width of Hide, whole scene").press("Enter");
        assertThat(page.locator("[data-source=wide-hide-2] iframe")).hasAttribute("width", "640");
        button(page, "Fill from the ledger").click();
        assertThat(page.locator("[data-source=wide-hide-2] iframe")).hasAttribute("width", "1920");
    }

    private static void signal(Page page, Page outlet, RunningServer server, String theme) {
        button(page, "subscription").click();
        Locator alert = outlet.locator("svg[data-piece=announcer]");
        assertThat(alert).containsText("New subscriber");
        String name = alert.innerHTML().replaceAll("(?s).*>([^<]+) subscribed<.*", "$1");
        assertThat(front(page).locator("svg[data-piece=announcer]")).containsText(name);
        assertThat(page.getByText(Pattern.compile("practice, shown \\d\\d:\\d\\d:\\d\\d to"))
                        .first())
                .isVisible();
        // What is only tried does not count.
        assertThat(outlet.locator("svg[data-piece=supporter]")).not().containsText(name);
        Person host = Person.signedIn(server.address(), "host@reedlight.example", "lantern-at-dusk");
        String channel = host.get("/api/themes/" + theme).json().path("channel").asString();
        host.signals(channel, "alder.subscription.new", "{\"name\":\"Maret of the Sluice\"}");
        assertThat(outlet.locator("svg[data-piece=supporter]")).containsText("Maret of the Sluice");
    }

    private static void move(Page page, Page outlet, Browser browser, String link) {
        step(page, "Move");
        assertThat(page.getByLabel("Latest supporter, label on the new platform"))
                .hasValue("Latest member");
        assertThat(page.getByText("Birch does not send this.").first()).isVisible();
        button(page, "Copy to Birch").click();
        assertThat(page.getByText("Reedlight Hide on Birch")).isVisible();
        button(page, Pattern.compile("Replace all \\d+")).click();
        assertThat(page.getByText("no place in the rig holds an old link")).isVisible();

        step(page, "Rehearse");
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Scene on program"))
                .getByText("Hide")
                .click();
        assertThat(front(page).locator("svg[data-piece=supporter]")).containsText("Latest member");
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName("membership").setExact(true))
                .click();
        assertThat(front(page).locator("svg[data-piece=announcer]")).containsText("New member");
        assertThat(outlet.locator("svg[data-piece=supporter]")).containsText("Latest subscriber");
        Page old = browser.window(1920, 1080);
        assertThat(old.navigate(link).status())
                .as("the old link is still alive")
                .isEqualTo(200);
        assertThat(old.locator("svg[data-piece=supporter]")).containsText("Latest subscriber");
    }

    /** The scene that the practice program shows. */
    private static void program(Page page, String scene) {
        page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Scene on program"))
                .getByText(scene)
                .click();
    }

    private static FrameLocator front(Page page) {
        return page.frameLocator("[data-source=wide-hide-2] iframe");
    }

    private static void step(Page page, String name) {
        page.getByRole(AriaRole.NAVIGATION, new Page.GetByRoleOptions().setName("Steps"))
                .getByText(name, new Locator.GetByTextOptions().setExact(false))
                .first()
                .click();
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .first();
    }

    private static Locator button(Page page, Pattern name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    private static Locator tab(Page page, String name) {
        return page.getByRole(
                AriaRole.TAB, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator field(Page page, String name) {
        return page.getByLabel(name + " in pixels");
    }

    private static String link(Page page, String scene, String part) {
        return page.locator("tr[data-scene=" + scene + "][data-part=" + part + "] [data-testid=link]")
                .getAttribute("href");
    }

    private static int pixel(Page page, int x, int y) {
        BufferedImage image = Browser.shot(page);
        return image.getRGB(x, y);
    }
}
