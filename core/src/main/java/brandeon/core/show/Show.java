package brandeon.core.show;

import brandeon.core.kind.Run;
import brandeon.core.theme.Piece;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

/**
 * What all pieces of a show say now, apart from how they look. What it does not hold, themes say. Changed only by
 * {@link Shows#apply}.
 *
 * @param held by the piece that names it and the slot in which it is kept
 */
public record Show(Map<String, Map<String, Held>> held) {

    /** One that leaves everything to the themes. */
    public static final Show QUIET = new Show(Map.of());

    public Show {
        Map<String, Map<String, Held>> all = new TreeMap<>();
        held.forEach((piece, slots) -> all.put(piece, Collections.unmodifiableMap(new TreeMap<>(slots))));
        held = Collections.unmodifiableMap(all);
    }

    /** What it takes in memory, in bytes, roughly. */
    public int weight() {
        return held.values().stream()
                .flatMap(slots -> slots.values().stream())
                .mapToInt(one -> 300 + 2 * one.letters())
                .sum();
    }

    /** Empty where a theme says it. */
    public Optional<Held> held(String piece, String slot) {
        return Optional.ofNullable(held.getOrDefault(piece, Map.of()).get(slot));
    }

    /** A piece as it is said and shown now. */
    public Spoken spoken(Piece piece) {
        Spoken spoken = Spoken.byItself(piece);
        for (Map.Entry<String, Held> one : of(piece).entrySet()) {
            spoken = one.getValue().over(spoken, one.getKey());
        }
        return spoken;
    }

    /** All that is held of a piece, by slot: what it shares first, and what is its own alone last. */
    Map<String, Held> of(Piece piece) {
        if (held.isEmpty()) {
            return Map.of();
        }
        Map<String, Held> all = new LinkedHashMap<>();
        held.getOrDefault(piece.speaker(), Map.of()).forEach((slot, one) -> {
            if (one.shared()) {
                all.put(slot, one);
            }
        });
        held.getOrDefault(piece.id(), Map.of()).forEach((slot, one) -> {
            if (!one.shared()) {
                all.put(slot, one);
            }
        });
        return all;
    }

    /** In which the clip that a piece is begins at an instant, epoch milliseconds. */
    public Show playing(String piece, long instant) {
        return with(piece, Slot.CLOCK, new Held.HeldClock(Run.running(instant, 0), "", ""));
    }

    Show with(String piece, String slot, Held one) {
        Map<String, Map<String, Held>> all = new TreeMap<>(held);
        Map<String, Held> slots = new TreeMap<>(all.getOrDefault(piece, Map.of()));
        slots.put(slot, one);
        all.put(piece, slots);
        return new Show(all);
    }

    Show without(String piece, String slot) {
        Map<String, Map<String, Held>> all = new TreeMap<>(held);
        Map<String, Held> slots = new TreeMap<>(all.getOrDefault(piece, Map.of()));
        slots.remove(slot);
        if (slots.isEmpty()) {
            all.remove(piece);
        } else {
            all.put(piece, slots);
        }
        return new Show(all);
    }
}
