package openbloom.core.verdict;

import static openbloom.core.evidence.Published.*;

import openbloom.core.gap.GapCheck;
import openbloom.core.record.ImpactTests;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;
import openbloom.core.words.Evidence;
import openbloom.core.words.Topic;

/** What made a rule speak, from what is known of a woman on a day. */
final class FactEvidence {
    private final KnownFacts facts;

    FactEvidence(KnownFacts facts) {
        this.facts = facts;
    }

    Evidence.Years years() {
        return new Evidence.Years(facts.client().background().ageYears().orElse(0));
    }

    /** How her approach reads the gap. */
    Evidence gap() {
        return facts.client()
                .checks()
                .gap()
                .<Evidence>map(check -> new Evidence.GapRead(facts.read(check), check.date()))
                .orElse(new Evidence.NotAsked(Topic.GAP));
    }

    Evidence doming() {
        return new Evidence.HeadLift(
                facts.domed(), facts.client().checks().gap().map(GapCheck::date));
    }

    Evidence.Weeks weeks() {
        return new Evidence.Weeks(facts.age(), facts.day());
    }

    Evidence sinceBirth() {
        return facts.recentBirth()
                .<Evidence>map(birth -> new Evidence.SinceBirth(birth.kind(), birth.daysOn(facts.day()), birth.date()))
                .orElse(new Evidence.NotAsked(Topic.BIRTH));
    }

    Evidence lastBirth() {
        return facts.client()
                .situation()
                .birth()
                .<Evidence>map(birth -> new Evidence.LastBirth(birth.kind(), birth.date()))
                .orElse(new Evidence.NotAsked(Topic.BIRTH));
    }

    Evidence told(Symptom symptom) {
        return new Evidence.SymptomTold(
                symptom, facts.client().safety().symptoms().askedOn());
    }

    Evidence known(Condition condition) {
        return new Evidence.ConditionKnown(
                condition, facts.client().medical().known().since(condition));
    }

    Evidence lastRead() {
        return new Evidence.LastRead(facts.client().checks().gap().map(GapCheck::date));
    }

    Evidence tests() {
        ImpactTests tests = facts.client().checks().impactTests();
        return new Evidence.TestsPassed(tests.passed().size(), ImpactTests.Test.values().length, tests.on());
    }
}
