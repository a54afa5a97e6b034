package openbloom.app;

import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.apache.ibatis.session.ResultHandler;
import org.apache.ibatis.session.RowBounds;
import org.springframework.boot.test.context.TestComponent;

/** In every test of a page: the store is asked before a page is written, never from within its template. */
@TestComponent
@Intercepts(
        @Signature(
                type = Executor.class,
                method = "query",
                args = {MappedStatement.class, Object.class, RowBounds.class, ResultHandler.class}))
public class NothingReadWhileWritten implements Interceptor {
    @Override
    public Object intercept(Invocation query) throws Throwable {
        boolean writing = StackWalker.getInstance()
                .walk(frames ->
                        frames.anyMatch(frame -> frame.getClassName().equals("openbloom.app.system.WrittenPage")));
        if (writing) {
            throw new AssertionError(
                    "read while the page is written: " + ((MappedStatement) query.getArgs()[0]).getId());
        }
        return query.proceed();
    }
}
