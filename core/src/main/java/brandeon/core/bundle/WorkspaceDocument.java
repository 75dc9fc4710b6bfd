package brandeon.core.bundle;

import brandeon.core.inlet.Mapping;
import brandeon.core.inlet.Signature;
import brandeon.core.live.ChatRules;
import brandeon.core.live.Counting;
import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import brandeon.core.show.Show;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * What a file with a whole workspace says of itself. Its themes lie beside it as theme packages.
 *
 * @param name     of the workspace
 * @param profiles of platforms that are its own, as documents
 * @param shows    what they say, count and hide
 * @param channels in their order
 * @param themes   in their order
 * @param rig      the practice rig as a document; empty where it was never filled
 * @param entries  all other files in it
 */
public record WorkspaceDocument(
        String format,
        int version,
        String name,
        List<String> profiles,
        List<PackedShow> shows,
        List<PackedChannel> channels,
        List<PackedWork> themes,
        String rig,
        List<PackedEntry> entries) {

    public static final String FORMAT = "brandeon workspace";
    public static final int VERSION = 1;
    /** Its name in the file. */
    public static final String ENTRY = "workspace.json";

    private static final Pattern THEME = Pattern.compile("themes/[0-9]{1,4}(-on-air)?\\.zip");
    private static final int MOST = 1000;
    private static final int LONGEST = 64 << 20;

    /** A show. @param name as it is called */
    public record PackedShow(String name, Show show, Counting counting, ChatRules chat, List<PackedTable> tables) {}

    /**
     * A channel.
     *
     * @param platform id of its profile
     * @param show     number of the show that it feeds
     * @param inlets   for what others send; each gets another address and secret
     */
    public record PackedChannel(String name, String platform, int show, List<PackedInlet> inlets) {}

    /** How bodies that somebody else thought of are read. @param sample of such a body */
    public record PackedInlet(String name, String sample, Mapping mapping, Signature signature) {}

    /**
     * A theme.
     *
     * @param entry     its package
     * @param onAir     the package of what is on air; empty where nothing is
     * @param channel   number of its channel
     * @param movedFrom number of the theme whose links it takes over; −1 for none
     * @param leads     whether it leads its show
     * @param lines     of people's own, for a move
     * @param links     of its sources
     */
    public record PackedWork(
            String entry,
            String onAir,
            int channel,
            boolean archived,
            int movedFrom,
            boolean leads,
            List<PackedLine> lines,
            List<PackedLink> links) {}

    public record PackedLine(String title, String link, String note) {}

    /** Where a link stood; the same place has another one after it was brought in. @param part as sources are called */
    public record PackedLink(String scene, String canvas, String part, String link) {}

    public record PackedEntry(String entry, long bytes, String sha256) {}

    public WorkspaceDocument {
        profiles = List.copyOf(profiles);
        shows = List.copyOf(shows);
        channels = List.copyOf(channels);
        themes = List.copyOf(themes);
        entries = List.copyOf(entries);
    }

    public static WorkspaceDocument of(
            String name,
            List<String> profiles,
            List<PackedShow> shows,
            List<PackedChannel> channels,
            List<PackedWork> themes,
            String rig,
            List<PackedEntry> entries) {
        return new WorkspaceDocument(FORMAT, VERSION, name, profiles, shows, channels, themes, rig, entries);
    }

    public String write() {
        return Json.write(this);
    }

    /**
     * Reads what comes from outside.
     *
     * @throws Mistake with the place that is wrong
     */
    public static WorkspaceDocument read(String text) {
        if (text.length() > LONGEST) {
            throw new Mistake(ENTRY + " of this file is too long.");
        }
        WorkspaceDocument read;
        try {
            read = Json.readFromOutside(text, WorkspaceDocument.class);
        } catch (Mistake e) {
            throw new Mistake("In " + ENTRY + " of this file: " + e.getMessage(), e);
        }
        read.require();
        return read;
    }

    private void require() {
        if (!format.equals(FORMAT)) {
            throw new Mistake("This is no file of a workspace: " + ENTRY + " says “" + format + "”.");
        }
        if (version != VERSION) {
            throw new Mistake("This file is of version " + version + "; this program knows version " + VERSION + ".");
        }
        if (Stream.of(profiles, shows, channels, themes, entries).anyMatch(list -> list.size() > MOST)) {
            throw new Mistake("This file holds more than a workspace does.");
        }
        channels.forEach(channel -> within(channel.show(), shows.size(), "a channel's show"));
        Set<String> named = new HashSet<>();
        for (PackedEntry entry : entries) {
            if (!THEME.matcher(entry.entry()).matches() || !named.add(entry.entry())) {
                throw new Mistake("“" + entry.entry() + "” does not belong into a file of a workspace.");
            }
        }
        IntStream.range(0, themes.size()).forEach(i -> {
            PackedWork theme = themes.get(i);
            within(theme.channel(), channels.size(), "a theme's channel");
            if (theme.movedFrom() >= themes.size() || theme.movedFrom() < -1 || theme.movedFrom() == i) {
                throw new Mistake("In " + ENTRY + " of this file a theme comes from one that is not in it.");
            }
            Stream.of(theme.entry(), theme.onAir())
                    .filter(entry -> !entry.isEmpty() || entry.equals(theme.entry()))
                    .filter(entry -> !named.contains(entry))
                    .findFirst()
                    .ifPresent(entry -> {
                        throw new Mistake("This file is not whole: “" + entry + "” is missing.");
                    });
        });
    }

    private static void within(int number, int size, String what) {
        if (number < 0 || number >= size) {
            throw new Mistake("In " + ENTRY + " of this file " + what + " is not in it.");
        }
    }
}
