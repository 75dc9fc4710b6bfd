package brandeon.core.move;

import java.util.Map;
import java.util.Set;

/**
 * What somebody wants otherwise than a plan proposes.
 *
 * @param kept   ids of lines that stay as they are
 * @param texts  what stands there instead, by the ids of lines
 * @param values what is shown instead, by the ids of lines; empty for what it shows now
 */
public record Choices(Set<String> kept, Map<String, String> texts, Map<String, String> values) {

    public static final Choices NONE = new Choices(Set.of(), Map.of(), Map.of());

    public Choices {
        kept = Set.copyOf(kept);
        texts = Map.copyOf(texts);
        values = Map.copyOf(values);
    }
}
