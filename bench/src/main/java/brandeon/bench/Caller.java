package brandeon.bench;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpHeaders;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.WebSocket;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletionStage;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Somebody with a browser's cookies, who speaks to a running server over HTTP. */
final class Caller {

    /** What came back. */
    record Answer(int status, String body, HttpHeaders headers) {
        String header(String name) {
            return headers.firstValue(name).orElse("");
        }

        String start() {
            return body.substring(0, Math.min(200, body.length()));
        }

        /** The first value of this name in the answer. */
        String word(String name) {
            Matcher matcher = Pattern.compile("\"" + name + "\":\"([^\"]*)\"").matcher(body);
            if (!matcher.find()) {
                throw new IllegalStateException("No " + name + " in " + start());
            }
            return matcher.group(1);
        }
    }

    private final String address;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();

    private Caller(String address) {
        this.address = address;
    }

    static Caller unknown(String address) {
        return new Caller(address);
    }

    static Caller signedIn(String address, String email) {
        Caller caller = new Caller(address);
        caller.get("/api/session");
        Answer answer = caller.post(
                "/api/session", "{\"email\":\"" + email + "\",\"password\":\"lantern-at-dusk\",\"standing\":false}");
        if (answer.status() != 200) {
            throw new IllegalStateException(email + " cannot sign in: " + answer.start());
        }
        return caller;
    }

    String demo() {
        Matcher matcher = Pattern.compile("\"id\":\"([0-9a-f-]{36})\",\"name\":\"Reedlight Hide\"")
                .matcher(get("/api/themes").body());
        if (!matcher.find()) {
            throw new IllegalStateException("The demo is not on the shelf.");
        }
        return matcher.group(1);
    }

    Answer get(String path) {
        return send(request(path).build());
    }

    Answer post(String path, String body) {
        return call("POST", path, body);
    }

    Answer call(String method, String path, String body) {
        HttpRequest.BodyPublisher sent =
                body.isEmpty() ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body);
        return send(request(path)
                .header("Content-Type", "application/json")
                .method(method, sent)
                .build());
    }

    Answer file(String path, byte[] content) {
        return file("POST", path, content);
    }

    Answer file(String method, String path, byte[] content) {
        return send(request(path)
                .header("Content-Type", "application/octet-stream")
                .method(method, HttpRequest.BodyPublishers.ofByteArray(content))
                .build());
    }

    Answer edit(String theme, String edit) {
        return post("/api/themes/" + theme + "/edits", "{\"edit\":" + edit + ",\"gesture\":\"\"}");
    }

    HttpRequest.Builder request(String path) {
        HttpRequest.Builder request =
                HttpRequest.newBuilder(URI.create(address + path)).timeout(Duration.ofSeconds(60));
        for (HttpCookie cookie : cookies.getCookieStore().getCookies()) {
            if (cookie.getName().equals("XSRF-TOKEN")) {
                request.header("X-XSRF-TOKEN", cookie.getValue());
            }
        }
        return request;
    }

    Answer send(HttpRequest request) {
        try {
            HttpResponse<String> response =
                    http.send(request, HttpResponse.BodyHandlers.ofString(StandardCharsets.UTF_8));
            return new Answer(response.statusCode(), response.body(), response.headers());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    WebSocket socket(String path, BlockingQueue<String> heard) {
        String all = cookies.getCookieStore().getCookies().stream()
                .map(cookie -> cookie.getName() + "=" + cookie.getValue())
                .reduce("", (one, other) -> one.isEmpty() ? other : one + "; " + other);
        return http.newWebSocketBuilder()
                .header("Cookie", all)
                .header("Origin", address)
                .buildAsync(URI.create(address.replace("http:", "ws:") + path), new WebSocket.Listener() {
                    private final StringBuilder text = new StringBuilder();

                    @Override
                    public CompletionStage<?> onText(WebSocket socket, CharSequence part, boolean last) {
                        text.append(part);
                        if (last) {
                            heard.add(text.toString());
                            text.setLength(0);
                        }
                        socket.request(1);
                        return null;
                    }

                    @Override
                    public CompletionStage<?> onClose(WebSocket socket, int code, String reason) {
                        heard.add("closed " + code);
                        return null;
                    }
                })
                .join();
    }
}
