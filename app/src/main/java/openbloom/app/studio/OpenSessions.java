package openbloom.app.studio;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.io.IOException;
import java.util.Optional;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Looks at every request whether the session's account still has the password it was opened with; a session of an earlier
 * password has ended, and one that was ended from elsewhere. What the account and the studio say now takes the place of the session's copy.
 */
@Component
public class OpenSessions extends OncePerRequestFilter {
    private final Accounts accounts;
    private final SignIns signIns;
    private final HttpSessionSecurityContextRepository kept = new HttpSessionSecurityContextRepository();

    OpenSessions(Accounts accounts, SignIns signIns) {
        this.signIns = signIns;
        this.accounts = accounts;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication who = SecurityContextHolder.getContext().getAuthentication();
        if (who != null && who.getPrincipal() instanceof SignedIn me) {
            Optional<SignedIn> now = accounts.renewed(me).filter(her -> signIns.isOpen(her, request));
            if (now.isEmpty()) {
                end(request);
                response.sendRedirect("/sign-in?ended");
                return;
            }
            SecurityContextHolder.setContext(of(now.get()));
        }
        chain.doFilter(request, response);
    }

    private static void end(HttpServletRequest request) {
        SecurityContextHolder.clearContext();
        HttpSession session = request.getSession(false);
        if (session != null) {
            session.invalidate();
        }
    }

    /** This session goes on with the password just chosen. */
    void goOn(SignedIn me, HttpServletRequest request, HttpServletResponse response) {
        SecurityContext context =
                of((SignedIn) accounts.loadUserByUsername(me.account().email()));
        SecurityContextHolder.setContext(context);
        if (request.getSession(false) != null) {
            request.changeSessionId();
        }
        kept.saveContext(context, request, response);
    }

    private static SecurityContext of(SignedIn now) {
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(UsernamePasswordAuthenticationToken.authenticated(now, null, now.getAuthorities()));
        return context;
    }

    /** It stands in the chain of the pages and nowhere else. */
    @Configuration
    static class NotByItself {
        @Bean
        FilterRegistrationBean<OpenSessions> onlyInTheChainOfPages(OpenSessions sessions) {
            FilterRegistrationBean<OpenSessions> registration = new FilterRegistrationBean<>(sessions);
            registration.setEnabled(false);
            return registration;
        }
    }
}
