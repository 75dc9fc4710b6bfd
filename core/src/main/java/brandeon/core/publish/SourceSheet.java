package brandeon.core.publish;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.BoxFill;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.CaptureFit;
import brandeon.core.canvas.Size;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.layout.ResolvedScene.FittedOpening;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.ArrayList;
import java.util.List;

/**
 * What to put into broadcasting software for one canvas: per scene, its sources from bottom to top, with every figure
 * to type.
 */
public record SourceSheet(Canvas canvas, List<SheetScene> scenes) {

    /** @param reason why it is taken in these sources, for people */
    public record SheetScene(String scene, String name, String reason, List<Source> sources) {}

    /** One source of a scene, bottom first. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "source")
    @JsonSubTypes({@Type(value = Browser.class, name = "browser"), @Type(value = CaptureSource.class, name = "capture")
    })
    public sealed interface Source {}

    /**
     * A browser source: one part of a scene.
     *
     * @param scene which it shows: what stands over every scene is the same source on all of them
     * @param name  for people, the same wherever it is
     * @param title what people call the part
     * @param x     its left edge on the canvas, in pixels: 0 but for one piece or group alone
     */
    public record Browser(
            String scene,
            String name,
            Part part,
            String title,
            int x,
            int y,
            int width,
            int height,
            int frameRate,
            Advice advice)
            implements Source {

        public static Browser of(Theme theme, ResolvedScene resolved, Part part) {
            Canvas canvas = resolved.canvas();
            Box box = OwnBox.of(theme, resolved.scene(), canvas, part);
            Scene scene = resolved.scene();
            String title = Taking.title(resolved, part);
            return new Browser(
                    scene.id(),
                    scene.role().shown() || part.boxed() ? scene.name() + ", " + title : scene.name(),
                    part,
                    title,
                    (int) box.x(),
                    (int) box.y(),
                    (int) box.width(),
                    (int) box.height(),
                    canvas.frameRate(),
                    Advice.of(theme, resolved, part));
        }
    }

    /**
     * A camera, game or screen picture, placed and cropped behind its opening.
     *
     * @param fit     for software that crops in the capture's own pixels
     * @param box     the same place for software that fills a box
     * @param turn    degrees clockwise
     * @param centreX what it is turned about, in canvas pixels
     */
    public record CaptureSource(
            String capture,
            String name,
            Size size,
            CaptureFit fit,
            BoxFill box,
            double turn,
            double centreX,
            double centreY)
            implements Source {

        static CaptureSource of(FittedOpening fitted) {
            return new CaptureSource(
                    fitted.capture().id(),
                    fitted.capture().name(),
                    fitted.capture().size(),
                    fitted.fit(),
                    BoxFill.of(
                            fitted.fit(),
                            fitted.capture().size(),
                            fitted.opening().box(),
                            fitted.opening().bleed()),
                    fitted.turn(),
                    fitted.pivotX(),
                    fitted.pivotY());
        }
    }

    public static SourceSheet of(Theme theme, Canvas canvas) {
        return new SourceSheet(
                canvas,
                theme.shownScenes().stream()
                        .map(scene -> scene(theme, Quiet.scene(theme, scene, canvas)))
                        .toList());
    }

    private static SheetScene scene(Theme theme, ResolvedScene resolved) {
        Scene scene = resolved.scene();
        Taking taking = Taking.of(resolved);
        List<Source> sources = new ArrayList<>();
        for (Part part : taking.parts()) {
            Taking.below(resolved, part).forEach(opening -> sources.add(CaptureSource.of(opening)));
            sources.add(Browser.of(theme, resolved, part));
        }
        for (Scene over : theme.over(scene)) {
            ResolvedScene above = Quiet.scene(theme, over, resolved.canvas());
            if (!above.placements().isEmpty()) {
                sources.add(Browser.of(theme, above, Part.WHOLE));
            }
        }
        return new SheetScene(scene.id(), scene.name(), taking.reason(), List.copyOf(sources));
    }
}
