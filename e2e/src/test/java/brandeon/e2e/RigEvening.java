package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.function.Supplier;
import org.junit.jupiter.api.extension.ExtendWith;

/** An owner at the practice rig, with sources of a new theme in it. */
@ExtendWith(RunningServer.class)
abstract class RigEvening {

    private static final double LOOKS = 25_000;

    Person host;
    String theme;
    String scene;
    Page page;

    final void begin(RunningServer server, Browser browser) {
        begin(server, browser.window(1280, 800), () -> "");
    }

    /** @param script that runs in each page before its own; asked for when the theme is there */
    final void begin(RunningServer server, Page window, Supplier<String> script) {
        page = window;
        host = server.stranger(Role.OWNER);
        theme = host.newTheme("Rig evening");
        host.post("/api/themes/" + theme + "/start", "{\"family\":\"\",\"roles\":[\"LIVE\",\"AWAY\"]}");
        host.post("/api/themes/" + theme + "/start", "{\"family\":\"\",\"roles\":[\"ALWAYS\"]}");
        host.post("/api/themes/" + theme + "/on-air", "");
        host.post("/api/rig/fill", "{\"theme\":\"" + theme + "\",\"boxes\":false}");
        scene = host.get("/api/themes/" + theme)
                .json()
                .path("theme")
                .path("scenes")
                .get(0)
                .path("id")
                .asString();
        Browser.signIn(page, host, server.address());
        page.onDialog(dialog -> dialog.accept());
        page.addInitScript(script.get());
        page.navigate(server.address() + "/themes/" + theme + "/rehearse");
        assertThat(line("Live, whole scene")).isVisible();
        // The last part of the page; what comes in late moves everything below it.
        assertThat(page.locator("#load")).isVisible();
        // One program is enough, and quicker.
        Locator upright = page.getByLabel("Look at Upright");
        if (upright.count() > 0 && "true".equals(upright.getAttribute("aria-pressed"))) {
            upright.click();
        }
        right();
    }

    final Locator line(String source) {
        return page.locator("[data-source-line='" + source + "']");
    }

    final Locator finding(String kind) {
        return page.locator("[data-finding=" + kind + "]").first();
    }

    final void found(String kind, String sentence, String remedy) {
        assertThat(finding(kind)).containsText(sentence, new LocatorAssertions.ContainsTextOptions().setTimeout(LOOKS));
        assertThat(finding(kind)).containsText(remedy);
    }

    final void gone(String kind) {
        assertThat(page.locator("[data-finding=" + kind + "]"))
                .hasCount(0, new LocatorAssertions.HasCountOptions().setTimeout(LOOKS));
    }

    /** Frames of this machine may be slow; everything else is right. */
    final void right() {
        for (String kind : new String[] {"WRONG_SIZE", "WRONG_ORDER", "MISSING", "TWICE", "OLD_LINK", "SETTINGS"}) {
            gone(kind);
        }
    }

    /** A menu closes when a frame that has just come in takes the focus; then it is opened once more. */
    final void spoil(String source, String how) {
        Locator item = page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(how));
        for (int i = 0; i < 4 && item.count() == 0; i++) {
            page.getByLabel("Make " + source + " wrong").click();
            page.waitForTimeout(700);
        }
        item.click();
    }

    final void type(String field, String value) {
        Locator input = page.getByLabel(field, new Page.GetByLabelOptions().setExact(true));
        input.fill(value);
        input.press("Enter");
    }

    final void toTheTop(String source) {
        for (int i = 0; i < 4; i++) {
            page.getByLabel("Move " + source, new Page.GetByLabelOptions().setExact(true))
                    .press("ArrowUp");
        }
    }
}
