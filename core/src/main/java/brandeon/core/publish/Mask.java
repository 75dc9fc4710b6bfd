package brandeon.core.publish;

import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.Paint;
import brandeon.core.art.Pictures;
import brandeon.core.art.Raster;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import brandeon.core.layout.ResolvedScene.FittedOpening;
import java.awt.image.BufferedImage;
import java.util.List;

/**
 * The mask that a broadcaster lays over a capture, so that nothing of it sticks out around an opening that is no
 * rectangle.
 */
public final class Mask {

    private Mask() {}

    /**
     * White where the capture shows and see-through elsewhere, in the capture's own pixels before cropping; it reaches
     * as far under the frame as the capture does.
     */
    public static BufferedImage of(FittedOpening fitted) {
        Size size = fitted.capture().size();
        double scale = fitted.fit().scale();
        double left = fitted.fit().x() - fitted.fit().crop().left() * scale;
        double top = fitted.fit().y() - fitted.fit().crop().top() * scale;
        Outline shape = fitted.opening().outline(fitted.opening().bleed());
        return Raster.paint(
                new Box(left, top, size.width() * scale, size.height() * scale),
                size,
                List.of(new Mark.Filled(shape, Paint.of(Colour.WHITE))),
                0,
                Pictures.NONE);
    }
}
