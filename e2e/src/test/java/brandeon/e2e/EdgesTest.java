package brandeon.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import brandeon.core.art.Ink;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.demo.ReedlightHide;
import brandeon.core.kind.PieceKind;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.Resolver;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Theme;
import brandeon.server.support.RunningServer;
import com.microsoft.playwright.Page;
import java.awt.image.BufferedImage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** Chromium paints the demo's pieces where core said, to the pixel, on six canvases. */
@ExtendWith(RunningServer.class)
class EdgesTest {

    private static final Size[] SIX = {
        Size.of(1280, 720),
        Size.of(1920, 1080),
        Size.of(2560, 1440),
        Size.of(3840, 2160),
        Size.of(1080, 1920),
        Size.of(1080, 1080)
    };

    @Test
    void paintedEdgesAreWhereCoreSaid(RunningServer server) {
        Theme theme = ReedlightHide.theme();
        int checked = 0;
        try (Browser browser = new Browser()) {
            Page page = browser.withFonts(server.address(), 100, 100);
            for (Size size : SIX) {
                page.setViewportSize(size.width(), size.height());
                ResolvedScene hide = new Resolver(theme)
                        .resolve(
                                theme.scene("hide").orElseThrow(),
                                Canvas.of("c", size.toString(), size, 60),
                                LiveState.QUIET);
                for (ResolvedScene.Placement placement : hide.placements()) {
                    if (placement.art().marks().isEmpty() || placement.piece().kind() == PieceKind.BACKDROP) {
                        continue;
                    }
                    BufferedImage painted = alone(page, hide, placement, size);
                    Box ink = Ink.of(placement.art().marks()).orElseThrow();
                    Box seen = extent(painted);
                    String what = "%s on %s: painted %s, core said %s"
                            .formatted(placement.piece().name(), size, seen, ink);
                    assertThat(seen.x()).as(what).isBetween(Math.floor(ink.x()) - 0.1, Math.ceil(ink.x()) + 0.1);
                    assertThat(seen.y()).as(what).isBetween(Math.floor(ink.y()) - 0.1, Math.ceil(ink.y()) + 0.1);
                    assertThat(seen.right())
                            .as(what)
                            .isBetween(Math.floor(ink.right()) - 0.1, Math.ceil(ink.right()) + 0.1);
                    assertThat(seen.bottom())
                            .as(what)
                            .isBetween(Math.floor(ink.bottom()) - 0.1, Math.ceil(ink.bottom()) + 0.1);
                    checked++;
                    openings(painted, hide, placement, size);
                }
            }
        }
        assertThat(checked).isGreaterThanOrEqualTo(36);
    }

    /** Frames are see-through in their openings and painted right beside them. */
    private static void openings(BufferedImage painted, ResolvedScene hide, ResolvedScene.Placement frame, Size size) {
        for (ResolvedScene.FittedOpening opening : hide.openings().stream()
                .filter(one -> one.piece().equals(frame.piece().id()))
                .toList()) {
            Box box = opening.opening().box();
            int y = (int) box.centreY();
            int x = (int) box.centreX();
            String what = "%s on %s, opening %s".formatted(opening.piece(), size, box);
            assertThat(alpha(painted, (int) box.x(), y))
                    .as(what + ", first pixel inside")
                    .isZero();
            assertThat(alpha(painted, (int) box.x() - 1, y))
                    .as(what + ", last pixel outside")
                    .isEqualTo(255);
            assertThat(alpha(painted, (int) box.right() - 1, y)).as(what).isZero();
            assertThat(alpha(painted, (int) box.right(), y)).as(what).isEqualTo(255);
            assertThat(alpha(painted, x, (int) box.y())).as(what).isZero();
            assertThat(alpha(painted, x, (int) box.y() - 1)).as(what).isEqualTo(255);
        }
    }

    private static BufferedImage alone(Page page, ResolvedScene scene, ResolvedScene.Placement placement, Size size) {
        String svg = Picture.of(scene, Part.WHOLE).layers().stream()
                .filter(layer -> layer.piece().equals(placement.piece().id()))
                .findFirst()
                .orElseThrow()
                .svg();
        page.evaluate(
                """
                async (svg) => {
                  document.documentElement.style.background = 'transparent';
                  document.body.style.cssText = 'margin:0;background:transparent';
                  document.body.innerHTML = svg;
                  await document.fonts.ready;
                }""",
                "<svg xmlns='http://www.w3.org/2000/svg' style='display:block' width='" + size.width() + "' height='"
                        + size.height() + "'>" + svg + "</svg>");
        return Browser.shot(page);
    }

    private static int alpha(BufferedImage image, int x, int y) {
        return image.getRGB(x, y) >>> 24;
    }

    /** Of what is painted at all; the faintest traces of soft light do not count. */
    private static Box extent(BufferedImage image) {
        int left = image.getWidth();
        int top = image.getHeight();
        int right = 0;
        int bottom = 0;
        for (int y = 0; y < image.getHeight(); y++) {
            for (int x = 0; x < image.getWidth(); x++) {
                if (alpha(image, x, y) > 12) {
                    left = Math.min(left, x);
                    top = Math.min(top, y);
                    right = Math.max(right, x + 1);
                    bottom = Math.max(bottom, y + 1);
                }
            }
        }
        return new Box(left, top, Math.max(0, right - left), Math.max(0, bottom - top));
    }
}
