package brandeon.core.art;

import brandeon.core.canvas.Box;
import brandeon.core.canvas.Size;
import brandeon.core.colour.Colour;
import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.LinearGradientPaint;
import java.awt.RadialGradientPaint;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.font.FontRenderContext;
import java.awt.font.TextLayout;
import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.awt.image.BufferedImage;
import java.util.List;

/**
 * Paints marks into pixels with Java2D: the same display list that becomes SVG, at rest (no tracks), on a
 * see-through ground. Clocks show what they show at the given instant.
 */
public final class Raster {

    private static final FontRenderContext UNHINTED = new FontRenderContext(null, true, true);

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
        return new Raster(size, now, pictures).layer(marks);
    }

    private BufferedImage layer(List<Mark> marks) {
        BufferedImage image = new BufferedImage(size.width(), size.height(), BufferedImage.TYPE_INT_ARGB_PRE);
        Graphics2D graphics = image.createGraphics();
        try {
            graphics.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
            graphics.setRenderingHint(RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
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
            case Mark.Digits digits -> digits(graphics, digits);
            case Mark.Group group -> group(graphics, group);
            case Mark.Picture picture -> picture(graphics, picture);
            case Mark.Blended blended -> blended(graphics, blended);
            case Mark.Bed _ -> { }
        }
    }

    private static void text(Graphics2D graphics, Mark.Text text) {
        if (text.text().isEmpty()) {
            return;
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
        Shape letters = layout.getOutline(place);
        graphics.setPaint(color(text.colour()));
        graphics.fill(letters);
    }

    private void digits(Graphics2D graphics, Mark.Digits digits) {
        if (digits.clock().over(now)) {
            all(graphics, digits.ended());
            return;
        }
        String shown = digits.clock().until() == 0 ? digits.showing() : digits.clock().at(now);
        for (int i = 0; i < Math.min(shown.length(), digits.cells().size()); i++) {
            text(graphics, new Mark.Text(shown.substring(i, i + 1), digits.face(), digits.px(), digits.cells().get(i), digits.y(), Mark.Anchor.MIDDLE, digits.colour(), 0));
        }
    }

    private void group(Graphics2D graphics, Mark.Group group) {
        if (group.opacity() >= 1 && !group.clipped()) {
            all(graphics, group.marks());
            return;
        }
        BufferedImage layer = layer(group.marks());
        if (group.clipped()) {
            keepInside(layer, group.clip());
        }
        graphics.setComposite(AlphaComposite.getInstance(AlphaComposite.SRC_OVER, (float) group.opacity()));
        graphics.drawImage(layer, 0, 0, null);
        graphics.setComposite(AlphaComposite.SrcOver);
    }

    private void picture(Graphics2D graphics, Mark.Picture picture) {
        Box box = picture.box();
        int width = Math.max(1, (int) Math.ceil(box.width()));
        int height = Math.max(1, (int) Math.ceil(box.height()));
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
        BufferedImage ground = layer(blended.ground());
        BufferedImage over = layer(blended.over());
        keepInside(over, blended.shape());
        Blending.over(ground, over, blended.blend(), blended.strength());
        graphics.drawImage(ground, 0, 0, null);
    }

    /** Multiplies a layer by the clip's antialiased coverage; Java2D's own clip has hard edges. */
    private void keepInside(BufferedImage layer, Outline clip) {
        BufferedImage cover = layer(List.of(new Mark.Filled(clip, Paint.of(Colour.BLACK))));
        Graphics2D graphics = layer.createGraphics();
        graphics.setComposite(AlphaComposite.DstIn);
        graphics.drawImage(cover, 0, 0, null);
        graphics.dispose();
    }

    private static java.awt.Paint paint(Paint paint) {
        return switch (paint) {
            case Paint.Solid(Colour colour) -> color(colour);
            case Paint.Linear l -> new LinearGradientPaint(new Point2D.Double(l.x1(), l.y1()), new Point2D.Double(l.x2(), l.y2()), fractions(l.stops()), colors(l.stops()));
            case Paint.Radial r -> new RadialGradientPaint(new Point2D.Double(r.x(), r.y()), (float) r.radius(), fractions(r.stops()), colors(r.stops()));
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
