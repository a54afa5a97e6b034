package openbloom.app.home;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.IntStream;
import openbloom.app.language.HerWords;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** What the script of her page says, in her language: it has no words of its own. */
@Component
class ScriptWords {
    private static final int LONGEST_LEFT_MINUTES = 60;

    /** Sentences of the script by the name it has for them. */
    private static final Map<String, String> SAID_BY_SCRIPT = Map.ofEntries(
            Map.entry("of", "player.of"),
            Map.entry("start", "player.start"),
            Map.entry("pause", "player.pause"),
            Map.entry("goOn", "player.goOn"),
            Map.entry("next", "player.next"),
            Map.entry("finish", "player.finish"),
            Map.entry("then", "player.then"),
            Map.entry("how", "player.how"),
            Map.entry("soundOn", "player.soundOn"),
            Map.entry("soundOff", "player.soundOff"),
            Map.entry("ready", "count.ready"),
            Map.entry("rest", "count.rest"),
            Map.entry("done", "count.done"),
            Map.entry("change", "count.change"),
            Map.entry("secondsChange", "count.secondsChange"),
            Map.entry("secondsRest", "count.secondsRest"),
            Map.entry("secondsLeft", "count.secondsLeft"),
            Map.entry("breaths", "count.breaths"),
            Map.entry("repetitions", "count.repetitions"),
            Map.entry("each", "count.each"),
            Map.entry("set", "count.set"),
            Map.entry("kept", "offline.kept"),
            Map.entry("sent", "offline.sent"),
            Map.entry("refused", "offline.refused"),
            Map.entry("floorCounted", "floor.counted"),
            Map.entry("floorFinished", "floor.finished"));

    private final JsonMapper json;

    ScriptWords(JsonMapper json) {
        this.json = json;
    }

    /** What the script of her page says, as JSON. */
    String of(HomeVisitor her) {
        HerWords words = her.words();
        Map<String, Object> said = new LinkedHashMap<>();
        SAID_BY_SCRIPT.forEach((name, key) -> said.put(name, words.of(key)));
        said.put(
                "left",
                IntStream.rangeClosed(0, LONGEST_LEFT_MINUTES)
                        .mapToObj(minutes -> words.of("player.left", minutes))
                        .toList());
        return json.writeValueAsString(said);
    }
}
