package openbloom.core.letter;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import openbloom.core.evidence.Published;
import openbloom.core.evidence.Source;
import openbloom.core.verdict.Facts;

/**
 * A letter to her clinician as it is drafted: what is asked stands first. It says what was measured, seen and told, and never
 * what she has.
 *
 * @param subject what it is about
 * @param about who it is about, and where she stands today
 * @see LetterFacts
 * @see LetterKind
 */
public record Letter(LetterKind kind, String subject, String about, List<LetterPart> parts) {
    private static final String SOURCES = "Where the numbers come from";

    public Letter {
        parts = List.copyOf(parts);
    }

    /** What the letter itself says of where its numbers come from, how well hands agree among it. */
    public List<LetterSentence> sources() {
        return parts.stream()
                .filter(part -> part.heading().equals(SOURCES))
                .flatMap(part -> part.sentences().stream())
                .toList();
    }

    /**
     * Sentences under a heading.
     *
     * @param framed whether it must not be overlooked
     */
    public record LetterPart(String heading, List<LetterSentence> sentences, boolean framed) {
        public LetterPart {
            sentences = List.copyOf(sentences);
        }
    }

    /** Where she stands today, as a letter says it: {@code 7 weeks after a caesarean (12 Oct 2026)}. */
    public static String where(Facts facts) {
        return LetterStage.where(facts);
    }

    /** Drafts one; a part of which nothing is known is left out. */
    public static Letter draft(LetterKind kind, LetterFacts facts) {
        LetterStage stage = new LetterStage(facts);
        LetterQuestions asked = new LetterQuestions(facts, stage);
        LetterFindings found = new LetterFindings(facts);
        List<LetterPart> parts = new ArrayList<>();
        add(parts, asked.heading(kind), asked.sentences(kind), true);
        add(parts, "Who she is", stage.sentences(), false);
        add(parts, "What was found", found.found(), false);
        add(parts, "What was done", found.done(), false);
        add(parts, "What she does not do now", found.limits(), false);
        add(parts, "", List.of(LetterSentence.of("With kind regards, " + facts.from())), false);
        if (kind == LetterKind.ASKING || kind == LetterKind.REPORTING) {
            add(parts, "Your answer: please mark and send back", LetterQuestions.answer(), true);
        }
        add(parts, SOURCES, sources(parts, found), false);
        return new Letter(kind, kind.words() + ": " + facts.name(), stage.about(), parts);
    }

    private static void add(List<LetterPart> parts, String heading, List<LetterSentence> sentences, boolean framed) {
        if (!sentences.isEmpty()) {
            parts.add(new LetterPart(heading, sentences, framed));
        }
    }

    /** Every published number the sentences lean on, once, with its source. */
    private static List<LetterSentence> sources(List<LetterPart> parts, LetterFindings found) {
        Set<Published> numbers = new TreeSet<>();
        parts.forEach(part -> part.sentences().forEach(sentence -> numbers.addAll(sentence.leansOn())));
        List<LetterSentence> sources = new ArrayList<>(found.basis());
        numbers.stream().map(Letter::source).map(LetterSentence::of).forEach(sources::add);
        return sources;
    }

    /** Every published number the letter leans on, with the sentences that do. */
    public Map<Published, List<LetterSentence>> leansOn() {
        Map<Published, List<LetterSentence>> leaning = new TreeMap<>();
        parts.forEach(part -> part.sentences()
                .forEach(sentence -> sentence.leansOn()
                        .forEach(number -> leaning.computeIfAbsent(number, none -> new ArrayList<>())
                                .add(sentence))));
        return leaning;
    }

    private static String source(Published number) {
        String from = number.source() == Source.COMMON_PRACTICE
                ? "common practice, no source"
                : number.source().citation();
        return LetterSentence.capitalised(number.meaning()) + " " + number.amount() + " " + number.unit() + " (" + from
                + ").";
    }
}
