package brandeon.core.account;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class DeviceTest {

    /** As browsers write themselves: from memory, but for the first, which Debian's Chromium sends. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "Mozilla/5.0 (X11; Linux x86_64) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/140.0.0.0 Safari/537.36"
                        + "|Chrome on Linux",
                "Mozilla/5.0 (Windows NT 10.0; Win64; x64; rv:140.0) Gecko/20100101 Firefox/140.0|Firefox on Windows",
                "Mozilla/5.0 (Macintosh; Intel Mac OS X 10_15_7) AppleWebKit/605.1.15 (KHTML, like Gecko) Version/18.0"
                        + " Safari/605.1.15|Safari on macOS",
                "Mozilla/5.0 (iPhone; CPU iPhone OS 18_0 like Mac OS X) AppleWebKit/605.1.15 (KHTML, like Gecko)"
                        + " Version/18.0 Mobile/15E148 Safari/604.1|Safari on an iPhone",
                "Mozilla/5.0 (Windows NT 10.0; Win64; x64) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/140.0.0.0"
                        + " Safari/537.36 Edg/140.0.0.0|Edge on Windows",
                "Mozilla/5.0 (Linux; Android 10; K) AppleWebKit/537.36 (KHTML, like Gecko) Chrome/140.0.0.0 Mobile"
                        + " Safari/537.36|Chrome on Android",
                "Java-http-client/25|Something else than a browser"
            })
    void aBrowserIsKnownByItsOwnNameAndNotByThoseThatItClaims(String sent, String named) {
        assertThat(Device.named(sent)).isEqualTo(named);
    }

    @org.junit.jupiter.api.Test
    void nothingIsSomethingElse() {
        assertThat(Device.named("")).isEqualTo("Something else than a browser");
    }
}
