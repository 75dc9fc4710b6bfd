package brandeon.core.bundle;

import brandeon.core.live.AlertRule;
import brandeon.core.platform.Profile;
import brandeon.core.show.Cue;
import brandeon.core.show.SequenceCue;
import brandeon.core.show.ViewerCue;
import brandeon.core.text.Face;
import brandeon.core.theme.Provenance;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * What a package is to somebody who is about to bring it in.
 *
 * @param needs      what it lacks here, as sentences
 * @param unlicensed what does not say that everybody may use it, as sentences
 * @param conflicts  what has the name of something that is here already, and what becomes of it, as sentences
 */
public record Incoming(List<String> needs, List<String> unlicensed, List<String> conflicts) {

    /**
     * What is here already.
     *
     * @param themes    names of themes
     * @param fonts     hashes of fonts that somebody brought in before
     * @param tables    words of the tables of the show that the theme would be for
     * @param sequences ids of its sequences
     * @param presses   whether viewers may press something there
     * @param platforms profiles that people wrote here
     * @param platform  that the theme would be for
     */
    public record Here(
            Set<String> themes,
            Set<String> fonts,
            Set<String> tables,
            Set<String> sequences,
            boolean presses,
            List<Profile> platforms,
            Profile platform) {}

    public static Incoming of(ThemePackage packed, Here here) {
        return new Incoming(needs(packed, here), unlicensed(packed), conflicts(packed, here));
    }

    private static List<String> needs(ThemePackage packed, Here here) {
        List<String> needs = new ArrayList<>();
        Theme theme = packed.contents().theme();
        for (ThemePackage.FontLeftOut font : missing(packed, here.fonts())) {
            needs.add("The font " + font.title() + " is not in it"
                    + (font.licence().isBlank() ? ", since its licence was not said" : " (" + font.licence() + ")")
                    + ": a font that ships stands in until you bring yours in.");
        }
        List<String> unsent = theme.alerts().stream()
                .filter(AlertRule::on)
                .map(AlertRule::kind)
                .distinct()
                .filter(kind -> here.platform().term(kind).isEmpty())
                .map(kind -> kind.title())
                .toList();
        if (!unsent.isEmpty()) {
            needs.add(here.platform().title() + " does not send: " + String.join(", ", unsent)
                    + "; their alerts wait for a channel that does.");
        }
        return needs;
    }

    /** Fonts that are neither in a package nor here. @param here hashes of fonts */
    public static List<ThemePackage.FontLeftOut> missing(ThemePackage packed, Set<String> here) {
        return packed.leftOut().stream()
                .filter(font -> !here.contains(new Face(font.face()).hash()))
                .toList();
    }

    private static List<String> unlicensed(ThemePackage packed) {
        List<String> told = new ArrayList<>();
        Theme theme = packed.contents().theme();
        theme.artworks().forEach(one -> told(told, "The picture " + one.name(), one.provenance()));
        theme.sounds().own().forEach(one -> told(told, "The sound " + one.name(), one.provenance()));
        theme.faces().forEach(one -> told(told, "The font " + one.title(), one.provenance()));
        return told;
    }

    private static void told(List<String> told, String what, Provenance from) {
        switch (Licences.of(from.licence())) {
            case FREE -> {}
            case HELD -> told.add(what + " is under " + from.licence() + ": not for money, or not in other colours.");
            case OWN_WORDS -> told.add(what + " says of its licence: “" + from.licence() + "”.");
            case UNSAID -> told.add(what + " does not say under which licence it is.");
        }
    }

    private static List<String> conflicts(ThemePackage packed, Here here) {
        List<String> conflicts = new ArrayList<>();
        Contents contents = packed.contents();
        if (contents.extent() == Extent.THEME
                && here.themes().contains(contents.theme().name())) {
            conflicts.add(
                    "You have a theme called " + contents.theme().name() + " already: this one is called a copy.");
        }
        for (PackedTable table : contents.tables()) {
            if (here.tables().contains(table.word())) {
                conflicts.add("You have a table " + table.word() + " already: yours stays, and texts show it.");
            }
        }
        for (Cue cue : contents.starting()) {
            if (cue instanceof SequenceCue.WriteSequence write
                    && here.sequences().contains(write.sequence().id())) {
                conflicts.add("You have a sequence " + write.sequence().name() + " already: yours stays.");
            }
            if (cue instanceof ViewerCue.WritePresses && here.presses()) {
                conflicts.add("Your viewers may press something already: what you allowed stays.");
            }
        }
        for (Profile profile : contents.profiles()) {
            here.platforms().stream()
                    .filter(one -> one.id().equals(profile.id()) && !one.equals(profile))
                    .forEach(one -> conflicts.add(
                            "You have a profile " + one.title() + " already, which says something else: yours stays."));
        }
        return conflicts;
    }
}
