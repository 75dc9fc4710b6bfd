package brandeon.server.rehearse;

import brandeon.core.rehearse.Script;
import brandeon.core.rehearse.ScriptLine;
import brandeon.server.channel.Channels;
import brandeon.server.standin.StandIns;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;

/** A script that is played, or was: where it stands follows from an instant and a speed. */
final class Rehearsal {

    enum State {
        PLAYING,
        PLAYED,
        STOPPED,
        /** It could go no further. */
        FAILED
    }

    private final UUID id = UUID.randomUUID();
    private final Channels.Channel channel;
    private final String name;
    private final Script script;
    private final double speed;
    private final long begun = System.currentTimeMillis();
    private int next;
    private int sent;
    private State state = State.PLAYING;
    private String trouble = "";
    private volatile Thread player;

    /** @param speed how many of its seconds pass in one */
    Rehearsal(Channels.Channel channel, String name, Script script, double speed) {
        this.channel = channel;
        this.name = name;
        this.script = script;
        this.speed = speed;
    }

    UUID id() {
        return id;
    }

    Channels.Channel channel() {
        return channel;
    }

    String name() {
        return name;
    }

    Script script() {
        return script;
    }

    double speed() {
        return speed;
    }

    long begun() {
        return begun;
    }

    /** How far it is at one moment. @param sent lines that are on their way no more */
    record Progress(int sent, State state, String trouble) {}

    synchronized Progress progress() {
        return new Progress(sent, state, trouble);
    }

    /** What was due is sent. */
    synchronized void arrived() {
        sent = next;
    }

    synchronized State state() {
        return state;
    }

    void playedBy(Thread thread) {
        player = thread;
    }

    void stop() {
        end(State.STOPPED, "");
        Thread thread = player;
        if (thread != null) {
            thread.interrupt();
        }
    }

    /** Only the first end counts. */
    synchronized void end(State how, String why) {
        if (state == State.PLAYING) {
            state = how;
            trouble = why;
        }
    }

    /** The id under which a line is sent. */
    String signal(int line) {
        return "rehearsal " + id + " " + line;
    }

    /** Under which it is on record then. */
    String kept(int line) {
        return StandIns.kept(channel, signal(line));
    }

    /** Whether the channel's platform can send a line at all. */
    boolean sendable(int line) {
        return channel.platform().term(script.lines().get(line).signal()).isPresent();
    }

    /** The lines whose time has come, so many as are sent at once; empty when nothing is due. */
    synchronized List<StandIns.Event> due() {
        double at = (System.currentTimeMillis() - begun) / 1000.0 * speed;
        List<StandIns.Event> due = new ArrayList<>();
        while (state == State.PLAYING
                && next < script.lines().size()
                && due.size() < StandIns.AT_ONCE
                && script.lines().get(next).at() <= at) {
            ScriptLine line = script.lines().get(next);
            if (sendable(next)) {
                due.add(new StandIns.Event(signal(next), line.signal(), line.data()));
            }
            next++;
        }
        return due;
    }

    /** Milliseconds until the next line is due; negative when none is left. */
    synchronized long untilNext(long most) {
        if (next == script.lines().size()) {
            return -1;
        }
        long at = begun + Math.round(script.lines().get(next).at() * 1000 / speed);
        return Math.clamp(at - System.currentTimeMillis(), 0, most);
    }
}
