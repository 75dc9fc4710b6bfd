package brandeon.core.theme;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.junit.jupiter.api.Test;

class CopyNameTest {

    @Test
    void tellsCopiesApart() {
        assertThat(CopyName.of("Marsh House", Set.of("Marsh House"))).isEqualTo("Marsh House, copy");
        assertThat(CopyName.of("Marsh House", Set.of("Marsh House, copy", "Marsh House, copy 2")))
                .isEqualTo("Marsh House, copy 3");
    }

    @Test
    void aLongNameIsCutAndNoLetterIsCutInTwo() {
        String otters = "🦦".repeat(60);
        String copy = CopyName.of(otters, Set.of());
        assertThat(copy).endsWith("🦦, copy").hasSizeLessThanOrEqualTo(120);
        assertThat(copy.replace(", copy", "").codePoints()).containsOnly("🦦".codePointAt(0));
        assertThat(CopyName.of("r".repeat(120), Set.of())).hasSize(120).endsWith("r, copy");
        assertThat(CopyName.of("x" + otters.substring(0, 118), Set.of())).endsWith("🦦, copy");
    }
}
