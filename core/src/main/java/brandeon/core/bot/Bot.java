package brandeon.core.bot;

import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What a theme's bot answers and says in the chat.
 *
 * @param name     under which it writes; empty where that was not said
 * @param commands no two answer to the same word
 */
public record Bot(String name, List<Command> commands, List<TimedMessage> timed) {

    public static final Bot NONE = new Bot("", List.of(), List.of());

    public static final int MOST_COMMANDS = 200;
    public static final int MOST_TIMED = 60;
    private static final int LONGEST_NAME = 60;

    public Bot {
        commands = List.copyOf(commands);
        timed = List.copyOf(timed);
        if (name.length() > LONGEST_NAME || !Letters.oneLine(name) || !name.equals(name.strip())) {
            throw new Mistake("The name of the bot has at most " + LONGEST_NAME + " letters on one line.");
        }
        if (commands.size() > MOST_COMMANDS) {
            throw new Mistake("A theme has at most " + MOST_COMMANDS + " commands.");
        }
        if (timed.size() > MOST_TIMED) {
            throw new Mistake("A theme has at most " + MOST_TIMED + " timed messages.");
        }
        Set<String> words = new HashSet<>();
        commands.stream().flatMap(Command::words).forEach(word -> {
            if (!words.add(word)) {
                throw new Mistake("Two commands answer to “" + word + "”.");
            }
        });
    }

    static void requireLine(String text, String what) {
        if (text.isBlank() || !Letters.oneLine(text) || text.length() > Command.LONGEST_LINE) {
            throw new Mistake(what + " has 1 to " + Command.LONGEST_LINE + " letters on one line.");
        }
    }

    public Optional<Command> command(String id) {
        return commands.stream().filter(one -> one.id().equals(id)).findFirst();
    }

    public Optional<TimedMessage> timed(String id) {
        return timed.stream().filter(one -> one.id().equals(id)).findFirst();
    }

    /** The command that a line of the chat begins with. */
    public Optional<Command> asked(String line) {
        String word = Command.compared(line.strip().split("\\s+", 2)[0]);
        return commands.stream()
                .filter(one -> one.on() && one.words().anyMatch(word::equals))
                .findFirst();
    }

    public Bot named(String other) {
        return new Bot(other, commands, timed);
    }

    public Bot withCommands(List<Command> list) {
        return new Bot(name, list, timed);
    }

    public Bot withTimed(List<TimedMessage> list) {
        return new Bot(name, commands, list);
    }

    /** Whether there is anything to copy to a bot elsewhere. */
    public boolean empty() {
        return commands.isEmpty() && timed.isEmpty();
    }
}
