package brandeon.server.publish;

import brandeon.core.art.Pictures;
import brandeon.core.art.Raster;
import brandeon.core.art.Scaling;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Size;
import brandeon.core.layout.Resolver;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.awt.image.BufferedImage;

/** A scene as a small picture, of any version of a theme. */
public final class ScenePng {

    /** An evening in November; epoch milliseconds. */
    private static final long STILL = 1_795_980_600_000L;

    private ScenePng() {}

    /** @param width in pixels at most; a smaller canvas is not enlarged */
    public static BufferedImage of(
            Theme theme, Scene scene, Canvas canvas, LiveState live, Pictures pictures, int width) {
        return at(theme, scene, canvas, live, System.currentTimeMillis(), pictures, width);
    }

    /** The same whenever it is painted: nothing live, and at an instant that never changes. */
    public static BufferedImage still(Theme theme, Scene scene, Canvas canvas, Pictures pictures, int width) {
        return at(theme, scene, canvas, LiveState.QUIET, STILL, pictures, width);
    }

    private static BufferedImage at(
            Theme theme, Scene scene, Canvas canvas, LiveState live, long now, Pictures pictures, int width) {
        double scale = Math.min(1, (double) width / canvas.size().width());
        Size size = Size.of((int) Math.max(1, Math.round(canvas.size().width() * scale)), (int)
                Math.max(1, Math.round(canvas.size().height() * scale)));
        return Scaling.straight(Raster.paint(
                canvas.size().box(),
                size,
                Picture.marks(new Resolver(theme).resolve(scene, canvas, live), Part.WHOLE),
                now,
                pictures));
    }
}
