package brandeon.core.sound;

import brandeon.core.problem.Mistake;

/**
 * A sound as samples.
 *
 * @param left  from −1 to 1, rate samples a second
 * @param right as many as on the left; what has one channel is the same on both, as it is heard
 * @param rate  in hertz
 */
public record Pcm(float[] left, float[] right, int rate) {

    public static final int LEAST_RATE = 8_000;
    public static final int MOST_RATE = 96_000;

    /** Of a sound that may be kept, in seconds. */
    public static final int LONGEST = 30;

    /** @throws Mistake when there is nothing to hear */
    public Pcm {
        if (rate < LEAST_RATE || rate > MOST_RATE) {
            throw new Mistake("A sound has between " + LEAST_RATE + " and " + MOST_RATE + " samples a second, not "
                    + rate + "; save it with 48,000.");
        }
        if (left.length == 0 || left.length != right.length) {
            throw new Mistake("There is no sound in this file.");
        }
    }

    /** @throws Mistake when it is longer than what may be kept */
    public Pcm keepable() {
        if (left.length > (long) LONGEST * rate) {
            throw new Mistake("A sound lasts at most " + LONGEST + " seconds; cut it and try again.");
        }
        return this;
    }

    /** The same on both sides. */
    public static Pcm mono(float[] samples, int rate) {
        return new Pcm(samples, samples.clone(), rate);
    }

    public int millis() {
        return (int) Math.round(left.length * 1000.0 / rate);
    }

    /** The largest sample of both sides, whatever its sign. */
    public double highest() {
        return Math.max(highest(left), highest(right));
    }

    private static double highest(float[] samples) {
        double highest = 0;
        for (float sample : samples) {
            highest = Math.max(highest, Math.abs(sample));
        }
        return highest;
    }

    public Pcm amplified(double gain) {
        return new Pcm(amplified(left, gain), amplified(right, gain), rate);
    }

    private static float[] amplified(float[] samples, double gain) {
        float[] louder = new float[samples.length];
        for (int i = 0; i < samples.length; i++) {
            louder[i] = (float) (samples[i] * gain);
        }
        return louder;
    }
}
