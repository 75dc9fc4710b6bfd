package brandeon.core.pack;

import brandeon.core.colour.Colour;
import brandeon.core.pack.Swatches.Swatch;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * GIMP's text palette: a first line "GIMP Palette", then "Name:" and "Columns:", comments after #, and one colour a
 * line as three numbers from 0 to 255 with a name. It has no opacity; see-through colours are written opaque.
 */
final class GimpPalette {

    private static final Pattern COLOUR =
            Pattern.compile("\\s*(\\d{1,3})\\s+(\\d{1,3})\\s+(\\d{1,3})(?:\\s+(.*?))?\\s*");

    private GimpPalette() {}

    static String write(Swatches swatches) {
        StringBuilder text = new StringBuilder("GIMP Palette\nName: ")
                .append(line(swatches.name()))
                .append("\nColumns: 4\n#\n");
        for (Swatch swatch : swatches.all()) {
            Colour c = swatch.colour();
            text.append(String.format(
                    Locale.ROOT,
                    "%3d %3d %3d\t%s\n",
                    Math.round(c.red() * 255),
                    Math.round(c.green() * 255),
                    Math.round(c.blue() * 255),
                    line(swatch.name())));
        }
        return text.toString();
    }

    static Swatches read(String text) {
        String[] lines = text.split("\\R");
        String name = "";
        List<Swatch> all = new ArrayList<>();
        for (int i = 1; i < lines.length; i++) {
            String line = lines[i];
            if (line.startsWith("Name:")) {
                name = line.substring(5).strip();
            } else if (!line.isBlank() && !line.stripLeading().startsWith("#") && !line.startsWith("Columns:")) {
                all.add(swatch(line, i + 1));
            }
        }
        return new Swatches(name, all);
    }

    private static Swatch swatch(String line, int number) {
        Matcher matcher = COLOUR.matcher(line);
        if (!matcher.matches()) {
            throw Swatches.wrong(
                    number, "three numbers from 0 to 255 and a name are expected, not “" + line.strip() + "”.");
        }
        double[] parts = new double[3];
        for (int i = 0; i < 3; i++) {
            int part = Integer.parseInt(matcher.group(i + 1));
            if (part > 255) {
                throw Swatches.wrong(number, part + " is more than 255.");
            }
            parts[i] = part / 255.0;
        }
        return new Swatch(matcher.group(4) == null ? "" : matcher.group(4), Colour.of(parts[0], parts[1], parts[2]));
    }

    private static String line(String name) {
        return name.replaceAll("\\s+", " ");
    }
}
