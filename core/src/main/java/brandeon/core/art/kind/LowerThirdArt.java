package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Emblem;
import brandeon.core.art.Family;
import brandeon.core.art.Lettering;
import brandeon.core.art.Mark;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Plate;
import brandeon.core.canvas.Box;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** A name on a plate and a line on a lower one; each plate is as long as its words, up to the box. */
public final class LowerThirdArt {

    private static final double NAME_SHARE = 0.6;

    private LowerThirdArt() {}

    public static PieceArt draw(Family family, Easel easel, Ask.LowerThird ask) {
        List<Mark> marks = new ArrayList<>();
        boolean alone = ask.line().isBlank();
        double height = Math.rint(ask.box().height() * (alone ? 1 : NAME_SHARE));
        Box upper = new Box(ask.box().x(), ask.box().y(), ask.box().width(), height);
        plate(
                marks,
                family,
                easel,
                upper,
                Plate.Sort.INFO,
                ask.name(),
                Math.min(easel.letters(54), height * 0.56),
                easel.px(30),
                Emblem.Size.SMALL,
                ask.moving());
        if (!alone) {
            Box lower = new Box(
                    ask.box().x(), upper.bottom(), ask.box().width(), ask.box().height() - height);
            plate(
                    marks,
                    family,
                    easel,
                    lower,
                    Plate.Sort.LABEL,
                    family.lettering().labelText(ask.line()),
                    Math.max(easel.px(Lettering.LEAST), Math.min(easel.letters(30), lower.height() * 0.5)),
                    easel.px(Lettering.LEAST),
                    null,
                    ask.moving());
        }
        return PieceArt.still(marks);
    }

    private static void plate(
            List<Mark> marks,
            Family family,
            Easel easel,
            Box most,
            Plate.Sort sort,
            String words,
            double size,
            double least,
            Emblem.Size emblem,
            boolean moving) {
        Plates.Ready probe = ready(family, easel, most, sort, emblem);
        Words.Line line = Words.line(
                sort == Plate.Sort.LABEL ? easel.look().text() : easel.look().heading(),
                words,
                size,
                least,
                probe.room().width(),
                probe.plate().ink());
        double width = Math.min(
                most.width(),
                Math.ceil(most.width() - probe.room().width() + line.fit().width()));
        double x = switch (easel.tune().align()) {
            case LEFT -> most.x();
            case CENTRE -> most.centreX() - width / 2;
            case RIGHT -> most.right() - width;
        };
        Plates.Ready ready = ready(family, easel, new Box(x, most.y(), width, most.height()), sort, emblem);
        Mark said = line.at(
                easel.tune().align(),
                ready.room().x(),
                ready.room().right(),
                ready.room().centreY() + line.caps() / 2);
        if (moving) {
            String which = sort == Plate.Sort.LABEL ? "lower" : "upper";
            String edge = easel.tune().align().name().toLowerCase(Locale.ROOT);
            // By these names painters know what grows and shrinks, and what fades into what.
            marks.add(Mark.group("plate-" + edge + "-" + which, ready.marks()));
            marks.add(Mark.group("words-" + which, List.of(said)));
        } else {
            marks.addAll(ready.marks());
            marks.add(said);
        }
    }

    private static Plates.Ready ready(Family family, Easel easel, Box box, Plate.Sort sort, Emblem.Size emblem) {
        return emblem == null ? Plates.plain(family, easel, box, sort) : Plates.of(family, easel, box, sort, emblem);
    }
}
