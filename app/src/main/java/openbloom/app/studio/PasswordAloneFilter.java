package openbloom.app.studio;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpHeaders;
import org.springframework.web.filter.OncePerRequestFilter;

/** A password opens the programs' interface to nobody who has a second factor: her programs come with a token. */
final class PasswordAloneFilter extends OncePerRequestFilter {
    private final SecondFactor factors;

    PasswordAloneFilter(SecondFactor factors) {
        this.factors = factors;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String header = request.getHeader(HttpHeaders.AUTHORIZATION);
        boolean byPassword = header != null && header.regionMatches(true, 0, "Basic ", 0, 6);
        boolean refused = byPassword
                && SignedIn.current()
                        .filter(her -> factors.since(her.accountId()).isPresent() || factors.isMissing(her))
                        .isPresent();
        if (refused) {
            ProblemEntryPoint.forbid(
                    response,
                    "This account has a second factor, or needs one: make a token for the program and sign in with it.");
        } else {
            chain.doFilter(request, response);
        }
    }
}
