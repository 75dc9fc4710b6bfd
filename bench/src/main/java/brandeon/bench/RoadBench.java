package brandeon.bench;

import brandeon.core.rehearse.Scripts;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.WebSocket;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javax.crypto.Mac;
import javax.crypto.spec.SecretKeySpec;

/**
 * The road from a change to the screens, against a running server with the demo: cues beside a bare echo on the same
 * sockets, a thousand sockets, changes while files are made, and signals.
 *
 * Words: address, the server's key in hexadecimal, with which inlets are opened and signals are signed, and the parts
 * that are wanted, such as {@code cues,signals}; all without it.
 */
public final class RoadBench {

    private static final int OUTLETS = 20;
    private static final int SOCKETS = 1000;
    private static final int ROUNDS = 300;
    private static final int ALERTS = 60;
    /** Rows of the largest table. */
    private static final int FULL = 5000;

    private final String address;
    private final byte[] key;
    private final Caller host;
    private final String theme;
    private final String show;
    private final HttpClient http =
            HttpClient.newBuilder().executor(Executors.newFixedThreadPool(2)).build();
    private final AtomicReference<String> wanted = new AtomicReference<>("nothing yet");
    private final AtomicReference<CountDownLatch> latch = new AtomicReference<>(new CountDownLatch(0));
    private final AtomicInteger welcomed = new AtomicInteger();
    private final AtomicInteger closed = new AtomicInteger();

    private RoadBench(String address, String key) {
        this.address = address;
        this.key = HexFormat.of().parseHex(key);
        this.host = Caller.signedIn(address, "host@reedlight.example");
        this.theme = host.demo();
        this.show = host.get("/api/themes/" + theme).word("show");
    }

    static void main(String[] words) throws Exception {
        RoadBench bench = new RoadBench(words[0], words[1]);
        List<String> parts = words.length > 2
                ? List.of(words[2].split(","))
                : List.of("cues", "beside", "thousand", "cells", "alerts", "storm", "signals", "desk");
        for (String part : parts) {
            switch (part) {
                case "cues" -> bench.cues();
                case "beside" -> bench.beside();
                case "thousand" -> bench.thousand();
                case "cells" -> bench.cells();
                case "alerts" -> bench.alerts();
                case "storm" -> bench.storm();
                case "signals" -> bench.signals();
                case "desk" -> bench.desk();
                default -> throw new IllegalArgumentException("There is no part called " + part + ".");
            }
        }
        System.exit(0);
    }

    /** A cue to the last of 20 outlets, in turn with a bare echo on the same sockets. */
    private void cues() throws Exception {
        List<WebSocket> sockets = open(links(Pattern.compile("hide/wide/WHOLE")), OUTLETS);
        double[] cues = new double[ROUNDS];
        double[] echoes = new double[ROUNDS];
        int count = 7;
        for (int i = -ROUNDS; i < ROUNDS; i++) {
            count = count % 900 + 1;
            double cue = cue(count);
            double echo = echo(sockets, i + ROUNDS);
            if (i >= 0) {
                cues[i] = cue;
                echoes[i] = echo;
            }
        }
        RepaintBench.print("cue to the last of " + OUTLETS + " outlets, ms", cues);
        RepaintBench.print("a bare echo to the last of the same sockets, turn by turn, ms", echoes);
        System.out.printf(
                Locale.ROOT,
                "a cue takes %.1f times as long as the bare echo (medians)%n",
                median(cues) / median(echoes));
        sockets.forEach(WebSocket::abort);
    }

    private static double median(double[] sorted) {
        return sorted[sorted.length / 2];
    }

    private double cue(int count) throws Exception {
        return seen(
                OUTLETS,
                ">" + count + "<",
                () -> good(host.post(
                        "/api/shows/" + show + "/cues",
                        "{\"cue\":{\"cue\":\"setCount\",\"piece\":\"sightings\",\"field\":\"value\",\"value\":" + count
                                + "},\"key\":\"\"}")));
    }

    private double echo(List<WebSocket> sockets, int number) throws Exception {
        String sign = "\"sent\":" + (1_000_000 + number) + ".0";
        return seen(
                sockets.size(),
                sign,
                () -> sockets.forEach(
                        socket -> socket.sendText("{\"type\":\"time\",\"sent\":" + (1_000_000 + number) + "}", true)));
    }

    private double seen(int by, String sign, Runnable deed) throws Exception {
        CountDownLatch all = new CountDownLatch(by);
        wanted.set(sign);
        latch.set(all);
        long start = System.nanoTime();
        deed.run();
        if (!all.await(20, TimeUnit.SECONDS)) {
            throw new IllegalStateException(all.getCount() + " of " + by + " did not get " + sign);
        }
        return (System.nanoTime() - start) / 1e6;
    }

    private double text(int by, int round) throws Exception {
        return seen(
                by,
                ">Tide " + round + "<",
                () -> good(host.edit(
                        theme,
                        "{\"edit\":\"setContent\",\"piece\":\"band\",\"field\":\"message\",\"value\":\"Tide " + round
                                + "\"}")));
    }

    /** An edit while a clip is made and flashes are judged all the time, in turn with quiet. */
    private void beside() throws Exception {
        follow(Pattern.compile("hide/wide/WHOLE"), true);
        List<WebSocket> sockets = open(links(Pattern.compile("hide/wide/WHOLE")), OUTLETS);
        for (int i = 0; i < 200; i++) {
            text(OUTLETS, i);
        }
        List<Double> quiet = new ArrayList<>();
        List<Double> busy = new ArrayList<>();
        int round = 1000;
        for (int turn = 0; turn < 4; turn++) {
            for (int i = 0; i < 60; i++) {
                quiet.add(text(OUTLETS, round++));
            }
            String film = good(host.post(
                            "/api/themes/" + theme + "/pieces/tide-over/films",
                            "{\"format\":\"WEBM\",\"canvas\":\"\",\"scene\":\"\",\"width\":0,\"framesPerSecond\":60,\"seconds\":0}"))
                    .word("id");
            Future<?> flashes;
            try (ExecutorService other = Executors.newSingleThreadExecutor()) {
                flashes = other.submit(() -> {
                    while (!Thread.currentThread().isInterrupted()) {
                        host.get("/api/themes/" + theme + "/flashes");
                    }
                });
                for (int i = 0; i < 60; i++) {
                    busy.add(text(OUTLETS, round++));
                }
                other.shutdownNow();
            }
            host.call("DELETE", "/api/films/" + film, "");
        }
        double[] alone = quiet.stream().mapToDouble(Double::doubleValue).toArray();
        double[] beside = busy.stream().mapToDouble(Double::doubleValue).toArray();
        RepaintBench.print("edit of a text to the last of " + OUTLETS + " outlets, quiet, ms", alone);
        RepaintBench.print("the same while a clip is made and flashes are judged, ms", beside);
        System.out.printf(Locale.ROOT, "that is %.2f times as long (medians)%n", median(beside) / median(alone));
        sockets.forEach(WebSocket::abort);
        follow(Pattern.compile("hide/wide/WHOLE"), false);
    }

    /** A thousand sockets at once on six sources of one scene. */
    private void thousand() throws Exception {
        Pattern six = Pattern.compile("hide/.+/(WHOLE|FRONT)");
        follow(six, true);
        closed.set(0);
        long start = System.nanoTime();
        List<WebSocket> sockets = open(links(six), SOCKETS);
        System.out.printf(
                Locale.ROOT,
                "%d sockets at once: %d welcomed after %.1f s, %d closed%n",
                SOCKETS,
                welcomed.get(),
                (System.nanoTime() - start) / 1e9,
                closed.get());
        double[] times = new double[ROUNDS];
        for (int i = -50; i < ROUNDS; i++) {
            double time = text(SOCKETS, 5000 + i);
            if (i >= 0) {
                times[i] = time;
            }
        }
        RepaintBench.print("edit of a text to the last of " + SOCKETS + " sockets, ms", times);
        sockets.forEach(WebSocket::abort);
        follow(six, false);
    }

    private static final String PASS =
            "{\"name\":\"Bench\",\"grants\":[{\"group\":\"COUNTS\",\"pieces\":[],\"deeds\":[]},"
                    + "{\"group\":\"BREAK\",\"pieces\":[],\"deeds\":[]},{\"group\":\"CARDS\",\"pieces\":[],\"deeds\":[]}],"
                    + "\"goodTill\":null}";

    private static final int DESKS = 50;
    private static final int DEEDS = 400;
    private static final int EVERY_MILLIS = 50;
    private static final int THUMB_MILLIS = 200;

    /** Presses on a phone-sized page, first use of it, and many desks at once. */
    private void desk() throws Exception {
        String link = good(host.post("/api/shows/" + show + "/passes", PASS)).word("link");
        List<WebSocket> sockets = open(links(Pattern.compile("hide/wide/WHOLE")), OUTLETS);
        try (Playwright playwright = Chromium.playwright();
                Browser chromium = Chromium.launch(playwright)) {
            double[] first = new double[20];
            for (int i = 0; i < first.length; i++) {
                // A context of its own has nothing of the page yet.
                try (BrowserContext context = narrow(chromium)) {
                    Page page = context.newPage();
                    long start = System.nanoTime();
                    page.navigate(link);
                    page.locator("[aria-label='1 more: Sightings']").waitFor();
                    first[i] = (System.nanoTime() - start) / 1e6;
                }
            }
            RepaintBench.print("first use of the desk on a narrow page, until its first control, ms", first);
            try (BrowserContext context = narrow(chromium)) {
                Page page = context.newPage();
                page.navigate(link);
                page.locator("[aria-label='1 more: Sightings']").waitFor();
                presses(page, 1000, 0, "one right after the other");
                presses(page, 5000, THUMB_MILLIS, "by a quick thumb, five a second");
            }
        }
        sockets.forEach(WebSocket::abort);
        many(link.substring(link.indexOf('#') + 1));
    }

    /**
     * Presses, and the same deed without the page turn by turn, so that both have the same machine.
     *
     * @param pause after each, milliseconds
     */
    private void presses(Page page, int from, int pause, String how) throws Exception {
        double[] presses = new double[ROUNDS];
        double[] plain = new double[ROUNDS];
        int count = from;
        good(host.post("/api/shows/" + show + "/desk/cues", counted(count)));
        for (int i = -50; i < ROUNDS; i++) {
            count++;
            Thread.sleep(pause);
            double press = seen(OUTLETS, written(count), PRESS.formatted("Sightings"), page);
            int next = ++count;
            Thread.sleep(pause);
            double bare = seen(
                    OUTLETS, written(next), () -> good(host.post("/api/shows/" + show + "/desk/cues", counted(next))));
            if (i >= 0) {
                presses[i] = press;
                plain[i] = bare;
            }
        }
        RepaintBench.print("press on the desk's page to the last of " + OUTLETS + " outlets, " + how + ", ms", presses);
        RepaintBench.print("the same deed without the page, turn by turn, ms", plain);
    }

    /** Presses and says when that was, epoch milliseconds. */
    private static final String PRESS = """
            () => {
              const button = document.querySelector("[aria-label='1 more: %s']");
              const pressed = performance.timeOrigin + performance.now();
              button.click();
              return pressed;
            }""";

    private static String written(int count) {
        return ">" + String.format(Locale.ROOT, "%,d", count) + "<";
    }

    /** From the press in the page, which has the same clock, to the last one who sees it. */
    private double seen(int by, String sign, String press, Page page) throws Exception {
        double[] pressed = new double[1];
        double whole = seen(by, sign, () -> pressed[0] = ((Number) page.evaluate(press)).doubleValue());
        Instant now = Instant.now();
        double until = now.getEpochSecond() * 1000.0 + now.getNano() / 1e6;
        return Math.min(whole, until - pressed[0]);
    }

    private static BrowserContext narrow(Browser chromium) {
        return chromium.newContext(new Browser.NewContextOptions().setViewportSize(400, 800));
    }

    private static String counted(int count) {
        return "{\"cue\":{\"cue\":\"setCount\",\"piece\":\"sightings\",\"field\":\"value\",\"value\":" + count
                + "},\"key\":\"\",\"before\":0}";
    }

    /** Fifty desks look whenever something was done; twenty deeds a second come from them, every tenth is sent twice. */
    private void many(String token) throws Exception {
        good(host.post("/api/shows/" + show + "/desk/cues", counted(0)));
        AtomicInteger looks = new AtomicInteger();
        List<WebSocket> desks = new ArrayList<>();
        ExecutorService people = Executors.newVirtualThreadPerTaskExecutor();
        Caller anybody = Caller.unknown(address);
        for (int i = 0; i < DESKS; i++) {
            desks.add(openDesk(
                    token,
                    () -> {
                        anybody.get("/cues/" + token);
                        looks.incrementAndGet();
                    },
                    people));
        }
        Thread.sleep(500);
        List<Future<Double>> sent = new ArrayList<>();
        for (int i = 0; i < DEEDS; i++) {
            String wish = "{\"cue\":{\"cue\":\"stepCount\",\"piece\":\"sightings\",\"field\":\"value\",\"times\":1},"
                    + "\"key\":\"" + UUID.randomUUID() + "\",\"before\":0}";
            boolean twice = i % 10 == 0;
            sent.add(people.submit(() -> {
                long start = System.nanoTime();
                good(anybody.post("/cues/" + token, wish));
                double took = (System.nanoTime() - start) / 1e6;
                if (twice) {
                    good(anybody.post("/cues/" + token, wish));
                }
                return took;
            }));
            Thread.sleep(EVERY_MILLIS);
        }
        double[] took = new double[DEEDS];
        for (int i = 0; i < DEEDS; i++) {
            took[i] = sent.get(i).get();
        }
        Matcher value = Pattern.compile("\"field\":\"value\",\"title\":\"[^\"]*\",\"value\":([0-9.]+)")
                .matcher(anybody.get("/cues/" + token).body());
        value.find();
        System.out.printf(
                Locale.ROOT,
                "%d desks open, %d deeds a second for %d s, every tenth sent twice: counted %s of %d; desks looked %d times%n",
                DESKS,
                1000 / EVERY_MILLIS,
                DEEDS * EVERY_MILLIS / 1000,
                value.group(1),
                DEEDS,
                looks.get());
        RepaintBench.print("a deed among " + DESKS + " desks, until it is answered, ms", took);
        desks.forEach(WebSocket::abort);
        people.shutdownNow();
    }

    /** As the page does: looks at once, then at most every 400 ms, and less often while that takes long. */
    private WebSocket openDesk(String token, Runnable look, ExecutorService people) {
        AtomicBoolean busy = new AtomicBoolean();
        AtomicBoolean again = new AtomicBoolean();
        Runnable looks = () -> {
            do {
                again.set(false);
                long start = System.nanoTime();
                look.run();
                try {
                    Thread.sleep(Math.max(400, 8 * (System.nanoTime() - start) / 1_000_000));
                } catch (InterruptedException e) {
                    return;
                }
            } while (again.get());
            busy.set(false);
        };
        WebSocket socket = http.newWebSocketBuilder()
                .buildAsync(URI.create(address.replaceFirst("^http", "ws") + "/live/desk"), new WebSocket.Listener() {
                    private final StringBuilder part = new StringBuilder();

                    @Override
                    public CompletionStage<?> onText(WebSocket from, CharSequence data, boolean last) {
                        part.append(data);
                        if (last) {
                            boolean told = part.indexOf("\"show\"") >= 0 && part.indexOf("arrived") < 0;
                            if (told && busy.compareAndSet(false, true)) {
                                people.submit(looks);
                            } else if (told) {
                                again.set(true);
                            }
                            part.setLength(0);
                        }
                        from.request(1);
                        return null;
                    }
                })
                .join();
        socket.sendText("{\"type\":\"pass\",\"token\":\"" + token + "\"}", true).join();
        socket.sendText("{\"type\":\"followShow\",\"show\":\"" + show + "\"}", true)
                .join();
        return socket;
    }

    private List<Source> rows() {
        return Source.of(host.get("/api/themes/" + theme + "/ledger").body());
    }

    private List<String> links(Pattern places) {
        return rows().stream()
                .filter(row -> places.matcher(row.place()).matches())
                .map(Source::link)
                .toList();
    }

    private void follow(Pattern places, boolean draft) {
        rows().stream()
                .filter(row -> places.matcher(row.place()).matches())
                .forEach(row -> good(host.call(
                        "PUT",
                        "/api/outlets/" + row.outlet() + "/follows",
                        "{\"draft\":" + draft + ",\"minutes\":0}")));
    }

    private List<WebSocket> open(List<String> links, int count) throws Exception {
        welcomed.set(0);
        List<CompletableFuture<WebSocket>> opening = IntStream.range(0, count)
                .mapToObj(i -> open(links.get(i % links.size())))
                .toList();
        List<WebSocket> sockets = opening.stream().map(CompletableFuture::join).toList();
        sockets.forEach(socket -> socket.sendText(
                "{\"type\":\"watch\",\"feed\":\"o\",\"epoch\":\"\",\"number\":-1,\"hash\":\"\"}", true));
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(30);
        while (welcomed.get() < count && System.nanoTime() < end) {
            Thread.sleep(5);
        }
        return sockets;
    }

    private CompletableFuture<WebSocket> open(String link) {
        URI uri = URI.create(link);
        return http.newWebSocketBuilder()
                .buildAsync(
                        URI.create("ws://" + uri.getAuthority() + "/live/outlet?token="
                                + uri.getPath().substring("/o/".length())),
                        new WebSocket.Listener() {
                            private final StringBuilder part = new StringBuilder();

                            @Override
                            public CompletionStage<?> onText(WebSocket from, CharSequence data, boolean last) {
                                part.append(data);
                                if (last) {
                                    if (part.indexOf("\"welcome\"") >= 0) {
                                        welcomed.incrementAndGet();
                                    } else if (part.indexOf(wanted.get()) >= 0) {
                                        latch.get().countDown();
                                    }
                                    part.setLength(0);
                                }
                                from.request(1);
                                return null;
                            }

                            @Override
                            public CompletionStage<?> onClose(WebSocket from, int status, String reason) {
                                closed.incrementAndGet();
                                return null;
                            }
                        });
    }

    private static Caller.Answer good(Caller.Answer answer) {
        if (answer.status() >= 300) {
            throw new IllegalStateException(answer.status() + " " + answer.body());
        }
        return answer;
    }

    /** A changed cell to the last of 20 outlets that show it: of the demo's small table, and of one that is full. */
    private void cells() throws Exception {
        Pattern hide = Pattern.compile("hide/wide/WHOLE");
        String tables = "/api/shows/" + show + "/tables";
        String full =
                tables + "/" + good(host.post(tables, "{\"title\":\"Full\"}")).word("id");
        StringBuilder csv = new StringBuilder("Name,Number,Where,When,Colour,Note\n");
        for (int i = 1; i <= FULL; i++) {
            csv.append("Bird ").append(i).append(',').append(i).append(",Low pool,19:30,#e0a030,Seen from the dyke\n");
        }
        good(host.file(full + "/csv", csv.toString().getBytes(StandardCharsets.UTF_8)));
        good(host.edit(theme, line("cell-small", "{sightings_1_seen}")));
        good(host.edit(theme, line("cell-full", "{full_2500_number}")));
        for (String piece : List.of("cell-small", "cell-full")) {
            good(
                    host.edit(
                            theme,
                            "{\"edit\":\"place\",\"scene\":\"hide\",\"index\":1000,\"placed\":{\"piece\":\"" + piece
                                    + "\",\"spot\":{\"by\":\"zone\",\"zone\":\"TOP\"},\"corrections\":{},\"onCanvas\":{},\"hidden\":[],"
                                    + "\"manner\":{\"turn\":0,\"mirrored\":false,\"flipped\":false,\"opacity\":1,\"blend\":\"NORMAL\"},"
                                    + "\"manners\":{},\"content\":{},\"group\":\"\",\"locked\":false,\"arrival\":\"AS_SCENE\"}}"));
        }
        follow(hide, true);
        List<WebSocket> sockets = open(links(hide), OUTLETS);
        String small = tables + "/" + host.get(tables).word("id");
        cells("a cell of a table of 7 rows", small, 1, "seen");
        cells("a cell of a table of 5,000 rows of 6 cells", full, FULL / 2, "number");
        sockets.forEach(WebSocket::abort);
        follow(hide, false);
        good(host.call("DELETE", full, ""));
        for (int i = 0; i < 4; i++) {
            good(host.post("/api/themes/" + theme + "/undo", ""));
        }
    }

    private void cells(String what, String table, int line, String column) throws Exception {
        double[] times = new double[ROUNDS];
        for (int i = -ROUNDS; i < ROUNDS; i++) {
            int number = 400 + (i + ROUNDS) % 599;
            double time = seen(
                    OUTLETS,
                    ">" + number + "<",
                    () -> good(host.post(
                            table + "/edits",
                            "{\"edit\":\"fill\",\"line\":" + line + ",\"column\":\"" + column + "\",\"block\":[[\""
                                    + number + "\"]]}")));
            if (i >= 0) {
                times[i] = time;
            }
        }
        RepaintBench.print(what + " to the last of " + OUTLETS + " outlets, ms", times);
    }

    private static String line(String id, String value) {
        return "{\"edit\":\"addPiece\",\"index\":1000,\"piece\":{\"id\":\"" + id
                + "\",\"kind\":\"FACT_LINE\",\"name\":\"Cell\",\"captures\":[],\"content\":{\"value\":\"" + value
                + "\"},\"figures\":{},\"inlay\":null,\"mustShow\":false,\"handsOff\":false,\"share\":\"\"}}";
    }

    /** A follow to the last of 20 outlets that are told its alert, when nothing waits. */
    private void alerts() throws Exception {
        Inlet inlet = new Inlet(UUID.fromString(host.get("/api/themes/" + theme).word("channel")));
        List<WebSocket> sockets = open(links(Pattern.compile("starting/wide/WHOLE")), OUTLETS);
        double[] times = new double[ALERTS];
        for (int i = -10; i < ALERTS; i++) {
            String name = "Watcher " + (7000 + i);
            double time = seen(OUTLETS, ">" + name + "<", () -> inlet.follow(name));
            if (i >= 0) {
                times[i] = time;
            }
            good(host.post(
                    "/api/shows/" + show + "/alerts", "{\"deed\":\"SKIP\",\"alert\":\"\",\"showing\":0,\"place\":0}"));
            // It leaves, and the next one comes after a pause.
            Thread.sleep(1600);
        }
        RepaintBench.print("signal to the last of " + OUTLETS + " outlets that have its alert, ms", times);
        sockets.forEach(WebSocket::abort);
    }

    /** The shipped storm at ten times its speed, while three outlets are open in Chromium. */
    private void storm() throws Exception {
        String channel = host.get("/api/themes/" + theme).word("channel");
        List<String> links = links(Pattern.compile("(hide|starting|desk)/wide/WHOLE"));
        try (Playwright playwright = Chromium.playwright();
                Browser chromium = Chromium.launch(playwright)) {
            List<Page> outlets = new ArrayList<>();
            for (String link : links) {
                Page outlet = chromium.newContext(new Browser.NewContextOptions().setViewportSize(1920, 1080))
                        .newPage();
                outlet.navigate(link);
                outlets.add(outlet);
            }
            Thread.sleep(3000);
            outlets.forEach(outlet -> outlet.evaluate("""
                    () => {
                      window.scripts = [0];
                      new PerformanceObserver((list) => {
                        for (const frame of list.getEntries())
                          window.scripts.push(frame.scripts.reduce((sum, one) => sum + one.duration, 0));
                      }).observe({ type: 'long-animation-frame' });
                    }"""));
            String id = good(host.file(
                            "/api/channels/" + channel + "/rehearsals?name=Storm&speed=10",
                            Scripts.find("storm").orElseThrow().script().write().getBytes(StandardCharsets.UTF_8)))
                    .word("id");
            String report = "";
            for (int i = 0; i < 60 && !report.contains("\"state\":\"PLAYED\""); i++) {
                outlets.getFirst().waitForTimeout(500);
                report = host.get("/api/shows/" + show + "/rehearsals/" + id).body();
            }
            System.out.println("the storm at ten times its speed: "
                    + report.substring(report.indexOf("\"outcomes\""), report.indexOf("\"lines\"")));
            for (Page outlet : outlets) {
                System.out.printf(
                        Locale.ROOT,
                        "an outlet's scripts in the worst of its long frames meanwhile: %.1f ms%n",
                        ((Number) outlet.evaluate("() => Math.max(...window.scripts)")).doubleValue());
            }
        }
    }

    /** Signals to the demo's channel: at once, one by one, in batches, and what one costs when there are many. */
    private void signals() throws Exception {
        UUID channel = UUID.fromString(host.get("/api/themes/" + theme).word("channel"));
        Inlet inlet = new Inlet(channel);
        Map<Integer, Long> atOnce = IntStream.range(0, 200).mapToObj(_ -> inlet.later(1)).toList().stream()
                .map(CompletableFuture::join)
                .collect(Collectors.groupingBy(status -> status, Collectors.counting()));
        System.out.println("200 signals at once: " + atOnce);
        inlet.rate(16, 1, 4000);
        double early = inlet.each(300);
        System.out.printf(Locale.ROOT, "one signal at a time, after 4,500: %.2f ms each%n", early);
        inlet.asked(16, 2000);
        double bare = inlet.asked(16, 10_000);
        double single = inlet.rate(16, 1, 10_000);
        System.out.printf(
                Locale.ROOT,
                "single signals from 16 senders: %.0f a second; a small file that they ask for instead: %.0f, %.1f times as many%n",
                single,
                bare,
                bare / single);
        System.out.printf(
                Locale.ROOT, "signals in batches of 500 from 4 senders: %.0f a second%n", inlet.rate(4, 500, 90_000));
        double late = inlet.each(300);
        System.out.printf(
                Locale.ROOT,
                "one signal at a time, after 100,000: %.2f ms each, %.2f times as long%n",
                late,
                late / early);
    }

    /** The door of a channel, as its platform knows it. */
    private final class Inlet {

        private final URI uri;
        private final byte[] signing;
        private final AtomicInteger number = new AtomicInteger();
        private final String run = UUID.randomUUID().toString();

        Inlet(UUID channel) throws GeneralSecurityException {
            ByteBuffer token = ByteBuffer.allocate(32);
            token.putLong(channel.getMostSignificantBits()).putLong(channel.getLeastSignificantBits());
            token.put(Arrays.copyOf(hmac(key, "INLET:" + channel + ":1"), 16));
            uri = URI.create(address + "/inlets/"
                    + Base64.getUrlEncoder().withoutPadding().encodeToString(token.array()));
            signing = hmac(key, "signing:" + channel);
        }

        /** Every signal of it is a new one. */
        private String body(int signals) {
            String events = IntStream.range(0, signals)
                    .map(_ -> number.incrementAndGet())
                    .mapToObj(i -> follow(String.valueOf(i), "Viewer " + i))
                    .collect(Collectors.joining(","));
            return signals == 1 ? events : "[" + events + "]";
        }

        private String follow(String id, String name) {
            return "{\"specversion\":\"1.0\",\"id\":\"" + run + id
                    + "\",\"source\":\"/bench\",\"type\":\"alder.follow\",\"data\":{\"name\":\"" + name + "\"}}";
        }

        private String signature(String body) {
            try {
                return "sha256=" + HexFormat.of().formatHex(hmac(signing, body));
            } catch (GeneralSecurityException e) {
                throw new IllegalStateException(e);
            }
        }

        private static String type(int signals) {
            return signals == 1 ? "application/cloudevents+json" : "application/cloudevents-batch+json";
        }

        private int sent(Line line, int signals) {
            String body = body(signals);
            return line.post(
                    uri.getPath(),
                    "Content-Type: " + type(signals) + "\r\nBrandeon-Signature: " + signature(body) + "\r\n",
                    body.getBytes(StandardCharsets.UTF_8));
        }

        private HttpRequest request(int signals, String body) {
            return HttpRequest.newBuilder(uri)
                    .header("Content-Type", type(signals))
                    .header("Brandeon-Signature", signature(body))
                    .POST(HttpRequest.BodyPublishers.ofString(body))
                    .build();
        }

        void follow(String name) {
            try {
                HttpRequest request = request(1, follow(name, name));
                require(http.send(request, HttpResponse.BodyHandlers.discarding())
                        .statusCode());
            } catch (IOException e) {
                throw new IllegalStateException(e);
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
                throw new IllegalStateException(e);
            }
        }

        CompletableFuture<Integer> later(int signals) {
            return http.sendAsync(request(signals, body(signals)), HttpResponse.BodyHandlers.discarding())
                    .thenApply(HttpResponse::statusCode);
        }

        /** Milliseconds. */
        double each(int count) {
            long start = System.nanoTime();
            for (int i = 0; i < count; i++) {
                require(later(1).join());
            }
            return (System.nanoTime() - start) / 1e6 / count;
        }

        /** Signals a second. */
        double rate(int senders, int together, int count) throws Exception {
            return together * answered(senders, count / together, line -> require(sent(line, together)));
        }

        /** Answers a second to requests for a small file, with the same client. */
        double asked(int senders, int count) throws Exception {
            return answered(senders, count, line -> line.get("/keeper.js"));
        }

        /** How often in a second something is done by several at once. */
        private double answered(int senders, int count, Consumer<Line> deed) throws Exception {
            long start = System.nanoTime();
            try (ExecutorService all = Executors.newFixedThreadPool(senders)) {
                List<Future<?>> sending = new ArrayList<>();
                for (int s = 0; s < senders; s++) {
                    sending.add(all.submit(() -> {
                        try (Line line = new Line(address)) {
                            for (int i = 0; i < count / senders; i++) {
                                deed.accept(line);
                            }
                        }
                        return null;
                    }));
                }
                for (Future<?> one : sending) {
                    one.get();
                }
            }
            return count / ((System.nanoTime() - start) / 1e9);
        }

        private void require(int status) {
            if (status != 202) {
                throw new IllegalStateException("A signal was answered " + status);
            }
        }
    }

    private static byte[] hmac(byte[] key, String text) throws GeneralSecurityException {
        Mac mac = Mac.getInstance("HmacSHA256");
        mac.init(new SecretKeySpec(key, "HmacSHA256"));
        return mac.doFinal(text.getBytes(StandardCharsets.UTF_8));
    }
}
