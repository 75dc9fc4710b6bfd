package brandeon.core.recolour;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Difference;
import brandeon.core.colour.Pixels;
import brandeon.core.colour.Spaces;
import brandeon.core.pack.Xml;
import brandeon.core.problem.Mistake;
import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.renderer.NullPlatformSupport;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import javax.xml.transform.OutputKeys;
import javax.xml.transform.Transformer;
import javax.xml.transform.TransformerException;
import javax.xml.transform.TransformerFactory;
import javax.xml.transform.dom.DOMSource;
import javax.xml.transform.stream.StreamResult;
import org.w3c.dom.Attr;
import org.w3c.dom.Document;
import org.w3c.dom.Element;
import org.w3c.dom.NamedNodeMap;

/**
 * A vector picture from outside: rebuilt from an allowed list of elements and attributes, and recoloured by its paints.
 *
 * Scripts, style sheets, links to elsewhere, embedded pictures, text and animation are left out; a style attribute
 * becomes presentation attributes.
 */
public final class SvgPicture {

    /** Shapes times pixels that are drawn at full size; about ten seconds where each shape covers the whole picture. */
    private static final double MOST_WORK = 1.2e10;

    private static final double QUICK_WORK = 1.6e9;
    private static final double QUICK_PIXELS = 4e6;
    private static final String SVG = "http://www.w3.org/2000/svg";
    private static final Set<String> ELEMENTS = Set.of(
            "svg",
            "g",
            "defs",
            "path",
            "rect",
            "circle",
            "ellipse",
            "line",
            "polyline",
            "polygon",
            "linearGradient",
            "radialGradient",
            "stop",
            "clipPath",
            "mask",
            "use",
            "symbol",
            "marker",
            "pattern",
            "title",
            "desc");
    private static final Set<String> SHAPES = Set.of("path", "rect", "circle", "ellipse", "polyline", "polygon");
    private static final Set<String> PAINTS = Set.of("fill", "stroke", "stop-color", "color");
    private static final Set<String> ATTRIBUTES = Set.of(
            "id",
            "d",
            "x",
            "y",
            "width",
            "height",
            "rx",
            "ry",
            "cx",
            "cy",
            "r",
            "fx",
            "fy",
            "x1",
            "y1",
            "x2",
            "y2",
            "points",
            "transform",
            "viewBox",
            "preserveAspectRatio",
            "offset",
            "gradientUnits",
            "gradientTransform",
            "spreadMethod",
            "clipPathUnits",
            "maskUnits",
            "maskContentUnits",
            "clip-path",
            "mask",
            "clip-rule",
            "fill-rule",
            "fill-opacity",
            "stroke-width",
            "stroke-opacity",
            "stroke-linecap",
            "stroke-linejoin",
            "stroke-miterlimit",
            "stroke-dasharray",
            "stroke-dashoffset",
            "stop-opacity",
            "opacity",
            "display",
            "visibility",
            "paint-order",
            "href",
            "marker",
            "marker-start",
            "marker-mid",
            "marker-end",
            "markerWidth",
            "markerHeight",
            "markerUnits",
            "refX",
            "refY",
            "orient",
            "patternUnits",
            "patternContentUnits",
            "patternTransform",
            "overflow",
            "vector-effect",
            "fr",
            "mask-type",
            "pathLength");
    private static final Pattern LOCAL = Pattern.compile("url\\(\\s*['\"]?#[\\w.-]+['\"]?\\s*\\)|#[\\w.-]+");
    private static final int MOST_ELEMENTS = 20_000;
    private static final int MOST_DEPTH = 60;
    private static final double SAME = 3;
    private static final double USUAL_SIDE = 512;
    /** Enough to count areas to less than a hundredth. */
    private static final double COUNTED_SIDE = 160;

    private final Document document;
    private final double shapes;
    private final double width;
    private final double height;
    private int elements;

    private SvgPicture(Document foreign) {
        document = Xml.empty();
        Element root = foreign.getDocumentElement();
        if (!"svg".equals(root.getLocalName())) {
            throw new Mistake("This is not an SVG picture: its first element is “" + root.getTagName() + "”.");
        }
        document.appendChild(rebuilt(root, 0));
        double[] box = box(root);
        width = box[0];
        height = box[1];
        Element own = document.getDocumentElement();
        own.setAttribute(
                "viewBox", own.hasAttribute("viewBox") ? own.getAttribute("viewBox") : "0 0 " + width + " " + height);
        own.setAttribute("width", String.valueOf(width));
        own.setAttribute("height", String.valueOf(height));
        writeBlack(own, false);
        shapes = SvgCost.require(own, width, height);
    }

    /** @throws Mistake with a sentence that names line and reason when this is no SVG */
    public static SvgPicture read(byte[] bytes) {
        return new SvgPicture(Xml.read(bytes));
    }

    public double width() {
        return width;
    }

    public double height() {
        return height;
    }

    /**
     * The distinct paints, nearly equal ones as one, with the share of the painted area that is nearest to each; the
     * largest first. A paint that shows nowhere comes last.
     */
    public List<Cluster> clusters() {
        List<Colour> paints = new ArrayList<>();
        each(document.getDocumentElement(), (_, _, colour) -> {
            if (paints.stream().noneMatch(other -> Difference.ciede2000(other, colour.withAlpha(1)) < SAME)) {
                paints.add(colour.withAlpha(1));
            }
        });
        double[] areas = areas(paints);
        double whole = Math.max(Arrays.stream(areas).sum(), Double.MIN_NORMAL);
        return IntStream.range(0, paints.size())
                .boxed()
                .sorted(Comparator.comparingDouble((Integer i) -> areas[i]).reversed())
                .map(i -> new Cluster(
                        paints.get(i),
                        areas[i] / whole,
                        Spaces.oklch(paints.get(i)).chroma() < Cluster.NEUTRAL_CHROMA))
                .toList();
    }

    /** Opaque area of each paint in a small drawing; mixtures count for the paint that they are nearest to. */
    private double[] areas(List<Colour> paints) {
        double scale = COUNTED_SIDE / Math.max(width, height);
        BufferedImage drawn =
                drawn(Math.max(1, (int) Math.round(width * scale)), Math.max(1, (int) Math.round(height * scale)));
        List<Spaces.Oklab> labs = paints.stream().map(Spaces::oklab).toList();
        double[] areas = new double[paints.size()];
        for (int pixel : Pixels.of(drawn)) {
            if (pixel >>> 24 != 0) {
                Spaces.Oklab lab = Spaces.oklab(Pixels.colour(pixel));
                IntStream.range(0, labs.size())
                        .boxed()
                        .min(Comparator.comparingDouble(i -> distance(labs.get(i), lab)))
                        .ifPresent(i -> areas[i] += pixel >>> 24);
            }
        }
        return areas;
    }

    private static double distance(Spaces.Oklab one, Spaces.Oklab other) {
        return Math.hypot(Math.hypot(one.a() - other.a(), one.b() - other.b()), one.lightness() - other.lightness());
    }

    /**
     * How much smaller than its own size it is looked through, so that this takes no longer than a moment: 1 for most.
     */
    public double quickScale() {
        return Math.min(1, Math.sqrt(Math.min(QUICK_PIXELS, QUICK_WORK / shapes) / (width * height)));
    }

    /**
     * The picture in pixels, stretched over a size. What cannot be drawn is left out. So many shapes on so many pixels
     * that it would take long are drawn smaller and enlarged.
     */
    public BufferedImage drawn(int across, int down) {
        double share = Math.sqrt(MOST_WORK / (shapes * across * down));
        if (share < 1) {
            BufferedImage large = new BufferedImage(across, down, BufferedImage.TYPE_INT_ARGB_PRE);
            Graphics2D graphics = large.createGraphics();
            graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
            graphics.drawImage(
                    exactly(Math.max(1, (int) (across * share)), Math.max(1, (int) (down * share))),
                    0,
                    0,
                    across,
                    down,
                    null);
            graphics.dispose();
            return large;
        }
        return exactly(across, down);
    }

    private BufferedImage exactly(int across, int down) {
        BufferedImage image = new BufferedImage(across, down, BufferedImage.TYPE_INT_ARGB_PRE);
        SVGDocument drawing = new SVGLoader()
                .load(
                        new ByteArrayInputStream(text().getBytes(StandardCharsets.UTF_8)),
                        null,
                        LoaderContext.createDefault());
        if (drawing != null) {
            Graphics2D graphics = image.createGraphics();
            graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
            graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
            graphics.scale(across / width, down / height);
            drawing.renderWithPlatform(
                    NullPlatformSupport.INSTANCE, graphics, new ViewBox((float) width, (float) height));
            graphics.dispose();
        }
        return image;
    }

    /** The picture as text, with every paint mapped; this one stays as it is. */
    public String recoloured(Mapping mapping) {
        Document copy = (Document) document.cloneNode(true);
        each(
                copy.getDocumentElement(),
                (element, attribute, colour) ->
                        element.setAttribute(attribute, mapping.apply(colour).hex()));
        return text(copy);
    }

    /** The rebuilt picture as text. */
    public String text() {
        return text(document);
    }

    private interface PaintUse {
        void at(Element element, String attribute, Colour colour);
    }

    private static void each(Element element, PaintUse use) {
        for (String attribute : PAINTS) {
            if (element.hasAttribute(attribute)) {
                colour(element.getAttribute(attribute)).ifPresent(colour -> use.at(element, attribute, colour));
            }
        }
        for (Element child : Xml.children(element)) {
            each(child, use);
        }
    }

    /**
     * A shape whose fill nobody says is black, as in SVG; written down, it can be mapped. Shapes to be used elsewhere
     * take their fill there.
     */
    private static void writeBlack(Element element, boolean said) {
        boolean saidHere = said || element.hasAttribute("fill");
        if (SHAPES.contains(element.getLocalName()) && !saidHere) {
            element.setAttribute("fill", Colour.BLACK.hex());
        }
        for (Element child : Xml.children(element)) {
            if (!Set.of("defs", "symbol", "clipPath", "mask", "marker", "pattern")
                    .contains(child.getLocalName())) {
                writeBlack(child, saidHere);
            }
        }
    }

    private static Optional<Colour> colour(String paint) {
        if (paint.equals("none")
                || paint.startsWith("url(")
                || paint.equals("currentcolor")
                || paint.equals("inherit")
                || paint.equals("transparent")) {
            return Optional.empty();
        }
        return Optional.of(Colour.parse(paint));
    }

    private Element rebuilt(Element foreign, int depth) {
        if (++elements > MOST_ELEMENTS || depth > MOST_DEPTH) {
            throw new Mistake(
                    "This SVG is too large: at most " + MOST_ELEMENTS + " elements, " + MOST_DEPTH + " deep.");
        }
        Element own = document.createElementNS(SVG, foreign.getLocalName());
        NamedNodeMap attributes = foreign.getAttributes();
        for (int i = 0; i < attributes.getLength(); i++) {
            Attr attribute = (Attr) attributes.item(i);
            String name = attribute.getLocalName() == null ? attribute.getName() : attribute.getLocalName();
            if (name.equals("style")) {
                for (String declaration : attribute.getValue().split(";")) {
                    String[] parts = declaration.split(":", 2);
                    if (parts.length == 2) {
                        set(own, parts[0].strip().toLowerCase(Locale.ROOT), parts[1].strip());
                    }
                }
            } else if (!own.hasAttribute(name)) {
                set(own, name, attribute.getValue().strip());
            }
        }
        if (foreign.getLocalName().equals("title") || foreign.getLocalName().equals("desc")) {
            own.setTextContent(foreign.getTextContent());
            return own;
        }
        for (Element child : Xml.children(foreign)) {
            if (SVG.equals(child.getNamespaceURI()) && ELEMENTS.contains(child.getLocalName())) {
                own.appendChild(rebuilt(child, depth + 1));
            }
        }
        return own;
    }

    private static void set(Element own, String name, String value) {
        String plain = value.replaceFirst("\\s*!important$", "");
        boolean pointing = plain.contains("url(") || name.equals("href");
        if (pointing && !LOCAL.matcher(plain).matches()) {
            return;
        }
        if (PAINTS.contains(name)) {
            paint(plain).ifPresent(paint -> own.setAttribute(name, paint));
        } else if (ATTRIBUTES.contains(name)) {
            own.setAttribute(name, plain);
        }
    }

    /** A paint that browsers would ignore is left out, as they do. */
    private static Optional<String> paint(String value) {
        String lower = value.toLowerCase(Locale.ROOT);
        if (lower.startsWith("url(")
                || Set.of("none", "currentcolor", "inherit", "transparent").contains(lower)) {
            return Optional.of(lower.startsWith("url(") ? value : lower);
        }
        try {
            return Optional.of(Colour.parse(value).hex());
        } catch (Mistake e) {
            return Optional.empty();
        }
    }

    private static double[] box(Element root) {
        Matcher view = Pattern.compile("\\s*[\\d.eE+-]+[\\s,]+[\\d.eE+-]+[\\s,]+([\\d.]+)[\\s,]+([\\d.]+)\\s*")
                .matcher(root.getAttribute("viewBox"));
        boolean viewed = view.matches();
        double width = length(root.getAttribute("width"), viewed ? Double.parseDouble(view.group(1)) : USUAL_SIDE);
        double height = length(root.getAttribute("height"), viewed ? Double.parseDouble(view.group(2)) : USUAL_SIDE);
        return new double[] {Math.clamp(width, 1, 8192), Math.clamp(height, 1, 8192)};
    }

    private static double length(String text, double otherwise) {
        Matcher matcher = Pattern.compile("([\\d.]+)(px)?").matcher(text.strip());
        return matcher.matches() ? Double.parseDouble(matcher.group(1)) : otherwise;
    }

    private static String text(Document document) {
        try {
            Transformer writer = TransformerFactory.newInstance().newTransformer();
            writer.setOutputProperty(OutputKeys.OMIT_XML_DECLARATION, "yes");
            StringWriter text = new StringWriter();
            writer.transform(new DOMSource(document), new StreamResult(text));
            return text.toString();
        } catch (TransformerException e) {
            throw new IllegalStateException(e);
        }
    }
}
