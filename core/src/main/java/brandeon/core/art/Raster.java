package brandeon.core.art;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import brandeon.core.motion.Particles;
import brandeon.core.motion.Pose;
import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.LinearGradientPaint;
import java.awt.RadialGradientPaint;
import java.awt.RenderingHints;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.awt.geom.Rectangle2D;
import java.awt.image.BufferedImage;
import java.util.List;

/**
 * Paints marks into pixels with Java2D: the same display list that becomes SVG, at rest (no tracks), on a
 * see-through ground. Clocks show what they show at the given instant.
 */
public final class Raster {

    /** Opacity of the shadow of a particle. */
    static final double SHADOW = 0.45;

    private static final AffineTransform AS_IT_IS = new AffineTransform();

    private final Size size;
    private final long now;
    private final Pictures pictures;

    private Raster(Size size, long now, Pictures pictures) {
        this.size = size;
        this.now = now;
        this.pictures = pictures;
    }

    /**
     * @param now      instant that clocks show, in epoch milliseconds
     * @param pictures ready-made pictures by name
     * @return a picture with premultiplied opacity, as large as the canvas
     */
    public static BufferedImage paint(Size size, List<Mark> marks, long now, Pictures pictures) {
        return new Raster(size, now, pictures).layer(marks, AS_IT_IS);
    }

    /**
     * Paints a part of the canvas at another scale; lines and letters stay sharp at any.
     *
     * @param part of the canvas, in canvas pixels
     * @param size of the result; the part is stretched over it
     */
    public static BufferedImage paint(Box part, Size size, List<Mark> marks, long now, Pictures pictures) {
        AffineTransform view =
                AffineTransform.getScaleInstance(size.width() / part.width(), size.height() / part.height());
        view.translate(-part.x(), -part.y());
        return new Raster(size, now, pictures).layer(marks, view);
    }

    private BufferedImage layer(List<Mark> marks, AffineTransform view) {
        BufferedImage image = new BufferedImage(size.width(), size.height(), BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D graphics = image.createGraphics();
        try {
            graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
            graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
            graphics.transform(view);
            all(graphics, marks);
        } finally {
            graphics.dispose();
        }
        return image;
    }

    private void all(Graphics2D graphics, List<Mark> marks) {
        for (Mark mark : marks) {
            one(graphics, mark);
        }
    }

    private void one(Graphics2D graphics, Mark mark) {
        switch (mark) {
            case Mark.Filled(Outline outline, Paint paint) -> {
                graphics.setPaint(paint(paint));
                graphics.fill(outline.path());
            }
            case Mark.Stroked(Outline outline, Paint paint, double width) -> {
                graphics.setPaint(paint(paint));
                graphics.setStroke(new BasicStroke((float) width, BasicStroke.CAP_ROUND, BasicStroke.JOIN_ROUND));
                graphics.draw(outline.path());
            }
            case Mark.Text text -> text(graphics, text);
            case Mark.Digits digits -> all(graphics, digits.shown(now));
            case Mark.Until until -> all(graphics, until.shown(now));
            case Mark.Group group -> group(graphics, group);
            case Mark.Picture picture -> picture(graphics, picture);
            case Mark.Blended blended -> blended(graphics, blended);
            case Mark.Moved(Pose pose, List<Mark> marks) -> moved(graphics, pose, marks);
            case Mark.Blurred(double deviation, List<Mark> marks) ->
                onto(graphics, Blur.of(layer(marks, graphics.getTransform()), deviation * scale(graphics)), 1);
            case Mark.Shadowed shadowed -> shadowed(graphics, shadowed);
            case Mark.Swarm swarm -> swarm(graphics, swarm);
            case Mark.Bed _ -> {}
        }
    }

    private static void text(Graphics2D graphics, Mark.Text text) {
        graphics.setPaint(color(text.colour()));
        graphics.fill(Outlines.letters(text));
    }

    private void group(Graphics2D graphics, Mark.Group group) {
        if (group.opacity() >= 1 && !group.clipped()) {
            all(graphics, group.marks());
            return;
        }
        BufferedImage layer = layer(group.marks(), graphics.getTransform());
        if (group.clipped()) {
            keepInside(layer, group.clip(), graphics.getTransform());
        }
        onto(graphics, layer, group.opacity());
    }

    /** Lays a layer over what is painted; layers are pixels of the result already. */
    private static void onto(Graphics2D graphics, BufferedImage layer, double opacity) {
        AffineTransform view = graphics.getTransform();
        graphics.setTransform(AS_IT_IS);
        graphics.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, (float) opacity));
        graphics.drawImage(layer, 0, 0, null);
        graphics.setComposite(AlphaComposite.SrcOver);
        graphics.setTransform(view);
    }

    private static double scale(Graphics2D graphics) {
        return Math.sqrt(Math.abs(graphics.getTransform().getDeterminant()));
    }

    private void moved(Graphics2D graphics, Pose pose, List<Mark> marks) {
        if (pose.opacity() <= 0) {
            return;
        }
        AffineTransform before = graphics.getTransform();
        graphics.translate(pose.x() + pose.pivotX(), pose.y() + pose.pivotY());
        graphics.rotate(Math.toRadians(pose.turn()));
        graphics.scale(pose.scale(), pose.scale());
        graphics.translate(-pose.pivotX(), -pose.pivotY());
        if (pose.opacity() >= 1) {
            all(graphics, marks);
        } else {
            onto(graphics, layer(marks, graphics.getTransform()), pose.opacity());
        }
        graphics.setTransform(before);
    }

    private void shadowed(Graphics2D graphics, Mark.Shadowed shadowed) {
        BufferedImage layer = layer(shadowed.marks(), graphics.getTransform());
        BufferedImage shadow = new BufferedImage(size.width(), size.height(), BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D under = shadow.createGraphics();
        AffineTransform view = graphics.getTransform();
        Point2D offset = view.deltaTransform(new Point2D.Double(shadowed.dx(), shadowed.dy()), null);
        under.translate(offset.getX(), offset.getY());
        under.drawImage(layer, 0, 0, null);
        under.setTransform(AS_IT_IS);
        under.setComposite(AlphaComposite.SrcIn);
        under.setPaint(color(shadowed.colour()));
        under.fillRect(0, 0, size.width(), size.height());
        under.dispose();
        onto(graphics, Blur.of(shadow, shadowed.deviation() * scale(graphics)), 1);
        onto(graphics, layer, 1);
    }

    private void swarm(Graphics2D graphics, Mark.Swarm swarm) {
        Box box = swarm.box();
        BufferedImage layer = layer(List.of(), AS_IT_IS);
        Graphics2D inside = layer.createGraphics();
        inside.setRenderingHints(graphics.getRenderingHints());
        inside.setTransform(graphics.getTransform());
        inside.clip(new Rectangle2D.Double(box.x(), box.y(), box.width(), box.height()));
        for (Particles.Grain grain : swarm.particles().at(swarm.moving() ? now : 0, box.width(), box.height())) {
            grain(inside, swarm, grain);
        }
        inside.dispose();
        onto(graphics, layer, 1);
    }

    private void grain(Graphics2D graphics, Mark.Swarm swarm, Particles.Grain grain) {
        AffineTransform view = graphics.getTransform();
        graphics.translate(swarm.box().x() + grain.x(), swarm.box().y() + grain.y());
        if (swarm.shadow() > 0) {
            AffineTransform there = graphics.getTransform();
            graphics.translate(swarm.shadow(), swarm.shadow());
            graphics.rotate(grain.turn());
            graphics.scale(grain.size(), grain.size());
            graphics.setPaint(new Color(0f, 0f, 0f, (float) (SHADOW * grain.opacity())));
            graphics.fill(swarm.grain().path());
            graphics.setTransform(there);
        }
        graphics.rotate(grain.turn());
        graphics.scale(grain.size(), grain.size());
        Colour colour = swarm.colour().withAlpha(swarm.colour().alpha() * grain.opacity());
        if (!swarm.picture().isEmpty()) {
            graphics.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, (float) grain.opacity()));
            int side = (int) Math.ceil(swarm.particles().size() * 2);
            pictures.picture(swarm.picture(), side, side).ifPresent(image -> {
                double tall = (double) image.getHeight() / image.getWidth();
                AffineTransform place = AffineTransform.getTranslateInstance(-0.5, -tall / 2);
                place.scale(1.0 / image.getWidth(), tall / image.getHeight());
                graphics.setRenderingHint(
                        RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
                graphics.drawImage(image, place, null);
            });
            graphics.setComposite(AlphaComposite.SrcOver);
        } else {
            graphics.setPaint(
                    swarm.soft()
                            ? new RadialGradientPaint(new Point2D.Double(0, 0), 0.5f, new float[] {0, 1}, new Color[] {
                                color(colour), color(colour.withAlpha(0))
                            })
                            : color(colour));
            graphics.fill(swarm.grain().path());
        }
        graphics.setTransform(view);
    }

    private void picture(Graphics2D graphics, Mark.Picture picture) {
        Box box = picture.box();
        int width = Math.max(1, (int) Math.ceil(box.width() * scale(graphics)));
        int height = Math.max(1, (int) Math.ceil(box.height() * scale(graphics)));
        pictures.picture(picture.name(), width, height).ifPresent(image -> {
            // Far smaller than it is, a picture is first brought near its size, or thin lines would be skipped.
            BufferedImage near = image.getWidth() > 2 * width ? Scaling.toWidth(image, width) : image;
            graphics.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
            AffineTransform place = AffineTransform.getTranslateInstance(box.x(), box.y());
            place.scale(box.width() / near.getWidth(), box.height() / near.getHeight());
            graphics.drawImage(near, place, null);
        });
    }

    private void blended(Graphics2D graphics, Mark.Blended blended) {
        BufferedImage ground = layer(blended.ground(), graphics.getTransform());
        BufferedImage over = layer(blended.over(), graphics.getTransform());
        keepInside(over, blended.shape(), graphics.getTransform());
        Blending.over(ground, over, blended.blend(), blended.strength());
        onto(graphics, ground, 1);
    }

    /** Multiplies a layer by the clip's antialiased coverage; Java2D's own clip has hard edges. */
    private void keepInside(BufferedImage layer, Outline clip, AffineTransform view) {
        BufferedImage cover = layer(List.of(new Mark.Filled(clip, Paint.of(Colour.BLACK))), view);
        Graphics2D graphics = layer.createGraphics();
        graphics.setComposite(AlphaComposite.DstIn);
        graphics.drawImage(cover, 0, 0, null);
        graphics.dispose();
    }

    private static java.awt.Paint paint(Paint paint) {
        return switch (paint) {
            case Paint.Solid(Colour colour) -> color(colour);
            case Paint.Linear l ->
                new LinearGradientPaint(
                        new Point2D.Double(l.x1(), l.y1()),
                        new Point2D.Double(l.x2(), l.y2()),
                        fractions(l.stops()),
                        colors(l.stops()));
            case Paint.Radial r ->
                new RadialGradientPaint(
                        new Point2D.Double(r.x(), r.y()), (float) r.radius(), fractions(r.stops()), colors(r.stops()));
        };
    }

    private static float[] fractions(List<Paint.Stop> stops) {
        float[] fractions = new float[stops.size()];
        for (int i = 0; i < fractions.length; i++) {
            fractions[i] = (float) stops.get(i).offset();
        }
        return fractions;
    }

    private static Color[] colors(List<Paint.Stop> stops) {
        return stops.stream().map(stop -> color(stop.colour())).toArray(Color[]::new);
    }

    private static Color color(Colour colour) {
        return new Color((float) colour.red(), (float) colour.green(), (float) colour.blue(), (float) colour.alpha());
    }
}
