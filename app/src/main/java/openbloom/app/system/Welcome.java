package openbloom.app.system;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/** Says where the studio can be reached once it is up. */
@Component
class Welcome {
    private static final Logger LOG = LoggerFactory.getLogger(Welcome.class);

    @EventListener
    void started(WebServerInitializedEvent event) {
        LOG.info("Open Bloom is at http://localhost:{}", event.getWebServer().getPort());
    }
}
