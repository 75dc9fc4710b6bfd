package brandeon.server.sheet;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/** A source sheet as a table: a line for each source, in the order in which they are typed. */
final class SheetCsv {

    static final List<String> TITLES = List.of(
            "scene",
            "order",
            "source",
            "kind",
            "link",
            "width",
            "height",
            "frame rate",
            "while hidden",
            "reason",
            "sound",
            "x",
            "y",
            "scale",
            "crop left",
            "crop top",
            "crop right",
            "crop bottom",
            "box x",
            "box y",
            "box width",
            "box height",
            "cut off left, share",
            "cut off at the top, share",
            "turned, degrees");

    private SheetCsv() {}

    static List<List<?>> lines(SheetView sheet) {
        List<List<?>> lines = new ArrayList<>();
        for (SheetView.SheetPage page : sheet.scenes()) {
            for (SheetView.SheetItem item : page.sources()) {
                lines.add(
                        switch (item) {
                            case SheetView.SheetBrowser browser -> browser(page, browser);
                            case SheetView.SheetCapture capture -> capture(page, capture);
                        });
            }
        }
        return lines;
    }

    private static List<?> browser(SheetView.SheetPage page, SheetView.SheetBrowser one) {
        List<Object> line = new ArrayList<>(List.of(
                page.name(),
                one.order(),
                one.name(),
                "browser source",
                one.link(),
                one.width(),
                one.height(),
                one.frameRate(),
                one.behaviour().words(),
                one.reason(),
                one.sound() ? "route it" : "none",
                one.x(),
                one.y(),
                1));
        while (line.size() < TITLES.size()) {
            line.add("");
        }
        return line;
    }

    private static List<?> capture(SheetView.SheetPage page, SheetView.SheetCapture one) {
        return Arrays.asList(
                page.name(),
                one.order(),
                one.name(),
                "capture",
                "",
                one.size().width(),
                one.size().height(),
                "",
                "",
                "",
                "",
                one.crop().x(),
                one.crop().y(),
                rounded(one.crop().scale()),
                one.crop().crop().left(),
                one.crop().crop().top(),
                one.crop().crop().right(),
                one.crop().crop().bottom(),
                one.box().x(),
                one.box().y(),
                one.box().width(),
                one.box().height(),
                rounded(one.box().across()),
                rounded(one.box().down()),
                rounded(one.turn()));
    }

    private static double rounded(double value) {
        return Math.round(value * 10_000) / 10_000.0;
    }
}
