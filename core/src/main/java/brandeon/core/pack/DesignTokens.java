package brandeon.core.pack;

import brandeon.core.colour.Colour;
import brandeon.core.pack.Swatches.Swatch;
import brandeon.core.problem.Mistake;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Colours as design tokens (Design Tokens Community Group, format and colour modules 2025.10): a token has a
 * {@code $value} with colour space, components and opacity. Groups nest and hand down {@code $type}; a value may point
 * to another token as {@code {group.token}}. Values of earlier drafts, a colour as one text, are read too. Tokens of
 * other
 * types are passed over.
 */
final class DesignTokens {

    private static final JsonMapper JSON = new JsonMapper();
    private static final int DIGITS = 100_000;

    private DesignTokens() {}

    static String write(Swatches swatches) {
        ObjectNode root = JSON.createObjectNode();
        root.put("$description", swatches.name());
        ObjectNode group = root.putObject("brand").put("$type", "color");
        List<String> names = swatches.identifiers();
        for (int i = 0; i < names.size(); i++) {
            Swatch swatch = swatches.all().get(i);
            Colour c = swatch.colour();
            ObjectNode token = group.putObject(names.get(i));
            ObjectNode value = token.putObject("$value").put("colorSpace", "srgb");
            value.putArray("components")
                    .add(rounded(c.red()))
                    .add(rounded(c.green()))
                    .add(rounded(c.blue()));
            value.put("alpha", rounded(c.alpha())).put("hex", c.withAlpha(1).hex());
            token.put("$description", swatch.name());
        }
        return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(root) + "\n";
    }

    static Swatches read(String text) {
        JsonNode root;
        try {
            root = JSON.readTree(text);
        } catch (JacksonException e) {
            throw Swatches.wrong(e.getLocation() == null ? 1 : e.getLocation().getLineNr(), e.getOriginalMessage());
        }
        Map<String, JsonNode> tokens = new HashMap<>();
        List<String> order = new ArrayList<>();
        collect(root, "", "", tokens, order);
        List<Swatch> all = new ArrayList<>();
        for (String path : order) {
            JsonNode token = tokens.get(path);
            String name = token.path("$description").asString("");
            all.add(new Swatch(
                    name.isBlank() ? path : name, colour(path, token.path("$value"), tokens, new HashSet<>())));
        }
        return new Swatches(root.path("$description").asString(""), all);
    }

    private static void collect(
            JsonNode node, String path, String inherited, Map<String, JsonNode> tokens, List<String> order) {
        String type = node.path("$type").asString(inherited);
        if (node.has("$value")) {
            if (type.equals("color")
                    || type.isEmpty() && node.path("$value").path("colorSpace").isString()) {
                tokens.put(path, node);
                order.add(path);
            }
            return;
        }
        for (Map.Entry<String, JsonNode> child : node.properties()) {
            if (!child.getKey().startsWith("$") && child.getValue().isObject()) {
                collect(
                        child.getValue(),
                        path.isEmpty() ? child.getKey() : path + "." + child.getKey(),
                        type,
                        tokens,
                        order);
            }
        }
    }

    private static Colour colour(String path, JsonNode value, Map<String, JsonNode> tokens, Set<String> passed) {
        String text = value.asString("");
        if (text.startsWith("{") && text.endsWith("}")) {
            String target = text.substring(1, text.length() - 1);
            if (!passed.add(target) || !tokens.containsKey(target)) {
                throw new Mistake("Token “" + path + "” points to “" + target + "”, which "
                        + (tokens.containsKey(target) ? "points back to it." : "is no colour in this file."));
            }
            return colour(path, tokens.get(target).path("$value"), tokens, passed);
        }
        try {
            return value.isString() ? Colour.parse(text) : parts(value);
        } catch (Mistake e) {
            throw new Mistake("Token “" + path + "”: " + e.getMessage(), e);
        }
    }

    /** The spaces of the colour module are those of CSS Color 4, under the same names. */
    private static Colour parts(JsonNode value) {
        JsonNode c = value.path("components");
        if (c.size() != 3) {
            throw new Mistake("three components are expected, not " + c.size() + ".");
        }
        String parts = part(c.get(0)) + " " + part(c.get(1)) + " " + part(c.get(2)) + " / "
                + value.path("alpha").asDouble(1);
        String space = value.path("colorSpace").asString("");
        return switch (space) {
            case "oklch", "oklab", "lab", "lch" -> Colour.parse(space + "(" + parts + ")");
            case "hsl", "hwb" ->
                Colour.parse(space + "(" + part(c.get(0)) + " " + part(c.get(1)) + "% " + part(c.get(2)) + "% / "
                        + value.path("alpha").asDouble(1) + ")");
            default -> Colour.parse("color(" + space + " " + parts + ")");
        };
    }

    private static String part(JsonNode part) {
        return part.isNumber() ? part.asString() : part.asString("").equals("none") ? "none" : "?";
    }

    private static double rounded(double part) {
        return Math.round(part * DIGITS) / (double) DIGITS;
    }
}
