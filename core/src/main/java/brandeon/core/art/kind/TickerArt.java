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
import brandeon.core.motion.Easing;
import brandeon.core.motion.Run;
import brandeon.core.motion.Track;
import brandeon.core.text.Measure;
import java.util.ArrayList;
import java.util.List;

/** Words that run from right to left through their room; words that fit stand still. */
public final class TickerArt {

    private TickerArt() {}

    public static PieceArt draw(Family family, Easel easel, Ask.Ticker ask) {
        Plates.Ready ready = Plates.plain(family, easel, ask.box(), Plate.Sort.INFO);
        List<Mark> marks = new ArrayList<>(ready.marks());
        Box room = ready.room();
        double size = Math.max(easel.px(Lettering.LEAST), Math.min(easel.letters(34), room.height() * 0.56));
        double width = Measure.width(easel.look().text(), size, ask.text());
        double base = room.centreY() + Measure.capHeight(easel.look().text(), size) / 2;
        if (width <= room.width() || !ask.moving()) {
            Words.Line line = Words.line(
                    easel.look().text(),
                    ask.text(),
                    size,
                    easel.px(Lettering.LEAST),
                    room.width(),
                    ready.plate().ink());
            marks.add(line.at(
                    easel.tune().align() == Tune.Align.RIGHT ? Tune.Align.RIGHT : Tune.Align.LEFT,
                    room.x(),
                    room.right(),
                    base));
            return PieceArt.still(marks);
        }
        double way = room.width() + width;
        double millis = way / Math.max(1, easel.px(ask.speed())) * 1000;
        boolean held = ask.run().state() == Run.State.PAUSED;
        double stands = held ? room.width() - way * (ask.run().millis() % millis) / millis : 0;
        Mark words = new Mark.Text(
                ask.text(),
                easel.look().text(),
                size,
                room.x() + stands,
                base,
                Mark.Anchor.START,
                ready.plate().ink(),
                0);
        marks.add(Mark.clipped(Outline.rectangle(room), List.of(Mark.group("words", List.of(words)))));
        if (held) {
            return PieceArt.still(marks);
        }
        double ahead = ask.run().instant() == 0 ? 0 : millis - ask.run().instant() % millis;
        Track run = new Track(
                "words",
                List.of(
                        Track.Key.still(0).movedBy(room.width(), 0),
                        Track.Key.still(1).movedBy(-width, 0)),
                Easing.LINEAR,
                millis,
                -ahead,
                Track.FOREVER,
                false,
                0);
        return new PieceArt(marks, List.of(run), List.of());
    }
}
