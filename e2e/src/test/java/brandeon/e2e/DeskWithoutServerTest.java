package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.Person;
import brandeon.server.support.ServerProcess;
import brandeon.server.support.TestDatabase;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.util.List;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The desk while its server is away. */
class DeskWithoutServerTest {

    /** The last of several tries may be refused, or not be answered in time. */
    private static final Pattern SAID = Pattern.compile("(could not be reached|No answer came) for five seconds");

    @Test
    void whatIsPressedWhileTheServerIsAwayIsSaidAndNeverDoneLater() {
        try (TestDatabase database = new TestDatabase();
                ServerProcess server = new ServerProcess(database);
                Browser browser = new Browser()) {
            Person host = Person.signedIn(server.address(), "host@reedlight.example", "lantern-at-dusk");
            String theme = host.demo();
            String show = host.show(theme);
            Page phone = browser.window(400, 800);
            phone.navigate(
                    DeskJourneyTest.link(host, show, "Tove", "[{\"group\":\"CARDS\",\"pieces\":[],\"deeds\":[]}]"));
            Locator second = DeskJourneyTest.part(phone, "Cards")
                    .getByLabel("Cards of Guest")
                    .getByText("Oskar Dunlin");
            assertThat(second).isVisible();
            server.kill();
            assertThat(phone.getByText("No connection.")).isVisible();
            DeskJourneyTest.pressed(phone, "Next card of Guest").click();
            assertThat(phone.getByText("card 2 of 3")).isVisible();
            assertThat(phone.getByText(SAID)).isVisible(new LocatorAssertions.IsVisibleOptions().setTimeout(12_000));
            assertThat(DeskJourneyTest.part(phone, "Cards")).containsText("card 1 of 3");
            // A server that has just begun may take its time, and what it was asked on a dead line is never answered.
            AtomicBoolean silent = new AtomicBoolean(true);
            phone.route("**/cues/*", route -> {
                if (!silent.get() || !route.request().method().equals("GET")) {
                    route.resume();
                }
            });
            server.start();
            LocatorAssertions.ContainsTextOptions patient =
                    new LocatorAssertions.ContainsTextOptions().setTimeout(60_000);
            assertThat(DeskJourneyTest.part(phone, "Cards")).containsText("card 1 of 3", patient);
            assertThat(phone.getByText("No connection.")).isHidden();
            silent.set(false);
            DeskJourneyTest.pressed(phone, "Next card of Guest").click();
            assertThat(DeskJourneyTest.part(phone, "What was done")).containsText("card 2, Oskar Dunlin", patient);
            List<String> doors = new java.util.ArrayList<>();
            host(server)
                    .get("/api/shows/" + show + "/cues")
                    .json()
                    .forEach(cue -> doors.add(cue.path("door").asString()));
            assertThat(doors)
                    .as("what was pressed while it was away was not done later")
                    .containsOnlyOnce("PASS");
        }
    }

    private static Person host(ServerProcess server) {
        return Person.signedIn(server.address(), "host@reedlight.example", "lantern-at-dusk");
    }
}
