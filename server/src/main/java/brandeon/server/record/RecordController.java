package brandeon.server.record;

import brandeon.server.access.Deed;
import brandeon.server.access.Members;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.SequenceWriter;
import tools.jackson.dataformat.csv.CsvMapper;
import tools.jackson.dataformat.csv.CsvSchema;

/** Who did what in a workspace, on a page and as a file. */
@RestController
@RequestMapping("/api/workspaces/{workspace}")
class RecordController {

    /** So many on the page; the file has all that are kept. */
    private static final int ON_PAGE = 300;

    private static final CsvMapper CSV = new CsvMapper();

    private static final CsvSchema COLUMNS = CsvSchema.builder()
            .addColumn("time")
            .addColumn("who")
            .addColumn("kind")
            .addColumn("where")
            .addColumn("what")
            .addColumn("undone")
            .setUseHeader(true)
            .setLineSeparator("\r\n")
            .build();

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
        StringWriter file = new StringWriter();
        try (SequenceWriter csv = CSV.writer(COLUMNS).writeValues(file)) {
            for (Records.DeedLine line :
                    records.of(members.currentIn(workspace), new Records.Filter(kind, account, text))) {
                csv.write(List.of(
                        line.at().toString(),
                        harmless(line.who()),
                        line.kind().title(),
                        harmless(line.place()),
                        harmless(line.what()),
                        line.undone() ? "yes" : "no"));
            }
        }
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename("record.csv")
                                .build()
                                .toString())
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(file.toString().getBytes(StandardCharsets.UTF_8));
    }

    /** What a spreadsheet would take for a formula is a text (OWASP, CSV injection, from memory). */
    private static String harmless(String text) {
        return text.matches("(?s)[=+\\-@\\t\\r].*") ? "'" + text : text;
    }
}
