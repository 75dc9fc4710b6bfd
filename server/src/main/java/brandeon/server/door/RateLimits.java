package brandeon.server.door;

import brandeon.core.kept.Memory;
import brandeon.server.problem.TooMany;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.github.bucket4j.Bucket;
import io.github.bucket4j.ConsumptionProbe;
import java.time.Duration;
import java.util.Locale;
import org.springframework.stereotype.Component;

/**
 * How often each door may be used, by whom. Kept in this server's memory, and forgotten once nobody asked for as long
 * as it takes until all is free again.
 */
@Component
public class RateLimits {

    /**
     * One limit.
     *
     * @param burst     so many at once
     * @param aMinute   so many more each minute, evenly
     * @param otherwise what is said to whoever asks more often
     */
    public enum Door {
        SIGN_IN_ADDRESS(60, 60, "Too many sign-ins from this place"),
        SIGN_IN_ACCOUNT(8, 6, "Too many sign-ins to this account"),
        SIGN_UP(10, 10, "Too many accounts are made from this place"),
        INVITATION(60, 60, "Too many invitations are looked at from this place"),
        PASSWORD_CHECK(60, 240, "Passwords are checked too often"),
        MESSAGE_CHECK(120, 600, "Texts are checked too often"),
        PREVIEW(400, 1200, "Too many pictures are asked for"),
        EXPORT(60, 120, "Too many files are asked for"),
        CLIP(20, 30, "Too many clips are begun"),
        UPLOAD(400, 400, "Too many files are sent"),
        TABLE(120, 1200, "This table is written too often"),
        CUE(300, 3000, "Too many deeds"),
        DESK(1000, 30_000, "Too many desks look"),
        SIGNAL(10_000, 120_000, "Too many signals"),
        OUTLET(240, 240, "This link is opened too often"),
        PICTURE(2000, 6000, "Too many pictures are asked for"),
        WATCH(2000, 6000, "Too many pictures are followed");

        private final int burst;
        private final int aMinute;
        private final String otherwise;

        Door(int burst, int aMinute, String otherwise) {
            this.burst = burst;
            this.aMinute = aMinute;
            this.otherwise = otherwise;
        }
    }

    private record Key(Door door, String who) {}

    /** A bucket with its key, in bytes. */
    private static final int EACH = 300;

    private static final Duration FORGOTTEN = Duration.ofMinutes(10);

    private final Cache<Key, Bucket> buckets = Caffeine.newBuilder()
            .maximumSize(Memory.percent(2) / EACH)
            .expireAfterAccess(FORGOTTEN)
            .build();

    /**
     * Lets somebody through once.
     *
     * @throws TooMany when they were let through too often lately
     */
    public void pass(Door door, Object who) {
        ConsumptionProbe probe = bucket(door, who).tryConsumeAndReturnRemaining(1);
        if (!probe.isConsumed()) {
            Duration wait = Duration.ofNanos(probe.getNanosToWaitForRefill());
            throw new TooMany(
                    String.format(
                            Locale.ROOT,
                            "%s. Try again in %d s.",
                            door.otherwise,
                            Math.max(1, wait.plusMillis(999).toSeconds())),
                    wait);
        }
    }

    /** Forgets all that was counted. */
    public void free(Door door, Object who) {
        buckets.invalidate(new Key(door, who.toString()));
    }

    /** Gives back one time, such as after a sign-in that was right. */
    public void back(Door door, Object who) {
        bucket(door, who).addTokens(1);
    }

    private Bucket bucket(Door door, Object who) {
        return buckets.get(
                new Key(door, who.toString()),
                _ -> Bucket.builder()
                        .addLimit(limit -> limit.capacity(door.burst).refillGreedy(door.aMinute, Duration.ofMinutes(1)))
                        .build());
    }
}
