package openbloom.app.store;

import jakarta.servlet.http.HttpServletRequest;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.server.ResponseStatusException;

/** What the operator asks of the running application, from this machine and with the secret of {@link RunningMark}. */
@RestController
@RequestMapping("/operator")
class OperatorController {
    static final String SECRET = "X-Bloom-Operator";

    private final KeptStore store;
    private final RunningMark mark;

    OperatorController(KeptStore store, RunningMark mark) {
        this.store = store;
        this.mark = mark;
    }

    @PostMapping("/backup")
    ResponseEntity<String> backUp(
            HttpServletRequest request,
            @RequestHeader(name = SECRET, defaultValue = "") String secret,
            @RequestParam(defaultValue = "") String file)
            throws UnknownHostException {
        admit(request, secret);
        try {
            Optional<Path> target = file.isBlank() ? Optional.empty() : Optional.of(Path.of(file));
            return ResponseEntity.ok(said(store.backUp(target)));
        } catch (NotPossible | InvalidPathException refused) {
            return ResponseEntity.status(HttpStatus.CONFLICT).body(String.valueOf(refused.getMessage()));
        }
    }

    /** What is wrong with what is kept, a line each; one line when all is well. */
    @PostMapping("/verify")
    ResponseEntity<String> verify(
            HttpServletRequest request, @RequestHeader(name = SECRET, defaultValue = "") String secret)
            throws UnknownHostException {
        admit(request, secret);
        List<String> problems = store.problems();
        return ResponseEntity.status(problems.isEmpty() ? HttpStatus.OK : HttpStatus.CONFLICT)
                .body(said(problems));
    }

    @PostMapping("/studio")
    ResponseEntity<String> addStudio(
            HttpServletRequest request,
            @RequestHeader(name = SECRET, defaultValue = "") String secret,
            @RequestParam(defaultValue = "") String name,
            @RequestParam(defaultValue = "") String zone,
            @RequestParam(defaultValue = "") String owner,
            @RequestParam(defaultValue = "") String email)
            throws UnknownHostException {
        admit(request, secret);
        return answered(() -> store.add(new NewStudio(name, zone, owner, email)));
    }

    @PostMapping("/second-factor-off")
    ResponseEntity<String> factorOff(
            HttpServletRequest request,
            @RequestHeader(name = SECRET, defaultValue = "") String secret,
            @RequestParam(defaultValue = "") String email)
            throws UnknownHostException {
        admit(request, secret);
        return answered(() -> store.factorOff(email));
    }

    private static ResponseEntity<String> answered(Supplier<String> work) {
        try {
            return ResponseEntity.ok(work.get());
        } catch (NotPossible refused) {
            return ResponseEntity.status(HttpStatus.CONFLICT).body(String.valueOf(refused.getMessage()));
        }
    }

    private void admit(HttpServletRequest request, String secret) throws UnknownHostException {
        if (!mark.isSecret(secret)
                || !InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress()) {
            throw new ResponseStatusException(HttpStatus.NOT_FOUND);
        }
    }

    static String said(List<String> problems) {
        return problems.isEmpty()
                ? "All is well: the chain of the audit is whole, every row refers to one that is there, every document"
                        + " can be read."
                : String.join("\n", problems);
    }

    static String said(Backups.BackupMade made) {
        return "Backup " + made.file() + " made and opened: " + made.rows() + " rows.";
    }
}
