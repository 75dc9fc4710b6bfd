package brandeon.core.preflight;

import brandeon.core.theme.Provenance;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/** What a theme does not say of the pictures, faces and sounds that others made. One finding for all of a sort, on no scene. */
public final class ProvenanceChecks {

    private static final int NAMED = 3;

    private ProvenanceChecks() {}

    private record Foreign(String name, Provenance provenance) {}

    public static List<Finding> of(Theme theme) {
        List<Finding> found = new ArrayList<>();
        finding("picture", theme.artworks().stream().map(a -> new Foreign(a.name(), a.provenance())))
                .ifPresent(found::add);
        finding("font", theme.faces().stream().map(f -> new Foreign(f.title(), f.provenance())))
                .ifPresent(found::add);
        finding("sound", theme.sounds().own().stream().map(s -> new Foreign(s.name(), s.provenance())))
                .ifPresent(found::add);
        return found;
    }

    private static Optional<Finding> finding(String sort, Stream<Foreign> all) {
        List<Foreign> lacking =
                all.filter(foreign -> !foreign.provenance().lacking().isEmpty()).toList();
        if (lacking.isEmpty()) {
            return Optional.empty();
        }
        String sentence = lacking.size() == 1
                ? String.format(
                        Locale.ROOT,
                        "Of the %s %s, %s %s not said.",
                        sort,
                        lacking.getFirst().name(),
                        listed(lacking.getFirst().provenance().lacking()),
                        lacking.getFirst().provenance().lacking().size() == 1 ? "is" : "are")
                : String.format(
                        Locale.ROOT,
                        "%d %ss do not say where they are from, under which licence or whom to credit: %s.",
                        lacking.size(),
                        sort,
                        names(lacking));
        return Optional.of(new Finding(
                Finding.Kind.PROVENANCE,
                "",
                "",
                "",
                sort,
                Optional.empty(),
                lacking.size(),
                0,
                sentence,
                Optional.empty()));
    }

    private static String names(List<Foreign> lacking) {
        List<String> first = lacking.stream().limit(NAMED).map(Foreign::name).toList();
        return lacking.size() > NAMED
                ? String.join(", ", first) + String.format(Locale.ROOT, " and %d more", lacking.size() - NAMED)
                : listed(first);
    }

    private static String listed(List<String> words) {
        return words.size() == 1
                ? words.getFirst()
                : String.join(", ", words.subList(0, words.size() - 1)) + " and " + words.getLast();
    }
}
