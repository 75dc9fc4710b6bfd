package brandeon.core.pack;

import brandeon.core.colour.Colour;
import brandeon.core.pack.Swatches.Swatch;
import brandeon.core.problem.Mistake;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * CSS custom properties. Every {@code --name: value} whose value is a colour of CSS Color 4 is read, wherever it
 * stands; properties that clearly hold something else (lengths, fonts, references) are passed over.
 */
final class CssProperties {

    private static final Pattern COMMENT = Pattern.compile("/\\*.*?\\*/", Pattern.DOTALL);
    private static final Pattern PROPERTY = Pattern.compile("--([\\p{L}\\p{N}_-]+)\\s*:([^;{}]*)([;}])");
    private static final Pattern COLOUR_LIKE = Pattern.compile("#.*|(rgba?|hsla?|hwb|lab|lch|oklab|oklch|color)\\(.*");

    private CssProperties() {}

    static String write(Swatches swatches) {
        StringBuilder text = new StringBuilder("/* " + swatches.name().replace("*/", "") + " */\n:root {\n");
        List<String> names = swatches.identifiers();
        for (int i = 0; i < names.size(); i++) {
            text.append("  --")
                    .append(names.get(i))
                    .append(": ")
                    .append(swatches.all().get(i).colour().hex())
                    .append(";\n");
        }
        return text.append("}\n").toString();
    }

    static Swatches read(String text) {
        // Comments are blanked, not cut out, so that lines keep their numbers.
        String plain = COMMENT.matcher(text).replaceAll(found -> found.group().replaceAll("[^\\n]", " "));
        if (plain.chars().filter(c -> c == '{').count()
                != plain.chars().filter(c -> c == '}').count()) {
            throw Swatches.wrong(line(text, text.length()), "a brace is missing.");
        }
        Matcher matcher = PROPERTY.matcher(plain);
        List<Swatch> all = new ArrayList<>();
        while (matcher.find()) {
            String value = matcher.group(2).strip();
            try {
                all.add(new Swatch(matcher.group(1), Colour.parse(value)));
            } catch (Mistake e) {
                if (COLOUR_LIKE.matcher(value).matches()) {
                    throw Swatches.wrong(line(text, matcher.start()), e.getMessage());
                }
            }
        }
        if (all.isEmpty()) {
            throw new Mistake(
                    "This is no palette that can be read here: no design tokens, GIMP palette, SVG sheet, and no custom property with a colour.");
        }
        return new Swatches("", all);
    }

    private static int line(String text, int at) {
        return (int) text.substring(0, at).chars().filter(c -> c == '\n').count() + 1;
    }
}
