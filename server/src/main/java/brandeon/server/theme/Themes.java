package brandeon.server.theme;

import brandeon.core.canvas.Canvas;
import brandeon.core.kept.Memory;
import brandeon.core.kind.Content;
import brandeon.core.layout.Soundness;
import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Names;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import brandeon.server.wake.Wakes;
import com.github.benmanes.caffeine.cache.Caffeine;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.data.domain.Limit;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/** Themes, their edits and releases. An edit that was answered is on disk. */
@Service
public class Themes {

    /** A theme as it is now. @param onAir number of the release on air; 0 when none is */
    public record Draft(
            UUID id,
            UUID workspace,
            UUID channel,
            Theme theme,
            long version,
            int onAir,
            Optional<UUID> movedFrom,
            Instant updatedAt) {

        /** @throws NotFound when the theme has none with this id */
        public Scene scene(String scene) {
            return theme.scene(scene).orElseThrow(() -> new NotFound("There is no such scene in this theme."));
        }

        /** @throws NotFound when the theme has none with this id */
        public Canvas canvas(String canvas) {
            return theme.canvas(canvas).orElseThrow(() -> new NotFound("There is no such canvas in this theme."));
        }
    }

    /** One line of a theme's history. */
    public record HistoryLine(long number, UUID account, Instant at, String deed, EditState state) {}

    /** What one person can take back and do again. */
    public record Steps(boolean undo, boolean redo) {}

    /** Only committed versions are kept, so that one that was rolled back is never mistaken for its successor. */
    private record Parsed(long version, Theme theme) {}

    private static final int HISTORY = 200;
    /** What a piece, scene, place, canvas or picture of a theme takes in memory at most, in bytes. */
    private static final long PART = 2048;

    private final ThemeRows rows;
    private final EditRows edits;
    private final ReleaseRows releases;
    private final EntityManager entities;
    private final JdbcClient db;
    private final Wakes wakes;
    private final TransactionTemplate transactions;
    private final Map<UUID, Lock> turns =
            Caffeine.newBuilder().weakValues().<UUID, Lock>build().asMap();
    private final Map<UUID, Parsed> parsed = Caffeine.newBuilder()
            .maximumWeight(Memory.percent(5))
            .<UUID, Parsed>weigher((_, kept) -> weight(kept.theme()))
            .build()
            .asMap();
    private final Map<ReleaseRow.Key, Theme> parsedReleases = Caffeine.newBuilder()
            .maximumWeight(Memory.percent(5))
            .<ReleaseRow.Key, Theme>weigher((_, theme) -> weight(theme))
            .build()
            .asMap();

    Themes(
            ThemeRows rows,
            EditRows edits,
            ReleaseRows releases,
            EntityManager entities,
            JdbcClient db,
            Wakes wakes,
            TransactionTemplate transactions) {
        this.rows = rows;
        this.edits = edits;
        this.releases = releases;
        this.entities = entities;
        this.db = db;
        this.wakes = wakes;
        this.transactions = transactions;
    }

    @Transactional(readOnly = true)
    public List<Draft> all(Member member) {
        return rows.findByWorkspaceIdOrderByCreatedAt(member.workspace()).stream()
                .map(this::draft)
                .toList();
    }

    /** @throws NotFound also when the theme belongs to another workspace */
    @Transactional(readOnly = true)
    public Draft get(Member member, UUID id) {
        return rows.findByIdAndWorkspaceId(id, member.workspace())
                .map(this::draft)
                .orElseThrow(Themes::missing);
    }

    /** Without a person: for outlets, whose link is the proof. */
    @Transactional(readOnly = true)
    public Optional<Draft> find(UUID id) {
        return rows.findById(id).map(this::draft);
    }

    @Transactional(readOnly = true)
    public List<Draft> onChannel(UUID channel) {
        return rows.findByChannelId(channel).stream().map(this::draft).toList();
    }

    @Transactional
    public Draft create(Member member, UUID channel, Theme theme, Optional<UUID> movedFrom) {
        member.requires(Role.DESIGNER);
        ThemeRow row = new ThemeRow(UUID.randomUUID(), member.workspace(), channel, Json.write(theme));
        row.movedFrom = movedFrom.orElse(null);
        return draft(rows.save(row), theme);
    }

    @Transactional
    public void delete(Member member, UUID id) {
        member.requires(Role.OWNER);
        get(member, id);
        // Sources that show it have to ask again, and learn that their link is gone.
        db.sql("select id from outlet where theme_id = :t")
                .param("t", id)
                .query(UUID.class)
                .list()
                .forEach(wakes::outlet);
        rows.delete(rows.findByIdAndWorkspaceId(id, member.workspace()).orElseThrow(Themes::missing));
    }

    /**
     * Applies one edit and writes it with its inverse in one transaction.
     *
     * @param gesture edits of one person with the same non-empty gesture, one after another, are undone as one
     * @throws Refused when the edit cannot be applied; nothing is changed then
     */
    public Draft edit(Member member, UUID id, Edit edit, String gesture) {
        return edit(member, id, _ -> edit, gesture);
    }

    /**
     * The same for an edit that is made from the theme as it is then, within the transaction that keeps it.
     *
     * @param made what it stores besides is kept or dropped with the edit
     */
    public Draft edit(Member member, UUID id, Function<Theme, Edit> made, String gesture) {
        return inTurn(id, () -> {
            ThemeRow row = locked(member, Role.DESIGNER, id);
            Edit edit = made.apply(theme(row));
            Outcome.Applied applied = apply(row, edit);
            edits.dropUndone(id, member.account());
            Optional<EditRow> last = gesture.isEmpty()
                    ? Optional.empty()
                    : edits.lastDone(id, member.account())
                            .filter(previous ->
                                    gesture.equals(previous.gesture) && previous.key.number() == row.version);
            save(row, applied.theme());
            if (last.isPresent()) {
                joinGesture(last.get(), row.version, edit, applied.inverse());
            } else {
                edits.save(new EditRow(
                        new EditRow.Key(id, row.version),
                        member.account(),
                        gesture,
                        Json.write(edit),
                        Json.write(applied.inverse()),
                        EditState.DONE));
            }
            return draft(row, applied.theme());
        });
    }

    /** Takes back this person's last edit that still stands. */
    public Draft undo(Member member, UUID id) {
        return inTurn(id, () -> {
            ThemeRow row = locked(member, Role.DESIGNER, id);
            EditRow last = edits.lastDone(id, member.account())
                    .orElseThrow(() -> new Refused("There is nothing of yours left to undo."));
            Outcome.Applied applied = apply(row, Json.read(last.inverse, Edit.class));
            last.state = EditState.UNDONE;
            save(row, applied.theme());
            step(row, member, last.inverse, applied);
            return draft(row, applied.theme());
        });
    }

    public Draft redo(Member member, UUID id) {
        return inTurn(id, () -> {
            ThemeRow row = locked(member, Role.DESIGNER, id);
            EditRow next = edits.nextRedo(id, member.account())
                    .orElseThrow(() -> new Refused("There is nothing to do again."));
            Outcome.Applied applied = apply(row, Json.read(next.edit, Edit.class));
            next.state = EditState.DONE;
            next.inverse = Json.write(applied.inverse());
            save(row, applied.theme());
            step(row, member, next.edit, applied);
            return draft(row, applied.theme());
        });
    }

    public Steps steps(Member member, UUID id) {
        return db.sql("""
                select exists(select 1 from theme_edit where theme_id = :t and account_id = :a and state = 'DONE'),
                       exists(select 1 from theme_edit where theme_id = :t and account_id = :a and state = 'UNDONE')""")
                .param("t", id)
                .param("a", member.account())
                .query((row, _) -> new Steps(row.getBoolean(1), row.getBoolean(2)))
                .single();
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
        return inTurn(id, () -> {
            get(member, id);
            List<EditRow> later = edits.history(id, Limit.of(HISTORY + 1)).stream()
                    .filter(e -> e.key.number() > number)
                    .toList();
            if (later.size() > HISTORY) {
                throw new Refused(
                        String.format(Locale.ROOT, "That is more than %d changes ago, and too far back.", HISTORY));
            }
            if (later.isEmpty()) {
                throw new Refused("The theme is as it was then.");
            }
            return edit(
                    member,
                    id,
                    new Edit.Batch(later.stream()
                            .map(e -> Json.read(e.inverse, Edit.class))
                            .toList()),
                    "");
        });
    }

    /** How many changes a theme's history holds. */
    @Transactional(readOnly = true)
    public long changes(Member member, UUID id) {
        get(member, id);
        return edits.countByKeyThemeId(id);
    }

    /** Makes an immutable copy of the draft and puts it on air. */
    public Draft putOnAir(Member member, UUID id) {
        return inTurn(id, () -> {
            ThemeRow row = locked(member, Role.OPERATOR, id);
            if (theme(row).scenes().isEmpty()) {
                throw new Refused("There is no scene to put on air yet. Add one on the Sheet first.");
            }
            int number = releases.latestNumber(id).orElse(0) + 1;
            releases.save(new ReleaseRow(new ReleaseRow.Key(id, number), row.document, member.account()));
            row.onAir = number;
            wakes.theme(id);
            return draft(row);
        });
    }

    /** Puts the release before the present one on air again. */
    public Draft takeBack(Member member, UUID id) {
        return inTurn(id, () -> {
            ThemeRow row = locked(member, Role.OPERATOR, id);
            if (row.onAir == null || row.onAir < 2) {
                throw new Refused("There is no earlier release to go back to.");
            }
            row.onAir = row.onAir - 1;
            wakes.theme(id);
            return draft(row);
        });
    }

    /** The theme as its outlets show it; empty when nothing was ever put on air. */
    @Transactional(readOnly = true)
    public Optional<Theme> onAir(UUID id) {
        return rows.findById(id)
                .filter(row -> row.onAir != null)
                .map(row -> release(new ReleaseRow.Key(id, row.onAir)));
    }

    /** Whether the draft differs from what is on air. */
    @Transactional(readOnly = true)
    public boolean differs(Draft draft) {
        return draft.onAir() == 0
                || !release(new ReleaseRow.Key(draft.id(), draft.onAir())).equals(draft.theme());
    }

    public String nameOf(UUID account) {
        return db.sql("select name from account where id = :id")
                .param("id", account)
                .query(String.class)
                .optional()
                .orElse("Somebody");
    }

    private Theme release(ReleaseRow.Key key) {
        return parsedReleases.computeIfAbsent(
                key, k -> Json.read(releases.findById(k).orElseThrow().document, Theme.class));
    }

    /**
     * One change of a theme at a time. Whoever must wait does so without a connection, so that a burst of changes to
     * one theme leaves the pool to everybody else; the lock of the row stands between servers.
     */
    private Draft inTurn(UUID id, Supplier<Draft> change) {
        Lock turn = turns.computeIfAbsent(id, _ -> new ReentrantLock(true));
        turn.lock();
        try {
            return transactions.execute(_ -> change.get());
        } finally {
            turn.unlock();
        }
    }

    private ThemeRow locked(Member member, Role wanted, UUID id) {
        member.requires(wanted);
        ThemeRow row = rows.lock(id)
                .filter(found -> found.workspaceId.equals(member.workspace()))
                .orElseThrow(Themes::missing);
        // Whoever read the theme earlier in this transaction has an entity that locking does not renew.
        entities.refresh(row);
        return row;
    }

    private Outcome.Applied apply(ThemeRow row, Edit edit) {
        return switch (Edits.apply(theme(row), edit)) {
            case Outcome.Applied applied -> sound(theme(row), applied);
            case Outcome.Refused(String reason) -> throw new Refused(reason);
        };
    }

    /** Nothing is kept that could not be drawn or read again; what was so before does not stand in the way. */
    private static Outcome.Applied sound(Theme before, Outcome.Applied applied) {
        List<String> faults = Soundness.faults(applied.theme());
        if (!faults.isEmpty() && !Soundness.faults(before).containsAll(faults)) {
            throw new Refused("This change was not kept: " + faults.getFirst());
        }
        return applied;
    }

    private void save(ThemeRow row, Theme theme) {
        row.document = Json.write(theme);
        row.version++;
        row.updatedAt = Instant.now();
        rows.save(row);
        keepAfterCommit(row.id, new Parsed(row.version, theme));
        wakes.theme(row.id);
    }

    private void keepAfterCommit(UUID id, Parsed committed) {
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCommit() {
                keep(id, committed);
            }
        });
    }

    private void keep(UUID id, Parsed committed) {
        parsed.merge(id, committed, (known, next) -> known.version() > next.version() ? known : next);
    }

    private void step(ThemeRow row, Member member, String edit, Outcome.Applied applied) {
        edits.save(new EditRow(
                new EditRow.Key(row.id, row.version),
                member.account(),
                "",
                edit,
                Json.write(applied.inverse()),
                EditState.STEP));
    }

    /** A drag is one line of history: its last edit forward, the way back to before it began. */
    private void joinGesture(EditRow last, long number, Edit edit, Edit inverse) {
        Edit earlier = Json.read(last.edit, Edit.class);
        boolean overrides = Edits.overrides(edit, earlier);
        Edit forth = overrides ? edit : new Edit.Batch(List.of(earlier, edit));
        Edit back = new Edit.Batch(List.of(inverse, Json.read(last.inverse, Edit.class)));
        edits.delete(last);
        edits.save(new EditRow(
                new EditRow.Key(last.key.themeId(), number),
                last.accountId,
                last.gesture,
                Json.write(forth),
                overrides ? last.inverse : Json.write(back),
                EditState.DONE));
    }

    private Draft draft(ThemeRow row) {
        return draft(row, theme(row));
    }

    private Draft draft(ThemeRow row, Theme theme) {
        return new Draft(
                row.id,
                row.workspaceId,
                row.channelId,
                theme,
                row.version,
                row.onAir == null ? 0 : row.onAir,
                Optional.ofNullable(row.movedFrom),
                row.updatedAt);
    }

    /** The theme in a row as it was read from the database; not to be asked of a row that this transaction changed. */
    private Theme theme(ThemeRow row) {
        Parsed known = parsed.get(row.id);
        if (known != null && known.version() == row.version) {
            return known.theme();
        }
        Theme theme = Json.read(row.document, Theme.class);
        keep(row.id, new Parsed(row.version, theme));
        return theme;
    }

    private static NotFound missing() {
        return new NotFound("There is no such theme in your workspace.");
    }

    /** About how many bytes a theme holds in memory: some kilobytes for each part, which is generous. */
    private static int weight(Theme theme) {
        long parts = theme.pieces().size()
                + theme.artworks().size()
                + theme.scenes().stream()
                        .mapToLong(scene -> 1 + scene.stack().size())
                        .sum()
                + theme.canvases().size();
        long words = theme.pieces().stream()
                .flatMap(piece -> piece.content().values().stream())
                .flatMap(Content::patterns)
                .mapToLong(String::length)
                .sum();
        return (int) Math.min(Integer.MAX_VALUE, 4096 + PART * parts + 2 * words);
    }
}
