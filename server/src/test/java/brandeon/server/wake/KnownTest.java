package brandeon.server.wake;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class KnownTest {

    private final Known<String, Integer> known = new Known<>(_ -> 0, Math::max);
    private int reads;

    private int read(int value) {
        reads++;
        return value;
    }

    @Test
    void whatWasReadIsKeptUntilItIsSaidToHaveChanged() {
        assertThat(known.get("a", _ -> read(1))).isEqualTo(1);
        assertThat(known.get("a", _ -> read(2))).isEqualTo(1);
        known.forget("a");
        assertThat(known.get("a", _ -> read(3))).isEqualTo(3);
        assertThat(reads).isEqualTo(2);
    }

    @Test
    void whatWasReadBeforeAChangeIsNotKeptAfterIt() {
        assertThat(known.get("a", _ -> {
                    known.forget("a");
                    return read(1);
                }))
                .isEqualTo(1);
        assertThat(known.get("a", _ -> read(2))).isEqualTo(2);
    }

    @Test
    void whatIsNotThereIsAskedForAgain() {
        assertThat(known.find("a", _ -> Optional.empty())).isEmpty();
        assertThat(known.find("a", _ -> Optional.of(read(2)))).contains(2);
    }

    @Test
    void theNewerOneStays() {
        known.put("a", 5);
        known.put("a", 4);
        known.put("b", 6);
        known.forgetIf(key -> key.equals("b"));
        assertThat(known.get("a", _ -> read(1))).isEqualTo(5);
        assertThat(known.get("b", _ -> read(1))).isEqualTo(1);
        known.forgetAll();
        assertThat(known.get("a", _ -> read(2))).isEqualTo(2);
    }

    @Test
    void noMoreIsKeptThanThereIsRoomFor() {
        Known<Integer, String> small = new Known<>(text -> 2 * text.length(), (_, later) -> later, 100_000);
        String text = "x".repeat(5000);
        for (int i = 0; i < 100; i++) {
            small.put(i, text);
        }
        AtomicInteger read = new AtomicInteger();
        for (int i = 0; i < 100; i++) {
            small.get(i, _ -> {
                read.incrementAndGet();
                return text;
            });
        }
        assertThat(read).as("each takes a tenth of it").hasValueGreaterThanOrEqualTo(91);
    }
}
