package brandeon.server.whole;

import brandeon.core.bundle.ThemePackage;
import brandeon.core.bundle.WorkspaceDocument;
import brandeon.core.bundle.WorkspaceDocument.PackedLink;
import brandeon.core.bundle.WorkspaceDocument.PackedShow;
import brandeon.core.bundle.WorkspaceDocument.PackedWork;
import brandeon.core.pack.Json;
import brandeon.core.problem.Mistake;
import brandeon.core.publish.Part;
import brandeon.core.text.Csv;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.access.Workspaces;
import brandeon.server.bundle.Unpacking;
import brandeon.server.channel.Channels;
import brandeon.server.channel.PlatformProfiles;
import brandeon.server.inlet.MappedInlets;
import brandeon.server.move.MoveList;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import brandeon.server.publish.Outlets;
import brandeon.server.rig.Rig;
import brandeon.server.rig.Rigs;
import brandeon.server.show.RunningShows;
import brandeon.server.table.ShowTables;
import brandeon.server.theme.Themes;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Brings a workspace in from its file, as a new one; nothing of a refused one is kept. */
@Service
class WorkspaceReturn {

    private static final Logger LOG = LoggerFactory.getLogger(WorkspaceReturn.class);
    private static final Pattern LINK = Pattern.compile(".*/o/([A-Za-z0-9_-]{20,80})(?:[?#].*)?");
    private static final int LONGEST_NAME = 80;

    /** Another link for a place. @param theme its name @param scene its name */
    record ReturnedLink(String theme, String scene, String canvas, String part, String oldLink, String newLink) {}

    /** @param csv the links as a table; empty where there are none */
    record Returned(UUID workspace, String name, int themes, List<ReturnedLink> links, String csv) {}

    private final Workspaces workspaces;
    private final Themes themes;
    private final Channels channels;
    private final PlatformProfiles profiles;
    private final RunningShows shows;
    private final ShowTables tables;
    private final Outlets outlets;
    private final Rigs rigs;
    private final MoveList list;
    private final Unpacking unpacking;
    private final MappedInlets inlets;

    WorkspaceReturn(
            Workspaces workspaces,
            Themes themes,
            Channels channels,
            PlatformProfiles profiles,
            RunningShows shows,
            ShowTables tables,
            Outlets outlets,
            Rigs rigs,
            MoveList list,
            Unpacking unpacking,
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
        this.unpacking = unpacking;
    }

    /**
     * @param known names of the workspaces that the person is in already
     * @throws Mistake with the place that is wrong
     */
    Returned bringIn(UUID account, String name, String email, Set<String> known, Path file) throws IOException {
        try (WorkspaceFiles.Opened opened = WorkspaceFiles.open(file)) {
            WorkspaceDocument document = opened.document();
            UUID workspace = workspaces.make(account, free(document.name(), known));
            Member owner = new Member(account, name, email, workspace, Role.OWNER);
            boolean whole = false;
            try {
                Returned returned = new Making(owner, opened).made();
                whole = true;
                return returned;
            } finally {
                if (!whole) {
                    workspaces.undo(owner);
                }
            }
        }
    }

    private static String free(String wanted, Set<String> known) {
        String name = wanted.isBlank() ? "Workspace" : wanted.strip();
        String free = name;
        for (int i = 2; known.contains(free); i++) {
            String number = " " + i;
            free = name.substring(0, Math.min(name.length(), LONGEST_NAME - number.length())) + number;
        }
        return free;
    }

    private final class Making {

        private final Member owner;
        private final WorkspaceFiles.Opened opened;
        private final WorkspaceDocument document;
        private final List<Channels.Channel> made = new ArrayList<>();
        private final Map<Integer, UUID> ids = new HashMap<>();
        private final List<ReturnedLink> links = new ArrayList<>();

        Making(Member owner, WorkspaceFiles.Opened opened) {
            this.owner = owner;
            this.opened = opened;
            this.document = opened.document();
        }

        Returned made() throws IOException {
            document.profiles().forEach(profile -> profiles.put(owner, profile));
            channels();
            shows();
            for (boolean some = true; some; ) {
                some = false;
                for (int i = 0; i < document.themes().size(); i++) {
                    PackedWork work = document.themes().get(i);
                    if (!ids.containsKey(i) && (work.movedFrom() < 0 || ids.containsKey(work.movedFrom()))) {
                        theme(i, work);
                        some = true;
                    }
                }
            }
            if (ids.size() < document.themes().size()) {
                throw new Mistake("In " + WorkspaceDocument.ENTRY + " of this file themes come from each other.");
            }
            rig();
            return new Returned(
                    owner.workspace(), workspaces.name(owner.workspace()), ids.size(), List.copyOf(links), csv());
        }

        private String csv() {
            return links.isEmpty()
                    ? ""
                    : Csv.written(
                            List.of("theme", "scene", "canvas", "part", "former token", "link"),
                            links.stream()
                                    .map(one -> List.of(
                                            one.theme(),
                                            one.scene(),
                                            one.canvas(),
                                            one.part(),
                                            one.oldLink(),
                                            one.newLink()))
                                    .toList());
        }

        private void channels() {
            Map<Integer, UUID> showIds = new HashMap<>();
            for (WorkspaceDocument.PackedChannel channel : document.channels()) {
                Channels.Channel added = channels.add(owner, profiles.get(owner, channel.platform()), channel.name());
                UUID known = showIds.get(channel.show());
                made.add(known == null ? added : channels.feed(owner, added.id(), Optional.of(known)));
                showIds.putIfAbsent(channel.show(), added.show());
                channel.inlets().forEach(inlet -> inlets.back(owner, added.id(), inlet));
            }
        }

        private void shows() {
            Set<Integer> done = new HashSet<>();
            for (int i = 0; i < made.size(); i++) {
                int number = document.channels().get(i).show();
                if (!done.add(number)) {
                    continue;
                }
                PackedShow show = document.shows().get(number);
                UUID id = made.get(i).show();
                shows.back(owner, id, show.show(), show.counting(), show.chat());
                show.tables().forEach(table -> tables.bringIn(owner, id, table.table()));
            }
        }

        private void theme(int number, PackedWork work) throws IOException {
            Channels.Channel channel = made.get(work.channel());
            Themes.Draft draft = unpacking.back(
                    owner,
                    opened.theme(work.entry()),
                    theme -> themes.back(owner, channel.id(), theme, Optional.ofNullable(ids.get(work.movedFrom()))));
            ids.put(number, draft.id());
            if (!work.onAir().isEmpty()) {
                ThemePackage onAir = opened.theme(work.onAir());
                Theme shown = unpacking.back(owner, onAir, theme -> theme);
                themes.backOnAir(owner, draft.id(), shown);
                outlets.ensure(draft.id(), shown);
            }
            if (work.leads()) {
                shows.lead(owner, channel.show(), draft.id());
            }
            list.back(
                    owner,
                    draft,
                    work.lines().stream()
                            .map(line -> new MoveList.Line(line.title(), line.link(), line.note()))
                            .toList());
            if (work.archived()) {
                themes.archive(owner, draft.id(), true);
            }
            if (!work.onAir().isEmpty()) {
                alone(draft, work);
            }
            Map<String, Outlets.Outlet> places = new HashMap<>();
            outlets.of(draft.id())
                    .forEach(outlet -> places.put(
                            place(outlet.scene(), outlet.canvas(), outlet.part().toString()), outlet));
            for (PackedLink link : work.links()) {
                Outlets.Outlet outlet = places.get(place(link.scene(), link.canvas(), link.part()));
                if (outlet != null) {
                    links.add(new ReturnedLink(
                            draft.theme().name(),
                            draft.theme().scene(link.scene()).map(Scene::name).orElse(link.scene()),
                            link.canvas(),
                            link.part(),
                            link.link(),
                            outlets.link(outlet)));
                }
            }
        }

        /** Pieces and groups have a link of their own where somebody wanted one. */
        private void alone(Themes.Draft draft, PackedWork work) {
            for (PackedLink link : work.links()) {
                Part part = Part.of(link.part());
                if (part.boxed()) {
                    try {
                        outlets.alone(owner, draft.id(), new Outlets.Place(link.scene(), link.canvas(), part));
                    } catch (Refused | NotFound e) {
                        LOG.info("A source of its own did not come back: {}", e.getMessage());
                    }
                }
            }
        }

        private static String place(String scene, String canvas, String part) {
            return scene + "\n" + canvas + "\n" + part;
        }

        /** The rig with the new links; those of elsewhere stay as they are. */
        private void rig() {
            if (document.rig().isEmpty()) {
                return;
            }
            Rig rig;
            try {
                rig = Json.readFromOutside(document.rig(), Rig.class);
            } catch (Mistake e) {
                throw new Mistake("The practice rig in this file: " + e.getMessage(), e);
            }
            Map<String, String> byToken = new HashMap<>();
            links.forEach(link -> byToken.put(link.oldLink(), link.newLink()));
            Map<String, String> replaced = new HashMap<>();
            rigs.places(rig).forEach(place -> {
                Matcher token = LINK.matcher(place.link());
                if (token.matches() && byToken.containsKey(token.group(1))) {
                    replaced.put(place.link(), byToken.get(token.group(1)));
                }
            });
            rigs.put(owner, 0, rigs.replaced(rig, replaced));
        }
    }
}
