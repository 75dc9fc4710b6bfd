package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.BoxFill;
import brandeon.core.canvas.CaptureFit;
import brandeon.core.canvas.Size;
import brandeon.core.canvas.SourceBox;
import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.StringJoiner;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.transaction.support.TransactionTemplate;

/** What goes wrong on many evenings, made wrong in the practice rig, found, put right by what is said, and gone. */
@ExtendWith(RunningServer.class)
class RigJourneyTest {

    private static final double LOOKS = 25_000;

    private Person host;
    private String theme;
    private String scene;
    private Page page;

    private void begin(RunningServer server, Browser browser) {
        begin(server, browser, "");
    }

    /** @param script that runs in each page before its own */
    private void begin(RunningServer server, Browser browser, String script) {
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
        page.addInitScript(script);
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

    /** A menu closes when a frame that has just come in takes the focus; then it is opened once more. */
    private void spoil(String source, String how) {
        Locator item = page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName(how));
        for (int i = 0; i < 4 && item.count() == 0; i++) {
            page.getByLabel("Make " + source + " wrong").click();
            page.waitForTimeout(700);
        }
        item.click();
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
            long then = System.currentTimeMillis() - TimeUnit.DAYS.toMillis(9);
            server.bean(TransactionTemplate.class)
                    .executeWithoutResult(_ -> server.bean(EntityManager.class)
                            .createQuery("insert into OutletSeenRow (id, outletId, seenFrom, seenTill)"
                                    + " values (:id, :outlet, :from, :then)")
                            .setParameter("id", UUID.randomUUID())
                            .setParameter("outlet", UUID.fromString(outlet(host.link(theme, away, "upright", "WHOLE"))))
                            .setParameter("from", then - 1000)
                            .setParameter("then", then)
                            .executeUpdate());
            found("NOT_SEEN", "Viewers have not seen it for 9 days", "take the source out");
        }
    }

    /** Frames of sources that come when a test wants them; their scene moves, so they are looked at. */
    private static String frames(String millis) {
        return """
                if (window.top !== window) {
                  let frame = 0;
                  window.requestAnimationFrame = (step) => setTimeout(() => step(performance.now()), %s);
                }""".formatted(millis);
    }

    @Test
    void aSourceOfTheWrongRateIsFound(RunningServer server) {
        try (Browser browser = new Browser()) {
            begin(server, browser, frames("40"));
            found("WRONG_RATE", "its canvas has 60", "Type 60 as the frame rate");
        }
    }

    @Test
    void aSlowSourceIsFoundWithWhatCostsMost(RunningServer server) {
        try (Browser browser = new Browser()) {
            begin(server, browser, frames("frame++ % 4 ? 8 : 120"));
            found("SLOW", "Frames take up to", "that machine");
        }
    }

    @Test
    void aZoomedPageIsFoundAndToldApartFromAWrongSize(RunningServer server) {
        try (Browser browser = new Browser()) {
            begin(
                    server,
                    browser,
                    "if (window.top !== window) Object.defineProperty(window, 'devicePixelRatio', { get: () => 1.25 })");
            String live = "Live, whole scene";
            type("Width of " + live, "1536");
            type("Height of " + live, "864");
            found("ZOOMED", "Its page is shown at 125 %", "Set the zoom of the page");
        }
    }

    @Test
    void whatIsTypedWhileAnEarlierChangeIsUnderWayIsKept(RunningServer server) {
        try (Browser browser = new Browser()) {
            begin(server, browser, """
                    const sent = window.fetch;
                    window.fetch = async (input, init) => {
                      const way = input instanceof Request ? input.method : init?.method;
                      if (way === "PUT") await new Promise((done) => setTimeout(done, 1500));
                      return sent(input, init);
                    };""");
            String live = "Live, whole scene";
            type("Width of " + live, "1536");
            type("Height of " + live, "864");
            type("Left of " + live, "12");
            page.waitForTimeout(6000);
            page.reload();
            for (String[] field : new String[][] {{"Width", "1536"}, {"Height", "864"}, {"Left", "12"}}) {
                assertThat(page.getByLabel(field[0] + " of " + live, new Page.GetByLabelOptions().setExact(true)))
                        .hasValue(field[1]);
            }
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

    /**
     * Thirty openings and sizes of captures, placed by the figures that a source sheet prints, in both notations: nothing
     * of the opening stays uncovered, and no more sticks out than is to lie under the frame.
     */
    @Test
    void printedFiguresLeaveNoGapInEitherNotation(RunningServer server) {
        Random random = new Random(30);
        List<Box> openings = new ArrayList<>();
        StringJoiner cropped = new StringJoiner(",");
        StringJoiner boxed = new StringJoiner(",");
        int bleed = 3;
        for (int i = 0; i < 30; i++) {
            Size capture = Size.of(320 + random.nextInt(3600), 240 + random.nextInt(2000));
            Box opening = new Box(
                    50 + random.nextInt(700),
                    50 + random.nextInt(400),
                    80 + random.nextInt(1000),
                    60 + random.nextInt(540));
            int left = random.nextInt(capture.width() - 100);
            int top = random.nextInt(capture.height() - 100);
            CaptureFit fit = CaptureFit.cover(capture, opening, bleed, new SourceBox(left, top, 100, 100));
            BoxFill box = BoxFill.of(fit, capture, opening, bleed);
            openings.add(opening);
            String source = "{\"id\":\"%s%d\",\"name\":\"Capture %d\",\"kind\":\"CAPTURE\",\"link\":\"\",\"width\":%d,"
                    + "\"height\":%d,\"behaviour\":\"KEEP_RUNNING\",\"shown\":true,\"x\":%d,\"y\":%d,\"scale\":%s,"
                    + "\"cropLeft\":%d,\"cropTop\":%d,\"cropRight\":%d,\"cropBottom\":%d,\"pattern\":\"camera\","
                    + "\"box\":{\"width\":%d,\"height\":%d,\"across\":%s,\"down\":%s}}";
            cropped.add(String.format(
                    Locale.ROOT,
                    source,
                    "c",
                    i,
                    i,
                    capture.width(),
                    capture.height(),
                    fit.x(),
                    fit.y(),
                    fit.scale(),
                    fit.crop().left(),
                    fit.crop().top(),
                    fit.crop().right(),
                    fit.crop().bottom(),
                    0,
                    0,
                    0.5,
                    0.5));
            boxed.add(String.format(
                    Locale.ROOT,
                    source,
                    "b",
                    i,
                    i,
                    capture.width(),
                    capture.height(),
                    box.x(),
                    box.y(),
                    1.0,
                    0,
                    0,
                    0,
                    0,
                    box.width(),
                    box.height(),
                    box.across(),
                    box.down()));
        }
        Person somebody = server.stranger(Role.OWNER);
        String own = somebody.newTheme("Figures");
        Person.Answer put = somebody.put(
                "/api/rig",
                ("{\"version\":0,\"rig\":{\"kept\":[],\"programs\":[{\"id\":\"p\",\"name\":\"Program\",\"canvas\":\"\","
                                + "\"width\":1920,\"height\":1080,\"scenes\":[{\"id\":\"crops\",\"name\":\"Crops\",\"sources\":[%s]},"
                                + "{\"id\":\"boxes\",\"name\":\"Boxes\",\"sources\":[%s]}]}]}}")
                        .formatted(cropped, boxed));
        org.assertj.core.api.Assertions.assertThat(put.status()).as(put.body()).isEqualTo(200);
        try (Browser browser = new Browser()) {
            Page rig = browser.signedInAs(somebody, server.address(), 1280, 800);
            rig.navigate(server.address() + "/themes/" + own + "/rehearse");
            for (String notation : new String[] {"c", "b"}) {
                rig.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("Scene on program"))
                        .getByText(notation.equals("c") ? "Crops" : "Boxes")
                        .click();
                assertThat(rig.locator("[data-source=" + notation + "29]")).isVisible();
                for (int i = 0; i < openings.size(); i++) {
                    List<?> sides = (List<?>) rig.evaluate("""
                            (id) => {
                              const source = document.querySelector(`[data-source=${id}]`);
                              const program = source.closest('[data-testid]').getBoundingClientRect();
                              const scale = program.width / 1920;
                              const at = source.getBoundingClientRect();
                              return [at.left - program.left, at.top - program.top, at.right - program.left,
                                at.bottom - program.top].map((side) => side / scale);
                            }""", notation + i);
                    Box opening = openings.get(i);
                    double[] over = {
                        opening.x() - number(sides, 0),
                        opening.y() - number(sides, 1),
                        number(sides, 2) - opening.right(),
                        number(sides, 3) - opening.bottom()
                    };
                    for (double side : over) {
                        org.assertj.core.api.Assertions.assertThat(side)
                                .as("%s%d around %s", notation, i, opening)
                                .isBetween(-0.02, bleed + 8.0);
                    }
                }
            }
        }
    }

    private static double number(List<?> sides, int which) {
        return ((Number) sides.get(which)).doubleValue();
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
