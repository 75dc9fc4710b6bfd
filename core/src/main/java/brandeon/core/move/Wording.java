package brandeon.core.move;

import brandeon.core.live.SignalKind;
import brandeon.core.platform.Noun;
import brandeon.core.platform.Profile;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Article;
import brandeon.core.text.Message;
import brandeon.core.text.MessageTexts;
import brandeon.core.text.MessageTexts.Number;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Turns one platform's words into another's inside texts that people wrote: whole words, longer ones first, capitals
 * kept, with the right one of “a” and “an”. What has a meaning to a pattern stays as it is, and so does what is no word:
 * addresses, names with an @, commands and markup.
 */
public final class Wording {

    private static final int FLAGS = Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE | Pattern.UNICODE_CHARACTER_CLASS;

    /** What looks like a word and is none: an address, a handle, a command, a file, markup. */
    private static final Pattern NO_WORDS = Pattern.compile(
            "<[^<>]*>|\\S+://\\S+|\\S*@\\S+|(?<!\\S)[#!/]\\p{L}[\\p{L}\\p{N}_-]*|\\S*[\\p{L}\\p{N}]\\.[\\p{L}\\p{N}][^\\s,;]*");

    private static final Pattern NUMBER_BEFORE = Pattern.compile("(?:^|[^\\d.,])(\\d+)\\s+$");

    /**
     * @param number which form of a noun this is
     * @param exact  whether it is a name, that other capitals make another word
     */
    private record Entry(String from, String to, Number number, boolean exact) {}

    private final Map<String, List<Entry>> entries = new LinkedHashMap<>();
    private final Pattern words;

    public Wording(Profile from, Profile to) {
        this(from, to, Optional.empty());
    }

    private Wording(Profile from, Profile to, Optional<SignalKind> about) {
        about.ifPresent(kind -> terms(kind, from, to, true));
        for (SignalKind kind : SignalKind.values()) {
            terms(kind, from, to, false);
        }
        noun(from.words().supporter(), to.words().supporter());
        noun(from.words().support(), to.words().support());
        noun(from.words().raid(), to.words().raid());
        word(from.words().supported(), to.words().supported());
        word(from.words().raided(), to.words().raided());
        from.forms()
                .forEach((language, concepts) -> concepts.forEach((concept, forms) -> {
                    List<String> others =
                            to.forms().getOrDefault(language, Map.of()).getOrDefault(concept, List.of());
                    for (int i = 0; i < Math.min(forms.size(), others.size()); i++) {
                        word(forms.get(i), others.get(i));
                    }
                }));
        add(new Entry(from.title(), to.title(), Number.UNSAID, true));
        words = pattern(entries.keySet());
    }

    /** For texts about one signal, where its verb means that signal. */
    static Wording about(SignalKind kind, Profile from, Profile to) {
        return new Wording(from, to, Optional.of(kind));
    }

    private static Pattern pattern(Set<String> froms) {
        String alternatives = froms.stream()
                .sorted(Comparator.comparingInt(String::length).reversed().thenComparing(Comparator.naturalOrder()))
                .map(Wording::spelled)
                .collect(Collectors.joining("|"));
        return Pattern.compile(
                "(?<![\\w])(?:(?<article>an?)(?<space>\\s+))?(?<word>" + alternatives + ")(?![\\w])", FLAGS);
    }

    /** Any white space between its words, and its apostrophes as patterns have them. */
    private static String spelled(String word) {
        StringBuilder spelled = new StringBuilder();
        for (String part : word.split("\\s+")) {
            spelled.append(spelled.isEmpty() ? "" : "\\s+");
            for (int i = 0; i < part.length(); i++) {
                spelled.append(part.charAt(i) == '\'' ? "''?" : Pattern.quote(part.substring(i, i + 1)));
            }
        }
        return spelled.toString();
    }

    private void terms(SignalKind kind, Profile from, Profile to, boolean verbs) {
        Optional<Profile.Term> old = from.term(kind);
        Optional<Profile.Term> now = to.term(kind);
        if (old.isEmpty() || now.isEmpty()) {
            return;
        }
        noun(old.get().noun(), now.get().noun());
        if (old.get().unit() != null && now.get().unit() != null) {
            noun(old.get().unit(), now.get().unit());
        }
        if (verbs) {
            word(old.get().verb(), now.get().verb());
        }
    }

    private void noun(Noun from, Noun to) {
        add(new Entry(from.one(), to.one(), Number.ONE, false));
        add(new Entry(from.other(), to.other(), Number.SEVERAL, false));
    }

    private void word(String from, String to) {
        add(new Entry(from, to, Number.UNSAID, false));
    }

    private void add(Entry entry) {
        entries.computeIfAbsent(key(entry.from()), _ -> new ArrayList<>()).add(entry);
    }

    private static String key(String word) {
        return word.toLowerCase(Locale.ROOT).replace("''", "'").replaceAll("\\s+", " ");
    }

    /** A text of a piece, an alert or an answer. What is no pattern is taken as it stands. */
    public String change(String text) {
        try {
            return MessageTexts.changed(text, this::changed);
        } catch (Mistake e) {
            return changed(text, Number.UNSAID);
        }
    }

    /** Words alone, in which nothing has a meaning of its own. */
    public String words(String text) {
        return changed(text, Number.UNSAID);
    }

    /** What these words could be as well, where one word of the old platform stands for several things. */
    public List<String> others(String text) {
        Set<String> others = new LinkedHashSet<>();
        each(text, (found, number) -> {
            String chosen = chosen(found, number).to();
            entries.get(key(found.group("word"))).stream()
                    .filter(entry -> entry.number() == Number.UNSAID || fits(entry, found, number))
                    .map(Entry::to)
                    .filter(to -> !to.equalsIgnoreCase(chosen))
                    .forEach(others::add);
        });
        return List.copyOf(others);
    }

    /** What holds a word of the old platform and is left as it is, since it is an address or a name. */
    public List<String> left(String text) {
        Set<String> left = new LinkedHashSet<>();
        Matcher found = NO_WORDS.matcher(text);
        while (found.find()) {
            String token = found.group();
            if (token.startsWith("<")) {
                continue;
            }
            // Within an address words are joined by anything.
            for (String part : token.split("[^\\p{L}\\p{N}]+")) {
                if (entries.containsKey(key(part))
                        && !key(part)
                                .equals(key(entries.get(key(part)).getFirst().to()))) {
                    left.add(token);
                }
            }
        }
        return List.copyOf(left);
    }

    private interface Found {
        void at(MatchResult found, Number number);
    }

    private void each(String text, Found found) {
        try {
            MessageTexts.changed(text, (part, number) -> {
                stretches(part, number, found);
                return part;
            });
        } catch (Mistake e) {
            stretches(text, Number.UNSAID, found);
        }
    }

    private void stretches(String part, Number number, Found found) {
        Matcher matcher = words.matcher(part);
        List<int[]> taboo = taboo(part);
        while (matcher.find()) {
            if (free(matcher, taboo) && known(matcher)) {
                found.at(matcher.toMatchResult(), numbered(part, matcher, number));
            }
        }
    }

    private String changed(String part, Number number) {
        List<int[]> taboo = taboo(part);
        Matcher matcher = words.matcher(part);
        StringBuilder out = new StringBuilder();
        while (matcher.find()) {
            String next = matcher.group();
            if (free(matcher, taboo) && known(matcher)) {
                Entry entry = chosen(matcher, numbered(part, matcher, number));
                String word = matcher.group("word");
                if (!key(word).equals(key(entry.to()))) {
                    String to = like(word, entry);
                    next = before(matcher, word, to)
                            + (entry.to().contains("'") ? quoted(to, part, matcher.end()) : to);
                }
            }
            matcher.appendReplacement(out, Matcher.quoteReplacement(next));
        }
        return matcher.appendTail(out).toString();
    }

    /** A name in other capitals is another word; “alder” is a tree. */
    private boolean known(MatchResult found) {
        String word = found.group("word");
        return candidates(word).stream().anyMatch(entry -> written(entry, word));
    }

    private static boolean written(Entry entry, String word) {
        return !entry.exact() || word.equals(entry.from()) || capitals(word);
    }

    private List<Entry> candidates(String word) {
        return entries.getOrDefault(key(word), List.of());
    }

    private Entry chosen(MatchResult found, Number number) {
        String word = found.group("word");
        List<Entry> all =
                candidates(word).stream().filter(entry -> written(entry, word)).toList();
        return all.stream()
                .filter(entry -> fits(entry, found, number))
                .findFirst()
                .orElse(all.getFirst());
    }

    /** Whether a form is the one that is spoken of; only where one word is both do numbers tell. */
    private static boolean fits(Entry entry, MatchResult found, Number number) {
        Number said = number == Number.UNSAID && found.group("article") != null ? Number.ONE : number;
        return entry.number() == Number.UNSAID || said == Number.UNSAID || entry.number() == said;
    }

    private static Number numbered(String part, MatchResult found, Number number) {
        if (number != Number.UNSAID) {
            return number;
        }
        Matcher digits = NUMBER_BEFORE.matcher(part.substring(0, found.start()));
        if (!digits.find()) {
            return Number.UNSAID;
        }
        return digits.group(1).equals("1") ? Number.ONE : Number.SEVERAL;
    }

    private static List<int[]> taboo(String part) {
        return NO_WORDS.matcher(part)
                .results()
                .map(found -> new int[] {found.start(), found.end()})
                .toList();
    }

    private static boolean free(MatchResult found, List<int[]> taboo) {
        return taboo.stream().noneMatch(one -> found.start("word") < one[1] && found.end() > one[0]);
    }

    /** The article as the new word wants it; one that did not fit the old word is no English article. */
    private static String before(MatchResult found, String old, String next) {
        String article = found.group("article");
        if (article == null) {
            return "";
        }
        String space = found.group("space");
        boolean had = article.length() == 2;
        if (had != Article.isAn(old) || Article.isAn(next) == had) {
            return article + space;
        }
        if (had) {
            return article.charAt(0) + space;
        }
        return article + (article.equals("A") && capitals(old) ? "N" : "n") + space;
    }

    /** An apostrophe means something to a pattern where a brace or another one follows. */
    private static String quoted(String word, String part, int end) {
        boolean last = end == part.length() || part.charAt(end) == '\'';
        return word.indexOf('{') >= 0 || word.indexOf('}') >= 0
                ? Message.literally(word)
                : last && word.endsWith("'") ? word + "'" : word;
    }

    private static boolean capitals(String word) {
        return word.length() > 1
                && word.equals(word.toUpperCase(Locale.ROOT))
                && !word.equals(word.toLowerCase(Locale.ROOT));
    }

    private static String like(String model, Entry entry) {
        String to = entry.to();
        if (capitals(model) && !capitals(entry.from())) {
            return to.toUpperCase(Locale.ROOT);
        }
        boolean upper = Character.isUpperCase(model.codePointAt(0));
        if (upper == Character.isUpperCase(entry.from().codePointAt(0))) {
            return to;
        }
        int first = to.codePointAt(0);
        return Character.toString(upper ? Character.toTitleCase(first) : Character.toLowerCase(first))
                + to.substring(Character.charCount(first));
    }
}
