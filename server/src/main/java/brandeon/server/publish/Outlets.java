package brandeon.server.publish;

import brandeon.core.canvas.Canvas;
import brandeon.core.problem.Mistake;
import brandeon.core.publish.Advice;
import brandeon.core.publish.Part;
import brandeon.core.publish.Picture;
import brandeon.core.publish.Quiet;
import brandeon.core.publish.Taking;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.server.access.Addresses;
import brandeon.server.access.Belongings;
import brandeon.server.access.Deed;
import brandeon.server.access.Keys;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.live.FeedKey;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import brandeon.server.theme.ThemeRemoved;
import brandeon.server.theme.Themes;
import brandeon.server.wake.Known;
import brandeon.server.wake.Wakes;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.event.EventListener;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/** Published sources and their lasting links. */
@Service
public class Outlets implements Belongings {

    /**
     * A source of a theme. Its link changes only when it is issued anew.
     *
     * @param followsUntil when it shows again what is on air, epoch milliseconds; 0 for never by itself
     */
    public record Outlet(
            UUID id,
            UUID theme,
            String scene,
            String canvas,
            Part part,
            int generation,
            boolean withdrawn,
            FeedKey.Source follows,
            long followsUntil) {

        public Place place() {
            return new Place(scene, canvas, part);
        }

        /** @param settings what stands in the link that it was opened with */
        public FeedKey feed(String settings) {
            return new FeedKey(theme, scene, canvas, part, follows, false, settings);
        }
    }

    /** Where in a theme an outlet belongs; a theme has at most one for each place. */
    public record Place(String scene, String canvas, Part part) {}

    /** What a link turned out to be. */
    public sealed interface Opened {}

    public record Current(Outlet outlet) implements Opened {}

    /** A link that was good once: issued anew since, or withdrawn. */
    public record Old(Outlet outlet) implements Opened {}

    public record Unknown() implements Opened {}

    private static final int LOOK_EVERY = 1000;

    /** Minutes. */
    private static final int LONGEST_DRAFT = 7 * 24 * 60;

    private final OutletRows rows;
    private final Keys keys;
    private final Wakes wakes;
    private final Addresses addresses;
    private final Themes themes;
    private final TransactionTemplate transactions;
    private final ApplicationEventPublisher events;
    private final Known<UUID, Outlet> known = new Known<>(_ -> 300);

    Outlets(
            OutletRows rows,
            Keys keys,
            Wakes wakes,
            Addresses addresses,
            Themes themes,
            TransactionTemplate transactions,
            ApplicationEventPublisher events) {
        this.transactions = transactions;
        this.rows = rows;
        this.themes = themes;
        this.events = events;
        this.keys = keys;
        this.wakes = wakes;
        this.addresses = addresses;
        wakes.listen(wake -> {
            switch (wake.kind()) {
                case OUTLET -> known.forget(wake.id());
                case ANYTHING -> known.forgetAll();
                case THEME, SHOW, CHANNEL, FACTS, PLATFORM, MEMBER, PASS -> {}
            }
        });
    }

    /** The address that a browser source opens; must be called within a request. */
    public String link(Outlet outlet) {
        return addresses.base() + "/o/" + token(outlet);
    }

    /** What of its link says which source it is. */
    public String token(Outlet outlet) {
        return keys.token(Keys.Use.OUTLET, outlet.id(), outlet.generation());
    }

    /**
     * Finds out what a link is good for. Earlier generations are tried too, so that an old link can be told apart from
     * a wrong one.
     */
    public Opened open(String token) {
        Optional<Outlet> claimed = keys.claimedId(token).flatMap(this::find);
        if (claimed.isEmpty()) {
            return new Unknown();
        }
        Outlet outlet = claimed.get();
        if (keys.proves(token, Keys.Use.OUTLET, outlet.id(), outlet.generation())) {
            return outlet.withdrawn() ? new Old(outlet) : new Current(outlet);
        }
        for (int generation = outlet.generation() - 1; generation >= 1; generation--) {
            if (keys.proves(token, Keys.Use.OUTLET, outlet.id(), generation)) {
                return new Old(outlet);
            }
        }
        return new Unknown();
    }

    public List<Outlet> of(UUID theme) {
        return rows.findByThemeId(theme).stream().map(OutletRow::outlet).toList();
    }

    public Map<Place, Outlet> byPlace(UUID theme) {
        return of(theme).stream().collect(Collectors.toMap(Outlet::place, Function.identity()));
    }

    /** Many sources open at once, as after a restart. */
    public Optional<Outlet> find(UUID id) {
        return known.find(id, wanted -> rows.findById(wanted).map(OutletRow::outlet));
    }

    /** Makes an outlet for every part that a scene can be taken in, where it has none yet. Existing links stay. */
    @Transactional
    public void ensure(UUID id, Theme theme) {
        Set<Place> there = byPlace(id).keySet();
        for (Scene scene : theme.scenes()) {
            for (Canvas canvas : theme.canvases()) {
                for (Part part : Taking.all(Quiet.scene(theme, scene, canvas))) {
                    if (!there.contains(new Place(scene.id(), canvas.id(), part))) {
                        rows.add(UUID.randomUUID(), id, scene.id(), canvas.id(), part);
                    }
                }
            }
        }
    }

    /**
     * Gives one piece or group alone a link of its own; the same one when it has one already.
     *
     * @throws Refused when nothing is on air, or that scene has nothing of the part
     */
    @Transactional
    public void alone(Member member, UUID id, Place place) {
        member.requires(Role.DESIGNER);
        Themes.Draft draft = themes.get(member, id);
        if (!place.part().boxed()) {
            throw new Mistake("Only a piece or a group gets a link of its own.");
        }
        Theme theme = themes.onAir(draft)
                .orElseThrow(() -> new Refused("Nothing is on air yet. Put the theme on air; then pieces get links."));
        Scene scene = theme.scene(place.scene()).orElseThrow(() -> new NotFound("This scene is not on air."));
        Canvas canvas = theme.canvas(place.canvas()).orElseThrow(() -> new NotFound("This canvas is not on air."));
        if (Picture.taken(Quiet.scene(theme, scene, canvas), place.part()).isEmpty()) {
            throw new Refused("Nothing of that is on “" + scene.name() + "” on " + canvas.name()
                    + " as it is on air. Put the theme on air once it is.");
        }
        if (!byPlace(id).containsKey(place)) {
            UUID outlet = UUID.randomUUID();
            rows.add(outlet, id, place.scene(), place.canvas(), place.part());
            told(member, outlet, "Made a link for ");
        }
    }

    /** The theme as an outlet shows it; empty where it follows what is on air, and nothing is. */
    Optional<Theme> shown(Outlet outlet, Themes.Draft draft) {
        return outlet.follows() == FeedKey.Source.DRAFT ? Optional.of(draft.theme()) : themes.onAir(draft);
    }

    /** Whether alerts are shown in it. */
    boolean announces(Outlet outlet, Themes.Draft draft) {
        return shown(outlet, draft)
                .flatMap(theme -> Quiet.scene(theme, outlet.scene(), outlet.canvas()))
                .map(scene -> Advice.announces(scene, outlet.part()))
                .orElse(false);
    }

    /** Gives an outlet a new link; the old one shows nothing from now on. */
    @Transactional
    public void reissue(Member member, UUID id) {
        requireMine(member, id);
        rows.reissue(id);
        told(member, id, "Issued a new link for ");
        wakes.outlet(id);
    }

    @Transactional
    public void withdraw(Member member, UUID id) {
        requireMine(member, id);
        rows.withdraw(id);
        told(member, id, "Withdrew the link of ");
        wakes.outlet(id);
    }

    @Transactional
    public void follow(Member member, UUID id, FeedKey.Source source, int minutes) {
        requireMine(member, id);
        if (minutes < 0 || minutes > LONGEST_DRAFT) {
            throw new Mistake("A source shows the draft for at most a week, or until somebody ends it.");
        }
        boolean ends = source == FeedKey.Source.DRAFT && minutes > 0;
        rows.follow(id, source, ends ? System.currentTimeMillis() + minutes * 60_000L : 0);
        told(member, id, source == FeedKey.Source.DRAFT ? "Showed the draft in " : "Showed what is on air in ");
        wakes.outlet(id);
    }

    /** Sources that showed the draft for a while show again what is on air. */
    @Scheduled(fixedDelay = LOOK_EVERY)
    void endDrafts() {
        long now = System.currentTimeMillis();
        for (UUID id : rows.overdue(now)) {
            transactions.executeWithoutResult(_ -> {
                if (rows.end(id, now) > 0) {
                    wakes.outlet(id);
                }
            });
        }
    }

    private void told(Member member, UUID id, String did) {
        Outlet outlet = find(id).orElseThrow();
        Theme theme = themes.find(outlet.theme()).orElseThrow().theme();
        events.publishEvent(Deed.of(member, Deed.Kind.LINK, theme.name(), did + named(theme, outlet)));
    }

    private static String part(Theme theme, Outlet outlet) {
        return Quiet.scene(theme, outlet.scene(), outlet.canvas())
                .map(scene -> Taking.title(scene, outlet.part()))
                .orElse(outlet.part().toString().toLowerCase(Locale.ROOT));
    }

    /** As people know it: its scene, canvas and part. */
    static String named(Theme theme, Outlet outlet) {
        return theme.scene(outlet.scene()).map(Scene::name).orElse(outlet.scene())
                + ", "
                + theme.canvas(outlet.canvas()).map(Canvas::name).orElse(outlet.canvas())
                + ", "
                + part(theme, outlet);
    }

    /** Sources that show it have to ask again, and learn that their link is gone. */
    @EventListener
    void removed(ThemeRemoved theme) {
        of(theme.theme()).forEach(outlet -> wakes.outlet(outlet.id()));
    }

    private void requireMine(Member member, UUID id) {
        member.requires(Role.DESIGNER);
        if (rows.countOf(member.workspace(), id) == 0) {
            throw new NotFound("There is no such source in your workspace.");
        }
    }

    @Override
    public String kind() {
        return "outlets";
    }

    @Override
    public Optional<UUID> workspaceOf(UUID id) {
        return rows.workspaceOf(id);
    }
}
