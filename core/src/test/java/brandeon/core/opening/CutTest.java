package brandeon.core.opening;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.canvas.Share;
import brandeon.core.canvas.SourceBox;
import brandeon.core.problem.Mistake;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CutTest {

    private static final SourceBox BOX = new SourceBox(10, 20, 300, 200);

    @ParameterizedTest
    @CsvSource({
        "0, 0, 1, 1, 0, 0, 0",
        "-8192, 8192, 8192, 8192, 4096, 64, 240",
        "8192, -8192, 1, 8192, 0, 0, 3",
    })
    void theLimitsThemselvesAreTaken(double x, double y, double w, double h, double corner, double soft, int corners) {
        Cut cut = cut(new SourceBox(x, y, w, h), corner, soft, corners);
        assertThat(cut.edge()).hasSize(corners);
        assertThat(cut.soft()).isEqualTo(soft);
    }

    @ParameterizedTest
    @CsvSource({
        "0, 0, 0.9, 1, 0, 0, 0, lies in its picture",
        "0, 0, 1, 0.9, 0, 0, 0, lies in its picture",
        "0, 0, 8193, 1, 0, 0, 0, lies in its picture",
        "0, 0, 1, 8193, 0, 0, 0, lies in its picture",
        "-8193, 0, 1, 1, 0, 0, 0, lies in its picture",
        "0, 8193, 1, 1, 0, 0, 0, lies in its picture",
        "0, 0, 9, 9, -1, 0, 0, corners",
        "0, 0, 9, 9, 4097, 0, 0, corners",
        "0, 0, 9, 9, NaN, 0, 0, corners",
        "0, 0, 9, 9, 0, -1, 0, soft edge",
        "0, 0, 9, 9, 0, 64.5, 0, soft edge",
        "0, 0, 9, 9, 0, 0, 2, 3 and 240",
        "0, 0, 9, 9, 0, 0, 241, 3 and 240",
    })
    void whatIsBeyondThemIsRefused(
            double x, double y, double w, double h, double corner, double soft, int corners, String sentence) {
        assertThatThrownBy(() -> cut(new SourceBox(x, y, w, h), corner, soft, corners))
                .isInstanceOf(Mistake.class)
                .hasMessageContaining(sentence);
    }

    @Test
    void whatWasFoundInASmallerPictureIsScaledWhole() {
        FoundOpening found = opening(20_000, 5, 0.1, 3, true);
        FoundOpening twice = new Openings(List.of(found), "why", Optional.empty())
                .scaled(2)
                .openings()
                .getFirst();
        assertThat(twice.box()).isEqualTo(new SourceBox(20, 40, 600, 400));
        assertThat(twice.inner()).isEqualTo(new SourceBox(24, 44, 560, 360));
        assertThat(twice.area()).isEqualTo(80_000);
        assertThat(twice.corner()).isEqualTo(16);
        assertThat(twice.soft()).isEqualTo(10);
        assertThat(twice.slit()).isEqualTo(6);
        assertThat(twice.edge()).as("shares stay").isEqualTo(found.edge());
        assertThat(opening(20_000, 60, 0, 0, false).scaled(2).soft())
                .as("a softer edge than there may be")
                .isEqualTo(Cut.SOFTEST);
        Openings same = new Openings(List.of(found), "why", Optional.empty());
        assertThat(same.scaled(1)).isSameAs(same);
        assertThat(same.scaled(2).reason()).isEqualTo("why");
    }

    @Test
    void capturesAreLaidBehindWhatWasFound() {
        Cut cut = opening(20_000, 5, 0.1, 3, true).cut();
        assertThat(cut).isEqualTo(new Cut(BOX, FoundOpening.Contour.ROUNDED, 8, List.of(), 5, true));
    }

    /** What is told of an opening begins where it can be seen, and of small ones nothing is told. */
    @Test
    void eachParticularIsToldFromItsLeastMeasureOn() {
        assertThat(notes(opening(20_000, 1.5, 0, 0, false)))
                .singleElement()
                .asString()
                .contains("edge of the opening fades over 2 px");
        assertThat(notes(opening(20_000, 1.4, 0, 0, false))).isEmpty();
        assertThat(notes(opening(20_000, 0, 0.04, 0, false)))
                .singleElement()
                .asString()
                .contains("covers 4 % lies over the opening");
        assertThat(notes(opening(20_000, 0, 0.039, 0, false))).isEmpty();
        assertThat(notes(opening(20_000, 0, 0, 3, false)))
                .singleElement()
                .asString()
                .contains("at most 3 px joins the opening");
        assertThat(notes(opening(20_000, 0, 0, 0, true)))
                .singleElement()
                .asString()
                .contains("corners around the opening");
        assertThat(notes(opening(19_999, 0, 0, 0, true)))
                .as("less than a fiftieth of a million pixels")
                .isEmpty();
        assertThat(notes(opening(20_000, 0, 0, 0, false), opening(20_000, 0, 0, 0, true)))
                .singleElement()
                .asString()
                .contains("opening 2");
        assertThat(new Openings(List.of(), "Nothing is see-through.", Optional.empty()).notes(1_000_000))
                .containsExactly("Nothing is see-through.");
    }

    /** Common aspect ratios are written width to height (common practice, no source). */
    @Test
    void theNearestAspectHasItsName() {
        assertThat(Aspect.nearest(1.78).title()).isEqualTo("16:9");
        assertThat(Aspect.nearest(1.3).title()).isEqualTo("4:3");
        assertThat(Aspect.nearest(0.57).title()).isEqualTo("9:16");
    }

    private static List<String> notes(FoundOpening... openings) {
        return new Openings(List.of(openings), "", Optional.empty()).notes(1_000_000);
    }

    private static FoundOpening opening(long area, double soft, double pane, double slit, boolean bare) {
        return new FoundOpening(
                BOX,
                new SourceBox(12, 22, 280, 180),
                area,
                FoundOpening.Contour.ROUNDED,
                8,
                Aspect.nearest(1.5),
                0,
                List.of(),
                soft,
                pane,
                slit,
                bare);
    }

    private static Cut cut(SourceBox box, double corner, double soft, int corners) {
        return new Cut(
                box,
                FoundOpening.Contour.IRREGULAR,
                corner,
                Collections.nCopies(corners, new Share(0.5, 0.5)),
                soft,
                false);
    }
}
