package brandeon.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.options.BoundingBox;
import java.util.Arrays;
import java.util.Locale;
import java.util.concurrent.locks.LockSupport;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.DoubleStream;

/** Sheet and Stage against a running server with the demo, in Chromium. */
public final class StageBench {

    private static final int ROUNDS = 15;
    /** What two people see of each other. */
    private static final int TURNS = 60;
    /** Milliseconds. */
    private static final int DRAG = 6000;

    private static final int DRAGS = 3;
    /**
     * Nanoseconds between two moves, 125 a second as most mice send them (common practice, no source). Sent as fast as
     * they are taken, handing them over kept a core busy that the page needs.
     */
    private static final long MOUSE = 8_000_000;

    /** A box that follows the mouse, and nothing else: what a frame takes on this machine at this minute. */
    private static final String BARE = """
            <body style="margin:0"><div id="box" style="position:absolute;width:160px;height:90px;background:#284"></div>
            <script>
              let at = null;
              addEventListener('pointermove', (event) => {
                if (!at) requestAnimationFrame(() => {
                  document.getElementById('box').style.transform = `translate(${at.x}px, ${at.y}px)`;
                  at = null;
                });
                at = { x: event.clientX, y: event.clientY };
              });
            </script>""";

    private final String address;
    private final Host host;

    private StageBench(String address) {
        this.address = address;
        this.host = Host.signedIn(address);
    }

    static void main(String[] args) {
        new StageBench(args[0]).run();
    }

    private void run() {
        String demo = host.theme();
        String large = large();
        try (Playwright playwright = Chromium.playwright();
                Browser chromium = Chromium.launch(playwright)) {
            sheet(chromium, large);
            drag(chromium, demo);
            two(chromium, demo);
        }
        host.call("DELETE", "/api/themes/" + large, "");
    }

    /** 12 scenes and 6 canvases. */
    private String large() {
        Matcher id = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"")
                .matcher(host.call("POST", "/api/themes", "{\"name\":\"Twelve by six\"}"));
        if (!id.find()) {
            throw new IllegalStateException("No theme was made.");
        }
        String theme = id.group(1);
        host.call(
                "POST",
                "/api/themes/" + theme + "/start",
                "{\"family\":\"\",\"roles\":[\"STARTING\",\"LIVE\",\"LIVE\",\"TALKING\",\"LIVE\",\"AWAY\",\"LIVE\",\"TALKING\",\"LIVE\",\"TALKING\",\"AWAY\",\"ENDING\"]}");
        int[][] sizes = {{1280, 720}, {2560, 1440}, {3840, 2160}, {1080, 1080}};
        for (int i = 0; i < sizes.length; i++) {
            host.call(
                    "POST",
                    "/api/themes/" + theme + "/edits",
                    "{\"edit\":{\"edit\":\"addCanvas\",\"index\":9,\"canvas\":{\"id\":\"c%d\",\"name\":\"C%d\",\"size\":{\"width\":%d,\"height\":%d},\"frameRate\":60,\"safe\":{\"action\":0.035,\"graphics\":0.05}}},\"gesture\":\"\"}"
                            .formatted(i, i, sizes[i][0], sizes[i][1]));
        }
        return theme;
    }

    private void sheet(Browser chromium, String theme) {
        double[] first = new double[ROUNDS];
        double[] visible = new double[ROUNDS];
        Page page = signedIn(chromium);
        for (int i = -5; i < ROUNDS; i++) {
            page.navigate(address + "/themes/" + theme + "/sheet");
            page.waitForFunction("() => document.querySelector('td a svg[data-piece]')");
            double firstAt = now(page);
            page.waitForFunction(
                    "() => [...document.querySelectorAll('td a')].filter((a) => { const b = a.getBoundingClientRect(); return b.top < innerHeight && b.left < innerWidth; }).every((a) => a.querySelector('svg[data-piece]'))");
            if (i >= 0) {
                first[i] = firstAt;
                visible[i] = now(page);
            }
        }
        page.context().close();
        RepaintBench.print("Sheet of 12 × 6, address entered to the first cell painted, ms", first);
        RepaintBench.print("Sheet of 12 × 6, address entered to every cell in sight painted, ms", visible);
    }

    private static double now(Page page) {
        return ((Number) page.evaluate("() => performance.now()")).doubleValue();
    }

    /** The stage in turn with a bare page under the same mouse. */
    private void drag(Browser chromium, String theme) {
        Page bare = chromium.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800))
                .newPage();
        bare.setContent(BARE);
        Page page = signedIn(chromium);
        page.navigate(address + "/themes/" + theme + "/stage/hide/wide");
        page.waitForSelector("[data-testid=stage] svg[data-piece=supporter]");
        page.waitForTimeout(2500);
        double[] still = frames(page, DRAG, () -> page.waitForTimeout(DRAG));
        BoundingBox stage = page.getByTestId("stage").boundingBox();
        double scale = stage.width / 1920;
        double x = stage.x + 1640 * scale;
        double y = stage.y + 545 * scale;
        page.mouse().move(x, y);
        page.mouse().down();
        double[] dragged = {};
        double[] followed = {};
        for (int i = 0; i < DRAGS; i++) {
            dragged = both(dragged, circled(page, x, y));
            followed = both(followed, circled(bare, x, y));
        }
        page.mouse().up();
        page.keyboard().press("Control+z");
        page.waitForTimeout(500);
        page.context().close();
        bare.context().close();
        RepaintBench.print("frame of the stage while nothing is done, ms", still);
        RepaintBench.print("frame of the stage while a piece is dragged, ms", dragged);
        RepaintBench.print("frame of a bare page whose box follows the same mouse, turn by turn, ms", followed);
        System.out.printf(
                Locale.ROOT,
                "frames a second while a piece is dragged: %.1f; while nothing is done: %.1f%n",
                dragged.length * 1000.0 / DRAG / DRAGS,
                still.length * 1000.0 / DRAG);
        System.out.printf(
                Locale.ROOT,
                "frames above 17 ms while a piece is dragged: %.1f of 100; on the bare page %.1f; while nothing is done: %.1f%n",
                slow(dragged),
                slow(followed),
                slow(still));
    }

    /** Frames while the mouse goes round about a place. */
    private static double[] circled(Page page, double x, double y) {
        return frames(page, DRAG, () -> {
            long begun = System.nanoTime();
            long over = begun + DRAG * 1_000_000L;
            for (int i = 0; System.nanoTime() < over; i++) {
                page.mouse().move(x - 60 + 50 * Math.sin(i / 9.0), y + 40 * Math.cos(i / 9.0));
                LockSupport.parkNanos(begun + (i + 1) * MOUSE - System.nanoTime());
            }
        });
    }

    private static double[] both(double[] one, double[] other) {
        return DoubleStream.concat(Arrays.stream(one), Arrays.stream(other)).toArray();
    }

    /** Of a hundred frames, those that took longer than 17 ms (a clock tick of tolerance). */
    private static double slow(double[] frames) {
        return 100.0 * Arrays.stream(frames).filter(frame -> frame > 17.1).count() / frames.length;
    }

    /** Lengths of the frames that a page shows meanwhile. */
    private static double[] frames(Page page, int millis, Runnable meanwhile) {
        page.evaluate("""
                (millis) => { window.frames_ = [];
                  let last = performance.now(); const end = last + millis;
                  const step = (now) => { window.frames_.push(now - last); last = now; if (now < end) requestAnimationFrame(step); };
                  requestAnimationFrame(step); }""", millis);
        meanwhile.run();
        page.waitForTimeout(100);
        return ((java.util.List<?>) page.evaluate("() => window.frames_"))
                .stream().mapToDouble(n -> ((Number) n).doubleValue()).skip(1).toArray();
    }

    /** What one does until the other sees it: a selection, and an edit that is painted. */
    private void two(Browser chromium, String theme) {
        Page one = signedIn(chromium);
        Page other = signedIn(chromium);
        for (Page page : new Page[] {one, other}) {
            page.navigate(address + "/themes/" + theme + "/stage/hide/wide");
            page.waitForSelector("[data-testid=stage] svg[data-piece=supporter]");
        }
        one.waitForTimeout(1500);
        double[] selections = new double[TURNS];
        double[] edits = new double[TURNS];
        String[] pieces = {"Latest supporter", "Latest follower"};
        for (int i = 0; i < TURNS; i++) {
            String piece = pieces[i % 2];
            other.evaluate(
                    "() => { window.seen = new Promise((done) => { const start = document.querySelector('[data-testid=theirs] rect')?.getAttribute('y'); const look = () => { const y = document.querySelector('[data-testid=theirs] rect')?.getAttribute('y'); if (y && y !== start) done(Date.now()); else requestAnimationFrame(look); }; look(); }); }");
            double at = ((Number) one.evaluate(
                            "(name) => { const b = [...document.querySelectorAll('aside button')].find((x) => x.textContent === name); const t = Date.now(); b.click(); return t; }",
                            piece))
                    .doubleValue();
            selections[i] = Chromium.seen(other) - at;
        }
        for (int i = 0; i < TURNS; i++) {
            other.evaluate(
                    "() => { window.seen = new Promise((done) => { new MutationObserver((_, o) => { o.disconnect(); requestAnimationFrame(() => done(Date.now())); }).observe(document.querySelector('[data-testid=stage] svg[data-piece]').parentElement, { childList: true }); }); }");
            String key = i % 2 == 0 ? "ArrowLeft" : "ArrowRight";
            double at = ((Number) one.evaluate(
                            "(key) => { const s = document.querySelector('[data-testid=stage]'); s.focus(); const t = Date.now(); s.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true })); return t; }",
                            key))
                    .doubleValue();
            edits[i] = Chromium.seen(other) - at;
            one.waitForTimeout(120);
        }
        RepaintBench.print("selecting a piece to the other person's screen, ms", selections);
        RepaintBench.print("moving a piece by a key to the other person's painted stage, ms", edits);
        one.keyboard().press("Control+z");
        one.waitForTimeout(300);
        one.context().close();
        other.context().close();
    }

    private Page signedIn(Browser chromium) {
        Page page = chromium.newContext(new Browser.NewContextOptions().setViewportSize(1280, 800))
                .newPage();
        page.navigate(address);
        page.getByLabel("Address").fill("host@reedlight.example");
        page.getByLabel("Password").fill("lantern-at-dusk");
        page.getByText("Sign in").last().click();
        page.waitForSelector("svg[data-piece]");
        return page;
    }
}
