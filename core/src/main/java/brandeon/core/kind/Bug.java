package brandeon.core.kind;

import brandeon.core.art.Ask;
import brandeon.core.art.ClockFace;
import brandeon.core.live.Readings;
import java.util.List;
import java.util.Optional;

/** A small sign in a corner: words, which may hold a count, the time of the day, or how long the show has been on. */
final class Bug extends Kind {

    private static final int TIME = 1;
    private static final int ON_AIR = 2;

    Bug() {
        super(
                "Corner bug",
                Group.ORNAMENTS,
                Zone.CORNER,
                List.of(
                        Field.words("name", "Words", "Live"),
                        new Field(
                                "zone",
                                "Time zone",
                                ContentType.TIME_ZONE,
                                List.of(),
                                new Content.TimeZone("UTC"),
                                false)),
                Figure.with(
                        Figure.WORDS,
                        Figure.choice(
                                "shows",
                                "Shows",
                                0,
                                "its words",
                                "its words and the time of the day",
                                "its words and the time since the show was begun")));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        Ask words =
                new Ask.LowerThird(piece.canvas(), piece.box(), piece.tune(), piece.words("name"), "", !piece.calm());
        return Optional.of(clock(piece)
                .<Ask>map(
                        face -> new Ask.Clock(piece.canvas(), piece.box(), piece.tune(), piece.words("name"), "", face))
                .orElse(words));
    }

    /** Empty for words alone, as while nobody began the show. */
    private static Optional<ClockFace> clock(Showing piece) {
        return switch (piece.choice("shows")) {
            case TIME ->
                Optional.of(new ClockFace(ClockFace.Mode.DAY, 0, 0, 0, ClockFace.Format.DAY, piece.zone("zone")));
            case ON_AIR ->
                Optional.ofNullable(piece.values().get(Readings.BEGUN))
                        .map(Long.class::cast)
                        .filter(begun -> begun > 0)
                        .map(begun -> new ClockFace(
                                ClockFace.Mode.UP, begun, 0, 0, ClockFace.Format.HOURS, piece.zone("zone")));
            default -> Optional.empty();
        };
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
