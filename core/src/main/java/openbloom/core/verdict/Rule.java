package openbloom.core.verdict;

import java.util.Optional;
import java.util.function.BiConsumer;
import openbloom.core.evidence.Published;
import openbloom.core.evidence.Source;
import openbloom.core.record.Question;

/**
 * One rule: its stable code, a sentence for the client and one for the instructor, where it comes from, the question of
 * approach it depends on, and what it finds in a woman's facts.
 */
public final class Rule {
    private final String code;
    private final String client;
    private final String instructor;
    private final Source source;
    private final Optional<Question> question;
    private final boolean isSteady;
    private final BiConsumer<Facts, Findings> look;

    private Rule(
            String code,
            String client,
            String instructor,
            Source source,
            Optional<Question> question,
            boolean isSteady,
            BiConsumer<Facts, Findings> look) {
        this.code = code;
        this.client = client;
        this.instructor = instructor;
        this.source = source;
        this.question = question;
        this.isSteady = isSteady;
        this.look = look;
    }

    static RuleDraft code(String code) {
        return new RuleDraft(code);
    }

    /** Whether it finds the same on every day of one record and one trimester: it asks nothing else of the day. */
    boolean isSteady() {
        return isSteady;
    }

    void look(Facts facts, Findings findings) {
        look.accept(facts, findings);
    }

    public String code() {
        return code;
    }

    public String client() {
        return client;
    }

    public String instructor() {
        return instructor;
    }

    public Source source() {
        return source;
    }

    /** For a rule of practice: what it rests on and what would change our mind. */
    public Optional<String> basis() {
        return PracticeBasis.of(this);
    }

    public Optional<Question> question() {
        return question;
    }

    @Override
    public String toString() {
        return code;
    }

    /** A rule being written down. */
    static final class RuleDraft {
        private final String code;
        private String client = "";
        private String instructor = "";
        private Source source = Source.COMMON_PRACTICE;
        private Optional<Question> question = Optional.empty();
        private boolean steady;

        private RuleDraft(String code) {
            this.code = code;
        }

        /** @param numbers for each {@code {}} of the sentence */
        RuleDraft client(String sentence, Published... numbers) {
            client = Published.said(sentence, numbers);
            return this;
        }

        /** @param numbers for each {@code {}} of the sentence */
        RuleDraft instructor(String sentence, Published... numbers) {
            instructor = Published.said(sentence, numbers);
            return this;
        }

        RuleDraft source(Source key) {
            source = key;
            return this;
        }

        RuleDraft by(Question approach) {
            question = Optional.of(approach);
            return this;
        }

        /** It asks nothing of the day but the trimester. */
        RuleDraft steady() {
            steady = true;
            return this;
        }

        Rule looks(BiConsumer<Facts, Findings> look) {
            return new Rule(code, client, instructor, source, question, steady, look);
        }
    }
}
