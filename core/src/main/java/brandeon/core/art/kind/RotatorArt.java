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
import brandeon.core.motion.Track;
import brandeon.core.motion.Turns;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/**
 * Entries that take turns on one plate, by the shared clock: every source shows the same one. At rest the first shows.
 */
public final class RotatorArt {

    private static final double FADE_MILLIS = 350;
    /** Share of the room that a picture takes beside words. */
    private static final double WIDEST = 0.4;

    private RotatorArt() {}

    public static PieceArt draw(Family family, Easel easel, Ask.Rotator ask) {
        // A picture of its own stands where the family's emblem would.
        boolean pictured =
                ask.entries().stream().anyMatch(entry -> entry.picture().isPresent());
        Plates.Ready ready = pictured
                ? Plates.plain(family, easel, ask.box(), Plate.Sort.INFO)
                : Plates.of(family, easel, ask.box(), Plate.Sort.INFO, Emblem.Size.SMALL);
        List<Mark> marks = new ArrayList<>(ready.marks());
        List<Track> tracks = new ArrayList<>();
        Turns turns = ask.turns();
        boolean turning = ask.turning();
        OptionalInt standing = ask.standing();
        long ahead = turning ? Math.floorMod(ask.ahead(), turns.round()) : 0;
        for (int i = 0; i < ask.entries().size(); i++) {
            Ask.Entry entry = ask.entries().get(i);
            List<Mark> shown = new ArrayList<>();
            Box room = ready.room();
            if (entry.picture().isPresent()) {
                boolean alone = entry.label().isBlank() && entry.value().isBlank();
                Plates.Beside beside =
                        Plates.beside(easel, room, entry.picture().get(), alone ? 1 : WIDEST);
                shown.add(beside.picture());
                room = alone ? room : beside.room();
            }
            LineArt.words(
                    shown,
                    family,
                    easel,
                    ready.plate(),
                    new LineArt.Pair(entry.label(), entry.value(), room, easel.px(LineArt.LOW)));
            marks.add(new Mark.Group("entry-" + i, standing.orElse(0) == i ? 1 : 0, new Outline(List.of()), shown));
            if (turning) {
                tracks.add(turn("entry-" + i, turns.millis().get(i), turns.round(), turns.begins(i) - ahead, easel));
            }
        }
        if (turning && ask.pause() > 0) {
            // In the pause the plate goes too.
            tracks.add(rest(turns.round() - turns.pause(), turns.round(), ahead));
            marks = List.of(Mark.group("all", marks));
        }
        if (standing.isEmpty()) {
            // It stands still in the pause between two rounds.
            return PieceArt.still(List.of(new Mark.Group("all", 0, new Outline(List.of()), marks)));
        }
        return new PieceArt(marks, tracks, List.of());
    }

    private static Track rest(double shown, double round, double ahead) {
        double until = shown / round;
        double fade = Math.min(FADE_MILLIS / round, until / 4);
        List<Track.Key> keys = List.of(
                Track.Key.still(0).faded(0),
                Track.Key.still(fade),
                Track.Key.still(until - fade),
                Track.Key.still(until).faded(0),
                Track.Key.still(1).faded(0));
        return new Track("all", keys, Easing.EASE_IN_OUT, round, -round - ahead, Track.FOREVER, false, 0);
    }

    /** Something that stands for its time in each round, and comes and goes. All lengths are milliseconds. */
    static Track turn(String part, double each, double round, double from, Easel easel) {
        double fade = Math.min(FADE_MILLIS, each / 4) / round;
        double shown = each / round;
        double rise = easel.px(16);
        List<Track.Key> keys = List.of(
                Track.Key.still(0).movedBy(0, rise).faded(0),
                Track.Key.still(fade),
                Track.Key.still(shown - fade),
                Track.Key.still(shown).movedBy(0, -rise).faded(0),
                Track.Key.still(1).movedBy(0, rise).faded(0));
        return new Track(part, keys, Easing.EASE_IN_OUT, round, from - round, Track.FOREVER, false, 0);
    }
}
