package brandeon.core.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.ibm.icu.text.MessageFormat;
import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class MessageTest {

    private static final Map<String, ValueType> TYPES = Map.of(
            "name",
            ValueType.TEXT,
            "level",
            ValueType.TEXT,
            "months",
            ValueType.NUMBER,
            "amount",
            ValueType.NUMBER,
            "rows",
            ValueType.LIST);

    /** Reference: ICU4J's own MessageFormat, over random patterns of what is taken here. */
    @Test
    void saysWhatIcuSays() {
        Random random = new Random(3);
        for (int i = 0; i < 4000; i++) {
            String pattern = pattern(random, 2);
            Map<String, Object> values = new HashMap<>(Map.of(
                    "name",
                    pick(random, "Ilse Fenn", "{name}", "o'clock", "🦉 Wren"),
                    "level",
                    pick(random, "1", "two", ""),
                    "rows",
                    "a | b\nc | d"));
            values.put("months", random.nextInt(4) == 0 ? 1 : random.nextInt(2000));
            values.put(
                    "amount",
                    random.nextBoolean() ? (Number) random.nextLong(3_000_000) : (Number) (random.nextInt(400) / 8.0));
            if (pattern.chars().filter(c -> c == '{').count() > 60) {
                continue;
            }
            Message message = new Message(pattern);
            assertThat(message.mistake(TYPES)).as(pattern).isEmpty();
            assertThat(message.format(values))
                    .as(pattern)
                    .isEqualTo(new MessageFormat(pattern, Locale.ENGLISH).format(values));
        }
    }

    /** Each of these took seconds and gigabytes, or put an error on air once a value came. */
    @ParameterizedTest
    @ValueSource(
            strings = {
                "{amount,number,::scale/1E99999999}",
                "{amount,number,::.000000000000000000000000000000000000000000000}",
                "{amount,number,::integer-width/*999999999}",
                "{amount,number,#,##0.0000000000000000000000000000}",
                "{amount,spellout}",
                "{amount,date}",
                "{amount,number,::currency/XXZ}",
                "{amount,choice,0#none|1#one}",
                "{name, plural, one {#} other {#}}",
                "{name,number}",
                "{rows, select, a {b} other {c}}",
                "{months, select, 1 {b} other {c}}",
                "{level, selectordinal, other {#}}"
            })
    void whatCostsTooMuchOrDoesNotFitItsValueIsNotTaken(String pattern) {
        Assertions.assertThat(new Message(pattern).mistake(TYPES)).isPresent();
    }

    @Test
    void nestingAndNumberOfValuesHaveALimit() {
        String deep = "{months, plural, other {".repeat(6) + "x" + "}}".repeat(6);
        assertThat(new Message(deep).mistake(TYPES))
                .hasValueSatisfying(m -> assertThat(m).contains("levels of braces"));
        assertThat(new Message("{name}".repeat(80)).mistake(TYPES))
                .hasValueSatisfying(m -> assertThat(m).contains("at most 60 values"));
        assertThatThrownBy(() -> new Message("x".repeat(2001))).hasMessageContaining("at most 2000 letters");
    }

    /** Whatever somebody writes, what is taken ends soon, is short, and never fails for values of the right types. */
    @Test
    void whateverIsTakenIsShortAndQuick() {
        Random random = new Random(11);
        Map<String, Object> values = Map.of(
                "name",
                "x".repeat(20_000),
                "level",
                "",
                "months",
                Integer.MAX_VALUE,
                "amount",
                Long.MAX_VALUE,
                "rows",
                "row\n".repeat(5000));
        String[] pieces = {
            "{",
            "}",
            "'",
            "#",
            "|",
            "name",
            "months",
            "amount",
            "rows",
            ",",
            "plural",
            "select",
            "number",
            "selectordinal",
            "choice",
            "other",
            "one",
            "=1",
            "offset:1",
            " ",
            "::",
            "scale/1E99999999",
            "integer-width/+000000000",
            ".00",
            "{amount}",
            "{name}",
            "{months, plural, one {#} other {# {name}}}",
            "{amount, number, ::",
            "é",
            "\ud83e\udd89",
            "E0",
            "%x100",
            "percent"
        };
        int taken = 0;
        for (int i = 0; i < 20_000; i++) {
            StringBuilder text = new StringBuilder();
            for (int n = random.nextInt(14); n >= 0; n--) {
                text.append(pieces[random.nextInt(pieces.length)]);
            }
            if (MessageCheck.mistake(text.toString(), TYPES).isEmpty()) {
                taken++;
                long before = System.nanoTime();
                String said = new Message(text.toString()).format(values);
                assertThat(Duration.ofNanos(System.nanoTime() - before))
                        .as(text.toString())
                        .isLessThan(Duration.ofSeconds(2));
                assertThat(said.length()).as(text.toString()).isLessThanOrEqualTo(Message.LONGEST_TEXT);
            }
        }
        assertThat(taken).as("else nothing was looked at").isGreaterThan(1000);
    }

    @Test
    void aTextThatIsTooLongIsCutBetweenLetters() {
        String said = new Message("a{name}").format(Map.of("name", "🦉".repeat(3000)));
        assertThat(said)
                .hasSizeLessThanOrEqualTo(Message.LONGEST_TEXT)
                .endsWith("🦉")
                .doesNotContain("�");
        assertThat(Character.isHighSurrogate(said.charAt(said.length() - 1))).isFalse();
    }

    @Test
    void whatIsNotKnownIsADash() {
        assertThat(new Message("Thanks, {nobody}; {none, plural, one {# heron} other {# herons}}").format(Map.of()))
                .isEqualTo("Thanks, –; 0 herons");
    }

    private static String pattern(Random random, int depth) {
        StringBuilder text = new StringBuilder();
        for (int n = random.nextInt(4) + 1; n > 0; n--) {
            text.append(
                    switch (random.nextInt(depth == 0 ? 5 : 9)) {
                        case 0 -> pick(random, "Hello ", "isn't it ", "a '{' b ", "'' ", "one # two ", "é🦉 ");
                        case 1 -> "{" + pick(random, "name", "level", "rows", "months", "amount") + "}";
                        case 2 -> "{amount, number}";
                        case 3 -> "{amount, number, " + pick(random, "integer", "percent") + "}";
                        case 4 ->
                            "{amount, number, ::"
                                    + pick(
                                            random,
                                            "compact-short",
                                            "group-off",
                                            ".00",
                                            ".#",
                                            "currency/EUR",
                                            "percent",
                                            "currency/JPY .00",
                                            "sign-always")
                                    + "}";
                        case 5 ->
                            "{months, plural, one {" + pattern(random, depth - 1) + "} other {#"
                                    + pattern(random, depth - 1) + "}}";
                        case 6 ->
                            "{months, plural, offset:1 =0 {none} =1 {" + pattern(random, depth - 1)
                                    + "} one {# and you} other {" + pattern(random, depth - 1) + "#}}";
                        case 7 ->
                            "{level, select, two {" + pattern(random, depth - 1) + "} other {"
                                    + pattern(random, depth - 1) + "}}";
                        default ->
                            "{months, selectordinal, one {#st} two {#nd} few {#rd} other {" + pattern(random, depth - 1)
                                    + "#th}}";
                    });
        }
        return text.toString();
    }

    private static String pick(Random random, String... texts) {
        return List.of(texts).get(random.nextInt(texts.length));
    }
}
