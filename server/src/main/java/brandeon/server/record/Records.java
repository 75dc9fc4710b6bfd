package brandeon.server.record;

import brandeon.server.access.Deed;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.channel.Channels;
import brandeon.server.show.RunningShows;
import brandeon.server.theme.Themes;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Who did what in a workspace: edits and cues from where they are kept, all else as it was told. */
@Service
public class Records {

    /** The latest of each theme, show and of the rest. */
    static final int MOST_EACH = 500;

    /** @param place theme, show or workspace @param undone whether it was taken back since */
    public record DeedLine(
            Instant at, UUID account, String who, Deed.Kind kind, String place, String what, boolean undone) {
        private DeedLine by(String name) {
            return new DeedLine(at, account, name, kind, place, what, undone);
        }
    }

    /** What is wanted; empty for everything. */
    public record Filter(Optional<Deed.Kind> kind, Optional<UUID> account, String text) {
        private boolean takes(DeedLine line) {
            return kind.map(wanted -> wanted == line.kind()).orElse(true)
                    && account.map(wanted -> wanted.equals(line.account())).orElse(true)
                    && (line.place() + " " + line.what())
                            .toLowerCase(java.util.Locale.ROOT)
                            .contains(text.strip().toLowerCase(java.util.Locale.ROOT));
        }

        private boolean wants(Deed.Kind one) {
            return kind.map(wanted -> wanted == one).orElse(true);
        }
    }

    private static final UUID NOBODY = new UUID(0, 0);

    private final DeedRows rows;
    private final EntityManager entities;
    private final Members members;
    private final Themes themes;
    private final Channels channels;
    private final RunningShows shows;

    Records(
            DeedRows rows,
            EntityManager entities,
            Members members,
            Themes themes,
            Channels channels,
            RunningShows shows) {
        this.rows = rows;
        this.entities = entities;
        this.members = members;
        this.themes = themes;
        this.channels = channels;
        this.shows = shows;
    }

    @EventListener
    @Transactional(propagation = Propagation.MANDATORY)
    public void done(Deed deed) {
        entities.persist(new DeedRow(deed));
    }

    /** The latest first. */
    public List<DeedLine> of(Member member, Filter filter) {
        List<DeedLine> lines = new ArrayList<>();
        if (filter.wants(Deed.Kind.EDIT)) {
            for (Themes.Draft draft : themes.all(member)) {
                themes.history(member, draft.id())
                        .forEach(line -> lines.add(new DeedLine(
                                line.at(),
                                line.account(),
                                "",
                                Deed.Kind.EDIT,
                                draft.theme().name(),
                                line.deed(),
                                line.undone())));
            }
        }
        if (filter.wants(Deed.Kind.CUE)) {
            channels.all(member).stream().map(Channels.Channel::show).distinct().forEach(show -> {
                String name = shows.get(member, show).name();
                shows.record(member, show, MOST_EACH)
                        .forEach(line -> lines.add(new DeedLine(
                                line.at(),
                                line.account().orElse(NOBODY),
                                line.who(),
                                Deed.Kind.CUE,
                                name,
                                line.sentence(),
                                line.undone())));
            });
        }
        rows.findByWorkspaceIdOrderByAtDesc(member.workspace(), Limit.of(MOST_EACH))
                .forEach(row ->
                        lines.add(new DeedLine(row.at, row.accountId, "", row.kind, row.place, row.sentence, false)));
        Map<UUID, String> names =
                members.names(lines.stream().map(DeedLine::account).distinct().toList());
        return lines.stream()
                .filter(filter::takes)
                .sorted(Comparator.comparing(DeedLine::at).reversed())
                .map(line -> line.who().isEmpty() ? line.by(names.getOrDefault(line.account(), "Somebody")) : line)
                .toList();
    }
}
