package brandeon.e2e;

import static brandeon.e2e.Browser.button;
import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Download;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.net.URI;
import java.net.http.HttpRequest;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Somebody keeps a table by hand, by a file and by a script, sees it on an outlet, and keeps the chat clean. */
@ExtendWith(RunningServer.class)
class TablesJourneyTest {

    private static String scene(Person host, String theme, String kind, String content) {
        host.edit(theme, """
                {"edit":"addPiece","index":0,"piece":{"id":"p","kind":"%s","name":"Piece","captures":[],"mustShow":false,"handsOff":false,"share":"","content":%s,"figures":{},"inlay":null}}""".formatted(kind, content));
        host.edit(
                theme,
                "{\"edit\":\"addScene\",\"index\":0,\"scene\":{\"id\":\"hide\",\"name\":\"Hide\",\"role\":\"STARTING\",\"keepClear\":[],\"arrives\":false,\"stack\":["
                        + Person.placed("p", "COLUMN") + "]}}");
        host.post("/api/themes/" + theme + "/on-air", "");
        return host.link(theme, "hide", "wide", "WHOLE");
    }

    private static Locator cell(Page page, int row, int column) {
        return page.getByRole(AriaRole.GRID)
                .locator("[role=row]")
                .nth(row)
                .locator("[role=gridcell]")
                .nth(column - 1);
    }

    @Test
    void aTableIsTypedPastedBroughtInAndWrittenByAScriptAndSeen(RunningServer server) throws Exception {
        Person host = server.stranger(Role.OWNER);
        String theme = host.newTheme("Birds tonight");
        String link = scene(host, theme, "TABLE", "{\"title\":\"Tonight\"}");
        try (Browser browser = new Browser()) {
            Page page = browser.signedInAs(host, server.address(), 1280, 800);
            page.context().grantPermissions(List.of("clipboard-read", "clipboard-write"));
            page.navigate(server.address() + "/themes/" + theme + "/facts");
            page.getByLabel("Title of a new table").fill("Birds");
            page.getByLabel("Title of a new table").press("Enter");
            assertThat(page.getByText("No rows yet.")).isVisible();

            Page outlet = browser.window(1920, 1080);
            outlet.navigate(link);

            // Typed: Tab goes on, Enter goes down, and a wrong cell is refused in a sentence.
            cell(page, 1, 1).click();
            page.keyboard().type("Bittern");
            page.keyboard().press("Tab");
            page.keyboard().type("2");
            page.keyboard().press("Enter");
            assertThat(cell(page, 1, 2)).hasText("2");
            assertThat(outlet.locator("#overlay")).containsText("Bittern");
            cell(page, 1, 2).click();
            page.keyboard().type("many");
            page.keyboard().press("Enter");
            assertThat(page.getByText("Row 1, Number: “many” is no number.")).isVisible();
            assertThat(cell(page, 1, 2)).hasText("2");

            // Pasted from a spreadsheet below it, taken back and done again.
            page.evaluate("() => navigator.clipboard.writeText('Teal\\t1,250\\nSnipe\\t7\\n')");
            cell(page, 2, 1).click();
            page.keyboard().press("Control+v");
            assertThat(cell(page, 3, 1)).hasText("Snipe");
            assertThat(outlet.locator("#overlay")).containsText("1,250");
            page.keyboard().press("Control+z");
            assertThat(outlet.locator("#overlay")).not().containsText("1,250");
            page.keyboard().press("Control+y");
            assertThat(cell(page, 2, 2)).hasText("1250");

            // A file with a wrong line is named and nothing of it is taken in; the right one is.
            page.getByLabel("Bring in CSV")
                    .setInputFiles(new FilePayload("birds.csv", "text/csv", bytes("Name,Number\nOwl,few\n")));
            assertThat(page.getByText("Line 2, Number")).isVisible();
            assertThat(cell(page, 2, 1)).hasText("Teal");
            page.getByLabel("Bring in CSV")
                    .setInputFiles(new FilePayload(
                            "birds.csv",
                            "text/csv",
                            bytes("Name,Number,Where\nTeal,40,Low pool\nBarn owl,1,Far gate\n")));
            assertThat(outlet.locator("#overlay")).containsText("Barn owl");
            Download file =
                    page.waitForDownload(() -> page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName("CSV"))
                            .click());
            org.assertj.core.api.Assertions.assertThat(Files.readString(file.path()))
                    .isEqualToNormalizingNewlines(
                            "Name,Number,Where\nTeal,40,\"Low pool\"\n\"Barn owl\",1,\"Far gate\"\n");

            // Written by a script: seen by viewers and on the page.
            String address = page.locator("pre", new Page.LocatorOptions().setHasText("/rows/"))
                    .textContent()
                    .replaceAll("(?s).*'(http[^']+)/rows/.*", "$1");
            Person script = Person.unknown(server.address());
            script.send(script.request(URI.create(address).getPath() + "/rows/Barn%20owl")
                    .header("Content-Type", "application/json")
                    .PUT(HttpRequest.BodyPublishers.ofString("{\"Number\":33,\"Where\":\"Hide roof\"}"))
                    .build());
            assertThat(outlet.locator("#overlay")).containsText("33");
            assertThat(cell(page, 2, 3)).hasText("Hide roof");

            // A text of a piece takes a cell, as it is suggested while it is written.
            page.navigate(server.address() + "/themes/" + theme + "/pieces/p");
            Locator title = page.getByLabel("Title", new Page.GetByLabelOptions().setExact(true));
            title.fill("Most: {birds_number_sum");
            page.getByText("{birds_number_sum}").click();
            assertThat(page.getByText("Viewers read: Most: 73")).isVisible();
            title.press("Enter");
            button(page, "Put on air").click();
            assertThat(outlet.locator("#overlay")).containsText("Most: 73");
        }
    }

    @Test
    void whatOfTheChatIsHiddenIsNotSeen(RunningServer server) {
        Person host = server.stranger(Role.OWNER);
        String theme = host.newTheme("Chat tonight");
        String link = scene(host, theme, "CHAT", "{}");
        String channel = host.get("/api/themes/" + theme).json().path("channel").asString();
        try (Browser browser = new Browser()) {
            Page page = browser.signedInAs(host, server.address(), 1280, 800);
            page.navigate(server.address() + "/themes/" + theme + "/facts");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName("Chat What is said"))
                    .click();
            assertThat(page.getByText("Nobody wrote yet.")).isVisible();
            Page outlet = browser.window(1920, 1080);
            outlet.navigate(link);
            host.signals(channel, "alder.chat", "{\"name\":\"Ilse Fenn\",\"message\":\"A bittern booms\"}");
            host.signals(
                    channel, "alder.chat", "{\"name\":\"Oskar Tide\",\"message\":\"Buy it at reedlight.example\"}");
            assertThat(outlet.locator("#overlay")).containsText("Buy it at (link)");

            page.getByLabel("Hidden words").fill("bittern");
            page.getByLabel("Hidden words").press("Enter");
            assertThat(outlet.locator("#overlay")).containsText("A ••• booms");
            button(page, "Hush Oskar Tide").click();
            assertThat(outlet.locator("#overlay")).not().containsText("Buy it");
            button(page, "Hide this line of Ilse Fenn").click();
            assertThat(outlet.locator("#overlay")).not().containsText("booms");
            button(page, "Show what Oskar Tide writes again").first().click();
            assertThat(outlet.locator("#overlay")).containsText("Buy it at (link)");
        }
    }

    private static byte[] bytes(String text) {
        return text.getBytes(StandardCharsets.UTF_8);
    }
}
