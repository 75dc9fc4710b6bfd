package brandeon.core.text;

import java.awt.Font;
import java.awt.FontFormatException;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Map;
import java.awt.font.TextAttribute;

/**
 * A shipped type face. Each is one open-licence TTF (SIL Open Font License 1.1) that both this code and the browser
 * read, so that measured and painted widths are the same.
 */
public enum Face {
    BARLOW_CONDENSED("barlow-condensed", "Barlow Condensed"),
    BRICOLAGE("bricolage", "Bricolage Grotesque"),
    FAMILJEN("familjen", "Familjen Grotesk"),
    FRAUNCES("fraunces", "Fraunces"),
    ATKINSON("atkinson", "Atkinson Hyperlegible"),
    ATKINSON_BOLD("atkinson-bold", "Atkinson Hyperlegible Bold");

    private final String file;
    private final String title;
    private volatile Font font;

    Face(String file, String title) {
        this.file = file;
        this.title = title;
    }

    /** The name people know the face by. */
    public String title() {
        return title;
    }

    /** The font-family name in SVG and CSS; distinct from any face installed on a machine. */
    public String family() {
        return "Brandeon " + title;
    }

    /** File name without folder, as served to browsers. */
    public String fileName() {
        return file + ".ttf";
    }

    /** The bytes of the font file; the caller closes the stream. */
    public InputStream open() {
        return Face.class.getResourceAsStream("/brandeon/fonts/" + fileName());
    }

    /** The face at a size in pixels, with kerning and ligatures on, as browsers have them. */
    public Font at(double px) {
        return base().deriveFont(Map.of(
                TextAttribute.SIZE, (float) px,
                TextAttribute.KERNING, TextAttribute.KERNING_ON,
                TextAttribute.LIGATURES, TextAttribute.LIGATURES_ON));
    }

    private Font base() {
        Font loaded = font;
        if (loaded == null) {
            try (InputStream bytes = open()) {
                loaded = Font.createFont(Font.TRUETYPE_FONT, bytes);
                font = loaded;
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            } catch (FontFormatException e) {
                throw new IllegalStateException("The shipped font " + file + " is damaged.", e);
            }
        }
        return loaded;
    }
}
