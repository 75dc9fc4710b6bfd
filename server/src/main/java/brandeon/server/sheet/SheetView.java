package brandeon.server.sheet;

import brandeon.core.canvas.BoxFill;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.CaptureFit;
import brandeon.core.canvas.Size;
import brandeon.core.publish.Behaviour;
import brandeon.core.publish.Part;
import brandeon.core.publish.SourceSheet;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonSubTypes.Type;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.ArrayList;
import java.util.List;
import java.util.function.BiFunction;

/**
 * The source sheet of one canvas; as a file see docs/source-sheet.schema.json. Lengths are pixels.
 *
 * @param theme   its name
 * @param release which the sheet describes
 */
public record SheetView(String format, int version, String theme, int release, Canvas canvas, List<SheetPage> scenes) {

    static final String FORMAT = "brandeon-source-sheet";

    static final int VERSION = 1;

    /**
     * A scene with its sources from bottom to top.
     *
     * @param reason why it is taken in these sources
     */
    public record SheetPage(String scene, String name, String reason, List<SheetItem> sources) {}

    /** A source. Order 1 is the bottom. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "source")
    @JsonSubTypes({
        @Type(value = SheetBrowser.class, name = "browser"),
        @Type(value = SheetCapture.class, name = "capture")
    })
    public sealed interface SheetItem {
        int order();

        String name();
    }

    /**
     * A browser source, which stands at the left top corner of the canvas, unscaled.
     *
     * @param link  empty for viewers of the workspace, who have no use for it
     * @param sound whether its sound is to be routed
     */
    public record SheetBrowser(
            int order,
            String name,
            Part part,
            String link,
            int x,
            int y,
            int width,
            int height,
            int frameRate,
            Behaviour behaviour,
            String reason,
            boolean sound)
            implements SheetItem {}

    /**
     * A camera, game or screen picture.
     *
     * @param crop    for software that crops in the capture's own pixels, then places and scales it
     * @param box     the same place for software that fills a box
     * @param turn    degrees clockwise
     * @param centreX what it is turned about
     */
    public record SheetCapture(
            int order,
            String name,
            String capture,
            Size size,
            CaptureFit crop,
            BoxFill box,
            double turn,
            double centreX,
            double centreY)
            implements SheetItem {}

    /** @param link of a part of a scene */
    static SheetView of(String theme, int release, SourceSheet sheet, BiFunction<String, Part, String> link) {
        return new SheetView(
                FORMAT,
                VERSION,
                theme,
                release,
                sheet.canvas(),
                sheet.scenes().stream().map(scene -> page(scene, link)).toList());
    }

    private static SheetPage page(SourceSheet.SheetScene scene, BiFunction<String, Part, String> link) {
        List<SheetItem> items = new ArrayList<>();
        for (SourceSheet.Source source : scene.sources()) {
            int order = items.size() + 1;
            items.add(
                    switch (source) {
                        case SourceSheet.Browser browser ->
                            new SheetBrowser(
                                    order,
                                    browser.name(),
                                    browser.part(),
                                    link.apply(browser.scene(), browser.part()),
                                    browser.x(),
                                    browser.y(),
                                    browser.width(),
                                    browser.height(),
                                    browser.frameRate(),
                                    browser.advice().behaviour(),
                                    browser.advice().reason(),
                                    browser.advice().sound());
                        case SourceSheet.CaptureSource capture ->
                            new SheetCapture(
                                    order,
                                    capture.name(),
                                    capture.capture(),
                                    capture.size(),
                                    capture.fit(),
                                    capture.box(),
                                    capture.turn(),
                                    capture.centreX(),
                                    capture.centreY());
                    });
        }
        return new SheetPage(scene.scene(), scene.name(), scene.reason(), items);
    }
}
