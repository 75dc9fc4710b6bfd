package brandeon.server.theme;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings documents and edits from before pieces could share what they show to their present form. */
final class ShareUpgrade {

    private ShareUpgrade() {}

    /** Changes the node in place. A piece is known by its properties, so that it is found at any depth. */
    static void upgrade(JsonNode node) {
        node.forEach(ShareUpgrade::upgrade);
        if (node instanceof ObjectNode object
                && object.has("kind")
                && object.has("mustShow")
                && object.has("figures")
                && !object.has("share")) {
            object.put("share", "");
        }
    }
}
