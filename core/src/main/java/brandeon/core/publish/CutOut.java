package brandeon.core.publish;

import brandeon.core.art.Ink;
import brandeon.core.art.Mark;
import brandeon.core.art.Outline;
import brandeon.core.art.PieceArt;
import brandeon.core.canvas.Box;
import brandeon.core.layout.ResolvedScene.FittedOpening;
import brandeon.core.motion.Pose;
import brandeon.core.motion.Track;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What a piece paints, less the openings that stand in front of it. */
final class CutOut {

    /**
     * Instants of a movement that are looked at, and canvas pixels that are kept from openings for what may lie between
     * two of them: of a whole turn, a point 1000 pixels from the pivot strays by 1.2 pixels there.
     */
    private static final int STEPS = 64;

    private static final double MARGIN = 8;

    private final List<FittedOpening> openings;
    private final List<Outline> clips;
    private final List<Track> tracks;

    private CutOut(List<FittedOpening> openings, List<Outline> clips, List<Track> tracks) {
        this.openings = openings;
        this.clips = clips;
        this.tracks = tracks;
    }

    /**
     * The marks of a piece with openings cut out of them. What moves and never comes near any of them stands between
     * the clipped marks, not in them: wherever something moves inside a clip that is no plain box, a browser paints all
     * that the clip holds into a picture of its own, at every frame.
     *
     * @param canvas marks may reach beyond it, and whatever shows them ends there
     */
    static List<Mark> from(Box canvas, List<FittedOpening> openings, PieceArt art) {
        if (openings.isEmpty()) {
            return art.marks();
        }
        List<Outline> clips =
                apart(openings).stream().map(apart -> clip(canvas, apart)).toList();
        return new CutOut(openings, clips, art.tracks()).cut(art.marks());
    }

    private List<Mark> cut(List<Mark> marks) {
        List<Mark> done = new ArrayList<>();
        List<Mark> run = new ArrayList<>();
        for (Mark mark : marks) {
            if (keepsClear(mark)) {
                clip(done, run);
                done.add(mark);
            } else if (mark instanceof Mark.Group group && holdsClear(group)) {
                clip(done, run);
                done.add(new Mark.Group("", 1, group.clip(), cut(group.marks())));
            } else {
                run.add(mark);
            }
        }
        clip(done, run);
        return done;
    }

    private void clip(List<Mark> done, List<Mark> run) {
        if (run.isEmpty()) {
            return;
        }
        List<Mark> cut = List.copyOf(run);
        for (Outline clip : clips) {
            cut = List.of(Mark.clipped(clip, cut));
        }
        done.addAll(cut);
        run.clear();
    }

    /** Whether it only holds marks together and one of them keeps clear. */
    private boolean holdsClear(Mark.Group group) {
        return group.part().isEmpty()
                && group.opacity() >= 1
                && group.marks().stream()
                        .anyMatch(mark -> keepsClear(mark) || mark instanceof Mark.Group inner && holdsClear(inner));
    }

    /** Whether it moves as a whole, with nothing in it that moves by itself, and stays away from all openings. */
    private boolean keepsClear(Mark mark) {
        if (!(mark instanceof Mark.Group group) || !inOne(group.marks())) {
            return false;
        }
        List<Pose> way = tracks.stream()
                .filter(track -> track.part().equals(group.part()))
                .flatMap(track -> track.way(STEPS).stream())
                .toList();
        if (way.isEmpty()) {
            return false;
        }
        Optional<Box> rest = Ink.touched(List.of(group));
        return rest.isPresent()
                // For somebody who asked for less motion it stands at rest.
                && clear(rest.get())
                && way.stream().allMatch(pose -> clear(Ink.moved(rest.get(), pose)));
    }

    private boolean clear(Box box) {
        Box room = box.grown(MARGIN);
        return openings.stream().allMatch(opening -> hole(opening).cut(room).area() == 0);
    }

    /** Whether nothing is in it that may move by itself. */
    private static boolean inOne(List<Mark> marks) {
        return marks.stream().allMatch(mark -> switch (mark) {
            case Mark.Filled _, Mark.Stroked _, Mark.Text _, Mark.Picture _ -> true;
            case Mark.Group inner -> inner.part().isEmpty() && inOne(inner.marks());
            case Mark.Blurred blurred -> inOne(blurred.marks());
            case Mark.Shadowed shadowed -> inOne(shadowed.marks());
            case Mark.Digits _, Mark.Until _, Mark.Bed _, Mark.Blended _, Mark.Moved _, Mark.Swarm _ -> false;
        });
    }

    /**
     * Openings in as few groups as keep those that overlap apart: within one path their common part would be filled
     * again.
     */
    private static List<List<FittedOpening>> apart(List<FittedOpening> openings) {
        List<List<FittedOpening>> groups = new ArrayList<>();
        for (FittedOpening opening : openings) {
            groups.stream()
                    .filter(group -> group.stream()
                            .noneMatch(other -> hole(other).cut(hole(opening)).area() > 0))
                    .findFirst()
                    .orElseGet(() -> {
                        groups.add(new ArrayList<>());
                        return groups.getLast();
                    })
                    .add(opening);
        }
        return groups;
    }

    /** A little larger than seen, so that its edge hides under the frame. */
    static Box hole(FittedOpening opening) {
        return opening.bounds().grown(opening.opening().bleed());
    }

    /** The canvas less some openings. */
    private static Outline clip(Box canvas, List<FittedOpening> openings) {
        Outline area = Outline.rectangle(canvas);
        for (FittedOpening opening : openings) {
            area = area.with(opening.outline(opening.opening().bleed()));
        }
        return area;
    }
}
