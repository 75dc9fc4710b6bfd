package brandeon.server.access;

import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import brandeon.server.problem.NotAllowed;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import jakarta.persistence.EntityManager;
import jakarta.persistence.LockModeType;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Workspaces and the people in them. Each keeps at least one owner who stays. */
@Service
public class Workspaces {

    /**
     * Somebody in a workspace.
     *
     * @param until when they stop to belong there; empty for never
     */
    public record WorkspaceMember(UUID account, String name, String email, Role role, Optional<Instant> until) {
        WorkspaceMember(UUID account, String name, String email, Role role, Instant until) {
            this(account, name, email, role, Optional.ofNullable(until));
        }
    }

    private static final int LONGEST_NAME = 80;

    private final WorkspaceRows rows;
    private final MembershipRows memberships;
    private final EntityManager entities;
    private final ApplicationEventPublisher events;

    Workspaces(
            WorkspaceRows rows, MembershipRows memberships, EntityManager entities, ApplicationEventPublisher events) {
        this.rows = rows;
        this.memberships = memberships;
        this.entities = entities;
        this.events = events;
    }

    public String name(UUID workspace) {
        return rows.findById(workspace).map(row -> row.name).orElse("");
    }

    /** A new one, which an account owns. */
    @Transactional
    public UUID make(UUID account, String name) {
        requireOwnAccount(account);
        WorkspaceRow row = new WorkspaceRow(UUID.randomUUID(), called(name));
        entities.persist(row);
        entities.persist(new MembershipRow(new MembershipRow.Key(row.id, account), Role.OWNER));
        events.publishEvent(new MembershipChanged(account));
        return row.id;
    }

    @Transactional
    public void rename(Member owner, String name) {
        owner.requires(Role.OWNER);
        WorkspaceRow row = locked(owner.workspace());
        String before = row.name;
        row.name = called(name);
        events.publishEvent(Deed.of(owner, Deed.Kind.MEMBER, row.name, "Renamed the workspace, which was " + before));
        tellAll(owner.workspace());
    }

    /**
     * Removes it with its themes, files, shows and links.
     *
     * @param typed its name, typed by hand
     */
    @Transactional
    public void delete(Member owner, String typed) {
        owner.requires(Role.OWNER);
        WorkspaceRow row = locked(owner.workspace());
        if (!row.name.equals(typed.strip())) {
            throw new Mistake("Type the name of the workspace as it is written: " + row.name + ".");
        }
        remove(row);
    }

    /** Removes one that was just made and did not become what it was to be. */
    @Transactional
    public void undo(Member owner) {
        owner.requires(Role.OWNER);
        gone(locked(owner.workspace()).id);
    }

    /** Somebody who may do all in each workspace but the demo, for what is done by itself. */
    public List<Member> lastingOwners() {
        return memberships.lastingOwners().stream()
                .collect(Collectors.toMap(Member::workspace, owner -> owner, (first, _) -> first, LinkedHashMap::new))
                .values()
                .stream()
                .toList();
    }

    /** As {@link #delete}, of one whose last member leaves. */
    void remove(WorkspaceRow row) {
        if (row.demo) {
            throw new Refused("The demo is put away on the steward's Account page.");
        }
        gone(row.id);
    }

    private void gone(UUID workspace) {
        tellAll(workspace);
        events.publishEvent(new WorkspaceRemoved(workspace));
        rows.remove(workspace);
    }

    /** The steward belongs to the demo too, if it is there. */
    void joinDemo(UUID steward) {
        demos().forEach(demo -> join(demo, steward, Role.OWNER, null));
    }

    /** Puts the demo away, if it is there. */
    @Transactional
    public void removeDemo() {
        rows.demos().forEach(this::gone);
    }

    /** That of the demo, if it is there. */
    public List<UUID> demos() {
        return rows.demos();
    }

    public List<WorkspaceMember> people(UUID workspace) {
        return memberships.people(workspace);
    }

    /**
     * @param until when they stop to belong there; null for never
     * @throws Refused when no owner would stay
     */
    @Transactional
    public void change(Member owner, UUID account, Role role, Instant until) {
        owner.requires(Role.OWNER);
        if (until != null && !until.isAfter(Instant.now())) {
            throw new Mistake("The last day must be in the future.");
        }
        locked(owner.workspace());
        MembershipRow row = row(owner.workspace(), account);
        row.role = role;
        row.until = until;
        entities.flush();
        requireOwner(owner.workspace());
        told(
                owner,
                "Made " + memberships.nameOf(account) + " " + role.title().toLowerCase(Locale.ROOT)
                        + (until == null
                                ? ""
                                : ", until " + until.atZone(ZoneOffset.UTC).toLocalDate()));
        events.publishEvent(new MembershipChanged(account));
    }

    /**
     * Takes somebody out, or oneself; what they have open there closes at once.
     *
     * @throws Refused when no owner would stay
     */
    @Transactional
    public void remove(Member by, UUID account) {
        if (!by.account().equals(account)) {
            by.requires(Role.OWNER);
        }
        locked(by.workspace());
        entities.remove(row(by.workspace(), account));
        entities.flush();
        requireOwner(by.workspace());
        told(by, by.account().equals(account) ? "Left" : "Took out " + memberships.nameOf(account));
        events.publishEvent(new MembershipChanged(account));
    }

    private void told(Member by, String sentence) {
        events.publishEvent(Deed.of(by, Deed.Kind.MEMBER, name(by.workspace()), sentence));
    }

    /** What becomes of a workspace when one of its members deletes their account. */
    public record WorkspaceFate(UUID id, String name, Becomes becomes) {
        public enum Becomes {
            /** Nobody else is in it: it goes with all its themes. */
            DELETED,
            /** Others go on. */
            LEFT,
            /** Others are in it, but no owner would stay. */
            WITHOUT_OWNER
        }
    }

    List<WorkspaceFate> fates(UUID account) {
        return memberships.belongings(account).stream()
                .map(one -> new WorkspaceFate(one.id(), one.name(), becomes(one, account)))
                .toList();
    }

    private WorkspaceFate.Becomes becomes(Members.Belonging one, UUID account) {
        List<WorkspaceMember> others = people(one.id()).stream()
                .filter(person -> !person.account().equals(account))
                .toList();
        if (others.isEmpty() && !one.demo()) {
            return WorkspaceFate.Becomes.DELETED;
        }
        return others.stream()
                        .anyMatch(person ->
                                person.role() == Role.OWNER && person.until().isEmpty())
                ? WorkspaceFate.Becomes.LEFT
                : WorkspaceFate.Becomes.WITHOUT_OWNER;
    }

    /** Takes an account out of every workspace; those without anybody else go. @throws Refused when one keeps no owner */
    void leaveAll(UUID account) {
        for (Members.Belonging one : memberships.belongings(account)) {
            WorkspaceRow row = locked(one.id());
            switch (becomes(one, account)) {
                case DELETED -> remove(row);
                case LEFT -> {
                    entities.remove(row(row.id, account));
                    entities.flush();
                }
                case WITHOUT_OWNER ->
                    throw new Refused("Others work in “" + row.name
                            + "”, and no owner would stay there. Make one of them an owner first.");
            }
        }
        events.publishEvent(new MembershipChanged(account));
    }

    /** The demo's account goes with the demo, so it does nothing anywhere else. */
    private void requireOwnAccount(UUID account) {
        if (memberships.isDemo(account)) {
            throw new NotAllowed("The demo's account stays in the demo. Make an account of your own.");
        }
    }

    /** Lets somebody in, or gives them more than they have; never less. */
    void join(UUID workspace, UUID account, Role role, Instant until) {
        requireOwnAccount(account);
        MembershipRow.Key key = new MembershipRow.Key(workspace, account);
        MembershipRow present = entities.find(MembershipRow.class, key);
        if (present == null) {
            MembershipRow row = new MembershipRow(key, role);
            row.until = until;
            entities.persist(row);
        } else if (present.ended() || role.includes(present.role) && role != present.role) {
            present.role = role;
            present.until = until;
        } else {
            return;
        }
        events.publishEvent(new Deed(
                workspace,
                account,
                Deed.Kind.MEMBER,
                name(workspace),
                "Came in as " + role.title().toLowerCase(Locale.ROOT)));
        events.publishEvent(new MembershipChanged(account));
    }

    /** Those whose time has come do not belong there any more; several servers may do so. */
    @Scheduled(fixedDelayString = "PT10S")
    @Transactional
    void end() {
        Instant now = Instant.now();
        for (MembershipRow row : memberships.ended(now)) {
            memberships.end(row.key, now);
            events.publishEvent(new MembershipChanged(row.key.accountId()));
        }
    }

    private void tellAll(UUID workspace) {
        memberships.accountsOf(workspace).forEach(account -> events.publishEvent(new MembershipChanged(account)));
    }

    /** Only one at a time changes who belongs to a workspace, else its last two owners could both leave. */
    private WorkspaceRow locked(UUID workspace) {
        return Optional.ofNullable(entities.find(WorkspaceRow.class, workspace, LockModeType.PESSIMISTIC_WRITE))
                .orElseThrow(() -> new NotFound("This workspace is gone."));
    }

    private MembershipRow row(UUID workspace, UUID account) {
        return Optional.ofNullable(entities.find(MembershipRow.class, new MembershipRow.Key(workspace, account)))
                .orElseThrow(() -> new NotFound("This person is not a member here."));
    }

    private void requireOwner(UUID workspace) {
        if (memberships.lastingOwners(workspace) == 0) {
            throw new Refused("A workspace keeps at least one owner without a last day. Make somebody else an owner"
                    + " first, or delete the workspace.");
        }
    }

    private static String called(String text) {
        String name = text.strip();
        if (name.isEmpty() || name.length() > LONGEST_NAME || !Letters.oneLine(name)) {
            throw new Mistake("A workspace's name has between 1 and " + LONGEST_NAME + " letters on one line.");
        }
        return name;
    }
}
