package openbloom.app.store;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.MessageDigest;
import java.security.SecureRandom;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;

/**
 * A file beside the store that says at which port it is open and holds a secret: who may read it, the operator alone, may ask the
 * running application for a backup.
 */
@Component
class RunningMark {
    static final String NAME = "running";
    private static final Logger LOG = LoggerFactory.getLogger(RunningMark.class);

    private final String secret;
    private final Optional<Path> file;
    private final String address;

    RunningMark(
            @Value("${spring.datasource.url:}") String url,
            @Value("${bloom.home}") String home,
            @Value("${server.address:127.0.0.1}") String address) {
        byte[] random = new byte[16];
        new SecureRandom().nextBytes(random);
        this.secret = HexFormat.of().formatHex(random);
        this.file = url.startsWith("jdbc:h2:file:") ? Optional.of(Path.of(home).resolve(NAME)) : Optional.empty();
        this.address = address.equals("0.0.0.0") ? "127.0.0.1" : address;
    }

    /**
     * Where the running application is asked.
     *
     * @param address with its port
     */
    record Running(String address, String secret) {
        /** What stands in the file beside a store; empty if it is not running, or was killed and left nothing readable. */
        static Optional<Running> in(Path folder) {
            try {
                List<String> lines = Files.readAllLines(folder.resolve(NAME));
                return lines.size() == 2 ? Optional.of(new Running(lines.get(0), lines.get(1))) : Optional.empty();
            } catch (IOException none) {
                return Optional.empty();
            }
        }
    }

    boolean isSecret(String given) {
        return MessageDigest.isEqual(secret.getBytes(StandardCharsets.UTF_8), given.getBytes(StandardCharsets.UTF_8));
    }

    @EventListener
    void started(WebServerInitializedEvent event) {
        file.ifPresent(mark -> write(mark, address + ":" + event.getWebServer().getPort()));
    }

    private void write(Path mark, String where) {
        try {
            Files.deleteIfExists(mark);
            if (Files.getFileStore(mark.toAbsolutePath().getParent()).supportsFileAttributeView("posix")) {
                Files.createFile(
                        mark, PosixFilePermissions.asFileAttribute(PosixFilePermissions.fromString("rw-------")));
            }
            Files.write(mark, List.of(where, secret));
        } catch (IOException notWritten) {
            LOG.warn("{} could not be written: a backup can only be asked for while the studio is closed.", mark);
        }
    }

    @EventListener(ContextClosedEvent.class)
    void stopped() {
        file.ifPresent(mark -> {
            try {
                Files.deleteIfExists(mark);
            } catch (IOException left) {
                LOG.warn("{} could not be removed.", mark);
            }
        });
    }
}
