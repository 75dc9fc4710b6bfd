package brandeon.core.canvas;

import java.util.List;

/**
 * Sizes that canvases usually have.
 *
 * @param why where the size comes from
 */
public record PictureSystem(String name, Size size, String why) {

    /** Widest first within each shape. */
    public static final List<PictureSystem> ALL = List.of(
            new PictureSystem("Wide 720", Size.of(1280, 720), "SMPTE ST 296, 720 lines"),
            new PictureSystem("Wide 1080", Size.of(1920, 1080), "ITU-R BT.709, 1080 lines"),
            new PictureSystem("Wide 1440", Size.of(2560, 1440), "common practice for recordings"),
            new PictureSystem("Wide 2160", Size.of(3840, 2160), "ITU-R BT.2020, 2160 lines"),
            new PictureSystem("Wide 4320", Size.of(7680, 4320), "ITU-R BT.2020, 4320 lines"),
            new PictureSystem("Square", Size.of(1080, 1080), "common practice"),
            new PictureSystem("Upright 720", Size.of(720, 1280), "common practice for phones"),
            new PictureSystem("Upright 1080", Size.of(1080, 1920), "common practice for phones"));
}
