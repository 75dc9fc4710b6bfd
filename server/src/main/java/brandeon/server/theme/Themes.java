package brandeon.server.theme;

import brandeon.core.canvas.Canvas;
import brandeon.core.layout.Soundness;
import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import brandeon.core.publish.PartRelease;
import brandeon.core.theme.CopyName;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Names;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.server.access.Belongings;
import brandeon.server.access.Deed;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.access.WorkspaceRemoved;
import brandeon.server.channel.ChannelRemoved;
import brandeon.server.commit.OneAtATime;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Possible;
import brandeon.server.problem.Refused;
import brandeon.server.wake.Wakes;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Themes, their edits and releases. An edit that was answered is on disk. */
@Service
public class Themes implements Belongings {

    /**
     * A theme as it is now.
     *
     * @param onAir    number of the release on air; 0 when none is
     * @param archived whether it is out of sight on the shelf
     */
    public record Draft(
            UUID id,
            UUID workspace,
            UUID channel,
            Theme theme,
            long version,
            int onAir,
            Optional<UUID> movedFrom,
            Instant updatedAt,
            boolean archived) {

        private Draft edited(Theme next, Instant at) {
            return new Draft(id, workspace, channel, next, version + 1, onAir, movedFrom, at, archived);
        }

        private Draft streamedOn(UUID next) {
            return new Draft(id, workspace, next, theme, version + 1, onAir, movedFrom, updatedAt, archived);
        }

        private Draft aired(int release) {
            return new Draft(id, workspace, channel, theme, version + 1, release, movedFrom, updatedAt, archived);
        }

        /** The theme that this one was moved from. @throws Refused where it is no copy */
        public UUID origin() {
            return movedFrom.orElseThrow(
                    () -> new Refused("This theme is not the copy of another one, so there are no links to replace."));
        }

        /** @throws NotFound when the theme has none with this id */
        public Scene scene(String scene) {
            return theme.scene(scene).orElseThrow(() -> new NotFound("There is no such scene in this theme."));
        }

        /** @throws NotFound when the theme has none with this id */
        public Canvas canvas(String canvas) {
            return theme.canvas(canvas).orElseThrow(() -> new NotFound("There is no such canvas in this theme."));
        }
    }

    /** A theme before and after something was done to it. */
    public record Changed(Draft before, Draft after) {

        private static Changed by(UnaryOperator<Draft> change, Draft before) {
            return new Changed(before, change.apply(before));
        }
    }

    /** One line of a theme's history. */
    public record HistoryLine(long number, UUID account, Instant at, String deed, EditState state) {
        /** Whether it was taken back since. */
        public boolean undone() {
            return state == EditState.UNDONE || state == EditState.DROPPED;
        }
    }

    /** What one person can take back and do again. */
    public record Steps(boolean undo, boolean redo) {}

    /** Who changed a theme last. */
    public record LastChange(UUID theme, UUID account, Instant at) {}

    /** What somebody did in a while. @param changes how many @param last number of the newest one */
    public record Others(UUID account, long changes, long last, Instant at) {}

    /** A release as it was put on air. */
    public record Aired(int number, UUID account, Instant at) {}

    private static final int HISTORY = 200;

    private final ThemeRows rows;
    private final EditRows edits;
    private final ReleaseRows releases;
    private final EntityManager entities;
    private final KeptThemes kept;
    private final Wakes wakes;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transactions;
    private final OneAtATime turns = new OneAtATime();

    Themes(
            ThemeRows rows,
            EditRows edits,
            ReleaseRows releases,
            EntityManager entities,
            KeptThemes kept,
            Wakes wakes,
            ApplicationEventPublisher events,
            TransactionTemplate transactions) {
        this.rows = rows;
        this.edits = edits;
        this.releases = releases;
        this.entities = entities;
        this.kept = kept;
        this.wakes = wakes;
        this.events = events;
        this.transactions = transactions;
        wakes.listen(wake -> {
            switch (wake.kind()) {
                case THEME -> {
                    if (!wake.own()) {
                        kept.overtaken(wake.id());
                    }
                }
                case ANYTHING -> kept.overtaken();
                case SHOW, CHANNEL, FACTS, OUTLET, PLATFORM, MEMBER, PASS -> {}
            }
        });
    }

    public List<Draft> all(Member member) {
        return drafts(() -> rows.headsOf(member.workspace()));
    }

    /** @throws NotFound also when the theme belongs to another workspace */
    public Draft get(Member member, UUID id) {
        return find(id).filter(draft -> draft.workspace().equals(member.workspace()))
                .orElseThrow(Themes::missing);
    }

    /** Without a person: for outlets, whose link is the proof. */
    public Optional<Draft> find(UUID id) {
        long heard = kept.heard();
        return rows.head(id).flatMap(head -> draft(head, heard));
    }

    /** The same without asking the database while this server has heard of every change. */
    public Optional<Draft> newest(UUID id) {
        return kept.current(id).or(() -> find(id));
    }

    /** The oldest first. */
    public List<Draft> onChannel(UUID channel) {
        return drafts(() -> rows.headsOn(channel));
    }

    /** Those that are made for a show, the oldest first. */
    public List<Draft> ofShow(UUID show) {
        return drafts(() -> rows.headsOfShow(show));
    }

    @Transactional
    public Draft create(Member member, UUID channel, Theme theme, Optional<UUID> movedFrom) {
        return create(
                member,
                channel,
                theme,
                movedFrom,
                movedFrom.isEmpty() ? "Made the theme" : "Made the theme by moving another one");
    }

    private Draft create(Member member, UUID channel, Theme theme, Optional<UUID> movedFrom, String deed) {
        member.requires(Role.DESIGNER);
        ThemeRow row = new ThemeRow(UUID.randomUUID(), member.workspace(), channel, Json.write(theme));
        row.movedFrom = movedFrom.orElse(null);
        entities.persist(row);
        events.publishEvent(Deed.of(member, Deed.Kind.THEME, theme.name(), deed));
        wakes.theme(row.id);
        return new Draft(
                row.id, row.workspaceId, row.channelId, theme, row.version, 0, movedFrom, row.updatedAt, false);
    }

    /** Another theme like this one, with its own history and sources; it is not on air. */
    @Transactional
    public Draft duplicate(Member member, UUID id) {
        Draft draft = get(member, id);
        Theme copy = draft.theme().withName(CopyName.of(draft.theme().name(), namesOf(member)));
        return create(
                member,
                draft.channel(),
                copy,
                Optional.empty(),
                "Made the theme as a copy of " + draft.theme().name());
    }

    /**
     * A theme that was made elsewhere. What its files are was looked at already, and they are kept.
     *
     * @throws Refused when it cannot be drawn or kept
     */
    @Transactional
    public Draft bringIn(Member member, UUID channel, Theme theme, Optional<UUID> insteadOf) {
        requireSound(theme);
        Set<String> taken = namesOf(member);
        String name = taken.contains(theme.name()) ? CopyName.of(theme.name(), taken) : theme.name();
        return create(member, channel, theme.withName(name), insteadOf, "Brought the theme in as a package");
    }

    /** One that comes back with its workspace, and is called there as it was. */
    @Transactional
    public Draft back(Member member, UUID channel, Theme theme, Optional<UUID> movedFrom) {
        requireSound(theme);
        return create(member, channel, theme, movedFrom, "Brought the theme in with its workspace");
    }

    private static void requireSound(Theme theme) {
        List<String> faults = Soundness.faults(theme);
        if (!faults.isEmpty()) {
            throw new Refused("This theme was not taken in: " + faults.getFirst());
        }
    }

    private Set<String> namesOf(Member member) {
        return all(member).stream().map(one -> one.theme().name()).collect(Collectors.toUnmodifiableSet());
    }

    /** Puts a theme out of sight on the shelf, or back; its sources go on either way. */
    @Transactional
    public void archive(Member member, UUID id, boolean wanted) {
        member.requires(Role.DESIGNER);
        Draft draft = get(member, id);
        if (draft.archived() != wanted) {
            rows.archive(id, wanted ? Instant.now() : null);
            events.publishEvent(Deed.of(
                    member,
                    Deed.Kind.THEME,
                    draft.theme().name(),
                    wanted ? "Put the theme into the archive" : "Took the theme out of the archive"));
        }
    }

    /** Who changed each of these themes last; those that nobody changed are missing. */
    public Map<UUID, LastChange> lastChanges(Collection<UUID> themes) {
        return edits.lastOf(themes).stream().collect(Collectors.toMap(LastChange::theme, Function.identity()));
    }

    /** What others changed in a theme after a version of it, the latest first. */
    public List<Others> changesSince(Member member, Draft draft, long version) {
        return edits.since(draft.id(), version, member.account()).stream()
                .sorted(Comparator.comparing(Others::at).reversed())
                .toList();
    }

    /** What one change did, in a sentence. */
    public String deed(Draft draft, long number) {
        return edits.findById(new EditRow.Key(draft.id(), number))
                .map(row -> Json.read(row.edit, Edit.class).deed(new Names(draft.theme())))
                .orElse("");
    }

    /** What others put on air after a moment. */
    public List<Aired> airedSince(Member member, Draft draft, Instant since) {
        return releases.since(draft.id(), since, member.account());
    }

    @Transactional
    public void delete(Member member, UUID id) {
        member.requires(Role.OWNER);
        events.publishEvent(
                Deed.of(member, Deed.Kind.THEME, get(member, id).theme().name(), "Deleted the theme"));
        events.publishEvent(new ThemeRemoved(id));
        rows.remove(id);
        kept.removed(id);
        wakes.theme(id);
    }

    /** Everything of a workspace. */
    @Transactional
    public void removeAllOf(UUID workspace) {
        List<UUID> ids = rows.headsOf(workspace).stream().map(ThemeHead::id).toList();
        ids.forEach(id -> events.publishEvent(new ThemeRemoved(id)));
        rows.removeAllOf(workspace);
        for (UUID id : ids) {
            kept.removed(id);
            wakes.theme(id);
        }
    }

    @EventListener
    void removed(WorkspaceRemoved change) {
        removeAllOf(change.workspace());
    }

    @EventListener
    void removed(ChannelRemoved change) {
        List<String> made = onChannel(change.channel()).stream()
                .map(draft -> draft.theme().name())
                .toList();
        if (!made.isEmpty()) {
            throw new Refused(
                    made.size() == 1
                            ? made.getFirst()
                                    + " is made for this channel. Delete it first, or choose another channel for it."
                            : String.join(", ", made)
                                    + " are made for this channel. Delete them first, or choose other channels for them.");
        }
    }

    /**
     * Applies one edit and writes it with its inverse in one transaction.
     *
     * @param gesture edits of one person with the same non-empty gesture, one after another, are undone as one
     * @throws Refused when the edit cannot be applied; nothing is changed then
     */
    public Draft edit(Member member, UUID id, Edit edit, String gesture) {
        return edit(member, id, _ -> edit, gesture).after();
    }

    /**
     * The same for an edit that is made from the theme as it is then, within the transaction that keeps it.
     *
     * @param made may be asked twice; what it stores besides is kept or dropped with the edit
     */
    public Changed edit(Member member, UUID id, Function<Theme, Edit> made, String gesture) {
        return inTurn(member, Role.DESIGNER, id, before -> {
            UUID who = member.account();
            Edit edit = made.apply(before.theme());
            Outcome.Applied applied = apply(before.theme(), edit);
            if (applied.theme().equals(before.theme())) {
                // Nothing that anybody could see, undo or read about.
                return before;
            }
            Optional<KeptThemes.Past> past = kept.past(before);
            if (!past.orElse(KeptThemes.Past.UNKNOWN).nothingUndone(who)) {
                edits.dropUndone(id, who);
            }
            Optional<KeptThemes.LastEdit> earlier = gesture.isEmpty()
                    ? Optional.empty()
                    : past.map(KeptThemes.Past::last)
                            .orElseGet(() -> edits.lastDone(id, who).map(EditRow::line))
                            .filter(last -> last.account().equals(who)
                                    && last.gesture().equals(gesture)
                                    && last.key().number() == before.version());
            Draft after = changed(before, applied.theme());
            KeptThemes.LastEdit line = earlier.map(last -> joined(last, after.version(), edit, applied.inverse()))
                    .orElseGet(() -> written(after, member, gesture, edit, applied.inverse()));
            told(after, past.orElse(KeptThemes.Past.UNKNOWN).edited(who, line));
            return after;
        });
    }

    /** Takes back this person's last edit that still stands and can be taken back still. */
    public Changed undo(Member member, UUID id) {
        return inTurn(member, Role.DESIGNER, id, before -> {
            Step back = Possible.first(
                    most -> edits.latest(id, member.account(), EditState.DONE, most),
                    row -> step(before, row, row.inverse),
                    "There is nothing of yours left to undo.");
            back.row().state = EditState.UNDONE;
            return stepped(before, member, back.row().inverse, back.applied());
        });
    }

    public Changed redo(Member member, UUID id) {
        return inTurn(member, Role.DESIGNER, id, before -> {
            // The edit that was undone last is the earliest of those undone.
            Step again = Possible.first(
                    most -> edits.earliest(id, member.account(), EditState.UNDONE, most),
                    row -> step(before, row, row.edit),
                    "There is nothing to do again.");
            EditRow next = again.row();
            next.state = EditState.DONE;
            next.inverse = Json.write(again.applied().inverse());
            return stepped(before, member, next.edit, again.applied());
        });
    }

    /** An edit of the history, or what takes it back, as it would be applied now. */
    private record Step(EditRow row, Outcome.Applied applied) {}

    private static Step step(Draft before, EditRow row, String written) {
        return new Step(row, apply(before.theme(), Json.read(written, Edit.class)));
    }

    public Steps steps(Member member, Draft draft) {
        return kept.past(draft).map(past -> past.steps().get(member.account())).orElseGet(() -> {
            List<EditState> states = edits.states(draft.id(), member.account());
            return new Steps(states.contains(EditState.DONE), states.contains(EditState.UNDONE));
        });
    }

    @Transactional(readOnly = true)
    public List<HistoryLine> history(Member member, UUID id) {
        Theme theme = get(member, id).theme();
        return edits.history(id, Limit.of(HISTORY)).stream()
                .map(e -> new HistoryLine(
                        e.key.number(),
                        e.accountId,
                        e.at,
                        Json.read(e.edit, Edit.class).deed(new Names(theme)),
                        e.state))
                .toList();
    }

    /**
     * Takes back everything after one change of the history, whoever did it, as one new change.
     *
     * @param number of the last change that is kept; 0 takes back all
     * @throws Refused when that is too long ago, or a change cannot be taken back any more; nothing is changed then
     */
    public Draft restore(Member member, UUID id, long number) {
        if (number < 0) {
            throw new Mistake("There is no change number " + number + "; the first one is 1, and 0 stands before it.");
        }
        return edit(
                        member,
                        id,
                        _ -> {
                            List<EditRow> later = edits.history(id, Limit.of(HISTORY + 1)).stream()
                                    .filter(e -> e.key.number() > number)
                                    .toList();
                            if (later.size() > HISTORY) {
                                throw new Refused(String.format(
                                        Locale.ROOT, "That is more than %d changes ago, and too far back.", HISTORY));
                            }
                            if (later.isEmpty()) {
                                throw new Refused("The theme is as it was then.");
                            }
                            return new Edit.Batch(later.stream()
                                    .map(e -> Json.read(e.inverse, Edit.class))
                                    .toList());
                        },
                        "")
                .after();
    }

    /** How many changes a theme's history holds. */
    @Transactional(readOnly = true)
    public long changes(Member member, UUID id) {
        get(member, id);
        return edits.countByKeyThemeId(id);
    }

    /** Forgets how a theme came about: nobody can undo anything of it any more. */
    @Transactional
    public void forgetHistory(UUID id) {
        edits.removeAllOf(id);
    }

    /** Makes an immutable copy of the draft and puts it on air. */
    public Draft putOnAir(Member member, UUID id) {
        return putOnAir(member, id, Set.of());
    }

    /**
     * The draft, or some scenes of it.
     *
     * @param scenes ids of those alone; empty for all of the draft
     * @throws Refused when there is no such scene, or nothing is on air that the others could stay as
     */
    public Draft putOnAir(Member member, UUID id, Set<String> scenes) {
        return inTurn(member, Role.OPERATOR, id, before -> {
                    Theme next = requireReleasable(before, scenes);
                    int number = releases.latestNumber(id).orElse(0) + 1;
                    entities.persist(new ReleaseRow(
                            new ReleaseRow.Key(id, number), Json.write(next), member.account(), before.onAir()));
                    events.publishEvent(Deed.of(
                            member, Deed.Kind.RELEASE, before.theme().name(), "Put release " + number + " on air"));
                    return aired(before, number);
                })
                .after();
    }

    /** Puts a theme that came back with its workspace on air as it was, whatever its draft is. */
    public Draft backOnAir(Member member, UUID id, Theme onAir) {
        requireSound(onAir);
        return inTurn(member, Role.DESIGNER, id, before -> {
                    int number = releases.latestNumber(id).orElse(0) + 1;
                    entities.persist(new ReleaseRow(
                            new ReleaseRow.Key(id, number), Json.write(onAir), member.account(), before.onAir()));
                    events.publishEvent(Deed.of(
                            member, Deed.Kind.RELEASE, before.theme().name(), "Put release " + number + " on air"));
                    return aired(before, number);
                })
                .after();
    }

    /** The theme as it would be on air. */
    public Theme requireReleasable(Draft draft, Set<String> scenes) {
        if (scenes.isEmpty()) {
            if (draft.theme().scenes().isEmpty()) {
                throw new Refused("There is no scene to put on air yet. Add one on the Sheet first.");
            }
            return draft.theme();
        }
        Theme known = onAir(draft)
                .orElseThrow(() -> new Refused("Nothing is on air yet, so all scenes go on air together first."));
        scenes.stream()
                .filter(scene -> draft.theme().scene(scene).isEmpty()
                        && known.scene(scene).isEmpty())
                .findFirst()
                .ifPresent(scene -> {
                    throw new Refused("One of these scenes is gone. Look again at what changed.");
                });
        Theme next = PartRelease.of(known, draft.theme(), scenes).theme();
        if (next.equals(known)) {
            throw new Refused("Viewers see these scenes already as they are in the draft.");
        }
        return next;
    }

    /**
     * Makes a theme for another channel of its workspace, and so for another show.
     *
     * @throws Refused once it was on air: its sources would suddenly say what another show says
     */
    public Draft streamOn(Member member, UUID id, UUID channel) {
        return inTurn(member, Role.DESIGNER, id, before -> {
                    if (before.onAir() != 0) {
                        throw new Refused("This theme was on air already. Move it instead: its sources stay right.");
                    }
                    requireStill(rows.streamOn(id, before.version(), channel));
                    Draft after = before.streamedOn(channel);
                    told(after, kept.past(before).orElse(KeptThemes.Past.UNKNOWN));
                    wakes.channel(channel);
                    return after;
                })
                .after();
    }

    /** Puts on air again what was on air before the present release was, whatever number it has. */
    public Draft takeBack(Member member, UUID id) {
        return inTurn(member, Role.OPERATOR, id, before -> {
                    int earlier = earlier(before);
                    if (earlier == 0) {
                        throw new Refused("There is no earlier release to go back to.");
                    }
                    events.publishEvent(Deed.of(
                            member,
                            Deed.Kind.RELEASE,
                            before.theme().name(),
                            "Took release " + before.onAir() + " back; release " + earlier + " is on air again"));
                    return aired(before, earlier);
                })
                .after();
    }

    /** Puts a release on air again, exactly as it was. */
    public Draft putBack(Member member, UUID id, int number) {
        return inTurn(member, Role.OPERATOR, id, before -> {
                    if (releases.document(new ReleaseRow.Key(id, number)).isEmpty()) {
                        throw new NotFound("There is no release " + number + " of this theme.");
                    }
                    if (before.onAir() == number) {
                        throw new Refused("Release " + number + " is on air already.");
                    }
                    events.publishEvent(Deed.of(
                            member,
                            Deed.Kind.RELEASE,
                            before.theme().name(),
                            "Put release " + number + " on air again"));
                    return aired(before, number);
                })
                .after();
    }

    /** All releases of a theme, the newest first. */
    public List<Aired> releases(Draft draft) {
        return releases.all(draft.id());
    }

    /** The theme as it was put on air; number 0 is the draft. */
    public Theme release(Draft draft, int number) {
        if (number == 0) {
            return draft.theme();
        }
        ReleaseRow.Key key = new ReleaseRow.Key(draft.id(), number);
        if (releases.document(key).isEmpty()) {
            throw new NotFound("There is no release " + number + " of this theme.");
        }
        return release(key);
    }

    /** The release that was on air before the present one was put there; 0 when there is none. */
    public int earlier(Draft draft) {
        return draft.onAir() == 0
                ? 0
                : releases.follows(new ReleaseRow.Key(draft.id(), draft.onAir()))
                        .orElse(0);
    }

    /** The theme as its outlets show it; empty when nothing was ever put on air. */
    public Optional<Theme> onAir(Draft draft) {
        return draft.onAir() == 0
                ? Optional.empty()
                : Optional.of(release(new ReleaseRow.Key(draft.id(), draft.onAir())));
    }

    /** Whether the draft differs from what is on air. */
    public boolean differs(Draft draft) {
        return onAir(draft).map(theme -> !theme.equals(draft.theme())).orElse(true);
    }

    private Theme release(ReleaseRow.Key key) {
        return kept.release(key, () -> Json.read(releases.document(key).orElseThrow(), Theme.class));
    }

    /** What this server knew was no longer so. */
    private static final class Overtaken extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    /**
     * One change of a theme at a time. Whoever must wait does so without a connection, so that a burst of changes to
     * one theme leaves the pool to everybody else.
     *
     * It is made from the theme as this server knows it, without reading it, and takes place only if the theme is
     * still at that version. When another server was quicker, it is made again from the row, which is locked then.
     */
    private Changed inTurn(Member member, Role wanted, UUID id, UnaryOperator<Draft> change) {
        member.requires(wanted);
        return turns.on(id, () -> {
            // What a transaction around this one has written is known to the database only.
            Optional<Draft> known =
                    TransactionSynchronizationManager.isActualTransactionActive() ? Optional.empty() : kept.draft(id);
            if (known.isPresent()) {
                try {
                    return transactions.execute(_ -> Changed.by(change, mine(member, known)));
                } catch (RuntimeException e) {
                    if (rows.head(id)
                            .filter(head -> head.version() == known.get().version())
                            .isPresent()) {
                        throw e;
                    }
                }
            }
            return transactions.execute(_ ->
                    Changed.by(change, mine(member, rows.lockedHead(id).flatMap(head -> draft(head, kept.heard())))));
        });
    }

    private static Draft mine(Member member, Optional<Draft> draft) {
        return draft.filter(found -> found.workspace().equals(member.workspace()))
                .orElseThrow(Themes::missing);
    }

    private static Outcome.Applied apply(Theme theme, Edit edit) {
        return switch (Edits.apply(theme, edit)) {
            case Outcome.Applied applied -> sound(theme, applied);
            case Outcome.Refused(String reason) -> throw new Refused(reason);
        };
    }

    /** Nothing is kept that could not be drawn or read again; what was so before does not stand in the way. */
    private static Outcome.Applied sound(Theme before, Outcome.Applied applied) {
        List<String> faults = Soundness.faults(before, applied.theme());
        if (!faults.isEmpty() && !Soundness.faults(before).containsAll(faults)) {
            throw new Refused("This change was not kept: " + faults.getFirst());
        }
        return applied;
    }

    private Draft changed(Draft before, Theme theme) {
        Instant now = Instant.now();
        requireStill(rows.change(before.id(), before.version(), Json.write(theme), now));
        return before.edited(theme, now);
    }

    private Draft aired(Draft before, int release) {
        requireStill(rows.putOnAir(before.id(), before.version(), release));
        Draft after = before.aired(release);
        told(
                after,
                new KeptThemes.Past(
                        kept.past(before).orElse(KeptThemes.Past.UNKNOWN).steps(), Optional.empty()));
        return after;
    }

    /** Once it is committed: this server knows it first, and then everybody hears of it. */
    private void told(Draft after, KeptThemes.Past past) {
        kept.written(after, past);
        wakes.theme(after.id());
    }

    private static void requireStill(int changed) {
        if (changed == 0) {
            throw new Overtaken();
        }
    }

    private Draft stepped(Draft before, Member member, String edit, Outcome.Applied applied) {
        Draft after = changed(before, applied.theme());
        entities.persist(new EditRow(
                new EditRow.Key(after.id(), after.version()),
                member.account(),
                "",
                edit,
                Json.write(applied.inverse()),
                EditState.STEP));
        told(after, kept.past(before).orElse(KeptThemes.Past.UNKNOWN).after(member.account()));
        return after;
    }

    private KeptThemes.LastEdit written(Draft after, Member member, String gesture, Edit edit, Edit inverse) {
        EditRow row = new EditRow(
                new EditRow.Key(after.id(), after.version()),
                member.account(),
                gesture,
                Json.write(edit),
                Json.write(inverse),
                EditState.DONE);
        entities.persist(row);
        return row.line();
    }

    /** A drag is one line of history: its last edit forward, the way back to before it began. */
    private KeptThemes.LastEdit joined(KeptThemes.LastEdit known, long number, Edit edit, Edit inverse) {
        KeptThemes.LastEdit last = known.textsKept()
                ? known
                : edits.findById(known.key()).map(EditRow::line).orElseThrow();
        Edit earlier = Json.read(last.edit(), Edit.class);
        boolean overrides = Edits.overrides(edit, earlier);
        String forth = Json.write(overrides ? edit : new Edit.Batch(List.of(earlier, edit)));
        String back = overrides
                ? last.inverse()
                : Json.write(new Edit.Batch(List.of(inverse, Json.read(last.inverse(), Edit.class))));
        edits.join(last.key(), number, forth, back, Instant.now());
        return new KeptThemes.LastEdit(
                new EditRow.Key(last.key().themeId(), number), last.account(), last.gesture(), forth, back);
    }

    private List<Draft> drafts(Supplier<List<ThemeHead>> read) {
        long heard = kept.heard();
        return read.get().stream()
                .map(head -> draft(head, heard))
                .flatMap(Optional::stream)
                .toList();
    }

    /** The theme with this head; empty when it was deleted in the meantime. */
    private Optional<Draft> draft(ThemeHead head, long heard) {
        Optional<Theme> theme = kept.theme(head.id(), head.version())
                .or(() -> rows.document(head.id(), head.version()).map(text -> Json.read(text, Theme.class)));
        if (theme.isEmpty()) {
            // It went on between the two looks; head and document must be of one version.
            return find(head.id());
        }
        Draft draft = draft(head, theme.get());
        kept.read(draft, heard);
        return Optional.of(draft);
    }

    private static Draft draft(ThemeHead head, Theme theme) {
        return new Draft(
                head.id(),
                head.workspace(),
                head.channel(),
                theme,
                head.version(),
                head.onAir() == null ? 0 : head.onAir(),
                Optional.ofNullable(head.movedFrom()),
                head.updatedAt(),
                head.archivedAt() != null);
    }

    private static NotFound missing() {
        return new NotFound("There is no such theme in your workspace.");
    }

    @Override
    public String kind() {
        return "themes";
    }

    @Override
    public Optional<UUID> workspaceOf(UUID id) {
        return newest(id).map(Draft::workspace);
    }
}
