package brandeon.core.show;

import brandeon.core.problem.Mistake;
import brandeon.core.text.Letters;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalLong;

/**
 * When advertising is shown by the platform, as far as somebody said so: repeated from an instant on, listed, or begun
 * by hand. Where nothing is known, nothing is shown.
 *
 * @param began   from when the repeated ones count, epoch milliseconds; 0 while they are not begun
 * @param first   minutes until the first of them
 * @param every   minutes from one to the next; 0 for the first alone
 * @param length  seconds of each; 0 for none
 * @param warning seconds before each at which viewers are told
 * @param moved   milliseconds by which those that are still to come are later than planned
 * @param skipped instants of those that are left out
 * @param listed  in their order
 * @param now     the one that somebody, or a signal, began
 */
public record Notices(
        long began,
        int first,
        int every,
        int length,
        int warning,
        long moved,
        List<Long> skipped,
        List<Advertising> listed,
        Optional<Advertising> now) {

    /** @param from epoch milliseconds @param seconds how long it lasts @param name for people; may be empty */
    public record Advertising(long from, int seconds, String name) {
        long until() {
            return from + seconds * 1000L;
        }
    }

    /** What viewers are told. @param running whether it is on, or still to come @param until when that ends */
    public record Notice(boolean running, long until, long length) {}

    public static final Notices NONE = new Notices(0, 20, 30, 0, 30, 0, List.of(), List.of(), Optional.empty());

    static final int MOST = 500;
    private static final int LONGEST = 900;
    private static final int LONGEST_NAME = 100;
    private static final int MOST_MINUTES = 600;
    private static final long MINUTE = 60_000;
    private static final long DAY = 24 * 60 * MINUTE;

    public Notices {
        skipped = List.copyOf(skipped);
        listed = listed.stream()
                .sorted(Comparator.comparingLong(Advertising::from))
                .toList();
    }

    /** @throws Mistake with a sentence for the user when it cannot be */
    void require() {
        requireRange(first, 0, MOST_MINUTES, "The first one comes after 0 to 600 minutes.");
        requireRange(every, 0, MOST_MINUTES, "They come every 1 to 600 minutes, or once.");
        requireRange(length, 0, LONGEST, "One lasts at most 15 minutes.");
        requireRange(warning, 0, LONGEST, "Viewers are told at most 15 minutes before.");
        if (length > 0 && every > 0 && every * 60 <= length) {
            throw new Mistake("One would begin before the one before it has ended.");
        }
        if (listed.size() > MOST || skipped.size() > MOST) {
            throw new Mistake("At most " + MOST + " are kept.");
        }
        listed.forEach(Notices::requireOne);
        now.ifPresent(Notices::requireOne);
    }

    private static void requireOne(Advertising one) {
        requireRange(one.seconds(), 1, LONGEST, "One lasts 1 second to 15 minutes.");
        if (one.from() < 0 || one.name().length() > LONGEST_NAME || !Letters.oneLine(one.name())) {
            throw new Mistake("The name of one has at most " + LONGEST_NAME + " letters on one line.");
        }
    }

    private static void requireRange(int value, int least, int most, String otherwise) {
        if (value < least || value > most) {
            throw new Mistake(otherwise);
        }
    }

    /** Those that touch a time span, in their order. @param till exclusive, at most a day after {@code from} */
    public List<Advertising> between(long from, long till) {
        List<Advertising> all = new ArrayList<>();
        now.ifPresent(all::add);
        listed.forEach(all::add);
        if (began > 0 && length > 0) {
            long start = began + first * MINUTE + moved;
            long step = every * MINUTE;
            long number = step == 0 ? 0 : Math.max(0, (from - length * 1000L - start) / step);
            long at = start + number * step;
            while (at < till) {
                all.add(new Advertising(at, length, ""));
                if (step == 0) {
                    break;
                }
                at += step;
            }
        }
        return all.stream()
                .filter(one -> one.until() > from && one.from() < till)
                .filter(one -> !skipped.contains(one.from()))
                .sorted(Comparator.comparingLong(Advertising::from))
                .toList();
    }

    /** The next one that has not begun. */
    public Optional<Advertising> coming(long at) {
        return between(at, at + DAY).stream().filter(one -> one.from() > at).findFirst();
    }

    /** What viewers are told at an instant; nothing where nothing is known. */
    public Optional<Notice> told(long at) {
        List<Advertising> near = between(at, at + warning * 1000L + 1);
        return near.stream()
                .filter(one -> one.from() <= at)
                .max(Comparator.comparingLong(Advertising::until))
                .map(one -> new Notice(true, one.until(), one.seconds() * 1000L))
                .or(() -> near.stream()
                        .filter(one -> one.from() > at)
                        .findFirst()
                        .map(one -> new Notice(false, one.from(), warning * 1000L)));
    }

    /** The next instant after one at which viewers are told something else. */
    public OptionalLong next(long at) {
        return between(at, at + DAY).stream()
                .flatMapToLong(
                        one -> java.util.stream.LongStream.of(one.from() - warning * 1000L, one.from(), one.until()))
                .filter(instant -> instant > at)
                .min();
    }

    /** As it is at an instant: one that was begun by hand and is over is gone, and what is long over is forgotten. */
    Notices at(long instant) {
        boolean over = now.filter(one -> one.until() <= instant).isPresent();
        boolean old = listed.stream().anyMatch(one -> one.until() < instant - DAY)
                || skipped.stream().anyMatch(one -> one < instant - DAY);
        if (!over && !old) {
            return this;
        }
        return new Notices(
                began,
                first,
                every,
                length,
                warning,
                moved,
                skipped.stream().filter(one -> one >= instant - DAY).toList(),
                listed.stream().filter(one -> one.until() >= instant - DAY).toList(),
                over ? Optional.empty() : now);
    }

    Notices planned(int nextFirst, int nextEvery, int nextLength, int nextWarning) {
        return new Notices(began, nextFirst, nextEvery, nextLength, nextWarning, moved, skipped, listed, now);
    }

    /** @param instant 0 to end them */
    Notices begun(long instant) {
        return new Notices(instant, first, every, length, warning, 0, List.of(), listed, now);
    }

    Notices listing(List<Advertising> next) {
        return new Notices(began, first, every, length, warning, moved, skipped, next, now);
    }

    Notices moved(long by) {
        return new Notices(began, first, every, length, warning, moved + by, skipped, listed, now);
    }

    Notices without(long from) {
        List<Long> next = new ArrayList<>(skipped);
        next.add(from);
        return new Notices(began, first, every, length, warning, moved, next, listed, now);
    }

    Notices now(Optional<Advertising> next) {
        return new Notices(began, first, every, length, warning, moved, skipped, listed, next);
    }
}
