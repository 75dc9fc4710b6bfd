package brandeon.core.bot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.demo.ReedlightHide;
import brandeon.core.problem.Mistake;
import brandeon.core.theme.Scene;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class BotFileTest {

    private static final Bot DEMO = ReedlightHide.theme().bot();
    private static final Map<String, String> SCENES =
            ReedlightHide.theme().scenes().stream().collect(Collectors.toMap(Scene::id, Scene::name));

    @Test
    void bothFilesSayAllThatThereIs() {
        assertThat(BotFile.read(BotFile.json(DEMO), SCENES)).isEqualTo(DEMO);
        BotFile.Merge back = BotFile.merged(DEMO, BotFile.read(BotFile.csv(DEMO, SCENES), SCENES), true);
        assertThat(back.bot()).isEqualTo(DEMO);
        assertThat(back.added()).isEmpty();
        assertThat(back.changed()).isEmpty();
        assertThat(back.left()).isEmpty();
    }

    /** Written by hand as a spreadsheet of another language saves it: semicolons, columns in another order, some gone. */
    @Test
    void aListFromASpreadsheetIsRead() {
        Bot read = BotFile.read("""
                \uFEFFtext;command;who may;every minutes;lines between;on scenes
                "Spoken; and ""quoted""\";!tide;helpers;;;
                The tide turns.;;;40;3;Hide, The desk
                """, Map.of("h", "Hide", "d", "The desk"));
        assertThat(read.commands())
                .containsExactly(
                        new Command("command-1", "!tide", List.of(), "Spoken; and \"quoted\"", Asker.HELPERS, 0, true));
        assertThat(read.timed())
                .containsExactly(new TimedMessage("timed-1", "The tide turns.", 40, 3, List.of("h", "d"), true));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "'command,text\n!a,fine\n!b c,no' | Line 3: “!b c” is no command",
                "'command,text\n!a,' | Line 2: An answer has 1 to 500 letters",
                "'command,text,pause in seconds\n!a,x,soon' | “soon” under “pause in seconds” is no whole number",
                "'command,text,who may\n!a,x,cats' | “cats” may not be who asks; that is one of everybody",
                "'command,text,on scenes\n,x,Moon' | There is no scene called “Moon”",
                "'command,text,on\n!a,x,maybe' | stands yes or no",
                "'what,command,text\nsong,!a,x' | “song” is neither a command nor a timed message",
                "'command,text\n!a,x\n!A,y' | Two commands answer to “!a”",
                "'word,answer\n!a,x' | needs the titles “command” and “text”",
                "'' | There is nothing in it",
                "'{\"format\":\"other\",\"version\":1,\"bot\":{\"name\":\"\",\"commands\":[],\"timed\":[]}}' | These are no commands",
                "'{' | This is not well formed",
            })
    void whatIsWrongIsToldWithItsLine(String text, String sentence) {
        assertThatThrownBy(() -> BotFile.read(text, SCENES))
                .isInstanceOf(Mistake.class)
                .hasMessageContaining(sentence);
    }

    @Test
    void whatIsBroughtInTakesThePlaceOfWhatAnswersToTheSameWord() {
        Bot before = new Bot(
                "b",
                List.of(
                        new Command("x", "!x", List.of("!ex"), "old", Asker.HOST, 9, true),
                        new Command("y", "!y", List.of(), "stays", Asker.EVERYBODY, 0, true)),
                List.of(new TimedMessage("t", "Hush.", 5, 0, List.of(), true)));
        Bot brought = new Bot(
                "",
                List.of(
                        new Command("command-1", "!EX", List.of(), "new", Asker.EVERYBODY, 0, true),
                        new Command("y", "!z", List.of(), "more", Asker.EVERYBODY, 0, true)),
                List.of(new TimedMessage("timed-1", "Hush.", 7, 1, List.of(), true)));
        BotFile.Merge merge = BotFile.merged(before, brought, false);
        assertThat(merge.bot().name()).isEqualTo("b");
        assertThat(merge.bot().commands())
                .extracting(Command::id, Command::word, Command::answer)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple("x", "!EX", "new"),
                        org.assertj.core.groups.Tuple.tuple("y", "!y", "stays"),
                        org.assertj.core.groups.Tuple.tuple("y-2", "!z", "more"));
        assertThat(merge.bot().timed()).containsExactly(new TimedMessage("t", "Hush.", 7, 1, List.of(), true));
        assertThat(merge.added()).containsExactly("!z");
        assertThat(merge.changed()).containsExactly("!EX", "Hush.");
        assertThat(merge.left()).containsExactly("!y");
        assertThat(BotFile.merged(before, brought, true).bot().commands())
                .extracting(Command::word)
                .containsExactly("!EX", "!z");
    }
}
