package openbloom.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import net.javacrumbs.shedlock.core.LockConfiguration;
import net.javacrumbs.shedlock.core.LockProvider;
import net.javacrumbs.shedlock.core.SimpleLock;
import openbloom.app.PageTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** The backup of the night is made by one process: who comes second finds it taken, and a lock outlives nobody for long. */
class WorkOfOneTest extends PageTest {
    @Autowired
    private LockProvider locks;

    @Autowired
    private KeptStore kept;

    @Autowired
    private JdbcClient store;

    private Optional<SimpleLock> taken() {
        return locks.lock(new LockConfiguration(Instant.now(), "backup", Duration.ofHours(2), Duration.ZERO));
    }

    @Test
    void isDoneByWhoeverIsFirst() {
        SimpleLock first = taken().orElseThrow();
        assertThat(taken()).as("the second").isEmpty();
        first.unlock();
        SimpleLock again = taken().orElseThrow();
        again.unlock();
        String longAgo = "timestamp '2001-01-01 00:00:00'";
        store.sql("update shedlock set locked_at = " + longAgo + ", lock_until = " + longAgo)
                .update();
        kept.everyNight();
        assertThat(store.sql("select count(*) from shedlock where name = 'backup' and locked_at > " + longAgo)
                        .query(Integer.class)
                        .single())
                .as("the work of the night takes it")
                .isEqualTo(1);
    }
}
