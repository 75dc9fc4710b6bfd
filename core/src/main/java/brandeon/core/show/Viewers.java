package brandeon.core.show;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What viewers may do to a show.
 *
 * @param on      whether they may do any of it now
 * @param presses what they may do
 * @param uses    by the id of a press: how often it was done
 */
public record Viewers(boolean on, List<ViewerPress> presses, Map<String, Use> uses) {

    public static final Viewers NONE = new Viewers(false, List.of(), Map.of());

    /** So many people are remembered for one press; beyond them the limit for one person is not held. */
    private static final int MOST_PEOPLE = 3000;

    /**
     * How often something was done by viewers.
     *
     * @param last   epoch milliseconds
     * @param people by name, as far as there is a limit for one person
     */
    public record Use(long last, int count, Map<String, Integer> people) {
        static final Use NONE = new Use(0, 0, Map.of());

        public Use {
            people = new TreeMap<>(people);
        }
    }

    public Viewers {
        presses = List.copyOf(presses);
        uses = new TreeMap<>(uses);
    }

    Optional<ViewerPress> press(String id) {
        return presses.stream().filter(one -> one.id().equals(id)).findFirst();
    }

    Use use(String id) {
        return uses.getOrDefault(id, Use.NONE);
    }

    /** Why somebody may not do it now; empty where they may. */
    Optional<String> hindrance(ViewerPress press, String who, long at) {
        Use use = use(press.id());
        if (!on) {
            return Optional.of("Viewers may do nothing now.");
        }
        if (use.last() > 0 && at < use.last() + press.pause() * 1000L) {
            return Optional.of("It was done a moment ago.");
        }
        if (press.perShow() > 0 && use.count() >= press.perShow()) {
            return Optional.of("It was done as often as it may be.");
        }
        return press.perPerson() > 0 && use.people().getOrDefault(who, 0) >= press.perPerson()
                ? Optional.of(who + " has done it as often as one person may.")
                : Optional.empty();
    }

    Viewers used(ViewerPress press, String who, long at) {
        Use use = use(press.id());
        Map<String, Integer> people = new TreeMap<>(use.people());
        if (press.perPerson() > 0 && people.size() < MOST_PEOPLE) {
            people.merge(who, 1, Integer::sum);
        }
        Map<String, Use> next = new LinkedHashMap<>(uses);
        next.put(press.id(), new Use(at, use.count() + 1, people));
        return new Viewers(on, presses, next);
    }

    Viewers on(boolean allowed) {
        return new Viewers(allowed, presses, uses);
    }

    /** Other presses; how often those that stay were done is kept. */
    Viewers with(List<ViewerPress> next) {
        Map<String, Use> kept = new LinkedHashMap<>();
        next.forEach(press -> {
            if (uses.containsKey(press.id())) {
                kept.put(press.id(), uses.get(press.id()));
            }
        });
        return new Viewers(on, next, kept);
    }

    Viewers fresh() {
        return new Viewers(on, presses, Map.of());
    }

    int weight() {
        return 400 * presses.size()
                + uses.values().stream()
                        .mapToInt(use -> 100 + 80 * use.people().size())
                        .sum();
    }
}
