package openbloom.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.channels.FileChannel;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.util.List;
import java.util.stream.Stream;
import javax.sql.DataSource;
import openbloom.app.studio.Accounts;
import openbloom.core.verdict.RuleBook;
import org.springframework.beans.factory.config.BeanPostProcessor;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.ApplicationListener;
import org.springframework.context.annotation.Bean;
import org.springframework.jdbc.core.JdbcTemplate;

/**
 * The demonstration is told once for all instances that the tests start: the first keeps what was told as a script, each other begins
 * with it. A script is only good for the classes it was made by.
 */
@TestConfiguration(proxyBeanMethods = false)
class KeptDemo {
    private static final Path FOLDER = Path.of("target", "kept-demo");

    /** Held by the instance that tells the stories; the others wait for what it keeps. */
    private static FileChannel telling;

    @Bean
    static BeanPostProcessor beginsWithWhatIsKept() {
        return new BeanPostProcessor() {
            @Override
            public Object postProcessAfterInitialization(Object bean, String name) {
                if (bean instanceof DataSource source && waitsForWhatIsKept()) {
                    new JdbcTemplate(source).execute("runscript from '" + script() + "'");
                }
                return bean;
            }
        };
    }

    @Bean
    static ApplicationListener<ApplicationReadyEvent> keepsWhatWasTold(DataSource source) {
        return ready -> {
            if (telling != null) {
                keep(source);
            }
        };
    }

    /** Whether there is a script; without one this instance tells the stories. */
    private static synchronized boolean waitsForWhatIsKept() {
        try {
            Files.createDirectories(FOLDER);
            if (!Files.exists(script()) && telling == null) {
                FileChannel lock = FileChannel.open(
                        FOLDER.resolve("telling"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
                lock.lock();
                telling = lock;
            }
            if (Files.exists(script()) && telling != null) {
                letGo();
            }
            return Files.exists(script());
        } catch (OverlappingFileLockException mine) {
            return false;
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static synchronized void keep(DataSource source) {
        try {
            Path draft = FOLDER.resolve("draft.sql");
            Files.deleteIfExists(draft);
            new JdbcTemplate(source).query("script nopasswords nosettings to '" + draft + "'", row -> {});
            try (Stream<Path> kept = Files.list(FOLDER)) {
                List<Path> old = kept.filter(path -> path.toString().endsWith(".sql") && !path.equals(draft))
                        .toList();
                for (Path path : old) {
                    Files.delete(path);
                }
            }
            Files.move(draft, script(), StandardCopyOption.ATOMIC_MOVE);
            letGo();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }

    private static void letGo() throws IOException {
        telling.close();
        telling = null;
    }

    private static Path script() {
        long newest = Stream.of(Accounts.class, RuleBook.class)
                .mapToLong(KeptDemo::newest)
                .max()
                .orElseThrow();
        return FOLDER.resolve(newest + ".sql");
    }

    /** When the newest of the classes beside a class was made. */
    private static long newest(Class<?> one) {
        Path classes =
                Path.of(one.getProtectionDomain().getCodeSource().getLocation().getPath());
        try (Stream<Path> all = Files.walk(classes)) {
            return all.mapToLong(path -> path.toFile().lastModified()).max().orElseThrow();
        } catch (IOException broken) {
            throw new UncheckedIOException(broken);
        }
    }
}
