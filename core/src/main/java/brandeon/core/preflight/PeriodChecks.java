package brandeon.core.preflight;

import brandeon.core.kind.Content;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.live.Period;
import brandeon.core.live.Readings;
import brandeon.core.text.Message;
import brandeon.core.text.TextRow;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Labels that say one time while the number beside them counts over another: “today” that counts for ever. */
final class PeriodChecks {

    private static final Map<Period, Pattern> SAID = said();

    private PeriodChecks() {}

    private static Map<Period, Pattern> said() {
        Map<Period, Pattern> said = new LinkedHashMap<>();
        said.put(Period.DAY, pattern("today"));
        said.put(Period.WEEK, pattern("this week"));
        said.put(Period.MONTH, pattern("this month"));
        said.put(Period.SHOW, pattern("tonight|this (?:show|stream)"));
        said.put(Period.EVER, pattern("ever|all[- ]time"));
        return said;
    }

    private static Pattern pattern(String words) {
        return Pattern.compile("\\b(?:" + words + ")\\b", Pattern.CASE_INSENSITIVE);
    }

    /** A number with a label that says another time, and the field of the piece that has it. */
    private record Wrong(String field, String label, String reading, Period said, Content mended) {}

    static List<Finding> of(Theme theme) {
        List<Finding> found = new ArrayList<>();
        theme.pieces().forEach(piece -> wrong(piece).forEach(wrong -> found.add(finding(theme, piece, wrong))));
        return found;
    }

    private static Finding finding(Theme theme, Piece piece, Wrong wrong) {
        Period counts = Readings.period(wrong.reading()).orElseThrow();
        String scene = theme.scenes().stream()
                .filter(one -> one.placed(piece.id()).isPresent())
                .map(one -> one.id())
                .findFirst()
                .orElse("");
        return new Finding(
                Finding.Kind.OTHER_PERIOD,
                scene,
                "",
                piece.id(),
                wrong.field() + " " + wrong.reading(),
                Optional.empty(),
                0,
                0,
                String.format(
                        Locale.ROOT,
                        "On %s stands “%s”, and the number beside it counts what came %s.",
                        piece.name(),
                        wrong.label(),
                        counts.words()),
                Optional.empty());
    }

    static List<Fix> asLabelled(Theme theme, Finding finding, Optional<Piece> piece, Optional<ResolvedScene> scene) {
        return piece.stream()
                .flatMap(one -> wrong(one).stream())
                .filter(wrong -> finding.other().equals(wrong.field() + " " + wrong.reading()))
                .limit(1)
                .map(wrong -> new Fix(
                        "Count what comes " + wrong.said().words(),
                        new PieceEdit.SetContent(finding.piece(), wrong.field(), wrong.mended())))
                .toList();
    }

    private static List<Wrong> wrong(Piece piece) {
        List<Wrong> wrong = new ArrayList<>();
        String label = piece.kind().field("label").isPresent() && piece.content("label") instanceof Content.Words words
                ? words.pattern()
                : "";
        piece.kind().fields().forEach(field -> {
            switch (piece.content(field.name())) {
                case Content.Rows rows -> wrong.addAll(rows(field.name(), rows));
                case Content.Count count ->
                    said(label, count.reading())
                            .ifPresent(said -> wrong.add(new Wrong(
                                    field.name(),
                                    label,
                                    count.reading(),
                                    said,
                                    new Content.Count(
                                            Readings.over(count.reading(), said),
                                            count.number(),
                                            count.style(),
                                            count.before(),
                                            count.after()))));
                case Content.Words words ->
                    new Message(words.pattern())
                            .values()
                            .forEach(name -> said(label, name)
                                    .ifPresent(said -> wrong.add(new Wrong(
                                            field.name(),
                                            label,
                                            name,
                                            said,
                                            new Content.Words(renamed(words.pattern(), name, said))))));
                default -> {}
            }
        });
        return wrong;
    }

    private static List<Wrong> rows(String field, Content.Rows content) {
        List<Wrong> wrong = new ArrayList<>();
        for (int i = 0; i < content.rows().size(); i++) {
            TextRow row = content.rows().get(i);
            int at = i;
            new Message(row.value())
                    .values()
                    .forEach(name -> said(row.label(), name).ifPresent(said -> {
                        List<TextRow> mended = new ArrayList<>(content.rows());
                        mended.set(at, new TextRow(row.label(), renamed(row.value(), name, said)));
                        wrong.add(new Wrong(field, row.label(), name, said, new Content.Rows(mended, content.then())));
                    }));
        }
        return wrong;
    }

    /** The time that a label says, where the reading counts over another one. */
    private static Optional<Period> said(String label, String reading) {
        return Readings.period(reading)
                .flatMap(counts -> SAID.entrySet().stream()
                        .filter(one -> one.getValue().matcher(label).find())
                        .map(Map.Entry::getKey)
                        .findFirst()
                        .filter(said -> said != counts));
    }

    private static String renamed(String pattern, String name, Period said) {
        return pattern.replaceAll(
                "\\{(\\s*)" + Pattern.quote(name) + "\\b", Matcher.quoteReplacement("{" + Readings.over(name, said)));
    }
}
