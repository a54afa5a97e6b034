package openbloom.core.letter;

import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.core.Days;
import openbloom.core.record.Background;
import openbloom.core.record.Conditions;
import openbloom.core.record.Goal;
import openbloom.core.screening.Condition;
import openbloom.core.stage.Birth;
import openbloom.core.stage.Tear;
import openbloom.core.verdict.Facts;

/** Who she is and where she stands, in a clinician’s words. */
final class LetterStage {
    private static final int DAYS_TOLD_IN_WEEKS = 365;
    private static final int WEEK = 7;

    private final LetterFacts letter;
    private final Facts facts;

    LetterStage(LetterFacts letter) {
        this.letter = letter;
        this.facts = letter.now().facts();
    }

    /** {@code Isla Marlowe, born 1993, 31 weeks + 2 pregnant, due 25 Jan 2027}. */
    String about() {
        return letter.name() + letter.bornIn().map(year -> ", born " + year).orElse("") + ", " + where();
    }

    /** {@code 7 weeks after a caesarean (12 Oct 2026)}. */
    String where() {
        return where(facts);
    }

    static String where(Facts facts) {
        if (facts.isPregnant()) {
            return facts.client()
                    .situation()
                    .pregnancy()
                    .map(dating ->
                            facts.age().map(age -> age.words() + " pregnant, ").orElse("pregnant, ") + "due "
                                    + Days.words(dating.dueDate()))
                    .orElse("pregnant");
        }
        return facts.client()
                .situation()
                .birth()
                .map(birth -> after(birth, facts))
                .orElse("neither pregnant nor after a birth she reported");
    }

    private static String after(Birth birth, Facts facts) {
        long days = birth.daysOn(facts.day());
        long years = ChronoUnit.YEARS.between(birth.date(), facts.day());
        String ago = days < DAYS_TOLD_IN_WEEKS ? count(days / WEEK, "week") : count(Math.max(1, years), "year");
        String tear = birth.tear().reachesSphincter() ? ", " + birth.tear().words() : "";
        String kind = birth.kind().words();
        String article = kind.matches("[aeiou].*") ? " after an " : " after a ";
        return ago + article + kind + tear + " (" + Days.words(birth.date()) + ")";
    }

    static String count(long number, String of) {
        return number + " " + of + (number == 1 ? "" : "s");
    }

    List<LetterSentence> sentences() {
        List<LetterSentence> sentences = new ArrayList<>();
        Background her = facts.client().background();
        her.births()
                .ifPresent(births -> sentences.add(LetterSentence.of(
                        births == 0
                                ? "She has not given birth before."
                                : "She has given birth "
                                        + switch (births) {
                                            case 1 -> "once";
                                            case 2 -> "twice";
                                            default -> births + " times";
                                        }
                                        + "."
                                        + (facts.isPregnant() && her.knownBabies() > 1
                                                ? " She expects " + her.knownBabies() + " babies."
                                                : ""))));
        tear().ifPresent(sentences::add);
        conditions(sentences);
        List<Goal> goals = letter.done().goals();
        if (!goals.isEmpty()) {
            sentences.add(LetterSentence.of("She came for: "
                    + goals.stream().limit(3).map(Goal::words).collect(Collectors.joining("; ")) + "."));
        }
        return sentences;
    }

    private Optional<LetterSentence> tear() {
        return facts.client()
                .situation()
                .birth()
                .filter(birth -> birth.tear() != Tear.NONE && !birth.tear().reachesSphincter())
                .filter(birth -> facts.recentBirth().isPresent())
                .map(birth -> LetterSentence.of(
                        birth.date(),
                        "At that birth, as she reported: " + birth.tear().words() + "."));
    }

    /** Told, never found out here; who was not asked has not “none”. */
    private void conditions(List<LetterSentence> sentences) {
        Conditions known = facts.client().medical().known();
        known.all().stream()
                .sorted()
                .map(condition -> LetterSentence.of(
                        known.since(condition),
                        condition == Condition.BREASTFEEDING
                                ? "She is breastfeeding."
                                : "She reported: " + condition.words() + "."))
                .forEach(sentences::add);
        facts.client()
                .medical()
                .conditions()
                .askedOn()
                .ifPresentOrElse(
                        on -> {
                            if (known.all().isEmpty()) {
                                sentences.add(LetterSentence.of(on, "Asked, she reported no illness."));
                            }
                        },
                        () -> sentences.add(LetterSentence.of("Nobody has asked her about illnesses yet.")));
    }
}
