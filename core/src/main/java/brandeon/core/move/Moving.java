package brandeon.core.move;

import brandeon.core.bot.Command;
import brandeon.core.bot.TimedMessage;
import brandeon.core.kind.Content;
import brandeon.core.kind.Field;
import brandeon.core.live.AlertRule;
import brandeon.core.live.Readings;
import brandeon.core.live.SignalKind;
import brandeon.core.live.When;
import brandeon.core.move.MovePlan.AreaLine;
import brandeon.core.move.MovePlan.Fate;
import brandeon.core.move.MovePlan.Option;
import brandeon.core.move.MovePlan.SignalLine;
import brandeon.core.move.MovePlan.TextLine;
import brandeon.core.move.MovePlan.ValueLine;
import brandeon.core.platform.Profile;
import brandeon.core.problem.Mistake;
import brandeon.core.show.Cue;
import brandeon.core.show.CueTexts;
import brandeon.core.show.Cued;
import brandeon.core.show.Sequence;
import brandeon.core.show.Show;
import brandeon.core.show.Shows;
import brandeon.core.show.Starting;
import brandeon.core.table.Column;
import brandeon.core.text.Letters;
import brandeon.core.text.Message;
import brandeon.core.theme.BotEdit;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceEdit;
import brandeon.core.theme.Placed;
import brandeon.core.theme.PlacingEdit;
import brandeon.core.theme.Scene;
import brandeon.core.theme.SceneEdit;
import brandeon.core.theme.Starter;
import brandeon.core.theme.Theme;
import brandeon.core.theme.ThemeEdit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;

/** One move of a theme, step by step; each step is an edit, so that nothing comes about that an editor refuses. */
final class Moving {

    private final Profile from;
    private final Profile to;
    private final Choices choices;
    private final Facts facts;
    private final Wording wording;
    private final Map<String, List<String>> seenOn = new LinkedHashMap<>();
    private final List<SignalLine> signals = new ArrayList<>();
    private final List<ValueLine> values = new ArrayList<>();
    private final List<TextLine> texts = new ArrayList<>();
    private final List<String> notes = new ArrayList<>();
    private final List<Sequence> sequences;
    private final List<Luggage.Headings> tables;
    private Theme theme;

    Moving(Theme theme, Luggage luggage, Profile from, Profile to, Choices choices) {
        this.theme = theme;
        this.sequences = new ArrayList<>(luggage.sequences());
        this.tables = new ArrayList<>(luggage.tables());
        this.from = from;
        this.to = to;
        this.choices = choices;
        this.facts = new Facts(from, to);
        this.wording = new Wording(from, to);
        for (Scene scene : theme.scenes()) {
            scene.stack()
                    .forEach(placed -> seenOn.computeIfAbsent(placed.piece(), _ -> new ArrayList<>())
                            .add(scene.name()));
        }
    }

    MovePlan plan() {
        theme.pieces().forEach(this::piece);
        theme.scenes().forEach(this::scene);
        theme.alerts().forEach(this::alert);
        bot();
        sequences.replaceAll(this::sequence);
        tables.replaceAll(this::table);
        for (SignalKind kind : SignalKind.values()) {
            signal(kind);
        }
        Areas areas = new Areas(theme, from, to, choices);
        List<AreaLine> lines = areas.lines();
        theme = areas.theme();
        if (to.longestName() > from.longestName()) {
            notes.add(String.format(
                    Locale.ROOT,
                    "Names on %s have up to %d letters, on %s %d: long ones are set smaller or shortened sooner.",
                    to.title(),
                    to.longestName(),
                    from.title(),
                    from.longestName()));
        }
        return new MovePlan(
                from,
                to,
                List.copyOf(signals),
                List.copyOf(values),
                List.copyOf(texts),
                lines,
                notes,
                theme,
                new Luggage(sequences, tables));
    }

    /** Empty when it is taken, and then it is done; else why not. */
    private String tried(Supplier<Edit> edit) {
        try {
            return tried(edit.get());
        } catch (Mistake e) {
            return e.getMessage();
        }
    }

    private String tried(Edit edit) {
        return switch (Edits.apply(theme, edit)) {
            case Outcome.Applied applied -> {
                theme = applied.theme();
                yield "";
            }
            case Outcome.Refused refused -> refused.reason();
        };
    }

    private void piece(Piece piece) {
        List<String> scenes = seenOn.getOrDefault(piece.id(), List.of());
        Map<String, String> instead = new LinkedHashMap<>();
        for (Field field : piece.kind().fields()) {
            String place = place(piece, field.name());
            String at = piece.id() + "/" + field.name();
            Spoken spoken = new Spoken(
                    place,
                    scenes,
                    () -> theme.piece(piece.id()).orElseThrow().content(field.name()),
                    next -> new PieceEdit.SetContent(piece.id(), field.name(), next));
            instead.putAll(values("value/" + at, spoken, () -> beside(piece)));
        }
        name(
                "piece/" + piece.id() + "/name",
                piece.name(),
                piece.name(),
                scenes,
                name -> called(name, instead).orElseGet(() -> wording.words(name)),
                name -> new PieceEdit.RenamePiece(piece.id(), name));
        for (Field field : piece.kind().fields()) {
            Content before = theme.piece(piece.id()).orElseThrow().content(field.name());
            content(
                    "piece/" + piece.id() + "/" + field.name(),
                    place(piece, field.name()),
                    scenes,
                    before,
                    text -> called(text, instead).map(Message::literally).orElseGet(() -> wording.change(text)),
                    next -> new PieceEdit.SetContent(piece.id(), field.name(), next));
        }
    }

    /** A label that speaks of what the piece showed until now speaks of what it shows then. */
    private Optional<String> called(String text, Map<String, String> instead) {
        return text.indexOf('{') >= 0
                ? Optional.empty()
                : instead.entrySet().stream()
                        .filter(one -> facts.speaksOf(text, one.getKey()))
                        .max(Comparator.comparingInt(one -> facts.likeness(text, one.getKey())))
                        .map(one -> Facts.called(one.getValue(), to))
                        .filter(label -> !label.isEmpty());
    }

    /** All that is seen beside a piece on any scene, itself included. */
    private Set<String> beside(Piece piece) {
        Set<String> seen = new HashSet<>(theme.piece(piece.id()).orElseThrow().content().values().stream()
                .flatMap(content -> content.shows().stream())
                .toList());
        theme.scenes().stream()
                .filter(scene ->
                        scene.stack().stream().anyMatch(placed -> placed.piece().equals(piece.id())))
                .flatMap(scene -> scene.stack().stream())
                .flatMap(placed -> theme.piece(placed.piece()).stream())
                .flatMap(other -> other.content().values().stream())
                .forEach(content -> seen.addAll(content.shows()));
        return seen;
    }

    private static String place(Piece piece, String field) {
        return piece.name() + ", "
                + piece.kind().field(field).map(Field::title).orElse(field).toLowerCase(Locale.ROOT);
    }

    /** Something that shows live values, as it is by now, and what changes it. */
    private record Spoken(String place, List<String> scenes, Supplier<Content> content, Function<Content, Edit> edit) {}

    /** What is shown instead of values, by their names; those that stay are left out. */
    private Map<String, String> values(String id, Spoken spoken, Supplier<Set<String>> beside) {
        Map<String, String> instead = new LinkedHashMap<>();
        for (String name : spoken.content().get().shows().stream().sorted().toList()) {
            value(id + "/" + name, spoken, name, beside).ifPresent(chosen -> instead.put(name, chosen));
        }
        return instead;
    }

    /** What is shown instead of a value; empty where it stays. */
    private Optional<String> value(String id, Spoken spoken, String name, Supplier<Set<String>> beside) {
        String own = Readings.apart(from.id(), "");
        String bare = name.startsWith(own) ? name.substring(own.length()) : name;
        boolean lost = facts.lost(bare);
        if (!lost && bare.equals(name)) {
            List<SignalKind> missing = facts.missing(name);
            if (!missing.isEmpty() && !name.equals("recentSignals")) {
                values.add(new ValueLine(
                        id,
                        spoken.place(),
                        spoken.scenes(),
                        name,
                        Facts.meaning(name),
                        List.of(),
                        "",
                        "Goes on without " + nouns(missing) + ", which " + to.title() + " does not send."));
            }
            return Optional.empty();
        }
        List<String> options = new ArrayList<>(lost ? facts.instead(bare, beside.get()) : List.of(bare));
        String chosen = choices.values()
                .getOrDefault(id, choices.kept().contains(id) || options.isEmpty() ? "" : options.getFirst());
        if (!chosen.isEmpty() && !options.contains(chosen)) {
            throw new Mistake("“" + chosen + "” cannot stand in for “" + name + "” here.");
        }
        String note = chosen.isEmpty()
                ? "Nothing on " + to.title() + " changes it: a name stays a dash and a number stays as it is."
                : to.title() + " does not send " + nouns(facts.missing(bare)) + ".";
        if (!chosen.isEmpty()) {
            Content before = spoken.content().get();
            String refused = tried(spoken.edit().apply(before.showing(other -> other.equals(name) ? chosen : other)));
            if (!refused.isEmpty()) {
                note = refused;
            } else if (!lost) {
                note = "It counted what came from " + from.title() + " alone.";
            }
        }
        values.add(new ValueLine(
                id,
                spoken.place(),
                spoken.scenes(),
                name,
                Facts.meaning(bare),
                options.stream()
                        .map(option -> new Option(option, Facts.meaning(option)))
                        .toList(),
                chosen,
                note));
        return Optional.of(chosen).filter(one -> !one.isEmpty());
    }

    private String nouns(List<SignalKind> kinds) {
        return String.join(
                " and ",
                kinds.stream()
                        .map(kind -> from.termOrPlain(kind).noun().other())
                        .toList());
    }

    private void scene(Scene scene) {
        name(
                "scene/" + scene.id() + "/name",
                "Scene " + scene.name(),
                scene.name(),
                List.of(scene.name()),
                wording::words,
                name -> new SceneEdit.RenameScene(scene.id(), name));
        for (Placed placed : scene.stack()) {
            Piece piece = theme.piece(placed.piece()).orElseThrow();
            for (String field : placed.content().keySet()) {
                Spoken spoken = new Spoken(
                        place(piece, field) + ", on " + scene.name() + " alone",
                        List.of(scene.name()),
                        () -> here(scene, placed).get(field),
                        next -> {
                            Map<String, Content> all = new LinkedHashMap<>(here(scene, placed));
                            all.put(field, next);
                            return new PlacingEdit.SetContentOn(scene.id(), piece.id(), all);
                        });
                String id = "scene/" + scene.id() + "/" + piece.id() + "/" + field;
                values("value/" + id, spoken, () -> beside(piece));
                content(id, spoken.place(), spoken.scenes(), spoken.content().get(), wording::change, spoken.edit());
            }
        }
    }

    private Map<String, Content> here(Scene scene, Placed placed) {
        return theme.scene(scene.id())
                .flatMap(one -> one.placed(placed.piece()))
                .orElseThrow()
                .content();
    }

    private void bot() {
        for (Command command : theme.bot().commands()) {
            said(
                    "command/" + command.id(),
                    "Answer to " + command.word(),
                    List.of(),
                    () -> theme.bot().command(command.id()).orElseThrow().answer(),
                    text -> new BotEdit.SetCommand(command.answering(text)));
        }
        for (TimedMessage message : theme.bot().timed()) {
            said(
                    "timed/" + message.id(),
                    "Timed message",
                    message.scenes().stream()
                            .flatMap(id -> theme.scene(id).stream())
                            .map(Scene::name)
                            .toList(),
                    () -> theme.bot().timed(message.id()).orElseThrow().text(),
                    text -> new BotEdit.SetTimed(message.saying(text)));
        }
    }

    private void said(String id, String place, List<String> scenes, Supplier<String> now, Function<String, Edit> edit) {
        Spoken spoken = new Spoken(
                place,
                scenes,
                () -> new Content.Words(now.get()),
                next -> edit.apply(((Content.Words) next).pattern()));
        values("value/" + id, spoken, Set::of);
        text(id + "/text", place, scenes, now.get(), wording::change, after -> tried(() -> edit.apply(after)));
    }

    private void name(
            String id,
            String place,
            String before,
            List<String> scenes,
            UnaryOperator<String> proposal,
            Function<String, Edit> edit) {
        text(id, place + ", its name", scenes, before, proposal, after -> tried(edit.apply(after)));
    }

    /** Each text of a content on its own, so that one which is refused keeps no other from changing. */
    private void content(
            String id,
            String place,
            List<String> scenes,
            Content before,
            UnaryOperator<String> proposal,
            Function<Content, Edit> edit) {
        List<String> all = new ArrayList<>();
        before.mapped(text -> {
            all.add(text);
            return text;
        });
        List<String> standing = new ArrayList<>(all);
        for (int i = 0; i < all.size(); i++) {
            int here = i;
            text(id + "/" + i, all.size() == 1 ? place : place + " " + (i + 1), scenes, all.get(i), proposal, after -> {
                List<String> next = new ArrayList<>(standing);
                next.set(here, after);
                int[] at = {0};
                String refused = tried(edit.apply(before.mapped(_ -> next.get(at[0]++))));
                if (refused.isEmpty()) {
                    standing.set(here, after);
                }
                return refused;
            });
        }
    }

    private void text(
            String id,
            String place,
            List<String> scenes,
            String before,
            UnaryOperator<String> proposal,
            UnaryOperator<String> change) {
        text(id, place, scenes, before, proposal, change, true);
    }

    /** @param used whether viewers can come to see it */
    private void text(
            String id,
            String place,
            List<String> scenes,
            String before,
            UnaryOperator<String> proposal,
            UnaryOperator<String> change,
            boolean used) {
        String proposed = proposal.apply(before);
        String wanted = choices.kept().contains(id) ? before : choices.texts().getOrDefault(id, proposed);
        String note = used ? note(before, proposed) : "";
        if (wanted.equals(before) && proposed.equals(before) && note.isEmpty()) {
            return;
        }
        String refused = wanted.equals(before) ? "" : change.apply(wanted);
        texts.add(
                new TextLine(id, place, scenes, before, proposed, refused.isEmpty() ? wanted : before, note, refused));
    }

    /** What a sequence says, step by step. What a show would not take stays as it is. */
    private Sequence sequence(Sequence sequence) {
        List<Sequence.Step> steps = new ArrayList<>();
        for (int i = 0; i < sequence.steps().size(); i++) {
            Sequence.Step step = sequence.steps().get(i);
            Cue[] cue = {step.cue()};
            List<String> all = CueTexts.of(step.cue());
            for (int j = 0; j < all.size(); j++) {
                int here = j;
                text(
                        "sequence/" + sequence.id() + "/" + i + "/" + j,
                        "Sequence " + sequence.name() + ", step " + (i + 1),
                        List.of(),
                        all.get(j),
                        this::reworded,
                        after -> {
                            int[] at = {0};
                            Cue next = CueTexts.mapped(cue[0], text -> at[0]++ == here ? after : text);
                            String refused = refused(next);
                            if (refused.isEmpty() || refused.equals(refused(cue[0]))) {
                                cue[0] = next;
                                return "";
                            }
                            return refused;
                        });
            }
            steps.add(new Sequence.Step(step.after(), cue[0]));
        }
        return new Sequence(sequence.id(), sequence.name(), steps, sequence.scene());
    }

    private String refused(Cue cue) {
        return Shows.apply(Show.QUIET, Starting.of(List.of(theme)), cue, 0) instanceof Cued.Refused(String reason)
                ? reason
                : "";
    }

    /** Words that people typed, with live values in them or without. */
    private String reworded(String text) {
        try {
            return Message.plain(text) ? wording.words(text) : wording.change(text);
        } catch (Mistake e) {
            return wording.words(text);
        }
    }

    /** Headings are what viewers read of a table; its word stays, since texts know it by that. */
    private Luggage.Headings table(Luggage.Headings table) {
        String place = "Table " + table.title();
        String[] title = {table.title()};
        List<String> columns = new ArrayList<>(table.columns());
        text("table/" + table.word() + "/title", place + ", its name", List.of(), title[0], wording::words, after -> {
            String refused = heading(after);
            if (refused.isEmpty()) {
                title[0] = after;
            }
            return refused;
        });
        for (int i = 0; i < columns.size(); i++) {
            int here = i;
            text(
                    "table/" + table.word() + "/" + i,
                    place + ", heading " + (i + 1),
                    List.of(),
                    columns.get(i),
                    wording::words,
                    after -> {
                        String refused = heading(after);
                        if (refused.isEmpty()) {
                            columns.set(here, after);
                        }
                        return refused;
                    });
        }
        return new Luggage.Headings(table.word(), title[0], columns);
    }

    private static String heading(String title) {
        return title.isBlank() || title.length() > Column.LONGEST_TITLE || !Letters.oneLine(title)
                ? "A heading has 1 to " + Column.LONGEST_TITLE + " letters on one line."
                : "";
    }

    private String note(String before, String proposed) {
        List<String> left = wording.left(before);
        if (!left.isEmpty()) {
            return String.join(", ", left) + " stays as it is, since it is an address, a name or a command.";
        }
        List<String> others = wording.others(before);
        if (!others.isEmpty()) {
            return "It could also mean: " + String.join(", ", others) + ".";
        }
        return facts.spokenOf(proposed)
                .map(word -> "It speaks of “" + word + "”, which " + to.title() + " does not have.")
                .orElse("");
    }

    private void alert(AlertRule rule) {
        Wording about = Wording.about(rule.kind(), from, to);
        String id = "alert/" + rule.id() + "/";
        String place = "Alert for " + rule.kind().title();
        boolean used = to.term(rule.kind()).isPresent();
        text(
                id + "kicker",
                place + ", above",
                List.of(),
                rule.kicker(),
                about::change,
                after -> rule(rule, one -> one.worded(after, one.text(), one.several())),
                used);
        text(
                id + "text",
                place + ", one",
                List.of(),
                rule.text(),
                about::change,
                after -> rule(rule, one -> one.worded(one.kicker(), after, one.several())),
                used);
        text(
                id + "several",
                place + ", several",
                List.of(),
                rule.several(),
                about::change,
                after -> rule(rule, one -> one.worded(one.kicker(), one.text(), after)),
                used);
        conditions(rule);
    }

    private String rule(AlertRule rule, UnaryOperator<AlertRule> change) {
        return tried(
                () -> new ThemeEdit.SetAlert(change.apply(theme.alert(rule.id()).orElseThrow())));
    }

    private void conditions(AlertRule rule) {
        Optional<Profile.Term> term = to.term(rule.kind());
        When when = rule.when();
        if (term.isEmpty()) {
            return;
        }
        List<String> currencies = term.get().currencies();
        if (!when.currency().isEmpty() && !currencies.isEmpty() && !currencies.contains(when.currency())) {
            notes.add("An alert for " + rule.kind().title() + " waits for " + when.currency() + "; " + to.title()
                    + " sends " + String.join(", ", currencies) + ".");
        }
        if (!when.level().isEmpty()) {
            notes.add("An alert for " + rule.kind().title() + " waits for the level “" + when.level()
                    + "”; look whether " + to.title() + " calls it so.");
        }
    }

    private void signal(SignalKind kind) {
        Optional<Profile.Term> old = from.term(kind);
        Optional<Profile.Term> now = to.term(kind);
        if (old.isEmpty() && now.isEmpty()) {
            return;
        }
        String id = "signal/" + kind.name();
        boolean kept = choices.kept().contains(id);
        String before = old.map(Profile.Term::word).orElse("");
        String after = now.map(Profile.Term::word).orElse("");
        if (now.isEmpty()) {
            List<AlertRule> on =
                    theme.alerts(kind).stream().filter(AlertRule::on).toList();
            if (!kept) {
                on.forEach(rule -> tried(new ThemeEdit.SetAlert(rule.switched(false))));
            }
            String note = to.title() + " does not send this."
                    + (on.isEmpty() ? "" : kept ? " Its alert stays on." : " Its alert is switched off in the copy.");
            signals.add(new SignalLine(id, kind, before, after, Fate.LOST, note, !on.isEmpty(), kept));
        } else if (old.isEmpty()) {
            boolean offered = kind.announced() && theme.alerts(kind).isEmpty();
            if (offered && !kept) {
                tried(new ThemeEdit.AddAlert(offered(kind), theme.alerts().size()));
            }
            boolean off = !offered && theme.alerts(kind).stream().noneMatch(AlertRule::on);
            String note = to.title() + " adds this."
                    + (offered
                            ? kept ? " The copy gets no alert for it." : " The copy gets an alert for it."
                            : off && kind.announced() ? " Its alert is in the theme, switched off." : "");
            signals.add(new SignalLine(id, kind, before, after, Fate.NEW, note, offered, kept));
        } else {
            Fate fate = before.equals(after) ? Fate.KEPT : Fate.REWORDED;
            signals.add(new SignalLine(
                    id,
                    kind,
                    before,
                    after,
                    fate,
                    fate == Fate.KEPT
                            ? "Works as before."
                            : "The same signal under another word; name, months and level are carried over.",
                    false,
                    false));
        }
    }

    /** The rule that new themes have for a kind, under an id that the theme has not. */
    private AlertRule offered(SignalKind kind) {
        AlertRule standard = Starter.alert(kind);
        String id = standard.id();
        for (int i = 2; theme.alert(id).isPresent(); i++) {
            id = standard.id() + "-" + i;
        }
        return standard.called(id);
    }
}
