package brandeon.core.bot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.problem.Mistake;
import brandeon.core.text.Values;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BotMindTest {

    private static final long BEGUN = 1_800_000_000_000L;
    private static final long MINUTE = 60_000;
    private static final Values QUIET =
            name -> Map.of("latestFollower", "Ilse Fenn", "followers", 41L).get(name);

    private static Command command(String word, Asker who, int pause, String answer, String... aliases) {
        return new Command(word.replaceAll("\\W", "c"), word, List.of(aliases), answer, who, pause, true);
    }

    private static TimedMessage timed(String id, int minutes, int lines, String... scenes) {
        return new TimedMessage(id, "It is " + id + ".", minutes, lines, List.of(scenes), true);
    }

    private static Bot answering(Command... commands) {
        return new Bot("lantern_bot", List.of(commands), List.of());
    }

    private static Bot saying(TimedMessage... timed) {
        return new Bot("lantern_bot", List.of(), List.of(timed));
    }

    private static Optional<String> answer(Bot bot, String line) {
        return BotMind.joining(BEGUN)
                .hear(bot, new BotMind.Line("Tavi Brook", Asker.EVERYBODY, line, BEGUN), QUIET)
                .answer();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "!hide | yes",
                "!HIDE | yes",
                "'  !hide  ' | yes",
                "!hide please | yes",
                "!where | yes",
                "!hides | no",
                "hide | no",
                "look: !hide | no",
                "!hi | no",
                "! hide | no",
                "!möwe | yes",
                // The same letter put together from two (Unicode, NFC; from memory).
                "!mo\u0308we | yes",
            })
    void aLineAsksByItsFirstWord(String line, String asked) {
        Bot bot = answering(
                command("!hide", Asker.EVERYBODY, 0, "Low Quay", "!where"),
                command("!Möwe", Asker.EVERYBODY, 0, "A gull"));
        assertThat(answer(bot, line).isPresent()).isEqualTo(asked.equals("yes"));
    }

    @Test
    void anAnswerShowsWhoAsksWhatElseTheyWriteAndWhatIsLive() {
        Bot bot = answering(
                command(
                        "!hello",
                        Asker.EVERYBODY,
                        0,
                        "{name} greets {rest}; {followers, plural, one {# friend} other {# friends}}, the latest {latestFollower}, {topTipper}"));
        assertThat(answer(bot, "!hello  the {name} of '{marsh}'"))
                .contains("Tavi Brook greets the {name} of '{marsh}'; 41 friends, the latest Ilse Fenn, –");
    }

    @Test
    void anAnswerThatGrowsBeyondALineOfTheChatIsShortened() {
        Bot bot = answering(command("!say", Asker.EVERYBODY, 0, "{rest} {rest}"));
        assertThat(answer(bot, "!say " + "owl ".repeat(100)).orElseThrow())
                .hasSizeBetween(490, 500)
                .endsWith("…");
    }

    @Test
    void onlyWhoMayIsAnswered() {
        Bot bot = answering(
                command("!all", Asker.EVERYBODY, 0, "all"),
                command("!some", Asker.SUPPORTERS, 0, "some"),
                command("!few", Asker.HELPERS, 0, "few"),
                command("!one", Asker.HOST, 0, "one"));
        Map<Asker, List<String>> expected = Map.of(
                Asker.EVERYBODY, List.of("all"),
                Asker.SUPPORTERS, List.of("all", "some"),
                Asker.HELPERS, List.of("all", "some", "few"),
                Asker.HOST, List.of("all", "some", "few", "one"));
        expected.forEach((who, answers) -> {
            List<String> heard = new ArrayList<>();
            List<String> refused = new ArrayList<>();
            for (String word : List.of("!all", "!some", "!few", "!one")) {
                BotMind.Reply reply =
                        BotMind.joining(BEGUN).hear(bot, new BotMind.Line("Wren", who, word, BEGUN), QUIET);
                reply.answer().ifPresentOrElse(heard::add, () -> refused.add(reply.why()));
            }
            assertThat(heard).as(who.title()).isEqualTo(answers);
            assertThat(refused).hasSize(4 - answers.size()).allMatch(why -> why.contains(" is for "));
        });
    }

    @Test
    void aCommandIsNotAnsweredAgainWhileItPauses() {
        Bot bot = answering(
                command("!hide", Asker.EVERYBODY, 30, "Low Quay", "!where"),
                command("!owl", Asker.EVERYBODY, 0, "Hoo"));
        BotMind mind = BotMind.joining(BEGUN);
        BotMind.Reply first = mind.hear(bot, line("!hide", 0), QUIET);
        assertThat(first.answer()).isPresent();
        BotMind.Reply early = first.mind().hear(bot, line("!where", 29_001), QUIET);
        assertThat(early.answer()).isEmpty();
        assertThat(early.why()).isEqualTo("!hide pauses for one more second.");
        assertThat(early.mind().hear(bot, line("!owl", 29_002), QUIET).answer())
                .as("the others do not pause")
                .isPresent();
        assertThat(early.mind().hear(bot, line("!hide", 30_000), QUIET).answer())
                .isPresent();
    }

    private static BotMind.Line line(String text, long after) {
        return new BotMind.Line("Tavi Brook", Asker.EVERYBODY, text, BEGUN + after);
    }

    @Test
    void aTimedMessageWaitsForItsTimeAndForLinesOfOthers() {
        Bot bot = saying(timed("tide", 10, 3));
        BotMind mind = BotMind.joining(BEGUN);
        for (int i = 0; i < 2; i++) {
            mind = mind.hear(bot, line("hello", i), QUIET).mind();
        }
        assertThat(mind.speak(bot, "", QUIET, BEGUN + 11 * MINUTE).text()).isEmpty();
        assertThat(mind.waiting(bot, "")).containsExactly(new BotMind.Waiting("tide", BEGUN + 10 * MINUTE, 1, false));
        mind = mind.hear(bot, line("hello", MINUTE), QUIET).mind();
        assertThat(mind.speak(bot, "", QUIET, BEGUN + 10 * MINUTE - 1).text()).isEmpty();
        BotMind.Said said = mind.speak(bot, "", QUIET, BEGUN + 10 * MINUTE);
        assertThat(said.text()).contains("It is tide.");
        mind = said.mind();
        assertThat(mind.speak(bot, "", QUIET, BEGUN + 30 * MINUTE).text())
                .as("its lines are counted anew")
                .isEmpty();
        for (int i = 0; i < 3; i++) {
            mind = mind.hear(bot, line("hello", 12 * MINUTE), QUIET).mind();
        }
        assertThat(mind.speak(bot, "", QUIET, BEGUN + 19 * MINUTE).text()).isEmpty();
        assertThat(mind.speak(bot, "", QUIET, BEGUN + 20 * MINUTE).text()).isPresent();
    }

    @Test
    void aTimedMessageIsSaidOnItsScenesOnlyAndOneAtATime() {
        Bot bot = saying(timed("desk", 5, 0, "desk"), timed("any", 6, 0));
        BotMind mind = BotMind.joining(BEGUN);
        long late = BEGUN + 60 * MINUTE;
        BotMind.Said first = mind.speak(bot, "desk", QUIET, late);
        assertThat(first.text()).as("which waited longest").contains("It is desk.");
        BotMind.Said second = first.mind().speak(bot, "desk", QUIET, late);
        assertThat(second.text()).contains("It is any.");
        assertThat(second.mind().speak(bot, "desk", QUIET, late).text()).isEmpty();
        assertThat(mind.speak(bot, "hide", QUIET, late).text()).contains("It is any.");
        assertThat(mind.waiting(bot, "hide")).extracting(BotMind.Waiting::scene).containsExactly(true, false);
    }

    @Test
    void whatIsSwitchedOffIsNeitherAnsweredNorSaid() {
        Bot bot = new Bot(
                "",
                List.of(new Command("a", "!a", List.of(), "A", Asker.EVERYBODY, 0, false)),
                List.of(new TimedMessage("t", "T", 1, 0, List.of(), false)));
        assertThat(answer(bot, "!a")).isEmpty();
        assertThat(BotMind.joining(BEGUN)
                        .speak(bot, "", QUIET, BEGUN + 99 * MINUTE)
                        .text())
                .isEmpty();
    }

    @Test
    void whatCannotBeSaidIsRefusedWithASentence() {
        assertThatThrownBy(() -> answering(command("!two words", Asker.EVERYBODY, 0, "x")))
                .isInstanceOf(Mistake.class)
                .hasMessageContaining("one word without blanks");
        assertThatThrownBy(() -> command("!a", Asker.EVERYBODY, -1, "x")).isInstanceOf(Mistake.class);
        assertThatThrownBy(() -> command("!a", Asker.EVERYBODY, 0, "x".repeat(501)))
                .isInstanceOf(Mistake.class);
        assertThatThrownBy(() -> command("!a", Asker.EVERYBODY, 0, "two\nlines"))
                .isInstanceOf(Mistake.class);
        assertThatThrownBy(() ->
                        answering(command("!a", Asker.EVERYBODY, 0, "x"), command("!b", Asker.EVERYBODY, 0, "x", "!A")))
                .isInstanceOf(Mistake.class)
                .hasMessage("Two commands answer to “!a”.");
        assertThatThrownBy(() -> timed("t", 0, 0)).isInstanceOf(Mistake.class);
        assertThatThrownBy(() -> timed("t", 1, -1)).isInstanceOf(Mistake.class);
    }
}
