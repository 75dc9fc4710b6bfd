package brandeon.core.kind;

import java.util.List;

/** The latest signals. */
final class Recent extends TitledRows {

    Recent() {
        super(
                "Recent signals",
                "Lately",
                Field.rows("rows", "Rows", "What", "Who", new Content.Rows(List.of(), "recentSignals")));
    }
}
