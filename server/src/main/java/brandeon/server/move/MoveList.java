package brandeon.server.move;

import brandeon.core.canvas.Canvas;
import brandeon.core.layout.ResolvedScene;
import brandeon.core.move.BotSheet;
import brandeon.core.move.LinkState;
import brandeon.core.problem.Mistake;
import brandeon.core.publish.Part;
import brandeon.core.publish.Quiet;
import brandeon.core.publish.Taking;
import brandeon.core.text.Letters;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.Role;
import brandeon.server.live.Facts;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import brandeon.server.publish.Openness;
import brandeon.server.publish.Outlets;
import brandeon.server.publish.Outlets.Outlet;
import brandeon.server.theme.Themes;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is still to be done after a move: old links that are to be replaced, and what else people think of. */
@Service
public class MoveList {

    private static final int MOST = 100;
    private static final int LONGEST_TITLE = 120;
    private static final int LONGEST_LINK = 500;
    private static final int LONGEST_NOTE = 400;

    /**
     * One source whose link is replaced.
     *
     * @param key   by which it is ticked
     * @param oldAt when the old link was last known to be open, epoch milliseconds; 0 for never
     * @param by    who ticked it; empty for nobody
     */
    record SourceLine(
            String key,
            String scene,
            String canvas,
            String source,
            String oldLink,
            String newLink,
            LinkState state,
            boolean done,
            long oldAt,
            String by) {}

    /**
     * One command or timed message that is copied to the bot.
     *
     * @param key  by which it is ticked; another one as soon as anything of it changes
     * @param word empty for a timed message
     * @param text to be copied
     * @param rest what else is to be set there, in words
     * @param by   who ticked it; empty for nobody
     */
    record SaidLine(String key, String word, String text, String rest, boolean done, String by) {}

    /**
     * Whether the bot is in the new chat.
     *
     * @param key    by which it is ticked
     * @param name   of the bot; empty where the theme says none
     * @param seenAt when it wrote there last, epoch milliseconds; 0 for never
     */
    record BotLine(String key, String name, boolean done, long seenAt, String by) {}

    /** A line of somebody's own. @param by who did it; empty while it is to be done */
    record OwnLine(UUID id, String title, String link, String note, boolean done, Instant at, String by) {}

    /**
     * @param onAir   whether the copy is
     * @param oldOpen in how many places links of the old theme are open now
     * @param sources none where the theme is no copy
     * @param said    none where the bot of the theme answers and says nothing
     * @param bot     empty there too
     */
    record MoveListView(
            boolean onAir,
            int oldOpen,
            List<SourceLine> sources,
            List<SaidLine> said,
            Optional<BotLine> bot,
            List<OwnLine> own) {}

    /** What is to be changed for a move, where, and what is to be known about it. */
    public record Line(String title, String link, String note) {}

    /** @param link where it is to be changed; may be empty */
    record OwnWish(String title, String link, String note) {}

    private final MoveLineRows rows;
    private final Members members;
    private final Themes themes;
    private final Outlets outlets;
    private final Openness openness;
    private final Facts facts;

    MoveList(MoveLineRows rows, Members members, Themes themes, Outlets outlets, Openness openness, Facts facts) {
        this.rows = rows;
        this.members = members;
        this.themes = themes;
        this.outlets = outlets;
        this.openness = openness;
        this.facts = facts;
    }

    /** Must be called within a request, since links begin with the server's address. */
    MoveListView of(Member member, Themes.Draft copy) {
        member.requires(Role.OPERATOR);
        List<MoveLineRow> lines = rows.findByThemeIdOrderByMadeAtAscIdAsc(copy.id());
        Map<UUID, String> names = members.names(lines.stream()
                .map(line -> line.doneBy)
                .filter(Objects::nonNull)
                .distinct()
                .toList());
        Optional<Links> links = copy.movedFrom().map(from -> new Links(themes.get(member, from), copy, lines, names));
        return new MoveListView(
                copy.onAir() > 0,
                links.map(Links::oldOpen).orElse(0),
                links.map(Links::sources).orElse(List.of()),
                said(copy.theme(), lines, names),
                copy.theme().bot().empty() ? Optional.empty() : Optional.of(bot(copy, lines, names)),
                lines.stream()
                        .filter(line -> line.source == null)
                        .map(line -> own(line, names))
                        .toList());
    }

    private static List<SaidLine> said(Theme theme, List<MoveLineRow> lines, Map<UUID, String> names) {
        Map<String, MoveLineRow> ticks = ticks(lines);
        List<SaidLine> said = new ArrayList<>();
        BotSheet.of(theme).forEach(line -> {
            MoveLineRow tick = ticks.get(line.key());
            said.add(new SaidLine(
                    line.key(),
                    line.word(),
                    line.text(),
                    line.rest(),
                    tick != null,
                    tick == null ? "" : by(tick, names)));
        });
        return said;
    }

    private BotLine bot(Themes.Draft copy, List<MoveLineRow> lines, Map<UUID, String> names) {
        MoveLineRow tick = ticks(lines).get(BotSheet.JOINED);
        String name = copy.theme().bot().name();
        long seenAt = name.isEmpty() ? 0 : facts.wroteAt(copy.channel(), name).orElse(0L);
        return new BotLine(
                BotSheet.JOINED, name, tick != null || seenAt > 0, seenAt, tick == null ? "" : by(tick, names));
    }

    private static Map<String, MoveLineRow> ticks(List<MoveLineRow> lines) {
        return lines.stream()
                .filter(line -> line.source != null)
                .collect(Collectors.toMap(line -> line.source, Function.identity()));
    }

    private static OwnLine own(MoveLineRow line, Map<UUID, String> names) {
        return new OwnLine(
                line.id, line.title, line.link, line.note, line.doneAt != null, line.doneAt, by(line, names));
    }

    private static String by(MoveLineRow line, Map<UUID, String> names) {
        return line.doneAt == null ? "" : names.getOrDefault(line.doneBy, "Somebody");
    }

    /** The links of a move, and where they are open. */
    private final class Links {

        private final Theme theme;
        private final Map<Outlets.Place, Outlet> old;
        private final Successors successors;
        private final Map<UUID, Openness.Open> open;
        private final Map<String, MoveLineRow> ticks;
        private final Map<UUID, String> names;

        Links(Themes.Draft from, Themes.Draft copy, List<MoveLineRow> lines, Map<UUID, String> names) {
            this.theme = themes.onAir(from).orElse(from.theme());
            this.old = outlets.byPlace(from.id());
            this.successors = new Successors(themes, outlets, from, copy);
            this.open = openness.of(Stream.concat(old.values().stream(), successors.all().stream())
                    .toList());
            this.ticks = ticks(lines);
            this.names = names;
        }

        int oldOpen() {
            return old.values().stream()
                    .mapToInt(one -> open.get(one.id()).places())
                    .sum();
        }

        List<SourceLine> sources() {
            List<SourceLine> all = new ArrayList<>();
            for (Scene scene : theme.scenes()) {
                for (Canvas canvas : theme.canvases()) {
                    ResolvedScene resolved = Quiet.scene(theme, scene, canvas);
                    List<Part> best = Taking.of(resolved).parts();
                    old.values().stream()
                            .filter(one -> one.scene().equals(scene.id())
                                    && one.canvas().equals(canvas.id())
                                    && successors.of(one).isPresent())
                            .filter(one -> best.contains(one.part()) || used(one))
                            .sorted(Comparator.comparing(one -> !best.contains(one.part())))
                            .forEach(one -> all.add(line(resolved, one)));
                }
            }
            return all;
        }

        /** What nobody takes and nobody ever took need not be replaced. */
        private boolean used(Outlet outlet) {
            Openness.Open was = open.get(outlet.id());
            return was.open() || was.seenAt() > 0 || ticks.containsKey(key(outlet));
        }

        private SourceLine line(ResolvedScene resolved, Outlet outlet) {
            Outlet next = successors.of(outlet).orElseThrow();
            Openness.Open was = open.get(outlet.id());
            Openness.Open is = open.get(next.id());
            MoveLineRow tick = ticks.get(key(outlet));
            LinkState state = LinkState.of(was.open(), is.open() || is.seenAt() > 0, tick != null);
            return new SourceLine(
                    key(outlet),
                    resolved.scene().name(),
                    resolved.canvas().name(),
                    Taking.title(resolved, outlet.part()),
                    outlets.link(outlet),
                    outlets.link(next),
                    state,
                    state.done(),
                    was.open() ? System.currentTimeMillis() : was.seenAt(),
                    tick == null ? "" : by(tick, names));
        }
    }

    private static String key(Outlet outlet) {
        return outlet.scene() + "/" + outlet.canvas() + "/" + outlet.part();
    }

    /** Says of a source, a command or the bot that it is done, or that it is not. */
    @Transactional
    public void tick(Member member, Themes.Draft copy, String key, boolean done) {
        member.requires(Role.OPERATOR);
        boolean known = BotSheet.knows(copy.theme(), key)
                || outlets.of(copy.origin()).stream().anyMatch(one -> key(one).equals(key));
        if (!known) {
            throw new NotFound("There is no such line in this list any more: it was changed meanwhile.");
        }
        if (done) {
            rows.tick(UUID.randomUUID(), copy.id(), key, member.account(), Instant.now());
        } else {
            rows.untick(copy.id(), key);
        }
    }

    @Transactional
    public OwnLine add(Member member, Themes.Draft theme, OwnWish wish) {
        member.requires(Role.OPERATOR);
        require(wish);
        long there = rows.findByThemeIdOrderByMadeAtAscIdAsc(theme.id()).stream()
                .filter(line -> line.source == null)
                .count();
        if (there >= MOST) {
            throw new Refused("A list has at most " + MOST + " lines of your own.");
        }
        MoveLineRow row = rows.save(new MoveLineRow(theme.id(), wish.title(), wish.link(), wish.note()));
        return own(row, Map.of());
    }

    @Transactional
    public void change(Member member, Themes.Draft theme, UUID id, OwnWish wish) {
        member.requires(Role.OPERATOR);
        require(wish);
        MoveLineRow row = line(theme, id);
        row.title = wish.title();
        row.link = wish.link();
        row.note = wish.note();
    }

    @Transactional
    public void done(Member member, Themes.Draft theme, UUID id, boolean done) {
        member.requires(Role.OPERATOR);
        MoveLineRow row = line(theme, id);
        row.doneBy = done ? member.account() : null;
        row.doneAt = done ? Instant.now() : null;
    }

    @Transactional
    public void remove(Member member, Themes.Draft theme, UUID id) {
        member.requires(Role.OPERATOR);
        rows.delete(line(theme, id));
    }

    /** People's own lines for the next move, all of them to be done again. */
    @Transactional
    public void carry(UUID from, UUID to) {
        rows.findByThemeIdOrderByMadeAtAscIdAsc(from).stream()
                .filter(line -> line.source == null)
                .forEach(line -> rows.save(new MoveLineRow(to, line.title, line.link, line.note)));
    }

    /** People's own lines of a theme, in their order. */
    public List<Line> lines(UUID theme) {
        return rows.findByThemeIdOrderByMadeAtAscIdAsc(theme).stream()
                .filter(line -> line.source == null)
                .map(line -> new Line(line.title, line.link, line.note))
                .toList();
    }

    /** Such lines as they came back with their workspace. */
    @Transactional
    public void back(Member member, Themes.Draft theme, List<Line> lines) {
        lines.forEach(line -> add(member, theme, new OwnWish(line.title(), line.link(), line.note())));
    }

    private MoveLineRow line(Themes.Draft theme, UUID id) {
        return rows.findByIdAndThemeId(id, theme.id())
                .filter(line -> line.source == null)
                .orElseThrow(() -> new NotFound("There is no such line in this list any more."));
    }

    private static void require(OwnWish wish) {
        if (wish.title().isBlank() || wish.title().length() > LONGEST_TITLE || !Letters.oneLine(wish.title())) {
            throw new Mistake("What is to be changed has 1 to " + LONGEST_TITLE + " letters on one line.");
        }
        if (wish.link().length() > LONGEST_LINK || !Letters.oneLine(wish.link())) {
            throw new Mistake("A link has at most " + LONGEST_LINK + " letters on one line.");
        }
        if (wish.note().length() > LONGEST_NOTE || !Letters.clean(wish.note())) {
            throw new Mistake("A note has at most " + LONGEST_NOTE + " letters.");
        }
    }
}
