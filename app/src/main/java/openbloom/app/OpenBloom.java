package openbloom.app;

import java.time.Clock;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.context.annotation.Bean;

/** Starts the application. */
@SpringBootApplication
@MapperScan(basePackageClasses = OpenBloom.class, annotationClass = org.apache.ibatis.annotations.Mapper.class)
public class OpenBloom {
    public static void main(String[] args) {
        SpringApplication.run(OpenBloom.class, args);
    }

    /** The only clock. */
    @Bean
    Clock clock() {
        return Clock.systemUTC();
    }

    /** The catalogue of moves; the application does not start unless it passes its checker. */
    @Bean
    Catalogue catalogue() {
        return new CatalogueLoader().shipped();
    }
}
