package openbloom.app.audit;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import openbloom.app.studio.SignedIn;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.Ordered;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** One row for a page of a woman that was looked at, and for everything that was sent and kept. Parts of a page add none. */
@Component
class AuditInterceptor implements HandlerInterceptor {
    private static final Logger LOG = LoggerFactory.getLogger(AuditInterceptor.class);
    private static final int FIRST_REFUSAL = 400;
    /** What changes nothing but her own tour and keys. */
    private static final Set<String> OWN = Set.of("/studio/tour", "/studio/keys");

    /** What tells of every woman of the studio. */
    private static final Set<String> OF_EVERYBODY = Set.of("/studio/everything.zip", "/people/women.csv");

    private static final String WHO = AuditInterceptor.class.getName();

    private final Audit audit;

    AuditInterceptor(Audit audit) {
        this.audit = audit;
    }

    /** Who asks: whoever leaves or signs out with this very request is still named. */
    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        SignedIn.current().ifPresent(who -> request.setAttribute(WHO, who));
        return true;
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception broken) {
        if (broken != null
                || response.getStatus() >= FIRST_REFUSAL
                || !(request.getAttribute(WHO) instanceof SignedIn who)) {
            return;
        }
        String pattern = String.valueOf(request.getAttribute(HandlerMapping.BEST_MATCHING_PATTERN_ATTRIBUTE));
        Optional<Long> woman = woman(request);
        boolean ofWomen = woman.isPresent() || OF_EVERYBODY.contains(pattern);
        if (isSent(request) ? keeps(pattern) : ofWomen && isShown(request, response)) {
            AuditRow.Did did = isSent(request) ? AuditRow.Did.CHANGED : AuditRow.Did.SAW;
            try {
                audit.add(who, woman.orElse(null), did, page(pattern), request.getRemoteAddr());
            } catch (RuntimeException notKept) {
                LOG.error("A row of the audit could not be added: {} {}", did, page(pattern), notKept);
            }
        }
    }

    private static boolean isSent(HttpServletRequest request) {
        return !request.getMethod().equals("GET") && !request.getMethod().equals("HEAD");
    }

    /** A whole page; what only leads on to another shows nothing. */
    private static boolean isShown(HttpServletRequest request, HttpServletResponse response) {
        return request.getHeader("HX-Request") == null && response.getStatus() == HttpServletResponse.SC_OK;
    }

    /** Drawings of what is typed, calculations and signing in keep nothing. */
    private static boolean keeps(String pattern) {
        return !pattern.endsWith("/look")
                && !pattern.startsWith("/api/")
                && !pattern.endsWith("/sites")
                && !OWN.contains(pattern);
    }

    private static Optional<Long> woman(HttpServletRequest request) {
        Object variables = request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE);
        return variables instanceof Map<?, ?> map
                ? Optional.ofNullable(map.get("womanId"))
                        .map(String::valueOf)
                        .filter(number -> number.matches("\\d{1,18}"))
                        .map(Long::valueOf)
                : Optional.empty();
    }

    /** {@code checks/gap} of {@code /people/{womanId}/checks/gap}. */
    static String page(String pattern) {
        return pattern.replaceAll("^/people/\\{womanId[^/]*}/?", "").replaceAll("\\{([a-zA-Z]+)[^/]*}", "…");
    }

    /** Before every other: it comes last when the page is done, and holds no connection while another is held. */
    @Configuration
    static class Setup implements WebMvcConfigurer {
        private final AuditInterceptor audit;

        Setup(AuditInterceptor audit) {
            this.audit = audit;
        }

        @Override
        public void addInterceptors(InterceptorRegistry registry) {
            registry.addInterceptor(audit).order(Ordered.HIGHEST_PRECEDENCE);
        }
    }
}
