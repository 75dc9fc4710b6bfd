package brandeon.core.move;

import brandeon.core.art.ContentName;
import brandeon.core.bot.Asker;
import brandeon.core.bot.Command;
import brandeon.core.bot.TimedMessage;
import brandeon.core.pack.Json;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

/** What a theme's bot answers and says as a sheet: line by line, as somebody copies it to a bot elsewhere. */
public final class BotSheet {

    /** The key of the line that says that the bot is in the chat; no id has a colon in it. */
    public static final String JOINED = "bot:joined";

    /** Hexadecimal digits of a checksum that tell one form of a line from another. */
    private static final int TOLD = 12;

    private BotSheet() {}

    /**
     * @param key  another one as soon as anything of the line changes, so that a tick means what was copied
     * @param word empty for a timed message
     * @param text to be copied
     * @param rest what else is to be set, in words; empty for nothing
     */
    public record Line(String key, String word, String text, String rest) {}

    public static List<Line> of(Theme theme) {
        List<Line> lines = new ArrayList<>();
        theme.bot().commands().forEach(one -> lines.add(new Line(key(one), one.word(), one.answer(), rest(one))));
        theme.bot().timed().forEach(one -> lines.add(new Line(key(one), "", one.text(), rest(theme, one))));
        return lines;
    }

    /** Whether a line with this key stands in the sheet, the last one about the bot itself included. */
    public static boolean knows(Theme theme, String key) {
        return !theme.bot().empty()
                && (key.equals(JOINED)
                        || of(theme).stream().anyMatch(line -> line.key().equals(key)));
    }

    private static String key(Object line) {
        return "bot:"
                + ContentName.full(Json.write(line).getBytes(StandardCharsets.UTF_8))
                        .substring(0, TOLD);
    }

    private static String rest(Command command) {
        List<String> parts = new ArrayList<>();
        if (!command.aliases().isEmpty()) {
            parts.add("also " + String.join(", ", command.aliases()));
        }
        if (command.who() != Asker.EVERYBODY) {
            parts.add("for " + command.who().title());
        }
        if (command.pause() > 0) {
            parts.add("pauses " + command.pause() + " s");
        }
        if (!command.on()) {
            parts.add("off");
        }
        return String.join("; ", parts);
    }

    private static String rest(Theme theme, TimedMessage message) {
        List<String> parts = new ArrayList<>();
        parts.add(message.minutes() == 1 ? "every minute" : "every " + message.minutes() + " minutes");
        if (message.lines() > 0) {
            parts.add("after " + message.lines() + (message.lines() == 1 ? " line" : " lines") + " of others");
        }
        if (!message.scenes().isEmpty()) {
            parts.add("on "
                    + message.scenes().stream()
                            .map(id -> theme.scene(id).map(Scene::name).orElse("a deleted scene"))
                            .collect(Collectors.joining(", ")));
        }
        if (!message.on()) {
            parts.add("off");
        }
        return String.join("; ", parts);
    }
}
