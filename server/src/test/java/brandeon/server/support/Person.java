package brandeon.server.support;

import brandeon.core.inlet.Signature;
import brandeon.core.platform.Profiles;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Somebody with a browser's cookies, who speaks to the server over HTTP. */
public final class Person {

    private static final JsonMapper JSON = new JsonMapper();

    /** What came back. */
    public record Answer(int status, String body, String type) {
        public JsonNode json() {
            return JSON.readTree(body);
        }

        public String detail() {
            return json().path("detail").asString("");
        }
    }

    private final String address;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();

    private Person(String address) {
        this.address = address;
    }

    public static Person unknown(String address) {
        return new Person(address);
    }

    public static Person signedIn(String address, String email, String password) {
        Person person = new Person(address);
        person.get("/api/session");
        Answer answer = person.post(
                "/api/session", "{\"email\":\"%s\",\"password\":\"%s\",\"standing\":false}".formatted(email, password));
        if (answer.status() != 200) {
            throw new IllegalStateException(answer.body());
        }
        return person;
    }

    /** A platform's profile as a document, as a workspace would write its own. */
    public static String elm() {
        return Profiles.write(Profiles.shipped().getFirst())
                .replace("\"alder\"", "\"elm\"")
                .replace("Alder", "Elm")
                .replace("alder.", "elm.")
                .replace("subscriber", "patron");
    }

    /** Lets the platform of a channel send a signal, signed with a secret that this person issues. */
    public void signals(String channel, String type, String data) {
        String inlet = get("/api/channels/" + channel + "/inlet")
                .json()
                .path("address")
                .asString();
        byte[] secret = HexFormat.of()
                .parseHex(post("/api/channels/" + channel + "/inlet/secret", "")
                        .json()
                        .path("secret")
                        .asString());
        String body = "{\"specversion\":\"1.0\",\"id\":\"%s\",\"source\":\"/test\",\"type\":\"%s\",\"data\":%s}"
                .formatted(UUID.randomUUID(), type, data);
        Answer answer = send(request(URI.create(inlet).getPath())
                .header("Content-Type", "application/cloudevents+json")
                .header(
                        "Brandeon-Signature",
                        "sha256="
                                + HexFormat.of()
                                        .formatHex(Signature.hmac(secret, body.getBytes(StandardCharsets.UTF_8))))
                .POST(HttpRequest.BodyPublishers.ofString(body))
                .build());
        if (answer.status() != 202) {
            throw new IllegalStateException(answer.body());
        }
    }

    public HttpClient http() {
        return http;
    }

    public String address() {
        return address;
    }

    public List<HttpCookie> cookies() {
        return cookies.getCookieStore().getCookies();
    }

    /** The same browser at another address of the same host, as when a proxy leads it to another server. */
    public Person at(String other) {
        Person there = new Person(other);
        cookies().forEach(cookie -> there.cookies.getCookieStore().add(URI.create(other), (HttpCookie) cookie.clone()));
        return there;
    }

    public Answer get(String path) {
        return send("GET", path, "", "application/json");
    }

    /** As a browser that opens a page. */
    public Answer open(String path) {
        return send("GET", path, "", "text/html");
    }

    public Answer post(String path, String body) {
        return send("POST", path, body, "application/json");
    }

    public Answer put(String path, String body) {
        return send("PUT", path, body, "application/json");
    }

    public Answer delete(String path) {
        return send("DELETE", path, "", "application/json");
    }

    /** An edit of a theme. */
    public Answer edit(String theme, String edit) {
        return edit(theme, edit, "");
    }

    public Answer edit(String theme, String edit, String gesture) {
        return post("/api/themes/" + theme + "/edits", "{\"edit\":" + edit + ",\"gesture\":\"" + gesture + "\"}");
    }

    /** Two scenes on canvases so small that whatever is painted of them takes no time. */
    public void startSmall(String theme) {
        post("/api/themes/" + theme + "/start", "{\"family\":\"\",\"roles\":[\"LIVE\",\"STARTING\"]}");
        edit(theme, canvas("wide", 320, 180));
        edit(theme, canvas("upright", 180, 320));
    }

    private static String canvas(String id, int width, int height) {
        return """
                {"edit":"setCanvas","canvas":{"id":"%1$s","name":"%1$s","size":{"width":%2$d,"height":%3$d},
                "frameRate":60,"safe":{"action":0.035,"graphics":0.05}}}""".formatted(id, width, height);
    }

    /** A cue to the show that a theme is made for. */
    public Answer cue(String theme, String cue) {
        return cue(theme, cue, "");
    }

    public Answer cue(String theme, String cue, String key) {
        return post("/api/shows/" + show(theme) + "/cues", "{\"cue\":" + cue + ",\"key\":\"" + key + "\"}");
    }

    /** The show that a theme is made for. */
    public String show(String theme) {
        return get("/api/themes/" + theme).json().path("show").asString();
    }

    /** A piece as it is added to a theme. @param content and figures as JSON objects */
    public static String piece(String id, String kind, String content, String figures) {
        return """
                {"edit":"addPiece","index":1000,"piece":{"id":"%s","kind":"%s","name":"%s","captures":[],"content":%s,
                "figures":%s,"inlay":null,"mustShow":false,"handsOff":false,"share":""}}""".formatted(id, kind, id, content, figures);
    }

    /**
     * Begins a theme with one scene, puts pieces onto it and the theme on air.
     *
     * @param pieces by their ids, as {@link #piece} has them
     * @return the link of that scene
     */
    public String onAir(String theme, String zone, Map<String, String> pieces) {
        post("/api/themes/" + theme + "/start", "{\"family\":\"\",\"roles\":[\"LIVE\"]}");
        String scene = get("/api/themes/" + theme)
                .json()
                .path("theme")
                .path("scenes")
                .get(0)
                .path("id")
                .asString();
        pieces.forEach((id, piece) -> {
            edit(theme, piece);
            edit(
                    theme,
                    "{\"edit\":\"place\",\"scene\":\"%s\",\"index\":1,\"placed\":%s}"
                            .formatted(scene, placed(id, zone)));
        });
        post("/api/themes/" + theme + "/on-air", "");
        return link(theme, scene, "wide", "WHOLE");
    }

    /** A piece in a zone, as it stands in a scene's stack. */
    public static String placed(String piece, String zone) {
        return """
                {"piece":"%s","spot":{"by":"zone","zone":"%s"},"corrections":{},"onCanvas":{},"hidden":[],"manner":{"turn":0,"mirrored":false,"flipped":false,"opacity":1,"blend":"NORMAL"},
                "manners":{},"content":{},"group":"","locked":false,"arrival":"AS_SCENE"}""".formatted(piece, zone);
    }

    /** The id of the demo theme. */
    public String demo() {
        for (JsonNode line : get("/api/themes").json()) {
            if (line.path("name").asString("").startsWith("Reedlight Hide")
                    && line.path("platform").asString("").equals("Alder")) {
                return line.path("id").asString();
            }
        }
        throw new IllegalStateException("The demo is not there.");
    }

    /** A new theme of one's own. */
    public String newTheme(String name) {
        return post("/api/themes", "{\"name\":\"" + name + "\"}")
                .json()
                .path("id")
                .asString();
    }

    /** The ledger's link for a part of a scene. */
    public String link(String theme, String scene, String canvas, String part) {
        for (JsonNode row : get("/api/themes/" + theme + "/ledger").json().path("rows")) {
            if (row.path("scene").asString().equals(scene)
                    && row.path("canvas").asString().equals(canvas)
                    && row.path("part").asString().equals(part)) {
                return row.path("link").asString();
            }
        }
        throw new IllegalStateException("There is no such row.");
    }

    public HttpRequest.Builder request(String path) {
        HttpRequest.Builder request =
                HttpRequest.newBuilder(URI.create(path.startsWith("http") ? path : address + path));
        for (HttpCookie cookie : cookies.getCookieStore().getCookies()) {
            if (cookie.getName().equals("XSRF-TOKEN")) {
                request.header("X-XSRF-TOKEN", cookie.getValue());
            }
        }
        return request;
    }

    public Answer send(HttpRequest request) {
        try {
            return answer(http.send(request, HttpResponse.BodyHandlers.ofString()));
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    /** A file. */
    public byte[] bytes(String path) {
        try {
            HttpResponse<byte[]> answer = http.send(request(path).build(), HttpResponse.BodyHandlers.ofByteArray());
            if (answer.statusCode() != 200) {
                throw new IllegalStateException(path + " answered " + answer.statusCode());
            }
            return answer.body();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    public CompletableFuture<Answer> later(HttpRequest request) {
        return http.sendAsync(request, HttpResponse.BodyHandlers.ofString()).thenApply(Person::answer);
    }

    private static Answer answer(HttpResponse<String> response) {
        return new Answer(
                response.statusCode(),
                response.body(),
                response.headers().firstValue("Content-Type").orElse(""));
    }

    private Answer send(String method, String path, String body, String accept) {
        return send(request(path)
                .header("Content-Type", "application/json")
                .header("Accept", accept)
                .method(
                        method,
                        body.isEmpty()
                                ? HttpRequest.BodyPublishers.noBody()
                                : HttpRequest.BodyPublishers.ofString(body))
                .build());
    }
}
