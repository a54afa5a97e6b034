package openbloom.app.system;

import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.thymeleaf.context.IExpressionContext;
import org.thymeleaf.linkbuilder.StandardLinkBuilder;

/**
 * Writes links as they stand. Only the files of other libraries are looked up, once each, for the version they ship with;
 * looking up every link of a page took most of the time of making it.
 */
final class PlainLinks extends StandardLinkBuilder {
    private static final String OTHERS_FILES = "/webjars/";
    private final Map<String, String> found = new ConcurrentHashMap<>();

    @Override
    protected String processLink(IExpressionContext context, String link) {
        return link.startsWith(OTHERS_FILES)
                ? found.computeIfAbsent(link, any -> super.processLink(context, any))
                : link;
    }
}
