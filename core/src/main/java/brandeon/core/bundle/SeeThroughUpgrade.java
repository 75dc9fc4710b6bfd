package brandeon.core.bundle;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings captures from before themes could say which of them are see-through to their present form. */
public final class SeeThroughUpgrade {

    private SeeThroughUpgrade() {}

    /** Changes the node in place. A capture is known by its properties, so that it is found at any depth. */
    public static void upgrade(JsonNode node) {
        node.forEach(SeeThroughUpgrade::upgrade);
        if (node instanceof ObjectNode object
                && object.has("regions")
                && object.has("size")
                && object.has("name")
                && !object.has("seeThrough")) {
            object.put("seeThrough", false);
        }
    }
}
