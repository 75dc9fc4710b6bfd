package brandeon.core.theme;

import brandeon.core.live.AlertSound;
import brandeon.core.problem.Mistake;
import brandeon.core.sound.Loudness;
import brandeon.core.sound.ShippedSounds;
import java.util.List;
import java.util.Optional;

/**
 * What a theme sounds like.
 *
 * @param own    sounds that were added to it
 * @param target loudness to which every sound is brought, in LUFS
 */
public record Sounds(List<Sound> own, double target) {

    public static final Sounds STANDARD = new Sounds(List.of(), Loudness.STANDARD_TARGET);

    public static final int MOST = 60;

    public Sounds {
        own = List.copyOf(own);
        if (!(target >= Loudness.LOWEST_TARGET && target <= Loudness.HIGHEST_TARGET)) {
            throw new Mistake("The loudness of a theme is between −40 and −10 LUFS.");
        }
    }

    public Optional<Sound> own(String id) {
        return own.stream().filter(sound -> sound.id().equals(id)).findFirst();
    }

    /** Whether it is one of its own or one that comes along. */
    public boolean knows(String id) {
        return own(id).isPresent() || ShippedSounds.find(id).isPresent();
    }

    /** As people know it; empty when there is no such sound. */
    public Optional<String> title(String id) {
        return own(id).map(Sound::name).or(() -> ShippedSounds.find(id).map(ShippedSounds.Shipped::title));
    }

    /** Empty when there is no such sound. */
    public Optional<Loudness> loudness(String id) {
        return own(id).map(Sound::loudness)
                .or(() -> ShippedSounds.find(id).map(shipped -> ShippedSounds.loudness(shipped.id())));
    }

    /** What it takes to play a sound as loud as it should be, in dB; empty when there is no such sound. */
    public Optional<Double> gain(AlertSound played) {
        return loudness(played.sound()).map(loudness -> loudness.gainTo(target + played.level()));
    }

    Sounds with(List<Sound> others) {
        return new Sounds(others, target);
    }
}
