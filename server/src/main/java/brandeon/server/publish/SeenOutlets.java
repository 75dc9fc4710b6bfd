package brandeon.server.publish;

import brandeon.server.live.Showings;
import brandeon.server.theme.Themes;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Component;

/** In which sources alerts were shown: those that viewers saw then, by what the sources said of themselves. */
@Component
class SeenOutlets implements Showings {

    /** A source that goes on being seen says so this often at least; milliseconds. */
    private static final long SLACK = 6000;

    private final OutletSeenRows rows;
    private final Outlets outlets;
    private final Themes themes;

    SeenOutlets(OutletSeenRows rows, Outlets outlets, Themes themes) {
        this.rows = rows;
        this.outlets = outlets;
        this.themes = themes;
    }

    @Override
    public Places of(UUID show, long from, long till) {
        Map<UUID, String> names = new HashMap<>();
        for (Themes.Draft draft : themes.ofShow(show)) {
            outlets.of(draft.id()).stream()
                    .filter(outlet -> outlets.announces(outlet, draft))
                    .forEach(outlet -> outlets.shown(outlet, draft)
                            .ifPresent(theme -> names.put(outlet.id(), Outlets.named(theme, outlet))));
        }
        List<OutletSeenRow> seen =
                names.isEmpty() ? List.of() : rows.during(names.keySet(), from - SLACK, till + SLACK);
        return (begin, end) -> seen.stream()
                .filter(one -> one.seenFrom <= end && one.seenTill + SLACK >= begin)
                .map(one -> names.get(one.outletId))
                .distinct()
                .sorted()
                .toList();
    }
}
