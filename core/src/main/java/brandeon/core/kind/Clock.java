package brandeon.core.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.ClockFace;
import java.util.List;
import java.util.Optional;

/** The time of day. */
final class Clock extends Kind {

    /** In the order of the choices. */
    private static final List<ClockFace.Format> FORMATS =
            List.of(ClockFace.Format.DAY, ClockFace.Format.DAY_SECONDS, ClockFace.Format.DAY_TWELVE);

    Clock() {
        super(
                "Clock",
                Group.WIDGETS,
                Zone.CORNER,
                List.of(
                        Field.words("title", "Title (may be empty)", ""),
                        new Field(
                                "zone",
                                "Time zone",
                                ContentType.TIME_ZONE,
                                List.of(),
                                new Content.TimeZone("UTC"),
                                false)),
                Figure.with(Figure.WORDS, Figure.choice("format", "Written", 0, "19:42", "19:42:05", "7:42")));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.Clock(
                piece.canvas(),
                piece.box(),
                piece.tune(),
                piece.words("title"),
                "",
                new ClockFace(ClockFace.Mode.DAY, 0, 0, 0, FORMATS.get(piece.choice("format")), piece.zone("zone"))));
    }

    @Override
    public boolean liesOver() {
        return true;
    }

    @Override
    public Rank rank() {
        return Rank.EXTRA;
    }
}
