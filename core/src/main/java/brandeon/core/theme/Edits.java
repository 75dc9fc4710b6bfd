package brandeon.core.theme;

import brandeon.core.problem.Mistake;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** The only way to change a theme. */
public final class Edits {

    private Edits() {}

    /**
     * Applies one edit. Never throws for an edit that names something missing or holds a bad value: it is refused.
     * Applying an inverse to its result gives back an equal theme.
     */
    public static Outcome apply(Theme theme, Edit edit) {
        try {
            Outcome.Applied done = edit.applied(theme);
            DocumentRules.require(theme, done.theme());
            return done;
        } catch (Refusal | Mistake e) {
            return new Outcome.Refused(e.getMessage());
        }
    }

    /** Whether a later edit sets the very property that an earlier one set, so that the earlier one no longer matters. */
    public static boolean overrides(Edit later, Edit earlier) {
        Optional<Object> target = later.target();
        return target.isPresent() && target.equals(earlier.target());
    }

    /** Why an edit cannot be applied to a theme as it is now. */
    static final class Refusal extends RuntimeException {
        Refusal(String reason) {
            super(reason, null, false, false);
        }
    }

    static Outcome.Applied done(Theme theme, Edit inverse) {
        return new Outcome.Applied(theme, inverse);
    }

    static Piece piece(Theme theme, String id) {
        return theme.piece(id).orElseThrow(() -> new Refusal("That piece was deleted; nothing was changed."));
    }

    static Scene scene(Theme theme, String id) {
        return theme.scene(id).orElseThrow(() -> new Refusal("That scene was deleted; nothing was changed."));
    }

    static Theme withScene(Theme theme, String id, UnaryOperator<Scene> change) {
        scene(theme, id);
        return theme.withScenes(theme.scenes().stream()
                .map(s -> s.id().equals(id) ? change.apply(s) : s)
                .toList());
    }

    static Theme withPiece(Theme theme, Piece changed) {
        return theme.withPieces(theme.pieces().stream()
                .map(p -> p.id().equals(changed.id()) ? changed : p)
                .toList());
    }

    static <T> List<T> inserted(List<T> list, int index, T item) {
        List<T> next = new ArrayList<>(list);
        next.add(Math.clamp(index, 0, next.size()), item);
        return next;
    }

    static void requireIndex(int index, int size, String what) {
        require(
                index >= 0 && index < size,
                "There is no " + what + " number " + (index + 1) + "; there are " + size + ".");
    }

    static void requireName(String name) {
        require(!name.isBlank() && name.length() <= 120, "A name has between 1 and 120 letters.");
    }

    static void require(boolean holds, String otherwise) {
        if (!holds) {
            throw new Refusal(otherwise);
        }
    }
}
