package brandeon.core.show;

import brandeon.core.kind.Content;
import brandeon.core.text.TextRow;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/** What viewers read of what a cue says. */
public final class CueTexts {

    private CueTexts() {}

    /** In the order in which {@link #mapped} comes to them. */
    public static List<String> of(Cue cue) {
        List<String> texts = new ArrayList<>();
        mapped(cue, text -> {
            texts.add(text);
            return text;
        });
        return texts;
    }

    /** The same cue with other texts. */
    public static Cue mapped(Cue cue, UnaryOperator<String> change) {
        return switch (cue) {
            case BreakCue.StartBreak(int seconds, String words, String picture) ->
                new BreakCue.StartBreak(seconds, change.apply(words), picture);
            case BreakCue.WriteBreak(String words, String picture) ->
                new BreakCue.WriteBreak(change.apply(words), picture);
            case PieceCue.Say(String piece, String field, String words) ->
                new PieceCue.Say(piece, field, change.apply(words));
            case LineCue.AddLine(String piece, String words, int seconds) ->
                new LineCue.AddLine(piece, change.apply(words), seconds);
            case CardCue.WriteCards(String piece, List<TextRow> cards) ->
                new CardCue.WriteCards(
                        piece,
                        cards.stream()
                                .map(row -> new TextRow(change.apply(row.label()), change.apply(row.value())))
                                .toList());
            case PointCue.WritePoints(String piece, String field, List<Content.Topic> points) ->
                new PointCue.WritePoints(
                        piece,
                        field,
                        points.stream()
                                .map(point -> new Content.Topic(
                                        point.state(), change.apply(point.label()), change.apply(point.value())))
                                .toList());
            default -> cue;
        };
    }
}
