package brandeon.server.support;

import java.io.IOException;
import java.net.ServerSocket;
import java.util.concurrent.ThreadLocalRandom;

/** Ports for servers that tests start as processes of their own. */
public final class FreePort {

    /** From 32768 on Linux gives ports to connections that go out, any of which could be quicker than the server. */
    private static final int FIRST = 20_000;

    private static final int LAST = 32_000;

    private FreePort() {}

    /** One that nothing listens on. */
    public static int any() {
        for (int i = 0; i < 50; i++) {
            int port = ThreadLocalRandom.current().nextInt(FIRST, LAST);
            try (ServerSocket socket = new ServerSocket(port)) {
                return socket.getLocalPort();
            } catch (IOException e) {
                // Taken: another one.
            }
        }
        throw new IllegalStateException("No free port was found.");
    }
}
