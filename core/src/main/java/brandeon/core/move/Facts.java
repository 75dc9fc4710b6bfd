package brandeon.core.move;

import brandeon.core.live.Period;
import brandeon.core.live.Readings;
import brandeon.core.live.SignalKind;
import brandeon.core.platform.Noun;
import brandeon.core.platform.Profile;
import brandeon.core.text.MessageTexts;
import brandeon.core.text.ValueType;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;

/** Which live values a platform can fill, and what stands in for one that it cannot. */
final class Facts {

    private final Profile from;
    private final Profile to;

    Facts(Profile from, Profile to) {
        this.from = from;
        this.to = to;
    }

    /** Whether a value is known on the old side and nothing on the new one changes it. */
    boolean lost(String name) {
        Set<SignalKind> kinds = Readings.fedBy(name);
        return kinds.stream().anyMatch(kind -> from.term(kind).isPresent())
                && kinds.stream().noneMatch(kind -> to.term(kind).isPresent());
    }

    /** Of a value, which of its signals the new side lacks. */
    List<SignalKind> missing(String name) {
        return Readings.fedBy(name).stream()
                .filter(kind -> from.term(kind).isPresent() && to.term(kind).isEmpty())
                .toList();
    }

    /**
     * Values of the same type over the same period that the new side can fill, the likeliest first.
     *
     * @param beside what is seen beside it already
     */
    List<String> instead(String name, Set<String> beside) {
        String plain = Readings.plain(name);
        String suffix = name.substring(plain.length());
        ValueType type = Readings.types().get(name);
        String sort = sort(plain);
        return Readings.names(period(suffix)).keySet().stream()
                .filter(other -> Readings.types().get(other) == type && !other.equals(name))
                .filter(other -> Readings.fedBy(other).stream()
                        .anyMatch(kind -> to.term(kind).isPresent()))
                .sorted(Comparator.<String, Boolean>comparing(
                                other -> !sort(Readings.plain(other)).equals(sort))
                        .thenComparing(beside::contains))
                .toList();
    }

    private static Period period(String suffix) {
        return Arrays.stream(Period.values())
                .filter(one -> one.suffix().equals(suffix))
                .findFirst()
                .orElse(Period.EVER);
    }

    /** The latest, the most, or how many: what is told of is alike. */
    private static String sort(String plain) {
        return plain.startsWith("latest") ? "latest" : plain.startsWith("top") ? "top" : "";
    }

    /** How a label calls a value in a platform's words. */
    static String called(String name, Profile profile) {
        String plain = Readings.plain(name);
        Period period = period(name.substring(plain.length()));
        String called = calledOfAllTimes(plain, profile);
        return called.isEmpty() || period == Period.EVER ? called : called + " " + period.words();
    }

    private static String calledOfAllTimes(String plain, Profile profile) {
        Profile.Words words = profile.words();
        return switch (plain) {
            case "latestFollower" -> "Latest follower";
            case "followers" -> "New followers";
            case "latestSubscriber" -> "Latest " + words.supporter().one();
            case "latestMonths" -> "Months of the latest " + words.supporter().one();
            case "subscribers" -> "New " + words.supporter().other();
            case "latestRaider" -> "Latest " + words.raid().one();
            case "raids" -> upper(words.raid().other());
            case "topRaider", "topRaid" -> "Largest " + words.raid().one();
            case "gifted" -> "Gifted " + words.support().other();
            case "topGiver", "topGift" -> "Largest gift";
            case "months" -> "Months of " + words.support().one();
            case "latestMessage" ->
                "Latest " + noun(profile, SignalKind.PAID_MESSAGE).one();
            case "latestTipper" -> "Latest " + noun(profile, SignalKind.TIP).one();
            case "tips", "tipped" -> upper(noun(profile, SignalKind.TIP).other());
            case "topTipper", "topTip" ->
                "Largest " + noun(profile, SignalKind.TIP).one();
            case "money" -> "Raised";
            case "points" -> unit(profile, SignalKind.POINTS);
            case "goods" -> unit(profile, SignalKind.GOODS);
            default -> "";
        };
    }

    private static Noun noun(Profile profile, SignalKind kind) {
        return profile.termOrPlain(kind).noun();
    }

    private static String unit(Profile profile, SignalKind kind) {
        return upper(Optional.ofNullable(profile.termOrPlain(kind).unit())
                .orElse(noun(profile, kind))
                .other());
    }

    private static String upper(String word) {
        return Character.toTitleCase(word.charAt(0)) + word.substring(1);
    }

    /** Whether a label speaks of what a value that is lost was about. */
    boolean speaksOf(String label, String name) {
        return spokenOf(label, missing(name)).isPresent();
    }

    /** What a text speaks of that the new side does not have, in the old side's word; empty for nothing. */
    Optional<String> spokenOf(String text) {
        return spokenOf(
                text,
                Arrays.stream(SignalKind.values())
                        .filter(kind ->
                                from.term(kind).isPresent() && to.term(kind).isEmpty())
                        .toList());
    }

    private Optional<String> spokenOf(String text, List<SignalKind> lost) {
        String words = MessageTexts.words(text);
        return lost.stream()
                .map(kind -> from.termOrPlain(kind).noun().one())
                .filter(noun -> !shared(noun))
                .filter(noun -> Pattern.compile(
                                "(?<!\\w)" + Pattern.quote(stem(noun))
                                        + (stem(noun).length() > 4 ? "" : "s?(?!\\w)"),
                                Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CHARACTER_CLASS)
                        .matcher(words)
                        .find())
                .findFirst();
    }

    /** Whether another signal, which goes on, is called by the same word. */
    private boolean shared(String noun) {
        return from.signals().stream()
                .filter(term -> to.term(term.kind()).isPresent())
                .anyMatch(term -> stem(term.noun().one()).equalsIgnoreCase(stem(noun)));
    }

    /** What follow and follower share: a noun without the end of a plural. */
    private static String stem(String noun) {
        return noun.length() > 4 && noun.endsWith("s") ? noun.substring(0, noun.length() - 1) : noun;
    }

    /** How much of what the old side calls a value stands in a label, in words. */
    int likeness(String label, String name) {
        Set<String> words = words(label);
        words.retainAll(words(called(name, from)));
        return words.size();
    }

    private static Set<String> words(String text) {
        return new HashSet<>(List.of(text.toLowerCase(Locale.ROOT).split("\\W+")));
    }

    /** By name, what each value is for people. */
    static String meaning(String name) {
        return Optional.ofNullable(Readings.names().get(name))
                .map(Readings.Named::meaning)
                .orElse(name);
    }
}
