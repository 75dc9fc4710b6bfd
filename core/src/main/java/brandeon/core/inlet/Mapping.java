package brandeon.core.inlet;

import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.platform.Profile;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import brandeon.core.text.Money;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.time.DateTimeException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.util.Currency;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import tools.jackson.core.JsonPointer;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * How a body of JSON that somebody else thought of becomes a signal: which of its parts is what, by pointers (RFC 6901).
 *
 * @param kind     pointer to what says which kind it is; empty where every body is of {@code always}
 * @param kinds    which value there means which kind
 * @param always   the kind of every body, where {@code kind} is empty
 * @param fields   pointers by the name of a signal's field, of {@link SignalData#FIELDS}
 * @param fixed    what a field always is, where no pointer says it
 * @param mainUnit whether amounts of money come in the main unit (12.50) and not in the smallest (1250)
 * @param id       pointer to what is the same whenever the same thing is sent again; empty where nothing is
 * @param time     pointer to when it happened, by ISO 8601 or in seconds or milliseconds since 1970; empty for now
 */
public record Mapping(
        String kind,
        Map<String, SignalKind> kinds,
        SignalKind always,
        Map<String, String> fields,
        Map<String, String> fixed,
        boolean mainUnit,
        String id,
        String time) {

    private static final int MOST_KINDS = 60;
    private static final int LONGEST_VALUE = 200;
    private static final int LONGEST_POINTER = 400;
    private static final BigDecimal MOST = BigDecimal.valueOf(1_000_000_000_000L);
    /** Numbers with a point are written without an exponent below this. */
    private static final double LARGEST_PLAIN = 1e15;
    /** Seconds since 1970 stay below this for 3,000 years, milliseconds were above it in 1973. */
    private static final long MILLIS_FROM = 100_000_000_000L;

    /** Nothing is pointed at yet. */
    public static final Mapping NOTHING = new Mapping("", Map.of(), SignalKind.TIP, Map.of(), Map.of(), false, "", "");

    public Mapping {
        kinds = Map.copyOf(new TreeMap<>(kinds));
        fields = Map.copyOf(new TreeMap<>(fields));
        fixed = Map.copyOf(new TreeMap<>(fixed));
        if (kinds.size() > MOST_KINDS) {
            throw new Mistake("A mapping has at most " + MOST_KINDS + " kinds.");
        }
        kinds.keySet().forEach(value -> requireShort(value, LONGEST_VALUE));
        fixed.values().forEach(value -> requireShort(value, LONGEST_VALUE));
        for (Map<String, String> named : List.of(fields, fixed)) {
            named.keySet().forEach(Mapping::requireField);
        }
        fields.values().forEach(Mapping::pointer);
        pointer(kind);
        pointer(id);
        pointer(time);
    }

    /**
     * What a body says, as the data of a signal.
     *
     * @param id empty where the mapping points at none, or it is not there
     * @param at when it happened; empty where it does not say
     */
    public record Mapped(SignalKind kind, ObjectNode data, String id, Optional<Instant> at) {

        /**
         * @param when it happened, epoch milliseconds
         * @throws Mistake with a sentence that names the field
         */
        public Signal signal(Profile profile, String signalId, long when) {
            return SignalData.read(profile, profile.termOrPlain(kind), data, signalId, when);
        }
    }

    /** @throws Mistake when the body does not say which kind it is, or a field is not what it must be */
    public Mapped of(JsonNode body) {
        SignalKind of = kindOf(body);
        ObjectNode data = JsonNodeFactory.instance.objectNode();
        for (String field : SignalData.FIELDS) {
            value(body, field).ifPresent(value -> put(data, of, field, value));
        }
        if (of.amount() == SignalKind.Amount.MONEY) {
            money(data);
        } else {
            data.remove("currency");
        }
        return new Mapped(
                of,
                data,
                text(at(body, id)).map(Letters::shown).orElse(""),
                time.isEmpty() ? Optional.empty() : instant(at(body, time)));
    }

    private SignalKind kindOf(JsonNode body) {
        if (kind.isEmpty()) {
            return always;
        }
        String value = text(at(body, kind))
                .orElseThrow(() -> new Mistake("At “" + kind + "” nothing says which kind of signal it is."));
        SignalKind of = kinds.get(value);
        if (of == null) {
            throw new Mistake("What “" + Letters.shown(cut(value)) + "” at “" + kind + "” means is not said.");
        }
        return of;
    }

    private Optional<String> value(JsonNode body, String field) {
        String at = fields.getOrDefault(field, "");
        Optional<String> there = at.isEmpty() ? Optional.empty() : text(at(body, at));
        return there.or(() -> Optional.ofNullable(fixed.get(field)).filter(value -> !value.isEmpty()));
    }

    private static void put(ObjectNode data, SignalKind kind, String field, String value) {
        switch (field) {
            case "months" -> data.put(field, whole(field, value));
            case "amount" -> {
                if (kind.amount() == SignalKind.Amount.MONEY) {
                    data.put(field, number(field, value));
                } else {
                    data.put(field, whole(field, value));
                }
            }
            case "anonymous", "first", "practice" -> data.put(field, truth(value));
            default -> data.put(field, value);
        }
    }

    /** The amount in the smallest unit of its currency. */
    private void money(ObjectNode data) {
        JsonNode amount = data.path("amount");
        if (!amount.isNumber()) {
            return;
        }
        String code = data.path("currency").asString("").toUpperCase(Locale.ROOT);
        int digits = mainUnit && Money.known(code) ? Money.digits(Currency.getInstance(code)) : 0;
        BigDecimal minor = amount.decimalValue().movePointRight(digits);
        try {
            data.put("amount", minor.setScale(0, RoundingMode.UNNECESSARY).longValueExact());
        } catch (ArithmeticException e) {
            throw new Mistake(
                    mainUnit
                            ? "The amount " + amount.asString() + " has more digits after the point than " + code
                                    + " has."
                            : "The amount " + amount.asString()
                                    + " is no whole number of the smallest unit; say that it comes in the main unit.",
                    e);
        }
    }

    private static BigDecimal number(String field, String value) {
        try {
            BigDecimal number = new BigDecimal(cut(value.strip()));
            if (number.abs().compareTo(MOST) <= 0 && number.scale() <= 12 && number.scale() >= -12) {
                return number;
            }
        } catch (NumberFormatException e) {
            // Said below, with what is too large.
        }
        throw new Mistake("The " + field + " “" + Letters.shown(cut(value)) + "” is no number that can be read.");
    }

    private static long whole(String field, String value) {
        try {
            return number(field, value).setScale(0, RoundingMode.UNNECESSARY).longValueExact();
        } catch (ArithmeticException e) {
            throw new Mistake("The " + field + " “" + Letters.shown(cut(value)) + "” is no whole number.", e);
        }
    }

    private static boolean truth(String value) {
        return switch (value.strip().toLowerCase(Locale.ROOT)) {
            case "", "false", "no", "0" -> false;
            default -> true;
        };
    }

    private static Optional<Instant> instant(JsonNode there) {
        Optional<String> text = text(there);
        if (text.isEmpty()) {
            return Optional.empty();
        }
        String value = text.get().strip();
        if (value.matches("\\d{1,15}(\\.\\d{1,9})?")) {
            BigDecimal number = new BigDecimal(value);
            return Optional.of(Instant.ofEpochMilli(
                    number.longValue() >= MILLIS_FROM
                            ? number.longValue()
                            : number.movePointRight(3).longValue()));
        }
        try {
            return Optional.of(OffsetDateTime.parse(cut(value)).toInstant());
        } catch (DateTimeException e) {
            throw new Mistake("The time “" + Letters.shown(cut(value)) + "” is neither ISO 8601 nor a number.", e);
        }
    }

    private static JsonNode at(JsonNode body, String pointer) {
        return pointer.isEmpty() ? JsonNodeFactory.instance.missingNode() : body.at(pointer(pointer));
    }

    /** Of a text, a number or a truth value; empty of anything else. */
    private static Optional<String> text(JsonNode node) {
        if (!node.isValueNode() || node.isNull() || node.isMissingNode()) {
            return Optional.empty();
        }
        double number = node.isFloatingPointNumber() ? node.asDouble(Double.NaN) : Double.NaN;
        return Optional.of(
                Math.abs(number) < LARGEST_PLAIN ? BigDecimal.valueOf(number).toPlainString() : node.asString());
    }

    private static JsonPointer pointer(String text) {
        requireShort(text, LONGEST_POINTER);
        try {
            return JsonPointer.compile(text);
        } catch (IllegalArgumentException e) {
            throw new Mistake("“" + Letters.shown(text) + "” is no pointer into JSON; one begins with a slash.", e);
        }
    }

    private static void requireField(String field) {
        if (!SignalData.FIELDS.contains(field)) {
            throw new Mistake("A signal has no field “" + Letters.shown(field) + "”.");
        }
    }

    private static void requireShort(String text, int most) {
        if (text.length() > most) {
            throw new Mistake("A part of a mapping has at most " + most + " letters.");
        }
    }

    private static String cut(String text) {
        return text.length() > 60 ? text.substring(0, 60) : text;
    }
}
