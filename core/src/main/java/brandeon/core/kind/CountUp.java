package brandeon.core.kind;

import brandeon.core.art.ClockFace;
import java.util.List;

/** Time that has gone. */
final class CountUp extends Timer {

    CountUp() {
        super(
                "Count-up",
                ClockFace.Mode.UP,
                Field.words("title", "Title", "Live for"),
                Field.words("ended", "At its end (empty hides)", ""),
                new Figure("minutes", "Ends after, minutes (0 never)", 0, 5999, 0, List.of()));
    }

    @Override
    public Rank rank() {
        return Rank.MORE;
    }
}
