package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** A clip between two scenes. */
final class Transition extends Kind {

    /** When a clip begins that nobody plays: the first instant that is a start. */
    private static final long FIRST = 1;

    Transition() {
        super(
                "Transition clip",
                Group.FILES,
                Zone.FULL,
                List.of(Field.words("word", "Words while it covers (may be empty)", "")),
                List.of(
                        new Figure("seconds", "Seconds", 0.6, 5, 1.8, List.of()),
                        Figure.choice("turned", "It comes", 0, "from the family's side", "from the other side"),
                        Figure.SIZE,
                        Figure.ORNAMENT));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.Transition(
                piece.canvas(),
                piece.box(),
                piece.tune(),
                piece.words("word"),
                piece.figure("seconds") * 1000,
                piece.run().instant() == 0 ? FIRST : piece.run().instant()));
    }

    @Override
    public boolean clip() {
        return true;
    }

    @Override
    public Laid laid() {
        return Laid.NONE;
    }

    @Override
    public Map<String, Content> sample(String theme) {
        return Map.of("word", new Content.Words(theme));
    }
}
