package brandeon.server.rehearse;

import brandeon.core.problem.Mistake;
import brandeon.core.rehearse.Script;
import brandeon.server.channel.Channels;
import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import brandeon.server.problem.TooMany;
import brandeon.server.standin.StandIns;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/**
 * Plays scripts to shows, by the same door as platforms: signed events to a channel's inlet, marked as practice. Kept in
 * the memory of the server that plays them; what came of each signal stands in the show's record as ever.
 */
@Service
class Rehearsals {

    private static final Logger LOG = LoggerFactory.getLogger(Rehearsals.class);

    /** Of one show at the same time. */
    private static final int AT_ONCE = 6;
    /** Of one show that are over and still known. */
    private static final int KEPT = 6;
    /** Lines that are due are looked for no more often, so that a storm comes in few requests; milliseconds. */
    private static final long STEP = 50;

    private static final double FASTEST = 60;

    private final StandIns standIns;
    private final Map<UUID, Rehearsal> all = new ConcurrentHashMap<>();

    Rehearsals(StandIns standIns) {
        this.standIns = standIns;
    }

    @PreDestroy
    void stop() {
        all.values().forEach(Rehearsal::stop);
    }

    /** Of a show, the latest first. */
    List<Rehearsal> of(UUID show) {
        return all.values().stream()
                .filter(one -> one.channel().show().equals(show))
                .sorted(Comparator.comparingLong(Rehearsal::begun).reversed())
                .toList();
    }

    Rehearsal get(UUID show, UUID id) {
        return of(show).stream()
                .filter(one -> one.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new NotFound("This rehearsal is not known any more."));
    }

    /**
     * @param speed from 1 to 60
     * @throws Refused when too many are played already
     */
    synchronized Rehearsal play(Channels.Channel channel, String name, Script script, double speed) {
        if (!(speed >= 1 && speed <= FASTEST)) {
            throw new Mistake("A script is played at 1 to 60 times its speed.");
        }
        List<Rehearsal> mine = of(channel.show());
        if (mine.stream().filter(one -> one.state() == Rehearsal.State.PLAYING).count() >= AT_ONCE) {
            throw new Refused("At most " + AT_ONCE + " scripts are played to a show at once; stop one first.");
        }
        mine.stream()
                .filter(one -> one.state() != Rehearsal.State.PLAYING)
                .skip(KEPT - 1L)
                .forEach(one -> all.remove(one.id()));
        Rehearsal rehearsal = new Rehearsal(channel, name, script, speed);
        all.put(rehearsal.id(), rehearsal);
        rehearsal.playedBy(Thread.ofVirtual().name("rehearsal").start(() -> played(rehearsal)));
        return rehearsal;
    }

    private void played(Rehearsal rehearsal) {
        try {
            for (long wait = rehearsal.untilNext(STEP); wait >= 0; wait = rehearsal.untilNext(STEP)) {
                Thread.sleep(Duration.ofMillis(Math.max(1, wait)));
                if (rehearsal.state() != Rehearsal.State.PLAYING) {
                    return;
                }
                send(rehearsal, rehearsal.due());
                rehearsal.arrived();
                Thread.sleep(Duration.ofMillis(STEP));
            }
            rehearsal.end(Rehearsal.State.PLAYED, "");
        } catch (InterruptedException e) {
            rehearsal.end(Rehearsal.State.STOPPED, "");
        } catch (Refused e) {
            rehearsal.end(Rehearsal.State.FAILED, e.getMessage());
        } catch (RuntimeException e) {
            LOG.error("Rehearsal {} could not be played on", rehearsal.id(), e);
            rehearsal.end(Rehearsal.State.FAILED, "Something went wrong here; it was written down. Play it again.");
        }
    }

    /** Where the inlet takes no more for a moment, the same events are sent again; each counts once. */
    private void send(Rehearsal rehearsal, List<StandIns.Event> due) throws InterruptedException {
        while (!due.isEmpty() && rehearsal.state() == Rehearsal.State.PLAYING) {
            try {
                standIns.send(rehearsal.channel(), due);
                return;
            } catch (TooMany e) {
                Thread.sleep(Duration.ofSeconds(e.seconds()));
            }
        }
    }
}
