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
final class ClockArt {

    private static final int DIGITS = 4;
    /** Width of the colon's cell, in digit cells. */
    private static final double COLON = 0.5;

    private ClockArt() {
    }

    static PieceArt draw(Family family, Easel easel, Ask.Countdown ask) {
        Plates.Ready ready = Plates.plain(family, easel, ask.box(), Plate.Sort.INFO);
        List<Mark> marks = new ArrayList<>(ready.marks());
        Box room = ready.room();
        Tune.Align align = easel.tune().align();
        double least = easel.px(Lettering.LEAST);
        double titleSize = Math.min(easel.letters(34), ask.box().height() * 0.19);
        Words.Line title = Words.line(easel.look().text(), family.lettering().labelText(ask.title()), titleSize, least, room.width(), ready.plate().quiet());
        marks.add(title.at(align, room.x(), room.right(), ask.box().y() + ask.box().height() * 0.16 + title.caps()));
        Face figures = easel.look().figures();
        double cell = widestDigit(figures);
        double px = Math.min(ask.box().height() * 0.66, room.width() / (cell * (DIGITS + COLON)));
        double width = cell * px * (DIGITS + COLON);
        double left = switch (align) {
            case LEFT -> room.x();
            case CENTRE -> room.centreX() - width / 2;
            case RIGHT -> room.right() - width;
        };
        double base = ask.box().bottom() - ask.box().height() * 0.15;
        Words.Line ended = Words.line(easel.look().heading(), ask.ended(), px * 0.6, least, room.width(), ready.plate().ink());
        List<Mark> end = ask.ended().isBlank() ? List.of() : List.of(ended.at(align, room.x(), room.right(), base));
        marks.add(new Mark.Digits(ask.clock(), figures, px, cells(left, cell * px), base, ready.plate().ink(), ask.clock().at(Long.MIN_VALUE / 2), end));
        return PieceArt.still(marks);
    }

    /** Centres of two digits, a colon and two digits; every digit has the same width. */
    private static List<Double> cells(double left, double cell) {
        double colon = cell * COLON;
        return List.of(left + cell * 0.5, left + cell * 1.5, left + cell * 2 + colon / 2, left + cell * 2.5 + colon, left + cell * 3.5 + colon);
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
