package brandeon.core.art;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Pixels;
import brandeon.core.text.Face;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.renderer.NullPlatformSupport;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class FirstWordsTest {

    private static final int WIDTH = 900;
    private static final int HEIGHT = 80;
    private static final String HARD = "Øl & «AVATAR» <fjord>, Ågot “5 €” 1\u202f080";

    private static String written(Mark.Text text) {
        return SvgWriter.fragment(List.of(text));
    }

    private static Mark.Text text(String words, Face face, Mark.Anchor anchor, double clamp) {
        return new Mark.Text(words, face, 31.7, WIDTH / 2.0, 52.3, anchor, Colour.parse("#7da984"), clamp);
    }

    /** jsvg (github.com/weisJ/jsvg) reads path data as SVG 1.1, section 8.3 has it. */
    private static BufferedImage drawn(String fragment) {
        String svg = "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%d\" height=\"%d\">%s</svg>"
                .formatted(WIDTH, HEIGHT, fragment);
        BufferedImage picture = new BufferedImage(WIDTH, HEIGHT, BufferedImage.TYPE_INT_ARGB);
        Graphics2D graphics = picture.createGraphics();
        graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
        new SVGLoader()
                .load(
                        new ByteArrayInputStream(svg.getBytes(StandardCharsets.UTF_8)),
                        null,
                        LoaderContext.createDefault())
                .renderWithPlatform(NullPlatformSupport.INSTANCE, graphics, new ViewBox(0, 0, WIDTH, HEIGHT));
        graphics.dispose();
        return picture;
    }

    /** How much of the area of the letters is painted by one and not by the other. */
    private static double apart(BufferedImage one, BufferedImage other) {
        int[] here = Pixels.of(one);
        int[] there = Pixels.of(other);
        double differ = IntStream.range(0, here.length)
                .mapToDouble(i -> Math.abs((here[i] >>> 24) - (there[i] >>> 24)))
                .sum();
        double all = IntStream.of(there).mapToDouble(pixel -> pixel >>> 24).sum();
        return differ / all;
    }

    static List<Face> faces() {
        return Face.shipped();
    }

    @ParameterizedTest
    @MethodSource("faces")
    void theOutlinesAreTheWordsAsTheyArePainted(Face face) {
        for (Mark.Anchor anchor : Mark.Anchor.values()) {
            String words = anchor == Mark.Anchor.MIDDLE ? HARD : "Reedlight Hide";
            Mark.Text text = text(words, face, anchor, 0);
            BufferedImage painted = Raster.paint(new Size(WIDTH, HEIGHT), List.of(text), 0, Pictures.NONE);
            assertThat(apart(drawn(FirstWords.in(written(text))), painted))
                    .as("%s %s", face, anchor)
                    .isCloseTo(0, within(0.03));
        }
    }

    @Test
    void theWordsThemselvesStandBeforeTheirOutlinesAndAreHidden() {
        String svg = written(text(HARD, Face.NUNITO, Mark.Anchor.START, 0));
        String first = FirstWords.in("<g>" + svg + "</g>");
        assertThat(first).containsOnlyOnce("display=\"none\"").containsOnlyOnce("<path data-letters=\"\"");
        assertThat(first.replaceAll("<path data-letters[^>]*/>", "").replace(" display=\"none\"", ""))
                .isEqualTo("<g>" + svg + "</g>");
        assertThat(first).matches(".*</text><path data-letters=\"\" fill=\"#7da984\" d=\"m.*z\"/></g>");
    }

    @Test
    void whatTheFaceCannotSetIsLeftToTheBrowser() {
        String squeezed = written(text("Hide 鷺", Face.NUNITO, Mark.Anchor.START, 140));
        assertThat(FirstWords.in(squeezed)).isEqualTo(squeezed);
        String unknown = written(text("Hide", Face.own("0f1e".repeat(16)), Mark.Anchor.START, 0));
        assertThat(FirstWords.in(unknown)).isEqualTo(unknown);
    }

    @Test
    void aLineThatCannotBeDrawnIsLeftAndAllOthersAreNot() {
        String fine = written(text("Hide", Face.NUNITO, Mark.Anchor.START, 0));
        String broken = fine.replace("font-size=\"31.7\"", "font-size=\"large\"");
        assertThat(FirstWords.in(broken + fine)).isEqualTo(broken + FirstWords.in(fine));
    }
}
