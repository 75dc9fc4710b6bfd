package brandeon.core.platform;

import brandeon.core.live.SignalKind;
import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import brandeon.core.text.Money;
import com.networknt.schema.Error;
import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import com.networknt.schema.serialization.NodeReader;
import com.networknt.schema.utils.JsonNodes;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Profiles as documents: JSON by docs/profile.schema.json (JSON Schema 2020-12). Three come along, of invented
 * platforms.
 */
public final class Profiles {

    public static final String FORMAT = "brandeon-profile";
    private static final int VERSION = 1;

    /** Letters of a document. */
    public static final int LONGEST = 20_000;

    private static final int MOST_FLAWS = 20;
    private static final List<String> SHIPPED = List.of("alder", "birch", "cedar");

    private static final NodeReader READER =
            NodeReader.builder().locationAware().build();
    private static final Schema SCHEMA = schema();
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private static final List<Profile> ALL =
            SHIPPED.stream().map(name -> read(resource(name + ".json"))).toList();

    private static final Noun SUPPORTER = new Noun("supporter", "supporters");

    /** For a theme without a channel: words that fit every platform. */
    public static final Profile PLAIN = new Profile(
            "plain",
            "the platform",
            new Profile.Words(
                    SUPPORTER, new Noun("support", "support"), "joined", new Noun("raid", "raids"), "came along"),
            Map.of(),
            List.of(),
            80,
            List.of());

    private Profiles() {}

    /** What is wrong with a document. @param line from 1; 0 where it is the whole */
    public record Flaw(int line, String sentence) {}

    /** Those that come along. */
    public static List<Profile> shipped() {
        return ALL;
    }

    public static Optional<Profile> shipped(String id) {
        return ALL.stream().filter(profile -> profile.id().equals(id)).findFirst();
    }

    /** The schema, as it stands in docs/profile.schema.json. */
    public static String schemaText() {
        return resource("profile.schema.json");
    }

    /** @throws Mistake with all that is wrong, by line */
    public static Profile read(String text) {
        List<Flaw> flaws = flaws(text);
        if (!flaws.isEmpty()) {
            throw new Mistake(String.join(
                    "\n",
                    flaws.stream()
                            .map(flaw ->
                                    flaw.line() == 0 ? flaw.sentence() : "Line " + flaw.line() + ": " + flaw.sentence())
                            .toList()));
        }
        return parsed(READER.readTree(text, InputFormat.JSON));
    }

    private static Profile parsed(JsonNode document) {
        ObjectNode profile = ((ObjectNode) document).deepCopy();
        profile.remove(List.of("format", "version", "$schema"));
        if (!profile.has("covers")) {
            profile.putArray("covers");
        }
        if (!profile.has("forms")) {
            profile.putObject("forms");
        }
        return MAPPER.treeToValue(profile, Profile.class);
    }

    /** All that is wrong with a document, from its beginning on; empty when it is a profile. */
    public static List<Flaw> flaws(String text) {
        if (text.length() > LONGEST) {
            return List.of(new Flaw(0, "A profile has at most " + LONGEST + " letters."));
        }
        if (!Letters.clean(text)) {
            return List.of(new Flaw(0, "There is a control character or half a letter in it."));
        }
        JsonNode document;
        try {
            // Read as strictly as all that comes from outside; the other reader knows where things stand.
            Json.readFromOutside(text, JsonNode.class);
            document = READER.readTree(text, InputFormat.JSON);
        } catch (Mistake e) {
            return List.of(unreadable(e));
        }
        List<Flaw> flaws = new ArrayList<>(SCHEMA.validate(document).stream()
                .map(Profiles::flaw)
                .distinct()
                .sorted(Comparator.comparingInt(Flaw::line))
                .limit(MOST_FLAWS)
                .toList());
        if (flaws.isEmpty()) {
            twice(document, flaws);
        }
        return flaws;
    }

    private static Flaw unreadable(Mistake e) {
        TokenStreamLocation where =
                e.getCause() instanceof JacksonException cause ? cause.getLocation() : TokenStreamLocation.NA;
        return new Flaw(
                Math.max(0, where == null ? 0 : where.getLineNr()),
                e.getMessage().lines().findFirst().orElse("This is no JSON."));
    }

    private static Flaw flaw(Error error) {
        JsonNode where = error.getInstanceNode();
        String path = error.getInstanceLocation().toString();
        String message = error.getMessage();
        return new Flaw(line(where), path.isEmpty() || path.equals("/") ? message : path + ": " + message);
    }

    private static int line(JsonNode node) {
        TokenStreamLocation where = node == null ? null : JsonNodes.tokenStreamLocationOf(node);
        return where == null ? 0 : Math.max(0, where.getLineNr());
    }

    /** What the schema cannot say: that a kind or a type stands there once. */
    private static void twice(JsonNode document, List<Flaw> flaws) {
        Set<SignalKind> kinds = EnumSet.noneOf(SignalKind.class);
        Set<String> types = new HashSet<>();
        for (JsonNode signal : document.path("signals")) {
            SignalKind kind = SignalKind.valueOf(signal.path("kind").asString());
            if (!kinds.add(kind)) {
                flaws.add(new Flaw(line(signal), kind + " stands there twice."));
            }
            if (!types.add(signal.path("type").asString())) {
                flaws.add(new Flaw(
                        line(signal),
                        "Two signals are of type “" + signal.path("type").asString() + "”."));
            }
            signal.path("currencies").forEach(code -> {
                if (!Money.known(code.asString())) {
                    flaws.add(new Flaw(line(code), "“" + code.asString() + "” is no currency of ISO 4217."));
                }
            });
            if (kind.amount() == SignalKind.Amount.COUNT && !signal.has("unit")) {
                flaws.add(new Flaw(line(signal), kind + " has an amount; say what it counts, in “unit”."));
            }
        }
    }

    /** A document that {@link #read} takes, laid out for people. */
    public static String write(Profile profile) {
        ObjectNode document = MAPPER.createObjectNode();
        document.put("format", FORMAT);
        document.put("version", VERSION);
        document.setAll((ObjectNode) MAPPER.valueToTree(profile));
        if (document.path("forms").isEmpty()) {
            document.remove("forms");
        }
        document.path("signals").forEach(signal -> {
            ObjectNode term = (ObjectNode) signal;
            if (term.path("unit").isNull()) {
                term.remove("unit");
            }
            if (term.path("currencies").isEmpty()) {
                term.remove("currencies");
            }
        });
        return document.toPrettyString();
    }

    private static Schema schema() {
        return SchemaRegistry.withDefaultDialect(
                        SpecificationVersion.DRAFT_2020_12, builder -> builder.nodeReader(READER))
                .getSchema(resource("profile.schema.json"));
    }

    private static String resource(String name) {
        try (InputStream in = Profiles.class.getResourceAsStream(name)) {
            if (in == null) {
                throw new IllegalStateException(name + " is missing from the application.");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
