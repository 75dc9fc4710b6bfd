package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Emblem;
import brandeon.core.art.Family;
import brandeon.core.art.Mark;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Plate;
import java.util.ArrayList;
import java.util.List;

/** A picture for a channel page: a solid plate with the emblem and a heading. */
public final class PanelArt {

    private PanelArt() {}

    public static PieceArt draw(Family family, Easel easel, Ask.Panel ask) {
        Plates.Ready ready = Plates.of(
                family,
                easel,
                ask.box(),
                Plate.Sort.ALERT,
                ask.box().width() > ask.box().height() * 1.6 ? Emblem.Size.LARGE : Emblem.Size.SMALL);
        List<Mark> marks = new ArrayList<>(ready.marks());
        // A reader has this picture before the eyes, not across a room: small letters are fine.
        double least = 9;
        Words.Line line = Words.line(
                easel.look().heading(),
                ask.heading(),
                ask.box().height() * 0.36 * easel.tune().type(),
                least,
                ready.room().width(),
                ready.plate().ink());
        marks.add(line.at(
                easel.tune().align(),
                ready.room().x(),
                ready.room().right(),
                ready.room().centreY() + line.caps() / 2));
        return PieceArt.still(marks);
    }
}
