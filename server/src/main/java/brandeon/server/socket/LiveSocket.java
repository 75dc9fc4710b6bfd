package brandeon.server.socket;

import brandeon.core.account.Device;
import brandeon.core.pack.Unreadable;
import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import brandeon.core.theme.Theme;
import brandeon.server.access.Member;
import brandeon.server.access.Members;
import brandeon.server.access.SignedIn;
import brandeon.server.door.RateLimits;
import brandeon.server.live.Asked;
import brandeon.server.live.FeedKey;
import brandeon.server.live.Feeds;
import brandeon.server.live.Moments;
import brandeon.server.live.Presence;
import brandeon.server.live.Told;
import brandeon.server.pass.Passes;
import brandeon.server.problem.Gone;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.TooMany;
import brandeon.server.publish.AirTimes;
import brandeon.server.publish.Health;
import brandeon.server.publish.Loudspeakers;
import brandeon.server.publish.OldLinks;
import brandeon.server.publish.Outlets;
import brandeon.server.publish.PlannedReleases;
import brandeon.server.publish.Visitor;
import brandeon.server.show.RunningShows;
import brandeon.server.theme.Themes;
import brandeon.server.wake.Wakes;
import java.io.IOException;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import org.springframework.http.HttpHeaders;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.session.SessionRepository;
import org.springframework.stereotype.Component;
import org.springframework.util.MultiValueMap;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.TextMessage;
import org.springframework.web.socket.WebSocketSession;
import org.springframework.web.socket.handler.TextWebSocketHandler;
import org.springframework.web.socket.server.support.HttpSessionHandshakeInterceptor;
import org.springframework.web.util.UriComponentsBuilder;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.exc.InvalidTypeIdException;
import tools.jackson.databind.json.JsonMapper;

/** The live channel of docs/protocol.md: one connection per outlet or editor, any number of feeds on it. */
@Component
class LiveSocket extends TextWebSocketHandler {

    private static final CloseStatus UNKNOWN_LINK = new CloseStatus(4404, "There is no source at this link.");
    private static final CloseStatus OLD_LINK = new CloseStatus(4410, "This link was replaced or withdrawn.");
    private static final CloseStatus OLD_PASS = new CloseStatus(4410, "This pass was withdrawn, or its time is over.");
    private static final CloseStatus NO_PASS = new CloseStatus(4404, "There is no such pass.");
    private static final CloseStatus NOBODY = new CloseStatus(4401, "Nobody is signed in.");
    private static final CloseStatus ASK_AGAIN = new CloseStatus(4205, "Something changed; connect again.");
    /** As {@link brandeon.server.access.Belongings} name them. */
    private static final String THEMES = "themes";

    private static final String SHOWS = "shows";
    private static final int MOST_FEEDS = 200;
    /** Milliseconds between looks at passes whose time is over. */
    private static final int LOOK_EVERY = 1000;
    /** Whoever comes with a pass shows it within this time. */
    private static final Duration SHOWN_WITHIN = Duration.ofSeconds(10);

    private static final int MOST_FOLLOWED = 20;
    private static final Told NOT_UNDERSTOOD = new Told.Refusal("", "This message is not understood.");

    private final Feeds feeds;
    private final Outlets outlets;
    private final Health health;
    private final OldLinks oldLinks;
    private final Loudspeakers loudspeakers;
    private final PlannedReleases planned;
    private final AirTimes airTimes;
    private final Members members;
    private final SessionRepository<?> sessions;
    private final Themes themes;
    private final RunningShows shows;
    private final People people;
    private final Passes passes;
    private final Presence presence;
    private final RateLimits limits;
    private final JsonMapper json;
    private final Map<String, Connection> connections = new ConcurrentHashMap<>();
    private final ShowNews news;
    private final Moments moments;

    LiveSocket(
            Feeds feeds,
            Outlets outlets,
            Health health,
            OldLinks oldLinks,
            Loudspeakers loudspeakers,
            PlannedReleases planned,
            AirTimes airTimes,
            Members members,
            SessionRepository<?> sessions,
            Themes themes,
            RunningShows shows,
            People people,
            Passes passes,
            Presence presence,
            ShowNews news,
            Moments moments,
            RateLimits limits,
            Wakes wakes,
            JsonMapper json) {
        this.feeds = feeds;
        this.outlets = outlets;
        this.health = health;
        this.oldLinks = oldLinks;
        this.loudspeakers = loudspeakers;
        this.planned = planned;
        this.airTimes = airTimes;
        this.members = members;
        this.sessions = sessions;
        this.themes = themes;
        this.shows = shows;
        this.people = people;
        this.passes = passes;
        this.presence = presence;
        this.news = news;
        news.readers(this::readers);
        this.moments = moments;
        this.limits = limits;
        this.json = json;
        wakes.listen(wake -> {
            switch (wake.kind()) {
                case OUTLET -> askAgain(wake.id());
                case MEMBER -> changed(wake.id());
                case PASS -> passChanged(wake.id());
                // Not on the thread that committed it: what is not known here is read from the database.
                case SHOW -> news.said(wake.id());
                case FACTS -> news.signalled(wake.id());
                case THEME, CHANNEL, PLATFORM, ANYTHING -> {}
            }
        });
    }

    /**
     * One open connection: of an outlet, of a person in the editor, or of somebody with a pass.
     *
     * @param framed whether an outlet is within another page
     * @param settings what stands in the link of an outlet for it alone
     * @param seen   whether an outlet is visible, as far as it said
     * @param pass   by which somebody came who is not signed in, once it was shown
     */
    private record Connection(
            String id,
            Outbox outbox,
            Optional<Outlets.Outlet> outlet,
            boolean framed,
            String settings,
            Optional<UUID> account,
            AtomicReference<Passes.Pass> pass,
            String device,
            String where,
            Instant opened,
            AtomicBoolean seen,
            Map<String, Feeds.Watch> watches,
            Set<UUID> themes,
            Set<UUID> shows) {

        /** Where everything stands, for whoever read too slowly. */
        void catchUp(Feeds feeds) {
            watches.values().forEach(feeds::catchUp);
        }
    }

    @Override
    public void afterConnectionEstablished(WebSocketSession raw) throws IOException {
        if (raw.getUri() != null && raw.getUri().getPath().endsWith("/outlet")) {
            MultiValueMap<String, String> query =
                    UriComponentsBuilder.fromUri(raw.getUri()).build().getQueryParams();
            String token = query.getFirst("token");
            if (mayCome(token)) {
                openOutlet(
                        raw,
                        outlets.open(token == null ? "" : token),
                        query.containsKey("framed"),
                        settings(query.getFirst("set")));
            } else {
                raw.close(CloseStatus.SERVICE_OVERLOAD);
            }
        } else if (raw.getUri() != null && raw.getUri().getPath().endsWith("/desk")) {
            if (mayCome(String.valueOf(
                    raw.getRemoteAddress() == null ? "" : raw.getRemoteAddress().getAddress()))) {
                open(raw, Optional.empty(), Optional.empty(), false, "");
            } else {
                raw.close(CloseStatus.SERVICE_OVERLOAD);
            }
        } else {
            if (raw.getPrincipal() instanceof SignedIn signedIn) {
                open(raw, Optional.empty(), Optional.of(signedIn.account()), false, "");
                // Asked only now that whoever ends the session finds this connection.
                if (sessions.findById(String.valueOf(
                                raw.getAttributes().get(HttpSessionHandshakeInterceptor.HTTP_SESSION_ID_ATTR_NAME)))
                        == null) {
                    raw.close(NOBODY);
                }
            } else {
                raw.close(NOBODY);
            }
        }
    }

    private void open(
            WebSocketSession session,
            Optional<Outlets.Outlet> outlet,
            Optional<UUID> account,
            boolean framed,
            String settings) {
        String id = session.getId();
        Outbox outbox = new Outbox(
                session, () -> Optional.ofNullable(connections.get(id)).ifPresent(behind -> behind.catchUp(feeds)));
        connections.put(
                id,
                new Connection(
                        id,
                        outbox,
                        outlet,
                        framed,
                        settings,
                        account,
                        new AtomicReference<>(),
                        Device.named(program(session)),
                        framed ? "the practice rig" : visitor(session),
                        Instant.now(),
                        new AtomicBoolean(),
                        new ConcurrentHashMap<>(),
                        ConcurrentHashMap.newKeySet(),
                        ConcurrentHashMap.newKeySet()));
    }

    private static String visitor(WebSocketSession session) {
        return Visitor.named(
                session.getRemoteAddress() == null
                        ? null
                        : session.getRemoteAddress().getAddress(),
                program(session));
    }

    private static String program(WebSocketSession session) {
        return Optional.ofNullable(session.getHandshakeHeaders().getFirst(HttpHeaders.USER_AGENT))
                .orElse("");
    }

    /** As they stand in the link; what cannot be read is left out as a whole. */
    private static String settings(String sent) {
        try {
            String settings = sent == null ? "" : URLDecoder.decode(sent, StandardCharsets.UTF_8);
            return Letters.clean(settings) ? settings : "";
        } catch (IllegalArgumentException e) {
            return "";
        }
    }

    private boolean mayCome(String token) {
        try {
            limits.pass(RateLimits.Door.OUTLET, "socket " + token);
            return true;
        } catch (TooMany e) {
            return false;
        }
    }

    /** Whoever may do less now has to come in anew, and is let in only as far as they still may. */
    private void changed(UUID account) {
        connections.values().stream()
                .filter(c -> c.account().equals(Optional.of(account)))
                .forEach(c -> c.outbox().close(ASK_AGAIN));
    }

    /** The person as they are now: rights are asked at every deed, not once when the page was opened. */
    private Member present(Connection connection, String kind, UUID id) {
        UUID account = connection.account().orElseThrow(() -> new Mistake("This message is for the editor."));
        return members.at(account, kind, id)
                .orElseThrow(() -> new NotFound(
                        "There is no such " + (kind.equals(THEMES) ? "theme" : "show") + " in your workspace."));
    }

    private void openOutlet(WebSocketSession session, Outlets.Opened opened, boolean framed, String settings)
            throws IOException {
        switch (opened) {
            case Outlets.Current(Outlets.Outlet outlet) ->
                open(session, Optional.of(outlet), Optional.empty(), framed, settings);
            case Outlets.Old(Outlets.Outlet outlet) -> {
                oldLinks.opened(outlet.id(), visitor(session));
                session.close(OLD_LINK);
            }
            case Outlets.Unknown _ -> session.close(UNKNOWN_LINK);
        }
    }

    @Override
    protected void handleTextMessage(WebSocketSession raw, TextMessage text) {
        Connection connection = connections.get(raw.getId());
        if (connection == null) {
            return;
        }
        try {
            switch (json.readValue(text.getPayload(), Asked.class)) {
                case Asked.Watch watch -> watch(connection, watch, ownFeed(connection));
                case Asked.WatchScene watch -> watch(connection, watch, sceneFeed(connection, watch));
                case Asked.FollowTheme(UUID theme) -> followTheme(connection, theme);
                case Asked.FollowShow(UUID show) -> followShow(connection, show);
                case Asked.ShowPass(String token) -> showPass(connection, token);
                case Asked.Leave(String feed) ->
                    Optional.ofNullable(connection.watches().remove(feed)).ifPresent(feeds::leave);
                case Asked.Whereabouts at -> at(connection, at);
                case Asked.Report report -> report(connection, report);
                case null -> tell(connection, NOT_UNDERSTOOD);
                case Asked.AskTime(double sent) -> tell(connection, new Told.Time(sent, System.currentTimeMillis()));
            }
        } catch (InvalidTypeIdException e) {
            tell(connection, NOT_UNDERSTOOD);
        } catch (JacksonException e) {
            tell(connection, new Told.Refusal("", Unreadable.sentence("The message", e)));
        } catch (Mistake | NotFound | TooMany e) {
            tell(connection, new Told.Refusal("", e.getMessage()));
        }
        if (!connections.containsKey(connection.id())) {
            // It ended while its message was being taken.
            gone(connection);
        }
    }

    private void watch(Connection connection, Asked.Standing has, FeedKey key) {
        if (connection.watches().size() >= MOST_FEEDS) {
            throw new Mistake("A connection follows at most " + MOST_FEEDS + " pictures.");
        }
        Optional.ofNullable(connection.watches().remove(has.feed())).ifPresent(feeds::leave);
        connection
                .watches()
                .put(has.feed(), feeds.watch(key, has.feed(), connection.outbox(), has.epoch(), has.number()));
    }

    /** Names that somebody invented get no feed of their own. */
    private static boolean shows(Theme theme, Asked.WatchScene watch) {
        return theme.scene(watch.scene()).isPresent()
                && theme.canvas(watch.canvas()).isPresent();
    }

    private void followTheme(Connection connection, UUID theme) {
        themes.get(present(connection, THEMES, theme), theme);
        if (connection.themes().size() >= MOST_FOLLOWED) {
            throw new Mistake("A connection follows at most " + MOST_FOLLOWED + " themes.");
        }
        if (connection.themes().add(theme)) {
            feeds.follow(theme, connection.outbox());
        }
    }

    private void showPass(Connection connection, String token) {
        if (connection.outlet().isPresent() || connection.account().isPresent()) {
            throw new Mistake("This message is for a desk that is opened with a pass.");
        }
        try {
            Passes.Pass pass = passes.at(token);
            connection.pass().set(pass);
            presence.came(pass.id(), connection.id(), connection.device());
        } catch (NotFound e) {
            connection.outbox().close(NO_PASS);
        } catch (Gone e) {
            connection.outbox().close(OLD_PASS);
        }
    }

    /** Whoever came with it comes again with what it is good for now. */
    private void passChanged(UUID pass) {
        connections.values().stream()
                .filter(c -> c.pass().get() != null && c.pass().get().id().equals(pass))
                .forEach(c -> c.outbox().close(ASK_AGAIN));
    }

    /** Passes whose time is over end by themselves, and so does whoever came with a pass and does not show it. */
    @Scheduled(fixedDelay = LOOK_EVERY)
    void endPasses() {
        Instant now = Instant.now();
        connections.values().stream()
                .filter(c -> c.pass().get() != null && !c.pass().get().good(now))
                .forEach(c -> c.outbox().close(OLD_PASS));
        connections.values().stream()
                .filter(c -> c.pass().get() == null
                        && c.outlet().isEmpty()
                        && c.account().isEmpty()
                        && c.opened().isBefore(now.minus(SHOWN_WITHIN)))
                .forEach(c -> c.outbox().close(NO_PASS));
    }

    private void followShow(Connection connection, UUID show) {
        Passes.Pass pass = connection.pass().get();
        RunningShows.Running running = pass != null && pass.show().equals(show)
                ? passes.show(pass)
                : shows.get(present(connection, SHOWS, show), show);
        if (connection.shows().size() >= MOST_FOLLOWED) {
            throw new Mistake("A connection follows at most " + MOST_FOLLOWED + " shows.");
        }
        connection.shows().add(running.id());
    }

    /** Those who follow a show. */
    private List<Consumer<Told>> readers(UUID show) {
        return connections.values().stream()
                .filter(connection -> connection.shows().contains(show))
                .<Consumer<Told>>map(connection -> told -> tell(connection, told))
                .toList();
    }

    private static FeedKey ownFeed(Connection connection) {
        return connection
                .outlet()
                .orElseThrow(() -> new Mistake("The editor says which scene it wants."))
                .feed(connection.settings());
    }

    /** With a pass one sees what viewers see, of one's own show. */
    private FeedKey sceneFeed(Passes.Pass pass, Asked.WatchScene watch) {
        limits.pass(RateLimits.Door.WATCH, pass.id());
        boolean there = watch.source() == FeedKey.Source.RELEASE
                && themes.ofShow(pass.show()).stream()
                        .filter(draft -> draft.id().equals(watch.theme()))
                        .anyMatch(draft -> themes.onAir(draft)
                                .map(theme -> shows(theme, watch))
                                .orElse(false));
        if (!there) {
            throw new NotFound("There is no such scene or canvas on air in this show.");
        }
        return watch.key();
    }

    private FeedKey sceneFeed(Connection connection, Asked.WatchScene watch) {
        if (connection.pass().get() != null) {
            return sceneFeed(connection.pass().get(), watch);
        }
        Member member = present(connection, THEMES, watch.theme());
        limits.pass(RateLimits.Door.WATCH, member.account());
        Themes.Draft draft = themes.get(member, watch.theme());
        if (!shows(draft.theme(), watch)
                && !themes.onAir(draft).map(theme -> shows(theme, watch)).orElse(false)) {
            throw new NotFound("There is no such scene or canvas in this theme.");
        }
        return watch.key();
    }

    /** Where a person is in the editor; the others on that theme hear of it. */
    private void at(Connection connection, Asked.Whereabouts at) {
        Member member = present(connection, THEMES, at.theme());
        themes.get(member, at.theme());
        people.at(connection.id(), member, at, this::tellPeople);
    }

    private void tellPeople(String id, List<Told.Person> others) {
        Optional.ofNullable(connections.get(id)).ifPresent(connection -> tell(connection, new Told.PeopleHere(others)));
    }

    private void report(Connection connection, Asked.Report report) {
        connection.outlet().ifPresent(outlet -> {
            health.report(
                    outlet.id(),
                    connection.id(),
                    report,
                    connection.where(),
                    connection.framed(),
                    connection.settings());
            if (!connection.framed()) {
                airTimes.reported(connection.id(), outlet, report.visible());
            }
            boolean sceneOn = report.visible() && !connection.framed() && !seen(outlet);
            boolean cameOn = report.visible() && connection.seen().compareAndSet(false, true);
            connection.seen().set(report.visible());
            themes.newest(outlet.theme()).flatMap(moments::show).ifPresent(show -> {
                news.reported(show);
                if (cameOn && !connection.framed()) {
                    Thread.ofVirtual().start(() -> shows.cameOn(show, outlet.scene()));
                }
            });
            if (cameOn && sceneOn) {
                Thread.ofVirtual().start(() -> planned.sceneCameOn(outlet.theme()));
            }
            loudspeakers.reported(
                    connection.id(), outlet, told -> tell(connection, told), report.visible(), report.sound());
        });
    }

    /** Whether viewers see a scene already, in any source of it. */
    private boolean seen(Outlets.Outlet outlet) {
        return connections.values().stream()
                .filter(other -> other.seen().get() && !other.framed())
                .flatMap(other -> other.outlet().stream())
                .anyMatch(
                        one -> one.theme().equals(outlet.theme()) && one.scene().equals(outlet.scene()));
    }

    private void tell(Connection connection, Told told) {
        connection.outbox().send(json.writeValueAsString(told));
    }

    /** After a link was issued anew, withdrawn or pointed elsewhere: its connections must prove themselves again. */
    private void askAgain(UUID outlet) {
        connections.values().stream()
                .filter(c -> c.outlet().map(o -> o.id().equals(outlet)).orElse(false))
                .forEach(c -> c.outbox().close(ASK_AGAIN));
    }

    @Override
    public void afterConnectionClosed(WebSocketSession raw, CloseStatus status) {
        Optional.ofNullable(connections.remove(raw.getId())).ifPresent(this::gone);
    }

    /** Nothing is left of it anywhere; more than once does no harm. */
    private void gone(Connection connection) {
        connection.outbox().close(CloseStatus.NORMAL);
        connection.watches().values().forEach(feeds::leave);
        connection.themes().forEach(theme -> feeds.unfollow(theme, connection.outbox()));
        Optional.ofNullable(connection.pass().get()).ifPresent(pass -> presence.gone(pass.id(), connection.id()));
        people.gone(connection.id(), this::tellPeople);
        loudspeakers.gone(connection.id());
        connection.outlet().ifPresent(outlet -> health.gone(outlet.id(), connection.id()));
        airTimes.gone(connection.id());
    }
}
