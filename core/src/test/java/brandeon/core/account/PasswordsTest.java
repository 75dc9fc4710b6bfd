package brandeon.core.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.problem.Mistake;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PasswordsTest {

    private static final List<String> ILSE = List.of("Ilse Fenn", "ilse.fenn@reedlight.example");

    private static Passwords.Judged judged(String password) {
        return Passwords.judged(password, ILSE);
    }

    @Test
    void lengthIsToldAsItIsTyped() {
        assertThat(judged("").taken()).isFalse();
        assertThat(judged("").words()).startsWith("At least 12 letters");
        assertThat(judged("heron").words()).isEqualTo("5 of at least 12 letters.");
        assertThat(judged("🪶🪶🪶🪶🪶").words())
                .as("letters, not halves of them")
                .startsWith("5 of");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "passwordpassword",
                "aaaaaaaaaaaa",
                "123456789012",
                "qwertyuiopas",
                "abcdefghijkl",
                "ilsefennilse",
                "Ilse.Fenn.Reedlight"
            })
    void whatIsTriedFirstIsRefused(String password) {
        assertThat(judged(password)).extracting(Passwords.Judged::taken).isEqualTo(false);
        assertThatThrownBy(() -> Passwords.require(password, ILSE))
                .isInstanceOf(Mistake.class)
                .hasMessageContaining("will not do");
    }

    /** On lists of the most common passwords (from memory), and long enough. */
    @ParameterizedTest
    @ValueSource(strings = {"passwordpassword", "unbelievable", "Unbelievable", "111111111111"})
    void theMostCommonAreNotTaken(String password) {
        assertThat(judged(password).taken()).isFalse();
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "four reeds and a lantern",
                "wren-kettle-39-sluice",
                "Kä7!mvQz2#pL",
                "tide comes in at nine past",
            })
    void whatTakesManyGuessesIsTakenWhateverItIsMadeOf(String password) {
        assertThat(judged(password)).extracting(Passwords.Judged::taken).isEqualTo(true);
        Passwords.require(password, ILSE);
    }

    @Test
    void longerThanWhatIsReadIsRefused() {
        assertThat(judged("sluice gate ".repeat(6)).taken())
                .as("72 bytes: " + judged("sluice gate ".repeat(6)).words())
                .isTrue();
        assertThat(judged("sluice gate ".repeat(6) + "x").words()).contains("At most 72");
        assertThat(judged("ä".repeat(37)).words()).contains("At most 72");
        assertThat(judged("sluice\u0000gate and heron").taken()).isFalse();
    }
}
