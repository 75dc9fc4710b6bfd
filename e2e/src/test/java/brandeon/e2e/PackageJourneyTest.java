package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/**
 * A designer packs a theme; a streamer on another platform brings it in, keeps their own brand, tries all alerts, and
 * replaces the links of the theme that they used until then.
 */
@ExtendWith(RunningServer.class)
class PackageJourneyTest {

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void aThemeGoesFromItsDesignerToAStreamerElsewhere(RunningServer server) throws Exception {
        try (Browser browser = new Browser()) {
            Person designer = server.host();
            Page workshop = browser.signedInAs(designer, server.address(), 1280, 800);
            workshop.navigate(server.address() + "/themes/" + designer.demo() + "/publish");
            button(workshop, "Files").click();
            Download packed = workshop.waitForDownload(
                    () -> workshop.getByText("The whole theme").click());
            Path file = packed.path();
            Assertions.assertThat(packed.suggestedFilename()).isEqualTo("Reedlight Hide.zip");

            Person streamer = server.stranger(Role.OWNER);
            // What they use until now: on Birch, in their own colours, and open somewhere.
            JsonNode birch = streamer.post("/api/channels", "{\"name\":\"Fenwick on Birch\",\"platform\":\"birch\"}")
                    .json();
            String mine = streamer.newTheme("Fenwick nights");
            streamer.put(
                    "/api/themes/" + mine + "/channel", "{\"channel\":" + birch.path("id") + ",\"platform\":null}");
            streamer.post("/api/themes/" + mine + "/start", "{\"family\":\"\",\"roles\":[\"LIVE\",\"AWAY\"]}");
            streamer.post(
                    "/api/themes/" + mine + "/edits",
                    "{\"edit\":{\"edit\":\"setSeeds\",\"seeds\":[\"#aa3355\",\"#ddbb66\"]},\"gesture\":\"\"}");
            streamer.post("/api/themes/" + mine + "/on-air", "");

            Page page = browser.signedInAs(streamer, server.address(), 1280, 800);
            page.navigate(server.address());
            page.getByLabel("Picture, palette or package to begin a theme with")
                    .setInputFiles(new FilePayload("Reedlight Hide.zip", "application/zip", Files.readAllBytes(file)));
            assertThat(page.getByText("The theme “Reedlight Hide”")).isVisible();
            assertThat(page.getByRole(AriaRole.IMG, new Page.GetByRoleOptions().setName("Hide, Wide")))
                    .isVisible();
            page.getByLabel("For the channel").selectOption("Fenwick on Birch");
            assertThat(page.getByText("in those of Birch instead of Alder")).isVisible();
            page.getByLabel("Colours and fonts").selectOption("mine, of Fenwick nights: everything is recoloured");
            page.getByLabel("In place of").selectOption("Fenwick nights: its links are replaced next, under Move");
            button(page, "Bring it in").click();
            assertThat(page.getByText("recoloured, at most")).isVisible();
            assertThat(page.getByText("ΔE from your brand")).isVisible();
            page.waitForURL("**/move");
            String copy = page.url().replaceFirst(".*/themes/([^/]+)/.*", "$1");
            JsonNode theme = streamer.get("/api/themes/" + copy).json().path("theme");
            Assertions.assertThat(theme.path("brand").path("seeds").toString()).isEqualTo("[\"#aa3355\",\"#ddbb66\"]");
            Assertions.assertThat(theme.path("alerts").toString()).doesNotContain("ubscribed");

            button(page, "Play all signals of Birch").click();
            Locator trial = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Trial"));
            assertThat(trial).containsText("Tavi Brook became a member");

            assertThat(page.getByText("The copy is not on air")).isVisible();
            button(page, "Put on air").click();
            assertThat(page.getByText("The copy is on air.")).isVisible();

            String live = streamer.get("/api/themes/" + mine)
                    .json()
                    .path("theme")
                    .path("scenes")
                    .valueStream()
                    .filter(scene -> scene.path("role").asString().equals("LIVE"))
                    .findFirst()
                    .orElseThrow()
                    .path("id")
                    .asString();
            String old = streamer.link(mine, live, "wide", "WHOLE");
            Page source = browser.window(1920, 1080);
            source.navigate(old);
            assertThat(page.getByText("Old links are still open in 1 place.")).isVisible();
            String text = "[my scenes]\r\nurl=" + old + "\r\nwidth=1920\r\n";
            page.locator("input[type=file]")
                    .setInputFiles(
                            new FilePayload("my scenes.ini", "text/plain", text.getBytes(StandardCharsets.UTF_8)));
            assertThat(page.getByText("1 to be replaced.")).isVisible();
            Download saved = page.waitForDownload(
                    () -> button(page, "Save it with 1 new link").click());
            String replaced = Files.readString(saved.path());
            String fresh = replaced.replaceFirst("(?s).*url=(\\S+).*", "$1");
            Assertions.assertThat(fresh).isNotEqualTo(old).startsWith(server.address());
            Assertions.assertThat(replaced).isEqualTo(text.replace(old, fresh));

            source.navigate(fresh);
            assertThat(page.getByText("No old link is open.")).isVisible();
            JsonNode ledger = streamer.get("/api/themes/" + mine + "/ledger").json();
            Assertions.assertThat(ledger.path("rows")
                            .valueStream()
                            .filter(row -> !row.path("open").isEmpty()))
                    .isEmpty();
        }
    }
}
