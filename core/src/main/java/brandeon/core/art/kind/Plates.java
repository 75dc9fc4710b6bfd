package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Emblem;
import brandeon.core.art.Family;
import brandeon.core.art.Mark;
import brandeon.core.art.Mirror;
import brandeon.core.art.Plate;
import brandeon.core.art.Tune;
import brandeon.core.canvas.Box;
import java.util.ArrayList;
import java.util.List;

/** A family's plates with its emblem, turned the way a piece is aligned, and plates as long as their words. */
public final class Plates {

    /** Share of a plate's length that a picture may take. */
    private static final double MOST_OF_PLATE = 0.34;
    /** Between a picture and words, in heights of the room. */
    private static final double BETWEEN = 0.16;

    private Plates() {}

    /** A plate, its emblem, and the room that is left for words. */
    public record Ready(Plate plate, List<Mark> emblem, Box room) {

        /** Ground, decoration and emblem. */
        public List<Mark> marks() {
            List<Mark> all = new ArrayList<>(plate.marks());
            all.addAll(emblem);
            return all;
        }
    }

    public static Ready of(Family family, Easel easel, Box box, Plate.Sort sort, Emblem.Size size) {
        Plate plate = family.plate(easel, box, sort);
        Emblem emblem =
                easel.tune().align() == Tune.Align.CENTRE || easel.tune().ornament() <= 0
                        ? Emblem.NONE
                        : family.emblem(easel, plate.content(), size);
        double taken = Math.min(emblem.width(), plate.content().width() * 0.5);
        Box room = new Box(
                plate.content().x() + taken,
                plate.content().y(),
                plate.content().width() - taken,
                plate.content().height());
        if (easel.tune().align() != Tune.Align.RIGHT) {
            return new Ready(plate, emblem.marks(), room);
        }
        double axis = box.centreX();
        return new Ready(
                plate.mirrored(box),
                Mirror.across(axis, emblem.marks()),
                new Box(2 * axis - room.right(), room.y(), room.width(), room.height()));
    }

    public static Ready plain(Family family, Easel easel, Box box, Plate.Sort sort) {
        Plate plate = family.plate(easel, box, sort);
        Plate turned = easel.tune().align() == Tune.Align.RIGHT ? plate.mirrored(box) : plate;
        return new Ready(turned, List.of(), turned.content());
    }

    /** A picture, and the room that it leaves for words. */
    public record Beside(Mark picture, Box room) {}

    /** A plate with a picture where its emblem would be, as high as its words may be and at most a third as long. */
    public static Ready beside(Family family, Easel easel, Box box, Plate.Sort sort, Ask.Still picture) {
        Ready plain = plain(family, easel, box, sort);
        Beside beside = beside(easel, plain.room(), picture, MOST_OF_PLATE);
        return new Ready(plain.plate(), List.of(beside.picture()), beside.room());
    }

    /**
     * A picture at the beginning of a room, or in the middle of it where it may have all of it.
     *
     * @param widest share of the room's width that it may take
     */
    static Beside beside(Easel easel, Box room, Ask.Still picture, double widest) {
        double height = Math.min(room.height(), room.width() * widest / picture.aspect());
        double width = height * picture.aspect();
        boolean right = easel.tune().align() == Tune.Align.RIGHT;
        double x = widest >= 1 ? room.centreX() - width / 2 : right ? room.right() - width : room.x();
        Box place = new Box(x, room.centreY() - height / 2, width, height);
        double taken = width + room.height() * BETWEEN;
        Box left = new Box(
                right ? room.x() : room.x() + taken, room.y(), Math.max(1, room.width() - taken), room.height());
        return new Beside(new Mark.Picture(picture.name(), place, picture.filter()), left);
    }

    /** How much longer a plate of a height is than its words. */
    public static double beside(Family family, Easel easel, double height, Plate.Sort sort) {
        Box probe = new Box(0, 0, height * 20, height);
        return probe.width() - family.plate(easel, probe, sort).content().width();
    }
}
