package brandeon.core.bot;

import brandeon.core.text.Letters;
import brandeon.core.text.Message;
import brandeon.core.text.Values;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.concurrent.TimeUnit;

/**
 * What a bot remembers while it is in a chat. Instants are epoch milliseconds.
 *
 * @param joined   since when it is there; timed messages count from then
 * @param answered when commands were answered last, by their ids
 * @param said     when timed messages were said last, by their ids
 * @param lines    of others since then, by the same ids
 * @param heard    lines of others since it joined, for those that were never said
 */
public record BotMind(
        long joined, Map<String, Long> answered, Map<String, Long> said, Map<String, Integer> lines, int heard) {

    public BotMind {
        answered = new TreeMap<>(answered);
        said = new TreeMap<>(said);
        lines = new TreeMap<>(lines);
    }

    /** One that has just come in. */
    public static BotMind joining(long at) {
        return new BotMind(at, Map.of(), Map.of(), Map.of(), 0);
    }

    /** A line of the chat by somebody else. */
    public record Line(String name, Asker who, String text, long at) {}

    /**
     * What comes of a line.
     *
     * @param answer empty for none
     * @param why    there is none to a command, as a sentence; empty where there is nothing to be said about it
     */
    public record Reply(BotMind mind, Optional<String> answer, String why) {}

    /** What it says by itself. */
    public record Said(BotMind mind, Optional<String> text) {}

    /**
     * What a timed message waits for.
     *
     * @param at    when its time has come
     * @param lines of others that are still to be written
     * @param scene whether what is seen is none of its scenes
     */
    public record Waiting(String id, long at, int lines, boolean scene) {}

    public Reply hear(Bot bot, Line line, Values values) {
        Map<String, Integer> counted = new HashMap<>();
        lines.forEach((id, count) -> counted.put(id, count + 1));
        BotMind next = new BotMind(joined, answered, said, counted, heard + 1);
        Optional<Command> asked = bot.asked(line.text());
        if (asked.isEmpty()) {
            return new Reply(next, Optional.empty(), "");
        }
        Command command = asked.get();
        if (!line.who().may(command.who())) {
            return new Reply(
                    next,
                    Optional.empty(),
                    command.word() + " is for " + command.who().title() + ".");
        }
        long left = answered.getOrDefault(command.id(), Long.MIN_VALUE / 2)
                + TimeUnit.SECONDS.toMillis(command.pause())
                - line.at();
        if (left > 0) {
            return new Reply(
                    next,
                    Optional.empty(),
                    String.format(
                            Locale.ROOT,
                            "%s pauses for %s.",
                            command.word(),
                            left <= 1000
                                    ? "one more second"
                                    : TimeUnit.MILLISECONDS.toSeconds(left + 999) + " more seconds"));
        }
        Map<String, Long> now = new HashMap<>(answered);
        now.put(command.id(), line.at());
        String[] parts = line.text().strip().split("\\s+", 2);
        Map<String, Object> asker = Map.of("name", line.name(), "rest", parts.length < 2 ? "" : parts[1]);
        Values all = name -> asker.containsKey(name) ? asker.get(name) : values.get(name);
        return new Reply(
                new BotMind(joined, now, said, counted, heard + 1), Optional.of(text(command.answer(), all)), "");
    }

    /**
     * At most one thing at a time, that which waited longest.
     *
     * @param scene id of the one that is seen; empty where none is known
     */
    public Said speak(Bot bot, String scene, Values values, long now) {
        Optional<Waiting> due = waiting(bot, scene).stream()
                .filter(one -> one.at() <= now && one.lines() == 0 && !one.scene())
                .min(Comparator.comparingLong(Waiting::at));
        if (due.isEmpty()) {
            return new Said(this, Optional.empty());
        }
        TimedMessage message = bot.timed(due.get().id()).orElseThrow();
        Map<String, Long> next = new HashMap<>(said);
        next.put(message.id(), now);
        Map<String, Integer> counted = new HashMap<>(lines);
        counted.put(message.id(), 0);
        return new Said(new BotMind(joined, answered, next, counted, heard), Optional.of(text(message.text(), values)));
    }

    /** What each timed message that is on waits for, in their order. */
    public List<Waiting> waiting(Bot bot, String scene) {
        return bot.timed().stream()
                .filter(TimedMessage::on)
                .map(one -> new Waiting(
                        one.id(),
                        said.getOrDefault(one.id(), joined) + TimeUnit.MINUTES.toMillis(one.minutes()),
                        Math.max(0, one.lines() - lines.getOrDefault(one.id(), heard)),
                        !one.on(scene)))
                .toList();
    }

    private static String text(String pattern, Values values) {
        String text = new Message(pattern).format(values).strip();
        return Letters.shortened(text, Command.LONGEST_LINE);
    }
}
