package brandeon.bench;

import brandeon.core.loose.What;
import brandeon.core.pack.Apng;
import brandeon.core.sound.Pcm;
import brandeon.core.sound.Wav;
import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Area;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.awt.geom.RoundRectangle2D;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferByte;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageOutputStream;

/**
 * A folder of 200 files as designers send them, drawn by a script that knows what each is. Four names of ten say
 * nothing, and some say something else, so that what is in a file has to tell.
 */
final class LoosePack {

    /** @param group what is one drawing or file; empty for a single one */
    record Truth(String path, byte[] content, What what, String group) {}

    private static final double OCTAVE = 12;

    private final Random random;
    private final List<Truth> all = new ArrayList<>();

    private LoosePack(long seed) {
        random = new Random(seed);
    }

    static List<Truth> of(long seed) throws Exception {
        LoosePack pack = new LoosePack(seed);
        pack.frames();
        pack.masks();
        pack.panels();
        pack.backdrops();
        pack.icons();
        pack.bars();
        pack.moving();
        pack.ornaments();
        pack.fonts();
        pack.sounds();
        pack.texts();
        return List.copyOf(pack.all);
    }

    private int between(int least, int most) {
        return least + random.nextInt(most - least + 1);
    }

    private <T> T one(List<T> of) {
        return of.get(random.nextInt(of.size()));
    }

    private Color colour() {
        return Color.getHSBColor(
                random.nextFloat(), 0.45f + random.nextFloat() * 0.5f, 0.3f + random.nextFloat() * 0.65f);
    }

    private void add(String folder, String name, String ending, byte[] content, What what, String group) {
        int number = all.size();
        String file = switch (random.nextInt(10)) {
            case 0, 1, 2 -> String.format(Locale.ROOT, "Layer_%03d", number);
            case 3 -> String.format(Locale.ROOT, "export %d (final)", number);
            default -> String.format(Locale.ROOT, "%02d_%s_v%d", number % 40, name, between(1, 3));
        };
        all.add(new Truth("Marsh pack/" + folder + "/" + file + "." + ending, content, what, group));
    }

    private static BufferedImage blank(int width, int height) {
        return new BufferedImage(width, height, BufferedImage.TYPE_INT_ARGB);
    }

    private static Graphics2D on(BufferedImage image) {
        Graphics2D g = image.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_ON);
        return g;
    }

    private static byte[] png(BufferedImage image) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        return bytes.toByteArray();
    }

    private static byte[] jpeg(BufferedImage image) throws IOException {
        BufferedImage opaque = new BufferedImage(image.getWidth(), image.getHeight(), BufferedImage.TYPE_INT_RGB);
        opaque.createGraphics().drawImage(image, 0, 0, null);
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(opaque, "jpg", bytes);
        return bytes.toByteArray();
    }

    private Shape hole(double x, double y, double width, double height) {
        return switch (random.nextInt(4)) {
            case 0 -> new Rectangle2D.Double(x, y, width, height);
            case 1 -> new RoundRectangle2D.Double(x, y, width, height, 60, 60);
            case 2 -> new Ellipse2D.Double(x, y, width, height);
            default -> hexagon(x, y, width, height);
        };
    }

    private static Shape hexagon(double x, double y, double width, double height) {
        Path2D path = new Path2D.Double();
        path.moveTo(x + width * 0.25, y);
        path.lineTo(x + width * 0.75, y);
        path.lineTo(x + width, y + height / 2);
        path.lineTo(x + width * 0.75, y + height);
        path.lineTo(x + width * 0.25, y + height);
        path.lineTo(x, y + height / 2);
        path.closePath();
        return path;
    }

    private BufferedImage frame(int width, int height, Color colour, List<Shape> holes, Shape outer) {
        BufferedImage image = blank(width, height);
        Graphics2D g = on(image);
        Area area = new Area(outer);
        g.setPaint(new GradientPaint(0, 0, colour, width, height, colour.darker()));
        g.fill(area);
        g.setColor(new Color(255, 255, 255, 200));
        g.setStroke(new BasicStroke(Math.max(3, width / 200f)));
        g.setComposite(AlphaComposite.Clear);
        holes.forEach(g::fill);
        g.setComposite(AlphaComposite.SrcOver);
        holes.forEach(g::draw);
        g.dispose();
        return image;
    }

    private void frames() throws Exception {
        for (int i = 0; i < 25; i++) {
            int[] size = one(List.of(
                    new int[] {640, 480}, new int[] {800, 600}, new int[] {1280, 720}, new int[] {900, 900}, new int[] {
                        720, 1000
                    }));
            int border = 20 + 3 * i;
            Shape hole = hole(border, border, size[0] - 2 * border, size[1] - 2 * border);
            Shape outer = random.nextBoolean()
                    ? new Rectangle2D.Double(0, 0, size[0], size[1])
                    : new RoundRectangle2D.Double(2, 2, size[0] - 4, size[1] - 4, 80, 80);
            add(
                    "frames",
                    one(List.of("cam_frame", "CameraBorder", "webcam-frame")),
                    "png",
                    png(frame(size[0], size[1], colour(), List.of(hole), outer)),
                    What.FRAME,
                    "");
        }
        for (int i = 0; i < 6; i++) {
            Shape game = new Rectangle2D.Double(60 + i * 4, 60, 1320 - i * 10, 742);
            Shape camera = hole(1430, 120 + i * 9, 430, 430 - i * 20);
            add(
                    "frames",
                    one(List.of("live_overlay", "gameplay-screen", "full frame")),
                    "png",
                    png(frame(1920, 1080, colour(), List.of(game, camera), new Rectangle2D.Double(0, 0, 1920, 1080))),
                    What.FRAME,
                    "");
        }
        for (int i = 0; i < 3; i++) {
            // The opening is filled with a keying colour.
            BufferedImage image = frame(
                    1280, 720, new Color(90 + i * 20, 40, 60), List.of(), new Rectangle2D.Double(0, 0, 1280, 720));
            Graphics2D g = on(image);
            g.setColor(new Color(0, 255, 0));
            g.fill(new Rectangle2D.Double(70, 70, 1140, 580));
            g.dispose();
            add("frames", "camera_green", "png", png(image), What.FRAME, "green");
        }
        for (int i = 0; i < 3; i++) {
            String svg = String.format(
                    Locale.ROOT,
                    "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 800 600\"><path fill-rule=\"evenodd\" fill=\"#%06x\" d=\"M0 0H800V600H0Z M%d %d V%d H%d V%d Z\"/></svg>",
                    colour().getRGB() & 0xffffff,
                    40 + i * 10,
                    40,
                    560,
                    760,
                    40);
            add("frames", "vector_frame", "svg", svg.getBytes(StandardCharsets.UTF_8), What.FRAME, "");
        }
    }

    private void masks() throws Exception {
        for (int i = 0; i < 8; i++) {
            int[] size = one(List.of(new int[] {1280, 720}, new int[] {1920, 1080}, new int[] {800, 800}));
            BufferedImage image = blank(size[0], size[1]);
            Graphics2D g = on(image);
            g.setColor(Color.BLACK);
            g.fillRect(0, 0, size[0], size[1]);
            g.setColor(Color.WHITE);
            int border = 10 + 11 * i;
            g.fill(hole(border, border, size[0] - 2 * border, size[1] - 2 * border));
            g.dispose();
            add("masks", one(List.of("cam_mask", "matte")), "png", png(image), What.MASK, "");
        }
    }

    private void panels() throws Exception {
        for (int i = 0; i < 18; i++) {
            int[] size = one(List.of(
                    new int[] {320, 160},
                    new int[] {320, 100},
                    new int[] {600, 400},
                    new int[] {420, 800},
                    new int[] {500, 640},
                    new int[] {900, 300}));
            add(
                    "panels",
                    one(List.of("panel", "info-plate", "ChatBox")),
                    "png",
                    png(plate(size[0], size[1], colour(), i)),
                    What.PANEL,
                    "");
        }
        // One drawing in several colours.
        for (int group = 0; group < 3; group++) {
            for (Color colour : List.of(Color.WHITE, colour(), colour(), colour())) {
                add(
                        "panels",
                        "side_panel_" + group,
                        "png",
                        png(plate(460 + group * 70, 700 - group * 90, colour, 100 + group)),
                        What.PANEL,
                        "panel-" + group);
            }
        }
    }

    private static BufferedImage plate(int width, int height, Color colour, int variant) {
        BufferedImage image = blank(width, height);
        Graphics2D g = on(image);
        int corner = variant % 3 == 0 ? 0 : 24;
        g.setColor(variant % 4 == 0 ? new Color(colour.getRed(), colour.getGreen(), colour.getBlue(), 205) : colour);
        g.fill(new RoundRectangle2D.Double(0, 0, width, height, corner, corner));
        g.setColor(new Color(0, 0, 0, 60));
        g.fillRect(0, 0, width, Math.max(6, height / (6 + variant % 5)));
        if (variant < 100) {
            g.setColor(new Color(255, 255, 255, 230));
            // Lines of writing.
            for (int line = 0; line < 1 + variant % 4; line++) {
                g.fillRect(
                        width / 8,
                        height / 3 + line * height / 8,
                        width / 3 + variant * 7 % (width / 3),
                        Math.max(4, height / 24));
            }
        }
        g.dispose();
        return image;
    }

    private void backdrops() throws Exception {
        for (int i = 0; i < 18; i++) {
            int[] size = one(List.of(
                    new int[] {1920, 1080},
                    new int[] {1920, 1080},
                    new int[] {2560, 1440},
                    new int[] {1080, 1920},
                    new int[] {1280, 720}));
            BufferedImage image = scenery(size[0], size[1]);
            boolean photograph = random.nextBoolean();
            add(
                    "backdrops",
                    one(List.of("starting_soon", "brb-screen", "ending", "background")),
                    photograph ? "jpg" : "png",
                    photograph ? jpeg(image) : png(image),
                    What.BACKDROP,
                    "");
        }
        BufferedImage twice = scenery(1920, 1080);
        add("backdrops", "main_bg", "png", png(twice), What.BACKDROP, "twin-0");
        BufferedImage half = new BufferedImage(1280, 720, BufferedImage.TYPE_INT_ARGB);
        Graphics2D g = half.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BICUBIC);
        g.drawImage(twice, 0, 0, 1280, 720, null);
        g.dispose();
        add("backdrops", "main_bg_small", "png", png(half), What.BACKDROP, "twin-0");
    }

    private BufferedImage scenery(int width, int height) {
        BufferedImage image = blank(width, height);
        Graphics2D g = on(image);
        g.setPaint(new GradientPaint(0, 0, colour(), random.nextInt(width), height, colour()));
        g.fillRect(0, 0, width, height);
        for (int i = between(3, 14); i > 0; i--) {
            Color colour = colour();
            g.setColor(new Color(colour.getRed(), colour.getGreen(), colour.getBlue(), between(60, 255)));
            int radius = between(60, width / 3);
            g.fill(new Ellipse2D.Double(
                    random.nextInt(width) - radius / 2.0, random.nextInt(height) - radius / 2.0, radius, radius));
        }
        g.dispose();
        return image;
    }

    private void icons() throws Exception {
        for (int i = 0; i < 16; i++) {
            int size = one(List.of(64, 112, 128, 256, 512));
            add(
                    "icons",
                    one(List.of("icon", "badge", "emote")),
                    "png",
                    png(turned(glyph(size, i, colour()), 0.15 + 0.11 * i)),
                    What.ICON,
                    "");
        }
        for (int group = 0; group < 4; group++) {
            for (Color colour :
                    List.of(new Color(220, 60, 60), new Color(60, 120, 220), Color.WHITE, new Color(40, 40, 40))) {
                add("icons", "social_" + group, "png", png(glyph(256, 20 + group, colour)), What.ICON, "icon-" + group);
            }
        }
        for (int i = 0; i < 4; i++) {
            String svg = String.format(
                    Locale.ROOT,
                    "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"0 0 24 24\"><path fill=\"#%06x\" d=\"M12 2 L%d 9 L22 %d L14 14 L12 22 L9 14 L2 9 Z\"/></svg>",
                    colour().getRGB() & 0xffffff,
                    14 + i % 2,
                    8 + i);
            add("icons", "star", "svg", svg.getBytes(StandardCharsets.UTF_8), What.ICON, "");
        }
    }

    private static BufferedImage turned(BufferedImage image, double angle) {
        BufferedImage turned = blank(image.getWidth(), image.getHeight());
        Graphics2D g = on(turned);
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        double middle = image.getWidth() / 2.0;
        g.translate(middle, middle);
        g.rotate(angle);
        g.scale(0.8, 0.8);
        g.drawImage(image, (int) -middle, (int) -middle, null);
        g.dispose();
        return turned;
    }

    private static BufferedImage glyph(int size, int which, Color colour) {
        BufferedImage image = blank(size, size);
        Graphics2D g = on(image);
        g.setColor(colour);
        double s = size;
        switch (which % 6) {
            case 0 -> {
                Path2D star = new Path2D.Double();
                int points = 5 + which % 4;
                for (int i = 0; i < points * 2; i++) {
                    double r = i % 2 == 0 ? 0.48 : 0.2 + which % 3 * 0.03;
                    double a = Math.PI * i / points;
                    double x = s * (0.5 + r * Math.sin(a));
                    double y = s * (0.5 - r * Math.cos(a));
                    if (i == 0) {
                        star.moveTo(x, y);
                    } else {
                        star.lineTo(x, y);
                    }
                }
                star.closePath();
                g.fill(star);
            }
            case 1 -> {
                g.setStroke(new BasicStroke((float) (s * (0.1 + which % 4 * 0.02))));
                g.draw(new Ellipse2D.Double(s * 0.15, s * 0.15, s * 0.7, s * 0.7));
                g.fill(new Ellipse2D.Double(s * 0.4, s * 0.35, s * 0.2, s * 0.3));
            }
            case 2 -> {
                Path2D heart = new Path2D.Double();
                heart.moveTo(s / 2, s * 0.9);
                heart.curveTo(s * -0.2, s * 0.4, s * 0.2, s * -0.1, s / 2, s * (0.25 + which % 5 * 0.02));
                heart.curveTo(s * 0.8, s * -0.1, s * 1.2, s * 0.4, s / 2, s * 0.9);
                g.fill(heart);
            }
            case 3 -> {
                Path2D bell = new Path2D.Double();
                bell.moveTo(s * 0.2, s * 0.75);
                bell.curveTo(s * 0.3, s * 0.6, s * 0.2, s * 0.15, s * 0.5, s * 0.12);
                bell.curveTo(s * 0.8, s * 0.15, s * 0.7, s * 0.6, s * 0.8, s * 0.75);
                bell.closePath();
                g.fill(bell);
                g.fill(new Ellipse2D.Double(s * 0.42, s * 0.78, s * 0.16, s * 0.14));
            }
            case 4 -> {
                g.rotate(Math.PI / 5, s / 2, s / 2);
                g.fill(new RoundRectangle2D.Double(s * 0.42, s * 0.05, s * 0.16, s * 0.9, s * 0.1, s * 0.1));
                g.fill(new RoundRectangle2D.Double(
                        s * 0.05, s * (0.36 + which % 3 * 0.03), s * 0.9, s * 0.16, s * 0.1, s * 0.1));
            }
            default -> {
                Path2D bird = new Path2D.Double();
                bird.moveTo(s * 0.05, s * 0.4);
                bird.quadTo(s * 0.3, s * 0.2, s * 0.5, s * 0.55);
                bird.quadTo(s * 0.7, s * 0.2, s * 0.95, s * 0.4);
                bird.quadTo(s * 0.7, s * 0.4, s * 0.5, s * (0.8 + which % 3 * 0.04));
                bird.quadTo(s * 0.3, s * 0.4, s * 0.05, s * 0.4);
                g.fill(bird);
            }
        }
        g.dispose();
        return image;
    }

    private void bars() throws Exception {
        for (int i = 0; i < 12; i++) {
            int width = between(700, 1800);
            int height = between(50, width / 6);
            Color colour = colour();
            BufferedImage image = blank(width, height);
            Graphics2D g = on(image);
            g.setColor(colour);
            g.fill(new RoundRectangle2D.Double(0, 0, width, height, height, height));
            if (i % 3 == 0) {
                // An empty track, which a bar is laid behind.
                g.setComposite(AlphaComposite.Clear);
                g.fill(new RoundRectangle2D.Double(
                        height / 5.0, height / 5.0, width - height / 2.5, height * 0.6, height * 0.6, height * 0.6));
            }
            g.dispose();
            add("bars", one(List.of("goal_bar", "lower-third", "TickerStrip")), "png", png(image), What.BAR, "");
        }
        for (int i = 0; i < 3; i++) {
            BufferedImage image = blank(90 + i * 8, 800);
            Graphics2D g = on(image);
            g.setColor(colour());
            g.fillRect(0, 0, image.getWidth(), 800);
            g.dispose();
            add("bars", "side_bar", "png", png(image), What.BAR, "");
        }
    }

    private interface Frame {
        void paint(Graphics2D g, double t);
    }

    private List<BufferedImage> film(int width, int height, int frames, Frame frame) {
        List<BufferedImage> film = new ArrayList<>();
        for (int i = 0; i < frames; i++) {
            BufferedImage image = blank(width, height);
            Graphics2D g = on(image);
            frame.paint(g, (double) i / frames);
            g.dispose();
            film.add(image);
        }
        return film;
    }

    private void moving() throws Exception {
        Color first = colour();
        Color second = colour();
        Frame turning = (g, t) -> {
            g.setColor(first);
            g.fill(AffineTransform.getRotateInstance(t * Math.PI * 2, 150, 150)
                    .createTransformedShape(hexagon(60, 60, 180, 180)));
        };
        add("loops", "spinner_loop", "png", apng(film(300, 300, 24, turning)), What.LOOP, "");
        Frame drifting = (g, t) -> {
            g.setColor(second);
            for (int i = 0; i < 9; i++) {
                double x = (i / 9.0 + t) % 1 * 640;
                g.fill(new Ellipse2D.Double(x - 20, 60 + i * 31 % 200, 24, 24));
                g.fill(new Ellipse2D.Double(x - 660, 60 + i * 31 % 200, 24, 24));
            }
        };
        add("loops", "drift", "gif", gif(film(640, 320, 20, drifting)), What.LOOP, "");
        add("loops", "particles_loop", "webm", webm(film(640, 320, 30, drifting)), What.LOOP, "");
        Frame pulsing = (g, t) -> {
            double r = 60 + 30 * Math.sin(t * Math.PI * 2);
            g.setColor(first);
            g.fill(new Ellipse2D.Double(128 - r, 128 - r, 2 * r, 2 * r));
        };
        add("loops", "pulse", "gif", gif(film(256, 256, 16, pulsing)), What.LOOP, "pulse");
        add("loops", "pulse_big", "png", apng(film(256, 256, 16, pulsing)), What.LOOP, "pulse");
        Frame coming = (g, t) -> {
            double grown = Math.sin(Math.min(1, Math.max(0, (t - 0.05) / 0.9)) * Math.PI);
            double side = 200 * grown;
            g.setColor(second);
            if (side > 1) {
                g.fill(new RoundRectangle2D.Double(250 - side, 150 - side / 2, 2 * side, side, 30, 30));
            }
        };
        add("alerts", "follow_alert", "webm", webm(film(500, 300, 36, coming)), What.ALERT, "coming");
        add("alerts", "tip-alert", "png", apng(film(500, 300, 20, coming)), What.ALERT, "coming");
        Frame flying = (g, t) -> {
            g.setColor(first);
            g.fill(new Ellipse2D.Double(-130 + t * 780, 100, 100, 100));
        };
        add("alerts", "raid_alert", "webm", webm(film(600, 300, 36, flying)), What.ALERT, "");
        Frame ground = (g, t) -> {
            g.setPaint(new GradientPaint((float) (t * 960), 0, first, 960, 540, second));
            g.fillRect(0, 0, 960, 540);
        };
        add("backdrops", "waves_loop", "mp4", mp4(film(960, 540, 40, ground)), What.BACKDROP, "");
        add(
                "backdrops",
                "sky",
                "mp4",
                mp4(film(1280, 720, 30, (g, t) -> {
                    g.setColor(second);
                    g.fillRect(0, 0, 1280, 720);
                    g.setColor(first);
                    g.fill(new Ellipse2D.Double(200 + t * 400, 200, 300, 300));
                })),
                What.BACKDROP,
                "");
        Frame framed = (g, t) -> {
            g.setPaint(new GradientPaint((float) (t * 640), 0, first, 640, 480, second));
            g.fillRect(0, 0, 640, 480);
            double lid = 12 * Math.sin(t * Math.PI * 2);
            g.setComposite(AlphaComposite.Clear);
            g.fill(new RoundRectangle2D.Double(50 + lid, 50 + lid, 540 - 2 * lid, 380 - 2 * lid, 40, 40));
        };
        add("frames", "moving_cam_frame", "webm", webm(film(640, 480, 30, framed)), What.FRAME, "lid");
        add("frames", "animated frame", "png", apng(film(640, 480, 16, framed)), What.FRAME, "lid");
        add(
                "frames",
                "glow_border",
                "webm",
                webm(film(960, 540, 24, (g, t) -> {
                    g.setColor(first);
                    g.setStroke(new BasicStroke((float) (30 + 10 * Math.sin(t * Math.PI * 2))));
                    g.draw(new Rectangle2D.Double(20, 20, 920, 500));
                })),
                What.FRAME,
                "");
    }

    private static byte[] apng(List<BufferedImage> frames) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (Apng apng = new Apng(bytes, frames.size(), 20, 0)) {
            frames.forEach(apng::frame);
        }
        return bytes.toByteArray();
    }

    private static byte[] gif(List<BufferedImage> frames) throws IOException {
        ImageWriter writer = ImageIO.getImageWritersByFormatName("gif").next();
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (ImageOutputStream out = ImageIO.createImageOutputStream(bytes)) {
            writer.setOutput(out);
            writer.prepareWriteSequence(null);
            for (int i = 0; i < frames.size(); i++) {
                BufferedImage hard = frames.get(i);
                for (int y = 0; y < hard.getHeight(); y++) {
                    for (int x = 0; x < hard.getWidth(); x++) {
                        int pixel = hard.getRGB(x, y);
                        hard.setRGB(x, y, pixel >>> 24 < 128 ? 0 : pixel | 0xff000000);
                    }
                }
                IIOMetadata data = writer.getDefaultImageMetadata(new ImageTypeSpecifier(hard), null);
                String format = data.getNativeMetadataFormatName();
                IIOMetadataNode root = (IIOMetadataNode) data.getAsTree(format);
                IIOMetadataNode control = (IIOMetadataNode)
                        root.getElementsByTagName("GraphicControlExtension").item(0);
                control.setAttribute("disposalMethod", "restoreToBackgroundColor");
                control.setAttribute("delayTime", "6");
                if (i == 0) {
                    IIOMetadataNode extensions = new IIOMetadataNode("ApplicationExtensions");
                    IIOMetadataNode loop = new IIOMetadataNode("ApplicationExtension");
                    loop.setAttribute("applicationID", "NETSCAPE");
                    loop.setAttribute("authenticationCode", "2.0");
                    loop.setUserObject(new byte[] {1, 0, 0});
                    extensions.appendChild(loop);
                    root.appendChild(extensions);
                }
                data.setFromTree(format, root);
                writer.writeToSequence(new IIOImage(hard, null, data), null);
            }
            writer.endWriteSequence();
        } finally {
            writer.dispose();
        }
        return bytes.toByteArray();
    }

    private static byte[] webm(List<BufferedImage> frames) throws Exception {
        return ffmpeg(
                frames,
                List.of(
                        "-c:v",
                        "libvpx-vp9",
                        "-pix_fmt",
                        "yuva420p",
                        "-auto-alt-ref",
                        "0",
                        "-crf",
                        "30",
                        "-b:v",
                        "0",
                        "-deadline",
                        "realtime",
                        "-cpu-used",
                        "8",
                        "-f",
                        "webm"));
    }

    private static byte[] mp4(List<BufferedImage> frames) throws Exception {
        return ffmpeg(frames, List.of("-c:v", "libx264", "-pix_fmt", "yuv420p", "-preset", "ultrafast", "-f", "mp4"));
    }

    private static byte[] ffmpeg(List<BufferedImage> frames, List<String> how) throws Exception {
        int width = frames.getFirst().getWidth();
        int height = frames.getFirst().getHeight();
        Path file = Files.createTempFile("loose", ".film");
        List<String> command = new ArrayList<>(List.of(
                "ffmpeg",
                "-loglevel",
                "error",
                "-y",
                "-f",
                "rawvideo",
                "-pixel_format",
                "abgr",
                "-video_size",
                width + "x" + height,
                "-framerate",
                "24",
                "-i",
                "-"));
        command.addAll(how);
        command.add(file.toString());
        Process process = new ProcessBuilder(command)
                .inheritIO()
                .redirectInput(ProcessBuilder.Redirect.PIPE)
                .start();
        try (OutputStream out = process.getOutputStream()) {
            for (BufferedImage frame : frames) {
                BufferedImage bytes = new BufferedImage(width, height, BufferedImage.TYPE_4BYTE_ABGR);
                Graphics2D g = bytes.createGraphics();
                g.drawImage(frame, 0, 0, null);
                g.dispose();
                out.write(((DataBufferByte) bytes.getRaster().getDataBuffer()).getData());
            }
        }
        if (process.waitFor() != 0) {
            throw new IOException("ffmpeg cannot write " + how);
        }
        byte[] content = Files.readAllBytes(file);
        Files.delete(file);
        return content;
    }

    private void ornaments() throws Exception {
        for (int i = 0; i < 9; i++) {
            int width = between(640, 1400);
            int height = between(420, 800);
            BufferedImage image = blank(width, height);
            Graphics2D g = on(image);
            g.setStroke(new BasicStroke(between(8, 26)));
            for (int k = 0; k < 7; k++) {
                g.setColor(colour());
                Path2D reed = new Path2D.Double();
                reed.moveTo(width * (0.1 + 0.12 * k), height * 0.98);
                reed.quadTo(
                        width * (0.1 + 0.12 * k + random.nextDouble() * 0.1),
                        height * 0.5,
                        width * (0.08 + 0.13 * k),
                        height * (0.02 + random.nextDouble() * 0.2));
                g.draw(reed);
            }
            g.dispose();
            add("extras", one(List.of("reeds", "logo_wide", "ornament")), "png", png(image), What.ORNAMENT, "");
        }
    }

    private void fonts() throws IOException {
        for (String name : List.of("fraunces", "nunito", "dm-mono", "unbounded", "familjen", "atkinson")) {
            try (InputStream in = LoosePack.class.getResourceAsStream("/brandeon/fonts/" + name + ".ttf")) {
                add("fonts", name, "ttf", in.readAllBytes(), What.FONT, "");
            }
        }
    }

    private void sounds() throws Exception {
        for (int i = 0; i < 16; i++) {
            int rate = 44_100;
            float[] wave = new float[rate * between(1, 3)];
            double pitch = 220 * Math.pow(2, i / OCTAVE);
            for (int k = 0; k < wave.length; k++) {
                wave[k] = (float) (0.4 * Math.sin(2 * Math.PI * pitch * k / rate) * Math.exp(-3.0 * k / rate));
            }
            byte[] wav = Wav.write(new Pcm(wave, wave, rate));
            switch (i % 4) {
                case 0, 1 ->
                    add("sounds", one(List.of("follow", "tip_chime", "raid horn")), "wav", wav, What.SOUND, "");
                case 2 -> add("sounds", "sub_sound", "ogg", sound(wav, "libvorbis", "ogg"), What.SOUND, "");
                default -> add("sounds", "gift", "mp3", sound(wav, "libmp3lame", "mp3"), What.SOUND, "");
            }
        }
    }

    private static byte[] sound(byte[] wav, String codec, String format) throws Exception {
        Path from = Files.createTempFile("loose", ".wav");
        Path to = Files.createTempFile("loose", "." + format);
        Files.write(from, wav);
        Process process = new ProcessBuilder(
                        "ffmpeg",
                        "-loglevel",
                        "error",
                        "-y",
                        "-i",
                        from.toString(),
                        "-c:a",
                        codec,
                        "-f",
                        format,
                        to.toString())
                .inheritIO()
                .start();
        if (process.waitFor() != 0) {
            throw new IOException("ffmpeg cannot write " + format);
        }
        byte[] content = Files.readAllBytes(to);
        Files.delete(from);
        Files.delete(to);
        return content;
    }

    private void texts() {
        text("readme", "txt", "The marsh pack, drawn by Ottilie Brandt. Use it on your own channel.", What.TEXT);
        text(
                "LICENCE",
                "txt",
                "These pictures are under Creative Commons Attribution 4.0 International.\nAuthor: Ottilie Brandt\n",
                What.TEXT);
        text("credits", "md", "# Credits\n\nSounds recorded by Ivo Lindqvist, CC0.\n", What.TEXT);
        text(
                "OFL",
                "txt",
                "Copyright 2024 The Marsh Project\nThis Font Software is licensed under the SIL Open Font License, Version 1.1.",
                What.TEXT);
        text("how to install", "txt", "1. Add the frames.\n2. Set the colours.\n", What.TEXT);
        text("changelog", "txt", "v2: white variants\nv1: first\n", What.TEXT);
        text(
                "colours",
                "gpl",
                "GIMP Palette\nName: Marsh\n#\n 60 122  90 Reed\n224 160  48 Lantern\n 29  43  58 Water\n",
                What.PALETTE);
        text("colours", "css", ":root { --reed: #3c7a5a; --lantern: #e0a030; --water: #1d2b3a; }", What.PALETTE);
        byte[] cut = all.getFirst().content();
        add("extras", "broken", "png", java.util.Arrays.copyOf(cut, cut.length / 3), What.UNREAD, "");
        add(
                "extras",
                "project",
                "psd",
                "8BPS\0\1\0\0\0\0\0\0\0\4".getBytes(StandardCharsets.ISO_8859_1),
                What.UNREAD,
                "");
    }

    private void text(String name, String ending, String says, What what) {
        all.add(new Truth("Marsh pack/" + name + "." + ending, says.getBytes(StandardCharsets.UTF_8), what, ""));
    }
}
