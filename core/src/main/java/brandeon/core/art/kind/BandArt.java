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
import brandeon.core.canvas.SafeArea;
import java.util.ArrayList;
import java.util.List;

/**
 * A band along an edge: a label at its beginning, then a message. It reaches the edges; its words stay within the safe
 * area.
 */
public final class BandArt {

    private BandArt() {}

    public static PieceArt draw(Family family, Easel easel, Ask.Band ask) {
        Box box = ask.box();
        Box safe = easel.canvas().safe(SafeArea.GRAPHICS);
        double left = Math.max(box.x() + easel.px(24), safe.x());
        double right = Math.min(box.right() - easel.px(24), safe.right());
        double size = Math.min(easel.letters(36), box.height() * 0.5);
        double least = easel.px(Lettering.LEAST);
        Plate ground = family.plate(easel, box, Plate.Sort.BAND);
        List<Mark> marks = new ArrayList<>(ground.marks());
        double from = left;
        if (!ask.label().isBlank()) {
            Plate probe = family.plate(easel, new Box(box.x(), box.y(), box.width(), box.height()), Plate.Sort.LABEL);
            Words.Line label = Words.line(
                    easel.look().heading(),
                    family.lettering().labelText(ask.label()),
                    size,
                    least,
                    (right - left) * 0.42,
                    probe.ink());
            double after = box.right() - probe.content().right();
            Box tab = new Box(box.x(), box.y(), left - box.x() + label.fit().width() + after, box.height());
            marks.addAll(family.plate(easel, tab, Plate.Sort.LABEL).marks());
            marks.add(label.at(Tune.Align.LEFT, left, tab.right(), box.centreY() + label.caps() / 2));
            from = tab.right() + easel.px(44);
        }
        Words.Line message =
                Words.line(easel.look().text(), ask.message(), size * 0.9, least, right - from, ground.ink());
        marks.add(message.at(easel.tune().align(), from, right, box.centreY() + message.caps() / 2));
        return PieceArt.still(marks);
    }
}
