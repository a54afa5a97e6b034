package openbloom.app.language;

import com.ibm.icu.text.MessageFormat;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Collection;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.MissingResourceException;
import java.util.Optional;
import java.util.ResourceBundle;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import openbloom.core.breath.CueFamily;
import openbloom.core.care.CareCard;
import openbloom.core.care.Explanation;
import openbloom.core.care.PlaceSet;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.Kit;
import openbloom.core.moves.Move;
import openbloom.core.pelvicfloor.Prescription;
import openbloom.core.pelvicfloor.Track;
import openbloom.core.verdict.Adjustment;
import openbloom.core.verdict.Judgement;
import openbloom.core.verdict.Versions;

/**
 * The words of one language. What the catalogue and the cards say stands in English there; another language has it in a bundle of
 * its own, and an exercise of the studio's own is told as the studio wrote it.
 */
public final class HerWords {
    private static final String SENTENCES = "openbloom.app.language.hers";
    private static final int RELEASE_SENTENCES = 3;
    /** From here on seconds alone are too many to count, s. */
    private static final int LONG_HOLD = 120;

    private static final String EXERCISES = "openbloom.app.language.moves";
    private static final Map<HerLanguage, HerWords> ALL = new EnumMap<>(HerLanguage.class);

    /** How the middle may begin before a move's own words, as the catalogue calls it. */
    private static final List<String> LEADS = List.of("middle", "held", "connect", "floor", "quick", "areas");

    /** What a mistake in could hurt her: signs, what to do about them, when to stop. */
    private static final List<String> ABOUT_SAFETY =
            List.of("safe.", "sign.", "urgency.", "stop.", "stops.", "ease.", "wrong.", "paper.call", "floor.stop");

    static {
        for (HerLanguage language : HerLanguage.values()) {
            ALL.put(language, new HerWords(language));
        }
    }

    private final HerLanguage language;
    private final ResourceBundle sentences;
    private final Optional<ResourceBundle> exercises;

    private HerWords(HerLanguage language) {
        this.language = language;
        this.sentences = bundle(SENTENCES, language);
        this.exercises = language.isSecond() ? Optional.of(bundle(EXERCISES, language)) : Optional.empty();
    }

    private static ResourceBundle bundle(String name, HerLanguage language) {
        return ResourceBundle.getBundle(
                name,
                language.locale(),
                ResourceBundle.Control.getNoFallbackControl(ResourceBundle.Control.FORMAT_PROPERTIES));
    }

    @SuppressWarnings("NullAway")
    public static HerWords in(HerLanguage language) {
        return ALL.get(language);
    }

    public HerLanguage language() {
        return language;
    }

    public Locale locale() {
        return language.locale();
    }

    /**
     * A sentence with what is put into it.
     *
     * @throws MissingResourceException if no bundle has it
     */
    public String of(String key, Object... args) {
        String pattern = sentences.getString(key);
        return args.length == 0
                ? pattern
                : new MessageFormat(pattern, locale())
                        .format(Stream.of(args).map(HerWords::asGiven).toArray());
    }

    /** A number chooses between one and many; a day or a time stands as it is written, not as a language would write it. */
    private static Object asGiven(Object arg) {
        return arg instanceof Number ? arg : String.valueOf(arg);
    }

    /** The words of a constant: {@code sign.FEVER}. */
    public String of(String kind, Enum<?> constant, Object... args) {
        return of(kind + "." + constant.name(), args);
    }

    /** A sentence some constants have of their own. */
    public Optional<String> own(String kind, Enum<?> constant, Object... args) {
        String key = kind + "." + constant.name();
        return sentences.containsKey(key) ? Optional.of(of(key, args)) : Optional.empty();
    }

    /** {@code Tuesday 1 December}. */
    public String day(LocalDate day) {
        return written("date.day", day);
    }

    /** {@code 1 Dec}. */
    public String shortDay(LocalDate day) {
        return written("date.short", day);
    }

    /** {@code 1 Dec 2026}. */
    public String fullDay(LocalDate day) {
        return written("date.full", day);
    }

    private String written(String pattern, LocalDate day) {
        return DateTimeFormatter.ofPattern(of(pattern), locale()).format(day);
    }

    public String name(Move move) {
        return ofHers(move, move.id()).orElse(move.name());
    }

    /** What the language has for a move; where a studio has words of its own for it, those count. */
    private Optional<String> ofHers(Move move, String key) {
        return move.teaching().isOwnWords() ? Optional.empty() : exercise(key);
    }

    /** How she sets herself up, at most three lines. */
    public List<String> setup(Move move) {
        List<String> lines = numbered(move.id());
        return lines.isEmpty() ? move.teaching().setup() : lines;
    }

    /** The cue in the family that works for her. */
    public String cue(Move move, Judgement judgement) {
        CueFamily family = judgement.cueFamily(move);
        return move.teaching().isOwnWords()
                ? judgement.cue(move)
                : said(move, family).or(() -> said(move, CueFamily.PLAIN)).orElse(judgement.cue(move));
    }

    /**
     * What is said in a family, in her language: the move's own sentence, or how the middle begins and then its own words; empty where
     * the language has none.
     */
    Optional<String> said(Move move, CueFamily family) {
        String written = family.name().toLowerCase(Locale.ROOT).replace('_', '-');
        return exercise(move.id() + ".cue." + written)
                .or(() -> LEADS.stream()
                        .flatMap(lead -> exercise(move.id() + "." + lead)
                                .flatMap(then -> exercise("lead." + lead + "." + written)
                                        .map(begins -> of("cue.then", begins, then)))
                                .stream())
                        .findFirst());
    }

    /** Whether an exercise is told in this language; one of the studio's own is told as the studio wrote it. */
    public boolean isTold(Move move) {
        return !language.isSecond() || exercise(move.id()).isPresent();
    }

    /** What is changed for her, each as part of a sentence. */
    public List<String> changes(Collection<Adjustment> changes, Move move, Judgement judgement) {
        List<String> told = new ArrayList<>();
        changes.stream().sorted().forEach(change -> {
            if (change == Adjustment.USE_SUBSTITUTE) {
                told.addAll(instead(move, judgement.facts().client().equipment()));
            } else {
                told.add(of("change", change)
                        + Versions.of(change, move, judgement.catalogue())
                                .map(version -> ": " + name(version))
                                .orElse(""));
            }
        });
        return told;
    }

    private List<String> instead(Move move, Set<Equipment> atHand) {
        return move.kit().stream()
                .filter(item -> item.isMissing(atHand) && item.isReplaceable(atHand))
                .map(item -> of("change.USE_SUBSTITUTE", of("equipment", item.needs()), instead(item, atHand)))
                .toList();
    }

    private String instead(Kit item, Set<Equipment> atHand) {
        return item.needs().standIns().stream()
                .filter(atHand::contains)
                .findFirst()
                .map(one -> of("equipment", one))
                .orElseGet(() -> item.substitute()
                        .flatMap(words -> exercise("instead." + slug(words)).or(() -> Optional.of(words)))
                        .orElse(""));
    }

    private static String slug(String words) {
        return words.toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-").replaceAll("^-|-$", "");
    }

    /**
     * How much of an exercise.
     *
     * @param restSeconds between sets
     */
    public record DoseGiven(int sets, int repetitions, int holdSeconds, int breaths, int restSeconds) {}

    /** {@code 8 times}; {@code 5 times, hold 10 seconds each; 2 rounds, rest 30 seconds between}. */
    public String dose(DoseGiven dose) {
        String once = once(dose);
        if (dose.sets() <= 1) {
            return once;
        }
        return dose.restSeconds() > 0
                ? of("dose.sets", once, dose.sets(), dose.restSeconds())
                : of("dose.rounds", once, dose.sets());
    }

    private String once(DoseGiven dose) {
        if (dose.holdSeconds() >= 60 && dose.holdSeconds() % 60 == 0 && dose.repetitions() <= 1) {
            return of("dose.minutes", dose.holdSeconds() / 60);
        }
        if (dose.holdSeconds() > LONG_HOLD && dose.repetitions() <= 1) {
            return of("dose.minutesSeconds", dose.holdSeconds() / 60, dose.holdSeconds() % 60);
        }
        if (dose.holdSeconds() > 0) {
            return dose.repetitions() > 1
                    ? of("dose.holds", dose.repetitions(), dose.holdSeconds())
                    : of("dose.hold", dose.holdSeconds());
        }
        if (dose.breaths() > 0) {
            return dose.repetitions() > 1
                    ? of("dose.breathsEach", dose.repetitions(), dose.breaths())
                    : of("dose.breaths", dose.breaths());
        }
        return of("dose.repetitions", dose.repetitions());
    }

    /** The practice of her pelvic floor in whole sentences. */
    public List<String> floor(Prescription given) {
        List<String> said = new ArrayList<>();
        if (given.track() == Track.RELEASE) {
            IntStream.rangeClosed(1, RELEASE_SENTENCES).forEach(n -> said.add(of("floor.release." + n)));
        } else {
            said.add(of("floor.often", given.setsPerDay(), of("effort", given.effort())));
            Prescription.Holds holds = given.holds();
            if (holds.repetitions() > 0) {
                said.add(of("floor.holds", holds.repetitions(), holds.seconds(), holds.restSeconds()));
            }
            if (given.shortHolds().repetitions() > 0) {
                said.add(of(
                        "floor.short",
                        given.shortHolds().repetitions(),
                        given.shortHolds().seconds()));
            }
            if (given.flicks().repetitions() > 0) {
                said.add(of("floor.quick", given.flicks().repetitions()));
            }
            if (given.areaRounds() > 0) {
                said.add(of("floor.areas", given.areaRounds()));
            }
        }
        said.add(of("floor.stop"));
        return said;
    }

    public String title(Explanation card) {
        return exercise("explained." + card.id()).orElse(card.title());
    }

    public String words(Explanation card) {
        return exercise("explained." + card.id() + ".words").orElse(card.words());
    }

    public String title(PlaceSet set) {
        return exercise("place." + set.id()).orElse(set.title());
    }

    public String title(CareCard card) {
        return exercise("care." + card.id()).orElse(card.title());
    }

    public List<String> lines(CareCard card) {
        List<String> lines = numbered("care." + card.id());
        return lines.isEmpty() ? card.lines() : lines;
    }

    public String stop(CareCard card) {
        return exercise("care." + card.id() + ".stop").orElse(card.stop());
    }

    /** A sentence about safety, with its key. */
    public record SafetyWords(String key, String words) {}

    /** Everything a mistake in could hurt her, in the order of the keys. */
    public List<SafetyWords> aboutSafety() {
        return new TreeSet<>(sentences.keySet())
                .stream()
                        .filter(key -> ABOUT_SAFETY.stream().anyMatch(key::startsWith))
                        .map(key -> new SafetyWords(key, sentences.getString(key)))
                        .toList();
    }

    private Optional<String> exercise(String key) {
        return exercises.filter(words -> words.containsKey(key)).map(words -> words.getString(key));
    }

    private List<String> numbered(String key) {
        return Stream.iterate(1, n -> n + 1)
                .map(n -> exercise(key + "." + n))
                .takeWhile(Optional::isPresent)
                .flatMap(Optional::stream)
                .toList();
    }
}
