package brandeon.server.door;

import brandeon.core.pack.Json;
import org.springframework.boot.jackson.autoconfigure.JsonFactoryBuilderCustomizer;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** JSON from outside has no gaps in its lists, no control characters in its texts, and is neither deep nor long. */
@Configuration
class JsonDoor {

    @Bean
    JsonMapperBuilderCustomizer noSurprises() {
        return builder -> builder.addModule(Json.fromOutside()).changeDefaultNullHandling(Json::noGaps);
    }

    @Bean
    JsonFactoryBuilderCustomizer neitherDeepNorLong() {
        return builder -> builder.streamReadConstraints(Json.limits());
    }
}
