package brandeon.core.live;

import brandeon.core.problem.Mistake;

/**
 * What is heard with an alert.
 *
 * @param sound id of one of the theme's own sounds or of one that comes along; empty for none
 * @param level how much louder or softer than the theme's target, in LU, {@link #SOFTEST} to {@link #LOUDEST}
 */
public record AlertSound(String sound, double level) {

    public static final AlertSound NONE = new AlertSound("", 0);

    public static final double SOFTEST = -30;
    public static final double LOUDEST = 12;

    public AlertSound {
        if (!(level >= SOFTEST && level <= LOUDEST)) {
            throw new Mistake("An alert's sound is at most 30 LU softer and 12 LU louder than the theme's target.");
        }
    }

    public static AlertSound of(String sound) {
        return new AlertSound(sound, 0);
    }

    public boolean heard() {
        return !sound.isEmpty();
    }
}
