package openbloom.app.api;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import openbloom.app.PageTest;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.RenderedForm;
import openbloom.core.Days;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** The women of the demonstration for other systems, valid (all of them with {@code -Dbloom.bundles=200}); and what others send, shown before anything is kept. */
class FhirPagesTest extends PageTest {
    private static final String FORM = "/people/from-fhir";

    private String bundle(Woman woman, String which) throws Exception {
        MockHttpServletResponse answer = as(ines, get("/people/" + woman.id() + "/share/fhir." + which));
        assertThat(answer.getStatus()).as(which).isEqualTo(200);
        return answer.getContentAsString(StandardCharsets.UTF_8);
    }

    private Document sent(SignedIn who, String bundle, int status) throws Exception {
        String page = as(who, get(FORM)).getContentAsString();
        RenderedForm form = RenderedForm.to(FORM, page, FORM);
        assertThat(form.isMultipart()).isTrue();
        MockHttpServletResponse answer = as(
                who,
                multipart(form.action())
                        .file(new MockMultipartFile(
                                Jsoup.parse(page)
                                        .selectFirst("input[type=file]")
                                        .attr("name"),
                                "her.json",
                                null,
                                bundle.getBytes(StandardCharsets.UTF_8))));
        assertThat(answer.getStatus()).isEqualTo(status);
        return Jsoup.parse(answer.getContentAsString());
    }

    @Test
    void everyWomanOfTheDemonstrationIsValidWithAndWithoutALetter() throws Exception {
        List<Woman> women = people.page(ines, "", 0).women();
        assertThat(women).hasSizeGreaterThan(10);
        for (Woman woman : women.subList(0, Math.min(FhirTest.GENERATED, women.size()))) {
            assertThat(FhirTest.errors(bundle(woman, "json"))).as(woman.name()).isEmpty();
        }
        Woman rhona = people.page(ines, "rhona", 0).women().get(0);
        for (String letter : List.of("ASKING", "REPORTING", "HANDING_OVER", "ANSWERING")) {
            String document = as(
                            ines,
                            get("/people/" + rhona.id() + "/share/fhir.json").param("letter", letter))
                    .getContentAsString(StandardCharsets.UTF_8);
            assertThat(document).contains("\"Composition\"", "What was found", "Rhona Vale");
            assertThat(FhirTest.errors(document)).as(letter).isEmpty();
        }
        assertThat(bundle(rhona, "xml")).contains("<Bundle xmlns=\"http://hl7.org/fhir\"");
        assertThat(as(ines, get("/people/" + rhona.id() + "/share/fhir.json").param("letter", "LOVE"))
                        .getStatus())
                .isEqualTo(404);
        isNothingForAStranger("/people/" + rhona.id() + "/share/fhir.json");
    }

    @Test
    void whatAnotherSystemSaysFillsAnIntakeAndKeepsNothing() throws Exception {
        String name = "Fhira Berg " + key();
        LocalDate due = TODAY.plusDays(100);
        LocalDate other = TODAY.plusDays(137);
        LocalDate since = TODAY.minusDays(20);
        String theirs = """
                {"resourceType":"Bundle","type":"collection","entry":[
                 {"resource":{"resourceType":"Patient","name":[{"text":"%s"}],"birthDate":"1991-04-02"}},
                 {"resource":{"resourceType":"Observation","status":"final","code":{"coding":[{"system":"http://loinc.org","code":"11778-8"}]},
                  "valueDateTime":"%s"}},
                 {"resource":{"resourceType":"Condition","subject":{},"onsetDateTime":"%s",
                  "code":{"coding":[{"system":"http://hl7.org/fhir/sid/icd-10","code":"O14.1"}]}}},
                 {"resource":{"resourceType":"Immunization","status":"completed"}}]}""".formatted(name, due, since);
        Document page = sent(ines, theirs, 200);
        assertThat(page.select("[aria-labelledby=from-file] li").eachText())
                .contains("Due date: " + Days.words(due), "Immunization: not read here");
        assertThat(people.page(ines, name, 0).women()).as("nothing is kept yet").isEmpty();

        RenderedForm intake = RenderedForm.to("/people", page.outerHtml(), FORM);
        MockHttpServletRequestBuilder kept =
                org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post(intake.action());
        intake.fields().forEach((field, values) -> kept.param(field, values.toArray(String[]::new)));
        assertThat(send(kept).getStatus()).isEqualTo(302);
        Woman woman = people.page(ines, name, 0).women().get(0);
        assertThat(woman.about().birthYear()).isEqualTo(1991);
        assertThat(woman.dating().orElseThrow().dueDate()).isEqualTo(due);
        assertThat(woman.medical().conditionsSince()).contains("PRE_ECLAMPSIA", since.toString());

        Document again = sent(ines, theirs.replace(due.toString(), other.toString()), 200);
        assertThat(again.select("[aria-labelledby=from-file] .problem").text())
                .contains(
                        name + " is here already",
                        "due date here " + Days.words(due) + ", in the file " + Days.words(other));
        assertThat(sent(stranger(), theirs, 200).select("[aria-labelledby=from-file] .problem"))
                .as("another studio has never heard of her")
                .isEmpty();
        assertThat(people.page(ines, name, 0).women()).hasSize(1);
    }

    @Test
    void ourOwnBundleFillsItWithHerBirthAndHerCliniciansWord() throws Exception {
        Woman rhona = people.page(ines, "rhona", 0).women().get(0);
        Document page = sent(ines, bundle(rhona, "json"), 200);
        assertThat(page.select("[name=birthDate]").val())
                .isEqualTo(rhona.birth().orElseThrow().date().toString());
        assertThat(page.select("[name=clearedBy]").val())
                .isEqualTo(rhona.clearance().orElseThrow().by());
        assertThat(page.select("[name=conditions][checked]").eachAttr("value")).contains("BREASTFEEDING");
    }

    @ParameterizedTest
    @CsvSource({
        "'', Choose a file first",
        "'name,year', 'as JSON or XML'",
        "'{\"resourceType\":\"Wagon\"}', This is no FHIR R4",
        "'<!DOCTYPE a><Patient/>', entities and document types"
    })
    void whatIsNoneIsRefusedBesideItsField(String file, String says) throws Exception {
        assertThat(sent(ines, file, 422).select(".problem").text()).contains(says);
    }
}
