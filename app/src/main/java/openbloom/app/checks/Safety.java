package openbloom.app.checks;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import openbloom.app.accounts.SignedIn;
import openbloom.app.people.Woman;
import openbloom.app.system.Joined;
import openbloom.app.system.StudioDay;
import openbloom.core.Problem;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.WarningSign;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Service;

/** The warning signs, asked before anything else. */
@Service
public class Safety {
    private final SafetyMapper answers;
    private final StudioDay day;

    Safety(SafetyMapper answers, StudioDay day) {
        this.answers = answers;
        this.day = day;
    }

    /** What she answered today, or that nobody has asked yet. */
    public Optional<SafetyAnswer> today(SignedIn me, Woman woman) {
        LocalDate today = day.today(me.studio().zone());
        return answers.latest(woman.id(), today)
                .filter(answer -> answer.askedOn().equals(today));
    }

    /** Where to go before a check or a session may begin; empty when she was asked today and nothing stops her. */
    public Optional<String> detour(SignedIn me, Woman woman, String then) {
        Optional<SafetyAnswer> answer = today(me, woman);
        if (answer.isPresent() && !answer.get().stops()) {
            return Optional.empty();
        }
        return Optional.of("redirect:/people/" + woman.id() + "/safe?then=" + then);
    }

    /** Everything she ever answered, latest first. */
    public List<SafetyAnswer> answersOf(Woman woman) {
        return answers.of(woman.id());
    }

    List<WarningSign> asked(Woman woman) {
        boolean pregnant = woman.dating().isPresent();
        return WarningSign.askedOf(pregnant);
    }

    /**
     * Keeps what she answered.
     *
     * @param none whether she said "none of these" to the warning signs
     * @return what is missing; empty when it was kept
     */
    List<Problem> keep(SignedIn me, Woman woman, SafetyForm form) {
        List<Problem> problems = new ArrayList<>(form.typed().problems());
        Set<WarningSign> signs = form.warningSigns();
        Set<Symptom> symptoms = form.symptomSet();
        if (signs.isEmpty() == !form.isNoSign()) {
            problems.add(Problem.of("signs", signs.isEmpty() ? "safe.unanswered" : "safe.both"));
        }
        if (signs.isEmpty() && symptoms.isEmpty() == !form.isNoSymptom()) {
            problems.add(Problem.of("symptoms", symptoms.isEmpty() ? "safe.unanswered" : "safe.both"));
        }
        if (problems.isEmpty()) {
            insert(me, woman, form.formKey(), signs, symptoms);
        }
        return problems;
    }

    private void insert(SignedIn me, Woman woman, String formKey, Set<WarningSign> signs, Set<Symptom> symptoms) {
        try {
            answers.insert(
                    woman.id(),
                    formKey,
                    day.today(me.studio().zone()),
                    me.accountId(),
                    day.instant(),
                    Joined.constants(signs),
                    Joined.constants(symptoms),
                    whatToDo(signs));
        } catch (DuplicateKeyException sentTwice) {
            // the same answer is kept already
        }
    }

    /** The most urgent advice of all signs told. */
    static String whatToDo(Set<WarningSign> signs) {
        return signs.stream()
                .map(WarningSign::urgency)
                .min(Comparator.naturalOrder())
                .map(urgency -> urgency.whatToDo())
                .orElse("");
    }
}
