package openbloom.app.system;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionStatus;
import org.springframework.transaction.support.DefaultTransactionDefinition;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.AsyncHandlerInterceptor;

/**
 * A page that is only looked at is read in one transaction: all of it is of one moment, and MyBatis asks the database for the
 * same rows once, whoever of the page's parts wants them. It ends before the page is written and sent, so that nobody who reads
 * slowly holds a connection to the store.
 */
@Component
class ReadTransactionPerRequest implements AsyncHandlerInterceptor {
    private static final String OPEN = ReadTransactionPerRequest.class.getName();

    private final PlatformTransactionManager transactions;

    ReadTransactionPerRequest(PlatformTransactionManager transactions) {
        this.transactions = transactions;
    }

    /** A reading under way. */
    private record Open(PlatformTransactionManager transactions, TransactionStatus status) {
        void end() {
            if (status.isRollbackOnly()) {
                transactions.rollback(status);
            } else {
                transactions.commit(status);
            }
        }
    }

    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        boolean reads = handler instanceof HandlerMethod page && !page.hasMethodAnnotation(OwnTransaction.class);
        if (reads && request.getMethod().equals("GET")) {
            DefaultTransactionDefinition reading = new DefaultTransactionDefinition();
            reading.setReadOnly(true);
            request.setAttribute(OPEN, new Open(transactions, transactions.getTransaction(reading)));
        }
        return true;
    }

    @Override
    public void afterCompletion(
            HttpServletRequest request, HttpServletResponse response, Object handler, @Nullable Exception broken) {
        end(request);
    }

    /** What streams on in another thread has read what it needs. */
    @Override
    public void afterConcurrentHandlingStarted(
            HttpServletRequest request, HttpServletResponse response, Object handler) {
        end(request);
    }

    /** Nothing more is read for this request; a second call changes nothing. */
    static void end(HttpServletRequest request) {
        if (request.getAttribute(OPEN) instanceof Open open) {
            request.removeAttribute(OPEN);
            open.end();
        }
    }
}
