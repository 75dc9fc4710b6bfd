package brandeon.core.layout;

import brandeon.core.canvas.Anchor;
import brandeon.core.canvas.Box;
import brandeon.core.canvas.Canvas;
import brandeon.core.canvas.SafeArea;
import brandeon.core.canvas.Shape;
import brandeon.core.layout.ResolvedScene.FittedOpening;
import brandeon.core.layout.ResolvedScene.Placement;
import brandeon.core.live.LiveState;
import brandeon.core.theme.Edit;
import brandeon.core.theme.Edits;
import brandeon.core.theme.Outcome;
import brandeon.core.theme.Piece;
import brandeon.core.theme.PieceKind;
import brandeon.core.theme.Placed;
import brandeon.core.theme.Region;
import brandeon.core.theme.Scene;
import brandeon.core.theme.Spot;
import brandeon.core.theme.Theme;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * Proposes how a scene that was arranged for one shape of canvas stands on another one: not a shrunken copy, but pictures
 * as large as they can be, faces before play on an upright canvas and beside it on a wide one, the rest in reading order.
 *
 * Pieces that a person placed on the wanted shape stay where they stand well. When there is too little room, what matters
 * least is left out, never what must show. It proposes nothing for a scene that stands well there already, so that going
 * to another shape and back changes nothing.
 */
public final class Rearrangement {

    private static final double GAP = 28;
    private static final double COLUMN = 400;
    /** Pictures are made this much smaller before anything is left out. */
    private static final double LEAST_PICTURE = 0.62;
    /** A little of another piece under a piece is a choice; more is a collision. */
    private static final double COLLISION = 0.04;
    private static final double SPANS = 0.97;
    private static final int MOST_ROUNDS = 6;

    /**
     * @param edit     empty batch when nothing need change
     * @param leftOut  names of the pieces that are hidden for want of room
     * @param troubled names of the pieces that do not stand well now
     */
    public record Proposal(Edit.Batch edit, List<String> leftOut, List<String> troubled) {

        public boolean changes() {
            return !edit.edits().isEmpty();
        }
    }

    private final Theme theme;
    private final LiveState live;
    private final Scene scene;
    private final Canvas to;
    private final ResolvedScene before;
    private final ResolvedScene now;
    private final Box action;
    private final Box graphics;
    private final double u;
    private final Map<String, Box> places = new LinkedHashMap<>();
    private final List<Placement> leftOut = new ArrayList<>();
    private final Set<String> released = new HashSet<>();

    private Rearrangement(Theme theme, Scene scene, Canvas from, Canvas to, LiveState live) {
        this.theme = theme;
        this.live = live;
        this.scene = scene;
        this.to = to;
        Resolver resolver = new Resolver(theme);
        this.before = resolver.resolve(scene, from, live);
        this.now = resolver.resolve(scene, to, live);
        this.action = to.safe(SafeArea.ACTION);
        this.graphics = to.safe(SafeArea.GRAPHICS);
        this.u = to.unit();
    }

    /**
     * @param from a canvas on which the scene stands as it should
     * @param to   the canvas to arrange it for; the proposal counts for all canvases of its shape
     */
    public static Proposal propose(Theme theme, Scene scene, Canvas from, Canvas to, LiveState live) {
        return new Rearrangement(theme, scene, from, to, live).proposal();
    }

    private Proposal proposal() {
        List<String> troubled = names(now);
        if (troubled.isEmpty() || before.canvas().shape() == to.shape()) {
            return new Proposal(new Edit.Batch(List.of()), List.of(), troubled);
        }
        now.placements().stream().filter(placement -> troubled(now, placement)).forEach(placement -> released.add(placement.piece().id()));
        for (int i = 0; i < MOST_ROUNDS; i++) {
            places.clear();
            leftOut.clear();
            arrange();
            // What was to stay and is in the way now is placed anew, too.
            ResolvedScene after = applied();
            boolean more = after.placements().stream().filter(placement -> troubled(after, placement)).map(placement -> released.add(placement.piece().id())).reduce(false, Boolean::logicalOr);
            if (!more) {
                break;
            }
        }
        return new Proposal(new Edit.Batch(edits()), leftOut.stream().map(placement -> placement.piece().name()).toList(), troubled);
    }

    private List<Edit> edits() {
        List<Edit> edits = new ArrayList<>();
        places.forEach((piece, box) -> edits.add(new Edit.SetCorrection(scene.id(), piece, to.shape(), anchored(box))));
        leftOut.forEach(placement -> edits.add(new Edit.SetHidden(scene.id(), placement.piece().id(), to.shape(), true)));
        return edits;
    }

    private ResolvedScene applied() {
        Theme changed = places.isEmpty() && leftOut.isEmpty() ? theme : ((Outcome.Applied) Edits.apply(theme, new Edit.Batch(edits()))).theme();
        return new Resolver(changed).resolve(changed.scene(scene.id()).orElseThrow(), to, live);
    }

    private List<String> names(ResolvedScene on) {
        return on.placements().stream().filter(placement -> troubled(on, placement)).map(placement -> placement.piece().name()).toList();
    }

    private Spot anchored(Box box) {
        Box snapped = box.snapped();
        Box frame = to.size().box();
        Anchor anchor = Anchor.nearest(frame, snapped);
        return new Spot.Anchored(anchor, anchor.offsetX(frame, snapped) / u, anchor.offsetY(frame, snapped) / u, snapped.width() / u, snapped.height() / u);
    }

    /** Out of the picture, or in the way of another piece. */
    private boolean troubled(ResolvedScene on, Placement placement) {
        if (scenery(placement)) {
            return false;
        }
        Box bounds = placement.bounds();
        Box room = spans(bounds, to) ? to.size().box() : action;
        return bounds.outside(room) > 1 || (!placement.piece().kind().liesOver() && on.placements().stream().anyMatch(other -> other != placement && !scenery(other) && !other.piece().kind().liesOver() && collide(bounds, other.bounds())));
    }

    private static boolean collide(Box one, Box other) {
        return one.cut(other).area() > COLLISION * Math.min(one.area(), other.area());
    }

    private static boolean scenery(Placement placement) {
        PieceKind kind = placement.piece().kind();
        return kind.ground() || kind == PieceKind.PARTICLES;
    }

    private static boolean spans(Box box, Canvas canvas) {
        return box.width() >= SPANS * canvas.size().width();
    }

    private boolean free(Placement placement) {
        Placed placed = placement.placed();
        boolean byHand = placed.corrections().containsKey(to.shape()) && !released.contains(placed.piece());
        return !scenery(placement) && !placed.locked() && !byHand && placed.shows(to.shape());
    }

    private void arrange() {
        List<Placement> free = now.placements().stream().map(this::asBefore).filter(this::free).toList();
        List<Placement> frames = free.stream().filter(placement -> !placement.art().openings().isEmpty()).sorted(READING).toList();
        List<Placement> bands = free.stream().filter(placement -> !frames.contains(placement) && spans(placement.box(), before.canvas())).toList();
        List<Placement> over = free.stream().filter(placement -> !frames.contains(placement) && !bands.contains(placement) && placement.piece().kind().liesOver()).toList();
        List<Placement> facts = new ArrayList<>(free.stream().filter(placement -> !frames.contains(placement) && !bands.contains(placement) && !over.contains(placement)).sorted(READING).toList());
        Box room = banded(bands);
        while (!fits(frames, facts, room)) {
            facts.stream().filter(placement -> !placement.piece().mustShow()).max(Comparator.comparingInt((Placement placement) -> matters(placement.piece().kind())).thenComparingInt(facts::indexOf)).ifPresentOrElse(least -> {
                facts.remove(least);
                leftOut.add(least);
            }, () -> crammed(frames, facts, room));
            if (!places.isEmpty() && facts.stream().allMatch(placement -> places.containsKey(placement.piece().id()))) {
                break;
            }
        }
        over.forEach(this::over);
    }

    /** As it stands on the canvas that is followed; what does not show there, as it stands here. */
    private Placement asBefore(Placement placement) {
        return before.placement(placement.piece().id()).orElseGet(() -> new Placement(placement.piece(), placement.placed(), placement.box().scaled(before.canvas().unit() / u), placement.manner(), placement.art()));
    }

    /** From the top down, and in a row from the left. */
    private static final Comparator<Placement> READING = Comparator.<Placement>comparingDouble(placement -> Math.rint(placement.box().y() / 40)).thenComparingDouble(placement -> placement.box().x());

    /** The greater, the sooner it is left out. */
    private static int matters(PieceKind kind) {
        return switch (kind) {
            case RULE, CORNERS, PULSE, SHAPE, METER, PICTURE -> 4;
            case SPONSORS, ROTATOR, NOW_PLAYING, CLOCK, BUG, TICKER -> 3;
            case RECENT, CHAT, SCHEDULE, QUEUE, COUNT_UP -> 2;
            case FACT_LINE, SUPPORTERS, COUNTER, POINTS, GOAL, SCORE, COUNTDOWN -> 1;
            case FRAME, FRAME_PICTURE, BACKDROP, SCREEN, PARTICLES, BAND, LOWER_THIRD, NOTICE, BREAK_NOTICE, AD_NOTICE, ANNOUNCER, TRANSITION, PANEL -> 0;
        };
    }

    /** Bands keep their edge; what is left between them is the room for the rest. */
    private Box banded(List<Placement> bands) {
        double top = graphics.y();
        double bottom = graphics.bottom();
        for (Placement band : bands) {
            double height = inUnits(band.box().height());
            boolean above = band.box().centreY() < before.canvas().size().height() / 2.0;
            double y = above ? top : bottom - height;
            places.put(band.piece().id(), new Box(0, y, to.size().width(), height));
            top = above ? y + height + GAP * u : top;
            bottom = above ? bottom : y - GAP * u;
        }
        for (Placement placement : now.placements()) {
            // Bands that a person placed, or that their zone keeps in place.
            if (!places.containsKey(placement.piece().id()) && !free(placement) && !scenery(placement) && spans(placement.box(), to)) {
                boolean above = placement.box().centreY() < to.size().height() / 2.0;
                top = above ? Math.max(top, placement.box().bottom() + GAP * u) : top;
                bottom = above ? bottom : Math.min(bottom, placement.box().y() - GAP * u);
            }
        }
        return new Box(action.x(), top, action.width(), Math.max(1, bottom - top));
    }

    private double inUnits(double pixels) {
        return pixels / before.canvas().unit() * u;
    }

    private boolean fits(List<Placement> frames, List<Placement> facts, Box room) {
        return switch (to.shape()) {
            case UPRIGHT -> upright(frames, facts, room, LEAST_PICTURE);
            case WIDE -> beside(frames, facts, new Box(room.x(), room.y(), room.width() - (COLUMN + GAP) * u, room.height()),
                    new Box(room.right() - COLUMN * u, room.y(), COLUMN * u - (room.right() - graphics.right()), room.height()));
            case SQUARE -> square(frames, facts, room);
        };
    }

    /** Even with everything that may be left out left out it does not fit: pictures become as small as they must. */
    private void crammed(List<Placement> frames, List<Placement> facts, Box room) {
        if (to.shape() == Shape.UPRIGHT && upright(frames, facts, room, 0.2)) {
            return;
        }
        facts.forEach(placement -> places.putIfAbsent(placement.piece().id(), fitted(natural(placement), graphics)));
        frames.forEach(placement -> places.putIfAbsent(placement.piece().id(), fitted(natural(placement), room)));
    }

    private Box natural(Placement placement) {
        return new Box(0, 0, inUnits(placement.box().width()), inUnits(placement.box().height()));
    }

    private static Box fitted(Box box, Box room) {
        double by = Math.min(1, Math.min(room.width() / box.width(), room.height() / box.height()));
        return new Box(room.x(), room.y(), box.width() * by, box.height() * by);
    }

    /** Whether the picture shows a face, or is the smaller one where no face was drawn. */
    private boolean face(Placement frame, List<Placement> frames) {
        boolean drawn = before.openings().stream().flatMap(opening -> opening.capture().regions().stream()).anyMatch(region -> region.sort() == Region.Sort.FACE);
        if (drawn) {
            return openings(frame).stream().anyMatch(opening -> opening.capture().regions().stream().anyMatch(region -> region.sort() == Region.Sort.FACE));
        }
        return frames.size() > 1 && frames.stream().allMatch(other -> other.box().area() >= frame.box().area());
    }

    private List<FittedOpening> openings(Placement frame) {
        return before.openings().stream().filter(opening -> opening.piece().equals(frame.piece().id())).toList();
    }

    private boolean upright(List<Placement> frames, List<Placement> facts, Box room, double leastPicture) {
        List<Placement> faces = frames.stream().filter(frame -> face(frame, frames)).toList();
        List<Placement> plays = frames.stream().filter(frame -> !faces.contains(frame)).toList();
        List<List<Placement>> rows = rows(facts, graphics.width());
        double rowsHeight = rows.stream().mapToDouble(this::rowHeight).sum();
        double gaps = GAP * u * Math.max(0, faces.size() + plays.size() + rows.size() - 1);
        double pictures = frames.stream().mapToDouble(frame -> room.width() / aspect(frame)).sum();
        double share = pictures == 0 ? 1 : (room.height() - rowsHeight - gaps) / pictures;
        if (share < leastPicture || (pictures == 0 && rowsHeight + gaps > room.height())) {
            return false;
        }
        double scale = Math.min(1, share);
        double y = room.y();
        for (Placement frame : faces) {
            y = picture(frame, room, y, scale);
        }
        double foot = room.bottom();
        for (Placement frame : plays.reversed()) {
            double height = room.width() * scale / aspect(frame);
            picture(frame, room, foot - height, scale);
            foot -= height + GAP * u;
        }
        double rowY = plays.isEmpty() ? y : foot + GAP * u - rowsHeight - GAP * u * rows.size();
        for (List<Placement> row : rows) {
            row(row, rowY);
            rowY += rowHeight(row) + GAP * u;
        }
        return true;
    }

    private static double aspect(Placement frame) {
        return frame.box().width() / frame.box().height();
    }

    private double picture(Placement frame, Box room, double y, double scale) {
        double width = room.width() * scale;
        double height = width / aspect(frame);
        places.put(frame.piece().id(), new Box(room.centreX() - width / 2, y, width, height));
        return y + height + GAP * u;
    }

    /** In reading order, as many beside one another as fit at their own width. */
    private List<List<Placement>> rows(List<Placement> facts, double width) {
        List<List<Placement>> rows = new ArrayList<>();
        double left = 0;
        for (Placement fact : facts) {
            double wanted = Math.min(width, natural(fact).width());
            if (rows.isEmpty() || left < wanted + GAP * u - 0.5) {
                rows.add(new ArrayList<>());
                left = width + GAP * u;
            }
            rows.getLast().add(fact);
            left -= wanted + GAP * u;
        }
        return rows;
    }

    private double rowHeight(List<Placement> row) {
        return row.stream().mapToDouble(fact -> natural(fact).height()).max().orElse(0);
    }

    /** Beside one another from the left; what is left of the row is shared out between them. */
    private void row(List<Placement> row, double y) {
        double used = row.stream().mapToDouble(fact -> Math.min(graphics.width(), natural(fact).width())).sum() + GAP * u * (row.size() - 1);
        double more = row.size() == 1 ? 0 : Math.max(0, graphics.width() - used) / row.size();
        double x = graphics.x();
        for (Placement fact : row) {
            double width = Math.min(graphics.width(), natural(fact).width()) + more;
            places.put(fact.piece().id(), new Box(x, y, width, natural(fact).height()));
            x += width + GAP * u;
        }
    }

    /** Play to the left, faces and the rest in a column beside it. */
    private boolean beside(List<Placement> frames, List<Placement> facts, Box large, Box column) {
        List<Placement> faces = frames.size() == 1 ? List.of() : frames.stream().filter(frame -> face(frame, frames)).toList();
        List<Placement> plays = frames.stream().filter(frame -> !faces.contains(frame)).toList();
        double y = column.y();
        Map<String, Box> tried = new LinkedHashMap<>();
        Box wide = new Box(column.x(), column.y(), action.right() - column.x(), column.height());
        for (Placement face : faces) {
            double height = wide.width() / aspect(face);
            tried.put(face.piece().id(), new Box(wide.x(), y, wide.width(), height));
            y += height + GAP * u;
        }
        for (Placement fact : facts) {
            Box box = natural(fact);
            tried.put(fact.piece().id(), new Box(column.x(), y, Math.min(column.width(), box.width()), box.height()));
            y += box.height() + GAP * u;
        }
        if (y - GAP * u > column.bottom() + 0.5) {
            return false;
        }
        double each = (large.height() - GAP * u * Math.max(0, plays.size() - 1)) / Math.max(1, plays.size());
        for (int i = 0; i < plays.size(); i++) {
            Box room = new Box(large.x(), large.y() + i * (each + GAP * u), large.width(), each);
            tried.put(plays.get(i).piece().id(), room.fitted(aspect(plays.get(i)), 0, 0));
        }
        places.putAll(tried);
        return true;
    }

    /** Play on top, faces and the rest beside one another under it. */
    private boolean square(List<Placement> frames, List<Placement> facts, Box room) {
        boolean two = frames.size() > 1;
        double share = frames.isEmpty() ? 0 : 0.56;
        double top = room.height() * share;
        Box above = new Box(room.x(), room.y(), room.width(), Math.max(1, top));
        Box below = new Box(room.x(), room.y() + top + (frames.isEmpty() ? 0 : GAP * u), room.width(), room.height() - top - (frames.isEmpty() ? 0 : GAP * u));
        double half = two ? room.width() * 0.45 : 0;
        double x = two ? room.x() + half + GAP * u : graphics.x();
        Map<String, Box> tried = new LinkedHashMap<>();
        double y = below.y();
        for (Placement fact : facts) {
            Box box = natural(fact);
            tried.put(fact.piece().id(), new Box(x, y, Math.min(graphics.right() - x, box.width()), box.height()));
            y += box.height() + GAP * u;
        }
        if (y - GAP * u > below.bottom() + 0.5) {
            return false;
        }
        List<Placement> faces = two ? frames.stream().filter(frame -> face(frame, frames)).toList() : List.of();
        List<Placement> plays = frames.stream().filter(frame -> !faces.contains(frame)).toList();
        spread(plays, above, tried);
        spread(faces, new Box(below.x(), below.y(), half, below.height()), tried);
        places.putAll(tried);
        return true;
    }

    private void spread(List<Placement> frames, Box room, Map<String, Box> tried) {
        double each = (room.width() - GAP * u * Math.max(0, frames.size() - 1)) / Math.max(1, frames.size());
        for (int i = 0; i < frames.size(); i++) {
            tried.put(frames.get(i).piece().id(), new Box(room.x() + i * (each + GAP * u), room.y(), each, room.height()).fitted(aspect(frames.get(i)), 0.5, 0));
        }
    }

    /** What lies over a picture lies at the same point of it again. */
    private void over(Placement placement) {
        Box own = placement.box();
        Placement host = before.placements().stream().filter(frame -> !frame.art().openings().isEmpty() && frame.box().cut(own).area() > own.area() / 2)
                .min(Comparator.comparingDouble(frame -> frame.box().area())).orElse(null);
        Box from = host == null ? before.canvas().size().box() : host.box();
        Box onto = host == null ? action : places.getOrDefault(host.piece().id(), now.placement(host.piece().id()).map(Placement::box).orElse(action));
        Anchor anchor = Anchor.nearest(from, own);
        Box size = fitted(natural(placement), new Box(0, 0, onto.width() * 0.94, onto.height() * 0.94));
        Box wanted = anchor.box(onto, inUnits(anchor.offsetX(from, own)), inUnits(anchor.offsetY(from, own)), size.width(), size.height());
        Box safe = graphics;
        double width = Math.min(wanted.width(), safe.width());
        double height = Math.min(wanted.height(), safe.height());
        places.put(placement.piece().id(), new Box(Math.clamp(wanted.x(), safe.x(), safe.right() - width), Math.clamp(wanted.y(), safe.y(), safe.bottom() - height), width, height));
    }
}
