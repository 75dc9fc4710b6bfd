package brandeon.server.access;

import brandeon.core.problem.Mistake;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Links by which people come into a workspace. */
@Service
public class Invitations {

    /** For so long a link may work. */
    static final Duration LONGEST = Duration.ofDays(90);

    /**
     * A link that still works.
     *
     * @param until       when it stops to work
     * @param memberUntil when whoever comes by it stops to belong there; empty for never
     * @param several     whether several people may come by it; else the first
     * @param used        by so many people so far
     */
    public record Invitation(
            UUID id,
            String link,
            Role role,
            Instant until,
            Optional<Instant> memberUntil,
            boolean several,
            int used,
            String by,
            Instant madeAt) {}

    /** What somebody who was invited is told. */
    public record InvitationOffer(
            String workspace, Role role, String by, Instant until, Optional<Instant> memberUntil) {}

    private final InvitationRows rows;
    private final Workspaces workspaces;
    private final Members members;
    private final Keys keys;
    private final Addresses addresses;
    private final EntityManager entities;
    private final ApplicationEventPublisher events;

    Invitations(
            InvitationRows rows,
            Workspaces workspaces,
            Members members,
            Keys keys,
            Addresses addresses,
            EntityManager entities,
            ApplicationEventPublisher events) {
        this.rows = rows;
        this.workspaces = workspaces;
        this.members = members;
        this.keys = keys;
        this.addresses = addresses;
        this.entities = entities;
        this.events = events;
    }

    /**
     * @param lasts       for so long the link works
     * @param memberUntil null for never
     */
    @Transactional
    public Invitation make(Member owner, Role role, Duration lasts, Instant memberUntil, boolean several) {
        owner.requires(Role.OWNER);
        Instant now = Instant.now();
        if (lasts.isNegative() || lasts.isZero() || lasts.compareTo(LONGEST) > 0) {
            throw new Mistake("A link works for 1 to " + LONGEST.toDays() + " days.");
        }
        if (memberUntil != null && !memberUntil.isAfter(now)) {
            throw new Mistake("The last day must be in the future.");
        }
        InvitationRow row = new InvitationRow(UUID.randomUUID(), owner.workspace(), owner.account());
        row.role = role;
        row.until = now.plus(lasts);
        row.memberUntil = memberUntil;
        row.several = several;
        entities.persist(row);
        told(owner, "Made an invitation as " + role.title().toLowerCase(Locale.ROOT));
        return pending(row, Map.of(owner.account(), owner.name()));
    }

    public List<Invitation> pending(Member owner) {
        owner.requires(Role.OWNER);
        List<InvitationRow> pending = rows.pending(owner.workspace(), Instant.now());
        Map<UUID, String> names = members.names(pending.stream()
                .map(row -> row.madeBy)
                .filter(java.util.Objects::nonNull)
                .toList());
        return pending.stream().map(row -> pending(row, names)).toList();
    }

    @Transactional
    public void withdraw(Member owner, UUID id) {
        owner.requires(Role.OWNER);
        if (rows.withdraw(id, owner.workspace()) == 0) {
            throw new NotFound("This invitation is not there any more.");
        }
        told(owner, "Withdrew an invitation");
    }

    private void told(Member owner, String sentence) {
        events.publishEvent(Deed.of(owner, Deed.Kind.MEMBER, workspaces.name(owner.workspace()), sentence));
    }

    /** @throws NotFound when the link does not work, or not any more */
    public InvitationOffer offer(String token) {
        InvitationRow row = open(token);
        return new InvitationOffer(
                workspaces.name(row.workspaceId),
                row.role,
                row.madeBy == null
                        ? "Somebody"
                        : members.names(List.of(row.madeBy)).get(row.madeBy),
                row.until,
                Optional.ofNullable(row.memberUntil));
    }

    /**
     * Lets an account in.
     *
     * @return the workspace
     * @throws NotFound when the link does not work, or not any more
     */
    @Transactional
    public UUID accept(String token, UUID account) {
        InvitationRow row = open(token);
        if (rows.use(row.id, Instant.now()) == 0) {
            throw new Refused("Somebody else came by this invitation just now. Ask for another one.");
        }
        workspaces.join(row.workspaceId, account, row.role, row.memberUntil);
        return row.workspaceId;
    }

    private InvitationRow open(String token) {
        return keys.provedId(token, Keys.Use.INVITATION, 0)
                .flatMap(id -> rows.open(id, Instant.now()))
                .orElseThrow(() -> new NotFound(
                        "This invitation does not work any more: it was used, withdrawn, or is too old. Ask for another"
                                + " one."));
    }

    private Invitation pending(InvitationRow row, Map<UUID, String> names) {
        return new Invitation(
                row.id,
                addresses.base() + "/join/" + keys.token(Keys.Use.INVITATION, row.id, 0),
                row.role,
                row.until,
                Optional.ofNullable(row.memberUntil),
                row.several,
                row.used,
                row.madeBy == null ? "Somebody" : names.getOrDefault(row.madeBy, "Somebody"),
                row.madeAt);
    }

    @Scheduled(initialDelayString = "PT10M", fixedDelayString = "PT6H")
    @Transactional
    void sweep() {
        rows.removeOld(Instant.now());
    }
}
