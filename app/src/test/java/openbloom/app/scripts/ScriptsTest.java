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
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** Scripts and styles as packages made for it read them: laid out alike, no name unknown, nothing unused. */
class ScriptsTest {
    private static final Path HERE = Path.of("src/main/resources/static");
    private static final String FORMAT = """
            async ({ text, parser, options }) => {
              const from = `/webjars/prettier/${options.version}`;
              const prettier = await import(`${from}/standalone.mjs`);
              const plugins = await Promise.all(['babel', 'estree', 'postcss'].map((name) => import(`${from}/plugins/${name}.mjs`)));
              return prettier.format(text, { ...options.rules, parser, plugins });
            }
            """;

    private static List<Path> files(String ending) throws IOException {
        try (Stream<Path> all = Files.walk(HERE)) {
            return all.filter(file -> file.toString().endsWith(ending)).sorted().toList();
        }
    }

    /** With {@code -Dbloom.format=true} they are laid out instead: see CONTRIBUTING. */
    @Test
    void scriptsAndStylesAreLaidOutAlike() throws IOException {
        Map<String, Object> options = Map.of(
                "version", System.getProperty("prettier.version"),
                "rules", JsonMapper.shared().readValue(Path.of("../.prettierrc.json"), Map.class));
        List<Path> other = new ArrayList<>();
        try (ScriptPage page = new ScriptPage()) {
            for (Map.Entry<String, String> kind :
                    Map.of(".js", "babel", ".css", "css").entrySet()) {
                for (Path file : files(kind.getKey())) {
                    String text = Files.readString(file);
                    String laidOut = (String)
                            page.ask(FORMAT, Map.of("text", text, "parser", kind.getValue(), "options", options));
                    if (Boolean.getBoolean("bloom.format")) {
                        Files.writeString(file, laidOut);
                    } else if (!laidOut.equals(text)) {
                        other.add(file);
                    }
                }
            }
        }
        assertThat(other).as("laid out otherwise: ./bloom format mends it").isEmpty();
    }

    /** Each script by itself, with what it imports. */
    @Test
    void scriptsUseNoUnknownNameAndLeaveNoneUnused() throws IOException {
        List<Path> all = files(".js");
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
