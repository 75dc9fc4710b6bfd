package brandeon.server.theme;

import brandeon.core.text.Amount;
import brandeon.core.text.Message;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * Brings documents and edits of one theme from before content had types to their present form. Edits name a piece
 * only by
 * its id, so all that is stored of a theme is looked through first ({@link #learn}). What is upgraded already stays.
 *
 * Nothing here asks the present kinds: what was a list in which kind is written down, so that it stays true when kinds
 * change later.
 */
final class ContentUpgrade {

    private static final JsonNodeFactory NODES = JsonNodeFactory.instance;
    private static final int MOST = 24;
    private static final int LONGEST = 400;
    private static final int LONGEST_WORD = 40;
    private static final double LONGEST_SECONDS = 120;
    private static final Pattern SECONDS = Pattern.compile("(\\d{1,3}(?:\\.\\d+)?) ?s?");
    private static final Pattern LIST = Pattern.compile("\\{\\s*recentSignals\\s*}");
    /** One live number with words around it. */
    private static final Pattern LIVE = Pattern.compile(
            "(?<before>[^{}']*)\\{\\s*(?<name>[A-Za-z][A-Za-z0-9]*)\\s*(?:,\\s*number\\s*(?:,\\s*(?<style>[^{}]*?)\\s*)?)?}(?<after>[^{}']*)");

    private static final Pattern NAME = Pattern.compile("\\{\\s*([A-Za-z][A-Za-z0-9]*)\\s*[,}]");
    private static final Pattern OLD_NAME =
            Pattern.compile("(?:(?<agenda>Talking points)|Supporter stack)(?<number> \\d+)?");

    private static final Map<String, String> KINDS = Map.of("POINTS", "AGENDA", "SUPPORTERS", "SUPPORTER_BOARD");
    /** A particle's shape had the name that its size has no more. */
    private static final Map<String, String> PARTICLES = Map.of("flake", "grain", "grain", "grainSize");

    private static final Map<String, Function<String, JsonNode>> TYPES = Stream.of(
                    Stream.of("SUPPORTERS rows", "SCHEDULE rows", "QUEUE rows", "RECENT rows", "CHAT rows")
                            .map(field -> Map.entry(field, (Function<String, JsonNode>) ContentUpgrade::rows)),
                    Stream.of("POINTS rows")
                            .map(field -> Map.entry(field, (Function<String, JsonNode>) ContentUpgrade::points)),
                    Stream.of("ROTATOR rows", "SPONSORS rows")
                            .map(field -> Map.entry(field, (Function<String, JsonNode>) ContentUpgrade::entries)),
                    Stream.of("PANEL headings")
                            .map(field -> Map.entry(field, (Function<String, JsonNode>) ContentUpgrade::headings)),
                    Stream.of("GOAL value", "METER value", "COUNTER value", "SCORE leftFigure", "SCORE rightFigure")
                            .map(field -> Map.entry(field, (Function<String, JsonNode>) ContentUpgrade::count)),
                    Stream.of("CLOCK zone")
                            .map(field -> Map.entry(field, (Function<String, JsonNode>) ContentUpgrade::zone)))
            .flatMap(Function.identity())
            .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));

    private final Map<String, String> kinds = new HashMap<>();

    /** Notes which kind each piece is of, at any depth. */
    void learn(JsonNode node) {
        if (node instanceof ObjectNode piece && piece.has("kind") && piece.has("texts") && piece.has("figures")) {
            kinds.putIfAbsent(piece.path("id").asString(""), piece.path("kind").asString(""));
        }
        node.forEach(this::learn);
    }

    /** Changes the node in place. */
    void upgrade(JsonNode node) {
        node.forEach(this::upgrade);
        if (node instanceof ObjectNode object) {
            if (object.has("kind") && object.has("texts") && object.has("figures")) {
                piece(object);
            } else if (object.has("piece") && object.has("spot") && object.has("texts")) {
                object.set("content", content(kind(object), object.remove("texts")));
            } else {
                edit(object);
            }
        }
    }

    private String kind(ObjectNode object) {
        return kinds.getOrDefault(object.path("piece").asString(""), "");
    }

    private static void piece(ObjectNode piece) {
        String kind = piece.path("kind").asString("");
        piece.set("content", content(kind, piece.remove("texts")));
        if (kind.equals("PARTICLES")) {
            ObjectNode figures = NODES.objectNode();
            piece.path("figures")
                    .properties()
                    .forEach(figure ->
                            figures.set(PARTICLES.getOrDefault(figure.getKey(), figure.getKey()), figure.getValue()));
            piece.set("figures", figures);
        }
        piece.put("kind", KINDS.getOrDefault(kind, kind));
        Matcher name = OLD_NAME.matcher(piece.path("name").asString(""));
        if (name.matches()) {
            piece.put(
                    "name",
                    (name.group("agenda") == null ? "Supporter board" : "Agenda")
                            + Optional.ofNullable(name.group("number")).orElse(""));
        }
    }

    private void edit(ObjectNode edit) {
        switch (edit.path("edit").asString("")) {
            case "setText" -> {
                edit.put("edit", "setContent");
                edit.set(
                        "value",
                        content(
                                kind(edit),
                                edit.path("field").asString(""),
                                edit.path("value").asString("")));
            }
            case "dropText" -> edit.put("edit", "dropContent");
            case "setWords" -> {
                edit.put("edit", "setContentOn");
                edit.set("content", content(kind(edit), edit.remove("texts")));
            }
            case "setFigure", "dropFigure" -> {
                // An edit that was stored once is never upgraded twice, so the two names cannot run after one another.
                if (kind(edit).equals("PARTICLES")) {
                    edit.put(
                            "field",
                            PARTICLES.getOrDefault(
                                    edit.path("field").asString(""),
                                    edit.path("field").asString("")));
                }
            }
            default -> {}
        }
    }

    private static ObjectNode content(String kind, JsonNode texts) {
        ObjectNode content = NODES.objectNode();
        texts.properties()
                .forEach(text -> content.set(
                        text.getKey(),
                        content(kind, text.getKey(), text.getValue().asString(""))));
        return content;
    }

    private static JsonNode content(String kind, String field, String text) {
        return TYPES.getOrDefault(kind + " " + field, NODES::stringNode).apply(text);
    }

    private static JsonNode rows(String text) {
        ObjectNode content = NODES.objectNode();
        ArrayNode rows = content.putArray("rows");
        String then = "";
        for (String line : lines(text)) {
            if (LIST.matcher(line).matches()) {
                then = "recentSignals";
            } else {
                row(rows.addObject(), line);
            }
        }
        content.put("then", then);
        return content;
    }

    private static JsonNode points(String text) {
        ObjectNode content = NODES.objectNode();
        ArrayNode points = content.putArray("points");
        for (String line : lines(text)) {
            boolean marked = line.startsWith("[x]") || line.startsWith("[>]") || line.startsWith("[ ]");
            ObjectNode point = points.addObject();
            point.put("state", line.startsWith("[x]") ? "DONE" : line.startsWith("[>]") ? "NOW" : "OPEN");
            row(point, marked ? line.substring(3).strip() : line);
        }
        return content;
    }

    private static JsonNode entries(String text) {
        ObjectNode content = NODES.objectNode();
        ArrayNode entries = content.putArray("entries");
        for (String line : lines(text)) {
            List<String> parts = split(line, '|');
            Matcher own =
                    SECONDS.matcher(parts.size() < 2 ? "" : parts.getLast().strip());
            boolean timed = own.matches() && Double.parseDouble(own.group(1)) >= 1;
            List<String> said = timed ? parts.subList(0, parts.size() - 1) : parts;
            String label = said.getFirst().strip();
            String words = String.join("|", said.subList(1, said.size())).strip();
            ObjectNode entry = entries.addObject();
            entry.put("label", words.isEmpty() ? "" : whole(label))
                    .put("words", words.isEmpty() ? whole(label) : whole(words));
            entry.put("seconds", timed ? Math.min(LONGEST_SECONDS, Double.parseDouble(own.group(1))) : 0);
        }
        return content;
    }

    private static JsonNode headings(String text) {
        ObjectNode content = NODES.objectNode();
        ArrayNode lines = content.putArray("lines");
        lines(text).forEach(line -> lines.add(whole(line)));
        return content;
    }

    private static JsonNode zone(String text) {
        return NODES.objectNode().put("zone", text);
    }

    private static JsonNode count(String text) {
        Matcher live = LIVE.matcher(text);
        if (live.matches()) {
            String style = Optional.ofNullable(live.group("style")).orElse("");
            return count(live.group("name"), 0, taken(style) ? style : "", live.group("before"), live.group("after"));
        }
        Matcher name = NAME.matcher(text);
        if (name.find()) {
            return count(name.group(1), 0, "", "", "");
        }
        // In patterns two apostrophes stand for one.
        String plain = text.replace("''", "'");
        Optional<Amount.Found> found = Amount.find(plain);
        return found.map(amount -> count("", amount.value(), style(amount), amount.before(), amount.after()))
                .orElseGet(() -> count("", 0, "", "", ""));
    }

    private static ObjectNode count(String reading, double number, String style, String before, String after) {
        return NODES.objectNode()
                .put("reading", reading)
                .put("number", number)
                .put("style", style)
                .put("before", shortened(before))
                .put("after", shortened(after));
    }

    /** With as many places, and with or without separators, as it was written. */
    private static String style(Amount.Found amount) {
        String places = switch (amount.places()) {
            case 1 -> ".0";
            case 2 -> ".00";
            default -> "";
        };
        String style = (amount.grouped() || Math.abs(amount.value()) < 1000 ? "" : "group-off ") + places;
        return style.isBlank() ? "" : "::" + style.strip();
    }

    private static boolean taken(String style) {
        return style.isEmpty()
                || new Message("{n, number, " + style + "}").mistake(Map.of()).isEmpty();
    }

    private static String shortened(String text) {
        return text.length() <= LONGEST_WORD ? text : text.substring(0, LONGEST_WORD);
    }

    private static void row(ObjectNode row, String line) {
        List<String> parts = split(line, '|');
        row.put("label", whole(parts.getFirst().strip()))
                .put(
                        "value",
                        whole(String.join("|", parts.subList(1, parts.size())).strip()));
    }

    private static List<String> lines(String text) {
        return split(text, '\n').stream()
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .limit(MOST)
                .toList();
    }

    /** Parts between signs that stand outside of braces and quotes, where they belong to the words of a plural. */
    private static List<String> split(String text, char sign) {
        List<String> parts = new ArrayList<>();
        int depth = 0;
        boolean quoted = false;
        int from = 0;
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            if (c == '\'' && (quoted || (i + 1 < text.length() && "{}".indexOf(text.charAt(i + 1)) >= 0))) {
                quoted = !quoted;
            } else if (!quoted) {
                depth += c == '{' ? 1 : c == '}' ? -1 : 0;
                if (c == sign && depth == 0) {
                    parts.add(text.substring(from, i));
                    from = i + 1;
                }
            }
        }
        parts.add(text.substring(from));
        return parts;
    }

    /** A part of a pattern as a pattern of its own; one that is none, or too long, loses its values. */
    private static String whole(String part) {
        try {
            new Message(part);
            if (part.length() <= LONGEST) {
                return part;
            }
        } catch (IllegalArgumentException e) {
            // Half of something that was cut in two.
        }
        String plain = part.replaceAll("[{}']", "");
        return plain.length() <= LONGEST ? plain : plain.substring(0, LONGEST);
    }
}
