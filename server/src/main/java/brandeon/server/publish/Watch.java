package brandeon.server.publish;

import brandeon.core.publish.Quiet;
import brandeon.core.publish.Taking;
import brandeon.core.theme.Theme;
import brandeon.core.watch.Link;
import brandeon.core.watch.OpenSource;
import brandeon.core.watch.SourceFinding;
import brandeon.core.watch.SourceFindings;
import brandeon.server.live.FeedKey;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/** What is known about the sources of a theme, on all servers together, and what is wrong with them. */
@Component
class Watch {

    /**
     * One source.
     *
     * @param open     where it is open
     * @param findings about it
     * @param seenAt   when viewers last saw it, epoch milliseconds; 0 for never
     */
    record Watched(Outlets.Outlet outlet, List<OpenSource> open, List<SourceFinding> findings, long seenAt) {}

    /** @param findings the worst first */
    record Seen(List<Watched> all, List<SourceFinding> findings) {

        Optional<Watched> at(Outlets.Place place) {
            return all.stream()
                    .filter(one -> one.outlet().place().equals(place))
                    .findFirst();
        }
    }

    private final OpenSources sources;
    private final OldLinks oldLinks;
    private final OutletSeenRows seen;

    Watch(OpenSources sources, OldLinks oldLinks, OutletSeenRows seen) {
        this.sources = sources;
        this.oldLinks = oldLinks;
        this.seen = seen;
    }

    /** In how many places sources are open. */
    int open(List<Outlets.Outlet> outlets) {
        return sources.of(outlets.stream().map(Outlets.Outlet::id).collect(Collectors.toSet()))
                .size();
    }

    /** @param theme as the sources show it */
    Seen of(Theme theme, List<Outlets.Outlet> outlets) {
        Set<UUID> ids = outlets.stream().map(Outlets.Outlet::id).collect(Collectors.toSet());
        if (ids.isEmpty()) {
            return new Seen(List.of(), List.of());
        }
        List<OpenSource> open = sources.of(ids);
        Map<UUID, OldLinkRow> old = oldLinks.of(ids);
        Map<UUID, Long> last = seen.last(ids).stream()
                .collect(Collectors.toMap(OutletSeenRows.LastSeen::outlet, OutletSeenRows.LastSeen::at));
        List<Link> links = outlets.stream()
                .map(outlet -> link(
                        theme, outlet, Optional.ofNullable(old.get(outlet.id())), last.getOrDefault(outlet.id(), 0L)))
                .toList();
        List<SourceFinding> findings = SourceFindings.of(theme, links, open, System.currentTimeMillis());
        return new Seen(
                outlets.stream()
                        .map(outlet -> new Watched(
                                outlet,
                                open.stream()
                                        .filter(one ->
                                                one.outlet().equals(outlet.id().toString()))
                                        .toList(),
                                findings.stream()
                                        .filter(finding -> finding.outlet()
                                                .equals(outlet.id().toString()))
                                        .toList(),
                                last.getOrDefault(outlet.id(), 0L)))
                        .toList(),
                findings);
    }

    private static Link link(Theme theme, Outlets.Outlet outlet, Optional<OldLinkRow> old, long seenAt) {
        return new Link(
                outlet.id().toString(),
                outlet.scene(),
                outlet.canvas(),
                outlet.part(),
                Quiet.scene(theme, outlet.scene(), outlet.canvas())
                        .map(scene -> Taking.title(scene, outlet.part()))
                        .orElse(""),
                outlet.withdrawn(),
                outlet.follows() == FeedKey.Source.DRAFT,
                seenAt,
                old.map(row -> row.since).orElse(0L),
                old.map(row -> row.at).orElse(0L),
                old.map(row -> row.place).orElse(""));
    }
}
