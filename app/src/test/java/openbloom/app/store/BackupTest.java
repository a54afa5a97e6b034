package openbloom.app.store;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import openbloom.app.system.Secrets;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.datasource.DriverManagerDataSource;

/** A studio is backed up while somebody writes, lost, and put back row for row; what is no good backup is refused by name. */
class BackupTest {
    private static final LocalDateTime NOW = LocalDateTime.parse("2026-11-24T10:30:00");
    private static final String KEY = "7 boats and 12 oars, none of them red";

    @TempDir
    private Path place;

    private Path keyFile;

    @BeforeEach
    void writeTheKey() throws IOException {
        keyFile = Files.writeString(place.resolve("key"), KEY + "\n");
    }

    private StudioStore store(String folder, boolean encrypted) throws IOException {
        Files.createDirectories(place.resolve(folder));
        return StudioStore.of(place.resolve(folder), encrypted ? keyFile.toString() : "");
    }

    private StudioStore filled(String folder, boolean encrypted) throws IOException, SQLException {
        StudioStore store = store(folder, encrypted);
        Flyway.configure()
                .dataSource(new DriverManagerDataSource(store.url(), StudioStore.USER, store.password()))
                .load()
                .migrate();
        try (Connection opened = store.open();
                Statement statement = opened.createStatement()) {
            statement.execute("insert into studio (name, zone_id) values ('Boathouse', 'Europe/London')");
            for (int i = 0; i < 40; i++) {
                insert(opened, i);
            }
        }
        return store;
    }

    private static void insert(Connection opened, int number) throws SQLException {
        try (PreparedStatement one = opened.prepareStatement(
                "insert into account (studio_id, email, password_hash, name, role) values (1, ?, 'x', ?, 'READER')")) {
            one.setString(1, number + "@boathouse.example");
            one.setString(2, "Instructor " + number);
            one.execute();
        }
    }

    /** Every table and every row, as the store writes them down. */
    private static List<String> rows(StudioStore store) throws SQLException {
        List<String> lines = new ArrayList<>();
        try (Connection opened = store.open();
                Statement statement = opened.createStatement();
                ResultSet script = statement.executeQuery("script nosettings")) {
            while (script.next()) {
                lines.add(script.getString(1));
            }
        }
        return lines;
    }

    private static Backups.BackupMade backUp(StudioStore store, Path file) throws SQLException {
        try (Connection opened = store.open()) {
            return new Backups(store, store.folder().resolve("backups")).into(opened, file);
        }
    }

    @ParameterizedTest
    @ValueSource(booleans = {false, true})
    void whatIsLostComesBackRowForRow(boolean encrypted) throws Exception {
        StudioStore store = filled("lost", encrypted);
        List<String> before = rows(store);
        Path file = place.resolve("safe/copy.zip");
        Backups.BackupMade made = backUp(store, file);
        assertThat(made.rows()).isGreaterThan(40);
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                .isEqualTo("rw-------");
        assertThat(new String(Files.readAllBytes(store.file()), StandardCharsets.ISO_8859_1).contains("Instructor 17"))
                .as("in plain letters")
                .isEqualTo(!encrypted);
        Files.delete(store.file());

        Restoring.Restored back = new Restoring(store).restore(file, false, NOW);
        assertThat(back).isEqualTo(new Restoring.Restored(made.rows(), Optional.empty()));
        assertThat(rows(store)).isEqualTo(before);
        assertThat(new StartupChecks(store).problem()).isEmpty();
    }

    /** What was acknowledged before the backup began is in it, and nothing that was not written. */
    @Test
    void isMadeWhileSomebodyWrites() throws Exception {
        StudioStore store = filled("busy", false);
        AtomicInteger acknowledged = new AtomicInteger(40);
        AtomicBoolean on = new AtomicBoolean(true);
        CountDownLatch writing = new CountDownLatch(1);
        ExecutorService other = Executors.newSingleThreadExecutor();
        try (Connection mine = store.open();
                Connection hers = DriverManager.getConnection(store.url(), StudioStore.USER, "")) {
            Future<?> writer = other.submit(() -> {
                while (on.get()) {
                    insert(hers, acknowledged.get());
                    if (acknowledged.incrementAndGet() > 60) {
                        writing.countDown();
                    }
                }
                return null;
            });
            writing.await();
            int atLeast = acknowledged.get();
            new Backups(store, place.resolve("b")).into(mine, place.resolve("busy.zip"));
            int atMost = acknowledged.get() + 1;
            on.set(false);
            writer.get();
            StudioStore again = store("again", false);
            new Restoring(again).restore(place.resolve("busy.zip"), false, NOW);
            try (Connection read = again.open();
                    ResultSet count = read.createStatement()
                            .executeQuery("select count(*), max(id) - min(id) + 1 from account")) {
                count.next();
                assertThat(count.getInt(1)).isBetween(atLeast, atMost).isEqualTo(count.getInt(2));
            }
        } finally {
            other.shutdownNow();
        }
    }

    @Test
    void aStudioGivesWayOnlyWhenToldAndIsKeptBesideIt() throws Exception {
        StudioStore store = filled("there", false);
        Path file = place.resolve("there.zip");
        backUp(store, file);
        try (Connection opened = store.open()) {
            insert(opened, 99);
            assertThatThrownBy(() -> new Restoring(store).restore(file, false, NOW))
                    .hasMessageContaining("There is a studio in " + store.folder())
                    .hasMessageContaining("--replace");
        }
        List<String> newer = rows(store);
        Restoring.Restored back = new Restoring(store).restore(file, true, NOW);
        Path aside = store.folder().resolve("replaced-2026-11-24T103000");
        assertThat(back.replaced()).contains(aside);
        assertThat(rows(store)).isNotEqualTo(newer);
        assertThat(rows(new StudioStore(aside, ""))).isEqualTo(newer);
    }

    @Test
    void refusesByNameWhatIsNoGoodBackupAndChangesNothing() throws Exception {
        StudioStore store = filled("kept", false);
        Path good = place.resolve("good.zip");
        backUp(store, good);
        List<String> before = rows(store);
        byte[] bytes = Files.readAllBytes(good);

        refuses(Files.write(place.resolve("half.zip"), Arrays.copyOf(bytes, bytes.length / 2)), "is no backup");
        refuses(zip("outside.zip", "../" + StudioStore.FILE, new byte[10]), "must hold bloom.mv.db and nothing else");
        refuses(zip("bomb.zip", StudioStore.FILE, new byte[50_000_000]), "cannot be opened");
        refuses(zip("text.zip", StudioStore.FILE, "a letter".getBytes(StandardCharsets.UTF_8)), "cannot be opened");
        refuses(Files.writeString(place.resolve("note.zip"), "no zip at all"), "is no backup");
        refuses(place.resolve("none.zip"), "There is no file");
        byte[] damaged = unzipped(good);
        Arrays.fill(damaged, damaged.length / 4, 3 * damaged.length / 4, (byte) 7);
        refuses(zip("damaged.zip", StudioStore.FILE, damaged), "damaged");
        StudioStore locked = filled("locked", true);
        backUp(locked, place.resolve("locked.zip"));
        refuses(place.resolve("locked.zip"), "another key");
        StudioStore newer = filled("newer", false);
        try (Connection opened = newer.open();
                Statement statement = opened.createStatement()) {
            statement.execute("update \"flyway_schema_history\" set \"version\" = '999' where \"version\" = '1'");
        }
        assertThatThrownBy(() -> backUp(newer, place.resolve("newer.zip"))).hasMessageContaining("schema 999");
        assertThat(place.resolve("newer.zip")).doesNotExist();
        assertThat(rows(store)).isEqualTo(before);
        try (Stream<Path> left = Files.list(store.folder())) {
            assertThat(left.map(path -> path.getFileName().toString()).filter(name -> !name.endsWith(".trace.db")))
                    .containsExactly(StudioStore.FILE);
        }
    }

    private void refuses(Path file, String why) throws IOException {
        StudioStore store = store("kept", false);
        assertThatThrownBy(() -> new Restoring(store).restore(file, true, NOW))
                .as(file.toString())
                .isInstanceOf(NotPossible.class)
                .hasMessageContaining(why)
                .hasMessageContaining(file.getFileName().toString());
    }

    private Path zip(String name, String entry, byte[] content) throws IOException {
        Path file = place.resolve(name);
        try (OutputStream out = Files.newOutputStream(file);
                ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry(entry));
            zip.write(content);
        }
        return file;
    }

    private byte[] unzipped(Path file) throws IOException {
        Path folder = Files.createDirectories(place.resolve("unzipped"));
        new BackupFile(file).unpackInto(folder);
        return Files.readAllBytes(folder.resolve(StudioStore.FILE));
    }

    @Test
    void aFileThatIsThereIsNotWrittenOver() throws Exception {
        StudioStore store = filled("over", false);
        Path taken = Files.writeString(place.resolve("taken.zip"), "a holiday picture");
        assertThatThrownBy(() -> backUp(store, taken)).hasMessageContaining("taken.zip is there already");
        assertThat(taken).hasContent("a holiday picture");
    }

    /** 400 nights of backups: the last 7 days, 4 weeks and 12 months that have one stay. Days counted by hand on a calendar. */
    @Test
    void keepsSevenDaysFourWeeksAndTwelveMonths() {
        List<LocalDateTime> nights =
                IntStream.range(0, 400).mapToObj(NOW::minusDays).toList();
        assertThat(Retention.kept(nights).stream()
                        .sorted()
                        .map(at -> at.toLocalDate().toString()))
                .containsExactly(
                        "2025-12-31",
                        "2026-01-31",
                        "2026-02-28",
                        "2026-03-31",
                        "2026-04-30",
                        "2026-05-31",
                        "2026-06-30",
                        "2026-07-31",
                        "2026-08-31",
                        "2026-09-30",
                        "2026-10-31",
                        "2026-11-08",
                        "2026-11-15",
                        "2026-11-18",
                        "2026-11-19",
                        "2026-11-20",
                        "2026-11-21",
                        "2026-11-22",
                        "2026-11-23",
                        "2026-11-24");
        assertThat(Retention.kept(List.of(NOW, NOW.minusHours(1), NOW.minusYears(3))))
                .containsExactlyInAnyOrder(NOW, NOW.minusYears(3));
    }

    @Test
    void anOlderOneGoesOnlyOnceTheNewOneWasOpened() throws Exception {
        StudioStore store = filled("nightly", false);
        Path folder = Files.createDirectories(place.resolve("nights"));
        Backups backups = new Backups(store, folder);
        try (Connection opened = store.open()) {
            backups.madeAt(opened, NOW.minusHours(3));
            backups.madeAt(opened, NOW);
        }
        assertThat(backups.last(NOW)).contains(NOW);
        assertThat(backups.last(NOW.minusDays(40)))
                .as("after a clock was set back, the next night makes one again")
                .isEmpty();
        try (Stream<Path> left = Files.list(folder)) {
            assertThat(left.map(path -> path.getFileName().toString())).containsExactly("bloom-2026-11-24T103000.zip");
        }
    }

    @Test
    void withoutRoomNothingIsBegunAndWhatIsThereStays() throws Exception {
        StudioStore store = filled("full", false);
        Path folder = Files.createDirectories(place.resolve("full-nights"));
        new Backups(store, folder).madeAt(store.open(), NOW.minusDays(1));
        long file = Files.size(store.file());
        try (Connection opened = store.open()) {
            assertThatThrownBy(() -> new Backups(store, folder, any -> 2 * file - 1).madeAt(opened, NOW))
                    .isInstanceOf(NotPossible.class)
                    .hasMessageContaining("There is no room for a backup in " + folder);
            try (Stream<Path> left = Files.list(folder)) {
                assertThat(left.map(path -> path.getFileName().toString()))
                        .containsExactly("bloom-2026-11-23T103000.zip");
            }
            assertThat(new Backups(store, folder, any -> 2 * file)
                            .madeAt(opened, NOW)
                            .rows())
                    .isPositive();
        }
    }

    /** At two in the night, or as soon as the machine is awake again. */
    @ParameterizedTest
    @CsvSource({
        "2026-11-24T02:00, 2026-11-24T10:30, false",
        "2026-11-24T01:59, 2026-11-24T10:30, true",
        "2026-11-23T02:10, 2026-11-24T01:59, false",
        "2026-11-23T02:10, 2026-11-24T02:00, true",
        ", 2026-11-24T01:00, true"
    })
    void isDueOnceANight(LocalDateTime last, LocalDateTime now, boolean due) {
        assertThat(KeptStore.isDue(Optional.ofNullable(last), now)).isEqualTo(due);
    }

    private String says(int result, Map<String, String> environment, String... words) {
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        Clock clock = Clock.fixed(Instant.parse("2026-11-24T10:30:00Z"), ZoneOffset.UTC);
        int ended = new Operator(environment, clock, new PrintStream(said, true, StandardCharsets.UTF_8))
                .run(List.of(words));
        assertThat(ended).as(said.toString(StandardCharsets.UTF_8)).isEqualTo(result);
        return said.toString(StandardCharsets.UTF_8);
    }

    /** As {@code ./bloom} calls it while nothing runs: a studio with a link for its owner, and an owner let in without her app. */
    @Test
    void theOperatorAddsAStudioAndLetsAnOwnerIn() throws Exception {
        StudioStore store = filled("many", false);
        Map<String, String> here = Map.of("BLOOM_HOME", store.folder().toString());
        assertThat(says(1, here, "studio", "add", "Quay", "Mars/Base", "Una", "una@quay.example"))
                .contains("expected a time zone such as Europe/London, but was “Mars/Base”");
        assertThat(says(1, here, "studio", "add", " ", "Europe/London", "Una", "una@quay.example"))
                .contains("expected a name of the studio");
        assertThat(says(2, here, "studio", "remove")).contains("./bloom studio add NAME ZONE OWNER EMAIL");
        String made = says(0, here, "studio", "add", "Quay", "Europe/London", "Una", "Una@quay.example");
        String token = made.replaceAll("(?s).*/join/([\\w-]{22}) .*", "$1");
        assertThat(made).contains("“Quay” is made").doesNotContain(token + token);
        assertThat(says(1, here, "studio", "add", "Two", "Europe/London", "Una", "una@quay.example"))
                .contains("somebody signs in with “una@quay.example” already");
        try (Connection opened = store.open();
                ResultSet link = opened.createStatement()
                        .executeQuery("select join_link.*, studio.name as quay from join_link"
                                + " join studio on studio.id = studio_id where email = 'una@quay.example'")) {
            assertThat(link.next()).isTrue();
            assertThat(link.getString("digest")).isEqualTo(Secrets.digest(token));
            assertThat(link.getString("quay") + link.getString("role")).isEqualTo("QuayOWNER");
            assertThat(link.next()).as("one studio, one link").isFalse();
        }
        assertThat(says(1, here, "second-factor-off", "una@quay.example")).contains("has a second factor");
        try (Connection opened = store.open()) {
            opened.createStatement()
                    .execute("insert into account (studio_id, email, password_hash, name, role)"
                            + " select min(id), 'ines@boathouse.example', 'x', 'Ines', 'OWNER' from studio");
            opened.createStatement()
                    .execute(
                            "insert into second_factor select id, 'A', now(), 1 from account where email like 'ines%'");
        }
        String owner = "ines@boathouse.example";
        assertThat(says(0, here, "second-factor-off", owner)).contains("The second factor of " + owner + " is off");
    }

    /** As {@code ./bloom} calls it; the mark of one that was killed does not keep it from working. */
    @Test
    void theOperatorBacksUpEncryptsAndRestores() throws Exception {
        StudioStore store = filled("hers", false);
        List<String> before = rows(store);
        Files.write(store.folder().resolve(RunningMark.NAME), List.of("127.0.0.1:1", "old"));
        Map<String, String> plain = Map.of("BLOOM_HOME", store.folder().toString());
        Map<String, String> keyed =
                Map.of("BLOOM_HOME", store.folder().toString(), "BLOOM_KEY_FILE", keyFile.toString());
        String file = place.resolve("one.zip").toString();

        assertThat(says(0, plain, "backup", file)).contains(file + " made and opened: ");
        assertThat(says(1, plain, "backup", file)).contains("is there already");
        assertThat(says(2, plain, "backup", "a", "b")).contains("./bloom backup [FILE]");
        assertThat(says(1, plain, "encrypt")).contains("set BLOOM_KEY_FILE");
        assertThat(says(1, keyed, "backup")).contains("is not encrypted yet", "./bloom encrypt");
        assertThat(says(0, keyed, "encrypt")).contains("is encrypted");
        assertThat(rows(store("hers", true))).isEqualTo(before);
        assertThat(says(1, plain, "backup")).contains("is encrypted: set BLOOM_KEY_FILE");
        assertThat(says(1, keyed, "restore", file, "--replace")).contains("one.zip", "another key");
        assertThat(says(0, keyed, "backup")).contains("backups/bloom-2026-11-24T");
        assertThat(says(1, keyed, "restore", "nowhere.zip", "--replace")).contains("There is no file");
        assertThat(says(
                        1,
                        Map.of(
                                "BLOOM_HOME",
                                place.toString(),
                                "BLOOM_KEY_FILE",
                                place.resolve("gone").toString()),
                        "backup"))
                .contains("The key file " + place.resolve("gone") + " cannot be read");
        Path weak = Files.writeString(place.resolve("weak"), "short");
        assertThat(says(1, Map.of("BLOOM_KEY_FILE", weak.toString()), "backup")).contains("16 characters or more");
    }
}
