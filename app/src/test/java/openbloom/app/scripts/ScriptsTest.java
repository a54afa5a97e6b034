package openbloom.app.scripts;

import static org.assertj.core.api.Assertions.assertThat;

import com.google.javascript.jscomp.CheckLevel;
import com.google.javascript.jscomp.CommandLineRunner;
import com.google.javascript.jscomp.Compiler;
import com.google.javascript.jscomp.CompilerOptions;
import com.google.javascript.jscomp.CompilerOptions.Environment;
import com.google.javascript.jscomp.CompilerOptions.LanguageMode;
import com.google.javascript.jscomp.DiagnosticGroups;
import com.google.javascript.jscomp.SourceFile;
import com.google.javascript.jscomp.deps.ModuleLoader.ResolutionMode;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Scripts, styles and templates as packages made for it read them: laid out alike, no name unknown, nothing unused. */
class ScriptsTest {
    private static final Path HERE = Path.of("src/main/resources/static");
    private static final Path TEMPLATES = Path.of("src/main/resources/templates");
    private static final String FORMAT = """
            async ({ text, parser, options }) => {
              const from = `/webjars/prettier/${options.version}`;
              const prettier = await import(`${from}/standalone.mjs`);
              const plugins = await Promise.all(['babel', 'estree', 'postcss', 'html'].map((name) => import(`${from}/plugins/${name}.mjs`)));
              return prettier.format(text, { ...options.rules, parser, plugins });
            }
            """;

    private static List<Path> files(Path folder, String ending) throws IOException {
        try (Stream<Path> all = Files.walk(folder)) {
            return all.filter(file -> file.toString().endsWith(ending)).sorted().toList();
        }
    }

    /** With {@code -Dbloom.format=true} they are laid out instead: see CONTRIBUTING. */
    @ParameterizedTest
    @CsvSource({"scripts, babel", "styles, css", "templates, html"})
    void areLaidOutAlike(String what, String parser) throws IOException {
        List<Path> all = switch (what) {
            case "scripts" -> files(HERE, ".js");
            case "styles" -> files(HERE, ".css");
            default -> files(TEMPLATES, ".html");
        };
        JsonNode rules = JsonMapper.shared().readTree(Path.of("../.prettierrc.json"));
        Map<String, Object> options =
                new HashMap<>(JsonMapper.shared().convertValue(rules, new TypeReference<Map<String, Object>>() {}));
        options.remove("overrides");
        for (JsonNode other : rules.get("overrides")) {
            if (other.get("files").asString().endsWith(suffix(all.get(0)))) {
                options.putAll(JsonMapper.shared()
                        .convertValue(other.get("options"), new TypeReference<Map<String, Object>>() {}));
            }
        }
        List<Path> other = new ArrayList<>();
        try (ScriptPage page = new ScriptPage()) {
            for (Path file : all) {
                String text = Files.readString(file);
                String laidOut = (String) page.ask(
                        FORMAT,
                        Map.of(
                                "text",
                                text,
                                "parser",
                                parser,
                                "options",
                                Map.of("version", System.getProperty("prettier.version"), "rules", options)));
                if (Boolean.getBoolean("bloom.format")) {
                    Files.writeString(file, laidOut);
                } else if (!laidOut.equals(text)) {
                    other.add(file);
                }
            }
        }
        assertThat(other).as("laid out otherwise: ./bloom format mends it").isEmpty();
    }

    private static String suffix(Path file) {
        String name = file.getFileName().toString();
        return name.substring(name.lastIndexOf('.'));
    }

    /** Each script by itself, with what it imports. */
    @Test
    void scriptsUseNoUnknownNameAndLeaveNoneUnused() throws IOException {
        List<Path> all = files(HERE, ".js");
        List<SourceFile> modules = new ArrayList<>();
        List<Path> alone = new ArrayList<>();
        for (Path file : all) {
            String text = Files.readString(file);
            if (text.contains("\nexport ")) {
                modules.add(SourceFile.fromCode("/js/" + file.getFileName(), text));
            } else {
                alone.add(file);
            }
        }
        List<String> wrong = new ArrayList<>();
        for (Path file : alone) {
            List<SourceFile> read = new ArrayList<>(modules);
            read.add(SourceFile.fromCode("/js/" + file.getFileName(), Files.readString(file)));
            wrong.addAll(problemsIn(read));
        }
        assertThat(wrong).isEmpty();
    }

    private static List<String> problemsIn(List<SourceFile> read) throws IOException {
        CompilerOptions options = new CompilerOptions();
        options.setLanguageIn(LanguageMode.ECMASCRIPT_NEXT);
        options.setModuleResolutionMode(ResolutionMode.BROWSER);
        options.setChecksOnly(true);
        options.setEnvironment(Environment.BROWSER);
        List.of(
                        DiagnosticGroups.UNDEFINED_VARIABLES,
                        DiagnosticGroups.UNUSED_LOCAL_VARIABLE,
                        DiagnosticGroups.CHECK_USELESS_CODE,
                        DiagnosticGroups.CHECK_VARIABLES,
                        DiagnosticGroups.CONST,
                        DiagnosticGroups.MISSING_RETURN)
                .forEach(group -> options.setWarningLevel(group, CheckLevel.ERROR));
        Compiler compiler = new Compiler(new PrintStream(PrintStream.nullOutputStream()));
        compiler.compile(CommandLineRunner.getBuiltinExterns(Environment.BROWSER), read, options);
        return compiler.getErrors().stream().map(Object::toString).toList();
    }
}
