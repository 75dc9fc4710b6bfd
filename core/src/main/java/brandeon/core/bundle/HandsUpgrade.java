package brandeon.core.bundle;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings pieces from before themes could say which of them nobody touches during a show to their present form. */
public final class HandsUpgrade {

    private HandsUpgrade() {}

    /** Changes the node in place. A piece is known by its properties, so that it is found at any depth. */
    public static void upgrade(JsonNode node) {
        node.forEach(HandsUpgrade::upgrade);
        if (node instanceof ObjectNode object
                && object.has("kind")
                && object.has("mustShow")
                && object.has("figures")
                && !object.has("handsOff")) {
            object.put("handsOff", false);
        }
    }
}
