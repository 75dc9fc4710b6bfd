package brandeon.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.KeyboardModifier;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Sheet and Stage as a designer uses them: several pieces at once, lines, faces, fixes, history, two people. */
@ExtendWith(RunningServer.class)
class StageJourneyTest {

    @Test
    void aSceneIsArrangedCheckedAndPutBack(RunningServer server) {
        String theme = server.host()
                .post("/api/themes", "{\"name\":\"Stage journey\"}")
                .json()
                .path("id")
                .asString();
        server.host().post("/api/themes/" + theme + "/start", "{\"family\":\"\",\"roles\":[\"STARTING\",\"LIVE\"]}");
        try (Browser browser = new Browser()) {
            Page page = browser.signedIn(server.address(), 1280, 800);
            page.navigate(server.address() + "/themes/" + theme + "/sheet");
            page.getByLabel(Pattern.compile("Live on Wide, .*")).click();
            page.waitForURL("**/stage/**");
            carry(page);
            drag(page);
            several(page);
            line(page);
            face(page);
            fix(page);
            history(page);
            phone(page);
        }
    }

    /** What is said of a piece follows it while it is held, and one undo puts it back. */
    private static void drag(Page page) {
        button(page, "Goal").click();
        int left = left(page);
        BoundingBox stage = page.getByTestId("stage").boundingBox();
        double scale = stage.width / 1920;
        double x = stage.x + (left + number(page, "Width") / 2.0) * scale;
        double y = stage.y + (number(page, "Top") + number(page, "Height") / 2.0) * scale;
        // Another one is selected by the press that begins the drag.
        button(page, "Latest supporter").click();
        Locator lists = page.getByRole(AriaRole.REGION, new Page.GetByRoleOptions().setName("Lists"));
        lists.getByRole(AriaRole.TAB)
                .filter(new Locator.FilterOptions().setHasText("Findings"))
                .click();
        Locator findings = lists.getByRole(AriaRole.TABPANEL);
        assertThat(findings).containsText("Nothing found.");
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x - 90 * scale, y, new Mouse.MoveOptions().setSteps(8));
        assertThat(page.getByLabel("Selected").locator("h2")).hasText("Goal");
        assertThat(field(page, "Left")).not().hasValue(String.valueOf(left));
        page.mouse().move(x - 180 * scale, y, new Mouse.MoveOptions().setSteps(8));
        assertThat(field(page, "Left")).hasValue(Pattern.compile(between(left - 190, left - 170)));
        // It covers a part of an opening now, and the lists say so while the hand pauses.
        assertThat(findings).containsText("Goal covers");
        page.mouse().up();
        assertThat(field(page, "Left")).hasValue(Pattern.compile(between(left - 190, left - 170)));
        page.keyboard().press("Control+z");
        assertThat(field(page, "Left")).hasValue(String.valueOf(left));
        lists.getByRole(AriaRole.TAB)
                .filter(new Locator.FilterOptions().setHasText("Stack"))
                .click();
    }

    /** It stands where it is held while the server takes its time, and its picture takes over from there. */
    private static void carry(Page page) {
        button(page, "Goal").click();
        page.waitForURL(Pattern.compile(".*[?]piece=.*"));
        String left = field(page, "Left").inputValue();
        Locator piece =
                page.locator("[data-testid=stage] svg[data-piece='" + page.url().replaceAll(".*[?]piece=", "") + "']");
        BoundingBox before = piece.locator("> *").first().boundingBox();
        BoundingBox outline =
                page.locator("[data-testid=selection] rect").first().boundingBox();
        double x = outline.x + outline.width / 2;
        double y = outline.y + outline.height / 2;
        List<Route> held = new CopyOnWriteArrayList<>();
        page.route("**/edits", held::add);
        page.mouse().move(x, y);
        page.mouse().down();
        page.mouse().move(x - 120, y - 40, new Mouse.MoveOptions().setSteps(8));
        page.mouse().up();
        page.waitForCondition(() -> !held.isEmpty());
        page.waitForCondition(() -> near(piece, before, -120, -40));
        assertThat(piece).hasAttribute("style", Pattern.compile(".*translate: .*"));
        page.unroute("**/edits");
        held.forEach(Route::resume);
        assertThat(piece).not().hasAttribute("style", Pattern.compile(".*translate: .*"));
        page.waitForCondition(() -> near(piece, before, -120, -40));
        page.keyboard().press("Control+z");
        page.waitForCondition(() -> near(piece, before, 0, 0));
        assertThat(field(page, "Left")).hasValue(left);
        // What is undone before anything was measured leaves no trace of having been ahead.
        page.getByTestId("stage").focus();
        page.keyboard().press("Shift+ArrowLeft");
        page.keyboard().press("Control+z");
        page.waitForCondition(() -> near(piece, before, 0, 0)
                && Math.abs(page.locator("[data-testid=selection] rect").first().boundingBox().x - outline.x) < 0.5);
    }

    /** Edges may catch on the way. */
    private static boolean near(Locator piece, BoundingBox before, double across, double down) {
        BoundingBox now = piece.locator("> *").first().boundingBox();
        // Between two pictures there is none.
        return now != null
                && Math.abs(now.x - before.x - across) < (across == 0 ? 0.5 : 8)
                && Math.abs(now.y - before.y - down) < (down == 0 ? 0.5 : 8);
    }

    /** A pattern for whole numbers in a range: edges may catch on the way. */
    private static String between(int least, int most) {
        return IntStream.rangeClosed(least, most)
                .mapToObj(String::valueOf)
                .collect(Collectors.joining("|", "^(", ")$"));
    }

    /** Selected with Shift, brought into line, made as one; everything by keyboard or named controls. */
    private static void several(Page page) {
        button(page, "Goal").click();
        int start = left(page);
        button(page, "Latest supporter")
                .click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        assertThat(page.getByText("2 pieces")).isVisible();
        page.getByTestId("stage").focus();
        for (int i = 0; i < 3; i++) {
            page.keyboard().press("Shift+ArrowLeft");
        }
        button(page, "Goal").click();
        assertThat(field(page, "Left")).hasValue(String.valueOf(start - 30));
        page.getByTestId("stage").focus();
        page.keyboard().press("Shift+ArrowLeft");
        int goal = start - 40;
        assertThat(field(page, "Left")).hasValue(String.valueOf(goal));
        button(page, "Latest supporter").click();
        assertThat(field(page, "Left")).hasValue(String.valueOf(start - 30));
        button(page, "Goal").click(new Locator.ClickOptions().setModifiers(List.of(KeyboardModifier.SHIFT)));
        button(page, "Left edges").click();
        button(page, "Latest supporter").click();
        assertThat(field(page, "Left")).hasValue(String.valueOf(goal));

        field(page, "Width").fill("1920/6 + 20");
        field(page, "Width").press("Enter");
        assertThat(field(page, "Width")).hasValue("340");
        page.getByLabel("Rotation in degrees").fill("12");
        page.getByLabel("Rotation in degrees").press("Enter");
        assertThat(page.locator("[data-testid=stage] svg[data-piece^=fact] g[transform*='rotate(12']")
                        .first())
                .isAttached();
        page.getByLabel("Reset").click();
        page.getByLabel("Anchor at the bottom right").click();
        assertThat(page.getByText("Anchored at the bottom right of the canvas."))
                .isVisible();
        assertThat(field(page, "Left")).hasValue(String.valueOf(goal));
        button(page, "Back to the plan").click();
        assertThat(page.getByText("Placed by the zone plan.")).isVisible();
    }

    private static void line(Page page) {
        button(page, "Camera frame").click();
        assertThat(page.getByLabel("Selected")
                        .getByRole(AriaRole.HEADING, new Locator.GetByRoleOptions().setName("Camera frame")))
                .isVisible();
        int before = left(page);
        button(page, "Lines of the zone plan").click();
        Locator column = page.getByLabel("Line between the columns");
        column.focus();
        for (int i = 0; i < 4; i++) {
            page.keyboard().press("Shift+ArrowLeft");
        }
        assertThat(field(page, "Left")).hasValue(String.valueOf(before - 40));
        page.keyboard().press("Delete");
        assertThat(field(page, "Left")).hasValue(String.valueOf(before));
        button(page, "Lines of the zone plan").click();
    }

    /** A face that is drawn once is known wherever its capture shows. */
    private static void face(Page page) {
        tab(page, "Areas").click();
        button(page, "Face").click();
        BoundingBox stage = page.getByTestId("stage").boundingBox();
        double scale = stage.width / 1920;
        page.mouse().move(stage.x + 1600 * scale, stage.y + 200 * scale);
        page.mouse().down();
        page.mouse().move(stage.x + 1720 * scale, stage.y + 340 * scale, new Mouse.MoveOptions().setSteps(5));
        page.mouse().up();
        assertThat(page.getByLabel("Name of Face")).isVisible();
        page.getByLabel("Open Upright").click();
        page.waitForURL("**/upright**");
        assertThat(page.locator("[data-testid=stage]").getByText("Face")).isVisible();
        page.getByLabel("Open Wide").click();
        page.waitForURL("**/wide**");
    }

    /** A piece over the edge is found at once, and its fix is the least move. */
    private static void fix(Page page) {
        button(page, "Stack").or(tab(page, "Stack")).first().click();
        button(page, "Goal").click();
        field(page, "Left").fill("1800");
        field(page, "Left").press("Enter");
        page.getByRole(AriaRole.TAB, new Page.GetByRoleOptions().setName(Pattern.compile("Findings")))
                .click();
        assertThat(page.locator("[data-finding=OUTSIDE_CANVAS]")).containsText("past the edge of the canvas");
        page.locator("[data-finding=OUTSIDE_CANVAS]").getByRole(AriaRole.BUTTON).click();
        assertThat(page.locator("[data-finding=OUTSIDE_CANVAS]")).hasCount(0);
        assertThat(left(page)).isLessThan(1853 - 300);
    }

    private static void history(Page page) {
        tab(page, "History").click();
        Locator first = page.getByLabel("History").locator("li").last();
        assertThat(first).containsText("Mirela Osk");
        page.getByLabel(Pattern.compile("Back to after: Turned|Back to after: Laid Latest supporter.*"))
                .last()
                .click();
        assertThat(page.getByText("The theme is as it was then")).isVisible();
        page.locator("header").getByLabel("Undo").click();
        tab(page, "Stack").click();
    }

    /** 64 mm are 242 CSS pixels at 96 to the inch. */
    private static void phone(Page page) {
        page.getByLabel("As its viewer sees it on a phone").click();
        assertThat(page.getByTestId("phone")).containsText("64 mm across");
        BoundingBox picture = page.locator("[data-testid=phone] figure > div").boundingBox();
        assertThat(picture.height).isBetween(241.0, 243.0);
        page.getByLabel("As its viewer sees it on a phone").click();
    }

    @Test
    void twoPeopleSeeEachOtherAndEndWithTheSameTheme(RunningServer server) {
        String theme = server.host()
                .post("/api/themes", "{\"name\":\"Two at once\"}")
                .json()
                .path("id")
                .asString();
        server.host().post("/api/themes/" + theme + "/start", "{\"family\":\"\",\"roles\":[\"LIVE\"]}");
        String scene = server.host()
                .get("/api/themes/" + theme)
                .json()
                .path("theme")
                .path("scenes")
                .get(0)
                .path("id")
                .asString();
        String stage = server.address() + "/themes/" + theme + "/stage/" + scene + "/wide";
        try (Browser browser = new Browser()) {
            Page one = browser.signedIn(server.address(), 1280, 800);
            Page other = browser.signedIn(server.address(), 1280, 800);
            one.navigate(stage);
            other.navigate(stage);
            assertThat(one.getByText("Also here: Mirela Osk")).isVisible();
            button(other, "Goal").click();
            assertThat(one.getByTestId("theirs")).containsText("Mirela Osk");
            button(one, "Goal").click();
            one.getByTestId("stage").focus();
            other.getByTestId("stage").focus();
            for (int i = 0; i < 6; i++) {
                one.keyboard().press("Shift+ArrowLeft");
                other.keyboard().press("Shift+ArrowUp");
            }
            one.waitForCondition(() -> same(one, other, "Left") && same(one, other, "Top"));

            other.getByLabel("Take Goal off this scene").click();
            assertThat(one.getByLabel("Take Goal off this scene")).hasCount(0);
            assertThat(one.getByText("Select a piece by clicking it")).isVisible();
            String gone = "{\"edit\":\"setBox\",\"scene\":\"" + scene
                    + "\",\"piece\":\"goal\",\"canvas\":\"wide\",\"box\":{\"x\":0,\"y\":0,\"width\":90,\"height\":90}}";
            assertThat(server.host().edit(theme, gone).status())
                    .as("an edit of something gone is refused")
                    .isEqualTo(409);
        }
    }

    @Test
    void theSheetIsReorderedFilledAndCompared(RunningServer server) {
        String theme = server.host()
                .post("/api/themes", "{\"name\":\"Sheet journey\"}")
                .json()
                .path("id")
                .asString();
        try (Browser browser = new Browser()) {
            Page page = browser.signedIn(server.address(), 1280, 800);
            page.navigate(server.address() + "/themes/" + theme + "/sheet");
            assertThat(page.getByText("This theme has no scenes yet.")).isVisible();
            button(page, "Live").click();
            tab(page, "Add a scene").click();
            button(page, "Away").click();
            assertThat(page.getByLabel("Name of scene Away")).isVisible();
            page.getByLabel("More for Away").click();
            page.getByRole(
                            AriaRole.MENUITEM,
                            new Page.GetByRoleOptions().setName("Up").setExact(true))
                    .click();
            assertThat(page.locator("tbody tr").first().getByRole(AriaRole.TEXTBOX))
                    .hasValue("Away");
            page.getByLabel("More for Live").click();
            page.getByRole(AriaRole.MENUITEM, new Page.GetByRoleOptions().setName("Duplicate"))
                    .click();
            assertThat(page.getByLabel("Name of scene Live 2")).isVisible();

            BoundingBox grip = page.locator("tbody tr span[draggable]").nth(1).boundingBox();
            BoundingBox first = page.locator("tbody tr").first().boundingBox();
            page.mouse().move(grip.x + 5, grip.y + 5);
            page.mouse().down();
            page.mouse().move(grip.x + 5, grip.y - 20, new Mouse.MoveOptions().setSteps(4));
            page.mouse().move(first.x + 60, first.y + 40, new Mouse.MoveOptions().setSteps(8));
            page.mouse().up();
            assertThat(page.locator("tbody tr").first().getByRole(AriaRole.TEXTBOX))
                    .hasValue("Live");

            tab(page, "Where pieces are").click();
            page.getByLabel("Put Latest supporter on Away").click();
            assertThat(page.getByLabel("Latest supporter is on Away")).isVisible();

            tab(page, "Canvases and captures").click();
            page.getByLabel("Add a canvas")
                    .selectOption(new com.microsoft.playwright.options.SelectOption().setIndex(6));
            assertThat(page.getByLabel("Away on Square", new Page.GetByLabelOptions().setExact(false))
                            .first())
                    .isVisible();
            assertThat(page.locator("td a svg[data-piece]").first()).isAttached();

            button(page, "Compare two").click();
            page.getByLabel("Right canvas").selectOption("Square");
            page.waitForFunction(
                    "() => [...document.querySelectorAll('table[aria-label=\"Two compared\"] img')].some((i) => i.naturalWidth === 720)");
        }
    }

    private static boolean same(Page one, Page other, String side) {
        return field(one, side).inputValue().equals(field(other, side).inputValue());
    }

    private static int left(Page page) {
        return number(page, "Left");
    }

    private static int number(Page page, String field) {
        return Integer.parseInt(field(page, field).inputValue());
    }

    private static Locator field(Page page, String name) {
        return page.getByLabel(name + " in pixels");
    }

    private static Locator tab(Page page, String name) {
        return page.getByRole(
                AriaRole.TAB, new Page.GetByRoleOptions().setName(name).setExact(true));
    }

    private static Locator button(Page page, String name) {
        return page.getByRole(
                        AriaRole.BUTTON,
                        new Page.GetByRoleOptions().setName(name).setExact(true))
                .first();
    }
}
