package brandeon.e2e;

import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import jakarta.persistence.EntityManager;
import java.net.URI;
import java.util.UUID;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.support.TransactionTemplate;

/** What goes wrong on many evenings, made wrong in the practice rig, found, put right by what is said, and gone. */
class SourceFaultsTest extends RigEvening {

    @Test
    void whatIsWrongWithTheSourcesOfASceneIsFoundAndPutRight(RunningServer server) {
        try (Browser browser = new Browser()) {
            begin(server, browser);
            String live = "Live, whole scene";

            // Two things at once, as on a bad evening: each is told of its own source.
            String over = page.getByLabel("Link of Over every scene").inputValue();
            spoil(live, "Half its size");
            spoil("Over every scene", "Missing");
            found("WRONG_SIZE", "Runs at 960 × 540 at the practice rig", "Type width 1920 and height 1080");
            found("MISSING", "What stands over every scene is missing", "Add its source on top of the scene Live");
            type("Width of " + live, "1920");
            type("Height of " + live, "1080");
            type("Scale of " + live, "100");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Browser source"))
                    .click();
            type("Link of Browser source", over);
            type("Width of Browser source", "1920");
            type("Height of Browser source", "1080");
            gone("MISSING");
            gone("WRONG_SIZE");

            spoil(live, "Under everything");
            found("WRONG_ORDER", "Stands under a capture that it belongs above", "Move this source up");
            toTheTop(live);
            found("WRONG_ORDER", "is not on top of Live", "Move this source to the top");
            toTheTop("Browser source");
            gone("WRONG_ORDER");

            spoil(live, "Twice");
            type("Link of Browser source", over + "?nobody.speed=3");
            found("TWICE", "Seen 2 times at once", "Take all but one of them out");
            found("SETTINGS", "Nothing here is called “nobody.speed”", "Make the link anew");
            page.getByLabel("Remove " + live + " 2").click();
            type("Link of Browser source", over);
            gone("TWICE");
            gone("SETTINGS");

            String outlet = outlet(page.getByLabel("Link of " + live).inputValue());
            host.post("/api/outlets/" + outlet + "/reissue", "");
            host.put("/api/outlets/" + outlet(over) + "/follows", "{\"draft\":true,\"minutes\":0}");
            found("OLD_LINK", "A former link of it is open at", "Put the present link into that source");
            found("OTHER_RELEASE", "Shows the draft", "Let it show what is on air");
            type("Link of " + live, host.link(theme, scene, "wide", "WHOLE"));
            finding("OTHER_RELEASE")
                    .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Show what is on air"))
                    .click();
            gone("OLD_LINK");
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

    /** Frames of sources that come when a test wants them; their scenes move, so they are looked at. */
    private static String frames(String slowLink) {
        return """
                if (window.top !== window) {
                  const slow = location.pathname === '%s';
                  let frame = 0;
                  window.requestAnimationFrame = (step) =>
                    setTimeout(() => step(performance.now()), !slow ? 40 : frame++ %% 4 ? 8 : 120);
                }""".formatted(URI.create(slowLink).getPath());
    }

    @Test
    void aSourceOfTheWrongRateIsFoundAndASlowOneWithWhatCostsMost(RunningServer server) {
        try (Browser browser = new Browser()) {
            begin(
                    server,
                    browser.windowThatMoves(1280, 800),
                    () -> frames(host.link(theme, scene, "upright", "WHOLE")));
            page.getByLabel("Look at Upright").click();
            found("WRONG_RATE", "its canvas has 60", "Type 60 as the frame rate");
            found("SLOW", "Frames take up to", "that machine");
        }
    }

    @Test
    void aZoomedPageIsFoundAndToldApartFromAWrongSize(RunningServer server) {
        try (Browser browser = new Browser()) {
            begin(
                    server,
                    browser.window(1280, 800),
                    () -> "if (window.top !== window)"
                            + " Object.defineProperty(window, 'devicePixelRatio', { get: () => 1.25 })");
            String live = "Live, whole scene";
            type("Width of " + live, "1536");
            type("Height of " + live, "864");
            found("ZOOMED", "Its page is shown at 125 %", "Set the zoom of the page");
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
