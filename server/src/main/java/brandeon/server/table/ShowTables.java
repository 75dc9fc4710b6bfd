package brandeon.server.table;

import brandeon.core.move.Luggage;
import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import brandeon.core.table.Column;
import brandeon.core.table.Table;
import brandeon.core.table.TableDiff;
import brandeon.core.table.TableEdit;
import brandeon.core.table.TableEdits;
import brandeon.core.table.Tables;
import brandeon.core.text.Letters;
import brandeon.server.access.Deed;
import brandeon.server.access.Keys;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.commit.AfterCommit;
import brandeon.server.commit.OneAtATime;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import brandeon.server.show.RunningShows;
import brandeon.server.wake.Known;
import brandeon.server.wake.Wakes;
import jakarta.persistence.EntityManager;
import java.time.Instant;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** The tables of shows: what people and outside scripts write into them, and what texts take from them. */
@Service
public class ShowTables {

    /** A table as it was last committed, as far as this server heard. @param number of the address that holds */
    public record Standing(UUID id, UUID show, Table table, long version, int number) {}

    /** What became of a change. @param diff from the version before to this one; empty where nothing changed */
    public record Changed(Standing after, Optional<TableDiff> diff) {}

    /** What one person can take back and do again. */
    public record Steps(boolean undo, boolean redo) {}

    /** What came from outside last. @param at empty while nothing came */
    public record Fed(Optional<Instant> at, String said, boolean well) {
        static final Fed NEVER = new Fed(Optional.empty(), "", true);
    }

    private static final int MOST = 50;
    /** So many steps of all people can be taken back. */
    private static final int STEPS = 100;

    private static final int TRIES = 5;
    private static final int CELL_BYTES = 60;

    private final DataTableRows rows;
    private final DataLineRows lineRows;
    private final DataLineBatch batch;
    private final TableStepRows stepRows;
    private final RunningShows shows;
    private final Keys keys;
    private final EntityManager entities;
    private final Wakes wakes;
    private final ApplicationEventPublisher events;
    private final TransactionTemplate transactions;
    private final Known<UUID, Standing> known = new Known<>(
            standing -> weight(standing.table()), (now, read) -> now.version() > read.version() ? now : read);
    /** By show: its tables and the versions that they had when this was read. */
    private final Known<UUID, List<DataTableRows.Stand>> lists = new Known<>(list -> 60 * list.size());

    private final OneAtATime turns = new OneAtATime();

    /** What this server knew was no longer so. */
    private static final class Overtaken extends RuntimeException {
        private static final long serialVersionUID = 1;
    }

    ShowTables(
            DataTableRows rows,
            DataLineRows lineRows,
            DataLineBatch batch,
            TableStepRows stepRows,
            RunningShows shows,
            Keys keys,
            EntityManager entities,
            Wakes wakes,
            ApplicationEventPublisher events,
            TransactionTemplate transactions) {
        this.rows = rows;
        this.lineRows = lineRows;
        this.batch = batch;
        this.stepRows = stepRows;
        this.shows = shows;
        this.keys = keys;
        this.entities = entities;
        this.wakes = wakes;
        this.events = events;
        this.transactions = transactions;
        wakes.listen(this::heard);
    }

    private static int weight(Table table) {
        return (int) Math.min(
                Integer.MAX_VALUE / 2,
                2 * table.letters()
                        + (long) CELL_BYTES
                                * table.lines().size()
                                * table.columns().size());
    }

    /** Whose versions are others than those known is seen when the list is read again. */
    private void heard(Wakes.Wake wake) {
        switch (wake.kind()) {
            case SHOW -> {
                if (!wake.own()) {
                    lists.forget(wake.id());
                }
            }
            case ANYTHING -> {
                lists.forgetAll();
                known.forgetAll();
            }
            case THEME, CHANNEL, FACTS, OUTLET, PLATFORM, MEMBER, PASS -> {}
        }
    }

    /** The tables of a show as texts use them now, the oldest first. */
    public Tables of(UUID show) {
        return new Tables(standing(show).stream().map(Standing::table).toList());
    }

    /** @throws NotFound also when the show belongs to another workspace */
    public List<Standing> all(Member member, UUID show) {
        return standing(shows.get(member, show).id());
    }

    private List<Standing> standing(UUID show) {
        return lists.get(show, rows::ofShow).stream()
                .map(this::listed)
                .flatMap(Optional::stream)
                .toList();
    }

    private Optional<Standing> listed(DataTableRows.Stand stand) {
        Optional<Standing> now = find(stand.id());
        if (now.filter(known -> known.version() < stand.version()).isPresent()) {
            known.forget(stand.id());
            return find(stand.id());
        }
        return now;
    }

    public Optional<Standing> find(UUID id) {
        return known.find(id, this::read);
    }

    /** @throws NotFound also when it belongs to another show or workspace */
    public Standing get(Member member, UUID show, UUID id) {
        return all(member, show).stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotFound("There is no such table in this show."));
    }

    private Optional<Standing> read(UUID id) {
        return transactions.execute(_ -> rows.findById(id).map(this::standing));
    }

    private Standing standing(DataTableRow row) {
        TableDiff.Head head = Json.read(row.head, TableDiff.Head.class);
        Map<Long, Table.Line> lines = new HashMap<>();
        lineRows.of(row.id)
                .forEach(line -> lines.put(
                        line.key.line(),
                        new Table.Line(line.key.line(), List.of(Json.read(line.cells, String[].class)))));
        Table table = new Table(
                head.word(),
                head.title(),
                head.columns(),
                Arrays.stream(Json.read(row.lineOrder, long[].class))
                        .mapToObj(lines::get)
                        .toList(),
                head.chosen(),
                head.next());
        return new Standing(row.id, row.showId, table, row.version, row.number);
    }

    public Standing add(Member member, UUID show, String title) {
        RunningShows.Running running = shows.get(member.requires(Role.OPERATOR), show);
        String name = Letters.name(title, "A table's");
        return transactions.execute(_ -> {
            List<DataTableRows.Stand> here = rows.ofShow(show);
            if (here.size() >= MOST) {
                throw new Refused("A show has at most " + MOST + " tables.");
            }
            Set<String> words = here.stream()
                    .flatMap(stand -> find(stand.id()).stream())
                    .map(standing -> standing.table().word())
                    .collect(Collectors.toSet());
            Table table = Table.empty(Column.word(name, words), name);
            // A mistake of its name is told before it is kept.
            Table checked = TableEdits.apply(table, new TableEdit.Name(name, table.word()))
                    .table();
            DataTableRow row =
                    new DataTableRow(UUID.randomUUID(), show, checked.word(), Json.write(TableDiff.Head.of(checked)));
            entities.persist(row);
            entities.flush();
            events.publishEvent(Deed.of(member, Deed.Kind.CUE, running.name(), "Added the table " + name));
            changed(show);
            return new Standing(row.id, show, checked, row.version, row.number);
        });
    }

    /**
     * The tables of one show for another one that has none, with their lines; each gets an address of its own.
     *
     * @param headings how they are headed there, by their words; those that are not told stay
     */
    @Transactional
    public void copy(Member member, UUID from, UUID to, List<Luggage.Headings> headings) {
        member.requires(Role.DESIGNER);
        for (Standing one : all(member, from)) {
            keep(to, headed(one.table(), headings));
        }
        changed(to);
    }

    /** A table from elsewhere, with its lines; its word must be free. */
    @Transactional
    public void bringIn(Member member, UUID show, Table table) {
        shows.get(member.requires(Role.DESIGNER), show);
        if (rows.ofShow(show).size() >= MOST) {
            throw new Refused("A show has at most " + MOST + " tables.");
        }
        keep(show, table);
        changed(show);
    }

    private void keep(UUID show, Table table) {
        DataTableRow row =
                new DataTableRow(UUID.randomUUID(), show, table.word(), Json.write(TableDiff.Head.of(table)));
        row.lineOrder = Json.write(TableDiff.order(table));
        entities.persist(row);
        entities.flush();
        if (!table.lines().isEmpty()) {
            batch.put(row.id, table.lines());
        }
    }

    private static Table headed(Table table, List<Luggage.Headings> all) {
        return all.stream()
                .filter(one -> one.word().equals(table.word())
                        && one.columns().size() == table.columns().size())
                .findFirst()
                .map(one -> new Table(
                        table.word(),
                        one.title(),
                        IntStream.range(0, table.columns().size())
                                .mapToObj(i -> new Column(
                                        table.columns().get(i).word(),
                                        one.columns().get(i),
                                        table.columns().get(i).type()))
                                .toList(),
                        table.lines(),
                        table.chosen(),
                        table.next()))
                .orElse(table);
    }

    public void remove(Member member, UUID show, UUID id) {
        Standing gone = get(member.requires(Role.DESIGNER), show, id);
        transactions.executeWithoutResult(_ -> {
            rows.remove(id);
            events.publishEvent(Deed.of(
                    member,
                    Deed.Kind.CUE,
                    shows.get(member, show).name(),
                    "Deleted the table " + gone.table().title()));
            AfterCommit.run(() -> known.forget(id));
            changed(show);
        });
    }

    /** Other tables are there than before. */
    private void changed(UUID show) {
        AfterCommit.run(() -> lists.forget(show));
        wakes.show(show);
    }

    /** Changes a table, so that it can be taken back. */
    public Changed edit(Member member, UUID show, UUID id, TableEdit edit) {
        get(member.requires(Role.OPERATOR), show, id);
        return inTurn(id, before -> {
            TableEdits.Applied applied = TableEdits.apply(before.table(), edit);
            Changed changed = written(before, applied);
            if (changed.diff().isPresent()) {
                long number = changed.after().version();
                stepRows.forget(id, member.account(), number - STEPS);
                entities.persist(new TableStepRow(id, number, member.account(), Json.write(applied.inverse())));
                did(member, show, applied.sentence());
            }
            return changed;
        });
    }

    /**
     * Changes a table from outside.
     *
     * @throws Mistake with a sentence, which is also kept for people to see
     */
    public Changed feed(Standing table, Function<Table, TableEdit> wish) {
        try {
            return inTurn(table.id(), before -> {
                TableEdits.Applied applied = TableEdits.apply(before.table(), wish.apply(before.table()));
                Changed changed = written(before, applied);
                String said = changed.diff().isPresent() ? applied.sentence() : "It said what stood there already.";
                rows.fed(table.id(), Instant.now(), said, true);
                return changed;
            });
        } catch (Mistake e) {
            transactions.executeWithoutResult(
                    _ -> rows.fed(table.id(), Instant.now(), Letters.shortened(e.getMessage(), 600), false));
            throw e;
        }
    }

    /** What came from outside last, by table. */
    public Map<UUID, Fed> fed(UUID show) {
        return rows.fedOf(show).stream()
                .collect(Collectors.toMap(
                        DataTableRows.FedLast::id,
                        last -> new Fed(Optional.ofNullable(last.at()), last.said(), last.well())));
    }

    /** Takes back this person's last change that still stands. */
    public Changed undo(Member member, UUID show, UUID id) {
        return step(member, show, id, true);
    }

    public Changed redo(Member member, UUID show, UUID id) {
        return step(member, show, id, false);
    }

    private Changed step(Member member, UUID show, UUID id, boolean back) {
        get(member.requires(Role.OPERATOR), show, id);
        try {
            return inTurn(id, before -> {
                TableStepRow step = next(id, member.account(), back)
                        .orElseThrow(() -> new Refused(
                                back
                                        ? "There is nothing of yours left to take back in this table."
                                        : "There is nothing to do again in this table."));
                TableEdits.Applied applied =
                        TableEdits.apply(before.table(), Json.read(step.back, TableEdit.Restore.class));
                step.back = Json.write(applied.inverse());
                step.undone = back;
                Changed changed = written(before, applied);
                did(member, show, before.table().title() + (back ? ": took a change back" : ": did a change again"));
                return changed;
            });
        } catch (Mistake e) {
            // What cannot be done any more is not in the way of what can.
            transactions.executeWithoutResult(
                    _ -> next(id, member.account(), back).ifPresent(stepRows::delete));
            throw new Refused(e.getMessage());
        }
    }

    private Optional<TableStepRow> next(UUID id, UUID account, boolean back) {
        List<TableStepRow> steps =
                back ? stepRows.done(id, account, Limit.of(1)) : stepRows.undone(id, account, Limit.of(1));
        return steps.stream().findFirst();
    }

    public Steps steps(Member member, UUID id) {
        return new Steps(
                next(id, member.account(), true).isPresent(),
                next(id, member.account(), false).isPresent());
    }

    private void did(Member member, UUID show, String sentence) {
        events.publishEvent(
                Deed.of(member, Deed.Kind.CUE, shows.get(member, show).name(), Letters.shortened(sentence, 200)));
    }

    /** Another address; that of before holds no longer. */
    @Transactional
    public void renew(Member member, UUID show, UUID id) {
        Standing table = get(member.requires(Role.DESIGNER), show, id);
        rows.renew(id);
        did(member, show, "Issued a new address of the table " + table.table().title());
        AfterCommit.run(() -> known.forget(id));
        wakes.show(show);
    }

    /** Where a script writes into a table, below this server's address. */
    String path(Standing table) {
        return "/tables/" + keys.token(Keys.Use.TABLE, table.id(), table.number());
    }

    /** @throws NotFound when there is no table at this address */
    Standing at(String token) {
        return keys.claimedId(token)
                .flatMap(this::find)
                .filter(found -> keys.proves(token, Keys.Use.TABLE, found.id(), found.number()))
                .orElseThrow(() -> new NotFound("There is no table at this address."));
    }

    /**
     * One change of a table at a time; whoever must wait does so without a connection. It is made from the table as
     * this server knows it, and made again from what stands then, where another server was quicker.
     */
    private Changed inTurn(UUID id, Function<Standing, Changed> change) {
        return turns.on(id, () -> {
            for (int i = 0; ; i++) {
                Standing before = find(id).orElseThrow(() -> new NotFound("This table was deleted."));
                try {
                    return transactions.execute(_ -> change.apply(before));
                } catch (Overtaken e) {
                    known.forget(id);
                    if (i == TRIES) {
                        throw e;
                    }
                }
            }
        });
    }

    private Changed written(Standing before, TableEdits.Applied applied) {
        TableDiff diff = applied.diff();
        if (diff.head().isEmpty() && diff.order().isEmpty() && diff.cells().isEmpty()) {
            return new Changed(before, Optional.empty());
        }
        UUID id = before.id();
        Table table = applied.table();
        requireFree(before, table);
        if (rows.change(id, before.version()) == 0) {
            throw new Overtaken();
        }
        diff.head().ifPresent(head -> rows.head(id, head.word(), Json.write(head)));
        diff.order().ifPresent(order -> {
            Set<Long> gone = new HashSet<>(TableDiff.order(before.table()));
            order.forEach(gone::remove);
            if (!gone.isEmpty()) {
                lineRows.remove(id, gone);
            }
            rows.order(id, Json.write(order));
        });
        boolean recast = !table.columns().equals(before.table().columns());
        List<Table.Line> lines = table.lines().stream()
                .filter(line -> recast || diff.cells().containsKey(line.id()))
                .toList();
        if (!lines.isEmpty()) {
            batch.put(id, lines);
        }
        Standing after = new Standing(id, before.show(), table, before.version() + 1, before.number());
        AfterCommit.run(() -> known.put(id, after));
        wakes.show(before.show());
        return new Changed(after, Optional.of(diff));
    }

    private void requireFree(Standing before, Table next) {
        boolean taken = !next.word().equals(before.table().word())
                && standing(before.show()).stream()
                        .anyMatch(other -> !other.id().equals(before.id())
                                && other.table().word().equals(next.word()));
        if (taken) {
            throw new Mistake("Another table of this show has the word “" + next.word() + "”.");
        }
    }
}
