package brandeon.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.scheduling.annotation.EnableScheduling;

/**
 * The application: HTTP and WebSocket around the core, with everything kept in PostgreSQL. Accounts are ours, so
 * Spring makes up no user of its own.
 */
@SpringBootApplication(exclude = UserDetailsServiceAutoConfiguration.class)
@ConfigurationPropertiesScan
@EnableScheduling
public class BrandeonServer {

    static void main(String[] args) {
        System.setProperty("java.awt.headless", "true");
        SpringApplication.run(BrandeonServer.class, args);
    }
}
