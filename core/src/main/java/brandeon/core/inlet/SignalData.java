package brandeon.core.inlet;

import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.platform.Profile;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import brandeon.core.text.Money;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import tools.jackson.databind.JsonNode;

/**
 * What a platform tells of an event, read into a signal: the {@code data} of a CloudEvent (docs/protocol.md). What is
 * wrong is refused with a sentence, never guessed.
 */
public final class SignalData {

    /** Letters as readers count them (graphemes) of a name, a level or an id. */
    private static final int LONGEST_NAME = 80;

    private static final int LONGEST_MESSAGE = 500;
    private static final long MOST = 1_000_000_000;
    private static final int MOST_MONTHS = 1200;
    private static final Duration FARTHEST = Duration.ofDays(366);

    /** All fields that are understood. */
    public static final List<String> FIELDS = List.of(
            "name", "months", "level", "amount", "currency", "message", "giftedTo", "anonymous", "first", "practice");

    private SignalData() {}

    /**
     * @param id of the event, the same for each time it is sent
     * @param at when it happened, epoch milliseconds
     * @throws Mistake with a sentence that names the field
     */
    public static Signal read(Profile profile, Profile.Term term, JsonNode data, String id, long at) {
        if (!data.isObject()) {
            throw new Mistake("A signal's data is a JSON object with a “name”.");
        }
        boolean anonymous = flag(data, "anonymous");
        long amount = whole(data, "amount", MOST);
        String currency = currency(term, data, amount);
        return new Signal(
                id,
                profile.id(),
                term.kind(),
                name(data, anonymous),
                (int) whole(data, "months", MOST_MONTHS),
                text(data, "level", LONGEST_NAME),
                amount,
                currency,
                text(data, "message", LONGEST_MESSAGE),
                text(data, "giftedTo", LONGEST_NAME),
                anonymous,
                flag(data, "first"),
                flag(data, "practice"),
                at);
    }

    /** The fields of a signal's data that say nothing here, as they may be shown. */
    public static List<String> unknown(JsonNode data) {
        return data.propertyNames().stream()
                .filter(name -> !FIELDS.contains(name))
                .map(Letters::shown)
                .sorted()
                .toList();
    }

    private static String name(JsonNode data, boolean anonymous) {
        String name = text(data, "name", LONGEST_NAME);
        if (name.isEmpty() && !anonymous) {
            throw new Mistake("A signal's data needs a “name” of 1 to " + LONGEST_NAME + " letters.");
        }
        return name;
    }

    /**
     * When it happened, in epoch milliseconds.
     *
     * @throws Mistake when it lies too far from now to be true
     */
    public static long near(Instant at, Instant now) {
        if (Duration.between(at, now).abs().compareTo(FARTHEST) > 0) {
            throw new Mistake("A signal's time lies within a year of now.");
        }
        return at.toEpochMilli();
    }

    /** As text is shown: control and direction characters are left out. */
    private static String text(JsonNode data, String field, int longest) {
        JsonNode value = data.path(field);
        if (value.isMissingNode() || value.isNull()) {
            return "";
        }
        if (!value.isString()) {
            throw new Mistake("A signal's “" + field + "” is a text.");
        }
        String text = Letters.shown(value.asString()).strip();
        if (!Letters.within(text, longest)) {
            throw new Mistake(String.format(Locale.ROOT, "A signal's “%s” has at most %d letters.", field, longest));
        }
        return text;
    }

    /** A whole number from 0 up; 0 where there is none. */
    private static long whole(JsonNode data, String field, long most) {
        JsonNode value = data.path(field);
        if (value.isMissingNode() || value.isNull()) {
            return 0;
        }
        if (!value.isIntegralNumber() || !value.canConvertToLong() || value.asLong() < 0 || value.asLong() > most) {
            throw new Mistake(
                    String.format(Locale.ROOT, "A signal's “%s” is a whole number from 0 to %d.", field, most));
        }
        return value.asLong();
    }

    private static boolean flag(JsonNode data, String field) {
        JsonNode value = data.path(field);
        if (!value.isMissingNode() && !value.isNull() && !value.isBoolean()) {
            throw new Mistake("A signal's “" + field + "” is true or false.");
        }
        return value.asBoolean(false);
    }

    private static String currency(Profile.Term term, JsonNode data, long amount) {
        String code = text(data, "currency", 3).toUpperCase(Locale.ROOT);
        if (term.kind().amount() != SignalKind.Amount.MONEY) {
            if (!code.isEmpty()) {
                throw new Mistake(
                        "The amount of a signal of type “" + term.type() + "” is no money, so it has no “currency”.");
            }
            return "";
        }
        if (code.isEmpty()) {
            if (amount == 0) {
                return "";
            }
            throw new Mistake(
                    "An amount of money needs its “currency”, by ISO 4217; the “amount” is in its smallest unit.");
        }
        if (!Money.known(code)) {
            throw new Mistake("“" + code + "” is no currency of ISO 4217.");
        }
        if (!term.currencies().isEmpty() && !term.currencies().contains(code)) {
            throw new Mistake(
                    "A " + term.word() + " is in " + String.join(", ", term.currencies()) + ", not in " + code + ".");
        }
        return code;
    }
}
