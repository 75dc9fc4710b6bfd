package brandeon.core.sound;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ShippedSoundsTest {

    @Test
    void aDozenSoundsComeAlongThatCanBeBroughtToTheStandard() {
        assertThat(ShippedSounds.list()).hasSizeGreaterThanOrEqualTo(12);
        for (ShippedSounds.Shipped one : ShippedSounds.list()) {
            Pcm sound = ShippedSounds.sound(one.id());
            Loudness loudness = ShippedSounds.loudness(one.id());
            assertThat(sound.millis()).as(one.title()).isBetween(400, 3000);
            assertThat(loudness.integrated()).as(one.title()).isBetween(-30.0, -5.0);
            assertThat(loudness.shortOf(Loudness.STANDARD_TARGET))
                    .as(one.title())
                    .isZero();
        }
    }

    /** No click at either end: what is heard begins and ends in silence. */
    @Test
    void theyBeginAndEndSoftly() {
        for (ShippedSounds.Shipped one : ShippedSounds.list()) {
            float[] samples = ShippedSounds.sound(one.id()).left();
            assertThat(Math.abs(samples[0])).as(one.title()).isLessThan(0.01f);
            assertThat(Math.abs(samples[samples.length - 1])).as(one.title()).isLessThan(0.01f);
        }
    }

    @Test
    void theyAreMadeTheSameEachTimeAndNoTwoAreAlike() {
        Set<Integer> seen = new HashSet<>();
        for (ShippedSounds.Shipped one : ShippedSounds.list()) {
            float[] again = one.made().get().left();
            assertThat(again).isEqualTo(ShippedSounds.sound(one.id()).left());
            assertThat(seen.add(java.util.Arrays.hashCode(again)))
                    .as(one.title())
                    .isTrue();
        }
    }
}
