package brandeon.server.publish;

import brandeon.core.canvas.Canvas;
import brandeon.core.publish.Part;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Theme;
import brandeon.server.access.Addresses;
import brandeon.server.access.Keys;
import brandeon.server.access.Member;
import brandeon.server.access.Role;
import brandeon.server.live.FeedKey;
import brandeon.server.problem.NotFound;
import brandeon.server.wake.Wakes;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Published sources and their lasting links. */
@Service
public class Outlets {

    /** A source of a theme. Its link changes only when it is issued anew. */
    public record Outlet(
            UUID id,
            UUID theme,
            String scene,
            String canvas,
            Part part,
            int generation,
            boolean withdrawn,
            FeedKey.Source follows) {

        public Place place() {
            return new Place(scene, canvas, part);
        }

        public FeedKey feed() {
            return new FeedKey(theme, scene, canvas, part, follows);
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

    private static final String COLUMNS =
            "select id, theme_id, scene, canvas, part, generation, withdrawn, follows from outlet ";

    private final JdbcClient db;
    private final Keys keys;
    private final Wakes wakes;
    private final Addresses addresses;

    Outlets(JdbcClient db, Keys keys, Wakes wakes, Addresses addresses) {
        this.db = db;
        this.keys = keys;
        this.wakes = wakes;
        this.addresses = addresses;
    }

    /** The address that a browser source opens; must be called within a request. */
    public String link(Outlet outlet) {
        return addresses.base() + "/o/" + keys.token(Keys.Use.OUTLET, outlet.id(), outlet.generation());
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
        return db.sql(COLUMNS + "where theme_id = :t")
                .param("t", theme)
                .query(Outlets::read)
                .list();
    }

    public Map<Place, Outlet> byPlace(UUID theme) {
        return of(theme).stream().collect(Collectors.toMap(Outlet::place, Function.identity()));
    }

    public Optional<Outlet> find(UUID id) {
        return db.sql(COLUMNS + "where id = :id")
                .param("id", id)
                .query(Outlets::read)
                .optional();
    }

    /** Makes an outlet for every part of every scene on every canvas that has none yet. Existing links stay. */
    @Transactional
    public void ensure(UUID id, Theme theme) {
        for (Scene scene : theme.scenes()) {
            for (Canvas canvas : theme.canvases()) {
                for (Part part : Part.values()) {
                    db.sql(
                                    "insert into outlet (id, theme_id, scene, canvas, part) values (:id, :t, :s, :c, :p) on conflict do nothing")
                            .param("id", UUID.randomUUID())
                            .param("t", id)
                            .param("s", scene.id())
                            .param("c", canvas.id())
                            .param("p", part.name())
                            .update();
                }
            }
        }
    }

    /** Gives an outlet a new link; the old one shows nothing from now on. */
    @Transactional
    public void reissue(Member member, UUID id) {
        mine(member, id);
        db.sql("update outlet set generation = generation + 1, withdrawn = false where id = :id")
                .param("id", id)
                .update();
        wakes.outlet(id);
    }

    @Transactional
    public void withdraw(Member member, UUID id) {
        mine(member, id);
        db.sql("update outlet set withdrawn = true where id = :id")
                .param("id", id)
                .update();
        wakes.outlet(id);
    }

    @Transactional
    public void follow(Member member, UUID id, FeedKey.Source source) {
        mine(member, id);
        db.sql("update outlet set follows = :f where id = :id")
                .param("f", source.name())
                .param("id", id)
                .update();
        wakes.outlet(id);
    }

    private void mine(Member member, UUID id) {
        member.requires(Role.DESIGNER);
        boolean found = db.sql(
                        "select exists(select 1 from outlet o join theme t on t.id = o.theme_id where o.id = :id and t.workspace_id = :w)")
                .param("id", id)
                .param("w", member.workspace())
                .query(Boolean.class)
                .single();
        if (!found) {
            throw new NotFound("There is no such source in your workspace.");
        }
    }

    private static Outlet read(java.sql.ResultSet row, int number) throws java.sql.SQLException {
        return new Outlet(
                row.getObject(1, UUID.class),
                row.getObject(2, UUID.class),
                row.getString(3),
                row.getString(4),
                Part.valueOf(row.getString(5)),
                row.getInt(6),
                row.getBoolean(7),
                FeedKey.Source.valueOf(row.getString(8)));
    }
}
