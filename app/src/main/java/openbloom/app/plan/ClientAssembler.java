package openbloom.app.plan;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.app.accounts.AccountMapper;
import openbloom.app.checks.Safety;
import openbloom.app.checks.SafetyAnswer;
import openbloom.app.checks.SafetyRecord;
import openbloom.app.checks.Sheet;
import openbloom.app.checks.SheetFindings;
import openbloom.app.checks.Sheets;
import openbloom.app.gap.GapChecks;
import openbloom.app.people.LifeEvent;
import openbloom.app.people.LifeEvents;
import openbloom.app.people.RecordReader;
import openbloom.app.people.StageStrip;
import openbloom.app.people.Woman;
import openbloom.app.session.HurtAt;
import openbloom.app.session.Response;
import openbloom.app.session.Sessions;
import openbloom.app.session.Told;
import openbloom.app.system.Joined;
import openbloom.app.system.UnreadableRecord;
import openbloom.core.Days;
import openbloom.core.evidence.Published;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.stage.Birth;
import openbloom.core.verdict.Approach;
import openbloom.core.verdict.Choice;
import openbloom.core.verdict.Client;
import openbloom.core.verdict.Facts;
import openbloom.core.verdict.Question;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Puts together what the rules read: intake, the latest answers, the latest check, and what her sessions showed. */
@Service
class ClientAssembler implements RecordReader {
    private static final Logger LOG = LoggerFactory.getLogger(ClientAssembler.class);

    private final Safety safety;
    private final GapChecks gaps;
    private final SheetFindings findings;
    private final Sessions sessions;
    private final Sheets sheets;
    private final AccountMapper accounts;
    private final LifeEvents events;

    ClientAssembler(
            Safety safety,
            GapChecks gaps,
            SheetFindings findings,
            Sessions sessions,
            Sheets sheets,
            AccountMapper accounts,
            LifeEvents events) {
        this.safety = safety;
        this.gaps = gaps;
        this.findings = findings;
        this.sessions = sessions;
        this.sheets = sheets;
        this.accounts = accounts;
        this.events = events;
    }

    @Override
    public Client clientOn(Woman woman, LocalDate day) {
        return assemble(woman, day, readOnce(woman));
    }

    /** While a page is only looked at, a woman's tables are read once, whoever asks for them. */
    private Kept readOnce(Woman woman) {
        if (!(RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes page)
                || !page.getRequest().getMethod().equals("GET")) {
            return read(List.of(woman));
        }
        String key = ClientAssembler.class.getName() + woman.id();
        if (page.getRequest().getAttribute(key) instanceof Kept before) {
            return before;
        }
        Kept kept = read(List.of(woman));
        page.getRequest().setAttribute(key, kept);
        return kept;
    }

    @Override
    public List<Listed> listedOn(List<Woman> women, LocalDate day) {
        Optional<Kept> all = women.size() > 1 ? readAll(women) : Optional.empty();
        return women.stream().map(woman -> listed(woman, day, all)).toList();
    }

    /** The records of many women in one batch; if one of them cannot be read, each is read by herself. */
    private Optional<Kept> readAll(List<Woman> women) {
        try {
            return Optional.of(read(women));
        } catch (RuntimeException oneIsBroken) {
            LOG.error("One of {} records cannot be read", women.size(), oneIsBroken);
            return Optional.empty();
        }
    }

    private Listed listed(Woman woman, LocalDate day, Optional<Kept> all) {
        try {
            Kept kept = all.orElseGet(() -> readOnce(woman));
            Client client = assemble(woman, day, kept);
            StageStrip strip = new Strips(woman, new Facts(client, day), hurts(woman, day, kept)).strip();
            return new Listed(woman, Optional.of(client), strip);
        } catch (RuntimeException broken) {
            LOG.error("The record of woman {} cannot be read", woman.id(), broken);
            return new Listed(woman, Optional.empty(), StageStrip.unreadable(woman.id(), woman.name()));
        }
    }

    /** What the tables hold of some women. */
    private record Kept(
            Map<Long, List<Response>> responses,
            Map<Long, List<Sheet>> sheets,
            Map<Long, List<GapChecks.Examined>> gaps,
            Map<Long, SafetyRecord> answers,
            Map<Long, List<LifeEvent>> events,
            Map<Long, String> studioApproach) {}

    private Kept read(List<Woman> women) {
        List<Long> ids = women.stream().map(Woman::id).toList();
        Map<Long, String> approach = women.stream()
                .map(Woman::studioId)
                .distinct()
                .collect(Collectors.toMap(id -> id, id -> accounts.studio(id).approach()));
        return new Kept(
                sessions.responsesOf(ids),
                sheets.ofAll(ids),
                gaps.ofAll(ids),
                safety.ofAll(ids),
                events.ofAll(ids),
                approach);
    }

    private Client assemble(Woman woman, LocalDate day, Kept kept) {
        try {
            return assembled(woman, day, kept);
        } catch (UnreadableRecord known) {
            throw known;
        } catch (RuntimeException broken) {
            throw new UnreadableRecord(woman.name(), "the record of woman " + woman.id(), broken);
        }
    }

    /** What was found before a birth ends with it: ladders, ceilings, checks and their due dates begin anew. */
    private Client assembled(Woman woman, LocalDate day, Kept kept) {
        if (!woman.isReadable()) {
            throw new UnreadableRecord(woman.name(), "the intake of woman " + woman.id(), null);
        }
        LocalDate since = woman.birth().map(Birth::date).orElse(LocalDate.MIN);
        List<Response> responses = kept.responses().getOrDefault(woman.id(), List.of()).stream()
                .filter(response -> isBetween(response.on(), since, day))
                .toList();
        List<Sheet> found = kept.sheets().getOrDefault(woman.id(), List.of()).stream()
                .filter(sheet -> isBetween(sheet.checkedOn(), since, day))
                .toList();
        List<GapChecks.Examined> checks = kept.gaps().getOrDefault(woman.id(), List.of()).stream()
                .filter(check -> isBetween(check.check().date(), since, day))
                .toList();
        Approach approach = approach(woman, kept.studioApproach().getOrDefault(woman.studioId(), ""));
        Standing standing = Standing.after(responses, findings.loadChecks(found));
        Client.Builder client = Client.of(woman.births(), woman.babies(), woman.ageYears(day))
                .conditions(conditions(woman, kept.events().getOrDefault(woman.id(), List.of()), day))
                .approach(approach)
                .equipment(woman.equipmentSet())
                .rungs(standing.rungs())
                .domingCeiling(standing.ceilings());
        woman.dating().ifPresent(client::pregnant);
        woman.birth().ifPresent(client::gaveBirth);
        woman.clearance().ifPresent(client::cleared);
        GapChecks.latest(checks, approach.school())
                .map(GapChecks.Examined::check)
                .ifPresent(client::gap);
        findings.addTo(client, found);
        SafetyRecord answers = kept.answers()
                .getOrDefault(woman.id(), new SafetyRecord(List.of()))
                .upTo(day);
        List<String> unknown = Stream.concat(
                        answers.unknownSigns().stream(),
                        answers.latest().stream().flatMap(answer -> answer.unknownWords().stream()))
                .toList();
        if (!unknown.isEmpty()) {
            throw new UnreadableRecord(woman.name(), "answers to “Safe today?”: " + unknown, null);
        }
        client.warningSigns(answers.signs().keySet()).signsToldOn(answers.signs());
        client.symptoms(symptoms(answers, since, responses));
        return client.build();
    }

    private static boolean isBetween(LocalDate on, LocalDate fromInclusive, LocalDate toInclusive) {
        return !on.isBefore(fromInclusive) && !on.isAfter(toInclusive);
    }

    /** Her own choices over the studio's over the usual ones. */
    @Override
    public Approach approachOf(Woman woman) {
        return approach(woman, accounts.studio(woman.studioId()).approach());
    }

    private static Approach approach(Woman woman, String ofStudio) {
        Map<Question, Choice> choices = new EnumMap<>(Question.class);
        Joined.constants(ofStudio, Choice.class).forEach(choice -> choices.put(choice.question(), choice));
        woman.approachChoices().forEach(choice -> choices.put(choice.question(), choice));
        return Approach.of(choices.values());
    }

    /** For six weeks after a pregnancy was closed, load waits for her clinician. */
    private static Set<Condition> conditions(Woman woman, List<LifeEvent> events, LocalDate day) {
        Set<Condition> conditions = EnumSet.noneOf(Condition.class);
        conditions.addAll(woman.conditionSet());
        events.stream()
                .filter(event -> event.kind() == LifeEvent.Kind.PREGNANCY_CLOSED)
                .map(LifeEvent::happenedOn)
                .max(Comparator.naturalOrder())
                .filter(on -> day.isBefore(on.plusDays(Published.FULL_CHECK_AFTER_BIRTH.days())))
                .ifPresent(on -> conditions.add(Condition.OTHER_SIGNIFICANT));
        return conditions;
    }

    /**
     * What she answered last, unless that was before a birth: then nobody has asked yet. A leak, heaviness or pain noted in
     * a session since then counts as told at once.
     */
    private static SymptomReport symptoms(SafetyRecord answers, LocalDate birth, List<Response> responses) {
        Optional<SafetyAnswer> latest =
                answers.latest().filter(answer -> answer.askedOn().isAfter(birth));
        Set<Symptom> symptoms = EnumSet.noneOf(Symptom.class);
        latest.ifPresent(answer -> symptoms.addAll(answer.symptomSet()));
        LocalDate since = latest.map(SafetyAnswer::askedOn).orElse(LocalDate.MIN);
        responses.stream()
                .filter(response -> !response.on().isBefore(since))
                .flatMap(response -> toldBy(response).stream())
                .forEach(symptoms::add);
        Optional<LocalDate> asked = latest.map(SafetyAnswer::askedOn)
                .or(() -> responses.stream()
                        .filter(response -> toldBy(response).isPresent())
                        .map(Response::on)
                        .findFirst());
        return asked.isPresent() ? new SymptomReport.Asked(asked.get(), symptoms) : new SymptomReport.NotAsked();
    }

    private static Optional<Symptom> toldBy(Response response) {
        return switch (response.told()) {
            case LEAKED -> Optional.of(Symptom.LEAK_WITH_EFFORT);
            case HEAVY -> Optional.of(Symptom.HEAVINESS);
            case HURT -> HurtAt.named(response.place()).flatMap(HurtAt::symptom);
            default -> Optional.empty();
        };
    }

    @Override
    public StageStrip stripOn(Woman woman, LocalDate day) {
        return listedOn(List.of(woman), day).get(0).strip();
    }

    /** Where something hurt in a session and no symptom says it, since she was last asked. */
    private static List<String> hurts(Woman woman, LocalDate day, Kept kept) {
        LocalDate asked = Optional.ofNullable(kept.answers().get(woman.id()))
                .flatMap(answers -> answers.upTo(day).latest())
                .map(SafetyAnswer::askedOn)
                .orElse(LocalDate.MIN);
        return kept.responses().getOrDefault(woman.id(), List.of()).stream()
                .filter(response ->
                        response.told() == Told.HURT && !response.on().isBefore(asked))
                .filter(response -> toldBy(response).isEmpty())
                .map(response -> "hurt in a session, " + Days.words(response.on()))
                .distinct()
                .toList();
    }
}
