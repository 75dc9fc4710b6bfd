package brandeon.core.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.ClockFace;
import java.util.List;
import java.util.Optional;

/** Says that advertising is to come, or on, with the time until then; nothing while there is none. */
final class AdNotice extends Kind {

    AdNotice() {
        super(
                "Advertising notice",
                Group.WIDGETS,
                Zone.TOP,
                List.of(
                        Field.words("label", "While it is on", "Advertising"),
                        Field.words("value", "Words after it", "We are back right after"),
                        Field.words("before", "Before it", "Advertising in")),
                Figure.WORDS);
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return piece.notice().map(told -> {
            String after = piece.words("value");
            String running = after.isBlank() ? piece.words("label") : piece.words("label") + " · " + after;
            return new Ask.Clock(
                    piece.canvas(),
                    piece.box(),
                    piece.tune(),
                    told.running() ? running : piece.words("before"),
                    "",
                    ClockFace.down(told.until(), told.length()));
        });
    }

    @Override
    public boolean notices() {
        return true;
    }

    @Override
    public boolean liesOver() {
        return true;
    }
}
