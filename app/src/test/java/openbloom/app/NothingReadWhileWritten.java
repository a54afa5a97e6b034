package openbloom.app;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Map;
import openbloom.app.system.WrittenPage;
import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.apache.ibatis.session.ResultHandler;
import org.apache.ibatis.session.RowBounds;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.boot.test.context.TestComponent;
import org.thymeleaf.spring6.view.ThymeleafViewResolver;

/** In every test of a page: the store is asked before a page is written, never from within its template. */
@TestComponent
@Intercepts(
        @Signature(
                type = Executor.class,
                method = "query",
                args = {MappedStatement.class, Object.class, RowBounds.class, ResultHandler.class}))
public class NothingReadWhileWritten implements Interceptor, SmartInitializingSingleton {
    private static final ThreadLocal<Boolean> WRITING = ThreadLocal.withInitial(() -> false);

    private final ObjectProvider<ThymeleafViewResolver> views;

    public NothingReadWhileWritten(ObjectProvider<ThymeleafViewResolver> views) {
        this.views = views;
    }

    @Override
    public void afterSingletonsInstantiated() {
        views.getObject().setViewClass(WatchedPage.class);
    }

    @Override
    public Object intercept(Invocation query) throws Throwable {
        if (WRITING.get()) {
            throw new AssertionError(
                    "read while the page is written: " + ((MappedStatement) query.getArgs()[0]).getId());
        }
        return query.proceed();
    }

    /** A page that says while it is written. */
    public static class WatchedPage extends WrittenPage {
        @Override
        public void render(Map<String, ?> model, HttpServletRequest request, HttpServletResponse response)
                throws Exception {
            WRITING.set(true);

            ;
            try {
                super.render(model, request, response);
            } finally {
                WRITING.set(false);
            }
        }
    }
}
