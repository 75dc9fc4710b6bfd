package brandeon.server.rig;

import brandeon.core.problem.Mistake;
import brandeon.core.publish.Behaviour;
import brandeon.core.text.Letters;
import java.util.List;
import java.util.stream.Stream;

/**
 * The practice rig's scene set, as broadcasting software would hold it: programs, scenes, and sources from bottom to
 * top.
 *
 * @param kept scene sets that somebody put aside under a name
 */
public record Rig(List<Program> programs, List<SceneSet> kept) {

    private static final int MOST_KEPT = 20;
    private static final int MOST_PROGRAMS = 24;

    /** A scene set put aside. */
    public record SceneSet(String name, List<Program> programs) {
        public SceneSet {
            programs = List.copyOf(programs);
        }
    }

    private static final int MOST_SIDE = 16384;

    private static void requireText(String text, int most) {
        if (text.length() > most || !Letters.oneLine(text)) {
            throw new Mistake("A text in the rig stands on one line and has at most " + most + " letters; this one has "
                    + text.length() + ".");
        }
    }

    private static void requireSize(int width, int height) {
        if (width < 1 || height < 1 || width > MOST_SIDE || height > MOST_SIDE) {
            throw new Mistake("A picture of " + width + " × " + height
                    + " is out of range; its sides lie between 1 and " + MOST_SIDE + ".");
        }
    }

    public Rig {
        programs = List.copyOf(programs);
        kept = List.copyOf(kept);
    }

    /** @throws Mistake when something in it is out of range */
    void requireSound() {
        if (kept.size() > MOST_KEPT) {
            throw new Mistake("The rig keeps at most " + MOST_KEPT + " scene sets.");
        }
        if (kept.stream().map(SceneSet::name).distinct().count() != kept.size()) {
            throw new Mistake("Two scene sets have the same name.");
        }
        requireSound(programs);
        for (SceneSet set : kept) {
            requireName(set.name());
            requireSound(set.programs());
        }
    }

    private static void requireName(String name) {
        if (name.isBlank()) {
            throw new Mistake("A program, scene set or source has a name.");
        }
        requireText(name, 200);
    }

    private static void requireSound(List<Program> programs) {
        if (programs.size() > MOST_PROGRAMS) {
            throw new Mistake("The rig has at most " + MOST_PROGRAMS + " programs.");
        }
        if (programs.stream().map(Program::id).distinct().count() != programs.size()) {
            throw new Mistake("Two programs of the rig have the same id.");
        }
        for (Program program : programs) {
            requireText(program.id(), 120);
            requireName(program.name());
            requireText(program.canvas(), 120);
            requireSize(program.width(), program.height());
            for (RigScene scene : program.scenes()) {
                requireText(scene.id(), 120);
                requireText(scene.name(), 200);
                scene.sources().forEach(RigSource::requireSound);
            }
        }
    }

    /** One output. @param canvas id of the canvas it was filled from; empty when made by hand */
    public record Program(String id, String name, String canvas, int width, int height, List<RigScene> scenes) {
        public Program {
            scenes = List.copyOf(scenes);
        }
    }

    public record RigScene(String id, String name, List<RigSource> sources) {
        public RigScene {
            sources = List.copyOf(sources);
        }
    }

    /**
     * A box that a picture fills until it covers it.
     *
     * @param width  in pixels of the program; 0 where the picture is scaled and cropped instead
     * @param across how much of what sticks out does so to the left, 0 to 1
     * @param down   how much of what sticks out does so at the top, 0 to 1
     */
    public record RigBox(int width, int height, double across, double down) {

        static final RigBox NONE = new RigBox(0, 0, 0.5, 0.5);

        private void requireSound() {
            boolean none = width == 0 && height == 0;
            if (!none) {
                requireSize(width, height);
            }
            if (!(across >= 0 && across <= 1 && down >= 0 && down <= 1)) {
                throw new Mistake("What sticks out of a box does so between 0 and 1 on the left and at the top.");
            }
        }
    }

    public enum SourceKind {
        BROWSER,
        CAPTURE
    }

    /**
     * One source.
     *
     * @param link    address of a browser source; empty for a capture
     * @param width   of the browser window, or of the capture's own picture, in pixels
     * @param x       left edge on the program, in pixels
     * @param scale   size on the program divided by own size
     * @param cropLeft own pixels cut off at the left; likewise at the other sides
     * @param pattern which moving pattern a capture shows
     * @param box     the place of a capture that fills a box, instead of its scale and crops
     */
    public record RigSource(
            String id,
            String name,
            SourceKind kind,
            String link,
            int width,
            int height,
            Behaviour behaviour,
            boolean shown,
            double x,
            double y,
            double scale,
            int cropLeft,
            int cropTop,
            int cropRight,
            int cropBottom,
            String pattern,
            RigBox box) {
        public RigSource {
            requireSize(width, height);
            if (!(scale > 0 && scale <= 16)) {
                throw new Mistake("A scale of " + scale + " is out of range; it lies above 0 and up to 16.");
            }
        }

        private void requireSound() {
            // A link may be typed wrong, as in a broadcast; the page that shows the rig opens outlets alone.
            requireText(link, 2000);
            requireText(id, 120);
            requireText(name, 200);
            requireText(pattern, 60);
            if (!(Math.abs(x) <= MOST_SIDE && Math.abs(y) <= MOST_SIDE)
                    || Stream.of(cropLeft, cropTop, cropRight, cropBottom)
                            .anyMatch(crop -> crop < 0 || crop > MOST_SIDE)) {
                throw new Mistake("A place of " + x + ", " + y + " or a crop of it is out of range.");
            }
            if (cropLeft + cropRight >= width || cropTop + cropBottom >= height) {
                throw new Mistake("These crops leave nothing of a picture of " + width + " × " + height + ".");
            }
            box.requireSound();
        }

        /** As somebody sees it who has no use for links. */
        RigSource unlinked() {
            return linked("");
        }

        RigSource linked(String newLink) {
            return new RigSource(
                    id,
                    name,
                    kind,
                    newLink,
                    width,
                    height,
                    behaviour,
                    shown,
                    x,
                    y,
                    scale,
                    cropLeft,
                    cropTop,
                    cropRight,
                    cropBottom,
                    pattern,
                    box);
        }
    }
}
