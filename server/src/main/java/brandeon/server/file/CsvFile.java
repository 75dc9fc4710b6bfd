package brandeon.server.file;

import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import tools.jackson.databind.SequenceWriter;
import tools.jackson.dataformat.csv.CsvMapper;
import tools.jackson.dataformat.csv.CsvSchema;

/** A table as a file to be taken out: RFC 4180, in UTF-8, with a line of titles. */
public final class CsvFile {

    private static final CsvMapper CSV = new CsvMapper();

    private CsvFile() {}

    /** @param name of the file @param rows as long as the titles, each a text, a number or a truth value */
    public static ResponseEntity<byte[]> of(String name, List<String> titles, List<List<?>> rows) {
        CsvSchema.Builder columns = CsvSchema.builder();
        titles.forEach(columns::addColumn);
        StringWriter file = new StringWriter();
        try (SequenceWriter csv = CSV.writer(
                        columns.setUseHeader(true).setLineSeparator("\r\n").build())
                .writeValues(file)) {
            for (List<?> row : rows) {
                csv.write(row.stream().map(CsvFile::harmless).toList());
            }
        }
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment().filename(name).build().toString())
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(file.toString().getBytes(StandardCharsets.UTF_8));
    }

    /** What a spreadsheet would take for a formula is a text (OWASP, CSV injection, from memory). */
    private static Object harmless(Object value) {
        return value instanceof String text && text.matches("(?s)[=+\\-@\\t\\r].*") ? "'" + text : value;
    }
}
