package brandeon.core.kind;

import java.util.Map;
import java.util.Optional;

/** Who asked for what. */
final class Queue extends TitledRows {

    Queue() {
        super(
                "Request queue",
                "Asked for",
                Field.rows("rows", "Rows", "Who", "What", Content.Rows.of("Who asked", "What they asked for"))
                        .yoursToWrite());
    }

    @Override
    public Optional<String> requested() {
        return Optional.of("rows");
    }

    @Override
    public Map<String, Content> sample(String theme) {
        return Map.of("rows", Content.Rows.of("Ilse Fenn", "Bittern", "Wren of Low Quay", "Water rail"));
    }
}
