package brandeon.core.recolour;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Difference;
import brandeon.core.colour.Palette;
import brandeon.core.colour.Role;
import brandeon.core.colour.Spaces;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * How a picture is brought onto a brand: by which method, and each of its main colours onto which role.
 *
 * @param roles by the number of the cluster, from 0
 * @param kept  numbers of clusters that stay as they are; one that is in neither follows the cluster it is a shade of
 */
public record Recolouring(Method method, Map<Integer, Role> roles, List<Integer> kept) {

    /** By which calculation. */
    public enum Method {
        /** hue-rotate, saturate and brightness for the whole picture; works on moving pictures as they play. */
        FILTER,
        /** Each main colour onto its own target, pixel by pixel. */
        SHIFT,
        /** White and grey art takes the target's hue. */
        TINT
    }

    /** From this share of neutral area on, a picture counts as white, grey or black art. */
    private static final double ACHROMATIC_SHARE = 0.95;

    private static final List<Role> CHROMATIC_ROLES = List.of(Role.ACCENT, Role.SECOND_ACCENT, Role.GLOW, Role.EDGE);
    /** Darker colours with a hue are grounds, not accents. */
    private static final double DARK = 0.34;
    /**
     * Nearer than this to the colour that is keyed out, a main colour is that ground (chosen by looking, no source).
     */
    private static final double KEYED = 8;
    /** Degrees within which two colours are shades of one (chosen by looking, no source). */
    private static final double SAME_HUE = 25;

    public Recolouring {
        roles = Collections.unmodifiableMap(new TreeMap<>(roles));
        kept = kept.stream().distinct().sorted().toList();
    }

    /** A target for a cluster, given by its number, and how near the picture comes to it. */
    public record Landing(int cluster, Role role, Colour target, Colour result, double difference) {}

    public static boolean achromatic(List<Cluster> clusters) {
        return clusters.stream()
                        .filter(Cluster::neutral)
                        .mapToDouble(Cluster::share)
                        .sum()
                >= ACHROMATIC_SHARE;
    }

    /**
     * The proposal: white and grey art is tinted; art that moves is filtered, since it can be painted as it plays; all
     * else is shifted. The largest colours of different hue get the accents, a dark one the plate; shades follow, and
     * neutral ones stay.
     */
    public static Recolouring proposed(List<Cluster> clusters, boolean moving) {
        return proposed(clusters, moving, Optional.empty());
    }

    /**
     * The same for a picture whose ground is to be keyed out.
     *
     * @param key its colour, which has to stay as it is
     */
    public static Recolouring proposed(List<Cluster> clusters, boolean moving, Optional<Colour> key) {
        List<Integer> keyed = IntStream.range(0, clusters.size())
                .filter(i -> key.filter(colour ->
                                Difference.ciede2000(colour, clusters.get(i).colour()) < KEYED)
                        .isPresent())
                .boxed()
                .toList();
        if (!keyed.isEmpty()) {
            // All others are coloured as if the ground were not there.
            List<Integer> others = IntStream.range(0, clusters.size())
                    .filter(i -> !keyed.contains(i))
                    .boxed()
                    .toList();
            Recolouring rest = proposed(others.stream().map(clusters::get).toList(), false);
            Map<Integer, Role> roles = new TreeMap<>();
            rest.roles().forEach((i, role) -> roles.put(others.get(i), role));
            return new Recolouring(
                    Method.SHIFT,
                    roles,
                    Stream.concat(keyed.stream(), rest.kept().stream().map(others::get))
                            .toList());
        }
        Map<Integer, Role> roles = new TreeMap<>();
        if (achromatic(clusters)) {
            clusters.stream()
                    .filter(Cluster::neutral)
                    .max(Comparator.comparingDouble(Recolouring::visible))
                    .ifPresent(main -> roles.put(clusters.indexOf(main), Role.ACCENT));
            return new Recolouring(moving ? Method.FILTER : Method.TINT, roles, List.of());
        }
        List<Integer> kept = IntStream.range(0, clusters.size())
                .filter(i -> clusters.get(i).neutral())
                .boxed()
                .toList();
        int next = 0;
        for (int leader : leaders(clusters)) {
            boolean dark = lightness(clusters.get(leader)) < DARK && clusters.size() > 1;
            if (dark || next < CHROMATIC_ROLES.size()) {
                roles.put(leader, dark ? Role.PLATE : CHROMATIC_ROLES.get(next++));
            }
        }
        return new Recolouring(moving ? Method.FILTER : Method.SHIFT, roles, kept);
    }

    /**
     * The largest cluster of each hue, one that is not dark where there is one; the others of that hue are its shades.
     */
    private static List<Integer> leaders(List<Cluster> clusters) {
        List<Integer> leaders = new ArrayList<>();
        List<Integer> chromatic = IntStream.range(0, clusters.size())
                .filter(i -> !clusters.get(i).neutral())
                .boxed()
                .sorted(Comparator.comparing((Integer i) -> lightness(clusters.get(i)) < DARK))
                .toList();
        for (int i : chromatic) {
            if (leaders.stream().noneMatch(leader -> sameHue(clusters.get(leader), clusters.get(i)))) {
                leaders.add(i);
            }
        }
        return leaders;
    }

    private static boolean sameHue(Cluster one, Cluster other) {
        double apart = Math.abs(
                Spaces.oklch(one.colour()).hue() - Spaces.oklch(other.colour()).hue());
        return Math.min(apart, 360 - apart) < SAME_HUE;
    }

    private static double lightness(Cluster cluster) {
        return Spaces.oklch(cluster.colour()).lightness();
    }

    /** Light greys show a tint, black does not. */
    private static double visible(Cluster cluster) {
        return cluster.share() * lightness(cluster);
    }

    /** Why the proposed method is the right one, in a sentence. */
    public static String reason(List<Cluster> clusters, boolean moving) {
        if (clusters.isEmpty()) {
            return "Nothing is painted in this picture.";
        }
        if (achromatic(clusters)) {
            return moving
                    ? "White and grey do not change under a turn of hue, so it is toned and then coloured by a filter as it plays."
                    : "White and grey do not change under a turn of hue, so it is tinted.";
        }
        return moving
                ? "It moves, so it is coloured by a filter as it plays."
                : "Each main colour goes to its own role; shading stays.";
    }

    /** The largest cluster with a role: the one a filter is solved for. */
    private Optional<Integer> main(List<Cluster> clusters) {
        return roles.keySet().stream().filter(i -> i < clusters.size()).findFirst();
    }

    /** Which colours go where in a brand; without moves when no colour has a role. */
    public Recipe recipe(List<Cluster> clusters, Palette palette) {
        Optional<Integer> main = main(clusters);
        if (main.isEmpty()) {
            return new Recipe(method, List.of());
        }
        if (method != Method.SHIFT) {
            return new Recipe(
                    method,
                    List.of(new ClusterShift.Move(
                            clusters.get(main.get()).colour(), palette.colour(roles.get(main.get())))));
        }
        List<ClusterShift.Move> moves = new ArrayList<>();
        for (int i = 0; i < clusters.size(); i++) {
            Colour from = clusters.get(i).colour();
            if (roles.containsKey(i) || kept.contains(i)) {
                moves.add(new ClusterShift.Move(from, roles.containsKey(i) ? palette.colour(roles.get(i)) : from));
            }
        }
        return new Recipe(method, moves);
    }

    /** Where each cluster with a role lands. */
    public List<Landing> landings(List<Cluster> clusters, Palette palette, Mapping mapping) {
        List<Landing> landings = new ArrayList<>();
        roles.forEach((i, role) -> {
            if (i < clusters.size()) {
                Colour result = mapping.apply(clusters.get(i).colour()).rounded();
                landings.add(new Landing(
                        i, role, palette.colour(role), result, Difference.ciede2000(result, palette.colour(role))));
            }
        });
        return landings;
    }
}
