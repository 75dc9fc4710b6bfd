package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Emblem;
import brandeon.core.art.Family;
import brandeon.core.art.Lettering;
import brandeon.core.art.Mark;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Plate;
import brandeon.core.art.Tune;
import brandeon.core.canvas.Box;
import java.util.ArrayList;
import java.util.List;

/** A fact with its label: label above value, or before it where the piece is low. */
final class LineArt {

    /** Lower than this, in units, label and value stand beside one another. */
    static final double LOW = 72;

    private LineArt() {
    }

    static PieceArt draw(Family family, Easel easel, Ask.FactLine ask) {
        Plates.Ready ready = Plates.of(family, easel, ask.box(), Plate.Sort.INFO, Emblem.Size.SMALL);
        List<Mark> marks = new ArrayList<>(ready.marks());
        words(marks, family, easel, ready.plate(), ready.room(), ask.label(), ask.value(), easel.px(LOW));
        return PieceArt.still(marks);
    }

    /**
     * Label and value in a room.
     *
     * @param low below this height, in pixels, they stand beside one another
     */
    static void words(List<Mark> marks, Family family, Easel easel, Plate plate, Box room, String label, String value, double low) {
        Lettering lettering = family.lettering();
        double least = easel.px(28);
        if (room.height() < low && !label.isBlank()) {
            Words.Line first = Words.label(lettering, easel, label, room.width() * 0.5, plate.quiet());
            double taken = first.fit().width() + easel.px(18);
            Words.Line second = Words.line(easel.look().heading(), value, Math.min(easel.letters(lettering.value()), room.height() * 0.62), Math.min(easel.px(Lettering.LEAST), least), room.width() - taken, plate.ink());
            double base = room.centreY() + second.caps() / 2;
            marks.add(first.at(easel.tune().align(), room.x(), room.right() - (easel.tune().align() == Tune.Align.CENTRE ? second.fit().width() + easel.px(18) : 0), base));
            marks.add(switch (easel.tune().align()) {
                case LEFT -> second.at(Tune.Align.LEFT, room.x() + taken, room.right(), base);
                case CENTRE -> second.at(Tune.Align.CENTRE, room.x() + taken, room.right(), base);
                case RIGHT -> second.at(Tune.Align.RIGHT, room.x(), room.right() - taken, base);
            });
            return;
        }
        Words.stacked(marks, List.of(
                Words.label(lettering, easel, label, room.width(), plate.quiet()),
                Words.line(easel.look().heading(), value, Math.min(easel.letters(lettering.value()), room.height() * 0.5), least, room.width(), plate.ink())),
                easel.tune().align(), room, Math.min(easel.px(20), room.height() * 0.18));
    }
}
