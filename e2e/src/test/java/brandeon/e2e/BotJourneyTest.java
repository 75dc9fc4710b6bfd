package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Commands are written, brought in, tried in the practice chat, and copied line by line. */
@ExtendWith(RunningServer.class)
class BotJourneyTest {

    private static Locator button(Page page, String name) {
        return page.getByRole(
                AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    @Test
    void commandsAreWrittenTriedAndCopied(RunningServer server) {
        try (Browser browser = new Browser()) {
            Person host = server.stranger(Role.OWNER);
            String theme = host.newTheme("Chatty hide");
            Page page = browser.signedInAs(host, server.address(), 1280, 800);
            page.navigate(server.address() + "/themes/" + theme + "/facts");
            page.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Commands")))
                    .click();
            assertThat(page.getByText("None yet. A command is the first word of a line"))
                    .isVisible();
            Locator fresh = page.getByLabel("New command", new Page.GetByLabelOptions().setExact(true));
            page.getByLabel("The bot writes as").fill("reed_bot");
            page.getByLabel("The bot writes as").press("Enter");
            fresh.fill("!owl");
            page.getByLabel("Answer to the new command").fill("Hoo, {name}!");
            button(page, "Add the command").click();
            assertThat(page.getByLabel("Answer to !owl")).hasValue("Hoo, {name}!");
            // What viewers would read is shown while it is written, and mistakes are told in place.
            page.getByLabel("Answer to !owl").fill("Hoo, {name}");
            assertThat(page.getByText("Viewers read: Hoo, Tavi Brook")).isVisible();
            page.getByLabel("Answer to !owl").fill("Hoo, {name");
            assertThat(page.getByText("A { is not closed")).isVisible();
            page.getByLabel("Answer to !owl").press("Escape");
            assertThat(page.getByLabel("Answer to !owl")).hasValue("Hoo, {name}!");
            // The same word twice is refused with a sentence, and what was typed stays.
            fresh.fill("!OWL");
            page.getByLabel("Answer to the new command").fill("again");
            button(page, "Add the command").click();
            assertThat(page.getByText("Two commands answer to “!owl”.")).isVisible();
            assertThat(fresh).hasValue("!OWL");

            page.getByLabel("File of commands")
                    .setInputFiles(new FilePayload(
                            "list.csv",
                            "text/csv",
                            "command;text;who may;every minutes\r\n!hush;Quiet please;helpers;\r\n;The tide turns.;;40\r\n"
                                    .getBytes(StandardCharsets.UTF_8)));
            Locator outcome =
                    page.getByRole(AriaRole.GROUP, new Page.GetByRoleOptions().setName("What would come of the file"));
            assertThat(outcome).containsText("New (2): !hush, The tide turns.");
            assertThat(outcome).containsText("Kept as it is (1): !owl");
            button(page, "Take it").click();
            assertThat(page.getByLabel("Answer to !hush")).hasValue("Quiet please");
            assertThat(page.getByLabel("Timed message “The tide turns.”")).isVisible();

            page.navigate(server.address() + "/themes/" + theme + "/rehearse");
            page.getByLabel("reed_bot is in the chat and answers as the theme says")
                    .check();
            Locator said = page.getByLabel("Lines of the practice chat");
            page.getByLabel("Line for the practice chat").fill("!owl");
            page.getByLabel("Line for the practice chat").press("Enter");
            assertThat(said).containsText("reed_bot Hoo, Tavi Brook!");
            page.getByLabel("Line for the practice chat").fill("!hush");
            button(page, "Write").click();
            assertThat(page.getByText("!hush is for helpers.")).isVisible();
            page.getByLabel("What who writes may").selectOption("HELPERS");
            page.getByLabel("Line for the practice chat").fill("!hush");
            button(page, "Write").click();
            assertThat(said).containsText("reed_bot Quiet please");
            assertThat(page.getByLabel("What timed messages wait for")).containsText("The tide turns.");

            page.navigate(server.address() + "/themes/" + theme + "/move");
            page.getByLabel("!hush is copied").check();
            assertThat(page.getByLabel("!hush is copied")).isChecked();
            page.reload();
            assertThat(page.getByLabel("!hush is copied")).isChecked();
            assertThat(page.getByLabel("!owl is copied")).not().isChecked();
        }
    }
}
