package brandeon.core.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.offset;

import brandeon.core.problem.Mistake;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class WavTest {

    @TempDir
    private Path folder;

    @Test
    void whatIsWrittenIsReadAgain() {
        Pcm bell = ShippedSounds.sound("bell");

        Pcm read = Wav.read(Wav.write(bell)).orElseThrow();

        assertThat(read.rate()).isEqualTo(bell.rate());
        assertThat(read.left()).hasSameSizeAs(bell.left());
        for (int i = 0; i < bell.left().length; i += 97) {
            assertThat(read.left()[i]).isCloseTo(bell.left()[i], offset(1 / 32_000f));
        }
    }

    /** Files that ffmpeg wrote, in every plain form. */
    @ParameterizedTest
    @ValueSource(strings = {"pcm_u8", "pcm_s16le", "pcm_s24le", "pcm_s32le", "pcm_f32le"})
    void plainFormsOfAnotherProgramAreRead(String codec) throws Exception {
        for (int channels = 1; channels <= 2; channels++) {
            Path file = folder.resolve("tone.wav");
            run(
                    "ffmpeg",
                    "-y",
                    "-v",
                    "error",
                    "-f",
                    "lavfi",
                    "-i",
                    "sine=frequency=1000:sample_rate=44100:duration=1",
                    "-ac",
                    String.valueOf(channels),
                    "-c:a",
                    codec,
                    file.toString());

            Pcm tone = Wav.read(Files.readAllBytes(file)).orElseThrow();

            assertThat(tone.rate()).isEqualTo(44_100);
            assertThat(tone.millis()).isEqualTo(1000);
            // ffmpeg's sine has an amplitude of 1/8, and it takes 3 dB off when it makes two channels of one.
            double peak = channels == 1 ? -18.06 : -21.07;
            assertThat(Loudness.of(tone).peak()).isCloseTo(peak, offset(codec.equals("pcm_u8") ? 0.7 : 0.1));
            assertThat(tone.right()).isEqualTo(tone.left());
        }
    }

    @Test
    void whatIsNoPlainWavIsLeftToOthers() throws Exception {
        Path packed = folder.resolve("packed.wav");
        run("ffmpeg", "-v", "error", "-f", "lavfi", "-i", "sine=duration=0.2", "-c:a", "adpcm_ms", packed.toString());

        assertThat(Wav.read(Files.readAllBytes(packed))).isEmpty();
        assertThat(Wav.read("RIFF".getBytes(StandardCharsets.US_ASCII))).isEmpty();
    }

    @Test
    void whatIsTooLongOrNothingIsRefusedWithASentence() {
        assertThatThrownBy(() -> Wav.read(Wav.write(Pcm.mono(new float[8000 * 31], 8000))))
                .isInstanceOf(Mistake.class)
                .hasMessageContaining("30 seconds");
        byte[] empty = Arrays.copyOf(Wav.write(ShippedSounds.sound("drop")), 44);
        empty[40] = empty[41] = empty[42] = empty[43] = 0;
        assertThatThrownBy(() -> Wav.read(empty)).isInstanceOf(Mistake.class);
    }

    /** Whatever bytes come: a sound, nothing, or a sentence. */
    @Test
    void brokenFilesAreAnsweredAsSuch() {
        byte[] good = Arrays.copyOf(Wav.write(ShippedSounds.sound("drop")), 2000);
        Random random = new Random(7);
        for (int i = 0; i < 2000; i++) {
            byte[] broken = good.clone();
            for (int j = 0; j < 3; j++) {
                broken[4 + random.nextInt(44)] = (byte) random.nextInt();
            }
            try {
                Wav.read(broken);
            } catch (Mistake e) {
                assertThat(e).hasMessageEndingWith(".");
            }
        }
    }

    private static void run(String... command) throws Exception {
        Process process = new ProcessBuilder(command).inheritIO().start();
        assertThat(process.waitFor()).isZero();
    }
}
