package openbloom.app.export;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.sql.Connection;
import java.sql.SQLException;
import java.text.Normalizer;
import java.util.Locale;
import javax.sql.DataSource;
import openbloom.app.people.Woman;
import openbloom.app.system.StudioDay;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.jdbc.datasource.DataSourceUtils;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Everything of hers, as a file. */
@Controller
class ExportController {
    private final DataSource data;
    private final StudioDay day;
    private final String version;

    ExportController(DataSource data, StudioDay day, @Value("${bloom.version}") String version) {
        this.data = data;
        this.day = day;
        this.version = version;
    }

    @GetMapping("/people/{womanId}/share/everything.zip")
    void everything(Woman woman, HttpServletResponse response) throws IOException, SQLException {
        response.setContentType("application/zip");
        response.setHeader(
                HttpHeaders.CONTENT_DISPOSITION,
                ContentDisposition.attachment()
                        .filename("open-bloom-" + plain(woman.name()) + ".zip")
                        .build()
                        .toString());
        response.setHeader(HttpHeaders.CACHE_CONTROL, "no-store");
        Connection opened = DataSourceUtils.getConnection(data);
        try {
            new RecordExport(opened, KeptRows.of(opened, woman.id()))
                    .write(response.getOutputStream(), woman.name(), version, day.instant());
        } finally {
            DataSourceUtils.releaseConnection(opened, data);
        }
    }

    /** Her name in plain letters, as a file may be called everywhere. */
    private static String plain(String name) {
        String letters = Normalizer.normalize(name, Normalizer.Form.NFD)
                .replaceAll("[^A-Za-z0-9]+", "-")
                .toLowerCase(Locale.ROOT)
                .replaceAll("^-|-$", "");
        return letters.isEmpty() ? "record" : letters;
    }
}
