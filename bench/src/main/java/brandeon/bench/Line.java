package brandeon.bench;

import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.net.Socket;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.Locale;

/**
 * One connection to a server on this machine, kept as long as the server keeps it: a request, its answer, the next
 * one. Who sends is another machine in use, so as little as can be of this one's processor goes into sending.
 */
final class Line implements AutoCloseable {

    private static final int END = '\n';

    private final URI uri;
    private final String host;
    private Socket socket;
    private InputStream from;

    Line(String address) throws IOException {
        uri = URI.create(address);
        host = uri.getAuthority();
        open();
    }

    private void open() throws IOException {
        socket = new Socket(uri.getHost(), uri.getPort());
        socket.setTcpNoDelay(true);
        from = new BufferedInputStream(socket.getInputStream());
    }

    int get(String path) {
        return answered("GET " + path + " HTTP/1.1\r\nHost: " + host + "\r\n\r\n", new byte[0]);
    }

    /** @param headers each with its end of line */
    int post(String path, String headers, byte[] body) {
        return answered(
                "POST " + path + " HTTP/1.1\r\nHost: " + host + "\r\n" + headers + "Content-Length: " + body.length
                        + "\r\n\r\n",
                body);
    }

    /** The answer's status; the rest of it is read and let go. */
    private int answered(String head, byte[] body) {
        try {
            byte[] first = head.getBytes(StandardCharsets.US_ASCII);
            byte[] all = new byte[first.length + body.length];
            System.arraycopy(first, 0, all, 0, first.length);
            System.arraycopy(body, 0, all, first.length, body.length);
            socket.getOutputStream().write(all);
            int status = Integer.parseInt(line().split(" ")[1]);
            long length = 0;
            boolean chunked = false;
            boolean over = false;
            for (String header = line(); !header.isEmpty(); header = line()) {
                String small = header.toLowerCase(Locale.ROOT);
                over |= small.startsWith("connection: close");
                chunked |= small.startsWith("transfer-encoding: chunked");
                length = small.startsWith("content-length:")
                        ? Long.parseLong(small.substring(15).strip())
                        : length;
            }
            from.skipNBytes(length);
            for (long chunk = chunked ? chunk() : 0; chunk > 0; chunk = chunk()) {
                from.skipNBytes(chunk);
                line();
            }
            if (chunked) {
                line();
            }
            if (over) {
                close();
                open();
            }
            return status;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private long chunk() throws IOException {
        return Long.parseLong(line(), 16);
    }

    private String line() throws IOException {
        StringBuilder line = new StringBuilder();
        for (int next = from.read(); next != END; next = from.read()) {
            if (next < 0) {
                throw new IOException("The server closed the line.");
            }
            if (next != '\r') {
                line.append((char) next);
            }
        }
        return line.toString();
    }

    @Override
    public void close() throws IOException {
        socket.close();
    }
}
