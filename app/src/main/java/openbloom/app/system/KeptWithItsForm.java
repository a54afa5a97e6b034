package openbloom.app.system;

import java.util.Optional;
import javax.sql.DataSource;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionExecution;
import org.springframework.transaction.TransactionExecutionListener;

/**
 * What a form asks for and that it was done are kept in one transaction: sent once more after its process was killed, it is known
 * whether the first time counted.
 */
@Component
class KeptWithItsForm implements TransactionExecutionListener {
    private static final ThreadLocal<String> FORM = new ThreadLocal<>();

    private final JdbcTemplate store;

    KeptWithItsForm(DataSource data) {
        this.store = new JdbcTemplate(data);
    }

    /** From here on this thread works on a form. */
    static void begins(String key) {
        FORM.set(key);
    }

    static void ends() {
        FORM.remove();
    }

    /** On the connection of the transaction; whatever a mapper had to do is done by now. */
    @Override
    public void beforeCommit(TransactionExecution transaction) {
        if (!transaction.isReadOnly()) {
            Optional.ofNullable(FORM.get())
                    .ifPresent(key -> store.update("update kept_form set worked = true where form_key = ?", key));
        }
    }
}
