package brandeon.core.bot;

import brandeon.core.problem.Mistake;
import java.util.List;
import java.util.Set;

/**
 * Something that the bot says from time to time.
 *
 * @param text    a pattern with live values
 * @param minutes between two times
 * @param lines   of others that must have been written since
 * @param scenes  ids of those on which it is said; none for all
 */
public record TimedMessage(String id, String text, int minutes, int lines, List<String> scenes, boolean on) {

    static final int MOST_MINUTES = 24 * 60;
    static final int MOST_LINES = 1000;

    public TimedMessage {
        scenes = List.copyOf(scenes);
        Bot.requireLine(text, "A timed message");
        if (minutes < 1 || minutes > MOST_MINUTES) {
            throw new Mistake("A timed message comes every 1 to " + MOST_MINUTES + " minutes.");
        }
        if (lines < 0 || lines > MOST_LINES) {
            throw new Mistake("Between two times there are at least 0 to " + MOST_LINES + " lines of others.");
        }
    }

    /** Whether it is said while a scene is seen. @param scene its id; empty where none is known */
    public boolean on(String scene) {
        return scenes.isEmpty() || scenes.contains(scene);
    }

    /** Without the scenes that are none of these. @param known their ids */
    TimedMessage onThese(Set<String> known) {
        return new TimedMessage(
                id,
                text,
                minutes,
                lines,
                scenes.stream().filter(known::contains).toList(),
                on);
    }

    public TimedMessage saying(String other) {
        return new TimedMessage(id, other, minutes, lines, scenes, on);
    }

    /** The same under another id. */
    public TimedMessage called(String other) {
        return new TimedMessage(other, text, minutes, lines, scenes, on);
    }
}
