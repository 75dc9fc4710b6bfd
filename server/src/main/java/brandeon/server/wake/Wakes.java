package brandeon.server.wake;

import brandeon.server.access.MembershipChanged;
import brandeon.server.commit.AfterCommit;
import brandeon.server.door.DatabaseWatch;
import jakarta.annotation.PreDestroy;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.Consumer;
import javax.sql.DataSource;
import org.postgresql.PGConnection;
import org.postgresql.PGNotification;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;

/**
 * Tells every server that something changed: this one at once after its commit, the others by PostgreSQL's
 * LISTEN/NOTIFY, which has no other language than SQL. Only ids travel.
 */
@Component
public class Wakes {

    /** What changed. @param own whether it was done here, so that this server knows what came of it */
    public record Wake(Kind kind, UUID id, boolean own) {
        public enum Kind {
            THEME,
            SHOW,
            /** Feeds another show than before. */
            CHANNEL,
            /** What follows from the signals of the show with this id. */
            FACTS,
            OUTLET,
            /** A pass was changed or withdrawn. */
            PASS,
            /** The workspace with this id wrote a platform's profile anew. */
            PLATFORM,
            /** An account may do other things than before, or nothing. */
            MEMBER,
            /** Anything may have: this server was cut off from the others for a while. */
            ANYTHING
        }
    }

    private static final UUID NONE = new UUID(0, 0);

    private static final Logger LOG = LoggerFactory.getLogger(Wakes.class);
    private static final int LISTEN_MILLIS = 1000;

    private final String node = UUID.randomUUID().toString();
    private final JdbcClient db;
    private final DataSource source;
    private final DatabaseWatch database;
    private final List<Consumer<Wake>> listeners = new CopyOnWriteArrayList<>();
    private volatile boolean running = true;
    private volatile boolean hearing;
    private boolean missed;

    Wakes(JdbcClient db, DataSource source, DatabaseWatch database) {
        this.db = db;
        this.source = source;
        this.database = database;
    }

    public void listen(Consumer<Wake> listener) {
        listeners.add(listener);
    }

    public void theme(UUID id) {
        send(new Wake(Wake.Kind.THEME, id, true));
    }

    public void show(UUID id) {
        send(new Wake(Wake.Kind.SHOW, id, true));
    }

    public void channel(UUID id) {
        send(new Wake(Wake.Kind.CHANNEL, id, true));
    }

    public void facts(UUID show) {
        send(new Wake(Wake.Kind.FACTS, show, true));
    }

    public void platform(UUID workspace) {
        send(new Wake(Wake.Kind.PLATFORM, workspace, true));
    }

    public void outlet(UUID id) {
        send(new Wake(Wake.Kind.OUTLET, id, true));
    }

    public void pass(UUID id) {
        send(new Wake(Wake.Kind.PASS, id, true));
    }

    @EventListener
    void member(MembershipChanged change) {
        send(new Wake(Wake.Kind.MEMBER, change.account(), true));
    }

    /** Within a transaction: both ways of waking wait for the commit, and nothing is said when it fails. */
    private void send(Wake wake) {
        db.sql("select pg_notify('brandeon', :text)")
                .param("text", node + " " + wake.kind() + " " + wake.id())
                .query((_, _) -> "")
                .list();
        AfterCommit.run(() -> deliver(wake));
    }

    private void deliver(Wake wake) {
        for (Consumer<Wake> listener : listeners) {
            try {
                listener.accept(wake);
            } catch (RuntimeException e) {
                LOG.error("A listener failed for {}", wake, e);
            }
        }
    }

    @EventListener(ApplicationReadyEvent.class)
    void start() {
        Thread.ofVirtual().name("wakes").start(this::hear);
    }

    @PreDestroy
    void stop() {
        running = false;
    }

    /** Whatever happens, it goes on hearing; a gap ends with being told that anything may have changed. */
    private void hear() {
        while (running) {
            try {
                listen();
            } catch (SQLException e) {
                LOG.warn("The database cannot be reached; trying again in a second.");
                database.away();
            } catch (RuntimeException e) {
                LOG.error("Changes of other servers were not heard for a moment", e);
            } finally {
                hearing = false;
            }
            missed = true;
            pause();
        }
    }

    private void listen() throws SQLException {
        try (Connection connection = source.getConnection()) {
            connection.createStatement().execute("listen brandeon");
            database.back();
            hearing = true;
            if (missed) {
                missed = false;
                deliver(new Wake(Wake.Kind.ANYTHING, NONE, false));
            }
            PGConnection postgres = connection.unwrap(PGConnection.class);
            while (running) {
                PGNotification[] notes = postgres.getNotifications(LISTEN_MILLIS);
                for (PGNotification note : notes == null ? new PGNotification[0] : notes) {
                    heard(note.getParameter());
                }
            }
            connection.createStatement().execute("unlisten *");
        }
    }

    /** Whether it hears what other servers say, at this moment. */
    boolean hearing() {
        return hearing;
    }

    /** What a server of another version may say, and this one does not know, is passed over. */
    private void heard(String text) {
        String[] words = text.split(" ");
        if (words.length < 3 || words[0].equals(node)) {
            return;
        }
        Optional<Wake.Kind> kind = Arrays.stream(Wake.Kind.values())
                .filter(known -> known.name().equals(words[1]))
                .findFirst();
        try {
            UUID id = UUID.fromString(words[2]);
            kind.ifPresent(known -> deliver(new Wake(known, id, false)));
        } catch (IllegalArgumentException e) {
            LOG.warn("Another server said something that is not understood: {}", text);
        }
    }

    private void pause() {
        try {
            Thread.sleep(LISTEN_MILLIS);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            running = false;
        }
    }
}
