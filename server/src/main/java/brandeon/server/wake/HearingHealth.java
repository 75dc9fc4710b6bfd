package brandeon.server.wake;

import org.springframework.boot.health.contributor.Health;
import org.springframework.boot.health.contributor.HealthIndicator;
import org.springframework.stereotype.Component;

/** A server that does not hear the others shows what is old; it must not be called well. */
@Component
class HearingHealth implements HealthIndicator {

    private final Wakes wakes;

    HearingHealth(Wakes wakes) {
        this.wakes = wakes;
    }

    @Override
    public Health health() {
        return wakes.hearing() ? Health.up().build() : Health.down().build();
    }
}
