package brandeon.core.loose;

import brandeon.core.colour.Difference;
import brandeon.core.recolour.Cluster;
import brandeon.core.recolour.Recolouring;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/**
 * Files that were dropped together: each with what it is, which are the same, and which are one drawing in several
 * colours. In the order in which they need a look.
 */
public record Pack(List<Entry> entries) {

    /** How a file stands to the one that is taken for it. */
    public enum Bond {
        /** It is taken itself. */
        ITSELF,
        /** The same drawing in other colours. */
        VARIANT,
        /** The same, perhaps in another size. */
        TWIN
    }

    /**
     * One file.
     *
     * @param name that people can read, of its own
     * @param out  whether it is left out
     * @param of   number of the file that is taken for it; its own where that is itself
     */
    public record Entry(
            LooseFile file, What what, double sure, String why, String name, boolean out, Bond bond, int of) {

        public int number() {
            return file.number();
        }

        /** Whether the theme gets it. */
        public boolean taken() {
            return !out && bond == Bond.ITSELF;
        }

        public boolean doubtful() {
            return sure < Recognition.DOUBTFUL;
        }

        Optional<Found.Picture> picture() {
            return file.found() instanceof Found.Picture picture ? Optional.of(picture) : Optional.empty();
        }
    }

    /** Two colours that differ by less are one, saved in another way. */
    private static final double SAME_COLOUR = 4;

    private static final double SAME_ASPECT = 0.012;
    /** Lightness from which grey art is white. */
    private static final double WHITE = 200;

    public static Pack of(List<LooseFile> files, LooseChoices choices) {
        Map<Integer, LooseChoices.FileChoice> chosen = choices.files().stream()
                .collect(Collectors.toMap(LooseChoices.FileChoice::number, one -> one, (_, later) -> later));
        Map<Integer, Recognition> known = new HashMap<>();
        for (LooseFile file : files) {
            known.put(file.number(), known(file, Optional.ofNullable(chosen.get(file.number()))));
        }
        Map<Integer, Integer> leaders = new HashMap<>();
        Map<Integer, Bond> bonds = new HashMap<>();
        Map<Integer, List<LooseFile>> others = new HashMap<>();
        for (List<LooseFile> group : groups(files, chosen, known)) {
            LooseFile leader = leader(group, chosen);
            others.put(leader.number(), group);
            for (LooseFile file : group) {
                leaders.put(file.number(), leader.number());
                bonds.put(
                        file.number(),
                        file == leader
                                ? Bond.ITSELF
                                : group.stream()
                                                .filter(other -> other != file)
                                                .filter(other -> other == leader || other.number() < file.number())
                                                .anyMatch(other -> sameFile(file, other))
                                        ? Bond.TWIN
                                        : Bond.VARIANT);
            }
        }
        Map<Integer, String> names = ReadableNames.of(files, others, known);
        List<Entry> entries = new ArrayList<>();
        for (LooseFile file : files) {
            Recognition what = known.get(file.number());
            LooseChoices.FileChoice choice = chosen.get(file.number());
            entries.add(new Entry(
                    file,
                    what.what(),
                    what.sure(),
                    what.why(),
                    choice == null || choice.name().isBlank()
                            ? file.found() instanceof Found.Typeface face ? face.title() : names.get(file.number())
                            : choice.name(),
                    choice == null ? outByItself(what.what()) : choice.out(),
                    bonds.get(file.number()),
                    leaders.get(file.number())));
        }
        entries.sort(Comparator.comparing((Entry entry) -> entry.bond() != Bond.ITSELF)
                .thenComparing(entry -> !entry.doubtful())
                .thenComparing(Entry::sure)
                .thenComparing(Entry::what)
                .thenComparing(Entry::number));
        return new Pack(List.copyOf(entries));
    }

    /** What somebody said that a picture is, or else what was found. */
    private static Recognition known(LooseFile file, Optional<LooseChoices.FileChoice> choice) {
        Recognition found = Recognition.of(file);
        return choice.flatMap(LooseChoices.FileChoice::what)
                .filter(what -> what.picture() && found.what().picture())
                .map(what -> new Recognition(what, 1, what == found.what() ? found.why() : "As you said."))
                .orElse(found);
    }

    public Optional<Entry> entry(int number) {
        return entries.stream().filter(entry -> entry.number() == number).findFirst();
    }

    /** What is taken of one sort, by their numbers. */
    List<Entry> taken(What what) {
        return entries.stream()
                .filter(entry -> entry.taken() && entry.what() == what)
                .sorted(Comparator.comparing(Entry::number))
                .toList();
    }

    /** Masks are made here from openings; texts and what cannot be read have no place in a theme. */
    private static boolean outByItself(What what) {
        return what == What.MASK || what == What.UNREAD;
    }

    private static List<List<LooseFile>> groups(
            List<LooseFile> files, Map<Integer, LooseChoices.FileChoice> chosen, Map<Integer, Recognition> known) {
        Map<LooseFile, List<LooseFile>> groups = new LinkedHashMap<>();
        Map<LooseFile, Print.Cells> cells = new HashMap<>();
        for (LooseFile file : files) {
            if (file.found() instanceof Found.Picture picture) {
                cells.put(file, picture.traits().print().cells());
            }
            LooseFile first = said(chosen, file, LooseChoices.FileChoice::apart)
                    ? file
                    : groups.keySet().stream()
                            .filter(other -> !said(chosen, other, LooseChoices.FileChoice::apart))
                            .filter(other -> known.get(file.number()).what()
                                    == known.get(other.number()).what())
                            .filter(other -> together(file, other, cells))
                            .findFirst()
                            .orElse(file);
            groups.computeIfAbsent(first, _ -> new ArrayList<>()).add(file);
        }
        return List.copyOf(groups.values());
    }

    private static boolean said(
            Map<Integer, LooseChoices.FileChoice> chosen, LooseFile file, Predicate<LooseChoices.FileChoice> what) {
        LooseChoices.FileChoice choice = chosen.get(file.number());
        return choice != null && what.test(choice);
    }

    private static boolean together(LooseFile one, LooseFile other, Map<LooseFile, Print.Cells> cells) {
        return sameContent(one.found(), other.found())
                || one.found() instanceof Found.Picture a
                        && other.found() instanceof Found.Picture b
                        && sameDrawing(a, b, cells.get(one), cells.get(other));
    }

    private static boolean sameContent(Found one, Found other) {
        return switch (one) {
            case Found.Picture a -> other instanceof Found.Picture b && a.file().equals(b.file());
            case Found.Heard a -> other instanceof Found.Heard b && a.wave().equals(b.wave());
            case Found.Typeface a ->
                other instanceof Found.Typeface b && a.face().equals(b.face());
            case Found.Words _, Found.Nothing _ -> false;
        };
    }

    private static boolean sameDrawing(Found.Picture a, Found.Picture b, Print.Cells one, Print.Cells other) {
        double aspect = (double) a.width() / a.height() / ((double) b.width() / b.height());
        if (a.moving() != b.moving() || Math.abs(aspect - 1) > SAME_ASPECT || !one.sameShape(other)) {
            return false;
        }
        if (one.flat() || other.flat()) {
            return one.flat() && other.flat() || one.shaped();
        }
        return one.alike(other);
    }

    /** Of two of one drawing: whether their colours are the same as well. */
    private static boolean sameFile(LooseFile one, LooseFile other) {
        if (!(one.found() instanceof Found.Picture a) || !(other.found() instanceof Found.Picture b)) {
            return true;
        }
        return a.file().equals(b.file())
                || a.clusters().stream().allMatch(cluster -> near(cluster, b.clusters()))
                        && b.clusters().stream().allMatch(cluster -> near(cluster, a.clusters()));
    }

    private static boolean near(Cluster cluster, List<Cluster> others) {
        return others.stream()
                .anyMatch(other -> Difference.ciede2000(cluster.colour(), other.colour()) < SAME_COLOUR
                        && Math.abs(cluster.share() - other.share()) < 0.15);
    }

    /** The one that was chosen, or of several colours the white one, which takes every colour; else the largest. */
    private static LooseFile leader(List<LooseFile> group, Map<Integer, LooseChoices.FileChoice> chosen) {
        return group.stream()
                .min(Comparator.comparing((LooseFile file) -> !said(chosen, file, LooseChoices.FileChoice::instead))
                        .thenComparing(file -> !white(file))
                        .thenComparing(file -> -pixels(file))
                        .thenComparing(LooseFile::number))
                .orElseThrow();
    }

    private static boolean white(LooseFile file) {
        return file.found() instanceof Found.Picture picture
                && Recolouring.achromatic(picture.clusters())
                && picture.traits().print().cells().lightness() >= WHITE;
    }

    private static long pixels(LooseFile file) {
        return file.found() instanceof Found.Picture picture ? (long) picture.width() * picture.height() : 0;
    }
}
