package zestbench.server.security;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.http.server.ServerHttpResponse;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.annotation.web.configurers.HeadersConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.provisioning.InMemoryUserDetailsManager;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.RequestRejectedHandler;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.web.cors.CorsConfiguration;
import org.springframework.web.cors.DefaultCorsProcessor;
import org.springframework.web.cors.UrlBasedCorsConfigurationSource;
import org.springframework.web.filter.CorsFilter;
import zestbench.server.Settings;
import zestbench.server.problem.ProblemWriter;

/**
 * Closed by default: a short list of static files and the door are open, everything else, whatever its path looks like, is
 * for devices that were let in. The bench goes by its own names only, and no other site may use it.
 */
@Configuration
class SecurityConfiguration {
    /** What has to load so that a device can ask to be let in. */
    private static final String[] SCREEN = {
        "/",
        "/index.html",
        "/favicon.ico",
        "/favicon.svg",
        "/manifest.json",
        "/sw.js",
        "/assets/**",
        "/calls/**",
        "/quick",
        "/units/**",
        "/truck",
        "/rules"
    };

    private static final String POLICY =
            "default-src 'self'; img-src 'self' data: blob:; style-src 'self' 'unsafe-inline';"
                    + " font-src 'self' data:; frame-ancestors 'none'; base-uri 'self'; form-action 'self'";

    private final ProblemWriter problems;

    SecurityConfiguration(ProblemWriter problems) {
        this.problems = problems;
    }

    @Bean
    SecurityFilterChain chain(HttpSecurity http, Settings settings, Devices devices, InnerPass inner, Attempts attempts)
            throws Exception {
        return http.authorizeHttpRequests(
                        rules -> rules.dispatcherTypeMatchers(DispatcherType.FORWARD, DispatcherType.ERROR)
                                .permitAll()
                                .requestMatchers(HttpMethod.GET, SCREEN)
                                .permitAll()
                                .requestMatchers(HttpMethod.PUT, AccessController.PATH)
                                .permitAll()
                                .requestMatchers(AccessController.CODE_PATH)
                                .hasAuthority(PassFilter.INNER)
                                .anyRequest()
                                .hasAuthority(PassFilter.DEVICE))
                .addFilter(foreignOrigins())
                .addFilterBefore(
                        new PassFilter(settings, devices, inner, attempts), AnonymousAuthenticationFilter.class)
                .addFilterAfter(new BodyLimits(problems), AuthorizationFilter.class)
                .exceptionHandling(e -> e.authenticationEntryPoint(this::refuse)
                        .accessDeniedHandler((request, response, denied) ->
                                problems.write(response, HttpStatus.FORBIDDEN, "That is for the bench itself.")))
                .csrf(AbstractHttpConfigurer::disable)
                .requestCache(AbstractHttpConfigurer::disable)
                .logout(AbstractHttpConfigurer::disable)
                .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .headers(h -> h.contentSecurityPolicy(p -> p.policyDirectives(POLICY))
                        .httpStrictTransportSecurity(HeadersConfigurer.HstsConfig::disable))
                .build();
    }

    private void refuse(HttpServletRequest request, HttpServletResponse response, AuthenticationException none)
            throws IOException {
        if (Boolean.TRUE.equals(request.getAttribute(PassFilter.SHUT))) {
            problems.write(response, HttpStatus.TOO_MANY_REQUESTS, AccessController.TOO_OFTEN);
        } else {
            problems.write(response, HttpStatus.UNAUTHORIZED, "This device has to be let in: give the access code.");
        }
    }

    /** Requests that another site's page makes are refused, each and every one. */
    private CorsFilter foreignOrigins() {
        UrlBasedCorsConfigurationSource nobody = new UrlBasedCorsConfigurationSource();
        nobody.registerCorsConfiguration("/**", new CorsConfiguration());
        CorsFilter filter = new CorsFilter(nobody);
        filter.setCorsProcessor(new DefaultCorsProcessor() {
            @Override
            protected void rejectRequest(ServerHttpResponse response) throws IOException {
                problems.write(response, HttpStatus.FORBIDDEN, "Another site may not use this bench.");
            }
        });
        return filter;
    }

    /** Paths in any disguise and names that are not the bench's own stop here. */
    @Bean
    HttpFirewall firewall(OwnNames names) {
        StrictHttpFirewall firewall = new StrictHttpFirewall();
        firewall.setAllowedHostnames(names::isOwn);
        return firewall;
    }

    @Bean
    RequestRejectedHandler rejected(OwnNames names) {
        return (request, response, reason) -> {
            if (names.isOwn(String.valueOf(request.getServerName()))) {
                problems.write(response, HttpStatus.BAD_REQUEST, "There is no such address on this bench.");
            } else {
                problems.write(response, HttpStatus.MISDIRECTED_REQUEST, "This bench does not go by that name.");
            }
        };
    }

    /** No accounts: a device's pass is all there is. */
    @Bean
    UserDetailsService nobody() {
        return new InMemoryUserDetailsManager();
    }
}
