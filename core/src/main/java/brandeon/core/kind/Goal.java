package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** Something that is aimed at, with a bar. */
final class Goal extends Kind {

    Goal() {
        super(
                "Goal bar",
                Group.WIDGETS,
                Zone.STRIP,
                List.of(
                        Field.words("label", "Label", "Subscribers"),
                        Field.count("value", "Value", Content.Count.of("subscribers"))),
                Figure.with(Figure.WORDS, Figure.TARGET));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        Showing.Said said = piece.count("value");
        String written = said.value().isEmpty() ? "0" : said.written();
        double target = piece.figure("target");
        return Optional.of(new Ask.Goal(
                piece.canvas(),
                piece.box(),
                piece.tune(),
                piece.words("label"),
                String.format(Locale.ROOT, "%s / %,d", written, Math.round(target)),
                Math.clamp(said.value().orElse(0) / target, 0, 1)));
    }

    @Override
    public Rank rank() {
        return Rank.FACT;
    }
}
