package brandeon.core.recolour;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Difference;
import brandeon.core.colour.Palette;
import brandeon.core.colour.Role;
import brandeon.core.colour.Spaces;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How a picture is brought onto a brand: by which method, and each of its main colours onto which role.
 *
 * @param roles one for each cluster, in their order; empty keeps the colour
 */
public record Recolouring(Method method, List<Optional<Role>> roles) {

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

    public Recolouring {
        roles = List.copyOf(roles);
    }

    /** A target for a cluster, and how near the picture comes to it. */
    public record Landing(Cluster cluster, Role role, Colour target, Colour result, double difference) {
    }

    public static boolean achromatic(List<Cluster> clusters) {
        return clusters.stream().filter(Cluster::neutral).mapToDouble(Cluster::share).sum() >= ACHROMATIC_SHARE;
    }

    /**
     * The proposal: white and grey art is tinted; art that moves is filtered, since it can be painted as it plays; all
     * else is shifted. The largest colours get the accents, dark ones the plate; neutral ones stay.
     */
    public static Recolouring proposed(List<Cluster> clusters, boolean moving) {
        if (achromatic(clusters)) {
            int main = clusters.isEmpty() ? -1 : clusters.indexOf(clusters.stream().filter(Cluster::neutral).max(Comparator.comparingDouble(Recolouring::visible)).orElseThrow());
            List<Optional<Role>> roles = new ArrayList<>();
            for (int i = 0; i < clusters.size(); i++) {
                roles.add(i == main ? Optional.of(Role.ACCENT) : Optional.empty());
            }
            return new Recolouring(Method.TINT, roles);
        }
        List<Optional<Role>> roles = new ArrayList<>();
        int next = 0;
        for (Cluster cluster : clusters) {
            if (cluster.neutral() || next >= CHROMATIC_ROLES.size()) {
                roles.add(Optional.empty());
            } else if (Spaces.oklch(cluster.colour()).lightness() < DARK && clusters.size() > 1) {
                roles.add(Optional.of(Role.PLATE));
            } else {
                roles.add(Optional.of(CHROMATIC_ROLES.get(next++)));
            }
        }
        return new Recolouring(moving ? Method.FILTER : Method.SHIFT, roles);
    }

    /** Light greys show a tint, black does not. */
    private static double visible(Cluster cluster) {
        return cluster.share() * Spaces.oklch(cluster.colour()).lightness();
    }

    /** Why the proposed method is the right one, in a sentence. */
    public static String reason(List<Cluster> clusters, boolean moving) {
        if (clusters.isEmpty()) {
            return "Nothing is painted in this picture.";
        }
        if (achromatic(clusters)) {
            return "White and grey do not change under a turn of hue, so it is tinted.";
        }
        return moving ? "It moves, so it is coloured by a filter as it plays." : "Each main colour goes to its own role; shading stays.";
    }

    /** The first cluster with a role: the one a filter is solved for. */
    private Optional<Integer> main(List<Cluster> clusters) {
        for (int i = 0; i < Math.min(roles.size(), clusters.size()); i++) {
            if (roles.get(i).isPresent()) {
                return Optional.of(i);
            }
        }
        return Optional.empty();
    }

    /** The filter for the main colour; empty when no colour has a role. */
    public Optional<FilterChain> filter(List<Cluster> clusters, Palette palette) {
        return main(clusters).map(i -> FilterChain.solve(clusters.get(i).colour(), palette.colour(roles.get(i).orElseThrow())));
    }

    /** What happens to each colour. */
    public Mapping mapping(List<Cluster> clusters, Palette palette) {
        Optional<Integer> main = main(clusters);
        if (main.isEmpty()) {
            return colour -> colour;
        }
        return switch (method) {
            case FILTER -> {
                FilterChain chain = filter(clusters, palette).orElseThrow();
                yield chain::apply;
            }
            case TINT -> new Tint(clusters.get(main.get()).colour(), palette.colour(roles.get(main.get()).orElseThrow()));
            case SHIFT -> {
                List<ClusterShift.Move> moves = new ArrayList<>();
                for (int i = 0; i < clusters.size(); i++) {
                    Colour from = clusters.get(i).colour();
                    moves.add(new ClusterShift.Move(from, i < roles.size() ? roles.get(i).map(palette::colour).orElse(from) : from));
                }
                yield new ClusterShift(moves);
            }
        };
    }

    /** Where each cluster with a role lands. */
    public List<Landing> landings(List<Cluster> clusters, Palette palette, Mapping mapping) {
        List<Landing> landings = new ArrayList<>();
        for (int i = 0; i < Math.min(clusters.size(), roles.size()); i++) {
            Cluster cluster = clusters.get(i);
            roles.get(i).ifPresent(role -> {
                Colour result = mapping.apply(cluster.colour()).rounded();
                landings.add(new Landing(cluster, role, palette.colour(role), result, Difference.ciede2000(result, palette.colour(role))));
            });
        }
        return landings;
    }
}
