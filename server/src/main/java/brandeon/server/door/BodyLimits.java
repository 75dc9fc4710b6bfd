package brandeon.server.door;

import brandeon.server.problem.ProblemAnswer;
import brandeon.server.problem.TooLarge;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.server.PathContainer;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.util.pattern.PathPattern;
import org.springframework.web.util.pattern.PathPatternParser;

/**
 * How long the body of a request may be, at every door, before anything of it is read: what says that it is longer is
 * refused unread, and what does not say is cut off where the limit lies.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class BodyLimits extends OncePerRequestFilter {

    private static final int KB = 1 << 10;
    private static final int MB = 1 << 20;

    private record Limit(PathPattern path, int bytes) {
        static Limit of(String path, int bytes) {
            return new Limit(PathPatternParser.defaultInstance.parse(path), bytes);
        }
    }

    /** The first that fits counts. Files say more exactly themselves how large they may be. */
    private static final List<Limit> LIMITS = List.of(
            Limit.of("/api/session", 4 * KB),
            Limit.of("/inlets/{token}", 256 * KB),
            Limit.of("/inlets/mapped/{token}", 256 * KB),
            Limit.of("/api/shows/{show}/desk/advertising", MB),
            Limit.of("/cues/{token}/state", MB),
            Limit.of("/cues/**", 64 * KB),
            Limit.of("/tables/{token}", 8 * MB),
            Limit.of("/tables/{token}/rows/{first}", 64 * KB),
            Limit.of("/api/shows/{show}/tables/{table}/edits", 4 * MB),
            Limit.of("/api/shows/{show}/tables/{table}/csv", 8 * MB),
            Limit.of("/api/themes/{theme}/artworks", 15 * MB),
            Limit.of("/api/themes/{theme}/sounds", 12 * MB),
            Limit.of("/api/themes/{theme}/faces", 15 * MB),
            Limit.of("/api/themes/{theme}/packs", MB),
            Limit.of("/api/themes/{theme}/packs/{pack}/files/{number}", 60 * MB),
            Limit.of("/api/themes/{theme}/packs/**", MB),
            Limit.of("/api/palettes/read", 15 * MB),
            Limit.of("/api/workspaces/file", 1000 * MB),
            Limit.of("/api/packages", 60 * MB),
            Limit.of("/api/packages/look", 60 * MB),
            Limit.of("/api/themes/{theme}/packages", 60 * MB),
            Limit.of("/api/themes/{theme}/replacement/file", 50 * MB),
            Limit.of("/api/themes/{theme}/replacement/file/report", 50 * MB),
            Limit.of("/api/themes/{theme}/edits", 2 * MB),
            Limit.of("/api/themes/{theme}/bot/read", MB),
            Limit.of("/api/rig", MB),
            Limit.of("/api/scripts/read", 6 * MB),
            Limit.of("/api/channels/{channel}/rehearsals", 6 * MB),
            Limit.of("/api/**", 64 * KB));

    /** Everything else takes no body at all; a little is let pass, since some clients send an empty object. */
    private static final int ELSEWHERE = KB;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        int most = most(request.getRequestURI());
        if (request.getContentLengthLong() > most) {
            ProblemAnswer.write(response, HttpStatus.CONTENT_TOO_LARGE, "Too large", sentence(most));
        } else {
            chain.doFilter(new Counted(request, most), response);
        }
    }

    private static int most(String path) {
        PathContainer parsed = PathContainer.parsePath(path);
        return LIMITS.stream()
                .filter(limit -> limit.path().matches(parsed))
                .findFirst()
                .map(Limit::bytes)
                .orElse(ELSEWHERE);
    }

    private static String sentence(int most) {
        return String.format(
                Locale.ROOT,
                "This is longer than %s, which is the most that is taken here. Nothing was kept.",
                most >= MB ? most / MB + " MB" : most / KB + " kB");
    }

    /** A request whose body ends with an error where it becomes too long. */
    private static final class Counted extends HttpServletRequestWrapper {

        private final int most;
        private ServletInputStream stream;

        Counted(HttpServletRequest request, int most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            if (stream == null) {
                stream = new CountedStream(super.getInputStream(), most);
            }
            return stream;
        }

        @Override
        public BufferedReader getReader() throws IOException {
            return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
        }
    }

    private static final class CountedStream extends ServletInputStream {

        private final ServletInputStream body;
        private final int most;
        private long read;

        CountedStream(ServletInputStream body, int most) {
            this.body = body;
            this.most = most;
        }

        @Override
        public int read() throws IOException {
            int next = body.read();
            counted(next < 0 ? 0 : 1);
            return next;
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            int got = body.read(into, from, length);
            counted(Math.max(0, got));
            return got;
        }

        private void counted(int more) throws TooLarge {
            read += more;
            if (read > most) {
                throw new TooLarge(sentence(most));
            }
        }

        @Override
        public boolean isFinished() {
            return body.isFinished();
        }

        @Override
        public boolean isReady() {
            return body.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            body.setReadListener(listener);
        }
    }
}
