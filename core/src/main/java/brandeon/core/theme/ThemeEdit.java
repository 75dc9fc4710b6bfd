package brandeon.core.theme;

import static brandeon.core.theme.Edits.done;
import static brandeon.core.theme.Edits.require;

import brandeon.core.art.Families;
import brandeon.core.live.AlertRule;
import brandeon.core.live.Pace;
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

    /** Replaces the rule with its id, or adds it as the last one. */
    record SetAlert(AlertRule rule) implements ThemeEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Optional<AlertRule> old = theme.alert(rule.id());
            if (old.isEmpty()) {
                return new AddAlert(rule, theme.alerts().size()).applied(theme);
            }
            List<AlertRule> rules = new ArrayList<>(theme.alerts());
            rules.set(rules.indexOf(old.get()), rule);
            return done(theme.withAlerts(rules), new SetAlert(old.get()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetAlert.class, rule.id()));
        }

        @Override
        public String deed(Names names) {
            return "Changed the alert for " + names.alert(rule.id());
        }
    }

    /** Adds a rule before the one that has its place now. */
    record AddAlert(AlertRule rule, int index) implements ThemeEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            require(theme.alert(rule.id()).isEmpty(), "There is an alert with the id “" + rule.id() + "” already.");
            require(theme.alerts().size() < AlertRule.MOST, "A theme has at most " + AlertRule.MOST + " alerts.");
            List<AlertRule> rules = new ArrayList<>(theme.alerts());
            rules.add(Math.clamp(index, 0, rules.size()), rule);
            return done(theme.withAlerts(rules), new DropAlert(rule.id()));
        }

        @Override
        public String deed(Names names) {
            return "Added an alert for " + rule.kind().title();
        }
    }

    /** The first rule that is for a signal holds, so their order counts. @param index among the others */
    record MoveAlert(String rule, int index) implements ThemeEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            AlertRule moved = known(theme, rule);
            int before = theme.alerts().indexOf(moved);
            List<AlertRule> rules = new ArrayList<>(theme.alerts());
            rules.remove(before);
            rules.add(Math.clamp(index, 0, rules.size()), moved);
            return done(theme.withAlerts(rules), new MoveAlert(rule, before));
        }

        @Override
        public String deed(Names names) {
            return "Moved the alert for " + names.alert(rule);
        }
    }

    record DropAlert(String rule) implements ThemeEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            AlertRule old = known(theme, rule);
            return done(
                    theme.withAlerts(
                            theme.alerts().stream().filter(one -> one != old).toList()),
                    new AddAlert(old, theme.alerts().indexOf(old)));
        }

        @Override
        public String deed(Names names) {
            return "Removed the alert for " + names.alert(rule);
        }
    }

    /** How alerts follow each other. */
    record SetPace(Pace pace) implements ThemeEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return done(theme.withPace(pace), new SetPace(theme.pace()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetPace.class));
        }

        @Override
        public String deed(Names names) {
            return "Changed the pace of alerts";
        }
    }

    private static AlertRule known(Theme theme, String rule) {
        return theme.alert(rule).orElseThrow(() -> new Edits.Refusal("There is no such alert."));
    }
}
