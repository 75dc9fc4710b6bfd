package brandeon.core.kind;

import brandeon.core.art.Ask;
import java.util.List;
import java.util.Optional;

/** Who supports: several facts together. */
final class SupporterBoard extends Kind {

    SupporterBoard() {
        super(
                "Supporter board",
                Group.WIDGETS,
                Zone.COLUMN,
                List.of(
                        Field.words("title", "Title (may be empty)", ""),
                        Field.rows(
                                "rows",
                                "Rows",
                                "Label",
                                "Value",
                                Content.Rows.of(
                                        "Latest subscriber", "{latestSubscriber}",
                                        "Latest follower", "{latestFollower}",
                                        "Latest raid", "{latestRaider}",
                                        "Followers today", "{followers}"))),
                Figure.with(Figure.ROWS, Figure.choice("inARow", "Arranged", 0, "stacked", "in a row")));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        return Optional.of(new Ask.Rows(
                piece.canvas(),
                piece.box(),
                piece.tune(),
                piece.words("title"),
                piece.rows("rows"),
                piece.choice("inARow") == 1,
                false));
    }

    @Override
    public Rank rank() {
        return Rank.FACT;
    }
}
