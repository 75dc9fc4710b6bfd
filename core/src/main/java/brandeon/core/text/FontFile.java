package brandeon.core.text;

import brandeon.core.problem.Mistake;
import java.awt.Font;
import java.awt.font.FontRenderContext;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * A font file from outside, checked before anything interprets it: an OpenType container (ISO/IEC 14496-22) with
 * TrueType or CFF outlines, whose tables all lie within the file and do not overlap its directory, with everything that
 * layout needs. Collections, WOFF and variable fonts without a default instance are refused.
 *
 * @param title family and style, as the font says
 */
public record FontFile(String title, byte[] content) {

    public static final int MOST_BYTES = 8 << 20;
    private static final int MOST_TABLES = 64;
    private static final List<String> NEEDED = List.of("cmap", "head", "hhea", "hmtx", "maxp", "name");
    private static final int TRUETYPE = 0x00010000;
    private static final int TRUE = 0x74727565;
    private static final int CFF = 0x4f54544f;
    private static final int HEAD_MAGIC = 0x5f0f3cf5;
    private static final String SAMPLE = "Reedlight 0123456789";

    private record Table(int offset, int length) {}

    /** Whether bytes begin as a font does that may be used. */
    public static boolean is(byte[] content) {
        return content.length >= Integer.BYTES && known(ByteBuffer.wrap(content).getInt());
    }

    private static boolean known(int kind) {
        return kind == TRUETYPE || kind == TRUE || kind == CFF;
    }

    /** @throws Mistake with a sentence for the user */
    public static FontFile read(byte[] content) {
        if (content.length > MOST_BYTES) {
            throw new Mistake("This font has more than " + (MOST_BYTES >> 20) + " MB.");
        }
        Map<String, Table> tables = tables(content);
        for (String needed : NEEDED) {
            if (!tables.containsKey(needed)) {
                throw new Mistake("This font lacks its “" + needed + "” table.");
            }
        }
        if (!tables.containsKey("CFF ") && !(tables.containsKey("glyf") && tables.containsKey("loca"))) {
            throw new Mistake("This font has no outlines that can be used here.");
        }
        counts(ByteBuffer.wrap(content), tables);
        return new FontFile(drawn(Fonts.load(content)), content);
    }

    /** Lays a sample out once, since what fails on drawing must fail now; gives the font's name. */
    private static String drawn(Font font) {
        int missing;
        String name;
        try {
            missing = font.canDisplayUpTo(SAMPLE);
            font.deriveFont(64f)
                    .createGlyphVector(new FontRenderContext(null, true, true), SAMPLE)
                    .getOutline();
            name = font.getFontName(Locale.ENGLISH);
        } catch (RuntimeException e) {
            throw new Mistake("This font is damaged: it cannot be drawn.", e);
        }
        if (missing >= 0) {
            throw new Mistake("This font lacks Latin letters or digits; “" + SAMPLE.charAt(missing) + "” is missing.");
        }
        return name;
    }

    private static Map<String, Table> tables(byte[] content) {
        if (content.length < 12) {
            throw new Mistake("This is not a font that can be read here; TTF and OTF can.");
        }
        ByteBuffer bytes = ByteBuffer.wrap(content);
        int kind = bytes.getInt();
        if (!known(kind)) {
            throw new Mistake("This is not a font that can be read here; TTF and OTF can.");
        }
        int count = bytes.getShort() & 0xffff;
        if (count == 0 || count > MOST_TABLES) {
            throw new Mistake("This font claims " + count + " tables; between 1 and " + MOST_TABLES + " are taken.");
        }
        int directory = 12 + 16 * count;
        if (content.length < directory) {
            throw cut();
        }
        bytes.position(12);
        Map<String, Table> tables = new HashMap<>();
        for (int i = 0; i < count; i++) {
            byte[] tag = new byte[4];
            bytes.get(tag).getInt();
            long offset = bytes.getInt() & 0xffffffffL;
            long length = bytes.getInt() & 0xffffffffL;
            if (offset < directory || offset + length > content.length) {
                throw cut();
            }
            tables.put(new String(tag, StandardCharsets.ISO_8859_1), new Table((int) offset, (int) length));
        }
        return tables;
    }

    /** The figures by which a reader finds its way in other tables must fit those tables. */
    private static void counts(ByteBuffer bytes, Map<String, Table> tables) {
        Table head = tables.get("head");
        Table maxp = tables.get("maxp");
        Table hhea = tables.get("hhea");
        Table hmtx = tables.get("hmtx");
        if (head.length() < 54
                || maxp.length() < 6
                || hhea.length() < 36
                || bytes.getInt(head.offset() + 12) != HEAD_MAGIC) {
            throw new Mistake("This font is damaged: its header is wrong.");
        }
        int glyphs = bytes.getShort(maxp.offset() + 4) & 0xffff;
        int widths = bytes.getShort(hhea.offset() + 34) & 0xffff;
        if (glyphs == 0 || widths == 0 || widths > glyphs || hmtx.length() < 4 * widths + 2 * (glyphs - widths)) {
            throw new Mistake("This font is damaged: it has widths for " + widths + " of " + glyphs + " glyphs.");
        }
        Table loca = tables.get("loca");
        boolean longOffsets = bytes.getShort(head.offset() + 50) != 0;
        if (loca != null
                && tables.containsKey("glyf")
                && (loca.length() < (glyphs + 1) * (longOffsets ? 4 : 2)
                        || !ascending(
                                bytes,
                                loca,
                                glyphs,
                                longOffsets,
                                tables.get("glyf").length()))) {
            throw new Mistake("This font is damaged: its outlines lie outside the file.");
        }
    }

    private static boolean ascending(ByteBuffer bytes, Table loca, int glyphs, boolean longOffsets, int most) {
        long before = 0;
        for (int i = 0; i <= glyphs; i++) {
            long at = longOffsets
                    ? bytes.getInt(loca.offset() + 4 * i) & 0xffffffffL
                    : 2L * (bytes.getShort(loca.offset() + 2 * i) & 0xffff);
            if (at < before || at > most) {
                return false;
            }
            before = at;
        }
        return true;
    }

    private static Mistake cut() {
        return new Mistake("This font is cut short: a table lies outside the file.");
    }
}
