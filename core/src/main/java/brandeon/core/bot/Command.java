package brandeon.core.bot;

import brandeon.core.live.Readings;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import brandeon.core.text.ValueType;
import java.text.Normalizer;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Something that the bot answers to in the chat.
 *
 * @param word    that a line begins with, its sign before it included
 * @param aliases other words for the same
 * @param answer  a pattern with live values, who asks and what else they write
 * @param who     may ask
 * @param pause   seconds for which it is not answered again
 */
public record Command(String id, String word, List<String> aliases, String answer, Asker who, int pause, boolean on) {

    public static final int LONGEST_WORD = 40;
    public static final int MOST_ALIASES = 12;
    /** A line of a chat holds about so much (common practice, no source). */
    public static final int LONGEST_LINE = 500;

    static final int LONGEST_PAUSE = 24 * 3600;

    /** What an answer may show besides live values. */
    public static final Map<String, Readings.Named> ASKED = asked();

    /** All values that an answer may show. */
    public static final Map<String, ValueType> TYPES = types();

    public Command {
        aliases = List.copyOf(aliases);
        words(word, aliases).forEach(Command::require);
        if (aliases.size() > MOST_ALIASES) {
            throw new Mistake("A command has at most " + MOST_ALIASES + " other words.");
        }
        Bot.requireLine(answer, "An answer");
        if (pause < 0 || pause > LONGEST_PAUSE) {
            throw new Mistake("A command pauses for 0 to " + LONGEST_PAUSE + " seconds.");
        }
    }

    private static Map<String, Readings.Named> asked() {
        Map<String, Readings.Named> values = new LinkedHashMap<>();
        values.put("name", new Readings.Named("who asks", ValueType.TEXT));
        values.put("rest", new Readings.Named("what they write after the command", ValueType.TEXT));
        return Collections.unmodifiableMap(values);
    }

    private static Map<String, ValueType> types() {
        Map<String, ValueType> types = new LinkedHashMap<>(Readings.types());
        ASKED.forEach((name, named) -> types.put(name, named.type()));
        return Map.copyOf(types);
    }

    private static Stream<String> words(String word, List<String> aliases) {
        return Stream.concat(Stream.of(word), aliases.stream());
    }

    /** Every word that it answers to, as they are compared. */
    public Stream<String> words() {
        return words(word, aliases).map(Command::compared);
    }

    /** Neither case nor the way in which a letter is put together tells words apart. */
    static String compared(String word) {
        return Normalizer.normalize(word, Normalizer.Form.NFC).toLowerCase(Locale.ROOT);
    }

    private static void require(String word) {
        if (word.isEmpty() || word.length() > LONGEST_WORD || !Letters.oneLine(word)) {
            throw new Mistake("A command has 1 to " + LONGEST_WORD + " letters.");
        }
        if (word.chars().anyMatch(c -> Character.isWhitespace(c) || Character.isSpaceChar(c))) {
            throw new Mistake("“" + word + "” is no command: it is one word without blanks.");
        }
        if (word.indexOf(',') >= 0) {
            throw new Mistake("“" + word + "” is no command: commas stand between commands.");
        }
    }

    public Command answering(String other) {
        return new Command(id, word, aliases, other, who, pause, on);
    }

    /** The same under another id. */
    public Command called(String other) {
        return new Command(other, word, aliases, answer, who, pause, on);
    }
}
