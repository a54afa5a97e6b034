package openbloom.app.checks.gap;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import openbloom.app.PageTest;
import openbloom.app.checks.log.CheckVersion;
import openbloom.app.people.Woman;
import openbloom.core.YesNoUnknown;
import openbloom.core.gap.Depth;
import openbloom.core.gap.Firmness;
import openbloom.core.gap.GapCheck;
import openbloom.core.gap.GapReading;
import openbloom.core.gap.GapState;
import openbloom.core.gap.Measured;
import openbloom.core.gap.Method;
import openbloom.core.gap.Site;
import openbloom.core.gap.Spot;
import openbloom.core.gap.Width;
import org.jsoup.Jsoup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;

/** Readings carried out of one record and into another are the same readings, whatever they are. */
class ReadingsFileTest extends PageTest {
    @Autowired
    private GapChecks checks;

    @Test
    void whatGoesOutComesInAsItWas() throws Exception {
        Random random = new Random(20_261_125);
        Woman from = woman();
        for (int i = 0; i < 12; i++) {
            Method method = Method.values()[random.nextInt(Method.values().length)];
            GapCheck check = new GapCheck(TODAY.minusDays(3L * i), readings(method, random));
            Measured measured = new Measured(check, method, new Measured.Examiner(ines.accountId(), "Ines"));
            long id = checks.keep(from.id(), key(), measured, Instant.EPOCH);
            if (i % 3 == 0) {
                GapChecks.Keeping again = new GapChecks.Keeping(from.id(), key(), ines.accountId(), Instant.EPOCH);
                GapCheck second = new GapCheck(check.date(), readings(method, random));
                checks.keepSecond(again, new Measured(second, method, measured.by()), id);
            }
        }
        String file = page(address(from, "/readings.csv"));
        Woman into = woman();
        send(post(address(into, "/readings")).param("written", file).param("formKey", key()));
        assertThat(page(address(into, "/readings.csv"))).isEqualTo(file);
        assertThat(checks.of(into.id()).stream().map(GapChecks.KeptCheck::measured))
                .isEqualTo(checks.of(from.id()).stream()
                        .map(GapChecks.KeptCheck::measured)
                        .toList());
        assertThat(checks.secondReadingsOf(into.id())).hasSize(4);
        assertThat(Jsoup.parse(look(into, file)).text())
                .contains("Saved already: " + (file.lines().count() - 1));
    }

    private static List<GapReading> readings(Method method, Random random) {
        List<GapReading> readings = new ArrayList<>();
        List<Spot> spots =
                List.of(new Spot(Site.ABOVE, 1 + random.nextInt(100)), Spot.usual(Site.NAVEL), Spot.usual(Site.BELOW));
        for (GapState state : GapState.values()) {
            for (Spot spot : spots.subList(0, 1 + random.nextInt(3))) {
                Width width = method.readsFingers()
                        ? Width.ofHalfFingers(random.nextInt(Width.WIDEST_HALF_FINGERS + 1))
                        : new Width.Millimetres(random.nextInt(Width.WIDEST_MM + 1));
                readings.add(new GapReading(
                        spot,
                        state,
                        width,
                        Optional.of(Depth.values()[random.nextInt(4)]),
                        Optional.of(Firmness.of(random.nextInt(4))),
                        YesNoUnknown.values()[random.nextInt(3)],
                        random.nextBoolean()));
            }
        }
        return readings;
    }

    /** A name that a spreadsheet would take for a formula goes out quoted. */
    @ParameterizedTest
    @ValueSource(strings = {"=1+1", "+44", "-x", "@me"})
    void namesThatLookLikeFormulasGoOutQuoted(String name) {
        GapCheck check = new GapCheck(
                LocalDate.of(2026, 1, 5),
                List.of(new GapReading(
                        Spot.usual(Site.NAVEL),
                        GapState.LIFT,
                        Width.ofHalfFingers(5),
                        Optional.of(Depth.SURFACE),
                        Optional.of(Firmness.FIRM),
                        YesNoUnknown.NO,
                        false)));
        GapChecks.KeptCheck kept = new GapChecks.KeptCheck(
                new CheckVersion(1, 1, null, name, Instant.EPOCH, ""),
                new Measured(check, Method.FINGERS, new Measured.Examiner(1, name)),
                Optional.empty(),
                Optional.empty());
        assertThat(CsvOut.write(List.of(kept), Map.of()))
                .endsWith("2026-01-05,'" + name + ",FINGERS,NAVEL,0,LIFT,2.5,,SURFACE,3,NO,NO,1\r\n");
    }

    /** A reading that is there already with another value is never overwritten; the rest of the file is. */
    @Test
    void aFileNeverOverwritesAndIsKeptForTheRest() throws Exception {
        Woman woman = woman();
        String header =
                "date,examiner,method,site,offset_mm,state,width_fingers,width_mm,depth,firmness,domed,sore,reading\n";
        String kept = "2026-01-05,,FINGERS,NAVEL,0,LIFT,3,,SURFACE,2,,,\n";
        send(post(address(woman, "/readings")).param("written", header + kept).param("formKey", key()));
        String other = kept.replace(",3,,", ",4,,");
        String further = kept.replace("NAVEL,0", "ABOVE,45");
        assertThat(look(woman, header + other + further))
                .contains("Kept already with another value (3 fingers)", "Save this reading", "<td>2</td>");
        send(post(address(woman, "/readings"))
                .param("written", header + other + further)
                .param("formKey", key()));
        List<GapChecks.KeptCheck> now = checks.of(woman.id());
        assertThat(now).hasSize(2);
        assertThat(now.stream().flatMap(one -> one.check().readings().stream()).map(GapReading::width))
                .containsOnly(Width.ofHalfFingers(6));
    }

    /** A file or what is pasted has a million bytes at most; one more is refused before it is read. */
    @Test
    void aMillionBytesAreRead() throws Exception {
        String into = address(woman(), "/readings");
        String most = " ".repeat(1_000_000);
        for (String end : List.of("/look", "")) {
            assertThat(body(post(into + end).param("formKey", key()).param("written", most + " ")))
                    .contains("larger than 1 MB");
        }
        assertThat(body(post(into + "/look").param("written", most))).doesNotContain("larger than 1 MB");
    }

    private String look(Woman woman, String file) throws Exception {
        return send(post(address(woman, "/readings/look")).param("written", file))
                .getContentAsString();
    }

    private Woman woman() throws Exception {
        String name = "Carried " + key();
        send(intake(name));
        return people.page(ines, name, 0).women().get(0);
    }

    private static String address(Woman woman, String page) {
        return "/people/" + woman.id() + "/checks/gap" + page;
    }
}
