package openbloom.app.system;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.web.util.ContentCachingResponseWrapper;
import org.thymeleaf.exceptions.TemplateEngineException;
import org.thymeleaf.spring6.view.ThymeleafView;

/**
 * A page is made of values that were read before, and written whole before it is sent: neither writing nor sending holds a
 * connection to the store, and of a page that cannot be written nothing is sent but a page that says so.
 */
public class WrittenPage extends ThymeleafView {
    private static final Logger LOG = LoggerFactory.getLogger(WrittenPage.class);

    @Override
    public void render(Map<String, ?> model, HttpServletRequest request, HttpServletResponse response)
            throws Exception {
        ContentCachingResponseWrapper written = new ContentCachingResponseWrapper(response);
        ReadTransactionPerRequest.end(request);
        try {
            super.render(model, request, written);
        } catch (TemplateEngineException broken) {
            LOG.error("The page {} cannot be written", withoutAKey(request.getRequestURI()), broken);
            response.reset();
            response.sendError(HttpStatus.UNPROCESSABLE_CONTENT.value());
            return;
        }
        written.copyBodyToResponse();
    }

    /** An address that opens a woman's own pages is a key: it stands in no log. */
    static String withoutAKey(String path) {
        return path.replaceFirst("^/(home|calendar)/.*", "/$1/…");
    }
}
