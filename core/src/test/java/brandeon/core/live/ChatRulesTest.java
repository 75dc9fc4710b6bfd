package brandeon.core.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.problem.Mistake;
import brandeon.core.text.TextRow;
import java.util.Collections;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What of the chat is shown. */
class ChatRulesTest {

    private static final ChatRules RULES = ChatRules.STANDARD.with(List.of(" Heron ", "größe", "c++"), true);

    private static String shown(ChatRules rules, String text) {
        return rules.shown(new ChatLine("1", 0, "Ilse", text)).orElseThrow().text();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            a heron!            | a •••!
            HERON heron         | ••• •••
            herons are fine     | herons are fine
            die GRÖSSE, GRÖßE   | die GRÖSSE, •••
            I like c++.         | I like •••.
            """)
    void wholeWordsAreHiddenWhateverTheirCase(String said, String seen) {
        assertThat(shown(RULES, said)).isEqualTo(seen);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "https://reedlight.example/a?b=c#d",
                "HTTP://REEDLIGHT.EXAMPLE",
                "www.reedlight.example",
                "reedlight.example",
                "a.b.reedlight.example/notes",
                "reed-light.example:8080/x",
                "schöne-vögel.example"
            })
    void whatLooksLikeAnAddressIsHidden(String address) {
        assertThat(shown(RULES, "see " + address + " there")).isEqualTo("see (link) there");
        assertThat(shown(RULES.with(List.of(), false), "see " + address)).isEqualTo("see " + address);
    }

    @ParameterizedTest
    @ValueSource(strings = {"7.5 km away", "Wait... what?", "at 19:30", "No. Never", "2.000 birds", "he said: yes/no"})
    void whatIsNoneStays(String text) {
        assertThat(shown(RULES, text)).isEqualTo(text);
    }

    @Test
    void nothingOfWhoIsHushedIsShownUntilTheyAreHeardAgain() {
        ChatLine line = new ChatLine("1", 0, "Ilse", "Hello");
        ChatRules hushed = RULES.hushing("Ilse", true);
        assertThat(hushed.shown(line)).isEmpty();
        assertThat(hushed.shown(new ChatLine("2", 0, "Oskar", "Hello"))).isPresent();
        assertThat(hushed.hushing("Ilse", true).hushed()).containsExactly("Ilse");
        assertThat(hushed.hushing("Ilse", false).shown(line)).isPresent();
    }

    @Test
    void aSingleLineIsHidden() {
        ChatRules rules = RULES.hiding("1", true);
        assertThat(rules.shown(new ChatLine("1", 0, "Ilse", "Hello"))).isEmpty();
        assertThat(rules.shown(new ChatLine("2", 0, "Ilse", "Hello"))).isPresent();
        assertThat(rules.hiding("1", false).shown(new ChatLine("1", 0, "Ilse", "Hello")))
                .isPresent();
        ChatRules many = IntStream.range(0, 900)
                .boxed()
                .reduce(RULES, (before, i) -> before.hiding("line " + i, true), (a, b) -> b);
        assertThat(many.hidden()).hasSizeLessThan(300).last().isEqualTo("line 899");
    }

    @Test
    void tooMuchIsRefused() {
        List<String> many = IntStream.range(0, 301).mapToObj(i -> "word" + i).toList();
        assertThatThrownBy(() -> RULES.with(many, true)).isInstanceOf(Mistake.class);
        assertThat(RULES.with(Collections.nCopies(301, "same"), true).words()).containsExactly("same");
        assertThatThrownBy(() -> RULES.with(List.of("x".repeat(61)), true)).isInstanceOf(Mistake.class);
        assertThatThrownBy(() -> RULES.hushing(" ", true)).isInstanceOf(Mistake.class);
    }

    @Test
    void textsAndPanelsShowWhatTheRulesLeave() {
        Tally tally = Tally.NONE.with(
                List.of(chat("1", "Ilse", "a heron"), chat("2", "Oskar", "hello"), chat("3", "Wren", "hi")),
                Counting.STANDARD,
                50);
        ChatRules rules = RULES.hushing("Oskar", true);
        Readings readings = tally.readings(Counting.STANDARD, rules, 60);

        assertThat(readings.values().get("chatLines"))
                .isEqualTo(List.of(new TextRow("Ilse", "a •••"), new TextRow("Wren", "hi")));
        assertThat(readings.values().get(Readings.CHAT))
                .asInstanceOf(org.assertj.core.api.InstanceOfAssertFactories.list(ChatLine.class))
                .extracting(ChatLine::at)
                .containsExactly(10L, 30L);
        assertThat(tally.chat()).as("what came is kept").hasSize(3);
        assertThat(Tally.of(tally.kept())).isEqualTo(tally);
    }

    private static Signal chat(String id, String name, String text) {
        return new Signal(
                id, "", SignalKind.CHAT, name, 0, "", 0, "", text, "", false, false, false, Long.parseLong(id) * 10);
    }
}
