package brandeon.core.move;

import brandeon.core.platform.Profile;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Turns one platform's words into another's inside texts that people wrote.
 *
 * Whole words only, longer ones first, capital letters kept. Names of values in braces stay as they are, since they
 * are not read by viewers.
 */
public final class Wording {

    private record Change(String from, String to) {}

    private final List<Change> changes = new ArrayList<>();

    public Wording(Profile from, Profile to) {
        Profile.Words a = from.words();
        Profile.Words b = to.words();
        add(a.supporter().other(), b.supporter().other());
        add(a.supporter().one(), b.supporter().one());
        add(a.support().other(), b.support().other());
        add(a.support().one(), b.support().one());
        add(a.supported(), b.supported());
        add(a.raided(), b.raided());
        add(a.raid().one(), b.raid().one());
        add(from.title(), to.title());
        changes.sort(Comparator.comparingInt((Change change) -> change.from().length())
                .reversed());
    }

    public String change(String text) {
        if (changes.isEmpty()) {
            return text;
        }
        StringBuilder alternatives = new StringBuilder();
        for (Change change : changes) {
            alternatives.append(alternatives.isEmpty() ? "" : "|").append(Pattern.quote(change.from()));
        }
        Matcher words = Pattern.compile("(?<!\\{)\\b(" + alternatives + ")\\b", Pattern.CASE_INSENSITIVE)
                .matcher(text);
        return words.replaceAll(found -> Matcher.quoteReplacement(like(found.group(), replacement(found.group()))));
    }

    private void add(String from, String to) {
        if (!from.equalsIgnoreCase(to)) {
            changes.add(new Change(from, to));
        }
    }

    private String replacement(String word) {
        return changes.stream()
                .filter(change -> change.from().equalsIgnoreCase(word))
                .findFirst()
                .orElseThrow()
                .to();
    }

    private static String like(String model, String word) {
        if (model.length() > 1 && model.equals(model.toUpperCase(Locale.ROOT))) {
            return word.toUpperCase(Locale.ROOT);
        }
        return Character.isUpperCase(model.charAt(0))
                ? Character.toUpperCase(word.charAt(0)) + word.substring(1)
                : word;
    }
}
