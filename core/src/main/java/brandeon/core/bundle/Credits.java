package brandeon.core.bundle;

import brandeon.core.theme.Provenance;
import brandeon.core.theme.Theme;
import java.util.stream.Stream;

/** Where every picture, font and sound of a theme comes from, to print or to put below a channel. */
public final class Credits {

    private Credits() {}

    /** As a table in Markdown. */
    public static String sheet(Theme theme) {
        StringBuilder sheet = new StringBuilder(
                "# Credits of " + theme.name() + "\n\n| what | from | licence | credit |\n|---|---|---|---|\n");
        theme.artworks().forEach(artwork -> sheet.append(line(artwork.name(), artwork.provenance())));
        theme.sounds().own().forEach(sound -> sheet.append(line("Sound " + sound.name(), sound.provenance())));
        theme.faces().forEach(own -> sheet.append(line("Font " + own.title(), own.provenance())));
        Stream.of(theme.brand().heading(), theme.brand().text(), theme.brand().figures())
                .distinct()
                .filter(face -> !face.isOwn())
                .forEach(face -> sheet.append(line(
                        "Font " + face.title(),
                        new Provenance("shipped with Brandeon", "OFL-1.1", "its designers, see the licence file"))));
        return sheet.toString();
    }

    private static String line(String what, Provenance p) {
        return "| " + cell(what) + " | " + cell(p.origin()) + " | " + cell(p.licence()) + " | " + cell(p.credit())
                + " |\n";
    }

    private static String cell(String text) {
        return text.isBlank() ? "**not said**" : text.replace("|", "\\|").replaceAll("\\s+", " ");
    }
}
