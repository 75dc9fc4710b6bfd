package brandeon.core.bundle;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings documents and edits from before entries had pictures to their present form: they have none. */
public final class EntriesUpgrade {

    private EntriesUpgrade() {}

    /** Changes the node in place. Entries are known by their properties, so that they are found at any depth. */
    public static void upgrade(JsonNode node) {
        node.forEach(EntriesUpgrade::upgrade);
        if (node instanceof ObjectNode object
                && object.size() == 3
                && object.has("label")
                && object.has("words")
                && object.has("seconds")) {
            object.put("picture", "");
        }
    }
}
