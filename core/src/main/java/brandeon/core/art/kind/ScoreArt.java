package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Family;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.Paint;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Plate;
import brandeon.core.art.Tune;
import brandeon.core.canvas.Box;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Contrast;
import brandeon.core.colour.Role;
import java.util.ArrayList;
import java.util.List;

/** Two names outside, their figures inside on label plates. */
public final class ScoreArt {

    private static final int MOST_DOTS = 7;
    private static final double DOT = 7;

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
                false);
        half(
                marks,
                family,
                easel,
                ready.plate(),
                new Box(middle, room.y(), room.right() - middle, room.height()),
                cell,
                ask.right(),
                true);
        return PieceArt.still(marks);
    }

    /** As many dots as rounds were won, under the name; more than a few are written. */
    private static void rounds(
            List<Mark> marks, Easel easel, Plate plate, Ask.Side side, double dot, double edge, int way, Box room) {
        Colour colour = side.colour()
                .filter(own -> Contrast.ratio(own, easel.look().palette().colour(Role.PLATE)) >= Contrast.LARGE_OR_EDGE)
                .orElse(plate.ink());
        double y = room.bottom() - dot;
        if (side.rounds() > MOST_DOTS) {
            Words.Line many = Words.line(
                    easel.look().figures(),
                    "×" + side.rounds(),
                    easel.px(24, room.height() * 0.26),
                    easel.px(18),
                    room.width() / 2,
                    plate.quiet());
            marks.add(many.at(
                    way > 0 ? Tune.Align.LEFT : Tune.Align.RIGHT,
                    way > 0 ? edge : room.x(),
                    way > 0 ? room.right() : edge,
                    room.bottom() - many.fit().px() * 0.25));
            return;
        }
        for (int i = 0; i < side.rounds(); i++) {
            marks.add(new Mark.Filled(
                    Outline.circle(edge + way * dot * (1 + 2.8 * i), y, dot), new Paint.Solid(colour)));
        }
    }

    private static Colour readable(Colour ground) {
        return Contrast.ratio(ground, Colour.WHITE) >= Contrast.ratio(ground, Colour.BLACK)
                ? Colour.WHITE
                : Colour.BLACK;
    }

    private static void half(
            List<Mark> marks,
            Family family,
            Easel easel,
            Plate plate,
            Box room,
            double cell,
            Ask.Side side,
            boolean right) {
        double gap = easel.px(8);
        double numberX = right ? room.x() + gap : room.right() - gap - cell;
        Colour ink = side.colour().map(ScoreArt::readable).orElse(plate.ink());
        side.colour()
                .ifPresent(colour -> marks.add(new Mark.Filled(
                        Outline.rounded(
                                new Box(numberX, room.y(), cell, room.height()),
                                easel.look().corner() * easel.px(14)),
                        new Paint.Solid(colour))));
        Words.Line number = Words.line(
                easel.look().figures(),
                side.figure(),
                Math.min(easel.letters(60), room.height() * 0.7),
                easel.px(28),
                cell,
                ink);
        marks.add(number.at(Tune.Align.CENTRE, numberX, numberX + cell, room.centreY() + number.caps() / 2));
        Words.Line line = Words.line(
                easel.look().heading(),
                side.name(),
                Math.min(easel.letters(38), room.height() * 0.5),
                easel.px(26),
                room.width() - cell - 3 * gap,
                plate.ink());
        double from = right ? numberX + cell + gap : room.x();
        double to = right ? room.right() : numberX - gap;
        double won = side.rounds() > 0 ? easel.px(DOT, room.height() * 0.14) : 0;
        marks.add(
                line.at(right ? Tune.Align.LEFT : Tune.Align.RIGHT, from, to, room.centreY() + line.caps() / 2 - won));
        rounds(marks, easel, plate, side, won, right ? from : to, right ? 1 : -1, room);
        if (right) {
            marks.addAll(family.rule(easel, room.x() - gap, room.centreY(), 2 * gap));
        }
    }
}
