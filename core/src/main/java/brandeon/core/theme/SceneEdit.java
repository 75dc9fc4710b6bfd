package brandeon.core.theme;

import static brandeon.core.theme.Edits.done;
import static brandeon.core.theme.Edits.inserted;
import static brandeon.core.theme.Edits.require;

import java.util.List;
import java.util.Optional;

/** Changes which scenes there are. */
public sealed interface SceneEdit extends Edit {

    record AddScene(int index, Scene scene) implements SceneEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            require(theme.scene(scene.id()).isEmpty(), "There is already a scene with this id.");
            require(theme.scenes().size() < Theme.MOST_SCENES, "A theme has at most " + Theme.MOST_SCENES + " scenes.");
            Edits.requireName(scene.name());
            scene.stack().forEach(placed -> PlacingEdit.requirePlaceable(Edits.piece(theme, placed.piece())));
            PlacingEdit.requireNoCircle(theme, scene);
            return done(theme.withScenes(inserted(theme.scenes(), index, scene)), new RemoveScene(scene.id()));
        }

        @Override
        public String deed(Names names) {
            return "Added the scene " + scene.name();
        }
    }

    record RemoveScene(String scene) implements SceneEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Scene old = Edits.scene(theme, scene);
            List<Scene> rest = theme.scenes().stream().filter(s -> s != old).toList();
            return done(theme.withScenes(rest), new AddScene(theme.scenes().indexOf(old), old));
        }

        @Override
        public String deed(Names names) {
            return "Removed a scene";
        }
    }

    record RenameScene(String scene, String name) implements SceneEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Scene old = Edits.scene(theme, scene);
            Edits.requireName(name);
            return done(Edits.withScene(theme, scene, s -> s.named(name)), new RenameScene(scene, old.name()));
        }

        @Override
        public String deed(Names names) {
            return "Named a scene " + name;
        }
    }

    /** What the scene is for, which decides the zones that it is laid out in. */
    record SetSceneRole(String scene, SceneRole role) implements SceneEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Scene old = Edits.scene(theme, scene);
            return done(Edits.withScene(theme, scene, s -> s.playing(role)), new SetSceneRole(scene, old.role()));
        }

        @Override
        public Optional<Object> target() {
            return Optional.of(List.of(SetSceneRole.class, scene));
        }

        @Override
        public String deed(Names names) {
            return "Made " + names.scene(scene) + " a scene for “" + role.title() + "”";
        }
    }

    /** Whether what is on a scene comes in when it comes on. */
    record SetSceneArrives(String scene, boolean arrives) implements SceneEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Scene old = Edits.scene(theme, scene);
            return done(
                    Edits.withScene(theme, scene, s -> s.arriving(arrives)), new SetSceneArrives(scene, old.arrives()));
        }

        @Override
        public String deed(Names names) {
            return arrives
                    ? "Let " + names.scene(scene) + " come in"
                    : "Let " + names.scene(scene) + " be there at once";
        }
    }

    record MoveScene(String scene, int index) implements SceneEdit {
        @Override
        public Outcome.Applied applied(Theme theme) {
            Scene moved = Edits.scene(theme, scene);
            List<Scene> others = theme.scenes().stream().filter(s -> s != moved).toList();
            return done(
                    theme.withScenes(inserted(others, index, moved)),
                    new MoveScene(scene, theme.scenes().indexOf(moved)));
        }

        @Override
        public String deed(Names names) {
            return "Moved " + names.scene(scene) + " among the scenes";
        }
    }
}
