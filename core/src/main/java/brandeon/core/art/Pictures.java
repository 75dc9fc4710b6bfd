package brandeon.core.art;

import java.awt.image.BufferedImage;
import java.util.Optional;

/** Where the pixels of ready-made pictures come from when marks are painted without a browser. */
public interface Pictures {

    /** Knows no picture; what is not found is left out. */
    Pictures NONE = (_, _, _) -> Optional.empty();

    /**
     * @param name   of {@link Mark.Picture}
     * @param width  at which it will show, in pixels, so that vector pictures are drawn sharp
     * @param height at which it will show, in pixels
     * @return the picture in the brand's colours, of any size; it is scaled into its box
     */
    Optional<BufferedImage> picture(String name, int width, int height);
}
