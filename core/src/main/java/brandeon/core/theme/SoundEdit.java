package brandeon.core.theme;

import static brandeon.core.theme.Edits.done;
import static brandeon.core.theme.Edits.inserted;
import static brandeon.core.theme.Edits.require;

import java.util.List;
import java.util.Optional;

/** Changes sounds of the theme's own, and how loud all are. */
public sealed interface SoundEdit extends Edit {

    record AddSound(int index, Sound sound) implements SoundEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            require(!theme.sounds().knows(sound.id()), "There is already a sound with this id.");
            require(
                    theme.sounds().own().size() < Sounds.MOST,
                    "A theme has at most " + Sounds.MOST + " sounds of its own.");
            return done(
                    theme.withSounds(theme.sounds().with(inserted(theme.sounds().own(), index, sound))),
                    new RemoveSound(sound.id()));
        }

        @Override
        public String deed(Names names) {
            return "Added the sound " + sound.name();
        }
    }

    /** Refused while an alert plays it. */
    record RemoveSound(String sound) implements SoundEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Sound old = known(theme, sound);
            require(
                    theme.alerts().stream()
                            .noneMatch(rule -> rule.sound().sound().equals(sound)),
                    "An alert plays this sound; choose another one there first.");
            List<Sound> all = theme.sounds().own();
            return done(
                    theme.withSounds(theme.sounds()
                            .with(all.stream().filter(one -> one != old).toList())),
                    new AddSound(all.indexOf(old), old));
        }

        @Override
        public String deed(Names names) {
            return "Removed a sound";
        }
    }

    record RenameSound(String sound, String name) implements SoundEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Sound old = known(theme, sound);
            return done(replaced(theme, old.named(name)), new RenameSound(sound, old.name()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(RenameSound.class, sound));
        }

        @Override
        public String deed(Names names) {
            return "Renamed a sound to " + name;
        }
    }

    record SetSoundProvenance(String sound, Provenance provenance) implements SoundEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Sound old = known(theme, sound);
            return done(replaced(theme, old.with(provenance)), new SetSoundProvenance(sound, old.provenance()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetSoundProvenance.class, sound));
        }

        @Override
        public String deed(Names names) {
            return "Said where something is from";
        }
    }

    /** @param lufs to which every sound is brought */
    record SetLoudness(double lufs) implements SoundEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return done(
                    theme.withSounds(new Sounds(theme.sounds().own(), lufs)),
                    new SetLoudness(theme.sounds().target()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(SetLoudness.class);
        }

        @Override
        public String deed(Names names) {
            return "Changed how loud alerts are";
        }
    }

    private static Sound known(Theme theme, String id) {
        return theme.sounds().own(id).orElseThrow(() -> new Edits.Refusal("That sound is no longer there."));
    }

    private static Theme replaced(Theme theme, Sound changed) {
        return theme.withSounds(theme.sounds()
                .with(theme.sounds().own().stream()
                        .map(one -> one.id().equals(changed.id()) ? changed : one)
                        .toList()));
    }
}
