package brandeon.core.loose;

import brandeon.core.text.Letters;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Names that people can read, made of the names of files. */
final class ReadableNames {

    /** What says which try it was, not what it is. */
    private static final Pattern NOISE = Pattern.compile(
            "v\\d+(\\.\\d+)*|final\\d*|copy|export(ed)?|new|old|draft|\\d{3,5}x\\d{3,5}|\\d{3,4}p\\d{0,3}|\\d{2,3}fps|alpha|rgba?|web|hd|fhd|uhd|4k",
            Pattern.CASE_INSENSITIVE);

    private static final Pattern NUMBER = Pattern.compile("\\d+");
    private static final int LONGEST = 60;
    /** What programs call things by themselves. */
    private static final Set<String> EMPTY = Set.of(
            "layer",
            "untitled",
            "image",
            "img",
            "picture",
            "file",
            "asset",
            "group",
            "artboard",
            "unnamed",
            "render",
            "comp");

    private ReadableNames() {}

    /** The words in a name, at spaces, marks, changes between letters and figures, and capitals within. */
    static List<String> words(String stem) {
        String parted = Normalizer.normalize(stem, Normalizer.Form.NFC)
                .replaceAll("(?i)(\\d{3,5})\\s*[x×]\\s*(\\d{3,5})", " $1x$2 ")
                .replaceAll("(?<=\\p{Ll})(?=\\p{Lu})", " ")
                .replaceAll("(?<=\\p{Lu})(?=\\p{Lu}\\p{Ll})", " ")
                .replaceAll("(?<=\\p{L}{2})(?=\\d)", " ")
                .replaceAll("[^\\p{L}\\p{M}\\p{N}]+", " ")
                .strip();
        return parted.isEmpty() ? List.of() : Arrays.asList(parted.split(" "));
    }

    /**
     * For each file a name of its own, by its number.
     *
     * @param groups the files for which one stands, itself among them, by its number; it is called by what their names
     *     have in common, without the colour of each
     * @param known what each is; one whose name says nothing is called by that
     */
    static Map<Integer, String> of(
            List<LooseFile> files, Map<Integer, List<LooseFile>> groups, Map<Integer, Recognition> known) {
        Map<Integer, List<String>> words = new LinkedHashMap<>();
        files.forEach(file -> words.put(file.number(), words(file.stem())));
        groups.forEach((number, group) -> {
            List<String> common = words.get(number).stream()
                    .filter(word -> group.stream()
                            .allMatch(file -> words(file.stem()).stream().anyMatch(word::equalsIgnoreCase)))
                    .toList();
            if (common.stream().anyMatch(word -> word.codePoints().anyMatch(Character::isLetter))) {
                words.put(number, common);
            }
        });
        Set<String> everywhere = everywhere(words.values().stream().toList());
        Set<String> taken = new HashSet<>();
        Map<Integer, String> names = new HashMap<>();
        for (LooseFile file : files.stream()
                .sorted(Comparator.comparing((LooseFile file) -> !groups.containsKey(file.number()))
                        .thenComparing(LooseFile::number))
                .toList()) {
            String name = name(
                    words.get(file.number()),
                    everywhere,
                    known.get(file.number()).what());
            String free = name;
            for (int i = 2; !taken.add(free.toLowerCase(Locale.ROOT)); i++) {
                free = name + " " + i;
            }
            names.put(file.number(), free);
        }
        return names;
    }

    /** Words with which most files begin, as a pack's own name. */
    private static Set<String> everywhere(List<List<String>> all) {
        Set<String> everywhere = new HashSet<>();
        if (all.size() < 4) {
            return everywhere;
        }
        for (int i = 0; i < 3; i++) {
            int at = i;
            Map<String, Long> counts = all.stream()
                    .filter(words -> words.size() > at + 1)
                    .map(words -> words.get(at).toLowerCase(Locale.ROOT))
                    .collect(Collectors.groupingBy(word -> word, Collectors.counting()));
            counts.entrySet().stream()
                    .filter(entry -> entry.getValue() > 0.6 * all.size())
                    .map(Map.Entry::getKey)
                    .findFirst()
                    .ifPresent(everywhere::add);
        }
        return everywhere;
    }

    private static String name(List<String> words, Set<String> everywhere, What what) {
        List<String> kept = new ArrayList<>(words.stream()
                .filter(word -> !NOISE.matcher(word).matches())
                .filter(word -> !everywhere.contains(word.toLowerCase(Locale.ROOT)))
                .toList());
        // Figures in front only put files in order.
        while (kept.size() > 1 && NUMBER.matcher(kept.getFirst()).matches()) {
            kept.removeFirst();
        }
        if (kept.stream()
                .allMatch(word -> NUMBER.matcher(word).matches() || EMPTY.contains(word.toLowerCase(Locale.ROOT)))) {
            return what.title();
        }
        String name = kept.stream().map(ReadableNames::lower).collect(Collectors.joining(" "));
        if (!Letters.clean(name)) {
            return what.title();
        }
        String first = name.substring(0, name.offsetByCodePoints(0, 1));
        String sentence = first.toUpperCase(Locale.ROOT) + name.substring(first.length());
        return sentence.length() <= LONGEST
                ? sentence
                : sentence.substring(
                                0,
                                sentence.lastIndexOf(' ', LONGEST) < 1 ? LONGEST : sentence.lastIndexOf(' ', LONGEST))
                        .strip();
    }

    /** Short words in capitals alone may be letters that stand for something; all others are words. */
    private static String lower(String word) {
        boolean letters = word.length() <= 3 && word.equals(word.toUpperCase(Locale.ROOT)) && !word.matches("\\d+");
        return letters && !Set.of("CAM", "BAR", "BOX", "BIG", "THE", "AND").contains(word)
                ? word
                : word.toLowerCase(Locale.ROOT);
    }
}
