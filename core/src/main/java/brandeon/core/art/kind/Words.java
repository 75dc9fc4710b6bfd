package brandeon.core.art.kind;

import brandeon.core.art.Easel;
import brandeon.core.art.Lettering;
import brandeon.core.art.Mark;
import brandeon.core.art.Tune;
import brandeon.core.canvas.Box;
import brandeon.core.colour.Colour;
import brandeon.core.text.Face;
import brandeon.core.text.Fit;
import brandeon.core.text.Measure;
import brandeon.core.text.Wrap;
import java.util.List;

/** Lines of words fitted to a room and set where a piece is aligned. */
public final class Words {

    /** From one baseline of a block to the next, in sizes. */
    public static final double STEP = 1.14;

    private Words() {}

    /** A fitted line that has no place yet. */
    public record Line(Fit fit, Face face, Colour colour, double room) {

        public double caps() {
            return Measure.capHeight(face, fit.px());
        }

        /** At a baseline, within a span from left to right. */
        public Mark at(Tune.Align align, double left, double right, double baseline) {
            return switch (align) {
                case LEFT -> text(left, baseline, Mark.Anchor.START);
                case CENTRE -> text((left + right) / 2, baseline, Mark.Anchor.MIDDLE);
                case RIGHT -> text(right, baseline, Mark.Anchor.END);
            };
        }

        private Mark text(double x, double y, Mark.Anchor anchor) {
            return new Mark.Text(fit.text(), face, fit.px(), x, y, anchor, colour, fit.exact() ? 0 : room);
        }
    }

    /**
     * @param wanted size in pixels
     * @param least  size in pixels below which it is shortened instead
     */
    public static Line line(Face face, String text, double wanted, double least, double room, Colour colour) {
        double clear = Math.max(1, room);
        return new Line(Fit.line(face, text, wanted, Math.min(wanted, least), clear), face, colour, clear);
    }

    /** One line, or two balanced ones where the height allows it and the letters gain by it. */
    public static List<Line> block(
            Face face, String text, double wanted, double least, double room, double height, Colour colour) {
        double clear = Math.max(1, room);
        return Wrap.balanced(face, text, wanted, Math.min(wanted, least), clear, height, STEP).stream()
                .map(fit -> new Line(fit, face, colour, clear))
                .toList();
    }

    /** A label in the family's lettering. */
    public static Line label(Lettering lettering, Easel easel, String text, double room, Colour colour) {
        return label(lettering, easel, text, room, colour, Double.MAX_VALUE);
    }

    /** @param most the largest size in pixels */
    public static Line label(Lettering lettering, Easel easel, String text, double room, Colour colour, double most) {
        double least = Lettering.LEAST * easel.canvas().unit();
        return line(
                easel.look().text(),
                lettering.labelText(text),
                Math.min(most, Math.max(least, easel.letters(lettering.label()))),
                least,
                room,
                colour);
    }

    /** Lines under one another, as a block in the middle of a height; without empty ones. */
    public static void stacked(List<Mark> marks, List<Line> lines, Tune.Align align, Box room, double gap) {
        List<Line> said =
                lines.stream().filter(line -> !line.fit().text().isBlank()).toList();
        double height = said.stream().mapToDouble(Line::caps).sum() + gap * Math.max(0, said.size() - 1);
        double y = room.centreY() - height / 2;
        for (Line line : said) {
            y += line.caps();
            marks.add(line.at(align, room.x(), room.right(), y));
            y += gap;
        }
    }
}
