package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Emblem;
import brandeon.core.art.Family;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Plate;
import brandeon.core.canvas.Box;
import brandeon.core.motion.Easing;
import brandeon.core.motion.Run;
import brandeon.core.motion.Track;
import java.util.ArrayList;
import java.util.List;

/** What is heard, with a low bar under it that fills while it is; without a bar where nobody said how long it is. */
public final class PlayingArt {

    private static final double BAR = 8;
    private static final double GAP = 8;

    private PlayingArt() {}

    public static PieceArt draw(Family family, Easel easel, Ask.Playing ask) {
        if (ask.run().length() <= 0) {
            return LineArt.draw(
                    family, easel, new Ask.FactLine(ask.canvas(), ask.box(), ask.tune(), ask.label(), ask.value()));
        }
        Plates.Ready ready = Plates.of(family, easel, ask.box(), Plate.Sort.INFO, Emblem.Size.SMALL);
        List<Mark> marks = new ArrayList<>(ready.marks());
        Box room = ready.room();
        double bar = Math.max(3, Math.rint(easel.px(BAR, room.height() * 0.12)));
        double above = room.height() - bar - easel.px(GAP, room.height() * 0.1);
        LineArt.words(
                marks,
                family,
                easel,
                ready.plate(),
                new LineArt.Pair(
                        ask.label(),
                        ask.value(),
                        new Box(room.x(), room.y(), room.width(), above),
                        easel.px(LineArt.LOW)));
        Box way = new Box(room.x(), room.bottom() - bar, room.width(), bar).snapped();
        Run run = ask.run();
        if (run.state() != Run.State.RUNNING) {
            marks.addAll(family.meter(easel, way, Math.clamp((double) run.stands() / run.length(), 0, 1)));
            return PieceArt.still(marks);
        }
        marks.addAll(family.meter(easel, way, 0));
        marks.add(Mark.clipped(Outline.rectangle(way), List.of(Mark.group("heard", family.meter(easel, way, 1)))));
        Track fills = Track.once(
                "heard",
                List.of(Track.Key.still(0).movedBy(-way.width(), 0), Track.Key.still(1)),
                Easing.LINEAR,
                run.length(),
                0,
                run.millis());
        return new PieceArt(marks, List.of(fills), List.of());
    }
}
