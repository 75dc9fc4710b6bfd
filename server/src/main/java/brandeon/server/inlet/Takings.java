package brandeon.server.inlet;

import brandeon.core.live.Signal;
import brandeon.core.problem.Mistake;
import brandeon.server.channel.Channels;
import brandeon.server.live.Facts;
import brandeon.server.problem.NotSignedIn;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** Takes in what came to an inlet of any sort, and keeps what became of it among the last deliveries. */
@Component
class Takings {

    /** Of unknown fields. */
    private static final int MOST_NAMED = 6;

    /** What became of a delivery. @param counted false as well for what is only tried */
    record Receipt(boolean counted, String sentence) {}

    /** @param unknown fields that say nothing here */
    record Came(Signal signal, List<String> unknown) {}

    record Taken(Deliveries.Outcome outcome, String sentence) {

        Receipt receipt() {
            return new Receipt(outcome == Deliveries.Outcome.COUNTED, sentence);
        }
    }

    /** A delivery as it came. @param mapped the mapped inlet to which it came; empty for CloudEvents */
    record Sent(Channels.Channel channel, Optional<UUID> mapped, String type, byte[] body) {}

    interface Reading {
        /**
         * @throws Mistake     with a sentence when it cannot be understood
         * @throws NotSignedIn when it is not signed as it must be
         */
        List<Came> read();
    }

    private final Facts facts;
    private final Deliveries deliveries;

    Takings(Facts facts, Deliveries deliveries) {
        this.facts = facts;
        this.deliveries = deliveries;
    }

    /** Whatever becomes of it, it is found again among the last deliveries. */
    Taken taken(Sent sent, Reading reading) {
        try {
            Taken taken = counted(sent.channel(), reading.read());
            deliveries.came(sent, taken.outcome(), taken.sentence());
            return taken;
        } catch (Mistake | NotSignedIn e) {
            deliveries.came(sent, Deliveries.Outcome.REFUSED, e.getMessage());
            throw e;
        }
    }

    private Taken counted(Channels.Channel channel, List<Came> came) {
        List<Boolean> fresh =
                facts.accept(channel, came.stream().map(Came::signal).toList());
        int counted = 0;
        int practised = 0;
        for (int i = 0; i < came.size(); i++) {
            if (fresh.get(i)) {
                if (came.get(i).signal().practice()) {
                    practised++;
                } else {
                    counted++;
                }
            }
        }
        Deliveries.Outcome outcome = counted > 0
                ? Deliveries.Outcome.COUNTED
                : practised > 0 ? Deliveries.Outcome.PRACTICE : Deliveries.Outcome.REPEATED;
        String sentence = came.size() == 1
                ? sentence(channel, came.getFirst().signal(), outcome)
                : sentence(counted, practised, came.size());
        List<String> unknown = came.stream()
                .flatMap(one -> one.unknown().stream())
                .distinct()
                .limit(MOST_NAMED)
                .toList();
        return new Taken(
                outcome,
                unknown.isEmpty()
                        ? sentence
                        : sentence + " Left out, since it means nothing here: " + String.join(", ", unknown) + ".");
    }

    /** A signal in a few words. */
    static String told(Channels.Channel channel, Signal signal) {
        return channel.platform().termOrPlain(signal.kind()).word() + ", " + signal.shownName();
    }

    private static String sentence(Channels.Channel channel, Signal signal, Deliveries.Outcome outcome) {
        return outcome == Deliveries.Outcome.COUNTED
                ? "Counted: " + told(channel, signal) + "."
                : outcome == Deliveries.Outcome.PRACTICE
                        ? "Shown as practice: " + told(channel, signal) + "; it does not count."
                        : "This signal was already counted; nothing changed.";
    }

    private static String sentence(int counted, int practised, int all) {
        String tried = practised == 0 ? "" : String.format(Locale.ROOT, " %d were practice.", practised);
        return String.format(
                Locale.ROOT, "%d counted, %d had been counted before.%s", counted, all - counted - practised, tried);
    }
}
