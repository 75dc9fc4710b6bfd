package brandeon.core.live;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * The alerts of a show that are on screen or still to come, in their order: one at a time, with a pause between.
 *
 * Nobody waits long: when the next free time is more than {@link #LONGEST_WAIT} away, a signal joins the last alert of
 * its kind that has not begun, and is shown with it ("Tavi Brook +12"). So every signal has its time on screen, and the
 * queue has an end however many come.
 */
public record AlertQueue(List<Planned> planned) {

    /** Milliseconds after which a further signal of a kind joins the one before it. */
    public static final long LONGEST_WAIT = 60_000;

    public static final AlertQueue EMPTY = new AlertQueue(List.of());

    /**
     * An alert with its time.
     *
     * @param signal the one that came first
     * @param more   how many others are shown with it
     * @param amount of all of them together
     */
    public record Planned(Signal signal, AlertSlot slot, int more, long amount) {

        static Planned of(Signal signal, AlertSlot slot) {
            return new Planned(signal, slot, 0, signal.amount());
        }

        private Planned joinedBy(Signal other) {
            return new Planned(signal, slot, more + 1, amount + other.amount());
        }

        /** As it is announced: in the name of the first, with how many others came with them. */
        public Signal announced() {
            return more == 0
                    ? signal
                    : signal.announcedAs(String.format(Locale.ROOT, "%s +%d", signal.shownName(), more), amount);
        }
    }

    /** A queue with one signal more, and the time at which that one is shown. */
    public record Placed(AlertQueue queue, AlertSlot slot) {}

    public AlertQueue {
        planned = List.copyOf(planned);
    }

    /** From signals with their times, in the order in which they came; those with one time are shown together. */
    public AlertQueue with(Signal signal, AlertSlot slot) {
        List<Planned> next = new ArrayList<>(planned);
        for (int i = 0; i < next.size(); i++) {
            if (next.get(i).slot().equals(slot)) {
                next.set(i, next.get(i).joinedBy(signal));
                return new AlertQueue(next);
            }
        }
        next.add(Planned.of(signal, slot));
        return new AlertQueue(next);
    }

    /**
     * Gives a signal its time.
     *
     * @param now epoch milliseconds
     */
    public Placed with(Signal signal, AlertRule rule, long now) {
        AlertSlot free =
                AlertSlot.after(planned.isEmpty() ? 0 : planned.getLast().slot().until(), now, rule);
        AlertSlot slot = free.from() - now <= LONGEST_WAIT
                ? free
                : planned.reversed().stream()
                        .filter(one -> one.signal().kind() == signal.kind()
                                && one.slot().from() > now)
                        .findFirst()
                        .map(Planned::slot)
                        .orElse(free);
        return new Placed(with(signal, slot), slot);
    }

    /** Without those that are over. */
    public AlertQueue from(long now) {
        return planned.isEmpty() || planned.getFirst().slot().until() > now
                ? this
                : new AlertQueue(
                        planned.stream().filter(one -> one.slot().until() > now).toList());
    }

    /** What is on screen at an instant. */
    public Optional<Planned> at(long now) {
        return planned.stream()
                .filter(one -> one.slot().from() <= now && one.slot().until() > now)
                .findFirst();
    }

    /** The next instant after {@code now} at which something else is on screen. */
    public Optional<Long> next(long now) {
        for (Planned one : planned) {
            if (one.slot().from() > now) {
                return Optional.of(one.slot().from());
            }
            if (one.slot().until() > now) {
                return Optional.of(one.slot().until());
            }
        }
        return Optional.empty();
    }

    /** All that is not over, moved in time, as when the clock was set. @param by milliseconds */
    public AlertQueue moved(long by) {
        return new AlertQueue(planned.stream()
                .map(one -> new Planned(one.signal(), one.slot().moved(by), one.more(), one.amount()))
                .toList());
    }
}
