package openbloom.app;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.UUID;
import openbloom.app.people.People;
import openbloom.app.people.Woman;
import openbloom.app.studio.Accounts;
import openbloom.app.studio.NewAccount;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.RenderedForm;
import org.junit.jupiter.api.BeforeEach;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.AbstractMockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** Sends forms and opens pages as the demonstration's owner, against the real database. */
@DemoServer
public abstract class PageTest {
    @Autowired
    protected MockMvc mvc;

    @Autowired
    protected Accounts accounts;

    @Autowired
    protected People people;

    protected SignedIn ines;

    @BeforeEach
    void signIn() {
        ines = (SignedIn) accounts.loadUserByUsername("ines@boathouse.example");
    }

    /** Somebody of another studio, made once: what is the demonstration's must never be hers. */
    protected SignedIn stranger() {
        String email = "strange@elsewhere.example";
        if (accounts.isUnknown(email)) {
            accounts.createStudio("Elsewhere", "Europe/London", new NewAccount("Sif", email, "far-away-studio-1"));
        }
        return (SignedIn) accounts.loadUserByUsername(email);
    }

    /** The same request as somebody else. */
    protected MockHttpServletResponse as(SignedIn who, AbstractMockHttpServletRequestBuilder<?> request)
            throws Exception {
        return mvc.perform(request.with(user(who)).with(csrf())).andReturn().getResponse();
    }

    /** Another studio finds nothing at an address of this one, whatever it asks or sends. */
    protected void isNothingForAStranger(String address) throws Exception {
        assertThat(as(stranger(), get(address)).getStatus())
                .as("GET " + address)
                .isIn(404, 405);
        assertThat(as(stranger(), post(address).param("formKey", key())).getStatus())
                .as("POST " + address)
                .isIn(404, 405);
    }

    /** A woman 20 weeks pregnant, her name unlike any other: a class of tests may run again on what it kept. */
    protected Woman newWoman(String name) throws Exception {
        String hers = name + " " + key();
        send(intake(hers));
        return people.page(ines, hers, 0).women().get(0);
    }

    /** One who was asked today and told nothing. */
    protected Woman askedWoman(String name) throws Exception {
        Woman woman = newWoman(name);
        send(post("/people/" + woman.id() + "/safe")
                .param("formKey", key())
                .param("noSign", "yes")
                .param("noSymptom", "yes"));
        return woman;
    }

    protected MockHttpServletRequestBuilder intake(String name) {
        return intake("/people", name);
    }

    protected MockHttpServletRequestBuilder intake(String address, String name) {
        String period = TODAY.minusWeeks(20).toString();
        return post(address)
                .param("formKey", key())
                .param("name", name)
                .param("birthYear", "1994")
                .param("births", "0")
                .param("babies", "1")
                .param("situation", "PREGNANT")
                .param("basis", "LAST_PERIOD")
                .param("lastPeriod", period)
                .param("noCondition", "yes")
                .param("cycleLengthDays", "28");
    }

    protected MockHttpServletRequestBuilder born() {
        return post("/people")
                .param("formKey", key())
                .param("name", "B")
                .param("birthYear", "1994")
                .param("births", "1")
                .param("babies", "1")
                .param("noCondition", "yes")
                .param("situation", "AFTER_BIRTH");
    }

    /** The form of a page that leads to an address, with the fields as the page renders them. */
    protected MockHttpServletRequestBuilder rendered(String address, String action) throws Exception {
        RenderedForm form = RenderedForm.to(action, page(address), address);
        MockHttpServletRequestBuilder request = post(form.action());
        form.fields().forEach((name, values) -> request.param(name, values.toArray(String[]::new)));
        return request;
    }

    protected static MockHttpServletRequestBuilder set(MockHttpServletRequestBuilder form, String field, String value) {
        return form.with(request -> {
            request.setParameter(field, value);
            return request;
        });
    }

    protected static String key() {
        return UUID.randomUUID().toString();
    }

    protected MockHttpServletResponse send(AbstractMockHttpServletRequestBuilder<?> request) throws Exception {
        return mvc.perform(request.with(user(ines)).with(csrf())).andReturn().getResponse();
    }

    protected String body(AbstractMockHttpServletRequestBuilder<?> request) throws Exception {
        MockHttpServletResponse answer = send(request);
        assertThat(answer.getStatus()).isEqualTo(422);
        return answer.getContentAsString();
    }

    protected String page(String address) throws Exception {
        MockHttpServletResponse answer =
                mvc.perform(get(address).with(user(ines))).andReturn().getResponse();
        assertThat(answer.getStatus()).isEqualTo(200);
        return answer.getContentAsString();
    }

    protected int status(MockHttpServletRequestBuilder request) throws Exception {
        return mvc.perform(request).andReturn().getResponse().getStatus();
    }
}
