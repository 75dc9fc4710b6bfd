package brandeon.server.table;

import brandeon.core.problem.Mistake;
import brandeon.core.table.TableEdit;
import brandeon.core.table.TableFile;
import brandeon.server.door.RateLimits;
import brandeon.server.file.TextBody;
import java.io.IOException;
import java.io.InputStream;
import java.util.Locale;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RestController;

/** The door through which outside sheets and scripts write into a table; its address is the key. */
@RestController
class TableFeedController {

    private static final String CSV = "text/csv";
    private static final String JSON = "application/json";

    /** What became of it. @param rows that the table has now */
    record TableReceipt(boolean changed, int rows, String sentence) {}

    private final ShowTables tables;
    private final RateLimits limits;

    TableFeedController(ShowTables tables, RateLimits limits) {
        this.tables = tables;
        this.limits = limits;
    }

    /** All rows anew: CSV with a line of titles, or a JSON array of objects. */
    @PutMapping("/tables/{token}")
    TableReceipt whole(
            @PathVariable String token,
            @RequestHeader(name = HttpHeaders.CONTENT_TYPE, defaultValue = "") String type,
            InputStream body)
            throws IOException {
        ShowTables.Standing table = entered(token);
        boolean csv = csv(type);
        String text = TextBody.utf8(body, "This body");
        return receipt(tables.feed(table, _ -> csv ? TableFile.fromCsv(text, false) : TableFile.fromJson(text)));
    }

    /** One row, known by its first cell: a JSON object with cells by the titles of their columns. */
    @PutMapping("/tables/{token}/rows/{first}")
    TableReceipt line(
            @PathVariable String token,
            @PathVariable String first,
            @RequestHeader(name = HttpHeaders.CONTENT_TYPE, defaultValue = "") String type,
            InputStream body)
            throws IOException {
        ShowTables.Standing table = entered(token);
        if (csv(type)) {
            throw new Mistake("One row is sent as a JSON object; say Content-Type: " + JSON + ".");
        }
        String text = TextBody.utf8(body, "This body");
        return receipt(tables.feed(table, _ -> new TableEdit.PutLine(first, TableFile.line(text))));
    }

    /** The key is looked at before anything of the body is read. */
    private ShowTables.Standing entered(String token) {
        ShowTables.Standing table = tables.at(token);
        limits.pass(RateLimits.Door.TABLE, table.id());
        return table;
    }

    private static boolean csv(String type) {
        String said = type.toLowerCase(Locale.ROOT);
        if (!said.startsWith(CSV) && !said.startsWith(JSON)) {
            throw new Mistake("A table takes CSV or JSON; say Content-Type: " + CSV + " or " + JSON + ".");
        }
        return said.startsWith(CSV);
    }

    private static TableReceipt receipt(ShowTables.Changed changed) {
        int rows = changed.after().table().lines().size();
        return new TableReceipt(
                changed.diff().isPresent(),
                rows,
                changed.diff().isPresent()
                        ? String.format(Locale.ROOT, "Taken in; the table has %,d rows.", rows)
                        : "It said what stood there already; nothing changed.");
    }
}
