package brandeon.core.theme;

import brandeon.core.problem.Mistake;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A scene of the broadcast: its pieces from back to front, and what they must leave free. A piece is on a scene at
 * most once.
 *
 * @param arrives whether its pieces come in one after the other when it comes on, where they do not say otherwise
 */
public record Scene(
        String id, String name, SceneRole role, List<Placed> stack, List<KeepClear> keepClear, boolean arrives) {

    public static final int MOST_KEPT_CLEAR = 20;

    public Scene {
        stack = List.copyOf(stack);
        keepClear =
                keepClear.stream().sorted(Comparator.comparing(KeepClear::id)).toList();
        if (stack.stream().map(Placed::piece).distinct().count() != stack.size()) {
            throw new Mistake("A piece is on scene “" + name + "” twice.");
        }
    }

    public static Scene of(String id, String name, SceneRole role, List<Placed> stack) {
        return new Scene(id, name, role, stack, List.of(), false);
    }

    public Optional<KeepClear> keepClear(String area) {
        return keepClear.stream().filter(k -> k.id().equals(area)).findFirst();
    }

    public Optional<Placed> placed(String piece) {
        return stack.stream().filter(p -> p.piece().equals(piece)).findFirst();
    }

    public int indexOf(String piece) {
        return stack.stream().map(Placed::piece).toList().indexOf(piece);
    }

    Scene named(String newName) {
        return new Scene(id, newName, role, stack, keepClear, arrives);
    }

    Scene playing(SceneRole other) {
        return new Scene(id, name, other, stack, keepClear, arrives);
    }

    public Scene arriving(boolean arrive) {
        return new Scene(id, name, role, stack, keepClear, arrive);
    }

    Scene keeping(List<KeepClear> areas) {
        return new Scene(id, name, role, stack, areas, arrives);
    }

    private Scene stacked(List<Placed> next) {
        return new Scene(id, name, role, next, keepClear, arrives);
    }

    Scene with(Placed placed, int index) {
        List<Placed> next = new ArrayList<>(stack);
        next.add(Math.clamp(index, 0, next.size()), placed);
        return stacked(next);
    }

    Scene without(String piece) {
        return stacked(stack.stream().filter(p -> !p.piece().equals(piece)).toList());
    }

    Scene replacing(Placed placed) {
        return stacked(stack.stream()
                .map(p -> p.piece().equals(placed.piece()) ? placed : p)
                .toList());
    }
}
