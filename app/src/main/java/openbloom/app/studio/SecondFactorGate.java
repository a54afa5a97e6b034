package openbloom.app.studio;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;
import org.springframework.security.web.util.matcher.OrRequestMatcher;
import org.springframework.security.web.util.matcher.RequestMatcher;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets nobody on who has given her password and not yet her code, and no owner who has to set up a second factor first. It stands in
 * the chain of the pages, after who is signed in is known.
 */
final class SecondFactorGate extends OncePerRequestFilter {
    static final String CODE = "/sign-in/code";
    static final String SETTINGS = "/studio/second-factor";
    private static final String WANTED = SecondFactorGate.class.getName();

    private final SecondFactor factors;
    private final RequestMatcher open;

    SecondFactorGate(SecondFactor factors, List<String> open) {
        this.factors = factors;
        this.open = new OrRequestMatcher(open.stream()
                .map(path -> (RequestMatcher) PathPatternRequestMatcher.pathPattern(path))
                .toList());
    }

    /** Her password was right: her code is wanted now. */
    static void wantCode(HttpServletRequest request) {
        request.getSession().setAttribute(WANTED, true);
    }

    static void codeGiven(HttpServletRequest request) {
        request.getSession().removeAttribute(WANTED);
    }

    static boolean wantsCode(HttpServletRequest request) {
        HttpSession session = request.getSession(false);
        return session != null && session.getAttribute(WANTED) != null;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Optional<String> first = open.matches(request) ? Optional.empty() : first(request);
        if (first.isEmpty()) {
            chain.doFilter(request, response);
        } else {
            response.sendRedirect(first.get());
        }
    }

    /** Where she has to go before anywhere else. */
    private Optional<String> first(HttpServletRequest request) {
        String path = request.getRequestURI();
        if (wantsCode(request)) {
            return path.equals(CODE) ? Optional.empty() : Optional.of(CODE);
        }
        boolean settingUp = path.equals(SETTINGS) || path.startsWith(SETTINGS + "/");
        return settingUp
                ? Optional.empty()
                : SignedIn.current().filter(factors::isMissing).map(her -> SETTINGS);
    }
}
