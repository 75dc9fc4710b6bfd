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
import java.util.ArrayList;
import java.util.List;

/** What is aimed at, how far it is, and a bar. */
public final class GoalArt {

    private GoalArt() {}

    public static PieceArt draw(Family family, Easel easel, Ask.Goal ask) {
        Plates.Ready ready = Plates.plain(family, easel, ask.box(), Plate.Sort.INFO);
        List<Mark> marks = new ArrayList<>(ready.marks());
        Box room = ready.room();
        double least = easel.px(Lettering.LEAST);
        double size = Math.max(least, Math.min(easel.letters(36), room.height() * 0.34));
        double between = easel.px(18);
        Words.Line wanted = Words.label(
                family.lettering(),
                easel,
                ask.label(),
                room.width(),
                ready.plate().quiet());
        // The figure becomes smaller before the label is shortened.
        double left = Math.clamp(room.width() - between - wanted.fit().width(), room.width() * 0.3, room.width() * 0.5);
        Words.Line figure = Words.line(
                easel.look().figures(),
                ask.figure(),
                size,
                least,
                left,
                ready.plate().ink());
        Words.Line label = Words.label(
                family.lettering(),
                easel,
                ask.label(),
                room.width() - figure.fit().width() - between,
                ready.plate().quiet());
        double bar = Math.max(4, Math.rint(easel.px(22, room.height() * 0.24)));
        double gap = easel.px(14, room.height() * 0.12);
        double top = room.centreY() - (figure.caps() + gap + bar) / 2;
        boolean turned = easel.tune().align() == Tune.Align.RIGHT;
        marks.add(label.at(turned ? Tune.Align.RIGHT : Tune.Align.LEFT, room.x(), room.right(), top + figure.caps()));
        marks.add(figure.at(turned ? Tune.Align.LEFT : Tune.Align.RIGHT, room.x(), room.right(), top + figure.caps()));
        marks.addAll(family.meter(
                easel,
                new Box(room.x(), top + figure.caps() + gap, room.width(), bar).snapped(),
                Math.clamp(ask.share(), 0, 1)));
        return PieceArt.still(marks);
    }
}
