package openbloom.app.store;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import javax.sql.DataSource;
import net.javacrumbs.shedlock.spring.annotation.SchedulerLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;

/**
 * The backups of the store this application has open: one every night, and whenever the operator asks. A demonstration is kept
 * nowhere and has none.
 */
@Service
public class KeptStore {
    private static final Logger LOG = LoggerFactory.getLogger(KeptStore.class);
    private static final LocalTime NIGHT = LocalTime.of(2, 0);
    private static final Duration TOO_OLD = Duration.ofDays(2);

    private final DataSource data;
    private final Clock clock;
    private final Optional<StudioStore> store;
    private final Path folder;
    private final Instant openedAt;

    KeptStore(
            DataSource data,
            Clock clock,
            @Value("${spring.datasource.url:}") String url,
            @Value("${bloom.home}") String home,
            @Value("${bloom.key-file}") String keyFile,
            @Value("${bloom.db}") String served,
            @Value("${bloom.backups}") String folder) {
        this.data = data;
        this.clock = clock;
        this.store =
                StudioStore.keeps(url) ? Optional.of(StudioStore.of(Path.of(home), keyFile, served)) : Optional.empty();
        this.folder = Path.of(folder);
        this.openedAt = clock.instant();
    }

    /**
     * Looked at every quarter of an hour, so that a machine that slept through the night makes up for it. Of several processes the
     * one that is first makes it; one that is killed over it is waited for two hours.
     */
    @Scheduled(initialDelayString = "PT5M", fixedDelayString = "PT15M")
    @SchedulerLock(name = "backup", lockAtMostFor = "PT2H")
    void everyNight() {
        if (store.isEmpty() || !isDue(backups().last(now()), now())) {
            return;
        }
        try {
            Backups.BackupMade made = backUp(Optional.empty());
            LOG.info("Backup {} made and opened: {} rows.", made.file(), made.rows());
        } catch (NotPossible failed) {
            LOG.error(failed.getMessage());
        }
    }

    /** None since the last night at two. */
    static boolean isDue(Optional<LocalDateTime> last, LocalDateTime now) {
        LocalDateTime tonight = now.toLocalDate().atTime(NIGHT);
        LocalDateTime night = now.isBefore(tonight) ? tonight.minusDays(1) : tonight;
        return last.filter(made -> !made.isBefore(night)).isEmpty();
    }

    /**
     * Backs up now.
     *
     * @param file where to; into the folder of the nightly ones when empty
     * @throws NotPossible with the reason
     */
    Backups.BackupMade backUp(Optional<Path> file) {
        try (Connection opened = data.getConnection()) {
            return file.isPresent()
                    ? backups().into(opened, file.get())
                    : backups().madeAt(opened, now());
        } catch (SQLException refused) {
            throw new NotPossible("The studio cannot be read now: " + refused.getMessage(), refused);
        }
    }

    String add(NewStudio wanted) {
        return onceOpened(opened -> wanted.said(wanted.made(opened, clock.instant())));
    }

    String factorOff(String email) {
        return onceOpened(opened -> FactorOff.of(opened, email));
    }

    private String onceOpened(Operator.Work work) {
        try (Connection opened = data.getConnection()) {
            return work.on(opened);
        } catch (SQLException refused) {
            throw new NotPossible("The studio cannot be read now: " + refused.getMessage(), refused);
        }
    }

    /** What is wrong with what is kept; nothing when all is well. */
    List<String> problems() {
        try (Connection opened = data.getConnection()) {
            return Verification.problems(opened);
        } catch (SQLException refused) {
            throw new NotPossible("The studio cannot be read now: " + refused.getMessage(), refused);
        }
    }

    /** What the owner is told when the last good backup is older than two days, or there is none after two days. */
    public Optional<String> warning() {
        if (store.isEmpty()) {
            return Optional.empty();
        }
        Optional<LocalDateTime> last = backups().last(now());
        boolean old = last.map(made -> Duration.between(made, now()))
                        .orElseGet(() -> Duration.between(openedAt, clock.instant()))
                        .compareTo(TOO_OLD)
                > 0;
        return old
                ? Optional.of(last.map(made -> "The last good backup is "
                                + Duration.between(made, now()).toDays() + " days old.")
                        .orElse("There is no good backup yet."))
                : Optional.empty();
    }

    private Backups backups() {
        return new Backups(
                store.orElseThrow(() -> new NotPossible("A demonstration is kept nowhere and has no backup.")), folder);
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneId.systemDefault());
    }
}
