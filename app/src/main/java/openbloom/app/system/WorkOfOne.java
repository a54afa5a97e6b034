package openbloom.app.system;

import javax.sql.DataSource;
import net.javacrumbs.shedlock.core.LockProvider;
import net.javacrumbs.shedlock.provider.jdbctemplate.JdbcTemplateLockProvider;
import net.javacrumbs.shedlock.spring.annotation.EnableSchedulerLock;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.jdbc.core.JdbcTemplate;

/** What is done by itself is done by one of several processes; the data file says by which. */
@Configuration
@EnableSchedulerLock(defaultLockAtMostFor = "PT2H")
class WorkOfOne {
    @Bean
    LockProvider locks(DataSource data) {
        return new JdbcTemplateLockProvider(JdbcTemplateLockProvider.Configuration.builder()
                .withJdbcTemplate(new JdbcTemplate(data))
                .usingDbTime()
                .build());
    }
}
