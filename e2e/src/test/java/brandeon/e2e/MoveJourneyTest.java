package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.regex.Pattern;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** A theme goes to another platform as somebody wants it, and the old links in their own file with it. */
@ExtendWith(RunningServer.class)
class MoveJourneyTest {

    private static Locator button(Page page, String name) {
        return page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name));
    }

    @Test
    void aPlanIsChangedLineByLineAndTheCopyIsAsItSays(RunningServer server) throws Exception {
        Person host = server.host();
        String demo = host.demo();
        try (Browser browser = new Browser()) {
            Page page = browser.signedInAs(host, server.address(), 1280, 800);
            page.navigate(server.address() + "/themes/" + demo + "/move");
            Locator label = page.getByLabel("Latest follower, label on the new platform");
            assertThat(label).hasValue("Latest redirect");
            page.getByLabel("What Latest follower, value shows on Birch").selectOption("latestMessage");
            assertThat(label).hasValue("Latest paid message");

            Locator supporter = page.getByLabel("Latest supporter, label on the new platform");
            supporter.fill("Newest of us {");
            supporter.press("Enter");
            assertThat(page.getByText("It stays as it is:")).isVisible();
            supporter.fill("Newest of us");
            supporter.press("Enter");
            assertThat(page.getByText("It stays as it is:")).hasCount(0);
            page.getByLabel("Change Alert for raid, one").uncheck();
            page.getByLabel("Switch off the alert for follow").uncheck();
            assertThat(page.getByText("Its alert stays on.")).isVisible();

            Locator hide = page.getByRole(
                    AriaRole.REGION, new Page.GetByRoleOptions().setName("Hide").setExact(true));
            assertThat(hide.getByRole(AriaRole.IMG)).hasCount(2);

            page.reload();
            assertThat(supporter).hasValue("Newest of us");
            button(page, "Copy to Birch").click();
            assertThat(page.getByText("Links in a file of your own")).isVisible();
            String copy = page.url().replaceFirst(".*/themes/([^/]+)/.*", "$1");
            JsonNode moved = host.get("/api/themes/" + copy).json().path("theme");
            Assertions.assertThat(moved.path("pieces").toString())
                    .contains("Newest of us", "{latestMessage}", "Latest paid message");
            Assertions.assertThat(moved.path("alerts").toString())
                    .contains("{name} raided with")
                    .doesNotContain("redirected here with");

            // The trial finds what somebody wanted left as it was.
            button(page, "Play all signals of Birch").click();
            Locator trial = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Trial"));
            assertThat(trial).containsText("Words of the old platform: {name} raided with");
            assertThat(trial).containsText("Tavi Brook became a member");
            assertThat(page.getByText(Pattern.compile("0 of \\d+ sources have their new link")))
                    .isVisible();

            Locator row = page.getByRole(AriaRole.ROW)
                    .filter(new Locator.FilterOptions().setHasText("Hide, Wide, whole scene"))
                    .filter(new Locator.FilterOptions().setHasText("open"));
            assertThat(row.first()).containsText("Neither is open now.");
            Page before = browser.window(1920, 1080);
            before.navigate(host.link(demo, "hide", "wide", "WHOLE"));
            assertThat(row.first()).containsText("The old link is open (at");
            Page after = browser.window(1920, 1080);
            after.navigate(host.link(copy, "hide", "wide", "WHOLE"));
            assertThat(row.first()).containsText("the old one still is");
            before.close();
            assertThat(row.first()).containsText("The new link was seen open, the old one is closed.");
            after.close();
            page.getByLabel("What else must be changed").fill("Tip page");
            button(page, "Add the line").click();
            page.getByLabel("Tip page is done").check();
            assertThat(page.getByLabel("Tip page is done")).isChecked();

            String old = host.link(demo, "hide", "wide", "WHOLE");
            String fresh = host.link(copy, "hide", "wide", "WHOLE");
            String text = "first line\r\nsource=\"" + old.replace("/", "\\/") + "\"\r\n";
            page.locator("input[type=file]")
                    .setInputFiles(
                            new FilePayload("my scenes.cfg", "text/plain", text.getBytes(StandardCharsets.UTF_16)));
            assertThat(page.getByText("1 to be replaced.")).isVisible();
            assertThat(page.getByRole(
                                    AriaRole.REGION, new Page.GetByRoleOptions().setName("Links in a file of your own"))
                            .getByRole(
                                    AriaRole.CELL, new Locator.GetByRoleOptions().setName("Hide, Wide, whole scene")))
                    .isVisible();
            Download saved = page.waitForDownload(
                    () -> button(page, "Save it with 1 new link").click());
            Assertions.assertThat(saved.suggestedFilename()).isEqualTo("my scenes.cfg");
            Assertions.assertThat(Files.readString(saved.path(), StandardCharsets.UTF_16))
                    .isEqualTo(text.replace(old.replace("/", "\\/"), fresh.replace("/", "\\/")));
        }
    }
}
