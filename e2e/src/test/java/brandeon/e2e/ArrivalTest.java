package brandeon.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.access.Role;
import brandeon.server.support.Person;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Page;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** What comes in when its scene comes on, in real sources. */
@ExtendWith(RunningServer.class)
class ArrivalTest {

    /** Begins of the entrances that run or wait, by piece, in milliseconds after the scene came on. */
    private static final String ENTRANCES = """
            () => [...document.querySelectorAll('svg[data-piece]')].flatMap((svg) =>
              svg.getAnimations().map((one) => svg.dataset.piece + ' ' + Math.round(one.effect.getTiming().delay)))""";

    /** The script has taken the picture over, and everything has come in. */
    private static final String THERE = """
            () => {
              const svg = document.querySelector('svg[data-piece=one]');
              return svg.style.visibility === '' && svg.getAnimations().length === 0;
            }""";

    private static final String HIDDEN = """
            (hidden) => {
              Object.defineProperty(document, 'hidden', { configurable: true, get: () => hidden });
              document.dispatchEvent(new Event('visibilitychange'));
            }""";

    private static String opacity(String piece) {
        return "() => Number(getComputedStyle(document.querySelector('svg[data-piece=" + piece + "]')).opacity)";
    }

    @Test
    void theSceneArrivesEachTimeItComesOnInTheSameOrderOnAllItsSources(RunningServer server) {
        Person host = server.stranger(Role.OWNER);
        String theme = host.newTheme("Arrivals");
        String whole = host.onAir(
                theme,
                "STRIP",
                Map.of(
                        "one", Person.piece("one", "BAND", "{\"message\":\"One\"}", "{}"),
                        "two", Person.piece("two", "FACT_LINE", "{}", "{}")));
        String scene = host.get("/api/themes/" + theme)
                .json()
                .path("theme")
                .path("scenes")
                .get(0)
                .path("id")
                .asString();
        assertThat(host.edit(theme, "{\"edit\":\"setSceneArrives\",\"scene\":\"" + scene + "\",\"arrives\":true}")
                        .body())
                .contains("\"arrives\":true");
        host.post("/api/themes/" + theme + "/on-air", "");
        try (Browser browser = new Browser()) {
            Page source = browser.window(1920, 1080);
            source.navigate(whole);
            source.waitForFunction(THERE);
            assertThat(source.evaluate(opacity("one"))).isEqualTo(1);
            Page back = browser.window(1920, 1080);
            back.navigate(host.link(theme, scene, "wide", "BACK"));
            back.waitForFunction(THERE);

            // Off: it waits before its entrance, so that nothing flashes up when it comes on.
            for (Page page : List.of(source, back)) {
                page.evaluate(HIDDEN, true);
                assertThat(page.evaluate(opacity("one"))).isEqualTo(0);
                page.evaluate(HIDDEN, false);
            }
            List<?> order = (List<?>) back.evaluate(ENTRANCES);
            assertThat(order.toString()).contains("one ").contains("two ");
            source.evaluate(HIDDEN, true);
            source.evaluate(HIDDEN, false);
            assertThat(source.evaluate(ENTRANCES).toString())
                    .as("the same order on every source")
                    .startsWith(order.toString().replace("]", ","));

            // What changes meanwhile goes on coming in, and is there in the end.
            source.evaluate(HIDDEN, true);
            source.evaluate(HIDDEN, false);
            host.edit(theme, "{\"edit\":\"setContent\",\"piece\":\"one\",\"field\":\"message\",\"value\":\"Changed\"}");
            host.post("/api/themes/" + theme + "/on-air", "");
            source.waitForFunction(
                    "() => document.querySelector('svg[data-piece=one]').textContent.includes('Changed')");
            source.waitForFunction(THERE);
            assertThat(source.evaluate(opacity("one"))).isEqualTo(1);
        }
    }
}
