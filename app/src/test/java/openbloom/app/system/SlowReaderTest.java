package openbloom.app.system;

import static org.assertj.core.api.Assertions.assertThat;

import com.zaxxer.hikari.HikariDataSource;
import java.io.IOException;
import java.net.InetSocketAddress;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import javax.sql.DataSource;
import openbloom.app.DemoServer;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;

/** Who reads a large page slowly, or not at all, holds no connection to the store: everybody else is answered. */
@DemoServer
class SlowReaderTest {
    private static final int FEW_BYTES = 2_048;
    private static final int PAGES_EACH = 60;

    @LocalServerPort
    private int port;

    @Autowired
    private DataSource store;

    @Test
    void othersAreAnsweredWhileManyReadNothing() throws Exception {
        StudioHttp ines = StudioHttp.signedIn(port, "ines@boathouse.example", "tarnmouth-demo");
        HikariDataSource pool = store.unwrap(HikariDataSource.class);
        List<Socket> slow = new ArrayList<>();
        try {
            for (int i = 0; i < pool.getMaximumPoolSize() + 4; i++) {
                slow.add(reader(ines.cookies()));
            }
            int free = 0;
            for (int look = 0; look < 400 && free < 20; look++) {
                Thread.sleep(25);
                free = pool.getHikariPoolMXBean().getActiveConnections() == 0 ? free + 1 : 0;
            }
            assertThat(free)
                    .as("looks in a row at which nobody held a connection")
                    .isEqualTo(20);
            assertThat(ines.get("/people").statusCode()).isEqualTo(200);
        } finally {
            for (Socket one : slow) {
                one.close();
            }
        }
    }

    /** Asks for the largest page again and again over one line, and takes nothing from it. */
    private Socket reader(String cookies) throws IOException {
        Socket socket = new Socket();
        socket.setReceiveBufferSize(FEW_BYTES);
        socket.connect(new InetSocketAddress("localhost", port));
        String ask = "GET /reasons HTTP/1.1\r\nHost: localhost\r\nCookie: " + cookies + "\r\n\r\n";
        socket.getOutputStream().write(ask.repeat(PAGES_EACH).getBytes(StandardCharsets.US_ASCII));
        return socket;
    }
}
