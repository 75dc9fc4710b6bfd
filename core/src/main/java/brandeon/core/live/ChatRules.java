package brandeon.core.live;

import brandeon.core.kept.Memory;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * What of a chat is not shown on screen.
 *
 * @param words  replaced by dots, whatever their case; whole words only
 * @param links  whether addresses are replaced
 * @param hushed names of those of whom nothing is shown
 * @param hidden ids of single lines, the latest last
 */
public record ChatRules(List<String> words, boolean links, List<String> hushed, List<String> hidden) {

    /** Links are shown by those only who say so. */
    public static final ChatRules STANDARD = new ChatRules(List.of(), true, List.of(), List.of());

    /** Everything is shown. */
    static final ChatRules ALL = new ChatRules(List.of(), false, List.of(), List.of());

    /** A word in bytes, roughly, with what a pattern makes of it. */
    private static final int EACH = 400;

    private static final int MOST_WORDS = 300;
    private static final int MOST_HUSHED = 500;
    private static final int MOST_HIDDEN = 200;
    private static final int LONGEST_WORD = 60;
    private static final int LONGEST_NAME = 200;
    private static final String DOTS = "•••";
    private static final String LINK = "(link)";
    /** With a scheme, or what has dots between words as hosts have; rather too much than too little. */
    private static final Pattern ADDRESS = Pattern.compile(
            "(?iU)\\b(?:[a-z][a-z0-9+.-]{1,20}://\\S+|www\\.\\S+|[\\w-]{1,63}(?:\\.[\\w-]{1,63}){0,5}\\.[\\p{L}]{2,24}\\b(?:[:/?#]\\S*)?)");

    /** All lines are shown on screen, so the same words are looked for again and again. */
    private static final Cache<List<String>, Pattern> PATTERNS = Caffeine.newBuilder()
            .maximumWeight(Memory.percent(1))
            .<List<String>, Pattern>weigher((words, _) -> EACH * words.size())
            .build();

    public ChatRules {
        words = List.copyOf(words);
        hushed = List.copyOf(hushed);
        hidden = List.copyOf(hidden);
    }

    /** A line as it is shown; empty where it is not. */
    public Optional<ChatLine> shown(ChatLine line) {
        if (hidden.contains(line.id()) || hushed.contains(line.name())) {
            return Optional.empty();
        }
        return Optional.of(line.saying(cleared(line.name()), cleared(line.text())));
    }

    private String cleared(String text) {
        String rest = links ? ADDRESS.matcher(text).replaceAll(Matcher.quoteReplacement(LINK)) : text;
        return words.isEmpty()
                ? rest
                : PATTERNS.get(words, ChatRules::pattern).matcher(rest).replaceAll(DOTS);
    }

    private static Pattern pattern(List<String> words) {
        return Pattern.compile(words.stream()
                .map(Pattern::quote)
                .collect(Collectors.joining("|", "(?iu)(?<![\\p{L}\\p{N}])(?:", ")(?![\\p{L}\\p{N}])")));
    }

    /**
     * @param words in any order, with blanks around them or not
     * @throws Mistake with a sentence when there are too many or they are too long
     */
    public ChatRules with(List<String> wanted, boolean hideLinks) {
        List<String> next = wanted.stream()
                .map(word -> word.strip().toLowerCase(Locale.ROOT))
                .filter(word -> !word.isEmpty())
                .distinct()
                .sorted()
                .toList();
        if (next.size() > MOST_WORDS) {
            throw new Mistake("At most " + MOST_WORDS + " words are hidden; these are " + next.size() + ".");
        }
        for (String word : next) {
            if (word.length() > LONGEST_WORD || !Letters.oneLine(word)) {
                throw new Mistake("A hidden word has at most " + LONGEST_WORD + " letters on one line.");
            }
        }
        return new ChatRules(next, hideLinks, hushed, hidden);
    }

    /** Lets nothing of somebody be shown, or everything again. */
    public ChatRules hushing(String name, boolean quiet) {
        if (name.isBlank() || name.length() > LONGEST_NAME || !Letters.oneLine(name)) {
            throw new Mistake("Somebody is hushed by their name, on one line.");
        }
        List<String> next = changed(hushed, name, quiet);
        if (next.size() > MOST_HUSHED) {
            throw new Mistake("At most " + MOST_HUSHED + " people are hushed at once.");
        }
        return new ChatRules(words, links, next, hidden);
    }

    /** Hides a single line, or shows it again. */
    public ChatRules hiding(String line, boolean hide) {
        List<String> next = changed(hidden, line, hide);
        return new ChatRules(words, links, hushed, next.subList(Math.max(0, next.size() - MOST_HIDDEN), next.size()));
    }

    private static List<String> changed(List<String> before, String one, boolean in) {
        List<String> next = new ArrayList<>(before);
        next.remove(one);
        if (in) {
            next.add(one);
        }
        return next;
    }

    /** What it takes in memory, in bytes, roughly. */
    public int weight() {
        return EACH * (words.size() + hushed.size() + hidden.size());
    }
}
