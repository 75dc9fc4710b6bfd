package brandeon.core.pack;

import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import com.fasterxml.jackson.annotation.JsonSetter;
import com.fasterxml.jackson.annotation.Nulls;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.json.JsonFactoryBuilder;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.KeyDeserializer;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/**
 * Theme documents, edits and pictures as JSON text (RFC 8259). A missing or unknown property is an error, never a
 * guess.
 */
public final class Json {

    private static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(
                    DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES,
                            DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES,
                    DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES,
                            DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();

    private static final JsonMapper SPARSE = MAPPER.rebuild()
            .disable(
                    DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES,
                    DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES,
                    DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
            .build();

    /** How deep documents and messages from outside may nest, and how long one text in them may be. */
    private static final int DEEPEST = 60;

    private static final int LONGEST_TEXT = 20_000;

    private static final JsonMapper DOOR = JsonMapper.builder(
                    new JsonFactoryBuilder().streamReadConstraints(limits()).build())
            .enable(
                    DeserializationFeature.FAIL_ON_NULL_CREATOR_PROPERTIES,
                            DeserializationFeature.FAIL_ON_MISSING_CREATOR_PROPERTIES,
                    DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES,
                            DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .addModule(fromOutside())
            .changeDefaultNullHandling(Json::noGaps)
            .build();

    private Json() {}

    /** For what comes from outside, beyond what documents of our own are read with. */
    public static StreamReadConstraints limits() {
        return StreamReadConstraints.builder()
                .maxNestingDepth(DEEPEST)
                .maxStringLength(LONGEST_TEXT)
                .build();
    }

    /** Refuses texts that cannot be kept, sent and painted everywhere, as values and as keys. */
    public static SimpleModule fromOutside() {
        return new SimpleModule("from outside")
                .addDeserializer(String.class, new CleanText())
                .addKeyDeserializer(String.class, new CleanKey());
    }

    /** No gaps in lists and maps. */
    public static JsonSetter.Value noGaps(JsonSetter.Value standard) {
        return standard.withContentNulls(Nulls.FAIL);
    }

    /**
     * Reads what comes from outside.
     *
     * @throws Mistake with a sentence for the user when the text does not fit the type, has gaps in its
     *                                  lists, or holds control characters
     */
    public static <T> T readFromOutside(String text, Class<T> type) {
        try {
            return DOOR.readValue(text, type);
        } catch (JacksonException e) {
            throw new Mistake(Unreadable.sentence("This", e), e);
        }
    }

    private static final class CleanText extends StdScalarDeserializer<String> {

        CleanText() {
            super(String.class);
        }

        @Override
        public String deserialize(JsonParser parser, DeserializationContext context) {
            if (!parser.hasToken(JsonToken.VALUE_STRING)) {
                return (String) context.handleUnexpectedToken(String.class, parser);
            }
            return clean(parser.getString());
        }
    }

    private static final class CleanKey extends KeyDeserializer {
        @Override
        public Object deserializeKey(String key, DeserializationContext context) {
            return clean(key);
        }
    }

    private static String clean(String text) {
        if (!Letters.clean(text)) {
            throw new Mistake("A text has a control character or half a letter in it; take it out and try again.");
        }
        return text;
    }

    public static String write(Object value) {
        return MAPPER.writeValueAsString(value);
    }

    /** @throws Mistake with a sentence for the user when the text does not fit the type */
    public static <T> T read(String text, Class<T> type) {
        try {
            return MAPPER.readValue(text, type);
        } catch (JacksonException e) {
            throw new Mistake(Unreadable.sentence("This", e), e);
        }
    }

    /** Reads what was written with what says nothing left out. */
    public static <T> T readSparse(String text, Class<T> type) {
        try {
            return SPARSE.readValue(text, type);
        } catch (JacksonException e) {
            throw new Mistake(Unreadable.sentence("This", e), e);
        }
    }
}
