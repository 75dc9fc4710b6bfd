package brandeon.core.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.ClockFace;
import java.util.List;
import java.util.Optional;

/** A clock that an operator starts. */
abstract class Timer extends Kind {

    private static final long MINUTE = 60_000;
    private static final long LONG_EVENING = 600 * MINUTE;

    private final ClockFace.Mode mode;

    Timer(String title, ClockFace.Mode mode, Field heading, Field ended, Figure minutes) {
        super(
                title,
                Group.WIDGETS,
                Zone.CLOCK,
                List.of(heading, ended),
                Figure.with(Figure.WORDS, minutes, Figure.TIME));
        this.mode = mode;
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        long own = Math.round(piece.figure("minutes") * MINUTE);
        boolean up = mode == ClockFace.Mode.UP;
        long room = Math.max(own, piece.run().length());
        // What counts up without an end reaches three digits in an evening.
        ClockFace.Format minutes = ClockFace.minutes(room == 0 ? LONG_EVENING : room);
        long stands = piece.run().stands();
        return Optional.of(new Ask.Clock(
                piece.canvas(),
                piece.box(),
                piece.tune(),
                piece.words("title"),
                piece.words("ended"),
                new ClockFace(
                        mode,
                        piece.run().instant(),
                        up || stands == 0 ? own : stands,
                        up ? stands : 0,
                        piece.choice("format") == 1 ? ClockFace.Format.HOURS : minutes,
                        "UTC")));
    }

    @Override
    public Optional<ClockFace.Mode> counts() {
        return Optional.of(mode);
    }
}
