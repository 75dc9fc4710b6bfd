package brandeon.core.pack;

import brandeon.core.colour.Colour;
import brandeon.core.pack.Swatches.Swatch;
import brandeon.core.problem.Mistake;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.w3c.dom.Element;

/** An SVG sheet of rectangles, each filled with its colour and titled with its name, that any drawing program opens. */
final class SwatchSheet {

    private static final int SIDE = 120;
    private static final int COLUMNS = 5;

    private SwatchSheet() {}

    static String write(Swatches swatches) {
        int rows = (swatches.all().size() + COLUMNS - 1) / COLUMNS;
        StringBuilder text = new StringBuilder(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 %d %d\">\n  <title>%s</title>\n",
                COLUMNS * SIDE,
                Math.max(1, rows) * SIDE,
                Xml.escaped(swatches.name())));
        for (int i = 0; i < swatches.all().size(); i++) {
            Swatch swatch = swatches.all().get(i);
            text.append(String.format(
                    Locale.ROOT,
                    "  <rect x=\"%d\" y=\"%d\" width=\"%d\" height=\"%d\" fill=\"%s\"><title>%s</title></rect>\n",
                    i % COLUMNS * SIDE,
                    i / COLUMNS * SIDE,
                    SIDE,
                    SIDE,
                    swatch.colour().hex(),
                    Xml.escaped(swatch.name())));
        }
        return text.append("</svg>\n").toString();
    }

    /** Every rectangle and circle with a plain fill, in document order; its title, else its id, is its name. */
    static Swatches read(String text) {
        Element root = Xml.read(text.getBytes(StandardCharsets.UTF_8)).getDocumentElement();
        if (!"svg".equals(root.getLocalName())) {
            throw new Mistake("This is not an SVG sheet: its first element is “" + root.getTagName() + "”.");
        }
        List<Swatch> all = new ArrayList<>();
        collect(root, all);
        return new Swatches(title(root).orElse(""), all);
    }

    private static void collect(Element element, List<Swatch> all) {
        for (Element child : Xml.children(element)) {
            String fill = child.getAttribute("fill").strip();
            if (List.of("rect", "circle", "ellipse", "path").contains(child.getLocalName())
                    && !fill.isEmpty()
                    && !fill.equals("none")
                    && !fill.startsWith("url(")) {
                all.add(new Swatch(title(child).orElse(child.getAttribute("id")), Colour.parse(fill)));
            }
            collect(child, all);
        }
    }

    private static Optional<String> title(Element element) {
        return Xml.children(element).stream()
                .filter(child -> "title".equals(child.getLocalName()))
                .map(child -> child.getTextContent().strip())
                .findFirst();
    }
}
