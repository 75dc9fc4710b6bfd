package brandeon.core.show;

import static brandeon.core.show.Shows.require;

import brandeon.core.show.Notices.Advertising;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Says when there is advertising, so that viewers are told. */
public sealed interface NoticeCue extends Cue {

    @Override
    default String piece() {
        return "";
    }

    /** When the repeated ones are, see {@link Notices}; they count from when somebody begins them. */
    record PlanNotices(int first, int every, int length, int warning) implements NoticeCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            return set(stand, stand.show().notices().planned(first, every, length, warning), "planned");
        }
    }

    /** The repeated ones count from now on, or not at all any more. */
    record BeginNotices(boolean on) implements NoticeCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Notices now = stand.show().notices();
            require(!on || now.length() > 0, "Say first how long one is.");
            require(on || now.began() > 0, "They are not begun.");
            return set(stand, now.begun(on ? stand.at() : 0), on ? "begun" : "ended");
        }
    }

    /** Others in place of those that are listed. */
    record ListNotices(List<Advertising> listed) implements NoticeCue {
        public ListNotices {
            listed = List.copyOf(listed);
        }

        @Override
        public Cued.Applied applied(Stand stand) {
            return set(stand, stand.show().notices().listing(listed), listed.size() + " listed");
        }
    }

    /** The next one comes later; repeated ones that follow it as well. @param seconds less than 0 for earlier */
    record MoveNotice(int seconds) implements NoticeCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Notices now = stand.show().notices();
            Advertising next = next(stand);
            long to = next.from() + seconds * 1000L;
            require(seconds != 0 && to > stand.at(), "Then it would have begun already; start it instead.");
            boolean listed = now.listed().contains(next);
            List<Advertising> list = new ArrayList<>(now.listed());
            list.replaceAll(one -> one.equals(next) ? new Advertising(to, one.seconds(), one.name()) : one);
            return set(
                    stand,
                    listed ? now.listing(list) : now.moved(seconds * 1000L),
                    "the next one " + ClockCue.written(Math.abs(seconds) * 1000L)
                            + (seconds > 0 ? " later" : " earlier"));
        }
    }

    /** The next one is left out. */
    record SkipNotice() implements NoticeCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            return set(stand, stand.show().notices().without(next(stand).from()), "the next one left out");
        }
    }

    /** One begins now. */
    record StartNotice(int seconds) implements NoticeCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Advertising one = new Advertising(stand.at(), seconds, "");
            return set(
                    stand, stand.show().notices().now(Optional.of(one)), "on for " + ClockCue.written(seconds * 1000L));
        }
    }

    /** The one that is on is over. */
    record EndNotice() implements NoticeCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Notices now = stand.show().notices();
            List<Advertising> on = now.between(stand.at(), stand.at() + 1);
            require(!on.isEmpty(), "No advertising is on, as far as anybody said.");
            Notices next = now.now(Optional.empty());
            for (Advertising one : on) {
                next = next.without(one.from());
            }
            return set(stand, next, "over");
        }
    }

    /** How it was before. */
    record PutNotices(Notices notices) implements NoticeCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            return set(stand, notices, "put back");
        }
    }

    private static Advertising next(Stand stand) {
        return stand.show()
                .notices()
                .coming(stand.at())
                .orElseThrow(() -> new Shows.Refusal("No advertising is known to come."));
    }

    private static Cued.Applied set(Stand stand, Notices next, String sentence) {
        Notices before = stand.show().notices();
        next.require();
        require(!before.equals(next), "That is so already.");
        return new Cued.Applied(stand.show().noticing(next), new PutNotices(before), "Advertising: " + sentence);
    }
}
