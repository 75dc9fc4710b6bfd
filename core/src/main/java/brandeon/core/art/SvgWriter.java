package brandeon.core.art;

import brandeon.core.canvas.Box;
import brandeon.core.colour.Colour;
import brandeon.core.motion.Particles;
import brandeon.core.motion.Pose;
import brandeon.core.pack.Json;
import brandeon.core.pack.Xml;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * Writes marks as SVG 1.1 elements, with presentation attributes where there are such, and a style only for blending
 * and filters. Gradients and clips are named after their content: the same name always means the same
 * thing, however many pictures stand on one page.
 */
public final class SvgWriter {

    private static final double UNIT = 1000;
    /** Where ready-made pictures are found; who sends the picture out may make the address longer. */
    private static final String PAINTED = "/painted/";

    private final StringBuilder body = new StringBuilder(1024);
    private final Map<String, String> definitions = new LinkedHashMap<>();

    private SvgWriter() {}

    /** The inside of an svg element: definitions first, then the marks. */
    public static String fragment(List<Mark> marks) {
        SvgWriter writer = new SvgWriter();
        writer.all(marks);
        if (writer.definitions.isEmpty()) {
            return writer.body.toString();
        }
        return "<defs>" + String.join("", writer.definitions.values()) + "</defs>" + writer.body;
    }

    private void all(List<Mark> marks) {
        for (Mark mark : marks) {
            one(mark);
        }
    }

    private void one(Mark mark) {
        switch (mark) {
            case Mark.Filled(Outline outline, Paint paint) -> {
                body.append("<path fill-rule=\"evenodd\" d=\"")
                        .append(outline.svg())
                        .append('"');
                paint("fill", paint);
                body.append("/>");
            }
            case Mark.Stroked(Outline outline, Paint paint, double width) -> {
                body.append("<path fill=\"none\" stroke-linecap=\"round\" stroke-linejoin=\"round\" d=\"")
                        .append(outline.svg())
                        .append("\" stroke-width=\"")
                        .append(Numbers.text(width))
                        .append('"');
                paint("stroke", paint);
                body.append("/>");
            }
            case Mark.Text text -> text(text);
            case Mark.Digits digits -> digits(digits);
            case Mark.Until until -> until(until);
            case Mark.Group group -> group(group);
            case Mark.Picture picture -> picture(picture);
            case Mark.Blended blended -> blended(blended);
            case Mark.Moved(Pose pose, List<Mark> marks) -> moved(pose, marks);
            case Mark.Blurred(double deviation, List<Mark> marks) ->
                styled("filter:blur(" + Numbers.text(deviation) + "px)", marks);
            case Mark.Shadowed s ->
                styled(
                        String.format(
                                Locale.ROOT,
                                "filter:drop-shadow(%spx %spx %spx %s)",
                                Numbers.text(s.dx()),
                                Numbers.text(s.dy()),
                                Numbers.text(s.deviation()),
                                rgba(s.colour())),
                        s.marks());
            case Mark.Swarm swarm -> swarm(swarm);
            case Mark.Bed _ -> {}
        }
    }

    private void text(Mark.Text text) {
        openText(
                text.face().family(),
                text.px(),
                text.x(),
                text.y(),
                switch (text.anchor()) {
                    case START -> "start";
                    case MIDDLE -> "middle";
                    case END -> "end";
                },
                text.colour());
        if (text.clamp() > 0) {
            body.append(" data-clamp=\"").append(Numbers.text(text.clamp())).append('"');
        }
        body.append('>').append(Xml.escaped(text.text())).append("</text>");
    }

    private void openText(String family, double px, double x, double y, String anchor, Colour colour) {
        // In quotes: a family whose name has a word that begins with a digit is none without them (CSS Fonts 4, section
        // 2.1).
        body.append("<text font-family=\"'")
                .append(Xml.escaped(family))
                .append("'\" font-size=\"")
                .append(Numbers.text(px))
                .append("\" x=\"")
                .append(Numbers.text(x))
                .append("\" y=\"")
                .append(Numbers.text(y))
                .append("\" text-anchor=\"")
                .append(anchor)
                .append("\" xml:space=\"preserve\"");
        paint("fill", Paint.of(colour));
    }

    /** What a painter must know of a clock. @param format empty for one without figures */
    private void openClock(ClockFace clock, String format) {
        body.append("<g data-mode=\"")
                .append(clock.mode().name().toLowerCase(Locale.ROOT))
                .append("\" data-instant=\"")
                .append(clock.instant())
                .append("\" data-length=\"")
                .append(clock.length())
                .append(clock.stood() == 0 ? "" : "\" data-stood=\"" + clock.stood())
                .append("\" data-format=\"")
                .append(format)
                .append("\" data-zone=\"")
                .append(Xml.escaped(clock.zone()))
                .append("\"><g data-clock=\"running\">");
    }

    /** A clock without figures: the painter only shows and hides what is in it. */
    private void until(Mark.Until until) {
        openClock(until.clock(), "");
        all(until.marks());
        body.append("</g><g data-clock=\"ended\" display=\"none\"></g></g>");
    }

    private void digits(Mark.Digits digits) {
        openClock(digits.clock(), digits.clock().format().template());
        for (int i = 0; i < digits.cells().size(); i++) {
            openText(digits.face().family(), digits.px(), digits.cells().get(i), digits.y(), "middle", digits.colour());
            body.append('>')
                    .append(i < digits.showing().length() ? digits.showing().charAt(i) : ' ')
                    .append("</text>");
        }
        body.append("</g><g data-clock=\"ended\" display=\"none\">");
        all(digits.ended());
        body.append("</g></g>");
    }

    private void group(Mark.Group group) {
        body.append("<g");
        if (!group.part().isEmpty()) {
            body.append(" data-part=\"").append(Xml.escaped(group.part())).append('"');
        }
        if (group.opacity() < 1) {
            body.append(" opacity=\"").append(Numbers.text(group.opacity())).append('"');
        }
        if (group.clipped()) {
            body.append(" clip-path=\"url(#").append(clip(group.clip())).append(")\"");
        }
        body.append('>');
        all(group.marks());
        body.append("</g>");
    }

    private void picture(Mark.Picture picture) {
        Box box = picture.box();
        body.append("<image href=\"")
                .append(PAINTED)
                .append(Xml.escaped(picture.name()))
                .append("\" x=\"")
                .append(Numbers.text(box.x()))
                .append("\" y=\"")
                .append(Numbers.text(box.y()))
                .append("\" width=\"")
                .append(Numbers.text(box.width()))
                .append("\" height=\"")
                .append(Numbers.text(box.height()))
                .append("\" preserveAspectRatio=\"none\"");
        if (!picture.filter().isEmpty()) {
            body.append(" style=\"filter:")
                    .append(Xml.escaped(picture.filter()))
                    .append('"');
        }
        body.append("/>");
    }

    private void blended(Mark.Blended blended) {
        body.append("<g style=\"isolation:isolate\">");
        all(blended.ground());
        body.append("<g style=\"mix-blend-mode:").append(blended.blend().css()).append('"');
        if (blended.strength() < 1) {
            body.append(" opacity=\"").append(Numbers.text(blended.strength())).append('"');
        }
        body.append(" clip-path=\"url(#").append(clip(blended.shape())).append(")\">");
        all(blended.over());
        body.append("</g></g>");
    }

    private void styled(String style, List<Mark> marks) {
        body.append("<g style=\"").append(style).append("\">");
        all(marks);
        body.append("</g>");
    }

    private void moved(Pose pose, List<Mark> marks) {
        body.append(String.format(
                Locale.ROOT,
                "<g transform=\"translate(%.3f %.3f) rotate(%.4f) scale(%.5f) translate(%.3f %.3f)\" opacity=\"%.4f\">",
                pose.x() + pose.pivotX(),
                pose.y() + pose.pivotY(),
                pose.turn(),
                pose.scale(),
                -pose.pivotX(),
                -pose.pivotY(),
                pose.opacity()));
        all(marks);
        body.append("</g>");
    }

    /** What the painter must know of particles; the grain in thousandths of a pixel. */
    private record SwarmView(
            Particles particles,
            String grain,
            boolean soft,
            String colour,
            double shadow,
            double shade,
            String picture,
            boolean moving) {}

    /** A canvas that the painter draws the particles on, with all that it must know. */
    private void swarm(Mark.Swarm swarm) {
        Box box = swarm.box();
        Particles p = swarm.particles();
        body.append("<foreignObject x=\"")
                .append(Numbers.text(box.x()))
                .append("\" y=\"")
                .append(Numbers.text(box.y()))
                .append("\" width=\"")
                .append(Numbers.text(box.width()))
                .append("\" height=\"")
                .append(Numbers.text(box.height()))
                .append("\"><canvas xmlns=\"http://www.w3.org/1999/xhtml\" width=\"")
                .append(Math.round(box.width()))
                .append("\" height=\"")
                .append(Math.round(box.height()))
                .append("\" style=\"display:block\" data-swarm=\"")
                .append(Xml.escaped(Json.write(new SwarmView(
                        p,
                        unit(swarm.grain()),
                        swarm.soft(),
                        rgba(swarm.colour()),
                        swarm.shadow(),
                        Raster.SHADOW,
                        swarm.picture().isEmpty() ? "" : PAINTED + swarm.picture(),
                        swarm.moving()))))
                .append("\"></canvas></foreignObject>");
        if (!swarm.picture().isEmpty()) {
            body.append("<image href=\"")
                    .append(PAINTED)
                    .append(Xml.escaped(swarm.picture()))
                    .append("\" width=\"1\" height=\"1\" display=\"none\"/>");
        }
    }

    /** An outline one pixel across needs more than two decimals: it is given in thousandths. */
    private static String unit(Outline outline) {
        return outline.scaled(UNIT).svg();
    }

    private static String rgba(Colour colour) {
        return String.format(
                Locale.ROOT,
                "rgba(%d,%d,%d,%s)",
                Math.round(colour.red() * 255),
                Math.round(colour.green() * 255),
                Math.round(colour.blue() * 255),
                Numbers.text(colour.alpha()));
    }

    private void paint(String attribute, Paint paint) {
        switch (paint) {
            case Paint.Solid(Colour colour) -> {
                body.append(' ')
                        .append(attribute)
                        .append("=\"")
                        .append(colour.withAlpha(1).hex())
                        .append('"');
                if (colour.alpha() < 1) {
                    body.append(' ')
                            .append(attribute)
                            .append("-opacity=\"")
                            .append(Numbers.text(colour.alpha()))
                            .append('"');
                }
            }
            case Paint.Linear l ->
                reference(
                        attribute,
                        define(
                                "linearGradient",
                                String.format(
                                        Locale.ROOT,
                                        "x1=\"%s\" y1=\"%s\" x2=\"%s\" y2=\"%s\"",
                                        Numbers.text(l.x1()),
                                        Numbers.text(l.y1()),
                                        Numbers.text(l.x2()),
                                        Numbers.text(l.y2())),
                                l.stops()));
            case Paint.Radial r ->
                reference(
                        attribute,
                        define(
                                "radialGradient",
                                String.format(
                                        Locale.ROOT,
                                        "cx=\"%s\" cy=\"%s\" r=\"%s\"",
                                        Numbers.text(r.x()),
                                        Numbers.text(r.y()),
                                        Numbers.text(r.radius())),
                                r.stops()));
        }
    }

    private void reference(String attribute, String id) {
        body.append(' ').append(attribute).append("=\"url(#").append(id).append(")\"");
    }

    private String define(String element, String place, List<Paint.Stop> stops) {
        StringBuilder inner = new StringBuilder();
        for (Paint.Stop stop : stops) {
            inner.append("<stop offset=\"")
                    .append(Numbers.text(stop.offset()))
                    .append("\" stop-color=\"")
                    .append(stop.colour().withAlpha(1).hex())
                    .append('"');
            if (stop.colour().alpha() < 1) {
                inner.append(" stop-opacity=\"")
                        .append(Numbers.text(stop.colour().alpha()))
                        .append('"');
            }
            inner.append("/>");
        }
        String content = element + place + inner;
        String id = "g" + ContentName.of(content);
        definitions.put(
                id,
                String.format(
                        Locale.ROOT,
                        "<%s id=\"%s\" gradientUnits=\"userSpaceOnUse\" %s>%s</%s>",
                        element,
                        id,
                        place,
                        inner,
                        element));
        return id;
    }

    private String clip(Outline outline) {
        String path = outline.svg();
        String id = "c" + ContentName.of(path);
        definitions.put(
                id,
                String.format(
                        Locale.ROOT,
                        "<clipPath id=\"%s\"><path clip-rule=\"evenodd\" d=\"%s\"/></clipPath>",
                        id,
                        path));
        return id;
    }
}
