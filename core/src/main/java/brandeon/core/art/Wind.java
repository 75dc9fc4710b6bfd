package brandeon.core.art;

import java.util.SplittableRandom;

/** Small irregularities that are the same at every drawing and on every size. */
public final class Wind {

    private final SplittableRandom random;

    public Wind(long seed) {
        random = new SplittableRandom(seed);
    }

    /** From 0 up to 1. */
    public double next() {
        return random.nextDouble();
    }

    /** From -1 up to 1. */
    public double either() {
        return random.nextDouble() * 2 - 1;
    }
}
