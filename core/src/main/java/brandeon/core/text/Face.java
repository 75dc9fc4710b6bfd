package brandeon.core.text;

import brandeon.core.problem.Mistake;
import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonValue;
import java.awt.Font;
import java.awt.font.TextAttribute;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A type face: one of those that ship (open-licence TTF files, SIL Open Font License 1.1), or a file from outside by
 * the hash of its content. This code and the browser read the same file, so that measured and painted widths are the
 * same.
 *
 * @param id lasting name in theme documents: of a shipped face, or {@code file-} and 64 hexadecimal digits
 */
public record Face(@JsonValue String id) {

    private static final String OWN = "file-";
    private static final String OWN_FAMILY = "Brandeon own ";
    private static final Map<String, Shipped> SHIPPED = new LinkedHashMap<>();

    public static final Face BARLOW_CONDENSED =
            ship("BARLOW_CONDENSED", "barlow-condensed", "Barlow Condensed", "condensed");
    public static final Face BRICOLAGE = ship("BRICOLAGE", "bricolage", "Bricolage Grotesque", "grotesque");
    public static final Face FAMILJEN = ship("FAMILJEN", "familjen", "Familjen Grotesk", "grotesque");
    public static final Face FRAUNCES = ship("FRAUNCES", "fraunces", "Fraunces", "serif");
    public static final Face UNBOUNDED = ship("UNBOUNDED", "unbounded", "Unbounded", "wide");
    public static final Face NUNITO = ship("NUNITO", "nunito", "Nunito", "rounded");
    public static final Face DM_MONO = ship("DM_MONO", "dm-mono", "DM Mono", "equal widths");
    public static final Face ATKINSON = ship("ATKINSON", "atkinson", "Atkinson Hyperlegible", "highly legible");
    public static final Face ATKINSON_BOLD =
            ship("ATKINSON_BOLD", "atkinson-bold", "Atkinson Hyperlegible Bold", "highly legible");

    private record Shipped(String file, String title, String character) {}

    public Face {
        if (!SHIPPED.containsKey(id) && !id.matches(OWN + "[0-9a-f]{64}")) {
            throw new Mistake("There is no font called “" + id + "”.");
        }
    }

    private static Face ship(String id, String file, String title, String character) {
        SHIPPED.put(id, new Shipped(file, title, character));
        return new Face(id);
    }

    @JsonCreator
    public static Face of(String id) {
        return new Face(id);
    }

    /** A face from outside, by the hash of its file: 64 hexadecimal digits. */
    public static Face own(String hash) {
        return new Face(OWN + hash);
    }

    /** All shipped faces. Never empty. */
    public static List<Face> shipped() {
        return SHIPPED.keySet().stream().map(Face::new).toList();
    }

    /** The face behind a font-family name of {@link #family}. */
    public static Optional<Face> ofFamily(String family) {
        if (family.startsWith(OWN_FAMILY)) {
            return Optional.of(own(family.substring(OWN_FAMILY.length())));
        }
        return shipped().stream().filter(face -> face.family().equals(family)).findFirst();
    }

    public boolean isOwn() {
        return id.startsWith(OWN);
    }

    /** The name people know a shipped face by; an own one is named by the theme. */
    public String title() {
        return isOwn() ? "Your own font" : SHIPPED.get(id).title();
    }

    /** What kind of face it is, in one or two words. */
    public String character() {
        return isOwn() ? "own" : SHIPPED.get(id).character();
    }

    /** The font-family name in SVG and CSS; distinct from any face installed on a machine. */
    public String family() {
        return isOwn() ? OWN_FAMILY + hash() : "Brandeon " + title();
    }

    /** File name without folder, as served to browsers. */
    public String fileName() {
        return isOwn() ? hash() : SHIPPED.get(id).file() + ".ttf";
    }

    /** The hash of an own face's file. */
    public String hash() {
        return id.substring(OWN.length());
    }

    /** The bytes of the font file; empty for an own face that was not made known ({@link Fonts#know}). */
    public Optional<byte[]> bytes() {
        return isOwn() ? Fonts.bytes(this) : Optional.of(shippedBytes());
    }

    byte[] shippedBytes() {
        try (InputStream bytes = Face.class.getResourceAsStream("/brandeon/fonts/" + fileName())) {
            return bytes.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** The face at a size in pixels, with kerning and ligatures on, as browsers have them. */
    public Font at(double px) {
        return Fonts.base(this)
                .deriveFont(Map.of(
                        TextAttribute.SIZE, (float) px,
                        TextAttribute.KERNING, TextAttribute.KERNING_ON,
                        TextAttribute.LIGATURES, TextAttribute.LIGATURES_ON));
    }
}
