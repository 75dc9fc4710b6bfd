package brandeon.core.loose;

import brandeon.core.colour.Colour;
import brandeon.core.pack.Swatches;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Reads a text of a pack: a palette, or what it says of who made the pack and how it may be used. */
public final class Statement {

    private static final int LONGEST = 400;
    private static final int LONGEST_ORIGIN = 120;

    private record Licence(Pattern words, String id) {}

    /** By the ids of the SPDX License List; the words are those of the licences' own titles (from memory). */
    private static final List<Licence> LICENCES = List.of(
            licence("SIL OPEN FONT LICENSE", "OFL-1.1"),
            licence("CC0|CREATIVE COMMONS ZERO", "CC0-1.0"),
            licence("CC[ -]BY[ -]NC[ -]ND|ATTRIBUTION[ -]NONCOMMERCIAL[ -]NODERIV\\w*", "CC-BY-NC-ND-"),
            licence("CC[ -]BY[ -]NC[ -]SA|ATTRIBUTION[ -]NONCOMMERCIAL[ -]SHAREALIKE", "CC-BY-NC-SA-"),
            licence("CC[ -]BY[ -]NC|ATTRIBUTION[ -]NONCOMMERCIAL", "CC-BY-NC-"),
            licence("CC[ -]BY[ -]ND|ATTRIBUTION[ -]NODERIV\\w*", "CC-BY-ND-"),
            licence("CC[ -]BY[ -]SA|ATTRIBUTION[ -]SHAREALIKE", "CC-BY-SA-"),
            licence("CC[ -]BY|CREATIVE COMMONS ATTRIBUTION", "CC-BY-"),
            licence("MIT LICEN[SC]E", "MIT"),
            licence("APACHE LICEN[SC]E,? VERSION 2\\.0", "Apache-2.0"));

    private static final Pattern SPDX = Pattern.compile("SPDX-License-Identifier:\\s*([A-Za-z0-9.+-]{2,60})");
    private static final Pattern VERSION =
            Pattern.compile("[ -]*(?:INTERNATIONAL |PUBLIC LICEN[SC]E )?(?:V|VERSION )?([1-4]\\.0)");

    private static final Pattern ORIGIN = Pattern.compile(
            "(?im)^.*?(?:\\b(?:made|drawn|designed|created|written|recorded|composed) by|\\b(?:author|artist|designer)s?\\s*[:=]|©|\\(c\\)|\\bcopyright)\\s*(?:\\(c\\)\\s*|©\\s*)?(?:\\d{4}(?:\\s*[-–]\\s*\\d{4})?,?\\s*)?(?:by\\s+)?([^\\n\\r.,;:(<]{2,120}?)(?=\\s+(?:under|on|for|in|licen[sc]ed)\\b|[\\n\\r.,;:(<]|$)");

    private Statement() {}

    private static Licence licence(String words, String id) {
        return new Licence(Pattern.compile("(?<![A-Z0-9])(?:" + words + ")(?![A-Z])"), id);
    }

    public static Found.Words of(String text) {
        String plain = text.replace("\uFEFF", "");
        List<Colour> palette = palette(plain);
        String says = plain.strip().replaceAll("\\s+", " ");
        return new Found.Words(
                shortened(says, LONGEST),
                palette.isEmpty() ? licence(plain) : "",
                palette.isEmpty() ? origin(plain) : "",
                palette);
    }

    private static String shortened(String text, int most) {
        String cut = text.codePointCount(0, text.length()) <= most
                ? text
                : text.substring(0, text.offsetByCodePoints(0, most));
        return Letters.clean(cut) ? cut : "";
    }

    private static List<Colour> palette(String text) {
        try {
            List<Colour> colours = Swatches.read(text).all().stream()
                    .map(Swatches.Swatch::colour)
                    .limit(40)
                    .toList();
            return colours.size() < 2 ? List.of() : colours;
        } catch (Mistake e) {
            return List.of();
        }
    }

    private static String licence(String text) {
        Matcher said = SPDX.matcher(text);
        if (said.find()) {
            return said.group(1);
        }
        String capitals = text.toUpperCase(Locale.ROOT).replaceAll("\\s+", " ");
        for (Licence licence : LICENCES) {
            Matcher found = licence.words().matcher(capitals);
            if (found.find()) {
                if (!licence.id().endsWith("-")) {
                    return licence.id();
                }
                Matcher version = VERSION.matcher(capitals).region(found.end(), capitals.length());
                return licence.id() + (version.lookingAt() ? version.group(1) : "4.0");
            }
        }
        return "";
    }

    private static String origin(String text) {
        Matcher found = ORIGIN.matcher(text);
        return found.find() ? shortened(found.group(1).strip(), LONGEST_ORIGIN) : "";
    }
}
