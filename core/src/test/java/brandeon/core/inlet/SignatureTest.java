package brandeon.core.inlet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.inlet.Signature.Encoding;
import brandeon.core.inlet.Signature.Method;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class SignatureTest {

    /** RFC 4231, section 4.3 (test case 2), from memory. */
    private static final String KEY = "Jefe";

    private static final byte[] DATA = "what do ya want for nothing?".getBytes(StandardCharsets.UTF_8);
    private static final String CODE = "5bdcc146bf60754e6a042426089575c75a003f089d2739839dec58b964ec3843";
    private static final String BASE64 = "W9zBRr9gdU5qBCQmCJV1x1oAPwidJzmDnexYuWTsOEM=";

    @Test
    void itIsTheCodeOfTheStandard() {
        assertThat(new Signature(Method.HMAC_SHA256, "X-Sign", Encoding.HEX, "").of(KEY, DATA))
                .isEqualTo(CODE);
        assertThat(new Signature(Method.HMAC_SHA256, "X-Sign", Encoding.HEX, "sha256=").of(KEY, DATA))
                .isEqualTo("sha256=" + CODE);
        assertThat(new Signature(Method.HMAC_SHA256, "X-Sign", Encoding.BASE64, "v1,").of(KEY, DATA))
                .isEqualTo("v1," + BASE64);
    }

    @Test
    void onlyTheRightOneProves() {
        Signature hex = new Signature(Method.HMAC_SHA256, "X-Sign", Encoding.HEX, "sha256=");
        assertThat(hex.proves("sha256=" + CODE, KEY, DATA)).isTrue();
        assertThat(hex.proves(" sha256=" + CODE.toUpperCase(java.util.Locale.ROOT) + " ", KEY, DATA))
                .isTrue();
        for (String wrong : new String[] {"", CODE, "sha256=", "sha256=" + CODE.replace('5', '6'), "sha1=" + CODE}) {
            assertThat(hex.proves(wrong, KEY, DATA)).as(wrong).isFalse();
        }
        assertThat(hex.proves("sha256=" + CODE, "jefe", DATA)).isFalse();
        Signature base64 = new Signature(Method.HMAC_SHA256, "X-Sign", Encoding.BASE64, "");
        assertThat(base64.proves(BASE64, KEY, DATA)).isTrue();
        assertThat(base64.proves(BASE64.toLowerCase(java.util.Locale.ROOT), KEY, DATA))
                .isFalse();
        assertThat(Signature.NONE.proves("", KEY, DATA))
                .as("the address is the secret")
                .isTrue();
    }

    /** RFC 9110, section 5.1. */
    @ParameterizedTest
    @ValueSource(strings = {"", "X Sign", "X-Sign:", "X\r\nY", "ü"})
    void aHeaderHasANameThatCanBeSent(String header) {
        assertThatThrownBy(() -> new Signature(Method.HMAC_SHA256, header, Encoding.HEX, ""))
                .hasMessageContaining("header");
    }
}
