package brandeon.core.layout.rearrange;

import brandeon.core.canvas.Box;
import brandeon.core.layout.ResolvedScene.Placement;
import java.util.List;
import java.util.Map;

/** Facts one under another from one point. */
final class Stack {

    private Stack() {}

    /** @return whether the last of them still lies above {@code bottom} */
    static boolean lay(
            Desk desk,
            List<Placement> facts,
            double x,
            double y,
            double width,
            double bottom,
            Map<String, Box> places) {
        double next = y;
        for (Placement fact : facts) {
            Box box = desk.natural(fact);
            places.put(fact.piece().id(), new Box(x, next, Math.min(width, box.width()), box.height()));
            next += box.height() + desk.gap();
        }
        return next - desk.gap() <= bottom + 0.5;
    }
}
