package brandeon.core.theme;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A scene of the broadcast: its pieces from back to front. A piece is on a scene at most once. */
public record Scene(String id, String name, SceneRole role, List<Placed> stack) {

    public Scene {
        stack = List.copyOf(stack);
        if (stack.stream().map(Placed::piece).distinct().count() != stack.size()) {
            throw new IllegalArgumentException("A piece is on scene “" + name + "” twice.");
        }
    }

    public Optional<Placed> placed(String piece) {
        return stack.stream().filter(p -> p.piece().equals(piece)).findFirst();
    }

    public int indexOf(String piece) {
        return stack.stream().map(Placed::piece).toList().indexOf(piece);
    }

    Scene with(Placed placed, int index) {
        List<Placed> next = new ArrayList<>(stack);
        next.add(Math.clamp(index, 0, next.size()), placed);
        return new Scene(id, name, role, next);
    }

    Scene without(String piece) {
        return new Scene(id, name, role, stack.stream().filter(p -> !p.piece().equals(piece)).toList());
    }

    Scene replacing(Placed placed) {
        return new Scene(id, name, role, stack.stream().map(p -> p.piece().equals(placed.piece()) ? placed : p).toList());
    }
}
