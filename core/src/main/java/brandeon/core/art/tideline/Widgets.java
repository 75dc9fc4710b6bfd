package brandeon.core.art.tideline;

import brandeon.core.art.Ask;
import brandeon.core.art.Look;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.Paint;
import brandeon.core.art.PieceArt;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.SafeArea;
import brandeon.core.colour.Colour;
import brandeon.core.colour.Role;
import brandeon.core.motion.Easing;
import brandeon.core.motion.Track;
import brandeon.core.text.Face;
import brandeon.core.text.Fit;
import brandeon.core.text.Measure;
import java.util.ArrayList;
import java.util.List;

/** Plates with words and figures: band, fact line, countdown, alert. */
final class Widgets {

    /** Smallest text the family ever paints, in units; see the finding for small text. */
    private static final double LEAST_TEXT = 24;
    private static final double ENTER_MILLIS = 700;
    private static final double LEAVE_MILLIS = 450;
    private static final int CLOCK_DIGITS = 4;
    /** Width of the colon's cell, in digit cells. */
    private static final double COLON = 0.5;

    private Widgets() {
    }

    static PieceArt band(Ask.Band ask, Look look) {
        double u = ask.unit();
        Box box = ask.box();
        Box safe = SafeArea.GRAPHICS.within(ask.canvas().size());
        double left = Math.max(box.x() + 24 * u, safe.x());
        double right = Math.min(box.right() - 24 * u, safe.right());
        double size = Math.min(36 * u, box.height() * 0.5);
        List<Mark> marks = new ArrayList<>();
        Plates.ground(marks, Outline.rectangle(box), Paint.of(look.colour(Role.GROUND), 0.86));
        marks.add(new Mark.Filled(Outline.rectangle(new Box(box.x(), box.y(), box.width(), Math.max(1, Math.rint(4 * u)))),
                new Paint.Linear(box.x(), box.y(), box.right(), box.y(), Paint.blend(look.colour(Role.ACCENT), look.colour(Role.SECOND_ACCENT)))));
        Fit label = Fit.line(look.heading(), ask.label(), size, LEAST_TEXT * u, (right - left) * 0.45);
        double run = Plates.run(box.height());
        Box tab = new Box(box.x(), box.y(), left - box.x() + label.width() + run + 12 * u, box.height());
        marks.add(new Mark.Filled(Plates.plate(tab, 0), Paint.of(look.colour(Role.ACCENT))));
        marks.addAll(Plates.ripples(tab, look.colour(Role.SECOND_ACCENT), 9 * u, u));
        marks.add(line(label, look.heading(), left, box, look.colour(Role.GROUND), (right - left) * 0.45));
        double from = tab.right() + 52 * u;
        double room = Math.max(1, right - from);
        Fit message = Fit.line(look.text(), ask.message(), size * 0.9, LEAST_TEXT * u, room);
        marks.add(line(message, look.text(), from, box, look.colour(Role.TEXT), room));
        return PieceArt.still(marks);
    }

    static PieceArt factLine(Ask.FactLine ask, Look look) {
        double u = ask.unit();
        Box box = ask.box();
        double inset = Math.min(box.height() * 0.62, 62 * u);
        double room = Math.max(1, box.width() - inset - Plates.run(box.height()) * 0.75 - 34 * u);
        double step = Math.min(9 * u, box.height() * 0.1);
        Box plate = new Box(box.x(), box.y(), Math.max(1, box.width() - 3.2 * step), box.height());
        List<Mark> marks = new ArrayList<>();
        Plates.ground(marks, Plates.plate(plate, look.corner() * 26 * u), Paint.of(look.seeThroughPlate()));
        marks.addAll(Plates.ripples(plate, look.colour(Role.ACCENT), step, u));
        marks.addAll(Plates.lantern(box.x() + inset / 2 + 3 * u, box.centreY(), Math.min(9 * u, box.height() * 0.1), look.colour(Role.SECOND_ACCENT), look.colour(Role.GLOW)));
        Fit label = Fit.line(look.text(), ask.label(), LEAST_TEXT * u, LEAST_TEXT * u, room);
        Fit value = Fit.line(look.heading(), ask.value(), 44 * u, 28 * u, room);
        double labelCaps = Measure.capHeight(look.text(), label.px());
        double valueCaps = Measure.capHeight(look.heading(), value.px());
        double gap = Math.min(20 * u, box.height() * 0.16);
        double top = box.centreY() - (labelCaps + gap + valueCaps) / 2;
        marks.add(new Mark.Text(label.text(), look.text(), label.px(), box.x() + inset, top + labelCaps, Mark.Anchor.START, look.colour(Role.QUIET_TEXT), label.exact() ? 0 : room));
        marks.add(new Mark.Text(value.text(), look.heading(), value.px(), box.x() + inset, top + labelCaps + gap + valueCaps, Mark.Anchor.START, look.colour(Role.TEXT), value.exact() ? 0 : room));
        return PieceArt.still(marks);
    }

    static PieceArt countdown(Ask.Countdown ask, Look look) {
        double u = ask.unit();
        Box box = ask.box();
        List<Mark> marks = new ArrayList<>();
        double step = Math.min(11 * u, box.height() * 0.05);
        Box plate = new Box(box.x(), box.y(), Math.max(1, box.width() - 3.2 * step), box.height());
        Plates.ground(marks, Plates.plate(plate, look.corner() * 34 * u), Paint.of(look.seeThroughPlate()));
        marks.addAll(Plates.ripples(plate, look.colour(Role.SECOND_ACCENT), step, u));
        double left = box.x() + Math.min(40 * u, box.width() * 0.08);
        double room = Math.max(1, box.width() - (left - box.x()) - Plates.run(box.height()) * 0.62 - 3.2 * step);
        double titleSize = Math.min(34 * u, box.height() * 0.19);
        Fit title = Fit.line(look.text(), ask.title(), titleSize, Math.min(titleSize, LEAST_TEXT * u), room);
        double titleBase = box.y() + box.height() * 0.16 + Measure.capHeight(look.text(), title.px());
        marks.add(new Mark.Text(title.text(), look.text(), title.px(), left, titleBase, Mark.Anchor.START, look.colour(Role.QUIET_TEXT), title.exact() ? 0 : room));
        double cell = widestDigit(look.figures());
        double digitPx = Math.min(box.height() * 0.66, room / (cell * (CLOCK_DIGITS + COLON)));
        List<Double> cells = clockCells(left, cell * digitPx);
        double digitBase = box.bottom() - box.height() * 0.15;
        Fit ended = Fit.line(look.heading(), ask.ended(), digitPx * 0.6, LEAST_TEXT * u, room);
        List<Mark> end = ask.ended().isBlank() ? List.of() : List.of(new Mark.Text(ended.text(), look.heading(), ended.px(), left,
                digitBase, Mark.Anchor.START, look.colour(Role.TEXT), ended.exact() ? 0 : room));
        marks.add(new Mark.Digits(ask.clock(), look.figures(), digitPx, cells, digitBase, look.colour(Role.TEXT), ask.clock().at(Long.MIN_VALUE / 2), end));
        return PieceArt.still(marks);
    }

    /** Centres of two digits, a colon and two digits; every digit has the same width, so that none jumps. */
    private static List<Double> clockCells(double left, double cell) {
        double colon = cell * COLON;
        return List.of(left + cell * 0.5, left + cell * 1.5, left + cell * 2 + colon / 2, left + cell * 2.5 + colon, left + cell * 3.5 + colon);
    }

    /** Width of the widest digit at one pixel. */
    private static double widestDigit(Face face) {
        double widest = 0;
        for (char digit = '0'; digit <= '9'; digit++) {
            widest = Math.max(widest, Measure.width(face, 1, String.valueOf(digit)));
        }
        return widest;
    }

    static PieceArt alert(Ask.Alert ask, Look look) {
        double u = ask.unit();
        Box box = ask.box();
        double step = Math.min(12 * u, box.height() * 0.06);
        Box plate = new Box(box.x(), box.y(), Math.max(1, box.width() - 3.2 * step), box.height());
        double disc = box.height() * 0.3;
        double inset = box.height() * 0.92;
        double room = Math.max(1, plate.width() - inset - Plates.run(box.height()) * 0.7);
        Fit kicker = Fit.line(look.text(), ask.kicker(), 32 * u, LEAST_TEXT * u, room);
        Fit text = Fit.line(look.heading(), ask.text(), Math.min(62 * u, box.height() * 0.36), 30 * u, room);
        double kickerBase = box.y() + box.height() * 0.38;
        double textBase = box.y() + box.height() * 0.74;
        List<Mark> body = new ArrayList<>();
        Outline shape = Plates.plate(plate, look.corner() * 36 * u);
        Plates.ground(body, shape, new Paint.Linear(plate.x(), plate.y(), plate.x(), plate.bottom(), Paint.blend(look.colour(Role.PLATE), look.colour(Role.GROUND))));
        body.add(new Mark.Stroked(shape, new Paint.Linear(plate.x(), 0, plate.right(), 0, Paint.blend(look.colour(Role.SECOND_ACCENT), look.colour(Role.ACCENT))), Math.max(1, 4 * u)));
        body.add(new Mark.Text(kicker.text(), look.text(), kicker.px(), box.x() + inset, kickerBase, Mark.Anchor.START, look.colour(Role.QUIET_TEXT), kicker.exact() ? 0 : room));
        body.add(new Mark.Text(text.text(), look.heading(), text.px(), box.x() + inset, textBase, Mark.Anchor.START, look.colour(Role.TEXT), text.exact() ? 0 : room));
        List<Mark> bird = new ArrayList<>(Plates.lantern(box.x() + inset / 2, box.centreY(), disc, look.colour(Role.SECOND_ACCENT), look.colour(Role.GLOW)));
        bird.add(bird(box.x() + inset / 2, box.centreY(), disc * 0.68, look.colour(Role.GROUND)));
        body.add(Mark.group("bird", bird));
        List<Mark> marks = List.of(Mark.group("alert", List.of(
                Mark.group("ripples", Plates.ripples(plate, look.colour(Role.SECOND_ACCENT), step, u)),
                Mark.group("plate", body))));
        return new PieceArt(marks, alertTracks(ask, u), List.of());
    }

    private static List<Track> alertTracks(Ask.Alert ask, double u) {
        double stay = ask.until() - ask.from();
        double leaveAt = Math.max(ENTER_MILLIS, stay - LEAVE_MILLIS);
        Box box = ask.box();
        Track.Key away = Track.Key.still(0).movedBy(-90 * u, 0).faded(0);
        return List.of(
                Track.once("plate", List.of(away, Track.Key.still(1)), Easing.ARRIVE, ENTER_MILLIS, 0, ask.from()),
                Track.once("ripples", List.of(Track.Key.still(0).movedBy(-160 * u, 0).faded(0), Track.Key.still(1)), Easing.ARRIVE, ENTER_MILLIS, 160, ask.from()),
                Track.once("bird", List.of(
                        Track.Key.still(0).scaledBy(0.4, box.x() + box.height() * 0.46, box.centreY()),
                        Track.Key.still(0.6).scaledBy(1.12, box.x() + box.height() * 0.46, box.centreY()),
                        Track.Key.still(1).scaledBy(1, box.x() + box.height() * 0.46, box.centreY())), Easing.EASE_OUT, 800, 120, ask.from()),
                Track.once("alert", List.of(Track.Key.still(0), Track.Key.still(1).movedBy(0, 30 * u).faded(0)), Easing.LEAVE, LEAVE_MILLIS, leaveAt, ask.from()));
    }

    /** A small bird in flight, seen from the side. */
    private static Mark bird(double x, double y, double half, Colour colour) {
        return new Mark.Filled(Outline.pen()
                .move(x - half, y + half * 0.28)
                .curve(x - half * 0.45, y + half * 0.2, x - half * 0.3, y - half * 0.1, x - half * 0.1, y - half * 0.12)
                .curve(x - half * 0.25, y - half * 0.55, x - half * 0.1, y - half * 0.85, x + half * 0.1, y - half)
                .curve(x + half * 0.12, y - half * 0.6, x + half * 0.35, y - half * 0.3, x + half * 0.5, y - half * 0.12)
                .curve(x + half * 0.7, y - half * 0.2, x + half * 0.85, y - half * 0.12, x + half, y + half * 0.06)
                .curve(x + half * 0.75, y + half * 0.1, x + half * 0.6, y + half * 0.2, x + half * 0.45, y + half * 0.38)
                .curve(x + half * 0.15, y + half * 0.7, x - half * 0.3, y + half * 0.6, x - half * 0.5, y + half * 0.4)
                .close().outline(), Paint.of(colour));
    }

    private static Mark line(Fit fit, Face face, double x, Box within, Colour colour, double room) {
        double base = within.centreY() + Measure.capHeight(face, fit.px()) / 2;
        return new Mark.Text(fit.text(), face, fit.px(), x, base, Mark.Anchor.START, colour, fit.exact() ? 0 : room);
    }
}
