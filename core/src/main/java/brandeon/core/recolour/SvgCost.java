package brandeon.core.recolour;

import brandeon.core.pack.Xml;
import brandeon.core.problem.Mistake;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.w3c.dom.Element;

/**
 * What a vector picture costs whoever paints it, counted without painting: elements as often as they are used (a few
 * {@code use} in one another grow without end), tiles of patterns, markers at every corner, stops of gradients,
 * letters of
 * paths, dashes. What is too dear is refused with the reason, before anything draws it.
 */
final class SvgCost {

    private static final double MOST_PAINTED = 60_000;
    private static final int MOST_STOPS = 256;
    private static final int MOST_LETTERS = 3_000_000;
    private static final double MOST_DASHES = 20_000;
    private static final Pattern REFERENCE = Pattern.compile("url\\(\\s*['\"]?#([\\w.-]+)['\"]?\\s*\\)|#([\\w.-]+)");
    private static final Pattern NUMBER = Pattern.compile("[-+]?(?:\\d+\\.?\\d*|\\.\\d+)(?:[eE][-+]?\\d+)?");

    private final Map<String, Element> named = new HashMap<>();
    private final Map<Element, Double> known = new HashMap<>();
    private final Set<Element> open = new HashSet<>();
    private final double width;
    private final double height;
    private long letters;

    private SvgCost(Element root, double width, double height) {
        this.width = width;
        this.height = height;
        name(root);
    }

    /**
     * @return how many shapes are painted
     * @throws Mistake with a sentence when the picture is too dear, or a part of it is made of itself
     */
    static double require(Element root, double width, double height) {
        SvgCost cost = new SvgCost(root, width, height);
        if (cost.letters > MOST_LETTERS) {
            throw new Mistake("The outlines of this SVG have " + cost.letters + " letters; at most " + MOST_LETTERS
                    + " are taken.");
        }
        double painted = cost.of(root);
        if (!(painted <= MOST_PAINTED)) {
            throw new Mistake(String.format(
                    Locale.ROOT,
                    "This SVG paints some %.3g shapes once everything in it is used as often as it says; at most %.0f are taken. Use fewer copies, or save it as PNG.",
                    painted,
                    MOST_PAINTED));
        }
        return painted;
    }

    private void name(Element element) {
        if (element.hasAttribute("id")) {
            named.putIfAbsent(element.getAttribute("id"), element);
        }
        letters += element.getAttribute("d").length()
                + element.getAttribute("points").length();
        dashes(element);
        int stops = 0;
        for (Element child : Xml.children(element)) {
            stops += child.getLocalName().equals("stop") ? 1 : 0;
            name(child);
        }
        if (stops > MOST_STOPS) {
            throw new Mistake("A gradient in this SVG has " + stops + " stops; at most " + MOST_STOPS + " are taken.");
        }
    }

    /** So short that a line across the picture would be cut into too many. */
    private void dashes(Element element) {
        Matcher numbers = NUMBER.matcher(element.getAttribute("stroke-dasharray"));
        double sum = 0;
        int count = 0;
        while (numbers.find()) {
            sum += Math.abs(Double.parseDouble(numbers.group()));
            count++;
        }
        if (count > 0 && sum > 0 && Math.hypot(width, height) / sum * count > MOST_DASHES) {
            throw new Mistake("A line in this SVG is cut into dashes too short to be seen; at most "
                    + Math.round(MOST_DASHES) + " across the picture are taken.");
        }
    }

    private double of(Element element) {
        Double before = known.get(element);
        if (before != null) {
            return before;
        }
        if (!open.add(element)) {
            throw new Mistake("A part of this SVG is made of itself (“" + element.getAttribute("id") + "”).");
        }
        double cost = 1;
        for (Element child : Xml.children(element)) {
            // What only stands by to be used costs where it is used.
            if (!Set.of("defs", "symbol", "clipPath", "mask", "marker", "pattern", "linearGradient", "radialGradient")
                    .contains(child.getLocalName())) {
                cost += of(child);
            }
        }
        if (element.hasAttribute("href")) {
            cost += used(element.getAttribute("href"));
        }
        for (String attribute : Set.of("fill", "stroke", "clip-path", "mask")) {
            cost += used(element.getAttribute(attribute));
        }
        double corners = Math.max(
                1,
                NUMBER.matcher(element.getAttribute("d") + " " + element.getAttribute("points"))
                                .results()
                                .count()
                        / 2.0);
        cost += used(element.getAttribute("marker-start"))
                + used(element.getAttribute("marker-end"))
                + corners * used(element.getAttribute("marker-mid"));
        open.remove(element);
        known.put(element, cost);
        return cost;
    }

    /** The cost of what is named; of a pattern as often as its tiles fit into the picture. */
    private double used(String reference) {
        Matcher name = REFERENCE.matcher(reference);
        Element target = name.matches() ? named.get(name.group(1) == null ? name.group(2) : name.group(1)) : null;
        if (target == null) {
            return 0;
        }
        double once = of(target);
        if (!target.getLocalName().equals("pattern")) {
            return once;
        }
        boolean user = target.getAttribute("patternUnits").equals("userSpaceOnUse");
        double across = tiles(target.getAttribute("width"), user ? width : 1);
        double down = tiles(target.getAttribute("height"), user ? height : 1);
        return once * across * down;
    }

    private static double tiles(String length, double whole) {
        Matcher number = NUMBER.matcher(length);
        double one =
                number.find() ? Math.abs(Double.parseDouble(number.group())) / (length.endsWith("%") ? 100 : 1) : 0;
        return one <= 0 ? 1 : Math.max(1, whole / one);
    }
}
