package brandeon.core.text;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;

class MessageCheckTest {

    private static final Map<String, ValueType> KNOWN =
            Map.of("latestFollower", ValueType.TEXT, "followers", ValueType.NUMBER, "latestMonths", ValueType.NUMBER);

    @Test
    void wellFormedTextsHaveNoMistake() {
        for (String text : new String[] {
            "",
            "No braces at all",
            "Hello {latestFollower}",
            "{followers, plural, one {# heron} other {# herons}}",
            "A brace '{' as a letter, isn't it"
        }) {
            assertThat(MessageCheck.mistake(text, KNOWN)).as(text).isEmpty();
        }
    }

    @Test
    void aMisspeltValueIsNamedWithTheOneThatWasMeant() {
        assertThat(MessageCheck.mistake("Hello {latestFolower}", KNOWN))
                .hasValueSatisfying(
                        mistake -> assertThat(mistake).contains("latestFolower").contains("{latestFollower}"));
        assertThat(MessageCheck.mistake("{weatherOnTheMoon}", KNOWN))
                .hasValueSatisfying(mistake ->
                        assertThat(mistake).contains("weatherOnTheMoon").doesNotContain("did you mean"));
    }

    @Test
    void bracesThatDoNotMatchAreSaidPlainly() {
        assertThat(MessageCheck.mistake("Hello {latestFollower", KNOWN))
                .hasValueSatisfying(mistake -> assertThat(mistake).contains("not closed"));
        assertThat(MessageCheck.mistake("Hello latestFollower} there", KNOWN))
                .hasValueSatisfying(mistake -> assertThat(mistake).contains("closes nothing"));
        assertThat(MessageCheck.mistake("{followers, plural, one {#}}", KNOWN))
                .as("ICU asks for the case other")
                .isPresent();
    }
}
