package brandeon.server.film;

import java.nio.file.Path;
import java.util.UUID;

/** One clip being made, for whoever asks how far it is. Shared by the maker and those who ask. */
final class Film {

    /** How far it is. */
    enum State {
        WAITING,
        RUNNING,
        DONE,
        FAILED,
        CANCELLED
    }

    private final UUID id = UUID.randomUUID();
    private final UUID workspace;
    private final UUID account;
    private final FilmFormat format;
    private final String name;
    private final int frames;
    private final Path file;
    private volatile State state = State.WAITING;
    private volatile int done;
    private volatile String message = "";
    private volatile long ended;

    Film(UUID workspace, UUID account, FilmFormat format, String name, int frames, Path folder) {
        this.workspace = workspace;
        this.account = account;
        this.format = format;
        this.name = name;
        this.frames = frames;
        this.file = folder.resolve(id + format.ending());
    }

    UUID id() {
        return id;
    }

    UUID workspace() {
        return workspace;
    }

    /** Who began it. */
    UUID account() {
        return account;
    }

    FilmFormat format() {
        return format;
    }

    String fileName() {
        return name + format.ending();
    }

    int frames() {
        return frames;
    }

    Path file() {
        return file;
    }

    State state() {
        return state;
    }

    int done() {
        return done;
    }

    /** Why it failed; empty otherwise. */
    String message() {
        return message;
    }

    /** Epoch milliseconds; 0 while it is being made. */
    long ended() {
        return ended;
    }

    void frameDone() {
        done++;
    }

    /** Whether it may go on: nobody cancelled it. */
    synchronized boolean run() {
        if (state == State.WAITING) {
            state = State.RUNNING;
        }
        return state == State.RUNNING;
    }

    synchronized void end(State how, String why, long now) {
        if (ended == 0) {
            state = how;
            message = why;
            ended = now;
        }
    }
}
