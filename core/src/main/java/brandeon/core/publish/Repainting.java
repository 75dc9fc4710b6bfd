package brandeon.core.publish;

import brandeon.core.art.Mark;
import brandeon.core.art.Pictures;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Raster;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Pixels;
import java.awt.image.BufferedImage;
import java.util.List;

/**
 * What a moving piece costs whoever runs its source: how much of the canvas changes from frame to frame. A still piece
 * is painted once and then costs nothing.
 *
 * @param share         of the canvas that changes in an average frame, 0 to 1
 * @param pixelsASecond that change, at 60 frames a second
 */
public record Repainting(double share, long pixelsASecond) {

    public static final Repainting NONE = new Repainting(0, 0);

    private static final int COARSE = 8;
    private static final int LOOKS = 12;
    private static final double FRAME = 1000 / 60.0;

    /** @param millis length over which looks are spread */
    public static Repainting of(PieceArt art, Size canvas, long start, double millis) {
        Size coarse = Size.of(Math.max(1, canvas.width() / COARSE), Math.max(1, canvas.height() / COARSE));
        double sum = 0;
        for (int look = 0; look < LOOKS; look++) {
            double at = start + millis * look / LOOKS;
            int[] before = pixels(art, canvas, coarse, at);
            int[] after = pixels(art, canvas, coarse, at + FRAME);
            int changed = 0;
            for (int i = 0; i < before.length; i++) {
                changed += before[i] == after[i] ? 0 : 1;
            }
            sum += (double) changed / before.length;
        }
        double share = Math.max(sum / LOOKS, cleared(art.marks(), canvas));
        return new Repainting(share, Math.round(share * canvas.width() * canvas.height() * 1000 / FRAME));
    }

    /**
     * Particles are drawn on a surface of their own, which is cleared and painted whole for each frame, however few
     * there are.
     */
    private static double cleared(List<Mark> marks, Size canvas) {
        double most = 0;
        for (Mark mark : marks) {
            most = Math.max(
                    most,
                    switch (mark) {
                        case Mark.Swarm swarm ->
                            swarm.moving()
                                    ? swarm.box().cut(canvas.box()).area()
                                            / canvas.box().area()
                                    : 0;
                        case Mark.Group g -> cleared(g.marks(), canvas);
                        case Mark.Until u -> cleared(u.marks(), canvas);
                        case Mark.Moved m -> cleared(m.marks(), canvas);
                        case Mark.Blurred b -> cleared(b.marks(), canvas);
                        case Mark.Shadowed s -> cleared(s.marks(), canvas);
                        case Mark.Blended b -> cleared(b.ground(), canvas);
                        case Mark.Filled _, Mark.Stroked _, Mark.Text _, Mark.Digits _, Mark.Picture _, Mark.Bed _ -> 0;
                    });
        }
        return most;
    }

    private static int[] pixels(PieceArt art, Size canvas, Size coarse, double at) {
        BufferedImage image = Raster.paint(canvas.box(), coarse, art.at(at), Math.round(at), Pictures.NONE);
        return Pixels.of(image);
    }
}
