package brandeon.server.support;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** All routes of the server's own OpenAPI description, and bodies made from its schemas. */
public final class Routes {

    private static final JsonMapper JSON = new JsonMapper();
    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final int DEEPEST = 7;

    /**
     * One route.
     *
     * @param query names of its query parameters, with their schemas
     * @param body  schema of its JSON body; missing where it has none
     */
    public record Route(String method, String path, Map<String, JsonNode> query, JsonNode body) {

        public String name() {
            return method + " " + path;
        }

        /** Whether its body is a file, which the description does not mention. */
        public boolean takesFile() {
            return method.equals("POST")
                    && (path.endsWith("/artworks")
                            || path.endsWith("/desk/advertising")
                            || path.endsWith("/sounds")
                            || path.endsWith("/tables/{table}/csv")
                            || path.endsWith("/scripts/read")
                            || path.endsWith("{channel}/rehearsals")
                            || path.endsWith("/faces")
                            || path.equals("/api/palettes/read")
                            || path.equals("/api/packages"));
        }
    }

    private final JsonNode description;
    private final List<Route> all = new ArrayList<>();

    private Routes(JsonNode description) {
        this.description = description;
        for (Map.Entry<String, JsonNode> path : description.path("paths").properties()) {
            for (Map.Entry<String, JsonNode> method : path.getValue().properties()) {
                Map<String, JsonNode> query = new java.util.LinkedHashMap<>();
                method.getValue().path("parameters").forEach(parameter -> {
                    if (parameter.path("in").asString().equals("query")) {
                        query.put(parameter.path("name").asString(), parameter.path("schema"));
                    }
                });
                all.add(new Route(
                        method.getKey().toUpperCase(Locale.ROOT),
                        path.getKey(),
                        query,
                        method.getValue()
                                .path("requestBody")
                                .path("content")
                                .path("application/json")
                                .path("schema")));
            }
        }
    }

    public static Routes of(Person anybody) {
        return new Routes(anybody.get("/api/openapi").json());
    }

    public List<Route> all() {
        return List.copyOf(all);
    }

    /** A body that fits the schema, with values that may mean nothing. */
    public JsonNode body(Route route, Random random) {
        return made(route.body(), random, 0);
    }

    private JsonNode made(JsonNode schema, Random random, int depth) {
        if (schema.has("$ref")) {
            return made(
                    description
                            .path("components")
                            .path("schemas")
                            .path(schema.path("$ref").asString().replaceAll(".*/", "")),
                    random,
                    depth);
        }
        if (schema.has("oneOf") || schema.has("anyOf")) {
            JsonNode choices = schema.has("oneOf") ? schema.path("oneOf") : schema.path("anyOf");
            return made(choices.get(random.nextInt(choices.size())), random, depth);
        }
        if (schema.has("discriminator") && !schema.has("allOf")) {
            List<Map.Entry<String, JsonNode>> kinds =
                    List.copyOf(schema.path("discriminator").path("mapping").properties());
            Map.Entry<String, JsonNode> kind = kinds.get(random.nextInt(kinds.size()));
            ObjectNode one = (ObjectNode)
                    made(NODES.objectNode().put("$ref", kind.getValue().asString()), random, depth);
            return one.put(schema.path("discriminator").path("propertyName").asString(), kind.getKey());
        }
        if (schema.has("allOf")) {
            ObjectNode whole = NODES.objectNode();
            schema.path("allOf").forEach(part -> {
                if (!part.has("$ref")) {
                    whole.setAll((ObjectNode) made(part, random, depth));
                }
            });
            return whole;
        }
        if (schema.has("enum")) {
            return schema.path("enum").get(random.nextInt(schema.path("enum").size()));
        }
        JsonNode declared = schema.path("type");
        String type = declared.isArray() ? declared.get(0).asString() : declared.asString("object");
        return switch (type) {
            case "string" ->
                NODES.stringNode(pick(
                        random,
                        "hide",
                        "wide",
                        "band",
                        "Starting",
                        "#4f8f5b",
                        "camera",
                        "11111111-1111-1111-1111-111111111111",
                        "x"));
            case "integer" -> NODES.numberNode(random.nextInt(20));
            case "number" -> NODES.numberNode(random.nextInt(40) / 4.0);
            case "boolean" -> NODES.booleanNode(random.nextBoolean());
            case "null" -> NODES.nullNode();
            case "array" -> {
                ArrayNode array = NODES.arrayNode();
                for (int n = depth > DEEPEST ? 0 : random.nextInt(3); n > 0; n--) {
                    array.add(made(schema.path("items"), random, depth + 1));
                }
                yield array;
            }
            default -> {
                ObjectNode object = NODES.objectNode();
                schema.path("properties")
                        .properties()
                        .forEach(property ->
                                object.set(property.getKey(), made(property.getValue(), random, depth + 1)));
                if (schema.path("additionalProperties").isObject() && depth <= DEEPEST && random.nextBoolean()) {
                    object.set("0", made(schema.path("additionalProperties"), random, depth + 1));
                }
                yield object;
            }
        };
    }

    /** Puts something into a document that does not belong there. */
    public static JsonNode spoilt(JsonNode document, Random random) {
        JsonNode at = document;
        while (true) {
            List<JsonNode> children = new ArrayList<>();
            List<Runnable> spoils = new ArrayList<>();
            if (at instanceof ObjectNode object) {
                object.properties().forEach(property -> {
                    children.add(property.getValue());
                    spoils.add(() -> object.set(property.getKey(), junk(random)));
                });
            } else if (at instanceof ArrayNode array) {
                for (int i = 0; i < array.size(); i++) {
                    int index = i;
                    children.add(array.get(i));
                    spoils.add(() -> array.set(index, junk(random)));
                }
            }
            if (children.isEmpty()) {
                return at == document ? junk(random) : document;
            }
            int which = random.nextInt(children.size());
            if (children.get(which).isContainer() && !children.get(which).isEmpty() && random.nextInt(4) > 0) {
                at = children.get(which);
            } else {
                spoils.get(which).run();
                return document;
            }
        }
    }

    public static JsonNode junk(Random random) {
        return switch (random.nextInt(6)) {
            case 0 -> NODES.nullNode();
            case 1 -> NODES.numberNode(new double[] {-1, 0, 1e300, -1e300, 0.5, 2147483648d, -5}[random.nextInt(7)]);
            case 2 -> NODES.booleanNode(random.nextBoolean());
            case 3 -> NODES.arrayNode().add(NODES.nullNode());
            case 4 -> NODES.objectNode().put("a", 1);
            default -> NODES.stringNode(word(random));
        };
    }

    /** A text that a careless program might stumble over. */
    public static String word(Random random) {
        return pick(
                random,
                "",
                " ",
                "a",
                "A\u0000b",
                "\ud83e",
                "line\nbreak",
                "x".repeat(5000),
                "{followers,number,::scale/1E99999999}",
                "{",
                "'; drop table theme; --",
                "<script>alert(1)</script>",
                "../../etc/passwd",
                "%00",
                "NaN",
                "-1",
                "99999999999999999999",
                "2147483648",
                "__proto__",
                "null",
                "\u202e",
                "11111111-1111-1111-1111-111111111111");
    }

    private static String pick(Random random, String... words) {
        return words[random.nextInt(words.length)];
    }

    public static String text(JsonNode node) {
        return JSON.writeValueAsString(node);
    }
}
