package brandeon.core.bundle;

import brandeon.core.art.ContentName;
import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
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
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipException;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import tools.jackson.databind.JsonNode;

/**
 * A theme with its pictures, fonts and sounds as one file (docs/formats.md): a zip with {@code manifest.json},
 * {@code theme.json} and {@code files/} with their checksums.
 *
 * @param files by the name that the theme gives them; all that it needs, and nothing else
 */
public record ThemePackage(Theme theme, Map<String, byte[]> files) {

    private static final String FORMAT = "brandeon-theme";
    private static final int VERSION = 7;

    /** In bytes, packed or unpacked. */
    public static final int MOST_BYTES = 60 << 20;

    private static final int MOST_ENTRIES = 1000;
    private static final int LONGEST_DOCUMENT = 4 << 20;
    private static final String MANIFEST = "manifest.json";
    private static final String THEME = "theme.json";
    private static final String FILES = "files/";
    private static final Pattern FILE = Pattern.compile(FILES + "[0-9a-f]{64}");

    /** PKWARE, APPNOTE.TXT 6.3, section 4.3.16: end of central directory record. */
    private static final int END = 0x06054b50;

    private static final int END_LENGTH = 22;

    /** The same theme makes the same file; MS-DOS time begins here (APPNOTE.TXT 6.3, section 4.4.6). */
    private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 1, 1, 0, 0);

    /** What the file says of itself. @param files by their names in it, in their order */
    record Manifest(String format, int version, String name, List<Line> files) {
        record Line(String file, long bytes, String sha256) {}
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

    /**
     * Writes a theme. Files are asked for one after another and not kept.
     *
     * @param files whose content need not have the name's hash; it travels under its own
     */
    public static void write(OutputStream out, Theme theme, Source files) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        List<Manifest.Line> lines = new ArrayList<>();
        put(zip, THEME, Json.write(theme).getBytes(StandardCharsets.UTF_8));
        for (String name : needed(theme)) {
            byte[] content = files.content(name);
            put(zip, FILES + name, content);
            lines.add(new Manifest.Line(name, content.length, ContentName.full(content)));
        }
        put(
                zip,
                MANIFEST,
                Json.write(new Manifest(FORMAT, VERSION, theme.name(), lines)).getBytes(StandardCharsets.UTF_8));
        zip.finish();
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
        Map<String, byte[]> entries = entries(packed);
        Manifest manifest = document(entries, MANIFEST, Manifest.class, _ -> {});
        if (!manifest.format().equals(FORMAT)) {
            throw new Mistake("This is no theme package: " + MANIFEST + " says “" + manifest.format() + "”.");
        }
        if (manifest.version() < 1 || manifest.version() > VERSION) {
            throw new Mistake("This package is of version " + manifest.version()
                    + "; this program knows versions up to " + VERSION + ".");
        }
        Theme theme = document(entries, THEME, Theme.class, ThemePackage::upgrade);
        Map<String, byte[]> files = new LinkedHashMap<>();
        for (Manifest.Line line : manifest.files()) {
            byte[] content = entries.remove(FILES + line.file());
            if (content == null || content.length != line.bytes()) {
                throw new Mistake("This package is not whole: " + FILES + line.file() + " is missing or cut short.");
            }
            if (!ContentName.full(content).equals(line.sha256())) {
                throw new Mistake(
                        "This package is damaged at " + FILES + line.file() + ": its checksum is another one.");
            }
            files.put(line.file(), content);
        }
        Set<String> needed = needed(theme);
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
        return new ThemePackage(theme, files);
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

    private static Map<String, byte[]> entries(byte[] packed) throws IOException {
        Map<String, byte[]> entries = new LinkedHashMap<>();
        long left = MOST_BYTES;
        String at = "its beginning";
        try (ZipInputStream zip = new ZipInputStream(new ByteArrayInputStream(packed), StandardCharsets.UTF_8)) {
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                at = named(entry.getName());
                boolean document = !at.startsWith(FILES);
                int most = document ? LONGEST_DOCUMENT : (int) left;
                byte[] content = zip.readNBytes(most + 1);
                if (content.length > most) {
                    throw new Mistake("Unpacked, “" + at + "” is larger than is taken here.");
                }
                left -= content.length;
                if (entries.put(at, content) != null) {
                    throw new Mistake("“" + at + "” stands in this package twice.");
                }
                if (entries.size() > MOST_ENTRIES) {
                    throw new Mistake("This package holds more than " + MOST_ENTRIES + " files.");
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
        boolean known = name.equals(MANIFEST)
                || name.equals(THEME)
                || FILE.matcher(name).matches();
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
