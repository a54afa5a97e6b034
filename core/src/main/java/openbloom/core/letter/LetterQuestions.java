package openbloom.core.letter;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import openbloom.core.Days;
import openbloom.core.record.Clearance;
import openbloom.core.review.GoalOutcome;
import openbloom.core.verdict.ClinicianQuestion;
import openbloom.core.verdict.Facts;

/** What a letter asks or reports: it stands first. */
final class LetterQuestions {
    private static final int MOST_AIMS = 3;

    private final LetterFacts letter;
    private final Facts facts;
    private final List<ClinicianQuestion> open;

    LetterQuestions(LetterFacts letter, LetterStage stage) {
        this.letter = letter;
        this.facts = letter.now().facts();
        this.open = ClinicianQuestion.of(letter.now(), stage.where());
    }

    String heading(LetterKind kind) {
        return switch (kind) {
            case ASKING -> "What I ask you";
            case REPORTING -> "What I report";
            case HANDING_OVER -> "What I hand over";
            case ANSWERING -> "What you asked";
        };
    }

    List<LetterSentence> sentences(LetterKind kind) {
        return switch (kind) {
            case ASKING -> asking();
            case REPORTING -> reporting();
            case HANDING_OVER -> handingOver();
            case ANSWERING -> answering();
        };
    }

    private List<LetterSentence> asking() {
        if (open.isEmpty()) {
            return List.of(
                    LetterSentence.of("Nothing in her record waits for you. Is there anything you want left out?"));
        }
        return open.stream().map(question -> LetterSentence.of("", question)).toList();
    }

    private List<LetterSentence> reporting() {
        List<LetterSentence> sentences = new ArrayList<>();
        facts.client().safety().standing().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(sign -> sentences.add(LetterSentence.of(
                        sign.getValue(),
                        "She reported " + sign.getKey().words() + ". We stopped at once. The rule here: “"
                                + sign.getKey().whatToDo() + "”")));
        if (sentences.isEmpty()) {
            sentences.add(LetterSentence.of("No warning sign stands in her record today."));
            return sentences;
        }
        sentences.add(
                LetterSentence.of(
                        "She does no exercise with me until you have said so. When may she begin again, and is anything to be left out?"));
        return sentences;
    }

    private List<LetterSentence> handingOver() {
        List<LetterSentence> sentences = new ArrayList<>();
        sentences.add(
                LetterSentence.of("Her time with me ends today; I hand over what I know to whoever goes on with her."));
        open.forEach(question ->
                sentences.add(LetterSentence.of(question.on(), "Still waits for a clinician: " + question.words())));
        List<GoalOutcome> left = letter.done().aims().stream()
                .filter(aim -> aim.state() != GoalOutcome.State.REACHED && aim.state() != GoalOutcome.State.CLOSED)
                .toList();
        if (!left.isEmpty()) {
            sentences.add(LetterSentence.of("Not reached yet: "
                    + left.stream().limit(MOST_AIMS).map(LetterQuestions::aim).collect(Collectors.joining("; "))
                    + "."));
        }
        if (open.isEmpty() && left.isEmpty()) {
            sentences.add(LetterSentence.of("Nothing waits for a clinician, and what she came for is reached."));
        }
        return sentences;
    }

    private List<LetterSentence> answering() {
        List<LetterSentence> sentences = new ArrayList<>();
        Optional<Clearance> given = facts.clearance();
        sentences.add(given.map(word -> LetterSentence.of(
                        word.date(),
                        "Thank you for your word"
                                + (word.limits().isEmpty() ? "" : " and its limits")
                                + ". You asked how she has done with it."))
                .orElseGet(() -> LetterSentence.of("You asked how she does.")));
        letter.done().aims().stream()
                .limit(MOST_AIMS)
                .forEach(aim -> sentences.add(LetterSentence.of(LetterSentence.capitalised(aim(aim)) + ": "
                        + aim.state().words() + ".")));
        if (letter.done().sessions() == 0) {
            sentences.add(LetterSentence.of("She has not trained with me since the first look on "
                    + Days.words(letter.done().since()) + "."));
        }
        return sentences;
    }

    /** An aim, with what says so; levels of a ladder mean nothing outside a studio. */
    private static String aim(GoalOutcome outcome) {
        String words = outcome.aim().words();
        return outcome.why().contains("level") ? words : words + " (" + outcome.why() + ")";
    }

    /** A slip to be filled in by hand and sent back. */
    static List<LetterSentence> answer() {
        return List.of(
                LetterSentence.of("yes, without limits"),
                LetterSentence.of("yes, but without: …"),
                LetterSentence.of("not yet, because: …"),
                LetterSentence.of("Name, date, signature: …"));
    }
}
