package openbloom.app.studio;

import jakarta.servlet.http.HttpServletRequest;
import java.util.EnumSet;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.security.autoconfigure.actuate.web.servlet.EndpointRequest;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.method.configuration.EnableMethodSecurity;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.Authentication;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.www.BasicAuthenticationFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.header.writers.StaticHeadersWriter;

/** Pages are signed in to with a form and a session; the programs' interface with HTTP Basic and none. */
@Configuration
@EnableMethodSecurity
class WebSecurity {
    private final OpenSessions sessions;
    private final ApiTokens tokens;
    private final GuessGuard guard;
    private final SignIns signIns;
    private final Begins begins;
    private final SecondFactor factors;

    WebSecurity(
            OpenSessions sessions,
            ApiTokens tokens,
            GuessGuard guard,
            SignIns signIns,
            Begins begins,
            SecondFactor factors) {
        this.signIns = signIns;
        this.begins = begins;
        this.factors = factors;
        this.tokens = tokens;
        this.guard = guard;
        this.sessions = sessions;
    }

    private static final String CONTENT_SECURITY_POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data:; font-src 'self';"
                    + " connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";
    private static final String[] OPEN = {
        "/sign-in",
        "/first",
        "/join/*",
        "/error",
        "/webjars/**",
        "/css/**",
        "/js/**",
        "/fonts/**",
        "/favicon.svg",
        "/explained/*/picture.*"
    };

    /** What whoever has given her password and not her code may open. */
    private static final List<String> OPEN_TO_HALF =
            List.of("/sign-in", "/sign-out", "/error", "/webjars/**", "/css/**", "/js/**", "/fonts/**", "/favicon.svg");

    /** What everybody may send: her own settings. */
    private static final String[] HER_OWN = {
        "/studio/password",
        "/studio/keys",
        "/studio/tour",
        "/studio/tokens",
        "/studio/tokens/*/take-back",
        "/studio/sign-ins",
        SecondFactorGate.CODE,
        SecondFactorGate.SETTINGS,
        SecondFactorGate.SETTINGS + "/recovery-codes",
        SecondFactorGate.SETTINGS + "/off"
    };

    /** Whatever is sent changes something, but for drawings of what is typed so far. */
    private static boolean changes(HttpServletRequest request) {
        boolean sent = !List.of("GET", "HEAD", "OPTIONS").contains(request.getMethod());
        return sent && !request.getRequestURI().endsWith("/look");
    }

    @Bean
    @Order(1)
    SecurityFilterChain otherPrograms(HttpSecurity http) throws Exception {
        return withHeaders(http)
                .securityMatcher("/api/**")
                .authorizeHttpRequests(requests -> requests.anyRequest().authenticated())
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .csrf(csrf -> csrf.disable())
                .addFilterBefore(
                        new TokenFilter(tokens, guard, EnumSet.allOf(ApiScope.class)), BasicAuthenticationFilter.class)
                .addFilterAfter(new PasswordAloneFilter(factors), BasicAuthenticationFilter.class)
                .httpBasic(basic -> basic.authenticationEntryPoint(new ProblemEntryPoint()))
                .build();
    }

    /** Whoever has the address of her page or her calendar may open it; it is told to nobody else, and kept nowhere on the way. */
    @Bean
    @Order(2)
    SecurityFilterChain herOwn(HttpSecurity http) throws Exception {
        return http.securityMatcher("/home/**", "/calendar/**")
                .headers(headers -> headers.contentSecurityPolicy(
                                policy -> policy.policyDirectives(CONTENT_SECURITY_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER))
                        .addHeaderWriter(new StaticHeadersWriter("X-Robots-Tag", "noindex, nofollow"))
                        .frameOptions(Customizer.withDefaults()))
                .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .csrf(csrf -> csrf.disable())
                .build();
    }

    /** What the operator of this machine asks; it asks for a secret of its own. */
    @Bean
    @Order(3)
    SecurityFilterChain operator(HttpSecurity http) throws Exception {
        return withHeaders(http)
                .securityMatcher("/operator/**")
                .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .csrf(csrf -> csrf.disable())
                .build();
    }

    /** How the installation does, for the program that watches over it: with a token that an owner has made. */
    @Bean
    @Order(4)
    SecurityFilterChain watching(HttpSecurity http) throws Exception {
        return withHeaders(http)
                .securityMatcher(EndpointRequest.to("metrics", "prometheus"))
                .authorizeHttpRequests(requests -> requests.anyRequest().hasRole("OWNER"))
                .sessionManagement(session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .csrf(csrf -> csrf.disable())
                .addFilterBefore(
                        new TokenFilter(tokens, guard, EnumSet.of(ApiScope.EVERYTHING)),
                        BasicAuthenticationFilter.class)
                .exceptionHandling(refused -> refused.authenticationEntryPoint(new ProblemEntryPoint()))
                .build();
    }

    @Bean
    @Order(5)
    SecurityFilterChain pages(HttpSecurity http) throws Exception {
        SecondFactorGate gate = new SecondFactorGate(factors, OPEN_TO_HALF);
        return withHeaders(http)
                .authorizeHttpRequests(requests -> requests.requestMatchers(OPEN)
                        .permitAll()
                        .requestMatchers(EndpointRequest.to("health"))
                        .permitAll()
                        .requestMatchers(HttpMethod.POST, HER_OWN)
                        .authenticated()
                        .requestMatchers(WebSecurity::changes)
                        .hasRole("INSTRUCTOR")
                        .anyRequest()
                        .authenticated())
                .formLogin(form -> form.loginPage("/sign-in")
                        .usernameParameter("email")
                        .successHandler(begins)
                        .failureHandler((request, response, refused) -> response.sendRedirect(
                                refused instanceof TooManyTries ? "/sign-in?wait" : "/sign-in?error"))
                        .permitAll())
                .addFilterBefore(sessions, AuthorizationFilter.class)
                .addFilterAfter(gate, OpenSessions.class)
                .logout(out -> out.addLogoutHandler((request, response, who) -> ends(request, who))
                        .logoutUrl("/sign-out")
                        .logoutSuccessUrl("/sign-in?out"))
                .build();
    }

    private void ends(HttpServletRequest request, @Nullable Authentication who) {
        if (who != null && who.getPrincipal() instanceof SignedIn her) {
            signIns.end(her, request);
        }
    }

    private static HttpSecurity withHeaders(HttpSecurity http) throws Exception {
        return http.headers(
                headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_SECURITY_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN))
                        .frameOptions(Customizer.withDefaults()));
    }
}
