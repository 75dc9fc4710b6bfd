package brandeon.server.file;

import brandeon.core.text.Csv;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A table as a file to be taken out: RFC 4180, in UTF-8, with a line of titles. */
public final class CsvFile {

    private CsvFile() {}

    /** @param name of the file @param rows as long as the titles, each a text, a number or a truth value */
    public static ResponseEntity<byte[]> of(String name, List<String> titles, List<List<?>> rows) {
        return written(name, Csv.written(titles, rows));
    }

    /** One that is written already. @param name of the file */
    public static ResponseEntity<byte[]> written(String name, String csv) {
        return Attachment.of(
                name, new MediaType("text", "csv", StandardCharsets.UTF_8), csv.getBytes(StandardCharsets.UTF_8));
    }
}
