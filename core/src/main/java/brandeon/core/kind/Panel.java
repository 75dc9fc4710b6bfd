package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Optional;

/** Pictures for a channel page. */
final class Panel extends Kind {

    Panel() {
        super(
                "Channel-page pictures",
                Group.FILES,
                Zone.STRIP,
                List.of(new Field(
                        "headings",
                        "Headings, one a picture",
                        ContentType.LINES,
                        List.of(),
                        new Content.Lines(List.of("About", "Schedule", "Equipment", "Contact")),
                        false)),
                List.of(
                        new Figure("width", "Width, pixels", 100, 2000, 320, List.of()),
                        new Figure("height", "Height, pixels", 40, 1000, 100, List.of()),
                        Figure.SIZE,
                        Figure.ALIGN,
                        Figure.ORNAMENT));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.Panel(
                piece.canvas(),
                piece.box(),
                piece.tune(),
                piece.lines("headings").stream().findFirst().orElse("")));
    }

    @Override
    public Optional<String> pictures() {
        return Optional.of("headings");
    }

    @Override
    public boolean ownSize() {
        return true;
    }
}
