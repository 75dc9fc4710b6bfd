package brandeon.core.bundle;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings scenes from before things could come in to their present form: all of them are there at once. */
public final class ArrivalUpgrade {

    private ArrivalUpgrade() {}

    /** Changes the node in place. Scenes and what is placed on them are known by their properties, at any depth. */
    public static void upgrade(JsonNode node) {
        node.forEach(ArrivalUpgrade::upgrade);
        if (!(node instanceof ObjectNode object)) {
            return;
        }
        if (object.has("stack") && object.has("keepClear") && object.has("role") && !object.has("arrives")) {
            object.put("arrives", false);
        }
        if (object.has("spot") && object.has("manners") && object.has("group") && !object.has("arrival")) {
            object.put("arrival", "AS_SCENE");
        }
    }
}
