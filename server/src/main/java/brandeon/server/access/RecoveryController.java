package brandeon.server.access;

import brandeon.core.problem.Mistake;
import brandeon.server.door.RateLimits;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Coming in again without a password. */
@RestController
class RecoveryController {

    private static final int LONGEST = 400;

    /** @param present the password as it is now */
    record PresentPassword(String present) {}

    record RecoveryCodes(List<String> codes) {}

    record ByCode(String email, String code, String password) {
        ByCode {
            if (email.length() > LONGEST || code.length() > LONGEST || password.length() > LONGEST) {
                throw new Mistake("This is too long.");
            }
        }
    }

    record ByLink(String password) {}

    /** @param name of the account that the link opens */
    record LinkView(String name) {}

    record IssueWish(UUID account) {}

    /** @param link for the person themselves; it works once, for a day */
    record IssuedLink(String link) {}

    private final Recoveries recoveries;
    private final Accounts accounts;
    private final Members members;
    private final Sessions sessions;
    private final RateLimits limits;

    RecoveryController(
            Recoveries recoveries, Accounts accounts, Members members, Sessions sessions, RateLimits limits) {
        this.recoveries = recoveries;
        this.accounts = accounts;
        this.members = members;
        this.sessions = sessions;
        this.limits = limits;
    }

    @GetMapping("/api/account/recovery")
    Recoveries.RecoveryState state() {
        return recoveries.of(members.account());
    }

    /** Fresh codes, shown this once; those from before do not work any more. */
    @PostMapping("/api/account/recovery/codes")
    RecoveryCodes codes(@RequestBody PresentPassword proof) {
        UUID account = members.account();
        accounts.confirm(account, proof.present());
        return new RecoveryCodes(recoveries.codes(account));
    }

    /** Another password by a code; signs in with it and ends every other session. */
    @PostMapping("/api/recovery")
    Sessions.Session byCode(@RequestBody ByCode wish, HttpServletRequest request, HttpServletResponse response) {
        String tried = wish.email().strip().toLowerCase(Locale.ROOT);
        limits.pass(RateLimits.Door.SIGN_IN_ACCOUNT, tried);
        UUID account = recoveries.byCode(wish.email(), wish.code(), wish.password());
        limits.free(RateLimits.Door.SIGN_IN_ACCOUNT, tried);
        return sessions.begin(account, false, request, response);
    }

    @GetMapping("/api/recovery/{token}")
    LinkView link(@PathVariable String token) {
        return new LinkView(recoveries.nameBehind(token));
    }

    /** The same by the steward's link. */
    @PostMapping("/api/recovery/{token}")
    Sessions.Session byLink(
            @PathVariable String token,
            @RequestBody ByLink wish,
            HttpServletRequest request,
            HttpServletResponse response) {
        return sessions.begin(recoveries.byLink(token, wish.password()), false, request, response);
    }

    /** All accounts of this installation, for its steward. */
    @GetMapping("/api/installation/accounts")
    List<Accounts.ListedAccount> all() {
        return accounts.all(members.account());
    }

    /** The steward lets somebody in again who lost their password. */
    @PostMapping("/api/installation/recoveries")
    @ResponseStatus(HttpStatus.CREATED)
    IssuedLink issue(@RequestBody IssueWish wish) {
        return new IssuedLink(recoveries.issue(members.account(), wish.account()));
    }
}
