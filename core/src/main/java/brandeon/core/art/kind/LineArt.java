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
public final class LineArt {

    /** Lower than this, in units, label and value stand beside one another. */
    static final double LOW = 72;

    private LineArt() {}

    public static PieceArt draw(Family family, Easel easel, Ask.FactLine ask) {
        Plates.Ready ready = Plates.of(family, easel, ask.box(), Plate.Sort.INFO, Emblem.Size.SMALL);
        List<Mark> marks = new ArrayList<>(ready.marks());
        words(marks, family, easel, ready.plate(), new Pair(ask.label(), ask.value(), ready.room(), easel.px(LOW)));
        return PieceArt.still(marks);
    }

    /** The largest letters that a label and a value may have, in pixels. */
    record Sizes(double label, double value) {

        static final Sizes ANY = new Sizes(Double.MAX_VALUE, Double.MAX_VALUE);

        Sizes least(Sizes other) {
            return new Sizes(Math.min(label, other.label), Math.min(value, other.value));
        }
    }

    /**
     * A label and a value to be set in a room.
     *
     * @param low below this height, in pixels, they stand beside one another
     */
    record Pair(String label, String value, Box room, double low) {

        boolean beside() {
            return room.height() < low && !label.isBlank();
        }
    }

    /** What its letters come to where they may be no larger than usual. */
    private static Sizes sizes(Family family, Easel easel, Plate plate, Pair pair) {
        Fitted fitted = fitted(family, easel, plate, pair, Sizes.ANY);
        return new Sizes(
                pair.label().isBlank() ? Double.MAX_VALUE : fitted.label().fit().px(),
                pair.value().isBlank() ? Double.MAX_VALUE : fitted.value().fit().px());
    }

    /** The largest that all of them can have alike. */
    static Sizes common(Family family, Easel easel, Plate plate, List<Pair> pairs) {
        return pairs.stream().map(pair -> sizes(family, easel, plate, pair)).reduce(Sizes.ANY, Sizes::least);
    }

    static void words(List<Mark> marks, Family family, Easel easel, Plate plate, Pair pair) {
        words(marks, family, easel, plate, pair, Sizes.ANY);
    }

    static void words(List<Mark> marks, Family family, Easel easel, Plate plate, Pair pair, Sizes most) {
        Fitted fitted = fitted(family, easel, plate, pair, most);
        Words.Line first = fitted.label();
        Words.Line second = fitted.value();
        Box room = pair.room();
        if (!pair.beside()) {
            Words.stacked(
                    marks, List.of(first, second), easel.tune().align(), room, easel.px(20, room.height() * 0.18));
            return;
        }
        double taken = taken(easel, first);
        double base = room.centreY() + second.caps() / 2;
        marks.add(first.at(
                easel.tune().align(),
                room.x(),
                room.right()
                        - (easel.tune().align() == Tune.Align.CENTRE
                                ? second.fit().width() + easel.px(18)
                                : 0),
                base));
        marks.add(
                switch (easel.tune().align()) {
                    case LEFT -> second.at(Tune.Align.LEFT, room.x() + taken, room.right(), base);
                    case CENTRE -> second.at(Tune.Align.CENTRE, room.x() + taken, room.right(), base);
                    case RIGHT -> second.at(Tune.Align.RIGHT, room.x(), room.right() - taken, base);
                });
    }

    private record Fitted(Words.Line label, Words.Line value) {}

    private static Fitted fitted(Family family, Easel easel, Plate plate, Pair pair, Sizes most) {
        Lettering lettering = family.lettering();
        Box room = pair.room();
        double least = easel.px(28);
        boolean beside = pair.beside();
        Words.Line label = Words.label(
                lettering,
                easel,
                pair.label(),
                beside ? room.width() * 0.5 : room.width(),
                plate.quiet(),
                most.label());
        double wanted = Math.min(
                most.value(), Math.min(easel.letters(lettering.value()), room.height() * (beside ? 0.62 : 0.5)));
        Words.Line value = Words.line(
                easel.look().heading(),
                pair.value(),
                wanted,
                beside ? easel.px(Lettering.LEAST, least) : least,
                beside ? room.width() - taken(easel, label) : room.width(),
                plate.ink());
        return new Fitted(label, value);
    }

    private static double taken(Easel easel, Words.Line label) {
        return label.fit().width() + easel.px(18);
    }
}
