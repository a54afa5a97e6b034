package openbloom.app.record;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.app.checks.SafetyAnswer;
import openbloom.app.checks.SafetyRecord;
import openbloom.app.checks.SafetyService;
import openbloom.app.checks.Sheet;
import openbloom.app.checks.SheetFindings;
import openbloom.app.checks.Sheets;
import openbloom.app.checks.gap.GapChecks;
import openbloom.app.checks.pelvicfloor.Practices;
import openbloom.app.people.LifeEvent;
import openbloom.app.people.LifeEvent.LifeEventKind;
import openbloom.app.people.LifeEvents;
import openbloom.app.people.RecordReader;
import openbloom.app.people.StageStrip;
import openbloom.app.people.Woman;
import openbloom.app.session.LadderDecisions;
import openbloom.app.session.PainLifts;
import openbloom.app.session.Sessions;
import openbloom.app.session.StoredResponse;
import openbloom.app.studio.AccountMapper;
import openbloom.app.system.ColumnCodec;
import openbloom.app.system.UnreadableRecord;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapHistory;
import openbloom.core.gap.School;
import openbloom.core.pelvicfloor.Release;
import openbloom.core.record.Answer;
import openbloom.core.record.Approach;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.CaseNotes;
import openbloom.core.record.Client;
import openbloom.core.record.HomeReport;
import openbloom.core.record.IntakeFacts;
import openbloom.core.record.LadderStatus;
import openbloom.core.record.Question;
import openbloom.core.record.Safety;
import openbloom.core.record.SafetyNotes;
import openbloom.core.screening.SymptomReport;
import openbloom.core.stage.Birth;
import openbloom.core.verdict.Facts;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Service;

/** Puts together what the rules read: intake, the latest answers, the latest check, and what her sessions showed. */
@Service
class ClientAssembler implements RecordReader {
    private static final Logger LOG = LoggerFactory.getLogger(ClientAssembler.class);

    private final SafetyService answers;
    private final GapChecks gaps;
    private final SheetFindings findings;
    private final Sessions sessions;
    private final LadderDecisions decisions;
    private final Sheets sheets;
    private final AccountMapper accounts;
    private final LifeEvents events;
    private final Practices practices;
    private final PainLifts lifts;

    ClientAssembler(
            SafetyService answers,
            GapChecks gaps,
            SheetFindings findings,
            Sessions sessions,
            LadderDecisions decisions,
            Sheets sheets,
            AccountMapper accounts,
            LifeEvents events,
            Practices practices,
            PainLifts lifts) {
        this.lifts = lifts;
        this.practices = practices;
        this.answers = answers;
        this.gaps = gaps;
        this.findings = findings;
        this.sessions = sessions;
        this.decisions = decisions;
        this.sheets = sheets;
        this.accounts = accounts;
        this.events = events;
    }

    @Override
    public Client clientOn(Woman woman, LocalDate day) {
        return notes(woman, day, read(List.of(woman))).client();
    }

    @Override
    public List<RecordReader.ListedRecord> listedOn(List<Woman> women, LocalDate day) {
        Optional<RecordRows> all = women.size() > 1 ? readAll(women) : Optional.empty();
        return women.stream().map(woman -> listed(woman, day, all)).toList();
    }

    @Override
    public List<Long> stoppedIn(long studioId) {
        return answers.stoppedIn(studioId);
    }

    @Override
    public List<Long> heldIn(long studioId) {
        return lifts.heldIn(studioId);
    }

    /** The records of many women in one batch; if one of them cannot be read, each is read by herself. */
    private Optional<RecordRows> readAll(List<Woman> women) {
        try {
            return Optional.of(read(women));
        } catch (RuntimeException oneIsBroken) {
            LOG.error("One of {} records cannot be read", women.size(), oneIsBroken);
            return Optional.empty();
        }
    }

    private RecordReader.ListedRecord listed(Woman woman, LocalDate day, Optional<RecordRows> all) {
        try {
            RecordRows kept = all.orElseGet(() -> read(List.of(woman)));
            CaseNotes notes = notes(woman, day, kept);
            Client client = notes.client();
            StageStrip strip = new StageStripWriter(woman, new Facts(client, day), notes.painElsewhere()).strip();
            return new RecordReader.ListedRecord(woman, Optional.of(client), strip);
        } catch (RuntimeException broken) {
            LOG.error("The record of woman {} cannot be read", woman.id(), broken);
            return new RecordReader.ListedRecord(
                    woman, Optional.empty(), StageStrip.unreadable(woman.id(), woman.name()));
        }
    }

    /** What the tables hold of some women. */
    private record RecordRows(
            Map<Long, List<StoredResponse>> responses,
            DecidedRow decided,
            Map<Long, List<Sheet>> sheets,
            Map<Long, List<GapChecks.KeptCheck>> gaps,
            Map<Long, List<Release.ReleasePractice>> practices,
            ToldRow safety,
            Map<Long, List<LifeEvent>> events,
            Map<Long, String> studioApproach) {}

    /** What they told when they were asked, and from home. */
    private record ToldRow(Map<Long, SafetyRecord> answers, Map<Long, List<HomeReport>> fromHome) {
        SafetyRecord answersOf(long womanId) {
            return answers.getOrDefault(womanId, new SafetyRecord(List.of()));
        }
    }

    /** What was decided besides, about ladders and after pain. */
    private record DecidedRow(
            Map<Long, List<LadderDecisions.DecisionMade>> ladders, Map<Long, List<PainLifts.PainLifted>> lifts) {}

    private RecordRows read(List<Woman> women) {
        List<Long> ids = women.stream().map(Woman::id).toList();
        Map<Long, String> approach = women.stream()
                .map(Woman::studioId)
                .distinct()
                .collect(Collectors.toMap(id -> id, id -> accounts.studio(id).approach()));
        return new RecordRows(
                sessions.responsesOf(ids),
                new DecidedRow(decisions.ofAll(ids), lifts.ofAll(ids)),
                sheets.ofAll(ids),
                gaps.ofAll(ids),
                practices.ofAll(ids),
                new ToldRow(answers.ofAll(ids), answers.reportsOfAll(ids)),
                events.ofAll(ids),
                approach);
    }

    private CaseNotes notes(Woman woman, LocalDate day, RecordRows kept) {
        try {
            return gathered(woman, day, kept);
        } catch (UnreadableRecord known) {
            throw known;
        } catch (RuntimeException broken) {
            throw new UnreadableRecord(woman.name(), "the record of woman " + woman.id(), broken);
        }
    }

    private CaseNotes gathered(Woman woman, LocalDate day, RecordRows kept) {
        if (!woman.isReadable()) {
            throw new UnreadableRecord(woman.name(), "the intake of woman " + woman.id(), null);
        }
        Approach approach = approach(woman, kept.studioApproach().getOrDefault(woman.studioId(), ""));
        IntakeFacts intake = woman.intake(approach, day);
        LocalDate since = CaseNotes.beginsOn(intake.situation());
        List<Sheet> found = between(kept.sheets(), woman, Sheet::checkedOn, since, day);
        List<GapChecks.KeptCheck> gaps =
                between(kept.gaps(), woman, examined -> examined.check().date(), since, day);
        return new CaseNotes(
                day,
                findings.training(found).map(intake::trained).orElse(intake),
                new SafetyNotes(
                        safety(woman, kept.safety().answersOf(woman.id()), day),
                        between(kept.safety().fromHome(), woman, HomeReport::on, since, day)),
                findings.of(
                        found,
                        gap(gaps, intake),
                        between(kept.practices(), woman, Release.ReleasePractice::on, since, day)),
                findings.loadChecks(found),
                between(kept.responses(), woman, StoredResponse::on, since, day).stream()
                        .map(StoredResponse::response)
                        .toList(),
                new LadderStatus.DecidedRung(
                        between(kept.decided().ladders(), woman, LadderDecisions.DecisionMade::on, since, day).stream()
                                .flatMap(made -> made.decision().stream())
                                .toList(),
                        between(kept.decided().lifts(), woman, PainLifts.PainLifted::on, since, day).stream()
                                .map(PainLifts.PainLifted::lift)
                                .toList()),
                lastClosed(kept.events().getOrDefault(woman.id(), List.of())));
    }

    private static <T> List<T> between(
            Map<Long, List<T>> kept, Woman woman, Function<T, LocalDate> dayOf, LocalDate fromInclusive, LocalDate to) {
        return kept.getOrDefault(woman.id(), List.of()).stream()
                .filter(one -> !dayOf.apply(one).isBefore(fromInclusive)
                        && !dayOf.apply(one).isAfter(to))
                .toList();
    }

    /** The check that counts, settled where the earlier ones say so. */
    private static Optional<GapCheck> gap(List<GapChecks.KeptCheck> gaps, IntakeFacts intake) {
        School school = intake.approach().school();
        List<GapCheck> all = gaps.stream().map(GapChecks.KeptCheck::check).toList();
        return GapChecks.latest(gaps, school)
                .map(latest -> GapHistory.settled(
                        latest.check(),
                        all,
                        school,
                        intake.background().ageYears().orElse(0),
                        intake.situation().birth().map(Birth::date)));
    }

    private static Safety safety(Woman woman, SafetyRecord all, LocalDate day) {
        SafetyRecord answers = all.upTo(day);
        List<String> unknown = Stream.concat(
                        answers.unknownSigns().stream(),
                        answers.latest().stream().flatMap(answer -> answer.unknownWords().stream()))
                .toList();
        if (!unknown.isEmpty()) {
            throw new UnreadableRecord(woman.name(), "answers to the safety check: " + unknown, null);
        }
        Optional<LocalDate> told =
                answers.latest().or(() -> answers.stops().stream().findFirst()).map(SafetyAnswer::askedOn);
        SymptomReport symptoms = answers.latest()
                .<SymptomReport>map(
                        latest -> new SymptomReport.Asked(latest.askedOn(), latest.symptomSet(), latest.leaksWhen()))
                .orElseGet(SymptomReport.NotAsked::new);
        return new Safety(told.map(on -> Answer.given(on, answers.signs())).orElseGet(Answer::notAsked), symptoms);
    }

    private static Optional<LocalDate> lastClosed(List<LifeEvent> events) {
        return events.stream()
                .filter(event -> event.kind() == LifeEventKind.PREGNANCY_CLOSED)
                .map(LifeEvent::happenedOn)
                .max(Comparator.naturalOrder());
    }

    /** Her own choices over the studio's over the usual ones. */
    @Override
    public Approach approachOf(Woman woman) {
        return approach(woman, accounts.studio(woman.studioId()).approach());
    }

    private static Approach approach(Woman woman, String ofStudio) {
        Map<Question, ApproachChoice> choices = new EnumMap<>(Question.class);
        ColumnCodec.constants(ofStudio, ApproachChoice.class).forEach(choice -> choices.put(choice.question(), choice));
        woman.approachChoices().forEach(choice -> choices.put(choice.question(), choice));
        return Approach.of(choices.values());
    }

    @Override
    public StageStrip stripOn(Woman woman, LocalDate day) {
        return listedOn(List.of(woman), day).get(0).strip();
    }
}
