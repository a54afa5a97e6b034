package openbloom.app.people;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.CsvText;
import openbloom.app.system.FormFields;
import openbloom.app.system.RefusedLine;
import openbloom.app.system.StudioDay;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.databind.json.JsonMapper;

/**
 * Women from a file: its columns are the fields of the intake, and each line is read as that form is, with the same limits.
 * A cell with several answers has spaces between them. A woman of the same name and year is here already and is left alone.
 */
@Service
class WomenFile {
    private static final int MOST_LINES = 500;
    private static final int NO_YEAR = -1;
    private static final Set<String> NOT_IN_A_FILE = Set.of("formKey", "version");

    private final People people;
    private final WomanMapper rows;
    private final StudioDay day;
    private final JsonMapper json;

    WomenFile(People people, WomanMapper rows, StudioDay day, JsonMapper json) {
        this.people = people;
        this.rows = rows;
        this.day = day;
        this.json = json;
    }

    /** One line that makes sense. */
    record WomanLine(long number, IntakeForm form) {}

    /** One line that does not, with its problems. */

    /** What a file would do. */
    record WomenPreview(List<WomanLine> added, int already, List<RefusedLine> refused) {}

    /** Names of the columns, as the first line has them. */
    static List<String> columns() {
        return FormFields.fields(IntakeForm.class).stream()
                .map(RecordComponent::getName)
                .filter(name -> !NOT_IN_A_FILE.contains(name))
                .toList();
    }

    WomenPreview look(SignedIn me, String file) {
        try (CSVParser parser = CsvText.open(file)) {
            return read(me, parser);
        } catch (IOException | IllegalArgumentException | UncheckedIOException broken) {
            return nothing(Problem.of("file", "csv.broken"));
        }
    }

    private WomenPreview read(SignedIn me, CSVParser parser) {
        List<String> unknown = parser.getHeaderNames().stream()
                .filter(name -> !columns().contains(name))
                .toList();
        if (!unknown.isEmpty() || !parser.getHeaderNames().contains("name")) {
            return nothing(Problem.of("file", "women.columns", unknown.isEmpty() ? List.of("name") : unknown));
        }
        Set<WomanMapper.NameAndYear> here = new HashSet<>(rows.namesAndYears(me.studioId()));
        List<WomanLine> added = new ArrayList<>();
        List<RefusedLine> refused = new ArrayList<>();
        int already = 0;
        for (CSVRecord line : parser) {
            if (line.getRecordNumber() > MOST_LINES) {
                refused.add(new RefusedLine(
                        parser.getCurrentLineNumber(), List.of(Problem.of("file", "csv.tooMany", MOST_LINES))));
                break;
            }
            IntakeForm form = form(line);
            if (here.contains(who(form))) {
                already++;
                continue;
            }
            Outcome<Woman> read = IntakeReader.read(
                    form, new IntakeReader.Owner(0, me.studioId(), me.accountId(), 0, ""), day.today(me));
            if (read.problems().isEmpty()) {
                added.add(new WomanLine(parser.getCurrentLineNumber(), form));
                here.add(who(form));
            } else {
                refused.add(new RefusedLine(parser.getCurrentLineNumber(), read.problems()));
            }
        }
        return new WomenPreview(List.copyOf(added), already, List.copyOf(refused));
    }

    /** A year that is none belongs to nobody who is here; one not told only to another not told. */
    private static WomanMapper.NameAndYear who(IntakeForm form) {
        String year =
                form.who().birthYear() == null ? "" : form.who().birthYear().strip();
        Integer bornIn = year.isEmpty() ? null : year.matches("\\d{1,4}") ? Integer.valueOf(year) : NO_YEAR;
        return new WomanMapper.NameAndYear(String.valueOf(form.who().name()).strip(), bornIn);
    }

    private static WomenPreview nothing(Problem problem) {
        return new WomenPreview(List.of(), 0, List.of(new RefusedLine(1, List.of(problem))));
    }

    private IntakeForm form(CSVRecord line) {
        Map<String, Object> typed = new HashMap<>();
        for (RecordComponent field : FormFields.fields(IntakeForm.class)) {
            String name = field.getName();
            if (line.isMapped(name) && line.isSet(name) && !line.get(name).isBlank()) {
                typed.put(name, typed(field, CsvText.plain(line.get(name))));
            }
        }
        typed.put("formKey", UUID.randomUUID().toString());
        typed.putIfAbsent("basis", "LAST_PERIOD");
        return json.convertValue(typed, IntakeForm.class);
    }

    private static Object typed(RecordComponent field, String cell) {
        if (field.getType() == Map.class) {
            Map<String, String> days = new TreeMap<>();
            for (String one : cell.split("\\s+")) {
                int at = one.indexOf('=');
                days.put(at < 0 ? one : one.substring(0, at), at < 0 ? "" : one.substring(at + 1));
            }
            return days;
        }
        return field.getType() == List.class ? List.of(cell.split("\\s+")) : cell;
    }

    /** Every woman of the studio in the form that is read: in here, or elsewhere, she is the same. */
    String written(SignedIn me) {
        StringBuilder text = new StringBuilder();
        try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
            csv.printRecord(columns());
            int page = 0;
            People.Page found = people.page(me, "", page);
            while (!found.women().isEmpty()) {
                for (Woman woman : found.women()) {
                    csv.printRecord(cells(woman));
                }
                found = people.page(me, "", ++page);
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return text.toString();
    }

    private static List<String> cells(Woman woman) {
        Map<String, Optional<Object>> values = FormFields.values(IntakeForm.of(woman));
        return columns().stream()
                .map(column -> CsvText.safe(values.getOrDefault(column, Optional.empty())
                        .map(WomenFile::cell)
                        .orElse("")))
                .toList();
    }

    private static String cell(Object value) {
        if (value instanceof Map<?, ?> days) {
            return days.entrySet().stream()
                    .map(one -> one.getKey() + "=" + one.getValue())
                    .collect(Collectors.joining(" "));
        }
        return value instanceof List<?> several
                ? several.stream().map(String::valueOf).collect(Collectors.joining(" "))
                : String.valueOf(value);
    }

    /** Adds every line that makes sense; all of them or, should one fail, none. Of two at once the second finds them here. */
    @Transactional
    public int keep(SignedIn me, String file) {
        rows.alone(me.studioId());
        List<WomanLine> added = look(me, file).added();
        added.forEach(line -> people.add(me, line.form()));
        return added.size();
    }
}
