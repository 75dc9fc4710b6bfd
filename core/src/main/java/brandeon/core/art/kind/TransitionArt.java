package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Curtain;
import brandeon.core.art.Easel;
import brandeon.core.art.Emblem;
import brandeon.core.art.Family;
import brandeon.core.art.Lettering;
import brandeon.core.art.Mark;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Tune;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.SafeArea;
import brandeon.core.colour.Role;
import brandeon.core.motion.Easing;
import brandeon.core.motion.Track;
import java.util.ArrayList;
import java.util.List;

/** A clip between two scenes: the family's curtain closes, stands with a word on it, and opens. */
public final class TransitionArt {

    /** Share of the clip in which the curtain closes; as long it opens at the end. */
    private static final double MOVING = 0.4;
    /** Share of closing in which one leaf moves; the rest is how far the first is ahead of the last. */
    private static final double ONE_LEAF = 0.6;

    private TransitionArt() {}

    public static PieceArt draw(Family family, Easel easel, Ask.Transition ask) {
        Curtain curtain = family.curtain(easel, ask.box());
        if (easel.tune().align() == Tune.Align.RIGHT) {
            curtain = curtain.mirrored(ask.box().centreX());
        }
        List<Mark> marks = new ArrayList<>();
        List<Track> tracks = new ArrayList<>();
        double closing = ask.millis() * MOVING;
        double one = closing * ONE_LEAF;
        for (int i = 0; i < curtain.leaves().size(); i++) {
            Curtain.Leaf leaf = easel.look().calm()
                    ? fading(curtain.leaves().get(i))
                    : curtain.leaves().get(i);
            marks.add(Mark.group("out-" + i, List.of(Mark.group("in-" + i, leaf.marks()))));
            // What came last lies on top and goes first.
            double wait = (closing - one) * leaf.order();
            tracks.add(Track.once(
                    "in-" + i, List.of(leaf.from(), rest(1, leaf.from())), Easing.EASE_OUT, one, wait, ask.from()));
            tracks.add(Track.once(
                    "out-" + i,
                    List.of(rest(0, leaf.to()), leaf.to()),
                    Easing.EASE_IN,
                    one,
                    ask.millis() - one - wait,
                    ask.from()));
        }
        if (!ask.word().isBlank()) {
            words(marks, family, easel, ask);
            double fade = Math.min(220, ask.millis() * (1 - 2 * MOVING) / 2);
            double from = closing - one * 0.5;
            double until = ask.millis() - closing;
            tracks.add(Track.once(
                    "word",
                    List.of(Track.Key.still(0).faded(0), Track.Key.still(1)),
                    Easing.EASE_OUT,
                    fade,
                    from,
                    ask.from()));
            tracks.add(Track.once(
                    "word-gone",
                    List.of(Track.Key.still(0), Track.Key.still(1).faded(0)),
                    Easing.EASE_IN,
                    fade,
                    until - fade,
                    ask.from()));
        }
        return new PieceArt(marks, tracks, List.of());
    }

    /** Where it covers, only fading. */
    private static Curtain.Leaf fading(Curtain.Leaf leaf) {
        return new Curtain.Leaf(
                leaf.marks(), Track.Key.still(0).faded(0), Track.Key.still(1).faded(0), 0);
    }

    /** At its place, about the same pivot. */
    private static Track.Key rest(double offset, Track.Key of) {
        return new Track.Key(offset, 0, 0, 0, 1, of.pivotX(), of.pivotY(), 1);
    }

    private static void words(List<Mark> marks, Family family, Easel easel, Ask.Transition ask) {
        Box safe = easel.canvas().safe(SafeArea.GRAPHICS);
        double room = safe.width() * 0.8;
        Words.Line line = Words.line(
                easel.look().heading(),
                ask.word(),
                easel.letters(family.lettering().title()),
                easel.px(Lettering.LEAST),
                room,
                easel.colour(Role.TEXT));
        double middle = ask.box().centreY();
        double side = easel.px(150);
        Emblem emblem = easel.tune().ornament() <= 0
                ? Emblem.NONE
                : family.emblem(
                        easel,
                        new Box(ask.box().centreX() - side * 0.3, middle - line.caps() - side * 1.2, side, side),
                        Emblem.Size.LARGE);
        List<Mark> word = new ArrayList<>(emblem.marks());
        word.add(line.at(
                Tune.Align.CENTRE,
                ask.box().centreX() - room / 2,
                ask.box().centreX() + room / 2,
                middle + line.caps() / 2));
        double length = Math.max(easel.px(200), line.fit().width() * 0.6);
        word.addAll(
                family.rule(easel, ask.box().centreX() - length / 2, middle + line.caps() / 2 + easel.px(44), length));
        marks.add(Mark.group("word-gone", List.of(Mark.group("word", word))));
    }
}
