package openbloom.app.system;

import java.util.List;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.support.HandlerMethodArgumentResolver;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.thymeleaf.spring6.SpringTemplateEngine;
import org.thymeleaf.spring6.view.ThymeleafViewResolver;

/** What stands before every page. */
@Configuration
class WebSetup implements WebMvcConfigurer {
    private final IdempotencyInterceptor once;
    private final ReadTransactionPerRequest reading;

    WebSetup(
            IdempotencyInterceptor once,
            ReadTransactionPerRequest reading,
            SpringTemplateEngine templates,
            ThymeleafViewResolver views) {
        this.once = once;
        this.reading = reading;
        views.setViewClass(WrittenPage.class);
        templates.setLinkBuilder(new PlainLinks());
    }

    @Override
    public void addArgumentResolvers(List<HandlerMethodArgumentResolver> resolvers) {
        resolvers.add(new FormOfPartsArgument());
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(once);
        registry.addInterceptor(reading);
    }
}
