package openbloom.app.plan;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import openbloom.app.accounts.AccountMapper;
import openbloom.app.checks.SafetyAnswer;
import openbloom.app.checks.SafetyMapper;
import openbloom.app.checks.SheetFindings;
import openbloom.app.gap.GapChecks;
import openbloom.app.people.LifeEvents;
import openbloom.app.people.RecordReader;
import openbloom.app.people.StageStrip;
import openbloom.app.people.Woman;
import openbloom.app.session.Response;
import openbloom.app.session.Sessions;
import openbloom.app.session.Told;
import openbloom.app.system.Joined;
import openbloom.core.evidence.Published;
import openbloom.core.moves.Catalogue;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.verdict.Approach;
import openbloom.core.verdict.Choice;
import openbloom.core.verdict.Client;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Question;
import org.springframework.stereotype.Service;

/** Puts together what the rules read: intake, the latest answers, the latest check, and what her sessions showed. */
@Service
class ClientAssembler implements RecordReader {
    private final SafetyMapper answers;
    private final GapChecks gaps;
    private final SheetFindings findings;
    private final Sessions sessions;
    private final Catalogue catalogue;
    private final AccountMapper accounts;
    private final LifeEvents events;

    ClientAssembler(
            SafetyMapper answers,
            GapChecks gaps,
            SheetFindings findings,
            Sessions sessions,
            Catalogue catalogue,
            AccountMapper accounts,
            LifeEvents events) {
        this.answers = answers;
        this.gaps = gaps;
        this.findings = findings;
        this.sessions = sessions;
        this.catalogue = catalogue;
        this.accounts = accounts;
        this.events = events;
    }

    @Override
    public Client clientOn(Woman woman, LocalDate day) {
        List<Response> responses = sessions.responsesOf(woman.id()).stream()
                .filter(response -> !response.on().isAfter(day))
                .toList();
        Standing standing = Standing.after(responses, findings.loadChecks(woman.id(), day));
        Client.Builder client = Client.of(woman.births(), woman.babies(), woman.ageYears(day))
                .conditions(conditions(woman, day))
                .approach(approachOf(woman))
                .equipment(woman.equipmentSet())
                .rungs(standing.rungs())
                .domingCeiling(standing.ceilings());
        woman.dating().ifPresent(client::pregnant);
        woman.birth().ifPresent(client::gaveBirth);
        woman.clearance().ifPresent(client::cleared);
        gaps.latest(woman.id(), day, approachOf(woman).school()).ifPresent(client::gap);
        findings.addTo(client, woman.id(), day);
        answers.latest(woman.id(), day)
                .ifPresent(answer -> client.warningSigns(answer.signs()).symptoms(withResponses(answer, responses)));
        return client.build();
    }

    /** Her own choices over the studio's over the usual ones. */
    @Override
    public Approach approachOf(Woman woman) {
        Map<Question, Choice> choices = new EnumMap<>(Question.class);
        String ofStudio = accounts.studio(woman.studioId()).approach();
        Joined.constants(ofStudio, Choice.class).forEach(choice -> choices.put(choice.question(), choice));
        woman.approachChoices().forEach(choice -> choices.put(choice.question(), choice));
        return Approach.of(choices.values());
    }

    /** For six weeks after a pregnancy was closed, load waits for her clinician. */
    private Set<Condition> conditions(Woman woman, LocalDate day) {
        Set<Condition> conditions = EnumSet.noneOf(Condition.class);
        conditions.addAll(woman.conditionSet());
        events.closedOn(woman.id())
                .filter(on -> day.isBefore(on.plusDays(Published.FULL_CHECK_AFTER_BIRTH.days())))
                .ifPresent(on -> conditions.add(Condition.OTHER_SIGNIFICANT));
        return conditions;
    }

    /** A leak or heaviness noted in a session since she was last asked counts as told. */
    private static SymptomReport withResponses(SafetyAnswer answer, List<Response> responses) {
        Set<Symptom> symptoms = EnumSet.noneOf(Symptom.class);
        symptoms.addAll(answer.symptomSet());
        Stream<Response> since =
                responses.stream().filter(response -> !response.on().isBefore(answer.askedOn()));
        since.forEach(response -> {
            if (response.told() == Told.LEAKED) {
                symptoms.add(Symptom.LEAK_WITH_EFFORT);
            }
            if (response.told() == Told.HEAVY) {
                symptoms.add(Symptom.HEAVINESS);
            }
        });
        return new SymptomReport.Asked(answer.askedOn(), symptoms);
    }

    @Override
    public StageStrip stripOn(Woman woman, LocalDate day) {
        return new Strips(woman, Judgement.of(catalogue, clientOn(woman, day), day)).strip();
    }
}
