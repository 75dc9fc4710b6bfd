package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.Optional;

/** Who supports: several facts together. */
final class SupporterBoard extends TitledRows {

    SupporterBoard() {
        super(
                "Supporter board",
                "Title (may be empty)",
                "",
                Field.rows(
                        "rows",
                        "Rows",
                        "Label",
                        "Value",
                        Content.Rows.of(
                                "Latest subscriber", "{latestSubscriber}",
                                "Latest follower", "{latestFollower}",
                                "Latest raid", "{latestRaider}",
                                "Followers today", "{followersToday}")),
                Figure.with(Figure.ROWS, Figure.choice("inARow", "Arranged", 0, "stacked", "in a row")));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(rows(piece, piece.rows("rows"), piece.choice("inARow") == 1, false));
    }

    @Override
    public Rank rank() {
        return Rank.FACT;
    }
}
