package brandeon.core.theme;

import brandeon.core.problem.Mistake;
import brandeon.core.sound.Loudness;

/**
 * A sound of the theme's own, kept as it was sent; how loud it is played follows from how loud it is.
 *
 * @param file     lasting name of its content
 * @param millis   its length
 * @param loudness as measured
 */
public record Sound(String id, String name, String file, int millis, Loudness loudness, Provenance provenance) {

    public Sound {
        if (name.isBlank() || name.length() > 200) {
            throw new Mistake("A sound's name has between 1 and 200 letters.");
        }
    }

    public Sound named(String other) {
        return new Sound(id, other, file, millis, loudness, provenance);
    }

    public Sound with(Provenance other) {
        return new Sound(id, name, file, millis, loudness, other);
    }
}
