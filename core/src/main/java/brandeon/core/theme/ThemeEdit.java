package brandeon.core.theme;

import static brandeon.core.theme.Edits.done;
import static brandeon.core.theme.Edits.require;

import brandeon.core.art.Families;
import brandeon.core.live.AlertRule;
import brandeon.core.live.SignalKind;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Changes the theme as a whole: its name, its family, its alerts. */
public sealed interface ThemeEdit extends Edit {

    record Rename(String name) implements ThemeEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return done(theme.withName(name), new Rename(theme.name()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(Rename.class));
        }

        @Override
        public String deed(Names names) {
            return "Named the theme " + name;
        }
    }

    /** Draws every piece in another family; words, bindings and places stay. */
    record SetFamily(String family) implements ThemeEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            require(Families.named(family).isPresent(), "There is no family called “" + family + "”.");
            return done(theme.withFamily(family), new SetFamily(theme.family()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetFamily.class));
        }

        @Override
        public String deed(Names names) {
            return "Changed the family";
        }
    }

    /** Replaces or adds the rule of its kind. */
    record SetAlert(AlertRule rule) implements ThemeEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Optional<AlertRule> old = theme.alert(rule.kind());
            List<AlertRule> rules = new ArrayList<>(theme.alerts());
            if (old.isPresent()) {
                rules.set(rules.indexOf(old.get()), rule);
            } else {
                rules.add(rule);
            }
            return done(theme.withAlerts(rules), old.<Edit>map(SetAlert::new).orElse(new DropAlert(rule.kind())));
        }

        @Override
        public String deed(Names names) {
            return "Changed the alert for " + Names.words(rule.kind());
        }
    }

    /** Signals of this kind are not announced any more. */
    record DropAlert(SignalKind kind) implements ThemeEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            AlertRule old = theme.alert(kind).orElseThrow(() -> new Edits.Refusal("There is no such alert."));
            return done(
                    theme.withAlerts(
                            theme.alerts().stream().filter(rule -> rule != old).toList()),
                    new SetAlert(old));
        }

        @Override
        public String deed(Names names) {
            return "Removed the alert for " + Names.words(kind);
        }
    }
}
