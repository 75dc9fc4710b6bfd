package brandeon.core.loose;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.AlphaComposite;
import java.awt.BasicStroke;
import java.awt.Color;
import java.awt.GradientPaint;
import java.awt.image.BufferedImage;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RecognitionTest {

    private static Recognition of(String path, BufferedImage image) {
        return Recognition.of(Drawn.picture(0, path, image));
    }

    @Test
    void whatIsInAPictureTellsWhateverItsNameSays() {
        BufferedImage frame = Drawn.frame(1280, 720, 60, new Color(60, 120, 90));
        assertThat(of("Layer_7.png", frame).what()).isEqualTo(What.FRAME);
        assertThat(of("icon.png", frame).what()).isEqualTo(What.FRAME);
        BufferedImage ground = Drawn.image(1920, 1080, g -> {
            g.setPaint(new GradientPaint(0, 0, Color.ORANGE, 1920, 1080, Color.BLUE));
            g.fillRect(0, 0, 1920, 1080);
        });
        assertThat(of("camera frame.png", ground).what()).isEqualTo(What.BACKDROP);
    }

    @Test
    void aRingIsAnIconWhenSmallAndAFrameWhenLarge() {
        assertThat(of("a.png", ring(200)).what()).isEqualTo(What.ICON);
        assertThat(of("a.png", ring(900)).what()).isEqualTo(What.FRAME);
    }

    private static BufferedImage ring(int size) {
        return Drawn.image(size, size, g -> {
            g.setColor(new Color(200, 90, 60));
            g.setStroke(new BasicStroke(size / 9f));
            g.drawOval(size / 10, size / 10, size * 8 / 10, size * 8 / 10);
        });
    }

    @Test
    void aMaskIsBlackAndWhiteInOneShapeAndAStripedPictureIsNone() {
        BufferedImage mask = Drawn.image(1280, 720, g -> {
            g.setColor(Color.BLACK);
            g.fillRect(0, 0, 1280, 720);
            g.setColor(Color.WHITE);
            g.fillOval(100, 40, 1080, 640);
        });
        assertThat(of("a.png", mask).what()).isEqualTo(What.MASK);
        BufferedImage stripes = Drawn.image(1280, 720, g -> {
            for (int i = 0; i < 20; i++) {
                g.setColor(i % 2 == 0 ? Color.BLACK : Color.WHITE);
                g.fillRect(i * 64, 0, 64, 720);
            }
        });
        assertThat(of("a.png", stripes).what()).isEqualTo(What.BACKDROP);
    }

    @Test
    void aLongBarIsABarEvenWithAnEmptyTrackInIt() {
        BufferedImage bar = Drawn.image(1200, 100, g -> {
            g.setColor(new Color(40, 90, 120));
            g.fillRoundRect(0, 0, 1200, 100, 60, 60);
            g.setComposite(AlphaComposite.Clear);
            g.fillRect(20, 20, 1160, 60);
        });
        assertThat(of("frame.png", bar).what()).isEqualTo(What.BAR);
    }

    @Test
    void aFlatShapeInAStrongColourHasNoOpeningToBeKeyedOut() {
        BufferedImage shape = Drawn.image(800, 800, g -> {
            g.setColor(new Color(0, 255, 0));
            g.fillOval(100, 100, 600, 600);
        });
        assertThat(of("a.png", shape).what()).isNotEqualTo(What.FRAME);
        BufferedImage keyed = Drawn.image(1280, 720, g -> {
            g.setColor(new Color(50, 40, 60));
            g.fillRect(0, 0, 1280, 720);
            g.setColor(new Color(0, 255, 0));
            g.fillRect(80, 80, 1120, 560);
        });
        assertThat(of("a.png", keyed).what()).isEqualTo(What.FRAME);
    }

    @Test
    void aNameTipsTheScalesOnlyWhereTheContentLeavesItOpen() {
        BufferedImage square = Drawn.image(300, 300, g -> {
            g.setColor(new Color(90, 90, 160));
            g.fillRect(0, 0, 300, 300);
        });
        assertThat(of("a.png", square).sure()).isLessThan(Recognition.DOUBTFUL);
        assertThat(of("badge.png", square).what()).isEqualTo(What.ICON);
        assertThat(of("panel.png", square).what()).isEqualTo(What.PANEL);
        assertThat(of("ticker.png", square).what()).isEqualTo(What.PANEL);
    }

    @Test
    void whatMovesIsToldByItsWholeLength() {
        assertThat(moving(1, 0.9, 0.9, 0, 1.0)).isEqualTo(What.BACKDROP);
        assertThat(moving(0.1, 0, 0, 0, 1.0)).isEqualTo(What.ALERT);
        assertThat(moving(0.1, 0.4, 0.4, 1, 1.0)).isEqualTo(What.ALERT);
        assertThat(moving(0.1, 0.4, 0.4, 0, 1.0)).isEqualTo(What.LOOP);
    }

    private static What moving(double least, double begins, double ends, int plays, double seam) {
        BufferedImage image = Drawn.image(640, 360, g -> {
            g.setColor(new Color(90, 120, 60));
            g.fillRect(100, 100, 300, 200);
        });
        Found.Picture still = (Found.Picture) Drawn.picture(0, "a.gif", image).found();
        brandeon.core.pack.Course course = new brandeon.core.pack.Course(30, 1200, plays, least, begins, ends, seam);
        Found.Picture picture = new Found.Picture(
                still.file(),
                still.type(),
                still.width(),
                still.height(),
                true,
                still.clusters(),
                still.openings(),
                Traits.of(image, Optional.of(course)));
        return Recognition.of(new LooseFile(0, "a.gif", 1, picture)).what();
    }

    @ParameterizedTest
    @CsvSource({
        "'Drawn by Ottilie Brandt. Creative Commons Attribution 4.0 International', CC-BY-4.0, Ottilie Brandt",
        "'Author: Ivo Lindqvist\nLicence: CC BY-NC-SA 3.0', CC-BY-NC-SA-3.0, Ivo Lindqvist",
        "'Sounds recorded by Ivo Lindqvist, CC0', CC0-1.0, Ivo Lindqvist",
        "'SPDX-License-Identifier: OFL-1.1\nCopyright (c) 2021-2024 The Marsh Project', OFL-1.1, The Marsh Project",
        "'Licensed under the SIL Open Font License, Version 1.1.', OFL-1.1, ''",
        "'Add the frames. Set the colours.', '', ''",
    })
    void aTextSaysWhoMadeItAndHowItMayBeUsed(String text, String licence, String origin) {
        Found.Words words = Statement.of(text);
        assertThat(words.licence()).isEqualTo(licence);
        assertThat(words.origin()).isEqualTo(origin);
        assertThat(words.palette()).isEmpty();
    }

    @Test
    void aPaletteIsNoText() {
        assertThat(Statement.of("GIMP Palette\nName: Marsh\n#\n60 122 90 Reed\n224 160 48 Lantern\n")
                        .palette())
                .hasSize(2);
    }
}
