package brandeon.core.show;

import static brandeon.core.show.Shows.require;

import brandeon.core.show.Requests.Request;
import java.util.List;

/** What viewers ask for, and what becomes of it. */
public sealed interface RequestCue extends Cue {

    @Override
    default String piece() {
        return "";
    }

    /** Id of the request that it is about; empty for all of them. */
    default String request() {
        return "";
    }

    /** Lets viewers ask, or not, and how. See {@link Requests}. */
    record TakeRequests(boolean open, String word, int each) implements RequestCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Requests now = stand.show().requests();
            Requests next = now.ruled(open, word, each);
            next.require();
            require(!next.equals(now), "That is so already.");
            String sentence = open == now.open() ? "asked for with " + word : open ? "open" : "closed";
            return done(stand, next, new TakeRequests(now.open(), now.word(), now.each()), sentence);
        }
    }

    /** One that somebody writes down by hand; it needs no approval. */
    record AskFor(String who, String what) implements RequestCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Requests now = stand.show().requests();
            int number = now.asked().size();
            String id;
            do {
                id = "hand-" + stand.at() + "-" + number++;
            } while (now.find(id).isPresent());
            return added(stand, new Request(id, who.strip(), what.strip(), true, stand.at()));
        }
    }

    /** One that a viewer writes. @param request given by the platform, so that it is one however often it comes */
    record AskByViewer(String request, String who, String what) implements RequestCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Requests now = stand.show().requests();
            require(now.open(), "Requests are closed.");
            require(now.find(request).isEmpty(), "That was asked already.");
            require(
                    now.each() == 0 || now.of(who) < now.each(),
                    who + " has asked for as much as one person may at once.");
            return added(stand, new Request(request, who, what, false, stand.at()));
        }
    }

    /** It is shown from now on. */
    record ApproveRequest(String request) implements RequestCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Request one = named(stand, request);
            require(!one.approved(), "It is approved already.");
            Requests now = stand.show().requests();
            int place = now.place(request);
            return done(
                    stand,
                    now.with(one.approved(true), place, now.done()),
                    new PutRequest(one, place, 0),
                    "“" + one.what() + "” of " + one.who() + " approved");
        }
    }

    /** It is not done. */
    record RefuseRequest(String request) implements RequestCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            return gone(stand, request, 0, "refused");
        }
    }

    /** It was done. */
    record FinishRequest(String request) implements RequestCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            require(named(stand, request).approved(), "It is not approved yet.");
            return gone(stand, request, 1, "done");
        }
    }

    /** It comes sooner or later. @param place among all of them, from 0 */
    record MoveRequest(String request, int place) implements RequestCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Request one = named(stand, request);
            Requests now = stand.show().requests();
            Requests next = now.with(one, place, now.done());
            require(!next.equals(now), "It is there already.");
            return done(stand, next, new MoveRequest(request, now.place(request)), "“" + one.what() + "” moved");
        }
    }

    /** None is left, and none counts as done. */
    record ClearRequests() implements RequestCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Requests now = stand.show().requests();
            require(!now.asked().isEmpty() || now.done() > 0, "There are no requests.");
            return done(stand, now.asking(List.of(), 0), new PutRequests(now), "cleared");
        }
    }

    /** One as it was before. @param finished how many more count as done */
    record PutRequest(Request one, int place, int finished) implements RequestCue {
        @Override
        public String request() {
            return one.id();
        }

        @Override
        public Cued.Applied applied(Stand stand) {
            Requests now = stand.show().requests();
            Requests next = now.with(one, place, Math.max(0, now.done() + finished));
            require(!next.equals(now), "It is so already.");
            Cue inverse = now.find(one.id())
                    .<Cue>map(before -> new PutRequest(before, now.place(one.id()), now.done() - next.done()))
                    .orElseGet(() -> new TakeRequestOut(one.id(), now.done() - next.done()));
            return done(stand, next, inverse, "“" + one.what() + "” put back");
        }
    }

    /** One that was not there before. */
    record TakeRequestOut(String request, int finished) implements RequestCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            return gone(stand, request, finished, "taken out");
        }
    }

    /** All of them as they were before. */
    record PutRequests(Requests requests) implements RequestCue {
        @Override
        public Cued.Applied applied(Stand stand) {
            Requests now = stand.show().requests();
            require(!now.equals(requests), "That is so already.");
            return done(stand, requests, new PutRequests(now), "as before");
        }
    }

    private static Request named(Stand stand, String id) {
        return stand.show().requests().find(id).orElseThrow(() -> new Shows.Refusal("That request is gone already."));
    }

    private static Cued.Applied added(Stand stand, Request one) {
        Requests now = stand.show().requests();
        one.require();
        require(now.asked().size() < Requests.MOST, "At most " + Requests.MOST + " requests are kept at once.");
        return done(
                stand,
                now.with(one, now.asked().size(), now.done()),
                new TakeRequestOut(one.id(), 0),
                one.who().isBlank() ? "“" + one.what() + "”" : one.who() + " asks for “" + one.what() + "”");
    }

    private static Cued.Applied gone(Stand stand, String id, int finished, String sentence) {
        Request one = named(stand, id);
        Requests now = stand.show().requests();
        Requests next = now.without(id, Math.max(0, now.done() + finished));
        return done(
                stand,
                next,
                new PutRequest(one, now.place(id), now.done() - next.done()),
                "“" + one.what() + "” of " + one.who() + " " + sentence);
    }

    private static Cued.Applied done(Stand stand, Requests next, Cue inverse, String sentence) {
        next.require();
        return new Cued.Applied(stand.show().asked(next), inverse, "Requests: " + sentence);
    }
}
