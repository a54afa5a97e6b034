package openbloom.app.checks;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.app.checks.log.CheckLog;
import openbloom.app.checks.log.CheckLog.LoggedCheck;
import openbloom.app.checks.log.NewVersion;
import openbloom.core.Problem;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/** The sheets of a woman. A correction is a new version, and the old one stays. */
@Service
public class Sheets {
    private static final TypeReference<Map<String, String>> FOUND = new TypeReference<>() {};

    private static final Logger LOG = LoggerFactory.getLogger(Sheets.class);

    private final SheetMapper mapper;
    private final JsonMapper json;

    Sheets(SheetMapper mapper, JsonMapper json) {
        this.mapper = mapper;
        this.json = json;
    }

    /** A sheet to be kept. */
    public record SheetDraft(
            long womanId, SheetKind kind, String formKey, LocalDate checkedOn, long keptBy, Instant at) {}

    /** Every sheet in its latest version, latest first; withdrawn ones are left out. */
    public List<Sheet> of(long womanId) {
        return CheckLog.current(versions(womanId));
    }

    /** The sheets of several women at once, as {@link #of}. */
    public Map<Long, List<Sheet>> ofAll(List<Long> womanIds) {
        Map<Long, List<Sheet>> versions = mapper.versionsOf(womanIds).stream()
                .filter(row -> row.kind() != null)
                .map(this::sheet)
                .collect(Collectors.groupingBy(Sheet::womanId));
        versions.replaceAll((woman, all) -> CheckLog.current(all));
        return versions;
    }

    /** The latest sheet of a kind, up to a day. */
    public Optional<Sheet> latest(long womanId, SheetKind kind, LocalDate day) {
        return of(womanId).stream()
                .filter(sheet -> sheet.kind() == kind && !sheet.checkedOn().isAfter(day))
                .findFirst();
    }

    /** All versions of one sheet, the latest first; empty when the woman has none of that number. */
    public List<Sheet> versionsOf(long womanId, long id) {
        return CheckLog.versionsOf(id, versions(womanId));
    }

    private List<Sheet> versions(long womanId) {
        return mapper.versionsOf(List.of(womanId)).stream()
                .filter(row -> row.kind() != null)
                .map(this::sheet)
                .toList();
    }

    private Sheet sheet(SheetMapper.SheetRow row) {
        return new Sheet(
                row.version().of(row.id()), row.womanId(), row.kind(), row.checkedOn(), row.checkedBy(), found(row));
    }

    /** One sheet that cannot be read is shown as such; it says nothing, and hurts no other. */
    private Map<String, String> found(SheetMapper.SheetRow row) {
        try {
            return json.readValue(row.found(), FOUND);
        } catch (JacksonException unreadable) {
            LOG.error("Sheet {} cannot be read: {}", row.id(), unreadable.getMessage());
            return Sheet.CANNOT_BE_READ;
        }
    }

    /** @throws DuplicateKeyException if the form's key was used for another sheet of the kind */
    @Transactional
    public void keep(SheetDraft draft, Map<String, String> found) {
        mapper.insert(row(draft, found, draft.keptBy(), null, ""));
    }

    /**
     * Keeps a correction by whoever corrects, of what was checked by whoever checked. Nothing found withdraws the sheet.
     *
     * @return a problem when somebody corrected the same version first
     */
    @Transactional
    public Optional<Problem> correct(SheetDraft draft, Map<String, String> found, Sheet old, String reason) {
        LoggedCheck kept =
                CheckLog.correct(() -> mapper.insert(row(draft, found, mapper.checkedBy(old.id()), old, reason)));
        boolean sentTwice = kept == LoggedCheck.OVERTAKEN && mapper.sent(draft.formKey(), draft.kind()) > 0;
        return kept == LoggedCheck.NEW_VERSION || sentTwice
                ? Optional.empty()
                : Optional.of(Problem.of("reason", "gap.overtaken"));
    }

    private SheetMapper.NewRow row(
            SheetDraft draft, Map<String, String> found, long checkedBy, @Nullable Sheet old, String reason) {
        return new SheetMapper.NewRow(
                draft.womanId(),
                draft.kind(),
                draft.checkedOn(),
                checkedBy,
                NewVersion.after(
                        old == null ? null : old.version(), reason, draft.formKey(), draft.keptBy(), draft.at()),
                json.writeValueAsString(found));
    }
}
