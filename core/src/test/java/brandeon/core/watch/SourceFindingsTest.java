package brandeon.core.watch;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.demo.ReedlightHide;
import brandeon.core.publish.Part;
import brandeon.core.theme.Theme;
import brandeon.core.watch.SourceFinding.Kind;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class SourceFindingsTest {

    private static final long NOW = 1_800_000_000_000L;
    private static final long BEFORE = NOW - 60_000;
    private static final Theme THEME = ReedlightHide.theme();

    private final List<Link> links = new ArrayList<>(List.of(
            link("whole", "hide", Part.WHOLE),
            link("back", "hide", Part.BACK),
            link("front", "hide", Part.FRONT),
            link("start", "starting", Part.WHOLE)));

    private static Link link(String outlet, String scene, Part part) {
        return new Link(outlet, scene, "wide", part, part.toString().toLowerCase(), false, false, NOW, 0, 0, "");
    }

    private static OpenSource open(String outlet) {
        return new OpenSource(
                outlet, "p1", "192.0.2.4", 1920, 1080, 1, true, BEFORE, false, 17, 60, 1, -1, -1, false, "");
    }

    private static OpenSource sized(OpenSource one, int width, int height, double ratio) {
        return new OpenSource(
                one.outlet(),
                one.program(),
                one.where(),
                width,
                height,
                ratio,
                one.visible(),
                one.since(),
                false,
                17,
                60,
                1,
                -1,
                -1,
                false,
                "");
    }

    private static OpenSource framed(OpenSource one, double slowest, double rate) {
        return new OpenSource(
                one.outlet(),
                one.program(),
                one.where(),
                1920,
                1080,
                1,
                one.visible(),
                one.since(),
                false,
                slowest,
                rate,
                1,
                -1,
                -1,
                false,
                "");
    }

    private static OpenSource hidden(OpenSource one) {
        return new OpenSource(
                one.outlet(),
                one.program(),
                one.where(),
                1920,
                1080,
                1,
                false,
                one.since(),
                false,
                0,
                0,
                1,
                -1,
                -1,
                false,
                "");
    }

    private List<SourceFinding> found(OpenSource... open) {
        return SourceFindings.of(THEME, links, List.of(open), NOW);
    }

    private List<Kind> kinds(OpenSource... open) {
        return found(open).stream().map(SourceFinding::kind).toList();
    }

    @Test
    void whatIsRightIsNotFound() {
        assertThat(kinds()).isEmpty();
        assertThat(kinds(open("whole"), open("start"))).isEmpty();
        assertThat(kinds(open("back"), open("front"))).isEmpty();
    }

    @Test
    void aWrongSizeComesWithTheNumbersToType() {
        assertThat(found(sized(open("whole"), 800, 600, 1))).singleElement().satisfies(finding -> {
            assertThat(finding.kind()).isEqualTo(Kind.WRONG_SIZE);
            assertThat(finding.sentence()).contains("800 × 600").contains("192.0.2.4");
            assertThat(finding.remedy()).contains("1920").contains("1080");
        });
    }

    @Test
    void aZoomedPageOfTheRightPixelsIsToldApart() {
        assertThat(kinds(sized(open("whole"), 1536, 864, 1.25))).containsExactly(Kind.ZOOMED);
        assertThat(kinds(sized(open("whole"), 1536, 864, 1))).containsExactly(Kind.WRONG_SIZE);
    }

    @Test
    void aFormerLinkIsFoundWhileItsPageIsOpenAndNotAfterwards() {
        links.set(
                0,
                new Link("whole", "hide", "wide", Part.WHOLE, "whole", false, false, 0, BEFORE, NOW - 50_000, "attic"));
        assertThat(found()).singleElement().satisfies(finding -> {
            assertThat(finding.kind()).isEqualTo(Kind.OLD_LINK);
            assertThat(finding.sentence()).contains("attic");
            assertThat(finding.since()).isEqualTo(BEFORE);
        });
        links.set(
                0,
                new Link(
                        "whole", "hide", "wide", Part.WHOLE, "whole", false, false, 0, BEFORE, NOW - 600_000, "attic"));
        assertThat(kinds()).isEmpty();
    }

    /** Asked a minute ago at 192.0.2.4; a page with the present link was opened there, or elsewhere, after that. */
    @Test
    void aFormerLinkIsNoLongerFoundOncePresentOneIsOpenedInItsPlace() {
        links.set(
                0,
                new Link("whole", "hide", "wide", Part.WHOLE, "", false, false, NOW, BEFORE, BEFORE - 1, "192.0.2.4"));
        assertThat(kinds(open("whole"))).isEmpty();
        links.set(
                0,
                new Link("whole", "hide", "wide", Part.WHOLE, "", false, false, NOW, BEFORE, BEFORE - 1, "192.0.2.9"));
        assertThat(kinds(open("whole"))).containsExactly(Kind.OLD_LINK);
        links.set(
                0,
                new Link("whole", "hide", "wide", Part.WHOLE, "", false, false, NOW, BEFORE, BEFORE + 1, "192.0.2.4"));
        assertThat(kinds(open("whole"))).as("asked again since").containsExactly(Kind.OLD_LINK);
    }

    @Test
    void aPartThatIsSeenWithoutTheOtherIsFound() {
        assertThat(found(open("back"))).singleElement().satisfies(finding -> {
            assertThat(finding.kind()).isEqualTo(Kind.MISSING);
            assertThat(finding.outlet()).as("the one to add").isEqualTo("front");
            assertThat(finding.remedy()).contains("Hide").contains("above the captures");
        });
        assertThat(found(open("front"), hidden(open("back")))).singleElement().satisfies(finding -> {
            assertThat(finding.kind()).isEqualTo(Kind.MISSING);
            assertThat(finding.outlet()).isEqualTo("back");
        });
        assertThat(kinds(hidden(open("back")))).as("its scene is off").isEmpty();
    }

    @Test
    void whatJustChangedIsLeftToSettle() {
        OpenSource back = open("back");
        assertThat(kinds(new OpenSource(
                        "back",
                        "p1",
                        back.where(),
                        1920,
                        1080,
                        1,
                        true,
                        NOW - 1_000,
                        false,
                        17,
                        60,
                        1,
                        -1,
                        -1,
                        false,
                        "")))
                .isEmpty();
    }

    @Test
    void theSameTwiceInOneProgramIsFoundButNotInTwo() {
        assertThat(kinds(open("whole"), open("whole"))).containsExactly(Kind.TWICE);
        OpenSource other =
                new OpenSource("whole", "p2", "", 1920, 1080, 1, true, BEFORE, false, 17, 60, 1, -1, -1, false, "");
        assertThat(kinds(open("whole"), other)).isEmpty();
        assertThat(kinds(open("whole"), hidden(open("whole")))).isEmpty();
        assertThat(kinds(open("whole"), open("front")))
                .as("the same pieces in two sources")
                .containsExactly(Kind.TWICE);
    }

    @Test
    void whatIsLoadedAgainAndAgainThoughItShouldRunIsFound() {
        OpenSource often =
                new OpenSource("whole", "p1", "", 1920, 1080, 1, true, BEFORE, false, 17, 60, 4, -1, -1, false, "");
        assertThat(found(often)).singleElement().satisfies(finding -> {
            assertThat(finding.kind()).isEqualTo(Kind.RESTS);
            assertThat(finding.sentence()).contains("loaded 4 times").contains("keep running. It shows alerts");
        });
        OpenSource back =
                new OpenSource("back", "p1", "", 1920, 1080, 1, true, BEFORE, false, 17, 60, 4, -1, -1, false, "");
        assertThat(kinds(back, open("front"))).as("nothing live is in it").isEmpty();
    }

    @Test
    void slowFramesNameWhatIsPaintedMost() {
        assertThat(found(framed(open("start"), 58, 40))).singleElement().satisfies(finding -> {
            assertThat(finding.kind()).isEqualTo(Kind.SLOW);
            assertThat(finding.sentence()).contains("58 ms");
        });
    }

    @Test
    void aSteadyOtherRateIsNotSlow() {
        assertThat(found(framed(open("whole"), 34, 30))).singleElement().satisfies(finding -> {
            assertThat(finding.kind()).isEqualTo(Kind.WRONG_RATE);
            assertThat(finding.remedy()).contains("60");
        });
        assertThat(kinds(framed(open("whole"), 17.2, 59.4))).isEmpty();
        assertThat(kinds(framed(open("whole"), 0, 0))).as("nothing moves").isEmpty();
    }

    @Test
    void whatNobodySawForAWeekIsFound() {
        links.set(
                3,
                new Link(
                        "start",
                        "starting",
                        "wide",
                        Part.WHOLE,
                        "whole",
                        false,
                        false,
                        NOW - 9 * 86_400_000L,
                        0,
                        0,
                        ""));
        assertThat(found()).singleElement().satisfies(finding -> {
            assertThat(finding.kind()).isEqualTo(Kind.NOT_SEEN);
            assertThat(finding.sentence()).contains("9 days");
        });
        assertThat(kinds(hidden(open("start")))).as("it is open").isEmpty();
    }

    @Test
    void aSourceLeftBehindOrOnTheDraftIsFound() {
        OpenSource late =
                new OpenSource("whole", "p1", "", 1920, 1080, 1, true, BEFORE, true, 17, 60, 1, -1, -1, false, "");
        assertThat(kinds(late)).containsExactly(Kind.OTHER_RELEASE);
        links.set(0, new Link("whole", "hide", "wide", Part.WHOLE, "whole", false, true, NOW, 0, 0, ""));
        assertThat(kinds(open("whole"))).containsExactly(Kind.OTHER_RELEASE);
        assertThat(kinds()).as("it is not open").isEmpty();
    }

    private static OpenSource standing(String outlet, int order, int under) {
        return new OpenSource(
                outlet, "rig", "", 1920, 1080, 1, true, BEFORE, false, 17, 60, 1, order, under, false, "");
    }

    /** The demo's Hide has two captures. */
    @Test
    void aSourceUnderItsCaptureOrOverThatOfAnotherIsFound() {
        assertThat(kinds(standing("whole", 2, 0))).isEmpty();
        assertThat(kinds(standing("whole", 1, 1))).containsExactly(Kind.WRONG_ORDER);
        assertThat(kinds(standing("back", 0, 2), standing("front", 3, 0))).isEmpty();
        assertThat(kinds(standing("back", 2, 0), standing("front", 3, 0))).containsExactly(Kind.WRONG_ORDER);
        assertThat(kinds(standing("back", 1, 2), standing("front", 0, 0)))
                .as("front under back")
                .containsExactly(Kind.WRONG_ORDER);
    }

    @Test
    void nothingIsSaidOfAnOrderThatIsNotKnown() {
        assertThat(kinds(standing("back", -1, -1), standing("front", -1, -1))).isEmpty();
    }

    @Test
    void theWorstComesFirst() {
        assertThat(kinds(framed(open("start"), 34, 30), sized(open("whole"), 800, 600, 1)))
                .containsExactly(Kind.WRONG_SIZE, Kind.WRONG_RATE);
    }

    @Test
    void aSourceOfASceneThatIsGoneIsLeftAlone() {
        links.add(link("gone", "attic", Part.WHOLE));
        assertThat(kinds(open("gone"))).isEmpty();
    }
}
