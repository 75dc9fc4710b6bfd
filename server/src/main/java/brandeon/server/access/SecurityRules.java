package brandeon.server.access;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;

/** Who may call what. Outlets, inlets and pictures carry their own proof in the address. */
@Configuration
class SecurityRules {

    /** Scripts, styles and fonts only from here; overlays may be framed only by this server's own rig. */
    private static final String CONTENT_POLICY = "default-src 'self'; img-src 'self' data: blob:; style-src 'self' 'unsafe-inline'; "
            + "object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'self'";

    @Bean
    PasswordEncoder passwordEncoder() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }

    @Bean
    SecurityFilterChain rules(HttpSecurity http) throws Exception {
        return http
                .authorizeHttpRequests(paths -> paths
                        .requestMatchers("/api/session", "/api/openapi/**").permitAll()
                        .requestMatchers("/api/**", "/live/editor").authenticated()
                        .anyRequest().permitAll())
                .csrf(csrf -> csrf.spa().ignoringRequestMatchers("/inlets/**"))
                .headers(headers -> headers
                        .frameOptions(HeadersConfigurer.FrameOptionsConfig::sameOrigin)
                        .cacheControl(cache -> cache.disable())
                        .contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY)))
                .exceptionHandling(errors -> errors
                        .authenticationEntryPoint((_, response, _) -> answer(response, 401, "Not signed in", "Please sign in."))
                        .accessDeniedHandler((_, response, _) -> answer(response, 403, "Not allowed", "This request did not come from this page. Reload it and try again.")))
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .build();
    }

    private static void answer(HttpServletResponse response, int status, String title, String sentence) throws IOException {
        response.setStatus(status);
        response.setContentType("application/problem+json");
        response.setCharacterEncoding(StandardCharsets.UTF_8.name());
        response.getWriter().write("{\"type\":\"about:blank\",\"title\":\"%s\",\"status\":%d,\"detail\":\"%s\"}".formatted(title, status, sentence));
    }
}
