package brandeon.core.sound;

import java.util.ArrayList;
import java.util.List;

/**
 * How loud a sound is (ITU-R BS.1770-4).
 *
 * @param integrated programme loudness with both gates, in LUFS; no lower than {@link #SILENT}
 * @param peak       true peak, in dBTP; no lower than {@link #SILENT}
 */
public record Loudness(double integrated, double peak) {

    /** The absolute gate: what is softer counts as silence. */
    public static final double SILENT = -70;

    /** Peaks of what is played stay under this, in dBTP (EBU R 128). */
    public static final double HIGHEST_PEAK = -1;

    /** EBU R 128, in LUFS. */
    public static final double STANDARD_TARGET = -23;

    public static final double LOWEST_TARGET = -40;
    public static final double HIGHEST_TARGET = -10;

    private static final double BLOCK = 0.4;
    private static final double STEP = 0.1;
    private static final double RELATIVE_GATE = -10;
    private static final double OFFSET = -0.691;

    /**
     * Interpolation to four times the samples, twelve taps for each of the four phases (BS.1770-4, Annex 2; from
     * memory, held by the true peaks of EBU Tech 3341).
     */
    private static final double[][] PHASES = {
        {
            0.0017089843750,
            0.0109863281250,
            -0.0196533203125,
            0.0332031250000,
            -0.0594482421875,
            0.1373291015625,
            0.9721679687500,
            -0.1022949218750,
            0.0476074218750,
            -0.0266113281250,
            0.0148925781250,
            -0.0083007812500
        },
        {
            -0.0291748046875,
            0.0292968750000,
            -0.0517578125000,
            0.0891113281250,
            -0.1665039062500,
            0.4650878906250,
            0.7797851562500,
            -0.2003173828125,
            0.1015625000000,
            -0.0582275390625,
            0.0330810546875,
            -0.0189208984375
        },
        {
            -0.0189208984375,
            0.0330810546875,
            -0.0582275390625,
            0.1015625000000,
            -0.2003173828125,
            0.7797851562500,
            0.4650878906250,
            -0.1665039062500,
            0.0891113281250,
            -0.0517578125000,
            0.0292968750000,
            -0.0291748046875
        },
        {
            -0.0083007812500,
            0.0148925781250,
            -0.0266113281250,
            0.0476074218750,
            -0.1022949218750,
            0.9721679687500,
            0.1373291015625,
            -0.0594482421875,
            0.0332031250000,
            -0.0196533203125,
            0.0109863281250,
            0.0017089843750
        }
    };

    public static Loudness of(Pcm sound) {
        return new Loudness(integrated(sound), truePeak(sound));
    }

    /**
     * What it takes to bring the sound to a loudness, in dB; less where its peaks would come over
     * {@link #HIGHEST_PEAK}.
     *
     * @param target in LUFS
     */
    public double gainTo(double target) {
        return integrated <= SILENT ? 0 : Math.min(target - integrated, HIGHEST_PEAK - peak);
    }

    /** How far under a target its peaks hold the sound, in LU; 0 where they do not. */
    public double shortOf(double target) {
        return integrated <= SILENT ? 0 : target - integrated - gainTo(target);
    }

    /** A sound that is shorter than a block is measured with silence after it, as a meter would. */
    private static double integrated(Pcm sound) {
        double[] energy = energy(sound);
        int block = (int) Math.round(BLOCK * sound.rate());
        int step = (int) Math.round(STEP * sound.rate());
        List<Double> blocks = new ArrayList<>();
        for (int from = 0; from == 0 || from + block <= sound.left().length; from += step) {
            int till = Math.min(from + block, sound.left().length);
            blocks.add((energy[till] - energy[from]) / block);
        }
        double absolute = mean(blocks, power(SILENT));
        return absolute == 0
                ? SILENT
                : Math.max(
                        SILENT, level(mean(blocks, Math.max(power(SILENT), power(level(absolute) + RELATIVE_GATE)))));
    }

    /** Sums of the squares of both weighted channels, up to each sample. */
    private static double[] energy(Pcm sound) {
        double[] left = weighted(sound.left(), sound.rate());
        double[] right = weighted(sound.right(), sound.rate());
        double[] sums = new double[left.length + 1];
        for (int i = 0; i < left.length; i++) {
            sums[i + 1] = sums[i] + left[i] * left[i] + right[i] * right[i];
        }
        return sums;
    }

    /** Of the blocks that are louder than a gate; 0 where none is. */
    private static double mean(List<Double> blocks, double gate) {
        return blocks.stream()
                .mapToDouble(Double::doubleValue)
                .filter(power -> power > gate)
                .average()
                .orElse(0);
    }

    private static double level(double power) {
        return OFFSET + 10 * Math.log10(power);
    }

    private static double power(double level) {
        return Math.pow(10, (level - OFFSET) / 10);
    }

    private static double[] weighted(float[] samples, int rate) {
        double[] weighted = new double[samples.length];
        for (int i = 0; i < samples.length; i++) {
            weighted[i] = samples[i];
        }
        shelf(rate).filter(weighted);
        highPass(rate).filter(weighted);
        return weighted;
    }

    /**
     * The first stage of the weighting, for the head. The analogue filter whose bilinear transform at 48 kHz is the
     * table of BS.1770-4, so that it can be had for any rate.
     */
    static Biquad shelf(int rate) {
        double k = Math.tan(Math.PI * 1681.974450955533 / rate);
        double q = 0.7071752369554196;
        double high = Math.pow(10, 3.999843853973347 / 20);
        double middle = Math.pow(high, 0.4996667741545416);
        double whole = 1 + k / q + k * k;
        return new Biquad(
                (high + middle * k / q + k * k) / whole,
                2 * (k * k - high) / whole,
                (high - middle * k / q + k * k) / whole,
                2 * (k * k - 1) / whole,
                (1 - k / q + k * k) / whole);
    }

    /** The second stage. */
    static Biquad highPass(int rate) {
        double k = Math.tan(Math.PI * 38.13547087602444 / rate);
        double q = 0.5003270373238773;
        double whole = 1 + k / q + k * k;
        return new Biquad(1, -2, 1, 2 * (k * k - 1) / whole, (1 - k / q + k * k) / whole);
    }

    private static double truePeak(Pcm sound) {
        // A sample itself may lie between what is interpolated.
        double peak = Math.max(sound.highest(), Math.max(between(sound.left()), between(sound.right())));
        return peak <= 0 ? SILENT : Math.max(SILENT, 20 * Math.log10(peak));
    }

    /** The largest of what lies between samples, with silence before and after them. */
    private static double between(float[] samples) {
        int taps = PHASES[0].length;
        double[] padded = new double[samples.length + 2 * taps];
        for (int i = 0; i < samples.length; i++) {
            padded[taps + i] = samples[i];
        }
        double highest = 0;
        for (int i = taps; i < padded.length; i++) {
            for (double[] phase : PHASES) {
                double value = 0;
                for (int tap = 0; tap < taps; tap++) {
                    value += phase[tap] * padded[i - tap];
                }
                highest = Math.max(highest, Math.abs(value));
            }
        }
        return highest;
    }
}
