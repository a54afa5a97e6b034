package openbloom.app.classes;

import static openbloom.app.TestDay.TODAY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import openbloom.app.PageTest;
import openbloom.app.home.HomeLink;
import openbloom.app.home.HomeLinks;
import openbloom.app.people.Woman;
import openbloom.app.session.Sessions;
import openbloom.app.session.TeachingMapper;
import openbloom.core.classes.TakesPart;
import openbloom.core.record.Noted;
import openbloom.core.record.Occasion;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Document;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

class ClassPagesTest extends PageTest {
    @Autowired
    private HomeLinks links;

    @Autowired
    private ClassSheets sheets;

    @Autowired
    private Sessions sessions;

    private MockHttpServletRequestBuilder typed(String address, Map<String, String> other) {
        MockHttpServletRequestBuilder form = post(address).param("formKey", key());
        Map<String, String> usual = Map.of(
                "version",
                "0",
                "name",
                "Class " + key(),
                "weekday",
                TODAY.getDayOfWeek().name(),
                "startsAt",
                "18:30",
                "minutes",
                "30",
                "firstOn",
                TODAY.toString());
        usual.forEach((field, value) -> form.param(field, other.getOrDefault(field, value)));
        other.forEach((field, value) -> {
            if (!usual.containsKey(field)) {
                form.param(field, value);
            }
        });
        return form.param("kit", "CHAIR");
    }

    private String classOf(List<Woman> women) throws Exception {
        MockHttpServletRequestBuilder form = typed("/classes", Map.of());
        women.forEach(woman -> form.param("members", String.valueOf(woman.id())));
        MockHttpServletResponse answer = send(form);
        assertThat(answer.getStatus()).isEqualTo(302);
        return answer.getRedirectedUrl();
    }

    private long composed(String address, List<Woman> coming) throws Exception {
        MockHttpServletRequestBuilder form =
                post(address + "/today").param("formKey", key()).param("act", "compose");
        coming.forEach(woman -> form.param("comes", String.valueOf(woman.id())));
        MockHttpServletResponse answer = send(form);
        assertThat(answer.getStatus()).isEqualTo(302);
        assertThat(answer.getRedirectedUrl()).startsWith("/teachings/");
        return Long.parseLong(answer.getRedirectedUrl().replace("/teachings/", ""));
    }

    private List<Woman> three = List.of();

    private List<Woman> threeAsked() throws Exception {
        three = List.of(askedWoman("Ada"), askedWoman("Bea"), askedWoman("Cleo"));
        return three;
    }

    /** Those asked last. */
    private List<Woman> threeOf() {
        return three;
    }

    @Test
    void refusesBesideTheFieldAndKeepsWhatWasTyped() throws Exception {
        Woman ada = askedWoman("Ada");
        Map<String, Map<String, String>> wrong = Map.of(
                "name", Map.of("name", ""),
                "startsAt", Map.of("startsAt", "half past"),
                "minutes", Map.of("minutes", "400"),
                "lastOn", Map.of("lastOn", TODAY.minusDays(1).toString()),
                "leftOut", Map.of("leftOut", "2026-12-24, Christmas"),
                "add", Map.of("add", "Nobody Such"),
                "members", Map.of("members", "999999999"));
        for (var one : wrong.entrySet()) {
            Document page = Jsoup.parse(body(typed("/classes", one.getValue())
                    .param("members", String.valueOf(ada.id()))
                    .param("room", "Loft <b>")));
            assertThat(page.select("#problem-" + one.getKey())).as(one.getKey()).hasSize(1);
            assertThat(page.select("#room").val()).isEqualTo("Loft <b>");
            assertThat(page.select("[name=members][value=" + ada.id() + "]").hasAttr("checked"))
                    .isTrue();
        }
        MockHttpServletRequestBuilder many = typed("/classes", Map.of());
        people.page(ines, "", 0).women().stream()
                .limit(17)
                .forEach(woman -> many.param("members", String.valueOf(woman.id())));
        assertThat(body(many)).contains("A class has 1 to 16 women; here are 17.");
        MockHttpServletRequestBuilder most = typed("/classes", Map.of("name", "n".repeat(80)));
        people.page(ines, "", 0).women().stream()
                .limit(16)
                .forEach(woman -> most.param("members", String.valueOf(woman.id())));
        assertThat(send(most).getStatus()).isEqualTo(302);
        assertThat(body(typed("/classes", Map.of("name", "n".repeat(81))).param("members", String.valueOf(ada.id()))))
                .contains("id=\"problem-name\"");
    }

    @Test
    void whoWasQuickerIsNotOverwritten() throws Exception {
        String address = classOf(threeAsked());
        assertThat(send(typed(address + "/edit", Map.of("version", "1", "room", "Loft")))
                        .getStatus())
                .isEqualTo(302);
        assertThat(body(typed(address + "/edit", Map.of("version", "1", "room", "Cellar"))))
                .contains("Somebody else has changed this class meanwhile");
        assertThat(page(address)).contains("Loft").doesNotContain("Cellar");
    }

    @Test
    void onlyWhoIsAskedTakesPart() throws Exception {
        Woman ada = askedWoman("Ada");
        Woman bea = askedWoman("Bea");
        String name = "Cleo " + key();
        send(intake(name));
        Woman cleo = people.page(ines, name, 0).women().get(0);
        String address = classOf(List.of(ada, bea, cleo));
        ClassSheetDocument without = sheet(composed(address, List.of(ada, bea, cleo)));
        assertThat(without.members())
                .extracting(ClassSheetDocument.MemberLine::womanId)
                .containsExactlyInAnyOrder(ada.id(), bea.id());
        assertThat(without.cannotCome())
                .singleElement()
                .extracting(ClassSheetDocument.CannotTold::why)
                .isEqualTo("Not asked today: ask, and compose again.");

        assertThat(send(post(address + "/today")
                                .param("formKey", key())
                                .param("act", "ask")
                                .param("nothing", String.valueOf(cleo.id())))
                        .getStatus())
                .isEqualTo(302);
        assertThat(sheet(composed(address, List.of(ada, bea, cleo))).members()).hasSize(3);
    }

    /** A sign told from home keeps her out of the class of that day; heaviness told from home is in what her part is made from. */
    @Test
    void whatAWomanToldFromHomeTodayCounts() throws Exception {
        List<Woman> three = threeAsked();
        String address = classOf(three);
        fromHome(three.get(0), "SIGN", "told", "CHEST_PAIN");
        fromHome(three.get(1), "FLOOR", "holds", "0", "flicks", "0", "heavy", "yes");
        long teaching = composed(address, three);
        ClassSheetDocument sheet = sheet(teaching);
        assertThat(sheet.members())
                .extracting(ClassSheetDocument.MemberLine::womanId)
                .containsExactlyInAnyOrder(three.get(1).id(), three.get(2).id());
        assertThat(sheet.cannotCome())
                .singleElement()
                .satisfies(cannot -> assertThat(cannot.why()).startsWith("Stop now. Call the emergency number"));
        ClassSheets.KeptSheet kept = sheets.find(ines, teaching).orElseThrow();
        assertThat(facts(kept, three.get(1))).contains("HEAVINESS");
        assertThat(facts(kept, three.get(2))).doesNotContain("HEAVINESS");
    }

    private String facts(ClassSheets.KeptSheet kept, Woman woman) {
        long session = kept.parts().get(woman.id()).sessionId();
        return sessions.find(woman, session).orElseThrow().stored().made().facts();
    }

    private void fromHome(Woman woman, String kind, String... fields) throws Exception {
        String token = links.make(woman, HomeLink.LinkPurpose.HOME, ines.account(), TODAY, key());
        MockHttpServletRequestBuilder answer = post("/home/" + token)
                .header("Accept", "text/plain")
                .param("kind", kind)
                .param("formKey", key());
        for (int at = 0; at < fields.length; at += 2) {
            answer.param(fields[at], fields[at + 1]);
        }
        assertThat(mvc.perform(answer).andReturn().getResponse().getStatus()).isEqualTo(204);
    }

    private ClassSheetDocument sheet(long teaching) {
        return sheets.find(ines, teaching).orElseThrow().sheet();
    }

    /** By her first name; by her whole name where another shares it; with a number where even that is the same. */
    @Test
    void womenOfOneNameAreToldApart() throws Exception {
        Woman bea = askedWoman("Bea");
        Woman ada = askedWoman("Ada");
        String name = "Ada " + key();
        send(intake(name));
        send(set(intake(name), "birthYear", "1990"));
        List<Woman> same = people.page(ines, name, 0).women();
        List<Woman> coming = List.of(bea, ada, same.get(0), same.get(1));
        String address = classOf(coming);
        MockHttpServletRequestBuilder asked =
                post(address + "/today").param("formKey", key()).param("act", "ask");
        same.forEach(woman -> asked.param("nothing", String.valueOf(woman.id())));
        send(asked);
        assertThat(sheet(composed(address, coming)).members())
                .extracting(ClassSheetDocument.MemberLine::name)
                .containsExactlyInAnyOrder(
                        "Bea",
                        ada.name(),
                        name + " (" + same.get(0).id() + ")",
                        name + " (" + same.get(1).id() + ")");
    }

    /** Another class's women, somebody else's, and nobody at all. */
    @Test
    void whoIsNoMemberCannotBeSlippedIn() throws Exception {
        List<Woman> three = threeAsked();
        Woman other = askedWoman("Dora");
        String address = classOf(three);
        MockHttpServletResponse nobody = send(post(address + "/today")
                .param("formKey", key())
                .param("act", "compose")
                .param("comes", String.valueOf(other.id())));
        assertThat(nobody.getStatus()).isEqualTo(422);
        assertThat(nobody.getContentAsString()).contains("Tick who comes.");
    }

    @Test
    void oneWhoDropsInTakesPartThatDayAndIsNoMember() throws Exception {
        List<Woman> three = threeAsked();
        Woman guest = askedWoman("Gudrun");
        String address = classOf(three);
        MockHttpServletRequestBuilder form = post(address + "/today")
                .param("formKey", key())
                .param("act", "compose")
                .param("comes", String.valueOf(three.get(0).id()))
                .param("comes", String.valueOf(three.get(1).id()));
        String sheet = send(form.param("guest", guest.name())).getRedirectedUrl();
        assertThat(sheet(Long.parseLong(sheet.replace("/teachings/", ""))).members())
                .extracting(ClassSheetDocument.MemberLine::womanId)
                .containsExactlyInAnyOrder(three.get(0).id(), three.get(1).id(), guest.id());
        assertThat(Jsoup.parse(page(address)).select(".class-rows tbody tr")).hasSize(3);
        String unknown = body(post(address + "/today")
                .param("formKey", key())
                .param("act", "compose")
                .param("comes", String.valueOf(three.get(0).id()))
                .param("guest", "Nobody Such"));
        assertThat(Jsoup.parse(unknown).select("#problem-guest").text()).contains("“Nobody Such”");
        assertThat(Jsoup.parse(unknown).select("#guest").val()).isEqualTo("Nobody Such");
        String back = page(address + "/look-back/" + guest.id());
        assertThat(Jsoup.parse(back).select("section.panel p").text())
                .matches("(\\d+) of \\d+ exercises would be hers.*");
        isNothingForAStranger(address + "/look-back/" + guest.id());
    }

    @Test
    void eachWomansPartIsASessionOfHersAndCountsAsOne() throws Exception {
        List<Woman> three = threeAsked();
        String address = classOf(three);
        long teaching = composed(address, three);
        ClassSheets.KeptSheet kept = sheets.find(ines, teaching).orElseThrow();
        assertThat(kept.parts().keySet())
                .isEqualTo(three.stream().map(Woman::id).collect(Collectors.toSet()));
        for (int column = 0; column < 3; column++) {
            Woman woman = people.find(ines, kept.sheet().members().get(column).womanId())
                    .orElseThrow();
            TeachingMapper.PartOf part = kept.parts().get(woman.id());
            Sessions.ComposedFor hers = sessions.find(woman, part.sessionId()).orElseThrow();
            assertThat(hers.stored().occasion()).isEqualTo(Occasion.CLASS);
            int at = column;
            List<Integer> lines = kept.sheet().cells().stream()
                    .map(row -> row.get(at))
                    .filter(cell -> cell.how() != TakesPart.RESTS)
                    .map(ClassSheetDocument.CellTold::line)
                    .toList();
            assertThat(lines)
                    .isEqualTo(IntStream.range(0, hers.plan().items().size())
                            .boxed()
                            .toList());
        }
        Woman ada = people.find(ines, kept.sheet().members().get(0).womanId()).orElseThrow();
        long session = kept.parts().get(ada.id()).sessionId();
        assertThat(send(post("/people/" + ada.id() + "/sessions/" + session + "/responses")
                                .param("formKey", key())
                                .param("item", "1")
                                .param("told", "LEAKED"))
                        .getStatus())
                .isEqualTo(204);
        assertThat(send(post("/teachings/" + teaching + "/finish").param("effort-" + ada.id(), "RIGHT"))
                        .getRedirectedUrl())
                .isEqualTo("/teachings/" + teaching);
        assertThat(sheets.find(ines, teaching).orElseThrow().isTaught()).isTrue();
        assertThat(sessions.responsesOf(List.of(ada.id())).get(ada.id()))
                .extracting(
                        told -> told.told(),
                        told -> told.of().occasion(),
                        told -> told.of().effort())
                .containsExactly(tuple(Noted.LEAKED, Occasion.CLASS, Noted.RIGHT));
        assertThat(page("/people/" + ada.id() + "/journey")).contains("30 minutes, in a class, taught");
        assertThat(send(get("/teachings/" + teaching + "/teach")).getRedirectedUrl())
                .isEqualTo("/teachings/" + teaching);
    }

    @Test
    void nothingOfItIsThereForAnotherStudio() throws Exception {
        List<Woman> three = threeAsked();
        String address = classOf(three);
        long teaching = composed(address, three);
        for (String path : List.of(
                address,
                address + "/edit",
                address + "/today",
                "/teachings/" + teaching,
                "/teachings/" + teaching + "/teach",
                "/teachings/" + teaching + "/edit",
                "/teachings/" + teaching + "/edit/why",
                "/teachings/" + teaching + "/finish")) {
            isNothingForAStranger(path);
        }
        assertThat(as(stranger(), get("/classes")).getContentAsString()).contains("No class yet");
        String theirs = as(
                        stranger(),
                        typed("/classes", Map.of())
                                .param("members", String.valueOf(three.get(0).id())))
                .getContentAsString();
        assertThat(theirs)
                .contains("not in this studio")
                .doesNotContain(three.get(0).name());
    }

    @Test
    void theMatrixSaysInACellHowSheDoesIt() throws Exception {
        long teaching = sheets.of(ines, mixed(), 1).get(0).teaching().id();
        Document page = Jsoup.parse(page("/teachings/" + teaching));
        ClassSheetDocument sheet = sheet(teaching);
        assertThat(page.select(".matrix thead th a").eachText())
                .isEqualTo(sheet.members().stream()
                        .map(ClassSheetDocument.MemberLine::name)
                        .toList());
        assertThat(page.select(".matrix tbody tr"))
                .hasSize(sheet.called().rows().size());
        assertThat(page.select(".matrix tbody th small").first().text()).startsWith("0:00 · ");
        Set<String> told = Set.copyOf(page.select(".matrix td").eachText());
        for (List<ClassSheetDocument.CellTold> row : sheet.cells()) {
            row.forEach(cell -> assertThat(cell.words().split(" ")).hasSizeLessThanOrEqualTo(6));
        }
        assertThat(told).anyMatch(words -> words.contains("same")).anyMatch(words -> words.equals("rests"));
    }

    @Test
    void eachWomanIsInAClassOnce() throws Exception {
        List<Woman> three = threeAsked();
        Document added =
                Jsoup.parse(body(typed("/classes", Map.of("add", three.get(0).name()))
                        .param("members", String.valueOf(three.get(0).id()))));
        assertThat(added.select("#problem-add").text())
                .startsWith("“" + three.get(0).name() + "” is in the class already");
        String address = classOf(three);
        Document guest = Jsoup.parse(body(post(address + "/today")
                .param("formKey", key())
                .param("act", "compose")
                .param("comes", String.valueOf(three.get(0).id()))
                .param("guest", three.get(0).name())));
        assertThat(guest.select("#problem-guest").text()).contains("is in the class already");
    }

    /** Two teach the same sheet: what each notes is kept, and the second to finish changes nothing. */
    @Test
    void whatTwoWhoTeachItNoteIsKept() throws Exception {
        long teaching = composed(classOf(threeAsked()), threeOf());
        ClassSheets.KeptSheet kept = sheets.find(ines, teaching).orElseThrow();
        TeachingMapper.PartOf part = kept.parts().values().iterator().next();
        String responses = "/people/" + part.womanId() + "/sessions/" + part.sessionId() + "/responses";
        assertThat(send(post(responses)
                                .param("formKey", key())
                                .param("item", "1")
                                .param("told", "LEAKED"))
                        .getStatus())
                .isEqualTo(204);
        assertThat(send(post("/teachings/" + teaching + "/finish").param("effort-" + part.womanId(), "RIGHT"))
                        .getStatus())
                .isEqualTo(302);
        assertThat(send(post(responses)
                                .param("formKey", key())
                                .param("item", "2")
                                .param("told", "TOO_HARD"))
                        .getStatus())
                .isEqualTo(204);
        assertThat(send(post("/teachings/" + teaching + "/finish").param("effort-" + part.womanId(), "TOO_HARD"))
                        .getStatus())
                .isEqualTo(302);
        assertThat(sessions.responsesOf(List.of(part.womanId())).get(part.womanId()))
                .extracting(told -> told.told(), told -> told.of().effort())
                .containsExactly(tuple(Noted.LEAKED, Noted.RIGHT), tuple(Noted.TOO_HARD, Noted.RIGHT));
    }

    private MockHttpServletRequestBuilder change(long teaching, int version, String act, String... fields) {
        MockHttpServletRequestBuilder form = post("/teachings/" + teaching + "/edit")
                .param("version", String.valueOf(version))
                .param("act", act);
        for (int i = 0; i < fields.length; i += 2) {
            form.param(fields[i], fields[i + 1]);
        }
        return form;
    }

    private List<String> movesOf(ClassSheets.KeptSheet kept, int column) throws Exception {
        Woman woman =
                people.find(ines, kept.sheet().members().get(column).womanId()).orElseThrow();
        return sessions.find(woman, kept.parts().get(woman.id()).sessionId()).orElseThrow().plan().items().stream()
                .map(item -> item.moveId())
                .toList();
    }

    /** Resting for one, out for all, taken back: each a version, of each woman's part, too. */
    @Test
    void aChangeReachesEachWomansPartAndIsTakenBack() throws Exception {
        long teaching = composed(classOf(threeAsked()), threeOf());
        ClassSheets.KeptSheet composed = sheets.find(ines, teaching).orElseThrow();
        int row = composed.sheet().called().rows().size() - 2;
        String move = composed.sheet().called().rows().get(row).item().moveId();
        List<String> ada = movesOf(composed, 0);
        List<String> bea = movesOf(composed, 1);
        assertThat(ada).contains(move);

        assertThat(send(change(teaching, 0, "ONE", "item", String.valueOf(row), "woman", "0", "move", ""))
                        .getRedirectedUrl())
                .isEqualTo("/teachings/" + teaching + "/edit?at=" + row);
        ClassSheets.KeptSheet rests = sheets.find(ines, teaching).orElseThrow();
        int line = rests.sheet().called().rows().get(row).at();
        assertThat(rests.sheet().cells().get(line))
                .extracting(ClassSheetDocument.CellTold::how)
                .startsWith(TakesPart.RESTS)
                .doesNotContainSequence(TakesPart.RESTS, TakesPart.RESTS);
        assertThat(movesOf(rests, 0)).doesNotContain(move).hasSizeLessThan(ada.size());
        assertThat(movesOf(rests, 1)).isEqualTo(bea);

        MockHttpServletResponse stale = send(change(teaching, 0, "REMOVE", "item", "1"));
        assertThat(stale.getStatus()).isEqualTo(422);
        assertThat(stale.getContentAsString()).contains("changed elsewhere meanwhile");
        assertThat(send(change(teaching, 1, "REMOVE", "item", String.valueOf(row)))
                        .getStatus())
                .isEqualTo(302);
        assertThat(movesOf(sheets.find(ines, teaching).orElseThrow(), 1)).doesNotContain(move);
        assertThat(page("/teachings/" + teaching + "/edit")).contains("Version 2, Ines");
        assertThat(send(change(teaching, 2, "UNDO")).getStatus()).isEqualTo(302);
        assertThat(send(change(teaching, 3, "UNDO")).getStatus()).isEqualTo(302);
        ClassSheets.KeptSheet back = sheets.find(ines, teaching).orElseThrow();
        assertThat(back.sheet()).isEqualTo(composed.sheet());
        assertThat(movesOf(back, 0)).isEqualTo(ada);
        assertThat(send(change(teaching, 4, "UNDO")).getContentAsString()).contains("Nothing to take back");
    }

    @Test
    void whatBreaksALineNeedsAReasonAndWhatIsShutStaysShut() throws Exception {
        long teaching = composed(classOf(threeAsked()), threeOf());
        int row = sheets.find(ines, teaching)
                        .orElseThrow()
                        .sheet()
                        .called()
                        .rows()
                        .size()
                - 2;
        String at = String.valueOf(row);
        assertThat(send(change(teaching, 0, "ONE", "item", at, "woman", "0", "move", ""))
                        .getStatus())
                .isEqualTo(302);
        Document refused = Jsoup.parse(body(change(teaching, 1, "ONE", "item", at, "woman", "1", "move", "")));
        assertThat(refused.select("#problem-words").text()).contains("1 of 3 do it itself, fewer than 60 %.");
        assertThat(refused.select(".edit-pending [name=woman]").val()).isEqualTo("1");
        assertThat(send(change(teaching, 1, "ONE", "item", at, "woman", "1", "move", "", "words", "she asked"))
                        .getStatus())
                .isEqualTo(302);
        assertThat(page("/teachings/" + teaching + "/edit")).contains("Stays because: she asked");
        Document forNobody = Jsoup.parse(body(change(teaching, 2, "ADD", "move", "No such exercise")));
        assertThat(forNobody.select("#problem-move").text()).isEqualTo("There is no exercise No such exercise.");
        for (String[] wrong : new String[][] {{"item", "99"}, {"item", "0", "woman", "7", "move", ""}, {"item", "x"}}) {
            assertThat(send(change(teaching, 2, "ONE", wrong)).getStatus())
                    .as(String.join(" ", wrong))
                    .isEqualTo(422);
        }
        assertThat(send(change(teaching, 2, "DOSE", "item", "3", "sets", "0", "amount", "900"))
                        .getStatus())
                .isEqualTo(422);
        assertThat(page("/teachings/" + teaching + "/edit/why?move=Sprint&woman=1"))
                .containsPattern("Sprint (is .* for Bea.* today|passes for Bea)|There is no exercise of that name");
    }

    /** Her part is changed on the sheet of the class alone; a sheet that is taught stays as it was. */
    @Test
    void aPartOfAClassIsChangedOnItsSheetUntilItIsTaught() throws Exception {
        long teaching = composed(classOf(threeAsked()), threeOf());
        ClassSheets.KeptSheet kept = sheets.find(ines, teaching).orElseThrow();
        TeachingMapper.PartOf part = kept.parts().values().iterator().next();
        String hers = "/people/" + part.womanId() + "/sessions/" + part.sessionId();
        assertThat(send(get(hers + "/edit")).getStatus()).isEqualTo(409);
        assertThat(Jsoup.parse(page(hers)).select(".title-end a[href$=/edit]").attr("href"))
                .isEqualTo("/teachings/" + teaching + "/edit");
        assertThat(send(post("/teachings/" + teaching + "/finish")).getStatus()).isEqualTo(302);
        assertThat(send(get("/teachings/" + teaching + "/edit")).getStatus()).isEqualTo(409);
        assertThat(send(change(teaching, 0, "UNDO")).getStatus()).isEqualTo(409);
    }

    private StudioClass mixed() {
        return classes.of(ines).stream()
                .filter(one -> one.name().equals("Mixed, one sequence"))
                .findFirst()
                .orElseThrow();
    }

    @Autowired
    private Classes classes;
}
