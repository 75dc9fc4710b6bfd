package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Family;
import brandeon.core.art.Lettering;
import brandeon.core.art.Mark;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Plate;
import brandeon.core.art.Tune;
import brandeon.core.canvas.Box;
import brandeon.core.text.Face;
import brandeon.core.text.Measure;
import java.util.ArrayList;
import java.util.List;

/** A title and large figures, each in a cell of its own so that none jumps. */
public final class ClockArt {

    /** Width of the colon's cell, in digit cells. */
    private static final double COLON = 0.5;

    private ClockArt() {}

    public static PieceArt draw(Family family, Easel easel, Ask.Clock ask) {
        Plates.Ready ready = Plates.plain(family, easel, ask.box(), Plate.Sort.INFO);
        List<Mark> marks = new ArrayList<>(ready.marks());
        Box room = ready.room();
        Tune.Align align = easel.tune().align();
        double least = easel.px(Lettering.LEAST);
        double titleSize = Math.min(easel.letters(34), ask.box().height() * 0.19);
        Words.Line title = Words.line(
                easel.look().text(),
                family.lettering().labelText(ask.title()),
                titleSize,
                least,
                room.width(),
                ready.plate().quiet());
        marks.add(title.at(
                align, room.x(), room.right(), ask.box().y() + ask.box().height() * 0.16 + title.caps()));
        Face figures = easel.look().figures();
        double cell = widestDigit(figures);
        String template = ask.clock().format().template();
        double cells = template.chars().mapToDouble(c -> c == ':' ? COLON : 1).sum();
        boolean alone = ask.title().isBlank();
        double px = Math.min(ask.box().height() * (alone ? 0.78 : 0.66), room.width() / (cell * cells));
        double width = cell * px * cells;
        double left = switch (align) {
            case LEFT -> room.x();
            case CENTRE -> room.centreX() - width / 2;
            case RIGHT -> room.right() - width;
        };
        double base = alone
                ? room.centreY() + Measure.capHeight(figures, px) / 2
                : ask.box().bottom() - ask.box().height() * 0.15;
        Words.Line ended = Words.line(
                easel.look().heading(),
                ask.ended(),
                px * 0.6,
                least,
                room.width(),
                ready.plate().ink());
        List<Mark> end = ask.ended().isBlank() ? List.of() : List.of(ended.at(align, room.x(), room.right(), base));
        marks.add(new Mark.Digits(
                ask.clock(),
                figures,
                px,
                cells(template, left, cell * px),
                base,
                ready.plate().ink(),
                ask.clock().still(),
                end));
        return PieceArt.still(hides(ask) ? List.of(new Mark.Until(ask.clock(), marks)) : marks);
    }

    /** Whether nothing of the piece is left when its time is over. */
    private static boolean hides(Ask.Clock ask) {
        return ask.ended().isBlank()
                && switch (ask.clock().mode()) {
                    case DOWN -> true;
                    case UP -> ask.clock().length() > 0;
                    case DAY -> false;
                };
    }

    /** Centre of each character; every digit has the same width. */
    private static List<Double> cells(String template, double left, double cell) {
        List<Double> centres = new ArrayList<>();
        double x = left;
        for (char c : template.toCharArray()) {
            double width = c == ':' ? cell * COLON : cell;
            centres.add(x + width / 2);
            x += width;
        }
        return centres;
    }

    /** Width of the widest digit at one pixel. */
    private static double widestDigit(Face face) {
        double widest = 0;
        for (char digit = '0'; digit <= '9'; digit++) {
            widest = Math.max(widest, Measure.width(face, 1, String.valueOf(digit)));
        }
        return widest;
    }
}
