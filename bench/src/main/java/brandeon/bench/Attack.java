package brandeon.bench;

import brandeon.bench.Caller.Answer;
import java.awt.Color;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.Socket;
import java.net.URI;
import java.net.http.WebSocket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javax.imageio.ImageIO;

/**
 * Tries to break into and to break a server of its own, and prints one line for each point. Ends with 1 when one does
 * not hold.
 *
 * Never against anything but loopback. Words: address, folder and port of the database, process id of bin/start, and
 * "short" to leave out what takes long.
 */
public final class Attack {

    private static final String CLIP =
            "{\"format\":\"APNG\",\"canvas\":\"\",\"scene\":\"\",\"width\":160,\"framesPerSecond\":30,\"seconds\":0}";
    private static final Random RANDOM = new Random(4);

    private final String address;
    private final String data;
    private final String port;
    private final long starter;
    private final Caller host;
    private final String theme;
    private String largeAt = "";
    private final List<String> broken = new ArrayList<>();

    private Attack(String address, String data, String port, long starter) {
        this.address = address;
        this.data = data;
        this.port = port;
        this.starter = starter;
        this.host = Caller.signedIn(address, "host@reedlight.example");
        this.theme = host.post("/api/themes", "{\"name\":\"Under attack\"}").word("id");
    }

    public static void main(String[] words) throws Exception {
        if (!words[0].startsWith("http://127.0.0.1:")) {
            throw new IllegalArgumentException("Only a server on this machine is attacked.");
        }
        boolean isShort = words.length > 4 && words[4].equals("short");
        Attack attack = new Attack(words[0], words[1], words[2], Long.parseLong(words[3]));
        attack.doors();
        attack.refusals();
        if (!isShort) {
            attack.weight();
            attack.accidents();
        }
        attack.point("A6 limits", attack::limits);
        System.out.println(
                attack.broken.isEmpty()
                        ? "All points hold."
                        : attack.broken.size() + " do not hold: " + String.join(", ", attack.broken));
        System.exit(attack.broken.isEmpty() ? 0 : 1);
    }

    private void doors() {
        point("A1 a file becomes script", this::fileAsScript);
        point("A2 patterns as bombs", this::patterns);
        point("A3 a text that would freeze", this::types);
        point("A4 bodies without limit", this::bodies);
        point("A5 painted pictures", this::painted);
        point("A7 people and their rights", this::rights);
        point("A8 links and cookies", this::links);
        point("A9 the database's door", this::database);
        point("A10 vector pictures as bombs", this::vectors);
        point("A11 long work beside the show", this::givesWay);
    }

    private void refusals() {
        point("B11 nulls and nonsense in edits", this::nonsense);
        point("B13 what is refused is not kept", this::leftovers);
    }

    private void weight() {
        point("B12 300 pictures at once", this::drop);
        point("B17 a picture of 36 megapixels", this::large);
        point("A5 that painted eight times at once", this::painters);
    }

    private void accidents() {
        point("B14 the database goes away", this::databaseGone);
        point("B15 the application ends by accident", this::applicationGone);
    }

    /** A thing to try. @return what was seen, for the line */
    private interface Try {
        String run() throws Exception;
    }

    /** What was seen is not what must be. */
    private static final class Broken extends RuntimeException {
        Broken(String seen) {
            super(seen);
        }
    }

    private void point(String name, Try what) {
        long from = System.nanoTime();
        String line;
        boolean holds = true;
        try {
            line = what.run();
        } catch (Exception e) {
            holds = false;
            line = e instanceof Broken ? e.getMessage() : e.toString();
        }
        System.out.printf(
                Locale.ROOT,
                "%-7s %-38s %s (%.1f s)%n",
                holds ? "holds" : "BROKEN",
                name,
                line,
                (System.nanoTime() - from) / 1e9);
        if (!holds) {
            broken.add(name);
        }
    }

    private static void require(boolean holds, String otherwise) {
        if (!holds) {
            throw new Broken(otherwise);
        }
    }

    private static void refused(Answer answer, String what) {
        require(
                answer.status() >= 400 && answer.status() < 500,
                what + " got " + answer.status() + ": " + answer.start());
    }

    private String fileAsScript() throws IOException {
        ByteArrayOutputStream gif = new ByteArrayOutputStream();
        ImageIO.write(picture(40, 40, Color.RED), "gif", gif);
        byte[] both = new byte[gif.size() + 30];
        System.arraycopy(gif.toByteArray(), 0, both, 0, gif.size() - 1);
        byte[] script = "\u0021\u00fe\u0014*/=1;alert(document.cookie)".getBytes(StandardCharsets.ISO_8859_1);
        System.arraycopy(script, 0, both, gif.size() - 1, script.length);
        Answer taken = host.file("/api/themes/" + theme + "/artworks?name=both.gif", both);
        require(taken.status() == 201, "The picture was not taken: " + taken.start());
        String id = taken.word("id");
        Answer served = host.get("/api/themes/" + theme + "/artworks/" + id + "/before");
        require(
                served.header("Content-Type").equals("image/png")
                        && !served.body().contains("alert"),
                "It is served as it was sent, as " + served.header("Content-Type"));
        require(
                served.header("X-Content-Type-Options").equals("nosniff")
                        && served.header("Content-Security-Policy").contains("sandbox")
                        && served.header("Content-Disposition").startsWith("attachment"),
                "Its headers let a page run it.");
        require(
                host.send(host.request("/api/themes/" + theme + "/artworks/" + id + "/before")
                                        .header("Sec-Fetch-Dest", "script")
                                        .build())
                                .status()
                        == 403,
                "A page may load it as script.");
        String lie = taken.body()
                .replaceFirst("^.*?\"artwork\":(\\{.*\\}),\"proposed\".*$", "$1")
                .replace("image/png", "text/javascript")
                .replace(id, "lie");
        Answer added = host.edit(theme, "{\"edit\":\"addArtwork\",\"index\":0,\"artwork\":" + lie + "}");
        require(
                added.status() == 200 && !added.body().contains("text/javascript"),
                "An edit says of what type a file is: " + added.start());
        return "re-encoded as PNG, own headers, type from its row";
    }

    private String patterns() {
        List<String> bombs = new ArrayList<>(List.of(
                "{followers,number,::scale/1E99999999}",
                "{followers,number,::.000000000000000000000000000000+}",
                "{".repeat(3000),
                "{followers,number,::integer-width/+" + "0".repeat(3000) + "}"));
        String[] bits = {
            "{",
            "}",
            "followers",
            "latestFollower",
            ",",
            "number",
            "plural",
            "select",
            "one",
            "other",
            "#",
            "::",
            "scale/1E9",
            "'",
            "0",
            "=1",
            " ",
            "spellout",
            "offset:9"
        };
        for (int i = 0; i < 30; i++) {
            StringBuilder text = new StringBuilder();
            RANDOM.ints(1 + RANDOM.nextInt(40), 0, bits.length).forEach(bit -> text.append(bits[bit]));
            bombs.add(text.toString());
        }
        long slowest = 0;
        for (String bomb : bombs) {
            long from = System.nanoTime();
            Answer answer = host.post("/api/themes/" + theme + "/messages", "{\"text\":\"" + bomb + "\"}");
            slowest = Math.max(slowest, (System.nanoTime() - from) / 1_000_000);
            require(answer.status() < 500, bomb + " got " + answer.status());
        }
        require(slowest < 1000, "One took " + slowest + " ms.");
        return String.format(Locale.ROOT, "%d patterns, the slowest answer after %d ms", bombs.size(), slowest);
    }

    private String types() {
        String freezing = "{latestFollower, plural, one {# heron} other {# herons}}";
        require(
                !host.post("/api/themes/" + theme + "/messages", "{\"text\":\"" + freezing + "\"}")
                        .word("mistake")
                        .isEmpty(),
                "The check takes a plural of a name.");
        host.edit(
                theme,
                "{\"edit\":\"addPiece\",\"index\":0,\"piece\":{\"id\":\"band\",\"kind\":\"BAND\",\"name\":\"Band\",\"captures\":[],\"mustShow\":false,\"handsOff\":false,\"share\":\"\",\"content\":{},\"figures\":{},\"inlay\":null}}");
        refused(
                host.edit(
                        theme,
                        "{\"edit\":\"setContent\",\"piece\":\"band\",\"field\":\"message\",\"value\":\"" + freezing
                                + "\"}"),
                "A plural of a name");
        return "a plural of a name is refused where it is typed and where it is kept";
    }

    private String bodies() throws Exception {
        long inlet = poured("/inlets/" + "A".repeat(43), 900L << 20, false);
        long session = poured("/api/session", 90L << 20, false);
        long untold = poured("/api/session", 90L << 20, true);
        require(
                Math.max(Math.max(inlet, session), untold) < 16 << 20,
                "Taken: " + (inlet >> 20) + " MB at the inlet, " + (session >> 20) + " MB at sign-in, " + (untold >> 20)
                        + " MB whose length was not told.");
        Answer said = host.post(
                "/api/session", "{\"email\":\"" + "x".repeat(3 << 20) + "\",\"password\":\"\",\"standing\":false}");
        require(said.status() == 413, "3 MB at sign-in got " + said.status());
        return String.format(
                Locale.ROOT,
                "of 900 MB the inlet let %d kB pass, of 90 MB sign-in %d kB, %d kB whose length was not told; 413 with a sentence",
                inlet >> 10,
                session >> 10,
                untold >> 10);
    }

    /**
     * Sends without end.
     *
     * @param chunked whether in chunks (RFC 9112), which do not tell the length before
     * @return how many bytes went out before the server closed or answered
     */
    private long poured(String path, long bytes, boolean chunked) throws IOException {
        URI uri = URI.create(address);
        long sent = 0;
        try (Socket socket = new Socket(uri.getHost(), uri.getPort())) {
            socket.setSoTimeout(10_000);
            OutputStream out = socket.getOutputStream();
            out.write(("POST " + path + " HTTP/1.1\r\nHost: " + uri.getAuthority()
                            + "\r\nContent-Type: application/json\r\n"
                            + (chunked ? "Transfer-Encoding: chunked" : "Content-Length: " + bytes) + "\r\n\r\n")
                    .getBytes(StandardCharsets.US_ASCII));
            // A text that begins and does not end: else the reader stops at the first letter that is no JSON.
            byte[] begun = "[\"".getBytes(StandardCharsets.US_ASCII);
            out.write(chunked ? "2\r\n[\"\r\n".getBytes(StandardCharsets.US_ASCII) : begun);
            byte[] some = new byte[1 << 16];
            Arrays.fill(some, (byte) ' ');
            InputStream in = socket.getInputStream();
            while (sent < bytes && in.available() == 0) {
                if (chunked) {
                    out.write("10000\r\n".getBytes(StandardCharsets.US_ASCII));
                }
                out.write(some);
                if (chunked) {
                    out.write("\r\n".getBytes(StandardCharsets.US_ASCII));
                }
                sent += some.length;
            }
        } catch (IOException e) {
            return sent;
        }
        return sent;
    }

    private String painted() throws Exception {
        String workspace = sql(
                "select workspace_id from membership m join account a on a.id = m.account_id where a.email = 'host@reedlight.example'");
        Caller nobody = Caller.unknown(address);
        for (int i = 0; i < 20; i++) {
            Answer answer = nobody.get("/painted/" + workspace + "/" + "ab".repeat(32) + "-SHIFT/" + "A".repeat(43));
            require(answer.status() == 404, "An invented address got " + answer.status());
        }
        return "no address but a signed one paints anything";
    }

    /** Threads of what is computed long have a nice value, so that Linux takes the show's first. */
    private String givesWay() throws IOException {
        require(host.get("/api/themes/" + theme + "/flashes").status() == 200, "Flashes cannot be judged.");
        Map<String, Integer> nice = new TreeMap<>();
        try (Stream<Path> threads = Files.list(Path.of("/proc", String.valueOf(server()), "task"))) {
            for (Path thread : threads.toList()) {
                String name = Files.readString(thread.resolve("comm")).strip();
                // proc(5): nice is the 19th value; the second, the name in brackets, may hold spaces.
                String stat = Files.readString(thread.resolve("stat"));
                String[] values = stat.substring(stat.lastIndexOf(')') + 2).split(" ");
                nice.merge(name.replaceAll("-\\d+$", ""), Integer.valueOf(values[16]), Math::max);
            }
        }
        require(nice.getOrDefault("hand", 0) == 10, "What is computed long has the nice value " + nice.get("hand"));
        // Tomcat's own for tidying up has the least priority by itself.
        nice.keySet().removeAll(Set.of("hand", "stage", "Catalina-utilit"));
        require(nice.values().stream().allMatch(value -> value <= 0), "Others give way as well: " + nice);
        return "what is computed long has the nice value 10, nothing else has one above 0";
    }

    private String rights() throws Exception {
        String id = sql("select gen_random_uuid()");
        sql(
                "insert into account (id, email, name, password_hash) select '" + id
                        + "', 'viewer@reedlight.example', 'Moss', password_hash from account where email = 'host@reedlight.example'");
        sql(
                "insert into membership select workspace_id, '" + id
                        + "', 'VIEWER' from membership m join account a on a.id = m.account_id where a.email = 'host@reedlight.example'");
        Caller viewer = Caller.signedIn(address, "viewer@reedlight.example");
        require(viewer.edit(theme, "{\"edit\":\"rename\",\"name\":\"Mine\"}").status() == 403, "A viewer edits.");
        Answer clip = viewer.post("/api/themes/" + theme + "/pieces/band/films", CLIP);
        require(clip.status() == 403, "A viewer starts clips: " + clip.status() + " " + clip.start());
        require(!viewer.get("/api/themes/" + host.demo() + "/ledger").body().contains("/o/"), "A viewer sees links.");
        BlockingQueue<String> heard = new LinkedBlockingQueue<>();
        WebSocket socket = viewer.socket("/live/editor", heard);
        sql("delete from membership where account_id = '" + id + "'");
        socket.sendText(
                        "{\"type\":\"watchScene\",\"feed\":\"a\",\"theme\":\"" + theme
                                + "\",\"scene\":\"hide\",\"canvas\":\"wide\",\"part\":\"WHOLE\",\"source\":\"DRAFT\",\"epoch\":\"\",\"number\":-1,\"hash\":\"\"}",
                        true)
                .join();
        String answer = heard.poll(5, TimeUnit.SECONDS);
        require(
                answer == null || answer.contains("error") || answer.startsWith("closed"),
                "A removed member's socket opens a feed: " + answer);
        require(viewer.get("/api/themes").status() >= 400, "A removed member reads the shelf.");
        return "a viewer neither edits nor starts clips nor sees links; a removed member's socket hears nothing";
    }

    private String links() throws IOException {
        Matcher link = Pattern.compile("/o/([A-Za-z0-9_-]{43})")
                .matcher(host.get("/api/themes/" + host.demo() + "/ledger").body());
        require(link.find(), "The demo has no link.");
        String token = link.group(1);
        Caller nobody = Caller.unknown(address);
        Answer page = nobody.get("/o/" + token);
        require(page.status() == 200 && page.header("Set-Cookie").isEmpty(), "The outlet page sets a cookie.");
        String letters = "ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789-_";
        char other = letters.charAt(letters.indexOf(token.charAt(42)) ^ 1);
        require(
                nobody.get("/o/" + token.substring(0, 42) + other).status() == 404,
                "Another spelling of the same token opens the page.");
        Path log = Path.of(data).resolveSibling("server.log");
        require(!Files.exists(log) || !Files.readString(log).contains(token), "The log names a token.");
        return "no cookie, one spelling of each token, none in the log";
    }

    private String database() throws Exception {
        Process open = new ProcessBuilder(
                        "bash",
                        "-c",
                        ". bin/lib/common.sh; exec \"$(postgres_bin)/psql\" -w -h 127.0.0.1 -p \"$1\" -U postgres -d brandeon -c 'select 1'",
                        "_",
                        port)
                .redirectErrorStream(true)
                .start();
        String said = new String(open.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        require(
                open.waitFor() != 0 && (said.contains("password") || said.contains("fe_sendauth")),
                "Anybody gets in: " + said);
        require(
                sql("select rolsuper or rolcreatedb or rolcreaterole from pg_roles where rolname = 'brandeon'")
                        .equals("f"),
                "The application's role may do more than it needs.");
        require(sql("show listen_addresses").equals("127.0.0.1"), "It listens on " + sql("show listen_addresses"));
        require(
                sql("select count(*) from pg_hba_file_rules where auth_method <> 'scram-sha-256'")
                        .equals("0"),
                "Some get in without a password.");
        return "scram-sha-256 for all, loopback only, the application is no superuser";
    }

    private String vectors() {
        StringBuilder nested = new StringBuilder(
                "<svg xmlns='http://www.w3.org/2000/svg' width='100' height='100'><defs><g id='a0'><rect width='9' height='9'/></g>");
        for (int i = 1; i < 30; i++) {
            nested.append("<g id='a")
                    .append(i)
                    .append("'>")
                    .append(("<use href='#a" + (i - 1) + "'/>").repeat(10))
                    .append("</g>");
        }
        String stops = IntStream.range(0, 200_000)
                .mapToObj(i -> "<stop offset='" + i / 200_000.0 + "'/>")
                .reduce(new StringBuilder(), StringBuilder::append, StringBuilder::append)
                .toString();
        String[] bombs = {
            nested.append("</defs><use href='#a29'/></svg>").toString(),
            "<!DOCTYPE svg [<!ENTITY a 'aaaaaaaaaa'><!ENTITY b '&a;&a;&a;&a;&a;&a;&a;&a;'>]><svg xmlns='http://www.w3.org/2000/svg'><text>&b;</text></svg>",
            "<svg xmlns='http://www.w3.org/2000/svg' width='100' height='100'><defs><linearGradient id='g'>" + stops
                    + "</linearGradient></defs><rect width='100' height='100' fill='url(#g)'/></svg>",
            "<svg xmlns='http://www.w3.org/2000/svg' width='8192' height='4096'><defs><filter id='f' x='-9999' y='-9999' width='99999' height='99999'><feGaussianBlur stdDeviation='4000'/></filter></defs>"
                    + "<rect width='8192' height='4096' filter='url(#f)'/>".repeat(200) + "</svg>"
        };
        long slowest = 0;
        StringBuilder each = new StringBuilder();
        for (String bomb : bombs) {
            long from = System.nanoTime();
            Answer answer = host.file(
                    "/api/themes/" + theme + "/artworks?name=bomb.svg", bomb.getBytes(StandardCharsets.UTF_8));
            long millis = (System.nanoTime() - from) / 1_000_000;
            slowest = Math.max(slowest, millis);
            each.append(answer.status())
                    .append(" after ")
                    .append(millis)
                    .append(" ms ")
                    .append(answer.status() == 201 ? "" : answer.start())
                    .append("; ");
            require(answer.status() < 500, "A drawing got " + answer.status());
        }
        require(slowest < 4000, "One took too long: " + each);
        return String.format(Locale.ROOT, "%d drawings, the slowest answer after %d ms", bombs.length, slowest);
    }

    private String nonsense() {
        String before = host.get("/api/themes/" + theme).body().replaceAll("\"version\":\\d+", "");
        String[] edits = {
            "{\"edit\":\"setSeeds\",\"seeds\":[null]}",
            "{\"edit\":\"rename\",\"name\":null}",
            "{\"edit\":\"rename\",\"name\":\"\\ud800\"}",
            "{\"edit\":\"rename\",\"name\":\"a\\u0000b\"}",
            "{\"edit\":\"batch\",\"edits\":[null]}",
            "{\"edit\":\"setPin\",\"role\":\"NONE\",\"colour\":\"#ffffff\"}",
            "{\"edit\":\"setContent\",\"piece\":\"" + "p".repeat(5000) + "\",\"field\":\"message\",\"value\":\"\"}",
            "{\"edit\":\"setFigure\",\"piece\":\"band\",\"field\":\"x\",\"value\":1e999}",
            "{\"edit\":\"setCorner\",\"corner\":\"NaN\"}",
            "{\"edit\":\"setRecolouring\",\"artwork\":\"lie\",\"recolouring\":{\"method\":\"SHIFT\",\"roles\":{\"99\":\"ACCENT\"},\"kept\":[-1]}}",
            "{\"edit\":\"setPieceCaptures\",\"piece\":\"band\",\"captures\":[null]}",
            "null",
            "[]",
            "{\"edit\":\"nothing\"}"
        };
        for (String edit : edits) {
            refused(host.edit(theme, edit), edit.length() > 60 ? edit.substring(0, 60) : edit);
        }
        require(
                host.get("/api/themes/" + theme)
                        .body()
                        .replaceAll("\"version\":\\d+", "")
                        .equals(before),
                "The theme changed.");
        return edits.length + " refused with 4xx, the theme as it was";
    }

    private String leftovers() throws Exception {
        String before = sql("select count(*) from file");
        for (int i = 0; i < 5; i++) {
            refused(
                    host.file(
                            "/api/themes/" + theme + "/artworks?name=x.png",
                            ("no picture " + i).getBytes(StandardCharsets.UTF_8)),
                    "What is no picture");
            refused(
                    host.file(
                            "/api/themes/" + theme + "/faces?name=x.ttf",
                            ("no font " + i).getBytes(StandardCharsets.UTF_8)),
                    "What is no font");
        }
        refused(
                host.file(
                        "/api/themes/" + theme + "/artworks?name=" + "x".repeat(300), png(picture(30, 30, Color.BLUE))),
                "A name of 300 letters");
        require(sql("select count(*) from file").equals(before), "A refused file is kept.");
        return "nothing of 11 refused files is in the database";
    }

    private String drop() throws Exception {
        String theme = host.post("/api/themes", "{\"name\":\"Three hundred\"}").word("id");
        String gesture = "one-drop";
        for (int i = 0; i < 300; i++) {
            Answer answer = host.file(
                    "/api/themes/" + theme + "/artworks?name=p" + i + ".png&gesture=" + gesture,
                    png(picture(24, 24, new Color(i % 256, 90, 200 - i / 2))));
            if (answer.status() == 429) {
                Thread.sleep(1000L * Math.max(1, Integer.parseInt(answer.header("Retry-After"))));
                i--;
                continue;
            }
            require(answer.status() == 201, "Picture " + i + " got " + answer.status() + ": " + answer.start());
        }
        int full = count(host.get("/api/themes/" + theme).body(), "\"clusters\"");
        require(host.post("/api/themes/" + theme + "/undo", "").status() == 200, "They cannot be undone.");
        int left = count(host.get("/api/themes/" + theme).body(), "\"clusters\"");
        require(full - left == 300, "One undo took " + (full - left) + " of them.");
        return "all taken, gone with one undo";
    }

    private String large() throws Exception {
        BufferedImage image = new BufferedImage(6000, 6000, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < 6000; y++) {
            for (int x = 0; x < 6000; x++) {
                image.setRGB(x, y, (x / 60 * 40503 ^ y / 60 * 60493) & 0xffffff);
            }
        }
        byte[] png = png(image);
        String theme = host.post("/api/themes", "{\"name\":\"Large\"}").word("id");
        long server = server();
        Path status = Path.of("/proc/" + server + "/status");
        Files.writeString(Path.of("/proc/" + server + "/clear_refs"), "5");
        long before = kilobytes(status, "VmRSS");
        long from = System.nanoTime();
        Answer answer = host.file("/api/themes/" + theme + "/artworks?name=large.png", png);
        double seconds = (System.nanoTime() - from) / 1e9;
        long more = kilobytes(status, "VmHWM") - before;
        require(answer.status() == 201, "It got " + answer.status() + ": " + answer.start());
        largeAt = "/api/themes/" + theme + "/artworks/" + answer.word("id");
        String seen = String.format(
                Locale.ROOT, "%.1f s, %d MB more at most (%d MB file)", seconds, more >> 10, png.length >> 20);
        require(seconds < 4 && more < 1 << 20, seen);
        return seen;
    }

    private String painters() throws Exception {
        require(!largeAt.isEmpty(), "There is no large picture.");
        Path status = Path.of("/proc/" + server() + "/status");
        Files.writeString(Path.of("/proc/" + server() + "/clear_refs"), "5");
        long before = kilobytes(status, "VmRSS");
        long from = System.nanoTime();
        List<CompletableFuture<Answer>> all = IntStream.range(0, 8)
                .mapToObj(
                        i -> CompletableFuture.supplyAsync(() -> host.get(largeAt + "/after?width=" + (500 + 100 * i))))
                .toList();
        for (CompletableFuture<Answer> one : all) {
            require(
                    one.get().status() == 200,
                    "One got " + one.get().status() + ": " + one.get().start());
        }
        double seconds = (System.nanoTime() - from) / 1e9;
        long more = kilobytes(status, "VmHWM") - before;
        String seen = String.format(
                Locale.ROOT, "all eight sizes after %.1f s, %d MB more at most", seconds, Math.max(0, more) >> 10);
        require(more < 1 << 20, seen);
        return seen;
    }

    private String databaseGone() throws Exception {
        Process pid = new ProcessBuilder(
                        "bash",
                        "-c",
                        ". bin/lib/common.sh; as_postgres head -n 1 \"$1/data/postmaster.pid\"",
                        "_",
                        data)
                .start();
        long postmaster =
                Long.parseLong(new String(pid.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip());
        ProcessHandle.of(postmaster).orElseThrow().destroyForcibly();
        long slowest = 0;
        int away = 0;
        long until = System.nanoTime() + Duration.ofSeconds(90).toNanos();
        while (System.nanoTime() < until) {
            long from = System.nanoTime();
            Answer answer = host.get("/api/themes");
            slowest = Math.max(slowest, (System.nanoTime() - from) / 1_000_000);
            if (answer.status() == 200 && away > 0) {
                return String.format(
                        Locale.ROOT, "503 %d times, at most after %d ms, then back by itself", away, slowest);
            }
            if (answer.status() != 200) {
                require(
                        answer.status() == 503 && !answer.body().contains("SQL"),
                        "It got " + answer.status() + ": " + answer.start());
                away++;
            }
            Thread.sleep(200);
        }
        throw new Broken("It did not come back within 90 s.");
    }

    private String applicationGone() throws Exception {
        long server = server();
        ProcessHandle.of(server).orElseThrow().destroyForcibly();
        long from = System.nanoTime();
        while (System.nanoTime() - from < Duration.ofSeconds(90).toNanos()) {
            Thread.sleep(250);
            try {
                if (Caller.signedIn(address, "host@reedlight.example")
                                .get("/api/themes")
                                .status()
                        == 200) {
                    return String.format(Locale.ROOT, "back after %.1f s", (System.nanoTime() - from) / 1e9);
                }
            } catch (UncheckedIOException e) {
                // Not yet.
            }
        }
        throw new Broken("It did not come back within 90 s.");
    }

    private String limits() {
        Caller nobody = Caller.unknown(address);
        nobody.get("/api/session");
        for (int i = 1; i <= 200; i++) {
            Answer answer = nobody.post(
                    "/api/session",
                    "{\"email\":\"stranger@reedlight.example\",\"password\":\"guess " + i + "\",\"standing\":false}");
            if (answer.status() == 429) {
                require(
                        !answer.header("Retry-After").isEmpty() && answer.body().contains("detail"),
                        "429 does not say when to come again.");
                return "the " + i + "th wrong password is not even looked at, with Retry-After and a sentence";
            }
        }
        throw new Broken("200 passwords could be tried.");
    }

    /** The application's process: the one Java that bin/start has started. */
    private long server() {
        return ProcessHandle.of(starter)
                .orElseThrow()
                .descendants()
                .filter(one -> one.info().command().orElse("").endsWith("/java"))
                .findFirst()
                .orElseThrow(() -> new Broken("There is no server."))
                .pid();
    }

    private String sql(String statement) throws IOException, InterruptedException {
        Process psql = new ProcessBuilder(
                        "bash", "-c", ". bin/lib/common.sh; admin_sql \"$1\" \"$2\" brandeon -A -t", "_", data, port)
                .redirectErrorStream(true)
                .start();
        try (OutputStream in = psql.getOutputStream()) {
            in.write((statement + ";\n").getBytes(StandardCharsets.UTF_8));
        }
        String said = new String(psql.getInputStream().readAllBytes(), StandardCharsets.UTF_8).strip();
        require(psql.waitFor() == 0, said);
        return said;
    }

    private static long kilobytes(Path status, String name) throws IOException {
        return Files.readAllLines(status).stream()
                .filter(line -> line.startsWith(name + ":"))
                .mapToLong(line -> Long.parseLong(line.replaceAll("\\D", "")))
                .findFirst()
                .orElseThrow();
    }

    private static int count(String text, String part) {
        return (text.length() - text.replace(part, "").length()) / part.length();
    }

    private static BufferedImage picture(int width, int height, Color colour) {
        BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        var graphics = image.createGraphics();
        graphics.setColor(colour);
        graphics.fillRect(0, 0, width, height);
        return image;
    }

    private static byte[] png(BufferedImage image) throws IOException {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        ImageIO.write(image, "png", bytes);
        return bytes.toByteArray();
    }
}
