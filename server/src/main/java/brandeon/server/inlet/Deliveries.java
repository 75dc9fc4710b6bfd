package brandeon.server.inlet;

import brandeon.server.problem.NotFound;
import brandeon.server.problem.Refused;
import jakarta.annotation.PreDestroy;
import jakarta.persistence.EntityManager;
import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.locks.Lock;
import java.util.concurrent.locks.ReentrantLock;
import org.hibernate.exception.ConstraintViolationException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.data.domain.Limit;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * The last things that came to each channel's inlet, and what became of them: for people who connect something, not a
 * store of signals. They are written a moment later, many together, so that no signal waits for its line; of a flood
 * only the last ones are written at all.
 */
@Service
class Deliveries {

    /** So many of each channel are kept, here and in the database. */
    static final int MOST = 50;

    /** Letters of a body; longer ones are cut. */
    private static final int LONGEST = 16_000;

    private static final int LONGEST_TYPE = 120;
    private static final int BETWEEN_WRITINGS = 400;

    private static final Logger LOG = LoggerFactory.getLogger(Deliveries.class);

    enum Outcome {
        COUNTED,
        /** Shown as any other, without counting. */
        PRACTICE,
        /** It was taken in before. */
        REPEATED,
        REFUSED
    }

    /**
     * @param mapped the mapped inlet to which it came
     * @param body   as text, its beginning where it was long
     */
    record Delivery(
            UUID id, Instant at, Optional<UUID> mapped, Outcome outcome, String sentence, String type, String body) {
        /** Whether only its beginning was kept. */
        boolean cut() {
            return body.length() >= LONGEST;
        }

        byte[] bytes() {
            return body.getBytes(StandardCharsets.UTF_8);
        }
    }

    private final DeliveryRows rows;
    private final EntityManager entities;
    private final TransactionTemplate transactions;
    private final Map<UUID, Deque<Delivery>> waiting = new ConcurrentHashMap<>();
    private final Lock writing = new ReentrantLock();

    Deliveries(DeliveryRows rows, EntityManager entities, TransactionTemplate transactions) {
        this.rows = rows;
        this.entities = entities;
        this.transactions = transactions;
    }

    void came(Takings.Sent sent, Outcome outcome, String sentence) {
        UUID channel = sent.channel().id();
        byte[] body = sent.body();
        int length = Math.min(body.length, LONGEST);
        String text = new String(body, 0, length, StandardCharsets.UTF_8).replace("\0", "�");
        Delivery delivery = new Delivery(
                UUID.randomUUID(),
                Instant.now(),
                sent.mapped(),
                outcome,
                sentence,
                sent.type().substring(0, Math.min(sent.type().length(), LONGEST_TYPE)),
                text.substring(0, Math.min(text.length(), LONGEST)));
        waiting.compute(channel, (_, deque) -> {
            Deque<Delivery> lines = deque == null ? new ArrayDeque<>() : deque;
            lines.addLast(delivery);
            if (lines.size() > MOST) {
                lines.removeFirst();
            }
            return lines;
        });
    }

    /** The latest first. */
    List<Delivery> of(UUID channel) {
        write();
        return rows.findByChannelIdOrderByAtDesc(channel, Limit.of(MOST)).stream()
                .map(DeliveryRow::delivery)
                .toList();
    }

    /**
     * One that was kept as it came.
     *
     * @throws NotFound when it was too long ago
     * @throws Refused  when only its beginning was kept
     */
    Delivery whole(UUID channel, UUID id) {
        write();
        Delivery delivery = rows.findByChannelIdAndId(channel, id)
                .map(DeliveryRow::delivery)
                .orElseThrow(() -> new NotFound("This delivery is not among the last ones any more."));
        if (delivery.cut()) {
            throw new Refused("Only the beginning of this delivery was kept, so it cannot be sent again from here.");
        }
        return delivery;
    }

    /** What cannot be written now (its channel was deleted, the database is away) is dropped. */
    @PreDestroy
    @Scheduled(fixedDelay = BETWEEN_WRITINGS)
    void write() {
        // Whoever looks sees what somebody else is just writing, too. Nobody has a connection while they wait here.
        writing.lock();
        try {
            Map<UUID, List<Delivery>> now = new HashMap<>();
            for (UUID channel : List.copyOf(waiting.keySet())) {
                Deque<Delivery> lines = waiting.remove(channel);
                if (lines != null) {
                    now.put(channel, new ArrayList<>(lines));
                }
            }
            now.forEach(this::write);
        } finally {
            writing.unlock();
        }
    }

    private void write(UUID channel, List<Delivery> lines) {
        try {
            transactions.executeWithoutResult(_ -> {
                lines.forEach(line -> entities.persist(new DeliveryRow(channel, line)));
                entities.flush();
                rows.removeOld(channel);
            });
        } catch (ConstraintViolationException e) {
            LOG.debug("A channel was deleted before its last deliveries were written", e);
        } catch (RuntimeException e) {
            LOG.warn("The last deliveries of a channel could not be written: {}", e.getMessage());
        }
    }
}
