package brandeon.core.pack;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import brandeon.core.demo.ReedlightHide;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Theme;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class JsonTest {

    @Test
    void aThemeComesBackAsItWas() {
        assertThat(Json.read(Json.write(ReedlightHide.theme()), Theme.class)).isEqualTo(ReedlightHide.theme());
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "",
                "[]",
                "{\"edit\":\"paint\"}",
                "{\"edit\":\"rename\"}",
                "{\"edit\":\"rename\",\"name\":null}",
                "{\"edit\":\"rename\",\"name\":\"A\",\"colour\":\"red\"}",
                "{\"edit\":\"setSeed\",\"index\":\"one\",\"colour\":\"#000\"}",
                "{\"edit\":\"setSeed\",\"index\":0,\"colour\":\"lantern\"}",
                "{\"edit\":\"rename\",\"name\":\"A\"} {}",
                "{\"edit\":\"setBox\",\"scene\":\"hide\",\"piece\":\"band\",\"canvas\":\"wide\",\"box\":{\"x\":0,\"y\":0,\"width\":-5,\"height\":1}}"
            })
    void whatIsNoEditIsRefusedWithASentence(String text) {
        assertThatThrownBy(() -> Json.read(text, Edit.class))
                .isInstanceOf(IllegalArgumentException.class)
                .message()
                .hasSizeGreaterThan(10);
    }
}
