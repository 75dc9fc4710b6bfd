package brandeon.core.show;

import static brandeon.core.show.Shows.require;

import java.util.List;

/** What viewers may do, and do. */
public sealed interface ViewerCue extends Cue {

    @Override
    default String piece() {
        return "";
    }

    /** The switch that lets viewers do anything, or nothing. */
    record AllowViewers(boolean on) implements ViewerCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Viewers now = stand.show().viewers();
            require(now.on() != on, on ? "They may already." : "They may not already.");
            return new Cued.Applied(
                    stand.show().watched(now.on(on)),
                    new AllowViewers(!on),
                    on ? "Viewers may press" : "Viewers may not press any more");
        }
    }

    /** Other things that viewers may do. */
    record WritePresses(List<ViewerPress> presses) implements ViewerCue {
        public WritePresses {
            presses = List.copyOf(presses);
        }

        @Override
        public Cued.Applied applied(Stand stand) {
            require(presses.size() <= ViewerPress.MOST, "Viewers may do at most " + ViewerPress.MOST + " things.");
            presses.forEach(ViewerPress::require);
            require(
                    presses.stream().map(ViewerPress::id).distinct().count() == presses.size(),
                    "Two of them have the same id.");
            Viewers now = stand.show().viewers();
            require(!now.presses().equals(presses), "That is so already.");
            return new Cued.Applied(
                    stand.show().watched(now.with(presses)),
                    new WritePresses(now.presses()),
                    "What viewers may do: " + presses.size() + (presses.size() == 1 ? " thing" : " things"));
        }
    }

    /** Nothing counts as done by viewers yet, as at the beginning of a show. */
    record ForgetPresses() implements ViewerCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Viewers now = stand.show().viewers();
            require(!now.uses().isEmpty(), "Viewers have done nothing yet.");
            return new Cued.Applied(
                    stand.show().watched(now.fresh()), new PutViewers(now), "What viewers did counts anew");
        }
    }

    /** How it was before. */
    record PutViewers(Viewers viewers) implements ViewerCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Viewers now = stand.show().viewers();
            require(!now.equals(viewers), "That is so already.");
            return new Cued.Applied(
                    stand.show().watched(viewers), new PutViewers(now), "What viewers did counts as before");
        }
    }

    /** A viewer does something. @param press its id */
    record PressByViewer(String press, String who) implements ViewerCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Viewers now = stand.show().viewers();
            ViewerPress wanted =
                    now.press(press).orElseThrow(() -> new Shows.Refusal("Viewers may not do that any more."));
            now.hindrance(wanted, who, stand.at()).ifPresent(reason -> {
                throw new Shows.Refusal(reason);
            });
            return switch (Shows.apply(
                    stand.show().watched(now.used(wanted, who, stand.at())),
                    stand.starting(),
                    wanted.cue(),
                    stand.at())) {
                case Cued.Applied(Show show, Cue inverse, String sentence) -> new Cued.Applied(show, inverse, sentence);
                case Cued.Refused(String reason) -> throw new Shows.Refusal(reason);
            };
        }
    }
}
