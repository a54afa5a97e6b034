package openbloom.app.plan;

import java.time.LocalDate;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import openbloom.app.checks.GapChecks;
import openbloom.app.checks.SafetyAnswer;
import openbloom.app.checks.SafetyMapper;
import openbloom.app.people.RecordReader;
import openbloom.app.people.StageStrip;
import openbloom.app.people.Woman;
import openbloom.app.session.Response;
import openbloom.app.session.Sessions;
import openbloom.app.session.Told;
import openbloom.core.moves.Catalogue;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.verdict.Client;
import openbloom.core.verdict.Judgement;
import org.springframework.stereotype.Service;

/** Puts together what the rules read: intake, the latest answers, the latest check, and what her sessions showed. */
@Service
class ClientAssembler implements RecordReader {
    private final SafetyMapper answers;
    private final GapChecks gaps;
    private final Sessions sessions;
    private final Catalogue catalogue;

    ClientAssembler(SafetyMapper answers, GapChecks gaps, Sessions sessions, Catalogue catalogue) {
        this.answers = answers;
        this.gaps = gaps;
        this.sessions = sessions;
        this.catalogue = catalogue;
    }

    @Override
    public Client clientOn(Woman woman, LocalDate day) {
        List<Response> responses = sessions.responsesOf(woman.id()).stream()
                .filter(response -> !response.on().isAfter(day))
                .toList();
        Standing standing = Standing.after(responses);
        Client.Builder client = Client.of(woman.births(), woman.babies(), woman.ageYears(day))
                .conditions(woman.conditionSet())
                .equipment(woman.equipmentSet())
                .rungs(standing.rungs())
                .domingCeiling(standing.ceilings());
        woman.dating().ifPresent(client::pregnant);
        woman.birth().ifPresent(client::gaveBirth);
        woman.clearance().ifPresent(client::cleared);
        gaps.latest(woman.id(), day).ifPresent(client::gap);
        answers.latest(woman.id(), day)
                .ifPresent(answer -> client.warningSigns(answer.signs()).symptoms(withResponses(answer, responses)));
        return client.build();
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
