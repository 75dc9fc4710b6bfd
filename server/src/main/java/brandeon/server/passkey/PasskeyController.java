package brandeon.server.passkey;

import brandeon.server.access.Accounts;
import brandeon.server.access.Members;
import brandeon.server.access.Sessions;
import brandeon.server.door.RateLimits;
import brandeon.server.problem.NotSignedIn;
import brandeon.server.problem.Refused;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Making passkeys, and signing in with one. */
@RestController
class PasskeyController {

    /** Of the session: what the next passkey is to sign. Each is good for one answer. */
    private static final String MAKING = "brandeon.passkey.making";

    private static final String SIGNING = "brandeon.passkey.signing";

    private static final String TOO_OLD = "The question that this answers is too old. Try again.";

    /** @param present the password as it is now */
    record PasskeyWish(String present) {}

    /**
     * What a browser is to have made.
     *
     * @param challenge URL-safe Base64, as all of these
     * @param known     passkeys that the account has here already
     * @param kinds     of keys, by their numbers in IANA's registry for COSE
     */
    record PasskeyQuestion(
            String challenge,
            String host,
            String userHandle,
            String email,
            String name,
            List<String> known,
            List<Long> kinds) {}

    record SigningQuestion(String challenge, String host) {}

    /** @param standing whether the session outlives the browser's closing */
    record PasskeySignIn(Passkeys.Signed signed, boolean standing) {}

    private final Passkeys passkeys;
    private final Members members;
    private final Sessions sessions;
    private final RateLimits limits;

    PasskeyController(Passkeys passkeys, Members members, Sessions sessions, RateLimits limits) {
        this.passkeys = passkeys;
        this.members = members;
        this.sessions = sessions;
        this.limits = limits;
    }

    @GetMapping("/api/account/passkeys")
    List<Passkeys.Passkey> all() {
        return passkeys.of(members.account());
    }

    /** Asks for a new one. */
    @PostMapping("/api/account/passkeys/challenge")
    PasskeyQuestion ask(@RequestBody PasskeyWish wish, HttpServletRequest request) {
        Accounts.Holder holder = passkeys.holder(members.account(), wish.present());
        Passkeys.Site site = site(request);
        return new PasskeyQuestion(
                challenge(request, MAKING),
                site.host(),
                PasskeyHolders.handle(holder.account()).toBase64UrlString(),
                holder.email(),
                holder.name(),
                passkeys.of(holder.account()).stream()
                        .filter(one -> one.host().equals(site.host()))
                        .map(Passkeys.Passkey::id)
                        .toList(),
                Passkeys.KINDS.stream().map(kind -> kind.getAlg().getValue()).toList());
    }

    /** Keeps the one that was asked for. */
    @PostMapping("/api/account/passkeys")
    @ResponseStatus(HttpStatus.CREATED)
    Passkeys.Passkey add(@RequestBody Passkeys.Made made, HttpServletRequest request) {
        UUID account = members.account();
        return passkeys.add(
                account, site(request), asked(request, MAKING).orElseThrow(() -> new Refused(TOO_OLD)), made);
    }

    @DeleteMapping("/api/account/passkeys/{passkey}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable String passkey) {
        passkeys.remove(members.account(), passkey);
    }

    @PostMapping("/api/session/passkey/challenge")
    SigningQuestion askToSign(HttpServletRequest request) {
        return new SigningQuestion(challenge(request, SIGNING), site(request).host());
    }

    @PostMapping("/api/session/passkey")
    Sessions.Session signIn(@RequestBody PasskeySignIn wish, HttpServletRequest request, HttpServletResponse response) {
        UUID account = passkeys.proved(
                site(request), asked(request, SIGNING).orElseThrow(() -> new NotSignedIn(TOO_OLD)), wish.signed());
        limits.back(RateLimits.Door.SIGN_IN_ADDRESS, request.getRemoteAddr());
        return sessions.begin(account, wish.standing(), request, response);
    }

    private static String challenge(HttpServletRequest request, String use) {
        String challenge = Bytes.random().toBase64UrlString();
        request.getSession().setAttribute(use, challenge);
        return challenge;
    }

    /** Empty when nothing was asked, or it was answered already. */
    private static Optional<Bytes> asked(HttpServletRequest request, String use) {
        HttpSession session = request.getSession(false);
        Object challenge = session == null ? null : session.getAttribute(use);
        if (challenge == null) {
            return Optional.empty();
        }
        session.removeAttribute(use);
        return Optional.of(Bytes.fromBase64(challenge.toString()));
    }

    private static Passkeys.Site site(HttpServletRequest request) {
        int port = request.getServerPort();
        return new Passkeys.Site(request.getServerName(), port == 80 || port == 443 ? "" : ":" + port);
    }
}
