package brandeon.core.pack;

import brandeon.core.colour.Colour;
import brandeon.core.problem.Mistake;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** Named colours in their order, as palettes and token files hold them. */
public record Swatches(String name, List<Swatch> all) {

    private static final int MOST = 2000;

    /** One named colour. */
    public record Swatch(String name, Colour colour) {}

    public Swatches {
        all = List.copyOf(all);
    }

    /** Which open format a file is in. */
    public enum Format {
        /** Design Tokens Community Group, format module 2025.10. */
        TOKENS("tokens.json", "application/json"),
        /** GIMP's text palettes. */
        GIMP("gpl", "text/plain;charset=UTF-8"),
        /** CSS custom properties (CSS Custom Properties for Cascading Variables 1). */
        CSS("css", "text/css;charset=UTF-8"),
        /** A sheet of titled rectangles. */
        SVG("svg", "image/svg+xml");

        private final String ending;
        private final String type;

        Format(String ending, String type) {
            this.ending = ending;
            this.type = type;
        }

        public String ending() {
            return ending;
        }

        public String type() {
            return type;
        }
    }

    public String write(Format format) {
        return switch (format) {
            case TOKENS -> DesignTokens.write(this);
            case GIMP -> GimpPalette.write(this);
            case CSS -> CssProperties.write(this);
            case SVG -> SwatchSheet.write(this);
        };
    }

    /** What a file says it is, by its first characters. */
    public static Format formatOf(String text) {
        String start = text.replace("\uFEFF", "").stripLeading();
        if (start.startsWith("{")) {
            return Format.TOKENS;
        }
        if (start.startsWith("GIMP Palette")) {
            return Format.GIMP;
        }
        return start.startsWith("<") ? Format.SVG : Format.CSS;
    }

    /** @throws Mistake with a sentence that names line and reason */
    public static Swatches read(String text) {
        String plain = text.replace("\uFEFF", "");
        Swatches read = switch (formatOf(plain)) {
            case TOKENS -> DesignTokens.read(plain);
            case GIMP -> GimpPalette.read(plain);
            case CSS -> CssProperties.read(plain);
            case SVG -> SwatchSheet.read(plain);
        };
        if (read.all().isEmpty()) {
            throw new Mistake("There is no colour in this file.");
        }
        if (read.all().size() > MOST) {
            throw new Mistake(
                    "There are " + read.all().size() + " colours in this file; at most " + MOST + " are taken.");
        }
        return read;
    }

    /** A name for each colour as tokens and custom properties want it, none twice. */
    List<String> identifiers() {
        Set<String> taken = new LinkedHashSet<>();
        for (Swatch swatch : all) {
            String stem = identifier(swatch.name());
            String name = stem;
            for (int i = 2; !taken.add(name); i++) {
                name = stem + "-" + i;
            }
        }
        return List.copyOf(taken);
    }

    /** Small letters, digits and hyphens. */
    private static String identifier(String name) {
        String plain = name.toLowerCase(Locale.ROOT)
                .replaceAll("[^\\p{L}\\p{N}]+", "-")
                .replaceAll("^-|-$", "");
        return plain.isEmpty() ? "colour" : plain;
    }

    static Mistake wrong(int line, String reason) {
        return new Mistake("Line " + line + ": " + reason);
    }
}
