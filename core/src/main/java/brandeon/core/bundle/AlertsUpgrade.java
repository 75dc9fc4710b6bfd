package brandeon.core.bundle;

import java.util.Locale;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings documents and edits from before alert rules were a list to their present form: a rule has an id, what it is for
 * and words for several signals; a theme has a pace.
 */
public final class AlertsUpgrade {

    private AlertsUpgrade() {}

    /** Changes the node in place. Parts are known by their properties, so that they are found at any depth. */
    public static void upgrade(JsonNode node) {
        node.forEach(AlertsUpgrade::upgrade);
        if (!(node instanceof ObjectNode object)) {
            return;
        }
        if (object.has("kicker") && object.has("text") && object.has("seconds") && !object.has("when")) {
            object.put("id", id(object.path("kind").asString()));
            ObjectNode when = object.putObject("when");
            when.put("from", 0)
                    .put("to", 0)
                    .put("currency", "")
                    .put("months", 0)
                    .put("level", "");
            when.put("first", false).put("anonymous", false);
            object.put("several", "{names}{more, plural, =0 {} one { and one more} other { and # more}}");
            object.put("urgency", "NORMAL").put("picture", "").putArray("canvases");
        }
        if (object.path("edit").asString("").equals("dropAlert") && object.has("kind")) {
            object.put("rule", id(object.path("kind").asString()));
            object.remove("kind");
        }
        if (object.has("alerts") && object.has("brand") && object.has("viewer") && !object.has("pace")) {
            ObjectNode pace = object.putObject("pace");
            pace.put("pause", 0.6).put("longest", 60).put("flood", 5).put("window", 10);
        }
    }

    private static String id(String kind) {
        return kind.toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
