package brandeon.server.support;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.WebSocket;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.CompletionStage;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.locks.LockSupport;
import java.util.function.Predicate;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A live connection that remembers what it heard. */
public final class Ear implements WebSocket.Listener, AutoCloseable {

    private static final JsonMapper JSON = new JsonMapper();
    private static final Duration PATIENCE = Duration.ofSeconds(10);

    private final List<JsonNode> heard = new CopyOnWriteArrayList<>();
    private final StringBuilder part = new StringBuilder();
    private WebSocket socket;
    private volatile int closed;

    /** Opens the live channel of an outlet, by its link. */
    public static Ear outlet(String link) {
        return outlet(link, "");
    }

    /** @param more of the query of its address */
    public static Ear outlet(String link, String more) {
        URI uri = URI.create(link);
        String token = uri.getPath().substring("/o/".length());
        return open(HttpClient.newHttpClient(), "ws://" + uri.getAuthority() + "/live/outlet?token=" + token + more);
    }

    /** Opens the live channel of a desk of somebody with a pass, which they have shown. */
    public static Ear desk(String server, String token) {
        return open(HttpClient.newHttpClient(), server.replaceFirst("^http", "ws") + "/live/desk")
                .say("{\"type\":\"pass\",\"token\":\"" + token + "\"}");
    }

    /** Opens the live channel of somebody in the editor. */
    public static Ear editor(Person person) {
        return open(person.http(), person.address().replace("http", "ws") + "/live/editor");
    }

    private static Ear open(HttpClient http, String address) {
        Ear ear = new Ear();
        ear.socket =
                http.newWebSocketBuilder().buildAsync(URI.create(address), ear).join();
        return ear;
    }

    public Ear say(String message) {
        socket.sendText(message, true).join();
        return this;
    }

    /** Follows a show, and returns once that has come about: messages of one socket are taken in turn. */
    public Ear followsShow(String show) {
        return taken("{\"type\":\"followShow\",\"show\":\"" + show + "\"}");
    }

    /** Follows a theme, and returns once that has come about. */
    public Ear followsTheme(String theme) {
        return taken("{\"type\":\"followTheme\",\"theme\":\"" + theme + "\"}");
    }

    private Ear taken(String message) {
        say(message);
        say("{\"type\":\"time\",\"sent\":1}").await("time");
        return this;
    }

    /** As an outlet says how it is: seen by viewers or not, in some program, and still. */
    public Ear reports(int width, int height, String hash, boolean visible, String sound) {
        return reports(width, height, hash, visible, sound, "p1", 1);
    }

    /** @param loads how often it was loaded in that program within an hour */
    public Ear reports(int width, int height, String hash, boolean visible, String sound, String program, int loads) {
        return say("""
                {"type":"report","width":%d,"height":%d,"pixelRatio":1,"hash":"%s","visible":%s,"frames":0,"rate":0,
                "sound":"%s","program":"%s","loads":%d,"order":-1,"under":-1}""".formatted(width, height, hash, visible, sound, program, loads));
    }

    /** As an outlet of the right size for a wide canvas. */
    public Ear reports(boolean visible) {
        return reports(1920, 1080, "", visible, "UNTRIED");
    }

    /** As an outlet that has nothing yet. */
    public Ear watch() {
        return watch("", -1);
    }

    /** As an outlet that comes back. */
    public Ear watch(String epoch, long number) {
        return say("{\"type\":\"watch\",\"feed\":\"o\",\"epoch\":\"%s\",\"number\":%d,\"hash\":\"\"}"
                .formatted(epoch, number));
    }

    /** The first message that fits, waiting for it. */
    public JsonNode await(Predicate<JsonNode> wanted) {
        long end = System.nanoTime() + PATIENCE.toNanos();
        while (System.nanoTime() < end) {
            for (JsonNode message : heard) {
                if (wanted.test(message)) {
                    return message;
                }
            }
            LockSupport.parkNanos(2_000_000);
        }
        throw new AssertionError("Nothing fitting was heard in " + heard);
    }

    public JsonNode await(String type) {
        return await(message -> message.path("type").asString("").equals(type));
    }

    /** The code with which the server closed, waiting for it. */
    public int closed() {
        long end = System.nanoTime() + PATIENCE.toNanos();
        while (closed == 0 && System.nanoTime() < end) {
            LockSupport.parkNanos(2_000_000);
        }
        return closed;
    }

    public List<JsonNode> heard() {
        return List.copyOf(heard);
    }

    @Override
    public CompletionStage<?> onText(WebSocket from, CharSequence data, boolean last) {
        part.append(data);
        if (last) {
            heard.add(JSON.readTree(part.toString()));
            part.setLength(0);
        }
        from.request(1);
        return null;
    }

    @Override
    public CompletionStage<?> onClose(WebSocket from, int status, String reason) {
        closed = status;
        return null;
    }

    @Override
    public void close() {
        socket.abort();
    }
}
