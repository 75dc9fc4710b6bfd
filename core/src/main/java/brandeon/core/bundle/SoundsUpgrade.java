package brandeon.core.bundle;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings documents and edits from before alerts were heard to their present form: a rule says what is heard and how it
 * comes and goes, a theme has sounds. Nothing sounds that did not before.
 */
public final class SoundsUpgrade {

    private SoundsUpgrade() {}

    /** Changes the node in place. Parts are known by their properties, so that they are found at any depth. */
    public static void upgrade(JsonNode node) {
        node.forEach(SoundsUpgrade::upgrade);
        if (!(node instanceof ObjectNode object)) {
            return;
        }
        if (object.has("kicker") && object.has("several") && object.has("urgency") && !object.has("sound")) {
            object.putObject("sound").put("sound", "").put("level", 0.0);
            object.putNull("comes").putNull("goes");
        }
        if (object.has("alerts") && object.has("pace") && object.has("viewer") && !object.has("sounds")) {
            object.putObject("sounds").put("target", -23.0).putArray("own");
        }
    }
}
