package brandeon.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** The words of a source's first picture, before and after their faces have come. */
@ExtendWith(RunningServer.class)
class FirstWordsTest {

    private static final String OUTLINES = "() => document.querySelectorAll('path[data-letters]').length";
    private static final String WORDS = "() => [...document.querySelectorAll('text')].filter((one) => "
            + "one.getClientRects().length > 0 && one.getBoundingClientRect().width > 0).length";

    @Test
    void areThereAtOnceAndStayWhereTheyAre(RunningServer server) {
        Person host = server.host();
        String link = host.link(host.demo(), "hide", "wide", "WHOLE");
        try (Browser browser = new Browser()) {
            Page page = browser.window(1920, 1080);
            List<Route> held = new ArrayList<>();
            page.route("**/fonts/*.ttf", held::add);
            page.navigate(link);
            page.waitForCondition(() -> held.size() == 2);
            assertThat((int) page.evaluate(OUTLINES)).isGreaterThan(5);
            assertThat(page.evaluate(WORDS)).isEqualTo(0);
            BufferedImage before = Browser.shot(page);

            held.forEach(Route::resume);
            Browser.wordsCome(page);
            assertThat((int) page.evaluate(WORDS)).isGreaterThan(5);
            BufferedImage after = Browser.shot(page);

            page.evaluate("() => document.querySelectorAll('text').forEach((one) => one.remove())");
            Likeness without = Likeness.of(after, Browser.shot(page));
            Likeness jump = Likeness.of(before, after);
            assertThat(without.mean()).isGreaterThan(0.1);
            // A browser sets letters on whole pixels from top to bottom and paints them a little heavier than outlines.
            assertThat(jump.mean()).as("of %s", without).isLessThan(without.mean() / 6);
        }
    }

    @Test
    void stayOutlinesWhereTheirFacesDoNotCome(RunningServer server) {
        Person host = server.host();
        try (Browser browser = new Browser()) {
            Page page = browser.window(1920, 1080);
            List<Route> refused = new ArrayList<>();
            page.route("**/fonts/*.ttf", route -> {
                refused.add(route);
                route.abort();
            });
            page.navigate(host.link(host.demo(), "hide", "wide", "WHOLE"));
            page.waitForCondition(() -> refused.size() == 2);
            BufferedImage there = Browser.shot(page);
            // For so long a face that is late is waited for, and then another one is shown (CSS Fonts 4, section 4.9).
            page.waitForTimeout(3500);
            assertThat(page.evaluate(WORDS)).isEqualTo(0);
            assertThat(Likeness.of(there, Browser.shot(page)).mean()).isEqualTo(0);
        }
    }
}
