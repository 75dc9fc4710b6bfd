package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Emblem;
import brandeon.core.art.Family;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Plate;
import brandeon.core.motion.Easing;
import brandeon.core.motion.Track;
import java.util.ArrayList;
import java.util.List;

/** Entries that take turns on one plate, by the shared clock: every source shows the same one. At rest the first shows. */
final class RotatorArt {

    private static final double FADE_MILLIS = 350;

    private RotatorArt() {
    }

    static PieceArt draw(Family family, Easel easel, Ask.Rotator ask) {
        Plates.Ready ready = Plates.of(family, easel, ask.box(), Plate.Sort.INFO, Emblem.Size.SMALL);
        List<Mark> marks = new ArrayList<>(ready.marks());
        List<Track> tracks = new ArrayList<>();
        double each = ask.seconds() * 1000;
        double round = each * ask.entries().size();
        for (int i = 0; i < ask.entries().size(); i++) {
            List<Mark> words = new ArrayList<>();
            LineArt.words(words, family, easel, ready.plate(), ready.room(), ask.entries().get(i).label(), ask.entries().get(i).value(), easel.px(LineArt.LOW));
            marks.add(new Mark.Group("entry-" + i, i == 0 ? 1 : 0, new Outline(List.of()), words));
            if (ask.moving() && ask.entries().size() > 1) {
                tracks.add(turn("entry-" + i, each, round, i, easel));
            }
        }
        return new PieceArt(marks, tracks, List.of());
    }

    private static Track turn(String part, double each, double round, int place, Easel easel) {
        double fade = Math.min(FADE_MILLIS, each / 4) / round;
        double shown = each / round;
        double rise = easel.px(16);
        List<Track.Key> keys = List.of(
                Track.Key.still(0).movedBy(0, rise).faded(0), Track.Key.still(fade), Track.Key.still(shown - fade),
                Track.Key.still(shown).movedBy(0, -rise).faded(0), Track.Key.still(1).movedBy(0, rise).faded(0));
        return new Track(part, keys, Easing.EASE_IN_OUT, round, place * each - round, Track.FOREVER, false, 0);
    }
}
