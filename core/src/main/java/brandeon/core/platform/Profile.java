package brandeon.core.platform;

import brandeon.core.canvas.Shape;
import brandeon.core.live.Readings;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.text.ValueType;
import java.util.Collections;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;

/**
 * A platform described as a document: which signals it has, what they are called on the wire, what people there say,
 * and what of the picture its own buttons cover. {@link Profiles} reads and writes it; nothing in code knows a platform
 * by its name.
 *
 * @param id          in addresses and documents
 * @param forms       further forms of its words, by language (BCP 47) and concept; what stands at one place of a list
 *     here stands for what stands there in another profile's
 * @param longestName letters that a viewer's name has there at most
 */
public record Profile(
        String id,
        String title,
        Words words,
        Map<String, Map<String, List<String>>> forms,
        List<Term> signals,
        int longestName,
        List<Covered> covers) {

    /**
     * The words that viewers read, by concept.
     *
     * @param supported what a new supporter did, as in “Ilse subscribed”
     * @param raided    what somebody did who brought their viewers along
     */
    public record Words(Noun supporter, Noun support, String supported, Noun raid, String raided) {}

    /**
     * A signal of the platform.
     *
     * @param type       CloudEvents type on the wire
     * @param noun       what people there call it
     * @param verb       what the viewer did, as in “Ilse followed”
     * @param unit       what its amount counts; null where it counts nothing
     * @param currencies in which its amount can be, by ISO 4217; empty for any, where it is money
     */
    public record Term(SignalKind kind, String type, Noun noun, String verb, Noun unit, List<String> currencies) {

        public Term {
            currencies = currencies == null ? List.of() : List.copyOf(currencies);
        }

        public String word() {
            return noun.one();
        }
    }

    /**
     * What the platform's own buttons cover of a picture, in shares of the canvas.
     *
     * @param shape of the canvases that it is so on
     */
    public record Covered(Shape shape, String title, double left, double top, double width, double height) {}

    /** All that the texts of an alert may use, in the order in which people are shown it. */
    public static final Map<String, Readings.Named> ALERT_VALUES = named();

    /** What each of them is. */
    public static final Map<String, ValueType> ALERT_TYPES = ALERT_VALUES.entrySet().stream()
            .collect(Collectors.toUnmodifiableMap(
                    Map.Entry::getKey, entry -> entry.getValue().type()));

    private static Map<String, Readings.Named> named() {
        Map<String, Readings.Named> values = new LinkedHashMap<>(Signal.VALUES);
        values.put("count", new Readings.Named("how many are announced together", ValueType.NUMBER));
        values.put("names", new Readings.Named("the first few of them", ValueType.TEXT));
        values.put("more", new Readings.Named("how many more than these", ValueType.NUMBER));
        values.put("what", new Readings.Named("the platform's word for it", ValueType.TEXT));
        values.put("did", new Readings.Named("what they did, in the platform's words", ValueType.TEXT));
        values.put("unit", new Readings.Named("what the amount counts, in the platform's words", ValueType.TEXT));
        values.put("supporter", new Readings.Named("the platform's word for a supporter", ValueType.TEXT));
        values.put("supporters", new Readings.Named("the same for several", ValueType.TEXT));
        values.put("support", new Readings.Named("the platform's word for support", ValueType.TEXT));
        values.put("supported", new Readings.Named("what a new supporter did", ValueType.TEXT));
        values.put("raid", new Readings.Named("the platform's word for a raid", ValueType.TEXT));
        values.put("raided", new Readings.Named("what somebody did who brought viewers", ValueType.TEXT));
        values.put("platform", new Readings.Named("the platform's name", ValueType.TEXT));
        return Collections.unmodifiableMap(values);
    }

    private static final Map<SignalKind, String> PLAIN_VERBS = new EnumMap<>(Map.ofEntries(
            Map.entry(SignalKind.FOLLOW, "followed"),
            Map.entry(SignalKind.SUBSCRIPTION, "joined"),
            Map.entry(SignalKind.RENEWAL, "renewed"),
            Map.entry(SignalKind.GIFTED_SUBSCRIPTIONS, "gave"),
            Map.entry(SignalKind.POINTS, "gave"),
            Map.entry(SignalKind.GOODS, "gave"),
            Map.entry(SignalKind.PAID_MESSAGE, "sent a message"),
            Map.entry(SignalKind.RAID, "came along"),
            Map.entry(SignalKind.TIP, "tipped"),
            Map.entry(SignalKind.PURCHASE, "bought something"),
            Map.entry(SignalKind.CHAT, "said"),
            Map.entry(SignalKind.ADVERTISING, "began")));

    public Profile {
        signals = List.copyOf(signals);
        covers = List.copyOf(covers);
        forms = copied(forms);
    }

    private static Map<String, Map<String, List<String>>> copied(Map<String, Map<String, List<String>>> forms) {
        return Collections.unmodifiableMap(forms.entrySet().stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        language -> Collections.unmodifiableMap(new TreeMap<>(language.getValue())),
                        (a, _) -> a,
                        TreeMap::new)));
    }

    public Optional<Term> term(SignalKind kind) {
        return signals.stream().filter(term -> term.kind() == kind).findFirst();
    }

    /** The same in plain words for what the platform lacks, as when another service tells of it. */
    public Term termOrPlain(SignalKind kind) {
        return term(kind).orElseGet(() -> {
            Noun plain = new Noun(kind.title(), kind.title());
            return new Term(kind, kind.title(), plain, PLAIN_VERBS.get(kind), null, List.of());
        });
    }

    /** What a CloudEvents type means; empty when this platform does not send it. */
    public Optional<Term> termOf(String type) {
        return signals.stream().filter(term -> term.type().equals(type)).findFirst();
    }

    /** Its words for a signal, as message patterns may use them. */
    public Map<String, Object> values(Signal signal) {
        Map<String, Object> values = new LinkedHashMap<>();
        values.put("platform", title);
        values.put("supporter", words.supporter().one());
        values.put("supporters", words.supporter().other());
        values.put("support", words.support().one());
        values.put("supported", words.supported());
        values.put("raid", words.raid().one());
        values.put("raided", words.raided());
        Term term = termOrPlain(signal.kind());
        values.put("what", term.word());
        values.put("did", term.verb());
        values.put("unit", term.unit() == null ? "" : term.unit().of(signal.amount()));
        return values;
    }
}
