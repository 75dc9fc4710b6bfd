package brandeon.server.rig;

import brandeon.core.publish.Behaviour;
import java.util.List;

/** The practice rig's scene set, as broadcasting software would hold it: programs, scenes, and sources from bottom to top. */
public record Rig(List<Program> programs) {

    /** One output. @param canvas id of the canvas it was filled from; empty when made by hand */
    public record Program(String id, String name, String canvas, int width, int height, List<RigScene> scenes) {
    }

    public record RigScene(String id, String name, List<RigSource> sources) {
    }

    public enum SourceKind { BROWSER, CAPTURE }

    /**
     * One source.
     *
     * @param link    address of a browser source; empty for a capture
     * @param width   of the browser window, or of the capture's own picture, in pixels
     * @param x       left edge on the program, in pixels
     * @param scale   size on the program divided by own size
     * @param cropX   own pixels cut off left and right
     * @param pattern which moving pattern a capture shows
     */
    public record RigSource(String id, String name, SourceKind kind, String link, int width, int height, Behaviour behaviour, boolean shown,
            double x, double y, double scale, int cropX, int cropY, String pattern) {
        public RigSource {
            if (width < 1 || height < 1 || width > 16384 || height > 16384) {
                throw new IllegalArgumentException("A source of " + width + " × " + height + " is out of range; its sides lie between 1 and 16384.");
            }
            if (!(scale > 0 && scale <= 16)) {
                throw new IllegalArgumentException("A scale of " + scale + " is out of range; it lies above 0 and up to 16.");
            }
        }

        RigSource linked(String newLink) {
            return new RigSource(id, name, kind, newLink, width, height, behaviour, shown, x, y, scale, cropX, cropY, pattern);
        }
    }
}
