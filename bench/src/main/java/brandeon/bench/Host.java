package brandeon.bench;

import brandeon.bench.Caller.Answer;

/** The demo's host, signed in to a running server; whatever is not answered well ends the measurement. */
final class Host {

    private final Caller caller;

    private Host(Caller caller) {
        this.caller = caller;
    }

    static Host signedIn(String address) {
        return new Host(Caller.signedIn(address, "host@reedlight.example"));
    }

    /** The id of the first theme on the shelf. */
    String theme() {
        return caller.get("/api/themes").word("id");
    }

    String call(String method, String path, String body) {
        return good(path, caller.call(method, path, body));
    }

    String sendFile(String path, byte[] file) {
        return good(path, caller.file(path, file));
    }

    String putFile(String path, byte[] file) {
        return good(path, caller.file("PUT", path, file));
    }

    private static String good(String path, Answer answer) {
        if (answer.status() >= 300) {
            throw new IllegalStateException(path + ": " + answer.body());
        }
        return answer.body();
    }
}
