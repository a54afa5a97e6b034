package openbloom.app.store;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.FilterChain;
import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.concurrent.atomic.AtomicLong;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.mock.web.MockHttpServletResponse;

/** What keeps a studio from being opened is one sentence; nothing is made anew over it, nothing is changed. */
class StartupChecksTest {
    @TempDir
    private Path home;

    private Path file;

    @BeforeEach
    void nameTheFile() {
        file = home.resolve("bloom.mv.db");
    }

    private String problem() {
        return new StartupChecks(new StudioStore(home, "")).problem().orElse("none");
    }

    private Connection open() throws SQLException {
        return DriverManager.getConnection("jdbc:h2:file:" + home.resolve("bloom") + ";WRITE_DELAY=0", "bloom", "");
    }

    private void makeAStudio() {
        Flyway.configure()
                .dataSource("jdbc:h2:file:" + home.resolve("bloom") + ";WRITE_DELAY=0", "bloom", "")
                .load()
                .migrate();
    }

    @Test
    void aNewFolderAndAStudioOfOursAreFine() throws IOException {
        assertThat(problem()).isEqualTo("none");
        makeAStudio();
        assertThat(problem()).isEqualTo("none");
        new StartupChecks(new StudioStore(home, "")).protectFiles();
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
                .isEqualTo("rw-------");
        assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(home)))
                .isEqualTo("rwx------");
    }

    @Test
    void anEmptyOrForeignOrMissingFileIsNoNewStudio() throws IOException {
        Files.createFile(file);
        assertThat(problem()).contains("is empty", "nothing was changed");
        assertThat(Files.size(file)).isZero();
        Files.writeString(file, "PK of somebody else");
        assertThat(problem()).contains("is no studio of Open Bloom");
        Files.delete(file);
        Files.writeString(home.resolve("bloom.trace.db"), "left behind");
        assertThat(problem()).contains("was used by a studio, but its file bloom.mv.db is missing");
    }

    @Test
    void aDamagedFileSaysSo() throws IOException {
        makeAStudio();
        byte[] whole = Files.readAllBytes(file);
        for (int i = 0; i < whole.length; i++) {
            whole[i] = i < 4 ? whole[i] : (byte) 7;
        }
        Files.write(file, whole);
        assertThat(problem()).containsAnyOf("damaged", "no studio");
    }

    @Test
    void anotherDatabaseIsNoStudio() throws SQLException {
        try (Connection other = open();
                Statement statement = other.createStatement()) {
            statement.execute("create table recipes (id int)");
        }
        assertThat(problem()).contains("is no studio of Open Bloom");
    }

    @Test
    void aNewerSchemaIsLeftAlone() throws SQLException {
        makeAStudio();
        try (Connection later = open();
                Statement statement = later.createStatement()) {
            statement.execute("insert into \"flyway_schema_history\" (\"installed_rank\", \"version\", \"description\","
                    + " \"type\", \"script\", \"installed_by\", \"execution_time\", \"success\")"
                    + " values (999, '999', 'later', 'SQL', 'V999__later.sql', 'bloom', 1, true)");
        }
        assertThat(problem()).contains("newer version of Open Bloom (schema 999");
    }

    @Test
    void aStudioInUseSaysSo() throws IOException {
        makeAStudio();
        try (FileChannel other = FileChannel.open(file, StandardOpenOption.WRITE)) {
            other.lock();
            assertThat(problem()).contains("is open already");
        }
        assertThat(problem()).isEqualTo("none");
    }

    @Test
    void aFileInTheFoldersPlaceOrAPortInUseSaysSo() throws IOException {
        Path occupied = Files.createFile(home.resolve("occupied"));
        assertThat(new StartupChecks(new StudioStore(occupied, "")).problem().orElse(""))
                .contains("it is a file");
        assertThat(new StartupChecks(new StudioStore(occupied.resolve("below"), ""))
                        .problem()
                        .orElse(""))
                .contains("cannot be");
        try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getByName("127.0.0.1"))) {
            assertThat(StartupChecks.portProblem("127.0.0.1", taken.getLocalPort())
                            .orElse(""))
                    .contains("cannot be used");
        }
    }

    /** Reading goes on, writing says so, and writing goes on by itself when there is room again. */
    @ParameterizedTest
    @CsvSource({
        "POST, /people/1/checks/gap, 507",
        "GET, /people/1/checks/gap, 200",
        "POST, /people/1/checks/gap/look, 200",
        "POST, /sign-in, 200",
        "POST, /api/v1/verdicts, 200"
    })
    void aFullDiskRefusesOnlyWriting(String method, String path, int status) throws Exception {
        AtomicLong free = new AtomicLong(DiskSpaceFilter.LEAST_BYTES - 1);
        DiskSpaceFilter room = new DiskSpaceFilter(free::get);
        assertThat(answer(room, method, path)).isEqualTo(status);
        free.set(DiskSpaceFilter.LEAST_BYTES * 2);
        assertThat(answer(room, method, path)).isEqualTo(200);
    }

    private static int answer(DiskSpaceFilter room, String method, String path) throws Exception {
        MockHttpServletResponse response = new MockHttpServletResponse();
        AtomicInteger passed = new AtomicInteger();
        FilterChain chain = (request, answer) -> passed.incrementAndGet();
        room.doFilter(new MockHttpServletRequest(method, path), response, chain);
        assertThat(passed.get()).isEqualTo(response.getStatus() == 200 ? 1 : 0);
        return response.getStatus();
    }
}
