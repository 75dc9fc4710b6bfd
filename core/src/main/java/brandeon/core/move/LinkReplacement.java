package brandeon.core.move;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Swaps old links for new ones in a scene set, and proves what it did. */
public final class LinkReplacement {

    private LinkReplacement() {}

    /** A link where it stands: scene and source as named in the broadcasting software. */
    public record Place(String scene, String source, String link) {}

    /** One line of the replacement list. */
    public record Swap(Place place, String newLink) {}

    /**
     * What to replace where.
     *
     * @param swaps  each place that holds an old link
     * @param absent old links that stand nowhere in the set, so that nothing replaced them
     */
    public record Plan(List<Swap> swaps, List<String> absent) {}

    /** @param newLinks new link by old link */
    public static Plan plan(List<Place> places, Map<String, String> newLinks) {
        List<Swap> swaps = new ArrayList<>();
        Set<String> found = new HashSet<>();
        for (Place place : places) {
            String link = newLinks.get(place.link());
            if (link != null) {
                swaps.add(new Swap(place, link));
                found.add(place.link());
            }
        }
        return new Plan(
                List.copyOf(swaps),
                newLinks.keySet().stream()
                        .filter(old -> !found.contains(old))
                        .sorted()
                        .toList());
    }
}
