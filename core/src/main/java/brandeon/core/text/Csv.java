package brandeon.core.text;

import brandeon.core.problem.Mistake;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.databind.MappingIterator;
import tools.jackson.databind.SequenceWriter;
import tools.jackson.dataformat.csv.CsvFactory;
import tools.jackson.dataformat.csv.CsvMapper;
import tools.jackson.dataformat.csv.CsvReadFeature;
import tools.jackson.dataformat.csv.CsvSchema;

/**
 * Tables as text: RFC 4180 with a line of titles. Spreadsheets of other languages write semicolons or tabs between
 * cells; what stands most often in the first line counts.
 */
public final class Csv {

    /** Letters of one cell, before anybody asks what it is for. */
    private static final int LONGEST_CELL = 20_000;

    private static final char[] BETWEEN = {',', ';', '\t'};
    /** What a spreadsheet would take for a formula is written as a text (OWASP, CSV injection, from memory). */
    private static final Pattern FORMULA = Pattern.compile("(?s)[=+\\-@\\t\\r].*");

    private static final Pattern HARMLESS = Pattern.compile("(?s)'[=+\\-@\\t\\r].*");

    private static final CsvMapper MAPPER = CsvMapper.builder(CsvFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxStringLength(LONGEST_CELL)
                            .build())
                    .build())
            .enable(CsvReadFeature.WRAP_AS_ARRAY, CsvReadFeature.SKIP_EMPTY_LINES)
            .build();

    private Csv() {}

    /** A line of cells. @param line at which it begins in the text, counted from 1 */
    public record Row(int line, List<String> cells) {
        public Row {
            cells = List.copyOf(cells);
        }
    }

    /** @param rows as long as the titles, each a text, a number or a truth value */
    public static String written(List<String> titles, List<? extends List<?>> rows) {
        CsvSchema.Builder columns = CsvSchema.builder();
        titles.forEach(columns::addColumn);
        StringWriter file = new StringWriter();
        try (SequenceWriter csv = MAPPER.writer(
                        columns.setUseHeader(true).setLineSeparator("\r\n").build())
                .writeValues(file)) {
            for (List<?> row : rows) {
                csv.write(row.stream().map(Csv::harmless).toList());
            }
        }
        return file.toString();
    }

    private static Object harmless(Object value) {
        return value instanceof String text && FORMULA.matcher(text).matches() ? "'" + text : value;
    }

    private static String read(String cell) {
        return HARMLESS.matcher(cell).matches() ? cell.substring(1) : cell;
    }

    /**
     * All lines that have something in them, the titles first; what was made harmless is as it was before.
     *
     * @throws Mistake with a sentence that names the line where it is not well formed, or when there are too many
     */
    public static List<Row> read(String text, int most) {
        String file = text.startsWith("\uFEFF") ? text.substring(1) : text;
        CsvSchema schema = CsvSchema.emptySchema().withColumnSeparator(separator(file));
        List<Row> rows = new ArrayList<>();
        int line = 1;
        try (MappingIterator<String[]> lines =
                MAPPER.readerFor(String[].class).with(schema).readValues(file)) {
            while (lines.hasNextValue()) {
                String[] cells = lines.nextValue();
                if (rows.size() == most) {
                    throw new Mistake(
                            String.format(Locale.ROOT, "There are more than %,d lines, which is the most.", most));
                }
                rows.add(new Row(line, Arrays.stream(cells).map(Csv::read).toList()));
                line = Math.max(line + 1, lines.currentLocation().getLineNr());
            }
        } catch (JacksonException e) {
            throw new Mistake(
                    String.format(
                            Locale.ROOT,
                            "Line %d is no CSV: %s.",
                            Math.max(
                                    line,
                                    e.getLocation() == null
                                            ? 0
                                            : e.getLocation().getLineNr()),
                            e.getOriginalMessage().lines().findFirst().orElse("")),
                    e);
        }
        return rows;
    }

    private static char separator(String file) {
        String first = file.lines().findFirst().orElse("");
        char best = BETWEEN[0];
        long most = 0;
        for (char one : BETWEEN) {
            long count = first.chars().filter(c -> c == one).count();
            if (count > most) {
                most = count;
                best = one;
            }
        }
        return best;
    }
}
