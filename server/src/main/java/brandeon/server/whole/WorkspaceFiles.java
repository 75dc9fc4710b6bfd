package brandeon.server.whole;

import brandeon.core.art.ContentName;
import brandeon.core.bundle.PackedTable;
import brandeon.core.bundle.ThemePackage;
import brandeon.core.bundle.WorkspaceDocument;
import brandeon.core.bundle.WorkspaceDocument.PackedChannel;
import brandeon.core.bundle.WorkspaceDocument.PackedEntry;
import brandeon.core.bundle.WorkspaceDocument.PackedLine;
import brandeon.core.bundle.WorkspaceDocument.PackedLink;
import brandeon.core.bundle.WorkspaceDocument.PackedShow;
import brandeon.core.bundle.WorkspaceDocument.PackedWork;
import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.access.Workspaces;
import brandeon.server.bundle.Packing;
import brandeon.server.channel.Channels;
import brandeon.server.channel.PlatformProfiles;
import brandeon.server.inlet.MappedInlets;
import brandeon.server.move.MoveList;
import brandeon.server.problem.Refused;
import brandeon.server.publish.Outlets;
import brandeon.server.rig.Rigs;
import brandeon.server.show.RunningShows;
import brandeon.server.table.ShowTables;
import brandeon.server.theme.Themes;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Enumeration;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Service;

/** Writes files with a whole workspace, and reads them: what was written is read back before anybody gets it. */
@Service
public class WorkspaceFiles {

    private static final int MOST_ENTRIES = 2001;
    private static final int LONGEST_DOCUMENT = 64 << 20;
    /** The same workspace makes the same file; MS-DOS time begins here (APPNOTE.TXT 6.3, section 4.4.6). */
    private static final LocalDateTime NO_TIME = LocalDateTime.of(1980, 1, 1, 0, 0);

    private final Workspaces workspaces;
    private final Themes themes;
    private final Channels channels;
    private final PlatformProfiles profiles;
    private final RunningShows shows;
    private final ShowTables tables;
    private final Outlets outlets;
    private final Rigs rigs;
    private final MoveList list;
    private final Packing packing;
    private final MappedInlets inlets;

    WorkspaceFiles(
            Workspaces workspaces,
            Themes themes,
            Channels channels,
            PlatformProfiles profiles,
            RunningShows shows,
            ShowTables tables,
            Outlets outlets,
            Rigs rigs,
            MoveList list,
            Packing packing,
            MappedInlets inlets) {
        this.inlets = inlets;
        this.workspaces = workspaces;
        this.themes = themes;
        this.channels = channels;
        this.profiles = profiles;
        this.shows = shows;
        this.tables = tables;
        this.outlets = outlets;
        this.rigs = rigs;
        this.list = list;
        this.packing = packing;
    }

    /**
     * Writes a workspace and reads it back.
     *
     * @throws Refused when what was read is not what was written
     */
    void write(Path file, Member owner) throws IOException {
        owner.requires(Role.OWNER);
        Map<String, Theme> written = new LinkedHashMap<>();
        try (OutputStream out = Files.newOutputStream(file);
                ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            List<PackedEntry> entries = new ArrayList<>();
            WorkspaceDocument document = document(owner, zip, entries, written);
            put(zip, WorkspaceDocument.ENTRY, document.write().getBytes(StandardCharsets.UTF_8));
        }
        verify(file, written);
    }

    private WorkspaceDocument document(
            Member owner, ZipOutputStream zip, List<PackedEntry> entries, Map<String, Theme> written)
            throws IOException {
        List<Channels.Channel> all = channels.all(owner);
        List<UUID> showIds = all.stream().map(Channels.Channel::show).distinct().toList();
        List<UUID> channelIds = all.stream().map(Channels.Channel::id).toList();
        List<Themes.Draft> drafts = themes.all(owner);
        List<UUID> draftIds = drafts.stream().map(Themes.Draft::id).toList();
        List<PackedWork> works = new ArrayList<>();
        for (Themes.Draft draft : drafts) {
            String name = "themes/" + (works.size() + 1);
            theme(zip, name + ".zip", owner, draft.theme(), entries, written);
            Optional<Theme> onAir = themes.onAir(draft);
            if (onAir.isPresent()) {
                theme(zip, name + "-on-air.zip", owner, onAir.get(), entries, written);
            }
            works.add(new PackedWork(
                    name + ".zip",
                    onAir.isPresent() ? name + "-on-air.zip" : "",
                    index(channelIds, draft.channel()),
                    draft.archived(),
                    draft.movedFrom().map(draftIds::indexOf).orElse(-1),
                    shows.find(channels.find(draft.channel()).orElseThrow().show())
                            .flatMap(RunningShows.Running::leading)
                            .equals(Optional.of(draft.id())),
                    list.lines(draft.id()).stream()
                            .map(line -> new PackedLine(line.title(), line.link(), line.note()))
                            .toList(),
                    outlets.of(draft.id()).stream()
                            .map(outlet -> new PackedLink(
                                    outlet.scene(),
                                    outlet.canvas(),
                                    outlet.part().toString(),
                                    outlets.token(outlet)))
                            .toList()));
        }
        List<PackedShow> packed = new ArrayList<>();
        for (UUID id : showIds) {
            RunningShows.Running show = shows.get(owner, id);
            packed.add(new PackedShow(
                    show.name(),
                    show.show().settled(),
                    show.counting(),
                    show.chat(),
                    tables.all(owner, id).stream()
                            .map(one -> PackedTable.of(one.table()))
                            .toList()));
        }
        Rigs.Kept rig = rigs.get(owner);
        return WorkspaceDocument.of(
                workspaces.name(owner.workspace()),
                profiles.all(owner).stream()
                        .filter(PlatformProfiles.Entry::own)
                        .map(PlatformProfiles.Entry::document)
                        .toList(),
                packed,
                all.stream()
                        .map(one -> new PackedChannel(
                                one.name(),
                                one.platform().id(),
                                index(showIds, one.show()),
                                inlets.packed(owner, one.id())))
                        .toList(),
                works,
                rig.version() == 0 ? "" : Json.write(rig.rig()),
                entries);
    }

    private static <T> int index(List<T> all, T one) {
        int index = all.indexOf(one);
        if (index < 0) {
            throw new IllegalStateException("Something of a workspace names what is not in it.");
        }
        return index;
    }

    private void theme(
            ZipOutputStream zip,
            String name,
            Member owner,
            Theme theme,
            List<PackedEntry> entries,
            Map<String, Theme> written)
            throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        packing.whole(bytes, owner.workspace(), theme);
        byte[] content = bytes.toByteArray();
        if (content.length > ThemePackage.MOST_BYTES) {
            throw new Refused(
                    "The theme “" + theme.name() + "” has more than " + (ThemePackage.MOST_BYTES >> 20)
                            + " MB of pictures and sounds, which is the most that a file of it may have. Take some out of it first; bin/backup keeps all of it.");
        }
        put(zip, name, content);
        entries.add(new PackedEntry(name, content.length, ContentName.full(content)));
        written.put(name, theme);
    }

    private static void put(ZipOutputStream zip, String name, byte[] content) throws IOException {
        ZipEntry entry = new ZipEntry(name);
        entry.setTimeLocal(NO_TIME);
        zip.putNextEntry(entry);
        zip.write(content);
        zip.closeEntry();
    }

    private static void verify(Path file, Map<String, Theme> written) throws IOException {
        try (Opened opened = open(file)) {
            for (Map.Entry<String, Theme> one : written.entrySet()) {
                if (!opened.theme(one.getKey()).contents().theme().equals(one.getValue())) {
                    throw new Refused("The file was written, but the theme “"
                            + one.getValue().name() + "” in it is another one when it is read back. It was not kept.");
                }
            }
        } catch (Mistake e) {
            throw new Refused("The file was written, but cannot be read back: " + e.getMessage());
        }
    }

    /** A file of a workspace that is whole as far as its list says. */
    static final class Opened implements AutoCloseable {

        private final ZipFile zip;
        private final WorkspaceDocument document;

        private Opened(ZipFile zip, WorkspaceDocument document) {
            this.zip = zip;
            this.document = document;
        }

        WorkspaceDocument document() {
            return document;
        }

        /** @throws Mistake with the place that is wrong */
        ThemePackage theme(String entry) throws IOException {
            PackedEntry line = document.entries().stream()
                    .filter(one -> one.entry().equals(entry))
                    .findFirst()
                    .orElseThrow();
            byte[] content = content(zip, entry, ThemePackage.MOST_BYTES);
            if (content.length != line.bytes()) {
                throw new Mistake("This file is not whole: " + entry + " is missing or cut short.");
            }
            if (!ContentName.full(content).equals(line.sha256())) {
                throw new Mistake("This file is damaged at " + entry + ": its checksum is another one.");
            }
            try {
                return ThemePackage.read(new ByteArrayInputStream(content));
            } catch (Mistake e) {
                throw new Mistake("In " + entry + " of this file: " + e.getMessage(), e);
            }
        }

        @Override
        public void close() throws IOException {
            zip.close();
        }
    }

    /** @throws Mistake with the place that is wrong, when it is none, damaged, or holds what does not belong in it */
    static Opened open(Path file) throws IOException {
        ZipFile zip;
        try {
            zip = new ZipFile(file.toFile(), StandardCharsets.UTF_8);
        } catch (IOException | IllegalArgumentException e) {
            throw new Mistake("This is no file of a workspace: it is no zip file, or cut short.", e);
        }
        try {
            Set<String> names = new HashSet<>();
            for (Enumeration<? extends ZipEntry> all = zip.entries(); all.hasMoreElements(); ) {
                String name = all.nextElement().getName();
                if (!names.add(name) || names.size() > MOST_ENTRIES) {
                    throw new Mistake("“" + name + "” stands in this file twice, or there is too much in it.");
                }
            }
            if (!names.contains(WorkspaceDocument.ENTRY)) {
                throw new Mistake("This is no file of a workspace: it has no " + WorkspaceDocument.ENTRY + ".");
            }
            WorkspaceDocument document = WorkspaceDocument.read(
                    new String(content(zip, WorkspaceDocument.ENTRY, LONGEST_DOCUMENT), StandardCharsets.UTF_8));
            document.entries().forEach(line -> {
                if (!names.remove(line.entry())) {
                    throw new Mistake("This file is not whole: " + line.entry() + " is missing.");
                }
            });
            names.remove(WorkspaceDocument.ENTRY);
            names.stream().findFirst().ifPresent(name -> {
                throw new Mistake("“" + name + "” does not belong into a file of a workspace.");
            });
            return new Opened(zip, document);
        } catch (RuntimeException | IOException e) {
            zip.close();
            throw e;
        }
    }

    private static byte[] content(ZipFile zip, String name, int most) throws IOException {
        ZipEntry entry = zip.getEntry(name);
        if (entry == null) {
            throw new Mistake("This file is not whole: " + name + " is missing.");
        }
        try (InputStream in = zip.getInputStream(entry)) {
            byte[] content = in.readNBytes(most + 1);
            if (content.length > most) {
                throw new Mistake(name + " of this file is too long.");
            }
            return content;
        } catch (IOException e) {
            // Whatever hinders is in the file, which lies here.
            throw new Mistake("This file is damaged at " + name + ".", e);
        }
    }
}
