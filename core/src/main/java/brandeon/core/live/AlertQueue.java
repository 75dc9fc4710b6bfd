package brandeon.core.live;

import brandeon.core.live.AlertQueue.Alert;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * The alerts of a show: the one on screen, those that wait in their order, and the one that was shown last. One at a
 * time, with a pause between. Everything follows from the signals, the rules and what people do, with the instants at
 * which they came: no timer decides anything, so the same gives the same plan on every server and after a restart.
 *
 * What is urgent passes others that wait, but breaks into nothing and passes nobody who has waited long. Many of one rule
 * that come at once become one alert, so that the queue has an end however many come; one with a message stands alone
 * while there is room. So every signal is shown.
 *
 * @param alerts   in the order in which they are shown; the first may be on screen
 * @param last     that was shown
 * @param free     instant from which the next one may begin, but for the pause
 * @param paused   whether nothing begins until somebody says so
 * @param silent   whether alerts make no sound
 * @param repeated how often one was shown again, so that each showing has its own id
 */
public record AlertQueue(
        List<Alert> alerts, Optional<Alert> last, long free, boolean paused, boolean silent, int repeated) {

    public static final AlertQueue EMPTY = new AlertQueue(List.of(), Optional.empty(), 0, false, false, 0);

    /** Of those who are announced together, so many are named. */
    public static final int NAMED = 3;

    /** So many wait at most before even those with a message join others. */
    public static final int MOST_WAITING = 200;

    /** Milliseconds in which an alert leaves that somebody ended. */
    private static final long LEAVING = 500;

    /** Not planned: the queue is paused. */
    private static final AlertSlot NEVER = new AlertSlot(Long.MAX_VALUE, Long.MAX_VALUE);

    /**
     * One alert.
     *
     * @param id     of its signal as it is stored
     * @param showing 0 where it is shown for the first time, else which one of those that were shown again
     * @param signal the one that came first
     * @param rule   id of the rule by which it is shown
     * @param came   when it came, in the time of the queue
     * @param millis that it is on screen
     * @param more   how many others are shown with it
     * @param amount of all of them together
     * @param names  of the first few of them
     * @param alone  whether it shows somebody's own words, which are not lost among others
     * @param cut    whether somebody ended it before its time
     */
    public record Alert(
            String id,
            int showing,
            Signal signal,
            String rule,
            Urgency urgency,
            long came,
            long millis,
            int more,
            long amount,
            List<String> names,
            boolean alone,
            boolean cut,
            AlertSlot slot) {

        public Alert {
            names = List.copyOf(names);
        }

        private Alert joinedBy(Alert other) {
            return new Alert(
                    id,
                    showing,
                    signal,
                    rule,
                    urgency,
                    came,
                    Math.max(millis, other.millis),
                    more + other.more + 1,
                    amount + other.amount,
                    Stream.concat(names.stream(), other.names.stream())
                            .limit(NAMED)
                            .toList(),
                    alone,
                    cut,
                    slot);
        }

        private Alert at(AlertSlot next) {
            return new Alert(id, showing, signal, rule, urgency, came, millis, more, amount, names, alone, cut, next);
        }

        private Alert ended(long at) {
            return new Alert(
                    id,
                    showing,
                    signal,
                    rule,
                    urgency,
                    came,
                    millis,
                    more,
                    amount,
                    names,
                    alone,
                    true,
                    new AlertSlot(slot.from(), Math.min(slot.until(), at)));
        }

        private Alert again(int next, long now) {
            return new Alert(id, next, signal, rule, urgency, now, millis, more, amount, names, alone, false, NEVER);
        }

        /** Whether it has its time. */
        public boolean planned() {
            return !slot.equals(NEVER);
        }

        private boolean waits(long now) {
            return slot.from() > now;
        }

        private boolean is(String otherId, int otherShowing) {
            return id.equals(otherId) && showing == otherShowing;
        }

        private boolean is(Alert other) {
            return is(other.id, other.showing);
        }
    }

    /**
     * A queue with one signal more.
     *
     * @param with the alert with which it is shown; its own one or another
     * @param gone alerts that were to stand alone and are shown with that one now
     */
    public record Placed(AlertQueue queue, String with, List<String> gone) {}

    /** @param over those that were on screen and are gone, in their order */
    public record Passed(AlertQueue queue, List<Alert> over) {}

    public AlertQueue {
        alerts = List.copyOf(alerts);
    }

    /** As it stands at an instant: what is over is told apart. */
    public Passed at(long now) {
        List<Alert> over =
                alerts.stream().filter(one -> one.slot.until() <= now).toList();
        if (over.isEmpty()) {
            return new Passed(this, over);
        }
        Alert latest = over.getLast();
        return new Passed(
                new AlertQueue(
                        alerts.stream().filter(one -> !over.contains(one)).toList(),
                        Optional.of(latest),
                        Math.max(free, latest.slot.until()),
                        paused,
                        silent,
                        repeated),
                over);
    }

    /** What is on screen at an instant. */
    public Optional<Alert> shownAt(long now) {
        return alerts.stream()
                .filter(one -> one.slot.from() <= now && one.slot.until() > now)
                .findFirst();
    }

    /** Those that are still to come, in their order. */
    public List<Alert> waiting(long now) {
        return alerts.stream().filter(one -> one.waits(now)).toList();
    }

    /** The next instant after {@code now} at which something else is on screen. */
    public Optional<Long> next(long now) {
        for (Alert one : alerts) {
            if (one.planned() && one.slot.from() > now) {
                return Optional.of(one.slot.from());
            }
            if (one.planned() && one.slot.until() > now) {
                return Optional.of(one.slot.until());
            }
        }
        return Optional.empty();
    }

    /**
     * Gives a signal its place.
     *
     * @param id   of the signal as it is stored
     * @param rule that is for it
     * @param now  milliseconds, never earlier than before
     */
    public Placed with(String id, Signal signal, AlertRule rule, Pace pace, long now) {
        Alert fresh = new Alert(
                id,
                0,
                signal,
                rule.id(),
                rule.urgency(),
                now,
                rule.millis(signal),
                0,
                signal.amount(),
                List.of(signal.shownName()),
                rule.reads(signal),
                false,
                NEVER);
        List<Alert> waiting = waiting(now);
        boolean full = waiting.size() >= MOST_WAITING;
        List<Alert> same = waiting.stream()
                .filter(one -> one.rule.equals(rule.id()) && one.showing == 0 && (full || !one.alone()))
                .toList();
        if (same.isEmpty() || (fresh.alone() && !full)) {
            return new Placed(inserted(fresh, pace, now), id, List.of());
        }
        List<Alert> lately = same.stream()
                .filter(one -> now - one.came <= pace.windowMillis())
                .toList();
        int members = lately.stream().mapToInt(one -> one.more + 1).sum();
        if (members + 1 > pace.flood()) {
            return joined(lately, fresh, pace, now);
        }
        AlertQueue alone = inserted(fresh, pace, now);
        // While it is paused, as if it went on now.
        long begins = (paused ? alone.resume(pace, now) : alone)
                .alerts.stream()
                        .filter(fresh::is)
                        .mapToLong(one -> one.slot.from())
                        .findFirst()
                        .orElseThrow();
        return full || begins - now > pace.longestMillis()
                ? joined(List.of(same.getLast()), fresh, pace, now)
                : new Placed(alone, id, List.of());
    }

    /** The first of some and the fresh one, announced together in that one's place. */
    private Placed joined(List<Alert> some, Alert fresh, Pace pace, long now) {
        Alert one = some.getFirst();
        for (Alert other : some.subList(1, some.size())) {
            one = one.joinedBy(other);
        }
        Alert joined = one.joinedBy(fresh);
        List<Alert> next = new ArrayList<>();
        for (Alert alert : alerts) {
            if (alert.is(joined)) {
                next.add(joined);
            } else if (some.stream().noneMatch(alert::is)) {
                next.add(alert);
            }
        }
        return new Placed(
                with(next).laid(pace, now),
                joined.id,
                some.stream().skip(1).map(Alert::id).toList());
    }

    /** Behind all that it may not pass. */
    private AlertQueue inserted(Alert fresh, Pace pace, long now) {
        List<Alert> next = new ArrayList<>(alerts);
        int place = next.size();
        while (place > 0 && passes(fresh, next.get(place - 1), pace, now)) {
            place--;
        }
        next.add(place, fresh);
        return with(next).laid(pace, now);
    }

    private static boolean passes(Alert fresh, Alert other, Pace pace, long now) {
        return other.waits(now)
                && other.urgency.compareTo(fresh.urgency) < 0
                && now - other.came <= pace.longestMillis();
    }

    private AlertQueue with(List<Alert> next) {
        return new AlertQueue(next, last, free, paused, silent, repeated);
    }

    /** With the times that follow from the order. What is on screen stays as it is. */
    private AlertQueue laid(Pace pace, long now) {
        List<Alert> next = new ArrayList<>();
        long begin = Math.max(now, free == 0 ? now : free + pace.pauseMillis());
        for (Alert one : alerts) {
            if (!one.waits(now)) {
                next.add(one);
                begin = Math.max(begin, one.slot.until() + pace.pauseMillis());
            } else if (paused) {
                next.add(one.at(NEVER));
            } else {
                next.add(one.at(new AlertSlot(begin, begin + one.millis)));
                begin += one.millis + pace.pauseMillis();
            }
        }
        return with(next);
    }

    /** Nothing more begins; what is on screen ends in its time. */
    public AlertQueue pause(Pace pace, long now) {
        return new AlertQueue(alerts, last, free, true, silent, repeated).laid(pace, now);
    }

    /** Goes on with what waits. */
    public AlertQueue resume(Pace pace, long now) {
        return new AlertQueue(alerts, last, free, false, silent, repeated).laid(pace, now);
    }

    /** @param on whether alerts make a sound */
    public AlertQueue sounding(boolean on) {
        return new AlertQueue(alerts, last, free, paused, !on, repeated);
    }

    /** What is on screen leaves at once, and the next one comes after the pause. */
    public AlertQueue skip(Pace pace, long now) {
        List<Alert> next = alerts.stream()
                .map(one -> one.slot.from() <= now && one.slot.until() > now ? one.ended(now + LEAVING) : one)
                .toList();
        return with(next).laid(pace, now);
    }

    /** One that waits is not shown. */
    public AlertQueue drop(String id, int showing, Pace pace, long now) {
        return dropped(one -> one.is(id, showing), pace, now);
    }

    /** None that waits is shown. */
    public AlertQueue dropAll(Pace pace, long now) {
        return dropped(_ -> true, pace, now);
    }

    private AlertQueue dropped(Predicate<Alert> which, Pace pace, long now) {
        return with(alerts.stream()
                        .filter(one -> !(one.waits(now) && which.test(one)))
                        .toList())
                .laid(pace, now);
    }

    /** The one that was shown last comes next once more; nothing changes where none was. */
    public AlertQueue repeat(Pace pace, long now) {
        Optional<Alert> again = shownAt(now).or(() -> last);
        if (again.isEmpty() || waiting(now).size() >= MOST_WAITING) {
            return this;
        }
        List<Alert> next = new ArrayList<>(alerts);
        next.add(alerts.size() - waiting(now).size(), again.get().again(repeated + 1, now));
        return new AlertQueue(next, last, free, paused, silent, repeated + 1).laid(pace, now);
    }

    /** One that waits is shown at another place among those that wait. @param place from 0 */
    public AlertQueue move(String id, int showing, int place, Pace pace, long now) {
        List<Alert> waiting = new ArrayList<>(waiting(now));
        Optional<Alert> moved =
                waiting.stream().filter(one -> one.is(id, showing)).findFirst();
        if (moved.isEmpty()) {
            return this;
        }
        waiting.remove(moved.get());
        waiting.add(Math.clamp(place, 0, waiting.size()), moved.get());
        List<Alert> next =
                new ArrayList<>(alerts.stream().filter(one -> !one.waits(now)).toList());
        next.addAll(waiting);
        return with(next).laid(pace, now);
    }
}
