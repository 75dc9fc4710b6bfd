package brandeon.core.art.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.Easel;
import brandeon.core.art.Emblem;
import brandeon.core.art.Family;
import brandeon.core.art.Lettering;
import brandeon.core.art.Mark;
import brandeon.core.art.PieceArt;
import brandeon.core.art.Plate;
import brandeon.core.art.Temperament;
import brandeon.core.motion.Track;
import java.util.ArrayList;
import java.util.List;

/**
 * Something just happened: a solid plate, a large emblem, what and who; each part arrives in the family's temperament.
 * Where there is no room, letters shrink, then break into two lines, then names are shortened, and only then the rest.
 */
public final class AlertArt {

    private AlertArt() {}

    public static PieceArt draw(Family family, Easel easel, Ask.Alert ask) {
        Plates.Ready ready = ask.picture()
                .map(picture -> Plates.beside(family, easel, ask.box(), Plate.Sort.ALERT, picture))
                .orElseGet(() -> Plates.of(family, easel, ask.box(), Plate.Sort.ALERT, Emblem.Size.LARGE));
        List<Mark> body = new ArrayList<>(ready.plate().ground());
        List<Words.Line> said = List.of();
        for (Ask.Said words : ask.said()) {
            said = lines(family, easel, ask, ready, words);
            if (said.stream().noneMatch(line -> line.fit().shortened())) {
                break;
            }
        }
        Words.stacked(
                body, said, easel.tune().align(), ready.room(), ask.box().height() * (said.size() > 2 ? 0.1 : 0.14));
        body.add(Mark.group("emblem", ready.emblem()));
        List<Mark> marks = List.of(
                Mark.group("alert", List.of(Mark.group("decor", ready.plate().decor()), Mark.group("plate", body))));
        Temperament own = family.temperament();
        Temperament temperament = ask.comes().map(own::with).orElse(own);
        double unit = easel.canvas().unit();
        List<Track> tracks = List.of(
                temperament.entrance("plate", ask.box(), unit, 0, ask.from()),
                temperament.entrance("decor", ask.box(), unit, 1, ask.from()),
                exit(own, ask, unit));
        return new PieceArt(marks, tracks, List.of());
    }

    private static Track exit(Temperament own, Ask.Alert ask, double unit) {
        double after = ask.until() - ask.from() - own.leave();
        return ask.goes()
                .map(way -> own.exit("alert", way, ask.box(), unit, after, ask.from()))
                .orElseGet(() -> own.exit("alert", unit, after, ask.from()));
    }

    private static List<Words.Line> lines(
            Family family, Easel easel, Ask.Alert ask, Plates.Ready ready, Ask.Said words) {
        List<Words.Line> lines = new ArrayList<>();
        lines.add(Words.line(
                easel.look().text(),
                family.lettering().labelText(words.kicker()),
                easel.letters(32),
                easel.px(Lettering.LEAST),
                ready.room().width(),
                ready.plate().quiet()));
        lines.addAll(Words.block(
                easel.look().heading(),
                words.text(),
                Math.min(easel.letters(62), ask.box().height() * 0.36),
                easel.px(30),
                ready.room().width(),
                ask.box().height() * 0.5,
                ready.plate().ink()));
        return lines;
    }
}
