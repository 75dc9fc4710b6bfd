package brandeon.server.socket;

import java.util.List;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.socket.config.annotation.EnableWebSocket;
import org.springframework.web.socket.config.annotation.WebSocketConfigurer;
import org.springframework.web.socket.config.annotation.WebSocketHandlerRegistry;
import org.springframework.web.socket.server.standard.ServletServerContainerFactoryBean;
import org.springframework.web.socket.server.support.HttpSessionHandshakeInterceptor;

@Configuration
@EnableWebSocket
class Sockets implements WebSocketConfigurer {

    private final LiveSocket live;

    Sockets(LiveSocket live) {
        this.live = live;
    }

    @Override
    public void registerWebSocketHandlers(WebSocketHandlerRegistry registry) {
        // Which session it is: it may end while the connection is being opened.
        registry.addHandler(live, "/live/editor").addInterceptors(new HttpSessionHandshakeInterceptor(List.of()));
        // A pass is its proof, shown in the first message.
        registry.addHandler(live, "/live/desk");
        // Its token is its proof; the practice rig runs outlets in frames of another origin.
        registry.addHandler(live, "/live/outlet").setAllowedOriginPatterns("*");
    }

    @Bean
    ServletServerContainerFactoryBean limits() {
        ServletServerContainerFactoryBean limits = new ServletServerContainerFactoryBean();
        // Kept for each connection; what pages say is short.
        limits.setMaxTextMessageBufferSize(16 * 1024);
        return limits;
    }
}
