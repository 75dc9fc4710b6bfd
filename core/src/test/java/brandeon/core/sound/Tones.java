package brandeon.core.sound;

/** Test signals of the kind that EBU Tech 3341 describes. */
final class Tones {

    private Tones() {}

    /** One after the other: level in dBFS and seconds, in turn. A sine of 1 kHz, the same on both channels. */
    static Pcm steps(int rate, double... levelsAndSeconds) {
        double all = 0;
        for (int i = 1; i < levelsAndSeconds.length; i += 2) {
            all += levelsAndSeconds[i];
        }
        float[] samples = new float[(int) Math.round(all * rate)];
        int at = 0;
        for (int i = 0; i < levelsAndSeconds.length; i += 2) {
            double amplitude = Math.pow(10, levelsAndSeconds[i] / 20);
            int till = Math.min(samples.length, at + (int) Math.round(levelsAndSeconds[i + 1] * rate));
            for (; at < till; at++) {
                samples[at] = (float) (amplitude * Math.sin(2 * Math.PI * 1000 * at / rate));
            }
        }
        return Pcm.mono(samples, rate);
    }

    /** A sine at a part of the sampling rate, which comes and goes softly, so that its ends have no peaks of their own. */
    static Pcm sine(double amplitude, int partOfRate, double degrees) {
        float[] samples = new float[48_000];
        for (int i = 0; i < samples.length; i++) {
            double soft = Math.min(1, Math.min(i, samples.length - i) / 4800.0);
            samples[i] = (float) (soft * amplitude * Math.sin(2 * Math.PI * i / partOfRate + Math.toRadians(degrees)));
        }
        return Pcm.mono(samples, 48_000);
    }
}
