package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Family;
import brandeon.core.art.Lettering;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.PieceArt;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.SafeArea;
import brandeon.core.canvas.Shape;
import brandeon.core.colour.Role;
import java.util.ArrayList;
import java.util.List;

/** A full-canvas screen: the family's scenery, the title, a rule, and a line under it. */
public final class ScreenArt {

    private static final double LEAST_TITLE_SIZE = 64;
    /** Room for a title of two lines. */
    private static final double TITLE_HEIGHT = 290;

    private static final double LINE_SIZE = 42;
    private static final double LEAST_LINE_SIZE = 28;

    private ScreenArt() {}

    public static PieceArt draw(Family family, Easel easel, Ask.Screen ask) {
        PieceArt scenery = family.screen(easel, ask.box(), ask.moving());
        List<Mark> marks = new ArrayList<>(scenery.marks());
        marks.add(new Mark.Bed(Outline.rectangle(ask.box())));
        words(marks, family, easel, ask);
        return new PieceArt(marks, ask.moving() ? scenery.tracks() : List.of(), List.of());
    }

    private static void words(List<Mark> marks, Family family, Easel easel, Ask.Screen ask) {
        boolean upright = easel.canvas().shape() == Shape.UPRIGHT;
        Box safe = easel.canvas().safe(SafeArea.GRAPHICS);
        Lettering lettering = family.lettering();
        double left = safe.x() + easel.px(22);
        double right = switch (easel.tune().align()) {
            case LEFT -> left + safe.width() * (upright ? 0.95 : 0.62) - easel.px(22);
            case CENTRE, RIGHT -> safe.right() - easel.px(22);
        };
        double room = right - left;
        List<Words.Line> title = Words.block(
                easel.look().heading(),
                ask.title(),
                easel.letters(lettering.title()),
                easel.px(LEAST_TITLE_SIZE),
                room,
                easel.px(TITLE_HEIGHT),
                easel.colour(Role.TEXT));
        double step = title.getFirst().fit().px() * Words.STEP;
        double baseline = ask.box().y() + ask.box().height() * (upright ? 0.2 : 0.33) + (title.size() - 1) * step * 0.4;
        for (int i = 0; i < title.size(); i++) {
            marks.add(title.get(i).at(easel.tune().align(), left, right, baseline - (title.size() - 1 - i) * step));
        }
        double length = Math.min(
                room,
                Math.max(
                        easel.px(260),
                        title.stream()
                                        .mapToDouble(line -> line.fit().width())
                                        .max()
                                        .orElse(0)
                                * 0.6));
        double ruleX = switch (easel.tune().align()) {
            case LEFT -> left;
            case CENTRE -> (left + right - length) / 2;
            case RIGHT -> right - length;
        };
        double ruleY = baseline + easel.px(40);
        marks.addAll(family.rule(easel, ruleX, ruleY, length));
        if (!ask.line().isBlank()) {
            Words.Line line = Words.line(
                    easel.look().text(),
                    ask.line(),
                    easel.letters(LINE_SIZE),
                    easel.px(LEAST_LINE_SIZE),
                    room,
                    easel.colour(Role.QUIET_TEXT));
            marks.add(line.at(easel.tune().align(), left, right, ruleY + easel.px(76)));
        }
    }
}
