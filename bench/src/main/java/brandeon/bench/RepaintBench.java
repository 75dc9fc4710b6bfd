package brandeon.bench;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;

/**
 * Edit to repaint, against a running server with the demo: from the moment an edit is sent until all of 20 outlets that
 * follow the draft have it, counted in sockets, and in one real browser until the change is in the page.
 */
public final class RepaintBench {

    private static final int OUTLETS = 20;
    private static final int ROUNDS = 300;
    private static final int WARM_UP = 300;

    private final String address;
    private final Host host;
    private final AtomicReference<String> wanted = new AtomicReference<>("");
    private final AtomicReference<CountDownLatch> latch = new AtomicReference<>(new CountDownLatch(0));

    private RepaintBench(String address) {
        this.address = address;
        this.host = Host.signedIn(address);
    }

    static void main(String[] args) throws Exception {
        new RepaintBench(args[0]).run();
    }

    private void run() throws Exception {
        String theme = host.theme();
        String ledger = host.call("GET", "/api/themes/" + theme + "/ledger", "");
        Source hide = Source.at("hide/wide/WHOLE", ledger);
        String outlet = hide.outlet();
        String link = hide.link();
        host.call("PUT", "/api/outlets/" + outlet + "/follows", "{\"draft\":true,\"minutes\":0}");
        List<WebSocket> sockets = new ArrayList<>();
        for (int i = 0; i < OUTLETS; i++) {
            sockets.add(open(link));
        }
        double[] times = new double[ROUNDS];
        double[] seeds = new double[ROUNDS];
        for (int i = -WARM_UP; i < ROUNDS; i++) {
            double millis = text(theme, "Tide " + (i + WARM_UP));
            // Light enough to be the accent as it is, and another one each time.
            double seedMillis = seed(theme, "#%02xb0%02x".formatted(64 + i & 127, 64 + i / 128));
            if (i >= 0) {
                times[i] = millis;
                seeds[i] = seedMillis;
            }
        }
        print("edit of a text to the last of " + OUTLETS + " outlets, ms", times);
        print("edit of a seed, which paints everything anew, to the last of " + OUTLETS + " outlets, ms", seeds);
        seed(theme, "#4f8f5b");
        browser(theme, link);
        sockets.forEach(WebSocket::abort);
        host.call("PUT", "/api/outlets/" + outlet + "/follows", "{\"draft\":false,\"minutes\":0}");
    }

    private double text(String theme, String text) throws Exception {
        return edit(
                theme,
                "{\"edit\":\"setContent\",\"piece\":\"band\",\"field\":\"message\",\"value\":\"" + text + "\"}",
                ">" + text + "<");
    }

    private double seed(String theme, String colour) throws Exception {
        return edit(theme, "{\"edit\":\"setSeed\",\"index\":0,\"colour\":\"" + colour + "\"}", colour);
    }

    /** @param sign what the patch must hold */
    private double edit(String theme, String edit, String sign) throws Exception {
        wanted.set(sign);
        latch.set(new CountDownLatch(OUTLETS));
        long start = System.nanoTime();
        host.call("POST", "/api/themes/" + theme + "/edits", "{\"edit\":" + edit + ",\"gesture\":\"\"}");
        if (!latch.get().await(10, TimeUnit.SECONDS)) {
            throw new IllegalStateException("Not every outlet got " + sign);
        }
        return (System.nanoTime() - start) / 1e6;
    }

    private void browser(String theme, String link) throws Exception {
        try (Playwright playwright = Chromium.playwright();
                Browser chromium = Chromium.launch(playwright)) {
            double[] paints = new double[10];
            double[] peers = new double[10];
            for (int i = 0; i < paints.length; i++) {
                paints[i] = firstPaint(chromium, link);
                peers[i] = firstPaint(chromium, address + "/actuator/health");
            }
            print("outlet page to first contentful paint in Chromium, ms", paints);
            print("a line of plain text to first contentful paint in Chromium, ms", peers);
            Page page = chromium.newContext(new Browser.NewContextOptions().setViewportSize(1920, 1080))
                    .newPage();
            page.navigate(link);
            page.waitForSelector("svg[data-piece=band]");
            double[] times = new double[30];
            for (int i = 0; i < times.length; i++) {
                String text = "Seen " + i;
                page.evaluate("""
                        (text) => { window.seen = new Promise((done) => {
                          new MutationObserver((_, observer) => {
                            if (document.body.textContent.includes(text)) { observer.disconnect(); requestAnimationFrame(() => done(Date.now())); }
                          }).observe(document.body, { childList: true, subtree: true, characterData: true });
                        }); }""", text);
                long start = System.currentTimeMillis();
                text(theme, text);
                times[i] = Chromium.seen(page) - start;
            }
            print("edit to the frame that shows it in Chromium, ms", times);
        }
    }

    private static double firstPaint(Browser chromium, String url) {
        try (BrowserContext context =
                chromium.newContext(new Browser.NewContextOptions().setViewportSize(1920, 1080))) {
            Page page = context.newPage();
            page.navigate(url);
            page.waitForFunction("() => performance.getEntriesByName('first-contentful-paint').length > 0");
            return ((Number) page.evaluate("() => performance.getEntriesByName('first-contentful-paint')[0].startTime"))
                    .doubleValue();
        }
    }

    private WebSocket open(String link) {
        URI uri = URI.create(link);
        String token = uri.getPath().substring("/o/".length());
        WebSocket socket = HttpClient.newHttpClient()
                .newWebSocketBuilder()
                .buildAsync(
                        URI.create("ws://" + uri.getAuthority() + "/live/outlet?token=" + token),
                        new WebSocket.Listener() {
                            private final StringBuilder part = new StringBuilder();

                            @Override
                            public CompletionStage<?> onText(WebSocket from, CharSequence data, boolean last) {
                                part.append(data);
                                if (last) {
                                    if (part.indexOf("\"patch\"") >= 0 && part.indexOf(wanted.get()) >= 0) {
                                        latch.get().countDown();
                                    }
                                    part.setLength(0);
                                }
                                from.request(1);
                                return null;
                            }
                        })
                .join();
        socket.sendText("{\"type\":\"watch\",\"feed\":\"o\",\"epoch\":\"\",\"number\":-1,\"hash\":\"\"}", true)
                .join();
        return socket;
    }

    static void print(String what, double[] times) {
        Arrays.sort(times);
        System.out.printf(
                "%s: median %.1f, 95 %% under %.1f, worst %.1f (%d)%n",
                what,
                times[times.length / 2],
                times[(int) (times.length * 0.95)],
                times[times.length - 1],
                times.length);
    }
}
