package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.jdbc.core.JdbcTemplate;

/** What goes wrong on many evenings, made wrong in the practice rig, found, put right by what is said, and gone. */
@ExtendWith(RunningServer.class)
class RigJourneyTest {

    private static final double LOOKS = 25_000;

    private Person host;
    private String theme;
    private String scene;
    private Page page;

    private void begin(RunningServer server, Browser browser) {
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
        page = browser.signedInAs(host, server.address(), 1280, 800);
        page.onDialog(dialog -> dialog.accept());
        page.navigate(server.address() + "/themes/" + theme + "/rehearse");
        assertThat(line("Live, whole scene")).isVisible();
        // One program is enough, and quicker.
        Locator upright = page.getByLabel("Look at Upright");
        if (upright.count() > 0 && "true".equals(upright.getAttribute("aria-pressed"))) {
            upright.click();
        }
        right();
    }

    private Locator line(String source) {
        return page.locator("[data-source-line='" + source + "']");
    }

    private Locator finding(String kind) {
        return page.locator("[data-finding=" + kind + "]").first();
    }

    private void found(String kind, String sentence, String remedy) {
        assertThat(finding(kind)).containsText(sentence, new LocatorAssertions.ContainsTextOptions().setTimeout(LOOKS));
        assertThat(finding(kind)).containsText(remedy);
    }

    private void gone(String kind) {
        assertThat(page.locator("[data-finding=" + kind + "]"))
                .hasCount(0, new LocatorAssertions.HasCountOptions().setTimeout(LOOKS));
    }

    /** Frames of this machine may be slow; everything else is right. */
    private void right() {
        for (String kind : new String[] {"WRONG_SIZE", "WRONG_ORDER", "MISSING", "TWICE", "OLD_LINK", "SETTINGS"}) {
            gone(kind);
        }
    }

    private void spoil(String source, String how) {
        page.getByLabel("Make " + source + " wrong").click();
        page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(how))
                .click();
    }

    private void type(String field, String value) {
        Locator input = page.getByLabel(field, new Page.GetByLabelOptions().setExact(true));
        input.fill(value);
        input.press("Enter");
    }

    private void toTheTop(String source) {
        for (int i = 0; i < 4; i++) {
            page.getByLabel("Move " + source, new Page.GetByLabelOptions().setExact(true))
                    .press("ArrowUp");
        }
    }

    @Test
    void whatIsWrongWithTheSourcesOfASceneIsFoundAndPutRight(RunningServer server) {
        try (Browser browser = new Browser()) {
            begin(server, browser);
            String live = "Live, whole scene";

            spoil(live, "Half its size");
            found("WRONG_SIZE", "Runs at 960 × 540 at the practice rig", "Type width 1920 and height 1080");
            type("Width of " + live, "1920");
            type("Height of " + live, "1080");
            type("Scale of " + live, "100");
            gone("WRONG_SIZE");

            spoil(live, "Under everything");
            found("WRONG_ORDER", "Stands under a capture that it belongs above", "Move this source up");
            toTheTop(live);
            found("WRONG_ORDER", "is not on top of Live", "Move this source to the top");
            toTheTop("Over every scene");
            gone("WRONG_ORDER");

            spoil(live, "Twice");
            found("TWICE", "Seen 2 times at once", "Take all but one of them out");
            page.getByLabel("Remove " + live + " 2").click();
            gone("TWICE");

            String link = page.getByLabel("Link of Over every scene").inputValue();
            spoil("Over every scene", "Missing");
            found("MISSING", "What stands over every scene is missing", "Add its source on top of the scene Live");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Browser source"))
                    .click();
            type("Link of Browser source", link);
            type("Width of Browser source", "1920");
            type("Height of Browser source", "1080");
            gone("MISSING");
            gone("WRONG_SIZE");

            String right = page.getByLabel("Link of " + live).inputValue();
            type("Link of " + live, right + "?nobody.speed=3");
            found("SETTINGS", "Nothing here is called “nobody.speed”", "Make the link anew");
            type("Link of " + live, right);
            gone("SETTINGS");

            String outlet = outlet(right);
            host.post("/api/outlets/" + outlet + "/reissue", "");
            found("OLD_LINK", "A former link of it is open at", "Put the present link into that source");
            type("Link of " + live, host.link(theme, scene, "wide", "WHOLE"));
            gone("OLD_LINK");

            host.put("/api/outlets/" + outlet + "/follows", "{\"draft\":true,\"minutes\":0}");
            found("OTHER_RELEASE", "Shows the draft", "Let it show what is on air");
            finding("OTHER_RELEASE")
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Show what is on air"))
                    .click();
            gone("OTHER_RELEASE");
            right();
        }
    }

    @Test
    void aSourceThatRestsThoughItShouldRunAndOneThatNobodySawAreFound(RunningServer server) {
        try (Browser browser = new Browser()) {
            begin(server, browser);
            page.getByLabel("Behaviour of Over every scene").selectOption("rest when hidden");
            Locator scenes = page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Scene on program"));
            for (int i = 0; i < 4; i++) {
                for (String to : new String[] {"Away", "Live"}) {
                    scenes.getByText(to, new Locator.GetByTextOptions().setExact(true))
                            .click();
                    page.waitForTimeout(400);
                }
            }
            found("RESTS", "though it should keep running", "Let this source run while its scene is off");
            page.getByLabel("Behaviour of Over every scene").selectOption("keep running");
            gone("RESTS");

            String away = host.get("/api/themes/" + theme)
                    .json()
                    .path("theme")
                    .path("scenes")
                    .get(1)
                    .path("id")
                    .asString();
            server.bean(JdbcTemplate.class)
                    .update(
                            "insert into outlet_seen (id, outlet_id, seen_from, seen_till) select gen_random_uuid(), ?, at - 1000, at from (select (extract(epoch from now()) * 1000)::bigint - 9 * 86400000 as at) as then_",
                            UUID.fromString(outlet(host.link(theme, away, "upright", "WHOLE"))));
            found("NOT_SEEN", "Viewers have not seen it for 9 days", "take the source out");
        }
    }

    @Test
    void sceneSetsAreKeptProgramsCopiedAndNonsenseIsRefused(RunningServer server) {
        try (Browser browser = new Browser()) {
            begin(server, browser);
            String live = "Live, whole scene";
            type("Name to keep the scene set under", "Before");
            assertThat(page.getByLabel("Kept scene sets")).hasValue("Before");
            spoil(live, "Missing");
            assertThat(line(live)).hasCount(0);
            page.getByText("Take up", new Page.GetByTextOptions().setExact(true))
                    .click();
            assertThat(line(live)).isVisible();

            page.getByText("Copy the program").click();
            assertThat(page.getByLabel("Name of the program")).hasValue("Wide 2");
            type("Width of the program", "1280");
            type("Height of the program", "720");
            page.getByLabel("Look at Wide 2").click();
            assertThat(page.getByText("Wide 2 1280 × 720")).isVisible();

            for (String wrong : new String[] {"-5", "0", "1e9", "abc", "", "2.5"}) {
                type("Width of " + live, wrong);
                page.getByLabel("Width of " + live, new Page.GetByLabelOptions().setExact(true))
                        .blur();
                assertThat(page.getByLabel("Width of " + live, new Page.GetByLabelOptions().setExact(true)))
                        .hasValue("1920");
            }
        }
    }

    private String outlet(String link) {
        return host.get("/api/themes/" + theme + "/ledger")
                .json()
                .path("rows")
                .valueStream()
                .filter(row -> row.path("link").asString().equals(link))
                .findFirst()
                .orElseThrow()
                .path("outlet")
                .asString();
    }
}
