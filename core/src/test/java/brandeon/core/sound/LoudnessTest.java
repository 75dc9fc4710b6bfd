package brandeon.core.sound;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Against the signals of EBU Tech 3341 that can be synthesised for two channels (from memory): 1 to 5 for integrated
 * loudness, 15 to 19 for true peak. Left out: 6 (five channels), 7 and 8 (recorded programmes), 9 to 14 (meters that
 * are read while they run), 20 to 23 (signals made at four times the rate).
 */
class LoudnessTest {

    private static final Offset<Double> WITHIN = offset(0.1);

    /** Tech 3341, 1 and 2. */
    @ParameterizedTest
    @ValueSource(doubles = {-23, -33})
    void aSteadyToneIsAsLoudAsItsLevel(double level) {
        assertThat(Loudness.of(Tones.steps(48_000, level, 20)).integrated()).isCloseTo(level, WITHIN);
    }

    /** Tech 3341, 3 to 5: what is softer than the gates does not count. */
    @Test
    void gatesLeaveOutWhatIsSoft() {
        assertThat(Loudness.of(Tones.steps(48_000, -36, 10, -23, 60, -36, 10)).integrated())
                .isCloseTo(-23, WITHIN);
        assertThat(Loudness.of(Tones.steps(48_000, -72, 10, -36, 10, -23, 60, -36, 10, -72, 10))
                        .integrated())
                .isCloseTo(-23, WITHIN);
        assertThat(Loudness.of(Tones.steps(48_000, -26, 20, -20, 20.1, -26, 20)).integrated())
                .isCloseTo(-23, WITHIN);
    }

    /** The same signal at other rates is as loud. */
    @ParameterizedTest
    @ValueSource(ints = {22_050, 32_000, 44_100, 96_000})
    void theRateDoesNotMatter(int rate) {
        assertThat(Loudness.of(Tones.steps(rate, -23, 20)).integrated()).isCloseTo(-23, WITHIN);
    }

    /** Tech 3341, 15 to 19, with its tolerance of +0.2 and −0.4 dB. */
    @ParameterizedTest
    @CsvSource({"0.5, 4, 0, -6", "0.5, 4, 45, -6", "0.5, 6, 60, -6", "0.5, 8, 67.5, -6", "1.41, 4, 45, 3"})
    void peaksBetweenSamplesAreFound(double amplitude, int part, double degrees, double peak) {
        assertThat(Loudness.of(Tones.sine(amplitude, part, degrees)).peak()).isBetween(peak - 0.4, peak + 0.2);
    }

    /** The tables of BS.1770-4 for 48 kHz. */
    @Test
    void theFiltersAreThoseOfTheStandard() {
        assertThat(coefficients(Loudness.shelf(48_000)))
                .usingComparatorWithPrecision(1e-9)
                .containsExactly(
                        1.53512485958697, -2.69169618940638, 1.19839281085285, -1.69065929318241, 0.73248077421585);
        assertThat(coefficients(Loudness.highPass(48_000)))
                .usingComparatorWithPrecision(1e-9)
                .containsExactly(1.0, -2.0, 1.0, -1.99004745483398, 0.99007225036621);
    }

    private static double[] coefficients(Biquad filter) {
        return new double[] {filter.b0(), filter.b1(), filter.b2(), filter.a1(), filter.a2()};
    }

    @Test
    void aBlipIsMeasuredThoughItIsShorterThanABlock() {
        double half = Loudness.of(Tones.steps(48_000, -20, 0.2)).integrated();

        // Half of the block is silent, so that its power is half (3 dB).
        assertThat(half).isCloseTo(-23, offset(0.2));
    }

    @Test
    void silenceIsNotMadeLouder() {
        Loudness silent = Loudness.of(Pcm.mono(new float[48_000], 48_000));

        assertThat(silent.integrated()).isEqualTo(Loudness.SILENT);
        assertThat(silent.gainTo(-23)).isZero();
    }

    @Test
    void aSoundComesToTheTargetUnlessItsPeaksHoldIt() {
        Pcm loud = Tones.steps(48_000, -12, 3);
        Loudness measured = Loudness.of(loud);
        Loudness played = Loudness.of(loud.amplified(Math.pow(10, measured.gainTo(-23) / 20)));
        assertThat(played.integrated()).isCloseTo(-23, WITHIN);
        assertThat(measured.shortOf(-23)).isZero();

        // One click in a soft tone.
        Pcm soft = Tones.steps(48_000, -40, 3);
        soft.left()[40_000] = 0.9f;
        Loudness clicking = Loudness.of(soft);
        Pcm brought = soft.amplified(Math.pow(10, clicking.gainTo(-23) / 20));
        assertThat(Loudness.of(brought).peak()).isCloseTo(Loudness.HIGHEST_PEAK, WITHIN);
        assertThat(clicking.shortOf(-23)).isCloseTo(-23 - Loudness.of(brought).integrated(), WITHIN);
    }

    /** ffmpeg's own meter (filter ebur128), for every sound that comes along and for tones with gates. */
    @Test
    void ffmpegMeasuresTheSame(@TempDir Path folder) throws Exception {
        List<Pcm> sounds = new java.util.ArrayList<>(ShippedSounds.list().stream()
                .map(one -> ShippedSounds.sound(one.id()))
                .toList());
        sounds.add(Tones.steps(44_100, -30, 3, -18, 2, -50, 4));
        for (Pcm sound : sounds) {
            Path file = folder.resolve("sound.wav");
            Files.write(file, Wav.write(sound));
            String said = said(
                    "ffmpeg",
                    "-hide_banner",
                    "-nostats",
                    "-i",
                    file.toString(),
                    "-filter_complex",
                    "ebur128=peak=true",
                    "-f",
                    "null",
                    "-");
            String summary = said.substring(said.lastIndexOf("Summary:"));
            Loudness ours = Loudness.of(sound);
            assertThat(ours.integrated()).isCloseTo(figure(summary, "I: +(-?[0-9.]+) LUFS"), offset(0.5));
            assertThat(ours.peak()).isCloseTo(figure(summary, "Peak: +(-?[0-9.]+) dBFS"), offset(0.5));
        }
    }

    private static double figure(String text, String pattern) {
        Matcher found = Pattern.compile(pattern).matcher(text);
        assertThat(found.find()).as(text).isTrue();
        return Double.parseDouble(found.group(1));
    }

    private static String said(String... command) throws Exception {
        Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
        String said = new String(process.getInputStream().readAllBytes());
        assertThat(process.waitFor()).as(said).isZero();
        return said;
    }
}
