package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Family;
import brandeon.core.art.Lettering;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Plate;
import brandeon.core.art.Tune;
import brandeon.core.canvas.Box;
import brandeon.core.colour.NameColours;
import brandeon.core.colour.Role;
import brandeon.core.motion.Easing;
import brandeon.core.motion.Track;
import brandeon.core.text.Measure;
import brandeon.core.text.Wrap;
import java.util.ArrayList;
import java.util.List;

/**
 * Lines of a chat on a see-through plate: the newest at the bottom, the older the fainter, each wrapped to its room,
 * the same name always in the same colour.
 */
public final class ChatArt {

    private static final double SIZE = 30;
    private static final double LINE = 1.36;
    /** What is left of the oldest line. */
    private static final double FAINTEST = 0.3;

    private static final int MOST_LINES = 3;
    private static final double GOES_MILLIS = 600;
    private static final List<Track.Key> GOES =
            List.of(Track.Key.still(0), Track.Key.still(1).faded(0));
    /** From this width on, in sizes of letters, a name and its words stand beside one another. */
    private static final double WIDE = 17;

    private ChatArt() {}

    public static PieceArt draw(Family family, Easel easel, Ask.Chat ask) {
        Plates.Ready ready = Plates.plain(family, easel, ask.box(), Plate.Sort.INFO);
        List<Mark> marks = new ArrayList<>(ready.marks());
        List<Track> tracks = new ArrayList<>();
        double size = Math.max(
                easel.px(Lettering.LEAST),
                Math.min(easel.letters(SIZE), ask.box().height() * 0.5));
        double step = size * LINE * easel.tune().spacing();
        Box room = new Box(
                ready.room().x(),
                ready.room().y() + size * 0.4,
                ready.room().width(),
                Math.max(1, ready.room().height() - size * 0.8));
        double bottom = room.bottom() - Measure.descent(easel.look().text(), size);
        for (int i = ask.lines().size() - 1; i >= 0; i--) {
            List<Mark> said = message(easel, ready.plate(), ask.lines().get(i), room, size);
            double height = (said.size() - 1) * step;
            if (bottom - height - Measure.capHeight(easel.look().text(), size) < room.y()) {
                break;
            }
            int age = ask.lines().size() - 1 - i;
            double opacity = ask.fading() ? Math.max(FAINTEST, 1 - age * 0.16) : 1;
            Mark line = new Mark.Group("", opacity, new Outline(List.of()), moved(said, bottom - height, step));
            long until = ask.until().get(i);
            if (until > 0) {
                marks.add(Mark.group("line-" + i, List.of(line)));
                tracks.add(new Track("line-" + i, GOES, Easing.EASE_IN_OUT, GOES_MILLIS, 0, 1, false, until));
            } else {
                marks.add(line);
            }
            bottom -= height + step * 1.1;
        }
        return new PieceArt(marks, tracks, List.of());
    }

    /** A name and what it says: beside one another where the room is wide, else one above the other. */
    private static List<Mark> message(Easel easel, Plate plate, Ask.Row row, Box room, double size) {
        List<Mark> lines = new ArrayList<>();
        boolean above = room.width() < size * WIDE;
        Tune.Align align = easel.tune().align() == Tune.Align.RIGHT ? Tune.Align.RIGHT : Tune.Align.LEFT;
        Words.Line name = Words.line(
                easel.look().heading(),
                row.label(),
                size,
                size,
                above || row.value().isBlank() ? room.width() : room.width() * 0.4,
                NameColours.of(row.label(), easel.colour(Role.PLATE)));
        Mark named = name.at(align, room.x(), room.right(), 0);
        if (row.value().isBlank()) {
            return List.of(named);
        }
        double taken = above ? 0 : name.fit().width() + size * 0.5;
        if (above) {
            lines.add(named);
        }
        List<String> wrapped =
                Wrap.lines(easel.look().text(), size, row.value(), Math.max(1, room.width() - taken), MOST_LINES);
        for (int i = 0; i < wrapped.size(); i++) {
            Words.Line line =
                    Words.line(easel.look().text(), wrapped.get(i), size, size, room.width() - taken, plate.ink());
            Mark words = align == Tune.Align.RIGHT
                    ? line.at(align, room.x(), room.right() - taken, 0)
                    : line.at(align, room.x() + taken, room.right(), 0);
            lines.add(i == 0 && !above ? Mark.group("", List.of(named, words)) : words);
        }
        return lines;
    }

    /** Lines that were set on a baseline of 0, one under another from a baseline on. */
    private static List<Mark> moved(List<Mark> lines, double first, double step) {
        List<Mark> placed = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            placed.add(down(lines.get(i), first + i * step));
        }
        return placed;
    }

    private static Mark down(Mark mark, double by) {
        return switch (mark) {
            case Mark.Text t ->
                new Mark.Text(t.text(), t.face(), t.px(), t.x(), t.y() + by, t.anchor(), t.colour(), t.clamp());
            case Mark.Group g ->
                Mark.group(
                        g.part(),
                        g.marks().stream().map(inner -> down(inner, by)).toList());
            default -> mark;
        };
    }
}
