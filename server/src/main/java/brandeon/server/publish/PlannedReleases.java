package brandeon.server.publish;

import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.problem.Refused;
import brandeon.server.theme.Themes;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * What is to be put on air later: at a set time, or when the scene changes next. It is the draft as it is then. Each plan
 * is carried out once, by whichever server is first.
 */
@Service
public class PlannedReleases {

    private static final Logger LOG = LoggerFactory.getLogger(PlannedReleases.class);

    private static final int LOOK_EVERY = 1000;
    private static final long FARTHEST_MILLIS = 366L * 24 * 60 * 60 * 1000;

    /**
     * @param at     epoch milliseconds; 0 for the next change of scene
     * @param scenes empty for all of the draft
     */
    public record Later(long at, List<String> scenes) {
        public Later {
            scenes = List.copyOf(scenes);
        }
    }

    private final PlannedReleaseRows rows;
    private final Themes themes;
    private final Outlets outlets;
    private final Members members;
    private final TransactionTemplate transactions;

    PlannedReleases(
            PlannedReleaseRows rows,
            Themes themes,
            Outlets outlets,
            Members members,
            TransactionTemplate transactions) {
        this.rows = rows;
        this.themes = themes;
        this.outlets = outlets;
        this.members = members;
        this.transactions = transactions;
    }

    Optional<Later> of(UUID theme) {
        return rows.findById(theme).map(row -> new Later(row.at, scenes(row)));
    }

    /** In place of the one there may be. */
    void plan(Member member, Themes.Draft draft, Later plan) {
        member.requires(Role.OPERATOR);
        long now = System.currentTimeMillis();
        if (plan.at() != 0 && (plan.at() <= now || plan.at() > now + FARTHEST_MILLIS)) {
            throw new Mistake("It can be put on air at a time to come, within a year.");
        }
        themes.requireReleasable(draft, Set.copyOf(plan.scenes()));
        transactions.executeWithoutResult(
                _ -> rows.put(draft.id(), member.account(), plan.at(), Json.write(plan.scenes())));
    }

    void drop(Member member, Themes.Draft draft) {
        member.requires(Role.OPERATOR);
        transactions.executeWithoutResult(_ -> rows.drop(draft.id()));
    }

    /** Another scene of a theme came on. */
    public void sceneCameOn(UUID theme) {
        rows.findById(theme).filter(row -> row.at == 0).ifPresent(this::carryOut);
    }

    @Scheduled(fixedDelay = LOOK_EVERY)
    void look() {
        rows.due(System.currentTimeMillis()).forEach(this::carryOut);
    }

    private void carryOut(PlannedReleaseRow row) {
        Integer taken = transactions.execute(_ -> rows.take(row.themeId, row.at));
        if (taken == null || taken == 0) {
            return;
        }
        try {
            Member member = members.at(row.accountId, "themes", row.themeId)
                    .orElseThrow(() -> new Refused("Whoever planned it does not belong here any more."));
            Themes.Draft draft = themes.putOnAir(member, row.themeId, Set.copyOf(scenes(row)));
            outlets.ensure(row.themeId, themes.onAir(draft).orElseThrow());
        } catch (RuntimeException e) {
            LOG.warn("What was planned for theme {} was not put on air: {}", row.themeId, e.getMessage());
        }
    }

    private static List<String> scenes(PlannedReleaseRow row) {
        return List.of(Json.read(row.scenes, String[].class));
    }
}
