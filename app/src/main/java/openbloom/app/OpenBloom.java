package openbloom.app;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;
import openbloom.app.system.StartupChecks;
import openbloom.core.care.CareCards;
import openbloom.core.care.Explanations;
import openbloom.core.care.PlaceSets;
import openbloom.core.figure.Figures;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import org.mybatis.spring.annotation.MapperScan;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.event.ApplicationPreparedEvent;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.context.annotation.Bean;
import org.springframework.core.env.Environment;

/** Starts the application. */
@SpringBootApplication
@MapperScan(basePackageClasses = OpenBloom.class, annotationClass = org.apache.ibatis.annotations.Mapper.class)
public class OpenBloom {
    private static final Logger LOG = LoggerFactory.getLogger(OpenBloom.class);

    /** Starts, or says in one sentence why not and ends with 1. */
    public static void main(String[] args) {
        SpringApplication application = new SpringApplication(OpenBloom.class);
        application.addListeners((ApplicationListener<ApplicationPreparedEvent>)
                prepared -> look(prepared.getApplicationContext().getEnvironment()));
        application.addListeners((ApplicationListener<ApplicationStartedEvent>)
                started -> protect(started.getApplicationContext().getEnvironment()));
        application.run(args);
    }

    private static void look(Environment settings) {
        boolean trial = settings.getProperty("spring.context.exit") != null;
        Optional<String> problem = keepsAStudio(settings) ? storage(settings).problem() : Optional.empty();
        if (problem.isEmpty() && !trial) {
            problem = StartupChecks.portProblem(
                    settings.getProperty("server.address", "127.0.0.1"),
                    settings.getProperty("server.port", Integer.class, 8080));
        }
        if (problem.isPresent()) {
            LOG.error(problem.get());
            System.exit(1);
        }
    }

    private static void protect(Environment settings) {
        if (keepsAStudio(settings)) {
            try {
                storage(settings).protectFiles();
            } catch (IOException notOurs) {
                LOG.warn("The files of the studio could not be made their owner's alone: {}", notOurs.getMessage());
            }
        }
    }

    private static boolean keepsAStudio(Environment settings) {
        return settings.getProperty("spring.datasource.url", "").startsWith("jdbc:h2:file:");
    }

    private static StartupChecks storage(Environment settings) {
        return new StartupChecks(Path.of(settings.getProperty("bloom.home", "./data")));
    }

    /** The only clock. */
    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    /** The catalogue of moves; the application does not start unless it passes its checker. */
    @Bean
    CareCards careCards() {
        return CareCards.shipped();
    }

    @Bean
    Explanations explanations() {
        return Explanations.shipped();
    }

    @Bean
    PlaceSets placeSets() {
        return PlaceSets.shipped();
    }

    @Bean
    Figures figures() {
        return Figures.shipped();
    }

    @Bean
    Catalogue catalogue(Figures figures) {
        return new CatalogueLoader(figures).shipped();
    }
}
