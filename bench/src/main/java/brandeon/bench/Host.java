package brandeon.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The demo's host, signed in to a running server. */
final class Host {

    private final String address;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient http = HttpClient.newBuilder().cookieHandler(cookies).build();

    private Host(String address) {
        this.address = address;
    }

    static Host signedIn(String address) {
        Host host = new Host(address);
        host.call("GET", "/api/session", "");
        host.call("POST", "/api/session", "{\"email\":\"host@reedlight.example\",\"password\":\"lantern-at-dusk\"}");
        return host;
    }

    /** The id of the first theme on the shelf. */
    String theme() {
        Matcher matcher = Pattern.compile("\"id\":\"([0-9a-f-]{36})\"").matcher(call("GET", "/api/themes", ""));
        if (!matcher.find()) {
            throw new IllegalStateException("The shelf is empty.");
        }
        return matcher.group(1);
    }

    String call(String method, String path, String body) {
        return send(path, "application/json", method, body.isEmpty() ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(body));
    }

    String sendFile(String path, byte[] file) {
        return send(path, "application/octet-stream", "POST", HttpRequest.BodyPublishers.ofByteArray(file));
    }

    private String send(String path, String type, String method, HttpRequest.BodyPublisher body) {
        HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path)).header("Content-Type", type).method(method, body);
        for (HttpCookie cookie : cookies.getCookieStore().getCookies()) {
            if (cookie.getName().equals("XSRF-TOKEN")) {
                request.header("X-XSRF-TOKEN", cookie.getValue());
            }
        }
        try {
            HttpResponse<String> answer = http.send(request.build(), HttpResponse.BodyHandlers.ofString());
            if (answer.statusCode() >= 300 && !path.equals("/api/session")) {
                throw new IllegalStateException(path + ": " + answer.body());
            }
            return answer.body();
        } catch (IOException e) {
            throw new IllegalStateException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
