package openbloom.app.export;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import openbloom.app.api.fhir.FhirRead;
import openbloom.app.api.fhir.FhirReader;
import openbloom.app.people.IntakePage;
import openbloom.app.people.People;
import openbloom.app.people.Woman;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.FormPages;
import openbloom.core.Days;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import openbloom.core.dating.Dating;
import org.jspecify.annotations.Nullable;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;

/** What another system says of a woman, shown in an intake before anything is kept. */
@Controller
class FhirController {
    private static final String PAGE = "share/from-fhir";

    private final People people;
    private final FormPages forms;

    FhirController(People people, FormPages forms) {
        this.people = people;
        this.forms = forms;
    }

    @GetMapping("/people/from-fhir")
    ModelAndView page() {
        return new ModelAndView(PAGE);
    }

    @PostMapping("/people/from-fhir")
    ModelAndView read(
            @AuthenticationPrincipal SignedIn me, @RequestParam(required = false) @Nullable MultipartFile file)
            throws IOException {
        if (file == null || file.isEmpty()) {
            return forms.refused(new ModelAndView(PAGE), List.of(Problem.of("file", "takenIn.nothing")));
        }
        Outcome<FhirRead> read = FhirReader.read(new String(file.getBytes(), StandardCharsets.UTF_8));
        if (!read.problems().isEmpty()) {
            return forms.refused(new ModelAndView(PAGE), read.problems());
        }
        FhirRead said = read.value();
        return IntakePage.of(FhirIntake.of(said)).addObject("fromFile", said).addObject("alike", alike(me, said));
    }

    /** Whoever is here already by this name and year of birth, and where the file contradicts her record. */
    public record Alike(long id, String name, List<String> contradictions) {}

    private List<Alike> alike(SignedIn me, FhirRead said) {
        return said.name().stream()
                .flatMap(name -> people.page(me, name, 0).women().stream()
                        .filter(woman -> woman.name().equalsIgnoreCase(name)))
                .filter(woman -> said.bornIn().isEmpty()
                        || woman.about().birthYear() == null
                        || Objects.equals(
                                woman.about().birthYear(), said.bornIn().get()))
                .map(woman -> new Alike(woman.id(), woman.name(), contradictions(woman, said)))
                .toList();
    }

    private static List<String> contradictions(Woman woman, FhirRead said) {
        List<String> found = new ArrayList<>();
        Optional<LocalDate> there = FhirIntake.due(said);
        Optional<LocalDate> here = woman.dating().map(Dating::dueDate);
        if (there.isPresent() && here.isPresent() && !there.equals(here)) {
            found.add("due date here " + Days.words(here.get()) + ", in the file " + Days.words(there.get()));
        }
        return found;
    }
}
