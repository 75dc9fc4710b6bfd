package brandeon.server.table;

import brandeon.core.table.Column;
import brandeon.core.table.Table;
import brandeon.core.table.TableDiff;
import brandeon.core.table.TableEdit;
import brandeon.core.table.TableFile;
import brandeon.server.access.Addresses;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.file.CsvFile;
import brandeon.server.file.TextBody;
import java.io.IOException;
import java.io.InputStream;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The tables of a show, for people. */
@RestController
@RequestMapping("/api/shows/{show}/tables")
class TableController {

    /**
     * @param fedAt  when a script wrote into it last, epoch milliseconds; 0 while none did
     * @param fedSaid what became of that
     */
    record TableEntry(
            UUID id,
            String word,
            String title,
            long version,
            int rows,
            List<Column> columns,
            long fedAt,
            String fedSaid,
            boolean fedWell) {}

    record NewTable(String title) {}

    record TableHead(String word, String title, List<Column> columns, long chosen) {}

    record TableLine(long id, List<String> cells) {}

    /**
     * A whole table.
     *
     * @param address where a script writes into it; empty for those who may not know it
     */
    record TableSheet(
            UUID id,
            long version,
            TableHead head,
            List<TableLine> lines,
            boolean canUndo,
            boolean canRedo,
            String address) {}

    /**
     * What is different after a change.
     *
     * @param from  the version before it; where it is another than the one that the page has, it asks for the whole
     * @param head  null where it is the same
     * @param order ids of all lines; null where it is the same
     * @param lines those that are new or have other cells, with all of them
     */
    record TableChange(
            long from,
            long version,
            Optional<TableHead> head,
            Optional<List<Long>> order,
            List<TableLine> lines,
            boolean canUndo,
            boolean canRedo) {}

    private final Members members;
    private final ShowTables tables;
    private final Addresses addresses;

    TableController(Members members, ShowTables tables, Addresses addresses) {
        this.members = members;
        this.tables = tables;
        this.addresses = addresses;
    }

    @GetMapping
    List<TableEntry> all(@PathVariable UUID show) {
        List<ShowTables.Standing> all = tables.all(members.current(), show);
        Map<UUID, ShowTables.Fed> fed = tables.fed(show);
        return all.stream()
                .map(one -> entry(one, fed.getOrDefault(one.id(), ShowTables.Fed.NEVER)))
                .toList();
    }

    private static TableEntry entry(ShowTables.Standing one, ShowTables.Fed fed) {
        Table table = one.table();
        return new TableEntry(
                one.id(),
                table.word(),
                table.title(),
                one.version(),
                table.lines().size(),
                table.columns(),
                fed.at().map(Instant::toEpochMilli).orElse(0L),
                fed.said(),
                fed.well());
    }

    @PostMapping
    @ResponseStatus(HttpStatus.CREATED)
    TableSheet add(@PathVariable UUID show, @RequestBody NewTable wish) {
        Member member = members.current();
        return sheet(member, tables.add(member, show, wish.title()));
    }

    @GetMapping("/{table}")
    TableSheet one(@PathVariable UUID show, @PathVariable UUID table) {
        Member member = members.current();
        return sheet(member, tables.get(member, show, table));
    }

    @DeleteMapping("/{table}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable UUID show, @PathVariable UUID table) {
        tables.remove(members.current(), show, table);
    }

    @PostMapping("/{table}/edits")
    TableChange edit(@PathVariable UUID show, @PathVariable UUID table, @RequestBody TableEdit edit) {
        Member member = members.current();
        return change(member, tables.edit(member, show, table, edit));
    }

    @PostMapping("/{table}/undo")
    TableChange undo(@PathVariable UUID show, @PathVariable UUID table) {
        Member member = members.current();
        return change(member, tables.undo(member, show, table));
    }

    @PostMapping("/{table}/redo")
    TableChange redo(@PathVariable UUID show, @PathVariable UUID table) {
        Member member = members.current();
        return change(member, tables.redo(member, show, table));
    }

    @GetMapping("/{table}/csv")
    ResponseEntity<byte[]> csv(@PathVariable UUID show, @PathVariable UUID table) {
        Table one = tables.get(members.current(), show, table).table();
        return CsvFile.written(one.word() + ".csv", TableFile.csv(one));
    }

    /** All lines anew, from a file; columns that there are none of yet are added. */
    @PostMapping(value = "/{table}/csv", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    TableChange replace(@PathVariable UUID show, @PathVariable UUID table, InputStream body) throws IOException {
        Member member = members.current().requires(Role.OPERATOR);
        // Whoever may not know of the table learns nothing of how files are read.
        tables.get(member, show, table);
        TableEdit edit = TableFile.fromCsv(TextBody.utf8(body, "This file"), true);
        return change(member, tables.edit(member, show, table, edit));
    }

    /** Another address. */
    @PostMapping("/{table}/renew")
    TableSheet renew(@PathVariable UUID show, @PathVariable UUID table) {
        Member member = members.current();
        tables.renew(member, show, table);
        return sheet(member, tables.get(member, show, table));
    }

    private TableSheet sheet(Member member, ShowTables.Standing one) {
        ShowTables.Steps steps = tables.steps(member, one.id());
        return new TableSheet(
                one.id(),
                one.version(),
                head(TableDiff.Head.of(one.table())),
                one.table().lines().stream().map(TableController::line).toList(),
                steps.undo(),
                steps.redo(),
                member.role().includes(Role.DESIGNER) ? addresses.base() + tables.path(one) : "");
    }

    private TableChange change(Member member, ShowTables.Changed changed) {
        ShowTables.Standing after = changed.after();
        ShowTables.Steps steps = tables.steps(member, after.id());
        Optional<TableDiff> diff = changed.diff();
        Map<Long, Map<String, String>> cells = diff.map(TableDiff::cells).orElse(Map.of());
        return new TableChange(
                diff.isPresent() ? after.version() - 1 : after.version(),
                after.version(),
                diff.flatMap(TableDiff::head).map(TableController::head),
                diff.flatMap(TableDiff::order),
                after.table().lines().stream()
                        .filter(line -> cells.containsKey(line.id()))
                        .map(TableController::line)
                        .toList(),
                steps.undo(),
                steps.redo());
    }

    private static TableHead head(TableDiff.Head head) {
        return new TableHead(head.word(), head.title(), head.columns(), head.chosen());
    }

    private static TableLine line(Table.Line line) {
        return new TableLine(line.id(), line.cells());
    }
}
