package brandeon.core.recolour;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.colour.Colour;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SvgPictureTest {

    private static final String REED = """
            <svg xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink" viewBox="0 0 40 20">
              <defs><linearGradient id="dusk"><stop offset="0" stop-color="rgb(79 143 91)"/><stop offset="1" style="stop-color:#16283d;stop-opacity:.5"/></linearGradient></defs>
              <rect width="40" height="20" fill="url(#dusk)"/>
              <path d="M0 0h9v9z" style="fill: seagreen; stroke: none"/>
              <use xlink:href="#dusk"/>
            </svg>""";

    @Test
    void paintsAreMappedAndNothingElse() {
        SvgPicture picture = read(REED);
        String mapped = picture.recoloured(_ -> Colour.parse("#aa3311"));
        assertThat(mapped)
                .contains(
                        "fill=\"#aa3311\"",
                        "stop-color=\"#aa3311\"",
                        "fill=\"url(#dusk)\"",
                        "stroke=\"none\"",
                        "d=\"M0 0h9v9z\"",
                        "stop-opacity=\".5\"")
                .doesNotContain("seagreen", "#4f8f5b", "#2e8b57", "#16283d");
        assertThat(picture.text()).as("the original stays").contains("#2e8b57", "#4f8f5b");
    }

    @Test
    void itsPaintsAreItsMainColours() {
        assertThat(read(REED).clusters())
                .extracting(cluster -> cluster.colour().hex())
                .containsExactlyInAnyOrder("#4f8f5b", "#16283d", "#2e8b57");
    }

    /** Drawn by us: of 40 × 20, a green half, a navy eighth, the rest ochre; and one paint that is covered. */
    @Test
    void itsPaintsCountByTheAreaThatShows() {
        List<Cluster> clusters = read("""
                <svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 40 20'><rect width='9' height='9' fill='#ff00ff'/><rect width='40' height='20' fill='#e0a030'/>
                <rect width='20' height='20' fill='#4f8f5b'/><rect x='30' width='10' height='10' fill='#16283d'/></svg>""").clusters();
        assertThat(clusters)
                .extracting(cluster -> cluster.colour().hex())
                .containsExactly("#4f8f5b", "#e0a030", "#16283d", "#ff00ff");
        assertThat(clusters.get(0).share()).isCloseTo(0.5, within(0.005));
        assertThat(clusters.get(1).share()).isCloseTo(0.375, within(0.005));
        assertThat(clusters.get(2).share()).isCloseTo(0.125, within(0.005));
        assertThat(clusters.get(3).share()).isZero();
    }

    @Test
    void itIsAsLargeAsItSays() {
        assertThat(read(REED).width()).isEqualTo(40);
        assertThat(read("<svg xmlns='http://www.w3.org/2000/svg' width='300px' height='150'/>")
                        .width())
                .isEqualTo(300);
    }

    @Test
    void whatIsNotPaintedOtherwiseIsBlack() {
        String mapped = read("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'><path d='M0 0h9v9z'/></svg>")
                .recoloured(_ -> Colour.parse("#4f8f5b"));
        assertThat(mapped).contains("fill=\"#4f8f5b\"");
    }

    /** Everything that could run, fetch or hide something is gone. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "<script>alert(1)</script>",
                "<foreignObject><p>x</p></foreignObject>",
                "<image href='http://elsewhere.example/x.png'/>",
                "<g onload='alert(1)'/>",
                "<use href='http://elsewhere.example/x.svg#a'/>",
                "<rect fill='url(http://elsewhere.example/#a)'/>",
                "<style>@import 'http://elsewhere.example'</style>",
                "<a href='javascript:alert(1)'><rect/></a>",
                "<animate attributeName='href' to='javascript:alert(1)'/>",
                "<rect style='fill:url(\"javascript:alert(1)\")'/>"
            })
    void whatCouldRunOrFetchIsLeftOut(String inside) {
        String text = read("<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 9 9'>" + inside
                        + "<circle r='3'/></svg>")
                .text();
        assertThat(text)
                .contains("<circle")
                .doesNotContain(
                        "script", "alert", "elsewhere", "onload", "foreignObject", "animate", "@import", "image");
    }

    @Test
    void whatIsNoSvgIsRefusedWithLineAndReason() {
        assertThatThrownBy(() -> read("<svg xmlns='http://www.w3.org/2000/svg'>\n<g>\n</svg>"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("line 3");
        assertThatThrownBy(() -> read("<html/>")).hasMessageContaining("first element is “html”");
        assertThatThrownBy(
                        () -> read("<!DOCTYPE svg [<!ENTITY a 'b'>]><svg xmlns='http://www.w3.org/2000/svg'>&a;</svg>"))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> read(
                        "<svg xmlns='http://www.w3.org/2000/svg'>" + "<g>".repeat(70) + "</g>".repeat(70) + "</svg>"))
                .hasMessageContaining("too large");
    }

    /** Each is a few kilobytes and would keep a painter busy for hours. */
    @ParameterizedTest
    @ValueSource(strings = {"USES", "STOPS", "TILES", "MARKERS", "DASHES", "ITSELF"})
    void whatWouldCostTooMuchToPaintIsRefusedWithTheReason(String sort) {
        StringBuilder inside = new StringBuilder();
        String reason = "";
        switch (sort) {
            case "USES" -> {
                inside.append("<g id='a0'><rect width='1' height='1'/></g>");
                for (int i = 1; i < 40; i++) {
                    inside.append("<g id='a")
                            .append(i)
                            .append("'><use href='#a")
                            .append(i - 1)
                            .append("'/><use href='#a")
                            .append(i - 1)
                            .append("'/></g>");
                }
                reason = "shapes once everything";
            }
            case "STOPS" -> {
                inside.append("<linearGradient id='g'>")
                        .append("<stop offset='0.5' stop-color='red'/>".repeat(5000))
                        .append("</linearGradient>");
                reason = "5000 stops";
            }
            case "TILES" -> {
                inside.append(
                        "<pattern id='p' width='0.001' height='0.001'><rect width='1' height='1'/></pattern><rect width='90' height='90' fill='url(#p)'/>");
                reason = "shapes once everything";
            }
            case "MARKERS" -> {
                inside.append("<marker id='m'>")
                        .append("<rect width='1' height='1'/>".repeat(100))
                        .append("</marker><path marker-mid='url(#m)' d='M0 0")
                        .append(" 1 1 2 2".repeat(3000))
                        .append("'/>");
                reason = "shapes once everything";
            }
            case "DASHES" -> {
                inside.append("<path stroke='red' stroke-dasharray='0.0001' d='M0 0H90'/>");
                reason = "dashes too short";
            }
            default -> {
                inside.append("<g id='a'><use href='#a'/></g>");
                reason = "made of itself";
            }
        }
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 90 90'>" + inside + "</svg>";
        assertThatThrownBy(() -> read(svg))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(reason);
    }

    @Test
    void markersPatternsAndClipsOfOrdinaryDrawingsAreKept() {
        String text = read("""
                <svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 90 90'><defs><marker id='m' refX='2' orient='auto'><path d='M0 0L4 2L0 4z'/></marker>
                <pattern id='p' width='10' height='10' patternUnits='userSpaceOnUse'><circle r='3' fill='red'/></pattern><clipPath id='c'><rect width='40' height='40'/></clipPath></defs>
                <path d='M0 0L40 40L80 0' stroke='red' marker-mid='url(#m)'/><rect width='90' height='90' fill='url(#p)' clip-path='url(#c)'/></svg>""").text();
        assertThat(text)
                .contains(
                        "<marker",
                        "marker-mid=\"url(#m)\"",
                        "<pattern",
                        "fill=\"url(#p)\"",
                        "clip-path=\"url(#c)\"",
                        "orient=\"auto\"");
    }

    private static SvgPicture read(String text) {
        return SvgPicture.read(text.getBytes(StandardCharsets.UTF_8));
    }
}
