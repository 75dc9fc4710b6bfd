package brandeon.core.bundle;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Brings themes from before they had a bot to their present form: it answers and says nothing. */
public final class BotUpgrade {

    private BotUpgrade() {}

    /** Changes the node in place. A theme is known by its properties, at any depth. */
    public static void upgrade(JsonNode node) {
        node.forEach(BotUpgrade::upgrade);
        if (node instanceof ObjectNode object
                && object.has("brand")
                && object.has("scenes")
                && object.has("viewer")
                && !object.has("bot")) {
            ObjectNode bot = object.putObject("bot");
            bot.put("name", "");
            bot.putArray("commands");
            bot.putArray("timed");
        }
    }
}
