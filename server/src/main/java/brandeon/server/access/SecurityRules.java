package brandeon.server.access;

import brandeon.server.problem.ProblemAnswer;
import brandeon.server.web.ContentPolicy;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.stream.Stream;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.header.HeaderWriter;
import org.springframework.security.web.header.writers.DelegatingRequestMatcherHeaderWriter;
import org.springframework.security.web.header.writers.StaticHeadersWriter;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.security.web.util.matcher.OrRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;

/** Who may call what. Outlets, inlets and pictures carry their own proof in the address, and know no session. */
@Configuration
class SecurityRules {

    /** What outlets, platforms and browsers ask for without anybody being signed in. */
    private static final String[] OPEN = {
        "/o/**",
        "/inlets/**",
        "/cues/**",
        "/tables/**",
        "/painted/**",
        "/sounds/**",
        "/pictures/**",
        "/fonts/**",
        "/fonts.css",
        "/assets/**",
        "/keeper.js",
        "/live/outlet",
        "/live/desk"
    };

    /**
     * The practice rig runs sources in a frame of another origin, so everybody may read what has its own proof. It is
     * said whoever asks: browsers keep what the editor was given, and give it to such a frame.
     */
    private static final HeaderWriter ANYBODY = new DelegatingRequestMatcherHeaderWriter(
            new OrRequestMatcher(Stream.of("/assets/**", "/fonts/**", "/painted/**", "/pictures/**", "/sounds/**")
                    .<RequestMatcher>map(PathPatternRequestMatcher.withDefaults()::matcher)
                    .toList()),
            new StaticHeadersWriter(HttpHeaders.ACCESS_CONTROL_ALLOW_ORIGIN, "*"));

    @Bean
    PasswordEncoder passwordEncoder() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }

    /** Neither session nor cookie. */
    @Bean
    @Order(1)
    SecurityFilterChain openRules(HttpSecurity http) throws Exception {
        return headers(http)
                .securityMatcher(OPEN)
                .authorizeHttpRequests(paths -> paths.anyRequest().permitAll())
                .headers(headers -> headers.addHeaderWriter(ANYBODY))
                .csrf(AbstractHttpConfigurer::disable)
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .securityContext(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .build();
    }

    @Bean
    @Order(2)
    SecurityFilterChain peopleRules(HttpSecurity http) throws Exception {
        return headers(http)
                .authorizeHttpRequests(paths -> paths.requestMatchers(
                                "/api/session", "/api/welcome", "/api/accounts", "/api/passwords", "/api/openapi/**")
                        .permitAll()
                        .requestMatchers(
                                "/api/recovery", "/api/recovery/*", "/api/session/passkey", "/api/session/passkey/*")
                        .permitAll()
                        .requestMatchers(HttpMethod.GET, "/api/invitations/*")
                        .permitAll()
                        .requestMatchers("/api/**", "/live/editor")
                        .authenticated()
                        .anyRequest()
                        .permitAll())
                .csrf(csrf -> csrf.spa())
                .exceptionHandling(errors -> errors.authenticationEntryPoint((_, response, _) -> ProblemAnswer.write(
                                response, HttpStatus.UNAUTHORIZED, "Not signed in", "Please sign in."))
                        .accessDeniedHandler((_, response, _) -> ProblemAnswer.write(
                                response,
                                HttpStatus.FORBIDDEN,
                                "Not allowed",
                                "This request did not come from this page. Reload it and try again.")))
                .formLogin(AbstractHttpConfigurer::disable)
                .httpBasic(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .build();
    }

    private static HttpSecurity headers(HttpSecurity http) throws Exception {
        return http.headers(headers -> headers.frameOptions(HeadersConfigurer.FrameOptionsConfig::sameOrigin)
                .cacheControl(cache -> cache.disable())
                .addHeaderWriter(SecurityRules::contentPolicy));
    }

    /** What says more exactly what it may do (files that people brought in) keeps its own policy. */
    private static void contentPolicy(HttpServletRequest request, HttpServletResponse response) {
        if (!response.containsHeader(ContentPolicy.HEADER)) {
            response.setHeader(ContentPolicy.HEADER, ContentPolicy.of(request));
        }
    }
}
