package brandeon.server.record;

import brandeon.server.access.Deed;
import brandeon.server.access.Members;
import brandeon.server.file.CsvFile;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Who did what in a workspace, on a page and as a file. */
@RestController
@RequestMapping("/api/workspaces/{workspace}")
class RecordController {

    /** So many on the page; the file has all that are kept. */
    private static final int ON_PAGE = 300;

    private static final List<String> TITLES = List.of("time", "who", "kind", "where", "what", "undone");

    record KindChoice(Deed.Kind id, String title) {}

    /** @param lines the latest first, as many as a page shows @param all how many there are */
    record RecordView(List<KindChoice> kinds, List<Records.DeedLine> lines, int all) {}

    private final Records records;
    private final Members members;

    RecordController(Records records, Members members) {
        this.records = records;
        this.members = members;
    }

    @GetMapping("/record")
    RecordView record(
            @PathVariable UUID workspace,
            @RequestParam Optional<Deed.Kind> kind,
            @RequestParam Optional<UUID> account,
            @RequestParam(defaultValue = "") String text) {
        List<Records.DeedLine> lines =
                records.of(members.currentIn(workspace), new Records.Filter(kind, account, text));
        return new RecordView(
                Stream.of(Deed.Kind.values())
                        .map(one -> new KindChoice(one, one.title()))
                        .toList(),
                lines.stream().limit(ON_PAGE).toList(),
                lines.size());
    }

    /** RFC 4180, in UTF-8. */
    @GetMapping("/record.csv")
    ResponseEntity<byte[]> file(
            @PathVariable UUID workspace,
            @RequestParam Optional<Deed.Kind> kind,
            @RequestParam Optional<UUID> account,
            @RequestParam(defaultValue = "") String text) {
        return CsvFile.of(
                "record.csv",
                TITLES,
                records.of(members.currentIn(workspace), new Records.Filter(kind, account, text)).stream()
                        .<List<?>>map(line -> List.of(
                                line.at().toString(),
                                line.who(),
                                line.kind().title(),
                                line.place(),
                                line.what(),
                                line.undone() ? "yes" : "no"))
                        .toList());
    }
}
