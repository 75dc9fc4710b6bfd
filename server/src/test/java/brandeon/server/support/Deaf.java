package brandeon.server.support;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Base64;

/** An outlet that opens its live channel, asks for its picture, and then never reads anything. */
public final class Deaf implements AutoCloseable {

    private final Socket socket;

    private Deaf(Socket socket) {
        this.socket = socket;
    }

    public static Deaf outlet(String link) {
        URI uri = URI.create(link);
        String token = uri.getPath().substring("/o/".length());
        try {
            Socket socket = new Socket();
            socket.setReceiveBufferSize(4096);
            socket.connect(new java.net.InetSocketAddress(uri.getHost(), uri.getPort()));
            OutputStream out = socket.getOutputStream();
            out.write(("GET /live/outlet?token=" + token + " HTTP/1.1\r\nHost: " + uri.getAuthority()
                            + "\r\nUpgrade: websocket\r\nConnection: Upgrade\r\nSec-WebSocket-Version: 13\r\n"
                            + "Sec-WebSocket-Key: " + Base64.getEncoder().encodeToString(new byte[16]) + "\r\n\r\n")
                    .getBytes(StandardCharsets.US_ASCII));
            InputStream in = socket.getInputStream();
            StringBuilder head = new StringBuilder();
            while (head.indexOf("\r\n\r\n") < 0) {
                head.append((char) in.read());
            }
            if (!head.toString().startsWith("HTTP/1.1 101")) {
                throw new IllegalStateException(head.toString());
            }
            out.write(frame("{\"type\":\"watch\",\"feed\":\"o\",\"epoch\":\"\",\"number\":-1,\"hash\":\"\"}"));
            out.flush();
            return new Deaf(socket);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    /** RFC 6455, section 5.2: a text frame of less than 126 bytes, masked with zeros. */
    private static byte[] frame(String text) {
        byte[] payload = text.getBytes(StandardCharsets.UTF_8);
        byte[] frame = new byte[6 + payload.length];
        frame[0] = (byte) 0x81;
        frame[1] = (byte) (0x80 | payload.length);
        System.arraycopy(payload, 0, frame, 6, payload.length);
        return frame;
    }

    public boolean open() {
        return !socket.isClosed();
    }

    @Override
    public void close() {
        try {
            socket.close();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
