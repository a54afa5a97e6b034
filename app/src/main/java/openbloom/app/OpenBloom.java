package openbloom.app;

import java.io.IOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import openbloom.app.store.NotPossible;
import openbloom.app.store.Operator;
import openbloom.app.store.StartupChecks;
import openbloom.app.store.StudioStore;
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
import org.springframework.boot.context.event.ApplicationEnvironmentPreparedEvent;
import org.springframework.boot.context.event.ApplicationPreparedEvent;
import org.springframework.boot.context.event.ApplicationStartedEvent;
import org.springframework.context.ApplicationListener;
import org.springframework.context.annotation.Bean;
import org.springframework.core.env.ConfigurableEnvironment;
import org.springframework.core.env.Environment;
import org.springframework.core.env.MapPropertySource;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Starts the application. */
@SpringBootApplication
@EnableScheduling
@MapperScan(basePackageClasses = OpenBloom.class, annotationClass = org.apache.ibatis.annotations.Mapper.class)
public class OpenBloom {
    private static final Logger LOG = LoggerFactory.getLogger(OpenBloom.class);

    /** Starts, or says in one sentence why not and ends with 1. */
    public static void main(String[] args) {
        if (args.length > 0 && Operator.WORDS.contains(args[0])) {
            System.exit(new Operator(System.getenv(), Clock.systemUTC(), System.out).run(List.of(args)));
        }
        SpringApplication application = new SpringApplication(OpenBloom.class);
        application.addListeners((ApplicationListener<ApplicationEnvironmentPreparedEvent>)
                prepared -> unlock(prepared.getEnvironment()));
        application.addListeners((ApplicationListener<ApplicationPreparedEvent>)
                prepared -> look(prepared.getApplicationContext().getEnvironment()));
        application.addListeners((ApplicationListener<ApplicationStartedEvent>)
                started -> protect(started.getApplicationContext().getEnvironment()));
        application.run(args);
    }

    /** With a key the store is opened encrypted; with a server it is opened there. */
    private static void unlock(ConfigurableEnvironment settings) {
        String keyFile = settings.getProperty("bloom.key-file", "");
        String served = settings.getProperty("bloom.db", "");
        if (keyFile.isBlank() && served.isBlank() || !keepsAStudio(settings)) {
            return;
        }
        try {
            StudioStore store = storage(settings);
            settings.getPropertySources()
                    .addFirst(new MapPropertySource(
                            "store",
                            Map.of(
                                    "spring.datasource.url",
                                    store.url(),
                                    "spring.datasource.password",
                                    store.password())));
        } catch (NotPossible why) {
            LOG.error(why.getMessage());
            System.exit(1);
        }
    }

    private static void look(Environment settings) {
        boolean trial = settings.getProperty("spring.context.exit") != null;
        Optional<String> problem =
                keepsAStudio(settings) ? new StartupChecks(storage(settings)).problem() : Optional.empty();
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
                new StartupChecks(storage(settings)).protectFiles();
            } catch (IOException notOurs) {
                LOG.warn("The files of the studio could not be made their owner's alone: {}", notOurs.getMessage());
            }
        }
    }

    private static boolean keepsAStudio(Environment settings) {
        return StudioStore.keeps(settings.getProperty("spring.datasource.url", ""));
    }

    private static StudioStore storage(Environment settings) {
        return StudioStore.of(
                Path.of(settings.getProperty("bloom.home", "./data")),
                settings.getProperty("bloom.key-file", ""),
                settings.getProperty("bloom.db", ""));
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
