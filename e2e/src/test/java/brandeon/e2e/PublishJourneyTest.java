package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Sources in a real browser: what is wrong is found, told and put right; a piece alone; the sheet; releases. */
@ExtendWith(RunningServer.class)
class PublishJourneyTest {

    @Test
    void whatIsWrongWithSourcesIsFoundAndGoesOnceItIsPutRight(RunningServer server) {
        Person host = server.host();
        String theme = host.demo();
        try (Browser browser = new Browser()) {
            Page page = browser.signedIn(server.address(), 1280, 800);
            page.navigate(server.address() + "/themes/" + theme + "/publish");
            Locator findings = page.getByLabel("Sources that need attention");

            // Seen twice in one program.
            Page source = browser.window(1920, 1080);
            source.navigate(host.link(theme, "closing", "wide", "WHOLE"));
            Page again = source.context().newPage();
            again.navigate(host.link(theme, "closing", "wide", "WHOLE"));
            await(findings, "Seen 2 times at once");
            again.close();

            // A part without the other one, until that is there.
            source.navigate(host.link(theme, "desk", "wide", "BACK"));
            await(findings, "What stands in front of the captures is missing");
            assertThat(findings).not().containsText("Seen 2 times");
            source.navigate(host.link(theme, "desk", "wide", "WHOLE"));
            assertThat(page.getByText("The one open source is right."))
                    .isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(20_000));

            // An old link.
            String away = host.link(theme, "away", "wide", "WHOLE");
            String outlet = host.get("/api/themes/" + theme + "/ledger")
                    .json()
                    .path("rows")
                    .valueStream()
                    .filter(row -> row.path("link").asString().equals(away))
                    .findFirst()
                    .orElseThrow()
                    .path("outlet")
                    .asString();
            host.post("/api/outlets/" + outlet + "/reissue", "");
            source.navigate(away);
            assertThat(source.locator("svg")).hasCount(0);
            await(findings, "A former link of it is open");
            assertThat(findings.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Copy its link")))
                    .isVisible();
            source.context().close();
        }
    }

    @Test
    void aPieceAloneTheSheetAndReleases(RunningServer server) {
        Person host = server.host();
        String theme = host.demo();
        try (Browser browser = new Browser()) {
            Page page = browser.signedIn(server.address(), 1280, 800);
            page.navigate(server.address() + "/themes/" + theme + "/publish");
            page.getByLabel("Scene", new Page.GetByLabelOptions().setExact(true))
                    .selectOption("Hide");
            page.getByLabel("Piece or group").selectOption("Sightings");
            press(page, "Make a link");
            Locator row = page.locator("tr", new Page.LocatorOptions().setHasText("Sightings alone"));
            assertThat(row).isVisible();
            String[] size = row.locator("td").nth(3).innerText().split("\\D+");
            Page alone = browser.window(Integer.parseInt(size[0]), Integer.parseInt(size[1]));
            alone.navigate(row.getByTestId("link").getAttribute("href"));
            Locator piece = alone.locator("svg[data-piece=sightings]");
            assertThat(piece).containsText("Herons");
            // Outlines stand for them until their face has come.
            assertThat(piece.locator("text").first()).isVisible();
            org.assertj.core.api.Assertions.assertThat(
                            alone.locator("svg[data-piece]").count())
                    .isEqualTo(1);
            org.assertj.core.api.Assertions.assertThat(
                            piece.locator("text").first().boundingBox().x)
                    .as("it stands within its own window")
                    .isBetween(0.0, Double.parseDouble(size[0]));

            press(page, "Source sheet");
            Locator hide = page.getByLabel("Hide", new Page.GetByLabelOptions().setExact(true));
            assertThat(hide).containsText("Cropped in its own pixels");
            String before = hide.innerText();
            page.getByLabel("Width of Host camera").fill("2560");
            page.getByLabel("Width of Host camera").press("Enter");
            page.getByLabel("Height of Host camera").fill("1440");
            page.getByLabel("Height of Host camera").press("Enter");
            assertThat(hide).containsText("capture, 2560 × 1440");
            press(page, "As the theme says");
            assertThat(hide).containsText("capture, 1280 × 720");
            org.assertj.core.api.Assertions.assertThat(hide.innerText()).isEqualTo(before);

            host.edit(
                    theme,
                    "{\"edit\":\"setContent\",\"piece\":\"band\",\"field\":\"message\",\"value\":\"Otters at the sluice\"}");
            host.post("/api/themes/" + theme + "/on-air", "");
            page.reload();
            press(page, "Releases");
            assertThat(page.getByText(Pattern.compile("says something else")).first())
                    .isVisible();
            Locator first = page.getByRole(
                    AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Release 1 ")));
            first.click();
            press(page, "Back to release 1 …");
            press(page, "Put release 1 on air");
            assertThat(first).containsText("on air");
            Page wide = browser.window(1920, 1080);
            wide.navigate(host.link(theme, "hide", "wide", "WHOLE"));
            assertThat(wide.locator("svg[data-piece=band]")).not().containsText("Otters");
        }
    }

    private static void await(Locator findings, String words) {
        assertThat(findings).containsText(words, new LocatorAssertions.ContainsTextOptions().setTimeout(20_000));
    }

    private static void press(Page page, String name) {
        page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .click();
    }
}
