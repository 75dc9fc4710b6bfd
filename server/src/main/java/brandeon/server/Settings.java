package brandeon.server;

import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * What an operator can set.
 *
 * @param publicAddress where browsers reach this server, without a slash at the end; empty takes it from each request
 * @param networkAddress where other devices reach this server, when that is not the public address; empty when it
 *     listens to its own machine alone
 * @param demo          whether an empty database gets the demo
 * @param demoReset     whether the demo is put back as it was at this start
 * @param copies        the folder in which daily copies of workspaces are kept
 */
@ConfigurationProperties("brandeon")
public record Settings(
        @DefaultValue("") String publicAddress,
        @DefaultValue("") String networkAddress,
        @DefaultValue("true") boolean demo,
        @DefaultValue("false") boolean demoReset,
        @DefaultValue(".run/copies") String copies) {}
