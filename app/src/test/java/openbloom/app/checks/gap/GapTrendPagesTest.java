package openbloom.app.checks.gap;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What the trend says of one woman, by her time of life and by her approach. */
class GapTrendPagesTest extends PageTest {
    private static final String HEADER =
            "date,examiner,method,site,offset_mm,state,width_fingers,width_mm,depth,firmness,domed,sore,reading\n";

    /** Before the birth wide and widening, after it six weekly readings that narrow by 3 mm a week. */
    private Woman afterBirth() throws Exception {
        String name = "Tia " + key();
        send(set(born(), "name", name)
                .param("birthDate", daysAgo(60))
                .param("birthKind", "VAGINAL")
                .param("tear", "NONE")
                .param("woundClosed", "YES"));
        Woman woman = people.page(ines, name, 0).women().get(0);
        StringBuilder file = new StringBuilder(HEADER);
        file.append(line(90, "CALIPERS", "REST", 55)).append(line(80, "CALIPERS", "REST", 60));
        for (int week = 0; week < 6; week++) {
            file.append(line(45 - 7 * week, "CALIPERS", "REST", 45 - 3 * week));
        }
        bringIn(woman, file.toString());
        return woman;
    }

    private void bringIn(Woman woman, String file) throws Exception {
        assertThat(send(post("/people/" + woman.id() + "/checks/gap/readings")
                                .param("written", file)
                                .param("formKey", key()))
                        .getStatus())
                .isEqualTo(302);
    }

    private static String line(int daysAgo, String method, String state, int mm) {
        return daysAgo(daysAgo) + ",Ines," + method + ",NAVEL,0," + state + ",," + mm + ",FIRST_KNUCKLE,2,NO,NO,1\n";
    }

    private static String daysAgo(int days) {
        return TODAY.minusDays(days).toString();
    }

    @Test
    void setsReadingsFromBeforeTheBirthApartAndForecastsByTheMillimetreNorms() throws Exception {
        Woman woman = afterBirth();
        follow(woman, "A1", "MILLIMETRE_NORMS");
        assertThat(checks(woman))
                .contains("Slope −3.00 mm a week (90 % interval −3.00 to −3.00), 6 readings over 35 days.")
                .contains("At this pace it comes to 27 mm about")
                .contains("2 readings by another person or method, or from before")
                .contains("millimetres by age and site: 27 mm");
    }

    @ParameterizedTest
    @CsvSource({
        "TWO_FINGERS, names no width for this spot",
        "FUNCTIONAL, no width is aimed at",
        "FOUR_FINGERS, for reading others"
    })
    void forecastsNothingWhereHerApproachNamesNoWidth(String choice, String told) throws Exception {
        Woman woman = afterBirth();
        follow(woman, "A1", choice);
        assertThat(checks(woman)).contains(told).doesNotContain("At this pace");
    }

    @Test
    void scoresNothingWhileSheIsPregnant() throws Exception {
        String name = "Pia " + key();
        send(intake(name));
        Woman woman = people.page(ines, name, 0).women().get(0);
        StringBuilder file = new StringBuilder(HEADER);
        for (int week = 0; week < 6; week++) {
            file.append(line(40 - 7 * week, "ULTRASOUND", "REST", 45 - 3 * week));
        }
        bringIn(woman, file.toString());
        follow(woman, "A1", "MILLIMETRE_NORMS");
        assertThat(checks(woman))
                .contains("While pregnant this is shown and not scored")
                .contains("shown, never scored")
                .doesNotContain("At this pace", "comes to", "real change in the last");
    }

    @Test
    void saysNotComparableBetweenMethodsAndWhatTheLastComparableSaid() throws Exception {
        Woman woman = afterBirth();
        bringIn(
                woman,
                HEADER + daysAgo(2) + ",Ines,FINGERS,NAVEL,0,REST,3,,SURFACE,2,NO,NO,1\n" + daysAgo(1)
                        + ",Ines,CALIPERS,NAVEL,0,REST,,12,SURFACE,2,NO,NO,1\n");
        assertThat(checks(woman))
                .contains("not comparable", "two methods are never joined")
                .contains("18 mm narrower, real change", "18 less half a step (0.5) is more than 16 mm");
    }

    @Test
    void readsFiveThousandLinesAndSaysThatThereWereMore() throws Exception {
        String name = "Lea " + key();
        send(intake(name));
        long id = people.page(ines, name, 0).women().get(0).id();
        StringBuilder file = new StringBuilder(HEADER);
        for (int i = 0; i < 5_005; i++) {
            file.append(line(i % 300, "CALIPERS", "REST", i % 90).replace("NAVEL,0,", "ABOVE," + i / 300 * 10 + ","));
        }
        assertThat(send(post("/people/" + id + "/checks/gap/readings/look").param("written", file.toString()))
                        .getContentAsString())
                .contains("Only the first 5000 lines are read", "Save these 5000 readings");
    }

    private void follow(Woman woman, String question, String choice) throws Exception {
        assertThat(send(post("/people/" + woman.id() + "/approach")
                                .param("version", "1")
                                .param(question, choice))
                        .getStatus())
                .isEqualTo(302);
    }

    private String checks(Woman woman) throws Exception {
        return page("/people/" + woman.id() + "/checks?at=REST-NAVEL-0");
    }

    /** Three sites each 6 mm narrower in five weeks: the mean says so, with the working value of a mean. */
    @Test
    void theMidlineAsAWholeStandsBesideSingleSites() throws Exception {
        Woman woman = afterBirth();
        StringBuilder file = new StringBuilder(HEADER);
        for (int week : new int[] {5, 1, 0}) {
            for (String at : new String[] {"ABOVE,45", "NAVEL,0", "BELOW,45"}) {
                file.append(daysAgo(7 * week) + ",Ines,CALIPERS," + at + ",LIFT,," + (30 + 4 * week)
                        + ",SURFACE,3,NO,NO,1\n");
            }
        }
        bringIn(woman, file.toString());
        assertThat(checks(woman))
                .contains("Average of the sites measured")
                .contains("mean of 3 sites 30 mm, 20 mm less than on")
                .contains("a real change");
    }

    /** While she is pregnant no page says wider, recovered or a grade (rules, version 2, line 19). */
    @Test
    void nothingIsJudgedWhilePregnant() throws Exception {
        Woman woman = askedWoman("Unjudged");
        send(post("/people/" + woman.id() + "/checks/gap")
                .param("formKey", key())
                .param("width-LIFT-NAVEL-0", "4")
                .param("depth-LIFT-NAVEL-0", "SURFACE")
                .param("firmness-LIFT-NAVEL-0", "2")
                .param("domed-LIFT-NAVEL-0", "NO"));
        assertThat(page("/people/" + woman.id() + "/checks"))
                .contains("not judged while pregnant")
                .doesNotContain("wider than", "recovered", "severe", "moderate", "Average of the sites measured");
    }
}
