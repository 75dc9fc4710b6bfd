package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Family;
import brandeon.core.art.Lettering;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.Paint;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Plate;
import brandeon.core.art.Tune;
import brandeon.core.canvas.Box;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Role;
import brandeon.core.text.Measure;
import java.util.ArrayList;
import java.util.List;

/**
 * Rows of facts on one plate: supporters, a schedule, an agenda, a queue. Stacked with rules between, label at
 * the left and value at the right, or beside one another.
 */
public final class RowsArt {

    /** Tallest row, in units; few rows do not fill a tall piece. */
    private static final double TALLEST = 86;

    private static final double TITLE = 64;
    private static final double LEAST_ROW = 34;
    /** From this height on, in units, a label that does not fit beside its value stands above it. */
    private static final double STACKED_FROM = 60;

    private RowsArt() {}

    public static PieceArt draw(Family family, Easel easel, Ask.Rows ask) {
        if (ask.rows().isEmpty()) {
            return PieceArt.nothing();
        }
        return ask.inARow() ? bar(family, easel, ask) : stack(family, easel, ask);
    }

    private static PieceArt stack(Family family, Easel easel, Ask.Rows ask) {
        double title = heading(easel, ask.box().height(), ask.title());
        double room = ask.box().height() - title - easel.px(20);
        int shown = (int)
                Math.clamp(Math.floor(room / easel.px(LEAST_ROW)), 1, ask.rows().size());
        double row = Math.min(easel.px(TALLEST) * easel.tune().spacing(), room / shown);
        Box box = new Box(
                ask.box().x(),
                ask.box().y(),
                ask.box().width(),
                Math.min(ask.box().height(), Math.ceil(title + row * shown + easel.px(20))));
        Plates.Ready ready = Plates.plain(family, easel, box, Plate.Sort.INFO);
        List<Mark> marks = new ArrayList<>(ready.marks());
        Box inner = ready.room();
        double y = box.y() + easel.px(10);
        if (title > 0) {
            marks.addAll(
                    heading(family, easel, ready.plate(), new Box(inner.x(), y, inner.width(), title), ask.title()));
            y += title;
        }
        boolean above = row >= easel.px(STACKED_FROM)
                && ask.rows().stream().limit(shown).anyMatch(one -> !besides(family, easel, inner.width(), row, one));
        Box first = new Box(inner.x(), y, inner.width(), row);
        LineArt.Sizes most = LineArt.common(
                family,
                easel,
                ready.plate(),
                ask.rows().stream()
                        .limit(above ? shown : 0)
                        .map(one -> pair(easel, first, one))
                        .toList());
        for (int i = 0; i < shown; i++) {
            Box place = new Box(inner.x(), y, inner.width(), row);
            if (i > 0) {
                marks.addAll(separator(easel, place));
            }
            if (above && !ask.marked() && !ask.rows().get(i).value().isBlank()) {
                LineArt.words(
                        marks,
                        family,
                        easel,
                        ready.plate(),
                        pair(easel, place, ask.rows().get(i)),
                        most);
            } else {
                row(marks, family, easel, ready.plate(), place, ask.rows().get(i), ask.marked());
            }
            y += row;
        }
        return PieceArt.still(marks);
    }

    /** Height of what stands above rows, in pixels; 0 where nothing does. */
    static double heading(Easel easel, double height, String title) {
        return title.isBlank() ? 0 : easel.px(TITLE, height * 0.25);
    }

    /** What stands above rows, with a line under it. */
    static List<Mark> heading(Family family, Easel easel, Plate plate, Box place, String title) {
        Words.Line line = Words.line(
                easel.look().heading(),
                family.lettering().labelText(title),
                Math.min(easel.letters(36), place.height() * 0.6),
                easel.px(Lettering.LEAST),
                place.width(),
                plate.ink());
        List<Mark> marks = new ArrayList<>();
        marks.add(line.at(easel.tune().align(), place.x(), place.right(), place.centreY() + line.caps() / 2));
        marks.addAll(family.rule(easel, place.x(), place.bottom(), place.width()));
        return marks;
    }

    private static LineArt.Pair pair(Easel easel, Box place, Ask.Row row) {
        return new LineArt.Pair(
                row.label(),
                row.value(),
                new Box(place.x(), place.y() + easel.px(7), place.width(), place.height() - easel.px(14)),
                0);
    }

    /** Whether a label fits beside its value without being shortened. */
    private static boolean besides(Family family, Easel easel, double width, double height, Ask.Row row) {
        double size = Math.min(easel.letters(36), height * 0.54);
        double label = Measure.width(
                easel.look().text(),
                easel.px(family.lettering().label()),
                family.lettering().labelText(row.label()));
        return label + easel.px(16) + Measure.width(easel.look().heading(), size, row.value()) <= width;
    }

    /** What parts a row from the one above it. */
    static List<Mark> separator(Easel easel, Box place) {
        return switch (easel.tune().separator()) {
            case LINE -> List.of(hairline(easel, place));
            case DOTS -> {
                double radius = Math.max(1, easel.px(3));
                yield java.util.stream.IntStream.of(-1, 0, 1)
                        .<Mark>mapToObj(i -> new Mark.Filled(
                                Outline.circle(place.centreX() + i * radius * 5, Math.rint(place.y()), radius),
                                Paint.of(easel.colour(Role.SECOND_ACCENT))))
                        .toList();
            }
            case NONE -> List.of();
        };
    }

    private static Mark hairline(Easel easel, Box place) {
        return new Mark.Stroked(
                Outline.pen()
                        .move(place.x(), Math.rint(place.y()) + 0.5)
                        .line(place.right(), Math.rint(place.y()) + 0.5)
                        .outline(),
                Paint.of(easel.colour(Role.EDGE), 0.35),
                1);
    }

    private static void row(
            List<Mark> marks, Family family, Easel easel, Plate plate, Box place, Ask.Row row, boolean marked) {
        double mark = marked ? Math.min(place.height() * 0.62, easel.px(44)) : 0;
        if (marked) {
            state(marks, easel, place.x() + mark * 0.36, place.centreY(), mark * 0.3, row.state());
        }
        Box room = new Box(place.x() + mark, place.y(), Math.max(1, place.width() - mark), place.height());
        boolean done = row.state() == Ask.State.DONE;
        Colour ink = done ? plate.quiet() : plate.ink();
        double size = Math.min(easel.letters(36), place.height() * 0.54);
        double least = Math.min(size, easel.px(Lettering.LEAST));
        if (row.value().isBlank()) {
            Words.Line line = Words.line(
                    marked ? easel.look().text() : easel.look().heading(),
                    row.label(),
                    marked ? size * 0.9 : size,
                    least,
                    room.width(),
                    ink);
            marks.add(line.at(easel.tune().align(), room.x(), room.right(), room.centreY() + line.caps() / 2));
            return;
        }
        Words.Line value = Words.line(easel.look().heading(), row.value(), size, least, room.width() * 0.58, ink);
        double left = room.width() - value.fit().width() - easel.px(16);
        Words.Line label = Words.line(
                easel.look().text(),
                family.lettering().labelText(row.label()),
                Math.max(least, Math.min(easel.letters(family.lettering().label()), size)),
                least,
                left,
                plate.quiet());
        double base = room.centreY() + value.caps() / 2;
        boolean turned = easel.tune().align() == Tune.Align.RIGHT;
        marks.add(label.at(turned ? Tune.Align.RIGHT : Tune.Align.LEFT, room.x(), room.right(), base));
        marks.add(value.at(turned ? Tune.Align.LEFT : Tune.Align.RIGHT, room.x(), room.right(), base));
    }

    /** An open ring, a filled one for now, a tick for done. */
    private static void state(List<Mark> marks, Easel easel, double x, double y, double radius, Ask.State state) {
        switch (state) {
            case OPEN ->
                marks.add(new Mark.Stroked(
                        Outline.circle(x, y, radius), Paint.of(easel.colour(Role.EDGE)), easel.line(2.5)));
            case NOW ->
                marks.add(new Mark.Filled(Outline.circle(x, y, radius), Paint.of(easel.colour(Role.SECOND_ACCENT))));
            case DONE ->
                marks.add(new Mark.Stroked(
                        Outline.pen()
                                .move(x - radius, y)
                                .line(x - radius * 0.25, y + radius * 0.8)
                                .line(x + radius * 1.1, y - radius * 0.8)
                                .outline(),
                        Paint.of(easel.colour(Role.GOOD)),
                        easel.line(4)));
        }
    }

    private static PieceArt bar(Family family, Easel easel, Ask.Rows ask) {
        Plates.Ready ready = Plates.plain(family, easel, ask.box(), Plate.Sort.INFO);
        List<Mark> marks = new ArrayList<>(ready.marks());
        double cell = ready.room().width() / Math.max(1, ask.rows().size());
        List<LineArt.Pair> pairs = new ArrayList<>();
        for (int i = 0; i < ask.rows().size(); i++) {
            double x = ready.room().x() + i * cell;
            if (i > 0 && easel.tune().separator() == Tune.Separator.DOTS) {
                marks.add(new Mark.Filled(
                        Outline.circle(x, ready.room().centreY(), Math.max(1, easel.px(4))),
                        Paint.of(easel.colour(Role.SECOND_ACCENT))));
            } else if (i > 0 && easel.tune().separator() == Tune.Separator.LINE) {
                double line = Math.rint(x) + 0.5;
                marks.add(new Mark.Stroked(
                        Outline.pen()
                                .move(line, ready.room().y() + ready.room().height() * 0.2)
                                .line(line, ready.room().bottom() - ready.room().height() * 0.2)
                                .outline(),
                        Paint.of(easel.colour(Role.EDGE), 0.5),
                        easel.line(1.5)));
            }
            double pad = i == 0 ? 0 : easel.px(16) * easel.tune().spacing();
            Box room = new Box(
                    x + pad,
                    ready.room().y(),
                    Math.max(1, cell - pad - easel.px(16)),
                    ready.room().height());
            Ask.Row row = ask.rows().get(i);
            pairs.add(new LineArt.Pair(
                    row.value().isBlank() ? "" : row.label(),
                    row.value().isBlank() ? row.label() : row.value(),
                    room,
                    easel.px(LineArt.LOW)));
        }
        // What stands beside one another has the same size, and so the same baseline.
        LineArt.Sizes most = LineArt.common(family, easel, ready.plate(), pairs);
        pairs.forEach(pair -> LineArt.words(marks, family, easel, ready.plate(), pair, most));
        return PieceArt.still(marks);
    }
}
