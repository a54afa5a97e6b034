package openbloom.core.verdict;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import openbloom.core.YesNoUnknown;
import openbloom.core.breath.BreathFinding;
import openbloom.core.breath.BreathZone;
import openbloom.core.breath.Breathing;
import openbloom.core.breath.ConnectCheck;
import openbloom.core.breath.ConnectPosition;
import openbloom.core.dating.Dating;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Site;
import openbloom.core.gap.Width;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.CatalogueLoader;
import openbloom.core.moves.Equipment;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.pelvicfloor.LettingGo;
import openbloom.core.pelvicfloor.PelvicFloorCheck;
import openbloom.core.pelvicfloor.Tone;
import openbloom.core.record.Answer;
import openbloom.core.record.Approach;
import openbloom.core.record.ApproachChoice;
import openbloom.core.record.Background;
import openbloom.core.record.Clearance;
import openbloom.core.record.Client;
import openbloom.core.record.Conditions;
import openbloom.core.record.Falls;
import openbloom.core.record.ImpactTests;
import openbloom.core.record.Surgery;
import openbloom.core.record.Training;
import openbloom.core.screening.Condition;
import openbloom.core.screening.LeakWhen;
import openbloom.core.screening.SurgeryKind;
import openbloom.core.screening.Symptom;
import openbloom.core.screening.SymptomReport;
import openbloom.core.screening.WarningSign;
import openbloom.core.stage.Birth;
import openbloom.core.stage.BirthKind;
import openbloom.core.stage.Tear;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Women judged by hand before the rules saw them: {@code women.txt} says how each is written down, and why. */
class WomenTableTest {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
    private static final Catalogue CATALOGUE = new CatalogueLoader().shipped();

    /** One row of the table. */
    record Row(String woman, String verdicts, String why) {
        @Override
        public String toString() {
            return woman + ": " + why;
        }
    }

    static Stream<Row> rows() throws IOException {
        try (InputStream table = WomenTableTest.class.getResourceAsStream("women.txt")) {
            return new String(table.readAllBytes(), StandardCharsets.UTF_8)
                            .lines()
                            .filter(line -> !line.isBlank() && !line.startsWith("#"))
                            .map(line -> line.split(" ; "))
                            .map(parts -> new Row(parts[0].strip(), parts[1].strip(), parts[2].strip()))
                            .toList()
                            .stream();
        }
    }

    @ParameterizedTest
    @MethodSource("rows")
    void judgesAsByHand(Row row) {
        Judgement judgement = Judgement.of(CATALOGUE, woman(row.woman()), DAY);
        for (String expected : row.verdicts().split(" ")) {
            String[] move = expected.split("=");
            Verdict verdict = judgement.of(CATALOGUE.get(move[0]));
            assertThat(move[1].split("\\|"))
                    .as("%s for “%s” (%s), because of %s", move[0], row.woman(), row.why(), verdict.reasons())
                    .contains(verdict.kind().name());
        }
    }

    private static Client woman(String told) {
        Map<String, String> facts = new HashMap<>();
        Arrays.stream(told.split(" ")).forEach(fact -> {
            String[] parts = fact.split("=", 2);
            facts.put(parts[0], parts.length > 1 ? parts[1] : "");
        });
        return new Reader(facts).client();
    }

    private record Reader(Map<String, String> facts) {
        Client client() {
            boolean born = facts.containsKey("born") || facts.containsKey("cs");
            Client.Builder client = Client.of(new Background(
                            number("births", born ? "1" : "0"),
                            number("babies", "1"),
                            number("age", "33"),
                            Optional.empty(),
                            Falls.valueOf(facts.getOrDefault("falls", "NOT_ASKED"))))
                    .equipment(Set.of(Equipment.values()))
                    .pessary(YesNoUnknown.valueOf(facts.getOrDefault("pessary", "UNKNOWN")));
            if (facts.containsKey("pregnant")) {
                int weeks = Integer.parseInt(facts.get("pregnant"));
                client.pregnant(Dating.stated(DAY.minusWeeks(weeks).plusDays(280)));
            }
            birth().ifPresent(client::gaveBirth);
            clearance().ifPresent(client::cleared);
            operation().ifPresent(one -> client.operated(List.of(one)));
            asked(client);
            gap().ifPresent(client::gap);
            floor().ifPresent(client::pelvicFloor);
            ladders(client);
            Optional.ofNullable(facts.get("train")).map(Training::valueOf).ifPresent(client::trained);
            Optional.ofNullable(facts.get("a"))
                    .map(choice -> Approach.of(Set.of(ApproachChoice.valueOf(choice))))
                    .ifPresent(client::approach);
            return client.build();
        }

        /** {@code ?}: nobody asked. */
        private OptionalInt number(String fact, String otherwise) {
            String told = facts.getOrDefault(fact, otherwise);
            return told.equals("?") ? OptionalInt.empty() : OptionalInt.of(Integer.parseInt(told));
        }

        private Optional<Birth> birth() {
            boolean caesarean = facts.containsKey("cs");
            String ago = facts.getOrDefault(caesarean ? "cs" : "born", "");
            if (ago.isEmpty()) {
                return Optional.empty();
            }
            int number = Integer.parseInt(ago.substring(0, ago.length() - 1));
            LocalDate on = DAY.minusDays(ago.endsWith("w") ? 7L * number : number);
            String tear = facts.getOrDefault("tear", "0");
            Tear torn = tear.equals("UNKNOWN") ? Tear.UNKNOWN : Tear.of(caesarean ? 0 : Integer.parseInt(tear));
            YesNoUnknown wound = YesNoUnknown.valueOf(facts.getOrDefault("wound", "YES"));
            BirthKind kind = BirthKind.valueOf(facts.getOrDefault("kind", caesarean ? "CAESAREAN" : "VAGINAL"));
            return Optional.of(new Birth(on, kind, torn, wound));
        }

        private Optional<Surgery> operation() {
            return Optional.ofNullable(facts.get("op")).map(told -> {
                String[] parts = told.split("[@,]");
                SurgeryKind kind = SurgeryKind.valueOf(parts[0]);
                if (told.endsWith(",LONG")) {
                    return new Surgery(kind, Optional.empty(), true);
                }
                return parts.length > 1
                        ? Surgery.on(DAY.minusDays(Integer.parseInt(parts[1])), kind)
                        : Surgery.undated(kind);
            });
        }

        private Optional<Clearance> clearance() {
            if (!facts.containsKey("clear")) {
                return Optional.empty();
            }
            String ago = facts.get("clear");
            List<String> limits = list("limit").stream()
                    .map(limit ->
                            limit.equals(limit.toUpperCase(java.util.Locale.ROOT)) ? limit : limit.replace('_', ' '))
                    .toList();
            Set<Condition> answers = new HashSet<>();
            list("for").forEach(condition -> answers.add(Condition.valueOf(condition)));
            int days = ago.isEmpty() ? 0 : Integer.parseInt(ago);
            return Optional.of(new Clearance(DAY.minusDays(days), "midwife", limits, answers));
        }

        private List<String> list(String fact) {
            String told = facts.getOrDefault(fact, "");
            return told.isEmpty() ? List.of() : List.of(told.split(","));
        }

        private void asked(Client.Builder client) {
            List<String> unasked = list("unasked");
            if (!unasked.contains("SIGNS")) {
                Set<WarningSign> signs = new HashSet<>();
                list("sign").forEach(sign -> signs.add(WarningSign.valueOf(sign)));
                client.warningSigns(DAY, signs);
            }
            if (!unasked.contains("SYMPTOMS")) {
                Set<Symptom> symptoms = new HashSet<>();
                list("sym").forEach(symptom -> symptoms.add(Symptom.valueOf(symptom)));
                LocalDate on = DAY.minusDays(Integer.parseInt(facts.getOrDefault("symAgo", "0")));
                Set<LeakWhen> leaks = new HashSet<>();
                list("leaks").forEach(when -> leaks.add(LeakWhen.valueOf(when)));
                client.symptoms(new SymptomReport.Asked(on, symptoms, leaks));
            }
            if (!unasked.contains("CONDITIONS")) {
                Map<Condition, LocalDate> since = new HashMap<>();
                Set<Condition> conditions = new HashSet<>();
                for (String condition : list("cond")) {
                    String[] parts = condition.split("@");
                    conditions.add(Condition.valueOf(parts[0]));
                    if (parts.length > 1) {
                        since.put(Condition.valueOf(parts[0]), DAY.minusDays(Integer.parseInt(parts[1])));
                    }
                }
                client.conditions(Answer.given(DAY, new Conditions(conditions, since)));
            }
        }

        /** {@code 2.5,flat,sites=3,ago=15}: width in fingers, then flat, domes, deep, deepfirm, deepsprings, shallowsoft, nodome, widthonly or settled. */
        private Optional<GapCheck> gap() {
            List<String> words = list("gap");
            if (words.isEmpty() || words.contains("none")) {
                return Optional.empty();
            }
            Map<String, String> said = new HashMap<>();
            words.forEach(word -> said.put(word.split("=")[0], word.contains("=") ? word.split("=")[1] : ""));
            boolean deep = said.keySet().stream().anyMatch(word -> word.startsWith("deep"));
            Depth depth = deep ? Depth.SECOND_KNUCKLE : Depth.SURFACE;
            Firmness firmness = said.containsKey("deep") || said.containsKey("shallowsoft")
                    ? Firmness.SOFT
                    : said.containsKey("deepsprings") ? Firmness.SPRINGS : Firmness.FIRM;
            YesNoUnknown domed = said.containsKey("domes")
                    ? YesNoUnknown.YES
                    : said.containsKey("nodome") ? YesNoUnknown.UNKNOWN : YesNoUnknown.NO;
            int halves = (int) (2 * Double.parseDouble(words.get(0)));
            List<Site> sites = said.getOrDefault("sites", "3").equals("1") ? List.of(Site.NAVEL) : Site.EVERYDAY;
            List<GapReading> readings = sites.stream()
                    .flatMap(site -> Stream.of(GapState.LIFT, GapState.CONNECTED)
                            .map(state -> new GapReading(
                                    site,
                                    site.usualOffsetMm(),
                                    state,
                                    Width.ofHalfFingers(halves),
                                    depth,
                                    firmness,
                                    domed)))
                    .map(reading -> said.containsKey("widthonly") ? widthOnly(reading) : reading)
                    .toList();
            LocalDate on = DAY.minusDays(Integer.parseInt(said.getOrDefault("ago", "3")));
            return Optional.of(new GapCheck(on, readings, said.containsKey("settled")));
        }

        private static GapReading widthOnly(GapReading whole) {
            return new GapReading(
                    whole.spot(),
                    whole.state(),
                    whole.width(),
                    Optional.empty(),
                    Optional.empty(),
                    whole.domed(),
                    whole.sore());
        }

        private Optional<PelvicFloorCheck> floor() {
            if (facts.getOrDefault("floor", "").equals("none")) {
                return Optional.empty();
            }
            String[] hold = facts.getOrDefault("floorcheck", "6x6").split("x");
            Tone tone = Tone.valueOf(facts.getOrDefault("tone", "TYPICAL"));
            LettingGo lettingGo = tone == Tone.TIGHT ? LettingGo.ABSENT : LettingGo.FULL;
            return Optional.of(new PelvicFloorCheck(
                    Integer.parseInt(hold[0]),
                    Integer.parseInt(hold[1]),
                    6,
                    lettingGo,
                    tone,
                    YesNoUnknown.NO,
                    YesNoUnknown.NO));
        }

        private void ladders(Client.Builder client) {
            client.rungs(strands("rung"));
            Map<ExerciseGroup, Integer> ceilings = strands("ceiling");
            if (!ceilings.isEmpty()) {
                client.domingCeiling(ceilings);
            }
            Map<ExerciseGroup, Integer> flat = strands("flat");
            if (facts.containsKey("gap") || facts.containsKey("cs") || facts.containsKey("born")) {
                client.flat(DAY, flat);
            } else {
                client.domingCeiling(flat);
            }
            if (facts.containsKey("tests")) {
                client.impactTests(new ImpactTests(Optional.of(DAY), Set.of(ImpactTests.Test.values())));
            }
            int positions = Integer.parseInt(facts.getOrDefault("connect", "0"));
            Map<ConnectPosition, Boolean> felt = new HashMap<>();
            Arrays.stream(ConnectPosition.values()).limit(positions).forEach(position -> felt.put(position, true));
            client.connect(new ConnectCheck(Map.of(), felt, Set.of()));
            Set<BreathZone> still =
                    list("still").stream().map(BreathZone::valueOf).collect(Collectors.toSet());
            if (!still.isEmpty()) {
                client.breath(new Breathing(BreathFinding.UNEVEN, still));
            }
        }

        private Map<ExerciseGroup, Integer> strands(String fact) {
            Map<ExerciseGroup, Integer> rungs = new HashMap<>();
            list(fact)
                    .forEach(rung ->
                            rungs.put(ExerciseGroup.valueOf(rung.split(":")[0]), Integer.valueOf(rung.split(":")[1])));
            return rungs;
        }
    }
}
