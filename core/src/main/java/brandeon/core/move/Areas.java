package brandeon.core.move;

import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.Shape;
import brandeon.core.canvas.UnitBox;
import brandeon.core.move.MovePlan.AreaLine;
import brandeon.core.platform.Profile;
import brandeon.core.platform.Profile.Covered;
import brandeon.core.theme.Edits;
import brandeon.core.theme.FramingEdit;
import brandeon.core.theme.KeepClear;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Spot;
import brandeon.core.theme.Theme;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** What a platform's own buttons cover is kept clear; what another one's covered is not any more. */
final class Areas {

    private final Choices choices;
    private final Map<String, AreaLine> lines = new LinkedHashMap<>();
    /** By scene: ids of areas that went, so that what comes in their stead is the same area to everybody. */
    private final Map<String, Deque<String>> free = new HashMap<>();

    private Theme theme;

    Areas(Theme theme, Profile from, Profile to, Choices choices) {
        this.theme = theme;
        this.choices = choices;
        for (Covered old : from.covers()) {
            if (!to.covers().contains(old)) {
                theme.scenes().forEach(scene -> ends(scene, old));
            }
        }
        for (Covered now : to.covers()) {
            Optional<Canvas> canvas = theme.canvases().stream()
                    .filter(one -> Shape.of(one.size()) == now.shape())
                    .findFirst();
            canvas.ifPresent(one -> this.theme.scenes().forEach(scene -> begins(scene, now, one)));
        }
    }

    Theme theme() {
        return theme;
    }

    List<AreaLine> lines() {
        return List.copyOf(lines.values());
    }

    private static Optional<KeepClear> kept(Scene scene, Covered area) {
        return scene.keepClear().stream()
                .filter(one -> one.shape() == area.shape() && one.name().equals(area.title()))
                .findFirst();
    }

    private void ends(Scene scene, Covered area) {
        kept(scene, area).ifPresent(old -> {
            String id = "area/ends/" + area.title();
            listed(id, area, scene, false);
            if (!choices.kept().contains(id) && done(new FramingEdit.DropKeepClear(scene.id(), old.id()))) {
                free.computeIfAbsent(scene.id() + area.shape(), _ -> new ArrayDeque<>())
                        .add(old.id());
            }
        });
    }

    private void begins(Scene scene, Covered area, Canvas canvas) {
        if (kept(scene, area).isPresent() || scene.keepClear().size() >= Scene.MOST_KEPT_CLEAR) {
            return;
        }
        double width = canvas.size().width() / canvas.unit();
        double height = canvas.size().height() / canvas.unit();
        UnitBox box =
                new UnitBox(area.left() * width, area.top() * height, area.width() * width, area.height() * height);
        if (box.width() < Spot.LEAST_SIDE || box.height() < Spot.LEAST_SIDE) {
            return;
        }
        String id = "area/begins/" + area.title();
        listed(id, area, scene, true);
        if (!choices.kept().contains(id)) {
            String freed = free.getOrDefault(scene.id() + area.shape(), new ArrayDeque<>())
                    .poll();
            done(new FramingEdit.SetKeepClear(
                    scene.id(),
                    new KeepClear(freed == null ? unused(scene, area) : freed, area.title(), area.shape(), box)));
        }
    }

    private String unused(Scene scene, Covered area) {
        Scene now = theme.scene(scene.id()).orElseThrow();
        String stem = "covered-" + area.shape().name().toLowerCase(Locale.ROOT) + "-";
        int number = 1;
        while (now.keepClear(stem + number).isPresent()) {
            number++;
        }
        return stem + number;
    }

    private void listed(String id, Covered area, Scene scene, boolean begins) {
        List<String> scenes =
                new ArrayList<>(lines.containsKey(id) ? lines.get(id).scenes() : List.of());
        scenes.add(scene.name());
        lines.put(
                id,
                new AreaLine(
                        id,
                        area.title(),
                        area.shape(),
                        List.copyOf(scenes),
                        begins,
                        choices.kept().contains(id)));
    }

    private boolean done(FramingEdit edit) {
        if (Edits.apply(theme, edit) instanceof Outcome.Applied applied) {
            theme = applied.theme();
            return true;
        }
        return false;
    }
}
