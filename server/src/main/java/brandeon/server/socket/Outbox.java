package brandeon.server.socket;

import brandeon.server.live.Watcher;
import jakarta.websocket.Session;
import java.io.IOException;
import java.io.Writer;
import java.util.ArrayDeque;
import java.util.Queue;
import org.springframework.web.socket.CloseStatus;
import org.springframework.web.socket.WebSocketSession;
import org.springframework.web.socket.adapter.NativeWebSocketSession;

/**
 * What waits to be written to one socket. Whoever puts something in never waits: a thread of its own writes while there
 * is something to write. When a reader is so slow that too much waits, all of it is dropped, and once the socket takes
 * something again its reader is told where everything stands.
 */
final class Outbox implements Watcher.Line {

    private static final int MOST_LETTERS = 1 << 19;
    private static final int MOST_MESSAGES = 2000;

    private final WebSocketSession session;
    private final Runnable catchUp;
    private final Queue<String> waiting = new ArrayDeque<>();
    private int letters;
    private boolean writing;
    private boolean behind;
    private boolean closed;

    /** @param catchUp lets the reader be told where everything stands */
    Outbox(WebSocketSession session, Runnable catchUp) {
        this.session = session;
        this.catchUp = catchUp;
    }

    @Override
    public synchronized void send(String text) {
        if (closed || behind) {
            return;
        }
        // One message always fits, however long it is.
        if (!waiting.isEmpty() && (letters + text.length() > MOST_LETTERS || waiting.size() >= MOST_MESSAGES)) {
            waiting.clear();
            letters = 0;
            behind = true;
            return;
        }
        waiting.add(text);
        letters += text.length();
        if (!writing) {
            writing = true;
            Thread.ofVirtual().name("outbox").start(this::write);
        }
    }

    private void write() {
        for (String text = next(); text != null; text = next()) {
            try {
                send(session, text);
            } catch (IOException | RuntimeException e) {
                // It is closing, or read nothing for too long; its page will come back and say what it has.
                close(CloseStatus.SESSION_NOT_RELIABLE);
                return;
            }
        }
    }

    /**
     * As one text message. Through its writer: Tomcat turns letters into bytes several times as fast there as for a
     * whole text, which counts when a picture goes to many.
     */
    private static void send(WebSocketSession session, String text) throws IOException {
        Session line = ((NativeWebSocketSession) session).getNativeSession(Session.class);
        try (Writer writer = line.getBasicRemote().getSendWriter()) {
            writer.write(text);
        }
    }

    /** The next message; null, and the end of the writing, when there is none. */
    private String next() {
        boolean caughtUp;
        String text;
        synchronized (this) {
            text = closed ? null : waiting.poll();
            letters -= text == null ? 0 : text.length();
            caughtUp = text == null && behind && !closed;
            if (text == null) {
                writing = false;
                behind = false;
            }
        }
        if (caughtUp) {
            catchUp.run();
        }
        return text;
    }

    /** After what waits is written or dropped nothing more is. Closing itself must not hold up whoever asks for it. */
    void close(CloseStatus status) {
        synchronized (this) {
            if (closed) {
                return;
            }
            closed = true;
            waiting.clear();
            letters = 0;
        }
        Thread.ofVirtual().name("closing").start(() -> {
            try {
                session.close(status);
            } catch (IOException | RuntimeException e) {
                // Already closed.
            }
        });
    }
}
