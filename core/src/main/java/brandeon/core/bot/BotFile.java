package brandeon.core.bot;

import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Csv;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** What a bot answers and says as CSV (RFC 4180) and JSON; see docs/formats.md. */
public final class BotFile {

    private static final String FORMAT = "brandeon-bot";
    private static final int VERSION = 1;
    private static final String COMMAND = "command";
    private static final String TIMED = "timed message";
    private static final String BETWEEN = ", ";

    /** The columns, by their titles. */
    private enum Cell {
        WHAT("what"),
        WORD("command"),
        ALIASES("other words"),
        TEXT("text"),
        WHO("who may"),
        PAUSE("pause in seconds"),
        MINUTES("every minutes"),
        LINES("lines between"),
        SCENES("on scenes"),
        ON("on");

        private final String title;

        Cell(String title) {
            this.title = title;
        }
    }

    private BotFile() {}

    private record Document(String format, int version, Bot bot) {}

    public static String json(Bot bot) {
        return Json.write(new Document(FORMAT, VERSION, bot));
    }

    /** @param scenes their names, by their ids; one that is gone is left out */
    public static String csv(Bot bot, Map<String, String> scenes) {
        List<List<Object>> rows = new ArrayList<>();
        bot.commands()
                .forEach(one -> rows.add(List.of(
                        COMMAND,
                        one.word(),
                        String.join(BETWEEN, one.aliases()),
                        one.answer(),
                        one.who().title(),
                        one.pause(),
                        "",
                        "",
                        "",
                        one.on() ? "yes" : "no")));
        bot.timed()
                .forEach(one -> rows.add(List.of(
                        TIMED,
                        "",
                        "",
                        one.text(),
                        "",
                        "",
                        one.minutes(),
                        one.lines(),
                        one.scenes().stream()
                                .filter(scenes::containsKey)
                                .map(scenes::get)
                                .collect(Collectors.joining(BETWEEN)),
                        one.on() ? "yes" : "no")));
        return Csv.written(Arrays.stream(Cell.values()).map(cell -> cell.title).toList(), rows);
    }

    /**
     * Reads either of both, whichever it is. Scenes that JSON names and that are not there are left out.
     *
     * @param scenes names by ids
     * @throws Mistake with a sentence that names the line that is wrong
     */
    public static Bot read(String text, Map<String, String> scenes) {
        String begin = text.replace("\uFEFF", "").stripLeading();
        return begin.startsWith("{") ? fromJson(begin, scenes.keySet()) : fromCsv(text, scenes);
    }

    private static Bot fromJson(String text, Set<String> scenes) {
        Document document = Json.readFromOutside(text, Document.class);
        if (!document.format().equals(FORMAT) || document.version() != VERSION) {
            throw new Mistake("These are no commands: its format is “" + document.format() + "”, version "
                    + document.version() + ", and not “" + FORMAT + "”, version " + VERSION + ".");
        }
        return document.bot()
                .withTimed(document.bot().timed().stream()
                        .map(one -> one.onThese(scenes))
                        .toList());
    }

    private static Bot fromCsv(String text, Map<String, String> scenes) {
        List<Csv.Row> rows = Csv.read(text, Bot.MOST_COMMANDS + Bot.MOST_TIMED + 1);
        if (rows.isEmpty()) {
            throw new Mistake("There is nothing in it; the first line has the titles of the columns.");
        }
        Map<String, Integer> places = new HashMap<>();
        List<String> titles = rows.getFirst().cells();
        for (int i = 0; i < titles.size(); i++) {
            places.putIfAbsent(titles.get(i).strip().toLowerCase(Locale.ROOT), i);
        }
        if (!places.containsKey(Cell.TEXT.title) || !places.containsKey(Cell.WORD.title)) {
            throw new Mistake("Its first line needs the titles “" + Cell.WORD.title + "” and “" + Cell.TEXT.title
                    + "”; it says “" + String.join(BETWEEN, titles) + "”.");
        }
        Map<String, String> ids = new LinkedHashMap<>();
        scenes.forEach((id, name) -> ids.putIfAbsent(name.toLowerCase(Locale.ROOT), id));
        List<Command> commands = new ArrayList<>();
        List<TimedMessage> timed = new ArrayList<>();
        for (Csv.Row row : rows.subList(1, rows.size())) {
            Line line = new Line(row, places);
            try {
                if (line.command()) {
                    commands.add(line.command("command-" + (commands.size() + 1)));
                } else {
                    timed.add(line.timed("timed-" + (timed.size() + 1), ids));
                }
            } catch (Mistake e) {
                throw new Mistake("Line " + row.line() + ": " + e.getMessage(), e);
            }
        }
        return new Bot("", commands, timed);
    }

    private record Line(Csv.Row row, Map<String, Integer> places) {

        String get(Cell cell) {
            int at = places.getOrDefault(cell.title, Integer.MAX_VALUE);
            return at < row.cells().size() ? row.cells().get(at).strip() : "";
        }

        /** What says nothing of it is one where it has a word. */
        boolean command() {
            return switch (get(Cell.WHAT).toLowerCase(Locale.ROOT)) {
                case COMMAND -> true;
                case TIMED -> false;
                case "" -> !get(Cell.WORD).isEmpty();
                default ->
                    throw new Mistake("Line " + row.line() + ": “" + get(Cell.WHAT) + "” is neither a " + COMMAND
                            + " nor a " + TIMED + ".");
            };
        }

        Command command(String id) {
            return new Command(
                    id,
                    get(Cell.WORD),
                    listed(Cell.ALIASES),
                    get(Cell.TEXT),
                    asker(get(Cell.WHO)),
                    number(Cell.PAUSE, 0),
                    on());
        }

        TimedMessage timed(String id, Map<String, String> scenes) {
            return new TimedMessage(
                    id,
                    get(Cell.TEXT),
                    number(Cell.MINUTES, 15),
                    number(Cell.LINES, 0),
                    listed(Cell.SCENES).stream()
                            .map(name -> Optional.ofNullable(scenes.get(name.toLowerCase(Locale.ROOT)))
                                    .orElseThrow(() -> new Mistake("There is no scene called “" + name + "”.")))
                            .toList(),
                    on());
        }

        private List<String> listed(Cell cell) {
            return Stream.of(get(cell).split(","))
                    .map(String::strip)
                    .filter(one -> !one.isEmpty())
                    .toList();
        }

        private int number(Cell cell, int standard) {
            String text = get(cell);
            if (text.isEmpty()) {
                return standard;
            }
            try {
                return Integer.parseInt(text);
            } catch (NumberFormatException e) {
                throw new Mistake("“" + text + "” under “" + cell.title + "” is no whole number.", e);
            }
        }

        private static Asker asker(String text) {
            return text.isEmpty()
                    ? Asker.EVERYBODY
                    : Arrays.stream(Asker.values())
                            .filter(one -> one.title().equalsIgnoreCase(text)
                                    || one.name().equalsIgnoreCase(text))
                            .findFirst()
                            .orElseThrow(() -> new Mistake("“" + text + "” may not be who asks; that is one of "
                                    + Arrays.stream(Asker.values())
                                            .map(Asker::title)
                                            .collect(Collectors.joining(BETWEEN))
                                    + "."));
        }

        private boolean on() {
            return switch (get(Cell.ON).toLowerCase(Locale.ROOT)) {
                case "", "yes" -> true;
                case "no" -> false;
                default -> throw new Mistake("Under “" + Cell.ON.title + "” stands yes or no.");
            };
        }
    }

    /**
     * What was brought in, put together with what is there.
     *
     * @param bot     as it would be
     * @param added   what is new, by its word or text
     * @param changed what is there otherwise
     * @param left    what is there and was not brought in
     */
    public record Merge(Bot bot, List<String> added, List<String> changed, List<String> left) {}

    /**
     * Commands are the same by any of their words, timed messages by their text; these keep their ids.
     *
     * @param instead whether what was not brought in goes
     */
    public static Merge merged(Bot before, Bot brought, boolean instead) {
        List<String> added = new ArrayList<>();
        List<String> changed = new ArrayList<>();
        List<String> left = new ArrayList<>();
        List<Command> commands = merged(
                before.commands(),
                brought.commands(),
                BotFile::same,
                Command::id,
                Command::called,
                Command::word,
                instead,
                new Told(added, changed, left));
        List<TimedMessage> timed = merged(
                before.timed(),
                brought.timed(),
                (one, other) -> one.text().equals(other.text()),
                TimedMessage::id,
                TimedMessage::called,
                TimedMessage::text,
                instead,
                new Told(added, changed, left));
        String name = brought.name().isEmpty() ? before.name() : brought.name();
        return new Merge(new Bot(name, commands, timed), added, changed, left);
    }

    private record Told(List<String> added, List<String> changed, List<String> left) {}

    private static boolean same(Command one, Command other) {
        Set<String> words = one.words().collect(Collectors.toSet());
        return other.words().anyMatch(words::contains);
    }

    @FunctionalInterface
    private interface Same<T> {
        boolean as(T one, T other);
    }

    @FunctionalInterface
    private interface Called<T> {
        T called(T one, String id);
    }

    private static <T> List<T> merged(
            List<T> before,
            List<T> brought,
            Same<T> same,
            Function<T, String> id,
            Called<T> called,
            Function<T, String> title,
            boolean instead,
            Told told) {
        Set<String> ids = before.stream().map(id).collect(Collectors.toCollection(HashSet::new));
        List<T> next = new ArrayList<>(before);
        List<T> kept = new ArrayList<>();
        for (T one : brought) {
            Optional<T> old =
                    before.stream().filter(other -> same.as(other, one)).findFirst();
            if (old.isPresent() && next.contains(old.get())) {
                T now = called.called(one, id.apply(old.get()));
                next.set(next.indexOf(old.get()), now);
                kept.add(now);
                if (!now.equals(old.get())) {
                    told.changed().add(title.apply(one));
                }
            } else {
                T now = called.called(one, free(id.apply(one), ids::contains));
                ids.add(id.apply(now));
                next.add(now);
                kept.add(now);
                told.added().add(title.apply(one));
            }
        }
        next.stream().filter(one -> !kept.contains(one)).map(title).forEach(told.left()::add);
        return instead ? next.stream().filter(kept::contains).toList() : next;
    }

    private static String free(String wanted, Predicate<String> taken) {
        String id = wanted;
        for (int i = 2; taken.test(id); i++) {
            id = wanted + "-" + i;
        }
        return id;
    }
}
