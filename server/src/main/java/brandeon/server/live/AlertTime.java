package brandeon.server.live;

import jakarta.annotation.PostConstruct;
import java.util.function.LongSupplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.stereotype.Component;

/**
 * The time in which alerts are planned. It starts with the computer's clock and then goes on evenly, whatever that
 * clock is set to, so that no alert is lost or repeated when it is. Painters run by the clock, so what they are told is
 * translated.
 *
 * After a restart it goes on no earlier than where any server has been, as when the clock was set back meanwhile.
 */
@Component
class AlertTime {

    /** The two may be this far apart before what painters are told is moved; a steady drift moves it seldom. */
    private static final long LOOSE = 250;

    private final LongSupplier clock;
    private final LongSupplier evenly;
    private long base;
    private long start;
    private volatile long ahead;

    @Autowired
    AlertTime(FactsRows facts) {
        this(System::currentTimeMillis, () -> System.nanoTime() / 1_000_000);
        this.facts = facts;
    }

    private FactsRows facts;

    /** @param evenly milliseconds from any beginning on */
    AlertTime(LongSupplier clock, LongSupplier evenly) {
        this.clock = clock;
        this.evenly = evenly;
        begin(0);
    }

    @PostConstruct
    void goOn() {
        begin(facts.latest());
    }

    /** @param been where alerts were planned already */
    final void begin(long been) {
        start = evenly.getAsLong();
        base = Math.max(clock.getAsLong(), been);
    }

    /** Milliseconds; about epoch milliseconds unless the clock was set. */
    long now() {
        return base + evenly.getAsLong() - start;
    }

    /** How much later the computer's clock is. Stays the same while nobody sets it. */
    long ahead() {
        long off = clock.getAsLong() - now();
        if (Math.abs(off - ahead) > LOOSE) {
            ahead = off;
        }
        return ahead;
    }
}
