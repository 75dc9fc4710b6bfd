package brandeon.core.recolour;

import brandeon.core.colour.Colour;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * All that is needed to recolour a picture: the method and which colours go where. A recipe can be written as a short
 * name, so that a recoloured picture has an address that says how it is made, means the same on every server, and
 * changes whenever the picture does.
 *
 * @param moves without any, the picture stays as it is; a filter and a tint use the first
 */
public record Recipe(Recolouring.Method method, List<ClusterShift.Move> moves) {

    private static final int MOST_MOVES = 32;
    private static final Pattern NAME = Pattern.compile("[fst](?:[0-9a-f]{12}){0," + MOST_MOVES + "}");
    private static final int COLOUR_DIGITS = 6;

    public Recipe {
        moves = moves.stream()
                .limit(MOST_MOVES)
                .map(move -> new ClusterShift.Move(opaque(move.from()), opaque(move.to())))
                .toList();
    }

    private static Colour opaque(Colour colour) {
        return colour.withAlpha(1).rounded();
    }

    /** A letter for the method, then six hexadecimal digits for each colour. */
    public String name() {
        StringBuilder name = new StringBuilder(
                switch (method) {
                    case FILTER -> "f";
                    case SHIFT -> "s";
                    case TINT -> "t";
                });
        moves.forEach(move -> name.append(move.from().hex(), 1, 1 + COLOUR_DIGITS)
                .append(move.to().hex(), 1, 1 + COLOUR_DIGITS));
        return name.toString();
    }

    /** The recipe of a name; empty when it is no such name. */
    public static Optional<Recipe> named(String name) {
        if (!NAME.matcher(name).matches()) {
            return Optional.empty();
        }
        Recolouring.Method method = switch (name.charAt(0)) {
            case 'f' -> Recolouring.Method.FILTER;
            case 's' -> Recolouring.Method.SHIFT;
            default -> Recolouring.Method.TINT;
        };
        List<ClusterShift.Move> moves = new ArrayList<>();
        for (int i = 1; i < name.length(); i += 2 * COLOUR_DIGITS) {
            moves.add(new ClusterShift.Move(colour(name, i), colour(name, i + COLOUR_DIGITS)));
        }
        return Optional.of(new Recipe(method, moves));
    }

    private static Colour colour(String name, int at) {
        return Colour.parse("#" + name.substring(at, at + COLOUR_DIGITS));
    }

    /** The filter for pictures that move; empty when nothing is recoloured or by another method. */
    public Optional<FilterChain> filter() {
        return method != Recolouring.Method.FILTER || moves.isEmpty()
                ? Optional.empty()
                : Optional.of(FilterChain.solve(
                        moves.getFirst().from(), moves.getFirst().to()));
    }

    /** What happens to each colour. */
    public Mapping mapping() {
        if (moves.isEmpty()) {
            return colour -> colour;
        }
        return switch (method) {
            case FILTER -> filter().orElseThrow()::apply;
            case TINT -> new Tint(moves.getFirst().from(), moves.getFirst().to());
            case SHIFT -> new ClusterShift(moves);
        };
    }
}
