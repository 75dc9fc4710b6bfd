package brandeon.core.theme;

import static brandeon.core.theme.Edits.done;
import static brandeon.core.theme.Edits.inserted;
import static brandeon.core.theme.Edits.require;

import brandeon.core.bot.Bot;
import brandeon.core.bot.Command;
import brandeon.core.bot.TimedMessage;
import java.util.List;
import java.util.Optional;

/** Changes what the bot answers and says in the chat. */
public sealed interface BotEdit extends Edit {

    record NameBot(String name) implements BotEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return done(
                    theme.withBot(theme.bot().named(name)),
                    new NameBot(theme.bot().name()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(NameBot.class));
        }

        @Override
        public String deed(Names names) {
            return name.isEmpty() ? "Took the bot’s name away" : "Named the bot " + name;
        }
    }

    /** Replaces the command with its id, or adds it as the last one. */
    record SetCommand(Command command) implements BotEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Optional<Command> old = theme.bot().command(command.id());
            return old.isEmpty()
                    ? new AddCommand(command, theme.bot().commands().size()).applied(theme)
                    : done(
                            theme.withBot(theme.bot()
                                    .withCommands(theme.bot().commands().stream()
                                            .map(one -> one == old.get() ? command : one)
                                            .toList())),
                            new SetCommand(old.get()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetCommand.class, command.id()));
        }

        @Override
        public String deed(Names names) {
            return "Changed the command " + command.word();
        }
    }

    /** @param index among the others */
    record AddCommand(Command command, int index) implements BotEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            require(theme.bot().command(command.id()).isEmpty(), "There is already a command with this id.");
            return done(
                    theme.withBot(theme.bot().withCommands(inserted(theme.bot().commands(), index, command))),
                    new DropCommand(command.id()));
        }

        @Override
        public String deed(Names names) {
            return "Added the command " + command.word();
        }
    }

    record DropCommand(String command) implements BotEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Command old = theme.bot()
                    .command(command)
                    .orElseThrow(() -> new Edits.Refusal("That command is no longer there."));
            List<Command> all = theme.bot().commands();
            return done(
                    theme.withBot(theme.bot()
                            .withCommands(all.stream().filter(one -> one != old).toList())),
                    new AddCommand(old, all.indexOf(old)));
        }

        @Override
        public String deed(Names names) {
            return "Removed a command";
        }
    }

    /** Replaces the message with its id, or adds it as the last one. */
    record SetTimed(TimedMessage message) implements BotEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Optional<TimedMessage> old = theme.bot().timed(message.id());
            return old.isEmpty()
                    ? new AddTimed(message, theme.bot().timed().size()).applied(theme)
                    : done(
                            theme.withBot(theme.bot()
                                    .withTimed(theme.bot().timed().stream()
                                            .map(one -> one == old.get() ? message : one)
                                            .toList())),
                            new SetTimed(old.get()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetTimed.class, message.id()));
        }

        @Override
        public String deed(Names names) {
            return "Changed a timed message";
        }
    }

    /** @param index among the others */
    record AddTimed(TimedMessage message, int index) implements BotEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            require(theme.bot().timed(message.id()).isEmpty(), "There is already a timed message with this id.");
            return done(
                    theme.withBot(theme.bot().withTimed(inserted(theme.bot().timed(), index, message))),
                    new DropTimed(message.id()));
        }

        @Override
        public String deed(Names names) {
            return "Added a timed message";
        }
    }

    record DropTimed(String message) implements BotEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            TimedMessage old = theme.bot()
                    .timed(message)
                    .orElseThrow(() -> new Edits.Refusal("That timed message is no longer there."));
            List<TimedMessage> all = theme.bot().timed();
            return done(
                    theme.withBot(theme.bot()
                            .withTimed(all.stream().filter(one -> one != old).toList())),
                    new AddTimed(old, all.indexOf(old)));
        }

        @Override
        public String deed(Names names) {
            return "Removed a timed message";
        }
    }

    /** All of it at once, as when it is brought in from a file. */
    record SetBot(Bot bot) implements BotEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return done(theme.withBot(bot), new SetBot(theme.bot()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetBot.class));
        }

        @Override
        public String deed(Names names) {
            return "Brought in commands and timed messages";
        }
    }
}
