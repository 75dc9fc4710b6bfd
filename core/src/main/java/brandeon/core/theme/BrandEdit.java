package brandeon.core.theme;

import static brandeon.core.theme.Edits.done;
import static brandeon.core.theme.Edits.inserted;
import static brandeon.core.theme.Edits.require;

import brandeon.core.colour.Colour;
import brandeon.core.colour.Gradient;
import brandeon.core.colour.Role;
import brandeon.core.text.Face;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Changes what the whole theme looks like. */
public sealed interface BrandEdit extends Edit {

    record SetSeed(int index, Colour colour) implements BrandEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            List<Colour> seeds = new ArrayList<>(theme.brand().seeds());
            Edits.requireIndex(index, seeds.size(), "seed colour");
            Colour old = seeds.set(index, colour.withAlpha(1));
            return done(withSeeds(theme, seeds), new SetSeed(index, old));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetSeed.class, index));
        }

        @Override
        public String deed(Names names) {
            return SEEDS;
        }
    }

    record AddSeed(int index, Colour colour) implements BrandEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            List<Colour> seeds = theme.brand().seeds();
            return done(
                    withSeeds(theme, inserted(seeds, index, colour)),
                    new RemoveSeed(Math.clamp(index, 0, seeds.size())));
        }

        @Override
        public String deed(Names names) {
            return SEEDS;
        }
    }

    record RemoveSeed(int index) implements BrandEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            List<Colour> seeds = new ArrayList<>(theme.brand().seeds());
            Edits.requireIndex(index, seeds.size(), "seed colour");
            Colour old = seeds.remove(index);
            return done(withSeeds(theme, seeds), new AddSeed(index, old));
        }

        @Override
        public String deed(Names names) {
            return SEEDS;
        }
    }

    /** All seeds at once, as from a palette or a logo. */
    record SetSeeds(List<Colour> seeds) implements BrandEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return done(withSeeds(theme, seeds), new SetSeeds(theme.brand().seeds()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetSeeds.class));
        }

        @Override
        public String deed(Names names) {
            return SEEDS;
        }
    }

    record SetFace(FaceUse use, Face face) implements BrandEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            require(
                    !face.isOwn()
                            || theme.faces().stream().anyMatch(f -> f.face().equals(face)),
                    "That font is no longer there.");
            Brand b = theme.brand();
            return switch (use) {
                case HEADING ->
                    done(theme.withBrand(b.withFaces(face, b.text(), b.figures())), new SetFace(use, b.heading()));
                case TEXT ->
                    done(theme.withBrand(b.withFaces(b.heading(), face, b.figures())), new SetFace(use, b.text()));
                case FIGURES ->
                    done(theme.withBrand(b.withFaces(b.heading(), b.text(), face)), new SetFace(use, b.figures()));
            };
        }

        @Override
        public String deed(Names names) {
            return "Chose another font for " + Names.words(use);
        }
    }

    /** Sets a role's colour by hand; the others are solved around it. */
    record SetPin(Role role, Colour colour) implements BrandEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return done(withPin(theme, role, Optional.of(colour)), undoPin(theme, role));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetPin.class, role));
        }

        @Override
        public String deed(Names names) {
            return "Pinned " + Names.words(role);
        }
    }

    /** Back to the derived colour. */
    record DropPin(Role role) implements BrandEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            require(theme.brand().pins().containsKey(role), "That colour is not pinned.");
            return done(withPin(theme, role, Optional.empty()), undoPin(theme, role));
        }

        @Override
        public String deed(Names names) {
            return "Unpinned " + Names.words(role);
        }
    }

    record SetCorner(double corner) implements BrandEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return done(
                    theme.withBrand(theme.brand().withCorner(corner)),
                    new SetCorner(theme.brand().corner()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetCorner.class));
        }

        @Override
        public String deed(Names names) {
            return "Changed the corners";
        }
    }

    record SetPlate(double plate) implements BrandEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return done(
                    theme.withBrand(theme.brand().withPlate(plate)),
                    new SetPlate(theme.brand().plate()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetPlate.class));
        }

        @Override
        public String deed(Names names) {
            return "Changed the opacity of plates";
        }
    }

    record SetGradient(Gradient gradient) implements BrandEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return done(
                    theme.withBrand(theme.brand().withGradient(gradient)),
                    new SetGradient(theme.brand().gradient()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetGradient.class));
        }

        @Override
        public String deed(Names names) {
            return "Changed the gradient";
        }
    }

    /** Whether nothing moves and things only fade. */
    record SetCalm(boolean calm) implements BrandEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return done(
                    theme.withBrand(theme.brand().withCalm(calm)),
                    new SetCalm(theme.brand().calm()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetCalm.class));
        }

        @Override
        public String deed(Names names) {
            return calm ? "Calmed all movement" : "Let things move again";
        }
    }

    record AddMood(int index, Mood mood) implements BrandEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            require(theme.brand().mood(mood.id()).isEmpty(), "There is already a mood with this id.");
            require(
                    theme.brand().moods().size() < Brand.MOST_MOODS,
                    "A brand has at most " + Brand.MOST_MOODS + " moods.");
            return done(
                    withMoods(
                            theme,
                            inserted(theme.brand().moods(), index, mood),
                            theme.brand().mood()),
                    new RemoveMood(mood.id()));
        }

        @Override
        public String deed(Names names) {
            return "Added the mood " + mood.name();
        }
    }

    /** Replaces the mood with this id. */
    record SetMood(Mood mood) implements BrandEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Mood old = known(theme, mood.id());
            List<Mood> moods =
                    theme.brand().moods().stream().map(m -> m == old ? mood : m).toList();
            return done(withMoods(theme, moods, theme.brand().mood()), new SetMood(old));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetMood.class, mood.id()));
        }

        @Override
        public String deed(Names names) {
            return "Changed the mood " + mood.name();
        }
    }

    record RemoveMood(String mood) implements BrandEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Mood old = known(theme, mood);
            // The brand's own colours come back when the mood that is worn goes.
            boolean worn = theme.brand().mood().equals(mood);
            Edit back = new AddMood(theme.brand().moods().indexOf(old), old);
            List<Mood> rest =
                    theme.brand().moods().stream().filter(m -> m != old).toList();
            return done(
                    withMoods(theme, rest, worn ? "" : theme.brand().mood()),
                    worn ? new Edit.Batch(List.of(back, new ChooseMood(mood))) : back);
        }

        @Override
        public String deed(Names names) {
            return "Removed a mood";
        }
    }

    /** Wears a mood; an empty id goes back to the brand's own colours. */
    record ChooseMood(String mood) implements BrandEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            return done(
                    withMoods(theme, theme.brand().moods(), mood),
                    new ChooseMood(theme.brand().mood()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(ChooseMood.class));
        }

        @Override
        public String deed(Names names) {
            return mood.isEmpty() ? "Put on the brand's own colours" : "Put on another mood";
        }
    }

    String SEEDS = "Changed the seed colours";

    /** What a face is used for. */
    enum FaceUse {
        HEADING,
        TEXT,
        FIGURES
    }

    private static Theme withSeeds(Theme theme, List<Colour> seeds) {
        return theme.withBrand(theme.brand().withSeeds(seeds));
    }

    private static Theme withPin(Theme theme, Role role, Optional<Colour> colour) {
        Map<Role, Colour> pins = new HashMap<>(theme.brand().pins());
        pins.remove(role);
        colour.ifPresent(c -> pins.put(role, c));
        return theme.withBrand(theme.brand().withPins(pins));
    }

    private static Edit undoPin(Theme theme, Role role) {
        Colour old = theme.brand().pins().get(role);
        return old == null ? new DropPin(role) : new SetPin(role, old);
    }

    private static Mood known(Theme theme, String id) {
        return theme.brand().mood(id).orElseThrow(() -> new Edits.Refusal("That mood is no longer there."));
    }

    private static Theme withMoods(Theme theme, List<Mood> moods, String worn) {
        return theme.withBrand(theme.brand().withMoods(moods, worn));
    }
}
