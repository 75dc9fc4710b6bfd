package brandeon.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.AriaRole;
import java.nio.file.Path;
import java.util.List;

/** One picture of each main view, from the demo. */
public final class Screenshots {

    private static final String[] WRONGS = {
        "{\"edit\":\"setBox\",\"scene\":\"hide\",\"piece\":\"supporter\",\"canvas\":\"wide\",\"box\":{\"x\":1660,\"y\":560,\"width\":371,\"height\":112}}",
        "{\"edit\":\"setBox\",\"scene\":\"hide\",\"piece\":\"follower\",\"canvas\":\"wide\",\"box\":{\"x\":1180,\"y\":640,\"width\":371,\"height\":112}}",
        "{\"edit\":\"setBox\",\"scene\":\"hide\",\"piece\":\"camera-frame\",\"canvas\":\"wide\",\"box\":{\"x\":1240,\"y\":60,\"width\":640,\"height\":400}}",
        "{\"edit\":\"reorder\",\"scene\":\"hide\",\"piece\":\"announcer\",\"index\":1}",
        "{\"edit\":\"setCaptureSize\",\"capture\":\"camera\",\"size\":{\"width\":320,\"height\":240}}",
        "{\"edit\":\"setFigure\",\"piece\":\"sightings\",\"field\":\"size\",\"value\":0.6}",
        "{\"edit\":\"setContent\",\"piece\":\"band\",\"field\":\"message\",\"value\":\"High tide 19:42, low tide 01:58, wind from the north-east, two bitterns heard before dawn, please whisper in the chat\"}"
    };

    private final Page page;
    private final Path folder;

    private Screenshots(Page page, Path folder) {
        this.page = page;
        this.folder = folder;
    }

    static void main(String[] args) {
        try (Playwright playwright = Chromium.playwright();
                Browser chromium = Chromium.launch(playwright)) {
            Page page = chromium.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800))
                    .newPage();
            new Screenshots(page, Path.of(args[1])).all(args[0]);
        }
    }

    private void all(String address) {
        page.navigate(address);
        page.getByLabel("Address").fill("host@reedlight.example");
        page.getByLabel("Password").fill("lantern-at-dusk");
        button("Sign in").click();
        page.waitForSelector("svg[data-piece]");
        take("shelf");
        page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("Open Reedlight Hide"))
                .click();
        page.waitForSelector("svg[data-piece]");
        page.waitForFunction("() => !document.body.textContent.includes('still looking')");
        take("sheet");
        String theme = page.url().replaceAll("(.*/themes/[^/]+).*", "$1");
        page.navigate(theme + "/brand");
        page.waitForSelector("li[data-role=ON_AIR]");
        take("brand");
        page.navigate(theme + "/brand/pictures");
        page.waitForSelector("[data-artwork]");
        take("recolour");
        page.navigate(theme + "/pieces");
        page.waitForFunction(
                "() => { const lines = [...document.querySelectorAll('main li')].slice(0, 15); return lines.length === 15 && lines.every((li) => !li.textContent.includes('Drawing')); }");
        take("pieces");
        page.navigate(theme + "/pieces/tide-over");
        page.waitForSelector("text=Change scenes at");
        page.locator("input[type=checkbox]").first().uncheck();
        take("piece");
        page.navigate(theme + "/stage/hide/wide");
        button("Camera frame").click();
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName("Fit").setExact(true))
                .click();
        page.waitForSelector("[data-testid=fit]");
        take("stage");
        page.navigate(theme + "/stage/desk/upright?piece=guest");
        page.locator("select:has(option[value=dusk])").selectOption("dusk");
        page.getByLabel("Lines of the zone plan").click();
        page.waitForSelector("[data-testid=selection]");
        take("stage-upright");
        page.navigate(theme + "/rehearse");
        button("Fill from the ledger").click();
        button("Hide").click();
        page.frameLocator("[data-source^=wide-hide-] iframe")
                .locator("svg[data-piece=band]")
                .waitFor();
        button("subscription").click();
        page.frameLocator("[data-source^=wide-hide-] iframe")
                .locator("svg[data-piece=announcer] text")
                .first()
                .waitFor();
        page.evaluate("() => document.querySelectorAll('main, main *').forEach((one) => (one.scrollTop = 0))");
        take("rehearse");
        page.navigate(theme + "/facts");
        page.locator("summary", new Page.LocatorOptions().setHasText("Shown as practice:"))
                .first()
                .click();
        take("facts");
        page.navigate(theme + "/alerts");
        button("tip").click();
        page.getByLabel("Least amount").fill("50");
        page.getByLabel("Urgency").selectOption("HIGH");
        // What is on air has no rule for tips yet.
        page.locator("ol[aria-label=Rules] button", new Page.LocatorOptions().setHasText("A follow"))
                .click();
        for (int i = 0; i < 3; i++) {
            button("Send it to the outlets").click();
        }
        page.waitForSelector("text=to come.");
        take("alerts");
        page.navigate(theme + "/publish");
        page.waitForSelector("tr[data-scene]");
        take("publish");
        page.navigate(theme + "/move");
        page.waitForSelector("text=Wording");
        take("move");
        desk(address, theme);
        trouble(address, theme);
        newcomer(address);
    }

    /** The desk within its theme, during a break; and the button deck with some keys. */
    private void desk(String address, String theme) {
        Host host = Host.signedIn(address);
        String id = theme.substring(theme.lastIndexOf('/') + 1);
        String show = host.call("GET", "/api/themes/" + id, "").replaceAll("(?s).*\"show\":\"([^\"]+)\".*", "$1");
        page.navigate(theme + "/desk");
        page.getByText("3 min").waitFor();
        button("3 min").click();
        page.getByText("Is the microphone off?").waitFor();
        page.waitForFunction("[...document.images].every((image) => image.complete)");
        page.waitForTimeout(1500);
        take("desk");
        button("End the break").click();
        String link = host.call(
                        "POST",
                        "/api/shows/" + show + "/passes",
                        "{\"name\":\"Deck\",\"grants\":[{\"group\":\"BREAK\",\"pieces\":[],\"deeds\":[]},"
                                + "{\"group\":\"COUNTS\",\"pieces\":[],\"deeds\":[]},{\"group\":\"CARDS\",\"pieces\":[],\"deeds\":[]}],"
                                + "\"goodTill\":null}")
                .replaceAll("(?s).*\"link\":\"([^\"]+)\".*", "$1");
        page.navigate(link.replace("/desk#", "/deck#"));
        for (String control : List.of("1 more: Sightings", "3 min", "Next card of Guest")) {
            button(control).click();
            page.locator("[aria-label^='Key "
                            + (List.of("1 more: Sightings", "3 min", "Next card of Guest")
                                            .indexOf(control)
                                    + 2) + ":']")
                    .click();
        }
        take("deck");
    }

    /** Somebody with an account of their own: the questions of a new theme, and the people of the workspace. */
    private void newcomer(String address) {
        page.context().clearCookies();
        page.navigate(address);
        button("Make an account").click();
        page.getByLabel("Name").fill("Ilse Fenn");
        page.getByLabel("Address").fill("ilse@reedlight.example");
        page.getByLabel("Password").fill("four reeds and a lantern");
        button("Make the account").click();
        button("Make your first theme").click();
        page.getByLabel("Name of the theme").fill("Low Quay");
        page.waitForSelector("svg[data-piece]");
        take("begin");
        button("Skip the rest").click();
        button("Put it on air").click();
        page.navigate(address + "/people");
        button("Make the link").click();
        page.waitForSelector("text=Invitations that still work");
        take("people");
    }

    /** Sheet and Stage of a theme in which much went wrong, and the Sheet of an empty one. */
    private void trouble(String address, String theme) {
        Host host = Host.signedIn(address);
        String id = theme.substring(theme.lastIndexOf('/') + 1);
        for (String edit : WRONGS) {
            host.call("POST", "/api/themes/" + id + "/edits", "{\"edit\":" + edit + ",\"gesture\":\"\"}");
        }
        page.navigate(theme + "/sheet");
        page.getByRole(AriaRole.RADIO, new Page.GetByRoleOptions().setName("Overview"))
                .click();
        page.waitForSelector("[data-finding=CONTRAST], [data-finding=OUTSIDE_CANVAS]");
        page.locator("[data-finding]").nth(6).scrollIntoViewIfNeeded();
        take("sheet-findings");
    }

    private com.microsoft.playwright.Locator button(String name) {
        return page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .first();
    }

    /** After pictures, fonts and entrances have come to rest. */
    private void take(String name) {
        page.waitForTimeout(2500);
        page.screenshot(new Page.ScreenshotOptions().setPath(folder.resolve(name + ".png")));
    }
}
