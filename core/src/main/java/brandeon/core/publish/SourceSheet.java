package brandeon.core.publish;

import brandeon.core.canvas.Canvas;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.Resolver;
import brandeon.core.show.LiveState;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.List;

/**
 * What to put into broadcasting software for one canvas: per scene, its sources from bottom to top, with every figure
 * to type.
 */
public record SourceSheet(Canvas canvas, List<SheetScene> scenes) {

    public record SheetScene(String scene, String name, List<Source> sources) {}

    /** One source of a scene, bottom first. */
    public sealed interface Source {}

    /** A browser source: one part of the scene at the canvas's own size. */
    public record Browser(Part part, int width, int height, int frameRate, Advice advice) implements Source {}

    /** A camera, game or screen picture, placed and cropped behind its opening. */
    public record CaptureSource(
            String capture, String name, int sourceWidth, int sourceHeight, brandeon.core.canvas.CaptureFit fit)
            implements Source {}

    /** With captures a scene is two sources, one behind and one in front of them; without, a single one. */
    public static SourceSheet of(Theme theme, Canvas canvas) {
        Resolver resolver = new Resolver(theme);
        return new SourceSheet(
                canvas,
                theme.scenes().stream()
                        .map(scene -> sheetScene(theme, resolver.resolve(scene, canvas, LiveState.QUIET)))
                        .toList());
    }

    private static SheetScene sheetScene(Theme theme, ResolvedScene resolved) {
        Scene scene = resolved.scene();
        List<Source> sources = new ArrayList<>();
        if (resolved.openings().isEmpty()) {
            sources.add(browser(theme, resolved, Part.WHOLE));
        } else {
            if (resolved.behind() > 0) {
                sources.add(browser(theme, resolved, Part.BACK));
            }
            resolved.openings()
                    .forEach(o -> sources.add(new CaptureSource(
                            o.capture().id(),
                            o.capture().name(),
                            o.capture().size().width(),
                            o.capture().size().height(),
                            o.fit())));
            sources.add(browser(theme, resolved, Part.FRONT));
        }
        return new SheetScene(scene.id(), scene.name(), List.copyOf(sources));
    }

    private static Browser browser(Theme theme, ResolvedScene resolved, Part part) {
        Canvas canvas = resolved.canvas();
        return new Browser(
                part,
                canvas.size().width(),
                canvas.size().height(),
                canvas.frameRate(),
                Advice.of(theme, resolved.scene(), part));
    }
}
