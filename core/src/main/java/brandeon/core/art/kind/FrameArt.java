package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Emblem;
import brandeon.core.art.Family;
import brandeon.core.art.Mark;
import brandeon.core.art.Opening;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Plate;
import brandeon.core.art.Ring;
import brandeon.core.canvas.Box;
import java.util.ArrayList;
import java.util.List;

/** A ring around the opening, with a name plate that hangs from it and is as long as the name. */
final class FrameArt {

    private static final double PLATE_HEIGHT = 62;
    private static final double NAME_SIZE = 34;
    private static final double LEAST_NAME_SIZE = 24;
    /** The plate never hides more of the ring's lower edge than this share. */
    private static final double LONGEST = 0.94;

    private FrameArt() {
    }

    static PieceArt draw(Family family, Easel easel, Ask.Frame ask) {
        boolean named = !ask.name().isBlank();
        double border = Math.max(2, Math.rint(easel.px(family.border() * easel.tune().border())));
        double plateHeight = named ? Math.rint(easel.px(PLATE_HEIGHT)) : 0;
        Box room = new Box(ask.box().x() + border, ask.box().y() + border,
                Math.max(1, ask.box().width() - 2 * border), Math.max(1, ask.box().height() - border - Math.max(border, plateHeight)));
        Box opening = (ask.aspect() > 0 ? room.fitted(ask.aspect(), 0.5, 0) : room).snapped();
        Ring ring = family.ring(easel, opening, border);
        List<Mark> marks = new ArrayList<>(ring.marks());
        if (named) {
            Box under = new Box(opening.x() - border, opening.bottom(), opening.width() + 2 * border, plateHeight);
            name(marks, family, easel, under, ask.name());
        }
        double bleed = Math.min(border, Math.max(1, Math.rint(easel.px(Ring.BLEED))));
        return new PieceArt(marks, List.of(), List.of(new Opening(opening, ring.corner(), bleed)));
    }

    private static void name(List<Mark> marks, Family family, Easel easel, Box under, String name) {
        double longest = under.width() * LONGEST;
        Plates.Ready probe = Plates.of(family, easel, new Box(under.x(), under.y(), longest, under.height()), Plate.Sort.NAME, Emblem.Size.SMALL);
        Words.Line line = Words.line(easel.look().heading(), name, easel.letters(NAME_SIZE), easel.px(LEAST_NAME_SIZE), probe.room().width(), probe.plate().ink());
        double width = Math.min(longest, longest - probe.room().width() + line.fit().width());
        double x = switch (easel.tune().align()) {
            case LEFT -> under.x();
            case CENTRE -> under.centreX() - width / 2;
            case RIGHT -> under.right() - width;
        };
        Plates.Ready ready = Plates.of(family, easel, new Box(x, under.y(), Math.max(1, width), under.height()), Plate.Sort.NAME, Emblem.Size.SMALL);
        marks.addAll(ready.marks());
        double base = ready.room().centreY() + line.caps() / 2;
        marks.add(line.at(easel.tune().align(), ready.room().x(), ready.room().right(), base));
    }
}
