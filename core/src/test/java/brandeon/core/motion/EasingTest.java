package brandeon.core.motion;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class EasingTest {

    /** CSS Easing 1: a cubic Bézier starts at 0, ends at 1, and with its handles on the diagonal is linear. */
    @Test
    void endsAndTheDiagonalAreExact() {
        for (Easing easing : new Easing[] {
            Easing.LINEAR, Easing.EASE_IN, Easing.EASE_OUT, Easing.EASE_IN_OUT, Easing.ARRIVE, Easing.LEAVE
        }) {
            assertThat(easing.at(0)).isZero();
            assertThat(easing.at(1)).isEqualTo(1);
        }
        assertThat(Easing.LINEAR.at(0.37)).isEqualTo(0.37, within(1e-6));
    }

    /**
     * ease-in-out is point-symmetric about its middle, ease-out is ease-in turned round (they share their handles in
     * CSS Easing 1).
     */
    @Test
    void symmetriesHold() {
        assertThat(Easing.EASE_IN_OUT.at(0.5)).isEqualTo(0.5, within(1e-6));
        for (double p = 0.1; p < 1; p += 0.1) {
            assertThat(Easing.EASE_OUT.at(p)).isEqualTo(1 - Easing.EASE_IN.at(1 - p), within(1e-6));
        }
    }

    @Test
    void handlesOutsideTheTimeAreRefused() {
        assertThatThrownBy(() -> new Easing(1.2, 0, 0.5, 1)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void eachHandleHasItsLimits() {
        assertThat(new Easing(0, -3, 1, 4).css()).isEqualTo("cubic-bezier(0.0,-3.0,1.0,4.0)");
        for (double[] wrong : new double[][] {{-0.01, 1}, {1.01, 1}, {0, -0.01}, {0, 1.01}, {Double.NaN, 1}}) {
            assertThatThrownBy(() -> new Easing(wrong[0], 0, wrong[1], 1)).hasMessageContaining("between 0 and 1");
        }
        assertThat(Easing.EASE_IN.at(-0.5)).as("before its start").isZero();
        assertThat(Easing.EASE_IN.at(1.5)).as("after its end").isEqualTo(1);
    }
}
