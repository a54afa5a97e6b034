package openbloom.app.moves;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import openbloom.app.studio.SignedIn;
import openbloom.app.system.ApplicationVersion;
import openbloom.app.system.MessageFormatter;
import openbloom.app.system.UnreadableRecord;
import openbloom.core.Outcome;
import openbloom.core.Problem;
import openbloom.core.figure.Joint;
import openbloom.core.moves.BreathPattern;
import openbloom.core.moves.Catalogue;
import openbloom.core.moves.Demand;
import openbloom.core.moves.ExerciseGroup;
import openbloom.core.moves.Flexion;
import openbloom.core.moves.PelvicTone;
import openbloom.core.moves.Position;
import openbloom.core.moves.Purpose;
import openbloom.core.moves.Rotation;
import openbloom.core.moves.Sides;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.ModelAndView;
import tools.jackson.core.JacksonException;
import tools.jackson.core.type.TypeReference;
import tools.jackson.dataformat.yaml.YAMLMapper;

/** A studio's own moves: added with a form, read from YAML, written to YAML; the same checks either way. */
@Controller
class OwnMovesController {
    private static final int LARGEST_FILE = Catalogues.LARGEST_YAML;
    private static final MediaType YAML_TYPE = new MediaType("application", "yaml", StandardCharsets.UTF_8);

    private final Catalogues catalogues;
    private final MessageFormatter sentences;
    private final StudioPoses poses;
    private final YAMLMapper yaml = new YAMLMapper();

    OwnMovesController(Catalogues catalogues, MessageFormatter sentences, StudioPoses poses) {
        this.catalogues = catalogues;
        this.sentences = sentences;
        this.poses = poses;
    }

    @GetMapping("/moves/own")
    ModelAndView own(@AuthenticationPrincipal SignedIn me) {
        return page(me, MoveForm.empty(), "");
    }

    @PostMapping("/moves/own")
    ModelAndView add(
            @AuthenticationPrincipal SignedIn me,
            @RequestParam(defaultValue = "") ApplicationVersion version,
            MoveForm form) {
        List<Map<String, Object>> moves = new ArrayList<>(entries(me));
        moves.add(entry(me, form));
        Outcome<Catalogue> kept = catalogues.keep(me.studioId(), version.number(), written(moves));
        if (kept.problems().isEmpty()) {
            return new ModelAndView("redirect:/moves/own?added");
        }
        ModelAndView page = page(me, form, "").addObject("errors", besideFields(kept.problems(), form));
        page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        return page;
    }

    /** The move as its file has it, with its pose if joints of its figure were turned. */
    private Map<String, Object> entry(SignedIn me, MoveForm form) {
        Map<String, String> keys = new HashMap<>();
        catalogues.of(me.studioId()).moves().forEach(move -> {
            keys.put(move.teaching().shortName().toLowerCase(Locale.ROOT), move.id());
            keys.put(move.name().toLowerCase(Locale.ROOT), move.id());
        });
        Map<String, Object> entry = form.entry(name -> Optional.ofNullable(keys.get(name.toLowerCase(Locale.ROOT))));
        String figure = String.valueOf(entry.get("figure"));
        if (catalogues.figures().contains(figure)) {
            Map<String, Object> pose = poses.turned(figure, form.turned());
            if (pose.size() > 1) {
                entry.put("pose", pose);
            }
        }
        return entry;
    }

    @PostMapping("/moves/own/take-out")
    ModelAndView takeOut(
            @AuthenticationPrincipal SignedIn me,
            @RequestParam(defaultValue = "") ApplicationVersion version,
            @RequestParam(defaultValue = "") String id) {
        List<Map<String, Object>> rest =
                entries(me).stream().filter(move -> !id.equals(move.get("id"))).toList();
        return answered(me, catalogues.keep(me.studioId(), version.number(), written(rest)), written(rest));
    }

    @PostMapping("/moves/own/yaml")
    ModelAndView read(
            @AuthenticationPrincipal SignedIn me,
            @RequestParam(defaultValue = "") ApplicationVersion version,
            @RequestParam(defaultValue = "") String text,
            @RequestParam(required = false) @Nullable MultipartFile file)
            throws IOException {
        boolean sent = file != null && !file.isEmpty();
        if (file != null && file.getSize() > LARGEST_FILE) {
            Outcome<Catalogue> tooLong =
                    Outcome.refused(Problem.of("file", "yaml.tooLong", LARGEST_FILE, file.getSize()));
            return answered(me, tooLong, text);
        }
        String given = sent ? new String(file.getBytes(), StandardCharsets.UTF_8) : text;
        return answered(me, catalogues.keep(me.studioId(), version.number(), given), sent ? "" : text);
    }

    @GetMapping("/moves/own.yaml")
    ResponseEntity<String> write(@AuthenticationPrincipal SignedIn me) {
        ContentDisposition name =
                ContentDisposition.attachment().filename("our-moves.yaml").build();
        return ResponseEntity.ok()
                .contentType(YAML_TYPE)
                .header(HttpHeaders.CONTENT_DISPOSITION, name.toString())
                .body(catalogues.own(me.studioId()).yaml());
    }

    private ModelAndView answered(SignedIn me, Outcome<Catalogue> kept, String text) {
        if (kept.problems().isEmpty()) {
            return new ModelAndView("redirect:/moves/own?kept");
        }
        List<String> refused = kept.problems().stream()
                .map(problem -> problem.field() + ": " + sentences.of(problem))
                .toList();
        ModelAndView page = page(me, MoveForm.empty(), text).addObject("refused", refused);
        page.setStatus(HttpStatus.UNPROCESSABLE_CONTENT);
        return page;
    }

    private ModelAndView page(SignedIn me, MoveForm form, String text) {
        StudioMoves own = catalogues.own(me.studioId());
        return new ModelAndView("moves/own")
                .addObject("form", form)
                .addObject("text", text.isEmpty() ? own.yaml() : text)
                .addObject("version", own.version())
                .addObject("moves", entries(me))
                .addObject("strands", words(ExerciseGroup.values(), ExerciseGroup::words))
                .addObject("purposes", words(Purpose.values(), Purpose::words))
                .addObject("positions", words(Position.values(), Position::words))
                .addObject("flexions", words(Flexion.values(), Flexion::words))
                .addObject("rotations", words(Rotation.values(), Rotation::words))
                .addObject("allSides", words(Sides.values(), Sides::words))
                .addObject("breaths", words(BreathPattern.values(), BreathPattern::words))
                .addObject("tones", words(PelvicTone.values(), PelvicTone::words))
                .addObject("demands", demands())
                .addObject("figures", catalogues.figures())
                .addObject("joints", Joint.values())
                .addObject("measured", measured(form))
                .addObject("doses", doses());
    }

    private Map<Joint, Integer> measured(MoveForm form) {
        String figure = form.shown().figure() == null ? "" : form.shown().figure();
        return catalogues.figures().contains(figure) ? poses.joints(figure) : Map.of();
    }

    /** The studio's moves as plain entries, whatever wrote them. */
    private List<Map<String, Object>> entries(SignedIn me) {
        String kept = catalogues.own(me.studioId()).yaml();
        if (kept.isBlank()) {
            return List.of();
        }
        Map<String, Object> file;
        try {
            file = yaml.readValue(kept, new TypeReference<Map<String, Object>>() {});
        } catch (JacksonException unreadable) {
            throw new UnreadableRecord("Our own exercises", "the own exercises of studio " + me.studioId(), unreadable);
        }
        Map<String, Object> defaults = asMap(file.get("defaults"));
        List<Map<String, Object>> entries = new ArrayList<>();
        if (file.get("moves") instanceof List<?> moves) {
            for (Object move : moves) {
                Map<String, Object> whole = new LinkedHashMap<>(defaults);
                whole.putAll(asMap(move));
                entries.add(whole);
            }
        }
        return entries;
    }

    private static Map<String, Object> asMap(@Nullable Object value) {
        Map<String, Object> map = new LinkedHashMap<>();
        if (value instanceof Map<?, ?> given) {
            given.forEach((key, entry) -> map.put(String.valueOf(key), entry));
        }
        return map;
    }

    private String written(List<Map<String, Object>> moves) {
        return moves.isEmpty() ? "" : yaml.writeValueAsString(Map.of("moves", moves));
    }

    /** Problems of the new move under the names of the form's fields; those of other moves on top. */
    private Map<String, String> besideFields(List<Problem> problems, MoveForm form) {
        String prefix = form.named().id() == null || form.named().id().isBlank()
                ? "move."
                : form.named().id().strip() + ".";
        Map<String, String> beside = new LinkedHashMap<>();
        sentences.byField(problems).forEach((field, sentence) -> {
            boolean own = field.startsWith(prefix);
            String name = own ? field.substring(prefix.length()) : "top";
            beside.putIfAbsent(name.split("\\.")[0], own ? sentence : field + ": " + sentence);
        });
        return beside;
    }

    private Map<String, String> doses() {
        Map<String, String> doses = new LinkedHashMap<>();
        catalogues.doseSchemes().forEach((name, dose) -> doses.put(name, name.replace('-', ' ') + ": " + dose.words()));
        return doses;
    }

    /** What stands in a file, and how it is said. */
    private static <E extends Enum<E>> Map<String, String> words(E[] constants, Function<E, String> said) {
        Map<String, String> words = new LinkedHashMap<>();
        Arrays.stream(constants).forEach(constant -> words.put(asWritten(constant), said.apply(constant)));
        return words;
    }

    /** The demands that are flags of a file, by the names they have there. */
    private static List<String> demands() {
        return Arrays.stream(Demand.values())
                .map(demand -> demand.name().toLowerCase(Locale.ROOT))
                .toList();
    }

    private static String asWritten(Enum<?> constant) {
        return constant.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
