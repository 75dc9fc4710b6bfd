package brandeon.core.art;

import brandeon.core.motion.Particles;
import brandeon.core.motion.Pose;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.TextLayout;
import java.awt.geom.AffineTransform;
import java.util.ArrayList;
import java.util.List;

/**
 * Turns what needs a painter or a face into plain outlines, so that a picture looks the same in any program: words and
 * clocks become the shapes of their letters, particles stand where they are at an instant.
 */
public final class Outlines {

    private static final FontRenderContext UNHINTED = new FontRenderContext(null, true, true);

    private final long now;

    private Outlines(long now) {
        this.now = now;
    }

    /** @param now instant that clocks and particles show, epoch milliseconds */
    public static List<Mark> of(List<Mark> marks, long now) {
        return new Outlines(now).all(marks);
    }

    private List<Mark> all(List<Mark> marks) {
        List<Mark> done = new ArrayList<>();
        marks.forEach(mark -> one(done, mark));
        return done;
    }

    private void one(List<Mark> done, Mark mark) {
        switch (mark) {
            case Mark.Text text -> letters(done, text);
            case Mark.Digits digits -> digits.shown(now).forEach(shown -> one(done, shown));
            case Mark.Until until -> done.addAll(all(until.shown(now)));
            case Mark.Swarm swarm -> done.add(grains(swarm));
            case Mark.Group g -> done.add(new Mark.Group(g.part(), g.opacity(), g.clip(), all(g.marks())));
            case Mark.Moved(Pose pose, List<Mark> marks) -> done.add(new Mark.Moved(pose, all(marks)));
            case Mark.Blurred b -> done.add(new Mark.Blurred(b.deviation(), all(b.marks())));
            case Mark.Shadowed s ->
                done.add(new Mark.Shadowed(s.dx(), s.dy(), s.deviation(), s.colour(), all(s.marks())));
            case Mark.Blended b ->
                done.add(new Mark.Blended(all(b.ground()), b.blend(), b.strength(), b.shape(), all(b.over())));
            case Mark.Filled _, Mark.Stroked _, Mark.Picture _, Mark.Bed _ -> done.add(mark);
        }
    }

    private static void letters(List<Mark> done, Mark.Text text) {
        Outline outline = Outline.of(letters(text));
        if (!outline.steps().isEmpty()) {
            done.add(new Mark.Filled(outline, Paint.of(text.colour())));
        }
    }

    /** The shapes of a line of text, where it stands, squeezed into its room. */
    static Shape letters(Mark.Text text) {
        if (text.text().isEmpty()) {
            return new java.awt.geom.Path2D.Double();
        }
        TextLayout layout = new TextLayout(text.text(), text.face().at(text.px()), UNHINTED);
        double squeeze = text.clamp() > 0 ? Math.min(1, text.clamp() / layout.getAdvance()) : 1;
        double width = layout.getAdvance() * squeeze;
        double left = switch (text.anchor()) {
            case START -> text.x();
            case MIDDLE -> text.x() - width / 2;
            case END -> text.x() - width;
        };
        AffineTransform place = AffineTransform.getTranslateInstance(left, text.y());
        place.scale(squeeze, 1);
        return layout.getOutline(place);
    }

    private Mark grains(Mark.Swarm swarm) {
        List<Mark> grains = new ArrayList<>();
        for (Particles.Grain grain : swarm.particles()
                .at(swarm.moving() ? now : 0, swarm.box().width(), swarm.box().height())) {
            AffineTransform place = AffineTransform.getTranslateInstance(
                    swarm.box().x() + grain.x(), swarm.box().y() + grain.y());
            place.rotate(grain.turn());
            place.scale(grain.size(), grain.size());
            Outline outline =
                    Outline.of(place.createTransformedShape(swarm.grain().path()));
            var colour = swarm.colour().withAlpha(swarm.colour().alpha() * grain.opacity());
            grains.add(new Mark.Filled(
                    outline,
                    swarm.soft()
                            ? new Paint.Radial(
                                    swarm.box().x() + grain.x(),
                                    swarm.box().y() + grain.y(),
                                    grain.size() / 2,
                                    List.of(new Paint.Stop(0, colour), new Paint.Stop(1, colour.withAlpha(0))))
                            : Paint.of(colour)));
        }
        return Mark.clipped(Outline.rectangle(swarm.box()), grains);
    }
}
