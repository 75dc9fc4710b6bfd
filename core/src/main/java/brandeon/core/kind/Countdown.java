package brandeon.core.kind;

import brandeon.core.art.ClockFace;
import java.util.List;

/** Time that is left. */
final class Countdown extends Timer {

    Countdown() {
        super(
                "Countdown",
                ClockFace.Mode.DOWN,
                Field.words("title", "Title", "We begin in"),
                Field.words("ended", "At zero (empty hides)", "Any moment now"),
                new Figure("minutes", "Minutes", 1, 5999, 5, List.of()));
    }

    @Override
    public Rank rank() {
        return Rank.FACT;
    }
}
