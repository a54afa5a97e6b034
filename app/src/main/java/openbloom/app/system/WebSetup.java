package openbloom.app.system;

import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** What stands before every page. */
@Configuration
class WebSetup implements WebMvcConfigurer {
    private final OnceInterceptor once;

    WebSetup(OnceInterceptor once) {
        this.once = once;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(once);
    }
}
