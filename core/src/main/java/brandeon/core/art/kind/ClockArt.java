package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.ClockFace;
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
    /** What is so many times as long as it is high has its title beside its figures. */
    private static final double LINE = 4;

    private static final double MOST_OF_LINE = 0.5;
    /** Between title and figures, in heights. */
    private static final double BETWEEN = 0.25;

    private ClockArt() {}

    public static PieceArt draw(Family family, Easel easel, Ask.Clock ask) {
        Laid laid = Laid.of(family, easel, ask.box(), ask.title(), ask.clock());
        List<Mark> marks = new ArrayList<>(laid.ready().marks());
        marks.add(laid.title(easel, family, ask.title()));
        Words.Line ended = Words.line(
                easel.look().heading(),
                ask.ended(),
                laid.px() * 0.6,
                easel.px(Lettering.LEAST),
                laid.room().width(),
                laid.ready().plate().ink());
        List<Mark> end = ask.ended().isBlank()
                ? List.of()
                : List.of(ended.at(
                        easel.tune().align(), laid.room().x(), laid.room().right(), laid.base()));
        marks.add(laid.digits(easel, ask.clock(), end));
        return PieceArt.still(hides(ask) ? List.of(new Mark.Until(ask.clock(), marks)) : marks);
    }

    /**
     * A clock that counts on past zero, with another title then.
     *
     * @param clock counts down
     */
    static List<Mark> pastZero(Family family, Easel easel, Box box, String title, String over, ClockFace clock) {
        // Titles have their place even where they are empty, so that nothing jumps at zero.
        Laid laid = Laid.of(family, easel, box, title + over, clock);
        ClockFace since = new ClockFace(ClockFace.Mode.UP, clock.instant(), 0, 0, clock.format(), clock.zone());
        List<Mark> marks = new ArrayList<>(laid.ready().marks());
        marks.add(new Mark.Until(clock, List.of(laid.title(easel, family, title))));
        marks.add(laid.digits(
                easel, clock, List.of(laid.title(easel, family, over), laid.digits(easel, since, List.of()))));
        return marks;
    }

    /**
     * Where the parts of a clock are.
     *
     * @param px   size of its figures
     * @param left of the first figure's cell
     * @param base of its figures
     * @param words where its title goes
     * @param line whether title and figures stand beside each other
     */
    private record Laid(
            Plates.Ready ready, Box box, double px, double cell, double left, double base, Box words, boolean line) {

        static Laid of(Family family, Easel easel, Box box, String title, ClockFace clock) {
            Plates.Ready ready = Plates.plain(family, easel, box, Plate.Sort.INFO);
            Box room = ready.room();
            Face figures = easel.look().figures();
            double cell = widestDigit(figures);
            double cells = clock.format()
                    .template()
                    .chars()
                    .mapToDouble(c -> c == ':' ? COLON : 1)
                    .sum();
            boolean alone = title.isBlank();
            boolean line = !alone && box.width() > LINE * box.height();
            double px = Math.min(
                    box.height() * (alone ? 0.78 : line ? 0.7 : 0.66),
                    room.width() * (line ? MOST_OF_LINE : 1) / (cell * cells));
            double width = cell * px * cells;
            boolean right = easel.tune().align() == Tune.Align.RIGHT;
            double left = line
                    ? (right ? room.x() : room.right() - width)
                    : switch (easel.tune().align()) {
                        case LEFT -> room.x();
                        case CENTRE -> room.centreX() - width / 2;
                        case RIGHT -> room.right() - width;
                    };
            double base = alone || line
                    ? room.centreY() + Measure.capHeight(figures, px) / 2
                    : box.bottom() - box.height() * 0.15;
            double gap = box.height() * BETWEEN;
            Box words = !line
                    ? room
                    : new Box(
                            right ? room.x() + width + gap : room.x(),
                            room.y(),
                            Math.max(1, room.width() - width - gap),
                            room.height());
            return new Laid(ready, box, px, cell, left, base, words, line);
        }

        Box room() {
            return ready.room();
        }

        Mark title(Easel easel, Family family, String said) {
            Words.Line title = Words.line(
                    easel.look().text(),
                    family.lettering().labelText(said),
                    Math.min(easel.letters(34), box.height() * (line ? 0.4 : 0.19)),
                    easel.px(Lettering.LEAST),
                    words.width(),
                    line ? ready.plate().ink() : ready.plate().quiet());
            double baseline = line ? words.centreY() + title.caps() / 2 : box.y() + box.height() * 0.16 + title.caps();
            return title.at(easel.tune().align(), words.x(), words.right(), baseline);
        }

        Mark digits(Easel easel, ClockFace clock, List<Mark> ended) {
            return new Mark.Digits(
                    clock,
                    easel.look().figures(),
                    px,
                    cells(clock.format().template(), left, cell * px),
                    base,
                    ready.plate().ink(),
                    clock.still(),
                    ended);
        }
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
