package brandeon.core.sound;

/**
 * A filter of the second order with the coefficients of a(0) = 1.
 *
 * @param b0 to b2 of what comes in
 * @param a1 and a2 of what went out
 */
record Biquad(double b0, double b1, double b2, double a1, double a2) {

    /** Samples in, samples out; in place. */
    void filter(double[] samples) {
        double in1 = 0;
        double in2 = 0;
        double out1 = 0;
        double out2 = 0;
        for (int i = 0; i < samples.length; i++) {
            double in = samples[i];
            double out = b0 * in + b1 * in1 + b2 * in2 - a1 * out1 - a2 * out2;
            in2 = in1;
            in1 = in;
            out2 = out1;
            out1 = out;
            samples[i] = out;
        }
    }
}
