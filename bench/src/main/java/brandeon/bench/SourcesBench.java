package brandeon.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.CDPSession;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * Many sources in one Chromium, as broadcasting software has them: 12 scenes on 5 canvases against as many pages of plain
 * text in the same run; and one source over a long time.
 */
public final class SourcesBench {

    private static final int PAGES = 60;
    private static final List<String> ROLES = List.of("LIVE", "TALKING", "STARTING", "AWAY", "ENDING");
    private static final int HOUR = 3_600_000;
    private static final int MINUTE = 60_000;
    private static final int DRAWN = 3_000;
    private static final int WATCHED_SECONDS = 60;

    private static final String PAINTED = """
            () => new Promise((seen) => {
              const known = performance.getEntriesByName('first-contentful-paint')[0];
              const at = (entry) => seen(performance.timeOrigin + entry.startTime);
              if (known) at(known);
              else new PerformanceObserver((list) => {
                const entry = list.getEntriesByName('first-contentful-paint')[0];
                if (entry) at(entry);
              }).observe({ type: 'paint', buffered: true });
            })""";

    private static final String FRAMES = """
            () => new Promise((done) => {
              let frames = 0;
              const begin = performance.now();
              const step = (now) => {
                frames++;
                if (now - begin < 4000) requestAnimationFrame(step);
                else done((frames * 1000) / (now - begin));
              };
              requestAnimationFrame(step);
            })""";

    private final String address;
    private final Host host;

    private SourcesBench(String address) {
        this.address = address;
        this.host = Host.signedIn(address);
    }

    /** With a second argument, {@code many} or {@code time}, only that. */
    static void main(String[] args) throws Exception {
        SourcesBench bench = new SourcesBench(args[0]);
        String only = args.length < 2 ? "" : args[1];
        if (!only.equals("time")) {
            bench.many();
        }
        if (!only.equals("many")) {
            bench.overTime();
        }
    }

    private void many() throws Exception {
        List<Source> sources = sources();
        List<Source> blank = sources.stream()
                .map(one -> one.opening(address + "/actuator/health?"))
                .toList();
        for (int round = 0; round < 2; round++) {
            open("plain text", blank);
            open("outlets", sources);
        }
    }

    private List<Source> sources() throws Exception {
        String made = host.call("POST", "/api/themes", "{\"name\":\"Sixty sources\"}");
        String theme = found("\"id\":\"([0-9a-f-]{36})\"", made);
        String roles = String.join(
                ",",
                IntStream.range(0, 12)
                        .mapToObj(i -> "\"" + ROLES.get(i % ROLES.size()) + "\"")
                        .toList());
        host.call("POST", "/api/themes/" + theme + "/start", "{\"family\":\"\",\"roles\":[" + roles + "]}");
        String[][] canvases = {
            {"tall", "1080", "1920"}, {"hd", "1280", "720"}, {"large", "2560", "1440"}, {"square", "1080", "1080"}
        };
        String safe = found("\"safe\":(\\{[^}]*\\})", host.call("GET", "/api/themes/" + theme, ""));
        for (String[] canvas : canvases) {
            host.call(
                    "POST",
                    "/api/themes/" + theme + "/edits",
                    "{\"edit\":{\"edit\":\"addCanvas\",\"index\":9,\"canvas\":{\"id\":\"%s\",\"name\":\"%s\",\"size\":{\"width\":%s,\"height\":%s},\"frameRate\":60,\"safe\":%s}},\"gesture\":\"\"}"
                            .formatted(canvas[0], canvas[0], canvas[1], canvas[2], safe));
        }
        List<Source> all = Source.of(host.call("POST", "/api/themes/" + theme + "/on-air", "")).stream()
                .filter(source -> source.place().endsWith("/WHOLE"))
                .toList();
        if (all.size() < PAGES) {
            throw new IllegalStateException("There are " + all.size() + " sources; wanted " + PAGES + ".");
        }
        return all.subList(0, PAGES);
    }

    static String found(String pattern, String text) {
        Matcher found = Pattern.compile(pattern).matcher(text);
        if (!found.find()) {
            throw new IllegalStateException("Not found: " + pattern);
        }
        return found.group(1);
    }

    private void open(String what, List<Source> sources) throws Exception {
        try (Playwright playwright = Chromium.playwright();
                Browser browser = Chromium.launch(playwright)) {
            BrowserContext context = browser.newContext();
            List<Page> pages = new ArrayList<>();
            for (Source source : sources) {
                Page page = context.newPage();
                page.setViewportSize(source.width(), source.height());
                pages.add(page);
            }
            // One word to all, so that all of them load at once.
            for (int i = 0; i < pages.size(); i++) {
                pages.get(i).navigate(address + "/actuator/health");
                pages.get(i)
                        .evaluate(
                                "link => { new BroadcastChannel('go').onmessage = () => location.replace(link) }",
                                sources.get(i).link() + "#");
            }
            Page starter = context.newPage();
            starter.navigate(address + "/actuator/health");
            double begin = ((Number)
                            starter.evaluate("() => { new BroadcastChannel('go').postMessage(0); return Date.now(); }"))
                    .doubleValue();
            starter.close();
            for (Page page : pages) {
                page.waitForURL(Pattern.compile("#$"));
            }
            double last = 0;
            for (Page page : pages) {
                page.waitForLoadState();
                last = Math.max(last, ((Number) page.evaluate(PAINTED)).doubleValue());
            }
            Thread.sleep(3_000);
            double[] frames = new double[6];
            for (int i = 0; i < frames.length; i++) {
                frames[i] = ((Number) pages.get(i * 10).evaluate(FRAMES)).doubleValue();
            }
            Arrays.sort(frames);
            System.out.printf(
                    "%d pages of %s in one Chromium: all painted after %.0f ms, %d MB, frames a second %.1f (median of six)%n",
                    pages.size(), what, last - begin, megabytes(), frames[frames.length / 2]);
        }
    }

    /** What all processes of Chromium take together; what they share counts once. */
    private static long megabytes() throws IOException {
        long kilobytes = 0;
        try (Stream<Path> processes = Files.list(Path.of("/proc"))) {
            for (Path process : processes
                    .filter(path -> path.getFileName().toString().matches("\\d+"))
                    .toList()) {
                try {
                    if (Files.readString(process.resolve("comm")).startsWith("chrom")) {
                        kilobytes += Long.parseLong(
                                found("(?m)^Pss:\\s+(\\d+)", Files.readString(process.resolve("smaps_rollup"))));
                    }
                } catch (IOException | IllegalStateException e) {
                    // It ended meanwhile.
                }
            }
        }
        return kilobytes / 1024;
    }

    /** One source for an hour, which its clock is made to believe, and for a minute of real time with a cue a second. */
    private void overTime() throws Exception {
        String theme = host.theme();
        String ledger = host.call("GET", "/api/themes/" + theme + "/ledger", "");
        String link = Source.at("starting/wide/WHOLE", ledger).link();
        String show = found("\"show\":\"([0-9a-f-]{36})\"", host.call("GET", "/api/themes/" + theme, ""));
        cue(show, "{\"cue\":\"setClock\",\"piece\":\"countdown\",\"seconds\":5400}");
        try (Playwright playwright = Chromium.playwright();
                Browser browser = Chromium.launch(playwright)) {
            Page page = browser.newContext().newPage();
            page.setViewportSize(1920, 1080);
            page.clock().install();
            page.navigate(link);
            page.clock().runFor(2_000);
            Held[] held = new Held[61];
            held[0] = held(page);
            for (int minute = 1; minute <= HOUR / MINUTE; minute++) {
                // Each frame of some seconds is drawn; over the rest each timer that is due fires once.
                page.clock().runFor(DRAWN);
                page.clock().fastForward(MINUTE - DRAWN);
                cue(show, "{\"cue\":\"addTime\",\"piece\":\"countdown\",\"seconds\":60}");
                held[minute] = held(page);
            }
            System.out.printf(
                    "an outlet over an hour that its clock was made to believe, with a cue a minute: heap and nodes %s at the beginning, %s after ten minutes, %s after half an hour, %s after an hour%n",
                    held[0], held[10], held[30], held[60]);
            Page real = browser.newContext().newPage();
            real.setViewportSize(1920, 1080);
            real.addInitScript(
                    "window.tasks = []; new PerformanceObserver((list) => list.getEntries().forEach((one) => window.tasks.push(one.duration))).observe({ type: 'longtask' });");
            real.navigate(link);
            real.waitForTimeout(3_000);
            real.evaluate("() => (window.tasks = [])");
            for (int i = 0; i < WATCHED_SECONDS; i++) {
                cue(show, "{\"cue\":\"addTime\",\"piece\":\"countdown\",\"seconds\":60}");
                real.waitForTimeout(1_000);
            }
            System.out.printf(
                    "tasks above 50 ms in %d s of an outlet with a cue a second: %s%n",
                    WATCHED_SECONDS, real.evaluate("() => window.tasks.map(Math.round).join(', ') || 'none'"));
        }
        cue(show, "{\"cue\":\"setClockBack\",\"piece\":\"countdown\"}");
    }

    private void cue(String show, String cue) throws Exception {
        host.call("POST", "/api/shows/" + show + "/desk/cues", "{\"cue\":" + cue + ",\"key\":\"\",\"before\":0}");
    }

    private record Held(long bytes, int nodes) {
        @Override
        public String toString() {
            return String.format(Locale.ROOT, "%.2f MB, %d", bytes / 1e6, nodes);
        }
    }

    /** After what is not used any more was thrown away. */
    private static Held held(Page page) {
        CDPSession session = page.context().newCDPSession(page);
        session.send("HeapProfiler.collectGarbage");
        long used = session.send("Runtime.getHeapUsage").get("usedSize").getAsLong();
        int nodes = session.send("Memory.getDOMCounters").get("nodes").getAsInt();
        session.detach();
        return new Held(used, nodes);
    }
}
