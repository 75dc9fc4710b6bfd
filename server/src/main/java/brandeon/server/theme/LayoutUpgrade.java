package brandeon.server.theme;

import java.util.ArrayList;
import java.util.List;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings documents and edits from before places could be anchored or attached to their present form. Every object is
 * known by the properties that it has, so that it is found at any depth.
 */
final class LayoutUpgrade {

    private LayoutUpgrade() {}

    /** Changes the node in place. */
    static void upgrade(JsonNode node) {
        node.forEach(LayoutUpgrade::upgrade);
        if (node instanceof ObjectNode object) {
            theme(object);
            canvas(object);
            capture(object);
            piece(object);
            scene(object);
            placed(object);
            edit(object);
        }
    }

    private static void theme(ObjectNode theme) {
        if (theme.has("canvases") && theme.has("scenes") && theme.has("pieces") && !theme.has("viewer")) {
            theme.putArray("lines");
            theme.putObject("viewer")
                    .put("shortSide", 64.0)
                    .put("distance", 300.0)
                    .put("leastHeight", 7.0);
        }
    }

    private static void canvas(ObjectNode canvas) {
        if (canvas.has("frameRate") && !canvas.has("safe")) {
            canvas.putObject("safe").put("action", 0.035).put("graphics", 0.05);
        }
    }

    private static void capture(ObjectNode capture) {
        if (capture.size() == 3 && capture.has("id") && capture.has("name") && capture.has("size")) {
            capture.putArray("regions");
        }
    }

    private static void piece(ObjectNode piece) {
        if (piece.has("kind") && piece.has("texts") && piece.has("figures") && piece.has("capture")) {
            String capture = piece.remove("capture").asString("");
            ArrayNode captures = piece.putArray("captures");
            if (!capture.isEmpty()) {
                captures.add(capture);
            }
            piece.put("mustShow", false);
        }
    }

    private static void scene(ObjectNode scene) {
        if (scene.has("stack") && scene.has("role") && !scene.has("keepClear")) {
            scene.putArray("keepClear");
        }
    }

    private static void placed(ObjectNode placed) {
        if (placed.has("piece") && placed.has("zone") && placed.has("corrections")) {
            placed.putObject("spot").put("by", "zone").set("zone", placed.remove("zone"));
            ObjectNode corrections = (ObjectNode) placed.get("corrections");
            List<String> shapes = new ArrayList<>(corrections.propertyNames());
            shapes.forEach(shape -> corrections.set(shape, anchored((ObjectNode) corrections.get(shape))));
            placed.putArray("hidden");
            placed.putObject("manner")
                    .put("turn", 0.0)
                    .put("mirrored", false)
                    .put("flipped", false)
                    .put("opacity", 1.0)
                    .put("blend", "NORMAL");
            placed.putObject("manners");
            placed.putObject("texts");
            placed.put("locked", false);
        }
    }

    /** Edits of a place named a canvas shape and a box in units. */
    private static void edit(ObjectNode edit) {
        switch (edit.path("edit").asString("")) {
            case "setBox" -> {
                if (edit.has("shape")) {
                    edit.put("edit", "setCorrection");
                    edit.set("spot", anchored((ObjectNode) edit.remove("box")));
                }
            }
            case "dropBox" -> edit.put("edit", "dropCorrection");
            default -> {}
        }
    }

    private static ObjectNode anchored(ObjectNode box) {
        return box.put("by", "anchor").put("anchor", "TOP_LEFT");
    }
}
