package brandeon.core.platform;

import brandeon.core.canvas.Shape;
import brandeon.core.live.Signal;
import brandeon.core.live.SignalKind;
import brandeon.core.text.ValueType;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/**
 * A platform described as a document: which signals it has, what they are called on the wire, what people there say,
 * and what of the picture its own buttons cover. {@link Profiles} reads and writes it; nothing in code knows a platform
 * by its name.
 *
 * @param id          in addresses and documents
 * @param longestName letters that a viewer's name has there at most
 */
public record Profile(String id, String title, Words words, List<Term> signals, int longestName, List<Covered> covers) {

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

    /** What message patterns may use beside the values of a signal, so that they fit every platform. */
    public static final Map<String, ValueType> TYPES = Map.of(
            "platform", ValueType.TEXT,
            "what", ValueType.TEXT,
            "did", ValueType.TEXT,
            "unit", ValueType.TEXT,
            "supporter", ValueType.TEXT,
            "supporters", ValueType.TEXT,
            "support", ValueType.TEXT,
            "supported", ValueType.TEXT,
            "raid", ValueType.TEXT,
            "raided", ValueType.TEXT);

    /** All that the texts of an alert may use. */
    public static final Map<String, ValueType> ALERT_TYPES = Stream.of(TYPES, Signal.TYPES)
            .flatMap(types -> types.entrySet().stream())
            .collect(Collectors.toUnmodifiableMap(Map.Entry::getKey, Map.Entry::getValue));

    public Profile {
        signals = List.copyOf(signals);
        covers = List.copyOf(covers);
    }

    public Optional<Term> term(SignalKind kind) {
        return signals.stream().filter(term -> term.kind() == kind).findFirst();
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
        Optional<Term> term = term(signal.kind());
        values.put("what", term.map(Term::word).orElse(signal.kind().title()));
        values.put("did", term.map(Term::verb).orElse(""));
        values.put(
                "unit",
                term.map(Term::unit).map(unit -> unit.of(signal.amount())).orElse(""));
        return values;
    }
}
