package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Family;
import brandeon.core.art.Mark;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Plate;
import brandeon.core.art.Tune;
import brandeon.core.canvas.Box;
import java.util.ArrayList;
import java.util.List;

/** Two names outside, their figures inside on label plates. */
public final class ScoreArt {

    private ScoreArt() {}

    public static PieceArt draw(Family family, Easel easel, Ask.Score ask) {
        Plates.Ready ready = Plates.plain(family, easel, ask.box(), Plate.Sort.INFO);
        List<Mark> marks = new ArrayList<>(ready.marks());
        Box room = ready.room();
        double cell = Math.min(room.height() * 1.3, room.width() * 0.18);
        double middle = room.centreX();
        half(
                marks,
                family,
                easel,
                ready.plate(),
                new Box(room.x(), room.y(), middle - room.x(), room.height()),
                cell,
                ask.left(),
                ask.leftFigure(),
                false);
        half(
                marks,
                family,
                easel,
                ready.plate(),
                new Box(middle, room.y(), room.right() - middle, room.height()),
                cell,
                ask.right(),
                ask.rightFigure(),
                true);
        return PieceArt.still(marks);
    }

    private static void half(
            List<Mark> marks,
            Family family,
            Easel easel,
            Plate plate,
            Box room,
            double cell,
            String name,
            String figure,
            boolean right) {
        double gap = easel.px(8);
        Words.Line number = Words.line(
                easel.look().figures(),
                figure,
                Math.min(easel.letters(60), room.height() * 0.7),
                easel.px(28),
                cell,
                plate.ink());
        double numberX = right ? room.x() + gap : room.right() - gap - cell;
        marks.add(number.at(Tune.Align.CENTRE, numberX, numberX + cell, room.centreY() + number.caps() / 2));
        Words.Line line = Words.line(
                easel.look().heading(),
                name,
                Math.min(easel.letters(38), room.height() * 0.5),
                easel.px(26),
                room.width() - cell - 3 * gap,
                plate.ink());
        double from = right ? numberX + cell + gap : room.x();
        double to = right ? room.right() : numberX - gap;
        marks.add(line.at(right ? Tune.Align.LEFT : Tune.Align.RIGHT, from, to, room.centreY() + line.caps() / 2));
        if (right) {
            marks.addAll(family.rule(easel, room.x() - gap, room.centreY(), 2 * gap));
        }
    }
}
