package openbloom.app.audit;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import openbloom.app.studio.Account;
import openbloom.app.studio.AccountMapper;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.CsvText;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.StudioDay;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.access.prepost.PreAuthorize;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** The owner reads who saw or changed what, by woman, person and day. */
@Controller
@PreAuthorize("hasRole('OWNER')")
class AuditController {
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm:ss", Locale.ENGLISH);
    private static final int A_PAGE = 50;
    private static final int MOST_EXPORTED = 100_000;
    private static final int LONGEST_NAME = 120;

    private final Audit audit;
    private final AccountMapper accounts;
    private final FormPages forms;
    private final StudioDay day;

    AuditController(Audit audit, AccountMapper accounts, FormPages forms, StudioDay day) {
        this.audit = audit;
        this.accounts = accounts;
        this.forms = forms;
        this.day = day;
    }

    /** What was typed into the filter. */
    record Filter(String name, String account, String from, String to) {
        static Filter of(Optional<String> name, Optional<String> account, Optional<String> from, Optional<String> to) {
            return new Filter(name.orElse(""), account.orElse(""), from.orElse(""), to.orElse(""));
        }
    }

    /** A row in words. */
    record Line(String at, String who, String did, String whom, String page, String from) {}

    @GetMapping("/studio/audit")
    ModelAndView read(
            @AuthenticationPrincipal SignedIn me,
            @RequestParam Optional<String> name,
            @RequestParam Optional<String> account,
            @RequestParam Optional<String> from,
            @RequestParam Optional<String> to,
            @RequestParam(defaultValue = "0") String page) {
        Filter filter = Filter.of(name, account, from, to);
        FormReader typed = new FormReader();
        AuditMapper.Wanted wanted = wanted(me, filter, typed);
        int at = page.matches("\\d{1,5}") ? Integer.parseInt(page) : 0;
        List<Line> lines = typed.isClean() ? lines(me, wanted, A_PAGE + 1, at * A_PAGE) : List.of();
        List<Account> all = accounts.ofStudio(me.studioId());
        ModelAndView shown = new ModelAndView("audit/audit")
                .addObject("filter", filter)
                .addObject("people", all)
                .addObject("lines", lines.subList(0, Math.min(A_PAGE, lines.size())))
                .addObject("page", at)
                .addObject("more", lines.size() > A_PAGE);
        return typed.isClean() ? shown : forms.refused(shown, typed);
    }

    @GetMapping("/studio/audit.csv")
    ResponseEntity<String> export(
            @AuthenticationPrincipal SignedIn me,
            @RequestParam Optional<String> name,
            @RequestParam Optional<String> account,
            @RequestParam Optional<String> from,
            @RequestParam Optional<String> to) {
        FormReader typed = new FormReader();
        AuditMapper.Wanted wanted = wanted(me, Filter.of(name, account, from, to), typed);
        StringBuilder text = new StringBuilder();
        try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
            csv.printRecord("when", "who", "did", "whom", "what", "from");
            for (Line line : typed.isClean() ? lines(me, wanted, MOST_EXPORTED, 0) : List.<Line>of()) {
                csv.printRecord(
                        line.at(),
                        CsvText.safe(line.who()),
                        line.did(),
                        CsvText.safe(line.whom()),
                        CsvText.safe(line.page()),
                        line.from());
            }
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=UTF-8"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"audit.csv\"")
                .body(text.toString());
    }

    /** From the first day to the last, both whole; a week to today when nothing is asked. */
    private AuditMapper.Wanted wanted(SignedIn me, Filter filter, FormReader typed) {
        LocalDate today = day.today(me);
        LocalDate first = filter.from().isBlank()
                ? today.minusWeeks(1)
                : typed.pastDate("from", filter.from(), today).orElse(today);
        LocalDate last = filter.to().isBlank()
                ? today
                : typed.pastDate("to", filter.to(), today).orElse(today);
        if (typed.isClean() && last.isBefore(first)) {
            typed.refuse("to", "audit.order");
        }
        String name = filter.name().strip().toLowerCase(Locale.ROOT);
        long account = filter.account().matches("\\d{1,18}") ? Long.parseLong(filter.account()) : 0;
        return new AuditMapper.Wanted(
                me.studioId(),
                name.length() > LONGEST_NAME ? name.substring(0, LONGEST_NAME) : name,
                account,
                start(me, first),
                start(me, last.plusDays(1)));
    }

    private static Instant start(SignedIn me, LocalDate on) {
        return on.atStartOfDay(me.studio().zone()).toInstant();
    }

    private List<Line> lines(SignedIn me, AuditMapper.Wanted wanted, int most, int skipped) {
        return audit.listed(wanted, most, skipped).stream()
                .map(row -> new Line(
                        MOMENT.format(row.happenedAt().atZone(me.studio().zone())),
                        row.who(),
                        row.did() == AuditRow.Did.SAW ? "saw" : "changed",
                        row.whom() != null ? row.whom() : row.woman() == null ? "" : "erased (" + row.woman() + ")",
                        AuditPages.words(row.page()),
                        row.address()))
                .toList();
    }
}
