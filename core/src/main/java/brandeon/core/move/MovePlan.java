package brandeon.core.move;

import brandeon.core.kind.Content;
import brandeon.core.kind.Field;
import brandeon.core.live.AlertRule;
import brandeon.core.live.SignalKind;
import brandeon.core.platform.Profile;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.Starter;
import brandeon.core.theme.Theme;
import brandeon.core.theme.ThemeEdit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What changes when a theme goes to a channel on another platform: signal by signal, text by text. */
public record MovePlan(Profile from, Profile to, List<SignalLine> signals, List<TextLine> texts) {

    public enum Fate {
        /** The same signal under the same word. */
        KEPT,
        /** The same signal under another word. */
        REWORDED,
        /** The new platform has no such signal; its alert is switched off. */
        LOST,
        /** Only the new platform has it; an alert is offered. */
        NEW
    }

    /** One signal, with what each side calls it; empty where a side lacks it. */
    public record SignalLine(SignalKind kind, String fromWord, String toWord, Fate fate, String note) {}

    /** One text that changes. */
    public record TextLine(String place, String before, String after, Edit edit) {}

    /** Plans the move of a theme; nothing is changed. */
    public static MovePlan of(Theme theme, Profile from, Profile to) {
        List<SignalLine> signals = new ArrayList<>();
        for (SignalKind kind : SignalKind.values()) {
            signal(kind, from, to).ifPresent(signals::add);
        }
        return new MovePlan(from, to, List.copyOf(signals), texts(theme, new Wording(from, to)));
    }

    /**
     * The moved copy: texts reworded, alerts of lost signals off, alerts of new ones added.
     *
     * @param theme the theme that this plan was made for
     */
    public Theme applied(Theme theme) {
        List<Edit> edits = new ArrayList<>(texts.stream().map(TextLine::edit).toList());
        for (SignalLine line : signals) {
            if (line.fate() == Fate.NEW
                    && line.kind().announced()
                    && theme.alerts(line.kind()).isEmpty()) {
                edits.add(new ThemeEdit.AddAlert(
                        offered(theme, line.kind()), theme.alerts().size()));
            }
        }
        Theme moved = theme;
        for (Edit edit : edits) {
            moved = changed(moved, edit);
        }
        return withoutLost(moved);
    }

    private Theme withoutLost(Theme theme) {
        Theme moved = theme;
        for (SignalLine line : signals) {
            if (line.fate() == Fate.LOST) {
                for (AlertRule rule : moved.alerts(line.kind())) {
                    moved = changed(moved, new ThemeEdit.SetAlert(rule.switched(false)));
                }
            }
        }
        return moved;
    }

    private static Theme changed(Theme theme, Edit edit) {
        return switch (Edits.apply(theme, edit)) {
            case Outcome.Applied applied -> applied.theme();
            case Outcome.Refused refused ->
                throw new IllegalStateException("The plan was made for another theme: " + refused.reason());
        };
    }

    private static Optional<SignalLine> signal(SignalKind kind, Profile from, Profile to) {
        Optional<Profile.Term> old = from.term(kind);
        Optional<Profile.Term> now = to.term(kind);
        if (old.isEmpty() && now.isEmpty()) {
            return Optional.empty();
        }
        String before = old.map(Profile.Term::word).orElse("");
        String after = now.map(Profile.Term::word).orElse("");
        if (now.isEmpty()) {
            return Optional.of(new SignalLine(
                    kind,
                    before,
                    after,
                    Fate.LOST,
                    to.title() + " does not send this. Its alert is switched off in the copy."));
        }
        if (old.isEmpty()) {
            return Optional.of(new SignalLine(
                    kind, before, after, Fate.NEW, to.title() + " adds this. The copy gets an alert for it."));
        }
        return Optional.of(
                before.equals(after)
                        ? new SignalLine(kind, before, after, Fate.KEPT, "Works as before.")
                        : new SignalLine(
                                kind,
                                before,
                                after,
                                Fate.REWORDED,
                                "The same signal under another word; name, months and level are carried over."));
    }

    /** The rule that new themes have for a kind, under an id that the theme has not. */
    private static AlertRule offered(Theme theme, SignalKind kind) {
        AlertRule standard = Starter.alert(kind);
        String id = standard.id();
        for (int i = 2; theme.alert(id).isPresent(); i++) {
            id = standard.id() + "-" + i;
        }
        return standard.called(id);
    }

    private static List<TextLine> texts(Theme theme, Wording wording) {
        List<TextLine> lines = new ArrayList<>();
        for (Piece piece : theme.pieces()) {
            for (Field field : piece.kind().fields()) {
                Content before = piece.content(field.name());
                Content after = before.mapped(wording::change);
                if (!after.equals(before)) {
                    lines.add(new TextLine(
                            piece.name() + ", " + field.title().toLowerCase(java.util.Locale.ROOT),
                            before.written(),
                            after.written(),
                            new PieceEdit.SetContent(piece.id(), field.name(), after)));
                }
            }
        }
        for (AlertRule rule : theme.alerts()) {
            AlertRule worded = rule.worded(
                    wording.change(rule.kicker()), wording.change(rule.text()), wording.change(rule.several()));
            if (!worded.equals(rule)) {
                lines.add(new TextLine(
                        "Alert for " + rule.kind().title(),
                        rule.kicker() + " · " + rule.text(),
                        worded.kicker() + " · " + worded.text(),
                        new ThemeEdit.SetAlert(worded)));
            }
        }
        return List.copyOf(lines);
    }
}
