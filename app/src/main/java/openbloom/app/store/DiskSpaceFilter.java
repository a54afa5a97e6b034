package openbloom.app.store;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import java.util.Set;
import java.util.function.LongSupplier;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Profile;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Refuses to write while the disk has no room left, before the store itself would run into it: reading goes on, and
 * writing goes on by itself once there is room again.
 */
@Component
@Profile("!demo")
@Order(0)
class DiskSpaceFilter extends OncePerRequestFilter {
    /** Below this a write could be cut off half-way; a recording of a day takes some megabytes. */
    static final long LEAST_BYTES = 8_000_000;

    static final int INSUFFICIENT_STORAGE = 507;

    /** Forms that write nothing. */
    private static final Set<String> ONLY_LOOKING = Set.of("look", "sites", "sign-in", "sign-out");

    private final LongSupplier free;

    @Autowired
    DiskSpaceFilter(@Value("${bloom.home}") String home) {
        this(() -> usable(Path.of(home)));
    }

    DiskSpaceFilter(LongSupplier free) {
        this.free = free;
    }

    private static long usable(Path folder) {
        try {
            return Files.getFileStore(folder).getUsableSpace();
        } catch (IOException unknown) {
            return Long.MAX_VALUE;
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        long coming = Math.max(0, request.getContentLengthLong());
        if (writes(request) && free.getAsLong() < LEAST_BYTES + coming) {
            response.sendError(INSUFFICIENT_STORAGE);
            return;
        }
        chain.doFilter(request, response);
    }

    private static boolean writes(HttpServletRequest request) {
        String path = Optional.ofNullable(request.getRequestURI()).orElse("");
        String last = path.substring(path.lastIndexOf('/') + 1);
        return request.getMethod().equals("POST") && !path.startsWith("/api/") && !ONLY_LOOKING.contains(last);
    }
}
