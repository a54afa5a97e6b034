package openbloom.core.verdict;

import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Predicate;
import openbloom.core.evidence.Published;
import openbloom.core.evidence.Source;
import openbloom.core.record.Client;
import openbloom.core.record.Question;
import openbloom.core.screening.Condition;
import openbloom.core.screening.Symptom;

/**
 * One rule: its stable code, a sentence for the client and one for the instructor, where it comes from, the question of
 * approach it depends on, and what it finds in a woman's facts.
 *
 * @see BodyRules
 * @see AfterBirthRules
 */
public final class Rule {
    private final String code;
    private final String client;
    private final String instructor;
    private final Source source;
    private final Optional<Question> question;
    private final boolean isSteady;
    private final Predicate<Client> only;
    private final BiConsumer<Facts, Findings> look;

    private Rule(
            String code,
            String client,
            String instructor,
            Source source,
            Optional<Question> question,
            boolean isSteady,
            Predicate<Client> only,
            BiConsumer<Facts, Findings> look) {
        this.code = code;
        this.client = client;
        this.instructor = instructor;
        this.source = source;
        this.question = question;
        this.isSteady = isSteady;
        this.only = only;
        this.look = look;
    }

    static RuleDraft code(String code) {
        return new RuleDraft(code);
    }

    /**
     * Whether it finds the same on every day of one record and one trimester: it asks nothing else of the day, or this record
     * never makes it speak.
     */
    boolean isSteady(Client record) {
        return isSteady || !only.test(record);
    }

    /** Whether a record could make it speak, on whatever day. */
    boolean mayConcern(Client record) {
        return only.test(record);
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
        private Predicate<Client> only = record -> true;

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

        /** Of every other record it finds nothing on any day: there it need not be asked again. */
        RuleDraft onlyOf(Predicate<Client> record) {
            only = record;
            return this;
        }

        /** Only of one who told or is known to have a condition; how many babies there are is known of the day alone. */
        RuleDraft onlyWith(Condition condition) {
            boolean byBabies = condition == Condition.TWINS || condition == Condition.TRIPLETS_OR_MORE;
            return onlyOf(record -> byBabies || record.medical().known().all().contains(condition));
        }

        RuleDraft onlyTold(Symptom symptom) {
            return onlyOf(record -> record.safety().symptoms().has(symptom));
        }

        RuleDraft onlyPregnant() {
            return onlyOf(record -> record.situation().pregnancy().isPresent());
        }

        RuleDraft onlyAfterABirth() {
            return onlyOf(record -> record.situation().birth().isPresent());
        }

        Rule looks(BiConsumer<Facts, Findings> look) {
            return new Rule(code, client, instructor, source, question, steady, only, look);
        }
    }
}
