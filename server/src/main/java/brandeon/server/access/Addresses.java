package brandeon.server.access;

import brandeon.server.Settings;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** The address that links start with. */
@Component
public class Addresses {

    private final Settings settings;

    Addresses(Settings settings) {
        this.settings = settings;
    }

    /**
     * For links that are opened on another device: where this server is reached from the network, or else like
     * {@link #base}.
     */
    public String forOthers() {
        return settings.publicAddress().isEmpty() && !settings.networkAddress().isEmpty()
                ? settings.networkAddress()
                : base();
    }

    /** Scheme, host and port, without a slash at the end; must be called within a request. */
    public String base() {
        if (!settings.publicAddress().isEmpty()) {
            return settings.publicAddress();
        }
        return ServletUriComponentsBuilder.fromCurrentContextPath().build().toUriString();
    }
}
