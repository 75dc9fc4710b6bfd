package brandeon.core.bundle;

import brandeon.core.art.ContentName;
import brandeon.core.pack.Json;
import brandeon.core.platform.Profile;
import brandeon.core.platform.Profiles;
import brandeon.core.problem.Mistake;
import brandeon.core.show.Cue;
import brandeon.core.show.Cued;
import brandeon.core.show.SequenceCue;
import brandeon.core.show.Show;
import brandeon.core.show.Shows;
import brandeon.core.show.Starting;
import brandeon.core.show.ViewerCue;
import brandeon.core.text.Face;
import brandeon.core.theme.Brand;
import brandeon.core.theme.Theme;
import java.io.ByteArrayInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A theme, or a part of one, with its pictures, fonts and sounds as one file (docs/formats.md): a zip with
 * {@code manifest.json}, {@code theme.json}, {@code files/} and what helps people to see what it is, all with their
 * checksums.
 *
 * @param files    by the name that the theme gives them; all that it needs but for fonts that may not go along
 * @param previews as they are in the file, not looked at
 * @param leftOut  fonts that the theme names and that are not in the file
 */
public record ThemePackage(
        Contents contents, Map<String, byte[]> files, List<Preview> previews, List<FontLeftOut> leftOut) {

    private static final String FORMAT = "brandeon-theme";
    private static final int VERSION = 7;

    /** In bytes, packed or unpacked. */
    public static final int MOST_BYTES = 60 << 20;

    private static final int MOST_ENTRIES = 1000;
    /** Kept free for the manifest, in bytes. */
    private static final int MANIFEST_ROOM = 1 << 20;

    private static final int LONGEST_DOCUMENT = 4 << 20;
    private static final int LONGEST_TABLES = 16 << 20;
    private static final String MANIFEST = "manifest.json";
    private static final String THEME = "theme.json";
    private static final String STARTING = "starting.json";
    private static final String TABLES = "tables.json";
    private static final String PROFILES = "profiles.json";
    private static final Set<String> DOCUMENTS = Set.of(MANIFEST, THEME, STARTING, TABLES, PROFILES);
    private static final String FILES = "files/";
    private static final Pattern FILE = Pattern.compile(FILES + "[0-9a-f]{64}");
    private static final Starting NOWHERE = Starting.of(List.of());
    /** Before it there was nothing but the theme and its files. */
    private static final int FIRST_WITH_MORE = 7;

    private static final String PREVIEWS = "previews/";
    private static final String CREDITS = "credits.md";
    /** What is there for people alone. */
    private static final Pattern EXTRA = Pattern.compile("credits\\.md|previews/[0-9]{1,3}\\.png|"
            + "recoloured/[A-Za-z0-9][A-Za-z0-9._-]{0,79}\\.(png|svg|gif|webp|jpg)");

    /** PKWARE, APPNOTE.TXT 6.3, section 4.3.16: end of central directory record. */
    private static final int END = 0x06054b50;

    private static final int END_LENGTH = 22;

    /** The same, section 4.3.12: central directory structure. */
    private static final int LISTED = 0x02014b50;

    private static final int LISTED_LENGTH = 46;
    /** The kind of a file in Unix's mode, kept in the upper half of the external attributes. */
    private static final int KIND = 0xf000;

    private static final int LINK = 0xa000;

    /** The same theme makes the same file; MS-DOS time begins here (APPNOTE.TXT 6.3, section 4.4.6). */
    private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 1, 1, 0, 0);

    /**
     * What the file says of itself.
     *
     * @param files   that the theme names, in their order
     * @param entries all others but this one, in their order
     */
    record Manifest(
            String format,
            int version,
            Extent extent,
            String name,
            List<Line> files,
            List<Entry> entries,
            List<FontLeftOut> leftOut) {

        record Line(String file, long bytes, String sha256) {}

        /** @param title of a preview, for people; else empty */
        record Entry(String entry, String title, long bytes, String sha256) {}
    }

    /** A scene as it looks, as PNG. */
    public record Preview(String title, byte[] png) {}

    /**
     * A font that does not go along, since its licence does not say that it may.
     *
     * @param face id of the face
     */
    public record FontLeftOut(String face, String title, String licence) {}

    /** What is there for people alone. @param entry its name in the file @param title empty where it needs none */
    public record Extra(String entry, String title, Written content) {

        /** A preview. @param number among them, from 1 */
        public static Extra preview(int number, String title, Written png) {
            return new Extra(PREVIEWS + number + ".png", title, png);
        }

        /** @param name of the picture, its ending included */
        public static Extra recoloured(String name, Written picture) {
            return new Extra("recoloured/" + name, "", picture);
        }

        /** Who is to be named, as Markdown. */
        public static Extra credits(String sheet) {
            return new Extra(CREDITS, "", () -> sheet.getBytes(StandardCharsets.UTF_8));
        }
    }

    /** Something that is made when it is written. */
    @FunctionalInterface
    public interface Written {
        byte[] bytes() throws IOException;
    }

    /** Gives the content of a file. */
    public interface Source {
        byte[] content(String name) throws IOException;
    }

    /** The names of all files that a theme needs. */
    public static Set<String> needed(Theme theme) {
        Set<String> names = new LinkedHashSet<>();
        theme.artworks().forEach(artwork -> names.add(artwork.file()));
        theme.faces().forEach(own -> names.add(own.face().hash()));
        theme.sounds().own().forEach(sound -> names.add(sound.file()));
        return names;
    }

    /** Fonts of a theme that do not go along. */
    public static List<FontLeftOut> leftOut(Theme theme) {
        return theme.faces().stream()
                .filter(own -> !Licences.passedOn(own.provenance().licence()))
                .map(own -> new FontLeftOut(
                        own.face().id(), own.title(), own.provenance().licence()))
                .toList();
    }

    /**
     * Writes a package for oneself: all fonts go along, since nobody else gets it.
     *
     * @throws Mistake when there is too much of it
     */
    public static void whole(OutputStream out, Contents contents, Source files) throws IOException {
        write(out, contents, files, List.of(), List.of());
    }

    /**
     * Writes a package. Files are asked for one after another and not kept.
     *
     * @param files  whose content need not have the name's hash; it travels under its own
     * @param extras for people; those for which there is no room are left out
     */
    public static void write(OutputStream out, Contents contents, Source files, List<Extra> extras) throws IOException {
        write(out, contents, files, extras, leftOut(contents.theme()));
    }

    private static void write(
            OutputStream out, Contents contents, Source files, List<Extra> extras, List<FontLeftOut> leftOut)
            throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        List<Manifest.Line> lines = new ArrayList<>();
        List<Manifest.Entry> entries = new ArrayList<>();
        Theme theme = contents.theme();
        long room = MOST_BYTES;
        room -= document(zip, entries, THEME, theme);
        if (!contents.starting().isEmpty()) {
            room -= document(zip, entries, STARTING, contents.starting().toArray(Cue[]::new));
        }
        if (!contents.tables().isEmpty()) {
            room -= document(zip, entries, TABLES, contents.tables());
        }
        if (!contents.profiles().isEmpty()) {
            room -= document(
                    zip,
                    entries,
                    PROFILES,
                    contents.profiles().stream().map(Profiles::write).toList());
        }
        for (String name : needed(theme, leftOut)) {
            byte[] content = files.content(name);
            put(zip, FILES + name, content);
            lines.add(new Manifest.Line(name, content.length, ContentName.full(content)));
            room -= content.length;
        }
        for (Extra extra : extras) {
            byte[] content = extra.content().bytes();
            if (content.length <= room - MANIFEST_ROOM) {
                room -= entry(zip, entries, extra.entry(), extra.title(), content);
            }
        }
        put(
                zip,
                MANIFEST,
                Json.write(new Manifest(FORMAT, VERSION, contents.extent(), theme.name(), lines, entries, leftOut))
                        .getBytes(StandardCharsets.UTF_8));
        zip.finish();
    }

    private static int document(ZipOutputStream zip, List<Manifest.Entry> entries, String name, Object value)
            throws IOException {
        return entry(zip, entries, name, "", Json.write(value).getBytes(StandardCharsets.UTF_8));
    }

    private static int entry(
            ZipOutputStream zip, List<Manifest.Entry> entries, String name, String title, byte[] content)
            throws IOException {
        put(zip, name, content);
        entries.add(new Manifest.Entry(name, title, content.length, ContentName.full(content)));
        return content.length;
    }

    private static Set<String> needed(Theme theme, List<FontLeftOut> leftOut) {
        Set<String> names = needed(theme);
        leftOut.forEach(font -> names.remove(new Face(font.face()).hash()));
        return names;
    }

    private static void put(ZipOutputStream zip, String name, byte[] content) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTimeLocal(NO_TIME);
        zip.putNextEntry(entry);
        zip.write(content);
        zip.closeEntry();
    }

    /**
     * Reads a package from outside. What its files are is still to be looked at.
     *
     * @throws Mistake with the place that is wrong, when it is none, damaged, too large, or holds what does not belong
     *                 in it
     */
    public static ThemePackage read(InputStream in) throws IOException {
        byte[] packed = in.readNBytes(MOST_BYTES + 1);
        if (packed.length > MOST_BYTES) {
            throw new Mistake("This package has more than " + (MOST_BYTES >> 20) + " MB.");
        }
        requireWhole(packed);
        List<String> listed = listed(packed);
        Map<String, byte[]> entries = entries(packed);
        if (!List.copyOf(entries.keySet()).equals(listed)) {
            throw new Mistake("This package is damaged: the list at its end names other files than are in it.");
        }
        Manifest manifest = document(entries, MANIFEST, Manifest.class, ThemePackage::upgradeManifest);
        if (!manifest.format().equals(FORMAT)) {
            throw new Mistake("This is no theme package: " + MANIFEST + " says “" + manifest.format() + "”.");
        }
        if (manifest.version() < 1 || manifest.version() > VERSION) {
            throw new Mistake("This package is of version " + manifest.version()
                    + "; this program knows versions up to " + VERSION + ".");
        }
        boolean checked = manifest.version() >= FIRST_WITH_MORE;
        List<Preview> previews = new ArrayList<>();
        for (Manifest.Entry line : manifest.entries()) {
            byte[] content = entries.get(line.entry());
            require(line.entry(), content, line.bytes(), line.sha256());
            if (EXTRA.matcher(line.entry()).matches()) {
                entries.remove(line.entry());
                if (line.entry().startsWith(PREVIEWS)) {
                    previews.add(new Preview(line.title(), content));
                }
            } else if (!DOCUMENTS.contains(line.entry())) {
                throw foreign(line.entry());
            }
        }
        Set<String> told =
                manifest.entries().stream().map(Manifest.Entry::entry).collect(Collectors.toSet());
        if (checked) {
            entries.keySet().stream()
                    .filter(name -> !name.startsWith(FILES) && !told.contains(name))
                    .findFirst()
                    .ifPresent(name -> {
                        throw foreign(name);
                    });
        }
        Theme theme = document(entries, THEME, Theme.class, ThemePackage::upgrade);
        Contents contents = new Contents(
                manifest.extent(),
                theme,
                documents(entries, STARTING, Cue[].class).stream()
                        .map(ThemePackage::starting)
                        .toList(),
                documents(entries, TABLES, PackedTable[].class),
                documents(entries, PROFILES, String[].class).stream()
                        .map(ThemePackage::profile)
                        .toList());
        Map<String, byte[]> files = new LinkedHashMap<>();
        for (Manifest.Line line : manifest.files()) {
            byte[] content = entries.remove(FILES + line.file());
            require(FILES + line.file(), content, line.bytes(), line.sha256());
            files.put(line.file(), content);
        }
        List<FontLeftOut> leftOut = manifest.leftOut().stream()
                .filter(font ->
                        theme.faces().stream().anyMatch(own -> own.face().id().equals(font.face())))
                .toList();
        Set<String> needed = needed(theme, leftOut);
        for (String name : needed) {
            if (!files.containsKey(name)) {
                throw new Mistake("This package is not whole: the theme needs " + FILES + name + ".");
            }
        }
        Stream.concat(
                        entries.keySet().stream(),
                        files.keySet().stream()
                                .filter(name -> !needed.contains(name))
                                .map(name -> FILES + name))
                .findFirst()
                .ifPresent(name -> {
                    throw foreign(name);
                });
        return new ThemePackage(contents, files, previews, leftOut);
    }

    private static void require(String name, byte[] content, long bytes, String sha256) {
        if (content == null || content.length != bytes) {
            throw new Mistake("This package is not whole: " + name + " is missing or cut short.");
        }
        if (!ContentName.full(content).equals(sha256)) {
            throw new Mistake("This package is damaged at " + name + ": its checksum is another one.");
        }
    }

    /** Nothing in a package starts, stops or shows anything. */
    private static Cue starting(Cue cue) {
        if (!(cue instanceof SequenceCue.WriteSequence || cue instanceof ViewerCue.WritePresses)) {
            throw new Mistake(
                    "In " + STARTING + " of this package is something else than what is prepared for a show.");
        }
        if (Shows.apply(Show.QUIET, NOWHERE, cue, 0) instanceof Cued.Refused(String reason)) {
            throw new Mistake("In " + STARTING + " of this package: " + reason);
        }
        return cue;
    }

    private static Profile profile(String document) {
        try {
            return Profiles.read(document);
        } catch (Mistake e) {
            throw new Mistake("In " + PROFILES + " of this package: " + e.getMessage(), e);
        }
    }

    /** None where the file has no such document. */
    private static <T> List<T> documents(Map<String, byte[]> entries, String name, Class<T[]> type) {
        return entries.containsKey(name) ? List.of(document(entries, name, type, _ -> {})) : List.of();
    }

    /** Earlier ones were whole themes, and said nothing of what else was in the file. */
    private static void upgradeManifest(JsonNode manifest) {
        if (manifest instanceof ObjectNode object && object.path("version").asInt(0) < FIRST_WITH_MORE) {
            object.put("extent", Extent.THEME.name());
            object.putArray("entries");
            object.putArray("leftOut");
        }
    }

    /**
     * The theme with fonts that ship instead of some that are not at hand.
     *
     * @param missing ids of faces
     */
    public static Theme withStandIns(Theme theme, Set<String> missing) {
        Brand brand = theme.brand();
        return theme.withFaces(theme.faces().stream()
                        .filter(own -> !missing.contains(own.face().id()))
                        .toList())
                .withBrand(brand.withFaces(
                        at(brand.heading(), missing, Face.BARLOW_CONDENSED),
                        at(brand.text(), missing, Face.ATKINSON),
                        at(brand.figures(), missing, Face.BARLOW_CONDENSED)));
    }

    private static Face at(Face face, Set<String> missing, Face instead) {
        return missing.contains(face.id()) ? instead : face;
    }

    /** Without its end a zip may still seem whole to who reads it from its beginning. */
    private static void requireWhole(byte[] packed) {
        if (packed.length < END_LENGTH
                || ByteBuffer.wrap(packed).order(ByteOrder.LITTLE_ENDIAN).getInt(packed.length - END_LENGTH) != END) {
            throw new Mistake(
                    packed.length > 1 && packed[0] == 'P' && packed[1] == 'K'
                            ? "This package is cut short."
                            : "This is no theme package: it is no zip file.");
        }
    }

    /**
     * What the list at the end names, in its order. Whoever unpacks by it and whoever reads from the beginning must see
     * the same, and nothing may be a link to somewhere else.
     */
    private static List<String> listed(byte[] packed) {
        ByteBuffer zip = ByteBuffer.wrap(packed).order(ByteOrder.LITTLE_ENDIAN);
        int end = packed.length - END_LENGTH;
        int count = Short.toUnsignedInt(zip.getShort(end + 10));
        if (count > MOST_ENTRIES) {
            throw tooMany();
        }
        List<String> names = new ArrayList<>();
        long at = Integer.toUnsignedLong(zip.getInt(end + 16));
        for (int i = 0; i < count; i++) {
            if (at + LISTED_LENGTH > end || zip.getInt((int) at) != LISTED) {
                throw new Mistake("This package is damaged in the list at its end.");
            }
            int here = (int) at;
            int length = Short.toUnsignedInt(zip.getShort(here + 28));
            long next = at
                    + LISTED_LENGTH
                    + length
                    + Short.toUnsignedInt(zip.getShort(here + 30))
                    + Short.toUnsignedInt(zip.getShort(here + 32));
            if (next > end) {
                throw new Mistake("This package is damaged in the list at its end.");
            }
            String name = named(new String(packed, here + LISTED_LENGTH, length, StandardCharsets.UTF_8));
            if ((zip.getInt(here + 38) >>> 16 & KIND) == LINK) {
                throw new Mistake("“" + name + "” of this package is a link to somewhere else.");
            }
            names.add(name);
            at = next;
        }
        return names;
    }

    private static Mistake tooMany() {
        return new Mistake("This package holds more than " + MOST_ENTRIES + " files.");
    }

    private static Map<String, byte[]> entries(byte[] packed) throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        long left = MOST_BYTES;
        String at = "its beginning";
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(packed), StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                at = named(entry.getName());
                int most = (int) Math.min(
                        left, at.equals(TABLES) ? LONGEST_TABLES : DOCUMENTS.contains(at) ? LONGEST_DOCUMENT : left);
                byte[] content = zip.readNBytes(most + 1);
                if (content.length > most) {
                    throw new Mistake("Unpacked, “" + at + "” is larger than is taken here.");
                }
                left -= content.length;
                if (entries.put(at, content) != null) {
                    throw new Mistake("“" + at + "” stands in this package twice.");
                }
                if (entries.size() > MOST_ENTRIES) {
                    throw tooMany();
                }
                zip.closeEntry();
            }
        } catch (Mistake e) {
            throw e;
        } catch (ZipException | EOFException | IllegalArgumentException e) {
            throw new Mistake("This package is damaged at " + at + ".", e);
        }
        return entries;
    }

    /** Nothing is ever written under these names; what else is in a package is refused whatever it is. */
    private static String named(String name) {
        boolean known = DOCUMENTS.contains(name)
                || FILE.matcher(name).matches()
                || EXTRA.matcher(name).matches();
        if (!known) {
            String shown = name.length() > 80 ? name.substring(0, 80) + "…" : name;
            throw foreign(shown.replaceAll("\\p{Cntrl}", "?"));
        }
        return name;
    }

    private static Mistake foreign(String name) {
        return new Mistake("“" + name + "” does not belong into a theme package.");
    }

    /** From whichever version it was written by. */
    private static void upgrade(JsonNode theme) {
        AlertsUpgrade.upgrade(theme);
        SoundsUpgrade.upgrade(theme);
        EntriesUpgrade.upgrade(theme);
        HandsUpgrade.upgrade(theme);
        SeeThroughUpgrade.upgrade(theme);
        ArrivalUpgrade.upgrade(theme);
        BotUpgrade.upgrade(theme);
    }

    private static <T> T document(Map<String, byte[]> entries, String name, Class<T> type, Consumer<JsonNode> upgrade) {
        byte[] content = entries.remove(name);
        if (content == null) {
            throw new Mistake("This is no theme package: it has no " + name + ".");
        }
        try {
            String text = StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(content))
                    .toString();
            JsonNode node = Json.readFromOutside(text, JsonNode.class);
            upgrade.accept(node);
            return Json.readFromOutside(node.toString(), type);
        } catch (CharacterCodingException e) {
            throw new Mistake(name + " of this package is no text in UTF-8.", e);
        } catch (Mistake e) {
            throw new Mistake("In " + name + " of this package: " + e.getMessage(), e);
        }
    }
}
