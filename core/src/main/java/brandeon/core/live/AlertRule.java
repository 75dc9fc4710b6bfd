package brandeon.core.live;

import brandeon.core.problem.Mistake;
import brandeon.core.text.Message;
import java.util.Map;

/**
 * How one kind of signal is announced.
 *
 * @param on      whether it is announced at all
 * @param kicker  the small line above, an ICU pattern
 * @param text    the large line, an ICU pattern with {@code name}, {@code months}, {@code level} and {@code amount}
 * @param seconds time on screen, 2 to 60
 */
public record AlertRule(SignalKind kind, boolean on, String kicker, String text, double seconds) {

    public AlertRule {
        if (!(seconds >= 2 && seconds <= 60)) {
            throw new Mistake("An alert stays between 2 and 60 seconds, not " + seconds + ".");
        }
        new Message(kicker);
        new Message(text);
    }

    public String kickerFor(Map<String, ?> values) {
        return new Message(kicker).format(values);
    }

    public String textFor(Map<String, ?> values) {
        return new Message(text).format(values);
    }

    public long millis() {
        return Math.round(seconds * 1000);
    }

    public AlertRule worded(String newKicker, String newText) {
        return new AlertRule(kind, on, newKicker, newText, seconds);
    }
}
