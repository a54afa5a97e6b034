package openbloom.app.checks.gap;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedReader;
import java.io.File;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.Statement;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;
import openbloom.app.OpenBloom;
import openbloom.app.people.IntakeForm;
import openbloom.app.people.People;
import openbloom.app.people.Woman;
import openbloom.app.store.StudioStore;
import openbloom.app.studio.Accounts;
import openbloom.app.studio.NewAccount;
import openbloom.app.studio.SignedIn;
import openbloom.core.YesNoUnknown;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Measured;
import openbloom.core.gap.Method;
import openbloom.core.gap.Site;
import openbloom.core.gap.Width;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

/** A process that is killed while it stores checks loses none that it acknowledged. */
class DurabilityTest {
    private static final int ACKNOWLEDGED_BEFORE_THE_KILL = 200;
    private static final LocalDate DAY = LocalDate.of(2026, 11, 24);

    @Test
    void findsEveryAcknowledgedCheckAfterKillMinusNine(@TempDir Path home) throws Exception {
        Process child = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-XX:TieredStopAtLevel=1",
                        "-XX:+UseSerialGC",
                        "-Dspring.main.lazy-initialization=true",
                        "-cp",
                        System.getProperty("java.class.path"),
                        Child.class.getName(),
                        home.toString())
                .redirectError(ProcessBuilder.Redirect.to(new File(home.toFile(), "child.err")))
                .start();
        int acknowledged = 0;
        try (BufferedReader lines = child.inputReader()) {
            for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                acknowledged += line.startsWith("kept ") ? 1 : 0;
                if (acknowledged == ACKNOWLEDGED_BEFORE_THE_KILL) {
                    child.toHandle().destroyForcibly();
                }
            }
        }
        assertThat(child.waitFor(30, TimeUnit.SECONDS)).isTrue();
        assertThat(child.exitValue()).isEqualTo(137);
        assertThat(acknowledged).isGreaterThanOrEqualTo(ACKNOWLEDGED_BEFORE_THE_KILL);

        List<Integer> readings = new ArrayList<>();
        try (Connection reopened = StudioStore.of(home, "").open();
                Statement statement = reopened.createStatement();
                ResultSet checks = statement.executeQuery(
                        "select (select count(*) from gap_reading where check_id = gap_check.id) from gap_check")) {
            while (checks.next()) {
                readings.add(checks.getInt(1));
            }
        }
        assertThat(readings).hasSizeGreaterThanOrEqualTo(acknowledged).containsOnly(1);
    }

    private static ConfigurableApplicationContext open(Path home) {
        return new SpringApplicationBuilder(OpenBloom.class)
                .run(
                        "--spring.datasource.url=jdbc:h2:file:" + home.resolve("bloom") + ";WRITE_DELAY=0",
                        "--server.port=0");
    }

    private static SignedIn owner(ConfigurableApplicationContext app) {
        return (SignedIn) app.getBean(Accounts.class).loadUserByUsername("owner@durable.example");
    }

    /** Stores checks until it is killed, saying each one only after it was kept. */
    static final class Child {
        public static void main(String[] arguments) {
            ConfigurableApplicationContext app = open(Path.of(arguments[0]));
            app.getBean(Accounts.class)
                    .createStudio(
                            "Durable",
                            "Europe/London",
                            new NewAccount("Owner", "owner@durable.example", "long-enough-1"));
            SignedIn owner = owner(app);
            IntakeForm empty = IntakeForm.empty();
            Woman woman = app.getBean(People.class)
                    .add(
                            owner,
                            new IntakeForm(
                                    empty.kept(),
                                    new IntakeForm.PersonFields("Dora", "1990", "", "", "NEITHER", "0", "1", List.of()),
                                    empty.dated(),
                                    empty.stated(),
                                    empty.scan(),
                                    empty.born(),
                                    empty.has(),
                                    empty.clearance()))
                    .value();
            GapReading reading = new GapReading(
                    Site.NAVEL,
                    0,
                    GapState.LIFT,
                    Width.ofHalfFingers(5),
                    Depth.SURFACE,
                    Firmness.FIRM,
                    YesNoUnknown.NO);
            for (int i = 0; ; i++) {
                GapCheck check = new GapCheck(DAY, List.of(reading));
                Measured measured =
                        new Measured(check, Method.FINGERS, new Measured.Examiner(owner.accountId(), "Owner"));
                app.getBean(GapChecks.class).keep(woman.id(), "durable-" + i, measured, Instant.EPOCH);
                System.out.println("kept " + i);
                System.out.flush();
            }
        }
    }
}
