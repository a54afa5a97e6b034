package openbloom.app.studio;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Lets a program in with {@code Authorization: Bearer …}. It stands in the chain of the programs' interface and nowhere else. */
final class TokenFilter extends OncePerRequestFilter {
    private static final String BEARER = "Bearer ";
    private static final int LONGEST_TOKEN = 100;

    private final ApiTokens tokens;
    private final GuessGuard guard;
    private final Set<ApiScope> scopes;
    private final ProblemEntryPoint refused = new ProblemEntryPoint();

    /** @param scopes with which a token opens what is behind it */
    TokenFilter(ApiTokens tokens, GuessGuard guard, Set<ApiScope> scopes) {
        this.scopes = scopes;
        this.tokens = tokens;
        this.guard = guard;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String header = Optional.ofNullable(request.getHeader(HttpHeaders.AUTHORIZATION))
                .orElse("");
        if (!header.startsWith(BEARER)) {
            chain.doFilter(request, response);
            return;
        }
        Optional<ApiTokens.Program> program =
                opened(header.substring(BEARER.length()).strip(), request);
        if (program.isEmpty()) {
            refused.commence(request, response, new BadCredentialsException("no such token"));
            return;
        }
        if (!scopes.contains(program.get().scope())) {
            ProblemEntryPoint.forbid(response, "This token was not made for that. Make one for everything.");
            return;
        }
        if (!program.get().scope().allows(request.getMethod())) {
            ProblemEntryPoint.forbid(
                    response, "This token was made for looking up alone. Make one that may calculate.");
            return;
        }
        SignedIn who = program.get().who();
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(who, null, who.getAuthorities()));
        SecurityContextHolder.setContext(context);
        chain.doFilter(request, response);
    }

    private Optional<ApiTokens.Program> opened(String token, HttpServletRequest request) {
        String address = request.getRemoteAddr();
        if (guard.mustWait(address) || token.length() > LONGEST_TOKEN) {
            return Optional.empty();
        }
        Optional<ApiTokens.Program> program = tokens.opened(token);
        if (program.isEmpty()) {
            guard.wrong(address);
        }
        return program;
    }
}
