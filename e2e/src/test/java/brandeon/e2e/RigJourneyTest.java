package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

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
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ReducedMotion;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.StringJoiner;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** The practice rig as somebody uses it: what is typed is kept, nonsense is not, and printed figures leave no gap. */
class RigJourneyTest extends RigEvening {

    @Test
    void whatIsTypedWhileAnEarlierChangeIsUnderWayIsKept(RunningServer server) {
        try (Browser browser = new Browser()) {
            begin(server, browser.window(1280, 800), () -> """
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
    void capturesMoveUnlessSomebodyAsksForLessMotion(RunningServer server) {
        try (Browser browser = new Browser()) {
            begin(server, browser);
            Locator captures = page.getByLabel(Pattern.compile("^Still .* pattern$"));
            assertThat(captures.first()).isVisible();
            String still = painted(captures.first());
            page.waitForTimeout(300);
            assertThat(painted(captures.first())).isEqualTo(still);
            page.emulateMedia(new Page.EmulateMediaOptions().setReducedMotion(ReducedMotion.NO_PREFERENCE));
            Locator moving = page.getByLabel(Pattern.compile("^Moving .* pattern$"));
            assertThat(moving.first()).isVisible();
            page.waitForCondition(() -> !painted(moving.first()).equals(still));
        }
    }

    /** Its pixels, of which at least one is not see-through. */
    private static String painted(Locator canvas) {
        return (String) canvas.evaluate("""
                (canvas) => {
                  const { data } = canvas.getContext('2d').getImageData(0, 0, canvas.width, canvas.height);
                  if (!data.some((part) => part > 0)) throw new Error('Nothing is painted.');
                  return canvas.toDataURL();
                }""");
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
        assertThat(put.status()).as(put.body()).isEqualTo(200);
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
                        assertThat(side)
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
}
