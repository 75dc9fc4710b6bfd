package brandeon.core.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.SplittableRandom;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class RecoveryCodeTest {

    @Test
    void theyAreReadOffAPaperWithoutDoubt() {
        SplittableRandom random = new SplittableRandom(3);
        var codes = Stream.generate(() -> RecoveryCode.fresh(random)).limit(500).toList();
        assertThat(codes)
                .allMatch(code -> code.matches("([0-9a-z]{5}-){3}[0-9a-z]{5}"))
                .doesNotHaveDuplicates();
        assertThat(codes.stream()
                        .flatMapToInt(String::chars)
                        .mapToObj(c -> (char) c)
                        .collect(Collectors.toSet()))
                .as("all letters but those that look like others, and the dash")
                .hasSize(33)
                .doesNotContain('i', 'l', 'o', 'u');
    }

    @Test
    void howeverItIsTypedItIsTheSame() {
        assertThat(RecoveryCode.plain(" K3V9Q o1234-ABCDE Il0oO "))
                .isEqualTo(RecoveryCode.plain("k3v9q-01234-abcde-11000"))
                .isEqualTo("k3v9q01234abcde11000");
    }
}
