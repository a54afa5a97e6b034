package openbloom.app.system;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * A store that goes away before a page is reached, while it is looked up who is signed in, says so as {@link ErrorResponses} does
 * later on. No template: drawing a page would ask the store again.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class StoreAwayFilter extends OncePerRequestFilter {
    private static final Logger LOG = LoggerFactory.getLogger(StoreAwayFilter.class);
    private static final String RETRY_AFTER_S = "5";

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (DataAccessException | TransactionException away) {
            LOG.error("The store did not answer: {}", away.getMessage());
            if (response.isCommitted()) {
                throw away;
            }
            answer(request, response);
        }
    }

    private static void answer(HttpServletRequest request, HttpServletResponse response) throws IOException {
        response.reset();
        response.setStatus(HttpServletResponse.SC_SERVICE_UNAVAILABLE);
        response.setHeader(HttpHeaders.RETRY_AFTER, RETRY_AFTER_S);
        response.setCharacterEncoding(StandardCharsets.UTF_8);
        boolean api = request.getRequestURI().startsWith("/api/");
        response.setContentType(api ? MediaType.APPLICATION_PROBLEM_JSON_VALUE : MediaType.TEXT_PLAIN_VALUE);
        response.getWriter()
                .write(
                        api
                                ? "{\"status\":503,\"detail\":\"The store does not answer just now.\"}"
                                : "The store does not answer just now. Nothing was kept. Go back: what you typed is still there.");
    }
}
