package brandeon.core.art.tideline;

import java.util.SplittableRandom;

/** Small irregularities that are the same at every drawing and on every size. */
final class Wind {

    private final SplittableRandom random;

    Wind(long seed) {
        random = new SplittableRandom(seed);
    }

    /** From 0 up to 1. */
    double next() {
        return random.nextDouble();
    }
}
