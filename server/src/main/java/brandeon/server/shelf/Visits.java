package brandeon.server.shelf;

import brandeon.core.problem.Mistake;
import brandeon.server.access.AccountDeleted;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.theme.Themes;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.regex.Pattern;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Leaving a theme and coming back to it: where somebody was, and what others did meanwhile. */
@Service
public class Visits {

    /** Below the theme's own address: words and ids with slashes between. */
    private static final Pattern PLACE = Pattern.compile("[a-z]{1,20}(/[A-Za-z0-9_-]{1,80}){0,3}");

    /**
     * What somebody did meanwhile.
     *
     * @param changes  how many
     * @param last     the newest of them in a sentence; empty when there was none
     * @param releases put on air, in their order
     */
    public record Meanwhile(String who, long changes, String last, List<Integer> releases, Instant at) {}

    /**
     * The last visit.
     *
     * @param place  below the theme's own address; empty when there was no visit
     * @param at     when; empty when there was none
     * @param others who did something since then, the latest first
     */
    public record LastVisit(String place, Optional<Instant> at, List<Meanwhile> others) {}

    private final VisitRows rows;
    private final Themes themes;
    private final Members members;

    Visits(VisitRows rows, Themes themes, Members members) {
        this.rows = rows;
        this.themes = themes;
        this.members = members;
    }

    /** Keeps where somebody is. @param version that they see */
    @Transactional
    public void keep(Member member, UUID theme, String place, long version) {
        if (!PLACE.matcher(place).matches()) {
            throw new Mistake("A place in a theme is the address of one of its screens.");
        }
        Themes.Draft draft = themes.get(member, theme);
        rows.keep(theme, member.account(), place, Math.clamp(version, 0, draft.version()), Instant.now());
    }

    @Transactional(readOnly = true)
    public LastVisit last(Member member, UUID theme) {
        Themes.Draft draft = themes.get(member, theme);
        return rows.findById(new VisitRow.Key(theme, member.account()))
                .map(visit -> new LastVisit(visit.place, Optional.of(visit.at), meanwhile(member, draft, visit)))
                .orElseGet(() -> new LastVisit("", Optional.empty(), List.of()));
    }

    private List<Meanwhile> meanwhile(Member member, Themes.Draft draft, VisitRow visit) {
        List<Themes.Others> changes = themes.changesSince(member, draft, visit.version);
        List<Themes.Aired> aired = themes.airedSince(member, draft, visit.at);
        List<UUID> people =
                new ArrayList<>(changes.stream().map(Themes.Others::account).toList());
        aired.stream()
                .map(Themes.Aired::account)
                .filter(one -> !people.contains(one))
                .forEach(people::add);
        Map<UUID, String> names = members.names(people);
        return people.stream()
                .map(who -> {
                    Optional<Themes.Others> edits = changes.stream()
                            .filter(one -> one.account().equals(who))
                            .findFirst();
                    List<Themes.Aired> releases = aired.stream()
                            .filter(one -> one.account().equals(who))
                            .toList();
                    return new Meanwhile(
                            names.get(who),
                            edits.map(Themes.Others::changes).orElse(0L),
                            edits.map(one -> themes.deed(draft, one.last())).orElse(""),
                            releases.stream().map(Themes.Aired::number).toList(),
                            edits.map(Themes.Others::at)
                                    .orElseGet(() -> releases.getLast().at()));
                })
                .toList();
    }

    @EventListener
    void deleted(AccountDeleted change) {
        rows.removeAllOf(change.account());
    }
}
