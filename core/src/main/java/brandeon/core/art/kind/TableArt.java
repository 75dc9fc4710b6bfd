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
import brandeon.core.motion.Track;
import brandeon.core.text.Face;
import brandeon.core.text.Measure;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;

/**
 * Lines of cells on one plate. Columns are as wide as their widest cell on any page, so that nothing moves from page to
 * page. Where they are too wide together, letters get smaller first, then words are shortened, down to three fifths or
 * a few letters, and then the last columns are left out; figures are never shortened.
 */
public final class TableArt {

    private static final String NOTHING = "–";
    /** In units, as all of these. */
    private static final double TALLEST = 72;

    private static final double LEAST_ROW = 34;
    private static final double HEAD = 38;
    private static final double PAD = 10;
    /** Under the line below the title. */
    private static final double UNDER = 8;

    /** Titles up to this width have room of their own. */
    private static final double SHORT_TITLE = 110;

    private static final double GAP = 18;
    /** Share of its width that a word keeps. */
    private static final double KEPT = 0.6;
    /** What is enough of long words. */
    private static final double ENOUGH = 120;

    private static final double LETTERS = 34;
    /** Shares of a line's height. */
    private static final double PICTURE = 0.82;

    private static final double COLOUR = 0.5;
    private static final double WIDEST_PICTURE = 2;
    /** Sizes between the wanted letters and the least, tried one after another. */
    private static final int STEPS = 8;

    private final Family family;
    private final Easel easel;
    private final Ask.Table ask;
    private final List<Ask.Line> lines;
    private final boolean headed;

    private TableArt(Family family, Easel easel, Ask.Table ask) {
        this.family = family;
        this.easel = easel;
        this.ask = ask;
        headed = ask.columns().stream().anyMatch(column -> !column.title().isBlank());
        lines = ask.lines().isEmpty()
                ? List.of(new Ask.Line(
                        IntStream.range(0, ask.columns().size())
                                .mapToObj(i -> Ask.Cell.of(i == 0 ? NOTHING : ""))
                                .toList(),
                        false))
                : ask.lines();
    }

    public static PieceArt draw(Family family, Easel easel, Ask.Table ask) {
        return new TableArt(family, easel, ask).drawn();
    }

    /** How many columns are shown, and how wide each of them is, with letters of a size. */
    private record Widths(double[] each, double size) {
        int shown() {
            return each.length;
        }
    }

    private PieceArt drawn() {
        double title = RowsArt.heading(easel, ask.box().height(), ask.title());
        double under = title > 0 ? easel.px(UNDER) : 0;
        double head = headed ? easel.px(HEAD) : 0;
        double room = Math.max(1, ask.box().height() - title - under - head - 2 * easel.px(PAD));
        int fit = (int) Math.clamp(Math.floor(room / easel.px(LEAST_ROW)), 1, Math.min(ask.page(), lines.size()));
        // Pages are alike, so that the last one is not nearly empty.
        int pages = (lines.size() + fit - 1) / fit;
        int page = (lines.size() + pages - 1) / pages;
        double row = Math.min(easel.px(TALLEST) * easel.tune().spacing(), room / page);
        Box box = new Box(
                ask.box().x(),
                ask.box().y(),
                ask.box().width(),
                Math.min(ask.box().height(), Math.ceil(title + under + head + row * page + 2 * easel.px(PAD))));
        Plates.Ready ready = Plates.plain(family, easel, box, Plate.Sort.INFO);
        List<Mark> marks = new ArrayList<>(ready.marks());
        Box inner = ready.room();
        double y = box.y() + easel.px(PAD);
        if (title > 0) {
            marks.addAll(RowsArt.heading(
                    family, easel, ready.plate(), new Box(inner.x(), y, inner.width(), title), ask.title()));
            y += title + under;
        }
        Widths widths = widths(inner.width(), row);
        if (headed) {
            line(marks, ready.plate(), widths, new Box(inner.x(), y, inner.width(), head), titles(), true);
            y += head;
        }
        List<Track> tracks = new ArrayList<>();
        double each = ask.seconds() * 1000;
        boolean turning = ask.moving() && pages > 1;
        for (int i = 0; i < pages && (turning || i == 0); i++) {
            List<Mark> shown = new ArrayList<>();
            page(
                    shown,
                    ready.plate(),
                    widths,
                    new Box(inner.x(), y, inner.width(), row),
                    lines.subList(i * page, Math.min(lines.size(), (i + 1) * page)));
            String part = "page-" + i;
            marks.add(new Mark.Group(part, i == 0 ? 1 : 0, new Outline(List.of()), shown));
            if (turning) {
                tracks.add(RotatorArt.turn(part, each, each * pages, i * each, easel));
            }
        }
        return new PieceArt(marks, tracks, List.of());
    }

    private void page(List<Mark> marks, Plate plate, Widths widths, Box first, List<Ask.Line> page) {
        for (int i = 0; i < page.size(); i++) {
            Box place = new Box(first.x(), first.y() + i * first.height(), first.width(), first.height());
            if (i > 0 || headed) {
                marks.addAll(RowsArt.separator(easel, place));
            }
            if (page.get(i).chosen()) {
                double width = easel.px(5);
                marks.add(new Mark.Filled(
                        Outline.rounded(
                                new Box(
                                        place.x() - width * 2,
                                        place.y() + place.height() * 0.18,
                                        width,
                                        place.height() * 0.64),
                                width / 2),
                        Paint.of(easel.colour(Role.SECOND_ACCENT))));
            }
            line(marks, plate, widths, place, page.get(i).cells(), false);
        }
    }

    private List<Ask.Cell> titles() {
        return ask.columns().stream()
                .map(column -> Ask.Cell.of(family.lettering().labelText(column.title())))
                .toList();
    }

    private void line(List<Mark> marks, Plate plate, Widths widths, Box place, List<Ask.Cell> cells, boolean titles) {
        double x = place.x();
        for (int i = 0; i < widths.shown(); i++) {
            double width = widths.each()[i];
            Box cell = new Box(x, place.y(), width, place.height());
            Ask.Sort sort = ask.columns().get(i).sort();
            Ask.Cell one = cells.get(i);
            one.picture().ifPresent(still -> marks.add(picture(still, cell)));
            one.colour().ifPresent(colour -> marks.add(swatch(colour, cell)));
            if (!one.text().isBlank()) {
                double size = titles ? titleSize(widths.size()) : widths.size();
                Words.Line words = Words.line(
                        titles ? easel.look().text() : face(i),
                        one.text(),
                        size,
                        Math.min(size, easel.px(Lettering.LEAST)),
                        width,
                        titles || !loud(i) ? plate.quiet() : plate.ink());
                double base = cell.centreY() + words.caps() / 2;
                marks.add(words.at(
                        sort == Ask.Sort.FIGURES ? Tune.Align.RIGHT : Tune.Align.LEFT, cell.x(), cell.right(), base));
            }
            x += width + easel.px(GAP);
        }
    }

    private double titleSize(double size) {
        return Math.min(size, easel.px(Lettering.LEAST) * 1.1);
    }

    /** The first column of words and all figures speak up; what else there is is quieter. */
    private boolean loud(int column) {
        return ask.columns().get(column).sort() == Ask.Sort.FIGURES
                || IntStream.range(0, column)
                        .noneMatch(i -> ask.columns().get(i).sort() == Ask.Sort.WORDS);
    }

    private Face face(int column) {
        return ask.columns().get(column).sort() == Ask.Sort.FIGURES
                ? easel.look().figures()
                : loud(column) ? easel.look().heading() : easel.look().text();
    }

    private static Mark picture(Ask.Still still, Box cell) {
        double height = Math.min(cell.height() * PICTURE, cell.width() / still.aspect());
        double width = height * still.aspect();
        return new Mark.Picture(
                still.name(),
                new Box(cell.centreX() - width / 2, cell.centreY() - height / 2, width, height),
                still.filter());
    }

    private Mark swatch(Colour colour, Box cell) {
        double radius = Math.min(cell.height() * COLOUR, cell.width()) / 2;
        return new Mark.Filled(Outline.circle(cell.centreX(), cell.centreY(), radius), Paint.of(colour));
    }

    private Widths widths(double room, double row) {
        double wanted = Math.min(easel.letters(LETTERS), row * 0.54);
        double least = Math.min(wanted, easel.px(Lettering.LEAST));
        for (int shown = ask.columns().size(); ; shown--) {
            double free = Math.max(1, room - easel.px(GAP) * (shown - 1));
            double size = wanted;
            double[] widths = natural(shown, size, row);
            for (int i = 1; i <= STEPS && sum(widths) > free; i++) {
                size = wanted - (wanted - least) * i / STEPS;
                widths = natural(shown, size, row);
            }
            if (fit(widths, free) || shown == 1) {
                return new Widths(widths, size);
            }
        }
    }

    /** Gives words what is left, or takes from them what they need not keep. @return whether that is enough */
    private boolean fit(double[] widths, double free) {
        double over = sum(widths) - free;
        List<Integer> words = IntStream.range(0, widths.length)
                .filter(i -> ask.columns().get(i).sort() == Ask.Sort.WORDS)
                .boxed()
                .toList();
        if (over <= 0) {
            // The first words take what is left, so that figures stand at the end.
            widths[words.isEmpty() ? 0 : words.getFirst()] -= over;
            return true;
        }
        double give = words.stream().mapToDouble(i -> spare(widths[i])).sum();
        double share = give > 0 ? Math.min(1, over / give) : 0;
        words.forEach(i -> widths[i] -= spare(widths[i]) * share);
        double all = sum(widths);
        boolean enough = all <= free + 1e-6;
        for (int i = 0; i < widths.length && !enough; i++) {
            widths[i] *= free / all;
        }
        return enough;
    }

    /** How much narrower words may be than they are. */
    private double spare(double width) {
        return width - Math.min(width * KEPT, easel.px(ENOUGH));
    }

    /** As wide as the widest cell with letters of a size; long titles make do with that. */
    private double[] natural(int shown, double size, double row) {
        double[] widths = new double[shown];
        for (int i = 0; i < widths.length; i++) {
            int column = i;
            Face face = face(i);
            double cells = lines.stream()
                    .map(line -> line.cells().get(column))
                    .mapToDouble(cell -> cell.picture().isPresent()
                            ? row
                                    * PICTURE
                                    * Math.min(
                                            WIDEST_PICTURE, cell.picture().get().aspect())
                            : cell.colour().isPresent() ? row * COLOUR : Measure.width(face, size, cell.text()))
                    .max()
                    .orElse(0);
            double title = titles().get(i).text().isBlank()
                    ? 0
                    : Math.min(
                            easel.px(SHORT_TITLE),
                            Measure.width(
                                    easel.look().text(),
                                    titleSize(size),
                                    titles().get(i).text()));
            widths[i] = Math.max(1, Math.max(cells, title));
        }
        return widths;
    }

    private static double sum(double[] widths) {
        return Arrays.stream(widths).sum();
    }
}
