package openbloom.app.people;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.ApplicationVersion;
import openbloom.app.system.FormFields;
import openbloom.app.system.FormPages;
import openbloom.app.system.FormReader;
import openbloom.app.system.Idempotent;
import openbloom.app.system.Saved;
import openbloom.app.system.StudioDay;
import openbloom.core.Outcome;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.ModelAndView;

/** People: search and intake. */
@Controller
class PeopleController {
    private static final int MOST_PAGES = 100_000;
    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("d MMM yyyy, HH:mm", Locale.ENGLISH);
    private static final Set<String> NOT_SHOWN_AS_DIFFERENT = Set.of("formKey", "version");

    private final People people;
    private final RecordReader records;
    private final EarlierIntakes earlier;
    private final FormPages forms;
    private final StudioDay day;
    private final NextSteps next;

    PeopleController(
            People people,
            RecordReader records,
            EarlierIntakes earlier,
            FormPages forms,
            StudioDay day,
            NextSteps next) {
        this.next = next;
        this.people = people;
        this.earlier = earlier;
        this.records = records;
        this.forms = forms;
        this.day = day;
    }

    /** One field of a stale form, as it is kept and as it was typed. */
    record IntakeDifference(String field, String kept, String typed) {}

    @GetMapping("/people")
    String list(
            @AuthenticationPrincipal SignedIn me,
            @RequestParam(defaultValue = "") String q,
            @RequestParam(defaultValue = "0") String page,
            @RequestParam(defaultValue = "") String only,
            @RequestHeader(name = "HX-Request", required = false) boolean fragment,
            Model model) {
        LocalDate today = day.today(me);
        int asked = new FormReader().whole("page", page, 0, MOST_PAGES).orElse(0);
        Optional<Only> some = Only.of(only);
        People.Page found = some.map(one -> people.page(me, one.numbers(records, me), asked))
                .orElseGet(() -> people.page(me, q, asked));
        model.addAttribute("q", q);
        model.addAttribute("only", some.orElse(null));
        model.addAttribute("found", strips(found, today));
        model.addAttribute("page", asked);
        model.addAttribute("pages", (found.total() + People.PAGE - 1) / People.PAGE);
        model.addAttribute("total", found.total());
        return fragment ? "people/list :: found" : "people/list";
    }

    /** Some women of a studio in a list of their own. */
    enum Only {
        STOPPED("Stopped until a clinician has seen her"),
        HELD("Held after pain, until she was asked again");

        private final String words;

        Only(String words) {
            this.words = words;
        }

        static Optional<Only> of(String code) {
            return Stream.of(values()).filter(one -> one.code().equals(code)).findFirst();
        }

        public String code() {
            return name().toLowerCase(Locale.ROOT);
        }

        public String words() {
            return words;
        }

        private List<Long> numbers(RecordReader records, SignedIn me) {
            return this == STOPPED ? records.stoppedIn(me.studioId()) : records.heldIn(me.studioId());
        }
    }

    private List<StageStrip> strips(People.Page found, LocalDate today) {
        Stream<StageStrip> read =
                records.listedOn(found.women(), today).stream().map(RecordReader.ListedRecord::strip);
        Stream<StageStrip> unread =
                found.unreadable().stream().map(named -> StageStrip.unreadable(named.id(), named.name()));
        return Stream.concat(read, unread)
                .sorted(Comparator.comparing(StageStrip::name))
                .toList();
    }

    @GetMapping("/people/new")
    ModelAndView blank() {
        return IntakePage.of(IntakeForm.empty());
    }

    @Idempotent
    @PostMapping("/people")
    ModelAndView add(
            @AuthenticationPrincipal SignedIn me, IntakeForm form, @RequestParam(defaultValue = "") String then) {
        Outcome<Woman> kept = people.add(me, form);
        return kept.problems().isEmpty()
                ? Saved.then(next.redirect(kept.value(), day.today(me), then, "journey"), "saved.woman")
                : refused(form, kept, List.of());
    }

    @GetMapping("/people/{womanId}")
    ModelAndView open(Woman woman) {
        return toJourney(woman.id());
    }

    @GetMapping("/people/{womanId}/edit")
    ModelAndView edit(@AuthenticationPrincipal SignedIn me, Woman woman) {
        return IntakePage.of(IntakeForm.of(woman)).addObject("earlier", earlierVersions(me, woman));
    }

    /** One change of her intake: who made it, when, and what was different before. */
    record IntakeChange(String at, String by, List<IntakeDifference> differences) {}

    private List<IntakeChange> earlierVersions(SignedIn me, Woman woman) {
        List<IntakeChange> changes = new ArrayList<>();
        IntakeForm later = IntakeForm.of(woman);
        for (EarlierIntakes.Earlier before : earlier.of(woman.id())) {
            String at = MOMENT.format(before.changedAt().atZone(me.studio().zone()));
            changes.add(new IntakeChange(at, before.changedBy(), differences(before.form(), later)));
            later = before.form();
        }
        return changes;
    }

    @PostMapping("/people/{womanId}")
    ModelAndView change(@AuthenticationPrincipal SignedIn me, Woman woman, IntakeForm form) {
        int version = ApplicationVersion.parse(form.kept().version()).number();
        Outcome<Woman> changed = people.change(me, woman, version, form);
        if (changed.problems().isEmpty()) {
            return toJourney(woman.id());
        }
        boolean stale = changed.problems().get(0).field().equals("version");
        return refused(form, changed, stale ? differences(IntakeForm.of(woman), form) : List.of())
                .addObject("woman", woman);
    }

    private ModelAndView refused(IntakeForm form, Outcome<Woman> outcome, List<IntakeDifference> differences) {
        return forms.refused(IntakePage.of(form).addObject("differences", differences), outcome.problems());
    }

    private static List<IntakeDifference> differences(IntakeForm kept, IntakeForm typed) {
        Map<String, Optional<Object>> after = FormFields.values(typed);
        List<IntakeDifference> differences = new ArrayList<>();
        FormFields.values(kept).forEach((field, value) -> {
            String before = words(value);
            String now = words(after.get(field));
            if (!NOT_SHOWN_AS_DIFFERENT.contains(field) && !before.equals(now)) {
                differences.add(new IntakeDifference(field, before, now));
            }
        });
        return differences;
    }

    private static String words(Optional<Object> value) {
        return value.map(told -> told instanceof List<?> list
                        ? list.stream()
                                .map(Object::toString)
                                .filter(word -> !word.isEmpty())
                                .sorted()
                                .collect(Collectors.joining(", "))
                        : told.toString())
                .orElse("");
    }

    private static ModelAndView toJourney(long womanId) {
        return Saved.then("redirect:/people/" + womanId + "/journey", "saved.intake");
    }
}
