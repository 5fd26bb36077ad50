package littlesummit.app.security;

import littlesummit.app.people.OpenClass;
import littlesummit.app.web.Problem;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;

/** Who may do what, before any feature is asked. */
@Configuration
class SecurityConfiguration {
    /** Nothing from other hosts; styles inline because KaTeX places its boxes by style attributes. */
    private static final String CONTENT_POLICY =
            "default-src 'self'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:;"
                    + " font-src 'self' data:; object-src 'none'; base-uri 'none'; frame-ancestors 'none'; form-action"
                    + " 'self'";

    @Bean
    SecurityFilterChain chain(HttpSecurity http, Pace pace) throws Exception {
        CsrfTokenRequestAttributeHandler eager = new CsrfTokenRequestAttributeHandler();
        eager.setCsrfRequestAttributeName(null);
        return http.csrf(csrf -> csrf.csrfTokenRepository(CookieCsrfTokenRepository.withHttpOnlyFalse())
                        .csrfTokenRequestHandler(eager)
                        // Stand-ins of other servers, in the demo alone: they know nobody by a session.
                        .ignoringRequestMatchers("/simulated/**"))
                .headers(h -> h.contentSecurityPolicy(c -> c.policyDirectives(CONTENT_POLICY))
                        .referrerPolicy(r -> {}))
                .authorizeHttpRequests(a -> a.requestMatchers(HttpMethod.POST, "/api/session")
                        .permitAll()
                        .requestMatchers(HttpMethod.GET, "/api/session")
                        .permitAll()
                        .requestMatchers(HttpMethod.DELETE, "/api/session")
                        .permitAll()
                        .requestMatchers(HttpMethod.POST, "/api/set-up")
                        .permitAll()
                        .requestMatchers(HttpMethod.GET, "/api/calendar/of/*")
                        .permitAll()
                        .requestMatchers("/api/openapi/**")
                        .hasRole("INSTRUCTOR")
                        .requestMatchers("/api/**")
                        .authenticated()
                        .anyRequest()
                        .permitAll())
                .addFilterAfter(pace, AuthorizationFilter.class)
                .addFilterAfter(new OpenClass(), Pace.class)
                .exceptionHandling(e -> e.authenticationEntryPoint((request, response, failure) -> Problem.unauthorized(
                                        "Sign in first. What you entered is kept.")
                                .write(response))
                        .accessDeniedHandler((request, response, failure) -> Problem.forbidden(
                                        "This page is out of date, or not open to you. Load it again.")
                                .write(response)))
                .securityContext(c -> c.securityContextRepository(contexts()))
                .requestCache(c -> c.disable())
                .formLogin(f -> f.disable())
                .httpBasic(b -> b.disable())
                .logout(l -> l.disable())
                .build();
    }

    @Bean
    SecurityContextRepository contexts() {
        return new HttpSessionSecurityContextRepository();
    }

    /** Whoever asks for sessions gets the calm ones. */
    @Bean
    static BeanPostProcessor calmSessions() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                return bean instanceof JdbcIndexedSessionRepository kept ? new CalmSessions<>(kept) : bean;
            }
        };
    }

    @Bean
    PasswordEncoder passwords(@Value("${summit.password-strength}") int strength) {
        return new LongPasswords(strength);
    }
}
