package openbloom.app.share;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import openbloom.app.moves.Catalogues;
import openbloom.app.people.Woman;
import openbloom.app.session.SessionLine;
import openbloom.app.session.Sessions;
import openbloom.app.session.StoredResponse;
import openbloom.app.session.StoredSession;
import openbloom.app.system.CsvText;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Move;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;

/** Her sessions and what was noted in them, for a spreadsheet: days, numbers with their unit in the heading, words, no formulas. */
@Controller
@RequestMapping("/people/{womanId}/share")
class SpreadsheetController {
    private final Sessions sessions;
    private final Catalogues catalogues;

    SpreadsheetController(Sessions sessions, Catalogues catalogues) {
        this.sessions = sessions;
        this.catalogues = catalogues;
    }

    /** Fills a sheet line by line. */
    private interface Lines {
        void into(CSVPrinter csv) throws IOException;
    }

    private static ResponseEntity<String> sheet(String name, List<String> columns, Lines lines) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
            csv.printRecord(columns);
            lines.into(csv);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + name + ".csv\"")
                .body(text.toString());
    }

    /** A line for each exercise and side. */
    @GetMapping("/sessions.csv")
    ResponseEntity<String> sessions(Woman woman) {
        return sheet("sessions", SheetColumns.OF_SESSIONS, csv -> {
            List<Sessions.ComposedFor> all = sessions.of(woman.id()).stream()
                    .sorted(Comparator.comparing(one -> one.stored().id()))
                    .toList();
            for (Sessions.ComposedFor one : all) {
                for (SessionLine line : one.plan().items()) {
                    csv.printRecord(session(one.stored(), line));
                }
            }
        });
    }

    private static List<Object> session(StoredSession kept, SessionLine line) {
        return List.of(
                kept.id(),
                kept.plannedOn(),
                day(kept.taughtOn()),
                kept.occasion().name().toLowerCase(Locale.ROOT),
                kept.place().name().toLowerCase(Locale.ROOT),
                kept.minutes(),
                CsvText.safe(line.name()),
                line.side().name().toLowerCase(Locale.ROOT),
                line.amount().sets(),
                line.amount().repetitions(),
                line.amount().holdSeconds(),
                line.amount().breaths(),
                line.amount().restSeconds(),
                line.judged().verdict().words());
    }

    private static String day(@Nullable LocalDate day) {
        return Objects.toString(day, "");
    }

    /** A line for each thing noted, in its order. */
    @GetMapping("/responses.csv")
    ResponseEntity<String> responses(Woman woman) {
        Catalogue catalogue = catalogues.of(woman.studioId());
        Map<Long, String> places = sessions.of(woman.id()).stream()
                .collect(Collectors.toMap(
                        one -> one.stored().id(),
                        one -> one.stored().occasion().name().toLowerCase(Locale.ROOT)));
        return sheet("responses", SheetColumns.OF_RESPONSES, csv -> {
            for (StoredResponse one : sessions.responsesOf(List.of(woman.id())).getOrDefault(woman.id(), List.of())) {
                csv.printRecord(
                        one.sessionId(),
                        one.on(),
                        places.getOrDefault(one.sessionId(), ""),
                        CsvText.safe(
                                catalogue.find(one.moveId()).map(Move::name).orElse(one.moveId())),
                        one.told().words(),
                        one.place().toLowerCase(Locale.ROOT).replace('_', ' '),
                        one.how().pain(),
                        one.how().done(),
                        one.how().asked(),
                        one.how().kilograms(),
                        CsvText.safe(one.how().note()));
            }
        });
    }
}
