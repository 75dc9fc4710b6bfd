package brandeon.core.sound;

import java.util.SplittableRandom;

/** Adds up simple voices. Instants and lengths are in seconds, levels from 0 to 1; the same calls give the same sound. */
final class Synth {

    private static final int RATE = 48_000;
    private static final double ATTACK = 0.004;
    private static final double FADE = 0.03;
    private static final double PEAK = 0.8;

    private final double[] samples;
    private final SplittableRandom random = new SplittableRandom(20);

    Synth(double seconds) {
        samples = new double[(int) (seconds * RATE)];
    }

    /** One that dies away. @param decay time to fall to a third */
    Synth sine(double hertz, double from, double level, double decay) {
        return add(from, t -> level * onset(t) * Math.exp(-t / decay) * Math.sin(2 * Math.PI * hertz * t));
    }

    /** A tone with overtones that die sooner. */
    Synth struck(double hertz, double from, double level, double decay) {
        return sine(hertz, from, level, decay)
                .sine(hertz * 2, from, level * 0.3, decay * 0.6)
                .sine(hertz * 3, from, level * 0.14, decay * 0.35);
    }

    /** From one pitch to another. @param length of the glide, after which it is nearly gone */
    Synth glide(double fromHertz, double toHertz, double from, double length, double level) {
        double ratio = Math.log(toHertz / fromHertz) / length;
        return add(from, t -> {
            double within = Math.min(t, length);
            double phase = fromHertz * (Math.exp(ratio * within) - 1) / ratio + toHertz * Math.max(0, t - length);
            return level * onset(t) * Math.exp(-2.2 * t / length) * Math.sin(2 * Math.PI * phase);
        });
    }

    /** A string (Karplus and Strong, 1983): noise that runs around in a line and loses its edges. */
    Synth plucked(double hertz, double from, double level) {
        double[] line = new double[(int) Math.round(RATE / hertz)];
        for (int i = 0; i < line.length; i++) {
            line[i] = random.nextDouble(-1, 1);
        }
        int start = (int) (from * RATE);
        for (int i = 0; start + i < samples.length; i++) {
            int at = i % line.length;
            double now = line[at];
            line[at] = 0.498 * (now + line[(at + 1) % line.length]);
            samples[start + i] += level * onset(i / (double) RATE) * now;
        }
        return this;
    }

    /** Odd overtones with a slow beginning and end. */
    Synth blown(double hertz, double from, double length, double level) {
        return add(from, t -> {
            if (t > length + 0.1) {
                return 0;
            }
            double envelope = Math.min(1, t / 0.05) * Math.min(1, (length + 0.1 - t) / 0.1);
            double phase = 2 * Math.PI * hertz * t + 0.02 * Math.sin(2 * Math.PI * 5 * t);
            return level
                    * envelope
                    * (Math.sin(phase)
                            + 0.35 * Math.sin(2 * phase)
                            + 0.3 * Math.sin(3 * phase)
                            + 0.12 * Math.sin(5 * phase))
                    * 0.6;
        });
    }

    /** Comes up from nothing while its pitch rises. */
    Synth swell(double fromHertz, double toHertz, double length, double level) {
        return add(0, t -> {
            double share = t / length;
            double envelope = share < 1 ? share * share : Math.max(0, 1 - (t - length) / 0.12);
            double phase = fromHertz * t
                    + (toHertz - fromHertz) * Math.min(t, length) * Math.min(t, length) / (2 * length)
                    + (toHertz - fromHertz) * Math.max(0, t - length);
            return level * envelope * (Math.sin(2 * Math.PI * phase) + 0.3 * Math.sin(4 * Math.PI * phase));
        });
    }

    /** A burst of noise. @param dark from near 0 for a rumble to 1 for a hiss */
    Synth noise(double from, double level, double decay, double dark) {
        double[] held = new double[1];
        return add(from, t -> {
            held[0] += dark * (random.nextDouble(-1, 1) - held[0]);
            return level * onset(t) * Math.exp(-t / decay) * held[0];
        });
    }

    private interface Voice {
        double at(double seconds);
    }

    private Synth add(double from, Voice voice) {
        int start = (int) (from * RATE);
        for (int i = 0; start + i < samples.length; i++) {
            samples[start + i] += voice.at(i / (double) RATE);
        }
        return this;
    }

    private static double onset(double t) {
        return Math.min(1, t / ATTACK);
    }

    /** With a soft end, and peaks where all of them have theirs. */
    Pcm sound() {
        double highest = 1e-9;
        for (double sample : samples) {
            highest = Math.max(highest, Math.abs(sample));
        }
        float[] ready = new float[samples.length];
        for (int i = 0; i < ready.length; i++) {
            double end = Math.min(1, (ready.length - i) / (FADE * RATE));
            ready[i] = (float) (samples[i] * end * PEAK / highest);
        }
        return Pcm.mono(ready, RATE);
    }
}
