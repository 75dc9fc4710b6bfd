package brandeon.core.kind;

import brandeon.core.art.Ask;
import brandeon.core.colour.Colour;
import brandeon.core.table.ColumnType;
import brandeon.core.table.Table;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** The rows of a table, page after page. */
final class TableRows extends Kind {

    private static final String LISTING = "rows";

    TableRows() {
        super(
                "Table",
                Group.WIDGETS,
                Zone.COLUMN,
                List.of(Field.words("title", "Title", "Tonight"), Field.listing(LISTING, "Rows")),
                Figure.with(
                        Figure.ROWS,
                        new Figure("page", "Rows a page, at most", 1, 24, 8, List.of()),
                        new Figure("seconds", "Seconds a page", 2, 120, 8, List.of()),
                        Figure.choice("headed", "Line of titles", 1, "left out", "shown"),
                        Figure.MOVING));
    }

    @Override
    public Optional<Ask> ask(Showing piece) {
        Content.Listing listing = piece.listing(LISTING);
        Optional<Table> table = piece.table(listing);
        return Optional.of(new Ask.Table(
                piece.canvas(),
                piece.box(),
                piece.tune(),
                piece.words("title"),
                table.map(found -> columns(found, listing, piece.choice("headed") == 1))
                        .orElse(List.of(new Ask.Column("", Ask.Sort.WORDS))),
                table.map(found -> lines(found, listing, piece)).orElse(List.of()),
                piece.choice("page"),
                piece.figure("seconds"),
                piece.moving()));
    }

    private static List<Ask.Column> columns(Table table, Content.Listing listing, boolean headed) {
        return table.shown(listing.columns()).stream()
                .map(table.columns()::get)
                .map(column -> new Ask.Column(headed ? column.title() : "", sort(column.type())))
                .toList();
    }

    private static Ask.Sort sort(ColumnType type) {
        return switch (type) {
            case TEXT -> Ask.Sort.WORDS;
            case NUMBER, TIME -> Ask.Sort.FIGURES;
            case PICTURE -> Ask.Sort.PICTURE;
            case COLOUR -> Ask.Sort.COLOUR;
        };
    }

    private static List<Ask.Line> lines(Table table, Content.Listing listing, Showing piece) {
        List<Integer> columns = table.shown(listing.columns());
        return table.sorted(listing.by(), listing.falling()).stream()
                .limit(Ask.Table.MOST)
                .map(line -> new Ask.Line(
                        columns.stream()
                                .map(i -> cell(
                                        table.columns().get(i).type(),
                                        line.cells().get(i),
                                        piece))
                                .toList(),
                        line.id() == table.chosen()))
                .toList();
    }

    private static Ask.Cell cell(ColumnType type, String text, Showing piece) {
        return switch (type) {
            case TEXT, TIME -> Ask.Cell.of(text);
            case NUMBER -> Ask.Cell.of(text.isEmpty() ? "" : Saying.number(text));
            case PICTURE -> new Ask.Cell("", piece.pictures().apply(text), Optional.empty());
            case COLOUR ->
                new Ask.Cell(
                        "",
                        Optional.empty(),
                        Stream.of(text)
                                .filter(hex -> !hex.isEmpty())
                                .map(Colour::parse)
                                .findFirst());
        };
    }

    @Override
    public Map<String, Content> sample(String theme) {
        return Map.of(LISTING, new Content.Listing("", List.of("species", "seen"), "seen", true));
    }

    @Override
    public Rank rank() {
        return Rank.MORE;
    }
}
