package brandeon.core.live;

import brandeon.core.motion.Entrance;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import brandeon.core.text.Message;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * How signals of one kind are announced. Of a theme's rules the first that is for a signal holds.
 *
 * @param id       among the rules of its theme
 * @param on       whether it is followed at all
 * @param kicker   the small line above, an ICU pattern
 * @param text     the large line for one signal, an ICU pattern
 * @param several  the large line for several that are announced together, an ICU pattern
 * @param seconds  time on screen, 2 to 60; a message gets more, see {@link #millis(Signal)}
 * @param picture  id of the theme's picture that it shows; empty for the family's own emblem
 * @param canvases on which it is shown; empty for all
 * @param sound    that is heard when it comes
 * @param comes    from where; empty as the family's things come
 * @param goes     the way it leaves; empty likewise
 */
public record AlertRule(
        String id,
        SignalKind kind,
        boolean on,
        When when,
        String kicker,
        String text,
        String several,
        double seconds,
        Urgency urgency,
        String picture,
        List<String> canvases,
        AlertSound sound,
        Optional<Entrance> comes,
        Optional<Entrance> goes) {

    /** For several: who, as far as they are named, and how many more. */
    public static final String SEVERAL = "{names}{more, plural, =0 {} one { and one more} other { and # more}}";

    public static final int MOST = 60;

    /** Letters of a message that are read while an alert stands; for more it stays longer. */
    private static final int READ_MEANWHILE = 40;
    /** Milliseconds for each further letter: some 16 a second are read (common practice, no source). */
    private static final int EACH_LETTER = 60;

    private static final int LONGEST_MORE = 20_000;

    public AlertRule {
        canvases = List.copyOf(canvases);
        if (!(seconds >= 2 && seconds <= 60)) {
            throw new Mistake("An alert stays between 2 and 60 seconds, not " + seconds + ".");
        }
        if (new HashSet<>(canvases).size() < canvases.size()) {
            throw new Mistake("A canvas stands twice in an alert's list.");
        }
        new Message(kicker);
        new Message(text);
        new Message(several);
    }

    /** For every signal of a kind, on all canvases, in turn. */
    public static AlertRule of(SignalKind kind, boolean on, String kicker, String text, double seconds) {
        return new AlertRule(
                standardId(kind),
                kind,
                on,
                When.ANY,
                kicker,
                text,
                SEVERAL,
                seconds,
                Urgency.NORMAL,
                "",
                List.of(),
                AlertSound.NONE,
                Optional.empty(),
                Optional.empty());
    }

    /** As the first rule for a kind is called. */
    public static String standardId(SignalKind kind) {
        return kind.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }

    public boolean isFor(Signal signal) {
        return on && kind == signal.kind() && when.matches(signal);
    }

    /** Of rules in their order, the one that holds for a signal; empty when it is not announced. */
    public static Optional<AlertRule> of(List<AlertRule> rules, Signal signal) {
        return rules.stream().filter(rule -> rule.isFor(signal)).findFirst();
    }

    public String kickerFor(Map<String, ?> values) {
        return new Message(kicker).format(values);
    }

    /** @param count of signals that are announced together */
    public String textFor(Map<String, ?> values, int count) {
        return new Message(count > 1 ? several : text).format(values);
    }

    /** Whether it shows what the viewer wrote, and they wrote something. */
    public boolean reads(Signal signal) {
        return !signal.message().isEmpty() && (shows("message", text) || shows("message", kicker));
    }

    private static boolean shows(String value, String pattern) {
        return new Message(pattern).values().contains(value);
    }

    /** Time on screen for a signal: a message that is shown is given time to be read. */
    public long millis(Signal signal) {
        long more =
                reads(signal) ? Math.max(0, Letters.count(signal.message()) - READ_MEANWHILE) * (long) EACH_LETTER : 0;
        return Math.round(seconds * 1000) + Math.min(LONGEST_MORE, more);
    }

    public AlertRule worded(String newKicker, String newText, String newSeveral) {
        return new AlertRule(
                id,
                kind,
                on,
                when,
                newKicker,
                newText,
                newSeveral,
                seconds,
                urgency,
                picture,
                canvases,
                sound,
                comes,
                goes);
    }

    public AlertRule switched(boolean next) {
        return new AlertRule(
                id, kind, next, when, kicker, text, several, seconds, urgency, picture, canvases, sound, comes, goes);
    }

    /** The same under another id. */
    public AlertRule called(String other) {
        return new AlertRule(
                other, kind, on, when, kicker, text, several, seconds, urgency, picture, canvases, sound, comes, goes);
    }

    /** For other signals of its kind. */
    public AlertRule on(When condition) {
        return new AlertRule(
                id, kind, on, condition, kicker, text, several, seconds, urgency, picture, canvases, sound, comes,
                goes);
    }

    public AlertRule urgent(Urgency next) {
        return new AlertRule(
                id, kind, on, when, kicker, text, several, seconds, next, picture, canvases, sound, comes, goes);
    }

    /** @param artwork id of the theme's picture; empty for the family's own emblem */
    public AlertRule pictured(String artwork) {
        return new AlertRule(
                id, kind, on, when, kicker, text, several, seconds, urgency, artwork, canvases, sound, comes, goes);
    }

    public AlertRule heard(AlertSound next) {
        return new AlertRule(
                id, kind, on, when, kicker, text, several, seconds, urgency, picture, canvases, next, comes, goes);
    }

    /** Coming and going another way than the family's things do. */
    public AlertRule moving(Entrance from, Entrance to) {
        return new AlertRule(
                id,
                kind,
                on,
                when,
                kicker,
                text,
                several,
                seconds,
                urgency,
                picture,
                canvases,
                sound,
                Optional.of(from),
                Optional.of(to));
    }
}
